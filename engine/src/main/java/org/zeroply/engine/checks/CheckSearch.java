package org.zeroply.engine.checks;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.zeroply.chess.board.Board;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.MoveGenerator;
import org.zeroply.chess.board.Position;
import org.zeroply.engine.analysis.Cancellation;

/**
 * Answers "do they have enough checks?": searches all checks of the side to move and every answer
 * to them, nothing else, deeper and deeper. A proof holds whatever the search left out, since it
 * leaves out nothing but the moves that are no checks.
 */
public final class CheckSearch {

    private static final int MATE = 3;
    private static final int FOR_EVER = 2;
    private static final int OPEN = 1;
    private static final int OVER = 0;

    private final long nodeLimit;
    private final Cancellation cancellation;
    private Board board = new Board();
    private long nodes;
    private boolean stopped;

    /** Positions of this iteration: what was found with so many checks left. */
    private final Map<Long, Integer> known = new HashMap<>();

    private final List<Long> path = new ArrayList<>();
    private boolean leansOnPath;

    /**
     * @param nodeLimit positions to visit at most
     */
    public CheckSearch(long nodeLimit, Cancellation cancellation) {
        this.nodeLimit = nodeLimit;
        this.cancellation = cancellation;
    }

    /**
     * Lets the side to move check.
     *
     * @param mostChecks the longest series looked at, in checks
     */
    public CheckSequence search(Position position, int mostChecks) {
        nodes = 0;
        stopped = false;
        CheckSequence last = new CheckSequence(CheckSequence.Outcome.UNCLEAR, List.of(), 0);
        for (int checks = 1; checks <= mostChecks && !stopped; checks++) {
            board = position.toBoard();
            known.clear();
            path.clear();
            List<Move> line = new ArrayList<>();
            int value = attack(checks, line);
            if (stopped) {
                break;
            }
            last = new CheckSequence(outcome(value), line, nodes);
            if (value != OPEN) {
                return last;
            }
        }
        return new CheckSequence(CheckSequence.Outcome.UNCLEAR, last.line(), nodes);
    }

    private static CheckSequence.Outcome outcome(int value) {
        return switch (value) {
            case MATE -> CheckSequence.Outcome.MATES;
            case FOR_EVER -> CheckSequence.Outcome.GOES_ON;
            case OVER -> CheckSequence.Outcome.RUNS_OUT;
            default -> CheckSequence.Outcome.UNCLEAR;
        };
    }

    /** The best that checks lead to: the most for the checking side. */
    private int attack(int checksLeft, List<Move> line) {
        nodes++;
        if (nodes >= nodeLimit || (nodes & 255) == 0 && cancellation.isCancelled()) {
            stopped = true;
        }
        long key = board.key();
        if (path.contains(key)) {
            leansOnPath = true;
            return FOR_EVER;
        }
        int[] moves = new int[MoveGenerator.MAX_MOVES];
        int count = MoveGenerator.all(board, moves, 0);
        Integer remembered = known.get(key ^ checksLeft * 0x9E3779B97F4A7C15L);
        if (remembered != null && line.isEmpty() && !path.isEmpty()) {
            return remembered;
        }
        boolean leantBefore = leansOnPath;
        leansOnPath = false;
        path.add(key);
        int best = OVER;
        for (int move : Arrays.copyOf(moves, count)) {
            if (stopped) {
                break;
            }
            board.make(move);
            if (board.inCheck()) {
                List<Move> answers = new ArrayList<>();
                int value = checksLeft == 0 ? OPEN : defend(checksLeft - 1, answers);
                if (value > best
                        || line.isEmpty()
                        || value == best && answers.size() >= line.size()) {
                    line.clear();
                    line.add(new Move(move));
                    line.addAll(answers);
                }
                best = Math.max(best, value);
            }
            board.unmake(move);
            if (best == MATE) {
                break;
            }
        }
        path.remove(path.size() - 1);
        if (!leansOnPath && !stopped) {
            known.put(key ^ checksLeft * 0x9E3779B97F4A7C15L, best);
        }
        leansOnPath |= leantBefore;
        return best;
    }

    /** The best answer to a check: the least for the checking side. */
    private int defend(int checksLeft, List<Move> line) {
        nodes++;
        int[] moves = new int[MoveGenerator.MAX_MOVES];
        int count = MoveGenerator.all(board, moves, 0);
        if (count == 0) {
            return MATE;
        }
        int worst = MATE + 1;
        for (int i = 0; i < count && !stopped; i++) {
            board.make(moves[i]);
            List<Move> rest = new ArrayList<>();
            int value = attack(checksLeft, rest);
            board.unmake(moves[i]);
            if (value < worst) {
                worst = value;
                line.clear();
                line.add(new Move(moves[i]));
                line.addAll(rest);
            }
            if (worst == OVER) {
                break;
            }
        }
        return worst;
    }
}
