package org.zeroply.cli.library;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.zeroply.cli.CommandTest;

class FindCommandTest extends CommandTest {

    private static final String GAMES =
            """
            [White "Marram, Ilse"]
            [Black "Quay, Jonas"]
            [Date "2024.05.01"]
            [Result "1-0"]

            1. e4 e5 2. Nf3 Nc6 3. Bb5 a6 4. Bxc6 1-0

            [White "Shoal, Greta"]
            [Black "Marram, Ilse"]
            [Date "2025.02.03"]
            [Result "1/2-1/2"]

            1. e4 c5 2. Nf3 d6 3. Bb5+ 1/2-1/2
            """;

    @TempDir private Path folder;

    private String library;

    @BeforeEach
    void bring() throws IOException {
        library = libraryOf(folder, GAMES);
    }

    private JsonNode find(String... more) throws IOException {
        out.getBuffer().setLength(0);
        String[] words = new String[more.length + 4];
        words[0] = "find";
        System.arraycopy(more, 0, words, 1, more.length);
        words[more.length + 1] = "--library";
        words[more.length + 2] = library;
        words[more.length + 3] = "--json";
        return json(words);
    }

    @Test
    void positions_come_with_their_game_the_newest_first() throws IOException {
        JsonNode found = find("white bishop on b5");
        assertThat(found.get("total").asInt()).isEqualTo(2);
        assertThat(found.get("games").asInt()).isEqualTo(2);
        JsonNode first = found.get("hits").get(0);
        assertThat(first.get("white").asText()).isEqualTo("Shoal, Greta");
        assertThat(first.get("ply").asInt()).isEqualTo(5);
        assertThat(first.get("fen").asText())
                .isEqualTo("rnbqkbnr/pp2pppp/3p4/1Bp5/4P3/5N2/PPPP1PPP/RNBQK2R b KQkq - 1 3");
    }

    @Test
    void what_was_said_otherwise_is_told_as_it_was_read() {
        assertThat(run("find", "bishop takes c6", "--library", library)).isZero();
        assertThat(out.toString())
                .startsWith(
                        "read as: ((white just took on c6 AND white just moved a bishop to c6) OR");
        out.getBuffer().setLength(0);
        assertThat(run("find", "white bishop on b5", "--library", library)).isZero();
        assertThat(out.toString()).doesNotContain("read as");
    }

    @ParameterizedTest(name = "{0} {1}: {2} first")
    @CsvSource({
        "white bishop on b5, --most=5, New",
        "white bishop on b5, --clearest, Old",
        "white bishop on b5; clearest first, --most=1, Old",
        "white bishop on b5; the clearest ones first, --every, Old"
    })
    void the_newest_come_first_or_the_clearest(String query, String option, String first)
            throws IOException {
        library =
                libraryOf(
                        Files.createDirectory(folder.resolve("two")),
                        """
                        [White "Old"]
                        [Date "2020.01.01"]

                        1. e4 d5 2. exd5 Qxd5 3. Bb5+ *

                        [White "New"]
                        [Date "2025.01.01"]

                        1. e4 e5 2. Nf3 Nc6 3. Bb5 *
                        """);
        JsonNode found = find(query, option);
        assertThat(found.get("total").asInt()).isEqualTo(2);
        assertThat(found.get("hits").get(0).get("white").asText()).isEqualTo(first);
    }

    @ParameterizedTest(name = "{0} {1}: {2} of {3}")
    @CsvSource({
        "white bishop on b5, --every, 3, 3",
        "white bishop on b5, --most=1, 1, 2",
        "white bishop on b5; result 1-0, --threads=1, 1, 1",
        "white queen on h5, --threads=3, 0, 0"
    })
    void all_are_counted_and_as_many_told_as_are_wanted(
            String query, String option, int told, int total) throws IOException {
        JsonNode found = find(query, option);
        assertThat(found.get("hits")).hasSize(told);
        assertThat(found.get("total").asInt()).isEqualTo(total);
    }

    @Test
    void a_query_is_kept_asked_again_and_forgotten() throws IOException {
        find("white bishop on b5, black pawn on a6", "--keep", "Pins");
        assertThat(find("--names").get("queries").get(0).get("query").asText())
                .isEqualTo("white bishop on b5 AND black pawn on a6");
        assertThat(find("--named", "Pins").get("total").asInt()).isEqualTo(1);
        assertThat(find("--forget", "Pins").get("queries")).isEmpty();
        assertThat(run("find", "--named", "Pins", "--library", library)).isEqualTo(1);
        assertThat(err.toString()).contains("No query is kept as Pins.");
    }

    @Test
    void what_cannot_be_asked_is_told_with_what_could_be() {
        assertThat(run("find", "white rock on g5", "--library", library)).isEqualTo(1);
        assertThat(err.toString()).contains("'white rock on g5'", "white knight on e5");
        assertThat(out.toString()).isEmpty();
        assertThat(run("find", "white to move")).isEqualTo(2);
        assertThat(run("find", "--library", library)).isEqualTo(2);
    }

    @Test
    void for_people_there_is_a_row_a_position_and_a_sum() {
        assertThat(run("find", "black pawn on a6", "--library", library)).isZero();
        assertThat(out.toString().lines().toList())
                .satisfiesExactly(
                        row ->
                                assertThat(row)
                                        .contains("Marram, Ilse – Quay, Jonas", "after ply 6"),
                        sum -> assertThat(sum).startsWith("1 position in 1 game of 2 games, "));
        out.getBuffer().setLength(0);
        assertThat(run("find", "--phrases")).isZero();
        assertThat(out.toString()).contains("white sacrificed a queen");
    }
}
