package org.zeroply.cli;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

@Tag("slow")
class MainTest extends CommandTest {

    private static final String EXERCISE =
            """
            [ZpKind "calculation"]
            [FEN "6k1/5ppp/8/8/8/8/r4PPP/1Q2R1K1 w - - 0 1"]

            1. Qb8# $18 {[%zp.pts 5] [%zp.pts 3 verdict]} (1. Qxa2 {[%zp.pts 2 group=b]}) *
            """;

    @TempDir Path folder;

    @Test
    void perft_counts() throws IOException {
        assertThat(json("perft", "--depth", "4", "--json").get("nodes").asLong())
                .isEqualTo(197_281);
    }

    @Test
    void analysis_gives_candidates_with_lines_and_the_way_to_them() throws IOException {
        String fen = "6k1/5ppp/8/8/8/8/r4PPP/1Q2R1K1 w - - 0 1";
        JsonNode json = json("analyse", "--fen", fen, "--depth", "5", "--lines", "3", "--json");
        assertThat(json.get("lines")).hasSize(3);
        assertThat(json.at("/lines/0/score/mate").asInt()).isEqualTo(1);
        assertThat(json.at("/lines/0/expected").asDouble()).isEqualTo(1);
        assertThat(json.at("/lines/0/pv/0").asText()).endsWith("#");
        assertThat(json.at("/byDepth/0/depth").asInt()).isEqualTo(1);
    }

    @Test
    void moves_can_be_left_out_and_the_side_to_move_can_pass() throws IOException {
        String fen = "6k1/5ppp/8/8/8/8/r4PPP/1Q2R1K1 w - - 0 1";
        JsonNode without =
                json("analyse", "--fen", fen, "--depth", "4", "--without", "Qb8#,Re8#", "--json");
        assertThat(without.at("/lines/0/score/mate").asInt()).isNotEqualTo(1);
        JsonNode threat = json("analyse", "--fen", fen, "--depth", "4", "--threat", "--json");
        assertThat(threat.at("/lines/0/move").asText()).doesNotContain("#").isNotBlank();
    }

    @Test
    void the_bench_counts_the_same_nodes_every_time() throws IOException {
        long first = json("bench", "--depth", "5", "--hash", "8", "--json").get("nodes").asLong();
        assertThat(json("bench", "--depth", "5", "--hash", "8", "--json").get("nodes").asLong())
                .isEqualTo(first)
                .isPositive();
    }

    @Test
    void positions_of_a_file_are_benched_in_place_of_the_fixed_ones() throws IOException {
        String row = "4k3/8/8/8/8/8/4P3/4K3 w - - id \"a\";\n";
        long ofOne = benched(Files.writeString(folder.resolve("one.epd"), row));
        assertThat(ofOne).isPositive();
        Path two = Files.writeString(folder.resolve("two.epd"), "# two\n" + row + "\n" + row);
        assertThat(benched(two)).isEqualTo(2 * ofOne);
        Path none = Files.writeString(folder.resolve("none.epd"), "# nothing\n");
        assertThat(run("bench", none.toString())).isEqualTo(1);
    }

    private long benched(Path file) throws IOException {
        return json("bench", file.toString(), "--depth", "7", "--hash", "8", "--json")
                .get("nodes")
                .asLong();
    }

    @Test
    void several_threads_are_benched_beside_one() throws IOException {
        JsonNode bench =
                json(
                        "bench",
                        "--depth",
                        "6",
                        "--threads",
                        "2",
                        "--repeat",
                        "2",
                        "--hash",
                        "8",
                        "--json");
        long alone = bench.get("nodes").asLong();
        assertThat(bench.get("together").get("nodes").asLong()).isGreaterThan(alone / 4);
        assertThat(bench.get("together").get("timesAsFast").asDouble()).isPositive();
        assertThat(json("bench", "--depth", "6", "--hash", "8", "--json").get("nodes").asLong())
                .isEqualTo(alone);
    }

    @Test
    void checks_and_difficulty_are_told() throws IOException {
        String fen = "6k1/5ppp/8/8/8/8/r4PPP/1Q2R1K1 w - - 0 1";
        assertThat(json("checks", "--fen", fen, "--json").get("outcome").asText())
                .isEqualTo("mates");
        JsonNode difficulty =
                json(
                        "difficulty",
                        "--fen",
                        fen,
                        "--nodes",
                        "20000",
                        "--cache",
                        folder + "",
                        "--json");
        assertThat(difficulty.at("/widths/0/result").asText()).isEqualTo("won");
    }

    @Test
    void an_explanation_adds_up() throws IOException {
        JsonNode json = json("explain", "--json");
        int total = 0;
        for (JsonNode term : json.get("terms")) {
            total += term.get("white").asInt() - term.get("black").asInt();
        }
        assertThat(json.get("total").asInt()).isEqualTo(total);
    }

    @Test
    void an_answer_is_marked() throws IOException {
        Path exercise = write("ex.pgn", EXERCISE);
        Path answer = write("a.txt", "# mine\n1.Qb8# +-\n1.Qxc9\n1.Re8#\n");
        JsonNode json =
                json(
                        "exercise",
                        "mark",
                        exercise.toString(),
                        "--answer",
                        answer.toString(),
                        "--json");
        assertThat(json.get("points").asInt()).isEqualTo(8);
        assertThat(json.get("max").asInt()).isEqualTo(10);
        assertThat(json.get("verdictRight").asBoolean()).isTrue();
        assertThat(json.get("items")).hasSize(3);
        assertThat(json.at("/rows/0/row").asInt()).isEqualTo(2);
        assertThat(json.findValuesAsText("status"))
                .containsExactly("in-scheme", "unreadable", "sound");
    }

