package org.zeroply.cli.insight;

import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Random;
import java.util.concurrent.Callable;
import org.zeroply.chess.board.Position;
import org.zeroply.cli.console.BadInputException;
import org.zeroply.cli.console.Output;
import org.zeroply.coach.insight.Insight;
import picocli.CommandLine.Command;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.ParentCommand;

/** The question {@code insight measure}. */
@Command(name = "measure", description = "Times the facts seen at a glance on random positions.")
final class InsightMeasureCommand implements Callable<Integer> {

    @ParentCommand private InsightCommand insight;

    @Parameters(paramLabel = "N", description = "How many positions.")
    private int measured;

    /** Twice over the same positions; the first time warms the compiler up and does not count. */
    @Override
    public Integer call() {
        if (measured < 1) {
            throw new BadInputException("The number of positions must be positive.");
        }
        List<Position> positions = new ArrayList<>();
        Random random = new Random(1);
        while (positions.size() < measured) {
            Position p = Position.START;
            for (int ply = random.nextInt(80); ply > 0 && !p.legalMoves().isEmpty(); ply--) {
                p = p.play(p.legalMoves().get(random.nextInt(p.legalMoves().size())));
            }
            positions.add(p);
        }
        long facts = 0;
        long nanos = 0;
        for (int round = 0; round < 2; round++) {
            long began = System.nanoTime();
            facts = positions.stream().mapToLong(p -> Insight.of(p).size()).sum();
            nanos = System.nanoTime() - began;
        }
        double micros = nanos / 1000.0 / measured;
        ObjectNode document = Output.document().put("positions", measured).put("facts", facts);
        long told = facts;
        insight.output()
                .print(
                        document.put("microsEach", micros),
                        out ->
                                out.printf(
                                        Locale.ROOT,
                                        "%d positions, %d facts, %.0f microseconds each%n",
                                        measured,
                                        told,
                                        micros));
        return 0;
    }
}
