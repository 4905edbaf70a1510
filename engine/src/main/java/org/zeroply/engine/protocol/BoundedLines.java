package org.zeroply.engine.protocol;

import java.io.BufferedReader;
import java.io.Closeable;
import java.io.IOException;
import java.io.Reader;

/** Lines of somebody who may not know where to end: what is too long is cut, and goes on unread. */
final class BoundedLines implements Closeable {

    private final BufferedReader in;
    private final int longest;

    /**
     * @param longest characters of a line that are kept
     */
    BoundedLines(Reader in, int longest) {
        this.in = new BufferedReader(in);
        this.longest = longest;
    }

    /** The next line without its end; null at the end. */
    String next() throws IOException {
        StringBuilder line = new StringBuilder();
        int c = in.read();
        if (c < 0) {
            return null;
        }
        while (c >= 0 && c != '\n') {
            if (line.length() < longest && c != '\r') {
                line.append((char) c);
            }
            c = in.read();
        }
        return line.toString();
    }

    @Override
    public void close() throws IOException {
        in.close();
    }
}
