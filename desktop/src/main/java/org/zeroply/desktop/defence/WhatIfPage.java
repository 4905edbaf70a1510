package org.zeroply.desktop.defence;

import java.io.File;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.BiConsumer;
import java.util.function.Consumer;
import java.util.function.LongConsumer;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.Tooltip;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import javafx.scene.text.TextAlignment;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.notation.Line;
import org.zeroply.chess.notation.San;
import org.zeroply.coach.defence.whatif.WhatIf;
import org.zeroply.coach.defence.whatif.WhatIfRows;
import org.zeroply.desktop.controls.FileSaver;
import org.zeroply.desktop.controls.Widgets;
import org.zeroply.desktop.texts.Texts;
import org.zeroply.desktop.work.Services;
import org.zeroply.library.report.WhatIfSheet;

/** The table of what-if: positions against defences, by clicking. */
final class WhatIfPage extends VBox {

    /** As narrow as a cell may get before the table is scrolled, in pixels. */
    private static final double CELL = 66;

    private final Services services;
    private final WhatIfModel model;
    private final GridPane grid = new GridPane();
    private final Label reply = Widgets.wrapped("", "finding-text");
    private final FileSaver saver;

    /**
     * @param setUp lets somebody change a position by clicking
     * @param openExercise opens an exercise of the library
     * @param boardChanged called when another position comes on the board
     */
    WhatIfPage(
            Services services,
            WhatIfModel model,
            BiConsumer<Position, Consumer<Position>> setUp,
            LongConsumer openExercise,
            Runnable boardChanged) {
        super(8);
        this.services = services;
        this.model = model;
        saver = new FileSaver(services, this);
        reply.setId("what-if-reply");
        reply.textProperty().bind(model.replyProperty());
        grid.setId("what-if");
        grid.getStyleClass().add("what-if");
        ScrollPane scroll = new ScrollPane(grid);
        scroll.setFitToWidth(true);
        scroll.getStyleClass().add("paper");
        VBox.setVgrow(scroll, Priority.ALWAYS);
        getChildren()
                .addAll(
                        Widgets.row(
                                Widgets.button(
                                        "what-if-propose",
                                        Texts.of("defence.propose-variants"),
                                        model::propose),
                                Widgets.button(
                                        "what-if-add",
                                        Texts.of("defence.add-a-variant"),
                                        () -> model.add(setUp)),
                                Widgets.button(
                                        "what-if-remove",
                                        Texts.of("defence.take-the-row-out"),
                                        model::remove),
                                Widgets.spacer(),
                                Widgets.button(
                                        "what-if-save",
                                        Texts.of("defence.save-or-print"),
                                        this::save)),
                        scroll,
                        reply,
                        Widgets.row(
                                Widgets.button(
                                        "what-if-exercise",
                                        Texts.of("defence.row-as-exercise"),
                                        () -> model.exercise(openExercise)),
                                Widgets.label(Texts.of("defence.press-a-cell-for-its"), "faded")));
        model.tableProperty().addListener((o, was, is) -> show(is));
        model.rowProperty().addListener(o -> boardChanged.run());
        // Another line of the same row.
        model.replyProperty().addListener(o -> boardChanged.run());
        show(Optional.empty());
    }

    private void show(Optional<WhatIf> table) {
        grid.getChildren().clear();
        if (table.isEmpty()) {
            grid.add(
                    Widgets.wrapped(Texts.of("defence.the-same-position-with-one"), "empty-note"),
                    0,
                    0);
            return;
        }
        WhatIf t = table.get();
        Position base = t.rows().get(0).position();
        for (int j = 0; j < t.defences().size(); j++) {
            Label head = Widgets.label(San.write(base, t.defences().get(j)), "what-if-head");
            grid.add(head, j + 1, 0);
        }
        for (int i = 0; i < t.rows().size(); i++) {
            grid.add(name(t, i), 0, i + 1);
            for (int j = 0; j < t.defences().size(); j++) {
                grid.add(cell(t, i, j), j + 1, i + 1);
            }
        }
    }

    private Button name(WhatIf t, int index) {
        Button button =
                Widgets.button("what-if-row-" + index, t.rows().get(index).name(), () -> {});
        button.setOnAction(e -> model.choose(index, List.of()));
        button.getStyleClass().add("what-if-name");
        button.setWrapText(true);
        button.setMinWidth(120);
        button.setMaxWidth(Double.MAX_VALUE);
        button.setMinHeight(Region.USE_PREF_SIZE);
        GridPane.setHgrow(button, Priority.ALWAYS);
        return button;
    }

    private Button cell(WhatIf t, int i, int j) {
        WhatIf.Cell cell = t.cells().get(i).get(j);
        Button button = Widgets.button("what-if-" + i + "-" + j, cell.state().words(), () -> {});
        button.getStyleClass().addAll("what-if-cell", cell.state().word());
        button.setMinWidth(CELL);
        button.setWrapText(true);
        button.setTextAlignment(TextAlignment.CENTER);
        boolean turned = i > 0 && cell.state() != t.cells().get(0).get(j).state();
        if (turned) {
            button.getStyleClass().add("turned");
        }
        Position position = t.rows().get(i).position();
        cell.weighed()
                .ifPresent(w -> button.setTooltip(new Tooltip(Line.numbered(position, w.line()))));
        List<Move> line = cell.weighed().map(w -> w.line()).orElse(List.of());
        button.setOnAction(e -> model.choose(i, line));
        button.setOnKeyPressed(
                e -> {
                    if (e.getCode() == KeyCode.ENTER) {
                        model.choose(i, line);
                        e.consume();
                    }
                });
        return button;
    }

    private void save() {
        Optional<WhatIf> table = model.tableProperty().get();
        if (table.isEmpty()) {
            services.messages().say(Texts.of("defence.there-is-no-table-yet"));
            return;
        }
        saver.choose(Texts.of("defence.save-the-table"), "what-if.pdf", "pdf", "html", "epd")
                .ifPresent(file -> write(table.get(), file));
    }

    /** Writes the table; the ending of the name decides how. */
    void write(WhatIf what, File file) {
        if (file.getName().toLowerCase(Locale.ROOT).endsWith(".epd")) {
            String text = WhatIfRows.of(what).text();
            saver.writeText(file, () -> text);
        } else {
            saver.save(
                    WhatIfSheet.report(
                            what, Texts.of("defence.what-if-2"), services.marking().name()),
                    file);
        }
    }
}
