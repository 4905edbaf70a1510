package org.zeroply.cli.engine;

import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.IOException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.Callable;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.notation.Epd;
import org.zeroply.chess.notation.NotationException;
import org.zeroply.chess.notation.San;
import org.zeroply.cli.console.CacheFolder;
import org.zeroply.cli.console.EpdFile;
import org.zeroply.cli.console.Output;
import org.zeroply.engine.analysis.Analysis;
import org.zeroply.engine.analysis.AnalysisRequest;
import org.zeroply.engine.analysis.Cancellation;
import org.zeroply.engine.analysis.Limits;
import org.zeroply.engine.search.BuiltInEngine;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;

/** The command {@code suite}. */
@Command(name = "suite", description = "Solves the positions of an EPD file that have bm or am.")
public final class SuiteCommand implements Callable<Integer> {

    @Mixin private Output output;

    private BuiltInEngine engine;

    @Parameters(paramLabel = "FILE.epd")
    private Path file;

    @Option(names = "--movetime", description = "Milliseconds a position.", paramLabel = "MS")
    private Long millis;

    @Option(names = "--nodes", description = "Nodes a position.", paramLabel = "N")
    private Long nodes;

    @Mixin private CacheFolder cache;

    @Override
    public Integer call() throws IOException {
        engine = cache.engine(256);
        List<ObjectNode> items = new ArrayList<>();
        EpdFile.read(file, (epd, row) -> items.add(solve(epd, row)));
        long solved = items.stream().filter(n -> n.get("solved").asBoolean()).count();
        ObjectNode document = Output.document().put("solved", solved).put("total", items.size());
        ArrayNode array = document.putArray("items");
        items.forEach(array::add);
        output.print(
                document,
                out -> {
                    items.forEach(
                            n ->
                                    out.printf(
                                            "%-7s %-8s %s%n",
                                            n.get("solved").asBoolean() ? "solved" : "missed",
                                            n.get("move").asText(),
                                            n.get("id").asText()));
                    out.printf("%d of %d solved%n", solved, items.size());
                });
        return 0;
    }

    private ObjectNode solve(Epd epd, int row) throws NotationException {
        List<Move> best = moves(epd, "bm");
        List<Move> avoid = moves(epd, "am");
        if (best.isEmpty() && avoid.isEmpty()) {
            throw new NotationException("there is neither bm nor am");
        }
        FirstRight first = new FirstRight(best, avoid);
        Limits limits =
                nodes != null ? Limits.nodes(nodes) : Limits.millis(millis == null ? 1000 : millis);
        Analysis analysis =
                engine.analyse(
                        AnalysisRequest.of(epd.position(), limits),
                        first::found,
                        new Cancellation());
        boolean solved = analysis.best().map(c -> first.isRight(c.move())).orElse(false);
        String id = epd.operation("id").isEmpty() ? "row " + row : epd.operation("id");
        ObjectNode item = Output.document().put("id", id);
        item.put("move", analysis.best().map(c -> San.write(epd.position(), c.move())).orElse("-"));
        item.put("solved", solved);
        if (solved) {
            item.put("depthFound", first.depth).put("millisFound", first.millis);
        } else {
            item.putNull("depthFound").putNull("millisFound");
        }
        return item;
    }

    private static List<Move> moves(Epd epd, String opcode) throws NotationException {
        List<Move> moves = new ArrayList<>();
        for (String san : epd.operation(opcode).strip().split("\\s+")) {
            if (!san.isEmpty()) {
                moves.add(San.read(epd.position(), san));
            }
        }
        return moves;
    }

    /** The depth and time from which on the choice stayed right. */
    private static final class FirstRight {
        private final List<Move> best;
        private final List<Move> avoid;
        private int depth;
        private long millis;

        FirstRight(List<Move> best, List<Move> avoid) {
            this.best = best;
            this.avoid = avoid;
        }

        boolean isRight(Move move) {
            return (best.isEmpty() || best.contains(move)) && !avoid.contains(move);
        }

        void found(Analysis soFar) {
            boolean right = isRight(soFar.best().orElseThrow().move());
            if (!right) {
                depth = 0;
            } else if (depth == 0) {
                depth = soFar.depth();
                millis = soFar.millis();
            }
        }
    }
}
