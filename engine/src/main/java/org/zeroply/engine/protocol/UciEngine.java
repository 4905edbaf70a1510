package org.zeroply.engine.protocol;

import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.zeroply.chess.board.Move;
import org.zeroply.engine.analysis.Analysis;
import org.zeroply.engine.analysis.AnalysisListener;
import org.zeroply.engine.analysis.AnalysisRequest;
import org.zeroply.engine.analysis.Cancellation;
import org.zeroply.engine.analysis.Engine;
import org.zeroply.engine.analysis.EngineFailure;
import org.zeroply.engine.analysis.Limits;

/**
 * Another program that serves the open engine protocol, as an engine. It is started with the first
 * analysis; when it ends, falls silent or answers nonsense, the analysis fails with an {@link
 * EngineFailure}, the program is killed, and the next analysis starts it again.
 */
public final class UciEngine implements Engine, AutoCloseable {

    private final List<String> command;
    private final Map<String, String> options;
    private final Patience patience;
    private UciProcess process;
    private volatile String name;

    /**
     * How long to wait for the program, in milliseconds.
     *
     * @param start until it has introduced itself
     * @param answer until it says that it is ready, or gives its move after being told to stop
     */
    public record Patience(long start, long answer) {

        /** Ten seconds to start, five to answer. */
        public static final Patience USUAL = new Patience(10_000, 5_000);
    }

    /**
     * @param command the executable and its arguments
     * @param options options of the program to set, by name
     */
    public UciEngine(List<String> command, Map<String, String> options, Patience patience) {
        if (command.isEmpty()) {
            throw new IllegalArgumentException("a command is needed");
        }
        this.command = List.copyOf(command);
        this.options = Map.copyOf(options);
        this.patience = patience;
        name = command.get(0).replaceAll("\\s+", "-");
    }

    /** Before the first analysis the name of the executable, then what the program calls itself. */
    @Override
    public String name() {
        return name;
    }

    /**
     * Starts the program unless it runs, and gives its name.
     *
     * @throws EngineFailure if it does not introduce itself
     */
    public synchronized String start() {
        if (process != null && !process.isAlive()) {
            close();
        }
        if (process == null) {
            UciProcess started = new UciProcess(command, patience);
            try {
                name = started.introduce(options).replaceAll("\\s+", "-");
            } catch (EngineFailure e) {
                started.kill();
                throw e;
            }
            process = started;
        }
        return name;
    }

    @Override
    public synchronized Analysis analyse(
            AnalysisRequest request, AnalysisListener listener, Cancellation cancellation) {
        List<Move> candidates = request.candidates();
        if (candidates.isEmpty()) {
            return new Analysis(List.of(), List.of(), 0, 0, 0, 0);
        }
        start();
        try {
            process.send("setoption name MultiPV value " + request.lines());
            process.send("setoption name Threads value " + request.threads());
            process.awaitReady();
            process.send("position fen " + request.start().fen() + moves(request.moves()));
            UciAnalysis analysis = new UciAnalysis(request, listener);
            process.send(go(request));
            process.search(analysis, request.limits(), cancellation);
            return analysis.result();
        } catch (EngineFailure e) {
            close();
            throw e;
        }
    }

    private static String moves(List<Move> moves) {
        return moves.isEmpty() ? "" : " moves " + coordinates(moves);
    }

    private static String coordinates(List<Move> moves) {
        return moves.stream().map(Move::coordinates).collect(Collectors.joining(" "));
    }

    private static String go(AnalysisRequest request) {
        Limits limits = request.limits();
        StringBuilder go = new StringBuilder("go");
        if (limits.equals(Limits.NONE)) {
            go.append(" infinite");
        }
        if (limits.depth() != Limits.MAX_DEPTH) {
            go.append(" depth ").append(limits.depth());
        }
        if (limits.nodes() != Long.MAX_VALUE) {
            go.append(" nodes ").append(limits.nodes());
        }
        if (limits.millis() != Long.MAX_VALUE) {
            go.append(" movetime ").append(limits.millis());
        }
        if (!request.rootMoves().isEmpty()) {
            go.append(" searchmoves ").append(coordinates(request.candidates()));
        }
        return go.toString();
    }

    @Override
    public synchronized void forget() {
        if (process != null) {
            process.send("ucinewgame");
        }
    }

    /** Ends the program. */
    @Override
    public synchronized void close() {
        if (process != null) {
            process.kill();
            process = null;
        }
    }
}
