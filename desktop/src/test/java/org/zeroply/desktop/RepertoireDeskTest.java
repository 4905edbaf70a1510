package org.zeroply.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.File;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import javafx.event.ActionEvent;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.ListView;
import javafx.scene.control.TableView;
import javafx.scene.control.TextArea;
import javafx.scene.control.TextField;
import javafx.scene.input.Clipboard;
import javafx.scene.input.ClipboardContent;
import javafx.scene.input.KeyCode;
import javafx.stage.Stage;
import org.junit.jupiter.api.Test;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.Start;
import org.zeroply.chess.notation.PgnWriter;
import org.zeroply.coach.repertoire.Repertoire;
import org.zeroply.coach.training.drill.Question;
import org.zeroply.coach.training.drill.Recall;
import org.zeroply.desktop.repertoire.DrillModel;
import org.zeroply.desktop.repertoire.RepertoireModel;
import org.zeroply.library.sheet.SheetKind;
import org.zeroply.library.sheet.SheetQuery;
import org.zeroply.library.student.Student;

/** Drives the Repertoire desk in the real window. */
class RepertoireDeskTest extends WindowTest {

    private static final String CHAPTER =
            """
            [Event "Open games"]
            [ZpSide "white"]

            1. e4 {[%zp.idea Take the centre.]} e5 (1... c6 2. d4) 2. Nf3 {[%zp.must] [%zp.idea Attack
            e5.]} Nc6 3. Bb5 *

            """;

    @Start
    void start(Stage shown) {
        begin(shown);
    }

    private RepertoireModel model() {
        return bench.repertoire().model();
    }

    private DrillModel drill() {
        return bench.repertoire().drill();
    }

    /** The desk with a chapter, the club game in the library, and a student who may learn. */
    private Student opened(FxRobot robot) throws Exception {
        importGame(robot);
        Student student = services.library().students().add("Ilse Marram", 1880);
        services.library().sheets().add(CHAPTER);
        click(robot, "#desk-repertoire");
        until(() -> model().viewProperty().get().isPresent() && model().session().id().isPresent());
        until(() -> isOnSheet(robot, 1, "e4"));
        return student;
    }

    private static List<String> findings(FxRobot robot, String id) {
        return robot.lookup(id).<ListView<?>>query().getItems().stream()
                .map(Object::toString)
                .toList();
    }

    private String chapter() {
        return PgnWriter.write(model().session().tree()).replace('\n', ' ');
    }

    @Test
    void a_gap_of_the_audit_leads_to_its_spot_and_is_answered_there(FxRobot robot)
            throws Exception {
        opened(robot);
        services.library().sheets().add("[White \"A\"]\n[Result \"*\"]\n\n1. e4 d5 2. exd5 *\n\n");
        robot.interact(() -> model().readAll());
        click(robot, "#repertoire-tasks");
        until(() -> findings(robot, "#findings").stream().anyMatch(f -> f.contains("1.e4 d5")));
        ListView<?> list = robot.lookup("#findings").query();
        robot.interact(() -> list.getSelectionModel().select(0));
        click(robot, "#finding-step");
        until(() -> model().session().current().depth() == 2);
        assertThat(isShown(robot, "#note-idea")).isTrue();
        drag(robot, "e4", "d5");
        until(() -> chapter().contains("1... d5 2. exd5"));
        until(
                () ->
                        model().viewProperty()
                                .get()
                                .orElseThrow()
                                .repertoire()
                                .at(model().session().current().position())
                                .isPresent());
        click(robot, "#repertoire-tasks");
        until(() -> findings(robot, "#findings").stream().noneMatch(f -> f.contains("1.e4 d5]")));
    }

    @Test
    void what_games_did_is_told_for_the_players_asked_for_and_what_cannot_be_is_said(FxRobot robot)
            throws Exception {
        opened(robot);
        add("Anker, Bo", "Quay, Jonas", "1-0", "1. e4 c5 2. Nf3 1-0");
        add("Quay, Jonas", "Anker, Bo", "0-1", "1. e4 e5 2. Nf3 0-1");
        robot.interact(() -> model().session().go(model().session().tree().root()));
        click(robot, "#repertoire-replies");
        asked(robot, "#stat-player", "anker who won", "2 games");
        asked(robot, "#stat-player", "anker as black", "1 game");
        asked(robot, "#stat-player", "anker against quay against tern", "A game has two players");
        asked(robot, "#stat-player", "anker", "2 games");
        asked(robot, "#stat-rating", "high", "A rating is a number");
        asked(robot, "#stat-rating", "", "2 games");
        asked(robot, "#stat-from", "20x4", "A date is a year");
    }

