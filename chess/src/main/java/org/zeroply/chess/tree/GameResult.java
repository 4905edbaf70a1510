package org.zeroply.chess.tree;

import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.regex.Pattern;
import org.zeroply.chess.board.Side;

/**
 * Results as they are met. PGN knows four; files say {@code ½-½}, {@code 1:0} or {@code draw}, too.
 */
public final class GameResult {

    /** White has won. */
    public static final String WHITE_WINS = "1-0";

    /** Black has won. */
    public static final String BLACK_WINS = "0-1";

    /** Drawn. */
    public static final String DRAW = "1/2-1/2";

    /** Not over, not known, or neither side's. */
    public static final String NONE = "*";

    private static final List<String> ALL = List.of(WHITE_WINS, BLACK_WINS, DRAW, NONE);

    private static final Map<String, String> SCORES =
            Map.ofEntries(
                    Map.entry("1-0", WHITE_WINS),
                    Map.entry("+--", WHITE_WINS),
                    Map.entry("0-1", BLACK_WINS),
                    Map.entry("--+", BLACK_WINS),
                    Map.entry("1/2-1/2", DRAW),
                    Map.entry("1/2", DRAW),
                    Map.entry("0.5-0.5", DRAW),
                    Map.entry("=-=", DRAW),
                    Map.entry("0-0", NONE),
                    Map.entry("*", NONE));

    private static final Map<String, String> WORDS =
            Map.of(
                    "white wins", WHITE_WINS,
                    "white won", WHITE_WINS,
                    "black wins", BLACK_WINS,
                    "black won", BLACK_WINS,
                    "draw", DRAW,
                    "drawn", DRAW);

    private static final Pattern DASHES = Pattern.compile("[–—−:]");

    private GameResult() {}

    /** Half points of White, as they are added up without loss; -1 where nothing was scored. */
    public static int halves(String result) {
        return switch (result) {
            case WHITE_WINS -> 2;
            case DRAW -> 1;
            case BLACK_WINS -> 0;
            default -> -1;
        };
    }

    /** What a side scored, 0 to 1; empty where the game is not over or nobody knows. */
    public static OptionalDouble score(String result, Side side) {
        return switch (result) {
            case WHITE_WINS -> OptionalDouble.of(side == Side.WHITE ? 1 : 0);
            case BLACK_WINS -> OptionalDouble.of(side == Side.BLACK ? 1 : 0);
            case DRAW -> OptionalDouble.of(0.5);
            default -> OptionalDouble.empty();
        };
    }

    /** The results of games that are over. */
    public static List<String> played() {
        return List.of(WHITE_WINS, DRAW, BLACK_WINS);
    }

    /** A result as it is printed for people: a draw is {@code ½–½}. */
    public static String shown(String result) {
        return result.equals(DRAW) ? "½–½" : result;
    }

    /** Whether a text is one of the four. */
    public static boolean isOne(String text) {
        return ALL.contains(text);
    }

    /**
     * The result that a tag means; empty where it cannot be told.
     *
     * @param text such as {@code ½-½}, {@code 1 : 0}, {@code 1-0 ff}, {@code White wins}
     */
    public static Optional<String> of(String text) {
        if (isOne(text)) {
            return Optional.of(text);
        }
        String words = text.strip().toLowerCase(Locale.ROOT);
        Optional<String> named = Optional.ofNullable(WORDS.get(words));
        String joined = words.replaceAll("\\s*([-–—−:/])\\s*", "$1");
        // A word after the score tells how: 1-0 ff.
        return named.or(() -> ofScore(joined.split("\\s", 2)[0]));
    }

    /** The result that a word of movetext means; empty for moves, castling with zeros too. */
    public static Optional<String> ofWord(String word) {
        boolean score = !word.isEmpty() && "01½".indexOf(word.charAt(0)) >= 0;
        return score
                ? ofScore(word).filter(r -> !r.equals(NONE))
                : Optional.of(word).filter(NONE::equals);
    }

    private static Optional<String> ofScore(String text) {
        String plain =
                DASHES.matcher(text).replaceAll("-").replace("½", "1/2").replace("0,5", "0.5");
        return Optional.ofNullable(SCORES.get(plain));
    }
}
