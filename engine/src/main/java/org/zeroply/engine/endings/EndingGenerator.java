package org.zeroply.engine.endings;

import java.util.Arrays;
import org.zeroply.chess.board.Attacks;
import org.zeroply.engine.analysis.Cancellation;

/**
 * Works out all positions of one ending backwards from the mates (retrograde analysis: K. Thompson,
 * Retrograde Analysis of Certain Endgames, 1986). Moves that leave the ending, by capture or
 * promotion, look their result up in tables made before; everything else spreads ply by ply from
 * each decided position to those that lead to it.
 */
final class EndingGenerator {

    /** Never lost: there is a move that does not lose, or none at all without check. */
    private static final byte NEVER = -1;

    private static final long DIAGONAL = 0x8040201008040201L;
    private static final long OTHER_DIAGONAL = 0x0102040810204080L;
    private static final int NO_RESULT = Integer.MIN_VALUE;

    private final EndingTable table;
    private final EndingIndex index;
    private final EndingMen men;
    private final Leaving leaving;
    private final byte[][] values;

    /** By side to move: moves to positions of this ending that are not known to lose yet. */
    private final byte[][] open = new byte[2][];

    /** Longest defeat by a move that leaves the ending, in plies; 0 for none. */
    private final byte[][] worst = new byte[2][];

    /** Ply at which the position will be decided: positive a win, negative a defeat; 0 for none. */
    private final byte[][] due = new byte[2][];

    private int lastDue;
    private final int[] squares;
    private final int[] moved;
    private final int[] seen = new int[256];
    private int seenCount;
    private int[][] inPassing = new int[2][0];

    EndingGenerator(EndingMaterial material, Leaving.Tables smaller) {
        table = new EndingTable(material);
        index = table.index;
        men = new EndingMen(index);
        values = table.values;
        leaving = new Leaving(index, smaller);
        squares = new int[index.men];
        moved = new int[index.men];
        for (int side = 0; side < 2; side++) {
            open[side] = new byte[index.size()];
            worst[side] = new byte[index.size()];
            due[side] = new byte[index.size()];
        }
    }

    /** The finished table, or an unfinished one when cancelled. */
    EndingTable generate(Cancellation cancellation) {
        for (int i = 0; i < index.size() && !cancellation.isCancelled(); i++) {
            markIllegal(i);
        }
        for (int side = 0; side < 2; side++) {
            for (int i = 0; i < index.size() && !cancellation.isCancelled(); i++) {
                if (values[side][i] != EndingTable.ILLEGAL) {
                    begin(side, i);
                }
            }
        }
        for (int ply = 0; ply <= lastDue && !cancellation.isCancelled(); ply++) {
            for (int side = 0; side < 2; side++) {
                decide(side, ply);
            }
            for (int side = 0; side < 2; side++) {
                for (int i : inPassing[side]) {
                    reconsider(side, i, ply);
                }
            }
        }
        return table;
    }

    // ---- The moves of every position once -----------------------------------------------------

    /** Marks what cannot stand on a board and what is counted under a mirror image. */
    private void markIllegal(int i) {
        index.squares(i, squares);
        boolean counted =
                Long.bitCount(EndingMen.occupied(squares)) == index.men
                        && (Attacks.king(squares[0]) & 1L << squares[1]) == 0
                        && index.of(squares) == i;
        for (int side = 0; side < 2; side++) {
            if (!counted || men.isAttacked(squares[1 - side], side, squares, -1)) {
                values[side][i] = EndingTable.ILLEGAL;
            }
        }
    }

