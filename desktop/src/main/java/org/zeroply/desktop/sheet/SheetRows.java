package org.zeroply.desktop.sheet;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Predicate;
import java.util.function.Supplier;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import javafx.geometry.Pos;
import javafx.scene.control.Label;
import javafx.scene.control.OverrunStyle;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Pane;
import javafx.scene.layout.Region;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.notation.Line;
import org.zeroply.chess.tree.Annotation;
import org.zeroply.chess.tree.EngineCheck;
import org.zeroply.chess.tree.Node;
import org.zeroply.chess.tree.Verdict;
import org.zeroply.coach.fact.material.MaterialBalance;
import org.zeroply.coach.fact.material.MaterialScale;
import org.zeroply.desktop.board.Palette;
import org.zeroply.desktop.controls.Command;
import org.zeroply.desktop.controls.Menus;
import org.zeroply.engine.analysis.ExpectedScoreCurve;
import org.zeroply.engine.analysis.Score;

/**
 * Draws what a line sheet consists of. What was drawn for the sheet before and says the same now is
 * used again, as setting the styles of a move costs far more than asking what it says.
 */
final class SheetRows {

    /** Room for the letter before a row, in pixels at the usual size of text. */
    static final double GUTTER = 20;

    private static final double ROW = 24;
    private static final double STRIP = 16;
    private static final double HEADING = 16;
    private static final double BADGE = 12;

    /** Children of a row before its columns. */
    private static final int FIXED = 2;

    /**
     * How the sheet is drawn.
     *
     * @param plies in a row
     * @param scale size of text, 1 for the usual one
     * @param widths of what stands in a row
     * @param allStrips whether the balance is drawn under every row
     * @param withPoints whether points are shown below the moves that earn them
     */
    record Style(
            int plies,
            double scale,
            Widths widths,
            boolean allStrips,
            boolean withPoints,
            Palette palette) {}

    /**
     * How wide things in a row are.
     *
     * @param cell a move, in pixels
     * @param verdict what stands at the end of a row, in pixels
     * @param words part of their width, up to 1, that columns which give way have
     */
    record Widths(double cell, double verdict, double words) {}

    /** What the sheet does when it is pressed. */
    interface Pressed {
        /** A move was pressed. */
        void move(Node node);

        /** The menu of a move was asked for; the move is to be gone to before. */
        List<Command> menu(Node node);
    }

    /** What a heading depends on. */
    private record HeadingKey(int firstPly, int ply, Style style) {}

    /** What a row depends on: all that is read to draw it. */
    private record RowKey(
            List<Node> own,
            List<Annotation> said,
            List<Boolean> struck,
            int index,
            int firstPly,
            int from,
            Style style) {}

    private final javafx.scene.Node owner;
    private final Pressed pressed;
    private final List<SheetColumn> columns;
    private Map<Object, Region> before = Map.of();
    private Map<Object, Region> now = new HashMap<>();
    private Style style = new Style(0, 1, new Widths(1, 0, 1), false, false, Palette.PAPER);
    private Predicate<Node> struck = n -> false;

    /**
     * @param owner what menus lie over
     * @param columns at the end of the rows
     */
    SheetRows(javafx.scene.Node owner, List<SheetColumn> columns, Pressed pressed) {
        this.owner = owner;
        this.columns = columns;
        this.pressed = pressed;
    }

    /** Chooses the moves that are crossed out. */
    void strike(Predicate<Node> wanted) {
        struck = wanted;
    }

    /** Begins to draw a sheet anew. */
    void begin(Style chosen) {
        style = chosen;
        before = now;
        now = new HashMap<>();
    }

    private Region drawn(Object key, Supplier<Region> draw) {
        // Nothing stands at two places of a sheet.
        Region known = now.containsKey(key) ? null : before.get(key);
        Region region = known == null ? draw.get() : known;
        now.putIfAbsent(key, region);
        return region;
    }

    double widthOf(SheetColumn column) {
        return style.scale() * column.width() * (column.givesWay() ? style.widths().words() : 1);
    }

