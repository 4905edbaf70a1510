package org.zeroply.engine.search;

import java.util.Arrays;
import java.util.List;
import org.zeroply.chess.board.Board;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.MoveGenerator;
import org.zeroply.engine.endings.Endings;
import org.zeroply.engine.endings.ExactLine;
import org.zeroply.engine.eval.Evaluator;
import org.zeroply.engine.mate.MateInOne;
import org.zeroply.engine.network.Accumulator;
import org.zeroply.engine.network.Network;
import org.zeroply.engine.network.StaticJudge;

/**
 * What one searching thread works with: the board, what it remembers ply by ply, and when it has to
 * stop. Nothing is allocated after construction.
 */
final class SearchState {

    static final int MAX_PLY = 128;
    static final int MATE = 32_000;
    static final int MATE_BOUND = MATE - 512;
    static final int INFINITE = 32_500;

    /** Static scores stay well below any mate. */
    private static final int MOST_STATIC = 20_000;

    final Board board = new Board();
    final History history = new History();
    final Corrections corrections = new Corrections();
    private final Endings endings;
    private int endingMen;
    private final Evaluator evaluator;

    /** For the network; null where the terms alone judge. */
    private final Accumulator accumulator;

    TranspositionTable table;
    private SearchLimits limits;

    final MovePicker[] pickers = new MovePicker[MAX_PLY + 2];

    /** By ply: what the men and places are worth, packed; kept up move by move. */
    private final int[] foundations = new int[MAX_PLY + 2];

    /** By ply: whether the side to move is in check. */
    final boolean[] checks = new boolean[MAX_PLY + 2];

    private final int[][] lines = new int[MAX_PLY + 2][MAX_PLY + 2];
    private final int[] lengths = new int[MAX_PLY + 2];
    volatile long nodes;
    private long counted;
    int deepest;
    boolean stopped;

    /** What was proved of positions near the root. */
    Proofs proofs = Proofs.NONE;

    /** What is searched side by side with other threads; null while a thread is on its own. */
    Race race;

    /** What other threads are at; null while a thread is on its own. */
    Underway underway;

    /** Keeps the early look at the table from being optimised away. */
    @SuppressWarnings("UnusedVariable")
    private long touched;

    /** Limits count only after the first depth, so that there is always a move to give. */
    boolean limited;

    SearchState(StaticJudge judge, Endings endings) {
        this.endings = endings;
        evaluator = Evaluator.with(judge.weights());
        accumulator = judge.network().map(n -> new Accumulator(n, MAX_PLY + 2)).orElse(null);
        for (int i = 0; i < pickers.length; i++) {
            pickers[i] = new MovePicker(board, history);
        }
    }

    /**
     * Gets ready to search a position.
     *
     * @param fresh forget what earlier searches taught about moves
     */
    void begin(Board from, TranspositionTable shared, SearchLimits until, boolean fresh) {
        board.become(from);
        table = shared;
        endingMen = endings.mostMen();
        limits = until;
        foundations[0] = evaluator.foundation(board);
        if (accumulator != null) {
            accumulator.begin(board);
        }
        checks[0] = board.inCheck();
        nodes = 0;
        counted = 0;
        deepest = 0;
        stopped = false;
        limited = false;
        proofs = Proofs.NONE;
        if (fresh) {
            forget();
        }
    }

    /** Plays a move at a ply; the next ply is then ready, and its place in the table at hand. */
    void make(int move, int ply) {
        foundations[ply + 1] = foundations[ply] + evaluator.change(board, move);
        if (accumulator != null) {
            accumulator.note(board, move, ply);
        }
        history.play(board, move, ply);
        board.make(move);
        touched += table.touch(board.key());
        checks[ply + 1] = board.inCheck();
    }

    void makeNull(int ply) {
        foundations[ply + 1] = foundations[ply];
        if (accumulator != null) {
            accumulator.notePass(ply);
        }
        history.pass(ply);
        board.makeNull();
        checks[ply + 1] = false;
    }

    /** Men and places alone, in centipawns from the side to move: at once, and roughly. */
    int roughly(int ply) {
        int white = Evaluator.roughly(foundations[ply]);
        return board.sideToMove() == 0 ? white : -white;
    }

    int evaluate(int ply) {
        boolean learnt = accumulator != null && Network.judges(board);
        int score =
                learnt
                        ? accumulator.judge(board, ply)
                        : evaluator.evaluate(board, foundations[ply]);
        return bounded(score);
    }

    /** The static evaluation of a position that the table may remember, 0 where it does not. */
    int evaluate(long known, int ply) {
        int remembered =
                known == 0
                        ? TranspositionTable.NO_EVALUATION
                        : TranspositionTable.evaluation(known);
        return remembered == TranspositionTable.NO_EVALUATION ? evaluate(ply) : remembered;
    }

    /** A static evaluation, corrected by what searches of the like found. */
    int corrected(int raw, int ply) {
        return bounded(raw + corrections.of(board, history.lastSlot(ply)));
    }

