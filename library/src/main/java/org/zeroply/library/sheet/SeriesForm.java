package org.zeroply.library.sheet;

import java.util.List;
import java.util.Optional;
import java.util.function.BiPredicate;
import java.util.function.Function;
import java.util.function.Predicate;
import java.util.stream.Stream;
import org.zeroply.chess.notation.TreeSeries;
import org.zeroply.chess.tree.MoveTree;
import org.zeroply.coach.lesson.Lesson;
import org.zeroply.coach.repertoire.tournament.Tournament;

/**
 * A kind of sheet whose text holds several trees, and how these are told in a file among others.
 *
 * @param isPart whether a tree was written as a part of one
 * @param goesOn whether a tree goes on with what the one before it is a part of
 * @param of puts parts together
 * @param most a longer one goes on in another: its trees are held in memory together
 */
public record SeriesForm<S extends TreeSeries>(
        SheetKind kind,
        Predicate<MoveTree> isPart,
        BiPredicate<MoveTree, MoveTree> goesOn,
        Function<List<MoveTree>, S> of,
        int most) {

    /** Lessons, a tree a step. */
    public static final SeriesForm<Lesson> LESSON =
            new SeriesForm<>(SheetKind.LESSON, Lesson::isStep, Lesson::goesOn, Lesson::of, 1000);

    /** Tournaments, a tree a pairing. */
    public static final SeriesForm<Tournament> TOURNAMENT =
            new SeriesForm<>(
                    SheetKind.TOURNAMENT,
                    Tournament::isPairing,
                    Tournament::goesOn,
                    Tournament::of,
                    20_000);

    /** What a tree was written as a part of; nothing for a tree of its own. */
    public static Optional<SeriesForm<?>> of(MoveTree tree) {
        return Stream.<SeriesForm<?>>of(LESSON, TOURNAMENT)
                .filter(form -> form.isPart().test(tree))
                .findFirst();
    }

    /** Whether a tree goes on with a series that is read, as its next part. */
    public static boolean goesOn(List<MoveTree> series, MoveTree tree) {
        Optional<SeriesForm<?>> form = series.isEmpty() ? Optional.empty() : of(series.get(0));
        return form.filter(f -> series.size() < f.most())
                .filter(f -> f.goesOn().test(series.get(series.size() - 1), tree))
                .isPresent();
    }

    /** What is kept as a text. */
    S read(String text) {
        return of.apply(SheetStore.parseAll(text));
    }
}
