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
import org.zeroply.desktop.texts.Texts;
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
    private final PageSwitch pages =
            new PageSwitch(Texts.of("repertoire.repertoire"), this::turned);
    private final MenuButton who = new MenuButton(Texts.of("repertoire.no-student"));
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
                        () -> pages.show(Texts.of("repertoire.learn")));
        files = new RepertoireFiles(services, model, content);
        RepertoireFindings findings =
                new RepertoireFindings(
                        model,
                        () -> pages.show(Texts.of("repertoire.lines")),
                        () -> {
                            pages.show(Texts.of("repertoire.lines"));
                            lines.notes().writeAcceptance();
                        });
        VBox.setVgrow(cards, Priority.ALWAYS);
        content.setId("repertoire-desk");
        content.getStyleClass().add("desk");
        pages.add(Texts.of("repertoire.lines"), lines);
        pages.add(Texts.of("repertoire.map"), map);
        pages.add(Texts.of("repertoire.tasks"), new TaskView(services, model, findings));
        pages.add(Texts.of("repertoire.games"), games);
        pages.add(Texts.of("repertoire.learn"), learn);
        pages.add(Texts.of("repertoire.merge"), merge);
        pages.add(Texts.of("repertoire.replies"), statistics);
        pages.add(Texts.of("repertoire.prepare"), prepare);
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
        pages.show(Texts.of("repertoire.lines"));
    }

    private HBox bar() {
        who.setId("learner");
        Widgets.leaveFocus(who);
        who.setAccessibleText(Texts.of("repertoire.who-learns-and-whose-moves"));
        MenuButton chapterMenu =
                Menus.button("chapter-menu", Texts.of("repertoire.chapter"), ofChapters());
        Widgets.leaveFocus(chapterMenu);
        pages.setPrimary(
                Texts.of("repertoire.lines"),
                Widgets.primary(
                        "drill-due",
                        Texts.of("repertoire.drill"),
                        () -> pages.show(Texts.of("repertoire.learn"))));
        pages.setPrimary(Texts.of("repertoire.prepare"), prepare.primaryAction());
        pages.lift(Texts.of("repertoire.tasks"), "#audit-engine");
        pages.lift(Texts.of("repertoire.games"), "#compare");
        pages.lift(Texts.of("repertoire.merge"), "#merge");
        return Widgets.row(who, Widgets.spacer(), chapterMenu);
    }

    @Override
    public List<Command> choices() {
        List<Command> all = new ArrayList<>();
        model.chapters()
                .forEach(
                        c ->
                                all.add(
                                        Command.of(
                                                Texts.of("repertoire.chapter-2", c.title()),
                                                () -> model.open(c.id()))));
        all.addAll(prepare.choices());
        return all;
    }

    private List<Command> ofChapters() {
        return List.of(
                Command.of(Texts.of("repertoire.new-chapter-for-white"), () -> create(Side.WHITE)),
                Command.of(Texts.of("repertoire.new-chapter-for-black"), () -> create(Side.BLACK)),
                Command.of(Texts.of("repertoire.rename-the-chapter"), this::rename),
                Command.of(Texts.of("repertoire.remove-the-chapter"), this::remove),
                Menus.LINE,
                Command.of(Texts.of("repertoire.save-the-repertoire-pgn"), files::savePgn),
                Command.of(Texts.of("repertoire.booklet-pdf-or-page"), files::saveBooklet));
    }

    // ---- Who learns -----------------------------------------------------------------------------

    private void people() {
        who.getItems().clear();
        Optional<Student> now = model.studentProperty().get();
        Optional<Approach> school = model.schoolProperty().get();
        ToggleGroup students = new ToggleGroup();
        choice(
                students,
                Texts.of("repertoire.nobody"),
                now.isEmpty(),
                () -> model.studentProperty().set(Optional.empty()));
        for (Student student : model.students()) {
            boolean is = now.filter(s -> s.id() == student.id()).isPresent();
            choice(
                    students,
                    Texts.of("repertoire.student-2", student.name()),
                    is,
                    () -> model.studentProperty().set(Optional.of(student)));
        }
        who.getItems().add(new SeparatorMenuItem());
        ToggleGroup schools = new ToggleGroup();
        choice(
                schools,
                Texts.of("repertoire.what-is-recommended-to-all"),
                school.isEmpty(),
                () -> model.schoolProperty().set(Optional.empty()));
        for (Approach approach : Approach.values()) {
            choice(
                    schools,
                    Texts.of("repertoire.the-moves", approach.word()),
                    school.equals(Optional.of(approach)),
                    () -> model.schoolProperty().set(Optional.of(approach)));
        }
        who.setText(
                now.map(Student::name).orElse(Texts.of("repertoire.no-student"))
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
                Texts.of("repertoire.a-new-chapter-for", side.word()),
                Texts.of("repertoire.new-chapter"),
                Texts.of("repertoire.make-it"),
                title -> {
                    model.create(side, title);
                    pages.show(Texts.of("repertoire.lines"));
                });
    }

    private void rename() {
        if (model.session().id().isPresent()) {
            dialogs.text(
                    Texts.of("repertoire.name-of-the-chapter"),
                    model.session().tree().tag("Event"),
                    Texts.of("repertoire.rename"),
                    title -> model.session().editor().tag("Event", title));
        }
    }

    private void remove() {
        if (!model.removeOpen()) {
            services.messages().say(Texts.of("repertoire.open-the-chapter-that-is"));
        }
    }

    // ---- Pages ----------------------------------------------------------------------------------

    private void turned(String name) {
        if (!name.equals(Texts.of("repertoire.learn"))) {
            drill.stop();
        }
        if (cards.activeProperty().get()) {
            pages.place().getChildren().setAll(cards);
        }
        if (name.equals(Texts.of("repertoire.games"))) {
            games.shown();
        }
        if (name.equals(Texts.of("repertoire.prepare"))) {
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
        return Texts.of("repertoire.repertoire");
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
        if (pages.isFront(Texts.of("repertoire.prepare"))) {
            prepare.flush();
            tournaments.undo();
        } else {
            session().undo();
        }
    }

    @Override
    public void redo() {
        if (pages.isFront(Texts.of("repertoire.prepare"))) {
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
        if (pages.isFront(Texts.of("repertoire.learn"))) {
            commands.addAll(learn.commands());
        } else if (pages.isFront(Texts.of("repertoire.prepare"))) {
            commands.addAll(prepare.commands());
        } else {
            commands.add(new Command(Texts.of("repertoire.type-a-move"), "Enter", lines::typeMove));
            commands.add(
                    new Command(
                            Texts.of("repertoire.write-the-idea"),
                            "Shortcut+I",
                            lines.notes()::writeIdea));
        }
        return commands;
    }
}
