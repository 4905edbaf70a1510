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
import org.zeroply.desktop.texts.Texts;
import org.zeroply.desktop.work.Services;
import org.zeroply.desktop.work.TreeSession;

/**
 * Bringing lines into the open chapter: first what would be new and what conflicts, then merging.
 */
final class MergeView extends VBox {

    private static final String WHOLE = Texts.of("repertoire.whole-lines");

    private final Services services;
    private final RepertoireModel model;
    private final Supplier<TreeSession> game;
    private final Label source = Widgets.wrapped("", "plain");
    private final FindingList list =
            new FindingList("merge-plan", Texts.of("repertoire.choose-where-the-lines-come"));
    private final Button merge = Widgets.button("merge", Texts.of("repertoire.merge"), this::merge);
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
        depth.setAccessibleText(Texts.of("repertoire.as-far-as-which-move"));
        depth.getItems()
                .addAll(
                        Texts.of("repertoire.to-move-8"),
                        Texts.of("repertoire.to-move-10"),
                        Texts.of("repertoire.to-move-12"),
                        Texts.of("repertoire.to-move-15"),
                        Texts.of("repertoire.to-move-20"),
                        WHOLE);
        depth.setValue(Texts.of("repertoire.to-move-15"));
        depth.setOnAction(e -> cut());
        getChildren()
                .addAll(
                        Widgets.row(
                                Widgets.button(
                                        "merge-file",
                                        Texts.of("repertoire.from-a-file"),
                                        this::file),
                                Widgets.button(
                                        "merge-paste", Texts.of("repertoire.paste"), this::paste),
                                Widgets.button(
                                        "merge-game",
                                        Texts.of("repertoire.the-open-game"),
                                        this::openGame),
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
        chooser.setTitle(Texts.of("repertoire.lines-to-bring-in"));
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
        take(
                text == null ? List.of() : PgnReader.readAll(text),
                Texts.of("repertoire.the-clipboard"));
    }

    private void openGame() {
        String pgn = PgnWriter.write(game.get().tree());
        take(PgnReader.readAll(pgn), Texts.of("repertoire.the-open-game-2"));
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
                Texts.of(
                        "repertoire.from",
                        name,
                        Counted.of(whole.size(), "tree"),
                        problems == 0
                                ? "."
                                : Texts.of("repertoire.could-not-be-read-and", problems)));
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
                        Texts.of(
                                "repertoire.from-2",
                                white,
                                black,
                                date.isEmpty() ? "" : ", " + date));
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
                found.add(
                        new Remark(Texts.of("repertoire.left-out"), e.getMessage(), "", () -> {}));
            }
        }
        if (!incoming.isEmpty() && found.isEmpty()) {
            found.add(
                    new Remark(
                            Texts.of("repertoire.nothing-new"),
                            Texts.of("repertoire.the-chapter-has-all-of"),
                            "",
                            () -> {}));
        }
        list.show(found);
        merge.setDisable(!some || model.session().id().isEmpty());
    }

    private static void add(Merge plan, List<Remark> found) {
        for (Merge.Conflict c : plan.conflicts()) {
            String text =
                    Texts.of(
                            "repertoire.is-recommended-would-come-in",
                            c.line().isEmpty() ? Texts.of("repertoire.at-the-start") : c.line(),
                            c.ours(),
                            c.theirs());
            found.add(
                    new Remark(
                            Texts.of("repertoire.conflict"),
                            text,
                            Texts.of("repertoire.stays", c.ours()),
                            () -> {}));
        }
        plan.added()
                .forEach(l -> found.add(new Remark(Texts.of("repertoire.new"), l, "", () -> {})));
        plan.remarks()
                .forEach(
                        l ->
                                found.add(
                                        new Remark(
                                                Texts.of("repertoire.says-more"),
                                                l,
                                                "",
                                                () -> {})));
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
                .say(Texts.of("repertoire.brought-in-ctrl-z-takes", Counted.of(added, "move")));
        source.setText("");
        plan();
    }
}
