package org.zeroply.library.transfer;

import com.fasterxml.jackson.annotation.JsonAutoDetect;
import com.fasterxml.jackson.annotation.PropertyAccessor;
import com.fasterxml.jackson.core.JsonGenerator;
import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.DeserializationFeature;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.SerializationFeature;
import java.io.FilterOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.time.Instant;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalLong;
import java.util.zip.ZipEntry;
import java.util.zip.ZipFile;
import java.util.zip.ZipOutputStream;
import org.zeroply.chess.board.Symmetry;
import org.zeroply.chess.notation.PgnWriter;
import org.zeroply.chess.tree.Approach;
import org.zeroply.coach.exercise.Ruling;
import org.zeroply.coach.training.Recall;
import org.zeroply.library.Library;
import org.zeroply.library.store.Assignment;
import org.zeroply.library.store.Attempt;
import org.zeroply.library.store.ReviewStore;
import org.zeroply.library.store.SheetKind;
import org.zeroply.library.store.Student;
import org.zeroply.library.store.StudentFile;
import org.zeroply.library.store.UnreadStore;

/** A whole library as a ZIP: PGN for the sheets, JSON for people and attempts. */
final class Archive {

    private static final String PEOPLE = "people.json";
    private static final String REVIEWS = "reviews.json";
    private static final String COLLECTIONS = "collections.json";

    private final Library library;
    private final ObjectMapper json =
            new ObjectMapper()
                    .disable(DeserializationFeature.FAIL_ON_UNKNOWN_PROPERTIES)
                    .disable(JsonGenerator.Feature.AUTO_CLOSE_TARGET)
                    .enable(SerializationFeature.INDENT_OUTPUT)
                    .setVisibility(PropertyAccessor.FIELD, JsonAutoDetect.Visibility.ANY);

    Archive(Library library) {
        this.library = library;
    }

    /** Students with their attempts, and texts that could not be read. */
    record People(List<Person> students, List<UnreadStore.Unread> unread) {}

