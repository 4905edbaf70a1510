package org.zeroply.desktop.lessons;

import java.util.List;
import java.util.Optional;
import java.util.OptionalLong;
import java.util.function.UnaryOperator;
import javafx.beans.property.ReadOnlyIntegerProperty;
import javafx.beans.property.ReadOnlyIntegerWrapper;
import javafx.collections.ObservableList;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.notation.PgnWriter;
import org.zeroply.coach.lesson.Lesson;
import org.zeroply.coach.lesson.LessonCheck;
import org.zeroply.coach.lesson.LessonStep;
import org.zeroply.coach.lesson.StepKind;
import org.zeroply.desktop.texts.Texts;
import org.zeroply.desktop.work.OpenSeries;
import org.zeroply.desktop.work.Services;
import org.zeroply.desktop.work.TreeSession;
import org.zeroply.desktop.work.UndoTrail;
import org.zeroply.library.sheet.BinStore;
import org.zeroply.library.sheet.SheetRow;

/** The lessons of the library, the one that is open, and the step of it that is chosen. */
public final class LessonsModel {

    private final Services services;
    private final TreeSession session = new TreeSession();
    private final OpenSeries<Lesson> series;
    private final ReadOnlyIntegerWrapper revision = new ReadOnlyIntegerWrapper();
    private Optional<Lesson> lesson = Optional.empty();
    private List<LessonCheck.Remark> remarks = List.of();
    private int place;
    private boolean showing;

    public LessonsModel(Services services) {
        this.services = services;
        series =
                new OpenSeries<>(
                        services,
                        new OpenSeries.Form<>(
                                services.library().lessons(), BinStore.Kind.LESSON, "lesson"),
                        new Shown());
        session.revisionProperty().addListener(o -> played());
    }

    private final class Shown implements OpenSeries.Shown<Lesson> {
        @Override
        public void opened(Optional<Lesson> now, boolean again) {
            now.ifPresentOrElse(l -> put(l, again ? place : 0), LessonsModel.this::closed);
        }

        @Override
        public void replaced(Lesson now) {
            put(now, place);
        }

        @Override
        public void listed() {
            told();
        }
    }

    /** The moves of the chosen step, on the board. */
    public TreeSession session() {
        return session;
    }

    /** What was done here, to be taken back. */
    public UndoTrail trail() {
        return series.trail();
    }

    /** The lessons of the library, the newest first. */
    public ObservableList<SheetRow> lessons() {
        return series.all();
    }

    /** The row of the open lesson. */
    public Optional<SheetRow> row() {
        return series.row();
    }

    /** Counts up with every change of what is open or chosen. */
    public ReadOnlyIntegerProperty revisionProperty() {
        return revision.getReadOnlyProperty();
    }

    /** The number of the open lesson. */
    public OptionalLong id() {
        return series.id();
    }

    /** The open lesson. */
    public Optional<Lesson> lesson() {
        return lesson;
    }

    /** The place of the chosen step, from 0. */
    public int place() {
        return place;
    }

    /** The chosen step. */
    public Optional<LessonStep> step() {
        return lesson.map(l -> l.steps().get(place));
    }

    /** What the open lesson lacks. */
    public List<LessonCheck.Remark> remarks() {
        return remarks;
    }

    // ---- Opening --------------------------------------------------------------------------------

    /** Reads the list again, and opens the newest where none is open. */
    public void reload() {
        series.reload();
    }

    /** Opens a lesson of the library. */
    public void open(long wanted) {
        series.open(wanted);
    }

    private void closed() {
        lesson = Optional.empty();
        remarks = List.of();
        place = 0;
        quietly(session::clear);
        told();
    }

    /** Makes a new lesson with one step, and opens it. */
    public void create(String title) {
        add(new Lesson(title, List.of(LessonStep.of(StepKind.SHOW, Position.START))), () -> {});
    }

    /** Puts a lesson into the library, and opens it. */
    public void add(Lesson made, Runnable then) {
        series.add(made, then);
    }

