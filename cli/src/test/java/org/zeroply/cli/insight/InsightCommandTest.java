package org.zeroply.cli.insight;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.zeroply.cli.CommandTest;

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
            assertThat(fact.get("weight").asInt()).isBetween(0, 100);
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
    void what_a_move_gives_up_and_gains_is_told_with_its_change_and_beside_the_structures()
            throws IOException {
        String fen = "rnbqkbnr/pp2pppp/3p4/2p5/4P3/5N2/PPPP1PPP/RNBQKB1R b KQkq - 0 3";
        JsonNode change = json("insight", "--fen", fen, "--after", "e5", "--json");
        assertThat(texts(change.get("come"))).contains("concession", "given-up");
        JsonNode two = json("insight", "--fen", fen, "--after", "e5,Bc4", "--json");
        assertThat(texts(two.get("come"))).doesNotContain("concession").contains("given-up");
        JsonNode moves =
                json("insight", "--fen", fen, "--moves", "e5,Nf6", "--nodes", "0", "--json");
        assertThat(texts(moves.at("/structures/0/concession/gives"))).contains("d5 for good");
        assertThat(texts(moves.at("/structures/0/concession/gains"))).contains("a hold on d4");
        assertThat(moves.at("/structures/1").has("concession")).isFalse();
    }

    @Test
    void a_direct_try_that_fails_and_a_second_plan_are_told_of_an_ending() throws IOException {
        String early = "2k5/8/1K6/2P5/8/8/8/8 w - - 0 1";
        JsonNode json = json("ending", "--fen", early, "--cache", "" + cache, "--json");
        assertThat(json.at("/tries/0/move").asText()).isEqualTo("c6");
        assertThat(json.at("/tries/0/result").asText()).isEqualTo("draw");
        assertThat(json.at("/tries/0/text").asText()).startsWith("c6 at once draws: after Kb8");
        assertThat(json.at("/tries/0/line/0").asText()).isEqualTo("c6");
        assertThat(json.get("otherPlan")).isEmpty();
        String twice = "5k2/8/3K4/4PP2/8/8/8/8 w - - 0 1";
        JsonNode both = json("ending", "--fen", twice, "--cache", "" + cache, "--json");
        assertThat(texts(both.get("otherPlan"))).contains("the pawn promotes: f8=Q");
        assertThat(both.get("otherLine")).isNotEmpty();
        assertThat(run("ending", "--fen", early, "--cache", "" + cache)).isZero();
        assertThat(out.toString()).contains("c6 at once draws");
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

    @Test
    void what_matters_most_comes_first_and_the_rest_when_all_is_asked() {
        String fen = "r2q1rk1/pp1b1ppp/2n5/2np4/3N4/B1P1P2P/P4PP1/2RQKB1R b K - 0 1";
        assertThat(run("insight", "--fen", fen, "--nodes", "2000", "--cache", "" + cache)).isZero();
        String few = out.toString();
        String tactics = few.substring(few.indexOf("Tactics"));
        assertThat(tactics.lines().skip(1).findFirst().orElseThrow()).contains("threatens Bxc5");
        assertThat(few).contains("more with --all");
        out.getBuffer().setLength(0);
        assertThat(run("insight", "--fen", fen, "--nodes", "0", "--all")).isZero();
        assertThat(out.toString()).doesNotContain("more with --all").contains("islands");
    }

    @Test
    void columns_of_structures_do_not_run_into_each_other() {
        String fen = "4k3/8/8/8/8/2b5/PP1P4/4K3 w - - 0 1";
        assertThat(run("insight", "--fen", fen, "--nodes", "0")).isZero();
        String table = out.toString().substring(out.toString().indexOf("Structures"));
        assertThat(table.lines().limit(3)).allMatch(l -> l.strip().split(" {2,}").length == 4);
    }

    @Test
    void claims_about_positions_of_games_are_held_against_searches() throws IOException {
        Path games = cache.resolve("games.pgn");
        Files.writeString(
                games,
                """
                [Result "*"]

                1. e4 e5 2. Nf3 Nc6 3. Bc4 Nd4 4. Nxe5 Qg5 5. Nxf7 Qxg2 6. Rf1 Qxe4+ 7. Be2 Nf3# *
                """);
        JsonNode json =
                json(
                        "insight",
                        "--verify",
                        "" + games,
                        "--positions",
                        "3",
                        "--nodes",
                        "500",
                        "--cache",
                        "" + cache,
                        "--json");
        assertThat(json.get("positions").asInt()).isEqualTo(3);
        assertThat(json.at("/kinds/hanging/confirmed").asInt()).isPositive();
        assertThat(json.get("false").isArray()).isTrue();
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
                "insight --verify no-such-file.pgn",
                "insight --verify x.pgn --positions 0",
                "ending --nodes 0",
                "insight --exchanges --fen 8/8/8/8/8/8/8/8",
            })
    void bad_input_is_told_with_exit_code_1(String line) {
        assertThat(run(line.split(" "))).isEqualTo(1);
        assertThat(err.toString().lines()).hasSize(1);
    }
}
