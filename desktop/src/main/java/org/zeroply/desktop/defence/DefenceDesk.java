package org.zeroply.desktop.defence;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.BiConsumer;
import java.util.function.Consumer;
import java.util.function.LongConsumer;
import javafx.beans.property.ObjectProperty;
import javafx.beans.property.SimpleObjectProperty;
import javafx.beans.value.ObservableValue;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import org.zeroply.chess.board.Board;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.board.Side;
import org.zeroply.chess.tree.Mark;
import org.zeroply.coach.defence.pin.Pin;
import org.zeroply.coach.defence.threat.Threat;
import org.zeroply.coach.defence.whatif.WhatIf;
import org.zeroply.desktop.board.BoardOverlay;
import org.zeroply.desktop.board.Palette;
import org.zeroply.desktop.controls.Command;
import org.zeroply.desktop.controls.Desk;
import org.zeroply.desktop.controls.PageSwitch;
import org.zeroply.desktop.controls.Widgets;
import org.zeroply.desktop.texts.Texts;
import org.zeroply.desktop.work.Services;
import org.zeroply.desktop.work.TreeSession;

/** Defence: the threat, every move with what refutes it, pins, checks, wishes, and what if. */
public final class DefenceDesk implements Desk {

    /** A mate is threatened, and one move of forty-five holds. */
    private static final String EXAMPLE =
            "r3r1k1/5pbp/3Q2p1/3pp3/1B3nq1/1NP5/PPB2PPP/R4RK1 w - - 9 22";

    private static final String MOVES = Texts.of("defence.moves");
    private static final String PINS = Texts.of("defence.pins");
    private static final String CHECKS = Texts.of("defence.checks");
    private static final String WISH = Texts.of("defence.wish");
    private static final String WHAT_IF = Texts.of("defence.what-if");
    private static final String ACTIVE = Texts.of("defence.active");

    private final DefenceModel model;
    private final TreeSession games;
    private final Runnable boardChanged;
    private final MovesPage moves;
    private final ChecksPage checks;
    private final WishPage wish;
    private final WhatIfModel whatIf;
    private final BiConsumer<Position, Consumer<Position>> setUp;
    private final ActivePage active;
    private final PageSwitch pages = new PageSwitch(Texts.of("defence.defence"), name -> turned());
    private final VBox content = new VBox();
    private final ObjectProperty<BoardOverlay> overlay =
            new SimpleObjectProperty<>(BoardOverlay.NONE);
    private Optional<Position> wanted = Optional.empty();

    /**
     * @param games the open game or analysis, whose position is looked at
     * @param setUp lets somebody change a position by clicking
     * @param openExercise opens an exercise of the library
     * @param boardChanged called when another sheet comes on the board
     */
    public DefenceDesk(
            Services services,
            TreeSession games,
            BiConsumer<Position, Consumer<Position>> setUp,
            LongConsumer openExercise,
            Runnable boardChanged) {
        this.games = games;
        this.boardChanged = boardChanged;
        model = new DefenceModel(services);
        moves = new MovesPage(services, model, openExercise);
        checks = new ChecksPage(services, model, this::draw);
        wish = new WishPage(services, model);
        whatIf = new WhatIfModel(services, model);
        this.setUp = setUp;
        active = new ActivePage(services, model);
        pages.add(MOVES, moves);
        pages.add(PINS, new PinsPage(model, this::draw));
        pages.add(CHECKS, checks);
        pages.add(WISH, wish);
        pages.add(WHAT_IF, new WhatIfPage(services, whatIf, setUp, openExercise, boardChanged));
        pages.add(ACTIVE, active);
        content.setId("defence-desk");
        content.getStyleClass().add("desk");
        Label state = Widgets.label("", "faded");
        state.setId("defence-state");
        state.textProperty().bind(model.stateProperty());
        state.setMinWidth(0);
        Button stop = Widgets.button("defence-stop", Texts.of("defence.stop"), model::stop);
        stop.visibleProperty().bind(model.stateProperty().isNotEmpty());
        stop.managedProperty().bind(stop.visibleProperty());
        pages.lift(MOVES, "#defence-set");
        pages.lift(WHAT_IF, "#what-if-propose");
        pages.lift(ACTIVE, "#active-go");
        HBox tools =
                Widgets.row(
                        state,
                        stop,
                        Widgets.spacer(),
                        Widgets.quiet(
                                "defence-example",
                                Texts.of("defence.an-example"),
                                () -> look(Position.fromFen(EXAMPLE))),
                        Widgets.quiet(
                                "defence-here", Texts.of("defence.from-here"), this::fromHere));
        content.getChildren().addAll(pages.row(), tools, pages.place());
        model.foundProperty().addListener(o -> drawThreat());
        model.sheet().currentProperty().addListener(o -> drawThreat());
        pages.show(MOVES);
    }

