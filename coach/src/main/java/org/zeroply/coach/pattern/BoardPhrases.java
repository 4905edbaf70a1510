package org.zeroply.coach.pattern;

import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.IntFunction;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.zeroply.chess.board.PieceType;
import org.zeroply.chess.board.Side;

/** How it is said what stands on the board; each phrase with an example of it. */
final class BoardPhrases {

    /** A king, and what is with it. */
    private static final String WITH_KING =
            "(?:an? |the )?(?:bare |lone )?king(?:(?:,? and |, )<force>)?";

    static final List<Phrase> BOARD =
            List.of(
                    Phrase.of(
                            "(?:<side> )?<men> on <all>",
                            "white knight on e5",
                            BoardPhrases::menOnEach),
                    Phrase.of(
                            "(?:<side> )?((?:king|queen|rook|bishop|knight|pawn|piece)s|men) on"
                                    + " <squares>(?<=[a-h][1-8],? [a-h][1-8])",
                            "white knight on e5",
                            BoardPhrases::menOnEach),
                    Phrase.of(
                            "(?:<side> )?<men> on (" + Place.EACH_FILE + ")",
                            "white knight on e5",
                            w ->
                                    new Condition.All(
                                            Arrays.stream(w.text(3).split("(?:, | and )"))
                                                    .map(Place::files)
                                                    .<Condition>map(
                                                            file ->
                                                                    new BoardCondition.MenOn(
                                                                            w.maybeSide(1),
                                                                            w.men(2),
                                                                            file,
                                                                            1))
                                                    .toList())),
                    Phrase.of(
                            "<side> <men>(?: on <place>)? (?:supported|protected|guarded|defended|covered)"
                                    + " by (?:an?|the|its|his|her|an own|another) <men>",
                            "white knight on e5 supported by a pawn",
                            w ->
                                    new PieceCondition.Held(
                                            w.side(1), w.men(2), w.place(3, w.side(1)), w.men(4))),
                    Phrase.of(
                            "(?:(?:at least )?<few> |a |an |any )?(?:<side> )?<men> on (?!the board)<place>",
                            "white knight on e5",
                            w -> menOn(w, w.place(4, w.maybeSide(2).orElse(Side.WHITE)))),
                    Phrase.of(
                            "(at most|exactly|fewer than|less than) <few> (?:<side> )?<men> on (?!the board)<place>",
                            "white knight on e5",
                            BoardPhrases::soManyOn),
                    Phrase.of(
                            "(?:<side> )?(?:an? )?<men> and (?:an? )?<men> on <place>",
                            "white knight on e5",
                            BoardPhrases::bothOn),
                    Phrase.of(
                            "(?:(?:at least )?<few> |a |an |any )?(?:<side> )?<men>(?: on the board)?",
                            "black queen on the board",
                            w -> menOn(w, Place.ANYWHERE)),
                    Phrase.of(
                            "<squares> empty",
                            "e5 empty",
                            w -> new BoardCondition.Empty(w.squares(1))),
                    Phrase.of(
                            "<square> attacked by <side>",
                            "e5 attacked by black",
                            w -> new BoardCondition.Attacked(w.square(1), w.side(2))),
                    Phrase.of(
                            "<square> covered by <side>(?: <few> times)?",
                            "e5 covered by black 2 times",
                            w -> new BoardCondition.Covered(w.square(1), w.side(2), w.number(3))),
                    Phrase.of(
                            "<side> outnumbers (?:white|black) on <square>",
                            "white outnumbers black on f7",
                            w -> new BoardCondition.Outnumbers(w.side(1), w.square(2))),
                    Phrase.of(
                            "<side> castled(?: <wing>)?",
                            "white castled kingside",
                            w -> new BoardCondition.Castled(w.side(1), w.wing(2))),
                    Phrase.of(
                            "<side> uncastled king(?: on <place>)?",
                            "white castled kingside",
                            BoardPhrases::uncastled),
                    Phrase.of(
                            "castled on the same (?:wing|side)",
                            "castled on opposite wings",
                            w ->
                                    new Condition.Any(
                                            Stream.of(BoardCondition.Wing.values())
                                                    .map(BoardPhrases::bothCastled)
                                                    .toList())),
                    Phrase.of(
                            "(?:both sides )?castled on opposite (?:wings|sides)",
                            "castled on opposite wings",
                            w -> new BoardCondition.OppositeWings()),
                    Phrase.of(
                            "kings on opposite (?:wings|sides)",
                            "castled on opposite wings",
                            w ->
                                    new Condition.Any(
                                            List.of(
                                                    kings(BoardCondition.Wing.KINGSIDE),
                                                    kings(BoardCondition.Wing.QUEENSIDE)))),
                    Phrase.of(
                            "<side> king (?:is |still |held |stuck )*in the centre",
                            "black king in the centre",
                            w -> new BoardCondition.KingInCentre(w.side(1))),
                    Phrase.of(
                            "<side> (?:is )?in check",
                            "black in check",
                            w -> new BoardCondition.InCheck(w.side(1))),
                    Phrase.of(
                            "<side> may castle(?: <wing>)?",
                            "black may castle queenside",
                            w -> new BoardCondition.MayCastle(w.side(1), w.wing(2))),
                    Phrase.of(
                            "queens face each other(?: on the <file>-file)?",
                            "queens face each other on the d-file",
                            w -> new BoardCondition.QueensFaceEachOther(w.anyFile(1))),
                    Phrase.of(
                            "at least <few> <side> pieces undeveloped",
                            "at least 2 black pieces undeveloped",
                            w -> new BoardCondition.Undeveloped(w.number(1), w.side(2))),
                    Phrase.of(
                            "<side> (king|queen|rook|bishop|knight) can reach <square> in <few>"
                                    + " moves?",
                            "white knight can reach d5 in 2 moves",
                            w ->
                                    new BoardCondition.CanReach(
                                            w.side(1),
                                            w.type(2).orElseThrow(),
                                            w.square(3),
                                            w.number(4))));

