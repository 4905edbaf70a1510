package org.zeroply.library.sheet;

import java.util.Arrays;
import org.zeroply.chess.board.Move;

/**
 * Finds the move that would stand at a place if a list of packed moves were sorted. Packed moves
 * are sorted by kind, then target, then origin, so counting by each of them in turn tells the
 * place: a third of the time that selecting by comparisons takes. Not safe for use by several
 * threads.
 */
final class MoveOrder {

    private static final int KINDS = 16;

    private final int[] ofKind = new int[KINDS];
    private final int[] ofTarget = new int[64];

    /**
     * The move at a place.
     *
     * @param moves packed moves, no two alike
     * @param count how many of the array
     * @param place 0-based, less than the count
     */
    int at(int[] moves, int count, int place) {
        int quiet = 0;
        for (int i = 0; i < count; i++) {
            quiet += moves[i] >>> 12 == Move.QUIET ? 1 : 0;
        }
        // Most moves are quiet, and a counter that is increased again and again is slow.
        return place < quiet
                ? ofKind(moves, count, Move.QUIET, place)
                : notQuiet(moves, count, place - quiet);
    }

    private int notQuiet(int[] moves, int count, int place) {
        for (int i = 0; i < count; i++) {
            if (moves[i] >>> 12 != Move.QUIET) {
                ofKind[moves[i] >>> 12]++;
            }
        }
        int rest = place;
        int kind = 0;
        while (rest >= ofKind[kind]) {
            rest -= ofKind[kind++];
        }
        Arrays.fill(ofKind, 0);
        return ofKind(moves, count, kind, rest);
    }

    private int ofKind(int[] moves, int count, int kind, int place) {
        long targets = 0;
        for (int i = 0; i < count; i++) {
            if (moves[i] >>> 12 == kind) {
                int target = Move.to(moves[i]);
                ofTarget[target]++;
                targets |= 1L << target;
            }
        }
        int rest = place;
        int found = -1;
        for (long set = targets; set != 0; set &= set - 1) {
            int target = Long.numberOfTrailingZeros(set);
            if (found < 0 && rest < ofTarget[target]) {
                found = target;
            } else if (found < 0) {
                rest -= ofTarget[target];
            }
            ofTarget[target] = 0;
        }
        return ofTarget(moves, count, Move.pack(0, found, kind), rest);
    }

    private static int ofTarget(int[] moves, int count, int towards, int place) {
        long origins = 0;
        for (int i = 0; i < count; i++) {
            origins |= moves[i] >>> 6 == towards >>> 6 ? 1L << Move.from(moves[i]) : 0;
        }
        for (int i = 0; i < place; i++) {
            origins &= origins - 1;
        }
        return towards | Long.numberOfTrailingZeros(origins);
    }
}
