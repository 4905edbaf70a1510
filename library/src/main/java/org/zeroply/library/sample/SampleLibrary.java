package org.zeroply.library.sample;

import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalLong;
import java.util.Random;
import java.util.Set;
import java.util.stream.IntStream;
import org.zeroply.chess.notation.PgnWriter;
import org.zeroply.chess.tree.MoveTree;
import org.zeroply.coach.exercise.marking.LineChecker;
import org.zeroply.coach.exercise.marking.MarkedSheet;
import org.zeroply.coach.exercise.marking.Marker;
import org.zeroply.coach.exercise.marking.WrittenAnswer;
import org.zeroply.coach.exercise.scheme.Exercise;
import org.zeroply.engine.analysis.Cancellation;
import org.zeroply.engine.endings.Endings;
import org.zeroply.engine.search.BuiltInEngine;
import org.zeroply.library.Library;
import org.zeroply.library.LibraryException;
import org.zeroply.library.database.FileTrouble;
import org.zeroply.library.student.Attempt;
import org.zeroply.library.student.Marking;
import org.zeroply.library.student.Student;
import org.zeroply.library.student.WrittenWork;
import org.zeroply.library.transfer.ImportReport;
import org.zeroply.library.transfer.Importer;
import org.zeroply.library.transfer.Progress;

/** Generates the demo club into a library, and unpacks the one that comes with the program. */
public final class SampleLibrary {

    private static final String SHIPPED = "demo.zip";

    private static final DateTimeFormatter DATE = DateTimeFormatter.ofPattern("yyyy.MM.dd");

    private final Library library;
    private final Progress progress;
    private final Random random;
    private final BuiltInEngine engine = new BuiltInEngine(16);

    /**
     * @param seed the same seed gives the same library, byte for byte after export
     */
    public SampleLibrary(Library library, long seed, Progress progress) {
        this.library = library;
        this.progress = progress;
        this.random = new Random(seed);
    }

    /**
     * Unpacks the demo club that comes with the program into an empty library, with the tournament
     * that it plays at present.
     */
    public static ImportReport unpack(Library into) {
        ImportReport report = unpackClub(into);
        if (report.stored() > 0) {
            try {
                SampleTournament.unpack(into, LocalDate.now(ZoneId.systemDefault()).toEpochDay());
            } catch (IOException e) {
                throw failed(e);
            }
        }
        return report;
    }

    private static LibraryException failed(IOException e) {
        return new LibraryException("The demo could not be unpacked: " + FileTrouble.reason(e), e);
    }

    /** The club without its tournament, whose days are others every day. */
    private static ImportReport unpackClub(Library into) {
        try (InputStream in = SampleLibrary.class.getResourceAsStream(SHIPPED)) {
            Path copy = Files.createTempFile("zeroply-demo", ".zip");
            try {
                Files.copy(in, copy, StandardCopyOption.REPLACE_EXISTING);
                Set<Long> learners = SampleRepertoire.learners(into);
                ImportReport report =
                        new Importer(into, Progress.NONE, new Cancellation()).files(List.of(copy));
                long today = LocalDate.now(ZoneId.systemDefault()).toEpochDay();
                SampleRepertoire.moveTo(into, today, learners);
                if (report.stored() > 0) {
                    SampleWeek.assign(into, today);
                    SampleReviews.unpackInto(into);
                    SampleLessons.unpack(into);
                }
                return report;
            } finally {
                Files.deleteIfExists(copy);
            }
        } catch (IOException e) {
            throw failed(e);
        }
    }

    /** Unpacks the demo club, drafts lessons from it, and writes them to a file. */
    public static void lessons(Library fresh, Path out) throws IOException {
        unpackClub(fresh);
        SampleLessons.make(fresh, out);
    }

    /** Plays the demo's tournament, and writes it to a file. */
    public static void tournament(Path out) throws IOException {
        SampleTournament.make(out);
    }

    /** Unpacks the demo club, reviews some of its games, and writes what was searched to a file. */
    public static void reviews(Library fresh, Path out) throws IOException {
        unpackClub(fresh);
        SampleReviews.make(fresh, out);
    }

