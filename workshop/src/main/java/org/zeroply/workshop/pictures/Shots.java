package org.zeroply.workshop.pictures;

import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.ComboBox;
import javafx.scene.control.ListView;
import javafx.scene.control.MenuButton;
import javafx.scene.control.TableView;
import javafx.scene.control.TextField;
import javafx.scene.control.TextInputControl;
import javafx.scene.input.KeyCode;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.board.Square;
import org.zeroply.chess.notation.San;
import org.zeroply.chess.tree.Mark;
import org.zeroply.coach.lesson.LessonStep;
import org.zeroply.coach.lesson.StepKind;
import org.zeroply.coach.repertoire.Spot;
import org.zeroply.desktop.app.Workbench;
import org.zeroply.desktop.repertoire.DrillModel;
import org.zeroply.desktop.work.ExerciseSearch;
import org.zeroply.desktop.work.Services;
import org.zeroply.desktop.work.TreeSession;
import org.zeroply.library.review.ReviewStore;

/** Takes a picture of each main view on the demo library, then ends the program. */
final class Shots extends PictureRun {

    /** A triangulation: one pawn pair blocked, a passed pawn, the kings around it. */
    private static final String ENDING = "2k5/8/p1P5/P2K4/8/8/8/8 w - - 0 1";

    /** Games of the demo club that come with a review. */
    private static final long REVIEWED = 3;

    private static final long FIND_NODES = 20000;
    private static final int FINDS = 6;
    private static final int LESSON_MOVES = 3;

    private final Services services;

    Shots(Workbench bench, Services services, Path folder) {
        super(bench, folder);
        this.services = services;
    }

    /**
     * Takes the pictures.
     *
     * @param part {@code positions}, {@code review}, {@code repertoire}, {@code tournament}, {@code
     *     exercises}, {@code lessons} or {@code defence} for those of that desk alone with all its
     *     pages, else all
     */
    void take(String part) {
        step(() -> {});
        shot("start");
        step(bench::unpackDemo);
        until(() -> bench.games().openId().isPresent());
        step(() -> {});
        step(() -> {});
        Map<String, Runnable> alone =
                Map.of(
                        "positions", this::positions,
                        "review", this::review,
                        "repertoire", this::repertoire,
                        "tournament", this::tournament,
                        "exercises", this::exercises,
                        "lessons", this::lessons,
                        "defence", () -> DefencePictures.take(this, bench, services));
        if (alone.containsKey(part)) {
            details = true;
            alone.get(part).run();
            next();
            return;
        }
        step(
                () -> {
                    var session = bench.games().session();
                    session.toStart();
                    for (int i = 0; i < 23; i++) {
                        session.forward();
                    }
                });
        step(
                () -> {
                    bench.games().commands().stream()
                            .filter(c -> c.key().equals("F2") || c.key().equals("F3"))
                            .forEach(c -> c.action().run());
                    var session = bench.games().session();
                    session.editor()
                            .toggleMark(
                                    session.current(),
                                    new Mark(Mark.Meaning.IDEA, List.of(12, 36)));
                    session.editor()
                            .toggleMark(
                                    session.current(), new Mark(Mark.Meaning.WEAK, List.of(35)));
                });
        shot("games");
        step(bench::toggleTheme);
        shot("games-lamp");
        step(bench::toggleTheme);
        positions();
        lab();
        DefencePictures.take(this, bench, services);
        review();
        repertoire();
        exercises();
        lessons();
        next();
    }

    /** Positions of all games by what is drawn and written. */
    private void positions() {
        step(() -> toggle("#games-positions"));
        detail("games-positions-empty");
        step(
                () ->
                        ((TextInputControl) bench.lookup("#ask-text"))
                                .setText(
                                        "white rook on e1, black king on g8, no white pawn on e,"
                                                + " d5 empty; colours exchanged"));
        step(() -> press("#positions-go"));
        until(() -> !bench.lookup("#positions-stop").isVisible());
        step(() -> press("#hit-1"));
        step(() -> {});
        shot("games-positions");
        step(() -> toggle("#games-list"));
    }

