package org.zeroply.coach.ending;

import java.util.ArrayList;
import java.util.List;
import org.zeroply.chess.board.Attacks;
import org.zeroply.chess.board.PieceType;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.board.Side;
import org.zeroply.coach.fact.Squares;

/** The pawns of both sides, the kings left aside: a node of the graph that never comes back. */
record Pawns(long white, long black) {

    private static final long LAST_RANKS = 0xff000000000000ffL;

    static Pawns of(Position position) {
        return new Pawns(
                position.pieces(Side.WHITE, PieceType.PAWN),
                position.pieces(Side.BLACK, PieceType.PAWN));
    }

    long of(int side) {
        return side == 0 ? white : black;
    }

    long all() {
        return white | black;
    }

    int count() {
        return Long.bitCount(all());
    }

    /** How far all pawns have come together; grows with every pawn move that takes nothing. */
    int advance() {
        int sum = 0;
        for (int side = 0; side < 2; side++) {
            for (int square : Squares.list(of(side))) {
                sum += Squares.rank(Side.of(side), square);
            }
        }
        return sum;
    }

    /** Without a pawn of a side. */
    Pawns without(int side, int square) {
        long bit = ~(1L << square);
        return side == 0 ? new Pawns(white & bit, black) : new Pawns(white, black & bit);
    }

    private Pawns with(int side, int square) {
        long bit = 1L << square;
        return side == 0 ? new Pawns(white | bit, black) : new Pawns(white, black | bit);
    }

    /**
     * A pawn move, as far as the pawns alone decide.
     *
     * @param over the square jumped over by a double step, or -1
     * @param taken the square of the pawn taken, or -1
     * @param promotes whether it reaches the last rank; then {@code after} lacks the pawn
     * @param passing pawns after each way of taking a double step in passing
     */
    record Step(
            int from,
            int to,
            int over,
            int taken,
            boolean promotes,
            Pawns after,
            List<Passing> passing) {}

    /** Taking in passing: who takes from where, and the pawns after it. */
    record Passing(int from, int to, Pawns after) {}

    /** All moves of a side's pawns; kings may still stand in the way. */
    List<Step> steps(int side) {
        List<Step> steps = new ArrayList<>();
        int forward = side == 0 ? 8 : -8;
        for (int from : Squares.list(of(side))) {
            int to = from + forward;
            if (!Squares.has(all(), to)) {
                steps.add(step(side, from, to, -1, -1));
                int twice = to + forward;
                boolean home = Squares.rank(Side.of(side), from) == 1;
                if (home && !Squares.has(all(), twice)) {
                    steps.add(step(side, from, twice, to, -1));
                }
            }
            for (int target : Squares.list(Attacks.pawn(side, from) & of(1 - side))) {
                steps.add(step(side, from, target, -1, target));
            }
        }
        return steps;
    }

    private Step step(int side, int from, int to, int over, int taken) {
        boolean promotes = Squares.has(LAST_RANKS, to);
        Pawns left = without(side, from);
        left = taken < 0 ? left : left.without(1 - side, taken);
        Pawns after = promotes ? left : left.with(side, to);
        List<Passing> passing = new ArrayList<>();
        if (over >= 0) {
            for (int taker : Squares.list(Attacks.pawn(side, over) & after.of(1 - side))) {
                Pawns caught =
                        after.without(side, to).without(1 - side, taker).with(1 - side, over);
                passing.add(new Passing(taker, over, caught));
            }
        }
        return new Step(from, to, over, taken, promotes, after, passing);
    }
}
