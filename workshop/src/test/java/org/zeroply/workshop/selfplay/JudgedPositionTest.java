package org.zeroply.workshop.selfplay;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.zeroply.chess.board.Position;

class JudgedPositionTest {

    @TempDir Path folder;

    @ParameterizedTest
    @CsvSource({
        "8/5pk1/6p1/8/3P4/6P1/5PK1/8 w - - 0 1, 8/5pk1/6p1/8/3P4/6P1/5PK1/8 w - - 0 1",
        // With Black to move, board and colours are turned over.
        "8/5pk1/6p1/8/3P4/6P1/5PK1/8 b - - 0 1, 8/5pk1/6p1/3p4/8/6P1/5PK1/8 w - - 0 1",
        "r3k2r/8/8/8/8/8/8/R3K2R w KQkq - 3 9, r3k2r/8/8/8/8/8/8/R3K2R w - - 0 1"
    })
    void positions_are_seen_by_who_is_to_move(String fen, String seen) {
        JudgedPosition position = JudgedPosition.of(Position.fromFen(fen).toBoard(), -1234, 2);
        assertThat(position.position().fen()).isEqualTo(seen);
        ByteBuffer bytes = ByteBuffer.allocate(JudgedPosition.BYTES);
        position.write(bytes);
        assertThat(JudgedPosition.read(bytes.flip())).isEqualTo(position);
    }

    @Test
    void a_file_that_is_still_written_to_gives_its_whole_positions() throws IOException {
        ByteBuffer bytes = ByteBuffer.allocate(3 * JudgedPosition.BYTES);
        JudgedPosition start = JudgedPosition.of(Position.START.toBoard(), 20, 1);
        for (int i = 0; i < 3; i++) {
            start.write(bytes);
        }
        Path file = folder.resolve("some" + PositionFiles.ENDING);
        byte[] part = Arrays.copyOf(bytes.array(), 2 * JudgedPosition.BYTES + 5);
        Files.write(file, part);
        assertThat(PositionFiles.read(file)).containsExactly(start, start);
        assertThat(PositionFiles.in(List.of(folder))).containsExactly(file);
    }
}
