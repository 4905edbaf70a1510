package org.zeroply.coach.defence;

import java.util.List;
import java.util.Optional;
import org.zeroply.chess.board.Move;
import org.zeroply.coach.judge.Weighed;
import org.zeroply.coach.tactics.Theme;

/**
 * A legal move of a position that is to be defended.
 *
 * @param weighed what it is worth, with its line: the move itself and what follows
 * @param result what it keeps
 * @param holds whether it keeps what can be kept; empty where that is not proved
 * @param motif what the refutation turns on, in a word; empty for a move that holds
 * @param kinds in which ways it meets the threat
 * @param costs what it costs
 */
public record Candidate(
        Weighed weighed,
        Holding result,
        Optional<Boolean> holds,
        String motif,
        List<DefenceKind> kinds,
        List<Cost> costs) {

    public Candidate {
        kinds = List.copyOf(kinds);
        costs = List.copyOf(costs);
    }

    /** The move. */
    public Move move() {
        return weighed.move();
    }

    /** Whether it is proved to hold. */
    public boolean isHeld() {
        return holds.orElse(false);
    }

    /** Whether it is proved to fail. */
    public boolean isRefuted() {
        return holds.isPresent() && !holds.get();
    }

    /** What follows the move: for one that fails, its refutation. */
    public List<Move> reply() {
        List<Move> line = weighed.line();
        return line.subList(Math.min(1, line.size()), line.size());
    }

    /**
     * Whether the move looks like a defence and fails: it meets the threat in some way and does not
     * simply leave a man to be taken.
     */
    public boolean tempts() {
        return isRefuted() && !kinds.isEmpty() && !motif.equals(Theme.HANGING_PIECE.word());
    }

    /** The costs counted: how many there are, material twice. */
    public int price() {
        return costs.stream().mapToInt(c -> c.kind() == Cost.Kind.MATERIAL ? 2 : 1).sum();
    }
}
