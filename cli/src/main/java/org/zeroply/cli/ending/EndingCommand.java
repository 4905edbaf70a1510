package org.zeroply.cli.ending;

import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.PrintWriter;
import java.util.List;
import java.util.concurrent.Callable;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.board.Side;
import org.zeroply.chess.board.Square;
import org.zeroply.chess.notation.Line;
import org.zeroply.chess.notation.San;
import org.zeroply.cli.console.BadInputException;
import org.zeroply.cli.console.CacheFolder;
import org.zeroply.cli.console.FactJson;
import org.zeroply.cli.console.Output;
import org.zeroply.cli.console.PositionOption;
import org.zeroply.coach.ending.CorrespondingSquares;
import org.zeroply.coach.ending.DirectTry;
import org.zeroply.coach.ending.EndingReport;
import org.zeroply.coach.ending.EndingSolver;
import org.zeroply.coach.ending.EndingWays;
import org.zeroply.coach.ending.KingMap;
import org.zeroply.engine.analysis.Cancellation;
import org.zeroply.engine.endings.EndingTables;
import org.zeroply.engine.search.BuiltInEngine;
import picocli.CommandLine;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Option;

/** The command {@code ending}. */
@Command(
        name = "ending",
        description = {
            "What an ending truly is: result, best moves, zugzwang, triangulation, a line. Pawn",
            "endings are solved, endings of up to four men looked up, all else is searched."
        })
public final class EndingCommand implements Callable<Integer> {

    private static final int MEGABYTES = 64;

    @Mixin private PositionOption position;
    @Mixin private Output output;
    @Mixin private CacheFolder cache;

    @Option(names = "--nodes", description = "Nodes where only a search can tell.")
    private long nodes = EndingSolver.NODES;

    @Option(
            names = "--map",
            description = "The king to put on every square (pawn endings): white or black.",
            paramLabel = "SIDE")
    private Side map;

    @CommandLine.Spec private CommandLine.Model.CommandSpec spec;

    @Override
    public Integer call() {
        Position start = position.position();
        if (nodes < 1) {
            throw new BadInputException("The nodes must be positive.");
        }
        EndingTables tables = cache.endings();
        if (tables.count() < EndingTables.total()) {
            spec.commandLine()
                    .getErr()
                    .println(
                            "The exact tables of four men are not all there; some results are"
                                    + " found by search instead. To make them: zeroply endings");
        }
        // Tables read in the middle of short searches would cost more than they tell.
        BuiltInEngine engine = new BuiltInEngine(MEGABYTES);
        EndingReport report =
                new EndingSolver(engine, tables, nodes)
                        .solve(start, p -> {}, new Cancellation())
                        .orElseThrow();
        if (map != null && report.graph().isEmpty()) {
            throw new BadInputException("The map is for pawn endings that could be solved.");
        }
        output.print(document(start, report), out -> print(out, start, report));
        return 0;
    }

    private ObjectNode document(Position start, EndingReport report) {
        ObjectNode document = Output.document().put("fen", start.fen());
        document.put("result", report.result().word()).put("proof", report.proof().word());
        document.set("bestMoves", Output.node(san(start, report.bestMoves())));
        document.set("keeping", Output.node(san(start, report.keeping())));
        document.put("zugzwang", report.zugzwang().word());
        document.putNull("triangulation");
        report.triangulation()
                .ifPresent(
                        t -> {
                            ObjectNode node = document.putObject("triangulation");
                            node.set("path", Output.node(Line.san(start, t.path())));
                            node.put("movesLost", t.movesLost()).put("reason", t.reason());
                        });
        document.set("line", Output.node(Line.san(start, report.line())));
        EndingWays ways = report.ways();
        document.set("plan", Output.node(ways.plan()));
        document.set("otherPlan", Output.node(ways.other()));
        document.set("otherLine", Output.node(Line.san(start, ways.otherLine())));
        ArrayNode tries = document.putArray("tries");
        for (DirectTry failed : ways.tries()) {
            ObjectNode node = tries.addObject().put("move", San.write(start, failed.move()));
            node.put("result", failed.result().word()).put("text", failed.text());
            node.set("line", Output.node(Line.san(start, failed.line())));
        }
        ArrayNode pairs = document.putArray("correspondingSquares");
        report.graph()
                .map(g -> CorrespondingSquares.of(g, start).pairs())
                .orElse(List.of())
                .forEach(
                        p ->
                                pairs.addObject()
                                        .put("white", Square.name(p.white()))
                                        .put("black", Square.name(p.black()))
                                        .put("number", p.number()));
        if (map != null) {
            KingMap squares = KingMap.of(report.graph().orElseThrow(), start, map);
            ObjectNode node = document.putObject("map").put("king", FactJson.word(map));
            node.set("toMove", squares(squares, true));
            node.set("waiting", squares(squares, false));
        }
        return document;
    }

    private static ObjectNode squares(KingMap map, boolean toMove) {
        ObjectNode node = Output.document();
        for (int square = 0; square < 64; square++) {
            String name = Square.name(square);
            map.at(square, toMove).ifPresent(r -> node.put(name, r.word()));
        }
        return node;
    }

    private static List<String> san(Position start, List<Move> moves) {
        return moves.stream().map(m -> San.write(start, m)).toList();
    }

    private void print(PrintWriter out, Position start, EndingReport report) {
        out.println(
                report.result().word()
                        + " for "
                        + start.sideToMove().word()
                        + ", by "
                        + (report.proof() == EndingReport.Proof.EXACT ? "exact proof" : "search"));
        out.println("best: " + String.join(", ", san(start, report.bestMoves())));
        out.println("keep the result: " + String.join(", ", san(start, report.keeping())));
        out.println("zugzwang: " + report.zugzwang().word());
        report.triangulation()
                .ifPresent(
                        t -> {
                            out.println("triangulation: " + Line.numbered(start, t.path()));
                            out.println("  " + t.reason());
                        });
        out.println("line: " + Line.numbered(start, report.line()));
        report.ways().plan().forEach(stage -> out.println("- " + stage));
        if (!report.ways().other().isEmpty()) {
            out.println("or: " + Line.numbered(start, report.ways().otherLine()));
            report.ways().other().forEach(stage -> out.println("- " + stage));
        }
        for (DirectTry failed : report.ways().tries()) {
            out.println(failed.text() + "  [" + Line.numbered(start, failed.line()) + "]");
        }
        if (map != null) {
            KingMap squares = KingMap.of(report.graph().orElseThrow(), start, map);
            out.println(map.word() + "'s king, to move and not to move (+ won, = drawn, - lost)");
            for (int rank = 7; rank >= 0; rank--) {
                out.println(row(squares, rank, true) + "    " + row(squares, rank, false));
            }
        }
    }

    private static String row(KingMap map, int rank, boolean toMove) {
        StringBuilder row = new StringBuilder();
        for (int file = 0; file < 8; file++) {
            row.append(
                    map.at(Square.at(file, rank), toMove)
                            .map(
                                    r ->
                                            switch (r) {
                                                case WIN -> " +";
                                                case LOSS -> " -";
                                                default -> " =";
                                            })
                            .orElse(" ."));
        }
        return row.toString();
    }
}
