package org.zeroply.workshop.training;

import java.io.BufferedInputStream;
import java.io.BufferedOutputStream;
import java.io.DataInputStream;
import java.io.DataOutputStream;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;

/** Keeps parameters as they are, before they are rounded, so that a later run can go on. */
final class ParameterFile {

    private static final int MAGIC = 0x5A505031;

    private ParameterFile() {}

    static void write(NetworkParameters parameters, Path file) throws IOException {
        try (DataOutputStream out =
                new DataOutputStream(new BufferedOutputStream(Files.newOutputStream(file)))) {
            out.writeInt(MAGIC);
            out.writeInt(parameters.hidden);
            for (float[] values : parameters.all()) {
                for (float value : values) {
                    out.writeFloat(value);
                }
            }
        }
    }

    /**
     * Reads what {@link #write} wrote.
     *
     * @throws IOException if the file is something else
     */
    static NetworkParameters read(Path file) throws IOException {
        try (DataInputStream in =
                new DataInputStream(new BufferedInputStream(Files.newInputStream(file)))) {
            if (in.readInt() != MAGIC) {
                throw new IOException(file + " holds no parameters of a network");
            }
            NetworkParameters parameters = new NetworkParameters(in.readInt());
            for (float[] values : parameters.all()) {
                for (int i = 0; i < values.length; i++) {
                    values[i] = in.readFloat();
                }
            }
            return parameters;
        }
    }
}