    private void begin(int side, int i) {
        index.squares(i, squares);
        seenCount = 0;
        int neighbours = 0;
        int win = Integer.MAX_VALUE;
        int defeat = 0;
        boolean safe = false;
        boolean passing = false;
        boolean any = false;
        long occupied = EndingMen.occupied(squares);
        boolean twins = canMeetAgain(occupied);
        for (int m = 0; m < index.men; m++) {
            if (index.side[m] != side) {
                continue;
            }
            for (long t = men.targets(m, squares, occupied); t != 0; t &= t - 1) {
                int to = Long.numberOfTrailingZeros(t);
                if ((occupied & 1L << to) == 0 && !men.isPromotion(m, to)) {
                    System.arraycopy(squares, 0, moved, 0, index.men);
                    moved[m] = to;
                    int neighbour = index.of(moved);
                    if (values[1 - side][neighbour] != EndingTable.ILLEGAL) {
                        any = true;
                        if (men.canBeTakenInPassing(m, squares[m], to, squares)) {
                            passing = true;
                        } else if (!twins || see(neighbour)) {
                            neighbours++;
                        }
                    }
                    continue;
                }
                int captured = men.manAt(to, squares);
                if (!move(m, to, captured)) {
                    continue;
                }
                any = true;
                int result = leaving.best(side, moved, m, captured);
                if (result < 0) {
                    win = Math.min(win, -result);
                } else if (result == 0) {
                    safe = true;
                } else {
                    defeat = Math.max(defeat, result);
                }
            }
        }
        if (!any) {
            open[side][i] = NEVER;
            if (men.isAttacked(squares[side], 1 - side, squares, -1)) {
                due(side, i, -1, 0);
            }
            return;
        }
        if (passing) {
            inPassing[side] = append(inPassing[side], i);
        }
        if (win != Integer.MAX_VALUE) {
            due(side, i, 1, win);
        }
        worst[side][i] = (byte) defeat;
        open[side][i] = safe || passing || win != Integer.MAX_VALUE ? NEVER : (byte) neighbours;
        if (open[side][i] == 0) {
            due(side, i, -1, defeat + 1);
        }
    }

    private static int[] append(int[] list, int i) {
        int[] longer = Arrays.copyOf(list, list.length + 1);
        longer[list.length] = i;
        return longer;
    }

    /**
     * Whether two moves may lead to positions that are mirror images: all men but the moving one
     * stand on one diagonal, or two men are alike.
     */
    private boolean canMeetAgain(long occupied) {
        return index.hasTwins()
                || Long.bitCount(occupied & DIAGONAL) >= index.men - 1
                || Long.bitCount(occupied & OTHER_DIAGONAL) >= index.men - 1;
    }

    /** Counts a neighbour once, however many moves lead to it or its mirror images. */
    private boolean see(int neighbour) {
        for (int k = 0; k < seenCount; k++) {
            if (seen[k] == neighbour) {
                return false;
            }
        }
        seen[seenCount++] = neighbour;
        return true;
    }

    private void due(int side, int i, int sign, int ply) {
        int old = due[side][i];
        // A defeat in 0 plies is kept as -1, so defeats are one further from zero.
        int value = sign > 0 ? ply : -ply - 1;
        if (old == 0 || sign > 0 && (old < 0 || ply < old)) {
            due[side][i] = (byte) value;
            lastDue = Math.max(lastDue, ply);
        }
    }

    // ---- Spreading backwards --------------------------------------------------------------------

    private void decide(int side, int ply) {
        byte[] when = due[side];
        byte[] value = values[side];
        for (int i = 0; i < when.length; i++) {
            if (when[i] == 0 || value[i] != 0) {
                continue;
            }
            if (when[i] > 0 && when[i] == ply) {
                value[i] = when[i];
                spread(side, i, ply, true);
            } else if (when[i] < 0 && -when[i] - 1 == ply) {
                value[i] = when[i];
                spread(side, i, ply, false);
            }
        }
    }

    /** Tells every position with a move to this one. */
    private void spread(int side, int i, int ply, boolean won) {
        index.squares(i, squares);
        int mover = 1 - side;
        long occupied = EndingMen.occupied(squares);
        boolean twins = canMeetAgain(occupied);
        seenCount = 0;
        System.arraycopy(squares, 0, moved, 0, index.men);
        for (int m = 0; m < index.men; m++) {
            if (index.side[m] != mover) {
                continue;
            }
            int to = squares[m];
            for (long f = men.origins(m, to, occupied); f != 0; f &= f - 1) {
                int from = Long.numberOfTrailingZeros(f);
                moved[m] = from;
                if (men.canBeTakenInPassing(m, from, to, squares)) {
                    continue;
                }
                int before = index.of(moved);
                if (values[mover][before] == 0 && (!twins || see(before))) {
                    tell(mover, before, ply, won);
                }
            }
            moved[m] = to;
        }
    }

