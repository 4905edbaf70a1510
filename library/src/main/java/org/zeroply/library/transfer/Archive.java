package org.zeroply.library.transfer;

import com.fasterxml.jackson.annotation.JsonAutoDetect;
import com.fasterxml.jackson.annotation.PropertyAccessor;
import com.fasterxml.jackson.core.JsonGenerator;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.SerializationFeature;
import java.io.FilterOutputStream;
import java.io.IOException;
import java.io.OutputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.time.Instant;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import org.zeroply.chess.notation.PgnWriter;
import org.zeroply.chess.tree.Approach;
import org.zeroply.coach.exercise.marking.Ruling;
import org.zeroply.coach.training.drill.Recall;
import org.zeroply.library.Library;
import org.zeroply.library.review.ReviewStore;
import org.zeroply.library.sheet.SheetKind;
import org.zeroply.library.sheet.UnreadStore;
import org.zeroply.library.student.Assignment;
import org.zeroply.library.student.Attempt;
import org.zeroply.library.student.LessonAnswer;
import org.zeroply.library.student.Student;
import org.zeroply.library.student.StudentFile;

/** A whole library as a ZIP: PGN for the sheets, JSON for people and attempts. */
final class Archive {

    static final String PEOPLE = "people.json";
    static final String REVIEWS = "reviews.json";
    static final String COLLECTIONS = "collections.json";
    static final String QUERIES = "queries.json";
    static final String LESSON_ANSWERS = "lesson-answers.json";
    static final String ORIGINS = "origins.json";
    static final String PUT_AWAY = "put-away.json";
    static final String PEOPLE_PUT_AWAY = "people-put-away.json";

    private final Library library;
    private final ObjectMapper json =
            new ObjectMapper()
                    .disable(JsonGenerator.Feature.AUTO_CLOSE_TARGET)
                    .enable(SerializationFeature.INDENT_OUTPUT)
                    .setVisibility(PropertyAccessor.FIELD, JsonAutoDetect.Visibility.ANY);

    Archive(Library library) {
        this.library = library;
    }

    /** Students with their attempts, and texts that could not be read. */
    record People(List<Person> students, List<UnreadStore.Unread> unread) {}

    /** A student with all that belongs to them. */
    record Person(
            String uuid,
            String name,
            int rating,
            String note,
            List<Try> attempts,
            List<Filed> file,
            Map<String, Recall> learnt,
            String approach,
            List<Assigned> assigned) {}

    /** A moment in a student's file; the game is named by its fingerprint. */
    record Filed(String game, int ply, String text) {}

    /** An assignment; the exercise is named by its fingerprint. */
    record Assigned(
            String uuid,
            String exercise,
            String clothes,
            long dueDay,
            int minutes,
            String reason,
            String state,
            String attempt) {}

    /** What the coach decided about a moment of a game. */
    record Noted(String game, int ply, String decision, String words) {}

    /** A collection; the games are named by their fingerprints. */
    record Collected(String name, List<String> games) {
        Collected {
            games = games == null ? List.of() : games;
        }
    }

    /**
     * What a student answered in a lesson; the lesson is named by its fingerprint, if it is here.
     */
    record Answered(String uuid, String student, Place place, Said said) {

        /** What was asked, and where; steps count from 0. */
        record Place(String key, String lesson, int step, String prompt, List<String> themes) {
            Place {
                themes = themes == null ? List.of() : themes;
            }
        }

        record Said(String answer, String outcome, int seconds, String at) {}
    }

    /** A sheet that was changed since it came in, and what it came in as, by their fingerprints. */
    record Origin(String sheet, String origin) {}

    /** A sheet in the bin. */
    record Away(String pgn, String at) {}

    /**
     * A student of whom something is in the bin.
     *
     * @param student the student, with what belongs to one who is in the bin
     * @param at when the student was put there; empty when only attempts were
     * @param tries the attempts that are in the bin by themselves
     */
    record AwayPerson(Person student, String at, List<AwayTry> tries) {}

