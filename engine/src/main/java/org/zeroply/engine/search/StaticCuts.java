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
     * @param still the static evaluation
     * @param judged the same, bettered by what is remembered
     * @return {@link SearchState#INFINITE} when there is none
     */
    int of(
            int depth,
            int ply,
            int alpha,
            int beta,
            boolean cut,
            long known,
            int still,
            int judged,
            boolean improving) {
        if (depth <= 3 && judged + 180 * depth + 60 < alpha) {
            int mate = s.mateAtOnce(ply);
            if (mate != 0) {
                return mate;
            }
            int score = quiescence.search(ply, alpha, alpha + 1);
            if (score <= alpha) {
                return score;
            }
        }
        if (Math.abs(beta) >= SearchState.MATE_BOUND) {
            return INFINITE;
        }
        boolean enough = depth <= 8 && judged - 75 * (depth - (improving ? 1 : 0)) >= beta;
        boolean passing =
                depth >= 3
                        && ply >= noNullBefore
                        && judged >= beta
                        && still >= beta + 60 - 18 * depth
                        && s.lastSlot(ply) != History.NO_SLOT;
        if ((enough || passing) && Forcing.threatensMate(s.board)) {
            return INFINITE;
        }
        if (enough) {
            return judged;
        }
        if (passing && s.board.hasPieces(s.board.sideToMove())) {
            int score = pass(depth, ply, beta, cut, judged);
            if (score >= beta || s.stopped) {
                return score;
            }
        }
        boolean refuted =
                known != 0
                        && TranspositionTable.depth(known) >= depth - 3
                        && TranspositionTable.score(known) < beta + 170;
        return depth >= 5 && !refuted ? capture(depth, ply, beta, cut, known, still) : INFINITE;
    }

    /** Null move; verified where zugzwang is likely or much depends on it. */
    private int pass(int depth, int ply, int beta, boolean cut, int judged) {
        int reduced = depth - 4 - depth / 4 - Math.min(3, (judged - beta) / 180);
        s.makeNull(ply);
        int score = -search.search(reduced, ply + 1, -beta, -beta + 1, !cut);
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
        int verified = search.search(Math.max(1, reduced), ply, beta - 1, beta, false);
        noNullBefore = 0;
        return verified >= beta ? result : -INFINITE;
    }

    /** ProbCut: a capture that is far above the bound in a shallow search is so in a deep one. */
    private int capture(int depth, int ply, int beta, boolean cut, long known, int still) {
        int bar = beta + 170;
        MovePicker picker = s.pickers[ply];
        int tableMove = known == 0 ? 0 : TranspositionTable.move(known);
        picker.startCaptures(tableMove, bar - still);
        while (true) {
            int move = picker.next(true);
            if (move == 0) {
                return INFINITE;
            }
            s.make(move, ply);
            int score = -quiescence.search(ply + 1, -bar, -bar + 1);
            if (score >= bar && !s.stopped) {
                score = -search.search(depth - 4, ply + 1, -bar, -bar + 1, !cut);
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
                        still,
                        depth - 3,
                        TranspositionTable.LOWER);
                return score;
            }
        }
    }
}
