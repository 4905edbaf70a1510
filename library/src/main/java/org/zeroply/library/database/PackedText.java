package org.zeroply.library.database;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.util.zip.DataFormatException;
import java.util.zip.Deflater;
import java.util.zip.Inflater;
import org.zeroply.library.LibraryException;
import org.zeroply.library.texts.LibraryWords;

/**
 * Texts of games as they are kept: deflated (RFC 1951) with what most games have in common as a
 * preset dictionary, which makes about half of a game of usual length. The first byte tells the
 * form, so that another dictionary can be told from this one.
 */
public final class PackedText {

    private static final byte PLAIN = 0;
    private static final byte DEFLATED = 1;

    /** Never to be changed: what was packed with it could not be read any more. */
    private static final byte[] USUAL = usual();

    private static final int BUFFER = 4096;

    /** Above it a game becomes a thirtieth smaller and takes a quarter longer. */
    private static final int LEVEL = 4;

    private PackedText() {}

    private static byte[] usual() {
        try (InputStream in = PackedText.class.getResourceAsStream("usual-games.txt")) {
            return in.readAllBytes();
        } catch (IOException e) {
            throw new IllegalStateException("the program is not whole", e);
        }
    }

    /** A text made small; {@link #unpack} gives it back. */
    public static byte[] pack(String text) {
        try (Packer packer = new Packer()) {
            return packer.pack(text);
        }
    }

    /** Packs one text after the other; to begin anew takes longer than a short text. */
    public static final class Packer implements AutoCloseable {

        private final Deflater deflater = new Deflater(LEVEL, true);
        private final byte[] buffer = new byte[BUFFER];

        public byte[] pack(String text) {
            byte[] bytes = text.getBytes(StandardCharsets.UTF_8);
            deflater.reset();
            deflater.setDictionary(USUAL);
            deflater.setInput(bytes);
            deflater.finish();
            ByteArrayOutputStream out = new ByteArrayOutputStream(bytes.length / 2 + 16);
            out.write(DEFLATED);
            while (!deflater.finished()) {
                out.write(buffer, 0, deflater.deflate(buffer));
            }
            return out.size() <= bytes.length ? out.toByteArray() : plain(bytes);
        }

        @Override
        public void close() {
            deflater.end();
        }
    }

    private static byte[] plain(byte[] bytes) {
        byte[] all = new byte[bytes.length + 1];
        all[0] = PLAIN;
        System.arraycopy(bytes, 0, all, 1, bytes.length);
        return all;
    }

    /**
     * @throws LibraryException if these are no bytes that {@link #pack} made
     */
    public static String unpack(byte[] packed) {
        if (isPlain(packed)) {
            return plainText(packed);
        }
        if (packed.length < 2 || packed[0] != DEFLATED) {
            throw damaged(null);
        }
        Inflater inflater = inflater(packed);
        try {
            ByteArrayOutputStream out = new ByteArrayOutputStream(3 * packed.length);
            byte[] buffer = new byte[BUFFER];
            while (!inflater.finished()) {
                int n = inflater.inflate(buffer);
                if (n == 0 && (inflater.needsInput() || inflater.needsDictionary())) {
                    throw damaged(null);
                }
                out.write(buffer, 0, n);
            }
            return out.toString(StandardCharsets.UTF_8);
        } catch (DataFormatException e) {
            throw damaged(e);
        } finally {
            inflater.end();
        }
    }

    /** What a text begins with, a few thousand letters; empty where it cannot be read. */
    public static String beginning(byte[] packed) {
        if (packed.length < 2 || packed[0] != DEFLATED) {
            return isPlain(packed) ? plainText(packed) : "";
        }
        Inflater inflater = inflater(packed);
        try {
            byte[] buffer = new byte[BUFFER];
            return new String(buffer, 0, inflater.inflate(buffer), StandardCharsets.UTF_8);
        } catch (DataFormatException e) {
            return "";
        } finally {
            inflater.end();
        }
    }

    private static boolean isPlain(byte[] packed) {
        return packed.length > 0 && packed[0] == PLAIN;
    }

    private static String plainText(byte[] packed) {
        return new String(packed, 1, packed.length - 1, StandardCharsets.UTF_8);
    }

    /** At the beginning of what was deflated; to be ended by who asked for it. */
    private static Inflater inflater(byte[] packed) {
        Inflater inflater = new Inflater(true);
        inflater.setDictionary(USUAL);
        inflater.setInput(packed, 1, packed.length - 1);
        return inflater;
    }

    private static LibraryException damaged(Exception cause) {
        return new LibraryException(LibraryWords.of("database.the-text-of-a-sheet"), cause);
    }
}
