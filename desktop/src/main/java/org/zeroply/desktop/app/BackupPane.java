package org.zeroply.desktop.app;

import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import java.util.function.BiConsumer;
import java.util.stream.Collectors;
import javafx.geometry.Pos;
import javafx.scene.control.CheckBox;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import org.zeroply.desktop.controls.Dialogs;
import org.zeroply.desktop.controls.RowTable;
import org.zeroply.desktop.controls.Widgets;
import org.zeroply.desktop.work.Services;
import org.zeroply.library.care.Backups;
import org.zeroply.library.care.Change;

/** The copies of the library; one can be put in its place, after a look at what would change. */
final class BackupPane extends VBox {

    private static final double MEGABYTE = 1 << 20;

    private final Services services;
    private final Dialogs dialogs;
    private final BiConsumer<Path, String> reopen;
    private final CheckBox daily = new CheckBox("A copy every day");
    private final RowTable<Backups.Backup> table =
            new RowTable<>(
                    "backup-table",
                    Backups.Backup::file,
                    "There is no copy yet. One is made every day, and when you ask for it.");

    /**
     * @param reopen opens the library anew when a copy has taken its place, and says this then
     */
    BackupPane(Services services, Dialogs dialogs, BiConsumer<Path, String> reopen) {
        super(10);
        this.services = services;
        this.dialogs = dialogs;
        this.reopen = reopen;
        setId("backups");
        setMaxSize(620, 440);
        setPrefSize(620, 440);
        table.text("Day", 120, b -> b.day().toString());
        table.text("Size", 100, b -> size(b.bytes()));
        table.text("File", 330, b -> b.file().getFileName().toString());
        table.onOpen(this::look);
        VBox.setVgrow(table, Priority.ALWAYS);
        daily.setId("backups-daily");
        daily.setOnAction(e -> turn(daily.isSelected()));
        HBox buttons =
                new HBox(
                        8,
                        daily,
                        Widgets.spacer(),
                        Widgets.button("backups-make", "Make one now", this::make),
                        Widgets.button("backups-close", "Close", dialogs::close),
                        Widgets.primary("backups-restore", "Restore …", this::lookAtChosen));
        buttons.setAlignment(Pos.CENTER_LEFT);
        getChildren()
                .addAll(
                        Widgets.label("Backups", "sheet-title"),
                        Widgets.wrapped(
                                "Kept: the last "
                                        + Backups.DAYS
                                        + " days and the last of each of "
                                        + Backups.WEEKS
                                        + " weeks, in "
                                        + services.library().backups().folder(),
                                "faded"),
                        table,
                        buttons);
        read();
    }

    private static String size(long bytes) {
        return String.format(Locale.ROOT, "%.1f MB", bytes / MEGABYTE);
    }

    private record Found(boolean daily, List<Backups.Backup> all) {}

    private void read() {
        Backups backups = services.library().backups();
        services.scheduler()
                .library(
                        () -> new Found(backups.isOn(), backups.all()),
                        found -> {
                            daily.setSelected(found.daily());
                            table.show(found.all());
                            if (table.chosen().isEmpty()) {
                                table.getSelectionModel().selectFirst();
                            }
                        });
    }

    private void turn(boolean on) {
        services.scheduler()
                .library(
                        () -> {
                            services.library().backups().turn(on);
                            return on;
                        },
                        now -> read());
    }

    private void make() {
        services.saves().flush();
        services.scheduler()
                .library(
                        () -> services.library().backups().make(),
                        made -> {
                            services.messages().say("A copy was made: " + made.file());
                            read();
                        });
    }

    private void lookAtChosen() {
        if (table.chosen().isEmpty()) {
            services.messages().say("Choose a copy first.");
            return;
        }
        look(table.chosen().get(0));
    }

    /** Tells what would change, and asks. */
    private void look(Backups.Backup backup) {
        services.saves().flush();
        services.scheduler()
                .library(
                        () -> services.library().backups().changes(backup.file()),
                        changes -> ask(backup, changes));
    }

    private void ask(Backups.Backup backup, List<Change> changes) {
        String words =
                changes.isEmpty()
                        ? "It has the same games, exercises and students as now."
                        : changes.stream().map(Change::words).collect(Collectors.joining("; "))
                                + ".";
        dialogs.ask(
                "Go back to " + backup.day() + "?",
                words + " A copy of the library as it is now is made first.",
                List.of(
                        new Dialogs.Answer("restore-keep", "Stay", () -> dialogs.show(this)),
                        new Dialogs.Answer("restore-go", "Go back", () -> restore(backup))));
    }

    private void restore(Backups.Backup backup) {
        Path file = services.library().file();
        services.scheduler()
                .library(
                        () -> services.library().backups().restore(backup.file()),
                        before -> reopen.accept(file, "Restored. As it was before: " + before));
    }
}
