package org.zeroply.coach.pattern;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Pattern;

/** What is answered to a text that is no condition: what is near it, and why it is none. */
final class Unread {

    /**
     * What coaches speak of and no fact proves.
     *
     * @param near what can be asked in its place
     */
    private record Judgement(String words, List<String> near) {

        /** Whether it stands anywhere in a text; an attack may be one on a square. */
        boolean isSaidIn(String text) {
            return !words.equals("attack") && text.matches(".*\\b" + words + "\\b.*");
        }
    }

    private static final List<Judgement> JUDGED =
            List.of(
                    judged("winning", "white ahead by at least 3 points", "white just won a piece"),
                    judged(
                            "better",
                            "white ahead by at least 2 points",
                            "white has the bishop pair"),
                    judged("losing", "black ahead by at least 3 points", "black just won a piece"),
                    judged("zugzwang", "black frozen", "black tied man", "pawn ending"),
                    judged("fortress", "locked chains", "opposite-coloured bishops"),
                    judged(
                            "initiative",
                            "white ahead in development",
                            "white has more space",
                            "white threat concrete"),
                    judged("attack", "white pawn storm", "black exposed king", "white threat"),
                    judged("counterplay", "white played a break", "white passed pawn"),
                    judged("compensation", "white sacrificed a pawn", "black is a pawn up"),
                    judged("prophylaxis", "black threat", "white ignored threat"),
                    judged("mating net", "white checks mates", "black exposed king"),
                    judged("out of play", "black knight on the edge", "black trapped queen"),
                    judged("only move", "black in check", "white moment", "white threat"),
                    judged(
                            "comeback",
                            "white moment missed-chance; result 0-1",
                            "black moment turn"),
                    judged("pawn structure", "white has fewer pawn islands", "black isolated pawn"),
                    judged("dominates", "black trapped knight", "black frozen"),
                    judged("stuck", "black trapped bishop", "black bad bishop"),
                    judged("cut off", "white rook on the 4th rank", "black king on the edge"),
                    judged("key squares", "white king on its 6th rank, pawn ending", "opposition"),
                    judged(
                            "resigned",
                            "in the ending; result 0-1",
                            "game of at most 25 moves; result 0-1"));

    /** What a text ends in, behind whatever joins, or names a side. */
    private static final Pattern LAST_PART =
            Pattern.compile(
                    "^.*\\b(?:with|but|in|into|for|has|have|is|are|was|no|from|slightly|clearly|much)"
                            + "(?: the| an?|) ([a-z]+(?: net| of play| move|))(?: position| on .*|)$");

    private Unread() {}

    private static Judgement judged(String words, String... near) {
        return new Judgement(words, List.of(near));
    }

    /** All that is told to be near some judgement. */
    static List<String> near() {
        return JUDGED.stream().flatMap(j -> j.near().stream()).toList();
    }

    /** What a text ends in, or else holds, that is a judgement. */
    private static Optional<Judgement> judgement(String bare) {
        String last = LAST_PART.matcher(bare).replaceFirst("$1");
        return JUDGED.stream()
                .filter(j -> j.words().equals(last))
                .findFirst()
                .or(() -> JUDGED.stream().filter(j -> j.isSaidIn(bare)).findFirst());
    }

    /** The message for a text that could not be read. */
    static String problem(String text) {
        String bare = text.toLowerCase(Locale.ROOT).replaceFirst("^(?:white|black|mutual) ", "");
        Optional<Judgement> judged = judgement(bare);
        if (judged.isPresent()) {
            String words = judged.get().words();
            return "'"
                    + (words.equals(bare) ? text : words)
                    + "' is a judgement of a whole position, which no fact proves; near it are: "
                    + String.join(", ", judged.get().near())
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
