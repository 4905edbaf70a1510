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
import java.util.stream.IntStream;
import org.zeroply.chess.board.Side;
import org.zeroply.chess.opening.OpeningNames;
import org.zeroply.chess.tree.GameResult;

/**
 * Reads the text form of queries: conditions, {@code THEN} between what follows each other, {@code
 * FOR n PLIES} behind what must last, and behind semicolons how it may be seen and which games
 * count. Upper and lower case do not matter.
 */
public final class QueryReader {

    private static final Pattern THEN =
            Phrase.pattern(
                    "\\b(?:(?:AND\\s+)?THEN|(?:AND\\s+)?FOLLOWED BY|LEADING TO|FOR(?=\\s+(?:CHECK)?MATE\\b))(?:\\s+WITHIN\\s+(\\d+)\\s+(MOVES?|PL(?:Y|IES)))?\\b");
    private static final Pattern FOR =
            Phrase.pattern(
                    "(.+?)\\s+(?:FOR|LASTING)\\s+(?:AT LEAST\\s+)?(\\d+)\\s+(MOVES?|PL(?:Y|IES))");

    /** At the end of a step it means the same as behind THEN. */
    private static final Pattern WITHIN =
            Phrase.pattern("(.+?),?\\s+WITHIN\\s+(\\d+)\\s+(MOVES?|PL(?:Y|IES))");

    /** What is said first and happens last. */
    private static final Pattern AFTER =
            Phrase.pattern(
                    "(.+?),? (?:after|following|preceded by) (?:an? |the )?(?!moves? \\d)(.+)"
                            + "|(.+?) with (?:an? |the )?(.+?) (?:before (?:it|that)|first)");

    /** A square that stands alone between THEN and THEN is one that a pawn goes to. */
    private static final Pattern PAWN_MOVE = Phrase.pattern("[a-h][1-8]");

    private static final Pattern CLAUSE =
            Phrase.pattern(
                    "((?:white |black |)player|opponent|result|since|until|rated|collection"
                            + "|opening)\\s+(.+)");

    private static final Map<Query.Manner, Pattern> MANNERS =
            Map.of(
                    Query.Manner.MIRRORED,
                    Phrase.pattern("(?:or )?(?:in the mirror|mirrored)"),
                    Query.Manner.EXCHANGED,
                    Phrase.pattern("(?:or )?(?:with )?(?:colou?rs exchanged|either colou?r)"),
                    Query.Manner.EVERY,
                    Phrase.pattern("every position|all positions"),
                    Query.Manner.CLEAREST,
                    Phrase.pattern("(?:the )?clearest(?: ones| positions)?(?: first)?"));

    private static final List<String> DRAWN = List.of("draw", "½-½");

    /** Longer than any game of tournaments, so that a slip of the pen is told. */
    private static final int LONGEST = 1000;

    private final List<QueryStep> steps = new ArrayList<>();
    private final Set<Query.Manner> manners = EnumSet.noneOf(Query.Manner.class);
    private GamesAsked games = GamesAsked.ALL;

    private QueryReader() {}

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
        int first = ofPositions(parts);
        SaidOfGame said = SaidOfGame.in(parts.get(first));
        said.clauses().forEach(reader::clause);
        reader.steps(SaidApart.inSteps(said.conditions()));
        for (int i = 0; i < parts.size(); i++) {
            if (i != first && !parts.get(i).isEmpty()) {
                reader.clause(parts.get(i));
            }
        }
        return new Query(reader.steps, reader.manners, reader.games);
    }

    /** The part that is about positions: the first one, unless only a later one is. */
    private static int ofPositions(List<String> parts) {
        return IntStream.range(0, parts.size())
                .filter(i -> !CLAUSE.matcher(parts.get(i)).matches())
                .findFirst()
                .orElse(0);
    }

    /** Whether a text is about the game and not about a position. */
    static boolean isOfGame(String text) {
        return SaidOfGame.isOutcome(text) || CLAUSE.matcher(text).matches();
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

    /** What is said to come after something else, in the order in which it happens. */
    private static String inOrder(String text) {
        Matcher after = AFTER.matcher(text);
        if (!SaidApart.isSentence(text)
                || THEN.matcher(text).find()
                || !after.matches()
                || ConditionReader.isReadable(text)) {
            return text;
        }
        int last = after.group(1) != null ? 1 : 3;
        return after.group(last + 1) + " THEN " + after.group(last);
    }

    private void steps(String said) {
        String text = inOrder(said);
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
        } else if (SaidOfGame.isOutcome(text)) {
            SaidOfGame.in(text).clauses().forEach(this::clause);
        } else {
            Matcher clause = CLAUSE.matcher(text);
            if (!clause.matches()) {
                throw new IllegalArgumentException(
                        "'"
                                + text
                                + "' cannot stand behind a semicolon; possible are: mirrored,"
                                + " colours exchanged, every position, clearest"
                                + " first, player NAME, player NAME as white, opponent NAME, result 1-0,"
                                + " since 2020, until 2024.06, rated 2200, collection NAME,"
                                + " opening NAME.");
            }
            games(clause.group(1).toLowerCase(Locale.ROOT), clause.group(2).strip());
        }
    }

    private void games(String name, String value) {
        PlayersAsked players = games.players();
        games =
                switch (name) {
                    case "player" -> games.by(players.and(PlayersAsked.read(value)));
                    case "white player", "black player" -> {
                        Side had = Subject.of(name).orElseThrow();
                        yield games.by(players.and(PlayersAsked.read(value).as(had)));
                    }
                    case "opponent" -> games.by(players.against(value));
                    default -> games.with(name, ofGames(name, value));
                };
    }

    private static String ofGames(String name, String value) {
        return switch (name) {
            case "result" -> GamesAsked.result(DRAWN.contains(value) ? GameResult.DRAW : value);
            case "since", "until" -> GamesAsked.date(value);
            case "rated" -> rating(value);
            case "opening" -> OpeningNames.spelled(value);
            default -> value;
        };
    }

    private static String rating(String value) {
        if (!value.matches("\\d{1,4}")) {
            throw new IllegalArgumentException(
                    "A rating is a number such as 2200, not " + value + ".");
        }
        return value;
    }
}