    /** A lesson planned, given, and learnt alone. */
    private void lessons() {
        step(() -> bench.show("Lessons"));
        until(() -> bench.lookup("#lesson-steps .list-cell") != null);
        step(() -> {});
        detail("lessons-show");
        step(() -> steps().getSelectionModel().select(3));
        step(() -> {});
        shot("lessons");
        step(() -> press("#lesson-give"));
        until(() -> !((TableView<?>) bench.lookup("#give-class")).getItems().isEmpty());
        for (String move : List.of("1", "2")) {
            step(() -> bench.runCommand("Answer of " + student(Integer.parseInt(move) - 1)));
            step(
                    () ->
                            ((TextInputControl) bench.lookup("#give-answer"))
                                    .setText(move.equals("1") ? "gxf5" : "Kg7"));
            step(() -> press("#give-take"));
        }
        step(() -> {});
        shot("lessons-give");
        step(() -> press("#give-here"));
        step(() -> {});
        detail("lessons-room-question");
        step(bench::leaveClassroom);
        step(() -> press("#give-reveal"));
        step(() -> press("#give-reveal"));
        step(() -> press("#give-here"));
        step(() -> {});
        detail("lessons-room-line");
        step(bench::leaveClassroom);
        step(() -> toggle("#lessons-alone"));
        step(() -> {});
        detail("lessons-alone");
        step(() -> toggle("#lessons-record"));
        step(() -> {});
        detail("lessons-record");
        step(() -> toggle("#lessons-plan"));
        step(() -> steps().getSelectionModel().select(6));
        step(() -> {});
        detail("lessons-what-if");
        room("lessons-room-what-if");
        step(
                () ->
                        bench.lessons()
                                .model()
                                .changeStep(
                                        s ->
                                                s.as(StepKind.COMPARE)
                                                        .numbered(
                                                                LessonStep.BESIDE,
                                                                s.beside().stream()
                                                                        .map(
                                                                                b ->
                                                                                        b.position()
                                                                                                        .fen()
                                                                                                + " | | "
                                                                                                + b
                                                                                                        .words())
                                                                        .toList())));
        room("lessons-room-compare");
        step(() -> bench.lessons().draft());
        step(() -> {});
        detail("lessons-draft");
    }

    /** The chosen step as the class sees it. */
    private void room(String name) {
        step(() -> press("#lesson-give"));
        step(() -> press("#give-here"));
        step(() -> {});
        detail(name);
        step(bench::leaveClassroom);
        step(() -> toggle("#lessons-plan"));
    }

    private ListView<?> steps() {
        return (ListView<?>) bench.lookup("#lesson-steps");
    }

    private String student(int place) {
        return services.library().students().all().get(place).name();
    }

    /** Finding, checking, solving and marking exercises. */
    private void exercises() {
        step(() -> services.library().settings().put(ExerciseSearch.NODES, FIND_NODES));
        step(() -> bench.show("Exercises"));
        step(() -> select("#exercises-table", 2));
        shot("exercises");
        step(() -> toggle("#exercises-check"));
        step(() -> press("#soundness-check"));
        until(() -> !services.scheduler().isBusy());
        detail("exercises-check");
        step(() -> toggle("#exercises-find"));
        detail("exercises-find-empty");
        step(() -> press("#find-go"));
        until(() -> services.search().found().size() >= FINDS);
        step(() -> press("#find-pause"));
        detail("exercises-find");
        step(() -> toggle("#exercises-paper"));
        detail("exercises-paper");
        step(() -> toggle("#exercises-scheme"));
        step(() -> bench.show("Solve"));
        step(this::chooseToSolve);
        step(() -> press("#begin"));
        step(this::write);
        shot("solve");
        step(() -> press("#commit"));
        step(() -> {});
        shot("marked");
        step(() -> toggle("#solve-ladder"));
        step(() -> choose("#ladder-line", 1));
        step(() -> press("#ladder-begin"));
        detail("solve-ladder");
        step(() -> toggle("#solve-classroom"));
        step(() -> choose("#classroom-line", 1));
        step(() -> press("#lesson-begin"));
        for (int i = 0; i < LESSON_MOVES; i++) {
            step(() -> press("#lesson-reveal"));
        }
        detail("solve-classroom");
        step(() -> press("#lesson-here"));
        step(() -> {});
        shot("classroom");
        step(bench::leaveClassroom);
        step(() -> toggle("#solve-answer"));
        step(() -> bench.show("Students"));
        step(() -> select("#students-table", 1));
        shot("students");
        step(() -> toggle("#students-strength"));
        step(() -> select("#strength-table", 2));
        detail("students-strength");
        step(() -> toggle("#students-week"));
        step(() -> press("#plan-propose"));
        shot("plan");
    }

