package org.zeroply.desktop.review;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import javafx.css.PseudoClass;
import javafx.geometry.Pos;
import javafx.scene.AccessibleRole;
import javafx.scene.control.Button;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.MenuButton;
import javafx.scene.control.TextArea;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import org.zeroply.chess.board.Side;
import org.zeroply.chess.tree.Node;
import org.zeroply.chess.tree.Verdict;
import org.zeroply.coach.review.MoveReview;
import org.zeroply.desktop.controls.Command;
import org.zeroply.desktop.controls.Menus;
import org.zeroply.desktop.controls.Widgets;
import org.zeroply.desktop.sheet.LineSheetView;
import org.zeroply.desktop.texts.Texts;
import org.zeroply.engine.analysis.Score;
import org.zeroply.library.review.ReviewStore;

/**
 * One moment: a row, and under it, when it is looked at, why, the lines, and what to do with it.
 */
final class MomentView extends VBox {

    private final ReviewModel model;
    private final MomentCard moment;
    private final MomentActions actions;

    /**
     * @param sheet the sheet of lines, which is put under the row that is open
     */
    MomentView(
            ReviewModel model,
            MomentCard moment,
            boolean open,
            LineSheetView sheet,
            MomentActions actions) {
        super(6);
        this.model = model;
        this.moment = moment;
        this.actions = actions;
        setId("moment-" + moment.number());
        getStyleClass().add("moment");
        pseudoClassStateChanged(PseudoClass.getPseudoClass("open"), open);
        getChildren().add(heading());
        boolean hidden = model.isHidden(moment);
        if (open && hidden) {
            getChildren().addAll(Widgets.wrapped(question(), "plain"), answer());
        } else if (open) {
            Label why =
                    Widgets.wrapped(
                            moment.said(), moment.words().isEmpty() ? "plain" : "coach-words");
            why.setId("moment-text");
            getChildren().addAll(why, answer(), sheet, judged(), comment(), bar());
        }
    }

    private HBox heading() {
        boolean hidden = model.isHidden(moment);
        Label number = new Label(String.valueOf(moment.number()));
        number.getStyleClass().addAll("moment-number", kind());
        number.setMinWidth(Region.USE_PREF_SIZE);
        String name = hidden ? move() : moment.played();
        Label played = new Label(name);
        played.getStyleClass().add("moment-move");
        Label title = Widgets.wrapped(hidden ? "" : moment.moment().title(), "faded");
        Region gap = new Region();
        HBox.setHgrow(gap, Priority.ALWAYS);
        Label figures = new Label(hidden ? "" : figures());
        figures.getStyleClass().add("faded");
        HBox row = Widgets.row(number, played, title, gap, figures);
        row.setAlignment(Pos.CENTER_LEFT);
        row.getStyleClass().add("moment-row");
        row.setFocusTraversable(true);
        row.setAccessibleRole(AccessibleRole.BUTTON);
        row.setAccessibleText(Texts.of("review.moment", moment.number(), name, title.getText()));
        row.setOnMouseClicked(e -> model.select(moment));
        Menus.offer(row, this::commands);
        row.setOnKeyPressed(
                e -> {
                    if (e.getCode() == KeyCode.ENTER || e.getCode() == KeyCode.SPACE) {
                        model.select(moment);
                        e.consume();
                    }
                });
        return row;
    }

    /**
     * What the card's buttons do, where the hand is; nothing that would tell while it is hidden.
     */
    private List<Command> commands() {
        List<Command> all = new ArrayList<>();
        all.add(Command.of(Texts.of("review.show-the-moment"), () -> model.select(moment)));
        if (!model.isHidden(moment)) {
            all.add(Menus.LINE);
            all.add(Command.of(keeping(), () -> model.keep(moment)));
            all.add(Command.of(dismissing(), () -> model.dismiss(moment)));
            all.add(
                    Command.of(
                            Texts.of("review.set-as-exercise"),
                            () -> actions.setAsExercise(moment)));
        }
        return all;
    }

    private String keeping() {
        return moment.decision() == ReviewStore.Decision.KEPT
                ? Texts.of("review.open-again")
                : Texts.of("review.keep");
    }

    private String dismissing() {
        return moment.isDismissed() ? Texts.of("review.take-back") : Texts.of("review.dismiss");
    }

    private String kind() {
        return moment.moment().kind().isError() ? "error" : "praise";
    }

    /** Who is to move, without the move. */
    private String move() {
        var position = moment.moment().move().position();
        return Texts.of("review.move", position.fullmoveNumber(), position.sideToMove().word());
    }

    private String figures() {
        MoveReview move = moment.moment().move();
        String loss =
                move.loss().points() < 0.5
                        ? ""
                        : String.format(
                                Locale.ROOT, Texts.of("review.points"), move.loss().points());
        return switch (moment.decision()) {
            case OPEN -> loss;
            case KEPT -> Texts.of("review.kept", loss);
            case DISMISSED -> Texts.of("review.dismissed", loss);
        };
    }

    private String question() {
        return Texts.of("review.to-move-what-would-you", moment.moment().move().side().word());
    }

