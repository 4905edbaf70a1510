package org.zeroply.coach.pattern;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.zeroply.chess.board.Side;

/**
 * Reads conditions joined by {@code AND}, {@code OR}, {@code NOT} and brackets; a comma is another
 * {@code AND} and {@code no} another {@code NOT}. As is usual {@code NOT} binds closest and {@code
 * AND} closer than {@code OR}. Upper and lower case do not matter, but for {@code knight or bishop
 * on e5} and {@code knight on e5 or d5}, which are one phrase each.
 */
public final class ConditionReader {

    private static final String SIGN_ENDS = "(?=[\\s()]|$)";

    /** Squares alone, which go on with the phrase before: {@code on e5 or d5}, {@code c4, d5}. */
    private static final String SQUARES =
            "(?!\\s*[a-h][1-8](?:\\s+[a-h][1-8])*\\s*(?=[,()]|$|\\s(?:AND|OR)\\s))";

    private static final String MEN = "(?:king|queen|rook|bishop|knight|pawn|piece)";

    /** An {@code or} in small letters between kinds of men belongs to the phrase. */
    private static final String BETWEEN_MEN =
            "(?!(?<=" + MEN + "s?\\sor)\\s+(?:an?\\s)?" + MEN + "s?\\b)";

    private static final Pattern SIGNS =
            Pattern.compile(
                    "[()]|,"
                            + SQUARES
                            + "(?!\\s*not taken)|(?<=^|[\\s()])(?:AND|NOT(?!\\s+(?:taken|developed|connected|attackable|challenged|attacked by (?:an? )?(?:enemy )?pawns?\\b|(?:yet )?castled?(?: yet)?\\s*(?:[,)]|$|(?:AND|OR|(?:BY|AT|ON|AFTER) MOVE)\\b)))|(?-i:OR)"
                            + "|OR"
                            + SQUARES
                            + BETWEEN_MEN
                            + "(?!\\s+shut))"
                            + SIGN_ENDS,
                    Pattern.CASE_INSENSITIVE);

    private static final Pattern NONE = Pattern.compile("^no (.+)", Pattern.CASE_INSENSITIVE);

    /** What a side has may be said as what is its own: {@code white has a passed pawn on d5}. */
    private static final Pattern HAS =
            Pattern.compile("^(white|black) has (?:an? |the )?", Pattern.CASE_INSENSITIVE);

    /** What a side has is said of it also behind the next {@code and}. */
    private static final Pattern HAD =
            Pattern.compile("^(?:white|black) has ", Pattern.CASE_INSENSITIVE);

    private static final Pattern ARTICLE =
            Pattern.compile("^(?:an?|the) ", Pattern.CASE_INSENSITIVE);

    private static final Pattern NAMED_SIDE =
            Pattern.compile("\\b(?:white|black)\\b", Pattern.CASE_INSENSITIVE);

    /** What coaches speak of and no fact proves, and what can be asked in its place. */
    private static final Map<String, List<String>> JUDGED =
            Map.of(
                    "winning", List.of("white won", "white ahead by at least 3 points"),
                    "losing", List.of("white lost", "black ahead by at least 3 points"),
                    "zugzwang", List.of("black frozen", "black tied man", "pawn ending"),
                    "fortress", List.of("locked chains", "opposite-coloured bishops"),
                    "initiative",
                            List.of(
                                    "white ahead in development",
                                    "white has more space",
                                    "white threat concrete"),
                    "attack", List.of("white pawn storm", "black exposed king", "white threat"),
                    "counterplay", List.of("white played a break", "white passed pawn"),
                    "compensation", List.of("white sacrificed a pawn", "black is a pawn up"),
                    "prophylaxis", List.of("black threat", "white ignored threat"));

    /** What is said last, behind a word that joins. */
    private static final Pattern LAST_PART =
            Pattern.compile("^.* (?:with|but|in|for)(?: the| an?|) ([a-z]+)$");

    /** Stands for an {@code and} behind what a side has. */
    private static final String ALSO = "ALSO";

    private static final Set<String> JOINTS = Set.of("AND", ALSO);

    private static final Pattern LACKS =
            Pattern.compile("^(white|black) has no (.+)", Pattern.CASE_INSENSITIVE);

    /** Whose it is may stand behind it. */
    private static final Pattern WHOSE =
            Pattern.compile("(.+) (?:by|for) (white|black)", Pattern.CASE_INSENSITIVE);

