package org.zeroply.desktop.board;

import java.util.List;
import java.util.Map;
import org.zeroply.chess.tree.Mark;

/**
 * What a desk lays over the board for a while: marks, a tone for squares, a sign in their corner.
 * Nothing of it belongs to the game.
 *
 * @param tones tones by square, 0-63
 * @param signs a character or two by square; what a tone says, a sign says too
 */
public record BoardOverlay(List<Mark> marks, Map<Integer, Tone> tones, Map<Integer, String> signs) {

    /** Nothing. */
    public static final BoardOverlay NONE = new BoardOverlay(List.of(), Map.of(), Map.of());

    /** How a square is toned. */
    public enum Tone {
        GOOD,
        BAD,
        LEVEL
    }

    public BoardOverlay {
        marks = List.copyOf(marks);
        tones = Map.copyOf(tones);
        signs = Map.copyOf(signs);
    }

    /** Marks alone. */
    public static BoardOverlay of(List<Mark> marks) {
        return new BoardOverlay(marks, Map.of(), Map.of());
    }
}
