package org.zeroply.cli.repertoire;

import java.io.IOException;
import java.io.PrintWriter;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.zeroply.chess.notation.PgnEntry;
import org.zeroply.chess.notation.PgnReader;
import org.zeroply.chess.tree.Approach;
import org.zeroply.chess.tree.MoveTree;
import org.zeroply.cli.console.BadInputException;
import org.zeroply.cli.console.CacheFolder;
import org.zeroply.cli.console.Libraries;
import org.zeroply.coach.evaluation.MoveEvaluator;
import org.zeroply.coach.repertoire.EngineReplies;
import org.zeroply.coach.repertoire.GameBook;
import org.zeroply.coach.repertoire.Repertoire;
import org.zeroply.coach.repertoire.Replies;
import org.zeroply.coach.repertoire.Shares;
import org.zeroply.engine.analysis.Cancellation;
import org.zeroply.engine.analysis.Engine;
import org.zeroply.library.Library;
import org.zeroply.library.index.GameFilter;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;

/** The repertoire a question is about, and the games that tell how likely replies are. */
public final class RepertoireInput implements AutoCloseable {

    private static final int MEGABYTES = 16;

    @Parameters(index = "0", paramLabel = "REP.pgn", description = "The repertoire.")
    private Path file;

    @Option(
            names = "--games",
            description = "Games that tell how likely the replies are.",
            paramLabel = "G.pgn")
    private List<Path> games = new ArrayList<>();

    @Option(
            names = "--library",
            description = "A library whose games tell how likely the replies are.",
            paramLabel = "L")
    private Path library;

    @Option(
            names = "--approach",
            description = "quiet or sharp: the school whose moves are followed.",
            paramLabel = "A")
    private String approach = "";

    @Option(
            names = "--nodes",
            description =
                    "Nodes for each search; 0 asks no engine. Without games the engine tells how"
                            + " likely replies are.",
            paramLabel = "N")
    private long nodes = 50_000;

    @Mixin private CacheFolder cache;

    private final List<String> rejected = new ArrayList<>();
    private Optional<Library> open = Optional.empty();

    /** The repertoire. */
    public Repertoire repertoire(PrintWriter err) throws IOException {
        return read(file, rejected, err);
    }

    /**
     * The repertoire of a file.
     *
     * @param rejected gets what could not be read
     * @throws BadInputException if it is none
     */
    public static Repertoire read(Path file, List<String> rejected, PrintWriter err)
            throws IOException {
        try {
            return Repertoire.of(trees(file, rejected, err));
        } catch (IllegalArgumentException e) {
            throw new BadInputException(file + ": " + e.getMessage());
        }
    }

    /** The school asked for. */
    public Optional<Approach> school() {
        if (approach.isBlank()) {
            return Optional.empty();
        }
        return Optional.of(
                Approach.of(approach)
                        .orElseThrow(
                                () ->
                                        new BadInputException(
                                                "The approach is quiet or sharp, not "
                                                        + approach
                                                        + ".")));
    }

    /** How likely replies are by the games named. */
    public Shares shares(PrintWriter err) throws IOException {
        GameBook book = new GameBook();
        for (Path path : games) {
            trees(path, err).forEach(book::add);
        }
        if (library != null) {
            open = Optional.of(Libraries.existing(library));
            return new Shares(open.get().games().replies(GameFilter.ALL));
        }
        if (book.games() > 0) {
            return new Shares(book);
        }
        err.println(
                nodes > 0
                        ? "No games were named: the engine tells how likely replies are."
                        : "No games were named: how likely replies are rests on the repertoire"
                                + " alone.");
        return new Shares(nodes > 0 ? new EngineReplies(evaluator()) : Replies.NONE);
    }

    /** The games of a file; those that cannot be read are told. */
    public List<MoveTree> trees(Path path, PrintWriter err) throws IOException {
        return trees(path, rejected, err);
    }

    /**
     * The games of a file.
     *
     * @param rejected gets what could not be read
     */
    public static List<MoveTree> trees(Path path, List<String> rejected, PrintWriter err)
            throws IOException {
        List<MoveTree> trees = new ArrayList<>();
        try (PgnReader reader = PgnReader.open(path)) {
            for (Optional<PgnEntry> e = reader.next(); e.isPresent(); e = reader.next()) {
                if (e.get() instanceof PgnEntry.Game game) {
                    trees.add(game.tree());
                } else if (e.get() instanceof PgnEntry.Problem problem) {
                    rejected.add(problem.message());
                    err.println(problem.message());
                }
            }
        }
        return trees;
    }

    /** Nodes for each search; 0 when no engine is to be asked. */
    public long nodes() {
        return Math.max(0, nodes);
    }

    /** An engine of its own. */
    public Engine engine() {
        return cache.engine(MEGABYTES);
    }

    /** What moves are worth on the nodes chosen. */
    public MoveEvaluator evaluator() {
        return new MoveEvaluator(engine(), nodes, new Cancellation());
    }

    /** Games and chapters that could not be read. */
    public List<String> rejected() {
        return rejected;
    }

    @Override
    public void close() {
        open.ifPresent(Library::close);
    }
}
