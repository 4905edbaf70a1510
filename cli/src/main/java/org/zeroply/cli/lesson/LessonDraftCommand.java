package org.zeroply.cli.lesson;

import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import org.zeroply.chess.tree.MoveTree;
import org.zeroply.cli.console.BadInputException;
import org.zeroply.cli.console.CacheFolder;
import org.zeroply.cli.console.Libraries;
import org.zeroply.cli.console.Output;
import org.zeroply.coach.evaluation.MoveEvaluator;
import org.zeroply.coach.exercise.draft.SchemeDraft;
import org.zeroply.coach.lesson.Lesson;
import org.zeroply.coach.lesson.draft.Example;
import org.zeroply.coach.lesson.draft.LessonDraft;
import org.zeroply.coach.lesson.draft.RepertoireLesson;
import org.zeroply.engine.analysis.Cancellation;
import org.zeroply.engine.endings.Endings;
import org.zeroply.engine.search.BuiltInEngine;
import org.zeroply.library.Library;
import org.zeroply.library.database.WholeFile;
import org.zeroply.library.index.ThemeExamples;
import org.zeroply.library.sheet.SheetKind;
import org.zeroply.library.sheet.SheetQuery;
import org.zeroply.library.sheet.StoredExercise;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;

/** The command {@code lesson draft}. */
@Command(
        name = "draft",
        description =
                "Proposes a lesson: on a theme in the games of a library (the words of find, such as"
                        + " \"isolated queen's pawn\"), on a theme of its exercises, or on chapters"
                        + " of a repertoire.")
final class LessonDraftCommand implements Callable<Integer> {

    private static final int MEGABYTES = 32;

    @Mixin private Output output;
    @Mixin private CacheFolder cache;

    @Parameters(paramLabel = "THEME", description = "The theme, or the name of chapters.")
    private String theme;

    @Option(names = "--library", required = true, paramLabel = "L")
    private Path library;

    @Option(names = "--repertoire", description = "THEME is the name of repertoire chapters.")
    private boolean repertoire;

    @Option(names = "--add", description = "Adds the lesson to the library.")
    private boolean add;

    @Option(names = "--out", description = "A new file for the lesson.", paramLabel = "LESSON.pgn")
    private Path out;

    @Option(
            names = "--most",
            description = "Examples at most; ${DEFAULT-VALUE} if left out.",
            paramLabel = "N")
    private int most = 80;

    @Option(
            names = "--nodes",
            description = "Nodes for each verdict; ${DEFAULT-VALUE} if left out.",
            paramLabel = "N")
    private long nodes = SchemeDraft.NODES;

    @Override
    public Integer call() throws IOException {
        if (most < 1 || nodes < 1) {
            throw new BadInputException("--most and --nodes must be positive.");
        }
        if (out != null && Files.exists(out)) {
            throw new BadInputException(out + " exists already; name a new file.");
        }
        try (Library open = Libraries.existing(library)) {
            Lesson lesson =
                    (repertoire ? ofRepertoire(open) : ofTheme(open))
                            .orElseThrow(
                                    () ->
                                            new BadInputException(
                                                    "Nothing was found about "
                                                            + theme
                                                            + " that could be shown or asked."));
            ObjectNode document = Output.document().put("title", lesson.title());
            LessonInput.steps(lesson, document.putArray("steps"));
            if (add) {
                document.put("lesson", open.lessons().add(lesson));
            }
            if (out != null) {
                WholeFile.writeText(out, lesson.pgn());
            }
            output.print(
                    document,
                    text ->
                            text.print(
                                    out == null && !add
                                            ? lesson.pgn()
                                            : lesson.title()
                                                    + ": "
                                                    + lesson.steps().size()
                                                    + " steps\n"));
        }
        return 0;
    }

    private Optional<Lesson> ofRepertoire(Library open) {
        List<MoveTree> chapters =
                open.sheets().find(SheetQuery.all(SheetKind.REPERTOIRE)).stream()
                        .map(row -> open.sheets().load(row.id()))
                        .filter(t -> t.tag("Event").contains(theme.strip()))
                        .toList();
        if (chapters.isEmpty()) {
            throw new BadInputException("No chapter is named " + theme + ".");
        }
        return RepertoireLesson.of(theme.strip(), chapters);
    }

    private Optional<Lesson> ofTheme(Library open) {
        List<MoveTree> exercises =
                ThemeExamples.exercises(
                        StoredExercise.all(open.sheets()).stream()
                                .map(StoredExercise::tree)
                                .toList(),
                        theme);
        LessonDraft.Theme about =
                new LessonDraft.Theme(
                        ThemeExamples.title(theme),
                        ThemeExamples.title(theme),
                        List.of(theme.strip()));
        Endings endings = cache.endings();
        BuiltInEngine engine = new BuiltInEngine(MEGABYTES, endings);
        Cancellation cancellation = new Cancellation();
        LessonDraft draft =
                new LessonDraft(
                        new MoveEvaluator(engine, endings, nodes, cancellation),
                        new SchemeDraft(engine, endings, nodes, SchemeDraft.POINTS).first(),
                        cancellation);
        // A theme of the exercises alone; what is neither is told by the reader of themes.
        return ThemeExamples.isTheme(theme) || exercises.isEmpty()
                ? draft.draft(about, examples(open), exercises, part -> {})
                : draft.ofExercises(about, exercises, part -> {});
    }

    private List<Example> examples(Library open) {
        ExecutorService helpers = Executors.newFixedThreadPool(2);
        try {
            return new ThemeExamples(open.finder(), open.sheets()::load)
                    .find(theme, most, helpers, 2, new Cancellation());
        } catch (IllegalArgumentException e) {
            throw new BadInputException(e.getMessage());
        } finally {
            helpers.shutdownNow();
        }
    }
}
