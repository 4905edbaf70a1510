package org.zeroply.workshop.suite;

import java.util.List;
import java.util.Optional;
import org.zeroply.chess.board.Board;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.Position;
import org.zeroply.engine.analysis.Analysis;
import org.zeroply.engine.analysis.AnalysisRequest;
import org.zeroply.engine.analysis.Engine;
import org.zeroply.engine.analysis.Limits;

/**
 * Finds positions that are still open, in which one quiet move, no check, is better than every
 * other one by more than hangs on taste, but wins nothing at once. A glance must choose another
 * move, or the position would not tell engines apart, and must not see one that is forced; all
 * longer looks must choose the key. The bounds are our choice.
 */
final class QuietKeyFinder implements KeyFinder {

    /** Nodes of the look that must choose another move. */
    private static final long GLANCE = 30_000;

    /**
     * Nodes of the look that must choose the key, before it is asked by how much it is better:
     * about what an engine has in the second that the set gives it.
     */
    private static final long SECOND_LOOK = 1_000_000;

    private static final long LONGER_LOOK = 8_000_000;

    /** The key must be better than all others by so many centipawns. */
    private static final int BETTER = 20;

    /** What is better by more than this wins something at once. */
    private static final int WINS = 120;

    /** Where one side is further ahead than this, the question is another one. */
    private static final int OPEN = 180;

    /**
     * What a glance sees so far ahead will hardly be open in the end: it is not looked at again.
     */
    private static final int SURELY_DECIDED = 300;

    /** Endings of a few men are known or need to be calculated. */
    private static final int LEAST_MEN = 9;

    private final Engine engine;
    private final long nodes;

    /**
     * @param nodes of the search that has the last word
     */
    QuietKeyFinder(Engine engine, long nodes) {
        this.engine = engine;
        this.nodes = nodes;
    }

    @Override
    public Optional<Analysis.Candidate> find(Position position) {
        Board board = position.toBoard();
        if (board.inCheck()
                || position.legalMoves().size() < 2
                || Long.bitCount(board.occupied()) < LEAST_MEN) {
            return Optional.empty();
        }
        List<Analysis.Candidate> glance = lines(position, GLANCE);
        Analysis.Candidate tempting = glance.get(0);
        if (Math.abs(tempting.score().ordinal()) > SURELY_DECIDED || isForced(glance)) {
            return Optional.empty();
        }
        Move key = best(position, SECOND_LOOK);
        if (key.equals(tempting.move()) || !isQuiet(position, key)) {
            return Optional.empty();
        }
        if (LONGER_LOOK < nodes && key(position, key, LONGER_LOOK).isEmpty()) {
            return Optional.empty();
        }
        return key(position, key, nodes);
    }

    private static boolean isForced(List<Analysis.Candidate> lines) {
        return lines.size() < 2
                || lines.get(0).score().ordinal() - lines.get(1).score().ordinal() > WINS;
    }

    private List<Analysis.Candidate> lines(Position position, long budget) {
        return engine.analyse(AnalysisRequest.of(position, Limits.nodes(budget)).withLines(2))
                .lines();
    }

    private Move best(Position position, long budget) {
        return engine.analyse(AnalysisRequest.of(position, Limits.nodes(budget)))
                .best()
                .orElseThrow()
                .move();
    }

    private Optional<Analysis.Candidate> key(Position position, Move key, long budget) {
        List<Analysis.Candidate> lines = lines(position, budget);
        if (lines.size() < 2 || !lines.get(0).move().equals(key)) {
            return Optional.empty();
        }
        int best = lines.get(0).score().ordinal();
        int better = best - lines.get(1).score().ordinal();
        return Math.abs(best) <= OPEN && better >= BETTER && better <= WINS
                ? Optional.of(lines.get(0))
                : Optional.empty();
    }

    private static boolean isQuiet(Position position, Move move) {
        return !move.isCapture()
                && move.promotion().isEmpty()
                && !position.play(move).toBoard().inCheck();
    }
}
