package org.zeroply.coach.fact.pieces;

import org.zeroply.chess.board.Attacks;
import org.zeroply.chess.board.PieceType;
import org.zeroply.chess.board.Side;
import org.zeroply.coach.fact.Scene;
import org.zeroply.coach.fact.Squares;
import org.zeroply.engine.exchange.LegalExchange;

/**
 * What a piece does where it stands. How many squares it sees says little: a rook behind the pawn
 * that is about to advance, or a bishop that holds a knight, is not badly placed. The list is our
 * choice.
 */
public final class PieceWork {

    private final Scene scene;
    private final Side side;

    public PieceWork(Scene scene, Side side) {
        this.scene = scene;
        this.side = side;
    }

    /**
     * Whether a piece does something: bears on the enemy king, holds a man to it, attacks a pawn
     * that no pawn guards or a man that can be won, has a file without own pawns, or stands behind
     * a pawn that can attack another one.
     */
    public boolean isDoneBy(int piece) {
        return bearsOnKing(piece)
                || holds(piece)
                || attacksWeakPawn(piece)
                || attacksWhatFalls(piece)
                || scene.typeAt(piece) == PieceType.ROOK && hasUseOfFile(piece);
    }

    private boolean bearsOnKing(int piece) {
        long zone = Attacks.king(scene.king(side.other()));
        return (scene.attacks(piece) & zone) != 0;
    }

    /** A man to its king, or a piece to one that is worth more. */
    private boolean holds(int piece) {
        if (scene.typeAt(piece) == PieceType.KNIGHT) {
            return false;
        }
        long men = scene.attacks(piece) & scene.men(side.other());
        return Squares.list(men).stream()
                .anyMatch(
                        man ->
                                Squares.has(Attacks.line(piece, kingOf(man)), man)
                                                && scene.isPinned(man)
                                        || shields(piece, man));
    }

    private int kingOf(int man) {
        return scene.king(scene.sideAt(man));
    }

    private boolean shields(int piece, int man) {
        long without = scene.occupied() & ~(1L << man);
        long beyond =
                Scene.attacksOf(scene.typeAt(piece), side, piece, without)
                        & Attacks.line(piece, man)
                        & ~scene.attacks(piece)
                        & scene.pieces(side.other());
        return scene.typeAt(man) != PieceType.PAWN
                && Squares.list(beyond).stream()
                        .anyMatch(behind -> scene.valueAt(behind) > scene.valueAt(man));
    }

    private boolean attacksWeakPawn(int piece) {
        long pawns = scene.attacks(piece) & scene.pawns(side.other());
        return (pawns & ~scene.byPawns(side.other())) != 0;
    }

    private boolean attacksWhatFalls(int piece) {
        long men = scene.attacks(piece) & scene.pieces(side.other());
        return Squares.list(men).stream()
                .anyMatch(man -> LegalExchange.threatTo(scene.board(), man) > 0);
    }

    private boolean hasUseOfFile(int rook) {
        long own = Squares.file(rook) & scene.pawns(side);
        if (own == 0) {
            return true;
        }
        for (int pawn : Squares.list(own & Squares.front(side, rook))) {
            int stop = Squares.stop(side, pawn);
            boolean free = !Squares.has(scene.occupied(), stop);
            long hit = Squares.pawnAttacks(side, 1L << stop) & scene.pawns(side.other());
            if (free && hit != 0) {
                return true;
            }
        }
        return false;
    }
}
