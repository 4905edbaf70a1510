package org.zeroply.coach.pattern;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.regex.Pattern;

/** Other ways in which coaches say what has one usual form. */
final class Synonyms {

    /** Where the side may stand in what is said of one. */
    static final List<String> WITH_A_SIDE = List.of("%s %s", "%2$s by %1$s");

    private static final String PIECE = "(?:queen|rook|minor piece|piece|bishop|knight)";

    private static final String MAN = "(?:king|queen|rook|bishop|knight|pawn|man|piece)s?";

    private static final String GIVEN = "queen|rook|bishop|knight|piece|pawn";

    private static final String ENDINGS = "(?:queen|rook|bishop|knight|pawn|minor-piece)";

    private static final String SOME = "(?:an?|" + Force.NUMBER + ")";

    private static final String SAN =
            "(?:[KQRBN][a-h]?[1-8]?x?[a-h][1-8]|[a-h](?:x[a-h])?[1-8](?:=?[QRBN])?|O-O(?:-O)?)[+#]?";

    private static final Map<Pattern, String> USUAL = forms();

    private Synonyms() {}

    private static Map<Pattern, String> forms() {
        Map<Pattern, String> forms = new LinkedHashMap<>();
        words(forms);
        moves(forms);
        kings(forms);
        pawns(forms);
        material(forms);
        facts(forms);
        return forms;
    }

    /** Single words, and what is only wrapped around the rest. */
    private static void words(Map<Pattern, String> forms) {
        add(forms, "center", "centre");
        add(forms, "^(?:it is |it's )((?:white|black)'s)", "$1");
        add(forms, "^the (" + MAN + ")", "$1");
        add(forms, "centre of the board", "centre");
        add(
                forms,
                "((?:queen|rook|bishop|knight|pawn|piece|man)s?) (?:is |are )?in the centre",
                "$1 on the centre");
        add(forms, "both (rooks|knights|bishops)", "two $1");
        add(forms, "both (king|queen)s", "both $1");
        add(forms, "minor piece ending", "minor-piece ending");
        add(forms, "(?:gives|gave) up|sacs|sacked", "sacrificed");
        add(forms, "sac", "sacrifice");
        add(forms, "^without", "no");
        add(forms, "^with", "");
        add(forms, "endgame", "ending");
        add(forms, "twice", "2 times");
        add(forms, "thrice", "3 times");
        add(
                forms,
                "(?:in |on )?(?:an? |the )?(white|black)'s (?:move|turn)(?: to move)?",
                "$1 to move");
        add(forms, "(white|black) to play", "$1 to move");
        add(forms, "^(?:in |reaching )?an? (" + ENDINGS + " ending)", "$1");
        add(forms, "^in the (" + ENDINGS + " ending)", "$1");
        add(forms, "(?:stands?|standing|is|are|anywhere) on(?! it\\b)", "on");
        add(forms, "^(?:either side|one side|somebody) has(?: an?| the|)", "");
        add(forms, "result turned", "moment turn");
    }

