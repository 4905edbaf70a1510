package org.zeroply.coach.pattern;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.zeroply.chess.board.Side;
import org.zeroply.chess.tree.GameResult;

/**
 * Whose games a query is about.
 *
 * @param name a part of the name of either player; empty for anybody
 * @param side what that player had, if it matters
 * @param ended how the game ended for that player, if it matters
 * @param opponent a part of the name of the other player; empty for anybody
 */
public record PlayersAsked(
        String name, Optional<Side> side, Optional<Ended> ended, String opponent) {

    /** How a game ended for a player. */
    public enum Ended {
        WON,
        LOST,
        DREW;

        String word() {
            return name().toLowerCase(Locale.ROOT);
        }

        Ended forTheOther() {
            return switch (this) {
                case WON -> LOST;
                case LOST -> WON;
                case DREW -> DREW;
            };
        }

        /** The result as in PGN, for who had a side. */
        String result(Side had) {
            if (this == DREW) {
                return GameResult.DRAW;
            }
            return (this == WON) == (had == Side.WHITE)
                    ? GameResult.WHITE_WINS
                    : GameResult.BLACK_WINS;
        }
    }

    /** Anybody. */
    public static final PlayersAsked ANYBODY = of("");

    private static final Pattern AGAINST = Phrase.pattern("(.+?),? (?:against|vs\\.?|versus) (.+)");

    private static final Pattern AS =
            Phrase.pattern(
                    "(.+?),? (?:as|with|having|playing(?: as| with|))(?: the|) (white|black)(?: pieces|)");

    /** Names may end so, too, but not in small letters. */
    private static final Pattern ENDED =
            Phrase.pattern("(.+?),? (?:who |and )?(?-i:(won|lost|drew))");

    /** A player of whom nothing else is said. */
    public static PlayersAsked of(String name) {
        return new PlayersAsked(name, Optional.empty(), Optional.empty(), "");
    }

    /**
     * What is said in one go; nothing of anybody.
     *
     * @param said {@code NAME}, {@code NAME as white}, {@code NAME who won}, {@code NAME against
     *     NAME}
     * @throws IllegalArgumentException if it cannot be told who had what
     */
    public static PlayersAsked read(String said) {
        Matcher against = AGAINST.matcher(said.strip());
        if (against.matches()) {
            return read(against.group(1)).against(against.group(2));
        }
        Matcher as = AS.matcher(said.strip());
        if (as.matches()) {
            return read(as.group(1)).as(Side.called(as.group(2)));
        }
        Matcher ended = ENDED.matcher(said.strip());
        return ended.matches()
                ? read(ended.group(1)).who(Ended.valueOf(ended.group(2).toUpperCase(Locale.ROOT)))
                : of(said.strip());
    }

    /**
     * The same with one colour.
     *
     * @throws IllegalArgumentException if it had the other one already
     */
    PlayersAsked as(Side had) {
        if (side.filter(had.other()::equals).isPresent()) {
            throw new IllegalArgumentException(
                    name + " has " + had.other().smallWord() + " already.");
        }
        return new PlayersAsked(name, Optional.of(had), ended, opponent);
    }

    /**
     * The same where the game ended in one way for the player.
     *
     * @throws IllegalArgumentException if it is to end in another way already
     */
    PlayersAsked who(Ended how) {
        if (ended.filter(e -> e != how).isPresent()) {
            throw new IllegalArgumentException(
                    name
                            + " "
                            + ended.get().word()
                            + " already, and cannot have "
                            + how.word()
                            + ".");
        }
        return new PlayersAsked(name, side, Optional.of(how), opponent);
    }

    /**
     * The same with what is said of players besides; of two the second is the opponent.
     *
     * @throws IllegalArgumentException if there are too many, or two have the same colour
     */
    PlayersAsked and(PlayersAsked next) {
        PlayersAsked both =
                name.isEmpty()
                        ? new PlayersAsked(next.name, next.side, next.ended, opponent)
                        : beside(next);
        return next.opponent.isEmpty() ? both : both.against(next.opponent);
    }

    private PlayersAsked beside(PlayersAsked other) {
        PlayersAsked coloured = other.side.map(had -> as(had.other())).orElse(this);
        return other.ended
                .map(how -> coloured.who(how.forTheOther()))
                .orElse(coloured)
                .against(other.name);
    }

    /**
     * The same against a player.
     *
     * @throws IllegalArgumentException if there is an opponent already, or what is said is more
     *     than a name
     */
    PlayersAsked against(String other) {
        Matcher third = AGAINST.matcher(other);
        if (!opponent.isEmpty() || third.matches()) {
            String second = opponent.isEmpty() ? third.group(1) : opponent;
            String last = opponent.isEmpty() ? third.group(2) : other;
            throw new IllegalArgumentException(
                    "A game has two players: " + name + ", " + second + " and " + last + ".");
        }
        if (AS.matcher(other).matches() || ENDED.matcher(other).matches()) {
            throw new IllegalArgumentException(
                    "Who had which colour, and who won? Possible is: player NAME as white who won;"
                            + " opponent NAME.");
        }
        return new PlayersAsked(name, side, ended, other);
    }

    /** The same for names in small letters. */
    public PlayersAsked inSmallLetters() {
        return new PlayersAsked(
                name.strip().toLowerCase(Locale.ROOT),
                side,
                ended,
                opponent.strip().toLowerCase(Locale.ROOT));
    }

    /**
     * What the player had in a game, both where either may be meant; nothing where it is none of
     * theirs. Of names in the letters that were asked for.
     *
     * @param white name of who had White
     * @param black name of who had Black
     * @param result as in PGN
     */
    public Set<Side> had(String white, String black, String result) {
        Set<Side> had = EnumSet.noneOf(Side.class);
        if (had(Side.WHITE, white, black, result)) {
            had.add(Side.WHITE);
        }
        if (had(Side.BLACK, black, white, result)) {
            had.add(Side.BLACK);
        }
        return had;
    }

    private boolean had(Side colour, String who, String other, String result) {
        return side.filter(s -> s != colour).isEmpty()
                && ended.filter(e -> !e.result(colour).equals(result)).isEmpty()
                && who.contains(name)
                && other.contains(opponent);
    }

    /** The clauses that say so. */
    List<String> clauses() {
        List<String> clauses = new ArrayList<>();
        if (!name.isEmpty()) {
            clauses.add(
                    "player "
                            + name
                            + side.map(s -> " as " + s.smallWord()).orElse("")
                            + ended.map(e -> " who " + e.word()).orElse(""));
        }
        Clauses.add(clauses, "opponent ", opponent);
        return clauses;
    }
}
