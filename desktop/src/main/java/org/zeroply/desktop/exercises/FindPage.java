package org.zeroply.desktop.exercises;

import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalLong;
import java.util.function.LongConsumer;
import java.util.stream.Stream;
import javafx.collections.ListChangeListener;
import javafx.scene.control.Button;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.ProgressBar;
import javafx.scene.control.TextField;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.Side;
import org.zeroply.chess.notation.Counted;
import org.zeroply.chess.tree.MoveTree;
import org.zeroply.chess.tree.TreeEditor;
import org.zeroply.coach.exercise.find.DefenceFinder;
import org.zeroply.coach.exercise.find.GameExercise;
import org.zeroply.coach.exercise.find.Prospect;
import org.zeroply.coach.exercise.find.Ratings;
import org.zeroply.coach.exercise.find.Wishes;
import org.zeroply.coach.fact.material.Phase;
import org.zeroply.coach.fact.tactics.theme.Theme;
import org.zeroply.desktop.controls.Bar;
import org.zeroply.desktop.controls.Command;
import org.zeroply.desktop.controls.FindingList;
import org.zeroply.desktop.controls.Remark;
import org.zeroply.desktop.controls.Widgets;
import org.zeroply.desktop.texts.Texts;
import org.zeroply.desktop.work.Drafts;
import org.zeroply.desktop.work.ExerciseSearch;
import org.zeroply.desktop.work.Removal;
import org.zeroply.desktop.work.Services;
import org.zeroply.desktop.work.TreeSession;
import org.zeroply.library.sheet.BinStore;
import org.zeroply.library.sheet.FindStore;

/** Positions of the library's games that are worth setting, with the reason. */
final class FindPage extends VBox {

    private static final String ANY_SIDE = Texts.of("exercises.either-side");
    private static final String ANY_PHASE = Texts.of("exercises.any-phase");
    private static final String ANY_THEME = Texts.of("exercises.any-theme");
    private static final List<String> LENGTHS =
            List.of(
                    Texts.of("exercises.any-length"),
                    Texts.of("exercises.2-moves-or-more"),
                    Texts.of("exercises.3-moves-or-more"),
                    Texts.of("exercises.4-moves-or-more"));

    private final Services services;
    private final ExerciseSearch search;
    private final LongConsumer open;
    private final TreeSession session = new TreeSession();
    private final Removal removal;
    private final TextField player =
            field("find-player", Texts.of("exercises.who-is-to-move"), 130);
    private final TextField opening = field("find-opening", Texts.of("exercises.opening"), 120);
    private final TextField rating = field("find-rating", Texts.of("exercises.ratings"), 90);
    private final ComboBox<String> side =
            choice("find-side", List.of(ANY_SIDE, Side.WHITE.word(), Side.BLACK.word()));
    private final ComboBox<String> phase =
            choice(
                    "find-phase",
                    Stream.concat(
                                    Stream.of(ANY_PHASE),
                                    Arrays.stream(Phase.values()).map(Phase::word))
                            .toList());
    private final ComboBox<String> theme =
            choice(
                    "find-theme",
                    Stream.concat(
                                    Stream.of(ANY_THEME, DefenceFinder.THEME),
                                    Arrays.stream(Theme.values()).map(Theme::words))
                            .toList());
    private final ComboBox<String> length = choice("find-length", LENGTHS);
    private final FindingList list =
            new FindingList("finds", Texts.of("exercises.nothing-found-yet-press-look"));
    private List<FindStore.GameFind> shown = List.of();

    /**
     * @param open opens an exercise
     */
    FindPage(Services services, LongConsumer open) {
        super(8);
        this.services = services;
        this.search = services.search();
        this.open = open;
        removal =
                new Removal(
                        services,
                        session.trail(),
                        session::undo,
                        gone -> search.refresh(),
                        back -> search.refresh());
        list.onRemove(this::putAway);
        list.onMenu(
                List.of(
                        Command.of(Texts.of("exercises.set-as-exercise"), this::set),
                        new Command(Texts.of("exercises.put-away"), "Delete", this::putAway)));
        search.found().addListener((ListChangeListener<FindStore.GameFind>) c -> refresh());
        list.getSelectionModel().selectedIndexProperty().addListener(o -> showOnBoard());
        Bar wishes = new Bar(8, player, side, phase, theme, length, opening, rating);
        getChildren().addAll(wishes, list, tools());
        VBox.setVgrow(list, Priority.ALWAYS);
        for (TextField field : List.of(player, opening, rating)) {
            Widgets.whenTyped(field, this::refresh);
        }
        for (ComboBox<String> box : List.of(side, phase, theme, length)) {
            box.setOnAction(e -> refresh());
        }
    }

    private static TextField field(String id, String prompt, double width) {
        TextField field = new TextField();
        field.setId(id);
        field.setPromptText(prompt);
        field.setAccessibleText(prompt);
        field.setPrefWidth(width);
        return field;
    }

    private static ComboBox<String> choice(String id, List<String> values) {
        ComboBox<String> box = new ComboBox<>();
        box.setId(id);
        box.getItems().addAll(values);
        box.setValue(values.get(0));
        box.setAccessibleText(values.get(0));
        return box;
    }

