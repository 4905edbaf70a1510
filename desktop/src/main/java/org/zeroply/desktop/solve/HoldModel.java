package org.zeroply.desktop.solve;

import java.util.Optional;
import java.util.function.Consumer;
import javafx.beans.property.ReadOnlyStringProperty;
import javafx.beans.property.ReadOnlyStringWrapper;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.tree.Node;
import org.zeroply.coach.evaluation.MoveEvaluator;
import org.zeroply.coach.exercise.marking.HoldGame;
import org.zeroply.coach.exercise.marking.LineChecker;
import org.zeroply.coach.exercise.scheme.Exercise;
import org.zeroply.desktop.texts.Texts;
import org.zeroply.desktop.work.Services;
import org.zeroply.desktop.work.TreeSession;
import org.zeroply.engine.analysis.Cancellation;

/**
 * Holding a position on the board against the engine: each move of the player is weighed and
 * answered behind the window, and all of them stay in the sheet as a line.
 */
public final class HoldModel {

    private final Services services;
    private final TreeSession session;
    private final Consumer<HoldGame> over;
    private final ReadOnlyStringWrapper message = new ReadOnlyStringWrapper("");
    private Optional<HoldGame> game = Optional.empty();
    private Node expected;
    private boolean thinking;

    /**
     * @param over called when all moves have been made
     */
    public HoldModel(Services services, TreeSession session, Consumer<HoldGame> over) {
        this.services = services;
        this.session = session;
        this.over = over;
        expected = session.current();
        session.currentProperty().addListener((o, was, is) -> moved(is));
    }

    /** What there is to say to the player. */
    public ReadOnlyStringProperty messageProperty() {
        return message.getReadOnlyProperty();
    }

    /** The game that goes on, if one does. */
    public Optional<HoldGame> game() {
        return game;
    }

    /** Begins; the seed makes the engine choose alike. */
    public void begin(Exercise exercise, long seed) {
        HoldGame fresh = new HoldGame(exercise, this::evaluator, services.marking(), seed);
        game = Optional.of(fresh);
        expected = session.tree().root();
        session.go(expected);
        thinking = false;
        message.set(
                Texts.of(
                        "solve.hold-for-moves-against-the",
                        fresh.moves(),
                        fresh.strength().rating()));
    }

    private MoveEvaluator evaluator(Cancellation cancellation) {
        return new MoveEvaluator(
                services.marking(), services.endings().tables(), LineChecker.NODES, cancellation);
    }

    /** Ends it, whatever was played. */
    public void stop() {
        game = Optional.empty();
        message.set("");
    }

    private void moved(Node node) {
        boolean here =
                game.isPresent()
                        && !thinking
                        && node.parent().equals(Optional.of(expected))
                        && !node.move().isNull();
        if (here) {
            play(game.get(), node);
        }
    }

    private void play(HoldGame now, Node node) {
        thinking = true;
        message.set(Texts.of("solve.the-engine-answers"));
        services.scheduler()
                .longWork(
                        Texts.of("solve.the-engine-answers-2"),
                        (cancellation, progress) -> now.play(node.move(), cancellation),
                        answer -> answered(now, node, answer))
                .otherwise(() -> unanswered(now, node));
    }

    /** The move is taken back, so that it or another one can be played again. */
    private void unanswered(HoldGame now, Node node) {
        if (game.filter(g -> g == now).isEmpty()) {
            return;
        }
        thinking = false;
        node.parent().ifPresent(session::go);
        message.set(Texts.of("solve.the-engine-did-not-answer"));
    }

    private void answered(HoldGame now, Node node, Optional<Move> answer) {
        services.messages().say("");
        if (game.filter(g -> g == now).isEmpty()) {
            return;
        }
        expected = answer.map(m -> session.editor().add(node, m)).orElse(node);
        session.go(expected);
        thinking = false;
        int made = now.steps().size();
        message.set(Texts.of("solve.move-of-made-your-move", made, now.moves()));
        if (now.isOver()) {
            stop();
            over.accept(now);
        }
    }
}
