package org.zeroply.engine.checks;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import org.zeroply.chess.board.Board;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.MoveGenerator;
import org.zeroply.chess.board.Position;
import org.zeroply.engine.analysis.Cancellation;
import org.zeroply.engine.exchange.StaticExchange;

/**
 * What a side wins in material that plays nothing but checks and may end them with a capture. It
 * stops when it likes; the other side answers every check in its best way. What the last capture
 * brings is told by static exchange.
 */
public final class CheckGain {

    /** Stands for mate among the gains, in centipawns. */
    public static final int MATE = 20_000;

    private final long nodeLimit;
    private final Cancellation cancellation;
    private Board board = new Board();
    private long nodes;
    private boolean stopped;

    /**
     * @param nodeLimit positions to visit at most
     */
    public CheckGain(long nodeLimit, Cancellation cancellation) {
        this.nodeLimit = nodeLimit;
        this.cancellation = cancellation;
    }

    /**
     * What is won.
     *
     * @param gain centipawns more than a capture at once would win; 0 when checks win nothing
     * @param line the checks, the answers, and the capture at the end
     */
    public record Won(int gain, List<Move> line) {
        public Won {
            line = List.copyOf(line);
        }
    }

    /**
     * Lets the side to move check.
     *
     * @param mostChecks the longest series looked at, in checks
     */
    public Won search(Position position, int mostChecks) {
        Won best = new Won(0, List.of());
        nodes = 0;
        stopped = false;
        for (int checks = 1; checks <= mostChecks && !stopped; checks++) {
            board = position.toBoard();
            int at = bestCapture(new ArrayList<>());
            List<Move> line = new ArrayList<>();
            int value = attack(checks, at, MATE, line);
            if (!stopped && value > at && line.size() > 1) {
                best = new Won(value - Math.max(0, at), line);
            }
        }
        return best;
    }

    /** Material won from here on by the side that checks. */
    private int attack(int checksLeft, int alpha, int beta, List<Move> line) {
        if (++nodes >= nodeLimit || (nodes & 255) == 0 && cancellation.isCancelled()) {
            stopped = true;
        }
        int best = bestCapture(line);
        if (checksLeft == 0 || best >= beta || stopped) {
            return best;
        }
        int floor = Math.max(alpha, best);
        for (int move : moves()) {
            int won = StaticExchange.atOnce(board, move);
            board.make(move);
            if (board.inCheck()) {
                List<Move> answers = new ArrayList<>();
                int rest = defend(checksLeft - 1, floor - won, beta - won, answers);
                int value = rest >= MATE ? MATE : won + rest;
                if (value > best) {
                    best = value;
                    line.clear();
                    line.add(new Move(move));
                    line.addAll(answers);
                }
            }
            board.unmake(move);
            floor = Math.max(floor, best);
            if (floor >= beta || stopped) {
                break;
            }
        }
        return best;
    }

    private int defend(int checksLeft, int alpha, int beta, List<Move> line) {
        int[] moves = moves();
        if (moves.length == 0) {
            return MATE;
        }
        int worst = MATE + 1;
        int ceiling = beta;
        for (int move : moves) {
            int lost = StaticExchange.atOnce(board, move);
            board.make(move);
            List<Move> rest = new ArrayList<>();
            int value = attack(checksLeft, alpha + lost, ceiling + lost, rest) - lost;
            board.unmake(move);
            if (value < worst) {
                worst = value;
                line.clear();
                line.add(new Move(move));
                line.addAll(rest);
            }
            ceiling = Math.min(ceiling, worst);
            if (ceiling <= alpha || stopped) {
                break;
            }
        }
        return worst;
    }

    /** What the best capture wins when the checks stop here; at least nothing. */
    private int bestCapture(List<Move> line) {
        int best = 0;
        for (int move : moves()) {
            int gain = Move.isCapture(move) ? StaticExchange.of(board, move) : 0;
            if (gain > best) {
                best = gain;
                line.clear();
                line.add(new Move(move));
            }
        }
        return best;
    }

    private int[] moves() {
        int[] moves = new int[MoveGenerator.MAX_MOVES];
        return Arrays.copyOf(moves, MoveGenerator.all(board, moves, 0));
    }
}
