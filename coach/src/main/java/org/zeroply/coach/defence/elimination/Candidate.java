package org.zeroply.coach.defence.elimination;

import java.util.List;
import java.util.Optional;
import org.zeroply.chess.board.Move;
import org.zeroply.coach.evaluation.Grade;
import org.zeroply.coach.evaluation.Holding;
import org.zeroply.coach.evaluation.Price;
import org.zeroply.coach.evaluation.Weighed;
import org.zeroply.coach.fact.tactics.theme.Theme;

/**
 * A legal move of a position that is to be defended.
 *
 * @param weighed what it is worth, with its line: the move itself and what follows
 * @param result what it keeps
 * @param grade how it stands beside the best move
 * @param price what it costs, of a move that holds at a price
 * @param motif what the reply turns on, in a word; empty for a move that holds
 * @param kinds in which ways it meets the threat
 * @param costs what it costs
 */
public record Candidate(
        Weighed weighed,
        Holding result,
        Grade grade,
        Optional<Price> price,
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

    /** Whether it gives up neither the result nor material; empty where that is not proved. */
    public Optional<Boolean> holds() {
        return grade == Grade.UNCLEAR ? Optional.empty() : Optional.of(isHeld());
    }

    /** Whether it holds without a price. */
    public boolean isHeld() {
        return grade == Grade.HOLDS;
    }

    /** Whether it gives the result away. */
    public boolean isRefuted() {
        return grade == Grade.FAILS;
    }

    /** Whether it fails or costs something. */
    public boolean isWeaker() {
        return grade.isWeaker();
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
    public int costCount() {
        return costs.stream().mapToInt(c -> c.kind() == Cost.Kind.MATERIAL ? 2 : 1).sum();
    }
}