    private void turned() {
        overlay.set(BoardOverlay.NONE);
        drawThreat();
        boardChanged.run();
    }

    /** Looks at the position on the sheet now, as if it were the one to defend. */
    private void fromHere() {
        look(session().current().position());
    }

    /** Looks at a position when the desk comes to the front. */
    public void defend(Position position) {
        wanted = Optional.of(position);
    }

    private void look(Position position) {
        if (model.isLookedAt(position)) {
            return;
        }
        checks.clear();
        wish.clear();
        whatIf.clear();
        active.clear();
        model.look(position);
        boardChanged.run();
    }

    // ---- On the board ---------------------------------------------------------------------------

    private void draw(List<Mark> marks) {
        overlay.set(BoardOverlay.of(marks));
    }

    private void draw(Pin pin) {
        draw(
                List.of(
                        new Mark(Mark.Meaning.THREAT, List.of(pin.pinner(), pin.behind())),
                        new Mark(Mark.Meaning.TARGET, List.of(pin.pinned()))));
    }

    /** The threat lies over the position itself, and not over what is played from it. */
    private void drawThreat() {
        if (!pages.isFront(MOVES)) {
            return;
        }
        boolean here = model.sheet().current().isRoot();
        Optional<Threat> threat =
                model.foundProperty().get().flatMap(e -> e.threat()).filter(t -> here);
        draw(threat.map(DefenceDesk::marks).orElse(List.of()));
    }

    private static List<Mark> marks(Threat threat) {
        List<Mark> marks = new ArrayList<>();
        boolean strong = threat.kind() != Threat.Kind.IMPROVEMENT;
        Mark.Meaning meaning = strong ? Mark.Meaning.THREAT : Mark.Meaning.IDEA;
        marks.add(new Mark(meaning, List.of(threat.move().from(), threat.move().to())));
        if (threat.kind() == Threat.Kind.MATE) {
            Board board = threat.from().toBoard();
            Side mated = threat.side().other();
            int king = board.kingSquare(mated.ordinal());
            marks.add(new Mark(Mark.Meaning.TARGET, List.of(king)));
        }
        return marks;
    }

    // ---- The desk -------------------------------------------------------------------------------

    /** The what-if table, while its page is in front and it is there. */
    public Optional<WhatIf> table() {
        return pages.isFront(WHAT_IF) ? whatIf.tableProperty().get() : Optional.empty();
    }

    @Override
    public Optional<PageSwitch> pages() {
        return Optional.of(pages);
    }

    @Override
    public String name() {
        return Texts.of("defence.defence");
    }

    @Override
    public Region content() {
        return content;
    }

    @Override
    public TreeSession session() {
        return pages.isFront(WHAT_IF) ? whatIf.session() : model.sheet();
    }

    @Override
    public boolean isOpenBook() {
        return true;
    }

    @Override
    public boolean isMovable() {
        return !pages.isFront(WISH);
    }

    @Override
    public void pressed(int square) {
        if (pages.isFront(WISH)) {
            wish.pressed(square);
        } else if (pages.isFront(CHECKS)) {
            checks.contest(square);
        }
    }

    @Override
    public Optional<Side> seenFrom() {
        return model.position().map(Position::sideToMove);
    }

    @Override
    public ObservableValue<BoardOverlay> overlay() {
        return overlay;
    }

    @Override
    public void shown() {
        look(wanted.orElseGet(() -> games.current().position()));
        wanted = Optional.empty();
    }

    @Override
    public void setPalette(Palette palette) {
        moves.setPalette(palette);
    }

    @Override
    public List<Command> commands() {
        List<Command> commands = new ArrayList<>(pages.commands());
        commands.add(
                new Command(Texts.of("defence.defend-from-here"), "Shortcut+D", this::fromHere));
        commands.add(new Command(Texts.of("defence.set-as-exercise-in-defending"), "", this::set));
        commands.add(new Command(Texts.of("defence.propose-variants"), "", this::propose));
        commands.add(new Command(Texts.of("defence.add-a-variant"), "", this::add));
        return commands;
    }

    private void set() {
        pages.show(MOVES);
        moves.set();
    }

    private void propose() {
        pages.show(WHAT_IF);
        whatIf.propose();
    }

    private void add() {
        pages.show(WHAT_IF);
        whatIf.add(setUp);
    }
}
