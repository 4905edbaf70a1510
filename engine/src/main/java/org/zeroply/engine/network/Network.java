package org.zeroply.engine.network;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import org.zeroply.chess.board.Board;

/**
 * A network of one hidden layer that each side's view feeds by the same weights, kept up as men
 * move (after Y. Nasu, Efficiently updatable neural-network-based evaluation functions for computer
 * shogi, 2018). Its hidden values are clipped and squared, and weighed by who is to move, with
 * weights of their own for each stage of the game by the number of men. All is counted in whole
 * numbers, so that it comes out the same everywhere.
 */
public final class Network {

    /** Hidden values are clipped at this, which stands for 1. */
    public static final int ONE = 255;

    /** What stands for 1 in the weights of the output. */
    public static final int OUTPUT_ONE = 64;

    /** Stages of the game that have output weights of their own. */
    public static final int STAGES = 8;

    private static final String SHIPPED = "network.bin";

    /** With so few men, kings included, the terms know more of what can be won: our choice. */
    private static final int FEW = 5;

    /** By feature, what it adds to the hidden values. */
    final int[][] rows;

    /** The hidden values of an empty board. */
    final int[] base;

    /** By stage: for the side to move and for the other one, what the hidden values count. */
    final int[][] own;

    final int[][] theirs;

    /** By stage, in the units of the sum. */
    private final int[] constants;

    private final int centipawns;

    /**
     * @param weights all of it, quantised
     * @throws IllegalArgumentException if sums of these weights could overflow
     */
    public Network(NetworkWeights weights) {
        int hidden = weights.base().length;
        rows = new int[Features.COUNT][];
        for (int f = 0; f < Features.COUNT; f++) {
            rows[f] = ints(weights.features(), f * hidden, hidden);
        }
        base = ints(weights.base(), 0, hidden);
        own = new int[STAGES][];
        theirs = new int[STAGES][];
        for (int s = 0; s < STAGES; s++) {
            own[s] = ints(weights.output(), 2 * s * hidden, hidden);
            theirs[s] = ints(weights.output(), (2 * s + 1) * hidden, hidden);
            requireNoOverflow(own[s], theirs[s]);
        }
        constants = weights.constants().clone();
        centipawns = weights.centipawns();
    }

    private static int[] ints(short[] from, int at, int count) {
        int[] values = new int[count];
        for (int i = 0; i < count; i++) {
            values[i] = from[at + i];
        }
        return values;
    }

    private static void requireNoOverflow(int[] own, int[] theirs) {
        long up = 0;
        long down = 0;
        for (int[] weights : new int[][] {own, theirs}) {
            for (int w : weights) {
                up += Math.max(0, w);
                down += Math.max(0, -w);
            }
        }
        if (Math.max(up, down) * ONE * ONE > Integer.MAX_VALUE) {
            throw new IllegalArgumentException("the output weights are too large");
        }
    }

    /** The one the program is shipped with. */
    public static Network shipped() {
        return Holder.SHIPPED;
    }

    private static final class Holder {
        static final Network SHIPPED = load();

        private static Network load() {
            try (InputStream stream = Network.class.getResourceAsStream(Network.SHIPPED)) {
                return new Network(NetworkWeights.read(stream));
            } catch (IOException e) {
                throw new UncheckedIOException(e);
            }
        }
    }

    /** Whether there are men enough on a board for the network to judge it. */
    public static boolean judges(Board board) {
        return Long.bitCount(board.occupied()) > FEW;
    }

    /** How many hidden values there are for each side. */
    int hidden() {
        return base.length;
    }

    /** The stage of the game with so many men on the board, kings included. */
    public static int stage(int men) {
        return Math.min(STAGES - 1, Math.max(0, men - 1) / 4);
    }

    /** The sum of the weighed hidden values as centipawns for the side to move. */
    int centipawns(int stage, long sum) {
        return (int) ((sum + constants[stage]) * centipawns / ((long) ONE * ONE * OUTPUT_ONE));
    }
}
