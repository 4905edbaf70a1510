package org.zeroply.coach.fact.material;

import java.util.ArrayList;
import java.util.List;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.notation.San;

/** The running balance of a line: what stands after each of its plies. */
public final class LineBalance {

    private LineBalance() {}

    /**
     * @param san the move in SAN
     * @param after the position after it
     * @param balance the material then
     * @param hanging what is in danger or loose then
     */
    public record Step(String san, Position after, MaterialBalance balance, List<Hanging> hanging) {
        public Step {
            hanging = List.copyOf(hanging);
        }

        /** What is in danger then, without the merely loose pieces. */
        public List<Hanging> inDanger() {
            return hanging.stream().filter(Hanging::isInDanger).toList();
        }
    }

    /** One step a move; the moves must be legal one after the other. */
    public static List<Step> along(Position start, List<Move> moves) {
        List<Step> steps = new ArrayList<>(moves.size());
        Position p = start;
        for (Move move : moves) {
            String san = San.write(p, move);
            p = p.play(move);
            steps.add(new Step(san, p, MaterialBalance.of(p), Hanging.in(p)));
        }
        return steps;
    }
}
