package org.zeroply.cli.repertoire;

import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.Callable;
import java.util.function.Supplier;
import org.zeroply.chess.board.Side;
import org.zeroply.chess.notation.PgnEntry;
import org.zeroply.chess.notation.PgnReader;
import org.zeroply.chess.notation.PgnWriter;
import org.zeroply.chess.tree.MoveTree;
import org.zeroply.cli.console.Output;
import org.zeroply.coach.repertoire.Audit;
import org.zeroply.coach.repertoire.Coverage;
import org.zeroply.coach.repertoire.MadeUp;
import org.zeroply.coach.repertoire.Repertoire;
import org.zeroply.coach.repertoire.Replies;
import org.zeroply.coach.repertoire.Shares;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Option;

@Command(
        name = "measure",
        description = "Times reading and auditing, without an engine, of a made-up repertoire.")
final class RepertoireMeasureCommand implements Callable<Integer> {

    private static final int REPLIES = 4;
    private static final double MILLION = 1e6;

    @Mixin private Output output;

    @Option(names = "--size", description = "Moves in the repertoire.", paramLabel = "N")
    private int size = 20_000;

    @Option(names = "--seed", paramLabel = "S")
    private long seed = 1;

    private ObjectNode document;

    @Override
    public Integer call() {
        document = Output.document().put("moves", size);
        String pgn = PgnWriter.write(MadeUp.chapter(Side.WHITE, size, REPLIES, seed));
        MoveTree tree =
                timed("readMillis", () -> ((PgnEntry.Game) PgnReader.readAll(pgn).get(0)).tree());
        Repertoire repertoire = timed("openMillis", () -> Repertoire.of(List.of(tree)));
        Shares shares = new Shares(Replies.NONE);
        Audit audit = new Audit(repertoire, shares);
        timed(
                "auditMillis",
                () ->
                        audit.gaps(Optional.empty()).size()
                                + audit.contradictions().size()
                                + audit.deadEnds().size()
                                + audit.unreached().size());
        timed("coverageMillis", () -> Coverage.of(repertoire, shares, Optional.empty()));
        document.put("positions", repertoire.spots().size());
        output.print(document, out -> document.properties().forEach(out::println));
        return 0;
    }

    private <T> T timed(String name, Supplier<T> work) {
        long began = System.nanoTime();
        T result = work.get();
        document.put(name, Math.round((System.nanoTime() - began) / MILLION));
        return result;
    }
}
