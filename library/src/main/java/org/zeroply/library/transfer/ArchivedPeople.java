package org.zeroply.library.transfer;

import static org.zeroply.library.transfer.ArchiveReader.need;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.time.Instant;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalLong;
import java.util.Set;
import java.util.function.BiConsumer;
import org.zeroply.chess.board.Symmetry;
import org.zeroply.chess.tree.Approach;
import org.zeroply.coach.lesson.AnswerOutcome;
import org.zeroply.coach.training.drill.Recall;
import org.zeroply.library.Library;
import org.zeroply.library.LibraryException;
import org.zeroply.library.sheet.BinStore;
import org.zeroply.library.sheet.SheetStore;
import org.zeroply.library.student.Assignment;
import org.zeroply.library.student.Attempt;
import org.zeroply.library.student.Homework;
import org.zeroply.library.student.LessonAnswer;
import org.zeroply.library.student.MarkedSheets;
import org.zeroply.library.student.Marking;
import org.zeroply.library.student.Student;
import org.zeroply.library.student.WrittenWork;
import org.zeroply.library.texts.LibraryWords;

/** What an archive says of students. */
final class ArchivedPeople {

    private final Library library;
    private final ObjectMapper json;

    /** Exercises found by their schemes. */
    private final Map<String, OptionalLong> exercises = new HashMap<>();

    ArchivedPeople(Library library, ObjectMapper json) {
        this.library = library;
        this.json = json;
    }

    /** A student without what belongs to them. */
    private record Head(String uuid, String name, int rating, String note, String approach) {}

    /** Something of a student that is stored by itself. */
    private interface Part {
        void store(JsonNode part) throws JsonProcessingException;
    }

    /**
     * A student in the bin, or whose attempts are; whoever is here already stays where they are.
     */
    void putAway(JsonNode entry, BiConsumer<String, JsonNode> problems)
            throws JsonProcessingException {
        JsonNode person = need(entry.get("student"), "student");
        String uuid = person.path("uuid").asText();
        Optional<Instant> away =
                library.students().isKnown(uuid) ? library.students().putAwayAt(uuid) : at(entry);
        Student student = student(person, problems);
        each(
                entry.path("tries"),
                LibraryWords.of("transfer.attempt-in-the-bin", student.name()),
                t -> attemptPutAway(student.id(), t),
                problems);
        away.ifPresent(
                time ->
                        library.bin()
                                .put(
                                        List.of(
                                                new BinStore.Item(
                                                        BinStore.Kind.STUDENT, student.id())),
                                        time));
    }

    private void attemptPutAway(long student, JsonNode node) throws JsonProcessingException {
        JsonNode attempt = need(node.get("attempt"), "attempt");
        Instant at = at(node).orElseThrow(() -> new IllegalArgumentException("it has no time"));
        if (!library.attempts().isKnown(attempt.path("uuid").asText())) {
            long id = attempt(student, attempt);
            library.bin().put(List.of(new BinStore.Item(BinStore.Kind.ATTEMPT, id)), at);
        }
    }

    private static Optional<Instant> at(JsonNode node) {
        return Optional.of(node.path("at").asText())
                .filter(t -> !t.isEmpty())
                .map(ArchivedWork::time);
    }

    /** A student and all that is sound of what belongs to them. */
    Student student(JsonNode entry, BiConsumer<String, JsonNode> problems)
            throws JsonProcessingException {
        Head head = json.treeToValue(entry, Head.class);
        String name = need(need(head, "content").name(), "name");
        String note = head.note() == null ? "" : head.note();
        Student student =
                library.students().add(need(head.uuid(), "uuid"), name, head.rating(), note);
        long id = student.id();
        each(
                entry.path("attempts"),
                LibraryWords.of("transfer.attempt", name),
                a -> attempt(id, a),
                problems);
        Set<String> moments = new HashSet<>();
        library.studentFile().of(id).forEach(m -> moments.add(place(m.sheetId(), m.ply())));
        each(
                entry.path("file"),
                LibraryWords.of("transfer.moment", name),
                f -> moment(id, f, moments),
                problems);
        each(
                entry.path("assigned"),
                LibraryWords.of("transfer.assignment", name),
                a -> assignment(id, a),
                problems);
        Map<String, Recall> here = library.recall().all(id);
        entry.path("learnt")
                .properties()
                .forEach(
                        field ->
                                one(
                                        field.getValue(),
                                        LibraryWords.of("transfer.what-was-learnt", name),
                                        r -> learnt(id, field.getKey(), r, here),
                                        problems));
        if (library.recall().approach(id).isEmpty() && head.approach() != null) {
            library.recall().choose(id, Approach.of(head.approach()));
        }
        return student;
    }

    private static void each(
            JsonNode list, String what, Part part, BiConsumer<String, JsonNode> problems) {
        int number = 0;
        for (JsonNode one : list) {
            number++;
            one(one, what + " " + number, part, problems);
        }
    }

    /** Everything of a part is understood before anything of it is stored. */
    private static void one(
            JsonNode node, String what, Part part, BiConsumer<String, JsonNode> problems) {
        try {
            part.store(node);
        } catch (JsonProcessingException e) {
            problems.accept(LibraryWords.of("transfer.it-is-not-what-it", what), node);
        } catch (IllegalArgumentException e) {
            problems.accept(what + ": " + e.getMessage(), node);
        }
    }

