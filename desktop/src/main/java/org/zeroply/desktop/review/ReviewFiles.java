package org.zeroply.desktop.review;

import java.io.File;
import java.util.HashMap;
import java.util.HashSet;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import javafx.scene.Node;
import org.zeroply.chess.notation.PgnWriter;
import org.zeroply.chess.tree.TreeEditor;
import org.zeroply.coach.review.Annotator;
import org.zeroply.coach.review.GameReview;
import org.zeroply.desktop.controls.FileSaver;
import org.zeroply.desktop.texts.Texts;
import org.zeroply.desktop.work.Services;
import org.zeroply.library.report.GameReport;
import org.zeroply.library.report.Report;
import org.zeroply.library.sheet.SheetStore;

/** What goes out of the Review desk: reports as PDF or page, the annotated game as PGN. */
final class ReviewFiles {

    private final Services services;
    private final ReviewModel model;
    private final FileSaver saver;

    /**
     * @param owner in whose window files are asked for
     */
    ReviewFiles(Services services, ReviewModel model, Node owner) {
        this.services = services;
        this.model = model;
        saver = new FileSaver(services, owner);
    }

    private Optional<GameReview> review() {
        Optional<GameReview> review = model.reviewProperty().get();
        if (review.isEmpty()) {
            services.messages().say(Texts.of("review.there-is-no-review-of"));
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
        saver.choose(Texts.of("review.save-the-report"), "report.pdf", "pdf", "html")
                .ifPresent(file -> save(report, file));
    }

    /** Writes a report, as a page when the name ends in {@code .html}, else as a PDF. */
    void save(Report report, File file) {
        saver.save(report, file);
    }

    /** Asks where to, and writes the annotated game. */
    void saveAnnotated() {
        annotated()
                .ifPresent(
                        pgn ->
                                saver.saveText(
                                        Texts.of("review.save-the-annotated-game"),
                                        "annotated.pgn",
                                        () -> pgn));
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
}
