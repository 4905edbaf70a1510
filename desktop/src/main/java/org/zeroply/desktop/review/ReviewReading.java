package org.zeroply.desktop.review;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import javafx.beans.property.BooleanProperty;
import javafx.beans.property.ReadOnlyStringProperty;
import javafx.beans.property.ReadOnlyStringWrapper;
import org.zeroply.chess.notation.PgnWriter;
import org.zeroply.chess.tree.MoveTree;
import org.zeroply.coach.review.GameReview;
import org.zeroply.desktop.texts.Texts;
import org.zeroply.desktop.work.Services;
import org.zeroply.desktop.work.Task;
import org.zeroply.desktop.work.TreeSession;
import org.zeroply.library.review.ReviewStore;
import org.zeroply.library.review.Reviewed;
import org.zeroply.library.sheet.SheetStore;

/** Reads the review of the open game when there is one, and again when it was made anew. */
final class ReviewReading {

    /** Nanoseconds after which it is told how far a reading has come. */
    private static final long SOON = 1_000_000_000;

    /** Who shows what was read. */
    interface Reader {
        /**
         * What was shown is no longer so.
         *
         * @param sameGame whether the game is still open, and is reviewed anew
         */
        void cleared(boolean sameGame);

        /** There is no review of the open game yet. */
        void missing();

        /**
         * Shows a review.
         *
         * @param notes what the coach decided about its moments
         * @return what there is to say instead of moments, else empty
         */
        String read(GameReview review, List<ReviewStore.Note> notes);
    }

    private record Found(Reviewed made, List<ReviewStore.Note> notes) {}

    private final Services services;
    private final TreeSession game;
    private final BooleanProperty active;
    private final Reader reader;
    private final ReadOnlyStringWrapper state = new ReadOnlyStringWrapper("");
    private Optional<MoveTree> loaded = Optional.empty();
    private Optional<MoveTree> seen = Optional.empty();
    private Task<?> loading = Task.none();
    private boolean shown;
    private boolean outdated;
    private long nodes;
    private String engine = "";

    /**
     * @param active whether anybody looks; without that nothing is read
     */
    ReviewReading(Services services, TreeSession game, BooleanProperty active, Reader reader) {
        this.services = services;
        this.game = game;
        this.active = active;
        this.reader = reader;
        game.revisionProperty().addListener(o -> load());
        active.addListener(o -> load());
        services.reviews().entries().addListener((javafx.beans.Observable o) -> queueChanged());
    }

    /** What is missing or going on, in words; empty when the review is there. */
    ReadOnlyStringProperty stateProperty() {
        return state.getReadOnlyProperty();
    }

    /** Nodes for each search of this review. */
    long nodes() {
        return nodes;
    }

    /** Name of the engine that made it. */
    String engine() {
        return engine;
    }

    /** The open game in the queue of reviews. */
    private Optional<ReviewStore.Entry> entry() {
        return services.reviews().entries().stream()
                .filter(e -> game.isOpen(e.sheetId()))
                .findFirst();
    }

    private static boolean isDone(ReviewStore.Entry entry) {
        return entry.state() == ReviewStore.State.DONE;
    }

    private boolean isLoaded(MoveTree tree) {
        return loaded.equals(Optional.of(tree));
    }

    /** A game that waits in the queue gets a new review, which is read once it is done. */
    private void queueChanged() {
        outdated |= entry().filter(e -> !isDone(e)).isPresent();
        load();
    }

    private void load() {
        if (!active.get() || isLoaded(game.tree()) && !outdated) {
            return;
        }
        Optional<ReviewStore.Entry> entry = entry();
        if (isLoaded(game.tree()) && entry.filter(ReviewReading::isDone).isEmpty()) {
            return;
        }
        boolean same = seen.equals(Optional.of(game.tree()));
        seen = Optional.of(game.tree());
        loading.abandon();
        if (!same || shown) {
            loaded = Optional.empty();
            shown = false;
            reader.cleared(same);
        }
        if (entry.isEmpty() || !isDone(entry.get())) {
            state.set(entry.map(ReviewReading::waiting).orElseGet(this::missing));
            reader.missing();
            return;
        }
        loaded = Optional.of(game.tree());
        outdated = false;
        nodes = entry.get().nodes();
        state.set(Texts.of("review.reading-the-review"));
        read(entry.get().sheetId(), game.tree());
    }

    private String missing() {
        return game.tree().nodes().size() < 2
                ? Texts.of("review.open-a-game-to-review")
                : Texts.of("review.this-game-has-not-been");
    }

    private static String waiting(ReviewStore.Entry entry) {
        return entry.state() == ReviewStore.State.FAILED
                ? Texts.of("review.the-review-failed", entry.problem())
                : Texts.of("review.this-game-waits-in-the");
    }

    private void read(long id, MoveTree tree) {
        String pgn = PgnWriter.write(tree);
        long budget = nodes;
        loading =
                services.scheduler()
                        .beside(
                                (cancellation, progress) ->
                                        services.reviews()
                                                .review(
                                                        id,
                                                        SheetStore.parse(pgn),
                                                        budget,
                                                        services.marking(),
                                                        progress::accept,
                                                        cancellation)
                                                .map(r -> new Found(r, notes(id))),
                                found -> found.ifPresent(f -> show(tree, f)))
                        .whenFailed(reason -> unread(tree, reason));
        Task<?> reading = loading;
        long begun = System.nanoTime();
        reading.progressProperty()
                .addListener(
                        (o, was, is) -> {
                            if (loading == reading && System.nanoTime() - begun > SOON) {
                                reviewing(is.doubleValue());
                            }
                        });
    }

    private List<ReviewStore.Note> notes(long id) {
        return services.library().reviews().notes(id);
    }

    /** What no engine remembers all of is reviewed again, which takes as long as at first. */
    private void reviewing(double part) {
        state.set(
                String.format(
                        Locale.ROOT,
                        Texts.of("review.reviewing-the-game-again"),
                        Math.round(100 * part)));
    }

    /** A review that could not be read is read again when the desk next comes to the front. */
    private void unread(MoveTree tree, String reason) {
        if (isLoaded(tree)) {
            loaded = Optional.empty();
            state.set(Texts.of("review.the-review-could-not-be", reason));
        }
    }

    private void show(MoveTree tree, Found found) {
        if (!isLoaded(tree)) {
            return;
        }
        shown = true;
        engine = found.made().engine();
        state.set(reader.read(found.made().review(), found.notes()));
        String today = services.marking().name();
        if (!engine.equals(today)) {
            services.messages().say(Texts.of("review.reviewed-by-review-the-game", engine, today));
        }
    }
}
