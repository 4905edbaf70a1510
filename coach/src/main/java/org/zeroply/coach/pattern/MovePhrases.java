package org.zeroply.coach.pattern;

import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.zeroply.chess.board.PieceType;
import org.zeroply.chess.board.Side;
import org.zeroply.chess.board.Square;
import org.zeroply.coach.fact.tactics.theme.Theme;

/** How it is said what was played and carried out; each phrase with an example of it. */
final class MovePhrases {

    static final List<Phrase> MOVES =
            List.of(
                    Phrase.of(
                            "move <san> possible",
                            "move Nxe5 possible",
                            w -> new MoveCondition.Possible(w.raw(1))),
                    Phrase.of(
                            "<side> can play <san>",
                            "black can play Nf4",
                            w -> new MoveCondition.CanPlay(w.side(1), w.raw(2))),
                    Phrase.of(
                            "<side> threatens <san>",
                            "black threatens Nxe4",
                            w -> new MoveCondition.Threatens(w.side(1), w.raw(2))),
                    Phrase.of(
                            "<side> just played <san>",
                            "black just played h6",
                            w -> new MoveCondition.JustPlayed(w.side(1), w.raw(2))),
                    Phrase.of(
                            "<side> just took (?:an? <type> )?on <square>",
                            "black just took a pawn on c4",
                            w -> new MoveCondition.JustTook(w.side(1), w.type(2), w.square(3))),
                    Phrase.of(
                            "<side> <type> just took (?:an? <type> )?on <square>",
                            "black just took a pawn on c4",
                            w ->
                                    new Condition.All(
                                            List.of(
                                                    new MoveCondition.JustTook(
                                                            w.side(1), w.type(3), w.square(4)),
                                                    new MoveCondition.JustMoved(
                                                            w.side(1),
                                                            w.men(2),
                                                            Place.square(w.square(4)))))),
                    Phrase.of(
                            "<side> just moved (?:an? )?<men>(?: to <place>)?",
                            "white just moved a rook to the 7th rank",
                            w ->
                                    new MoveCondition.JustMoved(
                                            w.side(1), w.men(2), w.place(3, w.side(1)))),
                    Phrase.of(
                            "<side> just promoted(?: to (?:an? )?(queen|rook|bishop|knight))?",
                            "white just promoted to a knight",
                            w -> new MoveCondition.JustPromoted(w.side(1), w.type(2))),
                    Phrase.of(
                            "<side> just castled(?: <wing>)?",
                            "white just castled queenside",
                            w -> new MoveCondition.JustCastled(w.side(1), w.wing(2))),
                    Phrase.of(
                            "<side> castled by now",
                            "black castled by now",
                            w -> new MoveCondition.HasCastled(w.side(1))),
                    Phrase.of(
                            "(from|before) move <number>",
                            "before move 12",
                            w ->
                                    new MoveCondition.MoveNumber(
                                            w.number(2), w.text(1).equals("from"))),
                    Phrase.of(
                            "(?:from |between )?moves? <number>(?:-| to | and )(?:move )?<number>",
                            "before move 12",
                            w -> moves(w.number(1), w.number(2))),
                    Phrase.of(
                            "(?:on )?move <number>",
                            "before move 12",
                            w -> moves(w.number(1), w.number(1))),
                    Phrase.of(
                            "after move <number>",
                            "before move 12",
                            w -> new MoveCondition.MoveNumber(w.number(1) + 1, true)),
                    Phrase.of(
                            "(?:by|until|up to) move <number>",
                            "before move 12",
                            w -> new MoveCondition.MoveNumber(w.number(1) + 1, false)),
                    Phrase.of(
                            "<side> to move",
                            "white to move",
                            w -> new MoveCondition.ToMove(w.side(1))));

    /** Men of one kind, several of them, that are traded for each other. */
    private static final String TRADED =
            "(?:the |a pair of )?((?:queens|rooks|bishops|knights|pieces|pawns|bishops or knights"
                    + "|knights or bishops))";

