package org.zeroply.desktop.lab;

import java.util.List;
import java.util.Optional;
import javafx.beans.property.BooleanProperty;
import javafx.beans.property.ReadOnlyBooleanProperty;
import javafx.beans.property.ReadOnlyBooleanWrapper;
import javafx.beans.property.ReadOnlyStringProperty;
import javafx.beans.property.ReadOnlyStringWrapper;
import javafx.beans.property.SimpleBooleanProperty;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.notation.Line;
import org.zeroply.chess.notation.San;
import org.zeroply.chess.tree.Node;
import org.zeroply.coach.ending.EndingReport;
import org.zeroply.coach.ending.EndingTrainer;
import org.zeroply.coach.ending.PawnEnding;
import org.zeroply.desktop.texts.Texts;
import org.zeroply.desktop.work.TreeSession;

/**
 * Playing a solved pawn ending on the board: the player's moves are answered by the best defence,
 * and all of them stay in the sheet as a line.
 */
public final class EndingPlayModel {

    private final TreeSession session;
    private final ReadOnlyStringWrapper message = new ReadOnlyStringWrapper("");
    private final BooleanProperty tellAtOnce = new SimpleBooleanProperty(true);
    private Optional<PawnEnding> ending = Optional.empty();
    private final ReadOnlyBooleanWrapper playing = new ReadOnlyBooleanWrapper();
    private Optional<EndingTrainer> trainer = Optional.empty();
    private Position start = Position.START;
    private Node expected;
    private boolean answering;

    public EndingPlayModel(TreeSession session) {
        this.session = session;
        expected = session.current();
        session.currentProperty().addListener((o, was, is) -> moved(is));
    }

    /** Makes ready to play a solved ending. */
    public void prepare(PawnEnding solved, Position position) {
        ending = Optional.of(solved);
        start = position;
        trainer = Optional.empty();
        playing.set(false);
        message.set("");
    }

    /** Whether a game is going on. */
    public boolean isPlaying() {
        return trainer.isPresent();
    }

    /** Whether a game is going on; what was solved is hidden meanwhile. */
    public ReadOnlyBooleanProperty playingProperty() {
        return playing.getReadOnlyProperty();
    }

    /** What there is to say to the player. */
    public ReadOnlyStringProperty messageProperty() {
        return message.getReadOnlyProperty();
    }

    /** Whether a spoilt move is told when it is made, or at the end. */
    public BooleanProperty tellAtOnceProperty() {
        return tellAtOnce;
    }

    /** Begins at the position on the board. */
    public void begin() {
        ending.ifPresent(
                e -> {
                    EndingTrainer fresh = new EndingTrainer(e, start);
                    trainer = Optional.of(fresh);
                    expected = session.current();
                    playing.set(true);
                    message.set(
                            Texts.of(
                                    "lab.you-are-and-it-is",
                                    start.sideToMove().word(),
                                    goal(fresh.goal())));
                });
    }

    private static String goal(EndingReport.Result goal) {
        return switch (goal) {
            case WIN -> Texts.of("lab.it-is-won-bring-it");
            case DRAW -> Texts.of("lab.it-is-a-draw-hold");
            default -> Texts.of("lab.it-is-lost-hold-out");
        };
    }

    /** Ends the game and tells what was spoilt. */
    public void stop() {
        trainer.ifPresent(this::end);
    }

    private void moved(Node node) {
        boolean here =
                trainer.isPresent()
                        && !answering
                        && node.parent().equals(Optional.of(expected))
                        && !node.move().isNull();
        if (here) {
            play(trainer.get(), node);
        }
    }

    private void play(EndingTrainer game, Node node) {
        EndingTrainer.Step step = game.play(node.move());
        if (step.spoilt() && tellAtOnce.get()) {
            message.set(spoilt(step));
        } else {
            message.set("");
        }
        expected = node;
        if (step.reply().isPresent()) {
            answering = true;
            expected = session.editor().add(node, step.reply().get());
            session.go(expected);
            answering = false;
        }
        if (game.isOver()) {
            end(game);
        }
    }

    private static String spoilt(EndingTrainer.Step step) {
        String better =
                step.better()
                        .map(m -> Texts.of("lab.kept-it", San.write(step.before(), m)))
                        .orElse("");
        return Texts.of(
                "lab.gives-the-result-away",
                Line.number(step.before(), true) + San.write(step.before(), step.move()),
                better);
    }

    private void end(EndingTrainer game) {
        trainer = Optional.empty();
        playing.set(false);
        List<String> wrong = game.spoilt().stream().map(EndingPlayModel::spoilt).toList();
        int moves = game.steps().size();
        message.set(
                wrong.isEmpty()
                        ? Texts.of(
                                "lab.nothing-was-given-away-in",
                                moves,
                                moves == 1
                                        ? Texts.of("lab.one-move-is-over")
                                        : Texts.of("lab.moves-are-over"))
                        : String.join(" ", wrong));
    }
}
