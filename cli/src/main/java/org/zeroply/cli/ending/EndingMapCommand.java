package org.zeroply.cli.ending;

import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.PrintWriter;
import java.util.concurrent.Callable;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.board.Side;
import org.zeroply.chess.board.Square;
import org.zeroply.cli.console.BadInputException;
import org.zeroply.cli.console.Output;
import org.zeroply.coach.ending.EndingReport;
import org.zeroply.coach.ending.KingMap;
import picocli.CommandLine.Command;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.ParentCommand;

/** The question {@code ending map}. */
@Command(name = "map", description = "The same, with one king put on every square (pawn endings).")
final class EndingMapCommand implements Callable<Integer> {

    @ParentCommand private EndingCommand ending;

    @Parameters(paramLabel = "SIDE", description = "Whose king: white or black.")
    private Side side;

    @Override
    public Integer call() {
        Position start = ending.position();
        EndingReport report = ending.solve(start);
        KingMap map =
                KingMap.of(
                        report.graph()
                                .orElseThrow(
                                        () ->
                                                new BadInputException(
                                                        "The map is for pawn endings that could be"
                                                                + " solved.")),
                        start,
                        side);
        EndingSheet sheet = new EndingSheet(start, report);
        ObjectNode document = sheet.document();
        ObjectNode node = document.putObject("map").put("king", side.smallWord());
        node.set("toMove", squares(map, true));
        node.set("waiting", squares(map, false));
        ending.output()
                .print(
                        document,
                        out -> {
                            sheet.print(out);
                            print(out, map);
                        });
        return 0;
    }

    private static ObjectNode squares(KingMap map, boolean toMove) {
        ObjectNode node = Output.document();
        for (int square = 0; square < 64; square++) {
            String name = Square.name(square);
            map.at(square, toMove).ifPresent(r -> node.put(name, r.word()));
        }
        return node;
    }

    private void print(PrintWriter out, KingMap map) {
        out.println(side.word() + "'s king, to move and not to move (+ won, = drawn, - lost)");
        for (int rank = 7; rank >= 0; rank--) {
            out.println(row(map, rank, true) + "    " + row(map, rank, false));
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
