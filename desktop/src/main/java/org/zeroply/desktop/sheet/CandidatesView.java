package org.zeroply.desktop.sheet;

import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import javafx.beans.InvalidationListener;
import javafx.geometry.Orientation;
import javafx.scene.control.CheckBox;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.notation.Counted;
import org.zeroply.chess.notation.Line;
import org.zeroply.chess.notation.San;
import org.zeroply.desktop.board.Palette;
import org.zeroply.desktop.controls.Command;
import org.zeroply.desktop.controls.Split;
import org.zeroply.desktop.controls.Widgets;
import org.zeroply.desktop.texts.Texts;
import org.zeroply.desktop.work.LiveAnalysis;
import org.zeroply.desktop.work.TreeSession;
import org.zeroply.desktop.work.WindowMemory;
import org.zeroply.engine.analysis.Analysis;

/**
 * The engine's lines for the position, each with verdict, expected score, running balance and a key
 * to adopt it; and what the engine is to do: rest, stay here, leave moves out.
 */
public final class CandidatesView extends VBox {

    private static final int SHOWN = 9;

    private static final double CONTROLS = 44;
    private static final double EDGES = 14;
    private static final double ROW_GAP = 1;

    /** Lines that have a key of their own. */
    private static final int KEYS = 3;

    private final LiveAnalysis live;
    private final TreeSession session;
    private final VBox lines = new VBox();
    private final Label state = Widgets.label("", "faded");
    private final Label exact = Widgets.label("", "exact");
    private final Label problem = Widgets.label("", "alarm");
    private final Label left = Widgets.label("", "faded");
    private final HBox leftOut;
    private final HBox controls;
    private final Set<Move> open = new HashSet<>();
    private Palette palette = Palette.PAPER;

    /** What the live engine says about the position that a session is at. */
    public CandidatesView(LiveAnalysis live, TreeSession session) {
        this.live = live;
        this.session = session;
        setId("candidates");
        getStyleClass().add("candidates");
        leftOut =
                Widgets.row(
                        left,
                        Widgets.button(
                                "include-all",
                                Texts.of("sheet.all-moves-again"),
                                live::includeAll));
        state.setId("engine-state");
        state.setMinWidth(0);
        exact.setId("engine-exact");
        problem.setId("engine-problem");
        problem.setWrapText(true);
        controls = controls();
        getChildren().addAll(controls, problem, leftOut, lines);
        InvalidationListener refresh = o -> show();
        live.findingProperty().addListener(refresh);
        live.problemProperty().addListener(refresh);
        live.excluded().addListener(refresh);
        live.lockedProperty().addListener(refresh);
        live.linesProperty().addListener(refresh);
        session.currentProperty()
                .addListener(
                        o -> {
                            open.clear();
                            show();
                        });
        show();
    }

    private HBox controls() {
        CheckBox running = new CheckBox(Texts.of("sheet.engine"));
        running.setId("engine-running");
        running.selectedProperty().bindBidirectional(live.runningProperty());
        CheckBox locked = new CheckBox(Texts.of("sheet.stay-here"));
        locked.setId("engine-locked");
        locked.setTooltip(new Tooltip(Texts.of("sheet.keep-analysing-this-position-while")));
        locked.selectedProperty().bindBidirectional(live.lockedProperty());
        CheckBox second = new CheckBox(Texts.of("sheet.second-engine"));
        second.setId("engine-second");
        second.selectedProperty().bindBidirectional(live.secondProperty());
        second.visibleProperty().bind(live.settingsProperty().map(s -> !s.program().isBlank()));
        second.managedProperty().bind(second.visibleProperty());
        ComboBox<Integer> count = new ComboBox<>();
        count.setId("engine-lines");
        count.setAccessibleText(Texts.of("sheet.number-of-lines"));
        Widgets.texts(count, n -> Counted.of(n, "line"));
        count.getStyleClass().add("small");
        for (int i = 1; i <= LiveAnalysis.MOST_LINES; i++) {
            count.getItems().add(i);
        }
        count.setValue(live.linesProperty().get());
        count.valueProperty().addListener((o, was, n) -> live.linesProperty().set(n));
        live.linesProperty().addListener((o, was, n) -> count.setValue(n.intValue()));
        HBox row =
                Widgets.row(
                        running,
                        locked,
                        second,
                        exact,
                        state,
                        Widgets.spacer(),
                        Widgets.quiet("next-best", Texts.of("sheet.next-best"), this::nextBest),
                        count);
        for (javafx.scene.Node node : List.of(running, locked, second, exact)) {
            ((Region) node).setMinWidth(USE_PREF_SIZE);
        }
        return row;
    }

    /** Chooses the colours. */
    public void setPalette(Palette chosen) {
        palette = chosen;
        show();
    }

