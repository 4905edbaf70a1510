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
    private final Deque<Row> ahead = new ArrayDeque<>();
    private final long begin;
    private int number;

    /** A line and where in the stream it begins, in bytes. */
    private record Row(String text, long at) {}

    /**
     * @param begin what was read of the file before, in bytes
     * @param number lines read before
     */
    GameSplitter(TextLines lines, long begin, int number) {
        this.lines = lines;
        this.begin = begin;
        this.number = number;
    }

    /** Where in the file the next game is looked for, in bytes. */
    long at() {
        return begin + (ahead.isEmpty() ? lines.at() : ahead.peek().at());
    }

    /** Lines before that place. */
    int lines() {
        return number;
    }

    /** The next game; empty at the end of the stream. */
    Optional<RawGame> next() throws IOException {
        List<String> game = new ArrayList<>();
        MoveTextScan scan = new MoveTextScan();
        boolean blankBefore = false;
        int firstLine = 0;
        int size = 0;
        for (Row row = take(); row != null; row = take()) {
            String line = row.text();
            boolean blank = line.isBlank();
            if (game.isEmpty() && blank) {
                continue;
            }
            boolean lost = scan.inComment() && blankBefore && TagRow.isNamed(line, "Event");
            boolean tag = !scan.inComment() && TagRow.is(line);
            boolean over = scan.ended() && !blank && !isAfterword(line, blankBefore);
            if (lost || scan.hasMoves() && tag || over || size > LONGEST) {
                putBack(row);
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
        List<Row> read = new ArrayList<>();
        MoveTextScan scan = new MoveTextScan();
        scan.line(line);
        int size = 0;
        boolean goesOn = true;
        // Right under the game the comment itself is enough; else all up to something else.
        while (goesOn && !scan.hasMoves() && (blankBefore || scan.inComment())) {
            Row row = size > LONGEST ? null : take();
            goesOn = row != null;
            if (goesOn) {
                String next = row.text();
                read.add(row);
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

    private Row take() throws IOException {
        if (!ahead.isEmpty()) {
            number++;
            return ahead.pop();
        }
        long at = lines.at();
        String line = lines.next();
        number += line == null ? 0 : 1;
        return line == null ? null : new Row(line, at);
    }

    private void putBack(Row row) {
        ahead.push(row);
        number--;
    }

    @Override
    public void close() throws IOException {
        lines.close();
    }
}
