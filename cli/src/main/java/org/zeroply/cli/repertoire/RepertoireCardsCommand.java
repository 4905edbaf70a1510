package org.zeroply.cli.repertoire;

import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.IOException;
import java.io.PrintWriter;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.Callable;
import org.zeroply.chess.tree.MoveTree;
import org.zeroply.cli.console.BadInputException;
import org.zeroply.cli.console.Output;
import org.zeroply.coach.repertoire.CardCheck;
import org.zeroply.coach.repertoire.Repertoire;
import picocli.CommandLine;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Parameters;

@Command(
        name = "cards",
        description =
                "In which games the cards of a repertoire applied, and whether they were followed.")
final class RepertoireCardsCommand implements Callable<Integer> {

    @Mixin private Output output;

    @Parameters(index = "0", paramLabel = "REP.pgn", description = "The repertoire.")
    private Path file;

    @Parameters(index = "1", paramLabel = "GAMES.pgn", description = "The games.")
    private Path games;

    @CommandLine.Spec private CommandLine.Model.CommandSpec spec;

    private record Spoken(MoveTree game, CardCheck check) {}

    @Override
    public Integer call() throws IOException {
        PrintWriter err = spec.commandLine().getErr();
        List<String> rejected = new ArrayList<>();
        Repertoire repertoire = RepertoireInput.read(file, rejected, err);
        List<Spoken> spoken = new ArrayList<>();
        for (MoveTree game : RepertoireInput.trees(games, rejected, err)) {
            try {
                CardCheck.of(repertoire, game).forEach(c -> spoken.add(new Spoken(game, c)));
            } catch (IllegalArgumentException e) {
                throw new BadInputException(e.getMessage());
            }
        }
        ObjectNode document = Output.document();
        ArrayNode list = document.putArray("cards");
        for (Spoken s : spoken) {
            ObjectNode item = list.addObject().put("card", s.check().card().text());
            item.put("white", s.game().tag("White")).put("black", s.game().tag("Black"));
            item.put("date", s.game().tag("Date")).put("ply", s.check().ply());
            item.put("played", s.check().played());
            s.check().followed().ifPresent(f -> item.put("followed", f));
        }
        document.set("rejected", Output.node(rejected));
        output.print(document, out -> print(out, spoken));
        return 0;
    }

    private static void print(PrintWriter out, List<Spoken> spoken) {
        if (spoken.isEmpty()) {
            out.println("No card applied in any game.");
        }
        for (Spoken s : spoken) {
            out.printf(
                    "%s – %s, move %d: %s  %s%n    %s%n",
                    s.game().tag("White"),
                    s.game().tag("Black"),
                    (s.check().ply() + 1) / 2,
                    s.check().played(),
                    words(s.check().followed()),
                    s.check().card().text());
        }
    }

    /** What became of a card in a game. */
    static String words(Optional<Boolean> followed) {
        return followed.map(f -> f ? "followed" : "not followed").orElse("applied");
    }
}
