package org.zeroply.desktop.lessons;

import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import javafx.scene.control.Label;
import javafx.scene.layout.GridPane;
import org.zeroply.coach.lesson.Beside;
import org.zeroply.coach.lesson.Slide;
import org.zeroply.desktop.controls.Widgets;

/** What becomes of each defence in each position, as far as it is told. */
final class BesideTable extends GridPane {

    BesideTable(String id) {
        setId(id);
        getStyleClass().addAll("beside-table", id);
        setHgap(18);
        setVgap(6);
        setManaged(false);
        setVisible(false);
    }

    /** Shows the rows of a slide; those that are not told yet have their names alone. */
    void show(Slide slide) {
        getChildren().clear();
        Set<String> moves = new LinkedHashSet<>();
        slide.beside().forEach(b -> b.cells().forEach(c -> moves.add(c.move())));
        setManaged(!moves.isEmpty());
        setVisible(!moves.isEmpty());
        if (moves.isEmpty()) {
            return;
        }
        int column = 1;
        for (String move : moves) {
            add(Widgets.label(move, "beside-move"), column++, 0);
        }
        for (int i = 0; i < slide.beside().size(); i++) {
            row(slide.beside().get(i), List.copyOf(moves), i + 1, i < slide.told());
        }
    }

    private void row(Beside beside, List<String> moves, int row, boolean told) {
        // Behind its name a row may have the line that answers what is asked.
        String words = told ? beside.words() : beside.words().split(": ", 2)[0];
        Label name = Widgets.wrapped(words, "beside-name");
        name.setMinWidth(120);
        add(name, 0, row);
        for (int i = 0; i < moves.size(); i++) {
            String move = moves.get(i);
            String becomes =
                    beside.cells().stream()
                            .filter(c -> c.move().equals(move))
                            .map(Beside.Cell::becomes)
                            .findFirst()
                            .orElse("–");
            add(Widgets.label(told ? becomes : "?", "beside-cell"), i + 1, row);
        }
    }
}
