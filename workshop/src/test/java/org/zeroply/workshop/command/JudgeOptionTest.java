package org.zeroply.workshop.command;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.zeroply.engine.eval.Weights;
import org.zeroply.engine.network.Network;
import org.zeroply.engine.network.StaticJudge;

class JudgeOptionTest {

    @TempDir Path folder;

    @Test
    void what_the_program_does_is_what_is_done_without_an_option() throws IOException {
        assertThat(JudgeOption.of("", null).network()).isEqualTo(StaticJudge.shipped().network());
        assertThat(JudgeOption.of("shipped", null).network()).contains(Network.shipped());
    }

    @Test
    void the_terms_judge_alone_where_they_or_their_weights_are_asked_for() throws IOException {
        Path weights = folder.resolve("weights.txt");
        Files.writeString(weights, Weights.write(Weights.shipped().packed()));
        assertThat(JudgeOption.of("terms", null).network()).isEmpty();
        assertThat(JudgeOption.of("", weights).network()).isEmpty();
        assertThat(JudgeOption.of("shipped", weights).network()).contains(Network.shipped());
    }

    @Test
    void a_file_that_is_no_network_or_holds_no_weights_is_refused() throws IOException {
        Path file = Files.writeString(folder.resolve("words.txt"), "neither the one nor the other");
        assertThatThrownBy(() -> JudgeOption.of(file.toString(), null))
                .isInstanceOf(IOException.class)
                .hasMessageContaining("not a network");
        assertThatThrownBy(() -> JudgeOption.of("", file)).isInstanceOf(Refusal.class);
    }
}
