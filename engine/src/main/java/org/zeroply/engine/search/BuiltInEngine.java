package org.zeroply.engine.search;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.concurrent.TimeUnit;
import org.zeroply.chess.board.Board;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.Position;
import org.zeroply.engine.analysis.Analysis;
import org.zeroply.engine.analysis.AnalysisListener;
import org.zeroply.engine.analysis.AnalysisRequest;
import org.zeroply.engine.analysis.Cancellation;
import org.zeroply.engine.analysis.Engine;
import org.zeroply.engine.analysis.ExpectedScoreCurve;
import org.zeroply.engine.analysis.Limits;
import org.zeroply.engine.endings.Endings;
import org.zeroply.engine.mate.MateSearch;
import org.zeroply.engine.network.StaticJudge;

/** Our own engine. One analysis at a time; a second call waits for the first. */
public final class BuiltInEngine implements Engine {

    /** Name and version in stamps; changes whenever the same request could give another answer. */
    public static final String NAME = "zeroply-0.11";

    /** Analyses that must always come out the same begin with an empty table, at most this big. */
    private static final int REPEATABLE_MEGABYTES = 16;

    private static final long NODES_A_MEGABYTE = 1 << 15;

    /** A second or so of a processor that has nothing compiled yet; our choice. */
    private static final long WARM_UP_NODES = 500_000;

    private final int megabytes;
    private final StaticJudge judge;
    private final Endings endings;
    private final List<SearchState> states = new ArrayList<>();
    private final Map<Integer, TranspositionTable> repeatable = new HashMap<>();
    private final MateSearch mates = new MateSearch();
    private final Map<TranspositionTable, TranspositionTable> besides = new HashMap<>();
    private TranspositionTable shared;

    /**
     * @param megabytes memory for remembered positions, in MiB; at most a quarter of what this
     *     program may use
     */
    public BuiltInEngine(int megabytes) {
        this(megabytes, Endings.NONE);
    }

    /**
     * @param megabytes memory for remembered positions, in MiB; at most a quarter of what this
     *     program may use
     * @param endings exact results to use where the men on the board are few
     */
    public BuiltInEngine(int megabytes, Endings endings) {
        this(megabytes, StaticJudge.shipped(), endings);
    }

    /**
     * @param megabytes memory for remembered positions, in MiB; at most a quarter of what this
     *     program may use
     * @param judge what quiet positions are judged by
     * @param endings exact results to use where the men on the board are few
     */
    public BuiltInEngine(int megabytes, StaticJudge judge, Endings endings) {
        this.megabytes = TranspositionTable.fitting(megabytes);
        this.judge = judge;
        this.endings = endings;
    }

    /**
     * Searches what nobody asked for and keeps nothing of it: what the virtual machine learns from
     * it about our code, the first analysis need not wait for.
     *
     * @return positions visited
     */
    public static long warmUp(Cancellation cancellation) {
        Position middlegame =
                Position.fromFen(
                        "r1bq1rk1/pp2bppp/2n1pn2/3p4/2PP4/2N2N2/PP2BPPP/R1BQ1RK1 w - - 0 9");
        AnalysisRequest request = AnalysisRequest.of(middlegame, Limits.nodes(WARM_UP_NODES));
        return new BuiltInEngine(1).analyse(request, soFar -> {}, cancellation).nodes();
    }

    @Override
    public String name() {
        return NAME;
    }

    /** Memory for remembered positions, in MiB: what was asked for, as far as it fits. */
    public int megabytes() {
        return megabytes;
    }

    @Override
    public synchronized Analysis analyse(
            AnalysisRequest request, AnalysisListener listener, Cancellation cancellation) {
        long began = System.nanoTime();
        Board board = request.start().toBoard();
        request.moves().forEach(m -> board.make(m.packed()));
        int[] roots = request.candidates().stream().mapToInt(Move::packed).toArray();
        if (roots.length == 0) {
            return new Analysis(List.of(), List.of(), 0, 0, 0, 0);
        }
        boolean fresh = request.limits().isDeterministic() && request.threads() == 1;
        TranspositionTable table = fresh ? repeatable(request.limits()) : shared();
        boolean apart = fresh && request.lines() > 1;
        while (states.size() < (apart ? 2 : request.threads())) {
            states.add(new SearchState(judge, endings));
        }
        SearchState main = states.get(0);
        SearchLimits limits = limits(request.limits(), began, cancellation);
        main.begin(board, table, limits, fresh);
        SearchState others = main;
        if (apart) {
            others = states.get(1);
            others.begin(board, beside(table), limits, true);
        }
        try (Helpers helpers = new Helpers(states.subList(1, request.threads()), board, table)) {
            RootLines lines = new RootLines(main, others, roots, limits.nodes(), helpers, listener);
            return new Deepening(
                            request,
                            lines,
                            ExpectedScoreCurve.at(board),
                            watch(board, roots, fresh, cancellation),
                            listener,
                            cancellation,
                            began)
                    .run();
        }
    }

    private MateWatch watch(Board board, int[] roots, boolean fresh, Cancellation cancellation) {
        if (fresh) {
            mates.forget();
        }
        return new MateWatch(mates, board, roots, cancellation);
    }

    private static SearchLimits limits(Limits limits, long began, Cancellation cancellation) {
        long deadline =
                limits.millis() == Long.MAX_VALUE
                        ? Long.MAX_VALUE
                        : began + TimeUnit.MILLISECONDS.toNanos(limits.millis());
        long nodes = MateWatch.beforeLastLook(limits.nodes());
        return new SearchLimits(nodes, deadline, cancellation);
    }

    @Override
    public synchronized void forget() {
        if (shared != null) {
            shared.clear();
        }
        states.forEach(SearchState::forget);
        mates.forget();
    }

    /**
     * A repeatable answer must not depend on what was analysed before nor on the memory set, so it
     * gets a table of its own, whose size follows from the request.
     */
    private TranspositionTable repeatable(Limits limits) {
        int size = REPEATABLE_MEGABYTES;
        while (size > 1 && limits.nodes() < size / 2 * NODES_A_MEGABYTE) {
            size /= 2;
        }
        TranspositionTable table = repeatable.computeIfAbsent(size, TranspositionTable::new);
        table.clear();
        return table;
    }

    /** A table for the lines beside the first, which looks into the first one's too. */
    private TranspositionTable beside(TranspositionTable first) {
        TranspositionTable table = besides.computeIfAbsent(first, t -> new TranspositionTable(t));
        table.clear();
        return table;
    }

    private TranspositionTable shared() {
        if (shared == null) {
            shared = new TranspositionTable(megabytes);
        }
        shared.nextSearch();
        return shared;
    }
}
