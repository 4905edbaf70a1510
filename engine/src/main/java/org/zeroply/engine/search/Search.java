package org.zeroply.engine.search;

import org.zeroply.chess.board.Move;
import org.zeroply.engine.endings.Endings;
import org.zeroply.engine.exchange.StaticExchange;

/**
 * Principal variation search to one depth, by one thread. Scores are centipawns from the side to
 * move; a mate is {@link SearchState#MATE} less the plies to it. The margins are our own, found by
 * matches between versions (docs/engine-log.md).
 */
final class Search {

    private static final int MATE = SearchState.MATE;
    private static final int MATE_BOUND = SearchState.MATE_BOUND;
    private static final int INFINITE = SearchState.INFINITE;
    private static final int MAX_PLY = SearchState.MAX_PLY;

    /** So many plies from the root, forcing moves are never left out and hardly searched less. */
    private static final int NEAR = 6;

    /** With fewer plies left a forcing move is one among others, even near the root. */
    private static final int FORCING_DEPTH = 2;

    /** A side so far behind, in centipawns, is looked at for a mate before captures are played. */
    private static final int BEHIND = 150;

    private final SearchState s;
    private final Quiescence quiescence;
    private final StaticCuts cuts;
    private final Forcing[] forcing = new Forcing[NEAR + 1];

    /** By ply: the static evaluation, or {@link TranspositionTable#NO_EVALUATION} in check. */
    private final int[] statics = new int[MAX_PLY + 2];

    /** By ply: a move left out, to see whether it is the only good one. */
    private final int[] excluded = new int[MAX_PLY + 2];

    private final int[] doubled = new int[MAX_PLY + 2];
    private final int[][] quietsTried = new int[MAX_PLY + 2][64];
    private final int[][] capturesTried = new int[MAX_PLY + 2][32];
    private int rootDepth;

    Search(SearchState state) {
        s = state;
        quiescence = new Quiescence(state);
        cuts = new StaticCuts(state, this, quiescence);
        for (int i = 0; i <= NEAR; i++) {
            forcing[i] = new Forcing();
        }
    }

    /** Gets ready for a search of the root to a depth. */
    void begin(int depth) {
        rootDepth = depth;
        cuts.begin();
        statics[0] = s.checks[0] ? TranspositionTable.NO_EVALUATION : s.evaluate(0);
    }

    /** Searches a position that is not the root with a full or a null window. */
    int search(int depthLeft, int ply, int alphaIn, int betaIn, boolean cut) {
        Proofs.Proof proof = excluded[ply] == 0 ? s.proved(ply) : null;
        if (proof != null) {
            return s.visit(ply) ? 0 : proof.value(ply);
        }
        if (depthLeft <= 0) {
            boolean behind = !s.checks[ply] && s.roughly(ply) + BEHIND < alphaIn;
            int mate = behind ? s.mateAtOnce(ply) : 0;
            return mate != 0 ? mate : quiescence.search(ply, alphaIn, betaIn);
        }
        s.clearLine(ply);
        if (s.visit(ply)) {
            return 0;
        }
        int alpha = Math.max(alphaIn, -MATE + ply);
        int beta = Math.min(betaIn, MATE - ply - 1);
        if (alpha < 0 && s.board.canRepeat(ply)) {
            alpha = 0;
        }
        if (alpha >= beta) {
            return alpha;
        }
        if (s.isDraw(ply)) {
            return 0;
        }
        if (ply >= MAX_PLY - 2) {
            return s.checks[ply] ? 0 : s.evaluate(ply);
        }
        int out = excluded[ply];
        int exact = out == 0 ? s.exact(ply) : Endings.UNKNOWN;
        if (exact != Endings.UNKNOWN) {
            return exact;
        }
        long key = s.board.key();
        long known = out == 0 ? s.table.probe(key) : 0;
        if (known != 0 && beta - alpha == 1 && TranspositionTable.depth(known) >= depthLeft) {
            int score = SearchState.fromTable(TranspositionTable.score(known), ply);
            if (s.board.halfmoveClock() < 90
                    && SearchState.decides(TranspositionTable.bound(known), score, alpha, beta)) {
                return score;
            }
        }
        return beyondTable(depthLeft, ply, alpha, beta, cut, known);
    }