    private long attempt(long student, JsonNode node) throws JsonProcessingException {
        Archive.Try t = need(json.treeToValue(node, Archive.Try.class), "content");
        sound(() -> SheetStore.parse(need(t.scheme(), "scheme")), "scheme");
        sound(
                () -> MarkedSheets.read(need(t.marked(), LibraryWords.of("transfer.marked-sheet"))),
                LibraryWords.of("transfer.marked-sheet"));
        t.rulings().forEach(r -> need(r, "ruling"));
        OptionalLong exercise =
                exercises.computeIfAbsent(need(t.exercise(), "exercise"), this::exercise);
        return library.attempts()
                .add(
                        new Attempt(
                                0,
                                need(t.uuid(), "uuid"),
                                student,
                                new WrittenWork(
                                        exercise,
                                        need(t.title(), "title"),
                                        t.scheme(),
                                        ArchivedWork.time(t.beganAt()),
                                        t.seconds(),
                                        need(t.answer(), "answer")),
                                new Marking(
                                        t.points(),
                                        t.max(),
                                        t.verdictRight(),
                                        t.marked(),
                                        t.rulings(),
                                        t.selfMarked())));
    }

    private static void sound(Runnable reading, String what) {
        try {
            reading.run();
        } catch (LibraryException | IndexOutOfBoundsException e) {
            throw new IllegalArgumentException(
                    "its " + what + LibraryWords.of("transfer.is-damaged"), e);
        }
    }

    private OptionalLong exercise(String pgn) {
        Optional<Long> id = pgn.isEmpty() ? Optional.empty() : library.sheets().findByPgn(pgn);
        return id.map(OptionalLong::of).orElse(OptionalLong.empty());
    }

    private void moment(long student, JsonNode node, Set<String> here)
            throws JsonProcessingException {
        Archive.Filed f = need(json.treeToValue(node, Archive.Filed.class), "content");
        String text = need(f.text(), "text");
        List<Long> like = library.sheetTransfer().like(need(f.game(), "game"));
        // What the coach says of it here stays.
        if (!like.isEmpty() && like.stream().noneMatch(id -> here.contains(place(id, f.ply())))) {
            here.add(place(like.get(0), f.ply()));
            library.studentFile().add(student, like.get(0), f.ply(), text);
        }
    }

    private static String place(long sheet, int ply) {
        return sheet + " " + ply;
    }

    private void assignment(long student, JsonNode node) throws JsonProcessingException {
        Archive.Assigned a = need(json.treeToValue(node, Archive.Assigned.class), "content");
        Symmetry clothes =
                Symmetry.valueOf(
                        need(a.clothes(), LibraryWords.of("transfer.way-to-turn-the-board")));
        Assignment.State state = Assignment.State.valueOf(need(a.state(), "state"));
        String uuid = need(a.uuid(), "uuid");
        String reason = need(a.reason(), "reason");
        String attempt = need(a.attempt(), "attempt");
        library.sheetTransfer()
                .anywhere(need(a.exercise(), "exercise"))
                .map(
                        id ->
                                new Assignment(
                                        0,
                                        uuid,
                                        student,
                                        new Homework(id, "", clothes, a.minutes(), reason),
                                        a.dueDay(),
                                        state,
                                        attempt))
                .ifPresent(library.assignments()::add);
    }

    /** What a student said in a lesson; a student who is not here said nothing. */
    void lessonAnswer(JsonNode entry, BiConsumer<String, JsonNode> problems)
            throws JsonProcessingException {
        Archive.Answered a = json.treeToValue(entry, Archive.Answered.class);
        Archive.Answered.Place place = need(a.place(), "place");
        Archive.Answered.Said said = need(a.said(), "answer");
        OptionalLong lesson =
                library.sheetTransfer()
                        .anywhere(need(place.key(), "lesson"))
                        .map(OptionalLong::of)
                        .orElse(OptionalLong.empty());
        LessonAnswer.Asked asked =
                new LessonAnswer.Asked(
                        lesson,
                        need(place.lesson(), "name"),
                        place.step(),
                        need(place.prompt(), "question"),
                        place.themes());
        LessonAnswer.Given given =
                new LessonAnswer.Given(
                        need(said.answer(), "answer"),
                        AnswerOutcome.of(need(said.outcome(), "outcome"))
                                .orElseThrow(
                                        () -> new IllegalArgumentException("its outcome is none")),
                        said.seconds(),
                        ArchivedWork.time(said.at()));
        library.students()
                .numberOf(need(a.student(), "student"))
                .ifPresent(
                        id ->
                                library.lessonAnswers()
                                        .add(
                                                new LessonAnswer(
                                                        need(a.uuid(), "uuid"), id, asked, given)));
    }

    /** What the student was asked more often here is newer and stays. */
    private void learnt(long student, String question, JsonNode node, Map<String, Recall> here)
            throws JsonProcessingException {
        Recall recall = need(json.treeToValue(node, Recall.class), "content");
        need(recall.answer(), "answer");
        Recall known = here.get(question);
        if (known == null || known.asked() < recall.asked()) {
            library.recall().keep(student, question, recall);
        }
    }
}
