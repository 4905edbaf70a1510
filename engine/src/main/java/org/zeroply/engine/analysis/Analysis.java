package org.zeroply.engine.analysis;

import java.util.List;
import java.util.Optional;
import org.zeroply.chess.board.Move;

/**
 * What an engine found.
 *
 * @param lines the best moves, best first; empty when there is no legal move
 * @param byDepth the best move at each finished depth on the way
 * @param depth the last depth finished, in plies
 * @param nodes positions visited
 * @param millis time used
 * @param fullness how much of the engine's table is in use, in thousandths
 */
public record Analysis(
        List<Candidate> lines,
        List<DepthBest> byDepth,
        int depth,
        long nodes,
        long millis,
        int fullness) {

    public Analysis {
        lines = List.copyOf(lines);
        byDepth = List.copyOf(byDepth);
    }

    /** The best line, if there is a legal move. */
    public Optional<Candidate> best() {
        return lines.stream().findFirst();
    }

    /**
     * A move and where it leads.
     *
     * @param score from the view of the side to move
     * @param expected expected score of the side to move; see {@link ExpectedScoreCurve}
     * @param depth depth to which it was searched, in plies
     * @param deepest the deepest ply looked at
     * @param line the principal variation, the move itself first
     */
    public record Candidate(
            Move move,
            Score score,
            ExpectedScore expected,
            int depth,
            int deepest,
            List<Move> line) {
        public Candidate {
            line = List.copyOf(line);
        }

        /**
         * A move of which it is not told where it leads.
         *
         * @param depth in plies
         */
        public static Candidate ofMove(Move move, Score score, ExpectedScore expected, int depth) {
            return new Candidate(move, score, expected, depth, depth, List.of(move));
        }
    }

    /** The best move at one depth. */
    public record DepthBest(int depth, Move move, Score score) {}
}
