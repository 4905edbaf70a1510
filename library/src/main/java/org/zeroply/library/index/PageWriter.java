package org.zeroply.library.index;

import java.io.ByteArrayOutputStream;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;

/**
 * Writes the groups of a segment, one for each position, in ascending order of their keys, and cuts
 * them into pages. A group begins with the step from the last group's short key (the upper 24 bits
 * of the key, so that a step is a byte as a rule) and one bit that says whether a single game came
 * there; otherwise the number of games follows. A position of few games has their numbers only: the
 * games are played through to be sure. One of many has the whole key, and the games move by move.
 */
final class PageWriter {

    /** From this many games on, moves are written with the games. */
    static final int MANY = 8;

    /** What of a key the short key leaves out, in bits. */
    static final int SHORT = 40;

    /** So that a page with its head fits into one of SQLite's. */
    private static final int PAGE_BYTES = 3_900;

    /**
     * A page.
     *
     * @param firstKey the short key of its first group, unsigned
     */
    record Page(long firstKey, byte[] bytes) {}

    private final List<Page> pages = new ArrayList<>();
    private ByteArrayOutputStream out = new ByteArrayOutputStream();
    private long firstKey = -1;
    private long lastKey;

    /**
     * Writes a group.
     *
     * @param key the position's key; keys come in ascending unsigned order
     * @param games the games that came there, from the first of the segment, ascending
     * @param moves for each the packed move it went on with, 0 for none
     */
    void group(long key, int[] games, int[] moves) {
        long shortKey = key >>> SHORT;
        ByteArrayOutputStream group = new ByteArrayOutputStream();
        if (games.length > 1) {
            number(group, games.length);
        }
        if (games.length < MANY) {
            numbers(group, games);
        } else {
            many(group, key, games, moves);
        }
        if (firstKey >= 0 && shortKey != lastKey && out.size() + group.size() > PAGE_BYTES) {
            cut();
        }
        if (firstKey < 0) {
            firstKey = shortKey;
            lastKey = shortKey;
        }
        number(out, shortKey - lastKey << 1 | (games.length == 1 ? 1 : 0));
        out.writeBytes(group.toByteArray());
        lastKey = shortKey;
    }

    private static void many(ByteArrayOutputStream out, long key, int[] games, int[] moves) {
        for (int shift = 56; shift >= 0; shift -= 8) {
            out.write((int) (key >>> shift));
        }
        int[] different = IntStream.of(moves).sorted().distinct().toArray();
        number(out, different.length);
        for (int move : different) {
            int[] with =
                    IntStream.range(0, games.length)
                            .filter(i -> moves[i] == move)
                            .map(i -> games[i])
                            .toArray();
            number(out, move);
            number(out, with.length);
            numbers(out, with);
        }
    }

    private static void numbers(ByteArrayOutputStream out, int[] ascending) {
        int last = 0;
        for (int n : ascending) {
            number(out, n - last);
            last = n;
        }
    }

    /** Seven bits a byte, the lowest first; the eighth says that more follow. */
    private static void number(ByteArrayOutputStream out, long value) {
        long rest = value;
        while (rest >= 0x80) {
            out.write((int) (rest & 0x7f | 0x80));
            rest >>>= 7;
        }
        out.write((int) rest);
    }

    private void cut() {
        if (firstKey >= 0) {
            pages.add(new Page(firstKey, out.toByteArray()));
        }
        out = new ByteArrayOutputStream();
        firstKey = -1;
    }

    /** The pages written. */
    List<Page> finish() {
        cut();
        return pages;
    }
}
