package org.zeroply.library.sample;

import com.fasterxml.jackson.databind.ObjectMapper;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.zip.GZIPInputStream;
import java.util.zip.GZIPOutputStream;
import org.zeroply.chess.tree.MoveTree;
import org.zeroply.chess.tree.Node;
import org.zeroply.chess.tree.TreeEditor;
import org.zeroply.coach.review.Annotator;
import org.zeroply.coach.review.FirstPass;
import org.zeroply.coach.review.GameReview;
import org.zeroply.coach.review.Moment;
import org.zeroply.coach.review.RememberingEngine;
import org.zeroply.engine.analysis.Cancellation;
import org.zeroply.engine.analysis.Engine;
import org.zeroply.engine.search.BuiltInEngine;
import org.zeroply.library.Library;
import org.zeroply.library.LibraryException;
import org.zeroply.library.database.FileTrouble;
import org.zeroply.library.review.RememberedAnalyses;
import org.zeroply.library.review.ReviewStore;
import org.zeroply.library.review.Reviewed;
import org.zeroply.library.sheet.SheetKind;
import org.zeroply.library.sheet.SheetQuery;
import org.zeroply.library.sheet.SheetRow;
import org.zeroply.library.sheet.SheetStore;

/**
 * Reviews of a few games of the demo club, with moments kept and reworded. The searches come with
 * the program, so that they are there at once; where the engine has changed since, they are made
 * again.
 */
final class SampleReviews {

    private static final String SHIPPED = "demo-reviews.json.gz";
    private static final String WHOSE = "Ilse Marram";
    private static final int GAMES = 3;
    private static final int FEWEST_PLIES = 50;
    private static final ObjectMapper JSON = new ObjectMapper();

    /** What the club's coach puts before what the program says of a moment. */
    private static final List<String> ADVICE =
            List.of(
                    "Count checks and captures before you move here.",
                    "Ask what the other side wants first.",
                    "Stop and look for the quiet move.");

    private SampleReviews() {}

    private static List<SheetRow> games(Library library) {
        return library
                .sheets()
                .find(new SheetQuery(SheetKind.GAME, WHOSE, "", FEWEST_PLIES))
                .stream()
                .limit(GAMES)
                .toList();
    }

    private static Optional<GameReview> review(Library library, long id, Engine engine) {
        Engine remembering = new RememberingEngine(engine, library.analyses());
        return new FirstPass(remembering, FirstPass.NODES, library.games().without(id))
                .review(
                        library.sheets().load(id),
                        Optional.empty(),
                        part -> {},
                        new Cancellation());
    }

    /** Reviews the games of an unpacked demo club, and writes the searches to a file. */
    static void make(Library library, Path out) throws IOException {
        Engine engine = new BuiltInEngine(32);
        for (SheetRow game : games(library)) {
            review(library, game.id(), engine);
        }
        try (OutputStream file = new GZIPOutputStream(Files.newOutputStream(out))) {
            // Those of an engine before may lie there too.
            JSON.writeValue(
                    file,
                    library.analyses().all().stream()
                            .filter(kept -> kept.engine().equals(engine.name()))
                            .toList());
        }
    }

    /** Puts the reviews into an unpacked demo club. */
    static void unpack(Library into) throws IOException {
        try (InputStream in = SampleReviews.class.getResourceAsStream(SHIPPED)) {
            if (in == null) {
                return;
            }
            RememberedAnalyses.Kept[] kept =
                    JSON.readValue(new GZIPInputStream(in), RememberedAnalyses.Kept[].class);
            into.analyses().take(List.of(kept));
        }
        List<SheetRow> games = games(into);
        // What the window opens first.
        into.settings().put(SheetStore.OPEN_GAME, games.get(0).id());
        into.reviews().queue(games.stream().map(SheetRow::id).toList(), FirstPass.NODES);
        for (SheetRow game : games) {
            // Where the engine is another one than that of the searches, the game waits in the
            // queue.
            Reviewed.remembered(
                            into,
                            game.id(),
                            into.sheets().load(game.id()),
                            FirstPass.NODES,
                            BuiltInEngine.NAME,
                            new Cancellation())
                    .ifPresent(made -> keep(into, game.id(), made.review()));
        }
    }

    private static void keep(Library library, long id, GameReview review) {
        library.reviews().done(id, FirstPass.NODES, review);
        MoveTree tree = library.sheets().load(id);
        TreeEditor editor = new TreeEditor(tree);
        Annotator annotator = new Annotator(new BuiltInEngine(1).name(), FirstPass.NODES);
        List<Moment> moments = new ArrayList<>(review.moments());
        for (int i = 0; i < Math.min(2, moments.size()); i++) {
            Moment moment = moments.get(i);
            String words = ADVICE.get((int) ((id + i) % ADVICE.size())) + " " + moment.text();
            int ply = moment.move().ply();
            library.reviews().note(id, new ReviewStore.Note(ply, ReviewStore.Decision.KEPT, words));
            Node node = tree.mainLine().get(ply - 1);
            annotator.write(editor, node, moment, words);
        }
        library.sheets().save(id, tree);
    }

    /** Reads what an unpacked demo cannot do without. */
    static void unpackInto(Library into) {
        try {
            unpack(into);
        } catch (IOException e) {
            throw new LibraryException(
                    "The reviews of the demo could not be unpacked: " + FileTrouble.reason(e), e);
        }
    }
}
