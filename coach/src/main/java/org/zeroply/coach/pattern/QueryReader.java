package org.zeroply.coach.pattern;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.zeroply.chess.opening.OpeningNames;
import org.zeroply.chess.tree.GameResult;

/**
 * Reads the text form of queries: conditions, {@code THEN} between what follows each other, {@code
 * FOR n PLIES} behind what must last, and behind semicolons how it may be seen and which games
 * count. Upper and lower case do not matter.
 */
public final class QueryReader {

    private static final Pattern THEN =
            words(
                    "\\b(?:(?:AND\\s+)?THEN|(?:AND\\s+)?FOLLOWED BY|LEADING TO)(?:\\s+WITHIN\\s+(\\d+)\\s+(MOVES?|PL(?:Y|IES)))?\\b");
    private static final Pattern FOR =
            words("(.+?)\\s+(?:FOR|LASTING)\\s+(?:AT LEAST\\s+)?(\\d+)\\s+(MOVES?|PL(?:Y|IES))");

    /** At the end of a step it means the same as behind THEN. */
    private static final Pattern WITHIN =
            words("(.+?),?\\s+WITHIN\\s+(\\d+)\\s+(MOVES?|PL(?:Y|IES))");

    /** A square that stands alone between THEN and THEN is one that a pawn goes to. */
    private static final Pattern PAWN_MOVE = words("[a-h][1-8]");

    private static final Pattern CLAUSE =
            words("(player|result|since|until|rated|collection|opening)\\s+(.+)");

    private static final String OUTCOME =
            "(?:(white|black) (won|wins|lost)(?: the game)?|(?:game )?drawn|(?:a )?draw)";

    private static final Pattern SAID_OF_GAME = words(OUTCOME);

    /** Who won a game and in how many moves, which are two things. */
    private static final Pattern WON_IN =
            words(
                    "\\b(white|black) (won|wins|lost|loses) (?:the game )?(?:in|within)"
                            + " ((?:at most|under|fewer than|less than) )?(\\d{1,3}) moves");

    /** Between two parts, and before the name of an opening that is said behind a condition. */
    private static final Pattern PARTS =
            words("(\\s*(?:,|;|\\bAND\\b|\\bTHEN\\b)\\s*|\\s+in (?:the|an?) (?=[a-z]))");

    /** A part of the conditions that is about the game. */
    private static final Pattern GAME =
            words(
                    "(?:^|,|\\bAND\\b)\\s*(?:(result (?:draw|[\\d½][\\w./½-]*)|(?:since|until|rated) \\d[\\d.]*)"
                            + "|"
                            + OUTCOME
                            + ")"
                            + "\\s*(?=,|$|\\bAND\\b|\\bTHEN\\b)");

    /** What is left at the end and at the beginning where a part was taken out. */
    private static final Pattern JOINT = words("\\s*(?:,|\\bAND|\\bin (?:the|an?))$");

    private static final Pattern LEADING = words("^\\s*(?:,|AND\\b)\\s*");

    private static final Map<Query.Manner, Pattern> MANNERS =
            Map.of(
                    Query.Manner.MIRRORED,
                    words("(?:or )?(?:in the mirror|mirrored)"),
                    Query.Manner.EXCHANGED,
                    words("(?:or )?(?:with )?(?:colou?rs exchanged|either colou?r)"),
                    Query.Manner.EVERY,
                    words("every position|all positions"),
                    Query.Manner.CLEAREST,
                    words("(?:the )?clearest(?: ones| positions)?(?: first)?"));

    private static final List<String> DRAWN = List.of("draw", "½-½");

    /** Longer than any game of tournaments, so that a slip of the pen is told. */
    private static final int LONGEST = 1000;

    private final List<QueryStep> steps = new ArrayList<>();
    private final Set<Query.Manner> manners = EnumSet.noneOf(Query.Manner.class);
    private GamesAsked games = GamesAsked.ALL;

    private QueryReader() {}

    private static Pattern words(String pattern) {
        return Pattern.compile(pattern, Pattern.CASE_INSENSITIVE);
    }

    /**
     * Reads a query.
     *
     * @throws IllegalArgumentException if it is none; the message says what was expected where
     */
    public static Query read(String text) {
        QueryReader reader = new QueryReader();
        List<String> parts =
                Arrays.stream(text.strip().replaceAll("\\s+", " ").split(";"))
                        .map(String::strip)
                        .toList();
        reader.steps(reader.withoutGames(parts.get(0)));
        parts.stream().skip(1).filter(p -> !p.isEmpty()).forEach(reader::clause);
        return new Query(reader.steps, reader.manners, reader.games);
    }

    /** Whether a text is about the game and not about a position. */
    static boolean isOfGame(String text) {
        return SAID_OF_GAME.matcher(text).matches() || CLAUSE.matcher(text).matches();
    }

    /** Why a text is no query; empty if it is one. */
    public static Optional<String> problem(String text) {
        try {
            read(text);
            return Optional.empty();
        } catch (IllegalArgumentException e) {
            return Optional.of(e.getMessage());
        }
    }

    /**
     * Takes out what is said of the games among the conditions; where these are joined by OR or in
     * brackets it would mean something else there, and is left to be refused.
     */
    private String withoutGames(String text) {
        if (ConditionReader.isJoinedOtherwise(text)) {
            return text;
        }
        Matcher game = GAME.matcher(withoutOpening(inMoves(text)));
        while (game.find()) {
            if (game.group(1) != null) {
                clause(game.group(1));
            } else {
                games("result", outcome(game.group(2), game.group(3)));
            }
        }
        return game.replaceAll(" ");
    }

