package org.zeroply.coach.pattern;

import static org.zeroply.coach.pattern.SaidApart.form;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.zeroply.chess.opening.OpeningNames;
import org.zeroply.chess.tree.GameResult;

/**
 * What is said of the whole game among the conditions of a position: how it ended, when it was
 * played, which opening it was.
 *
 * @param clauses each as it may stand behind a semicolon
 * @param conditions the text without them
 */
record SaidOfGame(List<String> clauses, String conditions) {

    private static final String OUTCOME =
            "(?:(?:(?:all |the )?games? (?:that |which |where |in which |))?(white|black) (won|wins|lost|loses)"
                    + "(?: the game)?|(?:game )?drawn(?: games?)?|(?:a )?draws?|games? (?:that |which |)"
                    + "(?:was |were )?(?:drawn|a draw))";

    private static final String YEAR = "((?:1[5-9]|20)\\d\\d)";

    private static final String PLAYED = "\\b(?:(?:all |the )?games? )?(?:(?:were |was )?played )?";

    /** A rating, which no number of moves or plies is. */
    private static final String RATING =
            "((?:(?:at (?:least|most)|up to|from|above|over|under|below|between|(?:more|less|higher|lower) than) )?"
                    + "\\d{3,4}(?:\\+|(?: ?- ?| to | and | or )(?:\\d{3,4}|higher|more|better))?)";

    private static final Pattern ENDED = Phrase.pattern(OUTCOME);

    /** A part of the conditions that is about the game. */
    private static final Pattern GAME =
            Phrase.pattern(
                    "(?:^|,|\\bAND\\b)\\s*(?:(?:(?:games? )?played )?(result (?:draw|[\\d½][\\w./½-]*)|(?:since|until) \\d[\\d.]*|termination [a-z]+(?: forfeit)?|round \\d[\\d.]*|higher rated (?:white|black|winner|loser|player|opponent)|eco [a-e][\\w -]*?|rated "
                            + "[^,;]*?\\d+\\+?(?: or \\w+)?)"
                            + "|"
                            + OUTCOME
                            + ")"
                            + "\\s*(?=,|$|\\bAND\\b|\\bTHEN\\b)");

    /** Who won a game and in how many moves, which are two things. */
    private static final Pattern WON_IN =
            Phrase.pattern(
                    "\\b(white|black) (?:(won|wins)|lost|loses) (?:the game )?(?:in|within)"
                            + " (?:(at most|fewer than|less than) |(under) )?(\\d{1,3}) moves");

    private static final String AFTER = " (?:after|by|despite|in spite of) ";

    private static final String DOING =
            "(?=(?:sacrificing|losing|winning|trading|castling|promoting) )";

