package org.zeroply.cli.library;

import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.PrintWriter;
import java.nio.file.Path;
import java.util.Locale;
import java.util.concurrent.Callable;
import java.util.stream.Stream;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.notation.Counted;
import org.zeroply.chess.notation.San;
import org.zeroply.cli.console.BadInputException;
import org.zeroply.cli.console.Libraries;
import org.zeroply.cli.console.Output;
import org.zeroply.cli.console.PositionOption;
import org.zeroply.cli.console.TextTable;
import org.zeroply.coach.pattern.OutcomeAsked;
import org.zeroply.coach.pattern.Period;
import org.zeroply.coach.pattern.PlayersAsked;
import org.zeroply.coach.pattern.RatingAsked;
import org.zeroply.library.Library;
import org.zeroply.library.index.GameFacts;
import org.zeroply.library.index.GameFilter;
import org.zeroply.library.index.PositionStatistics;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Option;
import picocli.CommandLine.ScopeType;

/** The command {@code statistics}. */
@Command(
        name = "statistics",
        description = "What the games of a library did in a position.",
        subcommands = StatisticsMeasureCommand.class)
public final class StatisticsCommand implements Callable<Integer> {

    @Mixin private Output output;
    @Mixin private PositionOption position;

    @Option(names = "--library", required = true, paramLabel = "L", scope = ScopeType.INHERIT)
    private Path library;

    @Option(
            names = "--player",
            description =
                    "A part of either player's name, if wished with a colour or an opponent: NAME as"
                            + " white, NAME against NAME.",
            scope = ScopeType.INHERIT)
    private String player = "";

    @Option(
            names = "--rating",
            description = "Lowest rating of the weaker player.",
            paramLabel = "R",
            scope = ScopeType.INHERIT)
    private int rating;

    @Option(
            names = "--from",
            description = "First date, such as 2024 or 2024.03.01.",
            scope = ScopeType.INHERIT)
    private String from = "";

    @Option(names = "--to", description = "Last date, likewise.", scope = ScopeType.INHERIT)
    private String to = "";

    @Option(names = "--result", description = "1-0, 0-1 or 1/2-1/2.", scope = ScopeType.INHERIT)
    private String result = "";

    @Override
    public Integer call() {
        GameFilter filter = filter();
        try (Library open = library()) {
            Position asked = position.position();
            PositionStatistics found = open.games().at(asked, filter);
            output.print(document(asked, found), out -> print(out, asked, found));
        }
        return 0;
    }

    Library library() {
        return Libraries.existing(library);
    }

    Output output() {
        return output;
    }

    /** Which games are asked. */
    GameFilter filter() {
        try {
            if (!result.isEmpty()) {
                OutcomeAsked.checked(result);
            }
            Stream.of(from, to).filter(d -> !d.isEmpty()).forEach(Period::date);
            return new GameFilter(
                    PlayersAsked.read(player),
                    RatingAsked.atLeast(rating),
                    new Period(from, to),
                    result);
        } catch (IllegalArgumentException e) {
            throw new BadInputException(e.getMessage());
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
        out.println(Counted.of(found.games(), "game"));
        TextTable moves = new TextTable("lrlrl");
        for (PositionStatistics.Played p : found.moves()) {
            moves.row(
                    San.write(position, p.move()),
                    p.games(),
                    p.score()
                            .map(s -> String.format(Locale.ROOT, "White %3.0f%%", 100 * s))
                            .orElse("no results"),
                    p.averageRating() == 0 ? "-" : p.averageRating(),
                    p.lastYear() == 0 ? "" : "last " + p.lastYear());
        }
        moves.print(out);
        TextTable games = new TextTable("l");
        for (PositionStatistics.Sample s : found.sample()) {
            GameFacts g = s.game();
            String next = s.next().map(m -> San.write(position, m)).orElse("");
            games.row(g.title(), g.date(), g.result(), next);
        }
        games.print(out, "  ");
    }
}
