package org.zeroply.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import javafx.scene.control.Button;
import javafx.scene.control.TextArea;
import javafx.scene.input.KeyCode;
import javafx.stage.Stage;
import org.junit.jupiter.api.Test;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.Start;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.board.Square;
import org.zeroply.chess.tree.Mark;
import org.zeroply.desktop.board.BoardOverlay;

/** Drives every page of the Lab in the real window. */
class LabTest extends WindowTest {

    @Start
    void start(Stage shown) {
        begin(shown);
    }

    private static final String OUTPOST = "r4rk1/1p3ppp/p2p4/4p3/4P3/2N3P1/PP3P1P/R4RK1 w - - 0 20";

    private void open(FxRobot robot, String fen) throws Exception {
        robot.interact(() -> bench.games().analyse(Position.fromFen(fen)));
        click(robot, "#desk-lab");
        until(() -> isShown(robot, "#facts"));
    }

    private BoardOverlay overlay() {
        return bench.lab().overlay().getValue();
    }

    private static javafx.scene.Node fact(FxRobot robot, String part) {
        return robot.lookup(".fact").queryAll().stream()
                .filter(n -> n.getAccessibleText().contains(part))
                .findFirst()
                .orElseThrow();
    }

    private static boolean hasFact(FxRobot robot, String part) {
        return robot.lookup(".fact").queryAll().stream()
                .anyMatch(n -> n.getAccessibleText().contains(part));
    }

    @Test
    void a_fact_is_drawn_when_pointed_at_and_pinned_to_the_note_with_its_marks(FxRobot robot)
            throws Exception {
        open(robot, OUTPOST);
        until(() -> hasFact(robot, "outpost d5"));
        robot.interact(() -> fact(robot, "outpost d5").requestFocus());
        Mark route = new Mark(Mark.Meaning.ROUTE, List.of(Square.parse("c3"), Square.parse("d5")));
        assertThat(overlay().marks()).contains(route);
        robot.type(KeyCode.P);
        var annotation = bench.games().session().current().annotation();
        assertThat(annotation.after()).startsWith("White: outpost d5 within reach");
        assertThat(annotation.marks()).contains(route);
        click(robot, "#lab-note");
        TextArea note = robot.lookup("#note-text").query();
        assertThat(note.getText()).contains("outpost d5");
        write(robot, "#note-text", " Go there!");
        click(robot, "#lab-facts");
        assertThat(bench.games().session().current().annotation().after()).contains("Go there!");
        robot.interact(() -> bench.games().session().editor().undo());
        robot.interact(() -> bench.games().session().editor().undo());
        assertThat(bench.games().session().current().annotation().after()).isEmpty();
    }

    @Test
    void searched_facts_come_by_themselves_and_their_line_goes_into_the_sheet(FxRobot robot)
            throws Exception {
        open(robot, "r3k3/8/8/3N4/8/8/8/4K3 w - - 0 1");
        until(() -> hasFact(robot, "Nc7+: knight c7 attacks"));
        robot.interact(() -> fact(robot, "Nc7+: knight c7 attacks").requestFocus());
        robot.type(KeyCode.L);
        assertThat(bench.games().session().tree().nodes().size()).isGreaterThan(2);
        until(() -> label(robot, "#facts-searching").isEmpty());
        open(robot, "2b1q3/2p1bkp1/p2p2Np/2pP4/1r2Q3/2N3P1/P1P2P1P/4RRK1 w - - 0 1");
        until(() -> hasFact(robot, "Qxe7+") && label(robot, "#facts-searching").isEmpty());
        assertThat(hasFact(robot, "the checks run out")).isFalse();
        robot.interact(() -> robot.lookup("#more-tactics-white").queryButton().fire());
        assertThat(hasFact(robot, "the checks run out")).isTrue();
    }

    @Test
    void changes_are_told_for_a_move_and_for_a_whole_line(FxRobot robot) throws Exception {
        importGame(robot);
        click(robot, "#desk-lab");
        click(robot, "#to-start");
        click(robot, "#lab-changes");
        until(() -> hasFact(robot, "") || isShown(robot, "#changes"));
        click(robot, "#compare-from");
        click(robot, "#step-on");
        click(robot, "#step-on");
        until(() -> isShown(robot, "#changes"));
        assertThat(robot.lookup("#changes .fact-group").queryLabeled().getText())
                .isEqualTo("What has changed since the start");
        click(robot, "#compare-last");
        assertThat(robot.lookup("#changes .fact-group").queryLabeled().getText())
                .isEqualTo("What e5 changed");
        robot.interact(
                () ->
                        bench.games()
                                .analyse(Position.fromFen("4k3/8/8/8/8/2b5/PP1P4/4K3 w - - 0 1")));
        until(() -> isShown(robot, "#structure-bxc3") && isShown(robot, "#structure-dxc3"));
        assertThat(robot.lookup("#structure-table .number").queryAll()).isNotEmpty();
    }