    /** How a game ended, said as a part of its own; taken in this order. */
    private static final List<Map.Entry<Pattern, String>> OUTCOME_FIRST =
            List.of(
                    form("^" + YEAR + "$", "since $1, until $1"),
                    form(
                            "(?<=\\w) (?:in|from) (?:the |all )?games? (?=of |by |between |from |played |since |until |rated )",
                            ", games "),
                    // When it was played, and by how strong players.
                    form(
                            PLAYED
                                    + "(?:from|between) "
                                    + YEAR
                                    + " ?(?:-|–|to|and|until) ?"
                                    + YEAR
                                    + "\\b",
                            ", since $1, until $2"),
                    form(
                            PLAYED + "(?:in|from) " + YEAR + "(?! ?[-–\\d.])\\b",
                            ", since $1, until $1"),
                    form(PLAYED + "(since|until) (?=" + YEAR + ")", ", $1 "),
                    form(
                            "\\b(?:(?:all |the )?games? )?(?:(?:of|by|between|with|both) )?(?:players? |masters? )?(?:both )?"
                                    + "(?:rated|with (?:an? )?(?:elo|ratings?)(?: of)?|elo|ratings?)(?: is| of|) "
                                    + RATING,
                            ", rated $1"),
                    form(
                            "(?:^|(?<=, )|(?<=\\w) in )(?:(?:all |the )?games? (?:in|of|with) )?(?:the )?(?:eco )?(?:codes? )?"
                                    + "([a-e]\\d\\d(?:(?: ?- ?| to )[a-e]\\d\\d)?)(?=\\s*(?:,|$|\\band\\b))",
                            ", eco $1"),
                    // What there was in it.
                    form(
                            "^(?:all |the )?games? with ((?:more|fewer|less) than \\d+ moves)",
                            "game of $1"),
                    form(
                            "^(?:all |the )?games? (?:that |which |)(?:ended|ending|ends) in (?:an? )?draw\\b",
                            "drawn"),
                    form(
                            "^(?:all |the )?games? (?:that |which |)(?:ended|ending|ends) in (?:an? )?(?=[a-z -]*\\b(?:ending|endgame)\\b)",
                            "final position, "),
                    form(
                            "^(?:all |the )?games? (?:with|where|in which|that (?:had|saw|reached|came to)) (?:an? )?",
                            ""),
                    // Who won is said of the game, and behind it who did it is said first.
                    form("\\b(?:games? )?(won|lost) by (white|black)\\b", "$2 $1"),
                    // The result goes on with the side that was spoken of before.
                    form(
                            "\\b(white|black)\\b([^,;()]*?),? (?:and|but) (won|wins|lost|loses)(?: the game)?"
                                    + "(?=\\s*(?:,|$))",
                            "$1$2, $1 $3"),
                    form(
                            "\\b(?:games? )?(?:were |was )?(?:drawn?) (?:by|through) (?:threefold )?repetition\\b",
                            "drawn, threefold repetition"),
                    // What a side did before.
                    form("^(white|black) drew" + AFTER + DOING, "drawn, $1 "),
                    form("^(white|black) (won|wins|lost|loses)" + AFTER + DOING, "$1 $2, $1 "),
                    done("sacrificing", "sacrificed"),
                    done("losing", "lost"),
                    done("winning", "won"),
                    done("trading", "traded"),
                    done("castling", "castled"),
                    done("promoting", "promoted"),
                    // Who held a game, with what there was.
                    form(
                            "^(white|black) (?:drew|draws|held|holds)(?: the game| the draw| a draw|)"
                                    + " (?:with |though |when |while |)((?:an?|two|the) \\w+) (up|down)",
                            "drawn, $1 is $2 $3"),
                    // What stands between who won and how.
                    form(
                            "^(white|black) (won|wins|lost|loses) (?=(?:with|in|after|by|an?|the|where)\\s)"
                                    + "(?!(?:in|within|by) [^,]*\\d|the game)(?!(?:an?|the) (?:pawn|piece|rook|queen|exchange|knight|bishop|right|fianchettoed)\\b)",
                            "$1 $2, "),
                    form(
                            "\\b(?:games? )?(?:that )?(?:ended|ending|ends) (?:in|with|by) (?=stalemate|mate|checkmate)",
                            ""),
                    // How a game was drawn that ended in what stands on the board.
                    form(
                            "\\b(?:games? )?(?:that )?(?:were |was )?drawn? (?:by|through) (?=stalemate|perpetual"
                                    + "|(?:the )?(?:fifty|50))",
                            "drawn, "),
                    form(
                            "(?:^|(?<=, ))(?:an? )?(?:short|quick) draws?(?=\\s*(?:,|$))",
                            "drawn, miniature"),
                    form(
                            "(?:^|(?<=, ))(?:an? )?drawn (?=games? (?:of|in|under|over)\\b|[a-z]+(?: piece)? (?:ending|endgame)\\b)",
                            "drawn, "),
                    form(
                            "(?:^|(?<=, ))(?:short |quick )?(?:games? )?(?:drawn|draws?|drew)(?= (?:with|in|after|under|of)\\b)",
                            "drawn,"));

    /** Openings begin with numbers, which alone name none: three knights. */
    private static final Pattern NUMBER = Phrase.pattern(Force.NUMBER);

    /** Between two parts, and before the name of an opening that is said behind a condition. */
    private static final Pattern JOINT =
            Phrase.pattern(
                    "\\s*(?:,|\\bAND\\b|\\bTHEN\\b)\\s*|\\s+in (?:the|an?) (?=[a-z])"
                            + "|\\s+(?:with|where)\\s+");

