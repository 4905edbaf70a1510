package org.zeroply.engine.search;

import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.MoveGenerator;
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

    private final SearchNode[] nodes = new SearchNode[MAX_PLY + 2];

    /** By ply: the same positions searched without the remembered move. */
    private final SearchNode[] without = new SearchNode[MAX_PLY + 2];

    /** By ply: a move left out, to see whether it is the only good one. */
    private final int[] excluded = new int[MAX_PLY + 2];

    /** By ply: how many plies less the position is searched than it could be. */
    private final int[] reduced = new int[MAX_PLY + 2];

    private final int[] doubled = new int[MAX_PLY + 2];

    /** By ply: positions after the last one two plies before that were cut off. */
    private final int[] cutOffs = new int[MAX_PLY + 4];

    private int rootDepth;

    Search(SearchState state) {
        s = state;
        quiescence = new Quiescence(state);
        cuts = new StaticCuts(state, this, quiescence);
        for (int i = 0; i < nodes.length; i++) {
            nodes[i] = new SearchNode();
            without[i] = new SearchNode();
        }
        for (int i = 0; i <= NEAR; i++) {
            forcing[i] = new Forcing();
        }
    }

    /** Gets ready for a search of the root to a depth. */
    void begin(int depth) {
        rootDepth = depth;
        cuts.begin();
        s.history.look(s.board, 0);
        SearchNode root = nodes[0];
        root.begin(depth, -INFINITE, INFINITE, false, 0);
        judge(root, 0);
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
                int move = TranspositionTable.move(known);
                if (score >= beta
                        && move != 0
                        && Move.isQuiet(move)
                        && MoveGenerator.isLegal(s.board, move)) {
                    s.history.look(s.board, ply);
                    s.history.confirmQuiet(s.board, move, depthLeft, ply);
                }
                return score;
            }
        }
        return beyondTable(depthLeft, ply, alpha, beta, cut, known);
    }

    private int beyondTable(int depthLeft, int ply, int alpha, int beta, boolean cut, long known) {
        boolean whole = excluded[ply] == 0;
        SearchNode n = whole ? nodes[ply] : without[ply];
        n.begin(depthLeft, alpha, beta, cut, known);
        if (whole) {
            judge(n, ply);
        } else {
            n.judgeAs(nodes[ply]);
        }
        s.history.clearKillers(ply + 1);
        doubled[ply] = doubled[ply - 1];
        cutOffs[ply + 2] = 0;
        if (whole && !n.check && nodes[ply - 1].still != TranspositionTable.NO_EVALUATION) {
            int gained = -n.still - nodes[ply - 1].still;
            n.depth += insight(n, gained, ply);
            if (Move.isQuiet(s.history.lastMove(ply)) && s.history.lastMove(ply) != 0) {
                s.history.learnGain(s.board, gained, ply);
            }
        }
        reduced[ply] = 0;
        if (whole && !n.isOpen() && !n.check) {
            int score = cuts.of(n, ply);
            if (score != INFINITE) {
                return score;
            }
        }
        if (n.depth >= 4 && (n.isOpen() || n.cut) && whole && n.tableMove == 0) {
            n.depth--;
        }
        return moves(n, ply);
    }

    /** Judges a position as it stands. */
    private void judge(SearchNode n, int ply) {
        n.check = s.checks[ply];
        n.main = n.isOpen() || s.table.isMain(n.known);
        n.raw = TranspositionTable.NO_EVALUATION;
        n.still = n.raw;
        n.judged = n.raw;
        n.improving = false;
        if (n.check) {
            return;
        }
        n.raw = s.evaluate(n.known, ply);
        n.still = s.corrected(n.raw, ply);
        n.judged = Quiescence.bettered(n.known, n.still, ply);
        int before = ply >= 2 ? nodes[ply - 2].still : TranspositionTable.NO_EVALUATION;
        n.improving = before == TranspositionTable.NO_EVALUATION || n.still > before;
    }

    /**
     * Plies more or less for a position that was to be searched less deeply, now that it is seen
     * what the move to it brought.
     *
     * @param gained centipawns for the side that made it
     */
    private int insight(SearchNode n, int gained, int ply) {
        if (reduced[ply] >= 3 && gained >= 0) {
            return 1;
        }
        return reduced[ply] >= 1 && n.depth >= 2 && gained < -180 ? -1 : 0;
    }

    private int moves(SearchNode n, int ply) {
        int out = excluded[ply];
        if (out == 0) {
            s.history.look(s.board, ply);
        }
        boolean skipQuiets = false;
        boolean near = ply <= NEAR && n.depth >= FORCING_DEPTH;
        if (near) {
            forcing[ply].reset();
        }
        MovePicker picker = s.pickers[ply];
        picker.start(n.tableMove, ply, n.check);
        while (n.low < n.beta && !s.stopped) {
            int move = picker.next(skipQuiets);
            if (move == 0) {
                break;
            }
            if (move == out) {
                continue;
            }
            n.takes(move, picker.isLate(), picker.isLosing());
            boolean quiet = Move.isQuiet(move);
            n.rank = quiet ? picker.rankOfQuiet(move) : s.history.capture(s.board, move);
            n.forces = near && n.number > 1 && n.late && forcing[ply].isForcing(s.board, move);
            if (!n.forces && n.best > -MATE_BOUND && s.board.hasPieces(s.board.sideToMove())) {
                if (quiet && !n.check && LateMoves.isHopeless(n)) {
                    skipQuiets = !near;
                    continue;
                }
                if (quiet && !n.check && LateMoves.isUnpromising(n)
                        || ply > NEAR && isFutile(n)
                        || n.depth <= 8
                                && n.late
                                && !StaticExchange.isAtLeast(
                                        s.board, move, LateMoves.worst(n, quiet))) {
                    continue;
                }
            }
            int extension = 0;
            if (move == n.tableMove && out == 0 && ply < 2 * rootDepth) {
                extension = singular(n, ply);
                if (extension == MULTIPLE) {
                    return Math.max(-MATE_BOUND, Math.min(MATE_BOUND, singularBound(n, ply)));
                }
            }
            long mark = n.number > 1 ? s.mark(move, out, n.depth) : 0;
            if (!s.isUnderway(mark) || !n.putOff()) {
                atHand(n, ply, extension, mark);
            }
        }
        for (int i = 0; n.low < n.beta && !s.stopped && n.takeUp(i); i++) {
            atHand(n, ply, 0, s.mark(n.move, out, n.depth));
        }
        if (s.stopped) {
            return 0;
        }
        if (n.number == 0) {
            return out != 0 ? n.alpha : n.check ? -MATE + ply : 0;
        }
        learn(n, ply);
        return n.best > n.beta && n.best < MATE_BOUND && n.beta > -MATE_BOUND
                ? (n.best * n.depth + n.beta) / (n.depth + 1)
                : n.best;
    }

    /** Whether the move at hand is a capture that takes too little. */
    private boolean isFutile(SearchNode n) {
        return Move.isCapture(n.move) && !n.check && LateMoves.isFutile(n, quiescence.gain(n.move));
    }

    /** Searches the move at hand, and keeps it where it is the best so far. */
    private void atHand(SearchNode n, int ply, int extension, long mark) {
        int move = n.move;
        boolean quiet = Move.isQuiet(move);
        s.begins(mark);
        s.make(move, ply);
        boolean gives = s.checks[ply + 1];
        int more = extension;
        if (gives
                && more == 0
                && ply < 2 * rootDepth
                && !n.losing
                && (n.isOpen() || n.depth <= 6)) {
            s.board.unmake(move);
            boolean sound = StaticExchange.isAtLeast(s.board, move, 0);
            s.make(move, ply);
            more = sound ? 1 : 0;
        }
        int next = n.depth - 1 + more;
        int reduction = 0;
        if (n.depth >= 2 && n.number > (n.isOpen() ? 2 : 1) && (quiet || n.late)) {
            n.refuted = cutOffs[ply + 1] > 2;
            reduction = LateMoves.reduction(n, gives, next);
            reduction = n.forces ? Math.min(reduction, 1) : reduction;
        }
        int score = searched(n, ply, next, reduction);
        s.board.unmake(move);
        s.ends(mark);
        if (s.stopped) {
            return;
        }
        if (score > n.best) {
            n.best = score;
            if (score > n.low) {
                n.bestMove = move;
                n.low = score;
                s.remember(ply, move);
            }
        }
        if (n.low < n.beta) {
            n.tried(move, quiet);
        }
    }

    /** Searches the move just made: whether it is better, and if so by how much. */
    private int searched(SearchNode n, int ply, int depthLeft, int reduction) {
        int next = depthLeft;
        int score = 0;
        boolean full = n.isOpen() && n.number == 1;
        if (!full) {
            int low = n.low;
            reduced[ply + 1] = reduction;
            boolean cut = reduction > 0 || !n.cut;
            score = -search(next - reduction, ply + 1, -low - 1, -low, cut);
            reduced[ply + 1] = 0;
            if (score > low && reduction > 0) {
                int shallow = next - reduction;
                next += n.best > -MATE_BOUND ? more(n, score, reduction) : 0;
                if (next > shallow) {
                    score = -search(next, ply + 1, -low - 1, -low, !n.cut);
                }
            }
            full = n.isOpen() && score > low;
        }
        return full ? -search(next, ply + 1, -n.beta, -n.low, false) : score;
    }

    /** A late move that is far better than the best one is searched deeper, and the contrary. */
    private static int more(SearchNode n, int score, int reduction) {
        return score > n.best + 45 && reduction > 1 ? 1 : score < n.best + 8 ? -1 : 0;
    }

    /** Keeps what the moves of a position came to. */
    private void learn(SearchNode n, int ply) {
        boolean quiet = n.bestMove != 0 && Move.isQuiet(n.bestMove);
        if (n.best >= n.beta) {
            cutOffs[ply]++;
            if (quiet) {
                s.history.learnQuiet(s.board, n.bestMove, n.quiets, n.quietCount, n.depth, ply);
            }
            s.history.learnCaptures(s.board, n.bestMove, n.captures, n.captureCount, n.depth);
        }
        if (excluded[ply] != 0) {
            return;
        }
        int last = s.history.lastMove(ply);
        if (n.best <= n.alpha && last != 0 && Move.isQuiet(last)) {
            s.history.learnUnrefuted(s.board, n.depth, ply);
        }
        int bound =
                n.best >= n.beta
                        ? TranspositionTable.LOWER
                        : n.best > n.alpha ? TranspositionTable.EXACT : TranspositionTable.UPPER;
        int stored = SearchState.toTable(n.best, ply);
        s.table.store(s.board.key(), n.bestMove, stored, n.raw, n.depth, bound, n.main);
        boolean tells =
                bound == TranspositionTable.EXACT
                        || (bound == TranspositionTable.LOWER) == n.best > n.still;
        boolean calm = !n.check && (n.bestMove == 0 || quiet);
        if (calm && tells && Math.abs(n.best) < MATE_BOUND) {
            int slot = s.history.lastSlot(ply);
            s.corrections.learn(s.board, slot, n.best - n.still, n.depth);
        }
    }

    /** Several moves beat the bound even without the remembered one. */
    private static final int MULTIPLE = 100;

    private static int singularBound(SearchNode n, int ply) {
        return SearchState.fromTable(TranspositionTable.score(n.known), ply) - 2 * n.depth;
    }

    /** Whether the remembered move is the only good one, and so to be looked at more deeply. */
    private int singular(SearchNode n, int ply) {
        int score = SearchState.fromTable(TranspositionTable.score(n.known), ply);
        if (n.depth < 7
                || TranspositionTable.depth(n.known) < n.depth - 3
                || (TranspositionTable.bound(n.known) & TranspositionTable.LOWER) == 0
                || Math.abs(score) >= MATE_BOUND) {
            return 0;
        }
        int bar = singularBound(n, ply);
        excluded[ply] = n.tableMove;
        int others = search((n.depth - 1) / 2, ply, bar - 1, bar, n.cut);
        excluded[ply] = 0;
        // The picker of this ply was used by the search without the move.
        s.pickers[ply].start(n.tableMove, ply, n.check);
        s.pickers[ply].next(false);
        if (s.stopped) {
            return 0;
        }
        if (others < bar) {
            if (!n.isOpen() && others < bar - 20 && doubled[ply] < 6) {
                doubled[ply]++;
                return 2;
            }
            return 1;
        }
        if (bar >= n.beta) {
            return MULTIPLE;
        }
        return score >= n.beta ? -2 : n.cut ? -1 : 0;
    }
}
