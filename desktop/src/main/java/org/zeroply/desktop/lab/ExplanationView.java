package org.zeroply.desktop.lab;

import java.util.List;
import java.util.Locale;
import javafx.geometry.HPos;
import javafx.scene.control.Label;
import javafx.scene.layout.ColumnConstraints;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import org.zeroply.chess.notation.San;
import org.zeroply.chess.tree.Node;
import org.zeroply.coach.insight.Compensation;
import org.zeroply.desktop.controls.Widgets;
import org.zeroply.desktop.texts.Texts;
import org.zeroply.desktop.work.LiveAnalysis;
import org.zeroply.desktop.work.TreeSession;
import org.zeroply.engine.analysis.Analysis;
import org.zeroply.engine.analysis.Score;

/**
 * What the position holds before anyone calculates: for each term a pair of bars, White's outlined
 * and Black's filled, and what the last move changed.
 */
final class ExplanationView extends VBox {

    private static final double LONGEST_BAR = 64;
    private static final double PIXELS_A_CENTIPAWN = 0.5;

    /** Sums of material are so large that they get a scale of their own. */
    private static final int LARGE = 600;

    private static final double PIXELS_WHEN_LARGE = 0.015;

    private final TreeSession session;
    private final GridPane grid = new GridPane();
    private final Label sum = Widgets.label("", "sum");
    private final Label learnt = Widgets.label("", "plain");
    private final Label engine = Widgets.label("", "plain");
    private final Label compensation = Widgets.label("", "plain");
    private final LiveAnalysis live;

    ExplanationView(LiveAnalysis live, TreeSession session) {
        this.live = live;
        this.session = session;
        engine.setId("explanation-engine");
        live.findingProperty().addListener(o -> showEngine());
        setId("explanation");
        getStyleClass().add("explanation");
        sum.setId("explanation-sum");
        sum.setWrapText(true);
        for (double width : new double[] {46, LONGEST_BAR + 8, 0, LONGEST_BAR + 8, 46, 84}) {
            ColumnConstraints column = new ColumnConstraints();
            if (width > 0) {
                column.setMinWidth(width);
                column.setPrefWidth(width);
            } else {
                column.setHgrow(Priority.ALWAYS);
                column.setHalignment(HPos.CENTER);
            }
            grid.getColumnConstraints().add(column);
        }
        compensation.setId("compensation");
        compensation.setWrapText(true);
        compensation.managedProperty().bind(compensation.textProperty().isNotEmpty());
        learnt.setId("explanation-learnt");
        learnt.setWrapText(true);
        learnt.managedProperty().bind(learnt.textProperty().isNotEmpty());
        getChildren().addAll(grid, sum, learnt, engine, compensation);
    }

    void show() {
        Node node = session.current();
        Explanation explanation =
                Explanation.of(node.position(), node.parent().map(Node::position));
        grid.getChildren().clear();
        String move =
                node.parent()
                        .map(p -> San.write(p.position(), node.move()))
                        .map(san -> Texts.of("lab.by", san))
                        .orElse("");
        heading(move);
        int row = 1;
        for (Explanation.Row term : explanation.rows()) {
            // What neither side has and the move did not change says nothing.
            if (term.white() != 0 || term.black() != 0 || term.change() != 0) {
                add(row++, term);
            }
        }
        String changed =
                move.isEmpty() ? "" : Texts.of("lab.changed", move, signed(explanation.change()));
        sum.setText(
                Texts.of("lab.by-rule-of-thumb-hundredths", words(explanation.total()), changed));
        learnt.setText(learnt(explanation));
        compensation.setText(Compensation.of(node.position()).map(Compensation::text).orElse(""));
        showEngine();
    }

    /** What was learnt from games, and whether the terms account for it. */
    private String learnt(Explanation explanation) {
        if (explanation.learnt().isEmpty()) {
            return "";
        }
        String value =
                Texts.of("lab.by-experience-of-games", words(explanation.learnt().getAsInt()));
        return explanation.isDisputed()
                ? Texts.of("lab.the-terms-above-do-not", value)
                : value + ".";
    }

    /**
     * The engine's opinion beside the rule of thumb: where they differ, there is much to explain.
     */
    private void showEngine() {
        String opinion =
                live.findingProperty()
                        .get()
                        .filter(f -> f.position().equals(session.current().position()))
                        .flatMap(f -> f.analysis().best())
                        .map(this::words)
                        .orElse(Texts.of("lab.the-engine-has-not-looked"));
        engine.setText(opinion);
    }

    private String words(Analysis.Candidate best) {
        boolean white = session.current().position().toBoard().sideToMove() == 0;
        Score own = white ? best.score() : best.score().negated();
        String value =
                own instanceof Score.Mate m
                        ? (m.moves() > 0
                                        ? Texts.of("lab.white-mates-in")
                                        : Texts.of("lab.black-mates-in"))
                                + Math.abs(m.moves())
                        : words(own.ordinal());
        return Texts.of(
                "lab.by-calculation-engine-at-depth",
                value,
                best.expected().verdict(white).words(),
                best.depth());
    }

    private void heading(String move) {
        grid.addRow(
                0,
                right(Widgets.label(Texts.of("lab.white"), "faded")),
                new Region(),
                new Region(),
                new Region(),
                Widgets.label(Texts.of("lab.black-2"), "faded"),
                right(Widgets.label(move, "faded")));
    }

    private static Label figure(int hundredths) {
        Label label = Widgets.label(signed(hundredths), "number");
        label.setMinWidth(USE_PREF_SIZE);
        return label;
    }

    private void add(int row, Explanation.Row term) {
        grid.addRow(
                row,
                right(figure(term.white())),
                bar(term.white(), true),
                Widgets.wrapped(term.name(), "term"),
                bar(term.black(), false),
                figure(term.black()),
                right(Widgets.label(term.change() == 0 ? "" : signed(term.change()), "change")));
    }

    private static HBox right(Label label) {
        label.setMinWidth(USE_PREF_SIZE);
        HBox box = new HBox(label);
        box.getStyleClass().add("right");
        return box;
    }

    /** Bars grow outwards from the name; what counts against a side is drawn hatched and thin. */
    private static StackPane bar(int centipawns, boolean white) {
        Region bar = new Region();
        int value = Math.abs(centipawns);
        double scale = value > LARGE ? PIXELS_WHEN_LARGE : PIXELS_A_CENTIPAWN;
        double length = Math.min(LONGEST_BAR, value * scale);
        bar.setMinSize(length, centipawns < 0 ? 4 : 11);
        bar.setMaxSize(length, centipawns < 0 ? 4 : 11);
        List<String> styles = bar.getStyleClass();
        styles.add(white ? "white-bar" : "black-bar");
        if (centipawns < 0) {
            styles.add("against");
        }
        bar.setVisible(centipawns != 0);
        StackPane pane = new StackPane(bar);
        pane.getStyleClass().add(white ? "bar-of-white" : "bar-of-black");
        return pane;
    }

    private static String signed(int centipawns) {
        return centipawns == 0 ? "0" : String.format(Locale.ROOT, "%+d", centipawns);
    }

    private static String words(int total) {
        if (total == 0) {
            return Texts.of("lab.nothing-for-either-side");
        }
        return Texts.of(
                "lab.for",
                Math.abs(total),
                total > 0 ? Texts.of("lab.white") : Texts.of("lab.black-2"));
    }
}
