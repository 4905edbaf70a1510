package org.zeroply.coach.fact.pieces;

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
import org.zeroply.coach.texts.CoachWords;

/**
 * Rooks that can be brought before the enemy king, with the pieces near it counted before and
 * after, and pieces that are too far away to help their king.
 */
public final class LiftFacts {

    /** Ranks, counted from 0 from the side's own edge, along which a rook is transferred. */
    private static final int LOWEST = 2;

    /** A lifted rook stands on this rank at the highest, from 0: beyond, it has broken in. */
    private static final int HIGHEST = 5;

    /** As many moves as the lift takes, the defenders have. */
    private static final int IN_TIME = 2;

    /** Attackers from which on it matters who can come back. */
    private static final int MANY = 3;

    /** Files from the king at which a piece stands on the other wing. */
    private static final int FAR = 3;

    private final Scene scene;
    private final Side side;
    private final Side enemy;
    private final int king;
    private final long ring;

    private LiftFacts(Scene scene, Side side) {
        this.scene = scene;
        this.side = side;
        enemy = side.other();
        king = scene.king(enemy);
        ring = Attacks.king(king);
    }

    /** The lifts of a side, and the enemy's pieces that are stranded. */
    public static List<Fact> of(Scene scene, Side side) {
        LiftFacts finder = new LiftFacts(scene, side);
        List<Fact> facts = new ArrayList<>();
        // In endings nobody brings rooks against the king.
        if (scene.canAttackKing(side)) {
            for (int rook : Squares.list(scene.men(side, PieceType.ROOK))) {
                finder.lift(rook, facts);
            }
            finder.stranded(facts);
        }
        return facts;
    }

    /**
     * Along its file to a rank from the third to the sixth, or along the rank where it stands
     * there, to a file at the enemy king or beside it, over squares where it cannot be won.
     */
    private void lift(int rook, List<Fact> facts) {
        long goal = Squares.filesAround(king);
        if (Squares.has(goal, rook)) {
            return;
        }
        Routes routes = new Routes(scene, rook, IN_TIME);
        long free = ~scene.occupied();
        if (Squares.rank(side, rook) >= LOWEST) {
            long along =
                    routes.in(1) & goal & free & Squares.ofRank(side, Squares.rank(side, rook));
            tell(rook, -1, bearing(along), facts);
            return;
        }
        for (int rank = LOWEST; rank <= HIGHEST; rank++) {
            long level = Squares.ofRank(side, rank);
            long turn = routes.in(1) & level & Squares.file(rook) & free;
            if (turn != 0) {
                long seen =
                        Scene.attacksOf(PieceType.ROOK, side, Squares.first(turn), others(rook));
                long ends = routes.in(IN_TIME) & level & goal & free & seen;
                if (bearing(ends) != 0) {
                    tell(rook, Squares.first(turn), bearing(ends), facts);
                    return;
                }
            }
        }
    }

    private long others(int rook) {
        return scene.occupied() & ~(1L << rook);
    }

    /** Of these squares those from which a rook bears on the king's surroundings. */
    private long bearing(long ends) {
        return Squares.where(
                ends,
                end -> (Scene.attacksOf(PieceType.ROOK, side, end, scene.occupied()) & ring) != 0);
    }

    private void tell(int rook, int turn, long ends, List<Fact> facts) {
        if (ends == 0) {
            return;
        }
        long before = bearingOn(side);
        int after = Long.bitCount(before | 1L << rook);
        if (after < 2) {
            return;
        }
        int inTime = Long.bitCount(joining(enemy, turn < 0 ? 1 : IN_TIME));
        String way =
                turn < 0
                        ? CoachWords.of(
                                "fact.rook-transfer-to", Square.name(rook), Squares.names(ends))
                        : CoachWords.of(
                                "fact.rook-lift-then-to",
                                Square.name(rook),
                                Square.name(turn),
                                Squares.names(ends));
        String text = CoachWords.of("fact.then-on-the-king-against", way, count(after), inTime);
        long path = turn < 0 ? ends : ends | 1L << turn;
        Fact fact =
                Fact.about(FactKind.ROOK_LIFT, side, text, rook, path)
                        .with("attackersBefore", Long.bitCount(before))
                        .with("attackersAfter", after)
                        .with("defendersInTime", inTime)
                        .trait("more than can guard", after > inTime && after >= MANY);
        for (int end : Squares.list(ends)) {
            fact =
                    turn < 0
                            ? fact.marked(Mark.Meaning.ROUTE, rook, end)
                            : fact.marked(Mark.Meaning.ROUTE, rook, turn, end);
        }
        facts.add(fact);
    }

    private static String count(int pieces) {
        return CoachWords.of(pieces == 1 ? "fact.piece-bears" : "fact.pieces-bear", pieces);
    }

    /** Pieces that attack a square beside the king. */
    private long bearingOn(Side who) {
        return Squares.where(scene.pieces(who), piece -> (scene.attacks(piece) & ring) != 0);
    }

    /** Pieces of a side that bear on a square beside the king now, or can by safe moves. */
    private long joining(Side who, int moves) {
        long found = bearingOn(who);
        for (int piece : Squares.list(scene.pieces(who) & ~found)) {
            Routes routes = new Routes(scene, piece, moves);
            for (int n = 1; n <= moves; n++) {
                for (int to : Squares.list(routes.in(n))) {
                    long seen = Scene.attacksOf(scene.typeAt(piece), who, to, others(piece));
                    found |= (seen & ring) != 0 ? 1L << piece : 0;
                }
            }
        }
        return found;
    }

    /**
     * Enemy pieces on the other wing that two safe moves do not bring near their king, while three
     * pieces or more attack it at once or in a move, more than can guard it.
     */
    private void stranded(List<Fact> facts) {
        if (bearingOn(side) == 0) {
            return;
        }
        int attackers = Long.bitCount(joining(side, 1));
        if (attackers < MANY) {
            return;
        }
        long guards = joining(enemy, IN_TIME);
        long away =
                Squares.where(
                        scene.pieces(enemy) & ~guards,
                        piece -> Math.abs(Square.file(piece) - Square.file(king)) >= FAR);
        int defenders = Long.bitCount(guards);
        if (away == 0 || defenders >= attackers) {
            return;
        }
        String text =
                CoachWords.of(
                        Long.bitCount(away) == 1
                                ? "fact.is-more-than-two-moves"
                                : "fact.are-more-than-two-moves",
                        scene.men(away),
                        attackers);
        facts.add(
                Fact.ofSet(FactKind.STRANDED, enemy, text, away)
                        .with("attackers", attackers)
                        .with("defenders", defenders));
    }
}
