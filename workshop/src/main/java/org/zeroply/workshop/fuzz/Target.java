package org.zeroply.workshop.fuzz;

import java.util.List;
import java.util.Random;

/** Something that reads input which may be anything. */
interface Target {

    /** The word that chooses it. */
    String name();

    /** Good inputs, to be damaged; at least one. */
    List<byte[]> corpus();

    /** A good input with some damage; another one lends parts of it. */
    default byte[] damaged(byte[] good, byte[] other, Random random) {
        return Mutation.of(good, other, random);
    }

    /**
     * Reads one input. What is bad about it has to be told in the reader's own way.
     *
     * @throws AssertionError if what was read is wrong
     */
    void read(byte[] input);
}
