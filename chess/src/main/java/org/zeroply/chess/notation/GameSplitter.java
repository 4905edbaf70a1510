package org.zeroply.chess.notation;

import java.io.Closeable;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.regex.Pattern;

/**
 * Cuts a stream of lines into games without understanding them, so that a broken game cannot spoil
 * its neighbours. A game begins with a tag after movetext, or with anything after a line that ends
 * in a result.
 */
final class GameSplitter implements Closeable {

    /** A "game" of more characters than this is not one; it is cut to keep memory bounded. */
    private static final int LONGEST = 1 << 23;

    private static final Pattern TAG = Pattern.compile("\\s*\\[\\s*\\w+\\s+\".*");
    private static final Pattern FIRST_TAG = Pattern.compile("\\s*\\[\\s*Event\\s+\".*");
    private static final Pattern RESULT = Pattern.compile("(?:.*\\s)?(?:1-0|0-1|1/2-1/2|\\*)\\s*");

    private final TextLines lines;
    private String ahead;
    private int aheadNumber;

    GameSplitter(TextLines lines) {
        this.lines = lines;
    }

    /** The next game; empty at the end of the stream. */
    Optional<RawGame> next() throws IOException {
        List<String> game = new ArrayList<>();
        Scan scan = new Scan();
        boolean movetext = false;
        boolean ended = false;
        boolean blankBefore = false;
        int firstLine = 0;
        int size = 0;
        for (String line = take(); line != null; line = take()) {
            boolean blank = line.isBlank();
            if (game.isEmpty() && blank) {
                continue;
            }
            boolean lost = scan.inComment && blankBefore && FIRST_TAG.matcher(line).matches();
            boolean tag = !scan.inComment && TAG.matcher(line).matches();
            if (lost || movetext && tag || ended && !blank || size > LONGEST) {
                putBack(line);
                break;
            }
            if (game.isEmpty()) {
                firstLine = aheadNumber;
            }
            game.add(line);
            size += line.length() + 1;
            blankBefore = blank;
            if (!blank && !tag) {
                movetext = true;
                scan.line(line);
                ended = !scan.inComment && scan.depth <= 0 && RESULT.matcher(line).matches();
            }
        }
        while (!game.isEmpty() && game.get(game.size() - 1).isBlank()) {
            game.remove(game.size() - 1);
        }
        return game.isEmpty() ? Optional.empty() : Optional.of(new RawGame(firstLine, game));
    }

    private String take() throws IOException {
        if (ahead != null) {
            String line = ahead;
            ahead = null;
            return line;
        }
        aheadNumber++;
        return lines.next();
    }

    private void putBack(String line) {
        ahead = line;
    }

    @Override
    public void close() throws IOException {
        lines.close();
    }

    /** Follows comments and variations from line to line. */
    private static final class Scan {
        private boolean inComment;
        private int depth;

        void line(String line) {
            if (!inComment && line.startsWith("%")) {
                return;
            }
            for (int i = 0; i < line.length(); i++) {
                char c = line.charAt(i);
                if (inComment) {
                    inComment = c != '}';
                } else if (c == '{') {
                    inComment = true;
                } else if (c == ';') {
                    return;
                } else if (c == '(') {
                    depth++;
                } else if (c == ')') {
                    depth--;
                }
            }
        }
    }
}
