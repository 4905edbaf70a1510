package org.zeroply.coach.pattern;

import java.util.Arrays;
import java.util.Locale;
import java.util.Set;
import org.zeroply.chess.board.Side;

/** Who of the two players of a game has the higher rating. */
public enum Stronger {
    WHITE,
    BLACK,
    WINNER,
    LOSER,
    /** The one who is named. */
    PLAYER,
    /** The one who played the one who is named. */
    OPPONENT;

    /**
     * Reads one.
     *
     * @throws IllegalArgumentException if it is none of them
     */
    static Stronger read(String said) {
        return Arrays.stream(values())
                .filter(s -> s.word().equals(said.toLowerCase(Locale.ROOT)))
                .findFirst()
                .orElseThrow(
                        () ->
                                new IllegalArgumentException(
                                        "Higher rated is white, black, the winner, the loser, the"
                                                + " player or the opponent, not "
                                                + said
                                                + "."));
    }

    String word() {
        return name().toLowerCase(Locale.ROOT);
    }

    /** Whether it can be told only where a player is named. */
    boolean isOfNamed() {
        return this == PLAYER || this == OPPONENT;
    }

    /**
     * Whether it was so in a game; never where a rating is not known, or both are the same.
     *
     * @param white rating; 0 where it is not known, as of Black
     * @param result as in PGN
     * @param named what the player who is named may have had
     */
    public boolean was(int white, int black, String result, Set<Side> named) {
        if (white == black || Math.min(white, black) == 0) {
            return false;
        }
        Side higher = white > black ? Side.WHITE : Side.BLACK;
        return switch (this) {
            case WHITE -> higher == Side.WHITE;
            case BLACK -> higher == Side.BLACK;
            case WINNER -> result.equals(won(higher));
            case LOSER -> result.equals(won(higher.other()));
            case PLAYER -> named.contains(higher);
            case OPPONENT -> named.contains(higher.other());
        };
    }

    private static String won(Side side) {
        return PlayersAsked.Ended.WON.result(side);
    }
}