    static final List<Phrase> EVENTS =
            List.of(
                    Phrase.of(
                            "<side> (?:sacrificed|sacrifices) ("
                                    + Stream.of(Sacrifice.values())
                                            .map(Sacrifice::words)
                                            .collect(Collectors.joining("|"))
                                    + ")(?:,? not taken back within <number> (plies|moves))?",
                            "white sacrificed a queen",
                            w ->
                                    new EventCondition.Sacrificed(
                                            w.side(1), Sacrifice.of(w.text(2)), plies(w, 3, 4))),
                    Phrase.of(
                            "<side> (?:sacrificed|sacrifices) (?:an? |the )?(queen|rook|bishop|knight|pawn)"
                                    + " on <square>",
                            "white sacrificed a queen",
                            w -> sacrificed(w, Place.square(w.square(3)))),
                    Phrase.of(
                            "<side> (?:sacrificed|sacrifices) (?:an? |the )?(bishop|knight)",
                            "white sacrificed a queen",
                            w -> sacrificed(w, Place.ANYWHERE)),
                    Phrase.of(
                            "<side> (?:sacrificed|sacrifices)(?: something| a man)? on <place>",
                            "white sacrificed a queen",
                            w -> sacrificedAnything(w.side(1), w.place(2, w.side(1)))),
                    Phrase.of(
                            "<side> (?:sacrificed|sacrifices) the exchange on <square>",
                            "white sacrificed the exchange",
                            w ->
                                    sacrificed(
                                            w,
                                            Sacrifice.EXCHANGE,
                                            Men.of(PieceType.ROOK),
                                            Place.square(w.square(2)))),
                    Phrase.of(
                            "<side> (?:played (?:the|a) )?greek gift",
                            "white sacrificed a queen",
                            w ->
                                    sacrificed(
                                            w,
                                            Sacrifice.PIECE,
                                            Men.of(PieceType.BISHOP),
                                            Place.square(
                                                    Square.parse(
                                                            w.side(1) == Side.WHITE
                                                                    ? "h7"
                                                                    : "h2")))),
                    Phrase.of(
                            "<side> (?:just )?(?:traded|exchanged|swapped) (?:off )?"
                                    + TRADED
                                    + "(?: on <place>)?",
                            "queens just traded",
                            w -> traded(w, w.men(2), w.men(2), 3)),
                    Phrase.of(
                            TRADED
                                    + " (?:were |are )?(?:just )?(?:traded|exchanged|swapped)(?: off)?"
                                    + "(?: on <place>)?",
                            "queens just traded",
                            w ->
                                    new EventCondition.Traded(
                                            Optional.empty(),
                                            w.men(1),
                                            w.men(1),
                                            w.place(2, Side.WHITE))),
                    Phrase.of(
                            "<side> (?:just )?(?:traded|exchanged|swapped) (?:off )?"
                                    + "(?:an? |the |its )?<men> for (?:an? |the )?<men>(?: on <place>)?",
                            "white just traded a bishop for a knight",
                            w -> traded(w, w.men(2), w.men(3), 4)),
                    Phrase.of(
                            "<side> <type> (?:travelled )?<route>",
                            "white knight travelled d2-f1-g3",
                            w ->
                                    new EventCondition.Route(
                                            w.side(1), w.type(2).orElseThrow(), w.squares(3))),
                    Phrase.of(
                            "<side> lifted a rook(?: to <place>)?",
                            "white lifted a rook",
                            MovePhrases::lifted),
                    Phrase.of(
                            "<side> played (?:a|the) break(?: (?:on )?<place>)?",
                            "black played a break on d5",
                            w -> new EventCondition.Break(w.side(1), w.place(2, w.side(1)))),
                    Phrase.of(
                            "<side> mate by an? <men>(?: on <place>)?",
                            "smothered mate by white",
                            w -> mate(w.side(1), w.men(2), w.place(3, w.side(1)))),
                    Phrase.of(
                            "<side> mate with (?:the |an? )?(bishop and (?:the |an? )?knight|(?:the )?two bishops)",
                            "smothered mate by white",
                            w -> bareMate(w.side(1), w.text(2).contains("knight") ? "KBN" : "KBB")),
                    Phrase.of(
                            "<side> mate (?:by|with) (?:an? |the |its )?<type> (?:with|and) (?:an? |the |its )?<type>",
                            "white mate by a queen with a knight",
                            w ->
                                    new MateByTwo(
                                            w.side(1),
                                            w.type(2).orElseThrow(),
                                            w.type(3).orElseThrow())),
                    Phrase.of(
                            "<side> mate (?:by|with) (?:the |its )?(?:two |both )(rook|queen|knight)s",
                            "white mate by a queen with a knight",
                            w ->
                                    new MateByTwo(
                                            w.side(1),
                                            w.type(2).orElseThrow(),
                                            w.type(2).orElseThrow())),
                    Phrase.of(
                            "<side> mate on <place>",
                            "smothered mate by white",
                            w -> mate(w.side(1), Men.ANY, w.place(2, w.side(1)))),
                    Phrase.of(
                            "(?:("
                                    + EventCondition.Mate.NAMED.stream()
                                            .map(EventCondition.Mate::name)
                                            .collect(Collectors.joining("|"))
                                    + ") )?mate by <side>",
                            "smothered mate by white",
                            w ->
                                    new EventCondition.Mate(
                                            w.side(2),
                                            w.maybe(1).map(MovePhrases::mate).orElse(Theme.MATE))));