    /** Reviews a few games on few nodes, so that the pictures do not take long. */
    private void review() {
        step(() -> services.reviews().open());
        step(() -> bench.show("Review"));
        step(() -> bench.review().showPage("Queue"));
        until(() -> done() == REVIEWED);
        detail("review-queue");
        step(
                () -> {
                    ((TableView<?>) bench.lookup("#queue-table")).getSelectionModel().select(0);
                    press("#queue-open");
                });
        until(() -> !bench.review().model().cards().isEmpty());
        step(() -> {});
        shot("review-moments");
        step(() -> bench.review().model().guessingProperty().set(true));
        detail("review-guess");
        step(() -> bench.review().model().guessingProperty().set(false));
        step(() -> bench.review().showPage("Figures"));
        detail("review-figures");
        step(() -> bench.review().showPage("Trial"));
        step(() -> press("#trial-play"));
        until(() -> !services.scheduler().isBusy());
        step(() -> press("#trial-probe"));
        until(() -> !services.scheduler().isBusy());
        step(() -> {});
        detail("review-trial");
        step(() -> bench.review().showPage("Player"));
        step(
                () -> {
                    ComboBox<?> player = (ComboBox<?>) bench.lookup("#player");
                    player.getSelectionModel().select(player.getItems().indexOf("Ilse Marram"));
                });
        until(() -> bench.lookup("#trend") != null);
        step(() -> {});
        shot("review-player");
        if (details) {
            reviewInDetail();
        }
    }

    private void reviewInDetail() {
        step(bench::toggleTheme);
        detail("review-player-lamp");
        step(() -> bench.review().showPage("Moments"));
        step(() -> bench.review().model().select(bench.review().model().cards().get(0)));
        detail("review-moments-lamp");
        step(bench::toggleTheme);
        step(() -> ((MenuButton) bench.lookup("#moment-student")).getItems().get(1).fire());
        step(() -> press("#moment-reword"));
        detail("review-reword");
        step(() -> press("#moment-words-done"));
        step(() -> press("#moment-exercise"));
        until(() -> bench.frontName().equals("Exercises"));
        step(() -> {});
        detail("review-exercise");
        step(() -> bench.show("Students"));
        step(() -> select("#students-table", 1));
        step(() -> toggle("#students-file"));
        detail("students-file");
    }

    private void repertoire() {
        step(() -> bench.show("Repertoire"));
        until(() -> bench.repertoire().model().viewProperty().get().isPresent());
        step(
                () -> {
                    var model = bench.repertoire().model();
                    model.studentProperty()
                            .set(
                                    model.students().stream()
                                            .filter(s -> s.name().equals("Ilse Marram"))
                                            .findFirst());
                });
        step(() -> walk("d4", "d5", "c4", "e6", "Nc3", "Nf6", "cxd5", "exd5", "Bg5", "Be7", "e3"));
        step(() -> {});
        shot("repertoire");
        step(() -> press("#note-card"));
        step(() -> bench.repertoire().pressed(Square.parse("g5")));
        detail("repertoire-card");
        step(() -> press("#card-cancel"));
        step(() -> bench.repertoire().showPage("Map"));
        step(() -> bench.repertoire().model().session().toStart());
        shot("repertoire-map");
        step(() -> toggle("#map-risk"));
        detail("repertoire-risk");
        tournament();
        step(() -> bench.repertoire().showPage("Tasks"));
        step(() -> press("#audit-engine"));
        until(() -> !services.scheduler().isBusy());
        step(() -> ((ListView<?>) bench.lookup("#findings")).getSelectionModel().select(0));
        detail("repertoire-tasks");
        step(() -> bench.repertoire().showPage("Games"));
        step(() -> ((ComboBox<?>) bench.lookup("#games-player")).getSelectionModel().select(5));
        step(() -> press("#compare"));
        until(() -> !services.scheduler().isBusy());
        detail("repertoire-games");
        step(() -> bench.repertoire().showPage("Learn"));
        detail("repertoire-learn");
        step(() -> press("#drill-begin"));
        for (int i = 0; i < 4; i++) {
            step(this::answer);
        }
        step(() -> press("#drill-help"));
        detail("repertoire-drill");
        step(() -> bench.repertoire().model().studentProperty().set(Optional.empty()));
        step(() -> bench.repertoire().drill().stop());
        detail("repertoire-club");
        step(() -> bench.repertoire().showPage("Merge"));
        step(() -> press("#merge-game"));
        detail("repertoire-merge");
        step(bench::toggleTheme);
        step(() -> bench.repertoire().showPage("Map"));
        step(() -> toggle("#map-knowledge"));
        detail("repertoire-map-lamp");
        step(() -> bench.repertoire().showPage("Lines"));
        detail("repertoire-lamp");
        step(bench::toggleTheme);
    }

