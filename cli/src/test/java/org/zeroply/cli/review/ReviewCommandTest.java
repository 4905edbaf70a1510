package org.zeroply.cli.review;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.zeroply.cli.CommandTest;

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
        assertThat(game.at("/players/1").has("spent")).isTrue();
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

    @Test
    void a_library_remembers_what_was_searched_and_gives_the_same_answer() throws IOException {
        String library = "" + folder.resolve("club.zpl");
        assertThat(run("import", file(), "--library", library)).isZero();
        String[] review = {"review", "--library", library, "--nodes", "2000", "--json"};
        JsonNode first = json(review);
        assertThat(first.get("games")).hasSize(1);
        assertThat(json(review)).isEqualTo(first);
        JsonNode profile =
                json(
                        "profile",
                        "--library",
                        library,
                        "--player",
                        "Quay",
                        "--nodes",
                        "2000",
                        "--json");
        assertThat(profile.get("games").asInt()).isEqualTo(1);
        assertThat(
                        profile.at("/byTheme/0/missed").asInt()
                                + profile.at("/byTheme/0/allowed").asInt())
                .isEqualTo(1);
    }

    @Test
    void reports_are_written_as_page_and_as_pdf() throws IOException {
        Path page = folder.resolve("game.html");
        Path pdf = folder.resolve("quay.pdf");
        run("review", file(), "--nodes", "2000", "--report", "" + page);
        run("profile", file(), "--player", "Quay", "--nodes", "2000", "--report", "" + pdf);
        assertThat(Files.readString(page)).startsWith("<!doctype html>").contains("Quay");
        assertThat(Files.readAllBytes(pdf)).startsWith("%PDF".getBytes(StandardCharsets.US_ASCII));
        assertThat(run("review", file(), "--nodes", "2000", "--report", "" + folder + "/x.doc"))
                .isNotZero();
        assertThat(err.toString()).contains(".pdf");
    }
}
