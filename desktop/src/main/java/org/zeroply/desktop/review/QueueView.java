package org.zeroply.desktop.review;

import java.util.List;
import java.util.Locale;
import java.util.function.LongConsumer;
import java.util.stream.LongStream;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.ProgressBar;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import org.zeroply.chess.tree.GameResult;
import org.zeroply.desktop.controls.Command;
import org.zeroply.desktop.controls.RowTable;
import org.zeroply.desktop.controls.Widgets;
import org.zeroply.desktop.work.ReviewQueue;
import org.zeroply.desktop.work.Services;
import org.zeroply.library.review.ReviewStore;
import org.zeroply.library.sheet.SheetKind;
import org.zeroply.library.sheet.SheetQuery;

/** The queue of games to review: what is done, what goes on, what waits. */
final class QueueView extends VBox {

    private static final List<Long> BUDGETS = List.of(50_000L, 200_000L, 800_000L);

    private final Services services;
    private final ReviewQueue queue;
    private final LongConsumer open;
    private final RowTable<ReviewStore.Entry> table;
    private final ComboBox<Long> budget = new ComboBox<>();

    /**
     * @param open opens a reviewed game
     */
    QueueView(Services services, LongConsumer open) {
        super(8);
        this.services = services;
        this.queue = services.reviews();
        this.open = open;
        table =
                new RowTable<ReviewStore.Entry>(
                                "queue-table",
                                ReviewStore.Entry::sheetId,
                                "No games are queued. Press Queue all games, or choose a game on the"
                                        + " Games desk and press Review this game.")
                        .several();
        table.text("White", 130, e -> e.heading().white());
        table.text("Black", 130, e -> e.heading().black());
        table.text("Result", 60, e -> GameResult.shown(e.heading().result()));
        table.text("State", 92, this::state);
        table.figure(
                "Moments",
                78,
                e -> isDone(e) ? e.summary().moments() : -1,
                n -> n < 0 ? "" : String.valueOf(n));
        table.figure("Loss W", 66, e -> e.summary().whiteLoss().orElse(-1.0), QueueView::number);
        table.figure("Loss B", 66, e -> e.summary().blackLoss().orElse(-1.0), QueueView::number);
        table.onOpen(e -> openSelected());
        table.onRemove(chosen -> withdraw());
        table.onMenu(
                chosen ->
                        List.of(
                                new Command("Open", "Enter", this::openSelected),
                                new Command("Take out of the queue", "Delete", this::withdraw)));
        queue.entries()
                .addListener(
                        (javafx.beans.Observable o) -> table.show(List.copyOf(queue.entries())));
        queue.currentProperty().addListener(o -> table.refresh());
        queue.runningProperty().addListener(o -> table.refresh());
        VBox.setVgrow(table, Priority.ALWAYS);
        getChildren().addAll(tools(), table, progress());
    }

    private HBox tools() {
        budget.setId("review-budget");
        budget.setAccessibleText("Nodes for each search");
        budget.getItems().addAll(BUDGETS);
        Widgets.texts(
                budget,
                item ->
                        item < 100_000
                                ? "Quick look"
                                : item < 500_000 ? "Normal look" : "Thorough look");
        budget.setValue(BUDGETS.get(1));
        budget.setOnAction(e -> queue.setNodes(budget.getValue()));
        HBox tools =
                Widgets.row(
                        Widgets.button("queue-all", "Queue all games", this::queueAll),
                        Widgets.button("queue-open", "Open", this::openSelected),
                        Widgets.button("queue-withdraw", "Take out", this::withdraw),
                        budget);
        tools.setAlignment(Pos.CENTER_LEFT);
        return tools;
    }

    private HBox progress() {
        Label state = new Label();
        state.setId("queue-state");
        state.getStyleClass().add("faded");
        state.textProperty().bind(queue.stateProperty());
        ProgressBar bar = new ProgressBar();
        bar.setId("queue-progress");
        bar.progressProperty().bind(queue.partProperty());
        bar.visibleProperty().bind(queue.runningProperty());
        Button go = Widgets.button("queue-go", "Go on", queue::start);
        go.visibleProperty().bind(queue.runningProperty().not());
        go.managedProperty().bind(go.visibleProperty());
        Button pause = Widgets.button("queue-pause", "Pause", queue::pause);
        pause.visibleProperty().bind(queue.runningProperty());
        pause.managedProperty().bind(pause.visibleProperty());
        Region gap = new Region();
        HBox.setHgrow(gap, Priority.ALWAYS);
        HBox row = Widgets.row(state, gap, bar, go, pause);
        row.setAlignment(Pos.CENTER_LEFT);
        return row;
    }

    private static boolean isDone(ReviewStore.Entry entry) {
        return entry.state() == ReviewStore.State.DONE;
    }

    private String state(ReviewStore.Entry entry) {
        boolean now =
                queue.runningProperty().get() && queue.currentProperty().get() == entry.sheetId();
        return switch (entry.state()) {
            case DONE -> "done";
            case FAILED -> "failed: " + entry.problem();
            case WAITING -> now ? "under way" : "waits";
        };
    }

    private static String number(double value) {
        return value < 0 ? "" : String.format(Locale.ROOT, "%.1f", value);
    }

    private void openSelected() {
        ReviewStore.Entry entry = table.getSelectionModel().getSelectedItem();
        if (entry == null) {
            services.messages().say("Choose a game of the queue first.");
        } else {
            open.accept(entry.sheetId());
        }
    }

    private void withdraw() {
        List<Long> ids =
                table.getSelectionModel().getSelectedItems().stream()
                        .map(ReviewStore.Entry::sheetId)
                        .toList();
        if (!ids.isEmpty()) {
            queue.withdraw(ids);
            services.messages().say("Taken out of the queue; what is done stays.");
        }
    }

    private void queueAll() {
        services.scheduler()
                .library(
                        () ->
                                LongStream.of(
                                                services.library()
                                                        .sheets()
                                                        .ids(SheetQuery.all(SheetKind.GAME)))
                                        .boxed()
                                        .toList(),
                        queue::add);
    }
}
