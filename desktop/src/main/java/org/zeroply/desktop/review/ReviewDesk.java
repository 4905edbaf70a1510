package org.zeroply.desktop.review;

import java.io.File;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Consumer;
import java.util.function.LongConsumer;
import javafx.scene.control.Button;
import javafx.scene.control.MenuButton;
import javafx.scene.control.ScrollPane;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import org.zeroply.chess.tree.MoveTree;
import org.zeroply.coach.exercise.draft.MomentExercise;
import org.zeroply.desktop.board.Palette;
import org.zeroply.desktop.controls.Command;
import org.zeroply.desktop.controls.Desk;
import org.zeroply.desktop.controls.Menus;
import org.zeroply.desktop.controls.PageSwitch;
import org.zeroply.desktop.controls.Widgets;
import org.zeroply.desktop.course.CourseStrip;
import org.zeroply.desktop.games.GamesDesk;
import org.zeroply.desktop.texts.Texts;
import org.zeroply.desktop.work.Services;
import org.zeroply.desktop.work.TreeSession;
import org.zeroply.library.report.Report;
import org.zeroply.library.student.Student;

/** Review: the first pass over games, and the coach's second one. It looks at the open game. */
public final class ReviewDesk implements Desk {

    private static final Set<String> WITH_STRIP =
            Set.of(
                    Texts.of("review.moments"),
                    Texts.of("review.figures"),
                    Texts.of("review.trial"));

    private final Services services;
    private final GamesDesk games;
    private final LongConsumer openExercise;
    private final ReviewModel model;
    private final CourseStrip strip;
    private final ReviewFiles files;
    private final MomentsView moments;
    private final PlayerView player;
    private final TrialView trial;
    private final VBox content = new VBox();
    private final PageSwitch pages = new PageSwitch(Texts.of("review.review"), this::turned);
    private List<Student> students = List.of();

    /**
     * @param games holds the open game
     * @param openExercise opens an exercise on its desk
     * @param boardChanged called when another sheet comes on the board
     */
    public ReviewDesk(
            Services services, GamesDesk games, LongConsumer openExercise, Runnable boardChanged) {
        this.services = services;
        this.games = games;
        this.openExercise = openExercise;
        model = new ReviewModel(services, games.session());
        strip = new CourseStrip(model::go);
        moments = new MomentsView(model, new Actions(), out());
        files = new ReviewFiles(services, model, content);
        player = new PlayerView(services, new Opener(), files::save);
        trial = new TrialView(services, model);
        content.setId("review-desk");
        content.getStyleClass().add("desk");
        ScrollPane figures = new ScrollPane(new FiguresView(model));
        figures.setFitToWidth(true);
        figures.getStyleClass().add("paper");
        pages.add(Texts.of("review.moments"), moments);
        pages.add(Texts.of("review.figures"), figures);
        pages.add(Texts.of("review.player"), player);
        pages.add(Texts.of("review.trial"), trial);
        pages.add(Texts.of("review.queue"), new QueueView(services, this::open));
        pages.place().setSpacing(8);
        content.getChildren().addAll(bar(), pages.place());
        model.onBoardProperty().addListener(o -> boardChanged.run());
        model.onBoardProperty().addListener(o -> caret());
        model.card().currentProperty().addListener(o -> boardChanged.run());
        model.card().currentProperty().addListener(o -> caret());
        games.session().currentProperty().addListener(o -> caret());
        model.cards().addListener((javafx.beans.Observable o) -> course());
        model.reviewProperty().addListener(o -> course());
        model.guessingProperty().addListener(o -> boardChanged.run());
        model.selectedProperty().addListener(o -> boardChanged.run());
        content.sceneProperty().addListener((o, was, is) -> model.activeProperty().set(is != null));
        pages.show(Texts.of("review.moments"));
    }

    private HBox bar() {
        Button review =
                Widgets.primary(
                        "review-this", Texts.of("review.review-this-game"), this::reviewThis);
        List.of(Texts.of("review.moments"), Texts.of("review.figures"), Texts.of("review.trial"))
                .forEach(name -> pages.setPrimary(name, review));
        pages.lift(Texts.of("review.player"), "#player-report");
        pages.lift(Texts.of("review.queue"), "#queue-all");
        return pages.row();
    }

    /** What goes out of the house: reports and the annotated game. */
    private MenuButton out() {
        return Menus.button(
                "review-save",
                Texts.of("review.save-as"),
                List.of(
                        Command.of(
                                Texts.of("review.report-of-the-game-pdf"),
                                () -> files.gameReport().ifPresent(files::save)),
                        Command.of(
                                Texts.of("review.annotated-game-pgn"),
                                () -> files.saveAnnotated())));
    }

    private void turned(String name) {
        if (WITH_STRIP.contains(name)) {
            pages.place().getChildren().add(0, strip);
        }
        course();
    }

    /** The report of the open game, for tests. */
    public Optional<Report> gameReport() {
        return files.gameReport();
    }

    /** The annotated game as PGN, for tests. */
    public Optional<String> annotated() {
        return files.annotated();
    }

    /** Writes a report to a file, for tests. */
    public void save(Report report, File file) {
        files.save(report, file);
    }

    /** The model, for tests and pictures. */
    public ReviewModel model() {
        return model;
    }

