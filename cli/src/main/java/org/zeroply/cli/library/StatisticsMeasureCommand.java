package org.zeroply.cli.library;

import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Random;
import java.util.concurrent.Callable;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.tree.Node;
import org.zeroply.cli.console.BadInputException;
import org.zeroply.cli.console.Output;
import org.zeroply.library.Library;
import org.zeroply.library.index.GameFilter;
import org.zeroply.library.index.PositionIndex;
import org.zeroply.library.sheet.SheetKind;
import org.zeroply.library.sheet.SheetQuery;
import picocli.CommandLine.Command;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.ParentCommand;

/**
 * The question {@code statistics measure}: times the answers to the start and to positions out of
 * random games, all depths alike.
 */
@Command(
        name = "measure",
        description = "Times positions out of the library's games, and the index.")
final class StatisticsMeasureCommand implements Callable<Integer> {

    private static final double MILLION = 1e6;
    private static final int WARM_UP = 20;

    @ParentCommand private StatisticsCommand statistics;

    @Parameters(paramLabel = "N", description = "How many positions.")
    private int measure;

    @Override
    public Integer call() {
        if (measure < 1) {
            throw new BadInputException("The number of positions must be positive.");
        }
        GameFilter filter = statistics.filter();
        try (Library open = statistics.library()) {
            measure(open, filter);
        }
        return 0;
    }

    private void measure(Library open, GameFilter filter) {
        PositionIndex index = open.games();
        double first = millis(index, Position.START, filter);
        for (int i = 0; i < WARM_UP; i++) {
            index.at(Position.START, filter);
        }
        long[] games = open.sheets().ids(SheetQuery.all(SheetKind.GAME));
        Random random = new Random(1);
        List<Position> positions = new ArrayList<>(List.of(Position.START));
        while (positions.size() < measure && games.length > 0) {
            long id = games[random.nextInt(games.length)];
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
                        .put("games", games.length)
                        .put("positions", millis.length)
                        .put("firstMillis", first)
                        .put("startMillis", millis(index, Position.START, filter))
                        .put("medianMillis", millis[millis.length / 2])
                        .put("ninetyNineMillis", millis[millis.length * 99 / 100])
                        .put("longestMillis", Arrays.stream(millis).max().orElse(0))
                        .put("indexBytes", index.bytes())
                        .put("pgnBytes", pgn)
                        .put("indexShare", (double) index.bytes() / Math.max(1, pgn));
        statistics.output().print(document, out -> document.properties().forEach(out::println));
    }

    private static double millis(PositionIndex index, Position position, GameFilter filter) {
        long began = System.nanoTime();
        index.at(position, filter);
        return (System.nanoTime() - began) / MILLION;
    }
}
