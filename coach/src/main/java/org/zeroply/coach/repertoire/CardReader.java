package org.zeroply.coach.repertoire;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.zeroply.chess.board.PieceType;
import org.zeroply.chess.board.Side;
import org.zeroply.chess.board.Square;
import org.zeroply.coach.fact.FactKind;

/** Reads the text form of a card. Upper and lower case of the small words do not matter. */
public final class CardReader {

    private static final int FLAGS = Pattern.CASE_INSENSITIVE;
    private static final Pattern CARD =
            Pattern.compile("IF\\s+(.+?)\\s+THEN\\s+(.+?)(?:\\s+UNLESS\\s+(.+))?", FLAGS);
    private static final Pattern AND = Pattern.compile("\\s+AND\\s+", FLAGS);
    private static final Pattern NOT = Pattern.compile("NOT\\s+(.+)", FLAGS);
    private static final Pattern MAN =
            Pattern.compile(
                    "(white|black) (king|queen|rook|bishop|knight|pawn) on ([a-h][1-8])", FLAGS);
    private static final Pattern ATTACKED =
            Pattern.compile("([a-h][1-8]) attacked by (white|black)", FLAGS);
    private static final Pattern CASTLED = Pattern.compile("(white|black) castled", FLAGS);
    private static final Pattern PAWN =
            Pattern.compile(
                    "(white|black) (isolated|doubled|backward|passed) pawn on ([a-h][1-8])", FLAGS);
    private static final Pattern POSSIBLE = Pattern.compile("move (\\S+) possible", FLAGS);

    private CardReader() {}

    /**
     * Reads a card.
     *
     * @throws IllegalArgumentException if it is none; the message says what was expected where
     */
    public static Card read(String text) {
        Matcher card = CARD.matcher(text.strip().replaceAll("\\s+", " "));
        if (!card.matches()) {
            throw new IllegalArgumentException(
                    "A card reads: IF condition AND condition THEN what to do UNLESS condition; not: "
                            + text);
        }
        return new Card(
                conditions(card.group(1)),
                card.group(2),
                card.group(3) == null ? List.of() : conditions(card.group(3)));
    }

    /** The cards of a position in all orders, without those that cannot be read. */
    public static List<Card> readable(Spot spot) {
        return texts(spot).filter(t -> problem(t).isEmpty()).map(CardReader::read).toList();
    }

    /** The texts of the cards of a position, each once. */
    static Stream<String> texts(Spot spot) {
        return spot.places().stream()
                .flatMap(n -> n.annotation().repertoire().cards().stream())
                .distinct();
    }

    /** Why a text is no card; empty if it is one. */
    public static Optional<String> problem(String text) {
        try {
            read(text);
            return Optional.empty();
        } catch (IllegalArgumentException e) {
            return Optional.of(e.getMessage());
        }
    }

    private static List<Condition> conditions(String text) {
        List<Condition> conditions = new ArrayList<>();
        for (String part : AND.split(text)) {
            conditions.add(condition(part.strip()));
        }
        return conditions;
    }

    /** Two NOTs are none, however many there are. */
    private static Condition condition(String text) {
        String rest = text;
        boolean negated = false;
        for (Matcher not = NOT.matcher(rest); not.matches(); not = NOT.matcher(rest)) {
            rest = not.group(1);
            negated = !negated;
        }
        Condition plain = plain(rest);
        return negated ? new Condition.Not(plain) : plain;
    }

    private static Condition plain(String text) {
        return man(text)
                .or(() -> pawn(text))
                .or(() -> other(text))
                .orElseThrow(
                        () ->
                                new IllegalArgumentException(
                                        "'"
                                                + text
                                                + "' is no condition; possible are: white knight on"
                                                + " e5, e5 attacked by black, white castled, black"
                                                + " isolated pawn on d5, move Nxe5 possible, each"
                                                + " with NOT before it."));
    }

    private static Optional<Condition> man(String text) {
        Matcher m = MAN.matcher(text);
        if (!m.matches()) {
            return Optional.empty();
        }
        PieceType type = PieceType.valueOf(m.group(2).toUpperCase(Locale.ROOT));
        return Optional.of(new Condition.ManOn(side(m.group(1)), type, square(m.group(3))));
    }

    private static Optional<Condition> pawn(String text) {
        Matcher m = PAWN.matcher(text);
        if (!m.matches()) {
            return Optional.empty();
        }
        FactKind kind = FactKind.valueOf(m.group(2).toUpperCase(Locale.ROOT));
        return Optional.of(new Condition.PawnIs(side(m.group(1)), kind, square(m.group(3))));
    }

    private static Optional<Condition> other(String text) {
        Matcher attacked = ATTACKED.matcher(text);
        if (attacked.matches()) {
            return Optional.of(
                    new Condition.Attacked(square(attacked.group(1)), side(attacked.group(2))));
        }
        Matcher castled = CASTLED.matcher(text);
        if (castled.matches()) {
            return Optional.of(new Condition.Castled(side(castled.group(1))));
        }
        Matcher possible = POSSIBLE.matcher(text);
        return possible.matches()
                ? Optional.of(new Condition.Possible(possible.group(1)))
                : Optional.empty();
    }

    private static Side side(String word) {
        return word.equalsIgnoreCase("white") ? Side.WHITE : Side.BLACK;
    }

    private static int square(String name) {
        return Square.parse(name.toLowerCase(Locale.ROOT));
    }
}