    @Test
    void what_a_move_concedes_stands_first_and_small_changes_wait_to_be_asked_for(FxRobot robot)
            throws Exception {
        robot.interact(
                () ->
                        bench.games()
                                .analyse(
                                        Position.fromFen(
                                                "rnbqkbnr/pp2pppp/3p4/2p5/4P3/5N2/PPPP1PPP/RNBQKB1R"
                                                        + " b KQkq - 0 3")));
        robot.interact(() -> bench.games().session().play(Square.parse("e7"), Square.parse("e5")));
        click(robot, "#desk-lab");
        click(robot, "#lab-changes");
        until(() -> hasFact(robot, "gives up d5 for good"));
        assertThat(robot.lookup("#changes .come").query().getAccessibleText())
                .contains("gives up d5 for good");
        int shown = robot.lookup("#changes .come").queryAll().size();
        robot.interact(() -> robot.lookup(".more-changes").queryButton().fire());
        assertThat(robot.lookup("#changes .come").queryAll()).hasSizeGreaterThan(shown);
    }

    @Test
    void squares_answer_on_the_board(FxRobot robot) throws Exception {
        open(robot, OUTPOST);
        click(robot, "#lab-squares");
        click(robot, "#map-who");
        assertThat(overlay().signs()).containsEntry(Square.parse("d5"), "+2");
        press(robot, "d5");
        assertThat(label(robot, "#contest-answer")).startsWith("d5: White pawn e4, knight c3");
        write(robot, "#route-squares", "c3 e6");
        robot.type(KeyCode.ENTER);
        assertThat(label(robot, "#route-answer")).contains("moves");
        write(robot, "#route-squares", "x");
        robot.type(KeyCode.ENTER);
        assertThat(label(robot, "#route-answer")).startsWith("Write the square of a piece");
        assertThat(label(robot, "#forcing-moves")).contains("White:").contains("Black:");
    }

    @Test
    void an_ending_is_solved_pictured_and_played(FxRobot robot) throws Exception {
        open(robot, "8/8/8/3k4/8/3K4/3P4/8 b - - 0 1");
        click(robot, "#lab-ending");
        click(robot, "#solve-ending");
        until(() -> isShown(robot, "#ending-result"));
        assertThat(label(robot, "#ending-result")).isEqualTo("Black loses, proved exactly");
        click(robot, "#picture-1");
        assertThat(overlay().signs()).containsEntry(Square.parse("d3"), "=");
        click(robot, "#picture-5");
        assertThat(overlay().signs()).containsKey(Square.parse("d5"));
        click(robot, "#play-ending");
        assertThat(label(robot, "#play-message")).contains("hold out");
        press(robot, "d5");
        press(robot, "c5");
        until(() -> bench.games().session().current().depth() == 2);
        click(robot, "#stop-ending");
        assertThat(label(robot, "#play-message")).contains("Nothing was given away");
    }

    @Test
    void a_spoilt_move_is_told_at_once(FxRobot robot) throws Exception {
        open(robot, "8/4k3/8/3K4/3P4/8/8/8 w - - 0 1");
        click(robot, "#lab-ending");
        click(robot, "#solve-ending");
        until(() -> isShown(robot, "#ending-result"));
        click(robot, "#play-ending");
        press(robot, "d5");
        press(robot, "e4");
        until(() -> label(robot, "#play-message").contains("gives the result away"));
    }

    @Test
    void a_note_is_printed_with_its_diagram(FxRobot robot) throws Exception {
        open(robot, OUTPOST);
        click(robot, "#lab-note");
        write(robot, "#note-text", "The knight belongs on d5.");
        Path pdf = folder.resolve("note.pdf");
        Path png = folder.resolve("note.png");
        robot.interact(() -> bench.lab().print(pdf.toFile()));
        until(() -> Files.exists(pdf) && message(robot).startsWith("Printed to"));
        robot.interact(() -> bench.lab().print(png.toFile()));
        until(() -> Files.exists(png) && message(robot).contains("note.png"));
        try (var document = org.apache.pdfbox.Loader.loadPDF(pdf.toFile())) {
            assertThat(document.getNumberOfPages()).isEqualTo(1);
        }
        assertThat(javax.imageio.ImageIO.read(png.toFile()).getWidth()).isEqualTo(4 * 595);
        robot.interact(() -> bench.lab().print(folder.resolve("none/x.pdf").toFile()));
        until(() -> message(robot).contains("cannot be written"));
    }

    @Test
    void a_position_is_sent_here_from_another_desk_but_not_while_somebody_solves(FxRobot robot)
            throws Exception {
        importGame(robot);
        clickMove(robot, 6, "Nf6");
        click(robot, "#set-exercise");
        until(() -> bench.frontName().equals("Exercises") && isShown(robot, "#line-sheet"));
        until(() -> table(robot, "#exercises-table").getItems().size() == 1);
        Position exercise = Position.fromFen(bench.games().session().current().position().fen());
        robot.press(KeyCode.CONTROL).type(KeyCode.B).release(KeyCode.CONTROL);
        until(() -> bench.frontName().equals("Lab"));
        until(() -> bench.games().session().current().position().equals(exercise));
        Button set = robot.lookup("#lab-exercise").queryButton();
        assertThat(set.isDisabled()).isFalse();
        click(robot, "#desk-solve");
        robot.press(KeyCode.CONTROL).type(KeyCode.B).release(KeyCode.CONTROL);
        until(() -> message(robot).contains("would give it away"));
        assertThat(bench.frontName()).isEqualTo("Solve");
    }
}
