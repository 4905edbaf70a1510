package org.zeroply.library.index;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import org.zeroply.library.sheet.PlayedLine;

/** Sorts the positions of a run of games into pages. */
final class SegmentBuilder {

    /** Most games of a segment, so that a game's place fits into {@value #GAME_BITS} bits. */
    static final int MOST_GAMES = 1 << 14;

    private static final int GAME_BITS = 14;
    private static final int PLY_BITS = 10;
    private static final int PAYLOAD_BITS = GAME_BITS + PLY_BITS;
    private static final int MOST_PLIES = 1 << PLY_BITS;

    private final List<long[]> keys = new ArrayList<>();
    private final List<int[]> moves = new ArrayList<>();
    private int positions;

    /** Leaves out the next number, whose game is no more. */
    void skip() {
        keys.add(new long[0]);
        moves.add(new int[0]);
    }

    /** Adds the next game. */
    void add(PlayedLine line) {
        PlayedLine kept = line.upTo(MOST_PLIES);
        keys.add(kept.keys());
        moves.add(kept.next());
        positions += kept.keys().length;
    }

    /** The pages of all games added. */
    List<PageWriter.Page> pages() {
        long[] sorted = sorted();
        PageWriter writer = new PageWriter();
        int from = 0;
        while (from < sorted.length) {
            int to = from + 1;
            while (to < sorted.length
                    && sorted[to] >>> PAYLOAD_BITS == sorted[from] >>> PAYLOAD_BITS) {
                to++;
            }
            write(writer, sorted, from, to);
            from = to;
        }
        return writer.finish();
    }

    /** The upper part of each key with game and ply below it, in ascending unsigned order. */
    private long[] sorted() {
        long[] entries = new long[positions];
        int n = 0;
        for (int game = 0; game < keys.size(); game++) {
            long[] gameKeys = keys.get(game);
            for (int ply = 0; ply < gameKeys.length; ply++) {
                // The sign is turned, so that signed sorting is unsigned sorting.
                long high = (gameKeys[ply] ^ Long.MIN_VALUE) >> PAYLOAD_BITS << PAYLOAD_BITS;
                entries[n++] = high | (long) game << PLY_BITS | ply;
            }
        }
        Arrays.sort(entries);
        return entries;
    }

    /** Writes the positions of a run of entries that agree in the upper part of the key. */
    private void write(PageWriter writer, long[] sorted, int from, int to) {
        if (to == from + 1) {
            // Most positions come up in one game.
            int game = game(sorted[from]);
            int next = moves.get(game)[ply(sorted[from])];
            writer.group(key(sorted[from]), new int[] {game}, new int[] {next});
            return;
        }
        Map<Long, List<Long>> byKey = new TreeMap<>(Long::compareUnsigned);
        for (int i = from; i < to; i++) {
            byKey.computeIfAbsent(key(sorted[i]), k -> new ArrayList<>()).add(sorted[i]);
        }
        for (Map.Entry<Long, List<Long>> e : byKey.entrySet()) {
            // A game that came back to a position counts once, with what it first went on with.
            int[] games = new int[e.getValue().size()];
            int[] next = new int[games.length];
            int n = 0;
            for (long entry : e.getValue()) {
                int game = game(entry);
                if (n == 0 || games[n - 1] != game) {
                    games[n] = game;
                    next[n++] = moves.get(game)[ply(entry)];
                }
            }
            writer.group(e.getKey(), Arrays.copyOf(games, n), Arrays.copyOf(next, n));
        }
    }

    private long key(long entry) {
        return keys.get(game(entry))[ply(entry)];
    }

    private static int game(long entry) {
        return (int) (entry >>> PLY_BITS) & MOST_GAMES - 1;
    }

    private static int ply(long entry) {
        return (int) entry & MOST_PLIES - 1;
    }
}
