package org.zeroply.engine.endings;

import java.io.DataInputStream;
import java.io.DataOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.util.zip.DeflaterOutputStream;
import java.util.zip.InflaterInputStream;
import java.util.zip.ZipException;
import org.zeroply.chess.board.Board;

/** All results of one ending, a byte a position as {@link Endings#probe} gives them. */
final class EndingTable {

    /** Stands where no legal position is. */
    static final byte ILLEGAL = 127;

    private static final int FORMAT = 0x5a504531;

    final EndingMaterial material;
    final EndingIndex index;

    /** By side to move (0 white) and index. */
    final byte[][] values;

    EndingTable(EndingMaterial material) {
        this.material = material;
        index = new EndingIndex(material);
        values = new byte[2][index.size()];
    }

    /**
     * The result of a position with exactly these men.
     *
     * @param exchanged whether the board's colours are the other way round
     */
    int probe(Board board, boolean exchanged) {
        int[] squares = new int[index.men];
        int flip = exchanged ? 56 : 0;
        long taken = 0;
        for (int m = 0; m < index.men; m++) {
            int side = index.side[m] ^ (exchanged ? 1 : 0);
            long men = board.pieces(side, index.type[m]) & ~taken;
            taken |= Long.lowestOneBit(men);
            squares[m] = Long.numberOfTrailingZeros(men) ^ flip;
        }
        int value = values[board.sideToMove() ^ (exchanged ? 1 : 0)][index.of(squares)];
        return value == ILLEGAL ? Endings.UNKNOWN : value;
    }

    void write(OutputStream out) throws IOException {
        try (DataOutputStream data = new DataOutputStream(new DeflaterOutputStream(out))) {
            data.writeInt(FORMAT);
            data.writeUTF(material.name());
            for (byte[] side : values) {
                data.write(packed(side));
            }
        }
    }

    /** Illegal positions take the value before them, which compresses best. */
    private static byte[] packed(byte[] side) {
        byte[] copy = side.clone();
        byte last = 0;
        for (int i = 0; i < copy.length; i++) {
            if (copy[i] == ILLEGAL) {
                copy[i] = last;
            }
            last = copy[i];
        }
        return copy;
    }

    /**
     * @throws IOException if the stream cannot be read or is no table of this ending
     */
    static EndingTable read(EndingMaterial material, InputStream in) throws IOException {
        try (DataInputStream data = new DataInputStream(new InflaterInputStream(in))) {
            if (data.readInt() != FORMAT || !data.readUTF().equals(material.name())) {
                throw new ZipException("not a table of " + material.name());
            }
            EndingTable table = new EndingTable(material);
            for (byte[] side : table.values) {
                data.readFully(side);
            }
            return table;
        }
    }
}
