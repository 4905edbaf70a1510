package org.zeroply.cli.tournament;

import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.IOException;
import java.io.PrintWriter;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.OptionalLong;
import java.util.concurrent.Callable;
import org.zeroply.chess.notation.Counted;
import org.zeroply.chess.tree.GameResult;
import org.zeroply.cli.console.BadInputException;
import org.zeroply.cli.console.Libraries;
import org.zeroply.cli.console.Output;
import org.zeroply.coach.repertoire.tournament.Pairing;
import org.zeroply.coach.repertoire.tournament.PairingMerge;
import org.zeroply.coach.repertoire.tournament.Tournament;
import org.zeroply.library.Library;
import org.zeroply.library.database.TextFile;
import org.zeroply.library.database.WholeFile;
import org.zeroply.library.sheet.SheetRow;
import org.zeroply.library.sheet.SheetStep;
import org.zeroply.library.transfer.PairingTable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;

/** The command {@code tournament read}. */
@Command(
        name = "read",
        description =
                "Reads pairings and results from a table, typed lines or games, and with --library"
                        + " brings them into the tournament of that name.")
final class TournamentReadCommand implements Callable<Integer> {

    @Mixin private Output output;

    @Parameters(paramLabel = "TABLE", description = "A text, a table or games in PGN.")
    private Path file;

    @Option(names = "--title", description = "The name of the tournament.", paramLabel = "T")
    private String title = "";

    @Option(
            names = "--round",
            description = "The round of pairings that tell none; ${DEFAULT-VALUE} if left out.",
            paramLabel = "N")
    private int round = 1;

    @Option(
            names = "--player",
            description = "Whose games a table of opponents and colours tells.",
            paramLabel = "P")
    private String player = "";

    @Option(names = "--library", paramLabel = "L")
    private Path library;

    @Option(names = "--out", description = "A new file for the tournament.", paramLabel = "T.pgn")
    private Path out;

    /** What came of bringing it in: nothing without a library. */
    private record Stored(OptionalLong id, PairingMerge merge) {}

    @Override
    public Integer call() throws IOException {
        if (round < 1) {
            throw new BadInputException("--round counts from 1.");
        }
        if (out != null && Files.exists(out)) {
            throw new BadInputException(out + " exists already; name a new file.");
        }
        PairingTable.Read read = PairingTable.read(TextFile.read(file), round, player);
        if (read.pairings().isEmpty()) {
            throw new BadInputException(
                    file
                            + " tells no pairing"
                            + read.unread().stream()
                                    .findFirst()
                                    .map(u -> "; line " + u.line() + ": " + u.reason())
                                    .orElse("")
                            + ".");
        }
        String named = title.isBlank() ? read.title() : title;
        Stored stored =
                library == null
                        ? new Stored(
                                OptionalLong.empty(),
                                new Tournament(named, List.of()).merged(read.pairings()))
                        : store(named, read.pairings());
        if (out != null) {
            WholeFile.writeText(out, stored.merge().tournament().pgn());
        }
        output.print(document(stored, read), text -> print(text, stored.merge(), read));
        return 0;
    }

    private Stored store(String named, List<Pairing> pairings) {
        try (Library open = Libraries.existing(library)) {
            Optional<SheetRow> there =
                    open.tournaments().all().stream()
                            .filter(r -> r.title().equalsIgnoreCase(named.strip()))
                            .findFirst();
            if (there.isEmpty()) {
                PairingMerge merge = new Tournament(named, List.of()).merged(pairings);
                return new Stored(
                        OptionalLong.of(open.tournaments().add(merge.tournament())), merge);
            }
            long id = there.get().id();
            PairingMerge merge = open.tournaments().load(id).merged(pairings);
            open.tournaments().save(id, merge.tournament(), SheetStep.CHANGE);
            return new Stored(OptionalLong.of(id), merge);
        }
    }

    private static ObjectNode document(Stored stored, PairingTable.Read read) {
        PairingMerge merge = stored.merge();
        ObjectNode document = Output.document().put("title", merge.tournament().title());
        stored.id().ifPresent(id -> document.put("tournament", id));
        document.put("added", merge.added()).put("changed", merge.changed());
        ArrayNode pairings = document.putArray("pairings");
        merge.tournament().pairings().forEach(p -> TournamentInput.node(p, pairings));
        ArrayNode unread = document.putArray("unread");
        read.unread()
                .forEach(
                        u ->
                                unread.addObject()
                                        .put("line", u.line())
                                        .put("text", u.text())
                                        .put("reason", u.reason()));
        document.set("doubtful", Output.node(merge.doubtful()));
        return document;
    }

    private static void print(PrintWriter text, PairingMerge merge, PairingTable.Read read) {
        text.println(
                merge.tournament().title()
                        + ": "
                        + Counted.of(merge.added(), "new pairing")
                        + ", "
                        + merge.changed()
                        + " completed");
        for (Pairing p : merge.tournament().pairings()) {
            text.printf(
                    "  %2d  %s  %s%n",
                    p.round(), p.words(), p.isOver() ? GameResult.shown(p.result()) : "");
        }
        merge.doubtful().forEach(d -> text.println("  ! " + d));
        read.unread()
                .forEach(
                        u ->
                                text.println(
                                        "  ! line "
                                                + u.line()
                                                + ": "
                                                + u.text()
                                                + " — "
                                                + u.reason()));
    }
}