    static final List<Phrase> MATERIAL =
            List.of(
                    Phrase.of(
                            "<side> has <bound> <number> <men>",
                            "white has at least 2 rooks",
                            w ->
                                    new MaterialCondition.Has(
                                            w.side(1), w.bound(2), w.bounded(3), w.men(4))),
                    Phrase.of(
                            "<side> has <number> <men>",
                            "white has exactly 2 rooks",
                            w ->
                                    new MaterialCondition.Has(
                                            w.side(1),
                                            MaterialCondition.Bound.EXACTLY,
                                            w.number(2),
                                            w.men(3))),
                    Phrase.of(
                            "<side> has (?:no|exactly 0) <men>",
                            "black has exactly 0 queens",
                            w ->
                                    new MaterialCondition.Has(
                                            w.side(1),
                                            MaterialCondition.Bound.EXACTLY,
                                            0,
                                            w.men(2))),
                    Phrase.of(
                            "<bound> <number> men(?: on the board)?",
                            "at most 8 men on the board",
                            w -> new MaterialCondition.Count(w.bound(1), w.bounded(2))),
                    Phrase.of(
                            "material (K?[QRBNP]*) (?:against|v) (K?[QRBNP]*)",
                            "material KRP against KR",
                            w ->
                                    MaterialCondition.Exactly.of(
                                            w.raw(1).toUpperCase(Locale.ROOT),
                                            w.raw(2).toUpperCase(Locale.ROOT))),
                    Phrase.of(
                            "(?:<side> (?:has )?)?" + WITH_KING + " against " + WITH_KING,
                            "material KRP against KR",
                            w -> BareMaterial.of(w.maybeSide(1), w.force(2), w.force(3))),
                    Phrase.of(
                            "<side> (?:is )?ahead by at least <number> points?",
                            "white ahead by at least 2 points",
                            w -> new MaterialCondition.Ahead(w.side(1), w.number(2))),
                    Phrase.of(
                            "material level", "material level", w -> new MaterialCondition.Level()),
                    Phrase.of(
                            "<side> (?:is )?(?:the |an )?exchange up",
                            "black is the exchange up",
                            w ->
                                    new MaterialCondition.Imbalance(
                                            w.maybeSide(1), Force.ROOK, Force.MINOR, true)),
                    Phrase.of(
                            "<side> (?:is )?<force> up",
                            "white is two pawns up",
                            w ->
                                    new MaterialCondition.Imbalance(
                                            w.maybeSide(1), w.force(2), Force.NONE, true)),
                    Phrase.of(
                            "(?:<side> has )?<force> against <force>",
                            "white has a rook against two minor pieces",
                            w ->
                                    new MaterialCondition.Imbalance(
                                            w.maybeSide(1), w.force(2), w.force(3), false)),
                    Phrase.of(
                            "<side> (?:has )?(?:the )?bishop pair",
                            "white has the bishop pair",
                            w -> new MaterialCondition.BishopPair(w.side(1))),
                    Phrase.of(
                            "(opposite|same)[- ]colou?red bishops",
                            "opposite-coloured bishops",
                            w -> new MaterialCondition.SingleBishops(isOpposite(w))),
                    Phrase.of(
                            "(opposite|same)[- ]colou?red bishops? ending",
                            "opposite-coloured bishops",
                            w ->
                                    new Condition.All(
                                            List.of(
                                                    new MaterialCondition.Ending(
                                                            Optional.of(Men.of(PieceType.BISHOP))),
                                                    new MaterialCondition.SingleBishops(
                                                            isOpposite(w))))),
                    Phrase.of(
                            "pawn ending",
                            "pawn ending",
                            w -> new MaterialCondition.Ending(Optional.empty())),
                    Phrase.of(
                            "(queen|rook|bishop|knight) ending",
                            "rook ending",
                            w -> new MaterialCondition.Ending(w.type(1).map(Men::of))),
                    Phrase.of(
                            "(queen|rook|bishop|knight)(?:, | and )(queen|rook|bishop|knight)"
                                    + "(?:(?:, | and )(queen|rook|bishop|knight))? ending",
                            "bishop and rook ending",
                            w ->
                                    new MaterialCondition.MixedEnding(
                                            new Men(
                                                    Stream.of(1, 2, 3)
                                                            .flatMap(g -> w.type(g).stream())
                                                            .collect(Collectors.toSet())))),
                    Phrase.of(
                            "minor-piece ending",
                            "minor-piece ending",
                            w -> new MaterialCondition.Ending(Optional.of(Men.MINORS))));