    private void add(String white, String black, String result, String moves) {
        services.library()
                .sheets()
                .add(
                        "[White \"%s\"]\n[Black \"%s\"]\n[Result \"%s\"]\n\n%s\n"
                                .formatted(white, black, result, moves));
    }

    /** Types something and waits for the number of games, or for why there is none. */
    private void asked(FxRobot robot, String field, String typed, String told) throws Exception {
        TextField text = robot.lookup(field).query();
        robot.interact(
                () -> {
                    text.setText(typed);
                    text.fireEvent(new ActionEvent());
                });
        until(
                () -> {
                    ComboBox<?> sample = robot.lookup("#stat-sample").query();
                    TableView<?> moves = robot.lookup("#statistics").query();
                    String empty = ((Label) moves.getPlaceholder()).getText();
                    return moves.getItems().isEmpty()
                            ? empty.startsWith(told)
                            : sample.getPromptText().equals(told);
                });
    }

    @Test
    void what_a_merge_would_bring_is_told_first_and_can_be_taken_back(FxRobot robot)
            throws Exception {
        opened(robot);
        String before = chapter();
        click(robot, "#repertoire-merge");
        robot.interact(
                () -> {
                    ClipboardContent text = new ClipboardContent();
                    text.putString("1. e4 e5 2. Bc4 Nf6 3. d3 *");
                    Clipboard.getSystemClipboard().setContent(text);
                });
        click(robot, "#merge-paste");
        until(() -> !findings(robot, "#merge-plan").isEmpty());
        assertThat(findings(robot, "#merge-plan").toString())
                .contains("Conflict", "Nf3 is recommended, Bc4 would come in", "1.e4 e5 2.Bc4");
        assertThat(chapter()).as("nothing has changed yet").isEqualTo(before);
        click(robot, "#merge");
        until(() -> chapter().contains("2. Bc4 Nf6 3. d3"));
        assertThat(message(robot)).contains("3 moves brought in");
        robot.interact(
                () -> {
                    while (model().session().editor().canUndo()) {
                        model().session().editor().undo();
                    }
                });
        assertThat(chapter()).isEqualTo(before);
    }

    @Test
    void a_drill_is_done_with_the_keyboard_alone_and_remembered(FxRobot robot) throws Exception {
        Student student = opened(robot);
        robot.interact(() -> model().read());
        until(() -> model().students().contains(student));
        robot.interact(() -> model().studentProperty().set(Optional.of(student)));
        until(() -> model().viewProperty().get().orElseThrow().learning().club().size() == 1);
        until(() -> model().chapters().get(0).standing().isPresent());
        robot.press(KeyCode.ALT).press(KeyCode.DIGIT5).release(KeyCode.DIGIT5, KeyCode.ALT);
        until(() -> isShown(robot, "#drill-begin"));
        robot.interact(() -> robot.lookup("#board").query().requestFocus());
        robot.type(KeyCode.SPACE);
        until(drill()::isRunning);
        assertThat(bench.repertoire().isOpenBook()).as("no engine while learning").isFalse();
        typed(robot, "d4");
        until(() -> drill().shownProperty().get().said().contains("Take the centre"));
        assertThat(drill().shownProperty().get().said())
                .as("the idea, not the move")
                .doesNotContain("e4");
        typed(robot, "e4");
        until(() -> drill().shownProperty().get().said().startsWith("Right"));
        for (int i = 0; i < 40 && drill().isRunning(); i++) {
            answer(robot);
        }
        until(() -> !drill().isRunning());
        assertThat(drill().shownProperty().get().said()).contains("Nothing more is due today");
        services.scheduler().library(() -> true, done -> {});
        until(
                () ->
                        services.library().recall().all(student.id()).size()
                                == model().viewProperty()
                                        .get()
                                        .orElseThrow()
                                        .learning()
                                        .questions()
                                        .all()
                                        .size());
        Recall first =
                services.library().recall().all(student.id()).entrySet().stream()
                        .filter(e -> e.getKey().startsWith("move rnbqkbnr/pppppppp/8"))
                        .findFirst()
                        .orElseThrow()
                        .getValue();
        assertThat(first.asked()).isEqualTo(1);
        assertThat(first.rightFirst()).as("it was found at the second try").isZero();
    }