    private static final Pattern BOTH =
            Pattern.compile(
                    "(both(?: sides| players| colou?rs|)|neither side|neither player|nobody)"
                            + "(?: have| has| are| is|) (.+)",
                    Pattern.CASE_INSENSITIVE);

    /** Words that join two conditions as AND does, where what is beside them are conditions. */
    private static final Pattern BESIDES =
            Pattern.compile(
                    "\\s(?:(with|without|while|where|when|but|in)\\s"
                            + "|(?=(?:after|before|from|until|up to|by|between|on) moves? \\d))",
                    Pattern.CASE_INSENSITIVE);

    /** What a check or mate is given with is no man that stands anywhere. */
    private static final Pattern GIVEN =
            Pattern.compile(
                    ".*\\b(?:mate|checks?)(?: by (?:white|black))?", Pattern.CASE_INSENSITIVE);

    /** What each side counts from its own edge, where no side is named. */
    private static final Pattern OF_OWN_RANK =
            Pattern.compile("(?!white |black ).* on " + Place.OWN_RANK, Pattern.CASE_INSENSITIVE);

    /** Brackets within brackets, so many at most. */
    private static final int DEEPEST = 20;

    /** So many conditions are joined by other words than AND: our choice. */
    private static final int MOST_TOGETHER = 4;

    /** Characters of a single condition at most; all 64 squares by name take less. */
    private static final int LONGEST = 500;

    /** Characters of one that is too long that are told. */
    private static final int SHOWN = 40;

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
        ConditionReader parser = new ConditionReader(words(text));
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

    /** Whether conditions are joined by more than AND. */
    static boolean isJoinedOtherwise(String text) {
        List<String> words = words(text);
        return words.contains("OR") || words.contains("(");
    }

    private static List<String> words(String said) {
        List<String> words = new ArrayList<>();
        String text = Joined.hidden(said);
        Matcher sign = SIGNS.matcher(text);
        int end = 0;
        while (sign.find()) {
            add(words, text.substring(end, sign.start()));
            String word = sign.group().toUpperCase(Locale.ROOT);
            boolean also = sign.group().equals("and") && HAD.matcher(last(words)).find();
            words.add(also ? ALSO : word.equals(",") ? "AND" : word);
            end = sign.end();
        }
        add(words, text.substring(end));
        return words;
    }

    private static String last(List<String> words) {
        return words.isEmpty() ? "" : words.get(words.size() - 1);
    }

