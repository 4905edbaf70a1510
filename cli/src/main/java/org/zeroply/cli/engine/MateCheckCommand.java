package org.zeroply.cli.engine;

import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.concurrent.Callable;
import org.zeroply.chess.notation.Line;
import org.zeroply.chess.notation.San;
import org.zeroply.cli.console.Output;
import org.zeroply.cli.console.TextTable;
import org.zeroply.engine.analysis.Analysis;
import org.zeroply.engine.analysis.AnalysisRequest;
import org.zeroply.engine.analysis.Cancellation;
import org.zeroply.engine.analysis.Limits;
import org.zeroply.engine.analysis.Score;
import org.zeroply.engine.search.BuiltInEngine;
import org.zeroply.engine.tuning.MatePosition;
import org.zeroply.engine.tuning.MatePositions;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Option;

/** The command {@code mate-check}. */
@Command(
        name = "mate-check",
        description =
                "Gathers positions with a mate in two or three, proved by trying every move against "
                        + "every answer, and tells which of them the engine finds with few nodes.")
public final class MateCheckCommand implements Callable<Integer> {

    @Mixin private Output output;

    @Option(names = "--positions", description = "How many.", paramLabel = "N")
    private int count = 500;

    @Option(names = "--seed", description = "Chooses the positions.", paramLabel = "N")
    private long seed = 1;

    @Option(names = "--nodes2", description = "Nodes for a mate in two.", paramLabel = "N")
    private long nodesForTwo = 30_000;

    @Option(names = "--nodes3", description = "Nodes for a mate in three.", paramLabel = "N")
    private long nodesForThree = 200_000;

    @Option(names = "--lines", description = "Lines the engine looks at.", paramLabel = "N")
    private int lines = 1;

    private static final class Tally {
        private int found;
        private int total;
    }

    @Override
    public Integer call() {
        Cancellation never = new Cancellation();
        BuiltInEngine engine = new BuiltInEngine(16);
        Map<MatePosition.Kind, Tally> byKind = new EnumMap<>(MatePosition.Kind.class);
        List<MatePosition> missed = new ArrayList<>();
        List<String> given = new ArrayList<>();
        for (MatePosition one : new MatePositions(seed).gather(count, 2, 3, never)) {
            long nodes = one.proof().moves() == 2 ? nodesForTwo : nodesForThree;
            Analysis analysis =
                    engine.analyse(
                            AnalysisRequest.of(one.position(), Limits.nodes(nodes))
                                    .withLines(lines),
                            soFar -> {},
                            never);
            Tally tally = byKind.computeIfAbsent(one.kind(), k -> new Tally());
            tally.total++;
            Analysis.Candidate best = analysis.best().orElseThrow();
            if (best.score().equals(new Score.Mate(one.proof().moves()))) {
                tally.found++;
            } else {
                missed.add(one);
                given.add(San.write(one.position(), best.move()) + " " + best.score().text());
            }
        }
        print(byKind, missed, given);
        return missed.isEmpty() ? 0 : 1;
    }

    private void print(
            Map<MatePosition.Kind, Tally> byKind, List<MatePosition> missed, List<String> given) {
        ObjectNode document = Output.document();
        ArrayNode kinds = document.put("positions", count).putArray("kinds");
        byKind.forEach(
                (kind, tally) ->
                        kinds.addObject()
                                .put("kind", word(kind))
                                .put("found", tally.found)
                                .put("total", tally.total));
        ArrayNode rows = document.putArray("missed");
        for (int i = 0; i < missed.size(); i++) {
            MatePosition one = missed.get(i);
            rows.addObject()
                    .put("fen", one.position().fen())
                    .put("moves", one.proof().moves())
                    .put("line", Line.numbered(one.position(), one.proof().line()))
                    .put("given", given.get(i));
        }
        output.print(
                document,
                out -> {
                    TextTable found = new TextTable("lrlr");
                    byKind.forEach(
                            (kind, tally) -> found.row(word(kind), tally.found, "of", tally.total));
                    found.print(out);
                    rows.forEach(
                            r ->
                                    out.printf(
                                            "missed: %s  mate in %d by %s; given %s%n",
                                            r.get("fen").asText(),
                                            r.get("moves").asInt(),
                                            r.get("line").asText(),
                                            r.get("given").asText()));
                });
    }

    private static String word(MatePosition.Kind kind) {
        return kind.name().toLowerCase(Locale.ROOT);
    }
}
