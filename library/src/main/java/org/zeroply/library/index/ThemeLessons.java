package org.zeroply.library.index;

import java.util.List;
import java.util.Optional;
import java.util.concurrent.CancellationException;
import java.util.concurrent.Executor;
import java.util.function.DoubleConsumer;
import org.zeroply.chess.tree.MoveTree;
import org.zeroply.coach.lesson.Lesson;
import org.zeroply.coach.lesson.draft.LessonDraft;
import org.zeroply.engine.analysis.Cancellation;
import org.zeroply.library.sheet.SheetKind;
import org.zeroply.library.sheet.SheetStore;

/** Lessons on themes, drafted from the games and the exercises of a library. */
public final class ThemeLessons {

    private final PositionFinder finder;
    private final SheetStore sheets;
    private final Executor helpers;
    private final int threads;

    /**
     * @param helpers what looks through games
     * @param threads how many parts of that there are at a time
     */
    public ThemeLessons(PositionFinder finder, SheetStore sheets, Executor helpers, int threads) {
        this.finder = finder;
        this.sheets = sheets;
        this.helpers = helpers;
        this.threads = threads;
    }

    /**
     * Drafts a lesson: from the games where the words name something that can be looked for in
     * them, else from the exercises with that theme; empty where nothing is found.
     *
     * @param most games at most that examples are from
     * @param progress told the part done, 0 to 1
     * @throws CancellationException when cancelled
     */
    public Optional<Lesson> draft(
            LessonDraft draft,
            String words,
            int most,
            Cancellation cancellation,
            DoubleConsumer progress) {
        List<MoveTree> exercises = ThemeExamples.exercises(sheets.trees(SheetKind.EXERCISE), words);
        String title = ThemeExamples.title(words);
        LessonDraft.Theme theme =
                new LessonDraft.Theme(
                        title, ThemeExamples.definition(words), List.of(words.strip()));
        return ThemeExamples.isTheme(words)
                ? draft.draft(
                        theme,
                        new ThemeExamples(finder, sheets::load)
                                .find(words, most, helpers, threads, cancellation),
                        exercises,
                        progress)
                : draft.ofExercises(theme, exercises, progress);
    }
}
