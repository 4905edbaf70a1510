package org.zeroply.coach;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.atomic.AtomicInteger;
import org.zeroply.chess.board.Move;
import org.zeroply.engine.analysis.Analysis;
import org.zeroply.engine.analysis.AnalysisListener;
import org.zeroply.engine.analysis.AnalysisRequest;
import org.zeroply.engine.analysis.Cancellation;
import org.zeroply.engine.analysis.Engine;
import org.zeroply.engine.endings.Endings;
import org.zeroply.engine.search.BuiltInEngine;

/**
 * The engine for tests that ask about the same positions again and again. What it answers to a
 * number of nodes is the same each time, so it is searched for once ({@link Searches}).
 */
public final class SharedEngine implements Engine {

    private final String table;
    private final Engine engine;

    /** With a table of so many megabytes, which is part of each question. */
    public SharedEngine(int megabytes) {
        this(megabytes + "", new BuiltInEngine(megabytes));
    }

    private SharedEngine(String table, Engine engine) {
        this.table = table;
        this.engine = engine;
    }

    /**
     * With exact endings besides.
     *
     * @param name tells these endings from others
     */
    public static SharedEngine with(int megabytes, Endings endings, String name) {
        return new SharedEngine(megabytes + name, new BuiltInEngine(megabytes, endings));
    }

    @Override
    public String name() {
        return engine.name();
    }

    @Override
    public Analysis analyse(
            AnalysisRequest request, AnalysisListener listener, Cancellation cancellation) {
        if (!request.limits().isDeterministic()
                || request.threads() != 1
                || cancellation.isCancelled()) {
            return engine.analyse(request, listener, cancellation);
        }
        String question = question(request);
        Optional<Search> known = Searches.find(question, request.position());
        return known.isPresent()
                ? again(known.get(), request, listener, cancellation)
                : search(question, request, listener, cancellation);
    }

    private Analysis search(
            String question,
            AnalysisRequest request,
            AnalysisListener listener,
            Cancellation cancellation) {
        Telling telling = new Telling(listener, cancellation);
        Analysis analysis = engine.analyse(request, telling, cancellation);
        if (telling.ended || !cancellation.isCancelled()) {
            Searches.keep(question, new Search(!telling.ended, telling.told, analysis));
        }
        return analysis;
    }

    /** What was told then is told again; a search that would have ended elsewhere is made anew. */
    private Analysis again(
            Search known,
            AnalysisRequest request,
            AnalysisListener listener,
            Cancellation cancellation) {
        int told = 0;
        while (told < known.told().size() && !cancellation.isCancelled()) {
            listener.found(known.told().get(told++));
        }
        boolean ended = cancellation.isCancelled();
        if (ended != known.whole() && told == known.told().size()) {
            return known.answer();
        }
        Cancellation then = ended ? new Cancellation() : cancellation;
        int before = told;
        AtomicInteger number = new AtomicInteger();
        return engine.analyse(
                request,
                soFar -> {
                    if (number.incrementAndGet() > before) {
                        listener.found(soFar);
                    } else if (ended && number.get() == before) {
                        then.cancel();
                    }
                },
                then);
    }

    private String question(AnalysisRequest request) {
        return String.join(
                " ",
                table,
                request.limits().depth() + ":" + request.limits().nodes(),
                String.valueOf(request.lines()),
                squares(request.rootMoves()),
                squares(request.moves()),
                request.start().fen());
    }

    private static String squares(List<Move> moves) {
        return moves.isEmpty()
                ? "-"
                : String.join(",", moves.stream().map(Move::toString).toList());
    }

    /** Tells a listener, and notes what was told and whether that made it end the search. */
    private static final class Telling implements AnalysisListener {

        private final AnalysisListener listener;
        private final Cancellation cancellation;
        private final List<Analysis> told = new ArrayList<>();
        private boolean ended;

        Telling(AnalysisListener listener, Cancellation cancellation) {
            this.listener = listener;
            this.cancellation = cancellation;
        }

        @Override
        public void found(Analysis soFar) {
            boolean before = cancellation.isCancelled();
            told.add(soFar);
            listener.found(soFar);
            ended = !before && cancellation.isCancelled();
        }

        @Override
        public void begins(Move move, int number, long nodes) {
            listener.begins(move, number, nodes);
        }
    }

    @Override
    public void forget() {
        engine.forget();
    }
}