    /**
     * Generates games, exercises and students with attempts.
     *
     * @param games games of the club
     * @param tournaments games of masters to look for exercises in; those that give one are kept
     * @param exercises how many
     */
    public void generate(int games, int tournaments, int exercises) {
        List<MoveTree> club = games(games);
        List<SampleExercises.Made> made =
                new SampleExercises(progress).of(masters(tournaments), exercises);
        library.sheets().addNew(club);
        library.sheets().addNew(made.stream().map(SampleExercises.Made::game).distinct().toList());
        List<MoveTree> schemes = made.stream().map(SampleExercises.Made::scheme).toList();
        List<Long> ids = schemes.stream().map(library.sheets()::add).toList();
        students(schemes, ids);
        new SampleRepertoire(library, random).generate();
    }

    private List<MoveTree> games(int count) {
        List<MoveTree> played = new ArrayList<>();
        ByLot byLot = new ByLot(engine, random);
        LocalDate day = LocalDate.of(2025, 9, 6);
        for (int i = 0; i < count; i++) {
            List<SamplePlayer> others =
                    random.nextBoolean() ? SamplePlayer.CLUB : SamplePlayer.STUDENTS;
            played.add(
                    byLot.game(
                            SamplePlayer.STUDENTS,
                            others,
                            "Saltmouth Winter League",
                            day,
                            1 + i / 8));
            day = day.plusDays(i % 4 == 3 ? 7 : 0);
            progress.report((i + 1.0) / (count + 20), (i + 1) + " games played");
        }
        return played;
    }

    /** Games of a tournament whose players take their time; each is a game of its own chance. */
    private List<MoveTree> masters(int count) {
        LocalDate first = LocalDate.of(2025, 6, 2);
        long seed = random.nextLong();
        List<MoveTree> played =
                IntStream.range(0, count)
                        .parallel()
                        .mapToObj(
                                i ->
                                        new ByLot(new BuiltInEngine(1), new Random(seed + i))
                                                .game(
                                                        SamplePlayer.MASTERS,
                                                        SamplePlayer.MASTERS,
                                                        "Gullhaven Masters",
                                                        first.plusDays(i / 2),
                                                        1 + i / 2))
                        .toList();
        progress.report(-1, count + " games of masters played");
        return played;
    }

    /** Draws players by lot, and has them play. */
    private record ByLot(BuiltInEngine engine, Random random) {

        MoveTree game(
                List<SamplePlayer> some,
                List<SamplePlayer> others,
                String event,
                LocalDate day,
                int round) {
            SamplePlayer one = pick(some);
            SamplePlayer two = one;
            while (two.equals(one)) {
                two = pick(others);
            }
            boolean swap = random.nextBoolean();
            SampleGame game = new SampleGame(engine, random, swap ? two : one, swap ? one : two);
            String opening = SampleOpenings.LINES.get(random.nextInt(SampleOpenings.LINES.size()));
            return game.play(opening, event, day.format(DATE), round);
        }

        private SamplePlayer pick(List<SamplePlayer> from) {
            return from.get(random.nextInt(from.size()));
        }
    }

    private void students(List<MoveTree> schemes, List<Long> ids) {
        SampleAnswers answers = new SampleAnswers(random);
        Instant when = Instant.parse("2026-02-03T17:00:00Z");
        int number = 0;
        for (SamplePlayer player : SamplePlayer.STUDENTS) {
            number++;
            Student student =
                    library.students()
                            .add("sample-student-" + number, player.name(), player.rating(), "");
            for (int i = 0; i < schemes.size(); i++) {
                if (random.nextDouble() < 0.35) {
                    continue;
                }
                when = when.plusSeconds(86_400 + random.nextInt(7200));
                attempt(student, schemes.get(i), ids.get(i), answers, when, number + "-" + i);
            }
        }
    }

    private void attempt(
            Student student,
            MoveTree scheme,
            long id,
            SampleAnswers answers,
            Instant when,
            String key) {
        String text = answers.write(scheme, student.rating());
        Exercise exercise = Exercise.of(scheme);
        WrittenAnswer answer = WrittenAnswer.parse(exercise.start(), text);
        Marker marker =
                new Marker(
                        exercise,
                        Optional.of(new LineChecker(engine, Endings.NONE, LineChecker.NODES)));
        MarkedSheet sheet = marker.mark(answer, new Cancellation());
        library.attempts()
                .add(
                        new Attempt(
                                0,
                                "sample-attempt-" + key,
                                student.id(),
                                new WrittenWork(
                                        OptionalLong.of(id),
                                        scheme.tag("ZpTitle"),
                                        PgnWriter.write(scheme),
                                        when,
                                        360 + random.nextInt(540),
                                        text),
                                Marking.of(sheet)));
    }
}