    /** An attempt in the bin. */
    record AwayTry(Try attempt, String at) {}

    /** An attempt; the exercise is named by its scheme. Older archives have no rulings. */
    record Try(
            String uuid,
            String title,
            String beganAt,
            int seconds,
            String answer,
            int points,
            int max,
            boolean verdictRight,
            String scheme,
            String exercise,
            String marked,
            List<Ruling> rulings,
            boolean selfMarked) {
        Try {
            rulings = rulings == null ? List.of() : rulings;
        }
    }

    void write(OutputStream out) throws IOException {
        try (ZipOutputStream zip = new ZipOutputStream(out, StandardCharsets.UTF_8)) {
            for (SheetKind kind : SheetKind.values()) {
                zip.putNextEntry(entry(kind.word() + ".pgn"));
                sheets(kind, zip);
                zip.closeEntry();
            }
            zip.putNextEntry(entry(PEOPLE));
            json.writeValue(new Uncloseable(zip), people());
            zip.closeEntry();
            write(zip, REVIEWS, notes());
            write(zip, COLLECTIONS, collections());
            write(zip, QUERIES, library.queries().all());
            write(zip, LESSON_ANSWERS, lessonAnswers());
            write(zip, ORIGINS, origins());
            write(zip, PUT_AWAY, putAway());
            write(zip, PEOPLE_PUT_AWAY, peoplePutAway());
        }
    }

    private void write(ZipOutputStream zip, String name, List<?> what) throws IOException {
        if (!what.isEmpty()) {
            zip.putNextEntry(entry(name));
            json.writeValue(new Uncloseable(zip), what);
            zip.closeEntry();
        }
    }

    /** An entry without a time, so that equal libraries give equal archives. */
    private static ZipEntry entry(String name) {
        ZipEntry entry = new ZipEntry(name);
        entry.setTimeLocal(LocalDateTime.of(2000, 1, 1, 0, 0));
        return entry;
    }

    void sheets(SheetKind kind, OutputStream out) {
        library.sheets()
                .forEachPgn(
                        kind,
                        pgn -> {
                            try {
                                out.write(pgn.getBytes(StandardCharsets.UTF_8));
                            } catch (IOException e) {
                                throw new UncheckedIOException(e);
                            }
                        });
    }

    private People people() {
        List<Person> students = library.students().all().stream().map(this::person).toList();
        return new People(students, library.unread().all());
    }

    private Person person(Student s) {
        return new Person(
                s.uuid(),
                s.name(),
                s.rating(),
                s.note(),
                tries(s).entrySet().stream()
                        .filter(e -> e.getValue().isEmpty())
                        .map(e -> attempt(e.getKey()))
                        .toList(),
                moments(s.id()),
                library.recall().all(s.id()),
                library.recall().approach(s.id()).map(Approach::word).orElse(""),
                library.assignments().withPutAway(s.id()).stream().map(this::assigned).toList());
    }

    private Map<Attempt, Optional<Instant>> tries(Student student) {
        return library.attempts().withPutAway(student.id());
    }

    /** What stays in the bin of a student who is not. */
    private static Person bare(Student s) {
        return new Person(
                s.uuid(),
                s.name(),
                s.rating(),
                s.note(),
                List.of(),
                List.of(),
                Map.of(),
                "",
                List.of());
    }

    private List<AwayPerson> peoplePutAway() {
        List<AwayPerson> away = new ArrayList<>();
        for (Student s : library.students().all()) {
            List<AwayTry> tries = triesPutAway(s);
            if (!tries.isEmpty()) {
                away.add(new AwayPerson(bare(s), "", tries));
            }
        }
        library.students()
                .putAway()
                .forEach(
                        (s, at) ->
                                away.add(
                                        new AwayPerson(person(s), at.toString(), triesPutAway(s))));
        return away;
    }

