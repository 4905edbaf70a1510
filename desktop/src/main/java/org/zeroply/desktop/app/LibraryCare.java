package org.zeroply.desktop.app;

import java.io.File;
import java.nio.file.Path;
import java.util.List;
import javafx.geometry.Pos;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import org.zeroply.desktop.controls.Command;
import org.zeroply.desktop.controls.Dialogs;
import org.zeroply.desktop.controls.FileSaver;
import org.zeroply.desktop.controls.Widgets;
import org.zeroply.desktop.texts.Texts;
import org.zeroply.desktop.work.Services;
import org.zeroply.library.care.LibraryCheck;
import org.zeroply.library.transfer.Exporter;

/** Looking after the library: whether it is whole, its copies, and taking all of it elsewhere. */
final class LibraryCare {

    private final Workbench bench;
    private final Services services;

    LibraryCare(Workbench bench, Services services) {
        this.bench = bench;
        this.services = services;
    }

    List<Command> commands() {
        return List.of(
                Command.of(Texts.of("app.backups-2"), this::backups),
                Command.of(Texts.of("app.export-everything"), this::export));
    }

    private void backups() {
        bench.dialogs().show(new BackupPane(services, bench.dialogs(), bench::openLibrary));
    }

    /** Looks through the library and tells what is wrong. */
    void check() {
        services.scheduler()
                .<LibraryCheck.Result>longWork(
                        Texts.of("app.checking-the-library"),
                        (cancellation, progress) ->
                                services.library().check().run(progress::accept, cancellation),
                        this::checked);
    }

    private void checked(LibraryCheck.Result result) {
        VBox card =
                Dialogs.card(
                        result.isSound()
                                ? Texts.of("app.nothing-is-wrong")
                                : Texts.of("app.something-is-wrong-in-this"));
        card.setId("library-check");
        card.getChildren()
                .add(
                        Widgets.wrapped(
                                Texts.of("app.sheets-were-opened-and-read", result.sheets()),
                                "plain"));
        result.complaints()
                .forEach(c -> card.getChildren().add(Widgets.wrapped(c.what(), "plain")));
        HBox buttons = new HBox(8);
        buttons.setAlignment(Pos.CENTER_RIGHT);
        if (result.isMendable()) {
            card.getChildren().add(Widgets.wrapped(Texts.of("app.some-of-it-can-be"), "faded"));
            buttons.getChildren()
                    .add(Widgets.primary("check-mend", Texts.of("app.mend"), this::mend));
        }
        buttons.getChildren()
                .add(
                        0,
                        Widgets.button(
                                "check-close", Texts.of("app.close"), bench.dialogs()::close));
        card.getChildren().add(buttons);
        bench.dialogs().show(card);
    }

    private void mend() {
        bench.dialogs().close();
        services.scheduler()
                .<Path>longWork(
                        Texts.of("app.mending-the-library"),
                        (cancellation, progress) -> services.library().check().mend().file(),
                        copy -> {
                            services.messages().say(Texts.of("app.mended-as-it-was-before", copy));
                            check();
                        });
    }

    private void export() {
        new FileSaver(services, bench)
                .choose(Texts.of("app.export-everything-2"), "library.zip", "zip")
                .map(File::toPath)
                .ifPresent(this::export);
    }

    /** Writes games, exercises, chapters, students and the bin to a file. */
    void export(Path file) {
        // What was done a moment ago belongs to everything.
        services.afterSaving(() -> write(file));
    }

    private void write(Path file) {
        services.scheduler()
                .<Path>longWork(
                        Texts.of("app.exporting-everything"),
                        (cancellation, progress) -> {
                            new Exporter(services.library()).write(file);
                            return file;
                        },
                        done -> services.messages().say(Texts.of("app.everything-is-in", done)));
    }
}
