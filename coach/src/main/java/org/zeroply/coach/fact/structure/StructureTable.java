package org.zeroply.coach.fact.structure;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.board.Side;
import org.zeroply.chess.board.Square;
import org.zeroply.chess.notation.San;
import org.zeroply.coach.fact.Fact;
import org.zeroply.coach.fact.FactKind;
import org.zeroply.coach.fact.Scene;

/**
 * The structures after several moves as a table: a column for the position as it is and one for
 * each move, a row for whatever is not the same in all of them.
 *
 * @param columns headings of the columns
 * @param rows the rows that tell the moves apart
 */
public record StructureTable(List<String> columns, List<Row> rows) {

    private static final List<FactKind> KINDS =
            List.of(
                    FactKind.ISLANDS,
                    FactKind.ISOLATED,
                    FactKind.DOUBLED,
                    FactKind.BACKWARD,
                    FactKind.HANGING_PAIR,
                    FactKind.PASSED,
                    FactKind.CANDIDATE_PASSED,
                    FactKind.HALF_OPEN_FILE,
                    FactKind.WEAK_SQUARE);

    /** Kinds whose facts are about all their squares, not about the first alone. */
    private static final Set<FactKind> GROUPS = Set.of(FactKind.DOUBLED, FactKind.HANGING_PAIR);

    private static final String NONE = "–";

    public StructureTable {
        columns = List.copyOf(columns);
        rows = List.copyOf(rows);
    }

    /** What differs, and how it is in each column. */
    public record Row(String label, List<String> cells) {
        public Row {
            cells = List.copyOf(cells);
        }
    }

    /** The table of compared moves. */
    public static StructureTable of(Position position, List<StructureComparison> moves) {
        List<String> columns = new ArrayList<>(List.of("now"));
        List<List<Fact>> structures = new ArrayList<>();
        structures.add(StructureComparison.structure(new Scene(position)));
        for (StructureComparison move : moves) {
            columns.add(San.write(position, move.move()));
            structures.add(move.structure());
        }
        List<Row> rows = new ArrayList<>();
        for (Side side : Side.values()) {
            for (FactKind kind : KINDS) {
                List<String> cells =
                        structures.stream().map(facts -> cell(facts, side, kind)).toList();
                if (cells.stream().distinct().count() > 1) {
                    rows.add(new Row(side.word() + ": " + kind.words(), cells));
                }
            }
        }
        return new StructureTable(columns, rows);
    }

    private static String cell(List<Fact> facts, Side side, FactKind kind) {
        List<String> words =
                facts.stream()
                        .filter(f -> f.kind() == kind && f.side().equals(Optional.of(side)))
                        .map(StructureTable::word)
                        .toList();
        return words.isEmpty() ? NONE : String.join(", ", words);
    }

    private static String word(Fact fact) {
        if (fact.kind() == FactKind.ISLANDS) {
            return String.valueOf(fact.figures().get("count"));
        }
        String first = Square.name(fact.squares().get(0));
        if (fact.kind() == FactKind.HALF_OPEN_FILE) {
            return first.substring(0, 1);
        }
        return GROUPS.contains(fact.kind())
                ? String.join("-", fact.squares().stream().map(Square::name).toList())
                : first;
    }
}
