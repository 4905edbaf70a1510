package org.zeroply.desktop.sheet;

import java.util.ArrayList;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Predicate;
import java.util.function.Supplier;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import javafx.application.Platform;
import javafx.beans.property.BooleanProperty;
import javafx.beans.property.SimpleBooleanProperty;
import javafx.geometry.Pos;
import javafx.scene.control.Label;
import javafx.scene.control.OverrunStyle;
import javafx.scene.control.ScrollPane;
import javafx.scene.input.MouseButton;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Pane;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.notation.Line;
import org.zeroply.chess.notation.PgnWriter;
import org.zeroply.chess.notation.San;
import org.zeroply.chess.tree.Annotation;
import org.zeroply.chess.tree.EngineCheck;
import org.zeroply.chess.tree.Node;
import org.zeroply.coach.balance.MaterialBalance;
import org.zeroply.coach.balance.MaterialScale;
import org.zeroply.desktop.board.Palette;
import org.zeroply.desktop.controls.Command;
import org.zeroply.desktop.controls.Menus;
import org.zeroply.desktop.work.TreeSession;
import org.zeroply.engine.analysis.Score;

/** The line sheet of a session: one ruled row per line, with balance strip, verdict and points. */
public final class LineSheetView extends ScrollPane {

    private static final double CELL = 47;
    private static final double NARROW_CELL = 47;
    private static final double GUTTER = 20;
    private static final double CHECK = 70;
    private static final double COACH_VERDICT = 30;
    private static final double NO_VERDICT = 8;

    /** The size of type that these measures are for, in pixels. */
    private static final double TYPE = 13;

    /** Rows laid out at a time; of a larger tree those around the present move. */
    private static final int MOST_ROWS = 40;

    private static final double ROW = 24;
    private static final double STRIP = 16;
    private static final double HEADING = 16;
    private static final double BADGE = 12;

    /** Columns in words give way before fewer plies than this are shown. */
    private static final int FEWEST_PLIES = 4;

    private final TreeSession session;
    private final VBox content = new VBox();
    private final boolean withPoints;
    private final List<SheetColumn> columns;
    private final Label probe = new Label();
    private final BooleanProperty allStrips = new SimpleBooleanProperty();
    private Supplier<List<Command>> menu = List::of;
    private double cell;
    private double scale = 1;
    private double verdict;
    private List<SheetLayout.Row> laidOut = List.of();
    private List<SheetLayout.Row> all = List.of();
    private Palette palette = Palette.PAPER;
    private double lastWidth;
    private Predicate<Node> struck = n -> false;

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
        probe.getStyleClass().add("sheet-move");
        probe.setManaged(false);
        probe.setVisible(false);
        // Later: the toolkit is then still walking over the rows to set their styles.
        probe.fontProperty().addListener(o -> Platform.runLater(this::rebuild));
        allStrips.addListener(o -> rebuild());
        setId("line-sheet");
        setContent(content);
        setFitToWidth(true);
        setHbarPolicy(ScrollBarPolicy.NEVER);
        getStyleClass().add("line-sheet");
        setAccessibleText("Line sheet");
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

    /** Chooses the colours of what is drawn by hand. */
    public void setPalette(Palette value) {
        palette = value;
        rebuild();
    }

