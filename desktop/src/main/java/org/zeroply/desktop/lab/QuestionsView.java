package org.zeroply.desktop.lab;

import java.util.Optional;
import java.util.function.Function;
import javafx.scene.control.Label;
import javafx.scene.layout.VBox;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.notation.Line;
import org.zeroply.coach.evaluation.MoveEvaluator;
import org.zeroply.coach.evaluation.Weighed;
import org.zeroply.desktop.controls.Widgets;
import org.zeroply.desktop.work.Services;
import org.zeroply.desktop.work.TreeSession;
import org.zeroply.engine.analysis.Cancellation;
import org.zeroply.engine.analysis.Score;
import org.zeroply.engine.checks.CheckSearch;
import org.zeroply.engine.checks.CheckSequence;

/** Two questions a coach asks of a position, answered when asked. */
final class QuestionsView extends VBox {

    private static final long NODES = 400_000;
    private static final long CHECK_NODES = 3_000_000;
    private static final int MOST_CHECKS = 25;
    private static final int SHOWN = 10;

    private final Services services;
    private final TreeSession session;
    private final Label answer = Widgets.label("", "plain");

    QuestionsView(Services services, TreeSession session) {
        super(6);
        this.services = services;
        this.session = session;
        setId("questions");
        answer.setId("answer");
        answer.setWrapText(true);
        getChildren()
                .addAll(
                        Widgets.row(
                                Widgets.label("Ask", "sheet-title"),
                                Widgets.spacer(),
                                Widgets.button("ask-threat", "What is the threat?", this::threat),
                                Widgets.button("ask-checks", "Enough checks?", this::checks)),
                        answer);
        session.currentProperty().addListener(o -> answer.setText(""));
    }

    void threat() {
        Position position = session.current().position();
        if (position.inCheck()) {
            answer.setText("The side to move is in check; it cannot pass.");
            return;
        }
        ask(
                "Looking for the threat",
                cancellation -> {
                    Position passed = position.play(Move.NULL);
                    return new MoveEvaluator(services.marking(), NODES, cancellation)
                            .choice(passed)
                            .map(c -> threat(passed, c.best()))
                            .orElse("The opponent has no legal move.");
                });
    }

    private static String threat(Position passed, Weighed best) {
        boolean white = passed.toBoard().sideToMove() == 0;
        Score own = white ? best.score() : best.score().negated();
        return "If "
                + (white ? "Black" : "White")
                + " passed: "
                + Line.numbered(passed, Line.start(best.line(), SHOWN))
                + "  ("
                + best.expected().verdict(white).words()
                + ", "
                + own.text()
                + ").";
    }

    void checks() {
        Position position = session.current().position();
        ask(
                "Searching the checks",
                cancellation -> {
                    CheckSequence found =
                            new CheckSearch(CHECK_NODES, cancellation)
                                    .search(position, MOST_CHECKS);
                    String side = position.toBoard().sideToMove() == 0 ? "White" : "Black";
                    String line =
                            found.line().isEmpty()
                                    ? ""
                                    : " "
                                            + Line.numbered(
                                                    position, Line.start(found.line(), SHOWN));
                    return words(side, found.outcome()) + line;
                });
    }

    private static String words(String side, CheckSequence.Outcome outcome) {
        return switch (outcome) {
            case MATES -> side + "'s checks lead to mate:";
            case GOES_ON -> side + " can go on checking for ever:";
            case RUNS_OUT -> side + "'s checks run out.";
            case UNCLEAR -> side + "'s checks: unclear, not settled within the limits.";
        };
    }

    private void ask(String doing, Function<Cancellation, String> question) {
        Position position = session.current().position();
        answer.setText(doing + " …");
        services.scheduler()
                .longWork(
                        doing,
                        (cancellation, progress) ->
                                Optional.of(question.apply(cancellation))
                                        .filter(text -> !cancellation.isCancelled()),
                        found -> {
                            services.messages().say("");
                            if (session.current().position().equals(position)) {
                                answer.setText(found.orElse(""));
                            }
                        })
                .otherwise(() -> answer.setText(""));
    }
}
