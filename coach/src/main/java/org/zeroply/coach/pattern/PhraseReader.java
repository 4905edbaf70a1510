package org.zeroply.coach.pattern;

import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.zeroply.chess.board.Side;

/**
 * Reads what stands between the signs that join conditions: a phrase of either side, of both, said
 * not to be so, or several phrases with a word such as {@code with} between them.
 */
final class PhraseReader {

    private static final Pattern NONE = Phrase.pattern("^no (.+)");

    /** What a side has may be said as what is its own: {@code white has a passed pawn on d5}. */
    private static final Pattern HAS = Phrase.pattern("^(white|black) has (?:an? |the )?");

    private static final Pattern ARTICLE = Phrase.pattern("^(?:an?|the) ");

    private static final Pattern LACKS = Phrase.pattern("^(white|black) has no (.+)");

    /** Whose it is may stand behind it, and before where it is. */
    private static final Pattern WHOSE =
            Phrase.pattern(
                    "(.+?) (?:by|for|of) (white|black)((?: (?:on|in|to|at|near|behind) .+)?)");

    private static final Pattern BOTH =
            Phrase.pattern(
                    "(both(?: sides| players| colou?rs|)|neither side|neither player|nobody)"
                            + "(?: have| has| are| is|) (.+)");

    /** Words that join two conditions as AND does, where what is beside them are conditions. */
    private static final Pattern BESIDES =
            Phrase.pattern(
                    "\\s(?:(with|without|while|where|when|but|in(?! check\\b))\\s"
                            + "|(?=(?:after|before|from|until|up to|by|between|on) moves? \\d))");

    /** What a check or mate is given with is no man that stands anywhere. */
    private static final Pattern GIVEN =
            Phrase.pattern("(?!.*\\bin check$).*\\b(?:mate|checks?)(?: by (?:white|black))?");

    /** What each side counts from its own edge, where no side is named. */
    private static final Pattern OF_OWN_RANK =
            Phrase.pattern("(?!white |black ).* on " + Place.OWN_RANK);

    /** So many conditions are joined by other words than AND: our choice. */
    private static final int MOST_TOGETHER = 4;

    /**
     * Characters of which the usual form is looked for at most in one condition, more than ten
     * times what any of a thousand sentences took: what can be taken apart in more ways is none
     * that a coach says.
     */
    private static final int MOST_LOOKED_AT = 16_000;

    /** What was read before, since parts of a text are tried again and again. */
    private final Map<String, Optional<Condition>> known = new HashMap<>();

    private final Map<String, Optional<Condition>> phrases = new HashMap<>();
    private final Map<String, String> usualForms = new HashMap<>();

    /** Characters of which the usual form was looked for, in the present condition. */
    private int looked;

    /** What a text says, as a condition or several with another word than AND between them. */
    Optional<Condition> read(String text) {
        looked = 0;
        String usual = usual(text);
        return read(usual, 1).or(() -> ofEnemies(usual));
    }

    /** What a text says that joins nothing. */
    Optional<Condition> single(String text) {
        return ofOne(usual(text));
    }

    private Optional<Condition> read(String usual, int depth) {
        return ofOneOrBoth(usual)
                .or(() -> together(usual, depth))
                .or(() -> ofBare(usual))
                .or(() -> ofTheSameSide(usual, depth));
    }

    /** What only comes to several conditions once a side is named holds for one and the same. */
    private Optional<Condition> ofTheSameSide(String usual, int depth) {
        return Subject.of(usual).isPresent()
                ? Optional.empty()
                : ofSides(side -> read(usual(side.smallWord() + " " + usual), depth))
                        .map(Condition.Any::new);
    }

    /** What is read of each of the two sides, if it can be read of both. */
    private static Optional<List<Condition>> ofSides(Function<Side, Optional<Condition>> read) {
        List<Condition> parts =
                Arrays.stream(Side.values()).map(read).flatMap(Optional::stream).toList();
        return parts.size() == Side.values().length ? Optional.of(parts) : Optional.empty();
    }

    /** What is said of a side and its enemy; of either side where none is named. */
    private Optional<Condition> ofEnemies(String text) {
        if (!Subject.hasEnemy(text)) {
            return Optional.empty();
        }
        Optional<Side> named = Subject.of(text);
        return named.isPresent()
                ? read(usual(Subject.withEnemy(text, named.get())), 1)
                : ofSides(
                                side ->
                                        read(
                                                usual(
                                                        side.smallWord()
                                                                + " "
                                                                + Subject.withEnemy(text, side)),
                                                1))
                        .map(Condition.Any::new);
    }

