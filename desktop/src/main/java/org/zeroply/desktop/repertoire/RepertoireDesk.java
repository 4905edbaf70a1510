package org.zeroply.desktop.repertoire;

import java.io.File;
import java.time.Clock;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.function.LongConsumer;
import java.util.function.Supplier;
import javafx.beans.value.ObservableValue;
import javafx.scene.control.MenuButton;
import javafx.scene.control.RadioMenuItem;
import javafx.scene.control.SeparatorMenuItem;
import javafx.scene.control.ToggleGroup;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import org.zeroply.chess.board.Side;
import org.zeroply.chess.tree.Approach;
import org.zeroply.coach.repertoire.Repertoire;
import org.zeroply.desktop.board.BoardOverlay;
import org.zeroply.desktop.board.Palette;
import org.zeroply.desktop.controls.Command;
import org.zeroply.desktop.controls.Desk;
import org.zeroply.desktop.controls.Dialogs;
import org.zeroply.desktop.controls.Menus;
import org.zeroply.desktop.controls.PageSwitch;
import org.zeroply.desktop.controls.Widgets;
import org.zeroply.desktop.work.Services;
import org.zeroply.desktop.work.TreeSession;
import org.zeroply.library.student.Student;

/** Repertoire: built as lines, seen as a map, tested against games, learnt by students. */
public final class RepertoireDesk implements Desk {

    private final Services services;
    private final Dialogs dialogs;
    private final RepertoireModel model;
    private final DrillModel drill;
    private final CardBuilder cards;
    private final LinesView lines;
    private final MapView map;
    private final GamesView games;
    private final DrillView learn;
    private final MergeView merge;
    private final StatisticsView statistics;
    private final TournamentsModel tournaments;
    private final PreparePage prepare;
    private final RepertoireFiles files;
    private final Runnable boardChanged;
    private final VBox content = new VBox();
    private final PageSwitch pages = new PageSwitch("Repertoire", this::turned);
    private final MenuButton who = new MenuButton("No student");
    private Side seen = Side.WHITE;

    /**
     * @param game the open game of the games desk
     * @param openGame opens a game on the games desk
     * @param boardChanged called when another sheet comes on the board
     */
    public RepertoireDesk(
            Services services,
            Dialogs dialogs,
            Clock clock,
            Supplier<TreeSession> game,
            LongConsumer openGame,
            Runnable boardChanged) {
        this.services = services;
        this.dialogs = dialogs;
        this.boardChanged = boardChanged;
        model = new RepertoireModel(services, clock);
        drill = new DrillModel(model, clock, new Random());
        cards = new CardBuilder(model, new CardTrialModel(services, openGame));
        lines = new LinesView(services, model, cards);
        map = new MapView(model);
        games = new GamesView(model, new RepertoireGamesModel(services, model, openGame));
        learn = new DrillView(services, model, drill);
        merge = new MergeView(services, model, game);
        statistics = new StatisticsView(services, model, openGame);
        tournaments = new TournamentsModel(services);
        prepare =
                new PreparePage(
                        services,
                        tournaments,
                        new RoundModel(services, tournaments, model, drill, openGame),
                        dialogs,
                        game,
                        () -> pages.show("Learn"));
        files = new RepertoireFiles(services, model, content);
        RepertoireFindings findings =
                new RepertoireFindings(
                        model,
                        () -> pages.show("Lines"),
                        () -> {
                            pages.show("Lines");
                            lines.notes().writeAcceptance();
                        });
        VBox.setVgrow(cards, Priority.ALWAYS);
        content.setId("repertoire-desk");
        content.getStyleClass().add("desk");
        pages.add("Lines", lines);
        pages.add("Map", map);
        pages.add("Tasks", new TaskView(services, model, findings));
        pages.add("Games", games);
        pages.add("Learn", learn);
        pages.add("Merge", merge);
        pages.add("Replies", statistics);
        pages.add("Prepare", prepare);
        HBox tools = bar();
        content.getChildren().addAll(pages.row(), tools, pages.place());
        cards.activeProperty().addListener(o -> pages.show(pages.front()));
        drill.shownProperty().addListener(o -> boardChanged.run());
        model.session().revisionProperty().addListener(o -> turned());
        model.students().addListener((javafx.beans.Observable o) -> people());
        model.studentProperty()
                .addListener(
                        o -> {
                            drill.stop();
                            people();
                        });
        model.schoolProperty().addListener(o -> people());
        people();
        pages.show("Lines");
    }

