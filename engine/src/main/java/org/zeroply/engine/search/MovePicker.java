package org.zeroply.engine.search;

import org.zeroply.chess.board.Board;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.MoveGenerator;
import org.zeroply.engine.exchange.StaticExchange;
import org.zeroply.engine.mate.CheckingMoves;

/**
 * Hands out the legal moves of a position, the likely best first, and generates no more than it has
 * to: the remembered move, captures that do not lose material, killers and the counter move, other
 * quiet moves by history and whether they give check, losing captures. One picker a ply is used
 * again and again.
 */
final class MovePicker {

    private static final int FIRST = 0;
    private static final int NOISY = 1;
    private static final int REFUTATIONS = 2;
    private static final int QUIETS = 3;
    private static final int LOSING = 4;
    private static final int EVASIONS = 5;
    private static final int DONE = 6;
    private static final int[] VALUE = {100, 320, 330, 500, 950, 0};
    private static final int FRONT_RANK = 1 << 15;

    /** What it adds to the rank of a quiet move that it gives check. */
    static final int CHECK = 12_000;

    /** A check that loses more than this by exchange, in centipawns, is a move like others. */
    private static final int CHECK_MAY_LOSE = 75;

    private final Board board;
    private final History history;

    /** Moves as generated, then each with its rank, quartered, in the upper half of the number. */
    private final int[] moves = new int[MoveGenerator.MAX_MOVES];

    private final int[] losing = new int[MoveGenerator.MAX_MOVES];
    private final int[] refutations = new int[3];
    private final CheckingMoves checks = new CheckingMoves();
    private int losingCount;
    private int index;
    private int end;
    private int stage;
    private int first;
    private int ply;
    private boolean noisyOnly;
    private int threshold;
    private boolean inCheck;
    private boolean generated;

    /** Rank of the last move that {@link #pick} took. */
    private int rank;

    MovePicker(Board board, History history) {
        this.board = board;
        this.history = history;
    }

    /** All moves. */
    void start(int tableMove, int ply, boolean check) {
        begin(tableMove, ply, check);
        noisyOnly = false;
        threshold = 0;
        refutations[0] = history.killer(ply, 0);
        refutations[1] = history.killer(ply, 1);
        refutations[2] = history.counter(ply);
    }

    /** Captures and queen promotions only, or every evasion of a check. */
    void startQuiescence(int tableMove, int ply, boolean check) {
        boolean usable = check || !Move.isQuiet(tableMove);
        begin(usable ? tableMove : 0, ply, check);
        noisyOnly = true;
        threshold = 0;
    }

    /** Captures and queen promotions that win at least so many centipawns. */
    void startCaptures(int tableMove, int atLeast) {
        boolean usable = !Move.isQuiet(tableMove);
        begin(usable ? tableMove : 0, 0, false);
        noisyOnly = true;
        threshold = atLeast;
    }

    private void begin(int tableMove, int ply, boolean check) {
        first = tableMove != 0 && MoveGenerator.isLegal(board, tableMove) ? tableMove : 0;
        this.ply = ply;
        losingCount = 0;
        index = 0;
        end = 0;
        stage = first != 0 ? FIRST : check ? EVASIONS : NOISY;
        inCheck = check;
        generated = false;
    }

    /** Whether the last move handed out was one of the ordinary or losing late ones. */
    boolean isLate() {
        return stage == QUIETS || stage == LOSING;
    }

    /**
     * Rank of a quiet move just handed out: by history ({@link History#quiet}), and for a check, in
     * steps of 4.
     */
    int rankOfQuiet(int move) {
        return stage == QUIETS ? rank : history.quiet(board, move, ply);
    }

    /** Whether the last move handed out is a capture that loses material. */
    boolean isLosing() {
        return stage == LOSING;
    }