    private List<AwayTry> triesPutAway(Student student) {
        List<AwayTry> away = new ArrayList<>();
        tries(student)
                .forEach(
                        (a, at) ->
                                at.ifPresent(t -> away.add(new AwayTry(attempt(a), t.toString()))));
        return away;
    }

    private Assigned assigned(Assignment a) {
        return new Assigned(
                a.uuid(),
                library.sheets().keyOf(a.homework().exerciseId()),
                a.homework().clothes().name(),
                a.dueDay(),
                a.homework().minutes(),
                a.homework().reason(),
                a.state().name(),
                a.attempt());
    }

    /** In the order of their adding, so that they come back in it. */
    private List<Filed> moments(long student) {
        List<Filed> moments = new ArrayList<>();
        library.studentFile().of(student).forEach(f -> moments.add(0, filed(f)));
        return moments;
    }

    private Filed filed(StudentFile.Filed f) {
        return new Filed(library.sheets().keyOf(f.sheetId()), f.ply(), f.text());
    }

    private List<Noted> notes() {
        List<Noted> notes = new ArrayList<>();
        for (long id : library.reviews().notedSheets()) {
            String key = library.sheets().keyOf(id);
            for (ReviewStore.Note n : library.reviews().notes(id)) {
                String decision = n.decision().name();
                notes.add(new Noted(key, n.ply(), decision, n.words()));
            }
        }
        return notes;
    }

    private List<Collected> collections() {
        return library.collections().all().stream()
                .map(
                        c ->
                                new Collected(
                                        c.name(),
                                        library.collections().withPutAway(c.id()).stream()
                                                .map(library.sheets()::keyOf)
                                                .toList()))
                .toList();
    }

    private List<Answered> lessonAnswers() {
        Map<Long, String> students = new HashMap<>();
        library.students().all().forEach(s -> students.put(s.id(), s.uuid()));
        library.students().putAway().keySet().forEach(s -> students.put(s.id(), s.uuid()));
        return library.lessonAnswers().all().stream()
                .map(a -> answered(a, students.get(a.studentId())))
                .toList();
    }

    private Answered answered(LessonAnswer a, String student) {
        LessonAnswer.Asked asked = a.asked();
        String key =
                asked.lessonId().isPresent()
                        ? library.sheets().keyOf(asked.lessonId().getAsLong())
                        : "";
        return new Answered(
                a.uuid(),
                student,
                new Answered.Place(
                        key, asked.lesson(), asked.step(), asked.prompt(), asked.themes()),
                new Answered.Said(
                        a.given().answer(),
                        a.given().outcome().word(),
                        a.given().seconds(),
                        a.given().at().toString()));
    }

    private List<Origin> origins() {
        return library.sheetTransfer().origins().entrySet().stream()
                .map(e -> new Origin(e.getKey(), e.getValue()))
                .toList();
    }

    private List<Away> putAway() {
        return library.sheetTransfer().putAway().stream()
                .map(a -> new Away(a.pgn(), a.at().toString()))
                .toList();
    }

    private Try attempt(Attempt a) {
        String exercise =
                a.work().exerciseId().isPresent()
                        ? PgnWriter.write(library.sheets().load(a.work().exerciseId().getAsLong()))
                        : "";
        return new Try(
                a.uuid(),
                a.work().title(),
                a.work().beganAt().toString(),
                a.work().seconds(),
                a.work().answer(),
                a.marking().points(),
                a.marking().max(),
                a.marking().verdictRight(),
                a.work().scheme(),
                exercise,
                a.marking().sheet(),
                a.marking().rulings(),
                a.marking().byHand());
    }

    /** Keeps the JSON writer from closing the archive behind it. */
    private static final class Uncloseable extends FilterOutputStream {
        Uncloseable(OutputStream out) {
            super(out);
        }

        @Override
        public void close() throws IOException {
            flush();
        }
    }
}
