package org.zeroply.chess.notation;

import java.io.ByteArrayOutputStream;
import java.io.Closeable;
import java.io.IOException;
import java.io.InputStream;
import java.nio.ByteBuffer;
import java.nio.charset.CharacterCodingException;
import java.nio.charset.Charset;
import java.nio.charset.StandardCharsets;

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
    private int pushedBack = -1;

    TextLines(InputStream in) {
        this.in = in;
    }

    /** The next line without its end, or null at the end of the stream. */
    String next() throws IOException {
        ByteArrayOutputStream bytes = new ByteArrayOutputStream(128);
        int b = read();
        if (b < 0) {
            return null;
        }
        while (b >= 0 && b != '\n' && b != '\r' && !isCut(bytes.size(), b)) {
            bytes.write(b);
            b = read();
        }
        if (b == '\r') {
            int following = read();
            if (following != '\n') {
                pushedBack = following;
            }
        } else if (b >= 0 && b != '\n') {
            pushedBack = b;
        }
        String line = decode(bytes.toByteArray());
        return line.contains(BYTE_ORDER_MARK) ? line.replace(BYTE_ORDER_MARK, "") : line;
    }

    /** Whether a line of so many bytes ends before the next one. */
    private static boolean isCut(int size, int next) {
        boolean within = (next & 0xC0) == 0x80;
        return size >= LONG && next == ' ' || size >= LONGEST && !within || size >= 2 * LONGEST;
    }

    private int read() throws IOException {
        if (pushedBack >= 0) {
            int b = pushedBack;
            pushedBack = -1;
            return b;
        }
        return in.read();
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
