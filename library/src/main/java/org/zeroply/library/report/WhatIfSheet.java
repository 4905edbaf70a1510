package org.zeroply.library.report;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.board.Side;
import org.zeroply.chess.notation.Line;
import org.zeroply.chess.notation.San;
import org.zeroply.coach.defence.whatif.WhatIf;
import org.zeroply.library.drawing.Diagram;
import org.zeroply.library.texts.LibraryWords;

/** A what-if table on paper: the table, then each row with its diagram and the refutations. */
public final class WhatIfSheet {

    private static final int PLIES = 8;

    private WhatIfSheet() {}

    /**
     * The report.
     *
     * @param engine what judged, for the foot of the page
     */
    public static Report report(WhatIf table, String title, String engine) {
        Position base = table.rows().get(0).position();
        List<String> head = new ArrayList<>(List.of(LibraryWords.of("report.the-position")));
        table.defences().forEach(d -> head.add(San.write(base, d)));
        List<List<String>> rows = new ArrayList<>();
        List<Report.Block> blocks = new ArrayList<>();
        for (int i = 0; i < table.rows().size(); i++) {
            List<String> row = new ArrayList<>(List.of(table.rows().get(i).name()));
            table.cells().get(i).forEach(c -> row.add(c.state().words()));
            rows.add(row);
        }
        blocks.add(new Report.Table(head, rows));
        for (int i = 0; i < table.rows().size(); i++) {
            blocks.add(card(table, i));
        }
        String moves = LibraryWords.of("report.defends", base.sideToMove().word());
        return new Report(title, moves, blocks, LibraryWords.of("report.judged-by", engine));
    }

    private static Report.Card card(WhatIf table, int row) {
        Position position = table.rows().get(row).position();
        List<Report.Text> words = new ArrayList<>();
        for (WhatIf.Cell cell : table.cells().get(row)) {
            cell.weighed()
                    .ifPresent(
                            w -> {
                                List<Move> line = Line.start(w.line(), PLIES);
                                String text = Line.numbered(position, line);
                                String state = cell.state().words();
                                words.add(
                                        new Report.Text(
                                                text + "  (" + state + ")", Report.Tone.MOVES));
                            });
        }
        boolean flipped = table.rows().get(0).position().sideToMove() == Side.BLACK;
        Diagram diagram = new Diagram(position, flipped, Optional.empty());
        return new Report.Card(diagram, table.rows().get(row).name(), words);
    }
}
