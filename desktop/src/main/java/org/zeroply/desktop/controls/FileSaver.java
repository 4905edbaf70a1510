package org.zeroply.desktop.controls;

import java.io.File;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Supplier;
import javafx.scene.Node;
import javafx.stage.FileChooser;
import org.zeroply.desktop.texts.Texts;
import org.zeroply.desktop.work.Messages;
import org.zeroply.desktop.work.Services;
import org.zeroply.library.LibraryException;
import org.zeroply.library.database.FileTrouble;
import org.zeroply.library.database.WholeFile;
import org.zeroply.library.report.Report;
import org.zeroply.library.report.ReportWriter;

/** Asks where to save, and writes behind the window; failures are told in the status row. */
public final class FileSaver {

    private final Services services;
    private final Node owner;

    /**
     * @param owner in whose window files are asked for
     */
    public FileSaver(Services services, Node owner) {
        this.services = services;
        this.owner = owner;
    }

    /** Something that is written. */
    public interface Writing {
        void run() throws IOException;
    }

    /** Asks for a file with one of these endings. */
    public Optional<File> choose(String title, String name, String... endings) {
        FileChooser chooser = new FileChooser();
        chooser.setTitle(title);
        chooser.setInitialFileName(name);
        for (String ending : endings) {
            chooser.getExtensionFilters()
                    .add(
                            new FileChooser.ExtensionFilter(
                                    ending.toUpperCase(Locale.ROOT), "*." + ending));
        }
        return Optional.ofNullable(chooser.showSaveDialog(owner.getScene().getWindow()));
    }

    /** Writes a report, as a page when the name ends in {@code .html}, else as a PDF. */
    public void save(Report report, File file) {
        write(file, () -> ReportWriter.write(report, file.toPath()));
    }

    /**
     * Asks where to, and writes a text.
     *
     * @param name the name that is proposed; its ending is that of the file
     * @param text made behind the window
     */
    public void saveText(String title, String name, Supplier<String> text) {
        choose(title, name, name.substring(name.lastIndexOf('.') + 1))
                .ifPresent(file -> writeText(file, text));
    }

    /** Writes a text, which is made behind the window. */
    public void writeText(File file, Supplier<String> text) {
        write(file, () -> WholeFile.writeText(file.toPath(), text.get()));
    }

    /** Writes a file. */
    public void write(File file, Writing writing) {
        services.scheduler()
                .library(
                        () -> {
                            try {
                                writing.run();
                            } catch (IOException | UncheckedIOException e) {
                                throw new LibraryException(
                                        Texts.of(
                                                "controls.could-not-be-written",
                                                file,
                                                FileTrouble.reason(e)),
                                        e);
                            }
                            return file.getName();
                        },
                        name ->
                                services.messages()
                                        .say(
                                                Texts.of("controls.written-to", name),
                                                new Messages.Action(
                                                        Texts.of("controls.open"),
                                                        () ->
                                                                services.open(
                                                                        file.toURI().toString())),
                                                new Messages.Action(
                                                        Texts.of("controls.show-folder"),
                                                        () ->
                                                                services.open(
                                                                        file.getAbsoluteFile()
                                                                                .getParentFile()
                                                                                .toURI()
                                                                                .toString()))));
    }
}
