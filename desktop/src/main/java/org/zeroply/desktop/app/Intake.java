package org.zeroply.desktop.app;

import java.io.File;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.Supplier;
import javafx.scene.input.Clipboard;
import javafx.scene.input.DragEvent;
import javafx.scene.input.TransferMode;
import javafx.stage.FileChooser;
import javafx.stage.Window;
import org.zeroply.chess.board.InvalidPositionException;
import org.zeroply.chess.board.Position;
import org.zeroply.desktop.controls.Widgets;
import org.zeroply.desktop.texts.Texts;
import org.zeroply.desktop.work.Services;
import org.zeroply.desktop.work.Task;
import org.zeroply.desktop.work.WindowMemory;
import org.zeroply.library.sample.SampleLibrary;
import org.zeroply.library.transfer.ImportReport;
import org.zeroply.library.transfer.Importer;

/** What comes into the program and goes out of it: files, dropped or chosen, and the clipboard. */
final class Intake {

    private final Services services;
    private final Consumer<ImportReport> imported;
    private final Consumer<ImportReport> demo;
    private final Consumer<Position> analyse;
    private final Supplier<Window> window;
    private final WindowMemory memory;

    /**
     * @param imported told what was imported
     * @param demo told what the demo club brought
     * @param analyse given a position that was pasted
     * @param window over which files are asked for
     * @param memory remembers the files
     */
    Intake(
            Services services,
            Consumer<ImportReport> imported,
            Consumer<ImportReport> demo,
            Consumer<Position> analyse,
            Supplier<Window> window,
            WindowMemory memory) {
        this.memory = memory;
        this.services = services;
        this.imported = imported;
        this.demo = demo;
        this.analyse = analyse;
        this.window = window;
    }

    /** Asks for files and imports them. */
    void chooseImport() {
        FileChooser chooser = new FileChooser();
        chooser.setTitle(Texts.of("app.import-games-or-an-exported"));
        List<File> files = chooser.showOpenMultipleDialog(window.get());
        if (files != null) {
            importFiles(files.stream().map(File::toPath).toList());
        }
    }

    /** Imports files in the background and opens the newest game. */
    void importFiles(List<Path> files) {
        files.forEach(f -> memory.use("files", f));
        services.scheduler()
                .longWork(
                        Texts.of("app.importing"),
                        (cancellation, progress) ->
                                new Importer(
                                                services.library(),
                                                (f, text) -> progress.accept(f),
                                                cancellation)
                                        .files(files),
                        imported);
    }

    /** Fills an empty library with the demo club. */
    Task<ImportReport> unpackDemo() {
        return services.scheduler()
                .longWork(
                        Texts.of("app.unpacking-the-demo"),
                        (cancellation, progress) -> SampleLibrary.unpack(services.library()),
                        demo);
    }

    /** Takes a game or a position from the clipboard. */
    void paste() {
        String text = Optional.ofNullable(Clipboard.getSystemClipboard().getString()).orElse("");
        if (text.isBlank()) {
            services.messages().say(Texts.of("app.the-clipboard-holds-no-text"));
            return;
        }
        try {
            Position position = Position.fromFen(text);
            analyse.accept(position);
        } catch (InvalidPositionException e) {
            boolean fen = text.strip().lines().count() == 1 && text.contains("/");
            if (fen) {
                services.messages().say(e.getMessage());
                return;
            }
            services.scheduler()
                    .longWork(
                            Texts.of("app.reading-the-clipboard"),
                            (cancellation, progress) ->
                                    new Importer(
                                                    services.library(),
                                                    (f, t) -> progress.accept(f),
                                                    cancellation)
                                            .text(text, "clipboard"),
                            imported);
        }
    }

    /** Puts a text on the clipboard. */
    void copy(String what, String text) {
        Widgets.toClipboard(text);
        services.messages().say(Texts.of("app.is-on-the-clipboard", what));
    }

    /** Files may be dropped. */
    void dragOver(DragEvent e) {
        if (e.getDragboard().hasFiles()) {
            e.acceptTransferModes(TransferMode.COPY);
        }
        e.consume();
    }

    /** Imports files that were dropped. */
    void dropped(DragEvent e) {
        if (e.getDragboard().hasFiles()) {
            importFiles(e.getDragboard().getFiles().stream().map(File::toPath).toList());
            e.setDropCompleted(true);
        }
        e.consume();
    }
}
