package org.zeroply.library.sample;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.stream.Collectors;
import org.zeroply.chess.board.Side;
import org.zeroply.chess.notation.PgnEntry;
import org.zeroply.chess.notation.PgnReader;
import org.zeroply.chess.tree.Approach;
import org.zeroply.chess.tree.MoveTree;
import org.zeroply.coach.repertoire.Repertoire;
import org.zeroply.coach.repertoire.Replies;
import org.zeroply.coach.repertoire.Shares;
import org.zeroply.coach.training.drill.Drill;
import org.zeroply.coach.training.drill.Memory;
import org.zeroply.coach.training.drill.Question;
import org.zeroply.coach.training.drill.Questions;
import org.zeroply.library.Library;
import org.zeroply.library.student.Student;

/** The repertoires of the demo club, and students who have learnt different parts of them. */
final class SampleRepertoire {

    /** The day the sample is about; unpacking moves it to yesterday. */
    static final long DAY = LocalDate.of(2026, 3, 1).toEpochDay();

    private static final int DAYS = 45;
    private static final int QUESTIONS_A_DAY = 12;

    /** How likely each student answers rightly, by chapter of White's and of Black's repertoire. */
    private static final List<List<List<Double>>> SKILL =
            List.of(
                    List.of(List.of(0.8, 0.0, 0.0), List.of(0.9, 0.0, 0.4)),
                    List.of(List.of(0.9, 0.7, 0.0), List.of(0.0, 0.85, 0.0)),
                    List.of(List.of(0.6, 0.9, 0.8), List.of(0.95, 0.5, 0.9)),
                    List.of(List.of(0.97, 0.95, 0.9), List.of(0.6, 0.97, 0.0)));

    private static final List<Optional<Approach>> SCHOOLS =
            List.of(
                    Optional.of(Approach.QUIET),
                    Optional.of(Approach.SHARP),
                    Optional.of(Approach.QUIET),
                    Optional.of(Approach.SHARP));

    private final Library library;
    private final Random random;

    SampleRepertoire(Library library, Random random) {
        this.library = library;
        this.random = random;
    }

    /** Stores the chapters, and what the students have learnt of them. */
    void generate() {
        List<List<MoveTree>> both = List.of(read("white"), read("black"));
        both.forEach(chapters -> chapters.forEach(library.sheets()::add));
        List<Student> students = library.students().all();
        for (int i = 0; i < SKILL.size(); i++) {
            Student student = find(students, "sample-student-" + (i + 1));
            library.recall().choose(student.id(), SCHOOLS.get(i));
            for (Side side : Side.values()) {
                Repertoire repertoire = Repertoire.of(both.get(side.ordinal()));
                learn(student, repertoire, SCHOOLS.get(i), SKILL.get(i).get(side.ordinal()));
            }
        }
    }

    private static Student find(List<Student> students, String uuid) {
        return students.stream().filter(s -> s.uuid().equals(uuid)).findFirst().orElseThrow();
    }

    private static List<MoveTree> read(String side) {
        try (InputStream in =
                SampleRepertoire.class.getResourceAsStream("repertoire-" + side + ".pgn")) {
            String pgn = new String(in.readAllBytes(), StandardCharsets.UTF_8);
            List<MoveTree> trees = new ArrayList<>();
            for (PgnEntry entry : PgnReader.readAll(pgn)) {
                trees.add(((PgnEntry.Game) entry).tree());
            }
            return trees;
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private void learn(
            Student student, Repertoire repertoire, Optional<Approach> school, List<Double> skill) {
        Memory memory = library.recall().of(student.id());
        Questions questions = Questions.of(repertoire, school);
        for (long day = DAY - DAYS; day < DAY; day += 1 + random.nextInt(4)) {
            Drill drill =
                    new Drill(
                            repertoire,
                            questions,
                            new Shares(Replies.NONE),
                            memory,
                            day,
                            random,
                            q -> skill(repertoire, skill, q) > 0);
            while (drill.answered() < QUESTIONS_A_DAY && drill.begin()) {
                while (drill.question().isPresent()) {
                    answer(drill, skill(repertoire, skill, drill.question().get()));
                }
            }
        }
    }

    private static double skill(Repertoire repertoire, List<Double> skill, Question question) {
        return skill.get(repertoire.chapter(question.spot().places().get(0)));
    }

    private void answer(Drill drill, double skill) {
        Question asked = drill.question().orElseThrow();
        if (random.nextDouble() >= skill) {
            drill.giveUp();
            drill.goOn();
        } else if (asked instanceof Question.WhichMove move) {
            drill.answer(move.move());
        } else {
            drill.answer(asked.answer());
        }
    }

    /** The students who have learnt something. */
    static Set<Long> learners(Library library) {
        return library.students().all().stream()
                .map(Student::id)
                .filter(id -> !library.recall().all(id).isEmpty())
                .collect(Collectors.toSet());
    }

    /**
     * Moves what the sample's students have learnt, so that the sample's day is the given one.
     *
     * @param others students who had learnt something before the sample came
     */
    static void moveTo(Library library, long day, Set<Long> others) {
        for (long student : learners(library)) {
            if (!others.contains(student)) {
                library.recall()
                        .all(student)
                        .forEach((q, r) -> library.recall().keep(student, q, r.later(day - DAY)));
            }
        }
    }
}