    private static void moves(Map<Pattern, String> forms) {
        add(forms, "(" + GIVEN + ") sacrifice by (white|black)", "$2 sacrificed a $1");
        add(forms, "exchange sacrifice by (white|black)", "$1 sacrificed the exchange");
        add(forms, "(white |black |)(" + GIVEN + ") sacrifice", "$1sacrificed a $2");
        add(forms, "(white |black |)exchange sacrifice", "$1sacrificed the exchange");
        String given = "(an? (?:" + GIVEN + ")|the exchange)";
        add(forms, given + " (?:is |was )?sacrificed by (white|black)", "$2 sacrificed $1");
        add(forms, "^" + given + " (?:is |was )?sacrificed", "sacrificed $1");
        add(forms, "(?:the )?rook lift by (white|black)", "$1 lifted a rook");
        add(forms, "back rank mate", "back-rank mate");
        add(forms, "checkmate", "mate");
        add(forms, "(white|black) (?:gives mate|mates|mated)", "mate by $1");
        add(forms, "white (?:is |was )(?:check|)mated", "mate by black");
        add(forms, "black (?:is |was )(?:check|)mated", "mate by white");
        add(forms, "underpromoted to", "just promoted to");
        add(forms, "(?:just )?(?:promotes|promoted)", "just promoted");
        add(forms, "just just", "just");
        add(forms, "^(?:a )?promotion$", "just promoted");
        add(forms, "^(?:a )?promotion by (white|black)$", "$1 just promoted");
        add(
                forms,
                "^(?:just )?(?:taken? |captured? )?(?:en passant|in passing)$",
                "just took en passant");
        add(forms, "en passant (?:is )?possible", "can take en passant");
        add(forms, "^(?:a )?(double |)check$", "just gave a $1check");
        add(
                forms,
                "(?:just )?(?:takes|captures|captured|took)(?: on)?(?= [a-h][1-8]\\b)",
                "just took on");
        add(
                forms,
                "(?:just )?(?:takes|captures|captured|took)(?= an? \\w+ on [a-h][1-8]\\b)",
                "just took");
        add(
                forms,
                "(white|black) (?:just |has just )?(?:plays|played|pushes|pushed) (?:\\.\\.\\.)?("
                        + SAN
                        + ")",
                "$1 just played $2");
        add(forms, "^(" + SAN + ") (?:is |was )?played by (white|black)$", "$2 just played $1");
        add(forms, "^(?:after )?(" + SAN + ") (?:is |was )?played$", "just played $1");
        add(forms, "^after (" + SAN + ")$", "just played $1");
        add(forms, "(?:a )?(?:threefold|3-fold|triple) repetition", "position reached 3 times");
        add(
                forms,
                "^(?:the )?position (?:is |was )?(?:repeated|repeats itself)$|^(?:a )?repetition$",
                "position reached 2 times");
        add(forms, "^(?:a )?stalemate$", "is stalemated");
    }

    private static void kings(Map<Pattern, String> forms) {
        add(forms, "(castle[sd]?) (?:long|(?:to|on) the queenside)", "$1 queenside");
        add(forms, "(castle[sd]?) (?:short|(?:to|on) the kingside)", "$1 kingside");
        add(forms, "(?:just )?castles", "just castled");
        add(forms, "(white|black)(?: king has| king) castled", "$1 castled");
        add(
                forms,
                "(white|black)(?: king|)(?: has| is|) not(?: yet|) castled(?: yet|)",
                "no $1 castled");
        add(forms, "uncastled (white|black) king", "no $1 castled");
        add(forms, "(white|black) (?:can still|can|could still|could) castle", "$1 may castle");
        add(
                forms,
                "(white|black) (?:cannot|can not|can't|can no longer|may not) castle",
                "no $1 may castle");
        add(forms, "(white|black) (?:has )?lost the right to castle", "no $1 may castle");
        add(forms, "^no castling$", "neither side castled");
        add(forms, "opposite(?:[- ]sides?|[- ]wings?|) castling", "castled on opposite wings");
        add(
                forms,
                "same[- ](?:side|wing) castling|castled on the same (?:side|wing)",
                "castled on the same wing");
        add(forms, "king (?:held |stuck )?in the middle", "king in the centre");
        add(forms, "(?<!\\bon )(?:on )?(?:the |its )?back rank(?! mate)", "on its 1st rank");
    }

    private static void pawns(Map<Pattern, String> forms) {
        add(forms, "pawn majority", "majority");
        add(forms, "(kingside|queenside) majority", "majority on the $1");
        add(forms, "open files", "open file");
        add(forms, "passers?", "passed pawn");
        add(forms, "pawns(?= [a-h][1-8])", "pawns on");
        add(forms, "(" + MAN + ") ([a-h][1-8])$", "$1 on $2");
        add(forms, "(outside|protected|connected|blockaded) passed pawns?", "passed $1");
        add(
                forms,
                "(isolated|doubled|backward|passed) ([a-h])[- ]pawns?",
                "$1 pawn on the $2-file");
        add(forms, "IQP|isolani", "isolated queen's pawn");
        add(forms, "(open|closed) centre|centre (?:is )?(open|closed)", "centre $1$2");
        add(forms, "(?:the )?([a-h])-file (?:is )?(half-open|open)", "$1-file $2");
        add(forms, "(?<!on the )(half-open|open) ([a-h])-file", "$2-file $1");
        add(forms, "(?:the )?([a-h])-file (?:is )?empty", "no man on the $1-file");
        add(forms, "pawn chains?(?! locked)", "chain");
        add(forms, "locked chain", "locked pawn chain");
    }

