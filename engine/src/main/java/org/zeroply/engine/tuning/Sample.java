package org.zeroply.engine.tuning;

import org.zeroply.chess.board.Position;

/**
 * A quiet position of a game, with what became of it.
 *
 * @param result points of the game for White: 0, 0.5 or 1
 * @param centipawns what a search thought of the position, from White's view
 */
public record Sample(Position position, double result, int centipawns) {

    /** One line of a file: {@code FEN;result;centipawns}. */
    public String line() {
        return position.fen() + ";" + result + ";" + centipawns;
    }

    /**
     * Reads what {@link #line} wrote.
     *
     * @throws IllegalArgumentException if the line is no sample
     */
    public static Sample parse(String line) {
        String[] parts = line.split(";");
        if (parts.length != 3) {
            throw new IllegalArgumentException("not a sample: " + line);
        }
        return new Sample(
                Position.fromFen(parts[0]),
                Double.parseDouble(parts[1]),
                Integer.parseInt(parts[2]));
    }
}
