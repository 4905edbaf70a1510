package org.zeroply.desktop.lab;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import javafx.scene.control.Label;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.VBox;
import org.zeroply.chess.board.Side;
import org.zeroply.chess.notation.Line;
import org.zeroply.chess.notation.San;
import org.zeroply.chess.tree.Node;
import org.zeroply.coach.fact.Fact;
import org.zeroply.coach.fact.FactChange;
import org.zeroply.coach.insight.Concession;
import org.zeroply.coach.structure.StructureComparison;
import org.zeroply.coach.structure.StructureTable;
import org.zeroply.desktop.controls.Widgets;

/** Comparing: what the last move changed, and the structures that the next moves lead to. */
final class ChangesView extends VBox {

    private final LabModel model;

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
                                Widgets.button("compare-from", "Compare from here on", this::from),
                                Widgets.button("compare-last", "Last move only", this::last)));
        heading(model.comparedWith().map(this::title).orElse("What the last move changed"));
        model.changes()
                .ifPresentOrElse(
                        this::change, () -> note("No move leads here: this is the start."));
        List<StructureComparison> structures = model.structures();
        heading("Structures after the ways to recapture and the moves of the sheet");
        if (structures.isEmpty()) {
            note(
                    "Nothing can be recaptured in two ways here. Put the moves you want to compare"
                            + " into the sheet; they appear here side by side.");
        }
        if (!structures.isEmpty()) {
            table(StructureTable.of(model.position(), structures));
        }
        for (StructureComparison s : structures) {
            Label move = Widgets.label("After " + San.write(model.position(), s.move()), "part");
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
            return "Play on: what changes from here is told";
        }
        if (current.parent().equals(Optional.of(before))) {
            return "What " + San.write(before.position(), current.move()) + " changed";
        }
        return before.parent()
                .map(
                        p ->
                                "What has changed since "
                                        + Line.number(p.position(), true)
                                        + San.write(p.position(), before.move()))
                .orElse("What has changed since the start");
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
            note("Nothing changes.");
        }
        List<Fact> both = new ArrayList<>(change.gone());
        both.addAll(change.come());
        // What was and what is of one kind stand under each other; the sort keeps that order.
        both.sort(
                Comparator.comparing((Fact f) -> f.kind())
                        .thenComparing(f -> f.side().map(Side::ordinal).orElse(2)));
        both.forEach(f -> row(f, change.come().contains(f) ? "+" : "–"));
    }

    private void row(Fact fact, String sign) {
        FactRow row = new FactRow(model, fact, sign);
        row.getStyleClass().add(sign.equals("+") ? "come" : "gone");
        getChildren().add(row);
    }
}
