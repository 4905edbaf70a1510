package org.zeroply.coach.pattern;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.zeroply.chess.board.PieceType;
import org.zeroply.chess.board.Side;
import org.zeroply.chess.board.Square;
import org.zeroply.coach.fact.FactKind;
import org.zeroply.coach.fact.Squares;

/** How it is said how the pawns stand; each phrase with an example of it. */
final class PawnPhrases {

    /** What a pawn is, once or several at a time. */
    private static final String SUCH =
            "((?:isolated|doubled|backward|passed)(?: (?:isolated|doubled|backward|passed))*)";

    /** Where a file is, seen by a king. */
    private static final String NEXT_TO = "(at|against|near|next to|beside|in front of|before)";

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
                                    new WingCondition.OnWing(
                                            w.side(1),
                                            w.number(2),
                                            w.number(3),
                                            w.wing(4).orElseThrow())),
                    Phrase.of(
                            "<side> <few>(?: pawns?)? against <few>(?: pawns?)? on one wing",
                            "white 4 pawns against 3 on the kingside",
                            PawnPhrases::allOnOneWing),
                    Phrase.of(
                            "all pawns on one wing",
                            "all pawns on one wing",
                            w -> new WingCondition.OneWing()),
                    Phrase.of(
                            "(?:<side> )?pawns on both wings",
                            "all pawns on one wing",
                            w ->
                                    new Condition.All(
                                            Stream.of(BoardCondition.Wing.values())
                                                    .<Condition>map(
                                                            wing ->
                                                                    new BoardCondition.MenOn(
                                                                            w.maybeSide(1),
                                                                            Men.of(PieceType.PAWN),
                                                                            new Place(
                                                                                    wing.squares()),
                                                                            1))
                                                    .toList())),
                    Phrase.of(
                            "(?:<side> )?chain (?:on |of |from )?<route>(?: against <route>)?",
                            "white pawns on c4 d5 e4",
                            PawnPhrases::chain),
                    Phrase.of(
                            "<side> weak pawn(?: on <place>)?",
                            "black isolated pawn on d5",
                            w -> weak(w.side(1), w.place(2, w.side(1)))),
                    Phrase.of(
                            "<side> " + SUCH + " pawn(?: on <place>)? on (?:a|the) half-open file",
                            "black isolated pawn on d5",
                            PawnPhrases::onHalfOpenFile),
                    Phrase.of(
                            "<side> (?:"
                                    + SUCH
                                    + " )?pawn(?: on <place>)? blockaded(?: by (?:an? |the )?<men>)?",
                            "white isolated pawn on d4 blockaded by a knight",
                            w ->
                                    new PawnCondition.Blockaded(
                                            w.side(1),
                                            kinds(w.maybe(2)),
                                            w.place(3, w.side(1)),
                                            w.anyMen(4))),
                    Phrase.of(
                            "<side> isolated queen's pawn blockaded(?: by (?:an? |the )?<men>)?",
                            "white isolated pawn on d4 blockaded by a knight",
                            PawnPhrases::blockadedQueensPawn),
                    Phrase.of(
                            "<side> minority attack (?:with |by )?(?:<square>-)?<square>",
                            "white minority attack on the queenside",
                            w ->
                                    new Condition.All(
                                            List.of(
                                                    new PawnCondition.Shaped(
                                                            w.side(1), Shape.MINORITY_ATTACK),
                                                    new MoveCondition.JustPlayed(
                                                            w.side(1), w.text(3))))),
                    Phrase.of(
                            "<side> (?:passed )?pawn(?: on <place>)? about to promote",
                            "white pawn about to promote",
                            w ->
                                    new PawnCondition.AboutToPromote(
                                            w.side(1), w.place(2, w.side(1)))),
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
                            "<side> has (?:(?:<bound> )?<few> |an? )?more " + SUCH + " pawns?",
                            "at least 2 white passed pawns",
                            w ->
                                    new PawnCondition.Lead(
                                            w.side(1),
                                            kinds(w.maybe(4)),
                                            w.bound(2),
                                            w.bounded(3))),
                    Phrase.of(
                            "<side> has (?:(?:<bound> )?<few> |an? )?more pawns? on the <wing>",
                            "white majority on the queenside",
                            w ->
                                    new WingCondition.Lead(
                                            w.side(1),
                                            w.bound(2),
                                            w.bounded(3),
                                            w.wing(4).orElseThrow())),
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
                            "<side> hanging pawns (?:on )?<squares>",
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
                            w -> new WingCondition.Majority(w.side(1), w.wing(2).orElseThrow())),
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
                            "<side> <file>-file half-open",
                            "c-file half-open for black",
                            w ->
                                    new PawnCondition.OpenFile(
                                            w.anyFile(2).orElseThrow(), Optional.of(w.side(1)))),
                    Phrase.of(
                            "<file>-file (open|half-open) " + NEXT_TO + " (?:the )?<side> king",
                            "open file at the black king",
                            w ->
                                    fileAt(
                                            w.side(4),
                                            w.anyFile(1).orElseThrow(),
                                            w.text(2),
                                            w.text(3))),
                    Phrase.of(
                            "<side> <file>-file (open|half-open) "
                                    + NEXT_TO
                                    + " (?:the |its )?king",
                            "open file at the black king",
                            w ->
                                    fileAt(
                                            w.side(1),
                                            w.anyFile(2).orElseThrow(),
                                            w.text(3),
                                            w.text(4))),
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

    /** The d-file, from 0 on. */
    private static final int QUEENS_FILE = 3;

    private PawnPhrases() {}

    private static Set<FactKind> kinds(Optional<String> words) {
        return words.stream()
                .flatMap(text -> Stream.of(text.split(" ")))
                .map(word -> FactKind.valueOf(word.toUpperCase(Locale.ROOT)))
                .collect(Collectors.toSet());
    }

    private static Condition pawnsAre(Phrase.Words w, Side side, int least) {
        return new PawnCondition.PawnIs(side, kinds(w.maybe(3)), w.place(4, side), least);
    }

    /** What can be attacked and no pawn can guard: our choice of what is called weak. */
    private static Condition weak(Side side, Place place) {
        return new Condition.Any(
                Stream.of(FactKind.ISOLATED, FactKind.BACKWARD)
                        .<Condition>map(
                                kind -> new PawnCondition.PawnIs(side, Set.of(kind), place, 1))
                        .toList());
    }

    /** On a file on which the other side has no pawn. */
    private static Condition onHalfOpenFile(Phrase.Words w) {
        Side side = w.side(1);
        Place place = w.place(3, side);
        List<Condition> files = new ArrayList<>();
        for (int file = 0; file < 8; file++) {
            long there = place.squares() & Squares.ofFile(file);
            if (there != 0) {
                files.add(
                        new Condition.All(
                                List.of(
                                        new PawnCondition.PawnIs(
                                                side, kinds(w.maybe(2)), new Place(there), 1),
                                        new PawnCondition.OpenFile(
                                                file, Optional.of(side.other())))));
            }
        }
        return files.size() == 1 ? files.get(0) : new Condition.Any(files);
    }

    private static Condition blockadedQueensPawn(Phrase.Words w) {
        return new Condition.All(
                List.of(
                        new PawnCondition.Shaped(w.side(1), Shape.ISOLATED_QUEENS_PAWN),
                        new PawnCondition.Blockaded(
                                w.side(1),
                                Set.of(FactKind.ISOLATED),
                                Place.file(QUEENS_FILE),
                                w.anyMen(2))));
    }

    /**
     * Pawns on all these squares; of the side that has been named, or else of that whose pawns
     * guard each other from the first square to the last. Those they are against are the other's.
     */
    private static Condition chain(Phrase.Words w) {
        List<Integer> squares = w.squares(2);
        int steps = Square.rank(squares.get(squares.size() - 1)) - Square.rank(squares.get(0));
        Side side = w.maybeSide(1).orElse(steps > 0 ? Side.WHITE : Side.BLACK);
        Condition own = new PawnCondition.Formation(side, squares);
        return w.maybe(3).isEmpty()
                ? own
                : new Condition.All(
                        List.of(own, new PawnCondition.Formation(side.other(), w.squares(3))));
    }

    /** On either wing, and no pawn on the other one. */
    private static Condition allOnOneWing(Phrase.Words w) {
        return new Condition.Any(
                Stream.of(BoardCondition.Wing.values())
                        .<Condition>map(
                                wing ->
                                        new Condition.All(
                                                List.of(
                                                        new WingCondition.OnWing(
                                                                w.side(1),
                                                                w.number(2),
                                                                w.number(3),
                                                                wing),
                                                        new WingCondition.OneWing())))
                        .toList());
    }

    /**
     * The king stands on that file or beside it. Half-open against it is a file on which the enemy
     * has no pawn, half-open at it one on which its own side has none.
     */
    private static Condition fileAt(Side king, int file, String how, String where) {
        Side without = where.equals("against") ? king.other() : king;
        long near = Squares.filesAround(Square.at(file, 0));
        return new Condition.All(
                List.of(
                        BoardCondition.MenOn.of(king, PieceType.KING, new Place(near)),
                        new PawnCondition.OpenFile(
                                file,
                                how.equals("open") ? Optional.empty() : Optional.of(without))));
    }
}
