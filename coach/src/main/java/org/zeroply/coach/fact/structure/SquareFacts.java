package org.zeroply.coach.fact.structure;

import java.util.ArrayList;
import java.util.List;
import org.zeroply.chess.board.PieceType;
import org.zeroply.chess.board.Side;
import org.zeroply.chess.board.Square;
import org.zeroply.coach.fact.Fact;
import org.zeroply.coach.fact.FactKind;
import org.zeroply.coach.fact.Scene;
import org.zeroply.coach.fact.Squares;
import org.zeroply.coach.texts.CoachWords;

/** Squares that a side's own pawns can never guard again. */
public final class SquareFacts {

    /** Ranks as a side sees them, from 0. */
    private static final int THIRD = 2;

    /** The fourth rank. */
    private static final int FOURTH = 3;

    /** The fifth rank. */
    private static final int FIFTH = 4;

    private SquareFacts() {}

    /** Weak squares in a side's camp, and the colour that is weak around its king. */
    public static List<Fact> of(Scene scene, Side side) {
        List<Fact> facts = new ArrayList<>();
        if (scene.pawns(side) != 0) {
            weak(scene, side, facts);
            weakColour(scene, side, facts);
        }
        return facts;
    }

    /**
     * Weak: on files c to f and a side's third or fourth rank, never to be guarded by its pawns nor
     * held by one, and guarded by an enemy pawn or by more enemy men than own ones.
     */
    private static void weak(Scene scene, Side side, List<Fact> facts) {
        long camp = Squares.ofRank(side, THIRD) | Squares.ofRank(side, FOURTH);
        long holes = camp & Squares.CENTRE_FILES & ~scene.pawnSpan(side) & ~scene.pawns();
        for (long set = holes; set != 0; set &= set - 1) {
            int square = Squares.first(set);
            int theirs = Long.bitCount(scene.attackers(side.other(), square));
            int ours = Long.bitCount(scene.attackers(side, square));
            boolean byPawn = Squares.has(scene.byPawns(side.other()), square);
            boolean held = Squares.has(scene.pieces(side.other()), square);
            if (byPawn || held || theirs > ours) {
                facts.add(
                        Fact.of(
                                        FactKind.WEAK_SQUARE,
                                        side,
                                        CoachWords.of("fact.weak-square", Square.name(square)),
                                        square)
                                .with("attackers", theirs)
                                .with("defenders", ours)
                                .trait("an enemy pawn guards it", byPawn)
                                .trait("occupied", held)
                                .trait("more enemy men bear on it", !byPawn && !held)
                                .told());
            }
        }
    }

    /**
     * A weak colour: of the squares of one colour on the king's file and beside it, second and
     * third rank, none is held or can ever be guarded by an own pawn; the side has no bishop of
     * that colour, and the enemy has a queen or a bishop of it.
     */
    private static void weakColour(Scene scene, Side side, List<Fact> facts) {
        int king = scene.king(side);
        if (Squares.rank(side, king) > 1) {
            return;
        }
        int file = Math.max(1, Math.min(6, Square.file(king)));
        long files = Squares.ofFile(file - 1) | Squares.ofFile(file) | Squares.ofFile(file + 1);
        long zone = files & (Squares.ofRank(side, 1) | Squares.ofRank(side, THIRD));
        for (long colour : new long[] {Squares.LIGHT, ~Squares.LIGHT}) {
            long squares = zone & colour;
            boolean bare = (squares & (scene.pawnSpan(side) | scene.pawns(side))) == 0;
            boolean guarded = (scene.men(side, PieceType.BISHOP) & colour) != 0;
            Side enemy = side.other();
            boolean used =
                    scene.men(enemy, PieceType.QUEEN) != 0
                            || (scene.men(enemy, PieceType.BISHOP) & colour) != 0;
            if (bare && !guarded && used) {
                String name = colour == Squares.LIGHT ? "light" : "dark";
                String text =
                        CoachWords.of(
                                "fact.squares-weak-around-the-king", name, Squares.names(squares));
                facts.add(Fact.ofSet(FactKind.WEAK_COLOUR, side, text, squares));
            }
        }
    }

    /**
     * What a pawn move or exchange gave up: squares on a side's third to fifth rank that its pawns
     * could guard before and never can again.
     */
    public static List<Fact> givenUp(Scene before, Scene after, Side side) {
        long camp =
                Squares.ofRank(side, THIRD)
                        | Squares.ofRank(side, FOURTH)
                        | Squares.ofRank(side, FIFTH);
        long lost = camp & before.pawnSpan(side) & ~after.pawnSpan(side);
        List<Fact> facts = new ArrayList<>();
        if (lost != 0 && before.pawns(side) != after.pawns(side)) {
            String text = CoachWords.of("fact.no-pawn-can-guard-any", Squares.names(lost));
            facts.add(
                    Fact.ofSet(FactKind.GIVEN_UP, side, text, lost)
                            .with("count", Long.bitCount(lost)));
        }
        return facts;
    }
}