    private void course() {
        boolean there = model.reviewProperty().get().isPresent();
        strip.setVisible(there);
        strip.setManaged(there);
        strip.show(
                model.reviewProperty().get(),
                model.cards().stream()
                        .filter(c -> !c.isDismissed())
                        .map(MomentCard::moment)
                        .toList());
        caret();
    }

    private void caret() {
        strip.at(model.ply());
    }

    // ---- Opening and reviewing ------------------------------------------------------------------

    /** Opens a game at one of its moves, at the moment there if it has one. */
    public void open(long sheetId, int ply) {
        model.goOnceRead(ply);
        open(sheetId);
    }

    private void open(long sheetId) {
        games.open(sheetId);
        pages.show(Texts.of("review.moments"));
    }

    private void reviewThis() {
        games.flush();
        if (games.session().id().isEmpty()) {
            services.messages().say(Texts.of("review.save-the-game-first-make"));
            return;
        }
        services.reviews().add(List.of(games.session().id().getAsLong()));
        services.messages().say(Texts.of("review.queued-the-moments-come-when"));
    }

    private final class Opener implements PlayerView.Opener {
        @Override
        public void game(long sheetId, int ply) {
            ReviewDesk.this.open(sheetId, ply);
        }

        @Override
        public void exercise(long sheetId) {
            openExercise.accept(sheetId);
        }
    }

    // ---- Exercises and students -----------------------------------------------------------------

    private final class Actions implements MomentActions {

        @Override
        public void setAsExercise(MomentCard moment) {
            MoveTree own = model.card().tree();
            MoveTree game = model.game().tree();
            services.drafts()
                    .set(
                            (drafter, progress, cancellation) ->
                                    new MomentExercise(drafter)
                                            .draft(
                                                    moment.moment(),
                                                    own,
                                                    game,
                                                    progress,
                                                    cancellation),
                            this::drafted);
        }

        private void drafted(Optional<Long> exercise) {
            exercise.ifPresentOrElse(
                    openExercise::accept,
                    () -> services.messages().say(Texts.of("review.no-exercise-nothing-is-to")));
        }

        @Override
        public void addToFile(MomentCard moment, Student student) {
            long id = model.game().id().orElseThrow();
            services.scheduler()
                    .library(
                            () -> {
                                services.library()
                                        .studentFile()
                                        .add(student.id(), id, moment.ply(), text(moment));
                                return student.name();
                            },
                            name ->
                                    services.messages()
                                            .say(Texts.of("review.in-the-file-of", name)));
        }

        private String text(MomentCard moment) {
            return moment.played() + "  " + moment.said();
        }

        @Override
        public void choose() {
            if (!model.choose()) {
                services.messages().say(Texts.of("review.go-to-a-move-of"));
            }
        }

        @Override
        public List<Student> students() {
            return students;
        }
    }

    // ---- The desk -------------------------------------------------------------------------------

    @Override
    public Optional<PageSwitch> pages() {
        return Optional.of(pages);
    }

    @Override
    public String name() {
        return Texts.of("review.review");
    }

    @Override
    public Region content() {
        return content;
    }

    @Override
    public TreeSession session() {
        return model.onBoardProperty().get();
    }

    @Override
    public boolean isOpenBook() {
        return !(session() == model.card() && model.isHidden());
    }

    @Override
    public boolean isMovable() {
        return true;
    }

    @Override
    public Set<KeyCode> shownKeys() {
        return Set.of(KeyCode.PAGE_UP, KeyCode.PAGE_DOWN, KeyCode.SPACE);
    }

    @Override
    public void shown() {
        services.scheduler()
                .library(() -> services.library().students().all(), found -> students = found);
    }

    @Override
    public void flush() {
        games.flush();
    }

    @Override
    public void setPalette(Palette palette) {
        strip.setPalette(palette);
        moments.setPalette(palette);
        player.setPalette(palette);
        trial.setPalette(palette);
    }

    @Override
    public List<Command> commands() {
        List<Command> commands = new ArrayList<>(pages.commands());
        commands.add(new Command(Texts.of("review.next-moment"), "Page Down", () -> model.step(1)));
        commands.add(
                new Command(Texts.of("review.previous-moment"), "Page Up", () -> model.step(-1)));
        commands.add(
                new Command(
                        Texts.of("review.on-to-the-next-moment"), "Space", () -> model.step(1)));
        commands.add(new Command(Texts.of("review.keep-the-moment"), "K", () -> here(model::keep)));
        commands.add(
                new Command(
                        Texts.of("review.dismiss-the-moment"), "D", () -> here(model::dismiss)));
        commands.add(
                new Command(
                        Texts.of("review.set-the-moment-as-exercise"),
                        "Shortcut+E",
                        () -> here(m -> new Actions().setAsExercise(m))));
        commands.add(
                new Command(Texts.of("review.add-a-moment"), "M", () -> new Actions().choose()));
        commands.add(
                new Command(
                        Texts.of("review.guess-first"),
                        "Shortcut+G",
                        () -> model.guessingProperty().set(!model.guessingProperty().get())));
        commands.add(
                new Command(Texts.of("review.review-this-game"), "Shortcut+R", this::reviewThis));
        return commands;
    }

    private void here(Consumer<MomentCard> action) {
        model.selectedProperty()
                .get()
                .filter(m -> !model.isHidden(m))
                .ifPresentOrElse(
                        action,
                        () -> services.messages().say(Texts.of("review.choose-a-moment-first")));
    }
}
