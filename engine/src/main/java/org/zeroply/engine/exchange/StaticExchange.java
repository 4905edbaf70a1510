package org.zeroply.engine.exchange;

import org.zeroply.chess.board.Attacks;
import org.zeroply.chess.board.Board;
import org.zeroply.chess.board.Move;

/**
 * Static exchange evaluation: both sides capture on one square with their least valuable piece
 * first and stop when it does not pay. Pieces behind others join in; pins are not regarded: see
 * {@link LegalExchange}.
 */
public final class StaticExchange {

    /** Exchange values in centipawns by piece type, pawn to king. */
    private static final int[] VALUE = {100, 325, 325, 500, 975, 20_000};

    private StaticExchange() {}

    /** Centipawns that a packed legal move wins (or loses, when negative) on its target square. */
    public static int of(Board board, int move) {
        int kind = Move.kind(move);
        if (kind == Move.KING_SIDE_CASTLING || kind == Move.QUEEN_SIDE_CASTLING) {
            return 0;
        }
        int from = Move.from(move);
        int to = Move.to(move);
        long occupied = board.occupied() ^ 1L << from;
        if (kind == Move.EN_PASSANT) {
            occupied ^= 1L << (to ^ 8);
        }
        int standing = VALUE[placed(board, move)];
        return atOnce(board, move) - reply(board, to, standing, 1 - board.sideToMove(), occupied);
    }

    /** Centipawns that a packed move takes, and gains by promotion, before it is answered. */
    public static int atOnce(Board board, int move) {
        int to = Move.to(move);
        int taken =
                Move.kind(move) == Move.EN_PASSANT
                        ? VALUE[0]
                        : board.codeAt(to) == 0 ? 0 : VALUE[board.typeAt(to)];
        return Move.isPromotion(move) ? taken + VALUE[Move.promotionType(move)] - VALUE[0] : taken;
    }

    /** Type of the man that stands on the target square after a packed move. */
    static int placed(Board board, int move) {
        return Move.isPromotion(move) ? Move.promotionType(move) : board.typeAt(Move.from(move));
    }

    /**
     * Whether a packed legal move wins at least so many centipawns on its target square. Faster
     * than {@link #of}: the two sides capture in turn until one of them can afford to stop.
     */
    public static boolean isAtLeast(Board board, int move, int threshold) {
        int kind = Move.kind(move);
        if (kind == Move.KING_SIDE_CASTLING || kind == Move.QUEEN_SIDE_CASTLING) {
            return threshold <= 0;
        }
        if (kind == Move.EN_PASSANT || kind >= Move.PROMOTION) {
            return of(board, move) >= threshold;
        }
        int from = Move.from(move);
        int to = Move.to(move);
        int balance = (board.codeAt(to) == 0 ? 0 : VALUE[board.typeAt(to)]) - threshold;
        if (balance < 0) {
            return false;
        }
        balance -= VALUE[board.typeAt(from)];
        if (balance >= 0) {
            return true;
        }
        long diagonal = board.piecesOfType(2) | board.piecesOfType(4);
        long straight = board.piecesOfType(3) | board.piecesOfType(4);
        long occupied = board.occupied() ^ 1L << from;
        long attackers = board.attackersTo(to, occupied) & occupied;
        int side = 1 - board.sideToMove();
        while (true) {
            long own = attackers & board.pieces(side);
            if (own == 0) {
                break;
            }
            int type = 0;
            while ((own & board.piecesOfType(type)) == 0) {
                type++;
            }
            if (type == 5 && (attackers & board.pieces(1 - side)) != 0) {
                break;
            }
            side = 1 - side;
            balance = -balance - 1 - VALUE[type];
            if (balance >= 0) {
                break;
            }
            occupied ^= Long.lowestOneBit(own & board.piecesOfType(type));
            if (type == 0 || type == 2 || type == 4) {
                attackers |= Attacks.bishop(to, occupied) & diagonal;
            }
            if (type == 3 || type == 4) {
                attackers |= Attacks.rook(to, occupied) & straight;
            }
            attackers &= occupied;
        }
        return side != board.sideToMove();
    }

    /** What a man is worth in exchanges, in centipawns, by type (0 pawn to 5 king). */
    public static int value(int type) {
        return VALUE[type];
    }

    /** The best that a side to capture gets for the man of this value on a square; at least 0. */
    private static int reply(Board board, int square, int value, int side, long occupied) {
        long attackers = board.attackersTo(square, occupied) & occupied;
        for (int type = 0; type < 6; type++) {
            long candidates = attackers & board.pieces(side, type);
            if (candidates == 0) {
                continue;
            }
            if (type == 5 && (attackers & board.pieces(1 - side)) != 0) {
                return 0;
            }
            int standing = type == 0 && promotes(square) ? 4 : type;
            int bonus = standing == type ? 0 : VALUE[4] - VALUE[0];
            long rest = occupied ^ Long.lowestOneBit(candidates);
            int after = reply(board, square, VALUE[standing], 1 - side, rest);
            return Math.max(0, value + bonus - after);
        }
        return 0;
    }

    private static boolean promotes(int square) {
        return square < 8 || square >= 56;
    }
}