    private Label answer() {
        Label answer = Widgets.wrapped("", "earned");
        answer.setId("guess-answer");
        answer.textProperty().bind(model.answerProperty());
        answer.managedProperty().bind(answer.textProperty().isNotEmpty());
        return answer;
    }

    // ---- The engine's verdict and the coach's ---------------------------------------------------

    private HBox judged() {
        MoveReview move = moment.moment().move();
        String engine =
                String.format(
                        Locale.ROOT,
                        Texts.of("review.engine-with-expected-after"),
                        move.before().verdict(move.side() == Side.WHITE).symbol(),
                        white(move).text(),
                        move.better(),
                        move.side().word(),
                        move.before().points(),
                        move.san(),
                        move.after().points());
        Label label = Widgets.wrapped(engine, "faded");
        Region gap = new Region();
        HBox.setHgrow(gap, Priority.ALWAYS);
        Label yours = new Label(Texts.of("review.yours"));
        yours.setMinWidth(Region.USE_PREF_SIZE);
        HBox row = Widgets.row(label, gap, Widgets.together(yours, verdict()));
        row.setAlignment(Pos.CENTER_LEFT);
        return row;
    }

    /** Scores are printed from White's view everywhere. */
    private static Score white(MoveReview move) {
        return move.side() == Side.WHITE ? move.best().score() : move.best().score().negated();
    }

    private ComboBox<Optional<Verdict>> verdict() {
        ComboBox<Optional<Verdict>> verdict = new ComboBox<>();
        verdict.setId("moment-verdict");
        verdict.setAccessibleText(Texts.of("review.your-verdict-on-the-move"));
        verdict.setMinWidth(110);
        verdict.getItems().add(Optional.empty());
        for (Verdict v : Verdict.values()) {
            verdict.getItems().add(Optional.of(v));
        }
        Widgets.texts(verdict, item -> item.map(v -> v.symbol() + "  " + v.words()).orElse("none"));
        Optional<Node> node = model.node(moment);
        verdict.setDisable(node.isEmpty());
        verdict.setValue(node.flatMap(n -> n.annotation().verdict()));
        verdict.setOnAction(
                e -> node.ifPresent(n -> model.game().editor().verdict(n, verdict.getValue())));
        return verdict;
    }

    /** The coach's comment on the move, which is part of the game. */
    private TextField comment() {
        TextField field = new TextField();
        field.setId("moment-comment");
        field.setPromptText(Texts.of("review.your-words-on-this-move"));
        field.setAccessibleText(Texts.of("review.your-comment-on-the-move"));
        Optional<Node> node = model.node(moment);
        field.setDisable(node.isEmpty());
        field.setText(node.map(n -> n.annotation().after()).orElse(""));
        Runnable save =
                () ->
                        node.filter(n -> n.isWithin(model.game().tree().root()))
                                .filter(
                                        n ->
                                                !n.annotation()
                                                        .after()
                                                        .equals(field.getText().strip()))
                                .ifPresent(n -> model.game().editor().comment(n, field.getText()));
        field.setOnAction(e -> save.run());
        field.focusedProperty().addListener((o, was, is) -> save.run());
        return field;
    }

    // ---- What to do with it ---------------------------------------------------------------------

    private HBox bar() {
        HBox bar =
                Widgets.row(
                        Widgets.button("moment-keep", keeping(), () -> model.keep(moment)),
                        Widgets.button("moment-dismiss", dismissing(), () -> model.dismiss(moment)),
                        Widgets.button("moment-reword", Texts.of("review.reword"), this::reword),
                        Widgets.button(
                                "moment-exercise",
                                Texts.of("review.set-as-exercise"),
                                () -> actions.setAsExercise(moment)),
                        students());
        bar.setAlignment(Pos.CENTER_LEFT);
        return bar;
    }

    private MenuButton students() {
        MenuButton menu =
                Menus.button(
                        "moment-student",
                        Texts.of("review.to-a-student"),
                        actions.students().stream()
                                .map(s -> Command.of(s.name(), () -> actions.addToFile(moment, s)))
                                .toList());
        menu.setAccessibleText(Texts.of("review.put-it-into-a-students"));
        menu.setDisable(menu.getItems().isEmpty());
        return menu;
    }

    /** The words become a field to type in; leaving it keeps them. */
    private void reword() {
        TextArea area = new TextArea(moment.said());
        Widgets.tabLeaves(area);
        area.setId("moment-words");
        area.setWrapText(true);
        area.setPrefRowCount(3);
        area.setAccessibleText(Texts.of("review.your-words-for-this-moment"));
        Button done =
                Widgets.button(
                        "moment-words-done",
                        Texts.of("review.done"),
                        () -> model.reword(moment, area.getText()));
        Button theirs =
                Widgets.button(
                        "moment-words-back",
                        Texts.of("review.the-programs-words"),
                        () -> model.reword(moment, moment.moment().text()));
        HBox bar = Widgets.row(done, theirs);
        int at = 1;
        getChildren().set(at, area);
        getChildren().add(at + 1, bar);
        area.requestFocus();
        area.end();
    }
}
