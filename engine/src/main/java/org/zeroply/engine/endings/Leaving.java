package org.zeroply.engine.endings;

import java.util.HashMap;
import java.util.Map;

/** Results of positions that an ending turns into when a man is taken or a pawn promotes. */
final class Leaving {

    private final EndingIndex index;
    private final Tables tables;

    /** Kept here, since thousands of positions ask for the same few tables in turn. */
    private final Map<Integer, EndingTable> used = new HashMap<>();

    /** Where the smaller endings are found. */
    interface Tables {

        /**
         * The table for a signature of {@link EndingMaterial}.
         *
         * @throws IllegalStateException if there is none
         */
        EndingTable of(int signature);
    }

    Leaving(EndingIndex index, Tables tables) {
        this.index = index;
        this.tables = tables;
    }

    /**
     * The result for the opponent after a move that captures or promotes; of several promotions the
     * best for the mover.
     *
     * @param side who moved
     * @param squares the men after the move, the captured one still among them
     * @param man which man moved
     * @param captured which man was taken, or -1
     */
    int best(int side, int[] squares, int man, int captured) {
        int rank = squares[man] >> 3;
        if (index.type[man] != 0 || rank != 0 && rank != 7) {
            return result(1 - side, squares, man, index.type[man], captured);
        }
        int best = Integer.MAX_VALUE;
        int chosen = 0;
        for (int type = 1; type <= 4; type++) {
            int result = result(1 - side, squares, man, type, captured);
            int rated = result > 0 ? 1000 - result : result < 0 ? -1000 - result : 0;
            if (rated < best) {
                best = rated;
                chosen = result;
            }
        }
        return chosen;
    }

    private int result(int toMove, int[] squares, int man, int manType, int captured) {
        int count = index.men - (captured >= 0 ? 1 : 0);
        if (count == 2) {
            return 0;
        }
        int[] types = new int[count];
        int[] sides = new int[count];
        int[] at = new int[count];
        int n = 0;
        for (int m = 0; m < index.men; m++) {
            if (m != captured) {
                types[n] = m == man ? manType : index.type[m];
                sides[n] = index.side[m];
                at[n++] = squares[m];
            }
        }
        int signature = 0;
        for (int m = 2; m < count; m++) {
            signature += EndingMaterial.weight(sides[m], types[m]);
        }
        EndingTable table = used.computeIfAbsent(signature, tables::of);
        boolean exchanged = table.material.signature() != signature;
        return table.values[toMove ^ (exchanged ? 1 : 0)][
                table.index.of(arranged(table.index, types, sides, at, exchanged))];
    }

    /** The squares in the order of another ending's index. */
    private static int[] arranged(
            EndingIndex to, int[] types, int[] sides, int[] at, boolean exchanged) {
        int[] out = new int[to.men];
        boolean[] used = new boolean[to.men];
        for (int slot = 0; slot < to.men; slot++) {
            int side = to.side[slot] ^ (exchanged ? 1 : 0);
            for (int m = 0; m < to.men; m++) {
                if (!used[m] && types[m] == to.type[slot] && sides[m] == side) {
                    used[m] = true;
                    out[slot] = exchanged ? at[m] ^ 56 : at[m];
                    break;
                }
            }
        }
        return out;
    }
}
