package org.zeroply.coach.repertoire.card;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * Reads conditions joined by {@code AND}, {@code OR}, {@code NOT} and brackets. As is usual {@code
 * NOT} binds closest and {@code AND} closer than {@code OR}.
 */
final class ConditionParser {

    private static final Pattern SIGNS =
            Pattern.compile(
                    "[()]|(?<=^|[\\s()])(?:AND|OR|NOT)(?=[\\s()]|$)", Pattern.CASE_INSENSITIVE);

    /** Brackets within brackets, so many at most. */
    private static final int DEEPEST = 20;

    private final List<String> words;
    private int at;
    private int depth;

    private ConditionParser(List<String> words) {
        this.words = words;
    }

    /**
     * The conditions that a text wants all of.
     *
     * @throws IllegalArgumentException if it cannot be read, with what was expected
     */
    static List<Condition> all(String text) {
        ConditionParser parser = new ConditionParser(words(text));
        Condition whole = parser.either();
        if (parser.at < parser.words.size()) {
            throw new IllegalArgumentException(
                    "'" + parser.words.get(parser.at) + "' closes no bracket in: " + text);
        }
        return whole instanceof Condition.All all ? all.parts() : List.of(whole);
    }

    private static List<String> words(String text) {
        List<String> words = new ArrayList<>();
        Matcher sign = SIGNS.matcher(text);
        int end = 0;
        while (sign.find()) {
            add(words, text.substring(end, sign.start()));
            words.add(sign.group().toUpperCase(Locale.ROOT));
            end = sign.end();
        }
        add(words, text.substring(end));
        return words;
    }

    private static void add(List<String> words, String text) {
        if (!text.isBlank()) {
            words.add(text.strip());
        }
    }

    private boolean next(String sign) {
        boolean is = at < words.size() && words.get(at).equals(sign);
        at += is ? 1 : 0;
        return is;
    }

    private Condition either() {
        List<Condition> parts = new ArrayList<>(List.of(both()));
        while (next("OR")) {
            parts.add(both());
        }
        return parts.size() == 1 ? parts.get(0) : new Condition.Any(parts);
    }

    private Condition both() {
        List<Condition> parts = new ArrayList<>(List.of(single()));
        while (next("AND")) {
            parts.add(single());
        }
        return parts.size() == 1 ? parts.get(0) : new Condition.All(parts);
    }

    /** Two NOTs are none, however many there are. */
    private Condition single() {
        boolean negated = false;
        while (next("NOT")) {
            negated = !negated;
        }
        Condition plain = next("(") ? bracket() : phrase();
        return negated ? new Condition.Not(plain) : plain;
    }

    private Condition bracket() {
        if (++depth > DEEPEST) {
            throw new IllegalArgumentException("More than " + DEEPEST + " brackets in each other.");
        }
        Condition inside = either();
        if (!next(")")) {
            throw new IllegalArgumentException("A bracket is not closed after: " + inside.text());
        }
        depth--;
        return inside;
    }

    private Condition phrase() {
        String text = at < words.size() ? words.get(at++) : "";
        return Phrases.read(text)
                .orElseThrow(
                        () ->
                                new IllegalArgumentException(
                                        "'"
                                                + text
                                                + "' is no condition; possible are: "
                                                + String.join(", ", Phrases.examples())
                                                + "; each with NOT before it, joined by AND, OR"
                                                + " and brackets."));
    }
}
