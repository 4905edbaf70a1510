package org.zeroply.engine.search;

import org.zeroply.chess.board.Move;
import org.zeroply.engine.endings.Endings;

/**
 * Plays out captures, promotions and evasions of checks until a position can be judged as it is.
 */
final class Quiescence {

    private static final int[] VALUE = {110, 330, 340, 520, 1000, 0};
    private static final int DELTA = 140;

    /** With so few men a capture can be worth all there is: what is left cannot win any more. */
    private static final int FEW = 5;

    private final SearchState s;

    Quiescence(SearchState state) {
        s = state;
    }

    int search(int ply, int alphaIn, int beta) {
        s.clearLine(ply);
        if (s.visit(ply)) {
            return 0;
        }
        if (s.isDraw(ply)) {
            return 0;
        }
        if (ply >= SearchState.MAX_PLY - 2) {
            return s.checks[ply] ? 0 : s.evaluate(ply);
        }
        int exact = s.exact(ply);
        if (exact != Endings.UNKNOWN) {
            return exact;
        }
        boolean mainLine = beta - alphaIn > 1;
        long key = s.board.key();
        long known = s.table.probe(key);
        if (known != 0) {
            int score = SearchState.fromTable(TranspositionTable.score(known), ply);
            if (!mainLine
                    && SearchState.decides(TranspositionTable.bound(known), score, alphaIn, beta)) {
                return score;
            }
        }
        boolean check = s.checks[ply];
        int alpha = alphaIn;
        int best = -SearchState.MATE + ply;
        int raw = TranspositionTable.NO_EVALUATION;
        int still = raw;
        if (!check) {
            raw = s.evaluate(known, ply);
            still = s.corrected(raw, ply);
            best = bettered(known, still, ply);
            if (best >= beta) {
                if (known == 0) {
                    s.table.store(
                            key,
                            0,
                            SearchState.toTable(best, ply),
                            raw,
                            0,
                            TranspositionTable.LOWER,
                            mainLine);
                }
                return best;
            }
            alpha = Math.max(alpha, best);
        }
        return captures(ply, alphaIn, alpha, beta, best, raw, still, known);
    }

    /** A remembered bound, if there is one, can say more than the static evaluation. */
    static int bettered(long known, int still, int ply) {
        if (known == 0) {
            return still;
        }
        int score = SearchState.fromTable(TranspositionTable.score(known), ply);
        int bound = TranspositionTable.bound(known);
        boolean usable =
                bound == TranspositionTable.EXACT
                        || bound
                                == (score > still
                                        ? TranspositionTable.LOWER
                                        : TranspositionTable.UPPER);
        return usable && Math.abs(score) < SearchState.MATE_BOUND ? score : still;
    }

    /** What a capture, not yet made, takes, in centipawns. */
    int gain(int move) {
        return VALUE[Move.kind(move) == Move.EN_PASSANT ? 0 : s.board.typeAt(Move.to(move))];
    }

    private int captures(
            int ply,
            int alphaIn,
            int alphaNow,
            int beta,
            int standing,
            int raw,
            int still,
            long known) {
        boolean check = s.checks[ply];
        int alpha = alphaNow;
        int best = standing;
        int bestMove = 0;
        int futile = still + DELTA;
        boolean few = Long.bitCount(s.board.occupied()) <= FEW;
        if (check) {
            s.history.look(s.board, ply);
        }
        MovePicker picker = s.pickers[ply];
        picker.startQuiescence(TranspositionTable.move(known), ply, check);
        while (true) {
            int move = picker.next(false);
            if (move == 0) {
                break;
            }
            if (check) {
                // One quiet evasion may fail; once a line holds, quiet ones are not tried further.
                if (best > -SearchState.MATE_BOUND && !Move.isCapture(move)) {
                    continue;
                }
            } else if (!few && !Move.isPromotion(move) && best > -SearchState.MATE_BOUND) {
                int hoped = futile + gain(move);
                if (hoped <= alpha) {
                    best = Math.max(best, hoped);
                    continue;
                }
            }
            s.make(move, ply);
            int score = -search(ply + 1, -beta, -alpha);
            s.board.unmake(move);
            if (s.stopped) {
                return 0;
            }
            if (score > best) {
                best = score;
                if (score > alpha) {
                    bestMove = move;
                    alpha = score;
                    s.remember(ply, move);
                    if (alpha >= beta) {
                        break;
                    }
                }
            }
        }
        int bound = best >= beta ? TranspositionTable.LOWER : TranspositionTable.UPPER;
        if (best > alphaIn && best < beta) {
            bound = TranspositionTable.EXACT;
        }
        boolean main = beta - alphaIn > 1 || s.table.isMain(known);
        s.table.store(s.board.key(), bestMove, SearchState.toTable(best, ply), raw, 0, bound, main);
        return best;
    }
}
