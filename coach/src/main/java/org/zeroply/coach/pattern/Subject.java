package org.zeroply.coach.pattern;

import java.util.Locale;
import java.util.Optional;
import java.util.regex.MatchResult;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.zeroply.chess.board.Side;

/**
 * Who is spoken of where a text does not say it again: what a side does or has goes on with a verb,
 * {@code white is a pawn down but has the two bishops}, and its enemy is the other side, {@code
 * white rook on the seventh with the enemy king on the eighth}.
 */
final class Subject {

    private static final Pattern SIDE = Phrase.pattern("^(?:the )?(white|black)(?:'s)? ");

    /** What can go on behind a side that was named before. */
    private static final Pattern VERB =
            Phrase.pattern(
                    "^(?:has|had|is|was|can|cannot|may|just|plays?|played|gives?|gave|takes?|took"
                            + "|sacrifice[sd]?|lift(?:s|ed)|castle[sd]|trade[sd]|exchange[sd]|wins|won"
                            + "|promote[sd]?|moved|controls|attacks|covers|threatens|mate[sd]|blundered"
                            + "|missed|uncastled|not castled|(?:an?|the|one|two) \\w+ (?:up|down|ahead)) ");

    private static final Pattern NAMED = Phrase.pattern("\\b(?:white|black)\\b");

    private static final String WHOSE =
            "(?:the |an? |its |his |her )?(?:enemy|enemy's|opposing|hostile|opponent's) ";

    private static final Pattern ENEMY = Phrase.pattern("\\b" + WHOSE);

    /** A rank in words is counted by the side that is spoken of, not by its enemy. */
    private static final Pattern ENEMY_ON_RANK =
            Phrase.pattern(
                    "\\b"
                            + WHOSE
                            + "((?!pawn)\\w+) on (?:the )?(first|second|third|fourth|fifth|sixth|seventh|eighth)"
                            + "(?: rank)?\\b");

    private Subject() {}

    /** The side that a text begins with. */
    static Optional<Side> of(String text) {
        Matcher side = SIDE.matcher(text);
        return side.find() ? Optional.of(Side.called(side.group(1))) : Optional.empty();
    }

    /**
     * What is said next with its side, if it goes on with a verb and the text before began with a
     * side.
     */
    static Optional<String> carried(String before, String next) {
        return VERB.matcher(next + " ").find() && !isNamed(next)
                ? of(before).map(side -> side.smallWord() + " " + next)
                : Optional.empty();
    }

    /** Whether a side is called by name. */
    static boolean isNamed(String text) {
        return NAMED.matcher(text).find();
    }

    /** Whether an enemy is spoken of. */
    static boolean hasEnemy(String text) {
        return ENEMY.matcher(text).find();
    }

    /** The text with the enemy of a side called by name. */
    static String withEnemy(String text, Side side) {
        String other = side.other().smallWord();
        String ranks =
                ENEMY_ON_RANK
                        .matcher(text)
                        .replaceAll(
                                m -> other + " " + m.group(1) + " on its " + fromFar(m) + " rank");
        return ENEMY.matcher(ranks).replaceAll(other + " ");
    }

    private static String fromFar(MatchResult rank) {
        String word = rank.group(2).toLowerCase(Locale.ROOT);
        return Place.ordinal(7 - Place.rank(word));
    }
}
