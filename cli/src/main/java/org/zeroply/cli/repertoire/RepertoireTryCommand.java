package org.zeroply.cli.repertoire;

import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.IOException;
import java.io.PrintWriter;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.concurrent.Callable;
import java.util.stream.Stream;
import org.zeroply.chess.board.Side;
import org.zeroply.chess.notation.Counted;
import org.zeroply.chess.tree.MoveTree;
import org.zeroply.cli.console.BadInputException;
import org.zeroply.cli.console.Libraries;
import org.zeroply.cli.console.Output;
import org.zeroply.cli.console.SideName;
import org.zeroply.coach.repertoire.card.Card;
import org.zeroply.coach.repertoire.card.CardReader;
import org.zeroply.coach.repertoire.card.CardTrial;
import org.zeroply.library.Library;
import org.zeroply.library.sheet.SheetKind;
import org.zeroply.library.sheet.SheetQuery;
import org.zeroply.library.sheet.SheetStore;
import picocli.CommandLine;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;

@Command(
        name = "try",
        description =
                "Tries an if-then card on games: where it applied, whether it was followed, and what"
                        + " that scored.")
final class RepertoireTryCommand implements Callable<Integer> {

    @Mixin private Output output;

    @Parameters(index = "0", paramLabel = "CARD", description = "The card: IF … THEN …")
    private String text;

    @Parameters(index = "1..*", paramLabel = "GAMES.pgn", description = "Files of games.")
    private List<Path> files = new ArrayList<>();

    @Option(names = "--library", description = "All games of a library.", paramLabel = "L")
    private Path library;

    @Option(
            names = "--side",
            required = true,
            description = "white or black: whose rule it is.",
            paramLabel = "S")
    private String side;

    @CommandLine.Spec private CommandLine.Model.CommandSpec spec;

    @Override
    public Integer call() throws IOException {
        if (files.isEmpty() && library == null) {
            throw new CommandLine.ParameterException(
                    spec.commandLine(), "Name files of games, or a library with --library.");
        }
        List<String> rejected = new ArrayList<>();
        CardTrial trial = trial(card(), SideName.of(side), rejected);
        ObjectNode document = document(trial);
        document.set("rejected", Output.node(rejected));
        output.print(document, out -> print(out, trial));
        return 0;
    }

    /** The games of the files, then those of the library, of which one is read at a time. */
    private CardTrial trial(Card card, Side whose, List<String> rejected) throws IOException {
        List<MoveTree> games = new ArrayList<>();
        for (Path file : files) {
            PrintWriter err = spec.commandLine().getErr();
            games.addAll(RepertoireInput.trees(file, rejected, err));
        }
        if (library == null) {
            return CardTrial.of(card, whose, games);
        }
        try (Library open = Libraries.existing(library)) {
            Stream<MoveTree> more =
                    open.sheets().stream(SheetQuery.all(SheetKind.GAME))
                            .map(SheetStore.Stored::tree);
            return CardTrial.of(card, whose, Stream.concat(games.stream(), more)::iterator);
        }
    }

    private Card card() {
        return CardReader.problem(text)
                .<Card>map(
                        problem -> {
                            throw new BadInputException(problem);
                        })
                .orElseGet(() -> CardReader.read(text));
    }

    private static ObjectNode document(CardTrial trial) {
        ObjectNode document = Output.document();
        document.put("card", trial.card().text());
        document.put("side", trial.side().smallWord()).put("games", trial.games());
        tally(document.putObject("applied"), trial.applied());
        tally(document.putObject("followed"), trial.followed());
        tally(document.putObject("other"), trial.other());
        ArrayNode cases = document.putArray("cases");
        for (CardTrial.Case c : trial.cases()) {
            ObjectNode item = cases.addObject();
            item.put("white", c.game().tag("White")).put("black", c.game().tag("Black"));
            item.put("date", c.game().tag("Date")).put("ply", c.ply());
            item.put("fen", c.before().position().fen()).put("played", c.played());
            c.followed().ifPresent(f -> item.put("followed", f));
            c.score().ifPresent(s -> item.put("score", s));
        }
        return document;
    }

    private static void tally(ObjectNode node, CardTrial.Tally tally) {
        node.put("count", tally.count());
        tally.score().ifPresent(s -> node.put("score", s));
    }

    private static void print(PrintWriter out, CardTrial trial) {
        out.println(trial.card().text());
        out.printf(
                "%s: it applied %s%n", Counted.of(trial.games(), "game"), words(trial.applied()));
        if (trial.followed().count() + trial.other().count() > 0) {
            out.printf("  followed      %s%n", words(trial.followed()));
            out.printf("  not followed  %s%n", words(trial.other()));
        }
        for (CardTrial.Case c : trial.cases()) {
            out.printf(
                    "%s – %s, move %d: %s  %s%n",
                    c.game().tag("White"),
                    c.game().tag("Black"),
                    (c.ply() + 1) / 2,
                    c.played(),
                    RepertoireCardsCommand.words(c.followed()));
        }
    }

    private static String words(CardTrial.Tally tally) {
        String often = tally.count() == 1 ? "once" : tally.count() + " times";
        return tally.score().isPresent()
                ? String.format(
                        Locale.ROOT, "%s, scored %.0f%%", often, 100 * tally.score().getAsDouble())
                : often;
    }
}
