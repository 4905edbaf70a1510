package org.zeroply.chess.notation;

import java.io.Closeable;
import java.io.IOException;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.List;
import java.util.Optional;

/**
 * Cuts a stream of lines into games without understanding them, so that a broken game cannot spoil
 * its neighbours. A game begins with a tag after movetext, or with anything but a comment after a
 * line that ends in a result.
 */
final class GameSplitter implements Closeable {

    /** A "game" of more characters than this is not one; it is cut to keep memory bounded. */
    private static final int LONGEST = 1 << 23;

    private final TextLines lines;
    private final Deque<String> ahead = new ArrayDeque<>();
    private int number;

    GameSplitter(TextLines lines) {
        this.lines = lines;
    }

    /** The next game; empty at the end of the stream. */
    Optional<RawGame> next() throws IOException {
        List<String> game = new ArrayList<>();
        MoveTextScan scan = new MoveTextScan();
        boolean blankBefore = false;
        int firstLine = 0;
        int size = 0;
        for (String line = take(); line != null; line = take()) {
            boolean blank = line.isBlank();
            if (game.isEmpty() && blank) {
                continue;
            }
            boolean lost = scan.inComment() && blankBefore && TagRow.isNamed(line, "Event");
            boolean tag = !scan.inComment() && TagRow.is(line);
            boolean over = scan.ended() && !blank && !isAfterword(line, blankBefore);
            if (lost || scan.hasMoves() && tag || over || size > LONGEST) {
                putBack(line);
                break;
            }
            if (game.isEmpty()) {
                firstLine = number;
            }
            game.add(line);
            size += line.length() + 1;
            blankBefore = blank;
            if (!blank && !tag) {
                scan.line(line);
            }
        }
        while (!game.isEmpty() && game.get(game.size() - 1).isBlank()) {
            game.remove(game.size() - 1);
        }
        return game.isEmpty() ? Optional.empty() : Optional.of(new RawGame(firstLine, game));
    }

    /**
     * Whether a line begins a comment on the game that is over: one that stands right under it, or
     * is the last thing in the stream. What is read ahead is put back.
     */
    private boolean isAfterword(String line, boolean blankBefore) throws IOException {
        if (!MoveTextScan.beginsComment(line)) {
            return false;
        }
        List<String> read = new ArrayList<>();
        MoveTextScan scan = new MoveTextScan();
        scan.line(line);
        int size = 0;
        boolean goesOn = true;
        // Right under the game the comment itself is enough; else all up to something else.
        while (goesOn && !scan.hasMoves() && (blankBefore || scan.inComment())) {
            String next = size > LONGEST ? null : take();
            goesOn = next != null;
            if (goesOn) {
                read.add(next);
                size += next.length();
                boolean tag = !scan.inComment() && TagRow.is(next);
                scan.line(tag ? MoveTextScan.SOMETHING : next);
            }
        }
        for (int i = read.size() - 1; i >= 0; i--) {
            putBack(read.get(i));
        }
        return !scan.hasMoves() && size <= LONGEST;
    }

    private String take() throws IOException {
        String line = ahead.isEmpty() ? lines.next() : ahead.pop();
        number += line == null ? 0 : 1;
        return line;
    }

    private void putBack(String line) {
        ahead.push(line);
        number--;
    }

    @Override
    public void close() throws IOException {
        lines.close();
    }
}
