package org.zeroply.coach.pattern;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import org.zeroply.chess.board.PieceType;
import org.zeroply.chess.board.Side;
import org.zeroply.coach.fact.FactKind;
import org.zeroply.coach.pattern.PieceCondition.Opposition;

/** How it is said what a side plans and what it has to fear; each phrase with an example of it. */
final class PlanPhrases {

    private static final String TRAPPED = "((?:queen|rook|bishop|knight|piece)s?)";

    /** Behind the name of a structure. */
    private static final String KIND =
            "(?: pawn)?(?: structure| formation| set-?up| bind| chain| centre)";

    /** Names that mean nothing but a structure, and those that need to be told from an opening. */
    private static final String STRUCTURE =
            "(?:(carlsbad|maroczy|hedgehog|stonewall)(?:"
                    + KIND
                    + ")?|(scheveningen|boleslavsky|dragon|benoni|caro-kann|french|king's indian)"
                    + KIND
                    + ")";

    static final List<Phrase> PLANS =
            List.of(
                    Phrase.of(
                            "<side> (mirrored )?" + STRUCTURE,
                            "white Carlsbad structure",
                            w ->
                                    new PlanCondition.Structured(
                                            w.side(1),
                                            Structure.of(w.maybe(3).orElseGet(() -> w.text(4))),
                                            w.maybe(2).isPresent())),
                    Phrase.of(
                            "<side> king march(?: to <place>)?",
                            "white king march",
                            PlanPhrases::kingMarch),
                    Phrase.of(
                            "<side> has more space",
                            "white has more space",
                            w -> new PlanCondition.MoreSpace(w.side(1))),
                    Phrase.of(
                            "<side> pawn storm(?: on the <wing>)?",
                            "white pawn storm on the kingside",
                            w -> new PlanCondition.PawnStorm(w.side(1), w.wing(2))),
                    Phrase.of(
                            "<side> (?:is )?ahead in development(?: by (?:at least )?<few>(?: pieces?)?)?",
                            "white ahead in development by at least 2",
                            w ->
                                    new PlanCondition.AheadInDevelopment(
                                            w.side(1),
                                            w.number(2, PlanCondition.AheadInDevelopment.USUAL))),
                    Phrase.of(
                            "<side> has the (?:(direct|distant|diagonal) )?opposition",
                            "white has the direct opposition",
                            w ->
                                    new Opposition(
                                            w.side(1),
                                            w.maybe(2)
                                                    .map(t -> t.toUpperCase(Locale.ROOT))
                                                    .map(Opposition.Kind::valueOf)
                                                    .orElse(Opposition.Kind.DIRECT))),
                    Phrase.of(
                            "<side> blockading <men>(?: on <place>)?",
                            "white blockading knight on d4",
                            w ->
                                    new PieceCondition.Blockader(
                                            w.side(1), w.men(2), w.place(3, w.side(1)))),
                    Phrase.of(
                            "<side> (?:has )?(?:an? )?(?:good )?knight against (?:an? |the )?bad bishop",
                            "black bad bishop",
                            w -> againstBadBishop(w.side(1), PieceType.KNIGHT)),
                    Phrase.of(
                            "<side> good bishop against (?:an? |the )?bad bishop",
                            "black bad bishop",
                            w -> againstBadBishop(w.side(1), PieceType.BISHOP)),
                    Phrase.of(
                            "<side> connected rooks",
                            "white connected rooks",
                            w -> new PieceCondition.ConnectedRooks(w.side(1))));

