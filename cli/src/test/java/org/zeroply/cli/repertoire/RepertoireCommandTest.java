package org.zeroply.cli.repertoire;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.zeroply.cli.CommandTest;

class RepertoireCommandTest extends CommandTest {

    private static final String REPERTOIRE =
            """
            [Event "Our first moves"]
            [ZpSide "white"]

            1. e4 {[%zp.card IF black knight on c6 THEN play Bb5]} e5 2. Nf3 (2. f4) Nc6 3. Bb5 *

            [ZpSide "white"]

            1. Nf3 e5 2. e4 Nc6 3. Bc4 *
            """;
    private static final String GAMES =
            """
            [White "Marram, Ilse"]
            [Black "Quay, Jonas"]
            [Result "1-0"]

            1. e4 e5 2. Nf3 Nc6 3. Bc4 Bc5 1-0

            [White "Marram, Ilse"]
            [Black "Shoal, Greta"]
            [Result "0-1"]

            1. e4 c5 2. Nf3 d6 0-1

            [White "Shoal, Greta"]
            [Black "Marram, Ilse"]

            1. e4 e5 2. Nf3 Nf6 *
            """;

    @TempDir Path folder;

    private String repertoire() throws IOException {
        return "" + Files.writeString(folder.resolve("rep.pgn"), REPERTOIRE);
    }

    private String games() throws IOException {
        return "" + Files.writeString(folder.resolve("games.pgn"), GAMES);
    }

    @Test
    void statistics_of_a_library_answer_for_a_position_and_feed_the_audit() throws IOException {
        String made = folder.resolve("made.pgn").toString();
        String library = folder.resolve("made.zpl").toString();
        json("synthetic", "--games", "40", "--out", made, "--json");
        json("import", made, games(), "--library", library, "--json");
        JsonNode all = json("statistics", "--library", library, "--json");
        assertThat(all.get("games").asInt()).isEqualTo(43);
        JsonNode some =
                json(
                        "statistics",
                        "--library",
                        library,
                        "--player",
                        "marram",
                        "--result",
                        "1-0",
                        "--json");
        assertThat(some.at("/moves/0/move").asText()).isEqualTo("e4");
        assertThat(some.at("/moves/0/whiteScore").asDouble()).isEqualTo(1);
        assertThat(some.at("/sample/0/black").asText()).isEqualTo("Quay, Jonas");
        JsonNode audit =
                json(
                        "repertoire",
                        "audit",
                        repertoire(),
                        "--library",
                        library,
                        "--nodes",
                        "0",
                        "--json");
        assertThat(audit.get("gaps"))
                .anySatisfy(g -> assertThat(g.get("reply").asText()).isEqualTo("c5"));
    }

    @Test
    void cards_are_looked_for_in_games_and_the_booklet_prints_them() throws IOException {
        JsonNode cards = json("repertoire", "cards", repertoire(), games(), "--json");
        assertThat(cards.get("cards")).hasSize(1);
        assertThat(cards.at("/cards/0/followed").asBoolean()).isFalse();
        assertThat(cards.at("/cards/0/played").asText()).isEqualTo("Bc4");
        Path booklet = folder.resolve("booklet.html");
        json("repertoire", "booklet", repertoire(), "--out", booklet.toString(), "--json");
        assertThat(Files.readString(booklet)).contains("Our first moves", "2.Nf3", "THEN play Bb5");
    }

    @Test
    void a_card_is_tried_on_games_and_what_is_no_card_is_refused() throws IOException {
        Path tried =
                Files.writeString(
                        folder.resolve("tried.pgn"),
                        "[Result \"1-0\"]\n\n1. e4 e5 2. Nf3 Nc6 3. Bb5 1-0\n\n"
                                + "[Result \"0-1\"]\n\n1. e4 e5 2. Nf3 Nc6 3. Bc4 0-1\n\n");
        String card =
                "IF black just played Nc6 AND (e5 covered by black OR e5 empty) THEN play Bb5";
        JsonNode json = json("repertoire", "try", card, "" + tried, "--side", "white", "--json");
        assertThat(json.get("games").asInt()).isEqualTo(2);
        assertThat(json.at("/applied/count").asInt()).isEqualTo(2);
        assertThat(json.at("/followed/score").asDouble()).isEqualTo(1);
        assertThat(json.at("/other/score").asDouble()).isZero();
        assertThat(json.at("/cases/1/played").asText()).isEqualTo("Bc4");
        assertThat(run("repertoire", "try", card, "" + tried, "--side", "white")).isZero();
        assertThat(out.toString()).contains("applied 2 times, scored 50%");
        String none = "IF pigs fly THEN wait";
        assertThat(run("repertoire", "try", none, "" + tried, "--side", "white")).isEqualTo(1);
        assertThat(run("repertoire", "try", card, "--side", "white")).isEqualTo(2);
    }

