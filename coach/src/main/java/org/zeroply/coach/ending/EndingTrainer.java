package org.zeroply.coach.ending;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.Position;

/** Playing a pawn ending that was solved against perfect defence, move by move. */
public final class EndingTrainer {

    private final PawnEnding ending;
    private final EndingReport.Result goal;
    private final List<Step> steps = new ArrayList<>();
    private Position now;

    /**
     * @param start the position, with the player to move
     */
    public EndingTrainer(PawnEnding ending, Position start) {
        this.ending = ending;
        now = start;
        goal = EndingReport.Result.of(ending.value(start));
    }

    /**
     * A move of the player.
     *
     * @param before the position it was made in
     * @param spoilt whether it gave a result away that was still there
     * @param better a move that would have kept it, if it was spoilt
     * @param reply the answer of the defence, if the game goes on
     */
    public record Step(
            Position before,
            Move move,
            boolean spoilt,
            Optional<Move> better,
            Optional<Move> reply) {}

    /** What the player is to achieve: the result the position holds. */
    public EndingReport.Result goal() {
        return goal;
    }

    /** The position on the board. */
    public Position position() {
        return now;
    }

    /** Whether the game has left what the solution covers: mate, stalemate, a new queen. */
    public boolean isOver() {
        return !PawnEnding.covers(now) || now.legalMoves().isEmpty();
    }

    /** All moves made so far. */
    public List<Step> steps() {
        return List.copyOf(steps);
    }

    /** Moves that gave something away. */
    public List<Step> spoilt() {
        return steps.stream().filter(Step::spoilt).toList();
    }

    /**
     * Makes a move of the player and answers it by the longest defence, or by the quickest win once
     * the player has spoilt the game.
     *
     * @throws IllegalArgumentException if the move is not legal or the game is over
     */
    public Step play(Move move) {
        if (isOver()) {
            throw new IllegalArgumentException("the game is over");
        }
        int held = Integer.signum(ending.value(now));
        int kept = Integer.signum(Plies.back(ending.after(now, move)));
        boolean spoilt = kept < held;
        Optional<Move> better =
                spoilt ? EndingSolver.best(now, ending).stream().findFirst() : Optional.empty();
        Position before = now;
        now = now.play(move);
        Optional<Move> reply = Optional.empty();
        if (!isOver()) {
            reply = EndingSolver.best(now, ending).stream().findFirst();
            reply.ifPresent(r -> now = now.play(r));
        }
        Step step = new Step(before, move, spoilt, better, reply);
        steps.add(step);
        return step;
    }
}
