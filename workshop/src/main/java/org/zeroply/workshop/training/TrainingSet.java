package org.zeroply.workshop.training;

import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.SplittableRandom;
import org.zeroply.workshop.selfplay.JudgedPosition;

/**
 * Positions to learn from, as bytes in memory, and the share of them that is kept aside to see
 * whether what is learnt holds elsewhere: the last twentieth of each file, so that positions of one
 * game do not come to lie on both sides.
 */
final class TrainingSet {

    private static final int KEPT_ASIDE = 20;

    private final ByteBuffer bytes;

    /** Numbers of positions: to learn from, and kept aside. */
    private final int[] learnt;

    private final int[] aside;

    private TrainingSet(ByteBuffer bytes, int[] learnt, int[] aside) {
        this.bytes = bytes;
        this.learnt = learnt;
        this.aside = aside;
    }

    /**
     * Reads files of positions.
     *
     * @throws IOException if one cannot be read, or all together are more than two gigabytes
     */
    static TrainingSet read(List<Path> files) throws IOException {
        List<byte[]> read = new ArrayList<>();
        long size = 0;
        for (Path file : files) {
            byte[] content = Files.readAllBytes(file);
            read.add(content);
            size += whole(content.length);
        }
        if (size > Integer.MAX_VALUE) {
            throw new IOException("more than two gigabytes of positions cannot be learnt from");
        }
        ByteBuffer bytes = ByteBuffer.allocate((int) size);
        int[] learnt = new int[(int) (size / JudgedPosition.BYTES)];
        int[] aside = new int[learnt.length];
        int learntCount = 0;
        int asideCount = 0;
        int number = 0;
        for (byte[] content : read) {
            int count = (int) (whole(content.length) / JudgedPosition.BYTES);
            bytes.put(content, 0, count * JudgedPosition.BYTES);
            for (int i = 0; i < count; i++) {
                if (i >= count - count / KEPT_ASIDE) {
                    aside[asideCount++] = number++;
                } else {
                    learnt[learntCount++] = number++;
                }
            }
        }
        return new TrainingSet(
                bytes, Arrays.copyOf(learnt, learntCount), Arrays.copyOf(aside, asideCount));
    }

    /** A file that is still written to may end within a position. */
    private static long whole(long size) {
        return size / JudgedPosition.BYTES * JudgedPosition.BYTES;
    }

    /** Numbers of the positions that are kept aside; not to be written to. */
    int[] aside() {
        return aside;
    }

    /** Numbers of the positions to learn from, in their order; not to be written to. */
    int[] learnt() {
        return learnt;
    }

    /** The positions to learn from in an order by chance. */
    int[] shuffled(long seed) {
        SplittableRandom random = new SplittableRandom(seed);
        int[] order = learnt.clone();
        for (int i = order.length - 1; i > 0; i--) {
            int j = random.nextInt(i + 1);
            int swapped = order[i];
            order[i] = order[j];
            order[j] = swapped;
        }
        return order;
    }

    /** The position of a number; several threads may ask at once. */
    JudgedPosition get(int number) {
        ByteBuffer at = bytes.duplicate();
        at.position(number * JudgedPosition.BYTES);
        return JudgedPosition.read(at);
    }
}
