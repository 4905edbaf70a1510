package org.zeroply.library.sheet;

import java.util.List;
import java.util.Optional;
import org.zeroply.coach.lesson.Lesson;
import org.zeroply.library.LibraryException;

/** The lessons of a library. Each is one sheet, whose text holds all its steps. */
public final class LessonStore {

    private final SheetStore sheets;

    public LessonStore(SheetStore sheets) {
        this.sheets = sheets;
    }

    /** What lists show of the lessons, the newest first; the plies of a row are its steps. */
    public List<SheetRow> all() {
        return sheets.find(SheetQuery.all(SheetKind.LESSON));
    }

    /**
     * Adds a lesson even if there is an equal one, and gives its id.
     *
     * @throws IllegalArgumentException if it has no steps: there is nothing to be kept
     */
    public long add(Lesson lesson) {
        if (lesson.steps().isEmpty()) {
            throw new IllegalArgumentException("a lesson has at least one step");
        }
        return sheets.add(PreparedSheet.of(List.of(lesson.trees())).get(0));
    }

    /**
     * The lesson with an id.
     *
     * @throws LibraryException if there is none, or it cannot be read
     */
    public Lesson load(long id) {
        return read(
                sheets.text(id)
                        .orElseThrow(() -> new LibraryException("There is no lesson " + id + ".")));
    }

    private static Lesson read(String text) {
        return Lesson.of(SheetStore.parseAll(text));
    }

    /** Replaces a lesson by its present state; the change can be taken back. */
    public void save(long id, Lesson lesson, SheetStep step) {
        sheets.save(id, lesson, step);
    }

    /** A state that a lesson came to, and how. */
    public record State(Lesson lesson, SheetStep step) {}

    /**
     * Takes a lesson through these states if it still is as its editor knows it; all of them or
     * none. If another program has changed it, or removed it for good, its state stays and the last
     * of these is kept beside it.
     *
     * @param known the state that they began with
     * @return the lesson that has them: this one, or one of its own
     */
    public long save(long id, Lesson known, List<State> states) {
        return sheets.together(
                () -> {
                    boolean same = sheets.text(id).filter(known.pgn()::equals).isPresent();
                    if (!same) {
                        return add(states.get(states.size() - 1).lesson());
                    }
                    states.forEach(s -> save(id, s.lesson(), s.step()));
                    return id;
                });
    }

    /** The lesson as it was before its last change; empty when there is none to take back. */
    public Optional<Lesson> earlier(long id) {
        return sheets.earlierText(id).map(LessonStore::read);
    }

    /** The lesson as it was before its last change was taken back; empty when none was. */
    public Optional<Lesson> later(long id) {
        return sheets.laterText(id).map(LessonStore::read);
    }
}
