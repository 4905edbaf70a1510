package org.zeroply.coach.training.ladder;

import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.TreeSet;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.Position;

/**
 * A question about a position after a line that is not played on the board.
 *
 * @param start the position that is shown
 * @param line the moves to imagine
 * @param question what is asked
 * @param answer what is right: squares, a number or a word, in lower case
 */
public record Rung(
        Position start, List<Move> line, Kind kind, String question, Set<String> answer) {

    /** What is asked. */
    public enum Kind {
        WHERE,
        ATTACKED,
        CHECKS,
        LOOSE
    }

    /** Said when there is none of what is asked for. */
    public static final String NONE = "none";

    private static final Pattern WORDS = Pattern.compile("[^a-z0-9]+");

    public Rung {
        line = List.copyOf(line);
        answer = Set.copyOf(answer);
    }

    /**
     * Whether an answer says the same, in any order: squares as {@code e4} or {@code Ne4}, numbers
     * in figures, {@code none} also as {@code 0} or {@code -}.
     */
    public boolean isRight(String said) {
        String plain = said.strip().toLowerCase(Locale.ROOT);
        Set<String> words =
                Arrays.stream(WORDS.split(plain))
                        .filter(w -> !w.isEmpty())
                        .map(w -> w.matches("[kqrbnp][a-h][1-8]") ? w.substring(1) : w)
                        .collect(Collectors.toSet());
        boolean nothing =
                plain.equals("-") || words.equals(Set.of("0")) || words.equals(Set.of(NONE));
        boolean noneIsRight = answer.equals(Set.of(NONE)) || answer.equals(Set.of("0"));
        return nothing ? noneIsRight : words.equals(answer);
    }

    /** The answer in words, in a fixed order. */
    public String answerText() {
        return String.join(", ", new TreeSet<>(answer));
    }
}