    private HBox bar() {
        who.setId("learner");
        Widgets.leaveFocus(who);
        who.setAccessibleText("Who learns, and whose moves");
        MenuButton chapterMenu = Menus.button("chapter-menu", "Chapter", ofChapters());
        Widgets.leaveFocus(chapterMenu);
        pages.setPrimary("Lines", Widgets.primary("drill-due", "Drill", () -> pages.show("Learn")));
        pages.setPrimary("Prepare", prepare.primaryAction());
        pages.lift("Tasks", "#audit-engine");
        pages.lift("Games", "#compare");
        pages.lift("Merge", "#merge");
        return Widgets.row(who, Widgets.spacer(), chapterMenu);
    }

    @Override
    public List<Command> choices() {
        List<Command> all = new ArrayList<>();
        model.chapters()
                .forEach(
                        c -> all.add(Command.of("Chapter " + c.title(), () -> model.open(c.id()))));
        all.addAll(prepare.choices());
        return all;
    }

    private List<Command> ofChapters() {
        return List.of(
                Command.of("New chapter for White …", () -> create(Side.WHITE)),
                Command.of("New chapter for Black …", () -> create(Side.BLACK)),
                Command.of("Rename the chapter …", this::rename),
                Command.of("Remove the chapter", this::remove),
                Menus.LINE,
                Command.of("Save the repertoire (PGN) …", files::savePgn),
                Command.of("Booklet (PDF or page) …", files::saveBooklet));
    }

    // ---- Who learns -----------------------------------------------------------------------------

    private void people() {
        who.getItems().clear();
        Optional<Student> now = model.studentProperty().get();
        Optional<Approach> school = model.schoolProperty().get();
        ToggleGroup students = new ToggleGroup();
        choice(
                students,
                "Nobody",
                now.isEmpty(),
                () -> model.studentProperty().set(Optional.empty()));
        for (Student student : model.students()) {
            boolean is = now.filter(s -> s.id() == student.id()).isPresent();
            choice(
                    students,
                    "Student: " + student.name(),
                    is,
                    () -> model.studentProperty().set(Optional.of(student)));
        }
        who.getItems().add(new SeparatorMenuItem());
        ToggleGroup schools = new ToggleGroup();
        choice(
                schools,
                "What is recommended to all",
                school.isEmpty(),
                () -> model.schoolProperty().set(Optional.empty()));
        for (Approach approach : Approach.values()) {
            choice(
                    schools,
                    "The " + approach.word() + " moves",
                    school.equals(Optional.of(approach)),
                    () -> model.schoolProperty().set(Optional.of(approach)));
        }
        who.setText(
                now.map(Student::name).orElse("No student")
                        + school.map(s -> ", " + s.word()).orElse(""));
    }

    private void choice(ToggleGroup group, String text, boolean selected, Runnable action) {
        RadioMenuItem item = new RadioMenuItem(text);
        item.setToggleGroup(group);
        item.setSelected(selected);
        item.setOnAction(e -> action.run());
        who.getItems().add(item);
    }

    // ---- Chapters -------------------------------------------------------------------------------

    private void create(Side side) {
        dialogs.text(
                "A new chapter for " + side.word(),
                "New chapter",
                "Make it",
                title -> {
                    model.create(side, title);
                    pages.show("Lines");
                });
    }

