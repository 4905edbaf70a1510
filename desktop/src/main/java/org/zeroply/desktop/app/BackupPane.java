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
import org.zeroply.desktop.texts.Texts;
import org.zeroply.desktop.work.Services;
import org.zeroply.library.care.Backups;
import org.zeroply.library.care.Change;

/** The copies of the library; one can be put in its place, after a look at what would change. */
final class BackupPane extends VBox {

    private static final double MEGABYTE = 1 << 20;

    private final Services services;
    private final Dialogs dialogs;
    private final BiConsumer<Path, String> reopen;
    private final CheckBox daily = new CheckBox(Texts.of("app.a-copy-every-day"));
    private final RowTable<Backups.Backup> table =
            new RowTable<>(
                    "backup-table", Backups.Backup::file, Texts.of("app.there-is-no-copy-yet"));

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
        table.text(Texts.of("app.day"), 120, b -> b.day().toString());
        table.text(Texts.of("app.size"), 100, b -> size(b.bytes()));
        table.text(Texts.of("app.file"), 330, b -> b.file().getFileName().toString());
        table.onOpen(this::look);
        VBox.setVgrow(table, Priority.ALWAYS);
        daily.setId("backups-daily");
        daily.setOnAction(e -> turn(daily.isSelected()));
        HBox buttons =
                new HBox(
                        8,
                        daily,
                        Widgets.spacer(),
                        Widgets.button("backups-make", Texts.of("app.make-one-now"), this::make),
                        Widgets.button("backups-close", Texts.of("app.close"), dialogs::close),
                        Widgets.primary(
                                "backups-restore", Texts.of("app.restore"), this::lookAtChosen));
        buttons.setAlignment(Pos.CENTER_LEFT);
        getChildren()
                .addAll(
                        Widgets.label(Texts.of("app.backups"), "sheet-title"),
                        Widgets.wrapped(
                                Texts.of(
                                        "app.kept-the-last-days-and",
                                        Backups.DAYS,
                                        Backups.WEEKS,
                                        services.library().backups().folder()),
                                "faded"),
                        table,
                        buttons);
        read();
    }

    private static String size(long bytes) {
        return String.format(Locale.ROOT, Texts.of("app.mb"), bytes / MEGABYTE);
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
                            services.messages().say(Texts.of("app.a-copy-was-made", made.file()));
                            read();
                        });
    }

    private void lookAtChosen() {
        if (table.chosen().isEmpty()) {
            services.messages().say(Texts.of("app.choose-a-copy-first"));
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
                        ? Texts.of("app.it-has-the-same-games")
                        : changes.stream().map(Change::words).collect(Collectors.joining("; "))
                                + ".";
        dialogs.ask(
                Texts.of("app.go-back-to", backup.day()),
                Texts.of("app.a-copy-of-the-library", words),
                List.of(
                        new Dialogs.Answer(
                                "restore-keep", Texts.of("app.stay"), () -> dialogs.show(this)),
                        new Dialogs.Answer(
                                "restore-go", Texts.of("app.go-back"), () -> restore(backup))));
    }

    private void restore(Backups.Backup backup) {
        Path file = services.library().file();
        services.scheduler()
                .library(
                        () -> services.library().backups().restore(backup.file()),
                        before ->
                                reopen.accept(
                                        file, Texts.of("app.restored-as-it-was-before", before)));
    }
}
