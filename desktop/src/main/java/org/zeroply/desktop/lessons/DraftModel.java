package org.zeroply.desktop.lessons;

import java.time.LocalDate;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Consumer;
import java.util.function.DoubleConsumer;
import org.zeroply.chess.tree.MoveTree;
import org.zeroply.coach.evaluation.MoveEvaluator;
import org.zeroply.coach.exercise.draft.SchemeDraft;
import org.zeroply.coach.lesson.Lesson;
import org.zeroply.coach.lesson.draft.LessonDraft;
import org.zeroply.coach.lesson.draft.RepertoireLesson;
import org.zeroply.coach.pattern.QueryReader;
import org.zeroply.desktop.texts.Texts;
import org.zeroply.desktop.work.Services;
import org.zeroply.engine.analysis.Cancellation;
import org.zeroply.library.Library;
import org.zeroply.library.index.QueryStore;
import org.zeroply.library.index.ThemeExamples;
import org.zeroply.library.index.ThemeLessons;
import org.zeroply.library.sheet.SheetKind;
import org.zeroply.library.sheet.StoredExercise;
import org.zeroply.library.student.LibraryResults;
import org.zeroply.library.student.Student;
import org.zeroply.library.student.StudentPlan;

/** Drafting lessons: from a theme in the games, a kept query, exercises, or a repertoire. */
final class DraftModel {

    /** Stands before the name of repertoire chapters. */
    static final String CHAPTER = "repertoire: ";

    /** Stands between the theme in which a student is weakest and the name. */
    static final String WEAK = " – weakest theme of ";

    private static final int EXAMPLES = 80;
    private static final int THREADS = 2;

    /** Themes that are offered in an empty library, too. */
    private static final List<String> USUAL =
            List.of(
                    "isolated queen's pawn",
                    "castled on opposite wings",
                    "rook on its seventh rank",
                    "passed pawn on its sixth rank",
                    "opposite-coloured bishops",
                    "outpost");

    private final Services services;
    private final LessonsModel lessons;

    DraftModel(Services services, LessonsModel lessons) {
        this.services = services;
        this.lessons = lessons;
    }

    /**
     * Reads what can be drafted from: chapters, kept queries, themes of exercises, usual themes.
     */
    void suggestions(Consumer<List<String>> use) {
        services.scheduler().library(this::suggestions, use);
    }

    private List<String> suggestions() {
        Library library = services.library();
        Set<String> all = new LinkedHashSet<>();
        library.queries().all().stream()
                .map(QueryStore.Kept::query)
                .filter(q -> QueryReader.problem(q).isEmpty())
                .forEach(all::add);
        weak(library).forEach(all::add);
        chapters().forEach(c -> all.add(CHAPTER + c.tag("Event")));
        all.addAll(USUAL);
        for (StoredExercise exercise : StoredExercise.all(library.sheets())) {
            all.addAll(exercise.exercise().themes());
        }
        return List.copyOf(all);
    }

    /** The theme in which each student is weakest, with whose it is. */
    private static List<String> weak(Library library) {
        long today = LocalDate.now(ZoneId.systemDefault()).toEpochDay();
        LibraryResults results =
                LibraryResults.of(library.sheets(), library.students(), library.attempts(), today);
        List<String> weak = new ArrayList<>();
        for (Student student : results.students()) {
            StudentPlan.of(
                            student,
                            results,
                            library.attempts(),
                            library.assignments(),
                            library.lessonAnswers())
                    .themes()
                    .stream()
                    .findFirst()
                    .ifPresent(t -> weak.add(t.theme() + WEAK + student.name()));
        }
        return weak;
    }

    private List<MoveTree> chapters() {
        return services.library().sheets().trees(SheetKind.REPERTOIRE);
    }

    /** Why nothing can be drafted from a text; empty where something may be. */
    static Optional<String> problem(String text, List<String> suggestions) {
        String wanted = text.strip();
        if (wanted.isEmpty()) {
            return Optional.of(Texts.of("lessons.write-or-choose-what-the"));
        }
        boolean known =
                suggestions.contains(wanted)
                        || wanted.startsWith(CHAPTER)
                        || ThemeExamples.isTheme(wanted);
        return known ? Optional.empty() : QueryReader.problem(wanted);
    }

    /** Drafts a lesson in the background, adds it to the library and opens it. */
    void draft(String text) {
        int whose = text.indexOf(WEAK);
        String wanted = (whose < 0 ? text : text.substring(0, whose)).strip();
        services.scheduler()
                .<Optional<Lesson>>longWork(
                        Texts.of("lessons.drafting-the-lesson"),
                        (cancellation, progress) -> made(wanted, cancellation, progress::accept),
                        made ->
                                made.ifPresentOrElse(
                                        lesson -> lessons.add(lesson, () -> said(lesson)),
                                        () ->
                                                services.messages()
                                                        .say(
                                                                Texts.of(
                                                                        "lessons.nothing-was-found-about-that",
                                                                        wanted))));
    }

    private void said(Lesson lesson) {
        boolean lacks = lesson.steps().get(0).note().startsWith(LessonDraft.NOT_FOUND);
        services.messages()
                .say(
                        Texts.of(
                                "lessons.drafted-change-everything-as-you",
                                lacks ? Texts.of("lessons.the-note-of-the-first") : ""));
    }

    private Optional<Lesson> made(
            String wanted, Cancellation cancellation, DoubleConsumer progress) {
        if (wanted.startsWith(CHAPTER)) {
            String name = wanted.substring(CHAPTER.length()).strip();
            return RepertoireLesson.of(
                    name, chapters().stream().filter(c -> c.tag("Event").equals(name)).toList());
        }
        LessonDraft draft =
                new LessonDraft(
                        new MoveEvaluator(
                                services.marking(),
                                services.endings().tables(),
                                SchemeDraft.NODES,
                                cancellation),
                        services.drafter().first(),
                        cancellation);
        Library library = services.library();
        return new ThemeLessons(
                        library.finder(), library.sheets(), services.scheduler().helpers(), THREADS)
                .draft(draft, wanted, EXAMPLES, cancellation, progress);
    }
}
