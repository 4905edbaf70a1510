package org.zeroply.desktop.app;

import java.time.Clock;
import java.time.Duration;
import java.time.ZoneId;
import java.time.format.DateTimeFormatter;
import java.util.List;
import javafx.geometry.Pos;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import org.zeroply.desktop.controls.Command;
import org.zeroply.desktop.controls.Dialogs;
import org.zeroply.desktop.controls.RowTable;
import org.zeroply.desktop.controls.Widgets;
import org.zeroply.desktop.work.Services;
import org.zeroply.library.sheet.BinStore;

/** The bin: what was removed, for thirty days; all of it can be brought back. */
final class BinPane extends VBox {

    private static final DateTimeFormatter WHEN =
            DateTimeFormatter.ofPattern("yyyy-MM-dd HH:mm").withZone(ZoneId.systemDefault());

    private final Services services;
    private final Dialogs dialogs;
    private final Runnable restored;
    private final RowTable<BinStore.Entry> table =
            new RowTable<>(
                    "bin-table",
                    BinStore.Entry::item,
                    "The bin is empty. What you remove stays here for thirty days.");

    /**
     * @param restored called when something was brought back
     */
    BinPane(Services services, Dialogs dialogs, Runnable restored) {
        super(10);
        this.services = services;
        this.dialogs = dialogs;
        this.restored = restored;
        setId("bin");
        setMaxSize(760, 480);
        setPrefSize(760, 480);
        table.several();
        table.text("What", 90, e -> e.item().kind().word());
        table.text("Name", 330, BinStore.Entry::title);
        table.text("Removed", 130, e -> WHEN.format(e.deletedAt()));
        table.figure("Days left", 80, BinPane::daysLeft, String::valueOf);
        table.onOpen(e -> restore());
        table.onRemove(chosen -> askForGood());
        table.onMenu(
                chosen ->
                        List.of(
                                Command.of("Bring back", this::restore),
                                Command.of("Remove for good …", this::askForGood)));
        VBox.setVgrow(table, Priority.ALWAYS);
        HBox buttons =
                new HBox(
                        8,
                        Widgets.removing("bin-remove", "Remove for good …", this::askForGood),
                        Widgets.spacer(),
                        Widgets.button("bin-close", "Close", dialogs::close),
                        Widgets.primary("bin-restore", "Bring back", this::restore));
        buttons.setAlignment(Pos.CENTER_LEFT);
        getChildren().addAll(Widgets.label("Bin", "sheet-title"), table, buttons);
        read();
    }

    private static long daysLeft(BinStore.Entry entry) {
        Duration left = Duration.between(Clock.systemUTC().instant(), entry.goneAt());
        return Math.max(0, left.toDays());
    }

    private void read() {
        services.scheduler()
                .library(
                        () -> services.library().bin().all(),
                        found -> {
                            table.show(found);
                            if (table.chosen().isEmpty()) {
                                table.getSelectionModel().selectFirst();
                            }
                        });
    }

    private List<BinStore.Item> items() {
        return table.chosen().stream().map(BinStore.Entry::item).toList();
    }

    private void restore() {
        List<BinStore.Item> items = items();
        if (items.isEmpty()) {
            services.messages().say("Choose what is to come back.");
            return;
        }
        services.scheduler()
                .library(
                        () -> {
                            services.library().bin().restore(items);
                            return items.size();
                        },
                        count -> {
                            services.messages()
                                    .say(count == 1 ? "It is back." : count + " things are back.");
                            read();
                            restored.run();
                        });
    }

    private void askForGood() {
        List<BinStore.Item> items = items();
        if (items.isEmpty()) {
            return;
        }
        dialogs.ask(
                items.size() == 1
                        ? "Remove it for good?"
                        : "Remove " + items.size() + " things for good?",
                "What is removed from the bin cannot be brought back, and what belongs to it goes"
                        + " along. Attempts stay when their exercise goes.",
                List.of(
                        new Dialogs.Answer("bin-keep", "Keep", this::reopen),
                        new Dialogs.Answer(
                                "bin-remove-good", "Remove for good", () -> removeForGood(items))));
    }

    private void reopen() {
        dialogs.show(this);
    }

    private void removeForGood(List<BinStore.Item> items) {
        services.scheduler()
                .library(
                        () -> {
                            services.library().bin().remove(items);
                            return true;
                        },
                        gone -> {
                            reopen();
                            read();
                        });
    }
}
