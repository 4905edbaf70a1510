package org.zeroply.desktop.lab;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.application.Platform;
import javafx.beans.property.BooleanProperty;
import javafx.beans.property.ObjectProperty;
import javafx.beans.property.ReadOnlyStringProperty;
import javafx.beans.property.ReadOnlyStringWrapper;
import javafx.beans.property.SimpleBooleanProperty;
import javafx.beans.property.SimpleObjectProperty;
import javafx.collections.FXCollections;
import javafx.collections.ObservableList;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.tree.Mark;
import org.zeroply.chess.tree.Node;
import org.zeroply.coach.fact.Fact;
import org.zeroply.coach.fact.FactChange;
import org.zeroply.coach.fact.structure.StructureComparison;
import org.zeroply.coach.insight.FactSink;
import org.zeroply.coach.insight.Insight;
import org.zeroply.coach.insight.SearchedInsight;
import org.zeroply.desktop.board.BoardOverlay;
import org.zeroply.desktop.texts.Texts;
import org.zeroply.desktop.work.Services;
import org.zeroply.desktop.work.Task;
import org.zeroply.desktop.work.TreeSession;
import org.zeroply.engine.analysis.Cancellation;

/**
 * The facts of the position on the board: those seen at a glance at once, those that take a search
 * as they come; what lies over the board; what was pinned to the note.
 */
public final class LabModel {

    private final Services services;
    private final TreeSession session;
    private final ObservableList<Fact> facts = FXCollections.observableArrayList();
    private final ReadOnlyStringWrapper searching = new ReadOnlyStringWrapper("");
    private final ObjectProperty<BoardOverlay> overlay =
            new SimpleObjectProperty<>(BoardOverlay.NONE);
    private final BooleanProperty active = new SimpleBooleanProperty();
    private Task<?> search = Task.none();
    private Optional<Position> shown = Optional.empty();
    private Optional<Node> base = Optional.empty();

    public LabModel(Services services, TreeSession session) {
        this.services = services;
        this.session = session;
        session.currentProperty().addListener(o -> refresh());
        active.addListener(o -> refresh());
    }

    /** Whether anybody looks; without that nothing is searched. */
    public BooleanProperty activeProperty() {
        return active;
    }

    /** The facts known so far. */
    public ObservableList<Fact> facts() {
        return facts;
    }

    /** What is being looked for, in words; empty when the search is over. */
    public ReadOnlyStringProperty searchingProperty() {
        return searching.getReadOnlyProperty();
    }

    /** What lies over the board. */
    public ObjectProperty<BoardOverlay> overlayProperty() {
        return overlay;
    }

    /** The game or analysis looked at. */
    public TreeSession session() {
        return session;
    }

    /** The position looked at. */
    public Position position() {
        return session.current().position();
    }

    /** Draws a fact on the board. */
    public void point(Fact fact) {
        overlay.set(BoardOverlay.of(fact.drawn()));
    }

    /** Takes away what lies over the board. */
    public void clearOverlay() {
        overlay.set(BoardOverlay.NONE);
    }

    private void refresh() {
        Position position = position();
        if (!active.get()) {
            search.cancel();
            searching.set("");
            return;
        }
        if (shown.equals(Optional.of(position)) && !search.isCancelled()) {
            return;
        }
        search.cancel();
        shown = Optional.of(position);
        clearOverlay();
        facts.setAll(Insight.of(position));
        searching.set(Texts.of("lab.looking-further"));
        SearchedInsight insight = new SearchedInsight(services.marking(), SearchedInsight.NODES);
        search =
                services.scheduler()
                        .beside(
                                (cancellation, progress) -> {
                                    insight.search(
                                            position,
                                            shownWhile(cancellation),
                                            (part, doing) ->
                                                    told(
                                                            cancellation,
                                                            () ->
                                                                    searching.set(
                                                                            Texts.of(
                                                                                    "lab.looking-for",
                                                                                    doing))),
                                            cancellation);
                                    return !cancellation.isCancelled();
                                },
                                done -> {
                                    if (done && isShown(position)) {
                                        searching.set("");
                                    }
                                })
                        .whenFailed(
                                reason -> {
                                    if (isShown(position)) {
                                        searching.set(Texts.of("lab.not-searched-further"));
                                    }
                                });
    }

    /** Tells what a search found while it is the one that goes on. */
    private static void told(Cancellation search, Runnable tell) {
        Platform.runLater(
                () -> {
                    if (!search.isCancelled()) {
                        tell.run();
                    }
                });
    }

    /** Facts go on the page, and off it, while their search is the one that goes on. */
    private FactSink shownWhile(Cancellation search) {
        FactSink page = FactSink.into(facts);
        return new FactSink() {
            @Override
            public void accept(Fact fact) {
                told(search, () -> page.accept(fact));
            }

            @Override
            public void withdraw(Fact fact) {
                told(search, () -> page.withdraw(fact));
            }
        };
    }

    private boolean isShown(Position position) {
        return active.get() && position().equals(position);
    }

    // ---- Comparing ------------------------------------------------------------------------------

    /** Compares with the position now on the board from here on, whatever is played. */
    public void compareFromHere() {
        base = Optional.of(session.current());
    }

    /** Compares with the position before the last move again. */
    public void compareLastMove() {
        base = Optional.empty();
    }

    /** What is compared with: the position chosen, else the one before the last move. */
    public Optional<Node> comparedWith() {
        return base.filter(node -> node.isWithin(session.tree().root()))
                .or(() -> session.current().parent());
    }

    /** What has changed since; nothing at the start of a game. */
    public Optional<FactChange> changes() {
        Node current = session.current();
        return comparedWith()
                .map(
                        node ->
                                current.parent().equals(Optional.of(node))
                                        ? Insight.change(node.position(), current.move())
                                        : Insight.change(node.position(), position()));
    }

    /** The structures after the moves that go on from here, or after the ways to recapture. */
    public List<StructureComparison> structures() {
        List<Move> moves = new ArrayList<>(StructureComparison.recaptures(position()));
        for (Node child : session.current().children()) {
            if (!moves.contains(child.move()) && !child.move().isNull()) {
                moves.add(child.move());
            }
        }
        return StructureComparison.of(position(), moves);
    }

    // ---- The note -------------------------------------------------------------------------------

    /**
     * Writes a fact into the coach's comment on this position and keeps its marks; can be undone.
     */
    public void pin(Fact fact) {
        Node node = session.current();
        String before = node.annotation().after();
        String sentence = fact.sentence() + ".";
        if (before.contains(sentence)) {
            services.messages().say(Texts.of("lab.the-note-says-that-already"));
            return;
        }
        String note = before.isEmpty() ? sentence : before + " " + sentence;
        List<Mark> marks = new ArrayList<>(node.annotation().marks());
        fact.drawn().stream().filter(m -> !marks.contains(m)).forEach(marks::add);
        session.editor().annotate(node, a -> a.withAfter(note).withMarks(marks));
        services.messages().say(Texts.of("lab.pinned-to-the-note-of"));
    }

    /** Puts the line that proves a fact into the sheet; a pass at its head stays a pass. */
    public void adopt(Fact fact) {
        session.editor().addLine(session.current(), fact.line());
        services.messages().say(Texts.of("lab.the-line-is-in-the"));
    }
}
