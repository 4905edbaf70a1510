package org.zeroply.coach.pattern;

import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.regex.Pattern;

/** What is answered to a text that is no condition: what is near it, and why it is none. */
final class Unread {

    /** What coaches speak of and no fact proves, and what can be asked in its place. */
    private static final Map<String, List<String>> JUDGED =
            Map.ofEntries(
                    Map.entry(
                            "winning",
                            List.of("white ahead by at least 3 points", "white just won a piece")),
                    Map.entry(
                            "better",
                            List.of(
                                    "white ahead by at least 2 points",
                                    "white has the bishop pair")),
                    Map.entry(
                            "losing",
                            List.of("black ahead by at least 3 points", "black just won a piece")),
                    Map.entry("zugzwang", List.of("black frozen", "black tied man", "pawn ending")),
                    Map.entry("fortress", List.of("locked chains", "opposite-coloured bishops")),
                    Map.entry(
                            "initiative",
                            List.of(
                                    "white ahead in development",
                                    "white has more space",
                                    "white threat concrete")),
                    Map.entry(
                            "attack",
                            List.of("white pawn storm", "black exposed king", "white threat")),
                    Map.entry("counterplay", List.of("white played a break", "white passed pawn")),
                    Map.entry(
                            "compensation",
                            List.of("white sacrificed a pawn", "black is a pawn up")),
                    Map.entry("prophylaxis", List.of("black threat", "white ignored threat")),
                    Map.entry("mating net", List.of("white checks mates", "black exposed king")),
                    Map.entry(
                            "out of play",
                            List.of("black knight on the edge", "black trapped queen")),
                    Map.entry(
                            "only move", List.of("black in check", "white moment", "white threat")),
                    Map.entry(
                            "comeback",
                            List.of("white moment missed-chance; result 0-1", "black moment turn")),
                    Map.entry(
                            "pawn structure",
                            List.of("white has fewer pawn islands", "black isolated pawn")),
                    Map.entry("dominates", List.of("black trapped knight", "black frozen")),
                    Map.entry("stuck", List.of("black trapped bishop", "black bad bishop")),
                    Map.entry(
                            "cut off",
                            List.of("white rook on the 4th rank", "black king on the edge")),
                    Map.entry(
                            "key squares",
                            List.of("white king on its 6th rank, pawn ending", "opposition")),
                    Map.entry(
                            "resigned",
                            List.of(
                                    "in the ending; result 0-1",
                                    "game of at most 25 moves; result 0-1")));

    /** What a text ends in, behind whatever joins, or names a side. */
    private static final Pattern LAST_PART =
            Pattern.compile(
                    "^.*\\b(?:with|but|in|into|for|has|have|is|are|was|no|from|slightly|clearly|much)"
                            + "(?: the| an?|) ([a-z]+(?: net| of play| move|))(?: position| on .*|)$");

    private Unread() {}

    /** All that is told to be near some judgement. */
    static List<String> near() {
        return JUDGED.values().stream().flatMap(List::stream).toList();
    }

    /** Whether a word that means nothing else stands anywhere in a text. */
    private static boolean says(String text, String judged) {
        return !judged.equals("attack") && text.matches(".*\\b" + judged + "\\b.*");
    }

    /** The message for a text that could not be read. */
    static String problem(String text) {
        String bare = text.toLowerCase(Locale.ROOT).replaceFirst("^(?:white|black|mutual) ", "");
        String judged = LAST_PART.matcher(bare).replaceFirst("$1");
        if (!JUDGED.containsKey(judged)) {
            judged = JUDGED.keySet().stream().filter(k -> says(bare, k)).findFirst().orElse(judged);
        }
        if (JUDGED.containsKey(judged)) {
            return "'"
                    + (judged.equals(bare) ? text : judged)
                    + "' is a judgement of a whole position, which no fact proves; near it are: "
                    + String.join(", ", JUDGED.get(judged))
                    + ".";
        }
        if (QueryReader.isOfGame(text)) {
            return "'"
                    + text
                    + "' is said of a whole game: it stands behind a semicolon, as in"
                    + " white knight on e5; result 1-0.";
        }
        return Phrases.onlyOfChanges(text)
                .map(
                        kind ->
                                "'"
                                        + kind.words()
                                        + "' is told of moves and changes only, so it cannot be asked.")
                .orElseGet(
                        () ->
                                "'"
                                        + text
                                        + "' is no condition; like it are: "
                                        + String.join(", ", Phrases.like(text))
                                        + ". Each may have NOT before it, joined by AND, OR and"
                                        + " brackets.");
    }
}
