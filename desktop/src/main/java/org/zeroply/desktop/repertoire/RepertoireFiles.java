package org.zeroply.desktop.repertoire;

import java.io.File;
import java.util.function.Consumer;
import java.util.stream.Collectors;
import javafx.scene.Node;
import org.zeroply.chess.notation.PgnWriter;
import org.zeroply.coach.repertoire.Repertoire;
import org.zeroply.desktop.controls.FileSaver;
import org.zeroply.desktop.texts.Texts;
import org.zeroply.desktop.work.Services;
import org.zeroply.library.report.RepertoireBooklet;

/** What goes out of the Repertoire desk: all chapters of a side as PGN, and the booklet. */
final class RepertoireFiles {

    private final RepertoireModel model;
    private final FileSaver saver;

    /**
     * @param owner in whose window files are asked for
     */
    RepertoireFiles(Services services, RepertoireModel model, Node owner) {
        this.model = model;
        saver = new FileSaver(services, owner);
    }

    /** Asks where to, and writes the repertoire of the open chapter. */
    void savePgn() {
        repertoire(
                r ->
                        saver.saveText(
                                Texts.of("repertoire.save-the-repertoire"),
                                "repertoire.pgn",
                                () -> pgn(r)));
    }

    private static String pgn(Repertoire repertoire) {
        return repertoire.chapters().stream().map(PgnWriter::write).collect(Collectors.joining());
    }

    /** Asks where to, and writes the booklet. */
    void saveBooklet() {
        repertoire(
                r ->
                        saver.choose(
                                        Texts.of("repertoire.save-the-booklet"),
                                        "booklet.pdf",
                                        "pdf",
                                        "html")
                                .ifPresent(file -> saveBooklet(r, file)));
    }

    /** Writes the booklet, as a page when the name ends in {@code .html}, else as a PDF. */
    void saveBooklet(Repertoire repertoire, File file) {
        saver.save(RepertoireBooklet.of(repertoire), file);
    }

    private void repertoire(Consumer<Repertoire> use) {
        model.flush();
        model.viewProperty().get().map(RepertoireView::repertoire).ifPresent(use);
    }
}
