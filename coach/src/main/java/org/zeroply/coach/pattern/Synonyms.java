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
        add(forms, "(white |black |)(queen|rook|piece|pawn) sacrifice", "$1sacrificed a $2");
        add(forms, "(white |black |)exchange sacrifice", "$1sacrificed the exchange");
        return forms;
    }

    private static void add(Map<Pattern, String> forms, String said, String form) {
        forms.put(Pattern.compile("\\b" + said + "\\b", Pattern.CASE_INSENSITIVE), form);
    }

    /** The usual form of what is said. */
    static String usual(String text) {
        String form = text;
        for (Map.Entry<Pattern, String> each : USUAL.entrySet()) {
            form = each.getKey().matcher(form).replaceAll(each.getValue());
        }
        return form;
    }
}