    private static void add(List<String> words, String text) {
        if (!text.isBlank()) {
            words.add(Joined.shown(text.strip()));
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
        while (at < words.size() && JOINTS.contains(words.get(at))) {
            parts.add(words.get(at++).equals(ALSO) ? alsoHas() : single());
        }
        return parts.size() == 1 ? parts.get(0) : new Condition.All(parts);
    }

    /** What the side before has besides, unless it can only be said of both. */
    private Condition alsoHas() {
        Matcher had = HAD.matcher(words.get(at - 2));
        String text = at < words.size() ? words.get(at) : "";
        Optional<Condition> own =
                had.find() && !NAMED_SIDE.matcher(text).find()
                        ? single(Synonyms.usual(had.group() + text))
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
        return read(Synonyms.usual(text), 1)
                .orElseThrow(() -> new IllegalArgumentException(problem(text)));
    }

    /** A condition, or several with another word than AND between them. */
    private static Optional<Condition> read(String usual, int depth) {
        return ofOneOrBoth(usual).or(() -> together(usual, depth)).or(() -> withoutArticle(usual));
    }

    /** {@code a rook lift}, {@code the opposition}. */
    private static Optional<Condition> withoutArticle(String usual) {
        String bare = ARTICLE.matcher(usual).replaceFirst("");
        return bare.equals(usual) ? Optional.empty() : ofOneOrBoth(Synonyms.usual(bare));
    }

    private static Optional<Condition> ofOneOrBoth(String usual) {
        return single(usual).or(() -> ofBothSides(usual));
    }

    private static Optional<Condition> single(String usual) {
        return ofEitherSide(usual)
                .or(() -> lacking(NONE.matcher(usual).replaceFirst("$1"), usual))
                .or(() -> Phrases.read(HAS.matcher(usual).replaceFirst("$1 ")))
                .or(() -> lacking(LACKS.matcher(usual).replaceFirst("$1 $2"), usual))
                .or(() -> sideFirst(usual));
    }

    /** {@code discovered attack by white}, {@code pawn storm for black}. */
    private static Optional<Condition> sideFirst(String usual) {
        Matcher whose = WHOSE.matcher(usual);
        return whose.matches()
                ? Phrases.read(whose.group(2) + " " + whose.group(1))
                : Optional.empty();
    }

    /** {@code no passed pawns}, {@code white has no passed pawns}: what is said not to be there. */
    private static Optional<Condition> lacking(String what, String usual) {
        return what.equals(usual)
                ? Optional.empty()
                : ofEitherSide(Joined.anyOf(what)).map(Condition.Not::new);
    }

    /** {@code both sides castled kingside}, {@code neither side has castled}. */
    private static Optional<Condition> ofBothSides(String usual) {
        Matcher both = BOTH.matcher(usual);
        if (!both.matches()) {
            return Optional.empty();
        }
        boolean none = !both.group(1).toLowerCase(Locale.ROOT).startsWith("both");
        List<Condition> parts = new ArrayList<>();
        for (Side side : Side.values()) {
            Optional<Condition> part =
                    of(side, "has " + both.group(2)).or(() -> of(side, both.group(2)));
            part.map(p -> none ? new Condition.Not(p) : p).ifPresent(parts::add);
        }
        return parts.size() == Side.values().length
                ? Optional.of(new Condition.All(parts))
                : Optional.empty();
    }

    private static Optional<Condition> of(Side side, String said) {
        return single(Synonyms.usual(Condition.word(side) + " " + said));
    }

    /** Two conditions with another word than AND between them, if both can be read. */
    private static Optional<Condition> together(String usual, int depth) {
        Matcher besides = BESIDES.matcher(usual);
        while (depth < MOST_TOGETHER && besides.find()) {
            String word = besides.group(1) == null ? "" : besides.group(1).toLowerCase(Locale.ROOT);
            String before = usual.substring(0, besides.start());
            if (word.equals("with") && GIVEN.matcher(before).matches()) {
                continue;
            }
            String none = word.equals("without") ? "no " : "";
            String rest = Synonyms.usual(none + usual.substring(besides.end()));
            Optional<Condition> first = ofOneOrBoth(Synonyms.usual(before));
            Optional<Condition> second = first.flatMap(f -> read(rest, depth + 1));
            if (second.isPresent()) {
                return Optional.of(new Condition.All(List.of(first.get(), second.get())));
            }
        }
        return Optional.empty();
    }

    /** What is said without a side is meant of either. */
    private static Optional<Condition> ofEitherSide(String usual) {
        Optional<Condition> plain = Phrases.read(usual);
        if (plain.isPresent() && !OF_OWN_RANK.matcher(usual).matches()) {
            return plain;
        }
        return ofEach(usual).or(() -> plain);
    }

    private static Optional<Condition> ofEach(String usual) {
        List<String> white = Synonyms.withASide(Side.WHITE, usual);
        List<String> black = Synonyms.withASide(Side.BLACK, usual);
        for (int way = 0; way < white.size(); way++) {
            Optional<Condition> whites = Phrases.read(Synonyms.usual(white.get(way)));
            Optional<Condition> blacks = Phrases.read(Synonyms.usual(black.get(way)));
            if (whites.isPresent() && blacks.isPresent()) {
                return Optional.of(new Condition.Any(List.of(whites.get(), blacks.get())));
            }
        }
        return Optional.empty();
    }

    private static String problem(String text) {
        String bare = text.toLowerCase(Locale.ROOT).replaceFirst("^(?:white|black|mutual) ", "");
        String judged = LAST_PART.matcher(bare).replaceFirst("$1");
        if (JUDGED.containsKey(judged)) {
            return "'"
                    + (judged.equals(bare) ? text : judged)
                    + "' is a judgement of a whole position, which no fact proves; near it are: "
                    + String.join(", ", JUDGED.get(judged))
                    + ".";
        }
        if (QueryReader.isOfGame(text)) {
            return "'"
                    + text
                    + "' is said of a whole game: it stands behind a semicolon, as in"
                    + " white knight on e5; result 1-0.";
        }
        return Phrases.onlyOfChanges(text)
                .map(
                        kind ->
                                "'"
                                        + kind.words()
                                        + "' is told of moves and changes only, so it cannot be asked.")
                .orElseGet(
                        () ->
                                "'"
                                        + text
                                        + "' is no condition; like it are: "
                                        + String.join(", ", Phrases.like(text))
                                        + ". Each may have NOT before it, joined by AND, OR and"
                                        + " brackets.");
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
