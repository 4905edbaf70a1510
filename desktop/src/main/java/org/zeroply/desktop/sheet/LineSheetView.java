package org.zeroply.desktop.sheet;

import java.util.ArrayList;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Predicate;
import java.util.function.Supplier;
import java.util.stream.Stream;
import javafx.application.Platform;
import javafx.beans.property.BooleanProperty;
import javafx.beans.property.SimpleBooleanProperty;
import javafx.collections.ObservableList;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.VBox;
import org.zeroply.chess.notation.Line;
import org.zeroply.chess.tree.Node;
import org.zeroply.desktop.board.Palette;
import org.zeroply.desktop.controls.Command;
import org.zeroply.desktop.texts.Texts;
import org.zeroply.desktop.work.TreeSession;

/** The line sheet of a session: one ruled row per line, with balance strip, verdict and points. */
public final class LineSheetView extends ScrollPane {

    private static final double CELL = 47;
    private static final double CHECK = 70;
    private static final double COACH_VERDICT = 30;
    private static final double NO_VERDICT = 8;

    /** The size of type that these measures are for, in pixels. */
    private static final double TYPE = 13;

    /** Rows laid out at a time; of a larger tree those around the present move. */
    private static final int MOST_ROWS = 40;

    /** Columns in words give way before fewer plies than this are shown. */
    private static final int FEWEST_PLIES = 4;

    /** The least part of their width that columns in words have. */
    private static final double LEAST_WORDS = 0.5;

    /** Pixels at the right edge. */
    private static final double EDGE = 6;

    private final TreeSession session;
    private final VBox content = new VBox();
    private final boolean withPoints;
    private final List<SheetColumn> columns;
    private final SheetRows rows;
    private final Label probe = new Label();
    private final BooleanProperty allStrips = new SimpleBooleanProperty();
    private Supplier<List<Command>> menu = List::of;
    private List<SheetLayout.Row> laidOut = List.of();
    private List<SheetLayout.Row> all = List.of();
    private Palette palette = Palette.PAPER;
    private double lastWidth;

    /**
     * @param withPoints whether points are shown below the moves that earn them
     */
    public LineSheetView(TreeSession session, boolean withPoints) {
        this(session, withPoints, List.of());
    }

    /** A sheet of a repertoire: with these columns at the end of its rows. */
    public LineSheetView(TreeSession session, List<SheetColumn> columns) {
        this(session, false, columns);
    }

    private LineSheetView(TreeSession session, boolean withPoints, List<SheetColumn> columns) {
        this.session = session;
        this.withPoints = withPoints;
        this.columns = List.copyOf(columns);
        rows = new SheetRows(this, this.columns, new Presses());
        probe.getStyleClass().add("sheet-move");
        probe.setManaged(false);
        probe.setVisible(false);
        setFocusTraversable(true);
        // Later: the toolkit is then still walking over the rows to set their styles.
        probe.fontProperty().addListener(o -> Platform.runLater(this::rebuild));
        allStrips.addListener(o -> rebuild());
        setId("line-sheet");
        setContent(content);
        setFitToWidth(true);
        setHbarPolicy(ScrollBarPolicy.NEVER);
        getStyleClass().add("line-sheet");
        session.revisionProperty().addListener(o -> rebuild());
        session.currentProperty().addListener(o -> highlight());
        viewportBoundsProperty()
                .addListener(
                        o -> {
                            if (Math.abs(getViewportBounds().getWidth() - lastWidth) > 4) {
                                rebuild();
                            }
                        });
    }

    private final class Presses implements SheetRows.Pressed {
        @Override
        public void move(Node node) {
            session.go(node);
            // From here on the arrows walk the moves.
            requestFocus();
        }

        @Override
        public List<Command> menu(Node node) {
            session.go(node);
            return menu.get();
        }
    }

    /** Chooses the colours of what is drawn by hand. */
    public void setPalette(Palette value) {
        palette = value;
        rebuild();
    }

    /** Chooses the moves that are crossed out. */
    public void strike(Predicate<Node> wanted) {
        rows.strike(wanted);
    }

    /** Writes the columns anew. */
    public void refresh() {
        rebuild();
    }

    /** Whether the balance is drawn under every row, and not only where it changes. */
    public BooleanProperty allStripsProperty() {
        return allStrips;
    }

    /** What the menu of a move offers; the move has been gone to before. */
    public void onMenu(Supplier<List<Command>> commands) {
        menu = commands;
    }

    /** Measures by the size of the type, and by what the rows end with. */
    private SheetRows.Style style() {
        double scale = Math.max(0.5, probe.getFont().getSize() / TYPE);
        boolean checked =
                columns.isEmpty()
                        && laidOut.stream().anyMatch(r -> r.end().annotation().check().isPresent());
        boolean judged = laidOut.stream().anyMatch(r -> r.end().annotation().verdict().isPresent());
        double signs = (checked ? CHECK : 0) + (judged ? COACH_VERDICT : 0);
        double verdict = scale * Math.max(NO_VERDICT, signs);
        double cell = scale * CELL;
        lastWidth = getViewportBounds().getWidth();
        double room = lastWidth - SheetRows.GUTTER - verdict - EDGE;
        double wide = scale * width(columns.stream().filter(SheetColumn::givesWay));
        double fixed = scale * width(columns.stream().filter(c -> !c.givesWay()));
        double most = room - fixed - FEWEST_PLIES * cell;
        double words = Math.max(LEAST_WORDS, Math.min(1, most / Math.max(1, wide)));
        int fit = (int) ((room - fixed - words * wide) / cell);
        return new SheetRows.Style(
                Math.max(FEWEST_PLIES, fit - fit % 2),
                scale,
                new SheetRows.Widths(cell, verdict, words),
                allStrips.get(),
                withPoints,
                palette);
    }

