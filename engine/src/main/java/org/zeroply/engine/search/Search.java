package org.zeroply.engine.search;

import java.util.Arrays;
import org.zeroply.chess.board.Board;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.MoveGenerator;
import org.zeroply.engine.analysis.Cancellation;
import org.zeroply.engine.eval.Evaluator;
import org.zeroply.engine.exchange.StaticExchange;

/**
 * Principal variation search to one depth, by one thread. Scores are centipawns from the side to
 * move; a mate is {@link #MATE} less the plies to it.
 */
final class Search {

    static final int MAX_PLY = 128;
    static final int MATE = 32_000;
    static final int MATE_BOUND = MATE - MAX_PLY;
    private static final int INFINITE = 32_500;

    /** How many plies less a late quiet move is searched, by depth left and number of the move. */
    private static final int[][] REDUCTIONS = new int[64][64];

    static {
        for (int depth = 1; depth < 64; depth++) {
            for (int number = 1; number < 64; number++) {
                double plies = 0.6 + Math.log(depth) * Math.log(number) / 2.1;
                REDUCTIONS[depth][number] = (int) plies;
            }
        }
    }

    private final Board board;
    private final TranspositionTable table;
    private final Cancellation cancellation;
    private final long nodeLimit;
    private final long deadline;
    private final Evaluator evaluator = new Evaluator();
    private final MoveOrder order = new MoveOrder();
    private final int[] moves = new int[MAX_PLY * MoveGenerator.MAX_MOVES];
    private final int[] ranks = new int[MAX_PLY * MoveGenerator.MAX_MOVES];
    private final int[][] line = new int[MAX_PLY + 1][MAX_PLY + 1];
    private final int[] lineLength = new int[MAX_PLY + 1];
    private final int[] staticScores = new int[MAX_PLY + 1];
    private final int[] played = new int[MAX_PLY + 1];
    private long nodes;
    private boolean stopped;

    /** Limits count from the second iteration on, so that there is always a move to give. */
    private boolean limited;

    Search(
            Board board,
            TranspositionTable table,
            Cancellation cancellation,
            long nodeLimit,
            long deadline) {
        this.board = board;
        this.table = table;
        this.cancellation = cancellation;
        this.nodeLimit = nodeLimit;
        this.deadline = deadline;
    }

    long nodes() {
        return nodes;
    }

    /** Whether a limit was reached; the result of the depth in work is then not complete. */
    boolean isStopped() {
        return stopped;
    }

    /** The principal variation of the last {@link #root} call. */
    int[] line() {
        return Arrays.copyOf(line[0], lineLength[0]);
    }

    /**
     * Searches the given root moves with an aspiration window around a guess. The best move is put
     * first among them.
     */
    int root(int[] rootMoves, int from, int depth, int guess) {
        int margin = depth < 5 ? INFINITE : 30;
        int alpha = Math.max(-INFINITE, guess - margin);
        int beta = Math.min(INFINITE, guess + margin);
        while (true) {
            int score = rootWindow(rootMoves, from, depth, alpha, beta);
            if (stopped || score > alpha && score < beta) {
                limited = true;
                return score;
            }
            margin *= 4;
            if (score <= alpha) {
                alpha = margin > 1000 ? -INFINITE : Math.max(-INFINITE, guess - margin);
            } else {
                beta = margin > 1000 ? INFINITE : Math.min(INFINITE, guess + margin);
            }
        }
    }

    private int rootWindow(int[] rootMoves, int from, int depth, int alpha, int beta) {
        int best = -INFINITE;
        int low = alpha;
        lineLength[0] = 0;
        for (int i = from; i < rootMoves.length; i++) {
            int move = rootMoves[i];
            played[0] = move;
            board.make(move);
            int score;
            if (i == from) {
                score = -search(depth - 1, 1, -beta, -low);
            } else {
                score = -search(depth - 1, 1, -low - 1, -low);
                if (score > low && !stopped) {
                    score = -search(depth - 1, 1, -beta, -low);
                }
            }
            board.unmake(move);
            if (stopped) {
                return best;
            }
            if (score > best) {
                best = score;
                if (score > low || i == from) {
                    remember(0, move);
                    System.arraycopy(rootMoves, from, rootMoves, from + 1, i - from);
                    rootMoves[from] = move;
                }
                low = Math.max(low, score);
            }
            if (low >= beta) {
                return best;
            }
        }
        return best;
    }

