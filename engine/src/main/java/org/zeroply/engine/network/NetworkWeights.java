package org.zeroply.engine.network;

import java.io.BufferedInputStream;
import java.io.BufferedOutputStream;
import java.io.DataInputStream;
import java.io.DataOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.nio.file.Files;
import java.nio.file.Path;

/**
 * The numbers of a network, quantised, as its file holds them.
 *
 * @param features {@value Features#COUNT} rows, one after the other; 1 is {@link Network#ONE}
 * @param base hidden values of an empty board, in the same units
 * @param output for each stage the weights for who is to move, then those for the other side; 1 is
 *     {@link Network#OUTPUT_ONE}
 * @param constants by stage, what is added to the weighed sum, in the units of the sum
 * @param centipawns what an output of 1 is worth
 */
public record NetworkWeights(
        short[] features, short[] base, short[] output, int[] constants, int centipawns) {

    private static final int MAGIC = 0x5A504E31;
    private static final int MOST_HIDDEN = 1024;

    /** Writes the file: big-endian, after a mark and the number of hidden values. */
    public void write(OutputStream to) throws IOException {
        DataOutputStream out = new DataOutputStream(new BufferedOutputStream(to));
        out.writeInt(MAGIC);
        out.writeInt(base.length);
        out.writeInt(centipawns);
        writeAll(out, features);
        writeAll(out, base);
        writeAll(out, output);
        for (int constant : constants) {
            out.writeInt(constant);
        }
        out.flush();
    }

    private static void writeAll(DataOutputStream out, short[] values) throws IOException {
        for (short value : values) {
            out.writeShort(value);
        }
    }

    /**
     * Reads such a file.
     *
     * @throws IOException if it is none, or ends too early
     */
    public static NetworkWeights read(InputStream from) throws IOException {
        DataInputStream in = new DataInputStream(new BufferedInputStream(from));
        if (in.readInt() != MAGIC) {
            throw new IOException("this is not a network");
        }
        int hidden = in.readInt();
        if (hidden < 1 || hidden > MOST_HIDDEN) {
            throw new IOException("a network of " + hidden + " hidden values cannot be used");
        }
        int centipawns = in.readInt();
        short[] features = shorts(in, Features.COUNT * hidden);
        short[] base = shorts(in, hidden);
        short[] output = shorts(in, 2 * Network.STAGES * hidden);
        int[] constants = new int[Network.STAGES];
        for (int i = 0; i < constants.length; i++) {
            constants[i] = in.readInt();
        }
        return new NetworkWeights(features, base, output, constants, centipawns);
    }

    /**
     * Reads a file.
     *
     * @throws IOException if it holds no network, or cannot be read
     */
    public static NetworkWeights read(Path file) throws IOException {
        try (InputStream in = Files.newInputStream(file)) {
            return read(in);
        }
    }

    private static short[] shorts(DataInputStream in, int count) throws IOException {
        short[] values = new short[count];
        for (int i = 0; i < count; i++) {
            values[i] = in.readShort();
        }
        return values;
    }
}