    /** The next round of a tournament prepared, and the game of the last one looked at. */
    private void tournament() {
        step(() -> bench.show("Repertoire"));
        step(() -> bench.repertoire().showPage("Prepare"));
        until(() -> bench.repertoire().model().viewProperty().get().isPresent());
        until(() -> bench.lookup("#rounds .table-row-cell:filled") != null);
        step(() -> press("#round-prepare"));
        until(() -> bench.lookup("#round-findings .list-cell:filled") != null);
        step(() -> ((ListView<?>) bench.lookup("#round-findings")).requestFocus());
        step(() -> ((ListView<?>) bench.lookup("#round-findings")).getSelectionModel().select(1));
        step(() -> {});
        shot("repertoire-prepare");
        step(() -> bench.runCommand("Read a table of pairings …"));
        step(
                () ->
                        ((TextInputControl) bench.lookup("#table-text"))
                                .setText(
                                        "Round 6\n1. Ilse Marram – Jonas Quay\n2. Pavel Dunmore v Maren"
                                                + " Breakwater 1-0\nno pairing"));
        detail("repertoire-table");
        step(() -> press("#table-leave"));
        step(() -> ((TableView<?>) bench.lookup("#rounds")).getSelectionModel().select(3));
        until(() -> ((Button) bench.lookup("#round-prepare")).getText().endsWith("back"));
        step(() -> press("#round-prepare"));
        until(() -> !services.scheduler().isBusy());
        step(() -> {});
        detail("repertoire-after");
    }

    /** Answers what the drill asks, so that the picture shows it under way. */
    private void answer() {
        var drill = bench.repertoire().drill();
        var view = bench.repertoire().model().viewProperty().get().orElseThrow();
        Position position = drill.session().current().position();
        Spot spot = view.repertoire().at(position).orElseThrow();
        if (drill.awaitsMove()) {
            Move move = view.next(spot).get(0);
            drill.session().play(move.from(), move.to());
        } else if (drill.shownProperty().get().stage() == DrillModel.Stage.ASKING) {
            List<String> choices = drill.shownProperty().get().choices();
            view.learning().questions().at(spot).stream()
                    .map(q -> choices.indexOf(q.answer()))
                    .filter(i -> i >= 0)
                    .findFirst()
                    .ifPresent(drill::choose);
        } else {
            drill.goOn();
        }
    }

    /** Goes along a line of the open chapter. */
    private void walk(String... line) {
        TreeSession session = bench.repertoire().session();
        session.toStart();
        for (String san : line) {
            session.current().children().stream()
                    .filter(n -> San.write(session.current().position(), n.move()).equals(san))
                    .findFirst()
                    .ifPresent(session::go);
        }
    }

    private long done() {
        return services.reviews().entries().stream()
                .filter(e -> e.state() == ReviewStore.State.DONE)
                .count();
    }

    private void lab() {
        step(() -> bench.show("Lab"));
        step(() -> {});
        step(() -> {});
        step(this::pointAtFact);
        shot("lab");
        step(() -> key(KeyCode.P));
        step(() -> bench.lab().showPage("Note"));
        detail("lab-note");
        step(() -> bench.games().session().editor().undo());
        step(() -> bench.lab().showPage("Squares"));
        step(() -> toggle("#map-who"));
        detail("lab-squares");
        step(() -> bench.lab().showPage("Changes"));
        detail("lab-changes");
        step(() -> bench.lab().showPage("Numbers"));
        step(() -> press("#measure"));
        step(() -> {});
        step(() -> {});
        step(() -> press("#ask-threat"));
        step(() -> {});
        detail("lab-numbers");
        step(() -> bench.games().analyse(Position.fromFen(ENDING)));
        step(() -> bench.lab().showPage("Ending"));
        step(() -> press("#solve-ending"));
        until(() -> bench.lookup("#picture-5") != null);
        step(() -> toggle("#picture-5"));
        detail("lab-ending");
        step(bench.games()::openNewest);
    }

    /** Points at the first fact with a route, so that the picture shows how facts are drawn. */
    private void pointAtFact() {
        bench.lookupAll(".fact").stream()
                .filter(n -> n.getAccessibleText().contains("worst-placed"))
                .findFirst()
                .ifPresent(Node::requestFocus);
    }

    private void choose(String id, int index) {
        ((ComboBox<?>) bench.lookup(id)).getSelectionModel().select(index);
    }

    private void chooseToSolve() {
        choose("#solve-exercise", 2);
        choose("#solve-student", 1);
    }

    /**
     * Writes an answer to the chosen exercise from the log, so that the picture shows a real one.
     */
    private void write() {
        String title = ((ComboBox<?>) bench.lookup("#solve-exercise")).getButtonCell().getText();
        String scheme =
                services.library().attempts().all().stream()
                        .filter(a -> a.work().title().equals(title))
                        .map(a -> a.work().answer())
                        .findFirst()
                        .orElse("");
        int row = 1;
        for (String line : scheme.lines().toList()) {
            if (row > 1) {
                press("#add-row");
            }
            String[] parts = line.split(" (?=\\S+$)");
            Node field = bench.lookup("#row-" + row++);
            boolean judged = parts.length > 1 && parts[1].matches("[-+/=]+|unclear|comp");
            ((TextField) field).setText(judged ? parts[0] : line);
        }
    }
}