    /**
     * The numbers over a band.
     *
     * @param start where the sheet begins
     * @param firstPly first ply of the band, from 0
     */
    Region heading(Position start, int firstPly) {
        return drawn(
                new HeadingKey(firstPly, start.ply(), style),
                () -> drawHeading(start.ply(), firstPly));
    }

    private Region drawHeading(int startPly, int firstPly) {
        Pane pane = new Pane();
        pane.getStyleClass().add("sheet-heading");
        pane.setMinHeight(style.scale() * HEADING);
        for (int i = 0; i < style.plies(); i++) {
            int ply = startPly + firstPly + i;
            if (ply % 2 == 0 || i == 0) {
                Label number = new Label(ply / 2 + 1 + (ply % 2 == 0 ? "" : "…"));
                number.getStyleClass().add("move-number");
                number.relocate(GUTTER + i * style.widths().cell() + 5, 0);
                pane.getChildren().add(number);
            }
        }
        double x = GUTTER + style.plies() * style.widths().cell() + style.widths().verdict();
        for (SheetColumn column : firstPly == 0 ? columns : List.<SheetColumn>of()) {
            pane.getChildren().add(column.heading(x, widthOf(column)));
            x += widthOf(column);
        }
        return pane;
    }

    /**
     * A row within a band.
     *
     * @param index of the row in the sheet, from 0
     * @param firstPly first ply of the band, from 0
     */
    Region row(SheetLayout.Row row, int index, int firstPly) {
        int from = Math.max(row.firstOwn(), firstPly);
        List<Node> here = own(row, firstPly);
        boolean ends = row.moves().size() <= firstPly + style.plies();
        List<Annotation> said = new ArrayList<>();
        here.forEach(n -> said.add(n.annotation()));
        if (ends) {
            said.add(row.end().annotation());
        }
        List<Boolean> crossed = here.stream().map(struck::test).toList();
        RowKey key = new RowKey(here, said, crossed, index, firstPly, from, style);
        HBox cells = (HBox) drawn(key, () -> draw(row, here, index, firstPly));
        if (row.firstOwn() >= firstPly) {
            // What columns say hangs on more than the row.
            List<Node> own = row.moves().subList(row.firstOwn(), row.moves().size());
            columns(cells, own);
        }
        return cells;
    }

    /** The moves of a row that stand in a band and in no row before. */
    private List<Node> own(SheetLayout.Row row, int firstPly) {
        int from = Math.max(row.firstOwn(), firstPly);
        int to = Math.min(row.moves().size(), firstPly + style.plies());
        return List.copyOf(row.moves().subList(from, to));
    }

    private void columns(HBox cells, List<Node> own) {
        for (int i = 0; i < columns.size(); i++) {
            SheetColumn column = columns.get(i);
            int at = FIXED + i;
            if (at == cells.getChildren().size()) {
                cells.getChildren().add(column.cell(own, widthOf(column)));
            } else if (!((Label) cells.getChildren().get(at))
                    .getText()
                    .equals(column.text().apply(own))) {
                cells.getChildren().set(at, column.cell(own, widthOf(column)));
            }
        }
    }

