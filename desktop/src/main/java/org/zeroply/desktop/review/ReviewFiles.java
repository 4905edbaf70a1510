package org.zeroply.desktop.review;

import java.io.File;
import java.io.IOException;
import java.io.OutputStream;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.util.HashMap;
import java.util.HashSet;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import javafx.scene.Node;
import javafx.stage.FileChooser;
import org.zeroply.chess.notation.PgnWriter;
import org.zeroply.chess.tree.TreeEditor;
import org.zeroply.coach.review.Annotator;
import org.zeroply.coach.review.GameReview;
import org.zeroply.desktop.session.MomentCard;
import org.zeroply.desktop.session.ReviewModel;
import org.zeroply.desktop.session.Services;
import org.zeroply.library.LibraryException;
import org.zeroply.library.print.GameReport;
import org.zeroply.library.print.HtmlReport;
import org.zeroply.library.print.PdfReport;
import org.zeroply.library.print.Report;
import org.zeroply.library.store.SheetStore;

/** What goes out of the Review desk: reports as PDF or page, the annotated game as PGN. */
final class ReviewFiles {

    private final Services services;
    private final ReviewModel model;
    private final Node owner;

    /**
     * @param owner in whose window files are asked for
     */
    ReviewFiles(Services services, ReviewModel model, Node owner) {
        this.services = services;
        this.model = model;
        this.owner = owner;
    }

    private Optional<GameReview> review() {
        Optional<GameReview> review = model.reviewProperty().get();
        if (review.isEmpty()) {
            services.background().say("There is no review of this game yet.");
        }
        return review.map(r -> r.with(model.cards().stream().map(MomentCard::moment).toList()));
    }

    /** The report of the open game, with the coach's words and without what was dismissed. */
    Optional<Report> gameReport() {
        Map<Integer, String> words = new HashMap<>();
        Set<Integer> dismissed = new HashSet<>();
        for (MomentCard card : model.cards()) {
            if (!card.words().isEmpty()) {
                words.put(card.ply(), card.words());
            }
            if (card.isDismissed()) {
                dismissed.add(card.ply());
            }
        }
        return review().map(r -> GameReport.of(r, words, dismissed, model.stamp()));
    }

    /** Asks where to, and writes a report. */
    void save(Report report) {
        choose("Save the report", "report.pdf", "pdf", "html")
                .ifPresent(file -> save(report, file));
    }

    /** Writes a report, as a page when the name ends in {@code .html}, else as a PDF. */
    void save(Report report, File file) {
        write(
                file,
                () -> {
                    if (file.getName().toLowerCase(Locale.ROOT).endsWith(".html")) {
                        Files.writeString(file.toPath(), HtmlReport.write(report));
                        return;
                    }
                    try (OutputStream out = Files.newOutputStream(file.toPath())) {
                        PdfReport.write(report, out);
                    }
                });
    }

    /** Asks where to, and writes the annotated game. */
    void saveAnnotated() {
        annotated()
                .ifPresent(
                        pgn ->
                                choose("Save the annotated game", "annotated.pgn", "pgn")
                                        .ifPresent(
                                                file ->
                                                        write(
                                                                file,
                                                                () ->
                                                                        Files.writeString(
                                                                                file.toPath(),
                                                                                pgn))));
    }

    /** The game with grades, lines and words, without what was dismissed. */
    Optional<String> annotated() {
        Map<Integer, String> said = new HashMap<>();
        model.cards().stream()
                .filter(c -> !c.isDismissed())
                .forEach(c -> said.put(c.ply(), c.said()));
        String pgn = PgnWriter.write(model.game().tree());
        return review().map(
                        review -> {
                            TreeEditor editor = new TreeEditor(SheetStore.parse(pgn));
                            new Annotator(services.marking().name(), model.nodes())
                                    .annotate(
                                            editor,
                                            review,
                                            m -> Optional.ofNullable(said.get(m.move().ply())));
                            return PgnWriter.write(editor.tree());
                        });
    }

    private Optional<File> choose(String title, String name, String... endings) {
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

    private interface Writing {
        void run() throws IOException;
    }

    private void write(File file, Writing writing) {
        services.background()
                .library(
                        () -> {
                            try {
                                writing.run();
                            } catch (IOException | UncheckedIOException e) {
                                throw new LibraryException(
                                        file
                                                + " could not be written: "
                                                + e.getMessage()
                                                + ". Choose another place.",
                                        e);
                            }
                            return file.getName();
                        },
                        name -> services.background().say("Written to " + name + "."));
    }
}
