package org.zeroply.coach.pattern;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.regex.Pattern;

/** Other ways in which coaches say what has one usual form. */
final class Synonyms {

    /** Where the side may stand in what is said of one. */
    static final List<String> WITH_A_SIDE = List.of("%s %s", "%2$s by %1$s");

    private static final Map<Pattern, String> USUAL = forms();

    private Synonyms() {}

    private static Map<Pattern, String> forms() {
        Map<Pattern, String> forms = new LinkedHashMap<>();
        add(forms, "result turned", "moment turn");
        add(forms, "weak colou?r(?: complex)?", "weak colour");
        add(forms, "(queen|rook|piece|pawn) sacrifice by (white|black)", "$2 sacrificed a $1");
        add(forms, "exchange sacrifice by (white|black)", "$1 sacrificed the exchange");
        add(forms, "(white |black |)(queen|rook|piece|pawn) sacrifice", "$1sacrificed a $2");
        add(forms, "(white |black |)exchange sacrifice", "$1sacrificed the exchange");
        String given = "(an? (?:queen|rook|piece|pawn)|the exchange)";
        add(forms, given + " (?:is |was )?sacrificed by (white|black)", "$2 sacrificed $1");
        add(forms, "^" + given + " (?:is |was )?sacrificed", "sacrificed $1");
        add(forms, "(?:the )?rook lift by (white|black)", "$1 lifted a rook");
        add(forms, "back rank mate", "back-rank mate");
        add(forms, "(white|black)(?: king has| king) castled", "$1 castled");
        add(
                forms,
                "(white|black)(?: king|)(?: has| is|) not(?: yet|) castled(?: yet|)",
                "no $1 castled");
        add(forms, "uncastled (white|black) king", "no $1 castled");
        add(forms, "^(white|black) has no ([a-z]+) on", "no $1 $2 on");
        add(
                forms,
                "^(white|black) has ((?:at least |)(?:" + Force.NUMBER + ")) ([a-z]+) on",
                "$2 $1 $3 on");
        add(forms, "checkmate", "mate");
        add(forms, "(white|black) (?:gives mate|mates|mated)", "mate by $1");
        add(forms, "underpromoted to", "just promoted to");
        add(forms, "queens (?:are |)(?:off(?: the board)?|exchanged|traded)", "no queens");
        add(forms, "(?:the )?([a-h])-file (?:is )?empty", "no man on the $1-file");
        add(forms, "^nothing on", "no man on");
        add(forms, "(?:stands?|standing|is|are|anywhere) on(?! it\\b)", "on");
        add(forms, "^(?:either side|one side|somebody) has(?: an?| the|)", "");
        add(forms, "(?:the )?bishop pair(?= (?:against|vs|versus))", "two bishops");
        add(forms, "weak (light|dark) squares?", "weak colour on a $1 square");
        add(forms, "(isolated|doubled|backward|passed) ([a-h])-pawns?", "$1 pawn on the $2-file");
        add(forms, "IQP", "isolated queen's pawn");
        String some = "((?:an?|the|" + Force.NUMBER + ") [a-z ]+?)";
        add(forms, "^(white|black) (?:is )?up " + some + "$", "$1 is $2 up");
        add(forms, "^white (?:is )?(?:down " + some + "|" + some + " down)$", "black is $1$2 up");
        add(forms, "^black (?:is )?(?:down " + some + "|" + some + " down)$", "white is $1$2 up");
        return forms;
    }

    private static void add(Map<Pattern, String> forms, String said, String form) {
        forms.put(Pattern.compile("(?<!\\w)" + said + "(?!\\w)", Pattern.CASE_INSENSITIVE), form);
    }

    /** The usual form of what is said. */
    static String usual(String text) {
        String form = text;
        for (Map.Entry<Pattern, String> each : USUAL.entrySet()) {
            form = each.getKey().matcher(form).replaceAll(each.getValue());
        }
        return form.strip();
    }
}
