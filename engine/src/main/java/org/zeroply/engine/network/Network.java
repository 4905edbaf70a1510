package org.zeroply.engine.network;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.Arrays;
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

    /** No position has more men, so that no hidden value is the sum of more rows. */
    private static final int MOST_MEN = 32;

    /** By feature, what it adds to the hidden values, in pairs ({@link Kernels#pair}). */
    final int[][] rows;

    /**
     * By the halves that White's king and Black's stand on (0 left, 1 right) and by the code and
     * square of a man, packed: what it adds to the hidden values of both views, White's first. One
     * loop over both costs less than two.
     */
    final int[][][][] both = new int[2][2][16 * 64][];

    /** The hidden values of an empty board, in pairs. */
    final int[] base;

    /** By the side to move and stage: what the hidden values count. */
    final Output[][] outputs = new Output[2][STAGES];

    /**
     * Weights of the hidden values in the low and the high halves of their pairs: those of White's
     * view, then those of Black's.
     */
    record Output(int[] low, int[] high) {

        /** From weights of the view of the side to move, then those of the other view. */
        static Output of(short[] from, int at, int hidden, int sideToMove) {
            int pairs = (hidden + 1) / 2;
            int own = sideToMove * pairs;
            Output output = new Output(new int[2 * pairs], new int[2 * pairs]);
            for (int i = 0; i < hidden; i++) {
                int[] half = i % 2 == 0 ? output.low : output.high;
                half[own + i / 2] = from[at + i];
                half[pairs - own + i / 2] = from[at + hidden + i];
            }
            return output;
        }
    }

    private final int hidden;

    /** By stage, in the units of the sum. */
    private final int[] constants;

    private final int centipawns;

    /**
     * @param weights all of it, quantised
     * @throws IllegalArgumentException if sums of these weights could overflow: hidden values 16
     *     bits, what is weighed 32
     */
    public Network(NetworkWeights weights) {
        hidden = weights.base().length;
        requireSixteenBits(weights);
        rows = new int[Features.COUNT][];
        for (int f = 0; f < Features.COUNT; f++) {
            rows[f] = pairs(weights.features(), f * hidden, hidden);
        }
        base = pairs(weights.base(), 0, hidden);
        for (int s = 0; s < STAGES; s++) {
            requireNoOverflow(weights.output(), 2 * s * hidden, 2 * hidden);
            outputs[0][s] = Output.of(weights.output(), 2 * s * hidden, hidden, 0);
            outputs[1][s] = Output.of(weights.output(), 2 * s * hidden, hidden, 1);
        }
        for (int halves = 0; halves < 4; halves++) {
            joinRows(halves >> 1, halves & 1);
        }
        constants = weights.constants().clone();
        centipawns = weights.centipawns();
    }

    private void joinRows(int whiteHalf, int blackHalf) {
        int whiteTurn = Features.turn(0, 4 * whiteHalf);
        int blackTurn = Features.turn(1, 4 * blackHalf);
        for (int man = 0; man < 12 * 64; man++) {
            int square = man & 63;
            int type = (man >> 6) % 6;
            int code = (man >> 6) / 6 << 3 | type + 1;
            int[] white = rows[Features.of(0, whiteTurn, code, square)];
            int[] black = rows[Features.of(1, blackTurn, code, square)];
            int[] joined = Arrays.copyOf(white, 2 * white.length);
            System.arraycopy(black, 0, joined, white.length, black.length);
            both[whiteHalf][blackHalf][code << 6 | square] = joined;
        }
    }

    private static int[] pairs(short[] from, int at, int count) {
        int[] values = new int[(count + 1) / 2];
        for (int i = 0; i < count; i++) {
            int value = from[at + i];
            values[i / 2] += i % 2 == 0 ? value : Kernels.pair(0, value);
        }
        return values;
    }

    /** No hidden value may leave 16 bits, however the men stand. */
    private static void requireSixteenBits(NetworkWeights weights) {
        int hidden = weights.base().length;
        int[] sizes = new int[Features.COUNT];
        for (int i = 0; i < hidden; i++) {
            int largest = 0;
            for (int f = 0; f < Features.COUNT; f++) {
                sizes[f] = Math.abs(weights.features()[f * hidden + i]);
                largest = Math.max(largest, sizes[f]);
            }
            int room = Short.MAX_VALUE - Math.abs(weights.base()[i]);
            // To sort them all takes long when the program starts, and is hardly ever needed.
            if (MOST_MEN * largest > room && sumOfLargest(sizes) > room) {
                throw new IllegalArgumentException("the weights of the features are too large");
            }
        }
    }

    private static int sumOfLargest(int[] sizes) {
        int[] sorted = sizes.clone();
        Arrays.sort(sorted);
        int sum = 0;
        for (int k = 1; k <= MOST_MEN; k++) {
            sum += sorted[sorted.length - k];
        }
        return sum;
    }

    private static void requireNoOverflow(short[] weights, int at, int count) {
        long up = 0;
        long down = 0;
        for (int i = at; i < at + count; i++) {
            up += Math.max(0, weights[i]);
            down += Math.max(0, -weights[i]);
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
        return hidden;
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
