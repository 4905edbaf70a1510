package org.zeroply.desktop.defence;

import java.io.File;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalLong;
import java.util.concurrent.CancellationException;
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
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.notation.Line;
import org.zeroply.chess.notation.PgnWriter;
import org.zeroply.chess.notation.San;
import org.zeroply.chess.tree.MoveTree;
import org.zeroply.chess.tree.TreeEditor;
import org.zeroply.coach.defence.Elimination;
import org.zeroply.coach.defence.Holding;
import org.zeroply.coach.defence.VariantProposer;
import org.zeroply.coach.defence.WhatIf;
import org.zeroply.coach.defence.WhatIfRows;
import org.zeroply.coach.exercise.DefenceTask;
import org.zeroply.coach.exercise.draft.DefenceDraft;
import org.zeroply.coach.judge.Judge;
import org.zeroply.desktop.controls.FileSaver;
import org.zeroply.desktop.controls.Widgets;
import org.zeroply.desktop.work.Services;
import org.zeroply.desktop.work.TreeSession;
import org.zeroply.library.print.WhatIfSheet;

/** The table of what-if: positions against defences, by clicking. */
final class WhatIfPage extends VBox {

    private static final int COLUMNS = 5;
    private static final int PROPOSED = 5;

    private final Services services;
    private final DefenceModel model;
    private final BiConsumer<Position, Consumer<Position>> setUp;
    private final LongConsumer openExercise;
    private final Runnable boardChanged;
    private final TreeSession shown = new TreeSession();
    private final GridPane grid = new GridPane();
    private final Label reply = Widgets.wrapped("", "finding-text");
    private final FileSaver saver;
    private Optional<WhatIf> table = Optional.empty();
    private Optional<Integer> row = Optional.empty();

