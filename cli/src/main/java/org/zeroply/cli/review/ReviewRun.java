package org.zeroply.cli.review;

import java.io.IOException;
import java.io.PrintWriter;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.Iterator;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import org.zeroply.chess.board.Side;
import org.zeroply.chess.notation.PgnEntry;
import org.zeroply.chess.notation.PgnReader;
import org.zeroply.chess.notation.PgnWriter;
import org.zeroply.chess.tree.MoveTree;
import org.zeroply.cli.console.BadInputException;
import org.zeroply.cli.console.CacheFolder;
import org.zeroply.cli.console.Libraries;
import org.zeroply.cli.console.ReportFile;
import org.zeroply.cli.repertoire.RepertoireInput;
import org.zeroply.coach.fact.tactics.theme.Theme;
import org.zeroply.coach.repertoire.Repertoire;
import org.zeroply.coach.review.FirstPass;
import org.zeroply.coach.review.GameReview;
import org.zeroply.coach.review.KnownGames;
import org.zeroply.coach.review.RememberingEngine;
import org.zeroply.coach.review.profile.Profile;
import org.zeroply.engine.analysis.Cancellation;
import org.zeroply.engine.analysis.Engine;
import org.zeroply.engine.search.BuiltInEngine;
import org.zeroply.library.Library;
import org.zeroply.library.sheet.SheetKind;
import org.zeroply.library.sheet.SheetOrder;
import org.zeroply.library.sheet.SheetQuery;
import org.zeroply.library.sheet.SheetRow;
import org.zeroply.library.sheet.SheetStore;
import org.zeroply.library.sheet.TrainingExercises;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;

/** How commands review games: on how many nodes, whose moves, and what is remembered where. */
final class ReviewRun {

    private static final int MEGABYTES = 16;

    @Mixin private CacheFolder cache;

    @Option(names = "--nodes", description = "Nodes for each search of a position.")
    private long nodes = FirstPass.NODES;

    @Option(
            names = "--player",
            description = "Review the moves of this player only; a part of the name will do.",
            paramLabel = "NAME")
    private String player = "";

    @Option(
            names = "--library",
            description =
                    "A library that remembers what was searched, and whose games are known games.",
            paramLabel = "L")
    private Path library;

    @Parameters(
            arity = "0..*",
            paramLabel = "FILE.pgn",
            description = "The games; without a file those of the library.")
    private List<Path> files = new ArrayList<>();

    @Option(
            names = "--report",
            description = "Write a report of each game or of the player, as PDF or HTML.",
            paramLabel = "OUT.pdf|OUT.html")
    private Path report;

    @Option(
            names = "--repertoire",
            description = "A repertoire; where a game leaves it is a moment too.",
            paramLabel = "REP.pgn")
    private Path repertoire;

    private Optional<Repertoire> chapters = Optional.empty();
    private final List<String> rejected = new ArrayList<>();
    private int reviewed;

    /** Told of every game when it is done. */
    interface Listener {
        /**
         * @param id number of the game in the library; 0 when it is not there
         */
        void done(long id, GameReview review) throws IOException;
    }

    /** The player named, or nothing. */
    String player() {
        return player.strip();
    }

    /** Engine and nodes, for stamps. */
    String stamp() {
        return BuiltInEngine.NAME + ", " + nodes + " nodes a search";
    }

    /** Nodes for each search. */
    long nodes() {
        return nodes;
    }

    /** Where a report is to be written, if one is wanted. */
    Optional<Path> report() {
        return Optional.ofNullable(report);
    }

    /** Games that could not be read. */
    List<String> rejected() {
        return rejected;
    }

    /** The side of the player, if a player was named and sits at this board. */
    Optional<Side> side(MoveTree game) {
        for (Side side : player().isEmpty() ? new Side[0] : Side.values()) {
            String name = game.tag(side.word()).toLowerCase(Locale.ROOT);
            if (name.contains(player().toLowerCase(Locale.ROOT))) {
                return Optional.of(side);
            }
        }
        return Optional.empty();
    }

