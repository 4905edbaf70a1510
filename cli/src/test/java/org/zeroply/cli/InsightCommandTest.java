package org.zeroply.cli;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import java.io.IOException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class InsightCommandTest extends CommandTest {

    private static final String OUTPOST = "r4rk1/1p3ppp/p2p4/4p3/4P3/2N3P1/PP3P1P/R4RK1 w - - 0 20";

    @TempDir Path cache;

    private static List<String> texts(JsonNode array) {
        List<String> texts = new ArrayList<>();
        array.forEach(n -> texts.add(n.isTextual() ? n.asText() : n.get("kind").asText()));
        return texts;
    }

    @Test
    void facts_have_kind_side_squares_and_text_and_searched_ones_a_line() throws IOException {
        JsonNode json =
                json(
                        "insight",
                        "--fen",
                        OUTPOST,
                        "--nodes",
                        "1000",
                        "--cache",
                        "" + cache,
                        "--json");
        for (JsonNode fact : json.get("facts")) {
            assertThat(fact.get("kind").asText()).isNotEmpty();
            assertThat(fact.get("side").asText()).isIn("white", "black", "both");
            assertThat(fact.get("squares").isArray()).isTrue();
            assertThat(fact.get("text").asText()).isNotEmpty();
        }
        assertThat(texts(json.get("facts"))).contains("backward", "outpost", "threat");
        for (JsonNode fact : json.get("facts")) {
            if (fact.get("kind").asText().equals("backward")) {
                assertThat(fact.get("side").asText()).isEqualTo("black");
                assertThat(texts(fact.get("squares"))).containsExactly("d6");
            }
            if (fact.get("kind").asText().equals("threat")) {
                assertThat(fact.at("/line/0").asText()).isEqualTo("--");
            }
        }
        assertThat(json.at("/forcing/white").isArray()).isTrue();
    }

    @Test
    void moves_are_compared_and_their_changes_told() throws IOException {
        String fen = "4k3/8/8/8/8/2b5/PP1P4/4K3 w - - 0 1";
        JsonNode json = json("insight", "--fen", fen, "--nodes", "0", "--json");
        assertThat(json.get("structures")).hasSize(2);
        JsonNode change = json("insight", "--fen", fen, "--after", "bxc3", "--json");
        assertThat(texts(change.get("come"))).contains("isolated", "islands");
        assertThat(texts(change.get("gone"))).contains("islands");
    }

    @Test
    void routes_and_contests_are_answered() throws IOException {
        JsonNode route = json("insight", "--fen", OUTPOST, "--route", "c3-d5", "--json");
        assertThat(route.get("moves").asInt()).isEqualTo(1);
        assertThat(texts(route.at("/routes/0"))).containsExactly("c3", "d5");
        JsonNode contest = json("insight", "--fen", OUTPOST, "--contest", "d5", "--json");
        assertThat(texts(contest.get("white"))).containsExactly("e4", "c3");
        assertThat(texts(contest.get("holds"))).containsExactly("white");
    }

    @Test
    void an_ending_is_told_with_its_proof_and_its_squares() throws IOException {
        String fen = "8/8/8/3k4/8/3K4/3P4/8 b - - 0 1";
        JsonNode json =
                json("ending", "--fen", fen, "--map", "white", "--cache", "" + cache, "--json");
        assertThat(json.get("result").asText()).isEqualTo("loss");
        assertThat(json.get("proof").asText()).isEqualTo("exact");
        assertThat(json.get("zugzwang").asText()).isEqualTo("mutual");
        assertThat(json.get("triangulation").isNull()).isTrue();
        assertThat(json.get("bestMoves")).isNotEmpty();
        assertThat(json.get("line")).isNotEmpty();
        assertThat(json.at("/map/toMove/d3").asText()).isEqualTo("draw");
        assertThat(json.at("/map/waiting/d3").asText()).isEqualTo("win");
    }

    @Test
    void the_text_for_people_has_the_headings_a_coach_would_use() {
        assertThat(run("insight", "--fen", OUTPOST, "--nodes", "0")).isZero();
        assertThat(out.toString())
                .contains(
                        "Material",
                        "Kings",
                        "Pawns and squares",
                        "Pieces",
                        "Plans",
                        "Forcing moves");
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "insight --route e9-e4",
                "insight --route e2-e4",
                "insight --route e2",
                "insight --contest z9",
                "insight --after Ke5",
                "insight --moves Qh7",
                "insight --nodes -1",
                "ending --nodes 0",
                "insight --exchanges --fen 8/8/8/8/8/8/8/8",
            })
    void bad_input_is_told_with_exit_code_1(String line) {
        assertThat(run(line.split(" "))).isEqualTo(1);
        assertThat(err.toString().lines()).hasSize(1);
    }
}
