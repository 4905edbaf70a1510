package org.zeroply.cli.library;

import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.PrintWriter;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Random;
import java.util.concurrent.Callable;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.notation.San;
import org.zeroply.chess.tree.GameResult;
import org.zeroply.chess.tree.Node;
import org.zeroply.cli.console.BadInputException;
import org.zeroply.cli.console.Libraries;
import org.zeroply.cli.console.Output;
import org.zeroply.cli.console.PositionOption;
import org.zeroply.library.Library;
import org.zeroply.library.index.GameFacts;
import org.zeroply.library.index.GameFilter;
import org.zeroply.library.index.PositionIndex;
import org.zeroply.library.index.PositionStatistics;
import org.zeroply.library.sheet.SheetKind;
import org.zeroply.library.sheet.SheetQuery;
import org.zeroply.library.sheet.SheetRow;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Option;

/** The command {@code statistics}. */
@Command(name = "statistics", description = "What the games of a library did in a position.")
public final class StatisticsCommand implements Callable<Integer> {

    private static final double MILLION = 1e6;
    private static final int WARM_UP = 20;

    @Mixin private Output output;
    @Mixin private PositionOption position;

    @Option(names = "--library", required = true, paramLabel = "L")
    private Path library;

    @Option(names = "--player", description = "A part of either player's name.")
    private String player = "";

    @Option(
            names = "--rating",
            description = "Lowest rating of the weaker player.",
            paramLabel = "R")
    private int rating;

    @Option(names = "--from", description = "First date, such as 2024 or 2024.03.01.")
    private String from = "";

    @Option(names = "--to", description = "Last date, likewise.")
    private String to = "";

    @Option(names = "--result", description = "1-0, 0-1 or 1/2-1/2.")
    private String result = "";

    @Option(
            names = "--measure",
            description = "Times N positions out of the library's games instead, and the index.",
            paramLabel = "N")
    private int measure;

    @Override
    public Integer call() {
        check();
        GameFilter filter = new GameFilter(player, rating, from, to, result);
        try (Library open = Libraries.existing(library)) {
            if (measure > 0) {
                measure(open, filter);
                return 0;
            }
            Position asked = position.position();
            PositionStatistics found = open.games().at(asked, filter);
            output.print(document(asked, found), out -> print(out, asked, found));
        }
        return 0;
    }

    private void check() {
        if (!result.isEmpty() && !GameResult.played().contains(result)) {
            throw new BadInputException("A result is 1-0, 0-1 or 1/2-1/2, not " + result + ".");
        }
        for (String date : List.of(from, to)) {
            if (!date.isEmpty() && !date.matches("\\d{4}(\\.\\d{2}(\\.\\d{2})?)?")) {
                throw new BadInputException(
                        "A date is a year, 2024.03 or 2024.03.01, not " + date + ".");
            }
        }
    }

    private static ObjectNode document(Position position, PositionStatistics found) {
        ObjectNode document = Output.document().put("fen", position.fen());
        document.put("games", found.games());
        ArrayNode moves = document.putArray("moves");
        for (PositionStatistics.Played p : found.moves()) {
            ObjectNode move = moves.addObject().put("move", San.write(position, p.move()));
            move.put("games", p.games());
            p.score().ifPresent(s -> move.put("whiteScore", s));
            move.put("averageRating", p.averageRating()).put("lastYear", p.lastYear());
        }
        ArrayNode sample = document.putArray("sample");
        for (PositionStatistics.Sample s : found.sample()) {
            GameFacts g = s.game();
            ObjectNode game = sample.addObject().put("id", g.sheetId());
            game.put("white", g.white()).put("black", g.black()).put("date", g.date());
            game.put("result", g.result());
            s.next().ifPresent(m -> game.put("next", San.write(position, m)));
        }
        return document;
    }

    private static void print(PrintWriter out, Position position, PositionStatistics found) {
        out.println(found.games() == 1 ? "1 game" : found.games() + " games");
        for (PositionStatistics.Played p : found.moves()) {
            out.printf(
                    Locale.ROOT,
                    "%-8s %7d  %s  %s  %s%n",
                    San.write(position, p.move()),
                    p.games(),
                    p.score()
                            .map(s -> String.format(Locale.ROOT, "White %3.0f%%", 100 * s))
                            .orElse("no results"),
                    p.averageRating() == 0 ? "   -" : p.averageRating(),
                    p.lastYear() == 0 ? "" : "last " + p.lastYear());
        }
        for (PositionStatistics.Sample s : found.sample()) {
            GameFacts g = s.game();
            out.println(
                    "  "
                            + g.title()
                            + "  "
                            + g.date()
                            + "  "
                            + g.result()
                            + s.next().map(m -> "  " + San.write(position, m)).orElse(""));
        }
    }

    /** Times the answers to the start and to positions out of random games, all depths alike. */
    private void measure(Library open, GameFilter filter) {
        PositionIndex index = open.games();
        double first = millis(index, Position.START, filter);
        for (int i = 0; i < WARM_UP; i++) {
            index.at(Position.START, filter);
        }
        List<SheetRow> games = open.sheets().find(SheetQuery.all(SheetKind.GAME));
        Random random = new Random(1);
        List<Position> positions = new ArrayList<>(List.of(Position.START));
        while (positions.size() < measure && !games.isEmpty()) {
            long id = games.get(random.nextInt(games.size())).id();
            List<Node> line = open.sheets().load(id).mainLine();
            if (!line.isEmpty()) {
                positions.add(line.get(random.nextInt(line.size())).position());
            }
        }
        double[] millis =
                positions.stream().mapToDouble(p -> millis(index, p, filter)).sorted().toArray();
        long pgn = open.sheets().pgnBytes(SheetKind.GAME);
        ObjectNode document =
                Output.document()
                        .put("games", games.size())
                        .put("positions", millis.length)
                        .put("firstMillis", first)
                        .put("startMillis", millis(index, Position.START, filter))
                        .put("medianMillis", millis[millis.length / 2])
                        .put("ninetyNineMillis", millis[millis.length * 99 / 100])
                        .put("longestMillis", Arrays.stream(millis).max().orElse(0))
                        .put("indexBytes", index.bytes())
                        .put("pgnBytes", pgn)
                        .put("indexShare", (double) index.bytes() / Math.max(1, pgn));
        output.print(document, out -> document.properties().forEach(out::println));
    }

    private static double millis(PositionIndex index, Position position, GameFilter filter) {
        long began = System.nanoTime();
        index.at(position, filter);
        return (System.nanoTime() - began) / MILLION;
    }
}
