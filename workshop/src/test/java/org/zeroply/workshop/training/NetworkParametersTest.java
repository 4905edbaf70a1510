package org.zeroply.workshop.training;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.io.EOFException;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.zeroply.chess.board.Position;
import org.zeroply.engine.network.Features;
import org.zeroply.engine.network.Network;
import org.zeroply.engine.network.NetworkWeights;
import org.zeroply.workshop.selfplay.JudgedPosition;

class NetworkParametersTest {

    @Test
    void every_number_is_among_all() {
        NetworkParameters p = NetworkParameters.random(3, 1);
        int count = Arrays.stream(p.all()).mapToInt(a -> a.length).sum();
        assertThat(count)
                .isEqualTo(3 * Features.COUNT + 3 + Network.STAGES + 2 * 3 * Network.STAGES);
        Arrays.stream(p.all()).forEach(a -> Arrays.fill(a, 0));
        assertThat(p).usingRecursiveComparison().isEqualTo(new NetworkParameters(3));
    }

    @Test
    void a_seed_is_a_network() {
        assertThat(NetworkParameters.random(4, 9).all())
                .isDeepEqualTo(NetworkParameters.random(4, 9).all());
        assertThat(NetworkParameters.random(4, 9).rows[0])
                .isNotEqualTo(NetworkParameters.random(4, 8).rows[0]);
    }

    @Test
    void whole_numbers_are_rounded_in_their_units_and_kept_in_bounds() {
        NetworkParameters p = new NetworkParameters(1);
        p.rows[5][0] = 1.5f / Network.ONE;
        p.rows[6][0] = 1e6f;
        p.rows[7][0] = -1e6f;
        p.base[0] = 1;
        p.own[0][0] = 1;
        p.theirs[1][0] = NetworkParameters.MOST_OUTPUT;
        p.constants[0] = 2;
        NetworkWeights weights = p.quantised(199.6);
        assertThat(weights.features()[5]).isEqualTo((short) 2);
        assertThat(weights.features()[6]).isEqualTo(Short.MAX_VALUE);
        assertThat(weights.features()[7]).isEqualTo(Short.MIN_VALUE);
        assertThat(weights.base()[0]).isEqualTo((short) Network.ONE);
        assertThat(weights.output()[0]).isEqualTo((short) Network.OUTPUT_ONE);
        assertThat(weights.output()[3]).isEqualTo((short) 127);
        assertThat(weights.constants()[0])
                .isEqualTo(2 * Network.ONE * Network.ONE * Network.OUTPUT_ONE);
        assertThat(weights.centipawns()).isEqualTo(200);
    }

    @Test
    void a_finished_network_is_gone_on_from() {
        NetworkWeights weights = NetworkParameters.random(3, 7).quantised(200);
        NetworkParameters p = NetworkParameters.of(weights, 3, 200, 1);
        assertThat(p.quantised(200)).usingRecursiveComparison().isEqualTo(weights);
    }

    @Test
    void further_hidden_values_hardly_change_what_a_network_says() {
        NetworkWeights weights = NetworkParameters.random(8, 7).quantised(200);
        Pass narrow = new Pass(NetworkParameters.of(weights, 8, 200, 1), new Goal(200, 0));
        Pass wide = new Pass(NetworkParameters.of(weights, 12, 100, 1), new Goal(100, 0));
        JudgedPosition start = JudgedPosition.of(Position.START.toBoard(), 0, 1);
        assertThat(100 * wide.output(start)).isCloseTo(200 * narrow.output(start), within(20.0));
    }

    @Test
    void hidden_values_cannot_be_taken_away() {
        NetworkWeights weights = NetworkParameters.random(3, 7).quantised(200);
        assertThatThrownBy(() -> NetworkParameters.of(weights, 2, 200, 1))
                .isInstanceOf(IllegalArgumentException.class);
    }

    @Test
    void another_file_and_half_a_file_are_refused(@TempDir Path folder) throws IOException {
        Path other = Files.writeString(folder.resolve("other"), "1. e4 e5 *\n");
        assertThatThrownBy(() -> ParameterFile.read(other))
                .isInstanceOf(IOException.class)
                .hasMessageContaining("holds no parameters");
        Path whole = folder.resolve("whole");
        ParameterFile.write(NetworkParameters.random(2, 1), whole);
        byte[] bytes = Files.readAllBytes(whole);
        Path half = Files.write(folder.resolve("half"), Arrays.copyOf(bytes, bytes.length / 2));
        assertThatThrownBy(() -> ParameterFile.read(half)).isInstanceOf(EOFException.class);
    }
}
