package org.zeroply.coach.pattern;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.zeroply.chess.board.Side;

/**
 * Whose games a query is about.
 *
 * @param name a part of the name of either player; empty for anybody
 * @param side what that player had, if it matters
 * @param opponent a part of the name of the other player; empty for anybody
 */
public record PlayersAsked(String name, Optional<Side> side, String opponent) {

    /** Anybody. */
    public static final PlayersAsked ANYBODY = of("");

    private static final Pattern AGAINST = Phrase.pattern("(.+?),? (?:against|vs\\.?|versus) (.+)");

    private static final Pattern AS =
            Phrase.pattern(
                    "(.+?),? (?:as|with|having|playing(?: as| with|))(?: the|) (white|black)(?: pieces|)");

    /** A player of whom nothing else is said. */
    public static PlayersAsked of(String name) {
        return new PlayersAsked(name, Optional.empty(), "");
    }

    /**
     * What is said in one go; nothing of anybody.
     *
     * @param said {@code NAME}, {@code NAME as white}, {@code NAME against NAME}
     * @throws IllegalArgumentException if it cannot be told who had what
     */
    public static PlayersAsked read(String said) {
        return said.isBlank() ? ANYBODY : ANYBODY.with(said.strip());
    }

    /**
     * The same with one player more, who is an opponent of the one named before.
     *
     * @param said as for {@link #read}
     * @throws IllegalArgumentException if there are too many players, or it cannot be told who had
     *     what
     */
    PlayersAsked with(String said) {
        Matcher against = AGAINST.matcher(said);
        if (against.matches()) {
            return with(against.group(1)).against(against.group(2));
        }
        Matcher as = AS.matcher(said);
        boolean told = as.matches();
        String who = told ? as.group(1) : said;
        Optional<Side> had =
                told
                        ? Optional.of(
                                as.group(2).equalsIgnoreCase("white") ? Side.WHITE : Side.BLACK)
                        : Optional.empty();
        if (name.isEmpty()) {
            return new PlayersAsked(who, had, opponent);
        }
        PlayersAsked both = against(who);
        Optional<Side> first = had.map(Side::other);
        if (first.isPresent() && side.isPresent() && !first.equals(side)) {
            throw new IllegalArgumentException(
                    name + " and " + who + " cannot both have " + Condition.word(had.get()) + ".");
        }
        return new PlayersAsked(name, first.or(() -> side), both.opponent);
    }

    /**
     * The same against a player.
     *
     * @throws IllegalArgumentException if there is an opponent already, or what is said is more
     *     than a name
     */
    PlayersAsked against(String other) {
        if (!opponent.isEmpty()) {
            throw new IllegalArgumentException(
                    "A game has two players: " + name + ", " + opponent + " and " + other + ".");
        }
        if (AS.matcher(other).matches()) {
            throw new IllegalArgumentException(
                    "Who had which colour? Possible is: player NAME as white; opponent NAME.");
        }
        return new PlayersAsked(name, side, other);
    }

    /** The same for names in small letters. */
    public PlayersAsked inSmallLetters() {
        return new PlayersAsked(
                name.strip().toLowerCase(Locale.ROOT),
                side,
                opponent.strip().toLowerCase(Locale.ROOT));
    }

    /**
     * Whether a game is one of theirs; of names in the letters that were asked for.
     *
     * @param white name of who had White
     * @param black name of who had Black
     */
    public boolean played(String white, String black) {
        return side.filter(s -> s == Side.BLACK).isEmpty()
                        && white.contains(name)
                        && black.contains(opponent)
                || side.filter(s -> s == Side.WHITE).isEmpty()
                        && black.contains(name)
                        && white.contains(opponent);
    }

    /** The clauses that say so. */
    List<String> clauses() {
        List<String> clauses = new ArrayList<>();
        if (!name.isEmpty()) {
            clauses.add("player " + name + side.map(s -> " as " + Condition.word(s)).orElse(""));
        }
        if (!opponent.isEmpty()) {
            clauses.add("opponent " + opponent);
        }
        return clauses;
    }
}
