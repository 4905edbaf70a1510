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
import java.util.stream.Collectors;
import org.zeroply.chess.board.Side;

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
                    "((?:white |black |)player|opponent|result|termination|since|until|(?:higher |)rated"
                            + "|event|site|round|collection|opening|eco)\\s+(.+)");

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
        Query query = part(text);
        query.games().requireWhole();
        return query;
    }

    /** Whether a text can be read as a query, or as what goes on with one that names a player. */
    static boolean isPart(String text) {
        try {
            part(text);
            return true;
        } catch (IllegalArgumentException e) {
            return false;
        }
    }

    private static Query part(String text) {
        QueryReader reader = new QueryReader();
        List<String> parts =
                Arrays.stream(text.strip().replaceAll("\\s+", " ").split(";"))
                        .map(String::strip)
                        .map(SaidOfPlayers::inClauses)
                        .filter(part -> !part.isEmpty())
                        .collect(Collectors.toList());
        Optional<String> first =
                parts.stream()
                        .filter(p -> !isBeside(p))
                        .findFirst()
                        .or(() -> parts.stream().filter(SaidAhead::begins).findFirst());
        first.ifPresent(parts::remove);
        first.ifPresent(reader::conditions);
        parts.forEach(reader::clause);
        if (reader.steps.isEmpty()) {
            reader.steps.add(new QueryStep(whole(reader.games), 1, 0));
        }
        return new Query(reader.steps, reader.manners, reader.games);
    }

    /** Whether a part is not about positions. */
    private static boolean isBeside(String part) {
        return manner(part).isPresent()
                || SaidAhead.begins(part)
                || isClause(part)
                || SaidOfGame.in(part).conditions().isBlank();
    }

    /** Whether it is a clause, right or wrong, and nothing besides. */
    private static boolean isClause(String part) {
        return CLAUSE.matcher(part).matches()
                && !part.contains(",")
                && !ConditionReader.isReadable(part);
    }

    private void conditions(String text) {
        Optional<SaidAhead> named = SaidAhead.in(text).or(() -> SaidAhead.inside(text));
        if (named.isPresent()) {
            clause(named.get().clause());
            conditions(named.get().conditions());
            return;
        }
        SaidOfGame said = SaidOfGame.in(text);
        said.clauses().forEach(this::clause);
        if (!said.conditions().isBlank()) {
            steps(SaidApart.inSteps(said.conditions()));
        }
    }

    /**
     * What is shown of games of which no position is asked: where they ended, or where the opening
     * did if that is what was asked for.
     *
     * @throws IllegalArgumentException if nothing is said of the games, either
     */
    private static Condition whole(GamesAsked games) {
        if (games.equals(GamesAsked.ALL)) {
            throw new IllegalArgumentException(
                    "A query begins with a condition, such as white knight on e5.");
        }
        return games.of(OpeningAsked.ANY).equals(GamesAsked.ALL)
                ? new RuleCondition.OpeningOver()
                : new RuleCondition.GameOver();
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

    private static Optional<Query.Manner> manner(String text) {
        return MANNERS.entrySet().stream()
                .filter(m -> m.getValue().matcher(text).matches())
                .map(Map.Entry::getKey)
                .findFirst();
    }

    private void clause(String text) {
        Optional<Query.Manner> manner = manner(text);
        String said = SaidAhead.in(text).map(QueryReader::alone).orElse(text);
        Matcher clause = CLAUSE.matcher(said);
        if (manner.isPresent()) {
            manners.add(manner.get());
        } else if (clause.matches()) {
            games(clause.group(1).toLowerCase(Locale.ROOT), clause.group(2).strip());
        } else {
            SaidOfGame game = SaidOfGame.in(text);
            if (!game.conditions().isBlank()) {
                throw new IllegalArgumentException(
                        "'"
                                + text
                                + "' cannot stand behind a semicolon; possible are: mirrored,"
                                + " colours exchanged, every position, clearest"
                                + " first, player NAME, player NAME as white, opponent NAME, result 1-0,"
                                + " since 2020, until 2024.06, rated 2200, higher rated"
                                + " opponent, event NAME, site NAME, round 3, termination time,"
                                + " collection NAME, opening NAME, eco B90-B99.");
            }
            game.clauses().forEach(this::clause);
        }
    }

    /** A clause behind which nothing is asked of positions. */
    private static String alone(SaidAhead ahead) {
        if (!ahead.conditions().isEmpty()) {
            throw new IllegalArgumentException(
                    "'"
                            + ahead.conditions()
                            + "' is asked of positions: it stands before the first semicolon.");
        }
        return ahead.clause();
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
                    default -> games.with(name, value);
                };
    }
}
