package org.zeroply.desktop.app;

import java.time.Clock;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import org.zeroply.chess.board.Position;
import org.zeroply.coach.defence.whatif.WhatIf;
import org.zeroply.coach.lesson.LessonStep;
import org.zeroply.coach.lesson.draft.ChangedThing;
import org.zeroply.desktop.board.Palette;
import org.zeroply.desktop.controls.BoardUse;
import org.zeroply.desktop.controls.Command;
import org.zeroply.desktop.controls.Desk;
import org.zeroply.desktop.controls.Dialogs;
import org.zeroply.desktop.defence.DefenceDesk;
import org.zeroply.desktop.exercises.ExercisesDesk;
import org.zeroply.desktop.games.GamesDesk;
import org.zeroply.desktop.lab.LabDesk;
import org.zeroply.desktop.lessons.ClassroomModel;
import org.zeroply.desktop.lessons.LessonsDesk;
import org.zeroply.desktop.repertoire.RepertoireDesk;
import org.zeroply.desktop.review.ReviewDesk;
import org.zeroply.desktop.solve.SolveDesk;
import org.zeroply.desktop.students.StudentsDesk;
import org.zeroply.desktop.texts.Texts;
import org.zeroply.desktop.work.Services;
import org.zeroply.desktop.work.TreeSession;
import org.zeroply.desktop.work.WindowMemory;

/** The desks of a window, the one in front, and what goes from one to another. */
final class Desks {

    /** The window that shows the desk in front. */
    interface Frame {

        /** The desk in front is another one. */
        void turned();

        /** The desk in front has put another sheet on the board. */
        void boardChanged();

        /** The colours of the moment. */
        Palette palette();
    }

    private final Services services;
    private final Dialogs dialogs;
    private final Rooms rooms;
    private final Frame frame;
    private final GamesDesk games;
    private final ReviewDesk review;
    private final LabDesk lab;
    private final DefenceDesk defence;
    private final RepertoireDesk repertoire;
    private final ExercisesDesk exercises;
    private final LessonsDesk lessons;
    private final SolveDesk solve;
    private final StudentsDesk students;
    private final List<Desk> all;
    private Optional<Desk> front = Optional.empty();

    /**
     * @param bringIn what brings games in, for the desk that shows them
     */
    Desks(
            Services services,
            Dialogs dialogs,
            Clock clock,
            Rooms rooms,
            List<Command> bringIn,
            Frame frame) {
        this.services = services;
        this.dialogs = dialogs;
        this.rooms = rooms;
        this.frame = frame;
        Runnable boardChanged = frame::boardChanged;
        games = new GamesDesk(services, dialogs, this::openExercise, bringIn);
        review = new ReviewDesk(services, games, this::openExercise, boardChanged);
        lab = new LabDesk(services, games.session(), games::setAsExercise, games::analyse);
        defence =
                new DefenceDesk(
                        services, games.session(), this::setUp, this::openExercise, boardChanged);
        repertoire =
                new RepertoireDesk(
                        services, dialogs, clock, games::session, this::openGame, boardChanged);
        exercises = new ExercisesDesk(services, this::openSolve, boardChanged);
        lessons = new LessonsDesk(services, dialogs, clock, rooms, this::setUp, boardChanged);
        solve = new SolveDesk(services, clock, rooms, boardChanged);
        students = new StudentsDesk(services, dialogs, this::openMoment, boardChanged);
        all = List.of(games, review, lab, defence, repertoire, exercises, lessons, solve, students);
    }

    /** All of them, in the order of the work. */
    List<Desk> all() {
        return all;
    }

    /** The desk in front; the first one until another is shown. */
    Desk front() {
        return front.orElse(games);
    }

    /** How the desk in front uses the board. */
    BoardUse boardUse() {
        return front().boardUse().getValue();
    }

    /** Brings a desk to the front. */
    void show(Desk desk) {
        front.ifPresent(Desk::flush);
        front = Optional.of(desk);
        frame.turned();
    }

    /** The desk of a name. */
    Optional<Desk> named(String name) {
        return all.stream().filter(d -> d.name().equals(name)).findFirst();
    }

    GamesDesk games() {
        return games;
    }

