package org.zeroply.coach.repertoire.card;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Collectors;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.board.Side;
import org.zeroply.chess.notation.NotationException;
import org.zeroply.chess.notation.San;

/** Something that is so in a situation, or is not. */
public sealed interface Condition
        permits Condition.Not,
                Condition.All,
                Condition.Any,
                BoardCondition,
                PawnCondition,
                MoveCondition {

    /** Whether it is so. */
    boolean holds(Situation situation);

    /** The text form, which {@link CardReader} reads. */
    String text();

    /** It is not so. */
    record Not(Condition what) implements Condition {
        @Override
        public boolean holds(Situation situation) {
            return !what.holds(situation);
        }

        @Override
        public String text() {
            return "NOT " + what.text();
        }
    }

    /** All of them are so; as a part of another condition. */
    record All(List<Condition> parts) implements Condition {
        public All {
            parts = List.copyOf(parts);
        }

        @Override
        public boolean holds(Situation situation) {
            return parts.stream().allMatch(p -> p.holds(situation));
        }

        @Override
        public String text() {
            return joined(parts, " AND ");
        }
    }

    /** At least one of them is so. */
    record Any(List<Condition> parts) implements Condition {
        public Any {
            parts = List.copyOf(parts);
        }

        @Override
        public boolean holds(Situation situation) {
            return parts.stream().anyMatch(p -> p.holds(situation));
        }

        @Override
        public String text() {
            return joined(parts, " OR ");
        }
    }

    private static String joined(List<Condition> parts, String by) {
        return parts.stream().map(Condition::text).collect(Collectors.joining(by, "(", ")"));
    }

    /** A move in SAN, if it is legal in a position. */
    static Optional<Move> move(Position position, String san) {
        try {
            return Optional.of(San.read(position, san));
        } catch (NotationException e) {
            return Optional.empty();
        }
    }

    /** The side in small letters. */
    static String word(Side side) {
        return side.word().toLowerCase(Locale.ROOT);
    }
}