    private int beyondTable(int depthLeft, int ply, int alpha, int beta, boolean cut, long known) {
        boolean check = s.checks[ply];
        boolean mainLine = beta - alpha > 1;
        int out = excluded[ply];
        int still = TranspositionTable.NO_EVALUATION;
        int judged = still;
        if (out != 0) {
            still = statics[ply];
            judged = still;
        } else if (!check) {
            still = known == 0 ? still : TranspositionTable.evaluation(known);
            if (still == TranspositionTable.NO_EVALUATION) {
                still = s.evaluate(ply);
            }
            judged = known == 0 ? still : Quiescence.bettered(known, still, ply);
        }
        statics[ply] = still;
        s.history.clearKillers(ply + 1);
        doubled[ply] = ply == 0 ? 0 : doubled[ply - 1];
        boolean improving = !check && isImproving(ply, still);
        int depth = depthLeft;
        if (!mainLine && !check && out == 0) {
            int score = cuts.of(depth, ply, alpha, beta, cut, known, still, judged, improving);
            if (score != INFINITE) {
                return score;
            }
        }
        if (depth >= 4
                && (mainLine || cut)
                && out == 0
                && (known == 0 || TranspositionTable.move(known) == 0)) {
            depth--;
        }
        return moves(depth, ply, alpha, beta, cut, known, improving);
    }

    private boolean isImproving(int ply, int still) {
        int before = ply >= 2 ? statics[ply - 2] : TranspositionTable.NO_EVALUATION;
        return before == TranspositionTable.NO_EVALUATION || still > before;
    }

