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
import org.zeroply.desktop.texts.Texts;
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
                                Texts.of("review.no-games-are-queued-press"))
                        .several();
        table.text(Texts.of("review.white"), 130, e -> e.heading().white());
        table.text(Texts.of("review.black"), 130, e -> e.heading().black());
        table.text(Texts.of("review.result"), 60, e -> GameResult.shown(e.heading().result()));
        table.text(Texts.of("review.state"), 92, this::state);
        table.figure(
                Texts.of("review.moments"),
                78,
                e -> isDone(e) ? e.summary().moments() : -1,
                n -> n < 0 ? "" : String.valueOf(n));
        table.figure(
                Texts.of("review.loss-w"),
                66,
                e -> e.summary().whiteLoss().orElse(-1.0),
                QueueView::number);
        table.figure(
                Texts.of("review.loss-b"),
                66,
                e -> e.summary().blackLoss().orElse(-1.0),
                QueueView::number);
        table.onOpen(e -> openSelected());
        table.onRemove(chosen -> withdraw());
        table.onMenu(
                chosen ->
                        List.of(
                                new Command(Texts.of("review.open"), "Enter", this::openSelected),
                                new Command(
                                        Texts.of("review.take-out-of-the-queue"),
                                        "Delete",
                                        this::withdraw)));
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
        budget.setAccessibleText(Texts.of("review.nodes-for-each-search"));
        budget.getItems().addAll(BUDGETS);
        Widgets.texts(
                budget,
                item ->
                        item < 100_000
                                ? Texts.of("review.quick-look")
                                : item < 500_000
                                        ? Texts.of("review.normal-look")
                                        : Texts.of("review.thorough-look"));
        budget.setValue(BUDGETS.get(1));
        budget.setOnAction(e -> queue.setNodes(budget.getValue()));
        HBox tools =
                Widgets.row(
                        Widgets.button(
                                "queue-all", Texts.of("review.queue-all-games"), this::queueAll),
                        Widgets.button("queue-open", Texts.of("review.open"), this::openSelected),
                        Widgets.button(
                                "queue-withdraw", Texts.of("review.take-out"), this::withdraw),
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
        Button go = Widgets.button("queue-go", Texts.of("review.go-on"), queue::start);
        go.visibleProperty().bind(queue.runningProperty().not());
        go.managedProperty().bind(go.visibleProperty());
        Button pause = Widgets.button("queue-pause", Texts.of("review.pause"), queue::pause);
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
            case FAILED -> Texts.of("review.failed", entry.problem());
            case WAITING -> now ? Texts.of("review.under-way") : "waits";
        };
    }

    private static String number(double value) {
        return value < 0 ? "" : String.format(Locale.ROOT, "%.1f", value);
    }

    private void openSelected() {
        ReviewStore.Entry entry = table.getSelectionModel().getSelectedItem();
        if (entry == null) {
            services.messages().say(Texts.of("review.choose-a-game-of-the"));
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
            services.messages().say(Texts.of("review.taken-out-of-the-queue"));
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
