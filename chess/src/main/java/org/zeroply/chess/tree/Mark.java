package org.zeroply.chess.tree;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Collectors;
import org.zeroply.chess.board.Square;

/**
 * A mark on the board: its meaning, and the squares (0-63) it concerns. Arrows have a start and an
 * end, a route has two squares or more, the others have one.
 */
public record Mark(Meaning meaning, List<Integer> squares) {

    /** What a mark says; how it is drawn follows from it. */
    public enum Meaning {
        IDEA(2),
        THREAT(2),
        ROUTE(2),
        TARGET(1),
        WEAK(1),
        KEY(1);

        private final int fewest;

        Meaning(int fewest) {
            this.fewest = fewest;
        }

        /** Whether the mark leads from one square to another. */
        public boolean isArrow() {
            return fewest == 2;
        }

        /** The word in files and on screen, lower case. */
        public String word() {
            return name().toLowerCase(Locale.ROOT);
        }
    }

    /**
     * @throws IllegalArgumentException if the number of squares does not fit the meaning
     */
    public Mark {
        squares = List.copyOf(squares);
        boolean fits =
                meaning == Meaning.ROUTE ? squares.size() >= 2 : squares.size() == meaning.fewest;
        if (!fits) {
            throw new IllegalArgumentException(
                    "a mark of meaning "
                            + meaning.word()
                            + " cannot have "
                            + squares.size()
                            + " squares");
        }
    }

    /** The text form, such as {@code route g1f3e5}. */
    public String text() {
        return meaning.word()
                + " "
                + squares.stream().map(Square::name).collect(Collectors.joining());
    }

    /** Reads the text form; empty when it is not one. */
    public static Optional<Mark> parse(String text) {
        String[] parts = text.strip().split("\\s+");
        if (parts.length != 2 || parts[1].length() % 2 != 0) {
            return Optional.empty();
        }
        List<Integer> squares = new ArrayList<>();
        for (int i = 0; i < parts[1].length(); i += 2) {
            squares.add(Square.parse(parts[1].substring(i, i + 2)));
        }
        try {
            Meaning meaning = Meaning.valueOf(parts[0].toUpperCase(Locale.ROOT));
            return squares.contains(-1)
                    ? Optional.empty()
                    : Optional.of(new Mark(meaning, squares));
        } catch (IllegalArgumentException e) {
            return Optional.empty();
        }
    }
}
