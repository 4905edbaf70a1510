package org.zeroply.chess.notation;

import java.io.Closeable;
import java.io.IOException;
import java.io.InputStream;
import java.nio.ByteBuffer;
import java.nio.charset.CharacterCodingException;
import java.nio.charset.Charset;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;

/**
 * The lines of a stream whose encoding is not known: each is taken as UTF-8, and as Windows-1252,
 * of which Latin-1 is a part, where it is not valid UTF-8. Line ends may be LF, CRLF or CR;
 * byte-order marks are dropped, also where files were put together. Overlong lines are cut where a
 * word ends, so that memory stays bounded on data that is not text.
 */
final class TextLines implements Closeable {

    /** Bytes after which a line is cut at the next space. */
    private static final int LONG = 1 << 20;

    /** Bytes after which it is cut anywhere between two characters. */
    private static final int LONGEST = 1 << 23;

    private static final Charset WINDOWS = Charset.forName("windows-1252");
    private static final char UNKNOWN = '\uFFFD';
    private static final String BYTE_ORDER_MARK = "\uFEFF";

    private final InputStream in;
    private final byte[] buffer = new byte[1 << 16];
    private int next;
    private int end;
    private long before;
    private byte[] line = new byte[256];

    TextLines(InputStream in) {
        this.in = in;
    }

    /** Where in the stream the next line begins, in bytes. */
    long at() {
        return before + next;
    }

    /** The next line without its end, or null at the end of the stream. */
    String next() throws IOException {
        int b = peek();
        if (b < 0) {
            return null;
        }
        int size = 0;
        int all = 0;
        while (b >= 0 && b != '\n' && b != '\r' && !isCut(size, b)) {
            if (size == line.length) {
                line = Arrays.copyOf(line, 2 * size);
            }
            line[size++] = (byte) b;
            all |= b;
            next++;
            b = peek();
        }
        if (b == '\r') {
            next++;
            b = peek();
        }
        if (b == '\n') {
            next++;
        }
        return text(size, all < 0x80);
    }

    private String text(int size, boolean ascii) {
        if (ascii) {
            return new String(line, 0, size, StandardCharsets.US_ASCII);
        }
        String text = decode(Arrays.copyOf(line, size));
        return text.contains(BYTE_ORDER_MARK) ? text.replace(BYTE_ORDER_MARK, "") : text;
    }

    /** Whether a line of so many bytes ends before the next one. */
    private static boolean isCut(int size, int next) {
        boolean within = (next & 0xC0) == 0x80;
        return size >= LONG && next == ' ' || size >= LONGEST && !within || size >= 2 * LONGEST;
    }

    /** The next byte, which stays the next one; -1 at the end. */
    private int peek() throws IOException {
        while (next == end) {
            before += end;
            next = 0;
            end = Math.max(0, in.read(buffer));
            if (end == 0) {
                return -1;
            }
        }
        return buffer[next] & 0xFF;
    }

    private static String decode(byte[] bytes) {
        try {
            return StandardCharsets.UTF_8.newDecoder().decode(ByteBuffer.wrap(bytes)).toString();
        } catch (CharacterCodingException e) {
            return windows(bytes);
        }
    }

    /** Five bytes mean nothing in Windows-1252; they are kept as they are in Latin-1. */
    private static String windows(byte[] bytes) {
        char[] text = new String(bytes, WINDOWS).toCharArray();
        for (int i = 0; i < text.length; i++) {
            text[i] = text[i] == UNKNOWN ? (char) (bytes[i] & 0xFF) : text[i];
        }
        return new String(text);
    }

    @Override
    public void close() throws IOException {
        in.close();
    }
}