    private static int bounded(int score) {
        return Math.max(-MOST_STATIC, Math.min(MOST_STATIC, score));
    }

    /** Forgets what searches taught about moves and judgements. */
    void forget() {
        history.clear();
        corrections.clear();
    }

    /** Counts a node and tells whether to stop. */
    boolean visit(int ply) {
        counted++;
        if (ply > deepest) {
            deepest = ply;
        }
        if (stopped) {
            return true;
        }
        if ((counted & 511) == 0 || counted >= limits.nodes()) {
            nodes = counted;
            if (limited && limits.isReached(counted) || race != null && race.isDecided()) {
                stopped = true;
            }
        }
        return stopped;
    }

    /**
     * The score of a mate that the side to move, not in check, gives at once, with its line; 0 when
     * none was found.
     */
    int mateAtOnce(int ply) {
        int move = MateInOne.find(board);
        if (move == 0) {
            return 0;
        }
        clearLine(ply + 1);
        remember(ply, move);
        return visit(ply) ? 0 : MATE - ply - 1;
    }

    /** Counts positions that were visited beside the search. */
    void spend(long more) {
        counted += more;
        nodes = counted;
    }

    /** Searches to this many positions from now on. */
    void until(long most) {
        limits = new SearchLimits(most, limits.deadline(), limits.cancellation());
    }

    /** Nodes counted so far, exact for the searching thread itself. */
    long count() {
        return counted;
    }

    /**
     * What stands for a move, not yet made, among what threads are at; 0 where that is not asked.
     *
     * @param leftOut a move that the search of this position leaves out, or 0
     * @param depth plies left
     */
    long mark(int move, int leftOut, int depth) {
        return underway == null || depth < Underway.LEAST_DEPTH
                ? 0
                : Underway.mark(board.key(), move, leftOut);
    }

    /** Whether another thread is at the move of a mark. */
    boolean isUnderway(long mark) {
        return mark != 0 && underway.has(mark);
    }

    /** This thread begins with the move of a mark. */
    void begins(long mark) {
        if (mark != 0) {
            underway.begin(mark);
        }
    }

    /** And is through with it. */
    void ends(long mark) {
        if (mark != 0) {
            underway.end(mark);
        }
    }

    /** A draw by the rules, or a repetition within this search. */
    boolean isDraw(int ply) {
        if (board.halfmoveClock() >= 100 && !(checks[ply] && !MoveGenerator.any(board))) {
            return true;
        }
        if (board.isRepeated(ply)) {
            return true;
        }
        if ((board.piecesOfType(0) | board.piecesOfType(3) | board.piecesOfType(4)) != 0) {
            return false;
        }
        return Long.bitCount(board.piecesOfType(1) | board.piecesOfType(2)) <= 1;
    }

    /** The exact score of an ending, from the side to move; {@link Endings#UNKNOWN} without. */
    int exact(int ply) {
        if (endingMen == 0 || Long.bitCount(board.occupied()) > endingMen) {
            return Endings.UNKNOWN;
        }
        int plies = endings.probe(board);
        if (plies == Endings.UNKNOWN || plies == 0) {
            return plies;
        }
        return plies > 0 ? MATE - ply - plies : -MATE + ply - plies - 1;
    }

    /** How a line goes on to the mate when it ends in an ending that is known. */
    List<Move> exactLine(int[] line) {
        Board end = board.copy();
        for (int move : line) {
            end.make(move);
        }
        return Long.bitCount(end.occupied()) > endingMen ? List.of() : ExactLine.from(end, endings);
    }

    void clearLine(int ply) {
        lengths[ply] = 0;
    }

    /** The best line from a ply begins with this move and goes on as the next ply found. */
    void remember(int ply, int move) {
        lines[ply][0] = move;
        int rest = lengths[ply + 1];
        System.arraycopy(lines[ply + 1], 0, lines[ply], 1, rest);
        lengths[ply] = rest + 1;
    }

    int[] line() {
        return Arrays.copyOf(lines[0], lengths[0]);
    }

    /** Takes what was proved of the position at a ply, with its line; null for nothing. */
    Proofs.Proof proved(int ply) {
        if (proofs.isEmpty()) {
            return null;
        }
        Proofs.Proof proof = proofs.of(board.key());
        if (proof != null) {
            int length = Math.min(proof.line().length, MAX_PLY - ply);
            System.arraycopy(proof.line(), 0, lines[ply], 0, length);
            lengths[ply] = length;
        }
        return proof;
    }

    static boolean decides(int bound, int score, int alpha, int beta) {
        return bound == TranspositionTable.EXACT
                || bound == TranspositionTable.LOWER && score >= beta
                || bound == TranspositionTable.UPPER && score <= alpha;
    }

    /** Mates are stored as distances from the position, not from the root. */
    static int toTable(int score, int ply) {
        return score >= MATE_BOUND ? score + ply : score <= -MATE_BOUND ? score - ply : score;
    }

    static int fromTable(int score, int ply) {
        return score >= MATE_BOUND ? score - ply : score <= -MATE_BOUND ? score + ply : score;
    }
}
