package org.zeroply.desktop.solve;

import java.util.Optional;
import java.util.OptionalLong;
import java.util.Random;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import org.zeroply.chess.notation.Line;
import org.zeroply.chess.tree.MoveTree;
import org.zeroply.coach.training.ladder.Rung;
import org.zeroply.desktop.controls.Widgets;
import org.zeroply.desktop.texts.Texts;
import org.zeroply.desktop.work.Services;
import org.zeroply.desktop.work.TreeSession;

/** The ladder: the board stays where it is, the line is only told, and questions are asked. */
final class LadderPage extends VBox {

    private final Services services;
    private final TreeSession session = new TreeSession();
    private final LineChooser chooser;
    private final Label moves = Widgets.wrapped("", "ladder-moves");
    private final Label question = Widgets.wrapped("", "drill-asked");
    private final TextField answer = new TextField();
    private final Label said = Widgets.wrapped("", "drill-said");
    private final VBox asked = new VBox(12);
    private final Random random = new Random();
    private Optional<LadderModel> climb = Optional.empty();

    LadderPage(Services services) {
        super(10);
        this.services = services;
        chooser = new LineChooser(services, "ladder-line");
        moves.setId("ladder-moves");
        question.setId("ladder-question");
        said.setId("ladder-said");
        answer.setId("ladder-answer");
        answer.setPromptText(Texts.of("solve.your-answer-then-enter"));
        answer.setAccessibleText(Texts.of("solve.your-answer"));
        answer.setOnAction(e -> answer());
        HBox.setHgrow(answer, Priority.ALWAYS);
        Button give = Widgets.button("ladder-give", Texts.of("solve.answer"), this::answer);
        asked.getStyleClass().add("drill-page");
        asked.getChildren().addAll(moves, question, Widgets.row(answer, give), said);
        VBox.setVgrow(asked, Priority.ALWAYS);
        getChildren()
                .addAll(
                        Widgets.row(
                                chooser,
                                Widgets.button(
                                        "ladder-begin",
                                        Texts.of("solve.begin-the-climb"),
                                        this::begin)),
                        asked);
        show(Texts.of("solve.choose-a-line-and-begin"));
    }

    TreeSession session() {
        return session;
    }

    void shown() {
        chooser.shown();
    }

    void begin() {
        chooser.tree(
                tree -> {
                    if (tree.mainLine().isEmpty()) {
                        services.messages().say(Texts.of("solve.this-one-has-no-line"));
                        return;
                    }
                    session.open(new MoveTree(tree.start()), OptionalLong.empty());
                    climb = Optional.of(new LadderModel(tree, random));
                    show("");
                    answer.requestFocus();
                });
    }

    private void show(String words) {
        Optional<Rung> rung = climb.flatMap(LadderModel::rung);
        moves.setText(climb.map(LadderModel::moves).orElse(""));
        question.setText(rung.map(Rung::question).orElse(""));
        said.setText(words);
        answer.setDisable(rung.isEmpty());
        answer.clear();
    }

    private void answer() {
        climb.filter(c -> c.rung().isPresent() && !answer.getText().isBlank())
                .ifPresent(this::answer);
    }

    private void answer(LadderModel now) {
        Rung rung = now.rung().orElseThrow();
        boolean right = now.answer(answer.getText());
        String told =
                right ? Texts.of("solve.right") : Texts.of("solve.no-after-it-is", line(rung));
        String words = told + rung.answerText() + ".";
        boolean over = now.rung().isEmpty();
        show(over ? words + " " + now.result() : words);
        if (over) {
            services.messages().say(now.result());
        }
    }

    private static String line(Rung rung) {
        return Line.numbered(rung.start(), rung.line());
    }
}