    private BoardPhrases() {}

    /** The white king on a wing, the black one on the other. */
    private static Condition kings(BoardCondition.Wing white) {
        return new Condition.All(
                List.of(
                        BoardCondition.MenOn.of(
                                Side.WHITE, PieceType.KING, new Place(white.squares())),
                        BoardCondition.MenOn.of(
                                Side.BLACK, PieceType.KING, new Place(~white.squares()))));
    }

    private static boolean isOpposite(Phrase.Words w) {
        return w.text(1).equals("opposite");
    }

    private static Condition bothCastled(BoardCondition.Wing wing) {
        return new Condition.All(
                Stream.of(Side.values())
                        .<Condition>map(s -> new BoardCondition.Castled(s, Optional.of(wing)))
                        .toList());
    }

    private static Condition uncastled(Phrase.Words w) {
        Side side = w.side(1);
        return new Condition.All(
                List.of(
                        new Condition.Not(new BoardCondition.Castled(side, Optional.empty())),
                        BoardCondition.MenOn.of(side, PieceType.KING, w.place(2, side))));
    }

    private static Condition bothOn(Phrase.Words w) {
        Place place = w.place(4, w.maybeSide(1).orElse(Side.WHITE));
        return new Condition.All(
                Stream.of(w.men(2), w.men(3))
                        .<Condition>map(
                                men -> new BoardCondition.MenOn(w.maybeSide(1), men, place, 1))
                        .toList());
    }

    private static Condition menOnEach(Phrase.Words w) {
        return new Condition.All(
                w.squares(3).stream()
                        .map(Place::square)
                        .<Condition>map(
                                p -> new BoardCondition.MenOn(w.maybeSide(1), w.men(2), p, 1))
                        .toList());
    }

    /** So many and no more, or fewer. */
    private static Condition soManyOn(Phrase.Words w) {
        Place place = w.place(5, w.maybeSide(3).orElse(Side.WHITE));
        IntFunction<Condition> atLeast =
                least -> new BoardCondition.MenOn(w.maybeSide(3), w.men(4), place, least);
        return w.bound(1).of(w.bounded(2), atLeast);
    }

    private static Condition menOn(Phrase.Words w, Place place) {
        boolean many = w.text(3).endsWith("s") || w.text(3).equals("men");
        return new BoardCondition.MenOn(
                w.maybeSide(2), w.men(3), place, w.number(1, many && !place.isAnywhere() ? 2 : 1));
    }
}
