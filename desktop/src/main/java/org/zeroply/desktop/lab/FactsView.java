package org.zeroply.desktop.lab;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import javafx.collections.ListChangeListener;
import javafx.geometry.HPos;
import javafx.geometry.VPos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.ColumnConstraints;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.VBox;
import org.zeroply.chess.board.Side;
import org.zeroply.coach.fact.Fact;
import org.zeroply.coach.fact.FactGroup;
import org.zeroply.coach.fact.FactKind;
import org.zeroply.desktop.controls.Widgets;
import org.zeroply.desktop.texts.Texts;

/** All facts, grouped as a coach tells them: White's on the left, Black's on the right. */
final class FactsView extends VBox {

    private final LabModel model;
    private final GridPane grid = new GridPane();
    private boolean showsAll;

    FactsView(LabModel model) {
        this.model = model;
        setId("facts");
        getStyleClass().add("facts");
        for (int i = 0; i < 2; i++) {
            ColumnConstraints half = new ColumnConstraints();
            half.setPercentWidth(50);
            half.setHalignment(HPos.LEFT);
            grid.getColumnConstraints().add(half);
        }
        grid.setHgap(18);
        getChildren().add(grid);
        model.facts().addListener((ListChangeListener<Fact>) c -> show());
        show();
    }

    /** Facts keep coming while somebody reads: whatever row was pointed at stays pointed at. */
    private void show() {
        Optional<Fact> pointedAt =
                getScene() != null && getScene().getFocusOwner() instanceof FactRow row
                        ? Optional.of(row.fact())
                        : Optional.empty();
        fill();
        pointedAt.ifPresent(
                fact ->
                        grid.lookupAll(".fact").stream()
                                .filter(n -> n instanceof FactRow row && row.fact().equals(fact))
                                .findFirst()
                                .ifPresent(Node::requestFocus));
    }

    private void fill() {
        grid.getChildren().clear();
        grid.addRow(
                0,
                Widgets.label(Texts.of("lab.white"), "faded"),
                Widgets.label(Texts.of("lab.black-2"), "faded"));
        int row = 1;
        for (FactGroup group : FactGroup.values()) {
            List<Fact> facts =
                    model.facts().stream()
                            .filter(f -> f.kind().group() == group)
                            .sorted(Fact.HEAVIEST_FIRST)
                            .toList();
            if (facts.isEmpty()) {
                continue;
            }
            Label title = Widgets.heading(group.title());
            title.setId("facts-" + group.name().toLowerCase(Locale.ROOT));
            grid.add(title, 0, row++, 2, 1);
            VBox both = rows(facts, Optional.empty());
            if (!both.getChildren().isEmpty()) {
                grid.add(both, 0, row++, 2, 1);
            }
            VBox white = rows(facts, Optional.of(Side.WHITE));
            VBox black = rows(facts, Optional.of(Side.BLACK));
            GridPane.setValignment(white, VPos.TOP);
            GridPane.setValignment(black, VPos.TOP);
            grid.addRow(row++, white, black);
        }
    }

    private static boolean fails(Fact fact) {
        return fact.kind() == FactKind.MOTIF_MOVE && fact.traits().contains("fails");
    }

    /** What matters most; what merely describes, or fails, is there when it is asked for. */
    private VBox rows(List<Fact> facts, Optional<Side> side) {
        VBox rows = new VBox();
        List<Fact> own = facts.stream().filter(f -> f.side().equals(side)).toList();
        List<Fact> first = own.stream().filter(f -> !fails(f)).limit(Fact.SHOWN).toList();
        int hidden = own.size() - first.size();
        (showsAll ? own : first).forEach(f -> rows.getChildren().add(new FactRow(model, f, "")));
        if (hidden > 0) {
            String text = showsAll ? "fewer" : Texts.of("lab.more", hidden);
            String group = own.get(0).kind().group().name().toLowerCase(Locale.ROOT);
            Button more = Widgets.button("more-" + group + "-" + word(side), text, this::toggle);
            more.getStyleClass().add("quiet-button");
            Widgets.leaveFocus(more);
            rows.getChildren().add(more);
        }
        return rows;
    }

    private static String word(Optional<Side> side) {
        return side.map(Side::smallWord).orElse("both");
    }

    private void toggle() {
        showsAll = !showsAll;
        show();
    }
}