    private HBox draw(SheetLayout.Row row, List<Node> here, int index, int firstPly) {
        int from = Math.max(row.firstOwn(), firstPly);
        double cell = style.widths().cell();
        int before = lead(here.get(0).parent().orElseThrow().position());
        List<Integer> balance = here.stream().map(n -> lead(n.position())).toList();
        boolean withStrip = style.allStrips() || balance.stream().anyMatch(b -> b != before);
        Pane moves = new Pane();
        Label letter = new Label(index == 0 ? "" : String.valueOf((char) ('a' + (index - 1) % 26)));
        letter.getStyleClass().add("row-letter");
        letter.relocate(6, 4);
        moves.getChildren().add(letter);
        double line = style.scale() * ROW;
        if (from > firstPly) {
            Region ditto = new Region();
            ditto.getStyleClass().add("ditto");
            ditto.resizeRelocate(GUTTER + 5, line / 2 + 1, (from - firstPly) * cell - 10, 1);
            moves.getChildren().add(ditto);
        }
        List<Label> badges = new ArrayList<>();
        for (int i = 0; i < here.size(); i++) {
            Node node = here.get(i);
            double x = GUTTER + (from - firstPly + i) * cell;
            moves.getChildren().add(cell(node, x));
            SheetBadge.of(node.annotation(), style.withPoints())
                    .ifPresent(
                            badge -> {
                                badge.relocate(x + 5, line - 3);
                                badges.add(badge);
                            });
        }
        if (withStrip) {
            BalanceStrip strip =
                    new BalanceStrip(balance, before, cell, STRIP - 2, style.palette());
            strip.relocate(GUTTER + (from - firstPly) * cell, line);
            moves.getChildren().add(strip);
        }
        moves.getChildren().addAll(badges);
        double height = line + (withStrip ? STRIP : badges.isEmpty() ? 0 : style.scale() * BADGE);
        moves.setMinSize(GUTTER + style.plies() * cell, height);
        moves.setPrefSize(GUTTER + style.plies() * cell, height);
        boolean ends = row.moves().size() <= firstPly + style.plies();
        HBox cells = new HBox(moves, ends ? verdict(row.end()) : noVerdict());
        cells.getStyleClass().add("sheet-row");
        return cells;
    }

    private Region noVerdict() {
        Region none = new Region();
        none.setMinWidth(style.widths().verdict());
        return none;
    }

    private static int lead(Position position) {
        return MaterialBalance.of(position).hundredths(MaterialScale.SCHOOL);
    }

    private Label cell(Node node, double x) {
        Label label = new SheetMove(node, pressed::move);
        label.setTextOverrun(OverrunStyle.CLIP);
        double cell = style.widths().cell();
        double height = style.scale() * ROW - 2;
        label.resizeRelocate(x, 2, cell - 1, height);
        label.setMinSize(cell - 1, height);
        label.setMaxSize(cell - 1, height);
        label.setAlignment(Pos.CENTER_LEFT);
        Menus.offer(label, owner, () -> pressed.menu(node));
        Annotation a = node.annotation();
        if (a.scheme().tempting()) {
            label.getStyleClass().add("tempting");
        }
        if (struck.test(node)) {
            label.getStyleClass().add("struck");
        }
        return label;
    }

    private HBox verdict(Node end) {
        HBox box = new HBox(8);
        box.setPrefWidth(style.widths().verdict());
        box.setMinWidth(style.widths().verdict());
        box.getStyleClass().add("sheet-verdict");
        end.annotation()
                .verdict()
                .ifPresent(v -> box.getChildren().add(VerdictSign.alone(v, "coach-verdict")));
        end.annotation()
                .check()
                .filter(c -> columns.isEmpty())
                .ifPresent(c -> box.getChildren().add(check(end.position(), c)));
        return box;
    }

    private static HBox check(Position position, EngineCheck c) {
        Score score = c.mate() ? new Score.Mate(c.value()) : new Score.Centipawns(c.value());
        Verdict verdict = ExpectedScoreCurve.at(position).of(score).verdict(true);
        HBox row = VerdictSign.alone(verdict, "engine-verdict");
        Label figure = new Label(score.text());
        figure.getStyleClass().add("engine-verdict");
        figure.setMinWidth(Region.USE_PREF_SIZE);
        row.getChildren().add(figure);
        return row;
    }

    /** What is said of the moves of a row within a band. */
    List<Region> notes(SheetLayout.Row row, int firstPly) {
        List<Region> notes = new ArrayList<>();
        for (Node node : own(row, firstPly)) {
            Annotation a = node.annotation();
            String text =
                    Stream.of(Stream.of(a.before(), a.after()), a.repertoire().idea().stream())
                            .flatMap(t -> t)
                            .filter(t -> !t.isBlank())
                            .collect(Collectors.joining("  "));
            if (!text.isEmpty()) {
                notes.add(note(Line.move(node) + "  " + text));
            }
        }
        return notes;
    }

    /** Words over the whole width. */
    Region note(String text) {
        return drawn(text, () -> drawNote(text));
    }

    private static Label drawNote(String text) {
        Label note = new Label(text);
        note.setWrapText(true);
        note.getStyleClass().add("sheet-note");
        return note;
    }
}
