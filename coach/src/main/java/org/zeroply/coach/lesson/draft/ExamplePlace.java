package org.zeroply.coach.lesson.draft;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.stream.IntStream;
import org.zeroply.coach.fact.Fact;
import org.zeroply.coach.pattern.Evidence;
import org.zeroply.engine.analysis.Cancellation;

/**
 * How well a place shows the theme.
 *
 * @param played whether what follows has to do with it
 * @param level whether nothing else need decide
 * @param lasts whether it is there for some time
 * @param weight of the weightiest fact that shows it; 0 where none does
 * @param late whether the opening is over
 */
record ExamplePlace(
        Example example, boolean played, boolean level, boolean lasts, int weight, boolean late) {

    /** Places of a game of which the best is taken: our choice. */
    private static final int PLACES = 6;

    /** Before so many plies a game has hardly begun: our choice. */
    private static final int OPENING = 16;

    private static final Comparator<ExamplePlace> BEST =
            Comparator.comparing(ExamplePlace::played)
                    .thenComparing(ExamplePlace::level)
                    .thenComparing(ExamplePlace::lasts)
                    .thenComparing(ExamplePlace::weight)
                    .thenComparing(ExamplePlace::late)
                    .reversed();

    static ExamplePlace of(Example e) {
        Evidence evidence = e.evidence();
        return new ExamplePlace(
                e,
                e.isPlayedOn(evidence, JudgedExample.SHOWN),
                e.isLevel(),
                e.lasts(),
                evidence.facts().stream().mapToInt(Fact::weight).max().orElse(0),
                e.position().ply() >= OPENING);
    }

    /**
     * Of each game the place that shows the theme best, the best of all first.
     *
     * @param most games
     * @throws java.util.concurrent.CancellationException when cancelled
     */
    static List<ExamplePlace> ofEachGame(List<Example> found, int most, Cancellation cancellation) {
        List<ExamplePlace> best = new ArrayList<>();
        for (List<Example> places : Example.byGame(found.stream()).values()) {
            ExampleSteps.goOn(cancellation);
            int step = Math.max(1, (places.size() + PLACES - 1) / PLACES);
            IntStream.iterate(0, i -> i < places.size(), i -> i + step)
                    .mapToObj(i -> ExamplePlace.of(places.get(i)))
                    .min(BEST)
                    .ifPresent(best::add);
        }
        return best.stream().sorted(BEST).limit(most).toList();
    }
}
