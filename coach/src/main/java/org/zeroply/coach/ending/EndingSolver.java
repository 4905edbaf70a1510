package org.zeroply.coach.ending;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.function.DoubleConsumer;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.board.Side;
import org.zeroply.engine.analysis.Analysis;
import org.zeroply.engine.analysis.AnalysisRequest;
import org.zeroply.engine.analysis.Cancellation;
import org.zeroply.engine.analysis.Engine;
import org.zeroply.engine.analysis.Limits;
import org.zeroply.engine.analysis.Score;
import org.zeroply.engine.endings.Endings;

/**
 * Tells what an ending is: pawn endings by a graph solved backwards, others of up to four men by
 * the exact tables, all else by search, which proves little and says so.
 */
public final class EndingSolver {

    /** Nodes where a search has to do. */
    public static final long NODES = 2_000_000;

    /** Centipawns from which on a search counts as a win where nothing better is known. */
    private static final int DECISIVE = 600;

    /** Plies beyond which a winning line is cut off: our choice. */
    private static final int LONGEST_LINE = 80;

    /** Plies that are shown of a draw, which never ends: our choice. */
    private static final int DRAWN_LINE = 12;

    private final Engine engine;
    private final Endings tables;
    private final long nodes;

    /**
     * @param nodes for what can only be searched
     */
    public EndingSolver(Engine engine, Endings tables, long nodes) {
        this.engine = engine;
        this.tables = tables;
        this.nodes = nodes;
    }

    /**
     * Tells what a position is.
     *
     * @param progress told the part done, 0 to 1
     * @return nothing when cancelled
     */
    public Optional<EndingReport> solve(
            Position position, DoubleConsumer progress, Cancellation cancellation) {
        if (PawnEnding.covers(position)) {
            Optional<PawnEnding> graph =
                    PawnEnding.solve(position, engine, tables, progress, cancellation);
            return graph.map(
                    g ->
                            g.isSettled(position)
                                    ? known(position, g, graph)
                                    : searched(position, cancellation));
        }
        Optional<Truth> known = TableTruth.of(position, tables);
        EndingReport report =
                known.map(t -> known(position, t, Optional.empty()))
                        .orElseGet(() -> searched(position, cancellation));
        return cancellation.isCancelled() ? Optional.empty() : Optional.of(report);
    }

    // ---- Known results --------------------------------------------------------------------------

    private static EndingReport known(Position position, Truth truth, Optional<PawnEnding> graph) {
        int value = truth.value(position);
        List<Move> line = line(position, truth);
        List<Move> keeping = keeping(position, truth);
        List<Move> best = best(position, truth, keeping);
        EndingReport.Zugzwang zugzwang = zugzwang(position, truth, graph);
        return new EndingReport(
                EndingReport.Result.of(value),
                truth.isExact() ? EndingReport.Proof.EXACT : EndingReport.Proof.SEARCH,
                new EndingMoves(best, keeping, line),
                zugzwang,
                graph.filter(g -> value > 0 && isOthers(zugzwang, position.sideToMove()))
                        .flatMap(g -> Triangulation.find(g, position)),
                EndingWays.of(position, truth, line, best, keeping),
                graph);
    }

    private static boolean isOthers(EndingReport.Zugzwang zugzwang, Side side) {
        return zugzwang
                == (side == Side.WHITE ? EndingReport.Zugzwang.BLACK : EndingReport.Zugzwang.WHITE);
    }

    /** The moves that keep the result, the best first. */
    static List<Move> keeping(Position position, Truth truth) {
        int sign = Integer.signum(truth.value(position));
        List<Move> moves = new ArrayList<>(position.legalMoves());
        moves.removeIf(m -> Integer.signum(worth(position, truth, m)) != sign);
        moves.sort(Comparator.comparingInt((Move m) -> -Plies.rank(worth(position, truth, m))));
        return moves;
    }

    /** What a move is worth to who makes it. */
    private static int worth(Position position, Truth truth, Move move) {
        return Plies.back(truth.after(position, move));
    }

