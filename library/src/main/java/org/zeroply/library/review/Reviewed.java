package org.zeroply.library.review;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.function.DoubleConsumer;
import org.zeroply.chess.tree.MoveTree;
import org.zeroply.coach.review.AnalysisMemory;
import org.zeroply.coach.review.FirstPass;
import org.zeroply.coach.review.GameReview;
import org.zeroply.coach.review.RememberingEngine;
import org.zeroply.engine.analysis.Analysis;
import org.zeroply.engine.analysis.AnalysisListener;
import org.zeroply.engine.analysis.AnalysisRequest;
import org.zeroply.engine.analysis.Cancellation;
import org.zeroply.engine.analysis.Engine;
import org.zeroply.library.Library;

/**
 * A review as it was made, read from what was searched for it.
 *
 * @param engine name of the engine that made it, which may be an earlier one
 */
public record Reviewed(GameReview review, String engine) {

    /** Of {@code zeroply-0.9} and {@code zeroply-0.10} the second is the later one. */
    private static final Comparator<String> LATEST_FIRST =
            Comparator.comparingInt(String::length).thenComparing(s -> s).reversed();

    /**
     * The review of a game. What an earlier engine had searched is not searched again, and not
     * mixed with what the engine of today would say: a review is of one engine from end to end.
     *
     * @param nodes nodes for each search
     * @param engine asked where nobody remembers all of it
     * @param progress told the part done, 0 to 1, where the engine is asked
     * @return nothing when cancelled, or where there is nothing to review
     */
    public static Optional<Reviewed> read(
            Library library,
            long sheetId,
            MoveTree game,
            long nodes,
            Engine engine,
            DoubleConsumer progress,
            Cancellation cancellation) {
        RememberedAnalyses memory = library.analyses();
        List<String> known = memory.engines().stream().sorted(LATEST_FIRST).toList();
        for (String name : known) {
            Optional<Reviewed> made = recalled(library, sheetId, game, nodes, name, cancellation);
            if (made.isPresent() || cancellation.isCancelled()) {
                return made;
            }
        }
        return of(
                library,
                sheetId,
                game,
                nodes,
                new RememberingEngine(engine, memory),
                progress,
                cancellation);
    }

    private static Optional<Reviewed> recalled(
            Library library,
            long sheetId,
            MoveTree game,
            long nodes,
            String name,
            Cancellation cancellation) {
        try {
            Engine recalling = new Recalling(name, library.analyses());
            return of(library, sheetId, game, nodes, recalling, part -> {}, cancellation);
        } catch (Forgotten e) {
            return Optional.empty();
        }
    }

    private static Optional<Reviewed> of(
            Library library,
            long sheetId,
            MoveTree game,
            long nodes,
            Engine engine,
            DoubleConsumer progress,
            Cancellation cancellation) {
        return new FirstPass(engine, nodes, library.games().without(sheetId))
                .review(game, Optional.empty(), progress, cancellation)
                .map(review -> new Reviewed(review, engine.name()));
    }

    /** Something was never searched by an engine that only remembers. */
    private static final class Forgotten extends RuntimeException {
        private static final long serialVersionUID = 1;
    }

    /** An engine that says again what it said, and nothing else. */
    private record Recalling(String name, AnalysisMemory memory) implements Engine {
        @Override
        public Analysis analyse(
                AnalysisRequest request, AnalysisListener listener, Cancellation cancellation) {
            return RememberingEngine.key(name, request)
                    .flatMap(memory::find)
                    .orElseThrow(Forgotten::new);
        }
    }
}
