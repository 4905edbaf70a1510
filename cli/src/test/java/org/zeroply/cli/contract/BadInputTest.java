package org.zeroply.cli.contract;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.zeroply.cli.CommandTest;
import picocli.CommandLine;

/**
 * What is wrong is told on the other stream, with the exit code for it, and nothing else happens.
 */
class BadInputTest extends CommandTest {

    @TempDir private Path folder;

    private Inputs inputs;

    @BeforeEach
    void write() {
        inputs = new Inputs(folder);
        inputs.write();
    }

    static Stream<String> commands() {
        List<String> names = new ArrayList<>();
        gather(commandLine(), "", names);
        return names.stream();
    }

    private static void gather(CommandLine line, String before, List<String> names) {
        line.getSubcommands()
                .forEach(
                        (name, command) -> {
                            names.add(before + name);
                            gather(command, before + name + " ", names);
                        });
    }

    @ParameterizedTest
    @MethodSource("commands")
    void an_option_that_does_not_exist_is_wrong_usage(String command) {
        String[] words = (command + " --no-such-option").split(" ");
        assertThat(run(words)).isEqualTo(2);
        assertThat(out.toString()).isEmpty();
        assertThat(err.toString()).containsAnyOf("no-such-option", "Usage: zeroply");
    }

    @ParameterizedTest
    @MethodSource("commands")
    void every_command_explains_itself_and_knows_the_version(String command) {
        assertThat(run((command + " --help").split(" "))).isZero();
        assertThat(out.toString()).contains("Usage: zeroply " + command);
        assertThat(err.toString()).isEmpty();
        out.getBuffer().setLength(0);
        assertThat(run((command + " --version").split(" "))).isZero();
        assertThat(out.toString()).startsWith("Zero Ply ");
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "suite none.epd",
                "bench none.epd",
                "lines-check none.epd",
                "export --library none.zpl --out all.zip",
                "statistics --library none.zpl",
                "find 'e5 empty' --library none.zpl",
                "find measure 'e5 empty' --library none.zpl",
                "library check none.zpl",
                "library backup none.zpl",
                "library measure none.zpl",
                "review none.pgn",
                "profile none.pgn --player A",
                "exercise mark none.pgn --answer answer.txt",
                "exercise mark exercise.pgn --answer none.txt",
                "exercise check none.pgn",
                "exercise find none.pgn",
                "lesson check none.pgn",
                "lesson handout none.pgn --out page.html",
                "lesson draft outpost --library none.zpl",
                "exercise ratings --library none.zpl",
                "repertoire audit none.pgn",
                "repertoire compare repertoire.pgn none.pgn --player A",
                "repertoire cards repertoire.pgn none.pgn",
                "repertoire coverage none.pgn",
                "defend what-if none.epd",
                "insight verify none.pgn"
            })
    void a_file_that_is_not_there_is_named(String command) {
        assertThat(run(inputs.words(command))).as(err.toString()).isEqualTo(1);
        assertThat(out.toString()).isEmpty();
        assertThat(err.toString()).contains("none.").doesNotContain("Exception", "\tat ");
        assertThat(folder.resolve("none.zpl")).as("nothing is made").doesNotExist();
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "analyse --nodes 100",
                "explain",
                "checks",
                "defend",
                "difficulty",
                "defend tied",
                "insight",
                "insight exchanges",
                "ending",
                "ending map white",
                "exercise draft",
                "perft --depth 1"
            })
    void a_position_that_is_none_is_told_with_the_reason(String command) {
        String[] words = inputs.words(command + " --fen '8/8/8/8/8/8/8/8 w - - 0 1'");
        assertThat(run(words)).as(err.toString()).isEqualTo(1);
        assertThat(out.toString()).isEmpty();
        assertThat(err.toString()).isNotBlank().doesNotContain("Exception", "\tat ");
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "insight after e4,Ke3",
                "insight moves Qh5",
                "insight route e4-e5",
                "insight contest z9",
                "defend wish Qh9",
                "defend square z9",
                "analyse --nodes 100 --moves Ke3",
                "analyse --nodes 100 --without Zz9"
            })
    void a_move_that_cannot_be_played_is_named(String command) {
        assertThat(run(inputs.words(command))).as(err.toString()).isEqualTo(1);
        assertThat(out.toString()).isEmpty();
        assertThat(err.toString()).doesNotContain("Exception", "\tat ");
    }
}
