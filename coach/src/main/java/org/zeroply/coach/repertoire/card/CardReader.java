package org.zeroply.coach.repertoire.card;

import java.util.List;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.zeroply.coach.fact.FactKind;
import org.zeroply.coach.pattern.Condition;
import org.zeroply.coach.pattern.ConditionReader;
import org.zeroply.coach.texts.CoachWords;

/** Reads the text form of a card. Upper and lower case of the small words do not matter. */
public final class CardReader {

    private static final Pattern CARD =
            Pattern.compile(
                    "IF\\s+(.+?)\\s+THEN\\s+(.+?)(?:\\s+UNLESS\\s+(.+))?",
                    Pattern.CASE_INSENSITIVE);

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
                    CoachWords.of("repertoire.a-card-reads-if-condition", text));
        }
        return new Card(
                conditions(card.group(1)),
                card.group(2),
                card.group(3) == null ? List.of() : conditions(card.group(3)));
    }

    /** Conditions that are seen at once: cards are held against positions while one plays on. */
    private static List<Condition> conditions(String text) {
        List<Condition> all = ConditionReader.all(text);
        Optional<FactKind> searched =
                all.stream().flatMap(condition -> condition.searches().stream()).findFirst();
        if (searched.isPresent()) {
            throw new IllegalArgumentException(
                    CoachWords.of("repertoire.takes-a-search-to-see", searched.get().words()));
        }
        return all;
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

    /** An example of each condition that can be written. */
    public static List<String> examples() {
        return ConditionReader.examples();
    }
}