    /** Chooses the moves that are crossed out. */
    public void strike(Predicate<Node> wanted) {
        struck = wanted;
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
    private void measure() {
        scale = Math.max(0.5, probe.getFont().getSize() / TYPE);
        cell = scale * (columns.isEmpty() ? CELL : NARROW_CELL);
        boolean checked =
                columns.isEmpty()
                        && laidOut.stream().anyMatch(r -> r.end().annotation().check().isPresent());
        boolean judged = laidOut.stream().anyMatch(r -> r.end().annotation().verdict().isPresent());
        double signs = (checked ? CHECK : 0) + (judged ? COACH_VERDICT : 0);
        verdict = scale * Math.max(NO_VERDICT, signs);
    }

    private double widthOf(SheetColumn column) {
        return scale * column.width();
    }

    private int pliesPerBand() {
        lastWidth = getViewportBounds().getWidth();
        double end = verdict + columns.stream().mapToDouble(this::widthOf).sum();
        int fit = (int) ((lastWidth - GUTTER - end - 6) / cell);
        return Math.max(FEWEST_PLIES, fit - fit % 2);
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
        content.getChildren().setAll(probe);
        laidOut = around();
        measure();
        if (laidOut.isEmpty()) {
            Label empty =
                    new Label(
                            "No moves yet. Move a man on the board, or press Enter and type a move.");
            empty.getStyleClass().add("empty-note");
            content.getChildren().add(empty);
        }
        String start = session.tree().root().annotation().after();
        if (!start.isEmpty()) {
            content.getChildren().add(note("", start));
        }
        int above = laidOut.isEmpty() ? 0 : all.indexOf(laidOut.get(0));
        more(above, "above");
        int plies = pliesPerBand();
        Map<SheetLayout.Row, Integer> places = new IdentityHashMap<>();
        laidOut.forEach(r -> places.put(r, above + places.size()));
        for (SheetLayout.Band band : SheetLayout.bands(laidOut, plies)) {
            content.getChildren().add(heading(band.firstPly(), plies));
            for (SheetLayout.Row row : band.rows()) {
                content.getChildren().add(row(row, places.get(row), band.firstPly(), plies));
                notes(row, band.firstPly(), plies);
            }
        }
        more(all.size() - above - laidOut.size(), "below");
        highlight();
    }

    private void more(int rows, String where) {
        if (rows > 0) {
            Label more = new Label(rows + " more lines " + where + "; the sheet follows the move.");
            more.getStyleClass().addAll("empty-note", "faded");
            content.getChildren().add(more);
        }
    }

    private Pane heading(int firstPly, int plies) {
        Pane pane = new Pane();
        pane.getStyleClass().add("sheet-heading");
        pane.setMinHeight(scale * HEADING);
        Position start = session.tree().start();
        for (int i = 0; i < plies; i++) {
            int ply = start.ply() + firstPly + i;
            if (ply % 2 == 0 || i == 0) {
                Label number = new Label(ply / 2 + 1 + (ply % 2 == 0 ? "" : "…"));
                number.getStyleClass().add("move-number");
                number.relocate(GUTTER + i * cell + 5, 0);
                pane.getChildren().add(number);
            }
        }
        double x = GUTTER + plies * cell + verdict;
        for (SheetColumn column : firstPly == 0 ? columns : List.<SheetColumn>of()) {
            pane.getChildren().add(column.heading(x, widthOf(column)));
            x += widthOf(column);
        }
        return pane;
    }

    private HBox row(SheetLayout.Row row, int index, int firstPly, int plies) {
        int from = Math.max(row.firstOwn(), firstPly);
        int to = Math.min(row.moves().size(), firstPly + plies);
        List<Node> here = row.moves().subList(from, to);
        int before = lead(here.get(0).parent().orElseThrow().position());
        List<Integer> balance = here.stream().map(n -> lead(n.position())).toList();
        boolean withStrip = allStrips.get() || balance.stream().anyMatch(b -> b != before);
        Pane moves = new Pane();
        Label letter = new Label(index == 0 ? "" : String.valueOf((char) ('a' + (index - 1) % 26)));
        letter.getStyleClass().add("row-letter");
        letter.relocate(6, 4);
        moves.getChildren().add(letter);
        double line = scale * ROW;
        if (from > firstPly) {
            Region ditto = new Region();
            ditto.getStyleClass().add("ditto");
            ditto.resizeRelocate(GUTTER + 5, line / 2 + 1, (from - firstPly) * cell - 10, 1);
            moves.getChildren().add(ditto);
        }
        List<Label> badges = new ArrayList<>();
        for (int i = from; i < to; i++) {
            Node node = row.moves().get(i);
            double x = GUTTER + (i - firstPly) * cell;
            moves.getChildren().add(cell(node, x));
            SheetBadge.of(node.annotation(), withPoints)
                    .ifPresent(
                            badge -> {
                                badge.relocate(x + 5, line - 3);
                                badges.add(badge);
                            });
        }
        if (withStrip) {
            BalanceStrip strip = new BalanceStrip(balance, before, cell, STRIP - 2, palette);
            strip.relocate(GUTTER + (from - firstPly) * cell, line);
            moves.getChildren().add(strip);
        }
        moves.getChildren().addAll(badges);
        double height = line + (withStrip ? STRIP : badges.isEmpty() ? 0 : scale * BADGE);
        moves.setMinSize(GUTTER + plies * cell, height);
        moves.setPrefSize(GUTTER + plies * cell, height);
        boolean ends = row.moves().size() <= firstPly + plies;
        HBox cells = new HBox(moves, ends ? verdict(row.end()) : noVerdict());
        boolean begins = row.firstOwn() >= firstPly;
        if (begins) {
            List<Node> own = row.moves().subList(row.firstOwn(), row.moves().size());
            columns.forEach(c -> cells.getChildren().add(c.cell(own, widthOf(c))));
        }
        cells.getStyleClass().add("sheet-row");
        return cells;
    }

    private Region noVerdict() {
        Region none = new Region();
        none.setMinWidth(verdict);
        return none;
    }

    private static int lead(Position position) {
        return MaterialBalance.of(position).hundredths(MaterialScale.SCHOOL);
    }

    private Label cell(Node node, double x) {
        String san = San.write(node.parent().orElseThrow().position(), node.move());
        Label label = new Label(san + PgnWriter.glyphs(node));
        label.getStyleClass().add("sheet-move");
        if (label.getText().length() > 5) {
            label.getStyleClass().add("long");
        }
        label.setUserData(node);
        label.setId("move-" + node.depth() + "-" + san);
        label.setTextOverrun(OverrunStyle.CLIP);
        double height = scale * ROW - 2;
        label.resizeRelocate(x, 2, cell - 1, height);
        label.setMinSize(cell - 1, height);
        label.setMaxSize(cell - 1, height);
        label.setAlignment(Pos.CENTER_LEFT);
        label.setOnMouseClicked(
                e -> {
                    if (e.getButton() == MouseButton.PRIMARY) {
                        session.go(node);
                        // From here on the arrows walk the moves.
                        requestFocus();
                    }
                });
        Menus.offer(
                label,
                this,
                () -> {
                    session.go(node);
                    return menu.get();
                });
        Annotation a = node.annotation();
        if (a.tempting()) {
            label.getStyleClass().add("tempting");
        }
        if (struck.test(node)) {
            label.getStyleClass().add("struck");
        }
        return label;
    }

    private HBox verdict(Node end) {
        HBox box = new HBox(8);
        box.setPrefWidth(verdict);
        box.setMinWidth(verdict);
        box.getStyleClass().add("sheet-verdict");
        end.annotation()
                .verdict()
                .ifPresent(v -> box.getChildren().add(VerdictSign.alone(v, "coach-verdict")));
        end.annotation()
                .check()
                .filter(c -> columns.isEmpty())
                .ifPresent(c -> box.getChildren().add(check(c)));
        return box;
    }

    private static HBox check(EngineCheck c) {
        Score score = c.mate() ? new Score.Mate(c.value()) : new Score.Centipawns(c.value());
        HBox row = VerdictSign.alone(score.verdict(true), "engine-verdict");
        Label figure = new Label(score.text());
        figure.getStyleClass().add("engine-verdict");
        figure.setMinWidth(USE_PREF_SIZE);
        row.getChildren().add(figure);
        return row;
    }

    private void notes(SheetLayout.Row row, int firstPly, int plies) {
        int from = Math.max(row.firstOwn(), firstPly);
        int to = Math.min(row.moves().size(), firstPly + plies);
        for (Node node : row.moves().subList(from, to)) {
            Annotation a = node.annotation();
            String text =
                    Stream.of(Stream.of(a.before(), a.after()), a.repertoire().idea().stream())
                            .flatMap(t -> t)
                            .filter(t -> !t.isBlank())
                            .collect(Collectors.joining("  "));
            if (!text.isEmpty()) {
                Position before = node.parent().orElseThrow().position();
                String name = Line.numbered(before, List.of(node.move()));
                content.getChildren().add(note(name + "  ", text));
            }
        }
    }

    private static Label note(String name, String text) {
        Label note = new Label(name + text);
        note.setWrapText(true);
        note.getStyleClass().add("sheet-note");
        return note;
    }

    private void highlight() {
        Node current = session.current();
        boolean elsewhere = !current.isRoot() && laidOut.stream().noneMatch(this::isHere);
        if (elsewhere && all.stream().anyMatch(this::isHere)) {
            layOut();
            return;
        }
        Optional<javafx.scene.Node> shown =
                lookupAll(".sheet-move").stream()
                        .filter(
                                n -> {
                                    boolean here = current.equals(n.getUserData());
                                    n.pseudoClassStateChanged(CURRENT, here);
                                    return here;
                                })
                        .findFirst();
        shown.ifPresent(this::scrollTo);
    }

    private static final javafx.css.PseudoClass CURRENT =
            javafx.css.PseudoClass.getPseudoClass("current");

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
