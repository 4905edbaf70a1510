package org.zeroply.coach.fact.pieces;

import java.util.ArrayList;
import java.util.List;
import org.zeroply.chess.board.PieceType;
import org.zeroply.chess.board.Side;
import org.zeroply.chess.board.Square;
import org.zeroply.chess.tree.Mark;
import org.zeroply.coach.fact.Fact;
import org.zeroply.coach.fact.FactKind;
import org.zeroply.coach.fact.Scene;
import org.zeroply.coach.fact.Squares;
import org.zeroply.coach.texts.CoachWords;

/**
 * Outposts: squares on a side's fourth to sixth rank, files b to g, that an own pawn guards and no
 * enemy pawn can ever guard, held by an own knight or bishop or within its reach.
 */
public final class OutpostFacts {

    /** An outpost further away than so many moves is not told: our choice. */
    private static final int MOST_MOVES = 3;

    private static final long INNER_FILES = 0x7e7e7e7e7e7e7e7eL;

    private OutpostFacts() {}

    /** The outposts of a side. */
    public static List<Fact> of(Scene scene, Side side) {
        long zone = Squares.ofRank(side, 3) | Squares.ofRank(side, 4) | Squares.ofRank(side, 5);
        long posts =
                zone
                        & INNER_FILES
                        & scene.byPawns(side)
                        & ~scene.pawnSpan(side.other())
                        & ~scene.pawns();
        List<Fact> facts = new ArrayList<>();
        for (int post : Squares.list(posts & ~scene.men(side.other()))) {
            String name = CoachWords.of("fact.outpost", Square.name(post));
            boolean forGood = isForGood(scene, side, post);
            if (Squares.has(scene.minors(side), post)) {
                facts.add(
                        Fact.of(FactKind.OUTPOST, side, held(scene, post, name, forGood), post)
                                .with("moves", 0)
                                .trait("occupied", true)
                                .trait("for good", forGood));
            } else if (!Squares.has(scene.men(side), post)) {
                reachable(scene, side, post, name, forGood, facts);
            }
        }
        return facts;
    }

    private static String held(Scene scene, int post, String name, boolean forGood) {
        String text = CoachWords.of("fact.held-by-the", name, scene.typeAt(post).word());
        return forGood ? CoachWords.of("fact.for-good-no-pawn-and", text) : text;
    }

    /** Whether the enemy has no knight, and no bishop of the square's colour, to challenge it. */
    private static boolean isForGood(Scene scene, Side side, int post) {
        Side enemy = side.other();
        long bishops = scene.men(enemy, PieceType.BISHOP) & Squares.colourOf(post);
        return scene.men(enemy, PieceType.KNIGHT) == 0 && bishops == 0;
    }

    private static void reachable(
            Scene scene, Side side, int post, String name, boolean forGood, List<Fact> facts) {
        for (int minor : Squares.list(scene.minors(side))) {
            Routes routes = new Routes(scene, minor, MOST_MOVES);
            int moves = routes.movesTo(post);
            if (moves > 0) {
                List<Integer> way = routes.to(post).get(0);
                String text =
                        CoachWords.of("fact.within-reach-of-the", name, scene.man(minor), way(way));
                facts.add(
                        Fact.of(FactKind.OUTPOST, side, text, post, minor)
                                .with("moves", moves)
                                .trait("for good", forGood)
                                .marked(Mark.Meaning.KEY, post)
                                .marked(Mark.Meaning.ROUTE, way));
            }
        }
    }

    /** A way in print: {@code f1-e3-d5}. */
    static String way(List<Integer> squares) {
        return String.join("-", squares.stream().map(Square::name).toList());
    }
}