    static final List<Phrase> DANGERS =
            List.of(
                    Phrase.of(
                            "<side> trapped " + TRAPPED + "(?: on <place>)?",
                            "black trapped queen",
                            w -> trapped(w, 2, 3)),
                    Phrase.of(
                            "<side> " + TRAPPED + "(?: on <square>)? (?:is |are )?trapped",
                            "black trapped queen",
                            w -> trapped(w, 2, 3)),
                    Phrase.of(
                            "<side> " + TRAPPED + " (?:is |are )?trapped on <place>",
                            "black trapped queen",
                            w -> trapped(w, 2, 3)),
                    Phrase.of(
                            "<side> <men>(?: on <place>)? (?:is |are )?pinned(?: by (?:an? |the )?<men>(?: on <place>)?)?",
                            "black knight on c6 pinned by a bishop",
                            w ->
                                    new DangerCondition.PinnedBy(
                                            w.side(1),
                                            w.men(2),
                                            w.place(3, w.side(1)),
                                            w.anyMen(4),
                                            w.place(5, w.side(1).other()))),
                    Phrase.of(
                            "<side> exposed king",
                            "white exposed king",
                            w -> new DangerCondition.ExposedKing(w.side(1))),
                    Phrase.of(
                            "<side> immobile " + TRAPPED + "(?: on <place>)?",
                            "black immobile knight",
                            w ->
                                    new DangerCondition.Immobile(
                                            w.side(1), w.men(2), w.place(3, w.side(1)))),
                    Phrase.of(
                            "<side> hunted king",
                            "white king march",
                            w ->
                                    new Condition.All(
                                            List.of(
                                                    new PlanCondition.KingMarch(w.side(1)),
                                                    new BoardCondition.InCheck(w.side(1))))),
                    Phrase.of(
                            "<side> weak (light|dark) squares at the king",
                            "black weak dark squares at the king",
                            w ->
                                    new DangerCondition.WeakSquaresAtKing(
                                            w.side(1), w.text(2).equals("light"))),
                    Phrase.of(
                            "<side> weak back rank",
                            "black weak back rank",
                            w -> new DangerCondition.WeakBackRank(w.side(1))),
                    Phrase.of(
                            "<side> <men>(?: on <square>)? (?:is |are )?pinned to (?:the|its|an?)"
                                    + " (queen|rook|bishop|knight)",
                            "black knight pinned to the queen",
                            w -> pinnedTo(w, w.side(1), 2, 3, 4)),
                    Phrase.of(
                            "<side> <men> (?:is |are )?pinned to (?:the|its|an?)"
                                    + " (queen|rook|bishop|knight) on <place>",
                            "black knight pinned to the queen",
                            w -> pinnedTo(w, w.side(1), 2, 4, 3)),
                    Phrase.of(
                            "<side> pin to (?:the|an?) (queen|rook|bishop|knight)"
                                    + "(?: of (?:an? |the )?<men>)?(?: on <place>)?",
                            "black knight pinned to the queen",
                            w -> pinnedTo(w, w.side(1).other(), 3, 4, 2)),
                    Phrase.of(
                            "<side> pin of (?:an? |the )?<men>(?: on <place>)? to (?:the|its|an?)"
                                    + " (queen|rook|bishop|knight)",
                            "black knight pinned to the queen",
                            w -> pinnedTo(w, w.side(1).other(), 2, 3, 4)),
                    Phrase.of(
                            "<side> pin of (?:an? |the )?<men> to (?:the|its|an?)"
                                    + " (queen|rook|bishop|knight) on <place>",
                            "black knight pinned to the queen",
                            w -> pinnedTo(w, w.side(1).other(), 2, 4, 3)));

    private PlanPhrases() {}

    private static Condition kingMarch(Phrase.Words w) {
        return MovePhrases.arriving(
                new PlanCondition.KingMarch(w.side(1)),
                w.side(1),
                PieceType.KING,
                w.place(2, w.side(1)));
    }

    /**
     * One knight, or a bishop that is not bad, is left against one bishop, and that is a bad one.
     */
    private static Condition againstBadBishop(Side good, PieceType by) {
        Side bad = good.other();
        boolean knight = by == PieceType.KNIGHT;
        return new Condition.All(
                List.of(
                        minors(good, PieceType.KNIGHT, knight ? 1 : 0),
                        minors(good, PieceType.BISHOP, knight ? 0 : 1),
                        minors(bad, PieceType.KNIGHT, 0),
                        minors(bad, PieceType.BISHOP, 1),
                        badBishop(bad),
                        new Condition.Not(badBishop(good))));
    }

    private static Condition badBishop(Side side) {
        return new FactCondition(FactKind.BAD_BISHOP, Optional.of(side), "", Place.ANYWHERE);
    }

    private static Condition minors(Side side, PieceType type, int number) {
        return new MaterialCondition.Has(
                side, MaterialCondition.Bound.EXACTLY, number, Men.of(type));
    }

    private static Condition trapped(Phrase.Words w, int men, int place) {
        return new DangerCondition.Trapped(w.side(1), w.men(men), w.place(place, w.side(1)));
    }

    /** The numbers are those of the groups. */
    private static Condition pinnedTo(Phrase.Words w, Side side, int men, int place, int behind) {
        return new DangerCondition.PinnedTo(
                side, w.anyMen(men), w.type(behind).orElseThrow(), w.place(place, side));
    }
}
