package org.zeroply.cli.engine;

import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.List;
import java.util.concurrent.Callable;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.notation.Line;
import org.zeroply.chess.notation.San;
import org.zeroply.cli.console.Output;
import org.zeroply.coach.evaluation.Weighed;
import org.zeroply.engine.analysis.Analysis;
import org.zeroply.engine.analysis.AnalysisRequest;
import org.zeroply.engine.analysis.Cancellation;
import org.zeroply.engine.analysis.Limits;
import org.zeroply.engine.search.BuiltInEngine;
import org.zeroply.engine.tuning.GainPosition;
import org.zeroply.engine.tuning.GainPositions;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Option;

/** The command {@code gain-check}. */
@Command(
        name = "gain-check",
        description =
                "Gathers positions in which a piece or more is won by force within five plies, found by "
                        + "trying every move against every answer, and tells in which of them the engine plays one "
                        + "of the moves that win it, or another that ten times the nodes call as good.")
public final class GainCheckCommand implements Callable<Integer> {

    /** How much longer both moves are looked at where the engine plays another one. */
    private static final int LONGER = 10;

    @Mixin private Output output;

    @Option(names = "--positions", description = "How many.", paramLabel = "N")
    private int count = 500;

    @Option(names = "--seed", description = "Chooses the positions.", paramLabel = "N")
    private long seed = 1;

    @Option(names = "--nodes", description = "Nodes for a position.", paramLabel = "N")
    private long nodes = 200_000;

    private final BuiltInEngine engine = new BuiltInEngine(16);

    @Override
    public Integer call() {
        ObjectNode document = Output.document().put("positions", count);
        int won = 0;
        int asGood = 0;
        ArrayNode missed = document.putArray("missed");
        for (GainPosition one : new GainPositions(seed).gather(count, new Cancellation())) {
            Position position = one.position();
            Analysis.Candidate best = best(position, nodes, List.of());
            if (one.winners().contains(best.move())) {
                won++;
                continue;
            }
            Analysis.Candidate own = best(position, LONGER * nodes, List.of(best.move()));
            Analysis.Candidate winner = best(position, LONGER * nodes, one.winners());
            if (winner.expected().over(own.expected()) <= Weighed.EQUAL) {
                asGood++;
            } else {
                missed.addObject()
                        .put("fen", position.fen())
                        .put("given", San.write(position, best.move()) + " " + own.score().text())
                        .put("line", Line.numbered(position, winner.line()))
                        .put("score", winner.score().text());
            }
        }
        document.put("won", won).put("asGood", asGood);
        print(document, missed);
        return missed.isEmpty() ? 0 : 1;
    }

    private Analysis.Candidate best(Position position, long most, List<Move> among) {
        AnalysisRequest request = AnalysisRequest.of(position, Limits.nodes(most)).among(among);
        return engine.analyse(request).best().orElseThrow();
    }

    private void print(ObjectNode document, ArrayNode missed) {
        output.print(
                document,
                out -> {
                    out.printf(
                            "%d positions: %d won, %d by a move as good, %d missed%n",
                            count,
                            document.get("won").asInt(),
                            document.get("asGood").asInt(),
                            missed.size());
                    missed.forEach(
                            r ->
                                    out.printf(
                                            "missed: %s  %s by %s; given %s%n",
                                            r.get("fen").asText(),
                                            r.get("score").asText(),
                                            r.get("line").asText(),
                                            r.get("given").asText()));
                });
    }
}