    private void show() {
        lines.getChildren().clear();
        boolean stays =
                live.lockedProperty().get()
                        && !live.position().equals(Optional.of(session.current().position()));
        lines.setMinHeight(live.linesProperty().get() * (CandidateRow.HEIGHT + ROW_GAP));
        problem.setText(live.problemProperty().get());
        problem.setManaged(!problem.getText().isEmpty());
        showLeftOut();
        exact.setText("");
        Optional<LiveAnalysis.Finding> finding = live.findingProperty().get();
        if (finding.isEmpty()) {
            state.setText(live.runningProperty().get() ? "" : "resting");
            return;
        }
        if (!stays && !finding.get().position().equals(session.current().position())) {
            return;
        }
        LiveAnalysis.Finding found = finding.get();
        Analysis analysis = found.analysis();
        state.setText(
                (stays ? Texts.of("sheet.another-position") : "")
                        + String.format(
                                Texts.of("sheet.depth"),
                                analysis.depth(),
                                analysis.nodes() / Math.max(1, analysis.millis())));
        if (found.isExact()) {
            exact.setText(ExactWords.of(found.exact(), found.position()));
        }
        for (int i = 0; i < analysis.lines().size(); i++) {
            Analysis.Candidate c = analysis.lines().get(i);
            String key = i < KEYS && !stays ? "F" + (i + 2) : "";
            lines.getChildren()
                    .add(
                            new CandidateRow(
                                    found.position(),
                                    c,
                                    key,
                                    palette,
                                    open.contains(c.move()),
                                    new OfRow(i)));
        }
    }

    private final class OfRow implements CandidateRow.Actions {
        private final int number;

        OfRow(int number) {
            this.number = number;
        }

        @Override
        public void exclude(Move move) {
            live.exclude(move);
        }

        @Override
        public void adopt() {
            CandidatesView.this.adopt(number);
        }

        @Override
        public void opened(Move move, boolean now) {
            if (now) {
                open.add(move);
            } else {
                open.remove(move);
            }
            show();
        }
    }

    private void showLeftOut() {
        Optional<Position> position = live.position();
        leftOut.setVisible(!live.excluded().isEmpty() && position.isPresent());
        leftOut.setManaged(leftOut.isVisible());
        if (leftOut.isVisible()) {
            left.setText(
                    Texts.of(
                            "sheet.left-out",
                            String.join(
                                    ", ",
                                    live.excluded().stream()
                                            .map(m -> San.write(position.get(), m))
                                            .toList())));
        }
    }

    /**
     * What is written, and these rows under it; the divider may be dragged.
     *
     * @param name under which the place of the divider is remembered
     */
    public Split under(Region written, WindowMemory memory, String name) {
        Split split =
                new Split(
                        memory,
                        name,
                        Orientation.VERTICAL,
                        size -> size - usualHeight(),
                        written,
                        scrolled());
        onHeight(split::place);
        VBox.setVgrow(split, Priority.ALWAYS);
        return split;
    }

    /** The rows in a box that scrolls when they are opened. */
    private ScrollPane scrolled() {
        ScrollPane scroll = new ScrollPane(this);
        scroll.setFitToWidth(true);
        scroll.setMinHeight(CONTROLS);
        scroll.getStyleClass().add("plain-scroll");
        return scroll;
    }

    /** The height of the controls and of as many lines as are wanted, none of them opened. */
    private double usualHeight() {
        int wanted = live.runningProperty().get() ? live.linesProperty().get() : 0;
        double above = getWidth() > 0 ? controls.prefHeight(getWidth()) + EDGES : CONTROLS;
        for (Region extra : List.of(problem, leftOut)) {
            above += extra.isManaged() ? extra.prefHeight(getWidth()) : 0;
        }
        return above + wanted * (CandidateRow.HEIGHT + ROW_GAP);
    }

    /** Calls this when another height is wanted. */
    private void onHeight(Runnable handler) {
        live.linesProperty().addListener(o -> handler.run());
        live.runningProperty().addListener(o -> handler.run());
        controls.heightProperty().addListener(o -> handler.run());
        problem.managedProperty().addListener(o -> handler.run());
        leftOut.managedProperty().addListener(o -> handler.run());
    }

    /** What can be done with the candidates. */
    public List<Command> commands() {
        return List.of(
                new Command(Texts.of("sheet.adopt-the-engines-first-line"), "F2", () -> adopt(0)),
                new Command(Texts.of("sheet.adopt-the-second-line"), "F3", () -> adopt(1)),
                new Command(Texts.of("sheet.adopt-the-third-line"), "F4", () -> adopt(2)),
                new Command(Texts.of("sheet.next-best-move-of-the"), "F5", this::nextBest));
    }

    /** Leaves out the move that leads, so that the next one shows. */
    private void nextBest() {
        live.findingProperty()
                .get()
                .flatMap(f -> f.analysis().best())
                .ifPresent(c -> live.exclude(c.move()));
    }

    /** Puts the engine's line with this number (from 0) into the sheet. */
    private void adopt(int number) {
        live.findingProperty()
                .get()
                .filter(f -> f.position().equals(session.current().position()))
                .filter(f -> number < f.analysis().lines().size())
                .ifPresent(
                        f -> {
                            Analysis.Candidate c = f.analysis().lines().get(number);
                            List<Move> line = Line.start(c.line(), SHOWN);
                            session.adopt(
                                    line, c.score(), c.depth(), f.analysis().nodes(), f.engine());
                        });
    }
}
