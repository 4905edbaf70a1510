package org.zeroply.coach.ending;

import java.util.Arrays;

/** Placements to settle, by plies; used again and again without new memory. */
final class Buckets {

    /** Room at first; it grows. */
    private static final int FIRST = 64;

    private int[][] entries = new int[256][];
    private int[] sizes = new int[256];
    private int most = -1;

    void clear() {
        Arrays.fill(sizes, 0);
        most = -1;
    }

    /** The largest number of plies anything was put under, or -1. */
    int most() {
        return most;
    }

    void add(int plies, int entry) {
        if (plies >= entries.length) {
            int length = Math.max(plies + 1, 2 * entries.length);
            entries = Arrays.copyOf(entries, length);
            sizes = Arrays.copyOf(sizes, length);
        }
        int[] list = entries[plies];
        if (list == null) {
            list = new int[FIRST];
            entries[plies] = list;
        } else if (sizes[plies] == list.length) {
            list = Arrays.copyOf(list, 2 * list.length);
            entries[plies] = list;
        }
        list[sizes[plies]++] = entry;
        most = Math.max(most, plies);
    }

    int size(int plies) {
        return plies < sizes.length ? sizes[plies] : 0;
    }

    int get(int plies, int i) {
        return entries[plies][i];
    }
}