    private void typed(FxRobot robot, String move) throws Exception {
        if (!robot.lookup("#drill-move").query().isFocused()) {
            robot.type(KeyCode.ENTER);
        }
        robot.write(move);
        robot.type(KeyCode.ENTER);
        until(() -> true);
    }

    /** Answers what is asked rightly, with keys. */
    private void answer(FxRobot robot) throws Exception {
        DrillModel.Shown shown = drill().shownProperty().get();
        if (shown.stage() != DrillModel.Stage.ASKING) {
            robot.type(KeyCode.SPACE);
        } else if (drill().awaitsMove()) {
            typed(robot, san());
        } else {
            int right = shown.choices().indexOf(asked().answer());
            robot.type(KeyCode.getKeyCode(String.valueOf(right + 1)));
        }
        until(() -> !drill().shownProperty().get().equals(shown) || !drill().isRunning());
    }

    private Question asked() {
        var view = model().viewProperty().get().orElseThrow();
        return view
                .learning()
                .questions()
                .at(view.repertoire().at(drill().session().current().position()).orElseThrow())
                .stream()
                .filter(q -> !(q instanceof Question.WhichMove))
                .findFirst()
                .orElseThrow();
    }

    private String san() {
        var view = model().viewProperty().get().orElseThrow();
        var spot = view.repertoire().at(drill().session().current().position()).orElseThrow();
        return org.zeroply.chess.notation.San.write(spot.position(), view.next(spot).get(0));
    }

    @Test
    void a_card_is_built_by_pressing_squares_and_an_idea_is_kept(FxRobot robot) throws Exception {
        opened(robot);
        robot.interact(() -> model().session().toEnd());
        click(robot, "#note-idea");
        robot.write("Give the bishop for the knight");
        robot.type(KeyCode.ENTER);
        until(() -> chapter().contains("zp.idea Give the bishop for the knight"));
        click(robot, "#note-card");
        until(() -> isShown(robot, "#card-man"));
        press(robot, "c6");
        click(robot, "#card-possible");
        press(robot, "b5");
        press(robot, "c6");
        click(robot, "#card-play");
        press(robot, "b5");
        press(robot, "c6");
        TextArea text = robot.lookup("#card-text").query();
        assertThat(text.getText())
                .isEqualTo("IF black knight on c6 AND move Bxc6 possible THEN play Bxc6");
        assertThat(label(robot, "#card-state")).contains("It reads well");
        click(robot, "#card-try");
        until(() -> label(robot, "#card-tried").startsWith("It applied in"));
        click(robot, "#card-keep");
        until(() -> chapter().replaceAll("\\s+", " ").contains("[%zp.card IF black knight on c6"));
        restart(robot);
        String stored =
                services.library().sheets().find(SheetQuery.all(SheetKind.REPERTOIRE)).stream()
                        .map(r -> PgnWriter.write(services.library().sheets().load(r.id())))
                        .findFirst()
                        .orElseThrow();
        assertThat(stored.replace('\n', ' ')).contains("THEN play Bxc6", "Give the bishop");
    }

    @Test
    void the_booklet_holds_the_lines_and_what_is_said(FxRobot robot) throws Exception {
        opened(robot);
        Repertoire repertoire = model().viewProperty().get().orElseThrow().repertoire();
        Path file = folder.resolve("booklet.html");
        robot.interact(() -> bench.repertoire().saveBooklet(repertoire, new File(file.toString())));
        until(() -> message(robot).contains("booklet.html"));
        assertThat(Files.readString(file)).contains("Open games", "2.Nf3", "Attack e5.");
    }
}
