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
import org.zeroply.desktop.texts.Texts;
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
                                Widgets.label(Texts.of("lab.ask"), "sheet-title"),
                                Widgets.spacer(),
                                Widgets.button(
                                        "ask-threat",
                                        Texts.of("lab.what-is-the-threat"),
                                        this::threat),
                                Widgets.button(
                                        "ask-checks", Texts.of("lab.enough-checks"), this::checks)),
                        answer);
        session.currentProperty().addListener(o -> answer.setText(""));
    }

    void threat() {
        Position position = session.current().position();
        if (position.inCheck()) {
            answer.setText(Texts.of("lab.the-side-to-move-is"));
            return;
        }
        ask(
                Texts.of("lab.looking-for-the-threat"),
                cancellation -> {
                    Position passed = position.play(Move.NULL);
                    return new MoveEvaluator(services.marking(), NODES, cancellation)
                            .choice(passed)
                            .map(c -> threat(passed, c.best()))
                            .orElse(Texts.of("lab.the-opponent-has-no-legal"));
                });
    }

    private static String threat(Position passed, Weighed best) {
        boolean white = passed.toBoard().sideToMove() == 0;
        Score own = white ? best.score() : best.score().negated();
        return Texts.of(
                "lab.if-passed",
                white ? Texts.of("lab.black-2") : Texts.of("lab.white"),
                Line.numbered(passed, Line.start(best.line(), SHOWN)),
                best.expected().verdict(white).words(),
                own.text());
    }

    void checks() {
        Position position = session.current().position();
        ask(
                Texts.of("lab.searching-the-checks"),
                cancellation -> {
                    CheckSequence found =
                            new CheckSearch(CHECK_NODES, cancellation)
                                    .search(position, MOST_CHECKS);
                    String side =
                            position.toBoard().sideToMove() == 0
                                    ? Texts.of("lab.white")
                                    : Texts.of("lab.black-2");
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
            case MATES -> Texts.of("lab.s-checks-lead-to-mate", side);
            case GOES_ON -> Texts.of("lab.can-go-on-checking-for", side);
            case RUNS_OUT -> Texts.of("lab.s-checks-run-out", side);
            case UNCLEAR -> Texts.of("lab.s-checks-unclear-not-settled", side);
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
