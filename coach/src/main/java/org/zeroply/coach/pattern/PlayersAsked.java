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
        Matcher against = AGAINST.matcher(said.strip());
        if (against.matches()) {
            return read(against.group(1)).against(against.group(2));
        }
        Matcher as = AS.matcher(said.strip());
        return as.matches() ? read(as.group(1)).as(Subject.side(as.group(2))) : of(said.strip());
    }

    /**
     * The same with one colour.
     *
     * @throws IllegalArgumentException if it had the other one already
     */
    PlayersAsked as(Side had) {
        if (side.filter(had.other()::equals).isPresent()) {
            throw new IllegalArgumentException(
                    name + " has " + Condition.word(had.other()) + " already.");
        }
        return new PlayersAsked(name, Optional.of(had), opponent);
    }

    /**
     * The same with what is said of players besides; of two the second is the opponent.
     *
     * @throws IllegalArgumentException if there are too many, or two have the same colour
     */
    PlayersAsked and(PlayersAsked next) {
        PlayersAsked both =
                name.isEmpty()
                        ? new PlayersAsked(next.name, next.side, opponent)
                        : next.side.map(had -> as(had.other())).orElse(this).against(next.name);
        return next.opponent.isEmpty() ? both : both.against(next.opponent);
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