    private static final Pattern BEFORE_OPENING =
            Phrase.pattern(
                    "^(?:(?:all |the )?games? (?=in |with ))?"
                            + "(?:(?:with|in|by|using|playing) (?=the |an? ))?(?:(?:the|an?) )?");

    /** Names nothing by itself. */
    private static final Pattern GAMES = Phrase.pattern("(?:all |the )?games?");

    private static final Pattern WITH = Phrase.pattern("\\s+(?:with|where)\\s+");

    /**
     * Takes out what is said of the games; where conditions are joined by OR or in brackets it
     * would mean something else there, and is left to be refused.
     */
    static SaidOfGame in(String text) {
        List<String> clauses = new ArrayList<>();
        if (ConditionReader.isJoinedOtherwise(text)) {
            return new SaidOfGame(clauses, text);
        }
        String inParts =
                SaidApart.inForms(text, OUTCOME_FIRST)
                        .replaceAll("(?i)(?:,|\\band\\b)(?:\\s*,)+", ",")
                        .replaceFirst("^\\s*,\\s*", "");
        Matcher game = GAME.matcher(withoutOpening(won(inParts), clauses));
        while (game.find()) {
            clauses.add(
                    game.group(1) != null
                            ? game.group(1)
                            : "result " + result(game.group(2), game.group(3)));
        }
        String left = game.replaceAll(" ").strip();
        return new SaidOfGame(clauses, GAMES.matcher(left).matches() ? "" : left);
    }

    /** Whether a text tells how a game ended and nothing else. */
    static boolean isOutcome(String text) {
        return ENDED.matcher(text).matches();
    }

    /** The result of a game that a side won or lost; drawn where none is named. */
    private static String result(String side, String did) {
        if (side == null) {
            return GameResult.DRAW;
        }
        boolean white =
                side.equalsIgnoreCase("white") == !did.toLowerCase(Locale.ROOT).startsWith("lo");
        return white ? GameResult.WHITE_WINS : GameResult.BLACK_WINS;
    }

    private static Map.Entry<Pattern, String> done(String doing, String did) {
        return form(
                "(?<=^(?:white|black) (?:won|wins|lost|loses), |^drawn, )(white|black) "
                        + doing
                        + "(?= )",
                "$1 " + did);
    }

    private static String won(String text) {
        return WON_IN.matcher(text)
                .replaceAll(
                        m -> {
                            String otherwise = m.group(4) == null ? "at most" : "fewer than";
                            String bound = m.group(3) == null ? otherwise : m.group(3);
                            String did = m.group(2) == null ? "lost" : "won";
                            return m.group(1)
                                    + " "
                                    + did
                                    + ", game of "
                                    + bound.toLowerCase(Locale.ROOT)
                                    + " "
                                    + m.group(5)
                                    + " moves";
                        });
    }

    /**
     * Takes out the name of an opening that stands among the conditions, alone or as in {@code
     * knight on d5 in the Dutch}, unless it says something of the position. What joined it to what
     * is before it goes with it.
     */
    private static String withoutOpening(String text, List<String> clauses) {
        StringBuilder left = new StringBuilder();
        Matcher joint = JOINT.matcher(text);
        String before = "";
        int from = 0;
        boolean more = true;
        while (more) {
            more = joint.find();
            String said = text.substring(from, more ? joint.start() : text.length());
            String bare = BEFORE_OPENING.matcher(said.strip()).replaceFirst("");
            Optional<String> name = opening(bare.replaceFirst("(?i)(?<=\\w) games?$", ""));
            boolean opening = name.isPresent();
            if (opening) {
                clauses.add("opening " + name.get());
            } else {
                boolean first = left.isEmpty() && !clauses.isEmpty();
                left.append(first ? "" : before).append(said);
            }
            if (more) {
                before = opening && WITH.matcher(joint.group()).matches() ? ", " : joint.group();
                from = joint.end();
            }
        }
        return left.toString();
    }

    private static Optional<String> opening(String said) {
        // Whether it can be read as a condition takes longer to tell.
        return NUMBER.matcher(said).matches()
                ? Optional.empty()
                : OpeningNames.shipped()
                        .named(said)
                        .filter(name -> !ConditionReader.isReadable(said));
    }
}
