package org.zeroply.desktop.lab;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.VBox;
import org.zeroply.chess.notation.Line;
import org.zeroply.chess.notation.San;
import org.zeroply.chess.tree.Node;
import org.zeroply.coach.fact.Fact;
import org.zeroply.coach.fact.FactChange;
import org.zeroply.coach.fact.FactKind;
import org.zeroply.coach.fact.structure.StructureComparison;
import org.zeroply.coach.fact.structure.StructureTable;
import org.zeroply.coach.insight.Concession;
import org.zeroply.desktop.controls.Widgets;
import org.zeroply.desktop.texts.Texts;

/** Comparing: what the last move changed, and the structures that the next moves lead to. */
final class ChangesView extends VBox {

    /** Kinds of changes that are shown until all are asked for. */
    private static final int SHOWN = 6;

    private final LabModel model;

    private boolean showsAll;

    ChangesView(LabModel model) {
        super(4);
        this.model = model;
        setId("changes");
        getStyleClass().add("facts");
    }

    /** Compares anew. */
    void show() {
        getChildren().clear();
        getChildren()
                .add(
                        Widgets.row(
                                Widgets.button(
                                        "compare-from",
                                        Texts.of("lab.compare-from-here-on"),
                                        this::from),
                                Widgets.button(
                                        "compare-last",
                                        Texts.of("lab.last-move-only"),
                                        this::last)));
        heading(
                model.comparedWith()
                        .map(this::title)
                        .orElse(Texts.of("lab.what-the-last-move-changed")));
        model.changes()
                .ifPresentOrElse(this::change, () -> note(Texts.of("lab.no-move-leads-here-this")));
        List<StructureComparison> structures = model.structures();
        heading(Texts.of("lab.structures-after-the-ways-to"));
        if (structures.isEmpty()) {
            note(Texts.of("lab.nothing-can-be-recaptured-in"));
        }
        if (!structures.isEmpty()) {
            table(StructureTable.of(model.position(), structures));
        }
        for (StructureComparison s : structures) {
            Label move =
                    Widgets.label(
                            Texts.of("lab.after", San.write(model.position(), s.move())), "part");
            move.setId("structure-" + San.write(model.position(), s.move()));
            getChildren().add(move);
            Concession.of(model.position(), s.move())
                    .map(c -> c.fact(s.move()))
                    .ifPresent(fact -> row(fact, "+"));
            change(s.change());
        }
    }

    private void from() {
        model.compareFromHere();
        show();
    }

    private void last() {
        model.compareLastMove();
        show();
    }

    private String title(Node before) {
        Node current = model.session().current();
        if (before.equals(current)) {
            return Texts.of("lab.play-on-what-changes-from");
        }
        if (current.parent().equals(Optional.of(before))) {
            return Texts.of("lab.what-changed", San.write(before.position(), current.move()));
        }
        return before.parent()
                .map(
                        p ->
                                Texts.of(
                                        "lab.what-has-changed-since",
                                        Line.number(p.position(), true),
                                        San.write(p.position(), before.move())))
                .orElse(Texts.of("lab.what-has-changed-since-the"));
    }

    private void heading(String text) {
        getChildren().add(Widgets.heading(text));
    }

    private void table(StructureTable table) {
        GridPane grid = new GridPane();
        grid.setId("structure-table");
        grid.getStyleClass().add("structure-table");
        grid.setHgap(18);
        grid.setVgap(3);
        for (int column = 0; column < table.columns().size(); column++) {
            grid.add(Widgets.label(table.columns().get(column), "faded"), column + 1, 0);
        }
        for (int row = 0; row < table.rows().size(); row++) {
            StructureTable.Row told = table.rows().get(row);
            grid.add(Widgets.label(told.label(), "fact-text"), 0, row + 1);
            for (int column = 0; column < told.cells().size(); column++) {
                Label cell = Widgets.label(told.cells().get(column), "number");
                grid.add(cell, column + 1, row + 1);
            }
        }
        getChildren().add(grid);
    }

    private void note(String text) {
        Label label = Widgets.label(text, "faded");
        label.setWrapText(true);
        getChildren().add(label);
    }

    private void change(FactChange change) {
        if (change.gone().isEmpty() && change.come().isEmpty()) {
            note(Texts.of("lab.nothing-changes"));
        }
        List<List<Fact>> pairs = pairs(change);
        int shown = showsAll ? pairs.size() : Math.min(SHOWN, pairs.size());
        for (List<Fact> pair : pairs.subList(0, shown)) {
            pair.forEach(f -> row(f, change.come().contains(f) ? "+" : "–"));
        }
        if (pairs.size() > SHOWN) {
            String text = showsAll ? "fewer" : Texts.of("lab.more-changes", pairs.size() - SHOWN);
            Button more = Widgets.button(null, text, this::toggle);
            more.getStyleClass().addAll("quiet-button", "more-changes");
            getChildren().add(more);
        }
    }

    /** What was and what is of one kind stand under each other, what matters most first. */
    private static List<List<Fact>> pairs(FactChange change) {
        Map<String, List<Fact>> pairs = new LinkedHashMap<>();
        List<Fact> both = new ArrayList<>(change.gone());
        both.addAll(change.come());
        for (Fact fact : both) {
            pairs.computeIfAbsent(fact.kind() + " " + fact.side(), k -> new ArrayList<>())
                    .add(fact);
        }
        return pairs.values().stream()
                .sorted(Comparator.comparingInt(ChangesView::weight).reversed())
                .toList();
    }

    /** What a move concedes is the sum of the rest, and stands above it. */
    private static int weight(List<Fact> facts) {
        boolean concession = facts.get(0).kind() == FactKind.CONCESSION;
        return concession
                ? Integer.MAX_VALUE
                : facts.stream().mapToInt(Fact::weight).max().orElseThrow();
    }

    private void toggle() {
        showsAll = !showsAll;
        show();
    }

    private void row(Fact fact, String sign) {
        FactRow row = new FactRow(model, fact, sign);
        row.getStyleClass().add(sign.equals("+") ? "come" : "gone");
        getChildren().add(row);
    }
}
