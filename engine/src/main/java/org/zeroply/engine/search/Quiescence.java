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
        int tableMove = 0;
        if (known != 0) {
            tableMove = TranspositionTable.move(known);
            int score = SearchState.fromTable(TranspositionTable.score(known), ply);
            if (!mainLine
                    && SearchState.decides(TranspositionTable.bound(known), score, alphaIn, beta)) {
                return score;
            }
        }
        boolean check = s.checks[ply];
        int alpha = alphaIn;
        int best = -SearchState.MATE + ply;
        boolean main = mainLine || known != 0 && TranspositionTable.isMain(known);
        int raw = TranspositionTable.NO_EVALUATION;
        int still = raw;
        if (!check) {
            raw = known == 0 ? raw : TranspositionTable.evaluation(known);
            if (raw == TranspositionTable.NO_EVALUATION) {
                raw = s.evaluate(ply);
            }
            still = s.corrected(raw, ply);
            best = known == 0 ? still : bettered(known, still, ply);
            if (best >= beta) {
                if (known == 0) {
                    s.table.store(
                            key,
                            0,
                            SearchState.toTable(best, ply),
                            raw,
                            0,
                            TranspositionTable.LOWER,
                            main);
                }
                return best;
            }
            alpha = Math.max(alpha, best);
        }
        return captures(ply, alphaIn, alpha, beta, best, raw, still, tableMove, main);
    }

    /** A remembered bound can say more than the static evaluation. */
    static int bettered(long known, int still, int ply) {
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

    private int captures(
            int ply,
            int alphaIn,
            int alphaNow,
            int beta,
            int standing,
            int raw,
            int still,
            int tableMove,
            boolean main) {
        boolean check = s.checks[ply];
        int alpha = alphaNow;
        int best = standing;
        int bestMove = 0;
        int futile = still + DELTA;
        boolean few = Long.bitCount(s.board.occupied()) <= FEW;
        MovePicker picker = s.pickers[ply];
        picker.startQuiescence(tableMove, ply, check);
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
                int victim = Move.kind(move) == Move.EN_PASSANT ? 0 : s.board.typeAt(Move.to(move));
                int hoped = futile + VALUE[victim];
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
        s.table.store(s.board.key(), bestMove, SearchState.toTable(best, ply), raw, 0, bound, main);
        return best;
    }
}
