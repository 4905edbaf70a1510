package org.zeroply.chess.notation;

import java.util.List;

/** The lines of one game as they stand in the file; {@code firstLine} is 1-based. */
record RawGame(int firstLine, List<String> lines) {

    RawGame {
        lines = List.copyOf(lines);
    }

    /** Whether there are characters that no text has. */
    boolean isBinary() {
        return lines.stream().anyMatch(l -> l.indexOf(0) >= 0);
    }

    String text() {
        return String.join("\n", lines) + "\n";
    }
}