    static List<Move> best(Position position, Truth truth) {
        return best(position, truth, keeping(position, truth));
    }

    /** Of the moves that keep the result, the best first, those that are as good as the first. */
    private static List<Move> best(Position position, Truth truth, List<Move> keeping) {
        if (keeping.isEmpty()) {
            return keeping;
        }
        int first = worth(position, truth, keeping.get(0));
        return keeping.stream().filter(m -> worth(position, truth, m) == first).toList();
    }

    /** How it goes on with best play: a win to its promotion or mate, a draw for some moves. */
    static List<Move> line(Position start, Truth truth) {
        List<Move> line = new ArrayList<>();
        Position now = start;
        int most = truth.value(start) == 0 ? DRAWN_LINE : LONGEST_LINE;
        while (line.size() < most && truth.isSettled(now)) {
            List<Move> best = best(now, truth);
            if (best.isEmpty()) {
                break;
            }
            boolean drawn = truth.value(now) == 0;
            Move move = drawn ? DrawnPlay.natural(now, best) : best.get(0);
            line.add(move);
            now = now.play(move);
            if (move.promotion().isPresent() && truth instanceof PawnEnding) {
                break;
            }
        }
        return line;
    }

    // ---- Zugzwang -------------------------------------------------------------------------------

    private static EndingReport.Zugzwang zugzwang(
            Position position, Truth truth, Optional<PawnEnding> graph) {
        if (position.inCheck()) {
            return EndingReport.Zugzwang.NONE;
        }
        Position other = position.play(Move.NULL);
        if (!truth.isSettled(other)) {
            return EndingReport.Zugzwang.NONE;
        }
        boolean white = position.sideToMove() == Side.WHITE;
        int whiteMoves = Integer.signum(truth.value(white ? position : other));
        int blackMoves = -Integer.signum(truth.value(white ? other : position));
        if (whiteMoves < blackMoves) {
            return EndingReport.Zugzwang.MUTUAL;
        }
        if (whiteMoves != blackMoves || whiteMoves == 0 || graph.isEmpty()) {
            return EndingReport.Zugzwang.NONE;
        }
        Side loser = whiteMoves > 0 ? Side.BLACK : Side.WHITE;
        return graph.get().holdsByStanding(position, loser)
                ? loser == Side.WHITE ? EndingReport.Zugzwang.WHITE : EndingReport.Zugzwang.BLACK
                : EndingReport.Zugzwang.NONE;
    }

    // ---- Searched results -----------------------------------------------------------------------

    private EndingReport searched(Position position, Cancellation cancellation) {
        Optional<Analysis.Candidate> best =
                engine.analyse(
                                AnalysisRequest.of(position, Limits.nodes(nodes)),
                                a -> {},
                                cancellation)
                        .best();
        EndingReport.Result result = best.map(b -> result(b.score())).orElse(overBy(position));
        boolean clear = result != EndingReport.Result.UNCLEAR;
        List<Move> moves = best.filter(b -> clear).map(b -> List.of(b.move())).orElse(List.of());
        return new EndingReport(
                result,
                best.isPresent() ? EndingReport.Proof.SEARCH : EndingReport.Proof.EXACT,
                new EndingMoves(moves, moves, best.map(Analysis.Candidate::line).orElse(List.of())),
                EndingReport.Zugzwang.NONE,
                Optional.empty(),
                EndingWays.NONE,
                Optional.empty());
    }

    private static EndingReport.Result result(Score score) {
        if (score instanceof Score.Mate mate) {
            return mate.moves() > 0 ? EndingReport.Result.WIN : EndingReport.Result.LOSS;
        }
        int value = score.ordinal();
        return value >= DECISIVE
                ? EndingReport.Result.WIN
                : value <= -DECISIVE ? EndingReport.Result.LOSS : EndingReport.Result.UNCLEAR;
    }

    private static EndingReport.Result overBy(Position position) {
        return position.isCheckmate() ? EndingReport.Result.LOSS : EndingReport.Result.DRAW;
    }
}
