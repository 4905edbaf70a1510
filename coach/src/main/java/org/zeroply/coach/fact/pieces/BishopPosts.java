package org.zeroply.coach.fact.pieces;

import java.util.ArrayList;
import java.util.Comparator;
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
import org.zeroply.coach.texts.CoachWords;

/**
 * Where a bishop that has not moved belongs: every square on its diagonals, as if an own pawn
 * beside it had stepped out of the way, the square of that pawn included; judged by what the bishop
 * sees and hits there, what blunts it, and who can take it off. All weights are our choice.
 */
public final class BishopPosts {

    /** Posts that are told, the best first: our choice. */
    private static final int SHOWN = 4;

    /** Squares in view that other things are worth. */
    private static final int KING = 3;

    /** What aiming at a pawn that nothing guards adds to a post, in squares seen: our choice. */
    private static final int LOOSE_PAWN = 2;

    /** What a pin adds: our choice. */
    private static final int PINNING = 2;

    /** What a guarded pawn in its way takes off: our choice. */
    private static final int BLUNTED = 2;

    /** What it takes off that the bishop can be exchanged there: our choice. */
    private static final int TAKEN_OFF = 4;

    /** By so much a post has to be ahead of the others to be called the best. */
    private static final int AHEAD = 3;

    private final Scene scene;
    private final Side side;
    private final Side enemy;
    private final int from;

    private BishopPosts(Scene scene, Side side, int from) {
        this.scene = scene;
        this.side = side;
        this.from = from;
        enemy = side.other();
    }

    /** A pawn that makes way; from and to are -1 for none. */
    private record Step(int from, int to) {
        static final Step NONE = new Step(-1, -1);

        boolean isNone() {
            return from < 0;
        }

        /** Men after the step. */
        long of(long men) {
            return isNone() ? men : men & ~(1L << from) | 1L << to;
        }
    }

    /**
     * A post.
     *
     * @param square where the bishop would stand
     * @param step own pawn that must make way first
     * @param reach squares it would attack from there that no own man holds
     * @param hits what it bears on, in words
     * @param blunting an enemy pawn guarded by another that ends its view, or -1
     * @param exchangers enemy bishops and knights that attack the post now
     * @param worth of all this, in squares in view
     */
    private record Post(
            int square,
            Step step,
            int reach,
            List<String> hits,
            int blunting,
            long exchangers,
            int worth) {}

    /** A fact for each bishop at home that has a choice: its best posts, the best first. */
    public static List<Fact> of(Scene scene, Side side) {
        List<Fact> facts = new ArrayList<>();
        long home = Squares.ofRank(side, 0) & (Squares.ofFile(2) | Squares.ofFile(5));
        for (int from : Squares.list(scene.men(side, PieceType.BISHOP) & home)) {
            BishopPosts finder = new BishopPosts(scene, side, from);
            List<Post> posts = finder.posts();
            if (posts.size() > 1) {
                int least = posts.get(Math.min(SHOWN, posts.size()) - 1).worth();
                facts.add(finder.fact(posts.stream().filter(p -> p.worth() >= least).toList()));
            }
        }
        return facts;
    }

    /** The best way to each square; the best squares first. */
    private List<Post> posts() {
        List<Post> all = new ArrayList<>();
        long occupied = scene.occupied() & ~(1L << from);
        for (Step step : steps()) {
            long then = step.of(occupied);
            long own = step.of(scene.men(side) & ~(1L << from));
            long reached = Attacks.bishop(from, then) & ~then;
            if (!step.isNone()) {
                reached &= ~Attacks.bishop(from, occupied) | 1L << step.from();
                reached &= Attacks.line(from, step.from());
            }
            for (int square : Squares.list(reached & ~scene.byPawns(enemy))) {
                all.add(post(square, step, then, own));
            }
        }
        all.sort(Comparator.comparingInt(Post::worth).thenComparingInt(Post::reach).reversed());
        List<Post> posts = new ArrayList<>();
        for (Post post : all) {
            if (posts.stream().noneMatch(p -> p.square() == post.square())) {
                posts.add(post);
            }
        }
        return posts;
    }

    /** None, and the steps of own pawns that bound the bishop's view. */
    private List<Step> steps() {
        List<Step> steps = new ArrayList<>(List.of(Step.NONE));
        for (int pawn : Squares.list(scene.attacks(from) & scene.pawns(side))) {
            int one = Squares.stop(side, pawn);
            int two = Squares.rank(side, pawn) == 1 ? Squares.stop(side, one) : -1;
            if (!Squares.has(scene.occupied(), one)) {
                steps.add(new Step(pawn, one));
                if (two >= 0 && !Squares.has(scene.occupied(), two)) {
                    steps.add(new Step(pawn, two));
                }
            }
        }
        return steps;
    }

