package org.zeroply.desktop.repertoire;

import java.io.File;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Supplier;
import javafx.scene.control.Button;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.input.Clipboard;
import javafx.scene.layout.VBox;
import javafx.stage.FileChooser;
import org.zeroply.chess.notation.Counted;
import org.zeroply.chess.notation.PgnEntry;
import org.zeroply.chess.notation.PgnReader;
import org.zeroply.chess.notation.PgnWriter;
import org.zeroply.chess.tree.MoveTree;
import org.zeroply.chess.tree.Node;
import org.zeroply.chess.tree.TreeEditor;
import org.zeroply.coach.repertoire.Merge;
import org.zeroply.desktop.controls.FindingList;
import org.zeroply.desktop.controls.Remark;
import org.zeroply.desktop.controls.Widgets;
import org.zeroply.desktop.work.Services;
import org.zeroply.desktop.work.TreeSession;

/**
 * Bringing lines into the open chapter: first what would be new and what conflicts, then merging.
 */
final class MergeView extends VBox {

    private static final String WHOLE = "whole lines";

    private final Services services;
    private final RepertoireModel model;
    private final Supplier<TreeSession> game;
    private final Label source = Widgets.wrapped("", "plain");
    private final FindingList list =
            new FindingList(
                    "merge-plan",
                    "Choose where the lines come from. Nothing changes before you press Merge.");
    private final Button merge = Widgets.button("merge", "Merge", this::merge);
    private final ComboBox<String> depth = new ComboBox<>();
    private List<MoveTree> whole = List.of();
    private List<MoveTree> incoming = List.of();

    /**
     * @param game the open game of the games desk
     */
    MergeView(Services services, RepertoireModel model, Supplier<TreeSession> game) {
        super(8);
        this.services = services;
        this.model = model;
        this.game = game;
        source.setId("merge-source");
        depth.setId("merge-depth");
        depth.setAccessibleText("As far as which move lines are taken");
        depth.getItems()
                .addAll("to move 8", "to move 10", "to move 12", "to move 15", "to move 20", WHOLE);
        depth.setValue("to move 15");
        depth.setOnAction(e -> cut());
        getChildren()
                .addAll(
                        Widgets.row(
                                Widgets.button("merge-file", "From a file …", this::file),
                                Widgets.button("merge-paste", "Paste", this::paste),
                                Widgets.button("merge-game", "The open game", this::openGame),
                                Widgets.spacer(),
                                depth,
                                merge),
                        source,
                        list);
        model.session().revisionProperty().addListener(o -> plan());
        plan();
    }

    private void file() {
        FileChooser chooser = new FileChooser();
        chooser.setTitle("Lines to bring in");
        chooser.getExtensionFilters().add(new FileChooser.ExtensionFilter("PGN", "*.pgn"));
        File file = chooser.showOpenDialog(getScene().getWindow());
        if (file != null) {
            file(file);
        }
    }

    /** Looks at a file. */
    void file(File file) {
        services.scheduler()
                .library(
                        () -> PgnReader.readAll(file.toPath()),
                        entries -> take(entries, file.getName()));
    }

    private void paste() {
        String text = Clipboard.getSystemClipboard().getString();
        take(text == null ? List.of() : PgnReader.readAll(text), "the clipboard");
    }

    private void openGame() {
        String pgn = PgnWriter.write(game.get().tree());
        take(PgnReader.readAll(pgn), "the open game");
    }

    /** Looks at lines; what cannot be read is told. */
    void take(List<PgnEntry> entries, String name) {
        whole =
                entries.stream()
                        .filter(PgnEntry.Game.class::isInstance)
                        .map(e -> ((PgnEntry.Game) e).tree())
                        .filter(t -> !t.mainLine().isEmpty())
                        .toList();
        long problems = entries.stream().filter(PgnEntry.Problem.class::isInstance).count();
        source.setText(
                "From "
                        + name
                        + ": "
                        + Counted.of(whole.size(), "tree")
                        + (problems == 0
                                ? "."
                                : "; " + problems + " could not be read and stay out."));
        cut();
    }

    /** Takes the lines as far as was chosen. */
    private void cut() {
        String chosen = depth.getValue();
        int move =
                chosen.equals(WHOLE)
                        ? Integer.MAX_VALUE
                        : Integer.parseInt(chosen.replaceAll("\\D", ""));
        incoming = whole.stream().map(t -> cut(t, move)).toList();
        plan();
    }

    private static MoveTree cut(MoveTree tree, int move) {
        TreeEditor editor = new TreeEditor(tree.copy());
        editor.tree().nodes().stream()
                .filter(n -> n.position().fullmoveNumber() > move)
                .filter(n -> n.parent().isPresent())
                .filter(n -> n.parent().get().position().fullmoveNumber() <= move)
                .forEach(editor::deleteRest);
        source(tree)
                .ifPresent(
                        game -> {
                            Node end = editor.tree().root().mainLineEnd();
                            String said = end.annotation().after();
                            editor.comment(end, said.isEmpty() ? game : said + " / " + game);
                        });
        return editor.tree();
    }

    /** The game a line comes from, which stays at its end. */
    private static Optional<String> source(MoveTree game) {
        String white = game.tag("White").replace("?", "");
        String black = game.tag("Black").replace("?", "");
        String date = game.tag("Date").replaceAll("[.?]*\\?.*", "");
        return white.isBlank() || black.isBlank()
                ? Optional.empty()
                : Optional.of(
                        "From "
                                + white
                                + " – "
                                + black
                                + (date.isEmpty() ? "" : ", " + date)
                                + ".");
    }

    private void plan() {
        List<Remark> found = new ArrayList<>();
        boolean some = false;
        for (MoveTree tree : incoming) {
            try {
                Merge plan = Merge.plan(model.session().tree(), tree);
                some |= !plan.isEmpty();
                add(plan, found);
            } catch (IllegalArgumentException e) {
                found.add(new Remark("Left out", e.getMessage(), "", () -> {}));
            }
        }
        if (!incoming.isEmpty() && found.isEmpty()) {
            found.add(new Remark("Nothing new", "The chapter has all of it.", "", () -> {}));
        }
        list.show(found);
        merge.setDisable(!some || model.session().id().isEmpty());
    }

    private static void add(Merge plan, List<Remark> found) {
        for (Merge.Conflict c : plan.conflicts()) {
            String text =
                    (c.line().isEmpty() ? "At the start" : c.line())
                            + ": "
                            + c.ours()
                            + " is recommended, "
                            + c.theirs()
                            + " would come in";
            found.add(new Remark("Conflict", text, "stays " + c.ours(), () -> {}));
        }
        plan.added().forEach(l -> found.add(new Remark("New", l, "", () -> {})));
        plan.remarks().forEach(l -> found.add(new Remark("Says more", l, "", () -> {})));
    }

    private void merge() {
        int before = model.session().tree().nodes().size();
        List<MoveTree> trees = incoming;
        incoming = List.of();
        whole = List.of();
        for (MoveTree tree : trees) {
            if (tree.start().equals(model.session().tree().start())) {
                Merge.apply(model.session().editor(), tree);
            }
        }
        int added = model.session().tree().nodes().size() - before;
        services.messages()
                .say(
                        Counted.of(added, "move")
                                + " brought in. Ctrl+Z takes them back step by step.");
        source.setText("");
        plan();
    }
}
