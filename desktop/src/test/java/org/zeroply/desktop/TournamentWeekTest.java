package org.zeroply.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import javafx.scene.control.ComboBox;
import javafx.scene.control.ListView;
import javafx.scene.control.TableView;
import javafx.scene.control.TextInputControl;
import javafx.scene.input.Clipboard;
import javafx.scene.input.ClipboardContent;
import javafx.scene.input.KeyCode;
import javafx.stage.Stage;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.Start;
import org.zeroply.chess.notation.PgnWriter;
import org.zeroply.coach.repertoire.tournament.Tournament;
import org.zeroply.desktop.controls.Remark;
import org.zeroply.library.sheet.SheetKind;
import org.zeroply.library.student.Student;

/** A week of a tournament in the real window: the table, the evening before, the game after. */
class TournamentWeekTest extends WindowTest {

    private static final String CHAPTER =
            """
            [Event "Open games"]
            [ZpSide "white"]

            1. e4 e5 (1... c5 2. Nf3 d6 3. d4 cxd4 4. Nxd4) 2. Nf3 Nc6 3. Bb5 a6 4. Ba4 *
            """;

    @TempDir private Path folder;
    private Student ann;

    @Start
    void start(Stage shown) {
        begin(
                shown,
                library -> {
                    ann = library.students().add("Ann Ek", 2105);
                    library.sheets().add(CHAPTER);
                    library.sheets()
                            .add(
                                    "[White \"Di Oy\"]\n[Black \"Lind, Bo\"]\n[Result \"1-0\"]\n\n"
                                            + "1. e4 c5 2. Nf3 d6 3. d4 cxd4 4. Nxd4 Nf6 1-0\n");
                });
    }

    private Tournament kept() {
        var all = services.library().tournaments().all();
        return all.isEmpty()
                ? new Tournament("", List.of())
                : services.library().tournaments().load(all.get(0).id());
    }

    private static List<Remark> told(FxRobot robot) {
        return robot.lookup("#round-findings").<ListView<Remark>>query().getItems();
    }

    private static boolean tells(FxRobot robot, String kind, String text) {
        return told(robot).stream().anyMatch(r -> r.kind().equals(kind) && r.text().contains(text));
    }

    private void choose(FxRobot robot, String kind) {
        ListView<Remark> list = robot.lookup("#round-findings").query();
        robot.interact(
                () -> {
                    list.requestFocus();
                    list.getSelectionModel()
                            .select(
                                    list.getItems().stream()
                                            .filter(r -> r.kind().equals(kind))
                                            .findFirst()
                                            .orElseThrow());
                });
    }

    private void page(FxRobot robot) throws Exception {
        click(robot, "#desk-repertoire");
        until(() -> bench.repertoire().model().viewProperty().get().isPresent());
        robot.press(KeyCode.ALT).press(KeyCode.DIGIT8).release(KeyCode.DIGIT8, KeyCode.ALT);
        until(() -> isShown(robot, "#rounds"));
    }

    /** Types a table into the card, as one pastes it, and brings it in. */
    private void bring(FxRobot robot, String text) throws Exception {
        robot.interact(() -> bench.runCommand("Read a table of pairings …"));
        until(() -> isShown(robot, "#table-text"));
        robot.interact(
                () -> ((TextInputControl) robot.lookup("#table-text").query()).setText(text));
        click(robot, "#table-bring");
        until(() -> !isShown(robot, "#table-card"));
    }

