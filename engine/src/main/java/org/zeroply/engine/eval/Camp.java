package org.zeroply.engine.eval;

import org.zeroply.chess.board.Attacks;
import org.zeroply.chess.board.Board;

/**
 * One side's men and what they bear on, as sets of squares; worked out once for a position and used
 * again and again to avoid allocation. Plain fields, because the evaluation reads them more often
 * than anything else.
 */
final class Camp {

    private static final int PRESSURE_KNIGHT = 20;
    private static final int PRESSURE_BISHOP = 14;
    private static final int PRESSURE_ROOK = 22;
    private static final int PRESSURE_QUEEN = 30;
    private static final int PRESSURE_A_SQUARE = 7;

    /** 0 white, 1 black. */
    final int side;

    /** Square of the king. */
    int king;

    /** Everything, the king included. */
    long men;

    long pawns;
    long knights;
    long bishops;
    long rooks;
    long queens;

    /** Attacked by pawns, by knights and so on. */
    long byPawns;

    long byKnights;
    long byBishops;
    long byRooks;
    long byQueens;
    long byKing;

    /** Attacked by anything, and by two men or more. */
    long attacked;

    long twice;

    /** Weight of the pieces that bear on the enemy king's surroundings, and how many they are. */
    int pressure;

    int attackers;

    /** Mobility, packed. */
    int mobility;

    private long occupied;
    private long free;
    private long zone;
    private long atKing;

    Camp(int side) {
        this.side = side;
    }

    /** Takes over where the men stand. */
    void takeMen(Board b) {
        men = b.pieces(side);
        pawns = men & b.piecesOfType(0);
        knights = men & b.piecesOfType(1);
        bishops = men & b.piecesOfType(2);
        rooks = men & b.piecesOfType(3);
        queens = men & b.piecesOfType(4);
        king = Long.numberOfTrailingZeros(men & b.piecesOfType(5));
        byPawns = Attacks.pawns(side, pawns);
        byKing = Attacks.king(king);
    }

    /** Works out what the men bear on; both sides' men must be taken over before. */
    void takeReach(Camp them, Weights weights) {
        occupied = men | them.men;
        atKing = them.byKing;
        zone = atKing | 1L << them.king | Survey.forward(them.side, atKing);
        long low = side == 0 ? 0xffff00L : 0xffff0000000000L;
        long stuck = pawns & (low | Survey.forward(1 - side, occupied));
        free = ~(stuck | 1L << king | them.byPawns);
        attacked = byPawns | byKing;
        twice = byPawns & byKing | Survey.doublePawnAttacks(pawns, side);
        pressure = 0;
        attackers = 0;
        mobility = 0;
        knights(weights);
        bishops(weights);
        rooks(weights);
        queens(weights);
    }

    private void knights(Weights w) {
        long reached = 0;
        for (long s = knights; s != 0; s &= s - 1) {
            long reach = Attacks.knight(Long.numberOfTrailingZeros(s));
            reached |= add(reach, PRESSURE_KNIGHT, w, Weights.KNIGHT_MOVES);
        }
        byKnights = reached;
    }

    /** A bishop looks through its queen. */
    private void bishops(Weights w) {
        long reached = 0;
        for (long s = bishops; s != 0; s &= s - 1) {
            long reach = Attacks.bishop(Long.numberOfTrailingZeros(s), occupied ^ queens);
            reached |= add(reach, PRESSURE_BISHOP, w, Weights.BISHOP_MOVES);
        }
        byBishops = reached;
    }

    /** A rook looks through queen and rooks. */
    private void rooks(Weights w) {
        long reached = 0;
        for (long s = rooks; s != 0; s &= s - 1) {
            long reach = Attacks.rook(Long.numberOfTrailingZeros(s), occupied ^ queens ^ rooks);
            reached |= add(reach, PRESSURE_ROOK, w, Weights.ROOK_MOVES);
        }
        byRooks = reached;
    }

    private void queens(Weights w) {
        long reached = 0;
        for (long s = queens; s != 0; s &= s - 1) {
            long reach = Attacks.queen(Long.numberOfTrailingZeros(s), occupied);
            reached |= add(reach, PRESSURE_QUEEN, w, Weights.QUEEN_MOVES);
        }
        byQueens = reached;
    }

    /** Takes in the squares one piece attacks, and gives them back. */
    private long add(long reach, int weight, Weights w, int moves) {
        twice |= attacked & reach;
        attacked |= reach;
        if ((reach & zone) != 0) {
            attackers++;
            pressure += weight + PRESSURE_A_SQUARE * Long.bitCount(reach & atKing);
        }
        mobility += w.times(side, moves + Long.bitCount(reach & free), 1);
        return reach;
    }
}
