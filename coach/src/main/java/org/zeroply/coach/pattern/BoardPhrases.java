package org.zeroply.coach.pattern;

import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.zeroply.chess.board.Attacks;
import org.zeroply.chess.board.PieceType;
import org.zeroply.chess.board.Side;
import org.zeroply.coach.fact.FactKind;

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
                            "<side> <men> on <square> (?:supported|protected|guarded|defended|covered)"
                                    + " by (?:a|its|his|her|an own) pawn",
                            "white knight on e5",
                            BoardPhrases::heldByPawn),
                    Phrase.of(
                            "(?:(?:at least )?<few> |a |an |any )?(?:<side> )?<men> on (?!the board)<place>",
                            "white knight on e5",
                            w -> menOn(w, w.place(4, w.maybeSide(2).orElse(Side.WHITE)))),
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
                            "(?:<side> (?:has )?)?"
                                    + WITH_KING
                                    + " (?:against|vs\\.?|versus) "
                                    + WITH_KING,
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
                            "(?:<side> has )?<force> (?:against|vs\\.?|versus) <force>",
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

    /** What a pawn is, once or several at a time. */
    private static final String SUCH =
            "((?:isolated|doubled|backward|passed)(?: (?:isolated|doubled|backward|passed))*)";

    static final List<Phrase> PAWNS =
            List.of(
                    Phrase.of(
                            "<side> (?:two|2) connected passed pawns(?: on <place>)?",
                            "white two connected passed pawns on the 6th rank",
                            w ->
                                    new PawnCondition.ConnectedPassed(
                                            w.side(1), w.place(2, w.side(1)))),
                    Phrase.of(
                            "<side> (?:has )?<few>(?: pawns?)? against <few>(?: pawns?)? on the <wing>",
                            "white 4 pawns against 3 on the kingside",
                            w ->
                                    new PawnCondition.OnWing(
                                            w.side(1),
                                            w.number(2),
                                            w.number(3),
                                            w.wing(4).orElseThrow())),
                    Phrase.of(
                            "<side> tripled pawns",
                            "white tripled pawns",
                            w -> new PawnCondition.Tripled(w.side(1))),
                    Phrase.of(
                            "(?:at least )?<few> <side> " + SUCH + " pawns(?: on <place>)?",
                            "at least 2 white passed pawns",
                            w -> pawnsAre(w, w.side(2), w.number(1))),
                    Phrase.of(
                            "<side> (?:(?:at least )?<few> |an? )?"
                                    + SUCH
                                    + " pawns?(?: on <place>)?",
                            "black isolated pawn on d5",
                            w -> pawnsAre(w, w.side(1), w.number(2))),
                    Phrase.of(
                            "<side> pawns on <squares>",
                            "white pawns on c4 d5 e4",
                            w -> new PawnCondition.Formation(w.side(1), w.squares(2))),
                    Phrase.of(
                            "<side> ("
                                    + Stream.of(Shape.values())
                                            .map(Shape::words)
                                            .collect(Collectors.joining("|"))
                                    + ")",
                            "white isolated queen's pawn",
                            w -> new PawnCondition.Shaped(w.side(1), Shape.of(w.text(2)))),
                    Phrase.of(
                            "<side> hanging pawns on <squares>",
                            "white hanging pawns",
                            w ->
                                    new Condition.All(
                                            List.of(
                                                    new PawnCondition.Shaped(
                                                            w.side(1), Shape.HANGING_PAWNS),
                                                    new PawnCondition.Formation(
                                                            w.side(1), w.squares(2))))),
                    Phrase.of(
                            "<side> minority attack",
                            "white minority attack on the queenside",
                            w -> new PawnCondition.Shaped(w.side(1), Shape.MINORITY_ATTACK)),
                    Phrase.of(
                            "<side> majority on the <wing>",
                            "white majority on the queenside",
                            w -> new PawnCondition.Majority(w.side(1), w.wing(2).orElseThrow())),
                    Phrase.of(
                            "locked (?:pawn )?chains",
                            "locked chains",
                            w -> new PawnCondition.LockedChains()),
                    Phrase.of(
                            "<file>-file open",
                            "d-file open",
                            w ->
                                    new PawnCondition.OpenFile(
                                            w.anyFile(1).orElseThrow(), Optional.empty())),
                    Phrase.of(
                            "<file>-file half-open for <side>",
                            "c-file half-open for black",
                            w ->
                                    new PawnCondition.OpenFile(
                                            w.anyFile(1).orElseThrow(), Optional.of(w.side(2)))),
                    Phrase.of(
                            "(open|half-open) file (?:at|next to|beside) (?:the )?<side> king",
                            "open file at the black king",
                            w -> new PawnCondition.FileAtKing(w.side(2), w.text(1).equals("open"))),
                    Phrase.of(
                            "centre (open|closed)",
                            "centre closed",
                            w -> new PawnCondition.Centre(w.text(1).equals("open"))));

    private BoardPhrases() {}

    private static Condition pawnsAre(Phrase.Words w, Side side, int least) {
        Set<FactKind> kinds =
                Stream.of(w.text(3).split(" "))
                        .map(word -> FactKind.valueOf(word.toUpperCase(Locale.ROOT)))
                        .collect(Collectors.toSet());
        return new PawnCondition.PawnIs(side, kinds, w.place(4, side), least);
    }

    /** A man on a square and a pawn on one of those from which it guards that square. */
    private static Condition heldByPawn(Phrase.Words w) {
        Side side = w.side(1);
        long from = Attacks.pawn(side.other().ordinal(), w.square(3));
        return new Condition.All(
                List.of(
                        new BoardCondition.MenOn(
                                Optional.of(side), w.men(2), Place.square(w.square(3)), 1),
                        new BoardCondition.MenOn(
                                Optional.of(side), Men.of(PieceType.PAWN), new Place(from), 1)));
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

    private static Condition menOn(Phrase.Words w, Place place) {
        boolean many = w.text(3).endsWith("s") || w.text(3).equals("men");
        return new BoardCondition.MenOn(
                w.maybeSide(2), w.men(3), place, w.number(1, many && !place.isAnywhere() ? 2 : 1));
    }
}
