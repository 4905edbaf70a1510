package org.zeroply.workshop.pictures;

import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import javafx.scene.Node;
import javafx.scene.control.ComboBox;
import javafx.scene.control.MenuButton;
import javafx.scene.control.TableView;
import javafx.scene.control.TextField;
import javafx.scene.control.TextInputControl;
import javafx.scene.input.KeyCode;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.tree.Mark;
import org.zeroply.desktop.app.Workbench;
import org.zeroply.desktop.work.ExerciseSearch;
import org.zeroply.desktop.work.Services;
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
                        "repertoire", new RepertoirePictures(this, services)::take,
                        "tournament", new RepertoirePictures(this, services)::tournament,
                        "exercises", this::exercises,
                        "lessons", new LessonPictures(this, services)::take,
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
        new RepertoirePictures(this, services).take();
        exercises();
        new LessonPictures(this, services).take();
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
