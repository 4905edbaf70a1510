package org.zeroply.workshop.selfplay;

import static org.assertj.core.api.Assertions.assertThat;
import static org.zeroply.workshop.selfplay.PositionCommands.positions;

import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.zeroply.chess.board.Position;

class RescoreCommandTest {

    private static final String QUIET =
            "r1bq1rk1/pp2bppp/2n1pn2/3p4/2PP4/2N2N2/PP2BPPP/R1BQ1RK1 w - - 0 9";
    private static final String A_CAPTURE_IS_BEST =
            "rnb1kbnr/ppp1pppp/8/3q4/8/2N5/PPPP1PPP/R1BQKBNR w KQkq - 0 4";
    private static final String MATE_IN_TWO = "7k/8/8/8/8/8/1R6/R6K w - - 0 1";

    @TempDir private Path folder;
    private final PositionCommands commands = new PositionCommands("rescore");

    private int run(Path out, String... more) {
        return commands.run(out, more);
    }

    private Path written(String... fens) throws IOException {
        ByteBuffer bytes = ByteBuffer.allocate(fens.length * JudgedPosition.BYTES);
        for (String fen : fens) {
            JudgedPosition.of(Position.fromFen(fen).toBoard(), 999, 2).write(bytes);
        }
        return Files.write(folder.resolve("in.bin"), bytes.array());
    }

    @Test
    void what_is_quiet_and_undecided_gets_the_score_of_the_longer_search_and_keeps_its_result()
            throws IOException {
        Path in = written(QUIET, A_CAPTURE_IS_BEST, MATE_IN_TWO);
        assertThat(run(folder.resolve("out"), in.toString(), "--nodes", "3000"))
                .as(commands.errors())
                .isZero();
        assertThat(positions(folder.resolve("out")))
                .singleElement()
                .satisfies(
                        p -> {
                            assertThat(p.position()).isEqualTo(positionOf(QUIET));
                            assertThat(p.score()).isBetween(-100, 100);
                            assertThat(p.points()).isEqualTo(2);
                        });
    }

    private static Position positionOf(String fen) {
        return JudgedPosition.of(Position.fromFen(fen).toBoard(), 0, 0).position();
    }

    @Test
    void threads_only_share_the_positions_and_one_of_so_many_is_taken() throws IOException {
        String[] fens = new String[150];
        for (int i = 0; i < fens.length; i++) {
            fens[i] = QUIET.replace("PP2BPPP", i % 3 == 0 ? "PP2BPPP" : "1P2BPPP");
        }
        Path in = written(fens);
        String[] options = {in.toString(), "--nodes", "100", "--every", "2"};
        assertThat(run(folder.resolve("one"), options)).as(commands.errors()).isZero();
        String[] two = Arrays.copyOf(options, options.length + 2);
        two[options.length] = "--threads";
        two[options.length + 1] = "2";
        assertThat(run(folder.resolve("two"), two)).isZero();
        List<JudgedPosition> one = positions(folder.resolve("one"));
        assertThat(one).hasSize(75);
        assertThat(positions(folder.resolve("two"))).containsExactlyInAnyOrderElementsOf(one);
    }

    @Test
    void what_is_there_is_not_written_over() throws IOException {
        String in = written(QUIET).toString();
        assertThat(run(folder.resolve("out"), in, "--nodes", "50")).isZero();
        List<JudgedPosition> first = positions(folder.resolve("out"));
        assertThat(run(folder.resolve("out"), in, "--nodes", "5000")).isEqualTo(1);
        assertThat(commands.errors()).contains("is there already");
        assertThat(positions(folder.resolve("out"))).isEqualTo(first);
    }

    @ParameterizedTest
    @ValueSource(strings = {"--nodes 0", "--every 0", "--threads 0"})
    void nothing_to_search_is_refused(String option) throws IOException {
        List<String> words = new ArrayList<>(List.of(written(QUIET).toString()));
        words.addAll(List.of(option.split(" ")));
        assertThat(run(folder.resolve("out"), words.toArray(String[]::new))).isEqualTo(1);
        assertThat(commands.errors()).contains("must be positive");
    }
}