    @Test
    void games_go_in_and_out() throws IOException {
        Path games = write("g.pgn", "1. e4 e5 1-0\n\n1. d4 Ke3 *\n");
        String library = folder.resolve("l.zpl").toString();
        JsonNode json = json("import", games.toString(), "--library", library, "--json");
        assertThat(json.get("stored").asInt()).isEqualTo(1);
        assertThat(json.at("/rejected/0/line").asInt()).isEqualTo(3);
        Path out = folder.resolve("out.pgn");
        assertThat(run("export", "--library", library, "--out", out.toString())).isZero();
        assertThat(out).content().contains("1. e4 e5 1-0");
    }

    @Test
    void a_suite_counts_what_is_solved() throws IOException {
        Path epd =
                write(
                        "s.epd",
                        "6k1/5ppp/8/8/8/8/r4PPP/1Q2R1K1 w - - bm Re8 Qb8; id \"one\";\n"
                                + "6k1/5ppp/8/8/8/8/r4PPP/1Q2R1K1 w - - am Re8 Qb8; id \"two\";\n");
        JsonNode json = json("suite", epd.toString(), "--nodes", "2000", "--json");
        assertThat(json.get("solved").asInt()).isEqualTo(1);
        assertThat(json.get("total").asInt()).isEqualTo(2);
        assertThat(json.at("/items/0/depthFound").asInt()).isPositive();
    }

    @Test
    void several_lines_are_compared_with_one() throws IOException {
        Path epd =
                write(
                        "l.epd",
                        "r4rk1/pp2bppp/2n1bn2/q1pp4/8/2N1PN2/PPQ1BPPP/R1BR2K1 w - - id \"one\";\n"
                                + "6k1/5ppp/8/8/8/8/r4PPP/1Q2R1K1 w - - bm Re8;\n"
                                + "7k/5QQ1/8/8/8/8/8/K7 b - - id \"mated\";\n");
        JsonNode json = json("lines-check", epd.toString(), "--depth", "8", "--json");
        assertThat(json.get("total").asInt()).isEqualTo(2);
        assertThat(json.get("same").asInt()).isEqualTo(2);
        assertThat(json.get("apart")).isEmpty();
    }

    @Test
    void a_library_is_checked_copied_and_restored() throws IOException {
        String library = folder.resolve("l.zpl").toString();
        String games = write("g.pgn", "[White \"A\"]\n\n1. e4 *\n").toString();
        json("import", games, "--library", library, "--json");
        assertThat(json("library", "check", library, "--json").get("sound").asBoolean()).isTrue();
        String copy = json("library", "backup", library, "--json").get("file").asText();
        String more = write("h.pgn", "[White \"B\"]\n\n1. d4 *\n").toString();
        json("import", more, "--library", library, "--json");
        JsonNode look = json("library", "restore", library, "--from", copy, "--look", "--json");
        assertThat(look.get("changes").get(0).get("gone").asInt()).isEqualTo(1);
        assertThat(json("import", more, "--library", library, "--json").get("stored").asInt())
                .isZero();
        String before =
                json("library", "restore", library, "--from", copy, "--json")
                        .get("before")
                        .asText();
        assertThat(Path.of(before)).exists();
        assertThat(json("import", more, "--library", library, "--json").get("stored").asInt())
                .isEqualTo(1);
        JsonNode laps = json("library", "measure", library, "--search", "b", "--json").get("laps");
        assertThat(laps)
                .filteredOn(lap -> lap.get("what").asText().matches("list|search b|statistics"))
                .extracting(lap -> lap.get("found").asInt())
                .containsExactly(2, 1, 2);
        JsonNode all = json("library", "backups", library, "--daily", "off", "--json");
        assertThat(all.get("backups")).hasSize(1);
        assertThat(all.get("daily").asBoolean()).isFalse();
        assertThat(run("library", "check", "none.zpl")).isEqualTo(1);
        assertThat(run("library", "restore", library, "--from", games)).isEqualTo(1);
        assertThat(err.toString()).contains("cannot be used");
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "analyse --fen nonsense",
                "lines-check no-such-file.epd",
                "lines-check no-such-file.epd --lines 0",
                "perft --depth 3 --fen 8/8/8/8/8/8/8/8",
                "perft --depth -1",
                "analyse --depth 0",
                "suite no-such-file.epd",
                "exercise mark no-such.pgn --answer no-such.txt",
                "export --library no-such.zpl --out x.pgn",
                "review --library no-such.zpl",
                "repertoire coverage no-such.pgn --library no-such.zpl",
                "library measure no-such.zpl",
                "statistics --library no-such.zpl",
                "import no-such.pgn --library /no/such/folder/l.zpl",
            })
    void bad_input_is_told_in_a_sentence_with_exit_code_1(String line) {
        assertThat(run(line.split(" "))).isEqualTo(1);
        assertThat(err.toString()).startsWith("zeroply: ").doesNotContain("Exception");
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "nonsense", "perft", "perft --depth x", "analyse --lines"})
    void wrong_usage_has_exit_code_2(String line) {
        String[] arguments = line.isEmpty() ? new String[0] : line.split(" ");
        assertThat(run(arguments)).isEqualTo(2);
        assertThat(err.toString()).isNotEmpty();
    }

    private Path write(String name, String text) throws IOException {
        return Files.writeString(folder.resolve(name), text);
    }
}
