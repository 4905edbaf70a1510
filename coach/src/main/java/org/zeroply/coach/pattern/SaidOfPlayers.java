package org.zeroply.coach.pattern;

import static org.zeroply.coach.pattern.SaidApart.form;

import java.util.List;
import java.util.Map;
import java.util.regex.Pattern;

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
    private static final String OTHERS = " (?:players?|opponents?|opposition|masters?)";
    private static final String ON_TIME = " (?:on time|on the clock|by (?:time forfeit|flag))\\b";
    private static final String GAMES =
            "(?:(?:all |the )?games? (?:that |which |where |in which |))?";

    /** Without one of these nothing of it is said. */
    private static final Pattern TELLTALE =
            Phrase.pattern(
                    "\\b(?:higher|lower|better|stronger|weaker|upsets|time|clock|flag|flagged|overstepped)\\b");

    /** Each is said as a clause of its own behind a comma. */
    private static final List<Map.Entry<Pattern, String>> FORMS =
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
                    form("^(?:(?:all )?(?:time forfeits?|flagged games?))$", "termination time"),
                    form(BEAT + HIGHER + OTHERS + "\\b", " won, higher rated opponent"),
                    form(BEAT + LOWER + OTHERS + "\\b", " won, higher rated player"),
                    form(LOST_TO + HIGHER + OTHERS + "\\b", " lost, higher rated opponent"),
                    form(LOST_TO + LOWER + OTHERS + "\\b", " lost, higher rated player"),
                    form(AGAINST + HIGHER + OTHERS + "\\b", ", higher rated opponent"),
                    form(AGAINST + LOWER + OTHERS + "\\b", ", higher rated player"),
                    form(
                            "\\b" + GAMES + THE + HIGHER + ONE + " (?:won|wins)\\b",
                            "higher rated winner"),
                    form(
                            "\\b" + GAMES + THE + LOWER + ONE + " (?:lost|loses)\\b",
                            "higher rated winner"),
                    form(
                            "\\b" + GAMES + THE + HIGHER + ONE + " (?:lost|loses)\\b",
                            "higher rated loser"),
                    form(
                            "\\b" + GAMES + THE + LOWER + ONE + " (?:won|wins)\\b",
                            "higher rated loser"),
                    form(
                            "\\b" + GAMES + "won by " + THE + HIGHER + ONE + "\\b",
                            "higher rated winner"),
                    form(
                            "\\b"
                                    + GAMES
                                    + "(?:won by "
                                    + THE
                                    + LOWER
                                    + ONE
                                    + "|lost by "
                                    + THE
                                    + HIGHER
                                    + ONE
                                    + ")\\b",
                            "higher rated loser"),
                    form("\\b" + THE + HIGHER + " opponents?\\b", "higher rated opponent"),
                    form("\\b" + THE + LOWER + " opponents?\\b", "higher rated player"),
                    form("^(?:all )?upsets\\b", "higher rated loser"),
                    form(
                            "\\b(white|black) (?:is |was )(?:the )?higher[- ]rated(?: player| side|)",
                            "higher rated $1"),
                    form(
                            "\\bwhite (?:is |was )(?:the )?lower[- ]rated(?: player| side|)|\\blower[- ]rated white\\b",
                            "higher rated black"),
                    form(
                            "\\bblack (?:is |was )(?:the )?lower[- ]rated(?: player| side|)|\\blower[- ]rated black\\b",
                            "higher rated white"));

    private SaidOfPlayers() {}

    /** The text with all of it said in clauses. */
    static String inClauses(String text) {
        return TELLTALE.matcher(text).find() ? SaidApart.inForms(text, FORMS) : text;
    }
}
