package org.zeroply.desktop.repertoire;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import javafx.scene.canvas.Canvas;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.control.Label;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.ToggleGroup;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.MouseButton;
import javafx.scene.input.MouseEvent;
import javafx.scene.input.ScrollEvent;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Pane;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import javafx.scene.paint.Color;
import javafx.scene.text.Font;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.notation.Line;
import org.zeroply.desktop.board.Palette;
import org.zeroply.desktop.controls.Widgets;
import org.zeroply.desktop.texts.Texts;

/** The repertoire as a picture: as high as likely, toned by knowledge or by risk. */
final class MapView extends VBox {

    private static final double COLUMN = 66;
    private static final double TEXT = 13;

    private final RepertoireModel model;
    private final Canvas canvas = new Canvas();
    private final Pane paper = new Pane(canvas);
    private final Label words = Widgets.wrapped("", "plain");
    private final Label legend = Widgets.label("", "faded");
    private final ToggleButton risk = new ToggleButton(Texts.of("repertoire.risk"));
    private final ToggleButton knowledge = new ToggleButton(Texts.of("repertoire.knowledge"));
    private Palette palette = Palette.PAPER;
    private List<Move> root = List.of();
    private List<Move> chosen = List.of();
    private List<MapLayout.Field> fields = List.of();

    MapView(RepertoireModel model) {
        super(8);
        this.model = model;
        ToggleGroup tones = new ToggleGroup();
        for (ToggleButton tone : List.of(knowledge, risk)) {
            tone.setToggleGroup(tones);
            Widgets.leaveFocus(tone);
            tone.setOnAction(
                    e -> {
                        tone.setSelected(true);
                        lay();
                    });
        }
        knowledge.setId("map-knowledge");
        risk.setId("map-risk");
        risk.setSelected(true);
        legend.setWrapText(true);
        legend.setMaxWidth(Double.MAX_VALUE);
        HBox.setHgrow(legend, Priority.ALWAYS);
        words.setId("map-words");
        words.setMinHeight(42);
        paper.setId("repertoire-map");
        paper.getStyleClass().add("map-paper");
        paper.setFocusTraversable(true);
        paper.setAccessibleText(Texts.of("repertoire.map-of-the-repertoire-arrows"));
        VBox.setVgrow(paper, Priority.ALWAYS);
        paper.setMinHeight(120);
        getChildren()
                .addAll(
                        Widgets.row(
                                knowledge,
                                risk,
                                legend,
                                Widgets.button(
                                        "map-in", Texts.of("repertoire.zoom-in"), this::zoomIn),
                                Widgets.button(
                                        "map-out", Texts.of("repertoire.zoom-out"), this::zoomOut)),
                        paper,
                        words);
        paper.widthProperty().addListener(o -> resize());
        paper.heightProperty().addListener(o -> resize());
        paper.setOnMousePressed(this::pressed);
        paper.setOnKeyPressed(this::key);
        paper.setOnScroll(this::scrolled);
        model.viewProperty().addListener(o -> lay());
        model.studentProperty()
                .addListener((o, was, is) -> (is.isPresent() ? knowledge : risk).setSelected(true));
        lay();
    }

    void setPalette(Palette value) {
        palette = value;
        draw();
    }

    private void resize() {
        canvas.setWidth(paper.getWidth());
        canvas.setHeight(paper.getHeight());
        draw();
    }

    private void lay() {
        fields = model.viewProperty().get().map(v -> MapLayout.of(v, root)).orElse(List.of());
        if (fields.isEmpty() && !root.isEmpty()) {
            root = List.of();
            lay();
            return;
        }
        draw();
    }

    // ---- Drawing --------------------------------------------------------------------------------

    private void draw() {
        GraphicsContext g = canvas.getGraphicsContext2D();
        g.clearRect(0, 0, canvas.getWidth(), canvas.getHeight());
        legend.setText(
                risk.isSelected()
                        ? Texts.of("repertoire.the-redder-the-likelier-a")
                        : Texts.of("repertoire.the-fuller-the-surer-it"));
        g.setFont(Font.font("B612", TEXT));
        for (MapLayout.Field field : fields) {
            draw(g, field);
        }
        words.setText(words());
    }

    private double x(MapLayout.Field field) {
        return 6 + field.place().column() * COLUMN;
    }

    private double y(MapLayout.Field field) {
        return 6 + field.place().top() * (canvas.getHeight() - 12);
    }

    private double height(MapLayout.Field field) {
        return Math.max(1.2, field.place().height() * (canvas.getHeight() - 12));
    }

    private void draw(GraphicsContext g, MapLayout.Field field) {
        double x = x(field);
        double h = height(field);
        if (x + COLUMN > canvas.getWidth() + COLUMN / 2) {
            return;
        }
        Color tone = tone(field);
        g.setFill(tone);
        g.fillRect(x, y(field), COLUMN - 1.5, Math.max(1, h - 1.5));
        boolean here = field.path().equals(chosen);
        g.setStroke(here ? palette.inks().ink() : palette.paper().rule());
        g.setLineWidth(here ? 2 : 1);
        g.strokeRect(x + 0.5, y(field) + 0.5, COLUMN - 2.5, Math.max(1, h - 2.5));
        if (h >= TEXT + 3) {
            g.setFill(readableOn(tone));
            g.fillText(field.san(), x + 5, y(field) + Math.min(h / 2 + 5, 18), COLUMN - 9);
        }
    }

