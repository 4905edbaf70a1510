package org.zeroply.cli.library;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import java.io.IOException;
import java.nio.file.Path;
import java.util.List;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.zeroply.cli.CommandTest;

class StatisticsCommandTest extends CommandTest {

    private static final String GAMES =
            """
            [White "Marram, Ilse"]
            [Black "Quay, Jonas"]
            [Date "2024.05.01"]
            [Result "1-0"]
            [WhiteElo "2300"]
            [BlackElo "2100"]

            1. e4 e5 2. Nf3 1-0

            [White "Shoal, Greta"]
            [Black "Marram, Ilse"]
            [Date "2025.02.03"]
            [Result "1/2-1/2"]
            [WhiteElo "1900"]
            [BlackElo "2310"]

            1. e4 c5 1/2-1/2

            [White "Tidewell, Nora"]
            [Black "Quay, Jonas"]
            [Date "2026.01.10"]
            [Result "0-1"]

            1. d4 d5 0-1
            """;

    @TempDir private Path folder;

    private String library;

    @BeforeEach
    void bring() throws IOException {
        library = libraryOf(folder, GAMES);
    }

    private String[] words(String more) {
        return ("statistics --library " + library + " " + more).strip().split(" ");
    }

    @Test
    void moves_are_told_with_games_score_rating_and_year() {
        assertThat(run(words(""))).as(err.toString()).isZero();
        List<String> lines = out.toString().lines().toList();
        assertThat(lines)
                .startsWith(
                        "3 games", //
                        "e4  2  White  75%  2100  last 2025",
                        "d4  1  White   0%     -  last 2026")
                .contains("  Marram, Ilse – Quay, Jonas    2024.05.01  1-0      e4");
    }

    @ParameterizedTest
    @CsvSource({
        "'--player a', 3",
        "--player marram, 2",
        "--player nobody, 0",
        "--rating 2000, 1",
        "--rating 1900, 2",
        "--from 2025, 2",
        "--to 2024, 1",
        "--from 2025.02.04, 1",
        "--from 2025.02.03 --to 2025.02.03, 1",
        "--result 1/2-1/2, 1",
        "--result 1-0 --player Quay, 1",
    })
    void games_are_chosen_by_player_rating_date_and_result(String choice, int games)
            throws IOException {
        assertThat(json(words(choice + " --json")).get("games").asInt()).isEqualTo(games);
    }

    @Test
    void another_position_has_its_own_moves() throws IOException {
        String after = "rnbqkbnr/pppppppp/8/8/4P3/8/PPPP1PPP/RNBQKBNR b KQkq - 0 1";
        JsonNode json = json("statistics", "--library", library, "--fen", after, "--json");
        assertThat(json.get("moves").findValuesAsText("move"))
                .containsExactlyInAnyOrder("e5", "c5");
        assertThat(json.get("sample").findValuesAsText("next"))
                .containsExactlyInAnyOrder("e5", "c5");
    }

    @ParameterizedTest
    @CsvSource({
        "--result 2-0, A result is 1-0",
        "--from yesterday, A date is a year",
        "--to 2024.1, A date is a year",
    })
    void what_is_no_result_or_date_is_told(String choice, String reason) {
        assertThat(run(words(choice))).isEqualTo(1);
        assertThat(err.toString()).contains(reason);
        assertThat(out.toString()).isEmpty();
    }

    @Test
    void the_index_is_timed_on_positions_of_the_games() throws IOException {
        JsonNode json = json("statistics", "measure", "5", "--library", library, "--json");
        assertThat(json.get("games").asInt()).isEqualTo(3);
        assertThat(json.get("positions").asInt()).isEqualTo(5);
        assertThat(json.get("longestMillis").asDouble())
                .isGreaterThanOrEqualTo(json.get("medianMillis").asDouble());
        assertThat(run("statistics", "measure", "0", "--library", library)).isEqualTo(1);
        assertThat(run("statistics", "measure", "5")).as("without a library").isEqualTo(2);
    }
}
