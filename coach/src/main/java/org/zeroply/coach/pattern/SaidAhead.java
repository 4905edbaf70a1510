package org.zeroply.coach.pattern;

import static org.zeroply.coach.pattern.SaidApart.form;

import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * What is said of the games ahead of what is asked of a position, without a semicolon between:
 * {@code games of NAME with an isolated queen's pawn}, {@code player NAME, black castled}.
 *
 * @param clause as it may stand behind a semicolon
 * @param conditions what is asked of the position; empty where nothing is
 */
record SaidAhead(String clause, String conditions) {

    /** What a name may stand behind. */
    private static final String WHO_AND_WHERE = "(?:white |black |)player|opponent|event|site";

    /** A clause whose value may be any text. */
    private static final Pattern NAMED =
            Phrase.pattern("(" + WHO_AND_WHERE + "|collection|opening)\\s+(.+)");

    private static final String GAMES = "(?:all |the )?games? ";

    /** What begins no name: a number of moves, or what is said of any player. */
    private static final String NAME =
            "(?!at (?:least|most)\\b|(?:more|fewer|less) than\\b|(?:under|over)\\b|\\d"
                    + "|(?:players?|masters?|an?|the|white|black)\\b)";

    /** Games, and the beginning of a name of who did something in them. */
    private static final String PLAYED = "^" + GAMES + "(?:that |which |where |in which |)" + NAME;

    /** Ways to say whose games are meant, and what it stands for. */
    private static final List<Map.Entry<Pattern, String>> WHOSE =
            List.of(
                    form("^" + GAMES + "(?:of|(?:played )?by) " + NAME + "(.+)$", "player $1"),
                    form(
                            "^" + GAMES + "(?:against|vs\\.?|versus) " + NAME + "(.+)$",
                            "opponent $1"),
                    form("^" + GAMES + "(?:in|at|from) the (?:event|tournament) (.+)$", "event $1"),
                    form("^tournament (.+)$", "event $1"),
                    form(
                            "^"
                                    + GAMES
                                    + "(won|lost) by "
                                    + NAME
                                    + "([^,]+?)((?:,| with| where| in which) .+|)$",
                            "player $2 who $1$3"),
                    form(
                            PLAYED + "([^,]+?) (?:beat|defeated) " + NAME + "(.+)$",
                            "player $1 who won against $2"),
                    form(
                            PLAYED + "([^,]+?) lost to " + NAME + "(.+)$",
                            "player $1 who lost against $2"),
                    form(PLAYED + "([^,]+?) (won|lost|drew)\\b(.*)$", "player $1 who $2$3"),
                    form(
                            "^" + NAME + "([^,]+?)(?:'s|(?<=s)') (?:wins|victories)\\b(.*)$",
                            "player $1 who won$2"),
                    form(
                            "^" + NAME + "([^,]+?)(?:'s|(?<=s)') (?:losses|defeats)\\b(.*)$",
                            "player $1 who lost$2"),
                    form(
                            "^" + NAME + "([^,]+?)(?:'s|(?<=s)') draws\\b(.*)$",
                            "player $1 who drew$2"),
                    form("^" + NAME + "([^,]+?)(?:'s|(?<=s)') games\\b(.*)$", "player $1$2"));

    /** What may stand between a name and a condition; a colour behind it is the player's. */
    private static final Pattern JOINT =
            Phrase.pattern(
                    "(,| with| where| in which| in(?= the| an?))\\s+(?!(?:the )?(?:white|black)(?: pieces)?(?:$|,))");

    /** A man alone is as well a part of a name. */
    private static final Pattern MAN = Phrase.pattern("(?:white |black )?" + Signs.MEN + "s?");

    /** Somebody who is named among the conditions; what follows one thing upon another is not. */
    private static final Pattern INSIDE =
            Phrase.pattern(
                    "(.+?)(?:(?:,|\\s+and)\\s+(?:in )?|\\s+(?:in|from)\\s+(?=(?:all |the )?games))"
                            + "((?:"
                            + WHO_AND_WHERE
                            + "|tournament|(?:all |the )?games)\\s"
                            + "(?!.*\\bthen\\b).+)");

    /** What may name somebody. */
    private static final Pattern NAMING =
            Phrase.pattern("\\b(?:" + WHO_AND_WHERE + "|tournament|games?)\\b");

    /** So often at most: games, two players and an event; our choice. */
    private static final int MOST = 4;

    /** Takes a text apart in which somebody is named behind a condition. */
    static Optional<SaidAhead> inside(String text) {
        Matcher inside = INSIDE.matcher(text);
        return isSaid(text) && inside.matches() && !ConditionReader.isJoinedOtherwise(text)
                ? in(inside.group(2)).map(a -> a.behind(inside.group(1)))
                : Optional.empty();
    }

    /** Whether it is short enough to be said: each name is looked at with all behind it. */
    private static boolean isSaid(String text) {
        return SaidApart.isSentence(text) && NAMING.matcher(text).results().count() <= MOST;
    }

    private SaidAhead behind(String first) {
        return new SaidAhead(clause, conditions.isEmpty() ? first : first + ", " + conditions);
    }

    /** Whether a text begins so. */
    static boolean begins(String text) {
        return isSaid(text) && NAMED.matcher(named(text)).matches();
    }

    /** Takes a text apart that begins so. */
    static Optional<SaidAhead> in(String text) {
        if (!isSaid(text)) {
            return Optional.empty();
        }
        Matcher named = NAMED.matcher(named(text));
        return named.matches()
                ? Optional.of(apart(named.group(1).toLowerCase(Locale.ROOT), named.group(2)))
                : Optional.empty();
    }

    /** The same with whose games are meant said as in a clause. */
    private static String named(String text) {
        return WHOSE.stream()
                .map(form -> Map.entry(form.getKey().matcher(text), form.getValue()))
                .filter(form -> form.getKey().find())
                .findFirst()
                .filter(form -> !ConditionReader.isReadable(text))
                .map(form -> form.getKey().replaceFirst(form.getValue()))
                .orElse(text);
    }

    private static SaidAhead apart(String clause, String said) {
        Matcher joint = JOINT.matcher(said);
        while (joint.find()) {
            String behind = said.substring(joint.end());
            // Names of players have commas in them, and names of events as well other words.
            boolean named = joint.group(1).equals(",") || joint.group(1).equals(" in");
            if (!named || isAsked(behind)) {
                return new SaidAhead(clause + " " + said.substring(0, joint.start()), behind);
            }
        }
        return new SaidAhead(clause + " " + said, "");
    }

    private static boolean isAsked(String text) {
        return begins(text) || !MAN.matcher(text).matches() && QueryReader.isPart(text);
    }
}
