package org.zeroply.chess.notation;

import java.util.List;

/** The lines of one game as they stand in the file; {@code firstLine} is 1-based. */
record RawGame(int firstLine, List<String> lines) {

    RawGame {
        lines = List.copyOf(lines);
    }

    String text() {
        return String.join("\n", lines) + "\n";
    }
}
