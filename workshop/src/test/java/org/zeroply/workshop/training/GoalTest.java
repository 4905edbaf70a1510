package org.zeroply.workshop.training;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.SplittableRandom;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.zeroply.chess.board.Position;
import org.zeroply.workshop.selfplay.JudgedPosition;

class GoalTest {

    private static JudgedPosition start(int score, int points) {
        return JudgedPosition.of(Position.START.toBoard(), score, points);
    }

    @ParameterizedTest
    @CsvSource({
        // centipawns a unit, share of the result, score, points of the game: expected
        "200, 0,    0, 2, 0.5",
        "200, 0,  200, 0, 0.731059",
        "200, 0, -400, 2, 0.119203",
        "200, 1,  900, 0, 0",
        "200, 1,    0, 1, 0.5",
        "100, 0.5, 100, 2, 0.865529",
    })
    void search_and_result_have_their_shares(
            double unit, double share, int score, int points, double expected) {
        assertThat(new Goal(unit, share).of(start(score, points)))
                .isCloseTo(expected, within(1e-6));
    }

    @Test
    void what_is_missed_is_squared() {
        assertThat(new Goal(200, 1).missed(0, start(0, 2))).isCloseTo(0.25, within(1e-9));
        assertThat(new Goal(200, 0).missed(1, start(200, 0))).isCloseTo(0, within(1e-9));
    }

    @ParameterizedTest
    @ValueSource(ints = {110, 240, 600})
    void the_unit_that_games_were_made_by_is_found_again(int unit, @TempDir Path folder)
            throws IOException {
        int count = 40_000;
        SplittableRandom random = new SplittableRandom(unit);
        ByteBuffer bytes = ByteBuffer.allocate(count * JudgedPosition.BYTES);
        for (int i = 0; i < count; i++) {
            int score = random.nextInt(-900, 901);
            boolean won = random.nextDouble() < Goal.expected((double) score / unit);
            start(score, won ? 2 : 0).write(bytes);
        }
        Path file = Files.write(folder.resolve("made.bin"), bytes.array());
        assertThat(Goal.fitted(TrainingSet.read(List.of(file))))
                .isCloseTo(unit, within(0.06 * unit));
    }
}
