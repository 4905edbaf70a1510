package org.zeroply.engine.search;

/**
 * What lets a search turn away from a position without trying its moves. Whoever is threatened with
 * mate at once, or can give it, is not judged by how the men stand: a queen given up for a mate
 * would else be seen only as many plies later as the queen is worth (docs/engine-log.md).
 */
final class StaticCuts {

    private static final int INFINITE = SearchState.INFINITE;

    private final SearchState s;
    private final Search search;
    private final Quiescence quiescence;
    private int noNullBefore;

    StaticCuts(SearchState state, Search search, Quiescence quiescence) {
        s = state;
        this.search = search;
        this.quiescence = quiescence;
    }

    /** Gets ready for a search of the root. */
    void begin() {
        noNullBefore = 0;
    }

    /**
     * Cuts that need no move: razoring, the margin by which a position is already too good,
     * passing, and a capture that will do.
     *
     * @return {@link SearchState#INFINITE} when there is none
     */
    int of(SearchNode n, int ply) {
        int depth = n.depth;
        int beta = n.beta;
        int judged = n.judged;
        if (depth <= 3 && judged + 180 * depth + 60 < n.alpha) {
            int mate = s.mateAtOnce(ply);
            if (mate != 0) {
                return mate;
            }
            int score = quiescence.search(ply, n.alpha, n.alpha + 1);
            if (score <= n.alpha) {
                return score;
            }
        }
        if (Math.abs(beta) >= SearchState.MATE_BOUND) {
            return INFINITE;
        }
        boolean enough = depth <= 8 && judged - 75 * (depth - (n.improving ? 1 : 0)) >= beta;
        boolean passing =
                depth >= 3
                        && ply >= noNullBefore
                        && judged >= beta
                        && n.still >= beta + 60 - 18 * depth
                        && s.history.lastMove(ply) != 0;
        if ((enough || passing) && Forcing.threatensMate(s.board)) {
            return INFINITE;
        }
        if (enough) {
            // How far above the bound a position stands is worth less than a search would say.
            return beta + (judged - beta) / 3;
        }
        if (passing && s.board.hasPieces(s.board.sideToMove())) {
            int score = pass(n, ply);
            if (score >= beta || s.stopped) {
                return score;
            }
        }
        boolean refuted =
                n.known != 0
                        && TranspositionTable.depth(n.known) >= depth - 3
                        && TranspositionTable.score(n.known) < beta + 170;
        return depth >= 5 && !refuted ? capture(n, ply) : INFINITE;
    }

    /** Null move; verified where zugzwang is likely or much depends on it. */
    private int pass(SearchNode n, int ply) {
        int depth = n.depth;
        int beta = n.beta;
        int reduced = depth - 4 - depth / 4 - Math.min(3, (n.judged - beta) / 180);
        s.makeNull(ply);
        int score = -search.search(reduced, ply + 1, -beta, -beta + 1, !n.cut);
        s.board.unmakeNull();
        if (s.stopped || score < beta) {
            return s.stopped ? 0 : -INFINITE;
        }
        int result = Math.min(score, SearchState.MATE_BOUND - 1);
        long own = s.board.pieces(s.board.sideToMove());
        long pieces = own & ~(s.board.piecesOfType(0) | s.board.piecesOfType(5));
        boolean few = (pieces & pieces - 1) == 0;
        if (noNullBefore > 0 || depth < 12 && !few) {
            return result;
        }
        noNullBefore = ply + Math.max(1, reduced * 3 / 4);
        int alpha = n.alpha;
        boolean cut = n.cut;
        long known = n.known;
        int verified = search.search(Math.max(1, reduced), ply, beta - 1, beta, false);
        noNullBefore = 0;
        // The node of this ply was used by that search.
        n.begin(depth, alpha, beta, cut, known);
        return verified >= beta ? result : -INFINITE;
    }

    /** ProbCut: a capture that is far above the bound in a shallow search is so in a deep one. */
    private int capture(SearchNode n, int ply) {
        int bar = n.beta + 170;
        MovePicker picker = s.pickers[ply];
        picker.startCaptures(n.tableMove, bar - n.still);
        while (true) {
            int move = picker.next(true);
            if (move == 0) {
                return INFINITE;
            }
            s.make(move, ply);
            int score = -quiescence.search(ply + 1, -bar, -bar + 1);
            if (score >= bar && !s.stopped) {
                score = -search.search(n.depth - 4, ply + 1, -bar, -bar + 1, !n.cut);
            }
            s.board.unmake(move);
            if (s.stopped) {
                return 0;
            }
            if (score >= bar) {
                s.table.store(
                        s.board.key(),
                        move,
                        SearchState.toTable(score, ply),
                        n.raw,
                        n.depth - 3,
                        TranspositionTable.LOWER,
                        n.main);
                return score;
            }
        }
    }
}