    @Test
    void a_week_goes_from_the_table_to_the_sheet_the_drill_and_the_changed_repertoire(FxRobot robot)
            throws Exception {
        page(robot);
        bring(
                robot,
                "Harbour Cup\nRound 1, 2026-03-01\nAnn Ek (2105) – Bo Lind (1990)\nCy – Di Oy 1-0\n???");
        until(() -> kept().size() == 2);
        assertThat(kept().title()).isEqualTo("Harbour Cup");
        assertThat(message(robot)).contains("1 line not read");
        until(() -> "Ann Ek".equals(robot.lookup("#round-player").<ComboBox<?>>query().getValue()));
        assertThat(robot.lookup("#rounds").<TableView<?>>query().getItems()).hasSize(1);

        click(robot, "#round-prepare");
        until(() -> tells(robot, "Opponent", "1 game with Black"));
        assertThat(tells(robot, "Repeat", "3.d4 cxd4 4.Nxd4")).isTrue();
        choose(robot, "Repeat");
        until(() -> bench.repertoire().model().session().current().depth() == 6);

        Path sheet = folder.resolve("round.pdf");
        robot.interact(() -> bench.repertoire().saveRound(sheet.toFile()));
        until(() -> Files.exists(sheet) && Files.size(sheet) > 1000);

        click(robot, "#round-repeat");
        until(() -> bench.repertoire().drill().awaitsMove());
        assertThat(bench.repertoire().page()).isEqualTo("Learn");
        robot.interact(() -> bench.repertoire().drill().stop());
        robot.interact(() -> bench.repertoire().showPage("Prepare"));

        robot.interact(
                () -> {
                    ClipboardContent content = new ClipboardContent();
                    content.putString("1. e4 c5 2. Nf3 e6 3. d4 cxd4 4. Nxd4 a6 0-1");
                    Clipboard.getSystemClipboard().setContent(content);
                });
        robot.interact(() -> bench.runCommand("Paste the game"));
        until(() -> tells(robot, "Repertoire", "They left it: 1.e4 c5 2.Nf3 e6"));
        until(() -> kept().of("Ann Ek", 1).orElseThrow().result().equals("0-1"));
        until(() -> tells(robot, "To add", "2.Nf3 e6"));
        choose(robot, "To add");
        click(robot, "#round-step");
        long chapter = services.library().sheets().newest(SheetKind.REPERTOIRE).orElseThrow();
        until(() -> line(chapter).contains("2... e6"));
    }

    private String line(long chapter) {
        return PgnWriter.write(services.library().sheets().load(chapter)).replaceAll("\\s+", " ");
    }

    @Test
    void results_names_and_words_are_written_by_hand_and_taken_back(FxRobot robot)
            throws Exception {
        page(robot);
        robot.interact(() -> robot.lookup("#round-type").query().requestFocus());
        robot.interact(
                () ->
                        robot.lookup("#round-type")
                                .<TextInputControl>query()
                                .setText("1. Ann Ek – Bo Lnd"));
        robot.type(KeyCode.ENTER);
        until(() -> kept().size() == 1);
        until(() -> isShown(robot, "#rounds .table-row-cell:filled"));
        edit(robot, "#pairing-black", "Bo Lind (1990)");
        edit(robot, "#pairing-note", "Be patient.");
        robot.interact(
                () -> robot.lookup("#pairing-result").<ComboBox<String>>query().setValue("½–½"));
        until(() -> kept().pairings().get(0).result().equals("1/2-1/2"));
        assertThat(kept().pairings().get(0).black().words()).isEqualTo("Bo Lind (1990)");
        assertThat(kept().pairings().get(0).note()).isEqualTo("Be patient.");
        edit(robot, "#pairing-day", "the fourth");
        until(() -> message(robot).contains("no day"));
        assertThat(robot.lookup("#pairing-day").<TextInputControl>query().getText()).isEmpty();
        for (int i = 0; i < 3; i++) {
            robot.interact(() -> bench.repertoire().undo());
        }
        until(() -> kept().pairings().get(0).black().name().equals("Bo Lnd"));
        assertThat(ann.name()).isEqualTo("Ann Ek");
    }

    private static void edit(FxRobot robot, String id, String text) {
        TextInputControl field = robot.lookup(id).query();
        robot.interact(field::requestFocus);
        robot.interact(() -> field.setText(text));
        robot.type(KeyCode.ENTER);
    }
}