    private static double width(Stream<SheetColumn> columns) {
        return columns.mapToDouble(SheetColumn::width).sum();
    }

    private void rebuild() {
        all = SheetLayout.rows(session.tree());
        layOut();
    }

    /** The rows around the one that has the present move. */
    private List<SheetLayout.Row> around() {
        if (all.size() <= MOST_ROWS) {
            return all;
        }
        int at = 0;
        for (int i = 0; i < all.size(); i++) {
            if (isHere(all.get(i))) {
                at = i;
                break;
            }
        }
        int from = Math.max(0, Math.min(at - MOST_ROWS / 3, all.size() - MOST_ROWS));
        return all.subList(from, from + MOST_ROWS);
    }

    private boolean isHere(SheetLayout.Row row) {
        int depth = session.current().depth();
        return row.moves().size() >= depth
                && depth > row.firstOwn()
                && row.moves().get(depth - 1).equals(session.current());
    }

    private void layOut() {
        laidOut = around();
        SheetRows.Style style = style();
        rows.begin(style);
        List<javafx.scene.Node> drawn = new ArrayList<>();
        drawn.add(probe);
        if (laidOut.isEmpty()) {
            drawn.add(faint(Texts.of("sheet.no-moves-yet-move-a")));
        }
        String start = session.tree().root().annotation().after();
        if (!start.isEmpty()) {
            drawn.add(rows.note(start));
        }
        int above = laidOut.isEmpty() ? 0 : all.indexOf(laidOut.get(0));
        more(above, "above").ifPresent(drawn::add);
        Map<SheetLayout.Row, Integer> places = new IdentityHashMap<>();
        laidOut.forEach(r -> places.put(r, above + places.size()));
        for (SheetLayout.Band band : SheetLayout.bands(laidOut, style.plies())) {
            drawn.add(rows.heading(session.tree().start(), band.firstPly()));
            for (SheetLayout.Row row : band.rows()) {
                drawn.add(rows.row(row, places.get(row), band.firstPly()));
                drawn.addAll(rows.notes(row, band.firstPly()));
            }
        }
        more(all.size() - above - laidOut.size(), "below").ifPresent(drawn::add);
        put(drawn);
        highlight();
    }

    /** Leaves alone what stands at the beginning and at the end already. */
    private void put(List<javafx.scene.Node> drawn) {
        ObservableList<javafx.scene.Node> there = content.getChildren();
        int least = Math.min(there.size(), drawn.size());
        int same = 0;
        while (same < least && there.get(same) == drawn.get(same)) {
            same++;
        }
        int end = 0;
        while (end < least - same
                && there.get(there.size() - 1 - end) == drawn.get(drawn.size() - 1 - end)) {
            end++;
        }
        there.remove(same, there.size() - end);
        there.addAll(same, drawn.subList(same, drawn.size() - end));
    }

    private Optional<Label> more(int rows, String where) {
        if (rows == 0) {
            return Optional.empty();
        }
        Label more = faint(Texts.of("sheet.more-lines-the-sheet-follows", rows, where));
        more.getStyleClass().add("faded");
        return Optional.of(more);
    }

    private static Label faint(String text) {
        Label label = new Label(text);
        label.getStyleClass().add("empty-note");
        return label;
    }

    private void highlight() {
        Node current = session.current();
        setAccessibleText(
                Texts.of(
                        "sheet.line-sheet-at",
                        current.isRoot() ? Texts.of("sheet.the-start") : Line.move(current)));
        boolean elsewhere = !current.isRoot() && laidOut.stream().noneMatch(this::isHere);
        if (elsewhere && all.stream().anyMatch(this::isHere)) {
            layOut();
            return;
        }
        for (javafx.scene.Node node : lookupAll(".sheet-move")) {
            if (node instanceof SheetMove move) {
                boolean here = current.equals(move.getUserData());
                move.setCurrent(here);
                if (here) {
                    scrollTo(move);
                }
            }
        }
    }

    private void scrollTo(javafx.scene.Node label) {
        double total = content.getHeight();
        double view = getViewportBounds().getHeight();
        javafx.scene.Node line = label;
        while (line.getParent() != null && !line.getParent().equals(content)) {
            line = line.getParent();
        }
        double top = line.getBoundsInParent().getMinY();
        double bottom = line.getBoundsInParent().getMaxY();
        if (total <= view) {
            return;
        }
        double shown = getVvalue() * (total - view);
        if (top < shown) {
            setVvalue(top / (total - view));
        } else if (bottom > shown + view) {
            setVvalue((bottom - view) / (total - view));
        }
    }
}