    @Test
    void an_audit_names_gaps_contradictions_and_dead_ends() throws IOException {
        JsonNode json =
                json(
                        "repertoire",
                        "audit",
                        repertoire(),
                        "--games",
                        games(),
                        "--nodes",
                        "1000",
                        "--json");
        assertThat(json.at("/gaps/0/line").asText()).isEqualTo("1.e4");
        assertThat(json.at("/gaps/0/reply").asText()).isEqualTo("c5");
        assertThat(json.at("/gaps/0/share").asDouble()).isBetween(0.1, 0.5);
        assertThat(json.get("contradictions"))
                .extracting(c -> c.get("moves").toString())
                .containsExactlyInAnyOrder("[\"e4\",\"Nf3\"]", "[\"Bb5\",\"Bc4\"]");
        assertThat(json.at("/contradictions/0/fen").asText()).contains(" w ");
        assertThat(json.has("costly") && json.has("traps") && json.has("mustKnow")).isTrue();
    }

    @Test
    void coverage_falls_from_move_to_move_and_names_what_to_answer() throws IOException {
        JsonNode json = json("repertoire", "coverage", repertoire(), "--games", games(), "--json");
        double before = 1;
        for (JsonNode move : json.get("byMove")) {
            assertThat(move.get("probability").asDouble()).isLessThanOrEqualTo(before);
            before = move.get("probability").asDouble();
        }
        assertThat(before).isLessThan(1);
        assertThat(json.at("/best/0/reply").asText()).isEqualTo("c5");
    }

    @Test
    void games_are_compared_with_what_was_recommended_and_the_cards() throws IOException {
        JsonNode json =
                json(
                        "repertoire",
                        "compare",
                        repertoire(),
                        games(),
                        "--player",
                        "marram",
                        "--nodes",
                        "2000",
                        "--json");
        assertThat(json.get("games")).hasSize(2);
        assertThat(json.at("/games/0/leftBy").asText()).isEqualTo("them");
        assertThat(json.at("/games/0/played").asText()).isEqualTo("Bc5");
        assertThat(json.at("/games/0/cards/0/followed").asBoolean()).isFalse();
        assertThat(json.at("/games/1/leftBy").asText()).isEqualTo("them");
        assertThat(json.at("/games/1/ply").asInt()).isEqualTo(2);
    }

    @Test
    void merging_tells_first_and_writes_only_when_asked() throws IOException {
        Path lines = Files.writeString(folder.resolve("new.pgn"), "1. e4 e5 2. Nf3 Nf6 3. Nxe5 *");
        Path out = folder.resolve("merged.pgn");
        JsonNode told = json("repertoire", "merge", repertoire(), "" + lines, "--json");
        assertThat(told.at("/added/0").asText()).isEqualTo("1.e4 e5 2.Nf3 Nf6");
        assertThat(Files.exists(out)).isFalse();
        run("repertoire", "merge", repertoire(), "" + lines, "--out", "" + out);
        assertThat(Files.readString(out)).contains("Nf6 3. Nxe5").contains("zp.card");
        JsonNode again = json("repertoire", "merge", "" + out, "" + lines, "--json");
        assertThat(again.get("added")).isEmpty();
    }

    @Test
    void an_opponent_is_prepared_for_and_orders_are_told() throws IOException {
        JsonNode json =
                json(
                        "repertoire",
                        "prepare",
                        repertoire(),
                        "--opponent",
                        games(),
                        "--player",
                        "Quay",
                        "--nodes",
                        "500",
                        "--json");
        assertThat(json.at("/likely/0/probability").asDouble()).isEqualTo(1);
        assertThat(json.get("repeat").toString()).contains("Bb5");
        assertThat(json.at("/openings/0/opening").asText()).isEqualTo("Italian Game");
        JsonNode orders =
                json(
                        "repertoire",
                        "orders",
                        repertoire(),
                        "--moves",
                        "Nf3,e5,e4,Nc6",
                        "--games",
                        games(),
                        "--json");
        assertThat(orders.get("orders"))
                .extracting(o -> o.get("line").asText())
                .containsExactlyInAnyOrder("1.e4 e5 2.Nf3 Nc6", "1.Nf3 e5 2.e4 Nc6");
        assertThat(run("repertoire", "orders", repertoire(), "--moves", "d4")).isEqualTo(1);
        assertThat(err.toString()).contains("does not come to that position");
    }

    @Test
    void a_review_tells_where_our_side_left_the_repertoire() throws IOException {
        Path game = folder.resolve("left.pgn");
        Files.writeString(game, "1. e4 e5 2. Nc3 Nf6 3. Nf3 Nc6 1/2-1/2");
        JsonNode json =
                json(
                        "review",
                        "" + game,
                        "--repertoire",
                        repertoire(),
                        "--nodes",
                        "1000",
                        "--json");
        assertThat(json.at("/games/0/moments"))
                .anyMatch(
                        m ->
                                m.get("kind").asText().equals("departure")
                                        && m.get("text")
                                                .asText()
                                                .startsWith(
                                                        "2.Nc3 leaves the repertoire, which has"
                                                                + " Nf3."));
    }

    @Test
    void what_is_no_repertoire_is_refused() throws IOException {
        assertThat(run("repertoire", "audit", games(), "--nodes", "0")).isEqualTo(1);
        assertThat(err.toString()).contains("has no tag ZpSide");
        assertThat(
                        run(
                                "repertoire",
                                "coverage",
                                repertoire(),
                                "--approach",
                                "wild",
                                "--nodes",
                                "0"))
                .isEqualTo(1);
        assertThat(err.toString()).contains("quiet or sharp");
    }
}
