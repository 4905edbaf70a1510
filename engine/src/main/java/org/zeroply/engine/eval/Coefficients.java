package org.zeroply.engine.eval;

import java.util.Arrays;
import org.zeroply.chess.board.Board;
import org.zeroply.chess.board.Position;

/**
 * How often each weight counts in the evaluation of a position, White less Black. The evaluation is
 * {@code share * (sum of count * weight, tapered by phase) + rest}.
 *
 * @param indices indices into {@link Weights#packed}
 * @param counts how often each of those counts, never 0
 * @param phase share of the middlegame values, 0 to 1
 * @param share how much of the advantage counts with this material, 0 to 1
 * @param rest centipawns from White's view that hang on no weight
 */
public record Coefficients(
        short[] indices, short[] counts, double phase, double share, double rest) {

    /** Takes apart evaluations with given weights; for one thread. */
    public static final class Source {
        private final Recorder recorder;
        private final Evaluator evaluator;

        /** With the weights at which the terms that are not linear are taken. */
        public Source(Weights weights) {
            recorder = new Recorder(weights.packed());
            evaluator = new Evaluator(recorder, 1);
        }

        /** The coefficients of a position. */
        public Coefficients of(Position position) {
            Board board = position.toBoard();
            Arrays.fill(recorder.counts, 0);
            int packed = evaluator.sumOfTerms(board);
            Survey s = evaluator.lastSurvey();
            int white = Taper.at(packed, s.phase);
            double phase = s.phase / (double) Taper.FULL_PHASE;
            double share = Drawishness.scale(s, white) / (double) Drawishness.FULL;
            int used = 0;
            for (int count : recorder.counts) {
                used += count != 0 ? 1 : 0;
            }
            short[] indices = new short[used];
            short[] counts = new short[used];
            int n = 0;
            int counted = 0;
            for (int i = 0; i < recorder.counts.length; i++) {
                if (recorder.counts[i] != 0) {
                    indices[n] = (short) i;
                    counts[n++] = (short) recorder.counts[i];
                    counted += recorder.counts[i] * recorder.packed[i];
                }
            }
            double rest = share * Taper.at(packed - counted, s.phase);
            return new Coefficients(indices, counts, phase, share, rest);
        }
    }

    /** Weights that write down how they are used. */
    private static final class Recorder extends Weights {
        private final int[] packed;
        private final int[] counts;

        Recorder(int[] packed) {
            super(packed);
            this.packed = packed;
            counts = new int[packed.length];
        }

        @Override
        int times(int side, int index, int n) {
            counts[index] += side == 0 ? n : -n;
            return super.times(side, index, n);
        }
    }
}
