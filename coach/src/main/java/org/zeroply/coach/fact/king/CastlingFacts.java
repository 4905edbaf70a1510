package org.zeroply.coach.fact.king;

import java.util.ArrayList;
import java.util.List;
import org.zeroply.chess.board.Attacks;
import org.zeroply.chess.board.Board;
import org.zeroply.chess.board.PieceType;
import org.zeroply.chess.board.Side;
import org.zeroply.chess.board.Square;
import org.zeroply.coach.fact.Fact;
import org.zeroply.coach.fact.FactKind;
import org.zeroply.coach.fact.Scene;
import org.zeroply.coach.fact.Squares;
import org.zeroply.coach.texts.CoachWords;

/** Whether a side can castle, and if not, why and for how long. */
public final class CastlingFacts {

    private CastlingFacts() {}

    /**
     * A fact for each wing on which castling is still possible, now or later; or that it is not.
     */
    public static List<Fact> of(Scene scene, Side side) {
        int home = side == Side.WHITE ? Square.E1 : Square.E8;
        List<Fact> facts = new ArrayList<>();
        if (scene.king(side) != home) {
            return facts;
        }
        boolean white = side == Side.WHITE;
        int rights = scene.position().castling();
        int kingSide = white ? Board.WHITE_KING_SIDE : Board.BLACK_KING_SIDE;
        int queenSide = white ? Board.WHITE_QUEEN_SIDE : Board.BLACK_QUEEN_SIDE;
        if ((rights & (kingSide | queenSide)) == 0) {
            String text = CoachWords.of("fact.castling-is-lost-for-good");
            facts.add(Fact.of(FactKind.CASTLING, side, text, home).trait("never", true));
            return facts;
        }
        if ((rights & kingSide) != 0) {
            facts.add(wing(scene, side, home, home + 3, home + 2, "O-O"));
        }
        if ((rights & queenSide) != 0) {
            facts.add(wing(scene, side, home, home - 4, home - 2, "O-O-O"));
        }
        return facts;
    }

    private static Fact wing(Scene scene, Side side, int king, int rook, int goal, String name) {
        long between = Attacks.between(king, rook);
        long own = between & scene.men(side);
        long theirs = between & scene.men(side.other());
        long path = Attacks.between(king, goal) | 1L << goal;
        List<String> reasons = new ArrayList<>();
        long squares = 1L << king | 1L << rook;
        if (own != 0) {
            int moves = Long.bitCount(own);
            reasons.add(
                    CoachWords.of(
                            moves == 1 ? "fact.is-in-the-way-at" : "fact.are-in-the-way-at",
                            scene.men(own),
                            moves));
        }
        if (theirs != 0) {
            reasons.add(CoachWords.of("fact.the-enemys-stands-between", scene.men(theirs)));
        }
        long checkers = scene.attackers(side.other(), king);
        if (checkers != 0) {
            reasons.add(CoachWords.of("fact.the-king-is-in-check", scene.men(checkers)));
        }
        for (int square : Squares.list(path)) {
            long guards = scene.attackers(side.other(), square);
            if (guards != 0) {
                reasons.add(
                        CoachWords.of(
                                "fact.is-guarded-by", Square.name(square), scene.men(guards)));
                squares |= guards;
            }
        }
        boolean now = reasons.isEmpty();
        String text =
                now
                        ? CoachWords.of("fact.is-possible", name)
                        : CoachWords.of("fact.no-yet", name, String.join("; ", reasons));
        boolean lasting = theirs != 0 || !now && hasLastingGuard(scene, side, path);
        return Fact.ofSet(FactKind.CASTLING, side, text, squares | own | theirs | checkers)
                .with("blockers", Long.bitCount(own))
                .with("now", now ? 1 : 0)
                .trait("now", now)
                .trait("until that piece is driven off or shut out", lasting);
    }

    /** Whether a piece, and not a passing check, keeps the king from passing. */
    private static boolean hasLastingGuard(Scene scene, Side side, long path) {
        long guards = 0;
        for (int square : Squares.list(path)) {
            guards |= scene.attackers(side.other(), square);
        }
        return (guards & ~scene.men(side.other(), PieceType.KING)) != 0;
    }
}
