package org.zeroply.engine.network;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.Arrays;
import java.util.Random;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class NetworkTest {

    private static final int HIDDEN = 3;

    @Test
    void a_file_gives_back_what_was_written() throws IOException {
        NetworkWeights weights = weights(4, 100);
        NetworkWeights read = NetworkWeights.read(new ByteArrayInputStream(written(weights)));
        assertThat(read).usingRecursiveComparison().isEqualTo(weights);
    }

    @Test
    void what_is_no_network_or_ends_too_early_is_refused() throws IOException {
        byte[] whole = written(weights(4, 100));
        assertThatThrownBy(() -> NetworkWeights.read(new ByteArrayInputStream(new byte[100])))
                .isInstanceOf(IOException.class)
                .hasMessageContaining("not a network");
        for (int length : new int[] {3, 11, 200, whole.length - 1}) {
            byte[] part = Arrays.copyOf(whole, length);
            assertThatThrownBy(() -> NetworkWeights.read(new ByteArrayInputStream(part)))
                    .isInstanceOf(IOException.class);
        }
        byte[] huge = whole.clone();
        huge[4] = 0x7f;
        assertThatThrownBy(() -> NetworkWeights.read(new ByteArrayInputStream(huge)))
                .hasMessageContaining("hidden values");
    }

    @Test
    void weights_whose_sum_could_overflow_are_refused() {
        assertThat(new Network(weights(1, 5_503)).hidden()).isEqualTo(HIDDEN);
        assertThatThrownBy(() -> new Network(weights(1, 5_505)))
                .isInstanceOf(IllegalArgumentException.class);
    }

    @Test
    void rows_whose_sums_could_leave_sixteen_bits_are_refused() {
        NetworkWeights most = weights(1, 100);
        Arrays.fill(most.features(), (short) -1_023);
        assertThat(new Network(most).hidden()).isEqualTo(HIDDEN);
        Arrays.fill(most.features(), (short) -1_024);
        assertThatThrownBy(() -> new Network(most))
                .isInstanceOf(IllegalArgumentException.class)
                .hasMessageContaining("features");
        NetworkWeights fewLarge = weights(1, 100);
        Arrays.fill(fewLarge.features(), 0, HIDDEN, (short) 20_000);
        assertThat(new Network(fewLarge).hidden()).isEqualTo(HIDDEN);
    }

    @Property(tries = 500)
    void pairs_add_up_like_what_they_are_made_of(
            @ForAll @IntRange(min = -16_000, max = 16_000) int low,
            @ForAll @IntRange(min = -16_000, max = 16_000) int high,
            @ForAll @IntRange(min = -16_000, max = 16_000) int moreLow,
            @ForAll @IntRange(min = -16_000, max = 16_000) int moreHigh) {
        int[] sum = {Kernels.pair(low, high) + Kernels.pair(moreLow, moreHigh)};
        int expected = 3 * squared(low + moreLow) - 5 * squared(high + moreHigh);
        assertThat(Kernels.weighed(sum, new int[] {3}, new int[] {-5})).isEqualTo(expected);
    }

    private static int squared(int value) {
        int clipped = Math.max(0, Math.min(Network.ONE, value));
        return clipped * clipped;
    }

    @ParameterizedTest
    @CsvSource({"2, 0", "4, 0", "5, 1", "8, 1", "9, 2", "28, 6", "29, 7", "32, 7"})
    void the_stage_of_a_game_goes_by_the_men(int men, int stage) {
        assertThat(Network.stage(men)).isEqualTo(stage);
    }

    private static byte[] written(NetworkWeights weights) throws IOException {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        weights.write(out);
        return out.toByteArray();
    }

    /** Rows by chance; each of the six output weights of a stage the same. */
    private static NetworkWeights weights(long seed, int output) {
        Random random = new Random(seed);
        short[] features = new short[Features.COUNT * HIDDEN];
        for (int i = 0; i < features.length; i++) {
            features[i] = (short) (random.nextInt(200) - 100);
        }
        short[] outputs = new short[2 * Network.STAGES * HIDDEN];
        Arrays.fill(outputs, (short) output);
        return new NetworkWeights(
                features, new short[] {1, -2, 3}, outputs, new int[Network.STAGES], 200);
    }
}
