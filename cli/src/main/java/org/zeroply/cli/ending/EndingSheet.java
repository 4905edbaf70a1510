package org.zeroply.cli.ending;

import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.PrintWriter;
import java.util.List;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.board.Square;
import org.zeroply.chess.notation.Line;
import org.zeroply.chess.notation.San;
import org.zeroply.cli.console.Output;
import org.zeroply.coach.ending.CorrespondingSquares;
import org.zeroply.coach.ending.DirectTry;
import org.zeroply.coach.ending.EndingReport;
import org.zeroply.coach.ending.EndingWays;

/**
 * What an ending truly is, as a document and as text.
 *
 * @param start the position
 * @param report on it
 */
record EndingSheet(Position start, EndingReport report) {

    /** The report, without the map. */
    ObjectNode document() {
        ObjectNode document = Output.document().put("fen", start.fen());
        document.put("result", report.result().word()).put("proof", report.proof().word());
        document.set("bestMoves", Output.node(san(start, report.moves().best())));
        document.set("keeping", Output.node(san(start, report.moves().keeping())));
        document.put("zugzwang", report.zugzwang().word());
        document.putNull("triangulation");
        report.triangulation()
                .ifPresent(
                        t -> {
                            ObjectNode node = document.putObject("triangulation");
                            node.set("path", Output.node(Line.san(start, t.path())));
                            node.put("movesLost", t.movesLost()).put("reason", t.reason());
                        });
        document.set("line", Output.node(Line.san(start, report.moves().line())));
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
        return document;
    }

    private static List<String> san(Position start, List<Move> moves) {
        return moves.stream().map(m -> San.write(start, m)).toList();
    }

    /** Prints the report, without the map. */
    void print(PrintWriter out) {
        out.println(
                report.result().word()
                        + " for "
                        + start.sideToMove().word()
                        + ", by "
                        + (report.proof() == EndingReport.Proof.EXACT ? "exact proof" : "search"));
        out.println("best: " + String.join(", ", san(start, report.moves().best())));
        out.println("keep the result: " + String.join(", ", san(start, report.moves().keeping())));
        out.println("zugzwang: " + report.zugzwang().word());
        report.triangulation()
                .ifPresent(
                        t -> {
                            out.println("triangulation: " + Line.numbered(start, t.path()));
                            out.println("  " + t.reason());
                        });
        out.println("line: " + Line.numbered(start, report.moves().line()));
        report.ways().plan().forEach(stage -> out.println("- " + stage));
        if (!report.ways().other().isEmpty()) {
            out.println("or: " + Line.numbered(start, report.ways().otherLine()));
            report.ways().other().forEach(stage -> out.println("- " + stage));
        }
        for (DirectTry failed : report.ways().tries()) {
            out.println(failed.text() + "  [" + Line.numbered(start, failed.line()) + "]");
        }
    }
}
