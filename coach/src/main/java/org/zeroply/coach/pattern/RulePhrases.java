package org.zeroply.coach.pattern;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Stream;
import org.zeroply.chess.board.PieceType;
import org.zeroply.coach.fact.material.Phase;

/** How it is said what the rules call by a name; each phrase with an example of it. */
final class RulePhrases {

    private static final String CHECK = "((?:double |discovered )?check)";

    /**
     * So often a check led to a position that is called perpetual: as the rules want for a draw.
     */
    private static final int PERPETUAL = 3;

    static final List<Phrase> RULES =
            List.of(
                    Phrase.of(
                            "<side> (?:just )?(?:gave|gives) (?:an? )?" + CHECK,
                            "white just gave a double check",
                            w -> check(w, 1, 2)),
                    Phrase.of(
                            "<side> <men> (?:just )?(?:gave|gives) (?:an? )?" + CHECK,
                            "white just gave a double check",
                            w ->
                                    new Condition.All(
                                            List.of(
                                                    check(w, 1, 3),
                                                    new MoveCondition.JustMoved(
                                                            w.side(1), w.men(2), Place.ANYWHERE)))),
                    Phrase.of(
                            CHECK + " by <side>",
                            "white just gave a double check",
                            w -> check(w, 2, 1)),
                    Phrase.of(
                            "<side> (?:just )?(?:gave |gives )?(?:an? )?perpetual check",
                            "white just gave a double check",
                            w ->
                                    new Condition.All(
                                            List.of(
                                                    new RuleCondition.JustChecked(
                                                            w.side(1),
                                                            RuleCondition.JustChecked.Kind.CHECK),
                                                    new RuleCondition.Reached(PERPETUAL)))),
                    Phrase.of(
                            "<side> (?:just )?(?:took|takes|captured|captures) (?:en passant|in passing)",
                            "white just took en passant",
                            w -> new RuleCondition.JustTookInPassing(w.side(1))),
                    Phrase.of(
                            "<side> (?:can|may) (?:take|capture) (?:en passant|in passing)",
                            "white can take en passant",
                            w -> new RuleCondition.MayTakeInPassing(w.side(1))),
                    Phrase.of(
                            "<side> (?:just )?(?:made an )?(?:underpromotion|underpromoted)",
                            "white just promoted to a knight",
                            w ->
                                    new Condition.Any(
                                            Stream.of(
                                                            PieceType.ROOK,
                                                            PieceType.BISHOP,
                                                            PieceType.KNIGHT)
                                                    .<Condition>map(
                                                            t ->
                                                                    new MoveCondition.JustPromoted(
                                                                            w.side(1),
                                                                            Optional.of(t)))
                                                    .toList())),
                    Phrase.of(
                            "<side> (?:is )?stalemated?",
                            "black is stalemated",
                            w -> new RuleCondition.Stalemated(w.side(1))),
                    Phrase.of(
                            "position reached <few> times",
                            "position reached 3 times",
                            w -> new RuleCondition.Reached(w.number(1))),
                    Phrase.of(
                            "<side> (lucena|philidor|vancura)(?: position)?",
                            "white Lucena position",
                            w ->
                                    new RookEnding(
                                            w.side(1),
                                            RookEnding.Kind.valueOf(
                                                    w.text(2).toUpperCase(Locale.ROOT)))),
                    Phrase.of(
                            "halfmove clock (?:of |is )?at least <number>",
                            "halfmove clock at least 100",
                            w -> new RuleCondition.HalfmoveClock(w.number(1))),
                    Phrase.of(
                            "game of <bound> <number> moves",
                            "game of at most 25 moves",
                            w -> new RuleCondition.GameLength(w.bound(1), w.bounded(2))),
                    Phrase.of(
                            "(?:(?:in |at )?the )?(?:final|last|closing) position(?: of the game|)"
                                    + "|(?:at )?the end of the game",
                            "final position",
                            w -> new RuleCondition.GameOver()),
                    Phrase.of(
                            "(?:the )?last named opening position",
                            "last named opening position",
                            w -> new RuleCondition.OpeningOver()),
                    Phrase.of(
                            "(?:(?:in )?the )?(opening|middlegame|ending)",
                            "in the ending",
                            w ->
                                    new RuleCondition.InPhase(
                                            Phase.valueOf(w.text(1).toUpperCase(Locale.ROOT)))));

    private RulePhrases() {}

    private static Condition check(Phrase.Words w, int side, int kind) {
        return new RuleCondition.JustChecked(
                w.side(side), RuleCondition.JustChecked.Kind.of(w.text(kind)));
    }
}