    private Post post(int square, Step step, long occupied, long own) {
        // Own knights will move on; what stands behind them is in view all the same.
        long fixed = occupied & ~scene.men(side, PieceType.KNIGHT);
        long view = Attacks.bishop(square, fixed) & ~own;
        int reach = Long.bitCount(view);
        List<String> hits = new ArrayList<>();
        int worth = reach;
        long ahead = Attacks.king(scene.king(enemy)) & ~Squares.ofRank(enemy, 0);
        long soft = heldBy(1, view & ahead);
        if (soft != 0) {
            hits.add(CoachWords.of("fact.bears-on-which-only-the", Squares.names(soft)));
            worth += KING;
        }
        long loose = heldBy(0, view & scene.pawns(enemy));
        if (loose != 0) {
            hits.add(CoachWords.of("fact.attacks", scene.men(loose)));
            worth += LOOSE_PAWN;
        }
        int pinned = pinned(square, occupied, view);
        if (pinned >= 0) {
            hits.add(CoachWords.of("fact.pins-the", scene.man(pinned)));
            worth += PINNING;
        }
        int blunting = blunting(view);
        worth -= blunting >= 0 ? BLUNTED : 0;
        long exchangers = scene.attackers(enemy, square) & scene.minors(enemy);
        worth -= exchangers != 0 ? TAKEN_OFF : 0;
        return new Post(square, step, reach, hits, blunting, exchangers, worth);
    }

    /** Of these squares those that so many enemy men guard. */
    private long heldBy(int men, long squares) {
        return Squares.where(squares, s -> Long.bitCount(scene.attackers(enemy, s)) == men);
    }

    /** A knight that it would hold to the king or the queen, or -1. */
    private int pinned(int square, long occupied, long view) {
        long knights = view & scene.men(enemy, PieceType.KNIGHT);
        long behind = scene.men(enemy, PieceType.KING) | scene.men(enemy, PieceType.QUEEN);
        for (int knight : Squares.list(knights)) {
            long through = Attacks.bishop(square, occupied & ~(1L << knight));
            if ((through & behind & Attacks.line(square, knight)) != 0) {
                return knight;
            }
        }
        return -1;
    }

    /** The enemy pawn, held by another, at the end of the diagonal towards the enemy; or -1. */
    private int blunting(long view) {
        long pawns = view & scene.pawns(enemy) & scene.byPawns(enemy);
        for (int pawn : Squares.list(pawns)) {
            if (Squares.rank(side, pawn) >= 3 && Squares.rank(side, pawn) <= 5) {
                return pawn;
            }
        }
        return -1;
    }

    private Fact fact(List<Post> posts) {
        Post best = posts.get(0);
        boolean stands = best.worth() - posts.get(1).worth() >= AHEAD;
        long squares = 0;
        List<String> words = new ArrayList<>();
        for (Post post : stands ? posts.subList(1, posts.size()) : posts) {
            words.add(words(post));
        }
        for (Post post : posts) {
            squares |= 1L << post.square();
        }
        String name = CoachWords.of("fact.bishop", Square.name(from));
        String text =
                stands
                        ? CoachWords.of(
                                "fact.best-post-for-else", name, words(best), Squares.join(words))
                        : CoachWords.of("fact.posts-for", name, Squares.join(words));
        Fact fact =
                Fact.about(FactKind.BISHOP_POST, side, text, from, squares)
                        .with("reach", best.reach())
                        .with("posts", posts.size())
                        .trait("best", stands)
                        .trait("no rival", rival() == 0);
        for (Post post : posts) {
            fact = fact.marked(Mark.Meaning.ROUTE, from, post.square());
        }
        return fact;
    }

    /** Enemy bishops that can ever stand in its way. */
    private long rival() {
        return scene.men(enemy, PieceType.BISHOP) & Squares.colourOf(from);
    }

    private String words(Post post) {
        List<String> notes = new ArrayList<>();
        notes.add(
                CoachWords.of(
                        post.reach() == 1 ? "fact.square-in-view" : "fact.squares-in-view",
                        post.reach()));
        notes.addAll(post.hits());
        if (post.blunting() >= 0) {
            notes.add(CoachWords.of("fact.blunted-by", scene.man(post.blunting())));
        }
        if (post.exchangers() != 0) {
            notes.add(CoachWords.of("fact.can-take-it-off", scene.men(post.exchangers())));
        }
        Step step = post.step();
        String once =
                step.isNone()
                        ? ""
                        : CoachWords.of(
                                "fact.after", Square.name(step.from()), Square.name(step.to()));
        return Square.name(post.square()) + once + " (" + String.join(", ", notes) + ")";
    }
}
