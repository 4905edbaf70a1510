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
        TextInputControl day = robot.lookup("#pairing-day").query();
        assertThat(day.getText()).as("to be corrected").isEqualTo("the fourth");
        robot.interact(() -> robot.lookup("#pairing-note").query().requestFocus());
        assertThat(day.getText()).isEmpty();
        for (int i = 0; i < 3; i++) {
            robot.interact(() -> bench.repertoire().undo());
        }
        until(() -> kept().pairings().get(0).black().name().equals("Bo Lnd"));
        assertThat(ann.name()).isEqualTo("Ann Ek");
    }

    @Test
    void a_tournament_is_looked_at_for_anybody_renamed_removed_and_brought_back(FxRobot robot)
            throws Exception {
        page(robot);
        bring(robot, "Cup\nRound 1\nAnn Ek – Bo Lind 1-0\nCy – Di Oy\nRound 2\nDi Oy – Ann Ek");
        until(() -> rows(robot) == 2);
        ComboBox<String> player = robot.lookup("#round-player").query();
        assertThat(player.getItems()).startsWith("All pairings", "Ann Ek").hasSize(5);
        robot.interact(() -> player.setValue("All pairings"));
        until(() -> rows(robot) == 3);
        click(robot, "#round-prepare");
        until(() -> message(robot).contains("for whom"));
        robot.interact(() -> player.setValue("Di Oy"));
        until(() -> rows(robot) == 2);
        assertThat(robot.lookup("#pairing-white").<TextInputControl>query().getText())
                .as("the next round is chosen")
                .isEqualTo("Cy");

        robot.interact(() -> bench.runCommand("Rename the tournament …"));
        until(() -> isShown(robot, "#question-text"));
        robot.interact(
                () ->
                        robot.lookup("#question-text")
                                .<TextInputControl>query()
                                .setText("Harbour Cup"));
        click(robot, "#question-ok");
        until(() -> kept().title().equals("Harbour Cup"));
        robot.interact(() -> bench.runCommand("Remove the tournament"));
        until(() -> services.library().tournaments().all().isEmpty());
        until(() -> rows(robot) == 0);
        robot.interact(() -> bench.repertoire().undo());
        until(() -> kept().title().equals("Harbour Cup"));
        until(() -> rows(robot) > 0);
    }

    @Test
    void a_table_tells_what_it_cannot_read_before_anything_is_brought_in(FxRobot robot)
            throws Exception {
        page(robot);
        robot.interact(() -> bench.runCommand("Read a table of pairings …"));
        until(() -> isShown(robot, "#table-text"));
        assertThat(robot.lookup("#table-bring").query().isDisabled()).isTrue();
        TextInputControl text = robot.lookup("#table-text").query();
        robot.interact(() -> text.setText("Round 1\nAnn Ek met Bo Lind"));
        assertThat(label(robot, "#table-told")).contains("0 pairings read", "line 2: there are no");
        assertThat(robot.lookup("#table-bring").query().isDisabled()).isTrue();
        robot.interact(() -> text.setText("Round 1\nAnn Ek – Bo Lind"));
        assertThat(label(robot, "#table-told")).isEqualTo("1 pairing read.");
        click(robot, "#table-bring");
        assertThat(label(robot, "#table-told")).as("a new one needs a name").contains("Name the");
        robot.interact(
                () -> robot.lookup("#table-title").<TextInputControl>query().setText("Match"));
        click(robot, "#table-bring");
        until(() -> kept().title().equals("Match"));
        robot.interact(() -> bench.runCommand("Read a table of pairings …"));
        until(() -> isShown(robot, "#table-text"));
        robot.type(KeyCode.ESCAPE);
        until(() -> !isShown(robot, "#table-card"));
        assertThat(kept().size()).isEqualTo(1);
    }

    private static int rows(FxRobot robot) {
        return robot.lookup("#rounds").<TableView<?>>query().getItems().size();
    }

    private static void edit(FxRobot robot, String id, String text) {
        TextInputControl field = robot.lookup(id).query();
        robot.interact(field::requestFocus);
        robot.interact(() -> field.setText(text));
        robot.type(KeyCode.ENTER);
    }
}
