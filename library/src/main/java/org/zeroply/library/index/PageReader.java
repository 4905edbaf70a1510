package org.zeroply.library.index;

import java.util.Set;
import java.util.TreeSet;
import java.util.function.IntConsumer;

/** Finds a position in a page; see {@link PageWriter} for how one is written. */
final class PageReader {

    private final byte[] bytes;
    private final long firstKey;
    private int at;

    PageReader(long firstKey, byte[] bytes) {
        this.firstKey = firstKey;
        this.bytes = bytes;
    }

    /** Told of the games that came to a position. */
    interface Found {
        /** A game that surely did, and the packed move it went on with, 0 for none. */
        void surely(int game, int move);

        /** A game that may have; it has to be played through. */
        void perhaps(int game);
    }

    /**
     * Tells of all games of a position, of each once; numbers count from the first of the segment.
     * Positions that share the short key stand in one page. Where one of them is surely the wanted
     * one, the games of the others are there for something else.
     */
    void find(long key, Found found) {
        Set<Integer> perhaps = new TreeSet<>();
        if (!told(key, found, perhaps)) {
            perhaps.forEach(found::perhaps);
        }
    }

    /** Whether the games were told for sure; otherwise those that may have been there. */
    private boolean told(long key, Found found, Set<Integer> perhaps) {
        long wanted = key >>> PageWriter.SHORT;
        long shortKey = firstKey;
        boolean told = false;
        while (at < bytes.length) {
            long step = number();
            shortKey += step >>> 1;
            if (shortKey > wanted) {
                return told;
            }
            int count = (step & 1) == 1 ? 1 : (int) number();
            boolean here = shortKey == wanted;
            if (count < PageWriter.MANY) {
                numbers(count, here ? perhaps::add : g -> {});
            } else {
                told |= many(key, here, found);
            }
        }
        return told;
    }

    private void numbers(int count, IntConsumer game) {
        int last = 0;
        for (int i = 0; i < count; i++) {
            last += (int) number();
            game.accept(last);
        }
    }

    /** Whether this was the wanted position. */
    private boolean many(long wanted, boolean here, Found found) {
        long key = 0;
        for (int i = 0; i < 8; i++) {
            key = key << 8 | bytes[at++] & 0xff;
        }
        boolean it = here && key == wanted;
        int moves = (int) number();
        for (int m = 0; m < moves; m++) {
            int move = (int) number();
            int count = (int) number();
            numbers(count, it ? g -> found.surely(g, move) : g -> {});
        }
        return it;
    }

    private long number() {
        long value = 0;
        int shift = 0;
        byte b;
        do {
            b = bytes[at++];
            value |= (long) (b & 0x7f) << shift;
            shift += 7;
        } while (b < 0);
        return value;
    }
}
