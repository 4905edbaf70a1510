package org.zeroply.library.review;

import java.util.Comparator;
import java.util.Optional;
import java.util.function.DoubleConsumer;
import org.zeroply.chess.tree.MoveTree;
import org.zeroply.coach.review.AnalysisMemory;
import org.zeroply.coach.review.FirstPass;
import org.zeroply.coach.review.GameReview;
import org.zeroply.coach.review.Remembered;
import org.zeroply.coach.review.RememberingEngine;
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
        for (String name : library.analyses().engines().stream().sorted(LATEST_FIRST).toList()) {
            Optional<Reviewed> made = remembered(library, sheetId, game, nodes, name, cancellation);
            if (made.isPresent() || cancellation.isCancelled()) {
                return made;
            }
        }
        Engine remembering = new RememberingEngine(engine, library.analyses());
        return new FirstPass(remembering, nodes, library.games().without(sheetId))
                .review(game, Optional.empty(), progress, cancellation)
                .map(review -> new Reviewed(review, engine.name()));
    }

    /**
     * The review of a game by an engine that is not asked any more.
     *
     * @param nodes nodes for each search
     * @param engine its name
     * @return nothing where not all it said is remembered, or when cancelled
     */
    public static Optional<Reviewed> remembered(
            Library library,
            long sheetId,
            MoveTree game,
            long nodes,
            String engine,
            Cancellation cancellation) {
        try {
            Engine asKept =
                    new RememberingEngine(
                            new OnlyRemembered(engine), new AnyWay(library.analyses()));
            return new FirstPass(asKept, nodes, library.games().without(sheetId))
                    .review(game, Optional.empty(), part -> {}, cancellation)
                    .map(review -> new Reviewed(review, engine));
        } catch (OnlyRemembered.NotThere e) {
            return Optional.empty();
        }
    }

    /** A review does not ask how what was found changed on the way to it. */
    private record AnyWay(AnalysisMemory memory) implements AnalysisMemory {

        @Override
        public Optional<Remembered> find(Key key) {
            return memory.find(key).map(Remembered::withAnyWay);
        }

        @Override
        public void keep(Key key, Remembered analysis) {
            memory.keep(key, analysis);
        }
    }
}
