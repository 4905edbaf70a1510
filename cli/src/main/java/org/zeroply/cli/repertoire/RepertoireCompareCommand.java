package org.zeroply.cli.repertoire;

import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.IOException;
import java.io.PrintWriter;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.concurrent.Callable;
import org.zeroply.chess.board.Side;
import org.zeroply.chess.tree.MoveTree;
import org.zeroply.cli.console.BadInputException;
import org.zeroply.cli.console.Output;
import org.zeroply.coach.evaluation.MoveEvaluator;
import org.zeroply.coach.repertoire.CardCheck;
import org.zeroply.coach.repertoire.GameComparison;
import org.zeroply.coach.repertoire.Repertoire;
import picocli.CommandLine;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;

@Command(
        name = "compare",
        description =
                "Where games of a player left the repertoire, who left first, what it cost, and"
                        + " which cards were not followed.")
final class RepertoireCompareCommand implements Callable<Integer> {

    @Mixin private Output output;
    @Mixin private RepertoireInput input;

    @Parameters(index = "1", paramLabel = "GAMES.pgn", description = "The games.")
    private Path games;

    @Option(names = "--player", required = true, description = "A part of the name will do.")
    private String player;

    @CommandLine.Spec private CommandLine.Model.CommandSpec spec;

    /** A game with what its leaving cost, in points of a hundred, and the cards that spoke. */
    private record Row(GameComparison found, OptionalDouble loss, List<CardCheck> cards) {}

    @Override
    public Integer call() throws IOException {
        PrintWriter err = spec.commandLine().getErr();
        Repertoire repertoire = input.repertoire(err);
        MoveEvaluator evaluator = input.evaluator();
        List<Row> rows = new ArrayList<>();
        for (MoveTree game : input.trees(games, err)) {
            Optional<Side> side = GameComparison.side(game, player);
            if (side.filter(s -> s == repertoire.side()).isPresent()) {
                GameComparison.of(repertoire, game, input.school())
                        .map(c -> new Row(c, loss(c, evaluator), cards(repertoire, game)))
                        .ifPresent(rows::add);
            }
        }
        if (rows.isEmpty()) {
            throw new BadInputException(
                    "There is no game of "
                            + player
                            + " with "
                            + repertoire.side().word()
                            + " that begins in the repertoire.");
        }
        ObjectNode document = document(rows);
        document.set("rejected", Output.node(input.rejected()));
        output.print(document, out -> print(out, rows));
        return 0;
    }

    private static List<CardCheck> cards(Repertoire repertoire, MoveTree game) {
        try {
            return CardCheck.of(repertoire, game);
        } catch (IllegalArgumentException e) {
            throw new BadInputException(e.getMessage());
        }
    }

    private OptionalDouble loss(GameComparison found, MoveEvaluator evaluator) {
        boolean silent = found.leftBy() == GameComparison.LeftBy.US && input.nodes() <= 0;
        return silent ? OptionalDouble.empty() : found.loss(evaluator, input.school());
    }

    /** Positions that the player left more than once, with how often. */
    private static Map<String, Integer> repeated(List<Row> rows) {
        Map<String, Integer> counts = new LinkedHashMap<>();
        rows.stream()
                .map(Row::found)
                .filter(f -> f.leftBy() == GameComparison.LeftBy.US)
                .forEach(
                        f ->
                                counts.merge(
                                        (f.spot().line() + " " + f.recommended()).strip(),
                                        1,
                                        Integer::sum));
        counts.values().removeIf(n -> n < 2);
        return counts;
    }

    private static ObjectNode document(List<Row> rows) {
        ObjectNode document = Output.document();
        ArrayNode games = document.putArray("games");
        for (Row row : rows) {
            GameComparison f = row.found();
            ObjectNode game = games.addObject().put("white", f.game().tag("White"));
            game.put("black", f.game().tag("Black")).put("date", f.game().tag("Date"));
            game.put("leftBy", f.leftBy().name().toLowerCase(Locale.ROOT)).put("ply", f.ply());
            game.put("line", f.spot().line()).put("played", f.played());
            game.put("recommended", f.recommended());
            row.loss().ifPresent(l -> game.put("loss", l));
            ArrayNode cards = game.putArray("cards");
            for (CardCheck c : row.cards()) {
                ObjectNode card = cards.addObject().put("card", c.card().text());
                card.put("ply", c.ply()).put("asked", c.asked()).put("played", c.played());
                c.followed().ifPresent(followed -> card.put("followed", followed));
            }
        }
        ArrayNode forgotten = document.putArray("forgotten");
        repeated(rows)
                .forEach((line, n) -> forgotten.addObject().put("line", line).put("times", n));
        return document;
    }

    private static void print(PrintWriter out, List<Row> rows) {
        for (Row row : rows) {
            GameComparison f = row.found();
            out.printf(
                    "%s – %s  %s%n",
                    f.game().tag("White"), f.game().tag("Black"), f.game().tag("Date"));
            out.println("  " + sentence(f) + cost(row.loss()));
            for (CardCheck c : row.cards()) {
                if (c.followed().equals(Optional.of(false))) {
                    out.println("  not followed: " + c.card().text() + " (" + c.played() + ")");
                }
            }
        }
        repeated(rows).forEach((line, n) -> out.println("Forgotten " + n + " times: " + line));
    }

    private static String cost(OptionalDouble loss) {
        return loss.orElse(0) >= 0.5
                ? String.format(Locale.ROOT, " (%.0f points)", loss.getAsDouble())
                : "";
    }

    private static String sentence(GameComparison f) {
        String line = f.spot().line().isEmpty() ? "at once" : "after " + f.spot().line();
        return switch (f.leftBy()) {
            case US -> "the player left " + line + ": " + f.played() + " for " + f.recommended();
            case THEM -> "the opponent left " + line + ": " + f.played();
            case END -> "the repertoire ends " + line + "; " + f.played() + " was played";
            case NOBODY -> "stayed in the repertoire";
        };
    }
}
