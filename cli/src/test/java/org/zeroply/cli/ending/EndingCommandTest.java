package org.zeroply.cli.ending;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import java.io.IOException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.zeroply.cli.CommandTest;

class EndingCommandTest extends CommandTest {

    /** Whoever is to move gives way. */
    private static final String TREBUCHET = "8/8/8/2pK4/1kP5/8/8/8 w - - 0 1";

    @TempDir private Path cache;

    private String[] words(String fen, String... more) {
        List<String> words = new ArrayList<>(List.of("ending"));
        words.addAll(List.of(more));
        words.addAll(List.of("--fen", fen, "--cache", cache.toString()));
        return words.toArray(String[]::new);
    }

    @ParameterizedTest
    @CsvSource({
        // The king in front of his pawn with the opposition, and without it.
        "4k3/8/4K3/4P3/8/8/8/8 w - - 0 1, win, exact",
        "8/8/8/8/4k3/8/4P3/4K3 w - - 0 1, draw, exact",
        "4k3/8/8/8/8/8/4P3/4K3 b - - 0 1, draw, exact",
        "8/8/8/2pK4/1kP5/8/8/8 w - - 0 1, loss, exact",
        "8/8/8/2pK4/1kP5/8/8/8 b - - 0 1, loss, exact",
    })
    void a_pawn_ending_is_solved(String fen, String result, String proof) throws IOException {
        JsonNode ending = json(words(fen, "--json"));
        assertThat(ending.get("result").asText()).isEqualTo(result);
        assertThat(ending.get("proof").asText()).isEqualTo(proof);
    }

    @Test
    void mutual_zugzwang_is_told_in_words_with_the_moves_that_keep_the_result() {
        assertThat(run(words(TREBUCHET))).isZero();
        assertThat(out.toString().lines())
                .contains("loss for White, by exact proof", "zugzwang: mutual");
        assertThat(err.toString()).as("what is missing is named").contains("zeroply endings");
    }

    @Test
    void a_map_has_a_letter_for_every_square_the_king_may_stand_on() throws IOException {
        String blocked = "8/8/3k4/3p4/3P4/3K4/8/8 w - - 0 1";
        assertThat(run(words(blocked, "map", "white"))).isZero();
        List<String> lines = out.toString().lines().toList();
        int head = lines.indexOf("White's king, to move and not to move (+ won, = drawn, - lost)");
        assertThat(lines).hasSize(head + 9);
        assertThat(lines.subList(head + 1, head + 9))
                .allMatch(row -> row.matches("( [-+=.]){8} {4}( [-+=.]){8}"));
        assertThat(lines.get(head + 5)).as("d4 is a pawn's").matches("( [-+=.]){3} \\. .*");

        JsonNode map = json(words(blocked, "map", "white", "--json")).get("map");
        assertThat(map.get("king").asText()).isEqualTo("white");
        assertThat(map.get("toMove").get("d3").asText()).isEqualTo("draw");
        assertThat(map.get("toMove").has("d4")).isFalse();
        assertThat(map.get("toMove").has("d6")).isFalse();
    }

    @Test
    void what_cannot_be_solved_has_no_map() {
        String rooks = "4k2r/8/8/8/8/8/4P3/R3K3 w - - 0 1";
        assertThat(run(words(rooks, "map", "white", "--nodes", "500"))).isEqualTo(1);
        assertThat(err.toString()).contains("The map is for pawn endings");
        assertThat(out.toString()).isEmpty();
    }

    @Test
    void tables_are_compared_only_where_they_are_made() {
        assertThat(run("ending", "check", "--cache", cache.toString())).isEqualTo(1);
        assertThat(err.toString()).contains("run: zeroply endings");
    }

    @Test
    void a_search_needs_nodes() {
        assertThat(run(words(TREBUCHET, "--nodes", "0"))).isEqualTo(1);
        assertThat(err.toString()).contains("nodes must be positive");
    }
}
