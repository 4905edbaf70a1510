package org.zeroply.chess.board;

import java.util.SplittableRandom;

/**
 * Random numbers that are combined into the key of a position (Zobrist hashing), from a fixed seed.
 */
final class Zobrist {

    /** By piece code (see {@link Piece#code()}) and square. */
    static final long[][] PIECE = new long[16][64];

    static final long[] CASTLING = new long[16];
    static final long[] EN_PASSANT_FILE = new long[8];
    static final long BLACK_TO_MOVE;

    static {
        SplittableRandom random = new SplittableRandom(0x5a65726f506c79L);
        for (long[] squares : PIECE) {
            for (int s = 0; s < 64; s++) {
                squares[s] = random.nextLong();
            }
        }
        for (int i = 0; i < 16; i++) {
            CASTLING[i] = random.nextLong();
        }
        for (int i = 0; i < 8; i++) {
            EN_PASSANT_FILE[i] = random.nextLong();
        }
        BLACK_TO_MOVE = random.nextLong();
    }

    private Zobrist() {}
}
