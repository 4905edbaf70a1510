package org.zeroply.desktop.lessons;

import java.util.List;
import java.util.Optional;
import java.util.OptionalLong;
import java.util.function.UnaryOperator;
import javafx.beans.property.ReadOnlyIntegerProperty;
import javafx.beans.property.ReadOnlyIntegerWrapper;
import javafx.collections.FXCollections;
import javafx.collections.ObservableList;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.notation.PgnWriter;
import org.zeroply.coach.lesson.Lesson;
import org.zeroply.coach.lesson.LessonCheck;
import org.zeroply.coach.lesson.LessonStep;
import org.zeroply.coach.lesson.StepKind;
import org.zeroply.desktop.work.Removal;
import org.zeroply.desktop.work.SeriesSave;
import org.zeroply.desktop.work.Services;
import org.zeroply.desktop.work.TreeSession;
import org.zeroply.desktop.work.UndoTrail;
import org.zeroply.library.sheet.BinStore;
import org.zeroply.library.sheet.SeriesStore;
import org.zeroply.library.sheet.SheetRow;
import org.zeroply.library.sheet.SheetStep;

/** The lessons of the library, the one that is open, and the step of it that is chosen. */
public final class LessonsModel {

    private static final String REMEMBERED = "lessons.open";

    /** A lesson from its opening on, under whatever number it is kept. */
    private static final class Opened {
        private long number;

        Opened(long number) {
            this.number = number;
        }
    }

    private final Services services;
    private final TreeSession session = new TreeSession();
    private final UndoTrail trail = new UndoTrail();
    private final SeriesSave<Lesson> save;
    private final Removal removal;
    private final ObservableList<SheetRow> lessons = FXCollections.observableArrayList();
    private final ReadOnlyIntegerWrapper revision = new ReadOnlyIntegerWrapper();
    private OptionalLong id = OptionalLong.empty();
    private Opened opened = new Opened(0);
    private Optional<Lesson> lesson = Optional.empty();
    private List<LessonCheck.Remark> remarks = List.of();
    private int place;
    private boolean showing;

    public LessonsModel(Services services) {
        this.services = services;
        save =
                new SeriesSave<>(
                        services,
                        store(),
                        "lesson",
                        new SeriesSave.Told() {
                            @Override
                            public void saved(long was, long now) {
                                LessonsModel.this.saved(was, now);
                            }

                            @Override
                            public void lookAgain(String what) {
                                LessonsModel.this.lookAgain(what);
                            }
                        });
        removal =
                new Removal(
                        services,
                        trail,
                        this::undo,
                        gone -> {
                            if (gone.stream().anyMatch(i -> isOpen(i.id()))) {
                                close();
                            }
                            reload();
                        },
                        back -> open(back.get(0).id()));
        session.revisionProperty().addListener(o -> played());
    }

    private SeriesStore<Lesson> store() {
        return services.library().lessons();
    }

    /** The moves of the chosen step, on the board. */
    public TreeSession session() {
        return session;
    }

    /** What was done here, to be taken back. */
    public UndoTrail trail() {
        return trail;
    }

    /** The lessons of the library, the newest first. */
    public ObservableList<SheetRow> lessons() {
        return lessons;
    }

    /** Counts up with every change of what is open or chosen. */
    public ReadOnlyIntegerProperty revisionProperty() {
        return revision.getReadOnlyProperty();
    }

    /** The number of the open lesson. */
    public OptionalLong id() {
        return id;
    }

    private boolean isOpen(long other) {
        return id.equals(OptionalLong.of(other));
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
        services.scheduler()
                .library(
                        store()::all,
                        all -> {
                            lessons.setAll(all);
                            if (id.isEmpty() && !all.isEmpty()) {
                                open(last(all));
                            } else {
                                told();
                            }
                        });
    }

    /** The lesson that was open last, also before the program ended; else the newest. */
    private long last(List<SheetRow> all) {
        String before = services.memory().get(REMEMBERED).orElse("");
        return all.stream()
                .map(SheetRow::id)
                .filter(number -> String.valueOf(number).equals(before))
                .findFirst()
                .orElse(all.get(0).id());
    }

    /** Opens a lesson of the library. */
    public void open(long wanted) {
        open(wanted, () -> {});
    }

    private void open(long wanted, Runnable then) {
        save.flush();
        services.scheduler()
                .library(
                        () -> new Read(store().load(wanted), store().all()),
                        read -> {
                            lessons.setAll(read.all());
                            boolean same = isOpen(wanted);
                            id = OptionalLong.of(wanted);
                            opened = same ? opened : new Opened(wanted);
                            services.memory().put(REMEMBERED, String.valueOf(wanted));
                            save.known(wanted, read.lesson());
                            put(save.newest(wanted, read.lesson()), same ? place : 0);
                            then.run();
                        });
    }

