package org.zeroply.library.transfer;

import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.zeroply.chess.tree.GameResult;
import org.zeroply.coach.repertoire.tournament.Entrant;
import org.zeroply.coach.repertoire.tournament.Pairing;
import org.zeroply.library.texts.LibraryWords;

/**
 * A pairing as one types it: {@code 3.2 Ann Ek (2105) – Bo Lind 1-0}. The number before it is round
 * and board; one number alone is the board under a heading, else the round.
 */
final class PairingLine {

    private static final Pattern NUMBER =
            Pattern.compile("(\\d{1,3})(?:\\.(\\d{1,4}))?[.):]?\\s+(.*)");
    private static final Pattern BETWEEN =
            Pattern.compile("\\s+(?:[-–—:]|vs?\\.?|against)\\s+", Pattern.CASE_INSENSITIVE);
    private static final Pattern RESULT =
            Pattern.compile(
                    "(.*?)\\s+(\\*|[01½]\\s*[-–—−:]\\s*[01½]|1/2\\s*[-–—−:]\\s*1/2|0[.,]5\\s*[-–—−:]\\s*0[.,]5"
                            + "|1/2|½|[+-]\\s*[-:]\\s*[+-]|=)(?:\\s+\\D{1,12})?");
    private static final Pattern RATED =
            Pattern.compile("(.*?)(?:[\\s,]+[(\\[]?|[(\\[])(\\d{3,4})[)\\]]?");

    private PairingLine() {}

    /** Whether a text may be one. */
    static boolean hasTwo(String text) {
        return BETWEEN.matcher(text).find();
    }

    /**
     * Reads a line.
     *
     * @throws IllegalArgumentException saying why, if it is none
     */
    static Pairing read(String line, int round, boolean headed) {
        int in = round;
        int board = 0;
        String rest = line.replaceAll("\\s+", " ");
        Matcher number = NUMBER.matcher(rest);
        if (number.matches()) {
            int first = Integer.parseInt(number.group(1));
            boolean both = number.group(2) != null;
            in = headed && !both ? round : first;
            board = both ? Integer.parseInt(number.group(2)) : headed ? first : 0;
            rest = number.group(3);
        }
        String result = "";
        Matcher scored = RESULT.matcher(rest);
        if (scored.matches()) {
            result = scored.group(2);
            rest = scored.group(1);
        }
        String[] players = BETWEEN.split(rest, 3);
        if (players.length != 2) {
            throw new IllegalArgumentException(
                    players.length < 2
                            ? "there are no two players with “ – ” between them"
                            : "there are more than two players");
        }
        return pairing(in, board, entrant(players[0]), entrant(players[1]), result);
    }

    /**
     * A pairing with a result as it is told; a player may stand against nobody.
     *
     * @throws IllegalArgumentException saying why, if it is none
     */
    static Pairing pairing(int round, int board, Entrant white, Entrant black, String result) {
        boolean swapped = isNobody(white.name());
        Entrant there = swapped ? black : white;
        Entrant other = swapped ? white : black;
        if (!hasLetters(there.name()) || isNobody(there.name())) {
            throw new IllegalArgumentException("no player is named");
        }
        if (round < 1) {
            throw new IllegalArgumentException("the round is not told");
        }
        boolean bye = other.equals(Entrant.NOBODY) || isNobody(other.name());
        if (!bye && !hasLetters(other.name())) {
            throw new IllegalArgumentException("the second player is not named");
        }
        Pairing pairing = Pairing.of(round, board, there, bye ? Entrant.NOBODY : other);
        String told = result.strip();
        if (told.isEmpty() || told.equals("-")) {
            return pairing;
        }
        String read =
                result(told)
                        .orElseThrow(
                                () ->
                                        new IllegalArgumentException(
                                                LibraryWords.of("transfer.is-no-result", told)));
        return pairing.with(swapped ? turned(read) : read);
    }

    private static String turned(String result) {
        return switch (result) {
            case GameResult.WHITE_WINS -> GameResult.BLACK_WINS;
            case GameResult.BLACK_WINS -> GameResult.WHITE_WINS;
            default -> result;
        };
    }

    /** The result where one side has points; empty where the text tells none. */
    static Optional<String> points(String told, boolean white) {
        return switch (told.toLowerCase(Locale.ROOT)) {
            case "1", "+", "win", "won" ->
                    Optional.of(white ? GameResult.WHITE_WINS : GameResult.BLACK_WINS);
            case "0", "-", "–", "loss", "lost" ->
                    Optional.of(white ? GameResult.BLACK_WINS : GameResult.WHITE_WINS);
            case "½", "=", "0.5", "0,5", "1/2", "draw" -> Optional.of(GameResult.DRAW);
            default -> Optional.empty();
        };
    }

    /** A result, also one that tells White's points alone. */
    static Optional<String> result(String told) {
        return switch (told) {
            case "1", "+", "0", "½", "=", "0.5", "0,5", "1/2" -> points(told, true);
            default ->
                    GameResult.of(
                            told.replaceAll("\\s*([-–—−:])\\s*", "$1")
                                    .replace("+:-", "+--")
                                    .replace("-:+", "--+"));
        };
    }

    /** A name with a rating behind it, in brackets or not. */
    static Entrant entrant(String text) {
        Matcher rated = RATED.matcher(text.strip());
        return rated.matches() && hasLetters(rated.group(1))
                ? new Entrant(rated.group(1), Integer.parseInt(rated.group(2)))
                : new Entrant(text, 0);
    }

    static boolean hasLetters(String text) {
        return text.codePoints().anyMatch(Character::isLetter);
    }

    /** Whether this stands where an opponent would. */
    static boolean isNobody(String name) {
        String plain = name.strip().toLowerCase(Locale.ROOT);
        return plain.matches(
                "bye|free|no opponent|not paired|spare|-+|–|—|\\(bye\\)|half[- ]point bye");
    }
}