    /** A student; older archives have no file of moments and nothing learnt. */
    record Person(
            String uuid,
            String name,
            int rating,
            String note,
            List<Try> attempts,
            List<Filed> file,
            Map<String, Recall> learnt,
            String approach,
            List<Assigned> assigned) {

        Person {
            assigned = assigned == null ? List.of() : assigned;
            file = file == null ? List.of() : file;
            learnt = learnt == null ? Map.of() : learnt;
            approach = approach == null ? "" : approach;
        }
    }

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
        List<Person> students =
                library.students().all().stream()
                        .map(
                                s ->
                                        new Person(
                                                s.uuid(),
                                                s.name(),
                                                s.rating(),
                                                s.note(),
                                                library.attempts().of(s.id()).stream()
                                                        .map(this::attempt)
                                                        .toList(),
                                                library.studentFile().of(s.id()).stream()
                                                        .map(this::filed)
                                                        .toList(),
                                                library.recall().all(s.id()),
                                                library.recall()
                                                        .approach(s.id())
                                                        .map(Approach::word)
                                                        .orElse(""),
                                                library.assignments().of(s.id()).stream()
                                                        .map(this::assigned)
                                                        .toList()))
                        .toList();
        return new People(students, library.unread().all());
    }

    private Assigned assigned(Assignment a) {
        return new Assigned(
                a.uuid(),
                library.sheets().keyOf(a.exerciseId()),
                a.clothes().name(),
                a.dueDay(),
                a.minutes(),
                a.reason(),
                a.state().name(),
                a.attempt());
    }

    private void store(long student, Assigned a) {
        library.sheets()
                .findByKey(a.exercise())
                .ifPresent(
                        id ->
                                library.assignments()
                                        .add(
                                                new Assignment(
                                                        0,
                                                        a.uuid(),
                                                        student,
                                                        id,
                                                        "",
                                                        Symmetry.valueOf(a.clothes()),
                                                        a.dueDay(),
                                                        a.minutes(),
                                                        a.reason(),
                                                        Assignment.State.valueOf(a.state()),
                                                        a.attempt())));
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
                                        library.collections().sheets(c.id()).stream()
                                                .map(library.sheets()::keyOf)
                                                .toList()))
                .toList();
    }

    private Try attempt(Attempt a) {
        String exercise =
                a.exerciseId().isPresent()
                        ? PgnWriter.write(library.sheets().load(a.exerciseId().getAsLong()))
                        : "";
        return new Try(
                a.uuid(),
                a.title(),
                a.beganAt().toString(),
                a.seconds(),
                a.answer(),
                a.points(),
                a.max(),
                a.verdictRight(),
                a.scheme(),
                exercise,
                a.marked(),
                a.rulings(),
                a.selfMarked());
    }

    /** Reads an archive into the library through an importer, which counts the sheets. */
    void read(Path file, Importer importer) throws IOException {
        try (ZipFile zip = new ZipFile(file.toFile(), StandardCharsets.UTF_8)) {
            for (SheetKind kind : SheetKind.values()) {
                ZipEntry entry = zip.getEntry(kind.word() + ".pgn");
                if (entry != null) {
                    try (InputStream in = zip.getInputStream(entry)) {
                        importer.stream(in, entry.getName(), entry.getSize());
                    }
                }
            }
            People people =
                    read(zip, PEOPLE, People.class)
                            .orElseThrow(() -> new IOException("there is no " + PEOPLE + " in it"));
            store(people);
            read(zip, REVIEWS, Noted[].class).ifPresent(this::store);
            read(zip, COLLECTIONS, Collected[].class).ifPresent(this::store);
        }
    }

    private <T> Optional<T> read(ZipFile zip, String name, Class<T> type) throws IOException {
        ZipEntry entry = zip.getEntry(name);
        if (entry == null) {
            return Optional.empty();
        }
        try (InputStream in = zip.getInputStream(entry)) {
            return Optional.of(json.readValue(in, type));
        } catch (JsonProcessingException e) {
            throw new IOException(name + " is damaged: " + e.getOriginalMessage(), e);
        }
    }

    private void store(Collected[] collections) {
        for (Collected c : collections) {
            library.collections()
                    .put(
                            c.name(),
                            c.games().stream()
                                    .flatMap(key -> library.sheets().findByKey(key).stream())
                                    .toList());
        }
    }

    private void store(People people) {
        Map<String, OptionalLong> known = new HashMap<>();
        for (Person p : people.students()) {
            Student student = library.students().add(p.uuid(), p.name(), p.rating(), p.note());
            for (Try t : p.attempts()) {
                OptionalLong exercise = known.computeIfAbsent(t.exercise(), this::exercise);
                library.attempts().add(attempt(t, student.id(), exercise));
            }
            for (Filed f : p.file()) {
                library.sheets()
                        .findByKey(f.game())
                        .ifPresent(
                                id ->
                                        library.studentFile()
                                                .add(student.id(), id, f.ply(), f.text()));
            }
            p.assigned().forEach(a -> store(student.id(), a));
            learnt(student.id(), p);
        }
        people.unread().forEach(library.unread()::add);
    }

    /** What the student was asked more often here is newer and stays. */
    private void learnt(long student, Person p) {
        Map<String, Recall> here = library.recall().all(student);
        p.learnt()
                .forEach(
                        (question, recall) -> {
                            Recall known = here.get(question);
                            if (known == null || known.asked() < recall.asked()) {
                                library.recall().keep(student, question, recall);
                            }
                        });
        if (library.recall().approach(student).isEmpty()) {
            library.recall().choose(student, Approach.of(p.approach()));
        }
    }

    /** What the coach said here already is not overwritten. */
    private void store(Noted[] notes) {
        for (Noted n : notes) {
            ReviewStore.Decision decision = ReviewStore.Decision.valueOf(n.decision());
            ReviewStore.Note note = new ReviewStore.Note(n.ply(), decision, n.words());
            library.sheets()
                    .findByKey(n.game())
                    .filter(
                            id ->
                                    library.reviews().notes(id).stream()
                                            .noneMatch(known -> known.ply() == n.ply()))
                    .ifPresent(id -> library.reviews().note(id, note));
        }
    }

    private OptionalLong exercise(String pgn) {
        Optional<Long> id = pgn.isEmpty() ? Optional.empty() : library.sheets().findByPgn(pgn);
        return id.map(OptionalLong::of).orElse(OptionalLong.empty());
    }

    private static Attempt attempt(Try t, long student, OptionalLong exercise) {
        return new Attempt(
                0,
                t.uuid(),
                student,
                exercise,
                t.title(),
                Instant.parse(t.beganAt()),
                t.seconds(),
                t.answer(),
                t.points(),
                t.max(),
                t.verdictRight(),
                t.scheme(),
                t.marked(),
                t.rulings(),
                t.selfMarked());
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