    private HBox tools() {
        Label state = Widgets.label("", "faded");
        state.setId("find-state");
        state.textProperty().bind(search.stateProperty());
        state.setMinWidth(0);
        ProgressBar bar = new ProgressBar();
        bar.setPrefWidth(70);
        bar.progressProperty().bind(search.partProperty());
        bar.visibleProperty().bind(search.runningProperty());
        bar.managedProperty().bind(search.runningProperty());
        Button go =
                Widgets.button("find-go", Texts.of("exercises.look-through-games"), this::start);
        go.visibleProperty().bind(search.runningProperty().not());
        go.managedProperty().bind(go.visibleProperty());
        Button pause = Widgets.button("find-pause", Texts.of("exercises.pause"), search::pause);
        pause.visibleProperty().bind(search.runningProperty());
        pause.managedProperty().bind(pause.visibleProperty());
        return Widgets.row(
                Widgets.button("find-set", Texts.of("exercises.set-as-exercise"), this::set),
                Widgets.button("find-away", Texts.of("exercises.put-away"), this::putAway),
                state,
                Widgets.spacer(),
                bar,
                go,
                pause);
    }

    TreeSession session() {
        return session;
    }

    void shown() {
        search.refresh();
    }

    private Optional<Wishes> wishes() {
        Ratings ratings;
        try {
            ratings = Ratings.parse(rating.getText());
        } catch (IllegalArgumentException e) {
            services.messages().say(e.getMessage());
            return Optional.empty();
        }
        return Optional.of(
                new Wishes(
                        player.getText(),
                        Arrays.stream(Side.values())
                                .filter(s -> s.word().equals(side.getValue()))
                                .findFirst(),
                        opening.getText(),
                        ratings,
                        theme.getValue().equals(ANY_THEME) ? "" : theme.getValue(),
                        1 + LENGTHS.indexOf(length.getValue()),
                        Arrays.stream(Phase.values())
                                .filter(p -> p.word().equals(phase.getValue()))
                                .findFirst()));
    }

    private void start() {
        wishes().ifPresent(search::start);
    }

    private void refresh() {
        wishes().ifPresent(this::refresh);
    }

    private void refresh(Wishes wishes) {
        Optional<FindStore.GameFind> chosen = chosen();
        shown =
                search.found().stream()
                        .filter(f -> wishes.allows(f.prospect()))
                        .filter(f -> f.mover().toLowerCase(Locale.ROOT).contains(wishes.player()))
                        .toList();
        list.show(shown.stream().map(this::finding).toList());
        long id = chosen.map(FindStore.GameFind::id).orElse(-1L);
        int index = Math.max(0, shown.stream().map(FindStore.GameFind::id).toList().indexOf(id));
        if (!shown.isEmpty()) {
            list.getSelectionModel().select(index);
        }
    }

    private Remark finding(FindStore.GameFind find) {
        Prospect p = find.prospect();
        String length = Counted.of(p.ownMoves(), "move");
        String themes = p.themes().isEmpty() ? "" : "  ·  " + String.join(", ", p.themes());
        return new Remark(
                p.position().sideToMove().word() + ", " + length,
                find.title() + themes,
                p.reason() + ".",
                this::showOnBoard);
    }

    private Optional<FindStore.GameFind> chosen() {
        int index = list.getSelectionModel().getSelectedIndex();
        return index >= 0 && index < shown.size()
                ? Optional.of(shown.get(index))
                : Optional.empty();
    }

    /** The position with its solution and what tempts, to be stepped through; nothing is saved. */
    private void showOnBoard() {
        chosen().ifPresent(
                        find -> {
                            Prospect p = find.prospect();
                            TreeEditor editor = new TreeEditor(new MoveTree(p.position()));
                            editor.addLine(editor.tree().root(), p.line());
                            for (Move bait : p.tempting()) {
                                editor.add(editor.tree().root(), bait);
                            }
                            session.open(editor.tree(), OptionalLong.empty());
                        });
    }

    void set() {
        chosen().ifPresentOrElse(
                        this::set,
                        () -> services.messages().say(Texts.of("exercises.choose-a-find-first")));
    }

    private void set(FindStore.GameFind find) {
        Drafts.Drafting how =
                (drafter, progress, cancellation) ->
                        GameExercise.draft(
                                drafter,
                                find.prospect(),
                                services.library().sheets().load(find.sheetId()),
                                progress,
                                cancellation);
        if (find.prospect().isDefence()) {
            // The same nodes are searched for a defence whatever the drafter.
            services.drafts().setOnce(how, id -> made(find, id));
        } else {
            services.drafts().set(how, id -> made(find, id));
        }
    }

    private void made(FindStore.GameFind find, Optional<Long> id) {
        id.ifPresent(
                made -> {
                    search.set(find);
                    open.accept(made);
                });
    }

    void putAway() {
        chosen().ifPresentOrElse(
                        f ->
                                removal.remove(
                                        List.of(new BinStore.Item(BinStore.Kind.FIND, f.id())),
                                        Texts.of("exercises.find-of", f.title())),
                        () -> services.messages().say(Texts.of("exercises.choose-a-find-first")));
    }
}
