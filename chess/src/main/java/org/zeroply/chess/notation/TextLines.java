package org.zeroply.chess.notation;

import java.io.ByteArrayOutputStream;
import java.io.Closeable;
import java.io.IOException;
import java.io.InputStream;
import java.nio.ByteBuffer;
import java.nio.charset.CharacterCodingException;
import java.nio.charset.StandardCharsets;

/**
 * The lines of a stream whose encoding is not known: each is taken as UTF-8, and as Latin-1 where
 * it is not valid UTF-8. Line ends may be LF, CRLF or CR; a byte-order mark is dropped. Overlong
 * lines are cut, so that memory stays bounded on data that is not text.
 */
final class TextLines implements Closeable {

    private static final int LONGEST = 1 << 20;

    private final InputStream in;
    private int pushedBack = -1;
    private boolean first = true;

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
        while (b >= 0 && b != '\n' && b != '\r' && bytes.size() < LONGEST) {
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
        if (first && line.startsWith("\uFEFF")) {
            line = line.substring(1);
        }
        first = false;
        return line;
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
            return new String(bytes, StandardCharsets.ISO_8859_1);
        }
    }

    @Override
    public void close() throws IOException {
        in.close();
    }
}