    private static String inMoves(String text) {
        return WON_IN.matcher(text)
                .replaceAll(
                        m -> {
                            String bound = m.group(3) == null ? "at most" : m.group(3).strip();
                            String few = bound.equalsIgnoreCase("under") ? "fewer than" : bound;
                            return String.format(
                                    "%s %s, game of %s %s moves",
                                    m.group(1),
                                    m.group(2).toLowerCase(Locale.ROOT).startsWith("w")
                                            ? "won"
                                            : "lost",
                                    few,
                                    m.group(4));
                        });
    }

    /**
     * Takes out the name of an opening that stands among the conditions, alone or as in {@code
     * knight on d5 in the Dutch}, unless it says something of the position.
     */
    private String withoutOpening(String text) {
        Matcher part = PARTS.matcher(text);
        int from = 0;
        StringBuilder left = new StringBuilder();
        while (from <= text.length()) {
            boolean more = part.find(from);
            String said = text.substring(from, more ? part.start() : text.length());
            String bare = said.strip().replaceFirst("^[Tt]he ", "");
            if (isOpening(bare)) {
                games("opening", bare);
                int before = left.toString().stripTrailing().length();
                left.setLength(before);
                Matcher joint = JOINT.matcher(left);
                if (joint.find()) {
                    left.setLength(joint.start());
                }
            } else {
                left.append(said);
            }
            if (!more) {
                break;
            }
            left.append(part.group());
            from = part.end();
        }
        return LEADING.matcher(left).replaceFirst("");
    }

    private static boolean isOpening(String said) {
        if (!OpeningNames.shipped().has(said)) {
            return false;
        }
        try {
            ConditionReader.all(said);
            return false;
        } catch (IllegalArgumentException e) {
            return true;
        }
    }

    /** The result of a game that a side won or lost; drawn where none is named. */
    private static String outcome(String side, String did) {
        if (side == null) {
            return GameResult.DRAW;
        }
        boolean white = side.equalsIgnoreCase("white") == !did.equalsIgnoreCase("lost");
        return white ? GameResult.WHITE_WINS : GameResult.BLACK_WINS;
    }

    private void steps(String text) {
        Matcher then = THEN.matcher(text);
        int from = 0;
        int within = 0;
        while (then.find()) {
            step(text.substring(from, then.start()), within);
            within = then.group(1) == null ? 0 : plies(then.group(1), then.group(2));
            from = then.end();
        }
        step(text.substring(from), within);
    }

    private void step(String text, int within) {
        String bare = text.strip().replaceFirst("^,|,$", "").strip();
        Matcher soon = WITHIN.matcher(bare);
        if (!steps.isEmpty() && within == 0 && soon.matches()) {
            step(soon.group(1), plies(soon.group(2), soon.group(3)));
            return;
        }
        if (bare.isEmpty()) {
            throw new IllegalArgumentException(
                    steps.isEmpty() && within == 0
                            ? "A query begins with a condition, such as white knight on e5."
                            : "A condition is missing beside THEN.");
        }
        Matcher lasting = FOR.matcher(bare);
        boolean lasts = lasting.matches();
        String what = lasts ? lasting.group(1) : bare;
        if (PAWN_MOVE.matcher(what).matches()) {
            what = "just played " + what;
        }
        int plies = lasts ? plies(lasting.group(2), lasting.group(3)) : 1;
        steps.add(
                new QueryStep(ConditionReader.together(ConditionReader.all(what)), plies, within));
    }

    private static int plies(String number, String unit) {
        int count = number.length() > 4 ? LONGEST + 1 : Integer.parseInt(number);
        int plies = unit.toLowerCase(Locale.ROOT).startsWith("m") ? 2 * count : count;
        if (plies < 1 || plies > LONGEST) {
            throw new IllegalArgumentException(
                    number
                            + " "
                            + unit.toLowerCase(Locale.ROOT)
                            + ": from 1 to "
                            + LONGEST
                            + " plies are possible.");
        }
        return plies;
    }

    private void clause(String text) {
        Optional<Query.Manner> manner =
                MANNERS.entrySet().stream()
                        .filter(m -> m.getValue().matcher(text).matches())
                        .map(Map.Entry::getKey)
                        .findFirst();
        if (manner.isPresent()) {
            manners.add(manner.get());
        } else if (SAID_OF_GAME.matcher(text).matches()) {
            withoutGames(text);
        } else {
            Matcher clause = CLAUSE.matcher(text);
            if (!clause.matches()) {
                throw new IllegalArgumentException(
                        "'"
                                + text
                                + "' cannot stand behind a semicolon; possible are: mirrored,"
                                + " colours exchanged, every position, clearest"
                                + " first, player NAME, result 1-0,"
                                + " since 2020, until 2024.06, rated 2200, collection NAME,"
                                + " opening NAME.");
            }
            games(clause.group(1).toLowerCase(Locale.ROOT), clause.group(2).strip());
        }
    }

    private void games(String name, String value) {
        games =
                games.with(
                        name,
                        switch (name) {
                            case "result" ->
                                    GamesAsked.result(
                                            DRAWN.contains(value) ? GameResult.DRAW : value);
                            case "since", "until" -> GamesAsked.date(value);
                            case "rated" -> rating(value);
                            case "opening" -> OpeningNames.spelled(value);
                            default -> value;
                        });
    }

    private static String rating(String value) {
        if (!value.matches("\\d{1,4}")) {
            throw new IllegalArgumentException(
                    "A rating is a number such as 2200, not " + value + ".");
        }
        return value;
    }
}