    private void rename() {
        if (model.session().id().isPresent()) {
            dialogs.text(
                    "Name of the chapter",
                    model.session().tree().tag("Event"),
                    "Rename",
                    title -> model.session().editor().tag("Event", title));
        }
    }

    private void remove() {
        if (!model.removeOpen()) {
            services.messages().say("Open the chapter that is to go.");
        }
    }

    // ---- Pages ----------------------------------------------------------------------------------

    private void turned(String name) {
        if (!name.equals("Learn")) {
            drill.stop();
        }
        if (cards.activeProperty().get()) {
            pages.place().getChildren().setAll(cards);
        }
        if (name.equals("Games")) {
            games.shown();
        }
        if (name.equals("Prepare")) {
            prepare.shown();
        }
        boardChanged.run();
    }

    /** The board is turned when a chapter for the other side is opened. */
    private void turned() {
        if (model.side() != seen) {
            seen = model.side();
            boardChanged.run();
        }
    }

    /** The model, for tests and pictures. */
    public RepertoireModel model() {
        return model;
    }

    /** The drill, for tests and pictures. */
    public DrillModel drill() {
        return drill;
    }

    /** Writes the booklet of a repertoire, for tests. */
    public void saveBooklet(Repertoire repertoire, File file) {
        files.saveBooklet(repertoire, file);
    }

    /** Writes the sheet of the round that was prepared, for tests. */
    public void saveRound(File file) {
        prepare.sheet(file);
    }

    // ---- The desk -------------------------------------------------------------------------------

    @Override
    public Optional<PageSwitch> pages() {
        return Optional.of(pages);
    }

    @Override
    public String name() {
        return "Repertoire";
    }

    @Override
    public Region content() {
        return content;
    }

    @Override
    public TreeSession session() {
        return drill.isRunning() ? drill.session() : model.session();
    }

    @Override
    public boolean isOpenBook() {
        return !drill.isRunning() && model.session().id().isPresent();
    }

    @Override
    public boolean isMovable() {
        return drill.isRunning()
                ? drill.awaitsMove()
                : isOpenBook() && !cards.activeProperty().get();
    }

    @Override
    public Optional<Side> seenFrom() {
        return Optional.of(model.side());
    }

    @Override
    public ObservableValue<BoardOverlay> overlay() {
        return cards.overlayProperty();
    }

    @Override
    public void pressed(int square) {
        if (cards.activeProperty().get()) {
            cards.pressed(square);
        }
    }

    @Override
    public void shown() {
        model.readAll();
        games.shown();
    }

    @Override
    public void flush() {
        lines.commit();
        prepare.flush();
        model.flush();
    }

    @Override
    public void undo() {
        if (pages.isFront("Prepare")) {
            prepare.flush();
            tournaments.undo();
        } else {
            session().undo();
        }
    }

    @Override
    public void redo() {
        if (pages.isFront("Prepare")) {
            tournaments.redo();
        } else {
            session().redo();
        }
    }

    @Override
    public void setPalette(Palette palette) {
        lines.setPalette(palette);
        map.setPalette(palette);
    }

    @Override
    public List<Command> commands() {
        List<Command> commands = new ArrayList<>(pages.commands());
        who.getItems().stream()
                .filter(RadioMenuItem.class::isInstance)
                .forEach(item -> commands.add(Command.of(item.getText(), item::fire)));
        ofChapters().stream().filter(c -> !c.equals(Menus.LINE)).forEach(commands::add);
        if (pages.isFront("Learn")) {
            commands.addAll(learn.commands());
        } else if (pages.isFront("Prepare")) {
            commands.addAll(prepare.commands());
        } else {
            commands.add(new Command("Type a move", "Enter", lines::typeMove));
            commands.add(new Command("Write the idea", "Shortcut+I", lines.notes()::writeIdea));
        }
        return commands;
    }
}
