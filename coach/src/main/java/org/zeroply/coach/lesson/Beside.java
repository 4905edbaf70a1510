package org.zeroply.coach.lesson;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import org.zeroply.chess.board.Position;

/**
 * A position that stands beside the one of its step.
 *
 * @param cells what becomes of each defence here; empty where none are asked about
 * @param words what is different; may be empty
 */
public record Beside(Position position, List<Cell> cells, String words) {

    public Beside {
        cells = List.copyOf(cells);
    }

    /**
     * What becomes of a defence.
     *
     * @param move the defence, as it is written in the position of the step
     * @param becomes {@code works}, {@code at a price}, {@code fails}, {@code not possible} or
     *     {@code unclear}
     */
    public record Cell(String move, String becomes) {}

    /** The text in a tag: {@code FEN | Kh8 works; Rf7 fails | White's pawn h5 on h6}. */
    public String written() {
        String table =
                cells.stream()
                        .map(c -> c.move() + " " + c.becomes())
                        .collect(Collectors.joining("; "));
        return position.fen() + " | " + table + " | " + words.strip();
    }

    /** Reads the text of a tag; empty if there is no position in it. */
    public static Optional<Beside> read(String written) {
        String[] parts = written.split("\\|", 3);
        try {
            Position position = Position.fromFen(parts[0].strip());
            return Optional.of(
                    new Beside(
                            position,
                            cells(parts.length > 1 ? parts[1].strip() : ""),
                            parts.length > 2 ? parts[2].strip() : ""));
        } catch (IllegalArgumentException e) {
            return Optional.empty();
        }
    }

    private static List<Cell> cells(String text) {
        List<Cell> cells = new ArrayList<>();
        for (String cell : text.split(";")) {
            String[] words = cell.strip().split("\\s+", 2);
            if (words.length == 2) {
                cells.add(new Cell(words[0], words[1]));
            }
        }
        return cells;
    }
}