    private void tell(int side, int i, int ply, boolean successorWon) {
        if (!successorWon) {
            due(side, i, 1, ply + 1);
        } else if (open[side][i] != NEVER && --open[side][i] == 0) {
            due(side, i, -1, Math.max(ply, worst[side][i]) + 1);
        }
    }

    // ---- Pawns that can be taken in passing ----------------------------------------------------

    /** Looks at all moves of a position that has a double step with a reply in passing. */
    private void reconsider(int side, int i, int ply) {
        if (values[side][i] != 0) {
            return;
        }
        index.squares(i, squares);
        int[] here = squares.clone();
        long occupied = EndingMen.occupied(here);
        boolean lost = true;
        int longest = 0;
        for (int m = 0; m < index.men; m++) {
            if (index.side[m] != side) {
                continue;
            }
            for (long t = men.targets(m, here, occupied); t != 0; t &= t - 1) {
                int to = Long.numberOfTrailingZeros(t);
                int captured = men.manAt(to, here);
                System.arraycopy(here, 0, squares, 0, here.length);
                if (!move(m, to, captured)) {
                    continue;
                }
                int result = reply(side, m, here[m], to, captured);
                if (result < 0) {
                    due(side, i, 1, -result);
                }
                lost &= result > 0;
                longest = Math.max(longest, result);
            }
        }
        if (lost) {
            // A shorter defeat of a double step may still turn up until that ply.
            lastDue = Math.max(lastDue, longest);
            if (longest <= ply + 1) {
                due(side, i, -1, longest + 1);
            }
        }
    }

    /** The result after a move for the opponent; 0 also while it is open. */
    private int reply(int side, int m, int from, int to, int captured) {
        if (captured >= 0 || men.isPromotion(m, to)) {
            return leaving.best(side, moved, m, captured);
        }
        int result = values[1 - side][index.of(moved)];
        if (!men.canBeTakenInPassing(m, from, to, squares)) {
            return result;
        }
        int[] after = moved.clone();
        int best = NO_RESULT;
        for (int other = 2; other < index.men; other++) {
            if (index.type[other] == 0
                    && index.side[other] != side
                    && after[other] >> 3 == to >> 3
                    && Math.abs(after[other] - to) == 1) {
                System.arraycopy(after, 0, moved, 0, after.length);
                moved[other] = (from + to) / 2;
                if (!men.isAttacked(moved[1 - side], side, moved, m)) {
                    int taken = leaving.best(1 - side, moved, other, m);
                    best = Math.max(best, rank(one(taken)));
                }
            }
        }
        System.arraycopy(after, 0, moved, 0, after.length);
        if (best == NO_RESULT) {
            return result;
        }
        boolean forced = result == 0 && !hasMove(1 - side, after);
        return unrank(forced ? best : Math.max(best, rank(result)));
    }

    private boolean hasMove(int side, int[] at) {
        System.arraycopy(at, 0, squares, 0, at.length);
        long occupied = EndingMen.occupied(at);
        for (int m = 0; m < index.men; m++) {
            if (index.side[m] == side) {
                for (long t = men.targets(m, at, occupied); t != 0; t &= t - 1) {
                    int to = Long.numberOfTrailingZeros(t);
                    if (move(m, to, men.manAt(to, at))) {
                        return true;
                    }
                }
            }
        }
        return false;
    }

    /** A result seen one move earlier, from the other side. */
    private static int one(int result) {
        return result == 0 ? 0 : result > 0 ? -result - 2 : -result;
    }

    /** Orders results: quick wins first, then draws, then long defeats. */
    private static int rank(int result) {
        return result > 0 ? 1000 - result : result < 0 ? -1000 - result : 0;
    }

    private static int unrank(int rank) {
        return rank > 0 ? 1000 - rank : rank < 0 ? -1000 - rank : 0;
    }

    /** Writes the squares after a move; false when it leaves the own king attacked. */
    private boolean move(int m, int to, int captured) {
        if (captured == 0 || captured == 1) {
            return false;
        }
        System.arraycopy(squares, 0, moved, 0, index.men);
        moved[m] = to;
        int side = index.side[m];
        return !men.isAttacked(moved[side], 1 - side, moved, captured);
    }
}