    /**
     * @param setUp lets somebody change a position by clicking
     * @param openExercise opens an exercise of the library
     * @param boardChanged called when another position comes on the board
     */
    WhatIfPage(
            Services services,
            DefenceModel model,
            BiConsumer<Position, Consumer<Position>> setUp,
            LongConsumer openExercise,
            Runnable boardChanged) {
        super(8);
        this.services = services;
        this.model = model;
        this.setUp = setUp;
        this.openExercise = openExercise;
        this.boardChanged = boardChanged;
        saver = new FileSaver(services, this);
        reply.setId("what-if-reply");
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
                                        "what-if-propose", "Propose variants", this::propose),
                                Widgets.button("what-if-add", "Add a variant", this::add),
                                Widgets.button("what-if-remove", "Take the row out", this::remove),
                                Widgets.spacer(),
                                Widgets.button("what-if-save", "Save or print", this::save)),
                        scroll,
                        reply,
                        Widgets.row(
                                Widgets.button(
                                        "what-if-exercise", "Row as exercise", this::exercise),
                                Widgets.label(
                                        "Press a cell for its line; the row stands on the board.",
                                        "faded")));
        show();
    }

    /** What the board shows: the chosen row, else the position itself. */
    TreeSession session() {
        return row.isPresent() ? shown : model.sheet();
    }

    /** Forgets the table of another position. */
    void clear() {
        table = Optional.empty();
        row = Optional.empty();
        show();
    }

    // ---- Filling --------------------------------------------------------------------------------

    private Optional<Elimination> found() {
        Optional<Elimination> found = model.foundProperty().get().filter(e -> e.done() == 1);
        if (found.isEmpty()) {
            services.messages().say("Wait until every move has been looked at.");
        }
        return found;
    }

    private static List<Move> defences(Elimination found) {
        return VariantProposer.defences(found, COLUMNS);
    }

    void propose() {
        found().ifPresent(
                        e ->
                                fill(
                                        e,
                                        "Looking for the smallest changes that turn a verdict",
                                        (judge, progress) ->
                                                new VariantProposer(judge)
                                                        .propose(
                                                                e.position(),
                                                                defences(e),
                                                                WhatIf.wanted(e.result()),
                                                                PROPOSED,
                                                                progress::accept)));
    }

    /** Work that makes a table. */
    private interface Filling {
        WhatIf run(Judge judge, Consumer<Double> progress);
    }

    private void fill(Elimination found, String name, Filling filling) {
        if (defences(found).isEmpty()) {
            services.messages().say("Nothing holds here and nothing looks as if it did.");
            return;
        }
        services.scheduler()
                .<Optional<WhatIf>>longWork(
                        name,
                        (cancellation, progress) -> {
                            try {
                                Judge judge = model.judges(cancellation).get(0);
                                return Optional.of(filling.run(judge, progress));
                            } catch (CancellationException e) {
                                return Optional.empty();
                            }
                        },
                        made -> {
                            services.messages().say("");
                            boolean here = model.position().equals(Optional.of(found.position()));
                            made.filter(t -> here).ifPresent(this::show);
                        });
    }

    /** Lets a variant be made by clicking, beginning with the row chosen. */
    void add() {
        found().ifPresent(
                        e -> {
                            Position from =
                                    row.flatMap(r -> table.map(t -> t.rows().get(r).position()))
                                            .orElse(e.position());
                            setUp.accept(from, changed -> add(e, changed));
                        });
    }

    private void add(Elimination found, Position changed) {
        WhatIf.Row variant = WhatIf.Row.of(found.position(), changed);
        fill(
                found,
                "Trying the defences",
                (judge, progress) -> {
                    WhatIf.Row base = new WhatIf.Row("as it is", found.position());
                    Holding wanted = WhatIf.wanted(found.result());
                    WhatIf before =
                            table.orElseGet(
                                    () ->
                                            WhatIf.of(
                                                    List.of(base),
                                                    defences(found),
                                                    wanted,
                                                    judge,
                                                    p -> {}));
                    return before.with(variant, judge);
                });
    }

    private void remove() {
        if (row.filter(r -> r > 0).isEmpty()) {
            services.messages().say("Choose a variant first; the first row stays.");
            return;
        }
        int chosen = row.get();
        row = Optional.empty();
        table.ifPresent(t -> show(t.without(chosen)));
        boardChanged.run();
    }

    // ---- Showing --------------------------------------------------------------------------------

    private void show(WhatIf now) {
        table = Optional.of(now);
        show();
    }

    private void show() {
        grid.getChildren().clear();
        reply.setText("");
        if (table.isEmpty()) {
            grid.add(
                    Widgets.wrapped(
                            "The same position with one thing changed: which defences still work?"
                                    + " Let the program propose the smallest changes that turn a"
                                    + " verdict, or make a variant yourself.",
                            "empty-note"),
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
        button.setOnAction(e -> choose(index, List.of()));
        button.getStyleClass().add("what-if-name");
        button.setWrapText(true);
        button.setMinWidth(150);
        button.setMaxWidth(Double.MAX_VALUE);
        button.setMinHeight(Region.USE_PREF_SIZE);
        GridPane.setHgrow(button, Priority.ALWAYS);
        return button;
    }

    private Button cell(WhatIf t, int i, int j) {
        WhatIf.Cell cell = t.cells().get(i).get(j);
        Button button = Widgets.button("what-if-" + i + "-" + j, cell.state().words(), () -> {});
        button.getStyleClass().addAll("what-if-cell", cell.state().word());
        boolean turned = i > 0 && cell.state() != t.cells().get(0).get(j).state();
        if (turned) {
            button.getStyleClass().add("turned");
        }
        Position position = t.rows().get(i).position();
        cell.weighed()
                .ifPresent(w -> button.setTooltip(new Tooltip(Line.numbered(position, w.line()))));
        List<Move> line = cell.weighed().map(w -> w.line()).orElse(List.of());
        button.setOnAction(e -> choose(i, line));
        button.setOnKeyPressed(
                e -> {
                    if (e.getCode() == KeyCode.ENTER) {
                        choose(i, line);
                        e.consume();
                    }
                });
        return button;
    }

    private void choose(int index, List<Move> line) {
        row = Optional.of(index);
        Position position = table.orElseThrow().rows().get(index).position();
        TreeEditor editor = new TreeEditor(new MoveTree(position));
        if (!line.isEmpty()) {
            editor.addLine(editor.tree().root(), line);
        }
        shown.open(editor.tree(), OptionalLong.empty());
        if (!line.isEmpty()) {
            shown.forward();
        }
        String name = table.get().rows().get(index).name();
        reply.setText(line.isEmpty() ? name : name + ":  " + Line.numbered(position, line));
        boardChanged.run();
    }

    // ---- Keeping --------------------------------------------------------------------------------

    private void save() {
        if (table.isEmpty()) {
            services.messages().say("There is no table yet.");
            return;
        }
        saver.choose("Save the table", "what-if.pdf", "pdf", "html", "epd")
                .ifPresent(file -> write(table.get(), file));
    }

    /** Writes the table; the ending of the name decides how. */
    void write(WhatIf what, File file) {
        if (file.getName().toLowerCase(Locale.ROOT).endsWith(".epd")) {
            String text = WhatIfRows.of(what).text();
            saver.writeText(file, () -> text);
        } else {
            saver.save(WhatIfSheet.report(what, "What if", services.marking().name()), file);
        }
    }

    private void exercise() {
        if (table.isEmpty() || row.isEmpty()) {
            services.messages().say("Choose a row first.");
            return;
        }
        Position position = table.get().rows().get(row.get()).position();
        services.scheduler()
                .<Optional<Made>>longWork(
                        "Drafting the exercise",
                        (cancellation, progress) ->
                                new DefenceDraft(model.judges(cancellation))
                                        .draft(position, DefenceTask.ELIMINATION, progress::accept)
                                        .map(this::keep),
                        made -> made.ifPresent(this::open));
    }

    /** An exercise that was kept, or why there is none. */
    private record Made(OptionalLong id, String why) {}

    private Made keep(DefenceDraft.Result result) {
        return result.tree()
                .map(PgnWriter::write)
                .map(pgn -> OptionalLong.of(services.library().sheets().add(pgn)))
                .map(id -> new Made(id, ""))
                .orElse(new Made(OptionalLong.empty(), result.why()));
    }

    private void open(Made made) {
        services.messages().say(made.id().isPresent() ? "Drafted from the row." : made.why());
        made.id().ifPresent(openExercise);
    }
}