    private void remember(int ply, int move) {
        line[ply][0] = move;
        int rest = lineLength[ply + 1];
        System.arraycopy(line[ply + 1], 0, line[ply], 1, rest);
        lineLength[ply] = rest + 1;
    }

    private boolean shouldStop() {
        if (stopped) {
            return true;
        }
        if (!limited) {
            return false;
        }
        if (nodes >= nodeLimit) {
            stopped = true;
        } else if ((nodes & 1023) == 0
                && (cancellation.isCancelled() || System.nanoTime() >= deadline)) {
            stopped = true;
        }
        return stopped;
    }

    private boolean isDraw() {
        if (board.halfmoveClock() >= 100 && !(board.inCheck() && !MoveGenerator.any(board))) {
            return true;
        }
        if (board.repetitions() > 0) {
            return true;
        }
        if ((board.piecesOfType(0) | board.piecesOfType(3) | board.piecesOfType(4)) != 0) {
            return false;
        }
        return Long.bitCount(board.piecesOfType(1) | board.piecesOfType(2)) <= 1;
    }

    private int search(int depthLeft, int ply, int alphaIn, int betaIn) {
        lineLength[ply] = 0;
        if (shouldStop()) {
            return 0;
        }
        if (isDraw()) {
            return 0;
        }
        int alpha = Math.max(alphaIn, -MATE + ply);
        int beta = Math.min(betaIn, MATE - ply - 1);
        if (alpha >= beta) {
            return alpha;
        }
        boolean check = board.inCheck();
        int depth = check ? depthLeft + 1 : depthLeft;
        if (depth <= 0 || ply >= MAX_PLY - 2) {
            return quiesce(ply, alpha, beta);
        }
        nodes++;
        boolean mainLine = beta - alpha > 1;
        long key = board.key();
        long known = table.probe(key);
        int tableMove = 0;
        if (known != 0) {
            tableMove = TranspositionTable.move(known);
            int score = fromTable(TranspositionTable.score(known), ply);
            if (!mainLine
                    && TranspositionTable.depth(known) >= depth
                    && decides(TranspositionTable.bound(known), score, alpha, beta)) {
                return score;
            }
        }
        int still = check ? -INFINITE : evaluator.evaluate(board);
        staticScores[ply] = still;
        boolean improving = !check && ply >= 2 && still > staticScores[ply - 2];
        if (!mainLine && !check && Math.abs(beta) < MATE_BOUND) {
            if (depth <= 6 && still - 85 * (depth - (improving ? 1 : 0)) >= beta) {
                return still;
            }
            if (depth >= 3
                    && still >= beta
                    && played[ply - 1] != 0
                    && board.hasPieces(board.sideToMove())) {
                int score = pass(depth, ply, beta, still);
                if (score >= beta) {
                    return Math.min(score, MATE_BOUND - 1);
                }
            }
        }
        if (tableMove == 0 && depth >= 5) {
            depth--;
        }
        return moves(depth, ply, alpha, beta, check, tableMove, improving, still);
    }

    private int pass(int depth, int ply, int beta, int still) {
        int reduction = 3 + depth / 4 + Math.min(2, (still - beta) / 200);
        played[ply] = 0;
        board.makeNull();
        int score = -search(depth - reduction, ply + 1, -beta, -beta + 1);
        board.unmakeNull();
        return stopped ? -INFINITE : score;
    }

