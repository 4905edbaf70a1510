package org.zeroply.workshop.walk;

import java.time.Instant;
import java.util.List;
import java.util.OptionalLong;
import java.util.Random;
import java.util.function.Supplier;
import org.zeroply.chess.board.Symmetry;
import org.zeroply.library.Library;
import org.zeroply.library.sheet.BinStore;
import org.zeroply.library.student.Attempt;
import org.zeroply.library.student.Marking;
import org.zeroply.library.student.Student;
import org.zeroply.library.student.WrittenWork;

/** What a user does with students, drawn at random. */
final class PupilSteps {

    private static final String MARKED =
            "{\"points\":3,\"max\":10,\"items\":[],\"rows\":[],\"verdictRight\":true}";

    private final Random random;
    private final Expected expected;
    private final Supplier<Library> any;
    private int made;

    /**
     * @param any one of the programs that have the library open
     */
    PupilSteps(Random random, Expected expected, Supplier<Library> any) {
        this.random = random;
        this.expected = expected;
        this.any = any;
    }

    void addStudent() {
        String name = "Student " + ++made;
        expected.pupils.put(any.get().students().add(name, 1500).id(), new Expected.Pupil(name));
    }

    void renameStudent() {
        long id = expected.anyPupil(random, false);
        if (id > 0) {
            Student now =
                    any.get().students().all().stream()
                            .filter(s -> s.id() == id)
                            .findFirst()
                            .orElseThrow();
            String name = "Student " + ++made;
            any.get().students().save(new Student(id, now.uuid(), name, now.rating(), "note"));
            expected.pupils.get(id).name = name;
        }
    }

    void putStudentAway() {
        moveStudent(false);
    }

    void bringStudentBack() {
        moveStudent(true);
    }

    private void moveStudent(boolean back) {
        long id = expected.anyPupil(random, back);
        if (id > 0) {
            Walk.move(any.get(), new BinStore.Item(BinStore.Kind.STUDENT, id), back);
            expected.pupils.get(id).away = !back;
        }
    }

    void attempt() {
        long id = expected.anyPupil(random, false);
        if (id > 0) {
            String uuid = "attempt-" + ++made;
            Attempt attempt =
                    new Attempt(
                            0,
                            uuid,
                            id,
                            new WrittenWork(
                                    OptionalLong.empty(),
                                    "A set",
                                    "1. e4 *",
                                    Instant.EPOCH.plusSeconds(made),
                                    60,
                                    "1.e4"),
                            new Marking(3, 10, true, MARKED, List.of(), false));
            any.get().attempts().add(attempt);
            expected.pupils.get(id).attempts.add(uuid);
        }
    }

    void putAttemptAway() {
        long id = expected.anyPupil(random, false);
        List<Attempt> attempts = id > 0 ? any.get().attempts().of(id) : List.of();
        if (!attempts.isEmpty()) {
            Attempt one = attempts.get(random.nextInt(attempts.size()));
            Walk.move(any.get(), new BinStore.Item(BinStore.Kind.ATTEMPT, one.id()), false);
            expected.pupils.get(id).attempts.remove(one.uuid());
            expected.pupils.get(id).attemptsAway.add(one.uuid());
        }
    }

    void assign() {
        long id = expected.anyPupil(random, false);
        long sheet = expected.anySheet(random, false);
        if (id > 0 && sheet > 0) {
            String reason = "task-" + ++made;
            any.get().assignments().add(id, sheet, Symmetry.SAME, made, 15, reason);
            expected.pupils.get(id).assigned.put(reason, sheet);
        }
    }
}
