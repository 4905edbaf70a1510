package org.zeroply.coach.pattern;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * Reads conditions joined by {@code AND}, {@code OR}, {@code NOT} and brackets; a comma is another
 * {@code AND} and {@code no} another {@code NOT}. As is usual {@code NOT} binds closest and {@code
 * AND} closer than {@code OR}. Upper and lower case do not matter, but for {@code knight or bishop
 * on e5} and {@code knight on e5 or d5}, which are one phrase each.
 */
public final class ConditionReader {

    /** What a side has is said of it also behind the next {@code and}. */
    private static final Pattern HAD = Phrase.pattern("^(?:white|black) has ");

    /** A man of which nothing else is said. */
    private static final Pattern BARE =
            Phrase.pattern("(?:an? |the )?(white |black )?" + Signs.MEN + "s?");

    /** Brackets within brackets, so many at most. */
    private static final int DEEPEST = 20;

    /** Characters of a single condition at most; all 64 squares by name take less. */
    private static final int LONGEST = 500;

    /** Characters of one that is too long that are told. */
    private static final int SHOWN = 40;

    private final PhraseReader phrases = new PhraseReader();
    private final List<String> words;
    private int at;
    private int depth;

    private ConditionReader(List<String> words) {
        this.words = words;
    }

    /**
     * The conditions that a text wants all of.
     *
     * @throws IllegalArgumentException if it cannot be read, with what was expected
     */
    public static List<Condition> all(String text) {
        ConditionReader parser = new ConditionReader(Signs.split(text));
        Condition whole = parser.either();
        if (parser.at < parser.words.size()) {
            throw new IllegalArgumentException(misplaced(parser.words.get(parser.at), text));
        }
        return whole instanceof Condition.All all ? all.parts() : List.of(whole);
    }

    private static String misplaced(String word, String text) {
        return word.equals(")")
                ? "')' closes no bracket in: " + text
                : "'"
                        + word
                        + "' stands in front of a condition, behind AND, OR or a comma; not so in: "
                        + text;
    }

    /** Whether a text can be read. */
    static boolean isReadable(String text) {
        try {
            all(text);
            return true;
        } catch (IllegalArgumentException e) {
            return false;
        }
    }

    /** Whether conditions are joined by more than AND. */
    static boolean isJoinedOtherwise(String text) {
        List<String> words = Signs.split(text);
        return words.contains("OR") || words.contains("(");
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
        while (at < words.size() && Signs.JOINTS.contains(words.get(at))) {
            parts.add(words.get(at++).equals(Signs.ALSO) ? also() : single());
        }
        return parts.size() == 1 ? parts.get(0) : new Condition.All(parts);
    }

    /** What stands behind an {@code and} in small letters. */
    private Condition also() {
        String next = at < words.size() ? words.get(at) : "";
        String before = words.get(at - 2);
        if (!BARE.matcher(next).matches() || HAD.matcher(before).find()) {
            return goesOn().orElseGet(this::alsoHas);
        }
        Matcher man = BARE.matcher(before);
        if (!man.matches()) {
            throw new IllegalArgumentException(
                    "'" + next + "' alone behind 'and' can mean many things: where is it?");
        }
        boolean named = man.group(1) == null || Subject.isNamed(next);
        words.set(at, (named ? "" : man.group(1)) + PhraseReader.withoutArticle(next));
        return single();
    }

    /** What the side before does besides, where it goes on with a verb. */
    private Optional<Condition> goesOn() {
        String next = at < words.size() ? words.get(at) : "";
        Optional<Condition> own = Subject.carried(words.get(at - 2), next).flatMap(phrases::single);
        own.ifPresent(c -> at++);
        return own;
    }

    /** What the side before has besides, unless it can only be said of both. */
    private Condition alsoHas() {
        Matcher had = HAD.matcher(words.get(at - 2));
        String text = at < words.size() ? words.get(at) : "";
        Optional<Condition> own =
                had.find() && !Subject.isNamed(text)
                        ? phrases.single(had.group() + text)
                        : Optional.empty();
        own.ifPresent(c -> at++);
        return own.orElseGet(this::single);
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
        if (text.length() > LONGEST) {
            throw new IllegalArgumentException(
                    "'" + text.substring(0, SHOWN) + " …' is too long for one condition.");
        }
        return phrases.read(text)
                .orElseThrow(() -> new IllegalArgumentException(Unread.problem(text)));
    }

    /** An example of each condition that can be written. */
    public static List<String> examples() {
        return Phrases.examples();
    }

    /** The same by what they are about, as in a menu. */
    public static Map<String, List<String>> menu() {
        return Phrases.menu();
    }

    /** All of some conditions as one. */
    static Condition together(List<Condition> all) {
        return all.size() == 1 ? all.get(0) : new Condition.All(all);
    }
}