    ReviewDesk review() {
        return review;
    }

    LabDesk lab() {
        return lab;
    }

    DefenceDesk defence() {
        return defence;
    }

    RepertoireDesk repertoire() {
        return repertoire;
    }

    ExercisesDesk exercises() {
        return exercises;
    }

    LessonsDesk lessons() {
        return lessons;
    }

    /** Saves everything that is not saved yet. */
    void flush() {
        all.forEach(Desk::flush);
    }

    /** Colours all of them. */
    void setPalette(Palette palette) {
        all.forEach(d -> d.setPalette(palette));
    }

    /**
     * Brings back the pages that were in front when the program ended.
     *
     * @return the desk that was
     */
    Optional<Desk> recalled(WindowMemory memory) {
        all.forEach(d -> memory.get("page." + d.name()).ifPresent(d::showPage));
        return memory.get("desk").flatMap(this::named);
    }

    /** Remembers desk and pages, and which game is open. */
    void remember(WindowMemory memory) {
        memory.put("desk", front().name());
        all.forEach(d -> memory.put("page." + d.name(), d.page()));
        games.rememberOpen();
    }

    // ---- From desk to desk ----------------------------------------------------------------------

    /** Begins a student. */
    void newStudent() {
        show(students);
        students.create();
    }

    private void openExercise(long id) {
        exercises.open(id);
        show(exercises);
    }

    private void openGame(long id) {
        games.open(id);
        show(games);
    }

    private void openMoment(long sheetId, int ply) {
        review.open(sheetId, ply);
        show(review);
    }

    private void openSolve(long id) {
        solve.choose(id);
        show(solve);
    }

    /** Games have come in: the newest is opened. */
    void broughtIn(boolean stored) {
        if (stored) {
            games.openNewest();
        }
        show(front() == repertoire ? repertoire : games);
    }

    /** A new analysis, in the Lab or at the Defence desk if that is in front. */
    void analyse(Position position) {
        games.analyse(position);
        defence.defend(position);
        show(front() == lab || front() == defence ? front() : games);
    }

    /** The position on the board, in the Lab; not while somebody solves. */
    void sendToLab() {
        if (!front().isOpenBook()) {
            services.messages().say(Texts.of("app.not-while-somebody-solves-the"));
            return;
        }
        Position position = front().session().current().position();
        boolean same = front().session() == games.session();
        show(lab);
        if (!same) {
            games.analyse(position);
        }
    }

    /** The position on the board, at the Defence desk; not while somebody solves. */
    void defend() {
        if (!front().isOpenBook()) {
            services.messages().say(Texts.of("app.not-while-somebody-solves-it"));
            return;
        }
        defence.defend(front().session().current().position());
        show(defence);
    }

    /** The position on the board and what goes on from it, for a whole room. */
    void teach() {
        if (!front().isOpenBook() && front() != solve && front() != students) {
            services.messages().say(Texts.of("app.not-while-somebody-solves-it"));
            return;
        }
        TreeSession shown = front().session();
        ClassroomModel lesson = solve.teach(shown.current(), shown.tree());
        show(solve);
        rooms.here(lesson);
    }

    /** The position on the board and what goes on from it becomes a step of the open lesson. */
    void intoLesson() {
        if (front() == solve) {
            services.messages().say(Texts.of("app.not-while-somebody-solves-it"));
            return;
        }
        if (front() == lessons) {
            services.messages().say(Texts.of("app.steps-of-this-lesson-are"));
            return;
        }
        TreeSession shown = front().session();
        Optional<WhatIf> table = front() == defence ? defence.table() : Optional.empty();
        lessons.bring(
                table.map(ChangedThing::step)
                        .orElseGet(() -> LessonStep.from(shown.current(), shown.tree())));
    }

    /** Lets the position on the board be changed by hand, for an analysis. */
    void setUp() {
        setUp(front().session().current().position(), this::analyse);
    }

    private void setUp(Position from, Consumer<Position> done) {
        dialogs.show(
                new SetUpPane(
                        from,
                        frame.palette(),
                        position -> {
                            dialogs.close();
                            done.accept(position);
                        },
                        dialogs::close));
    }
}
