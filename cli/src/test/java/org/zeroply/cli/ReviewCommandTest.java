package org.zeroply.cli;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class ReviewCommandTest extends CommandTest {

    private static final String GAMES =
            """
            [White "Marram, Ilse"]
            [Black "Quay, Jonas"]
            [Result "1-0"]

            1. e4 e5 2. Qh5 Nc6 3. Bc4 Nf6 4. Qxf7# 1-0

            [White "Tidewell, Nora"]
            [Black "Marram, Ilse"]
            [Result "*"]

            1. e4 e5 2. Ke3 *
            """;

    @TempDir Path folder;

    private String file() throws IOException {
        return "" + Files.writeString(folder.resolve("games.pgn"), GAMES);
    }

    @Test
    void games_are_reviewed_and_those_that_cannot_be_read_are_named() throws IOException {
        JsonNode json = json("review", file(), "--nodes", "5000", "--cache", "" + folder, "--json");
        assertThat(json.get("games")).hasSize(1);
        JsonNode game = json.at("/games/0");
        assertThat(game.get("white").asText()).isEqualTo("Marram, Ilse");
        assertThat(game.get("moves")).hasSize(7);
        JsonNode blunder = game.at("/moves/5");
        assertThat(blunder.get("san").asText()).isEqualTo("Nf6");
        assertThat(blunder.get("grade").asText()).isEqualTo("??");
        assertThat(game.at("/moments/0/kind").asText()).isEqualTo("last-hold");
        assertThat(game.at("/moments/0/ply").asInt()).isEqualTo(6);
        assertThat(game.get("players")).hasSize(2);
        assertThat(game.at("/players/1/blunders").asInt()).isEqualTo(1);
        assertThat(json.at("/rejected/0").asText()).contains("Ke3");
    }

    @Test
    void one_player_is_reviewed_and_the_game_is_written_with_its_grades() throws IOException {
        Path out = folder.resolve("annotated.pgn");
        JsonNode json =
                json(
                        "review",
                        file(),
                        "--nodes",
                        "5000",
                        "--player",
                        "quay",
                        "--annotate",
                        "" + out,
                        "--cache",
                        "" + folder,
                        "--json");
        assertThat(json.at("/games/0/moves")).hasSize(3);
        assertThat(Files.readString(out)).contains("Nf6 $4").contains("The last move at which");
    }

    @Test
    void a_player_who_is_not_there_and_a_file_that_is_not_there_are_told() throws IOException {
        assertThat(run("review", file(), "--player", "Nobody", "--nodes", "1000")).isEqualTo(1);
        assertThat(err.toString()).contains("no game of Nobody");
        assertThat(run("review", "" + folder.resolve("none.pgn"))).isEqualTo(1);
    }
}