    private int moves(
            int depth, int ply, int alphaIn, int beta, boolean cut, long known, boolean improving) {
        boolean check = s.checks[ply];
        boolean mainLine = beta - alphaIn > 1;
        int out = excluded[ply];
        int tableMove = known == 0 ? 0 : TranspositionTable.move(known);
        int last = s.lastSlot(ply);
        int before = s.slotBefore(ply);
        int still = statics[ply];
        int[] quiets = quietsTried[ply];
        int[] captures = capturesTried[ply];
        int quietCount = 0;
        int captureCount = 0;
        int alpha = alphaIn;
        int best = -INFINITE;
        int bestMove = 0;
        int number = 0;
        boolean skipQuiets = false;
        boolean near = ply <= NEAR && depth >= FORCING_DEPTH;
        if (near) {
            forcing[ply].reset();
        }
        MovePicker picker = s.pickers[ply];
        picker.start(tableMove, ply, last, before, check);
        while (true) {
            int move = picker.next(skipQuiets);
            if (move == 0) {
                break;
            }
            if (move == out) {
                continue;
            }
            number++;
            boolean quiet = !Move.isCapture(move) && !Move.isPromotion(move);
            int rank = quiet ? s.history.quiet(s.board, move, last, before) : 0;
            boolean forces =
                    near && number > 1 && picker.isLate() && forcing[ply].isForcing(s.board, move);
            if (!forces && best > -MATE_BOUND && s.board.hasPieces(s.board.sideToMove())) {
                if (quiet && !check) {
                    int reduced = Math.max(0, depth - Reductions.of(depth, number));
                    if (number > (improving ? 3 + depth * depth : 3 + depth * depth / 2)
                            && !mainLine) {
                        skipQuiets = !near;
                        continue;
                    }
                    if (reduced <= 6 && still + 120 + 90 * reduced <= alpha && rank < 12_000) {
                        skipQuiets = !near;
                        continue;
                    }
                    if (reduced <= 4 && rank < -3500 * depth) {
                        continue;
                    }
                }
                int worst = quiet ? -24 * depth * depth : -95 * depth;
                if (depth <= 8
                        && picker.isLate()
                        && !StaticExchange.isAtLeast(s.board, move, worst)) {
                    continue;
                }
            }
            int extension = 0;
            if (move == tableMove && out == 0 && ply < 2 * rootDepth) {
                extension = singular(depth, ply, beta, cut, known, move, mainLine);
                if (extension == MULTIPLE) {
                    return Math.max(
                            -MATE_BOUND, Math.min(MATE_BOUND, singularBound(known, depth, ply)));
                }
            }
            s.make(move, ply);
            boolean gives = s.checks[ply + 1];
            if (gives
                    && extension == 0
                    && ply < 2 * rootDepth
                    && !picker.isLosing()
                    && (mainLine || depth <= 6)) {
                s.board.unmake(move);
                boolean sound = StaticExchange.isAtLeast(s.board, move, 0);
                s.make(move, ply);
                extension = sound ? 1 : 0;
            }
            int next = depth - 1 + extension;
            int score = 0;
            boolean full = mainLine && number == 1;
            if (!full) {
                int reduction = 0;
                if (depth >= 2 && number > (mainLine ? 2 : 1) && (quiet || picker.isLate())) {
                    reduction = Reductions.of(depth, number);
                    reduction += improving ? 0 : 1;
                    reduction += cut ? 1 : 0;
                    reduction -= mainLine ? 1 : 0;
                    reduction -= check ? 1 : 0;
                    reduction -= gives ? 1 : 0;
                    reduction -= quiet ? rank / 9000 : 1;
                    reduction = forces ? Math.min(reduction, 1) : reduction;
                    reduction = Math.max(0, Math.min(reduction, next - 1));
                }
                score =
                        -search(
                                next - reduction,
                                ply + 1,
                                -alpha - 1,
                                -alpha,
                                reduction > 0 || !cut);
                if (score > alpha && reduction > 0) {
                    score = -search(next, ply + 1, -alpha - 1, -alpha, !cut);
                }
                full = mainLine && score > alpha;
            }
            if (full) {
                score = -search(next, ply + 1, -beta, -alpha, false);
            }
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
            if (quiet && quietCount < quiets.length) {
                quiets[quietCount++] = move;
            } else if (!quiet && captureCount < captures.length) {
                captures[captureCount++] = move;
            }
        }
        if (number == 0) {
            return out != 0 ? alphaIn : check ? -MATE + ply : 0;
        }
        if (best >= beta) {
            if (!Move.isCapture(bestMove) && !Move.isPromotion(bestMove)) {
                s.history.learnQuiet(
                        s.board, bestMove, quiets, quietCount, depth, ply, last, before);
            }
            s.history.learnCaptures(s.board, bestMove, captures, captureCount, depth);
        }
        if (out == 0) {
            int bound =
                    best >= beta
                            ? TranspositionTable.LOWER
                            : best > alphaIn ? TranspositionTable.EXACT : TranspositionTable.UPPER;
            s.table.store(
                    s.board.key(), bestMove, SearchState.toTable(best, ply), still, depth, bound);
        }
        return best;
    }

    /** Several moves beat the bound even without the remembered one. */
    private static final int MULTIPLE = 100;

    private static int singularBound(long known, int depth, int ply) {
        return SearchState.fromTable(TranspositionTable.score(known), ply) - 2 * depth;
    }

    /** Whether the remembered move is the only good one, and so to be looked at more deeply. */
    private int singular(
            int depth, int ply, int beta, boolean cut, long known, int move, boolean mainLine) {
        int score = SearchState.fromTable(TranspositionTable.score(known), ply);
        if (depth < 7
                || TranspositionTable.depth(known) < depth - 3
                || (TranspositionTable.bound(known) & TranspositionTable.LOWER) == 0
                || Math.abs(score) >= MATE_BOUND) {
            return 0;
        }
        int bar = singularBound(known, depth, ply);
        excluded[ply] = move;
        int others = search((depth - 1) / 2, ply, bar - 1, bar, cut);
        excluded[ply] = 0;
        // The picker of this ply was used by the search without the move.
        s.pickers[ply].start(move, ply, s.lastSlot(ply), s.slotBefore(ply), s.checks[ply]);
        s.pickers[ply].next(false);
        if (s.stopped) {
            return 0;
        }
        if (others < bar) {
            if (!mainLine && others < bar - 20 && doubled[ply] < 6) {
                doubled[ply]++;
                return 2;
            }
            return 1;
        }
        if (bar >= beta) {
            return MULTIPLE;
        }
        return score >= beta ? -1 : 0;
    }
}