    /**
     * The next move, 0 when there is none left.
     *
     * @param skipQuiets leave out the quiet moves that were not handed out yet
     */
    int next(boolean skipQuiets) {
        if (stage == FIRST) {
            stage = inCheck ? EVASIONS : NOISY;
            return first;
        }
        int move = 0;
        if (stage == EVASIONS) {
            move = evasion();
        }
        if (stage == NOISY) {
            move = noisy();
            if (move == 0) {
                stage = noisyOnly ? DONE : REFUTATIONS;
                index = 0;
            }
        }
        if (stage == REFUTATIONS) {
            move = skipQuiets ? 0 : refutation();
            if (move == 0) {
                stage = QUIETS;
                generated = false;
            }
        }
        if (stage == QUIETS) {
            move = skipQuiets ? 0 : quiet();
            if (move == 0) {
                stage = LOSING;
                index = 0;
            }
        }
        if (stage == LOSING) {
            return index < losingCount ? losing[index++] : 0;
        }
        return move;
    }

    private int refutation() {
        while (index < refutations.length) {
            int move = refutations[index++];
            if (isFreshRefutation(move)) {
                return move;
            }
        }
        return 0;
    }

    private boolean isFreshRefutation(int move) {
        if (move == 0 || move == first || !Move.isQuiet(move)) {
            return false;
        }
        for (int i = 0; i < index - 1; i++) {
            if (refutations[i] == move) {
                return false;
            }
        }
        return MoveGenerator.isLegal(board, move);
    }

    private boolean isRefutation(int move) {
        return move == refutations[0] || move == refutations[1] || move == refutations[2];
    }

    private int noisy() {
        if (!generated) {
            generated = true;
            end = MoveGenerator.captures(board, moves, 0);
            for (int i = 0; i < end; i++) {
                moves[i] = ranked(moves[i], captureRank(moves[i]));
            }
        }
        while (index < end) {
            int move = pick();
            if (move == first) {
                continue;
            }
            if (StaticExchange.isAtLeast(board, move, threshold)) {
                return move;
            }
            losing[losingCount++] = move;
        }
        return 0;
    }

    private int captureRank(int move) {
        int gain =
                Move.kind(move) == Move.EN_PASSANT
                        ? VALUE[0]
                        : Move.isCapture(move) ? VALUE[board.typeAt(Move.to(move))] : 0;
        gain += Move.isPromotion(move) ? VALUE[4] : 0;
        return 16 * gain - board.typeAt(Move.from(move)) * 8 + history.capture(board, move) / 8;
    }

    private int quiet() {
        if (!generated) {
            generated = true;
            index = 0;
            end = MoveGenerator.quiets(board, moves, 0);
            checks.begin(board);
            history.open(board, ply);
            for (int i = 0; i < end; i++) {
                moves[i] = ranked(moves[i], quietRank(moves[i]));
            }
        }
        while (index < end) {
            int move = pick();
            if (move != first && !isRefutation(move)) {
                return move;
            }
        }
        return 0;
    }

    private int quietRank(int move) {
        boolean check =
                checks.isCheck(move) && StaticExchange.isAtLeast(board, move, -CHECK_MAY_LOSE);
        return history.quietAtOpen(board, move) + (check ? CHECK : 0);
    }

    private int evasion() {
        if (!generated) {
            generated = true;
            end = MoveGenerator.all(board, moves, 0);
            for (int i = 0; i < end; i++) {
                int move = moves[i];
                boolean noisy = !Move.isQuiet(move);
                int rank =
                        noisy
                                ? FRONT_RANK + captureRank(move) / 2
                                : history.quiet(board, move, ply) / 2;
                moves[i] = ranked(move, rank);
            }
        }
        while (index < end) {
            int move = pick();
            if (move != first) {
                return move;
            }
        }
        stage = DONE;
        return 0;
    }

    private static int ranked(int move, int rank) {
        return rank >> 2 << 16 | move;
    }

    /** Takes the best-ranked of the remaining moves. */
    private int pick() {
        int most = moves[index];
        for (int i = index + 1; i < end; i++) {
            most = Math.max(most, moves[i]);
        }
        // No two are equal, as each holds another move.
        int best = index;
        while (moves[best] != most) {
            best++;
        }
        moves[best] = moves[index++];
        rank = most >> 16 << 2;
        return most & 0xffff;
    }
}
