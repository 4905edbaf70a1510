package org.zeroply.coach.fact.tactics.theme;

import java.util.Optional;
import java.util.function.IntPredicate;
import org.zeroply.chess.board.Attacks;
import org.zeroply.chess.board.PieceType;
import org.zeroply.chess.board.Side;
import org.zeroply.chess.board.Square;
import org.zeroply.coach.fact.Scene;
import org.zeroply.coach.fact.Squares;

/** Mates that have a name, by the men that hold the king. */
final class MatingNets {

    private static final long EDGES = 0xff818181818181ffL;
    private static final long CORNERS = 0x8100000000000081L;

    private final Scene scene;
    private final Side side;
    private final int king;
    private final long around;
    private final long own;
    private final int checker;
    private final PieceType type;

    private MatingNets(Scene scene, int checker) {
        this.scene = scene;
        this.checker = checker;
        side = scene.sideAt(checker);
        king = scene.king(side.other());
        around = Attacks.king(king);
        own = around & scene.men(side.other());
        type = scene.typeAt(checker);
    }

    /** The name of the mate on the board; mates by two checks at once have none. */
    static Theme of(Scene mated) {
        Side loser = mated.position().sideToMove();
        long checkers = mated.attackers(loser.other(), mated.king(loser));
        return Long.bitCount(checkers) == 1
                ? new MatingNets(mated, Squares.first(checkers)).name().orElse(Theme.MATE)
                : Theme.MATE;
    }

    private Optional<Theme> name() {
        if (type == PieceType.KNIGHT) {
            return own == around ? Optional.of(Theme.SMOTHERED_MATE) : Optional.empty();
        }
        if (type == PieceType.BISHOP) {
            return isByCrossedBishops()
                    ? Optional.of(Theme.CROSSED_BISHOPS_MATE)
                    : Optional.empty();
        }
        if (type != PieceType.ROOK && type != PieceType.QUEEN) {
            return Optional.empty();
        }
        if (isBackRank()) {
            return Optional.of(Theme.BACK_RANK);
        }
        if (isEpaulette()) {
            return Optional.of(Theme.EPAULETTE_MATE);
        }
        if (isArabian()) {
            return Optional.of(Theme.ARABIAN_MATE);
        }
        if (isAnastasia()) {
            return Optional.of(Theme.ANASTASIA_MATE);
        }
        return isLadder() ? Optional.of(Theme.LADDER_MATE) : besideTheKing();
    }

    /** Along the mated side's first rank, shut in by its own men. */
    private boolean isBackRank() {
        Side mated = side.other();
        boolean along = Squares.rank(mated, king) == 0 && Squares.rank(mated, checker) == 0;
        long front = around & Squares.ofRank(mated, 1);
        return along && Long.bitCount(front & ~own) <= 1;
    }

    /** The king on an edge, its own men on both sides of it there, checked from straight ahead. */
    private boolean isEpaulette() {
        long beside = around & edge();
        return edge() != 0
                && Long.bitCount(beside) == 2
                && (beside & ~own) == 0
                && !Squares.has(edge(), checker)
                && !Squares.has(around, checker)
                && isStraight();
    }

    /** The king in a corner, beside it a rook guarded by a knight that holds the other flight. */
    private boolean isArabian() {
        if (type != PieceType.ROOK
                || !Squares.has(CORNERS, king)
                || !Squares.has(around, checker)
                || !isStraight()) {
            return false;
        }
        long others = around & ~Attacks.straights(checker) & ~(1L << checker);
        return any(
                PieceType.KNIGHT,
                n -> Squares.has(Attacks.knight(n), checker) && (others & ~Attacks.knight(n)) == 0);
    }

    /**
     * The king on an edge, checked along it; beside it, inwards, a man of its own, and a knight
     * holds both squares next to that one.
     */
    private boolean isAnastasia() {
        long edge = edge();
        long inwards = around & ~edge;
        if (edge == 0 || Squares.has(CORNERS, king) || !Squares.has(edge, checker)) {
            return false;
        }
        long straight = inwards & Attacks.straights(king);
        long slanting = inwards & ~straight;
        return (straight & ~own) == 0
                && any(PieceType.KNIGHT, n -> (slanting & ~Attacks.knight(n)) == 0);
    }

    /** The king on an edge, checked along it, and another rook or queen holds the next line. */
    private boolean isLadder() {
        long edge = edge();
        if (edge == 0 || Squares.has(CORNERS, king) || !Squares.has(edge, checker)) {
            return false;
        }
        long inwards = around & ~edge;
        for (long set = scene.majors(side) & ~(1L << checker); set != 0; set &= set - 1) {
            int other = Squares.first(set);
            long line = Attacks.line(Squares.first(inwards), last(inwards));
            if (Squares.has(line, other) && (inwards & ~scene.attacks(other)) == 0) {
                return true;
            }
        }
        return false;
    }

    private static int last(long set) {
        return 63 - Long.numberOfLeadingZeros(set);
    }

    /** A guarded queen beside the king, whose own men stand on the only squares it leaves. */
    private Optional<Theme> besideTheKing() {
        if (type != PieceType.QUEEN || !Squares.has(around, checker) || edge() != 0) {
            return Optional.empty();
        }
        long through = Attacks.queen(checker, scene.occupied() & ~(1L << king));
        long left = around & ~through & ~(1L << checker);
        if (Long.bitCount(left) != 2 || (left & ~own) != 0) {
            return Optional.empty();
        }
        return Optional.of(isStraight() ? Theme.SWALLOWTAIL_MATE : Theme.DOVETAIL_MATE);
    }

    /** A bishop checks, the other holds squares on crossing diagonals, own men shut the king in. */
    private boolean isByCrossedBishops() {
        long others = scene.men(side, PieceType.BISHOP) & ~(1L << checker);
        if (Long.bitCount(others) != 1 || Long.bitCount(own) < 2) {
            return false;
        }
        int other = Squares.first(others);
        long free = around & ~own;
        long occupied = scene.occupied() & ~(1L << king);
        long byChecker = Attacks.bishop(checker, occupied);
        long byOther = Attacks.bishop(other, occupied);
        return (free & byOther) != 0 && (free & ~(byChecker | byOther)) == 0;
    }

    /** The edge or edges the king stands on, as squares; 0 for none. */
    private long edge() {
        long edge = 0;
        if (Square.file(king) == 0 || Square.file(king) == 7) {
            edge |= Squares.ofFile(Square.file(king));
        }
        if (Square.rank(king) == 0 || Square.rank(king) == 7) {
            edge |= Squares.ofRank(Side.WHITE, Square.rank(king));
        }
        return edge & EDGES;
    }

    private boolean isStraight() {
        return Square.file(checker) == Square.file(king)
                || Square.rank(checker) == Square.rank(king);
    }

    private boolean any(PieceType of, IntPredicate what) {
        return Squares.list(scene.men(side, of)).stream().mapToInt(s -> s).anyMatch(what);
    }
}
