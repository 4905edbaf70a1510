package org.zeroply.coach.pattern;

import static org.zeroply.coach.pattern.SaidApart.form;

import java.util.List;
import java.util.Map;
import java.util.regex.Pattern;
import java.util.stream.Stream;

/** Ways to say who of the players is the stronger one, and that the clock ended the game. */
final class SaidOfPlayers {

    private static final String HIGHER = "(?:higher|better|stronger)(?:[- ]rated)?";
    private static final String LOWER = "(?:lower|weaker)(?:[- ]rated)?";

    /** The stronger side of an ending is another thing. */
    private static final String ONE = " (?:players?|opponents?|(?<=rated )sides?)";

    private static final String THE = "(?:the |an? )?";
    private static final String AGAINST = ",? (?:against|vs\\.?|versus) (?:the |an? |all )?";
    private static final String BEAT = " (?:beat|defeated) (?:the |an? |all )?";
    private static final String LOST_TO = " lost to (?:the |an? |all )?";
    private static final String OTHERS = " (?:players?|opponents?|opposition|masters?)\\b";
    private static final String ON_TIME = " (?:on time|on the clock|by (?:time forfeit|flag))\\b";
    private static final String GAMES =
            "\\b(?:(?:all |the )?games? (?:that |which |where |in which |))?";

    /** Without one of these nothing of it is said. */
    private static final Pattern TELLTALE =
            Phrase.pattern(
                    "\\b(?:higher|lower|better|stronger|weaker|upsets|time|clock|flag|flagged|overstepped)\\b");

    private static final List<Map.Entry<Pattern, String>> CLOCK =
            List.of(
                    form(
                            "^(?:all |the )?games? (?:that |which |)(?:were |was |)(?:won|lost|decided|ended|over)"
                                    + ON_TIME
                                    + "$",
                            "termination time"),
                    form(
                            "(?<=\\b(?:won|wins|win|lost|loses|losses|drew|drawn|games?|decided|ended))"
                                    + "(?: the game| was| were)?(?: decided| lost| won)?"
                                    + ON_TIME,
                            ", termination time"),
                    form(
                            "\\b(white|black) (?:flagged|ran out of time|overstepped the time(?: limit)?)\\b",
                            "$1 lost, termination time"),
                    form("^(?:(?:all )?(?:time forfeits?|flagged games?))$", "termination time"));

    /** Each is said as a clause of its own behind a comma. */
    private static final List<Map.Entry<Pattern, String>> FORMS =
            Stream.of(
                            CLOCK.stream(),
                            ofPlayers(HIGHER, "opponent", "winner", "loser"),
                            ofPlayers(LOWER, "player", "loser", "winner"),
                            Stream.of(form("^(?:all )?upsets\\b", "higher rated loser")),
                            ofColour("white", "black"),
                            ofColour("black", "white"))
                    .flatMap(forms -> forms)
                    .toList();

    /**
     * What is said of the stronger or the weaker player, and who then has the higher rating.
     *
     * @param other of a player who is named and of such an opponent
     * @param winning where such a player wins
     * @param losing where such a player loses
     */
    private static Stream<Map.Entry<Pattern, String>> ofPlayers(
            String such, String other, String winning, String losing) {
        String one = THE + such + ONE;
        return Stream.of(
                form(BEAT + such + OTHERS, " won, higher rated " + other),
                form(LOST_TO + such + OTHERS, " lost, higher rated " + other),
                form(AGAINST + such + OTHERS, ", higher rated " + other),
                form(GAMES + one + " (?:won|wins)\\b", "higher rated " + winning),
                form(GAMES + one + " (?:lost|loses)\\b", "higher rated " + losing),
                form(GAMES + "won by " + one + "\\b", "higher rated " + winning),
                form(GAMES + "lost by " + one + "\\b", "higher rated " + losing),
                form("\\b" + THE + such + " opponents?\\b", "higher rated " + other));
    }

    private static Stream<Map.Entry<Pattern, String>> ofColour(String side, String other) {
        String is = "\\b" + side + " (?:is |was )(?:the )?";
        return Stream.of(
                form(is + "higher[- ]rated(?: player| side|)\\b", "higher rated " + side),
                form(is + "lower[- ]rated(?: player| side|)\\b", "higher rated " + other),
                form("\\blower[- ]rated " + side + "\\b", "higher rated " + other));
    }

    private SaidOfPlayers() {}

    /** The text with all of it said in clauses. */
    static String inClauses(String text) {
        return TELLTALE.matcher(text).find() ? SaidApart.inForms(text, FORMS) : text;
    }
}
