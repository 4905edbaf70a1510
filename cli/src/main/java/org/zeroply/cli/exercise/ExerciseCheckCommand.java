package org.zeroply.cli.exercise;

import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.IOException;
import java.io.PrintWriter;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.Callable;
import org.zeroply.chess.board.Symmetry;
import org.zeroply.chess.notation.PgnEntry;
import org.zeroply.chess.notation.PgnWriter;
import org.zeroply.chess.tree.MoveTree;
import org.zeroply.cli.console.BadInputException;
import org.zeroply.cli.console.CacheFolder;
import org.zeroply.cli.console.Libraries;
import org.zeroply.cli.console.Output;
import org.zeroply.cli.console.TimeLimit;
import org.zeroply.coach.exercise.sound.Finding;
import org.zeroply.coach.exercise.sound.KnownExercises;
import org.zeroply.coach.exercise.sound.Soundness;
import org.zeroply.coach.exercise.sound.SoundnessCheck;
import org.zeroply.coach.review.RememberingEngine;
import org.zeroply.engine.analysis.Cancellation;
import org.zeroply.engine.analysis.Engine;
import org.zeroply.engine.endings.Endings;
import org.zeroply.engine.search.BuiltInEngine;
import org.zeroply.library.Library;
import org.zeroply.library.sheet.LibraryExercises;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;

@Command(
        name = "check",
        description =
                "Looks for second solutions, missing defences, wrong verdicts and lost points.")
final class ExerciseCheckCommand implements Callable<Integer> {

    private static final int MEGABYTES = 16;

    @Mixin private Output output;
    @Mixin private CacheFolder cache;
    @Mixin private TimeLimit limit;

    @Parameters(paramLabel = "EX.pgn", description = "One exercise or several.")
    private Path file;

    @Option(
            names = "--nodes",
            description = "Nodes for each search; ${DEFAULT-VALUE} if left out.",
            paramLabel = "N")
    private long nodes = SoundnessCheck.NODES;

    @Option(
            names = "--library",
            description = "A library: exercises it has already are told.",
            paramLabel = "L")
    private Path library;

    /** One entry of the file with what was found. */
    private record Checked(String title, Soundness soundness) {}

    @Override
    public Integer call() throws IOException {
        if (nodes < 1) {
            throw new BadInputException("The nodes must be positive.");
        }
        if (library != null) {
            Libraries.check(library);
        }
        List<PgnEntry> entries = ExerciseFile.all(file);
        Endings endings = cache.endings();
        Engine engine = new BuiltInEngine(MEGABYTES, endings);
        if (library == null) {
            print(check(entries, engine, endings, Optional.empty()));
            return 0;
        }
        try (Library open = Libraries.existing(library)) {
            Engine remembering = new RememberingEngine(engine, open.analyses());
            print(check(entries, remembering, endings, Optional.of(open)));
        }
        return 0;
    }

    private List<Checked> check(
            List<PgnEntry> entries, Engine engine, Endings endings, Optional<Library> open) {
        List<Checked> all = new ArrayList<>();
        List<MoveTree> earlier = new ArrayList<>();
        long millis = limit.millis();
        for (PgnEntry entry : entries) {
            if (entry instanceof PgnEntry.Game game) {
                MoveTree tree = game.tree();
                KnownExercises known = known(earlier, tree, open);
                SoundnessCheck check =
                        new SoundnessCheck(engine, endings, nodes, known).within(millis);
                String title = title(tree, all.size() + 1);
                all.add(
                        new Checked(
                                title,
                                check.check(tree, part -> {}, new Cancellation()).orElseThrow()));
                earlier.add(tree);
            } else if (entry instanceof PgnEntry.Problem problem) {
                all.add(new Checked("Exercise " + problem.game(), unreadable(problem)));
            }
        }
        return all;
    }

    private static String title(MoveTree tree, int number) {
        String title = tree.tag("ZpTitle");
        return title.isEmpty() ? "Exercise " + number : title;
    }

    private static KnownExercises known(
            List<MoveTree> earlier, MoveTree tree, Optional<Library> open) {
        Optional<KnownExercises> inLibrary =
                open.map(l -> LibraryExercises.without(l.sheets(), PgnWriter.write(tree)));
        return position -> {
            String key = Symmetry.sharedKey(position);
            for (int i = 0; i < earlier.size(); i++) {
                if (Symmetry.sharedKey(earlier.get(i).start()).equals(key)) {
                    return Optional.of(title(earlier.get(i), i + 1));
                }
            }
            return inLibrary.flatMap(k -> k.like(position));
        };
    }

    private static Soundness unreadable(PgnEntry.Problem problem) {
        boolean start = problem.expected().contains("FEN");
        Finding finding =
                new Finding(
                        start ? Finding.Kind.ILLEGAL_START : Finding.Kind.UNREADABLE,
                        Finding.Severity.ERROR,
                        "",
                        problem.message(),
                        true);
        return new Soundness(List.of(finding), true, "reader");
    }

    private void print(List<Checked> all) {
        boolean sound = all.stream().allMatch(c -> c.soundness().sound());
        ObjectNode document = Output.document().put("sound", sound);
        ArrayNode exercises = document.putArray("exercises");
        ArrayNode findings = document.putArray("findings");
        for (int i = 0; i < all.size(); i++) {
            Checked checked = all.get(i);
            exercises
                    .addObject()
                    .put("title", checked.title())
                    .put("sound", checked.soundness().sound())
                    .put("exact", checked.soundness().exact())
                    .put("stamp", checked.soundness().stamp());
            for (Finding finding : checked.soundness().findings()) {
                findings.addObject()
                        .put("exercise", i + 1)
                        .put("kind", finding.kind().word())
                        .put("severity", finding.severity().word())
                        .put("line", finding.line())
                        .put("detail", finding.detail())
                        .put("exact", finding.exact());
            }
        }
        output.print(document, out -> all.forEach(c -> print(c, out)));
    }

    private static void print(Checked checked, PrintWriter out) {
        Soundness soundness = checked.soundness();
        out.printf(
                "%s: %s (%s)%n",
                checked.title(), soundness.sound() ? "sound" : "not sound", soundness.stamp());
        for (Finding finding : soundness.findings()) {
            out.printf(
                    "  %s, %s: %s%n",
                    finding.severity().word(), finding.kind().title(), finding.detail());
            if (!finding.line().isEmpty()) {
                out.println("      " + finding.line());
            }
        }
    }
}
