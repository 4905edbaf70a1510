package org.zeroply.engine.search;

import java.util.Arrays;
import org.zeroply.chess.board.Board;
import org.zeroply.chess.board.Move;

/**
 * What earlier cut-offs taught about moves: by origin and target and whether the enemy attacks
 * them, by the moves one, two and four plies before, for captures, and the replies to single moves.
 * Values lie within ±{@link Ranks#MOST}.
 */
final class History {

    /** Stands for "no move". Else a slot is {@link #slot}. */
    private static final int NO_SLOT = 0;

    private static final int SLOTS = 16 * 64;

    private static final int PAWN_BITS = 9;
    private static final int PAWN_SETS = 1 << PAWN_BITS;

    /** The line is kept from so many plies before its root, where there was no move. */
    private static final int BEFORE = 5;

    /** How many plies before a move stands what it continues. */
    private static final int[] BACK = {1, 2, 4};

    /** What a centipawn gained at once counts, and the most that counts. */
    private static final int GAIN = 16;

    private static final int MOST_GAIN = 1200;

    /** By side, whether origin and target are attacked, origin and target. */
    private final Ranks quiets = new Ranks(2 * 2 * 2 * 64 * 64);

    private final Ranks captures = new Ranks(16 * 64 * 8);
    private final Ranks continuations = new Ranks(SLOTS * SLOTS);

    /** By a hash of the pawns and the slot: what is good where the pawns stand so. */
    private final Ranks byPawns = new Ranks(PAWN_SETS * SLOTS);

    private final int[] counters = new int[SLOTS];
    private final int[] killers = new int[2 * (SearchState.MAX_PLY + 2)];

    /** The line at hand, from {@link #BEFORE} plies before the root: slots of its moves. */
    private final int[] slots = new int[SearchState.MAX_PLY + BEFORE + 2];

    /** By ply: the move that led to it. */
    private final int[] played = new int[SearchState.MAX_PLY + 2];

    /** By ply: what the side attacks that is not to move. */
    private final long[] attacked = new long[SearchState.MAX_PLY + 2];

    /** The ply that was opened last, and where its ranks begin in the tables. */
    private int openPly;

    private int openPawns;
    private int openLast;
    private int openSecond;
    private int openFourth;

    void clear() {
        quiets.clear();
        captures.clear();
        continuations.clear();
        byPawns.clear();
        Arrays.fill(counters, 0);
        Arrays.fill(killers, 0);
        Arrays.fill(attacked, 0);
    }

    /** The position at a ply is looked at: what is asked and learnt of its moves follows. */
    void look(Board board, int ply) {
        attacked[ply] = AttackedSquares.by(board, 1 - board.sideToMove());
    }

    void clearKillers(int ply) {
        killers[2 * ply] = 0;
        killers[2 * ply + 1] = 0;
    }

    /** A move is about to be played at a ply; it belongs to the line from now on. */
    void play(Board board, int move, int ply) {
        slots[ply + BEFORE] = slot(board, move);
        played[ply + 1] = move;
    }

    /** The side to move passes at a ply. */
    void pass(int ply) {
        slots[ply + BEFORE] = NO_SLOT;
        played[ply + 1] = 0;
    }

    /** Piece code and target of a move, not yet made: the index for what follows it. */
    private static int slot(Board board, int move) {
        return board.codeAt(Move.from(move)) << 6 | Move.to(move);
    }

    /** The index for a quiet move of a side at a ply. */
    private int fromTo(int side, int move, int ply) {
        long by = attacked[ply];
        int from = (int) (by >>> Move.from(move)) & 1;
        int to = (int) (by >>> Move.to(move)) & 1;
        return (side << 2 | from << 1 | to) << 12 | move & 0xfff;
    }

    /** Where what goes by the pawns begins. */
    private static int pawns(Board board) {
        return (int) (board.pawnHash() >>> 64 - PAWN_BITS) * SLOTS;
    }

    /** The move that led to a ply, packed; 0 for a pass and at the root. */
    int lastMove(int ply) {
        return played[ply];
    }

