package org.zeroply.cli.tournament;

import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.zeroply.chess.board.Side;
import org.zeroply.cli.console.BadInputException;
import org.zeroply.cli.console.CacheFolder;
import org.zeroply.coach.evaluation.MoveEvaluator;
import org.zeroply.coach.repertoire.tournament.Pairing;
import org.zeroply.coach.repertoire.tournament.PlayerName;
import org.zeroply.coach.repertoire.tournament.Tournament;
import org.zeroply.engine.analysis.Cancellation;
import org.zeroply.engine.search.BuiltInEngine;
import org.zeroply.library.Library;
import org.zeroply.library.sheet.SheetRow;
import org.zeroply.library.student.Student;
import org.zeroply.library.tournament.RoundBriefs;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;

/** A round of a tournament of a library, and whom it is looked at for. */
final class TournamentInput {

    private static final int MEGABYTES = 32;

    @Parameters(paramLabel = "TITLE", description = "The tournament; a part of its name will do.")
    private String title;

    @Option(names = "--library", required = true, paramLabel = "L")
    private Path library;

    @Option(
            names = "--player",
            required = true,
            description = "Whom the round is looked at for; a short form of the name will do.",
            paramLabel = "P")
    private String player;

    @Option(names = "--round", description = "The round, from 1.", paramLabel = "N")
    private Optional<Integer> round = Optional.empty();

    @Option(
            names = "--nodes",
            description = "Nodes for each search, ${DEFAULT-VALUE} if left out; 0 asks no engine.",
            paramLabel = "N")
    private long nodes = 100_000;

    @Mixin private CacheFolder cache;

    /** A pairing that was found. */
    record Found(long id, Tournament tournament, Pairing pairing, Side side) {
        String player() {
            return pairing.entrant(side).name();
        }
    }

    /** The library's file. */
    Path library() {
        return library;
    }

    /** An engine of its own. */
    BuiltInEngine engine() {
        return cache.engine(MEGABYTES);
    }

    /** What moves are worth on the nodes chosen; nothing where no engine is to be asked. */
    Optional<MoveEvaluator> evaluator() {
        return nodes <= 0
                ? Optional.empty()
                : Optional.of(
                        new MoveEvaluator(engine(), cache.endings(), nodes, new Cancellation()));
    }

    /**
     * The pairing asked for.
     *
     * @param usual which one of the player's is meant where no round is told
     * @throws BadInputException if there is none, or it is not clear which
     */
    Found find(Library open, Function<List<Pairing>, Optional<Pairing>> usual) {
        long id = id(open);
        Tournament tournament = open.tournaments().load(id);
        String name =
                PlayerName.among(tournament.players(), player)
                        .orElseThrow(
                                () ->
                                        new BadInputException(
                                                "Nobody in "
                                                        + tournament.title()
                                                        + " is "
                                                        + player
                                                        + ", or several may be."));
        Pairing pairing =
                (round.isPresent()
                                ? tournament.of(name, round.get())
                                : usual.apply(tournament.of(name)))
                        .orElseThrow(() -> new BadInputException(missing(tournament, name)));
        return new Found(id, tournament, pairing, pairing.side(name).orElseThrow());
    }

    /** The first that is not over. */
    static Optional<Pairing> next(List<Pairing> pairings) {
        return pairings.stream().filter(p -> !p.isOver() && !p.isBye()).findFirst();
    }

    /** The last that was played. */
    static Optional<Pairing> last(List<Pairing> pairings) {
        return pairings.stream()
                .filter(p -> p.isOver() && !p.isBye())
                .reduce((first, second) -> second);
    }

    private String missing(Tournament tournament, String name) {
        return round.map(n -> name + " has no pairing in round " + n)
                        .orElse(name + " has no such round")
                + " of "
                + tournament.title()
                + "; there are rounds "
                + tournament.of(name).stream()
                        .map(p -> String.valueOf(p.round()))
                        .collect(Collectors.joining(", "))
                + ".";
    }

    private long id(Library open) {
        String part = title.strip().toLowerCase(Locale.ROOT);
        List<SheetRow> all = open.tournaments().all();
        List<SheetRow> fit =
                all.stream()
                        .filter(r -> r.title().toLowerCase(Locale.ROOT).contains(part))
                        .toList();
        List<SheetRow> same = fit.stream().filter(r -> r.title().equalsIgnoreCase(part)).toList();
        List<SheetRow> meant = same.size() == 1 ? same : fit;
        if (meant.size() != 1) {
            String names = all.stream().map(SheetRow::title).collect(Collectors.joining("; "));
            throw new BadInputException(
                    (meant.isEmpty() ? "No tournament is named " : "Several tournaments are named ")
                            + title
                            + (names.isEmpty() ? "." : ". There are: " + names + "."));
        }
        return meant.get(0).id();
    }

    /** The student that a player is, if one of the library is. */
    static Optional<Student> student(Library open, String name) {
        return RoundBriefs.student(open.students().all(), name);
    }

    /** A pairing as it is told. */
    static ObjectNode node(Pairing pairing, ArrayNode into) {
        ObjectNode node = into.addObject();
        fill(node, pairing);
        return node;
    }

    /** Writes what a pairing says. */
    static void fill(ObjectNode node, Pairing pairing) {
        node.put("round", pairing.round()).put("board", pairing.board());
        node.put("white", pairing.white().name()).put("whiteRating", pairing.white().rating());
        node.put("black", pairing.black().name()).put("blackRating", pairing.black().rating());
        node.put("result", pairing.result()).put("date", pairing.date());
    }
}
