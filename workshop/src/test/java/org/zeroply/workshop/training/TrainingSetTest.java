package org.zeroply.workshop.training;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.file.Files;
import java.nio.file.NoSuchFileException;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.List;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.zeroply.chess.board.Position;
import org.zeroply.workshop.selfplay.JudgedPosition;

class TrainingSetTest {

    @TempDir private Path folder;

    /** A file of positions whose scores count on from a number, with some bytes behind them. */
    private Path file(String name, int from, int count, int more) throws IOException {
        ByteBuffer bytes = ByteBuffer.allocate(count * JudgedPosition.BYTES + more);
        for (int i = 0; i < count; i++) {
            JudgedPosition.of(Position.START.toBoard(), from + i, 1).write(bytes);
        }
        return Files.write(folder.resolve(name), bytes.array());
    }

    private static int[] scores(TrainingSet set, int[] numbers) {
        return Arrays.stream(numbers).map(n -> set.get(n).score()).toArray();
    }

    @Test
    void the_last_twentieth_of_each_file_is_kept_aside() throws IOException {
        TrainingSet set =
                TrainingSet.read(List.of(file("a.bin", 0, 40, 0), file("b.bin", 100, 20, 0)));
        assertThat(scores(set, set.aside())).containsExactly(38, 39, 119);
        assertThat(scores(set, set.learnt()))
                .containsExactly(
                        IntStream.concat(IntStream.range(0, 38), IntStream.range(100, 119))
                                .toArray());
    }

    @Test
    void what_is_still_being_written_ends_with_its_last_whole_position() throws IOException {
        TrainingSet set =
                TrainingSet.read(
                        List.of(
                                file("a.bin", 0, 3, JudgedPosition.BYTES - 1),
                                file("b.bin", 50, 2, 0)));
        assertThat(scores(set, set.learnt())).containsExactly(0, 1, 2, 50, 51);
        assertThat(set.aside()).isEmpty();
    }

    @Test
    void an_order_by_chance_has_every_position_once_and_is_the_same_for_a_seed()
            throws IOException {
        TrainingSet set = TrainingSet.read(List.of(file("a.bin", 0, 200, 0)));
        assertThat(set.shuffled(3)).isEqualTo(set.shuffled(3)).isNotEqualTo(set.shuffled(4));
        assertThat(set.shuffled(3)).isNotEqualTo(set.learnt());
        assertThat(set.shuffled(3)).containsExactlyInAnyOrder(set.learnt());
    }

    @Test
    void a_file_that_is_not_there_is_named() {
        assertThatThrownBy(() -> TrainingSet.read(List.of(folder.resolve("none.bin"))))
                .isInstanceOf(NoSuchFileException.class)
                .hasMessageContaining("none.bin");
    }
}