    /**
     * Reviews the games of files, or, without a file, those of the library.
     *
     * @param err where progress and problems are told
     * @throws BadInputException if there is no game to review, or the report has no known ending
     */
    void run(PrintWriter err, Listener listener) throws IOException {
        report().ifPresent(ReportFile::check);
        if (repertoire != null) {
            chapters = Optional.of(RepertoireInput.read(repertoire, rejected, err));
        }
        if (nodes < 1) {
            throw new BadInputException("The nodes must be positive.");
        }
        if (files.isEmpty() && library == null) {
            throw new BadInputException("Name a PGN file, or a library with --library.");
        }
        Engine engine = cache.engine(MEGABYTES);
        if (library == null) {
            for (Path file : files) {
                file(file, engine, Optional.empty(), err, listener);
            }
        } else {
            try (Library open = Libraries.existing(library)) {
                Engine remembering = new RememberingEngine(engine, open.analyses());
                for (Path file : files) {
                    file(file, remembering, Optional.of(open), err, listener);
                }
                if (files.isEmpty()) {
                    games(open, remembering, err, listener);
                }
            }
        }
        if (reviewed == 0) {
            throw new BadInputException(
                    player().isEmpty()
                            ? "There is no game that can be read."
                            : "There is no game of " + player() + ".");
        }
    }

    /** Titles of the library's exercises for these themes; none without a library. */
    Map<Theme, List<String>> exercises(List<Profile.ThemeFigures> themes) {
        Map<Theme, List<String>> titles = new EnumMap<>(Theme.class);
        if (library != null) {
            try (Library open = Libraries.existing(library)) {
                TrainingExercises.of(
                                open.sheets(),
                                themes.stream().map(Profile.ThemeFigures::theme).toList())
                        .forEach(
                                (theme, rows) ->
                                        titles.put(
                                                theme,
                                                rows.stream().map(SheetRow::title).toList()));
            }
        }
        return titles;
    }

    private void file(
            Path file, Engine engine, Optional<Library> known, PrintWriter err, Listener listener)
            throws IOException {
        try (PgnReader reader = PgnReader.open(file)) {
            for (Optional<PgnEntry> entry = reader.next();
                    entry.isPresent();
                    entry = reader.next()) {
                if (entry.get() instanceof PgnEntry.Game game) {
                    MoveTree tree = game.tree();
                    long id =
                            known.flatMap(l -> l.sheets().findByPgn(PgnWriter.write(tree)))
                                    .orElse(0L);
                    review(id, tree, engine, known, err, listener);
                } else if (entry.get() instanceof PgnEntry.Problem problem) {
                    rejected.add(problem.message());
                    err.println(problem.message());
                }
            }
        }
    }

    /** The oldest game first, as they were added. */
    private void games(Library open, Engine engine, PrintWriter err, Listener listener)
            throws IOException {
        SheetQuery oldestFirst = SheetQuery.all(SheetKind.GAME).in(SheetOrder.OLDEST);
        Iterator<SheetStore.Stored> games = open.sheets().stream(oldestFirst).iterator();
        while (games.hasNext()) {
            SheetStore.Stored game = games.next();
            review(game.id(), game.tree(), engine, Optional.of(open), err, listener);
        }
    }

    private void review(
            long id,
            MoveTree game,
            Engine engine,
            Optional<Library> known,
            PrintWriter err,
            Listener listener)
            throws IOException {
        Optional<Side> only = side(game);
        if (!player().isEmpty() && only.isEmpty()) {
            return;
        }
        reviewed++;
        err.printf("%d. %s – %s%n", reviewed, game.tag("White"), game.tag("Black"));
        err.flush();
        KnownGames others = known.map(l -> l.games().without(id)).orElse(KnownGames.NONE);
        FirstPass pass = new FirstPass(engine, nodes, others);
        GameReview review =
                chapters.map(pass::with)
                        .orElse(pass)
                        .review(game, only, part -> {}, new Cancellation())
                        .orElseThrow();
        if (id != 0 && only.isEmpty()) {
            known.ifPresent(l -> l.reviews().done(id, nodes, review));
        }
        listener.done(id, review);
    }
}
