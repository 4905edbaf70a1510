package org.zeroply.workshop.kill;

import java.io.IOException;
import java.io.PrintStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Random;
import java.util.stream.Stream;
import org.zeroply.engine.analysis.Cancellation;
import org.zeroply.library.Library;
import org.zeroply.library.LibraryException;
import org.zeroply.library.care.LibraryCheck;
import org.zeroply.library.sheet.SheetKind;
import org.zeroply.workshop.command.Arguments;

/**
 * {@code kill [--rounds N] [--seed S]}: programs killed while they make, fill, save, index, restore
 * and bring up to date a library; afterwards it has to open, to be whole, to have what was said to
 * be in it, and the work has to go on to its end.
 */
public final class KillRun {

    private static final int ROUNDS = 300;

    /** The word by which a victim is started. */
    public static final String VICTIM = "victim";

    private final List<String> program;
    private final Random random;
    private int killed;

    /**
     * @param program the command line that starts this program
     */
    KillRun(List<String> program, long seed) {
        this.program = program;
        this.random = new Random(seed);
    }

    /** Runs what was asked for; the number of faults. */
    public static int run(Arguments arguments, PrintStream out) throws Exception {
        if (arguments.words().get(0).equals(VICTIM)) {
            Work work = Work.valueOf(arguments.words().get(1));
            Victim.work(work, Path.of(arguments.words().get(2)), out::println);
            return 0;
        }
        KillRun run = new KillRun(thisProgram(), arguments.number("--seed", 1));
        List<String> faults = run.rounds(arguments.number("--rounds", ROUNDS));
        faults.forEach(out::println);
        out.println(run.killed + " killed in their work, " + faults.size() + " faults");
        return faults.size();
    }

    /** How this program is started once more. */
    static List<String> thisProgram() {
        return List.of(
                Path.of(System.getProperty("java.home"), "bin", "java").toString(),
                "-XX:TieredStopAtLevel=1",
                "-cp",
                System.getProperty(
                        "surefire.test.class.path", System.getProperty("java.class.path")),
                "org.zeroply.workshop.WorkshopLauncher");
    }

    /** How many were killed in the middle. */
    int killed() {
        return killed;
    }

    /** Kills so many programs, the works in turn; what went wrong. */
    List<String> rounds(long count) throws IOException, InterruptedException {
        List<String> faults = new ArrayList<>();
        for (int i = 0; i < count; i++) {
            Work work = Work.values()[i % Work.values().length];
            Path folder = Files.createTempDirectory("zeroply-kill");
            try {
                round(work, folder);
            } catch (LibraryException | AssertionError e) {
                faults.add("round " + i + ", " + work + ": " + e.getMessage());
            } finally {
                remove(folder);
            }
        }
        return faults;
    }

    private void round(Work work, Path folder) throws IOException, InterruptedException {
        work.prepare(folder);
        Victim victim = new Victim();
        List<String> command = new ArrayList<>(program);
        command.addAll(List.of(VICTIM, work.name(), folder.toString()));
        killed += victim.live(command, random) ? 1 : 0;
        look(work, folder, victim);
        // The work goes on, and what was done is not done twice.
        Victim.work(work, folder, said -> {});
        look(work, folder, victim);
        twice(work, folder);
    }

    private static void look(Work work, Path folder, Victim victim) {
        try (Library library = Library.open(Work.library(folder))) {
            LibraryCheck.Result result = library.check().run(part -> {}, new Cancellation());
            if (!result.isSound()) {
                throw new AssertionError("not whole: " + result.complaints());
            }
            int games = Work.gamesIn(library);
            if (games < victim.games()) {
                throw new AssertionError(games + " games of " + victim.games());
            }
            if (work == Work.SAVE) {
                long id = library.sheets().newest(SheetKind.GAME).orElseThrow();
                int moves = library.sheets().load(id).mainLine().size();
                if (moves < victim.moves()) {
                    throw new AssertionError(moves + " moves of " + victim.moves());
                }
            }
        }
    }

    /** Importing all of it once more adds nothing. */
    private static void twice(Work work, Path folder) throws IOException {
        if (work == Work.IMPORT || work == Work.ARCHIVE) {
            int before = games(folder);
            Victim.work(work, folder, said -> {});
            if (games(folder) != before) {
                throw new AssertionError(before + " games became " + games(folder));
            }
        }
    }

    private static int games(Path folder) {
        try (Library library = Library.open(Work.library(folder))) {
            return Work.gamesIn(library);
        }
    }

    private static void remove(Path folder) throws IOException {
        try (Stream<Path> files = Files.walk(folder)) {
            for (Path file : files.sorted(Comparator.reverseOrder()).toList()) {
                Files.deleteIfExists(file);
            }
        }
    }
}
