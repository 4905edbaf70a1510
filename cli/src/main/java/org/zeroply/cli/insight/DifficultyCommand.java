package org.zeroply.cli.insight;

import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.concurrent.Callable;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.notation.Line;
import org.zeroply.chess.notation.San;
import org.zeroply.cli.console.BadInputException;
import org.zeroply.cli.console.CacheFolder;
import org.zeroply.cli.console.Output;
import org.zeroply.cli.console.PositionOption;
import org.zeroply.coach.insight.Difficulty;
import org.zeroply.coach.insight.DifficultyMeter;
import org.zeroply.engine.analysis.Cancellation;
import org.zeroply.engine.search.BuiltInEngine;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Option;

/** The command {@code difficulty}. */
@Command(
        name = "difficulty",
        description = "How hard a position is to play: width, depth found, temptation.")
public final class DifficultyCommand implements Callable<Integer> {

    @Mixin private PositionOption position;
    @Mixin private Output output;
    @Mixin private CacheFolder cache;

    @Option(names = "--nodes", description = "Nodes a step.", paramLabel = "N")
    private long nodes = DifficultyMeter.NODES;

    @Override
    public Integer call() {
        if (nodes < 1) {
            throw new BadInputException("The nodes must be positive.");
        }
        Position start = position.position();
        BuiltInEngine engine = cache.engine(64);
        Difficulty d =
                new DifficultyMeter(engine, nodes)
                        .measure(start, p -> {}, new Cancellation())
                        .orElseThrow(() -> new BadInputException("There is no legal move."));
        output.print(document(start, d), out -> text(start, d).lines().forEach(out::println));
        return 0;
    }

    private static ObjectNode document(Position start, Difficulty d) {
        ObjectNode document = Output.document().put("move", San.write(start, d.best().move()));
        document.put("expected", d.best().expected().value()).put("depthFound", d.depthFound());
        ArrayNode widths = document.putArray("widths");
        for (Difficulty.Width w : d.widths()) {
            ObjectNode width = widths.addObject().put("ply", w.ply()).put("white", w.white());
            width.put("result", w.result().word());
            width.put("keeping", w.keeping()).put("legal", w.legal());
        }
        d.temptation()
                .ifPresent(
                        t -> {
                            ObjectNode node = document.putObject("temptation");
                            node.put("move", San.write(start, t.move()));
                            node.put("untilDepth", t.untilDepth()).put("loss", t.loss());
                            node.put("changesResult", t.changesResult());
                            node.set("line", Output.node(Line.san(start, t.refutation())));
                        });
        return document;
    }

    private static String text(Position start, Difficulty d) {
        StringBuilder text = new StringBuilder();
        text.append(Line.numbered(start, d.best().line())).append('\n');
        text.append("best from depth ").append(d.depthFound()).append(" on\n");
        for (Difficulty.Width w : d.widths()) {
            text.append(
                    String.format(
                            "ply %d: %s, %s, %d of %d moves keep that%n",
                            w.ply(),
                            w.white() ? "White" : "Black",
                            w.result().word(),
                            w.keeping(),
                            w.legal()));
        }
        d.temptation()
                .ifPresent(
                        t ->
                                text.append(
                                        String.format(
                                                "tempting to depth %d, costs %.0f of 100%s: %s%n",
                                                t.untilDepth(),
                                                100 * t.loss(),
                                                t.changesResult() ? " and the result" : "",
                                                Line.numbered(start, t.refutation()))));
        return text.toString();
    }
}