    private record Read(Lesson lesson, List<SheetRow> all) {}

    private void close() {
        id = OptionalLong.empty();
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
        services.scheduler()
                .library(
                        () -> store().add(made),
                        number -> {
                            BinStore.Item item = new BinStore.Item(BinStore.Kind.LESSON, number);
                            trail.did(() -> bin(item, true), () -> bin(item, false));
                            open(number, then);
                        });
    }

    private void bin(BinStore.Item item, boolean away) {
        services.scheduler()
                .library(
                        () -> {
                            if (away) {
                                services.library().bin().put(List.of(item));
                            } else {
                                services.library().bin().restore(List.of(item));
                            }
                            return true;
                        },
                        done -> {
                            if (away && isOpen(item.id())) {
                                close();
                                reload();
                            } else if (!away) {
                                open(item.id());
                            }
                        });
    }

    /** Puts lessons into the bin. */
    public void remove(List<SheetRow> chosen) {
        save.flush();
        removal.remove(
                chosen.stream()
                        .map(row -> new BinStore.Item(BinStore.Kind.LESSON, row.id()))
                        .toList(),
                chosen.size() == 1 ? chosen.get(0).title() : chosen.size() + " lessons");
    }

    /** Adds a step at the end of the open lesson; without one a new lesson begins with it. */
    public void bring(LessonStep step) {
        if (lesson.isEmpty()) {
            String title = step.title().isEmpty() ? "A new lesson" : step.title();
            add(new Lesson(title, List.of(step)), () -> {});
            services.messages().say("A new lesson begins with it.");
            return;
        }
        Lesson open = lesson.get();
        change(open.with(open.steps().size(), step), open.steps().size());
        services.messages().say("It is the last step of the lesson " + open.title() + " now.");
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
                        services.messages()
                                .say("A lesson has at least one step; remove the lesson instead.");
                        return;
                    }
                    change(l.without(place), Math.min(place, l.steps().size() - 2));
                    services.messages().say("The step is taken out. Undo brings it back.");
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
        if (id.isEmpty() || lesson.filter(now::says).isPresent()) {
            put(now, to);
            return;
        }
        save.changed(id.getAsLong(), now);
        trail.did(new ChangeOf(opened));
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
        save.flush();
    }

    private void saved(long was, long now) {
        if (isOpen(was)) {
            id = OptionalLong.of(now);
            opened.number = now;
            services.memory().put(REMEMBERED, String.valueOf(now));
        }
        services.scheduler().library(store()::all, lessons::setAll);
    }

    private void lookAgain(String what) {
        if (id.isEmpty() || !save.isClean()) {
            reload();
            return;
        }
        long number = id.getAsLong();
        services.scheduler()
                .library(
                        () -> store().load(number),
                        read -> {
                            boolean other = lesson.filter(read::says).isEmpty();
                            if (other && isOpen(number) && save.isClean()) {
                                save.known(number, read);
                                put(read, place);
                                if (!what.isEmpty()) {
                                    services.messages().say(what);
                                }
                            }
                            reload();
                        });
    }

    // ---- Undo -----------------------------------------------------------------------------------

    private final class ChangeOf implements UndoTrail.Act {
        private final Opened changed;

        ChangeOf(Opened changed) {
            this.changed = changed;
        }

        @Override
        public boolean undo() {
            step(changed.number, SheetStep.UNDO);
            return true;
        }

        @Override
        public boolean redo() {
            step(changed.number, SheetStep.REDO);
            return true;
        }
    }

    /** Takes back what was done last, here or once upon a time. */
    public void undo() {
        if (!trail.undo() && id.isPresent()) {
            step(id.getAsLong(), SheetStep.UNDO);
        }
    }

    /** Makes again what was taken back last. */
    public void redo() {
        if (!trail.redo() && id.isPresent()) {
            step(id.getAsLong(), SheetStep.REDO);
        }
    }

    private void step(long number, SheetStep how) {
        save.flush();
        services.scheduler()
                .<Optional<Lesson>>library(
                        () -> {
                            Optional<Lesson> found =
                                    how == SheetStep.UNDO
                                            ? store().earlier(number)
                                            : store().later(number);
                            found.ifPresent(l -> store().save(number, l, how));
                            return found;
                        },
                        found -> found.ifPresentOrElse(l -> stepped(number, l), this::noStep));
    }

    private void stepped(long number, Lesson now) {
        save.known(number, now);
        if (isOpen(number)) {
            put(now, place);
            saved(number, number);
        } else {
            open(number);
        }
    }

    private void noStep() {
        services.messages().say("Nothing more to take back or make again here.");
    }
}