    /** Ink or paper, whichever stands out more. */
    private Color readableOn(Color tone) {
        double ground = tone.grayscale().getBrightness();
        double ink = Math.abs(palette.inks().ink().grayscale().getBrightness() - ground);
        double sheet = Math.abs(palette.paper().sheet().grayscale().getBrightness() - ground);
        return ink >= sheet ? palette.inks().ink() : palette.paper().sheet();
    }

    private Color tone(MapLayout.Field field) {
        if (risk.isSelected()) {
            return palette.paper()
                    .sheet()
                    .interpolate(palette.inks().alarm(), Math.min(1, field.risk() * 1.4));
        }
        if (!field.ours()) {
            return palette.paper().page();
        }
        return palette.paper()
                .sheet()
                .interpolate(palette.inks().coach(), 0.9 * field.known().orElse(0.0));
    }

    private String words() {
        Optional<RepertoireView> view = model.viewProperty().get();
        if (view.isEmpty() || fields.isEmpty()) {
            return Texts.of("repertoire.nothing-to-draw-yet-the");
        }
        Optional<MapLayout.Field> field = field();
        if (field.isEmpty()) {
            return Texts.of("repertoire.a-field-is-as-high");
        }
        RepertoireView v = view.get();
        Position start = v.repertoire().starts().get(0).position();
        MapLayout.Field f = field.get();
        String line = Line.numbered(start, f.path());
        String likely =
                MapLayout.likelihood(v, f.path())
                        .map(p -> Texts.of("repertoire.of-the-games-come-there", Words.percent(p)))
                        .orElse("");
        String known =
                f.known().map(k -> Texts.of("repertoire.known-today", Words.percent(k))).orElse("");
        String open =
                f.risk() > 0.0005
                        ? Texts.of("repertoire.without-an-answer", Words.percent(f.risk()))
                        : "";
        return line + "\n" + likely + known + open + ".";
    }

    private Optional<MapLayout.Field> field() {
        return fields.stream().filter(f -> f.path().equals(chosen)).findFirst();
    }

    // ---- Choosing and zooming -------------------------------------------------------------------

    private void pressed(MouseEvent e) {
        paper.requestFocus();
        if (e.getButton() == MouseButton.SECONDARY) {
            zoomOut();
            return;
        }
        at(e.getX(), e.getY())
                .ifPresent(
                        f -> {
                            choose(f);
                            if (e.getClickCount() == 2) {
                                zoomIn();
                            }
                        });
    }

    private Optional<MapLayout.Field> at(double px, double py) {
        return fields.stream()
                .filter(f -> px >= x(f) && px < x(f) + COLUMN)
                .filter(f -> py >= y(f) && py < y(f) + height(f))
                .findFirst();
    }

    private void choose(MapLayout.Field field) {
        chosen = field.path();
        model.viewProperty()
                .get()
                .ifPresent(
                        v -> {
                            Position start = v.repertoire().starts().get(0).position();
                            v.repertoire().at(start.play(chosen)).ifPresent(model::go);
                        });
        draw();
    }

    private void key(KeyEvent e) {
        boolean taken = true;
        switch (e.getCode()) {
            case LEFT ->
                    field().ifPresentOrElse(
                                    f -> to(f.path().subList(0, f.path().size() - 1)), () -> {});
            case RIGHT -> right();
            case UP -> sibling(-1);
            case DOWN -> sibling(1);
            case ENTER, PLUS, ADD -> zoomIn();
            case BACK_SPACE, MINUS, SUBTRACT -> zoomOut();
            default -> taken = false;
        }
        if (taken) {
            e.consume();
        }
    }

    private void to(List<Move> path) {
        fields.stream().filter(f -> f.path().equals(path)).findFirst().ifPresent(this::choose);
    }

    private void right() {
        if (field().isEmpty()) {
            fields.stream().findFirst().ifPresent(this::choose);
            return;
        }
        fields.stream()
                .filter(f -> f.path().size() == chosen.size() + 1)
                .filter(f -> f.path().subList(0, chosen.size()).equals(chosen))
                .max(Comparator.comparingDouble(f -> f.place().height()))
                .ifPresent(this::choose);
    }

    private void sibling(int by) {
        if (field().isEmpty()) {
            right();
            return;
        }
        List<MapLayout.Field> column =
                fields.stream()
                        .filter(f -> f.place().column() == field().orElseThrow().place().column())
                        .toList();
        int next = column.indexOf(field().orElseThrow()) + by;
        if (next >= 0 && next < column.size()) {
            choose(column.get(next));
        }
    }

    private void scrolled(ScrollEvent e) {
        if (e.getDeltaY() > 0) {
            at(e.getX(), e.getY()).ifPresent(f -> zoom(step(f.path())));
        } else if (e.getDeltaY() < 0) {
            zoomOut();
        }
        e.consume();
    }

    /** One move nearer to a way. */
    private List<Move> step(List<Move> path) {
        return path.subList(0, Math.min(path.size(), root.size() + 1));
    }

    private void zoomIn() {
        if (field().isPresent()) {
            zoom(chosen);
        }
    }

    private void zoomOut() {
        if (!root.isEmpty()) {
            zoom(root.subList(0, root.size() - 1));
        }
    }

    private void zoom(List<Move> to) {
        List<Move> before = root;
        root = new ArrayList<>(to);
        lay();
        if (fields.isEmpty()) {
            root = before;
            lay();
        }
    }
}
