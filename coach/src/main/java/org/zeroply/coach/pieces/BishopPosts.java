package org.zeroply.coach.pieces;

import java.util.ArrayList;
import java.util.List;
import org.zeroply.chess.board.Attacks;
import org.zeroply.chess.board.PieceType;
import org.zeroply.chess.board.Side;
import org.zeroply.chess.board.Square;
import org.zeroply.chess.tree.Mark;
import org.zeroply.coach.fact.Fact;
import org.zeroply.coach.fact.FactKind;
import org.zeroply.coach.fact.Scene;
import org.zeroply.coach.fact.Squares;

/**
 * Where a bishop that has not moved could go: every square on its diagonals, as if the first own
 * pawn on each had stepped out of the way, with what it would see from there.
 */
public final class BishopPosts {

    private static final int SHOWN = 4;

    private BishopPosts() {}

    /**
     * A post.
     *
     * @param square where the bishop would stand
     * @param reach squares it would attack from there that no own man holds
     * @param pawn own pawn that must make way first, or -1
     * @param exchangers enemy bishops and knights that attack the post now
     */
    private record Post(int square, int reach, int pawn, long exchangers) {}

    /** A fact for each bishop at home: its best posts by reach, all of those equally good. */
    public static List<Fact> of(Scene scene, Side side) {
        List<Fact> facts = new ArrayList<>();
        long home = Squares.ofRank(side, 0) & (Squares.ofFile(2) | Squares.ofFile(5));
        for (long set = scene.men(side, PieceType.BISHOP) & home; set != 0; set &= set - 1) {
            int from = Squares.first(set);
            List<Post> posts = posts(scene, side, from);
            if (posts.size() > 1) {
                int least = posts.get(Math.min(SHOWN, posts.size()) - 1).reach();
                facts.add(
                        fact(
                                scene,
                                side,
                                from,
                                posts.stream().filter(p -> p.reach() >= least).toList()));
            }
        }
        return facts;
    }

    private static List<Post> posts(Scene scene, Side side, int from) {
        List<Post> posts = new ArrayList<>();
        long occupied = scene.occupied() & ~(1L << from);
        for (int pawn : openers(scene, side, from)) {
            long without = pawn < 0 ? occupied : occupied & ~(1L << pawn);
            long reached = Attacks.bishop(from, without) & ~scene.men(side);
            if (pawn >= 0) {
                reached &= ~scene.attacks(from) & Attacks.line(from, pawn);
            }
            for (long set = reached & ~scene.byPawns(side.other()); set != 0; set &= set - 1) {
                int square = Squares.first(set);
                if (!Squares.has(scene.occupied(), square)) {
                    long own = scene.men(side) & ~(1L << from);
                    int reach = Long.bitCount(Attacks.bishop(square, without) & ~own);
                    long exchangers =
                            scene.attackers(side.other(), square) & scene.minors(side.other());
                    posts.add(new Post(square, reach, pawn, exchangers));
                }
            }
        }
        posts.sort((a, b) -> Integer.compare(b.reach(), a.reach()));
        return posts;
    }

    /** Nothing, and the own pawns that bound the bishop's view and can move. */
    private static List<Integer> openers(Scene scene, Side side, int from) {
        List<Integer> openers = new ArrayList<>(List.of(-1));
        for (int pawn : Squares.list(scene.attacks(from) & scene.pawns(side))) {
            if (!Squares.has(scene.occupied(), Squares.stop(side, pawn))) {
                openers.add(pawn);
            }
        }
        return openers;
    }

    private static Fact fact(Scene scene, Side side, int from, List<Post> posts) {
        long squares = 0;
        List<String> words = new ArrayList<>();
        for (Post post : posts) {
            squares |= 1L << post.square();
            words.add(words(scene, post));
        }
        String text = "posts for bishop " + Square.name(from) + ": " + Squares.join(words);
        Fact fact =
                Fact.about(FactKind.BISHOP_POST, side, text, from, squares)
                        .with("reach", posts.get(0).reach())
                        .with("posts", posts.size());
        for (Post post : posts) {
            fact = fact.marked(Mark.Meaning.ROUTE, from, post.square());
        }
        return fact;
    }

    private static String words(Scene scene, Post post) {
        String once =
                post.pawn() < 0 ? "" : " once the " + Square.name(post.pawn()) + "-pawn has moved";
        String exchange =
                post.exchangers() == 0
                        ? ""
                        : ", " + scene.men(post.exchangers()) + " can take it off";
        return Square.name(post.square())
                + once
                + " ("
                + post.reach()
                + (post.reach() == 1 ? " square" : " squares")
                + " in view"
                + exchange
                + ")";
    }
}
