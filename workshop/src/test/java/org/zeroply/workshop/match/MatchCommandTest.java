package org.zeroply.workshop.match;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.io.IOException;
import java.io.PrintWriter;
import java.io.StringWriter;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.List;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.zeroply.chess.notation.PgnEntry;
import org.zeroply.chess.notation.PgnReader;
import org.zeroply.engine.network.NetworkWeights;
import org.zeroply.workshop.command.CommandGroup;
import org.zeroply.workshop.selfplay.SelfPlayCommand;
import org.zeroply.workshop.training.TrainCommand;
import org.zeroply.workshop.tuning.TuneCommand;

class MatchCommandTest {

    @TempDir Path folder;
    private final StringWriter err = new StringWriter();

    @Tag("slow")
    @Test
    void games_teach_a_network_and_weights_that_play_a_match() throws IOException {
        String played = folder.resolve("played") + "";
        JsonNode selfplay =
                json(
                        "selfplay",
                        "--games",
                        "30",
                        "--nodes",
                        "100",
                        "--threads",
                        "2",
                        "--out",
                        played);
        assertThat(selfplay.get("games").asInt()).isEqualTo(30);
        assertThat(selfplay.get("score").asDouble()).isBetween(0.0, 30.0);
        assertThat(selfplay.get("positions").asInt()).isGreaterThan(1000);

        String weights = folder.resolve("weights.txt") + "";
        JsonNode tuned = json("tune", played, "--rounds", "20", "--out", weights);
        assertThat(tuned.get("lossAfter").asDouble())
                .isLessThan(tuned.get("lossBefore").asDouble());

        String network = folder.resolve("network.bin") + "";
        String kept = folder.resolve("kept") + "";
        JsonNode first =
                json(
                        "train",
                        played,
                        "--of-terms",
                        "--hidden",
                        "8",
                        "--rounds",
                        "2",
                        "--out",
                        network,
                        "--keep",
                        kept);
        JsonNode more = json("train", played, "--from", kept, "--rounds", "3", "--out", network);
        assertThat(first.get("positions")).isEqualTo(more.get("positions"));
        String wide = folder.resolve("wide.bin") + "";
        json(
                "train",
                played,
                "--from-network",
                network,
                "--hidden",
                "12",
                "--unit",
                "187",
                "--out",
                wide);
        assertThat(NetworkWeights.read(Path.of(wide)).centipawns()).isEqualTo(187);
        assertThat(Files.size(Path.of(wide))).isGreaterThan(Files.size(Path.of(network)));

        String pgn = folder.resolve("match.pgn") + "";
        JsonNode match =
                json(
                        "match",
                        "--weights",
                        weights,
                        "--network",
                        network,
                        "--against-network",
                        "terms",
                        "--games",
                        "2",
                        "--nodes",
                        "100",
                        "--pgn",
                        pgn,
                        "--no-endings");
        assertThat(match.get("games").asInt()).isEqualTo(2);
        List<PgnEntry> games = PgnReader.readAll(Files.readString(Path.of(pgn)));
        assertThat(games)
                .hasSize(2)
                .allSatisfy(
                        game ->
                                assertThat(((PgnEntry.Game) game).tree().result())
                                        .isIn("1-0", "0-1", "1/2-1/2"));
    }

    @ParameterizedTest
    @CsvSource({
        "match --games 1, 1, Bad number of games",
        "match --against nothing-that-runs --nodes 1 --no-endings, 1, nothing-that-runs",
        "match --against 0123456789, 1, 0123456789",
        "match --network missing.bin, 1, missing.bin",
        "selfplay --out x --games 0, 1, must be positive",
        "selfplay, 2, --out",
        "train missing --out x, 1, missing",
        "tune missing, 1, missing",
        "match --game 2, 2, --game",
        "glance missing, 1, missing",
        "glance, 2, FILE",
        "glance missing --threads 0, 1, threads"
    })
    void what_cannot_be_done_is_refused_with_the_reason(String line, int code, String reason) {
        assertThat(run(new StringWriter(), line.split(" "))).isEqualTo(code);
        assertThat(err.toString()).contains(reason);
    }

    @ParameterizedTest
    @CsvSource({
        "3f6f597, true",
        "3f6f59705c481f1b8b5888791358e143c06b9fec, true",
        "3f6f59, false",
        "some-engine, false",
        "deadbeef uci, false"
    })
    void commits_are_told_from_commands(String text, boolean commit) {
        assertThat(EarlierVersion.isCommit(text)).isEqualTo(commit);
    }

    @Test
    void a_glance_tells_what_other_moves_are_worth() throws IOException {
        Path positions = folder.resolve("positions.txt");
        Files.writeString(
                positions,
                """
                # A rook to be taken; a FEN, an EPD, and one with a single move.
                4k3/8/8/8/8/1r6/P7/4K3 w - - 0 1
                rnbqkbnr/pppp1ppp/8/4p3/4P3/8/PPPP1PPP/RNBQKBNR w KQkq - id "open";
                k7/8/1Q6/8/8/8/8/K7 b - - 0 1

                7k/8/8/8/8/7r/r7/7K w - - 0 1
                """);
        JsonNode same = json("glance", positions + "", "--nodes", "500", "--judge-nodes", "500");
        assertThat(same.get("positions").asInt()).isEqualTo(2);
        assertThat(same.get("different").asInt()).isZero();
        assertThat(same.get("points").asDouble()).isZero();
        Files.writeString(positions, "4k3/8/8/8/8/8/8/4K3 x - - 0 1\n");
        assertThat(run(new StringWriter(), "glance", positions + "")).isEqualTo(1);
        assertThat(err.toString()).contains("row 1");
    }

    private JsonNode json(String... args) throws IOException {
        StringWriter out = new StringWriter();
        String[] all = Arrays.copyOf(args, args.length + 1);
        all[args.length] = "--json";
        assertThat(run(out, all)).as(err.toString()).isZero();
        return new ObjectMapper().readTree(out.toString());
    }

    private int run(StringWriter out, String... args) {
        return CommandGroup.run(
                List.of(
                        new MatchCommand(),
                        new GlanceCommand(),
                        new SelfPlayCommand(),
                        new TrainCommand(),
                        new TuneCommand()),
                new PrintWriter(out),
                new PrintWriter(err),
                args);
    }
}