    /** Piece code and target of that move, from 0 to 1023; 0 for none. */
    int lastSlot(int ply) {
        return back(ply, 1);
    }

    private int back(int ply, int plies) {
        return slots[ply + BEFORE - plies];
    }

    int killer(int ply, int number) {
        return killers[2 * ply + number];
    }

    int counter(int ply) {
        return counters[back(ply, 1)];
    }

    /** Rank of a quiet move, not yet made at a ply that was looked at. */
    int quiet(Board board, int move, int ply) {
        open(board, ply);
        return quietAtOpen(board, move);
    }

    /** Finds where ranks of quiet moves at a ply that was looked at are kept: once for all. */
    void open(Board board, int ply) {
        openPly = ply;
        openPawns = pawns(board);
        openLast = back(ply, 1) * SLOTS;
        openSecond = back(ply, 2) * SLOTS;
        openFourth = back(ply, 4) * SLOTS;
    }

    /** Rank of a quiet move, not yet made at the ply that was opened last. */
    int quietAtOpen(Board board, int move) {
        int slot = slot(board, move);
        return quiets.at(fromTo(board.sideToMove(), move, openPly))
                + byPawns.at(openPawns | slot)
                + continuations.at(openLast | slot)
                + continuations.at(openSecond | slot)
                + continuations.at(openFourth | slot) / 2;
    }

    /** Rank of a capture or promotion, not yet made. */
    int capture(Board board, int move) {
        return captures.at(captureIndex(board, move));
    }

    /** A quiet move refuted what came before; the quiet moves tried earlier did not. */
    void learnQuiet(Board board, int move, int[] tried, int count, int depth, int ply) {
        if (killers[2 * ply] != move) {
            killers[2 * ply + 1] = killers[2 * ply];
            killers[2 * ply] = move;
        }
        counters[back(ply, 1)] = move;
        int bonus = bonus(depth);
        reward(board, move, bonus, ply);
        for (int i = 0; i < count; i++) {
            reward(board, tried[i], -bonus, ply);
        }
    }

    /** A quiet move that is remembered was good enough once more. */
    void confirmQuiet(Board board, int move, int depth, int ply) {
        reward(board, move, bonus(depth), ply);
    }

    /** Nothing was found against the quiet move that led to a ply. */
    void learnUnrefuted(Board board, int depth, int ply) {
        int fromTo = fromTo(1 - board.sideToMove(), played[ply], ply - 1);
        reward(back(ply, 1), fromTo, bonus(depth) / 2, ply - 1);
    }

    /**
     * The quiet move that led to a ply is learnt from by what it changed of the judgement of the
     * position, in centipawns for the side that made it.
     */
    void learnGain(Board board, int gained, int ply) {
        int by = Math.max(-MOST_GAIN, Math.min(MOST_GAIN, GAIN * gained));
        quiets.adjust(fromTo(1 - board.sideToMove(), played[ply], ply - 1), by);
    }

    private void reward(Board board, int move, int by, int ply) {
        byPawns.adjust(pawns(board) | slot(board, move), by);
        reward(slot(board, move), fromTo(board.sideToMove(), move, ply), by, ply);
    }

    private void reward(int slot, int fromTo, int by, int ply) {
        quiets.adjust(fromTo, by);
        for (int plies : BACK) {
            int before = back(ply, plies);
            if (before != NO_SLOT) {
                continuations.adjust(before * SLOTS + slot, plies == 4 ? by / 2 : by);
            }
        }
    }

    /** The captures tried before a cut-off did not bring it; the move that did may be one. */
    void learnCaptures(Board board, int best, int[] tried, int count, int depth) {
        int bonus = bonus(depth);
        if (Move.isCapture(best)) {
            captures.adjust(captureIndex(board, best), bonus);
        }
        for (int i = 0; i < count; i++) {
            captures.adjust(captureIndex(board, tried[i]), -bonus);
        }
    }

    private static int captureIndex(Board board, int move) {
        return slot(board, move) << 3 | board.codeAt(Move.to(move)) & 7;
    }

    private static int bonus(int depth) {
        return Math.min(160 * depth - 60, 1700);
    }
}