    /** {@code a rook lift}, {@code the opposition}. */
    private Optional<Condition> ofBare(String usual) {
        String bare = withoutArticle(usual);
        return bare.equals(usual) ? Optional.empty() : ofOneOrBoth(usual(bare));
    }

    private String usual(String text) {
        String before = usualForms.get(text);
        if (before == null && looked < MOST_LOOKED_AT) {
            looked += text.length();
            before = Synonyms.usual(text);
            usualForms.put(text, before);
        }
        return before == null ? text : before;
    }

    private Optional<Condition> phrase(String text) {
        return phrases.computeIfAbsent(text, Phrases::read);
    }

    static String withoutArticle(String text) {
        return ARTICLE.matcher(text).replaceFirst("");
    }

    private Optional<Condition> ofOneOrBoth(String usual) {
        Optional<Condition> before = known.get(usual);
        if (before == null) {
            before = ofOne(usual).or(() -> ofBothSides(usual));
            known.put(usual, before);
        }
        return before;
    }

    private Optional<Condition> ofOne(String usual) {
        return ofEitherSide(usual)
                .or(() -> lacking(NONE.matcher(usual).replaceFirst("$1"), usual))
                .or(() -> phrase(HAS.matcher(usual).replaceFirst("$1 ")))
                .or(() -> lacking(LACKS.matcher(usual).replaceFirst("$1 $2"), usual))
                .or(() -> sideFirst(usual));
    }

    /** {@code discovered attack by white}, {@code pawn storm for black}. */
    private Optional<Condition> sideFirst(String usual) {
        Matcher whose = WHOSE.matcher(usual);
        return whose.matches()
                ? phrase(usual(whose.group(2) + " " + whose.group(1) + whose.group(3)))
                : Optional.empty();
    }

    /** {@code no passed pawns}, {@code white has no passed pawns}: what is said not to be there. */
    private Optional<Condition> lacking(String what, String usual) {
        return what.equals(usual)
                ? Optional.empty()
                : ofEitherSide(Joined.anyOf(what))
                        .or(() -> sideFirst(Joined.anyOf(what)))
                        .map(Condition.Not::new);
    }

    /** {@code both sides castled kingside}, {@code neither side has castled}. */
    private Optional<Condition> ofBothSides(String usual) {
        Matcher both = BOTH.matcher(usual);
        if (!both.matches()) {
            return Optional.empty();
        }
        boolean none = !both.group(1).toLowerCase(Locale.ROOT).startsWith("both");
        return ofSides(
                        side ->
                                of(side, "has " + both.group(2))
                                        .or(() -> of(side, both.group(2)))
                                        .map(p -> none ? new Condition.Not(p) : p))
                .map(Condition.All::new);
    }

    private Optional<Condition> of(Side side, String said) {
        return single(side.smallWord() + " " + said);
    }

    /** Two conditions with another word than AND between them, if both can be read. */
    private Optional<Condition> together(String usual, int depth) {
        Matcher besides = BESIDES.matcher(usual);
        while (depth < MOST_TOGETHER && besides.find()) {
            String word = besides.group(1) == null ? "" : besides.group(1).toLowerCase(Locale.ROOT);
            String before = usual.substring(0, besides.start());
            if (word.equals("with") && GIVEN.matcher(before).matches()) {
                continue;
            }
            String none = word.equals("without") ? "no " : "";
            String said = none + usual.substring(besides.end());
            String rest = usual(Subject.carried(before, said).orElse(said));
            Optional<Condition> first = ofOneOrBoth(usual(before));
            Optional<Condition> second = first.flatMap(f -> read(rest, depth + 1));
            if (second.isPresent()) {
                return Optional.of(new Condition.All(List.of(first.get(), second.get())));
            }
        }
        return Optional.empty();
    }

    /** What is said without a side is meant of either. */
    private Optional<Condition> ofEitherSide(String usual) {
        Optional<Condition> plain = phrase(usual);
        if (plain.isPresent() && !OF_OWN_RANK.matcher(usual).matches()) {
            return plain;
        }
        return ofEach(usual).or(() -> plain);
    }

    private Optional<Condition> ofEach(String usual) {
        List<String> white = Synonyms.withASide(Side.WHITE, usual);
        List<String> black = Synonyms.withASide(Side.BLACK, usual);
        for (int way = 0; way < white.size(); way++) {
            Optional<Condition> whites = phrase(usual(white.get(way)));
            String ofBlack = black.get(way);
            Optional<Condition> blacks = whites.flatMap(w -> phrase(usual(ofBlack)));
            if (blacks.isPresent()) {
                return Optional.of(new Condition.Any(List.of(whites.get(), blacks.get())));
            }
        }
        return Optional.empty();
    }
}
