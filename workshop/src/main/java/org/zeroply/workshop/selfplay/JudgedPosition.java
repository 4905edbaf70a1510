package org.zeroply.workshop.selfplay;

import java.nio.ByteBuffer;
import org.zeroply.chess.board.Board;
import org.zeroply.chess.board.Position;

/**
 * A position with what a search and the end of the game said of it, seen by the side to move: where
 * Black is to move, board and colours are turned over, so that who is to move has the men with
 * codes 1 to 6 and moves up the board.
 *
 * @param occupied bitboard of the men
 * @param low codes of the men, four bits each, in the order of their squares: the first sixteen
 * @param high the others
 * @param score centipawns by a search
 * @param points of the game: 0 lost, 1 drawn, 2 won
 */
public record JudgedPosition(long occupied, long low, long high, int score, int points) {

    /** Size of a position in a file, in bytes. */
    public static final int BYTES = 28;

    /** By code, as FEN writes men. */
    private static final String LETTERS = "1PNBRQK11pnbrqk";

    /**
     * The position on a board.
     *
     * @param score of a search, in centipawns for the side to move
     * @param points of the game for the side to move: 0, 1 or 2
     */
    public static JudgedPosition of(Board board, int score, int points) {
        int turn = board.sideToMove() == 0 ? 0 : 56;
        long men = board.occupied();
        long occupied = board.sideToMove() == 0 ? men : Long.reverseBytes(men);
        long[] codes = new long[2];
        int n = 0;
        for (long s = occupied; s != 0; s &= s - 1) {
            int code = board.codeAt(Long.numberOfTrailingZeros(s) ^ turn);
            code ^= board.sideToMove() << 3;
            codes[n >> 4] |= (long) code << 4 * (n & 15);
            n++;
        }
        return new JudgedPosition(occupied, codes[0], codes[1], score, points);
    }

    /** The same, with what became of the game. */
    JudgedPosition withPoints(int ofGame) {
        return new JudgedPosition(occupied, low, high, score, ofGame);
    }

    /** The same, with what another search said of it. */
    JudgedPosition withScore(int centipawns) {
        return new JudgedPosition(occupied, low, high, centipawns, points);
    }

    /** Code of the man that comes as number n, from 0, in the order of the squares. */
    public int code(int n) {
        return (int) ((n < 16 ? low : high) >>> 4 * (n & 15)) & 15;
    }

    /** The position, with White to move, and without rights to castle. */
    public Position position() {
        char[] men = "1".repeat(64).toCharArray();
        int n = 0;
        for (long s = occupied; s != 0; s &= s - 1) {
            men[Long.numberOfTrailingZeros(s)] = LETTERS.charAt(code(n++));
        }
        StringBuilder fen = new StringBuilder();
        for (int rank = 7; rank >= 0; rank--) {
            for (int file = 0; file < 8; file++) {
                fen.append(men[8 * rank + file]);
            }
            fen.append(rank > 0 ? "/" : " w - - 0 1");
        }
        return Position.fromFen(fen.toString());
    }

    /** Adds it to a buffer. */
    public void write(ByteBuffer to) {
        to.putLong(occupied).putLong(low).putLong(high).putShort((short) score);
        to.put((byte) points).put((byte) 0);
    }

    /** Takes the next one from a buffer. */
    public static JudgedPosition read(ByteBuffer from) {
        JudgedPosition position =
                new JudgedPosition(
                        from.getLong(),
                        from.getLong(),
                        from.getLong(),
                        from.getShort(),
                        from.get());
        from.get();
        return position;
    }
}
