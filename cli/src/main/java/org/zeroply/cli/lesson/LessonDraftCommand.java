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
import org.zeroply.coach.lesson.draft.LessonDraft;
import org.zeroply.coach.lesson.draft.RepertoireLesson;
import org.zeroply.coach.pattern.QueryReader;
import org.zeroply.engine.analysis.Cancellation;
import org.zeroply.engine.endings.Endings;
import org.zeroply.engine.search.BuiltInEngine;
import org.zeroply.library.Library;
import org.zeroply.library.database.WholeFile;
import org.zeroply.library.index.ThemeExamples;
import org.zeroply.library.index.ThemeLessons;
import org.zeroply.library.sheet.SheetKind;
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
    private static final int THREADS = 2;

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
                    (repertoire ? ofRepertoire(open) : ofTheme(open)).orElseThrow(() -> nothing());
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
                open.sheets().trees(SheetKind.REPERTOIRE).stream()
                        .filter(t -> t.tag("Event").contains(theme.strip()))
                        .toList();
        if (chapters.isEmpty()) {
            throw new BadInputException("No chapter is named " + theme + ".");
        }
        return RepertoireLesson.of(theme.strip(), chapters);
    }

    private Optional<Lesson> ofTheme(Library open) {
        Endings endings = cache.endings();
        BuiltInEngine engine = new BuiltInEngine(MEGABYTES, endings);
        Cancellation cancellation = new Cancellation();
        LessonDraft draft =
                new LessonDraft(
                        new MoveEvaluator(engine, endings, nodes, cancellation),
                        new SchemeDraft(engine, endings, nodes, SchemeDraft.POINTS).first(),
                        cancellation);
        ExecutorService helpers = Executors.newFixedThreadPool(THREADS);
        try {
            return new ThemeLessons(open.finder(), open.sheets(), helpers, THREADS)
                    .draft(draft, theme, most, cancellation, part -> {});
        } finally {
            helpers.shutdownNow();
        }
    }

    /** Nothing was found; of words that are no theme either, what cannot be understood is told. */
    private BadInputException nothing() {
        return new BadInputException(
                Optional.of(theme)
                        .filter(t -> !repertoire && !ThemeExamples.isTheme(t))
                        .flatMap(QueryReader::problem)
                        .orElse(
                                "Nothing was found about "
                                        + theme
                                        + " that could be shown or asked."));
    }
}