    private static void material(Map<Pattern, String> forms) {
        add(forms, "^(white|black) has no ([a-z]+) on", "no $1 $2 on");
        add(
                forms,
                "^(white|black) has ((?:at least |)(?:" + Force.NUMBER + ")) ([a-z]+) on",
                "$2 $1 $3 on");
        add(forms, "queens (?:are |)(?:off(?: the board)?|exchanged|traded)", "no queens");
        add(forms, "queenless (middlegame|ending)", "in the $1 without queens");
        add(forms, "queenless", "no queens");
        add(forms, "^(white|black) has an extra (" + MAN + ")$", "$1 is a $2 up");
        add(forms, "^(white|black) (?:is )?ahead by (an? \\w+)$", "$1 is $2 up");
        add(forms, "^(white|black) (?:is )?(an? \\w+) ahead$", "$1 is $2 up");
        add(
                forms,
                "(white|black) has (?:only a|just a|a bare|a lone) king",
                "$1 has exactly 1 man");
        add(forms, "^(?:a )?(?:bare|lone) king$", "has exactly 1 man");
        add(forms, "only pawns|pawns only", "pawn ending");
        add(forms, "^nothing on", "no man on");
        add(forms, "(?:the )?bishop pair(?= (?:against|vs|versus))", "two bishops");
        add(
                forms,
                "equal material|material (?:is )?(?:equal|even|balanced|level)",
                "material level");
        add(
                forms,
                "(pawns?|" + PIECE + "s?) for (?:an?|the) (piece|rook|bishop|knight|queen)",
                "$1 against a $2");
        add(forms, "^(" + PIECE + ") for (" + SOME + " pawns)$", "$1 against $2");
        String some = "((?:an?|the|" + Force.NUMBER + ") [a-z ]+?)";
        add(forms, "^(white|black) (?:is )?up " + some + "$", "$1 is $2 up");
        add(forms, "^white (?:is )?(?:down " + some + "|" + some + " down)$", "black is $1$2 up");
        add(forms, "^black (?:is )?(?:down " + some + "|" + some + " down)$", "white is $1$2 up");
    }

    private static void facts(Map<Pattern, String> forms) {
        add(forms, "pin (?:against|on) the (king|queen)", "pin to the $1");
        add(forms, "weak colou?r(?: complex)?", "weak colour");
        add(forms, "weak (light|dark) squares?", "weak colour on a $1 square");
        add(forms, "(hole)(?= on| in)", "weak square");
        String often = "(2 times|(?:" + Force.NUMBER + ") times)";
        String holds = "(?:defends|guards|covers|controls|protects)";
        add(
                forms,
                "(white|black) (?:attacks|" + holds + ") ([a-h][1-8]) " + often,
                "$2 covered by $1 $3");
        add(forms, "(white|black) attacks ([a-h][1-8])", "$2 attacked by $1");
        add(forms, "(white|black) " + holds + " ([a-h][1-8])", "$2 covered by $1");
        add(
                forms,
                "([a-h][1-8]) is (attacked|covered|empty|guarded|defended|protected|controlled)",
                "$1 $2");
        add(forms, "(?:guarded|defended|protected|controlled) by", "covered by");
        add(forms, "(?:attacked|covered) " + often + " by (white|black)", "covered by $2 $1");
        add(forms, "attacked by (white|black) " + often, "covered by $1 $2");
        add(forms, "pinned (" + MAN + ")", "$1 pinned");
        add(forms, "outpost (" + MAN + ")", "$1 on an outpost");
        add(forms, "(" + MAN + ") on an outpost on", "$1 outpost on");
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