    /** The mate is given with no other men on the board than these. */
    private static Condition bareMate(Side side, String men) {
        return new Condition.All(
                List.of(
                        new EventCondition.Mate(side, Theme.MATE),
                        MaterialCondition.Exactly.of(side, men, "K")));
    }

    /** The mate is given by a man, or on a square. */
    private static Condition mate(Side side, Men by, Place where) {
        return new Condition.All(
                List.of(
                        new EventCondition.Mate(side, Theme.MATE),
                        new MoveCondition.JustMoved(side, by, where)));
    }

    private MovePhrases() {}

    private static Condition lifted(Phrase.Words w) {
        return arriving(
                new EventCondition.LiftedRook(w.side(1)),
                w.side(1),
                PieceType.ROOK,
                w.place(2, w.side(1)));
    }

    /** What is so, and a man has just come to a place where one is named. */
    static Condition arriving(Condition what, Side side, PieceType man, Place place) {
        return place.isAnywhere()
                ? what
                : new Condition.All(
                        List.of(what, new MoveCondition.JustMoved(side, Men.of(man), place)));
    }

    /** What is given up is the man that moved. */
    private static Condition sacrificed(Phrase.Words w, Place where) {
        String man = w.text(2);
        boolean minor = man.equals("bishop") || man.equals("knight");
        Sacrifice what = Sacrifice.of(minor ? "a piece" : "a " + man);
        return sacrificed(w, what, w.men(2), where);
    }

    private static Condition sacrificed(Phrase.Words w, Sacrifice what, Men moved, Place where) {
        return new Condition.All(
                List.of(
                        new EventCondition.Sacrificed(
                                w.side(1), what, EventCondition.Sacrificed.USUAL),
                        new MoveCondition.JustMoved(w.side(1), moved, where)));
    }

    /** A piece, the exchange, a rook or a queen was given on a square; not a mere pawn. */
    private static Condition sacrificedAnything(Side side, Place where) {
        return new Condition.All(
                List.of(
                        new Condition.Any(
                                Stream.of(
                                                Sacrifice.PIECE,
                                                Sacrifice.EXCHANGE,
                                                Sacrifice.ROOK,
                                                Sacrifice.QUEEN)
                                        .<Condition>map(
                                                what ->
                                                        new EventCondition.Sacrificed(
                                                                side,
                                                                what,
                                                                EventCondition.Sacrificed.USUAL))
                                        .toList()),
                        new MoveCondition.JustMoved(side, Men.ANY, where)));
    }

    /** What the first side gave and took; where is in the last group. */
    private static Condition traded(Phrase.Words w, Men given, Men got, int place) {
        return new EventCondition.Traded(
                Optional.of(w.side(1)), given, got, w.place(place, w.side(1)));
    }

    private static Condition moves(int from, int to) {
        return new Condition.All(
                List.of(
                        new MoveCondition.MoveNumber(from, true),
                        new MoveCondition.MoveNumber(to + 1, false)));
    }

    private static int plies(Phrase.Words w, int number, int unit) {
        int plies = w.number(number, EventCondition.Sacrificed.USUAL);
        return w.maybe(unit).filter("moves"::equals).isPresent() ? 2 * plies : plies;
    }

    private static Theme mate(String name) {
        return EventCondition.Mate.NAMED.stream()
                .filter(t -> EventCondition.Mate.name(t).equals(name))
                .findFirst()
                .orElseThrow();
    }
}
