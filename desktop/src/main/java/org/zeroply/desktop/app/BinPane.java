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
import org.zeroply.desktop.texts.Texts;
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
                    "bin-table", BinStore.Entry::item, Texts.of("app.the-bin-is-empty-what"));

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
        table.text(Texts.of("app.what"), 90, e -> e.item().kind().word());
        table.text(Texts.of("app.name"), 330, BinStore.Entry::title);
        table.text(Texts.of("app.removed"), 130, e -> WHEN.format(e.deletedAt()));
        table.figure(Texts.of("app.days-left"), 80, BinPane::daysLeft, String::valueOf);
        table.onOpen(e -> restore());
        table.onRemove(chosen -> askForGood());
        table.onMenu(
                chosen ->
                        List.of(
                                Command.of(Texts.of("app.bring-back"), this::restore),
                                Command.of(Texts.of("app.remove-for-good"), this::askForGood)));
        VBox.setVgrow(table, Priority.ALWAYS);
        HBox buttons =
                new HBox(
                        8,
                        Widgets.removing(
                                "bin-remove", Texts.of("app.remove-for-good"), this::askForGood),
                        Widgets.spacer(),
                        Widgets.button("bin-close", Texts.of("app.close"), dialogs::close),
                        Widgets.primary("bin-restore", Texts.of("app.bring-back"), this::restore));
        buttons.setAlignment(Pos.CENTER_LEFT);
        getChildren().addAll(Widgets.label(Texts.of("app.bin"), "sheet-title"), table, buttons);
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
            services.messages().say(Texts.of("app.choose-what-is-to-come"));
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
                                    .say(
                                            count == 1
                                                    ? Texts.of("app.it-is-back")
                                                    : Texts.of("app.things-are-back", count));
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
                        ? Texts.of("app.remove-it-for-good")
                        : Texts.of("app.remove-things-for-good", items.size()),
                Texts.of("app.what-is-removed-from-the"),
                List.of(
                        new Dialogs.Answer("bin-keep", Texts.of("app.keep"), this::reopen),
                        new Dialogs.Answer(
                                "bin-remove-good",
                                Texts.of("app.remove-for-good-2"),
                                () -> removeForGood(items))));
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
