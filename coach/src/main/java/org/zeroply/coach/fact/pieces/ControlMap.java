package org.zeroply.coach.fact.pieces;

import java.util.Arrays;
import java.util.List;
import org.zeroply.chess.board.PieceType;
import org.zeroply.chess.board.Side;
import org.zeroply.coach.fact.Scene;
import org.zeroply.coach.fact.Squares;

/**
 * What a side controls.
 *
 * @param one squares its men attack or guard now
 * @param two squares its pieces can reach in two moves, the rest standing still; those reached in
 *     one included
 * @param twoSafe the same over and onto squares that no enemy man guards
 * @param count how many of its men attack each square, by square
 */
public record ControlMap(long one, long two, long twoSafe, List<Integer> count) {

    public ControlMap {
        count = List.copyOf(count);
    }

    /** The control of a side. */
    public static ControlMap of(Scene scene, Side side) {
        int[] count = new int[64];
        long two = 0;
        long twoSafe = 0;
        long guarded = scene.attackedBy(side.other());
        for (long set = scene.men(side); set != 0; set &= set - 1) {
            int square = Squares.first(set);
            for (long hit = scene.attacks(square); hit != 0; hit &= hit - 1) {
                count[Squares.first(hit)]++;
            }
            if (scene.typeAt(square) != PieceType.PAWN) {
                two |= two(scene, side, square, 0);
                twoSafe |= two(scene, side, square, guarded);
            }
        }
        return new ControlMap(
                scene.attackedBy(side), two, twoSafe, Arrays.stream(count).boxed().toList());
    }

    private static long two(Scene scene, Side side, int square, long avoided) {
        PieceType type = scene.typeAt(square);
        long occupied = scene.occupied() & ~(1L << square);
        long open = ~(scene.men(side) & occupied) & ~avoided;
        long first = scene.attacks(square) & open;
        long all = first;
        for (long set = first; set != 0; set &= set - 1) {
            all |= Scene.attacksOf(type, side, Squares.first(set), occupied) & open;
        }
        return all;
    }

    /** Men of both sides compared on a square: positive when this side has more than another. */
    public int lead(ControlMap other, int square) {
        return count.get(square) - other.count.get(square);
    }
}
