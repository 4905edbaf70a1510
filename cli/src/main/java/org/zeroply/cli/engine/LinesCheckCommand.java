package org.zeroply.cli.engine;

import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.IOException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.Callable;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.notation.San;
import org.zeroply.cli.console.BadInputException;
import org.zeroply.cli.console.EpdFile;
import org.zeroply.cli.console.Output;
import org.zeroply.engine.analysis.Analysis;
import org.zeroply.engine.analysis.AnalysisRequest;
import org.zeroply.engine.analysis.Limits;
import org.zeroply.engine.search.BuiltInEngine;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;

/** The command {@code lines-check}. */
@Command(
        name = "lines-check",
        description =
                "Tells in which positions of an EPD file the first of several lines is another move than "
                        + "the one found on one line to the same depth, or another score by more than 15 centipawns.")
public final class LinesCheckCommand implements Callable<Integer> {

    /** Centipawns. */
    private static final int MOST = 15;

    @Mixin private Output output;

    @Parameters(paramLabel = "FILE.epd")
    private Path file;

    @Option(names = "--depth", description = "Plies, 14 unless said.", paramLabel = "N")
    private int depth = 14;

    @Option(names = "--lines", description = "Lines, 3 unless said.", paramLabel = "N")
    private int lines = 3;

    private final BuiltInEngine engine = new BuiltInEngine(16);

    @Override
    public Integer call() throws IOException {
        if (depth < 1 || lines < 1) {
            throw new BadInputException("depth and lines begin at 1");
        }
        ObjectNode document = Output.document();
        ArrayNode apart = document.putArray("apart");
        List<Position> positions = new ArrayList<>();
        EpdFile.read(file, (epd, row) -> positions.add(epd.position()));
        positions.removeIf(p -> p.legalMoves().isEmpty());
        for (Position position : positions) {
            Analysis.Candidate one = best(position, 1);
            Analysis.Candidate first = best(position, lines);
            int off = Math.abs(one.score().ordinal() - first.score().ordinal());
            if (!one.move().equals(first.move()) || off > MOST) {
                apart.addObject()
                        .put("fen", position.fen())
                        .put("one", told(position, one))
                        .put("several", told(position, first));
            }
        }
        int total = positions.size();
        document.put("total", total).put("same", total - apart.size());
        output.print(
                document,
                out -> {
                    apart.forEach(
                            a ->
                                    out.printf(
                                            "%s%n  alone %s, first of %d %s%n",
                                            a.get("fen").asText(),
                                            a.get("one").asText(),
                                            lines,
                                            a.get("several").asText()));
                    out.printf("%d of %d the same%n", total - apart.size(), total);
                });
        return 0;
    }

    private Analysis.Candidate best(Position position, int count) {
        return engine.analyse(AnalysisRequest.of(position, Limits.depth(depth)).withLines(count))
                .best()
                .orElseThrow();
    }

    private static String told(Position position, Analysis.Candidate c) {
        return San.write(position, c.move()) + " " + c.score().text();
    }
}