    /** Puts lessons into the bin. */
    public void remove(List<SheetRow> chosen) {
        series.remove(chosen);
    }

    /** Adds a step at the end of the open lesson; without one a new lesson begins with it. */
    public void bring(LessonStep step) {
        if (lesson.isEmpty()) {
            String title = step.title().isEmpty() ? Texts.of("lessons.a-new-lesson") : step.title();
            add(new Lesson(title, List.of(step)), () -> {});
            services.messages().say(Texts.of("lessons.a-new-lesson-begins-with"));
            return;
        }
        Lesson open = lesson.get();
        change(open.with(open.steps().size(), step), open.steps().size());
        services.messages().say(Texts.of("lessons.it-is-the-last-step", open.title()));
    }

    // ---- Changing -------------------------------------------------------------------------------

    /** Chooses a step, from 0. */
    public void choose(int wanted) {
        lesson.filter(l -> wanted != place && wanted >= 0 && wanted < l.steps().size())
                .ifPresent(l -> put(l, wanted));
    }

    /** Gives the lesson another name. */
    public void rename(String title) {
        if (!title.isBlank()) {
            lesson.ifPresent(l -> change(l.named(title), place));
        }
    }

    /** Puts a new step after the chosen one, on the position that is on the board. */
    public void addStep(StepKind kind) {
        lesson.ifPresent(
                l ->
                        change(
                                l.with(
                                        place + 1,
                                        LessonStep.of(kind, session.current().position())),
                                place + 1));
    }

    /** Takes the chosen step out; the last one of a lesson stays. */
    public void removeStep() {
        lesson.ifPresent(
                l -> {
                    if (l.steps().size() == 1) {
                        services.messages().say(Texts.of("lessons.a-lesson-has-at-least"));
                        return;
                    }
                    change(l.without(place), Math.min(place, l.steps().size() - 2));
                    services.messages().say(Texts.of("lessons.the-step-is-taken-out"));
                });
    }

    /** Moves a step to another place; both from 0. */
    public void move(int from, int to) {
        lesson.filter(l -> from != to && Math.min(from, to) >= 0)
                .filter(l -> Math.max(from, to) < l.steps().size())
                .ifPresent(l -> change(l.moved(from, to), to));
    }

    /** Changes the chosen step. */
    public void changeStep(UnaryOperator<LessonStep> how) {
        lesson.ifPresent(l -> change(l.exchanged(place, how.apply(step().orElseThrow())), place));
    }

    private void change(Lesson now, int to) {
        series.change(now);
        put(now, to);
    }

    /** Something was changed on the board. */
    private void played() {
        if (showing || lesson.isEmpty()) {
            return;
        }
        LessonStep now = new LessonStep(session.tree().copy());
        change(lesson.get().exchanged(place, now), place);
    }

    private void put(Lesson now, int to) {
        boolean same = lesson.isPresent() && place == to;
        if (lesson.filter(l -> l.equals(now)).isEmpty()) {
            remarks = LessonCheck.of(now);
        }
        lesson = Optional.of(now);
        place = Math.max(0, Math.min(to, now.steps().size() - 1));
        LessonStep step = now.steps().get(place);
        boolean drawn =
                PgnWriter.write(step.tree()).equals(PgnWriter.write(session.tree())) && same;
        if (!drawn) {
            quietly(
                    () -> {
                        if (same && step.tree().start().equals(session.tree().start())) {
                            session.show(step.tree().copy());
                        } else {
                            session.open(step.tree().copy(), OptionalLong.empty());
                        }
                    });
        }
        told();
    }

    private void quietly(Runnable work) {
        showing = true;
        try {
            work.run();
        } finally {
            showing = false;
        }
    }

    private void told() {
        revision.set(revision.get() + 1);
    }

    /** Saves what is not saved yet. */
    public void flush() {
        series.flush();
    }

    /** Takes back what was done last, here or once upon a time. */
    public void undo() {
        series.undo();
    }

    /** Makes again what was taken back last. */
    public void redo() {
        series.redo();
    }
}