    private int moves(
            int depth,
            int ply,
            int alpha,
            int beta,
            boolean check,
            int tableMove,
            boolean improving,
            int still) {
        int start = ply * MoveGenerator.MAX_MOVES;
        int end = MoveGenerator.all(board, moves, start);
        if (end == start) {
            return check ? -MATE + ply : 0;
        }
        boolean mainLine = beta - alpha > 1;
        int last = played[ply - 1];
        order.score(board, moves, ranks, start, end, tableMove, ply, last);
        int side = board.sideToMove();
        int best = -INFINITE;
        int bestMove = 0;
        int low = alpha;
        int quietsSeen = 0;
        for (int i = start; i < end; i++) {
            MoveOrder.pick(moves, ranks, i, end);
            int move = moves[i];
            boolean quiet = !Move.isCapture(move) && !Move.isPromotion(move);
            int number = i - start;
            played[ply] = move;
            board.make(move);
            boolean givesCheck = board.inCheck();
            boolean prunable = number > 0 && !check && !givesCheck && best > -MATE_BOUND;
            if (prunable && quiet && !mainLine) {
                boolean late = depth <= 6 && quietsSeen > (improving ? 6 : 4) + depth * depth;
                boolean futile = depth <= 5 && still + 110 + 95 * depth <= low;
                if (late || futile) {
                    board.unmake(move);
                    quietsSeen++;
                    continue;
                }
            }
            int score = 0;
            boolean full = number == 0;
            if (!full) {
                int reduction = 0;
                if (depth >= 3 && number >= 3 && !check && !givesCheck && quiet) {
                    reduction = reduction(depth, number, side, move, mainLine, improving);
                } else if (depth >= 3 && ranks[i] <= MoveOrder.BAD_CAPTURE / 2 && !givesCheck) {
                    reduction = 1;
                }
                score = -search(depth - 1 - reduction, ply + 1, -low - 1, -low);
                if (score > low && reduction > 0) {
                    score = -search(depth - 1, ply + 1, -low - 1, -low);
                }
                full = score > low && score < beta;
            }
            if (full) {
                score = -search(depth - 1, ply + 1, -beta, -low);
            }
            board.unmake(move);
            if (stopped) {
                return 0;
            }
            if (score > best) {
                best = score;
                if (score > low) {
                    bestMove = move;
                    low = score;
                    remember(ply, move);
                }
            }
            if (low >= beta) {
                if (quiet) {
                    order.learn(side, move, moves, start, i, depth, ply, last);
                }
                break;
            }
            quietsSeen += quiet ? 1 : 0;
        }
        int bound =
                best >= beta
                        ? TranspositionTable.LOWER
                        : best > alpha ? TranspositionTable.EXACT : TranspositionTable.UPPER;
        table.store(board.key(), bestMove, toTable(best, ply), depth, bound);
        return best;
    }

    private int reduction(
            int depth, int number, int side, int move, boolean mainLine, boolean improving) {
        int base = REDUCTIONS[Math.min(depth, 63)][Math.min(number, 63)];
        int reduction = base - order.history(side, move) / 6000;
        reduction += improving ? 0 : 1;
        reduction -= mainLine ? 1 : 0;
        return Math.max(0, Math.min(reduction, depth - 2));
    }

    private int quiesce(int ply, int alpha, int beta) {
        lineLength[ply] = 0;
        nodes++;
        if (shouldStop()) {
            return 0;
        }
        boolean check = board.inCheck();
        if (ply >= MAX_PLY - 2) {
            return evaluator.evaluate(board);
        }
        int best = -MATE + ply;
        int low = alpha;
        int still = -INFINITE;
        if (!check) {
            still = evaluator.evaluate(board);
            if (still >= beta) {
                return still;
            }
            best = still;
            low = Math.max(low, still);
        }
        int start = ply * MoveGenerator.MAX_MOVES;
        int end =
                check
                        ? MoveGenerator.all(board, moves, start)
                        : MoveGenerator.captures(board, moves, start);
        order.score(board, moves, ranks, start, end, 0, ply, 0);
        for (int i = start; i < end; i++) {
            MoveOrder.pick(moves, ranks, i, end);
            int move = moves[i];
            if (!check) {
                if (ranks[i] < 0) {
                    break;
                }
                if (still + 150 + Math.max(0, StaticExchange.of(board, move)) <= low) {
                    continue;
                }
            }
            played[ply] = move;
            board.make(move);
            int score = -quiesce(ply + 1, -beta, -low);
            board.unmake(move);
            if (stopped) {
                return 0;
            }
            if (score > best) {
                best = score;
                if (score > low) {
                    low = score;
                    remember(ply, move);
                    if (low >= beta) {
                        break;
                    }
                }
            }
        }
        return best;
    }

    private static boolean decides(int bound, int score, int alpha, int beta) {
        return bound == TranspositionTable.EXACT
                || bound == TranspositionTable.LOWER && score >= beta
                || bound == TranspositionTable.UPPER && score <= alpha;
    }

    /** Mates are stored as distances from the position, not from the root. */
    private static int toTable(int score, int ply) {
        return score >= MATE_BOUND ? score + ply : score <= -MATE_BOUND ? score - ply : score;
    }

    private static int fromTable(int score, int ply) {
        return score >= MATE_BOUND ? score - ply : score <= -MATE_BOUND ? score + ply : score;
    }
}
