package org.zeroply.cli.exercise;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.zeroply.cli.CommandTest;

class ExerciseCommandTest extends CommandTest {

    /** A queen and a king are forked by the knight; the pawns keep the kings apart. */
    private static final String FORK = "4k3/1q4pp/8/3N4/8/8/5PPP/6K1 w - - 0 1";

    private static final String TWO_SOLUTIONS =
            """
            [ZpKind "calculation"]
            [ZpTitle "Two rooks"]
            [ZpMaxPoints "9"]
            [SetUp "1"]
            [FEN "6k1/5ppp/8/8/8/8/5PPP/R3R1K1 w - - 0 1"]

            1. Ra8# {[%zp.pts 10]} *

            """;

    private static final String START_OF_A_MIDDLEGAME =
            "r2qr1k1/2p1bppp/p2p1n2/1p6/3Pp3/1BP1P3/PP1NQPPP/R1B2RK1 w";

    @TempDir Path folder;

    private String file(String name, String text) throws IOException {
        return "" + Files.writeString(folder.resolve(name), text);
    }

    private static List<String> texts(JsonNode list, String field) {
        List<String> texts = new ArrayList<>();
        list.forEach(n -> texts.add(n.get(field).asText()));
        return texts;
    }

    @Test
    void a_draft_adds_up_is_written_checked_and_drafted_anew_in_one_branch() throws IOException {
        String out = folder.resolve("ex.pgn").toString();
        JsonNode draft =
                json(
                        "exercise",
                        "draft",
                        "--fen",
                        FORK,
                        "--points",
                        "30",
                        "--nodes",
                        "8000",
                        "--out",
                        out,
                        "--json");
        assertThat(draft.get("points").asInt()).isEqualTo(30);
        int sum = 0;
        for (JsonNode item : draft.get("items")) {
            sum += item.get("points").asInt();
        }
        assertThat(sum).isGreaterThanOrEqualTo(30);
        assertThat(draft.get("pgn").asText()).contains("[FEN \"" + FORK).contains("1. N");
        JsonNode check = json("exercise", "check", out, "--nodes", "8000", "--json");
        assertThat(check.get("exercises")).hasSize(1);
        assertThat(check.at("/exercises/0/stamp").asText()).contains("8000 nodes a search");
        String key = draft.at("/items/0/line").asText();
        JsonNode again =
                json(
                        "exercise",
                        "draft",
                        "--redraft",
                        out,
                        "--branch",
                        key,
                        "--nodes",
                        "8000",
                        "--json");
        assertThat(again.get("points").asInt()).isEqualTo(30);
        assertThat(err.toString()).isEmpty();
        assertThat(
                        run(
                                "exercise",
                                "draft",
                                "--redraft",
                                out,
                                "--branch",
                                key,
                                "--minutes",
                                "0.00001"))
                .isZero();
        assertThat(err.toString()).contains("Not settled: the time was up");
        assertThat(run("exercise", "draft", "--fen", FORK, "--out", out)).isEqualTo(1);
        assertThat(err.toString()).contains("exists already");
    }

    @Test
    void a_time_limit_is_kept_and_what_was_left_out_is_told() throws IOException {
        String scheme =
                TWO_SOLUTIONS
                        .replace("6k1/5ppp/8/8/8/8/5PPP/R3R1K1 w", START_OF_A_MIDDLEGAME)
                        .replace("1. Ra8#", "1. Re1")
                        .replace("\"9\"", "\"10\"");
        String file = file("ex.pgn", scheme);
        JsonNode check =
                json(
                        "exercise",
                        "check",
                        file,
                        "--nodes",
                        "9000000",
                        "--minutes",
                        "0.0001",
                        "--json");
        assertThat(check.get("sound").asBoolean()).isFalse();
        assertThat(texts(check.get("findings"), "kind")).containsExactly("unsettled");
        JsonNode draft =
                json(
                        "exercise",
                        "draft",
                        "--fen",
                        START_OF_A_MIDDLEGAME + " - - 0 1",
                        "--nodes",
                        "4000",
                        "--minutes",
                        "0.0001",
                        "--json");
        assertThat(draft.get("pgn").asText()).contains("Not settled: ");
        assertThat(run("exercise", "check", file, "--minutes", "0")).isEqualTo(1);
        assertThat(err.toString()).contains("The minutes must be positive.");
        assertThat(run("exercise", "check", file, "--minutes", "soon")).isEqualTo(2);
    }

    @Test
    void a_check_names_second_solutions_sums_duplicates_and_illegal_starts() throws IOException {
        String mirrored =
                TWO_SOLUTIONS
                        .replace("6k1/5ppp/8/8/8/8/5PPP/R3R1K1 w", "1k6/ppp5/8/8/8/8/PPP5/1K1R3R w")
                        .replace("1. Ra8#", "1. Rh8#")
                        .replace("Two rooks", "Mirrored");
        String illegal = TWO_SOLUTIONS.replace("6k1/5ppp", "8/5ppp");
        String all = file("ex.pgn", TWO_SOLUTIONS + mirrored + illegal);
        JsonNode check = json("exercise", "check", all, "--nodes", "5000", "--json");
        assertThat(check.get("sound").asBoolean()).isFalse();
        assertThat(texts(check.get("exercises"), "title"))
                .containsExactly("Two rooks", "Mirrored", "Exercise 3");
        assertThat(texts(check.get("findings"), "kind"))
                .contains("second-solution", "points-sum", "duplicate", "illegal-start");
        assertThat(texts(check.get("findings"), "line")).contains("1.Re8#");
        String library = folder.resolve("l.zpl").toString();
        json("import", file("one.pgn", TWO_SOLUTIONS), "--library", library, "--json");
        String other = file("other.pgn", mirrored);
        JsonNode known =
                json("exercise", "check", other, "--nodes", "5000", "--library", library, "--json");
        assertThat(texts(known.get("findings"), "detail")).anyMatch(d -> d.contains("Two rooks"));
        JsonNode itself =
                json(
                        "exercise",
                        "check",
                        folder.resolve("one.pgn").toString(),
                        "--nodes",
                        "5000",
                        "--library",
                        library,
                        "--json");
        assertThat(texts(itself.get("findings"), "kind")).doesNotContain("duplicate");
    }

    @Test
    void positions_of_games_are_found_for_who_has_to_move() throws IOException {
        String games =
                file(
                        "g.pgn",
                        """
                        [White "Marram, Ilse"]
                        [Black "Quay, Jonas"]
                        [Result "*"]

                        1. e4 e5 2. Nf3 Nc6 3. Bc4 Bc5 4. c3 Nf6 5. d3 d6 6. O-O O-O 7. Re1 a6
                        8. Bb3 Ba7 9. h3 h6 10. Nbd2 Re8 11. Nf1 Be6 12. Bc2 d5 13. exd5 Qxd5
                        14. Ng3 Rad8 15. Nh4 Bxh3 *
                        """);
        JsonNode found = json("exercise", "find", games, "--nodes", "4000", "--check", "--json");
        assertThat(found.get("games").asInt()).isEqualTo(1);
        for (JsonNode one : found.get("found")) {
            assertThat(one.get("line")).isNotEmpty();
            assertThat(one.get("reason").asText()).isNotBlank();
            assertThat(one.has("sound")).isTrue();
        }
        JsonNode nobody =
                json("exercise", "find", games, "--nodes", "4000", "--player", "nobody", "--json");
        assertThat(nobody.get("found")).isEmpty();
    }

    @Test
    void a_sheet_for_paper_keeps_the_solutions_apart() throws IOException {
        String exercises = file("ex.pgn", TWO_SOLUTIONS);
        Path pdf = folder.resolve("sheet.pdf");
        json(
                "exercise",
                "sheet",
                exercises,
                "--out",
                pdf.toString(),
                "--per-page",
                "2",
                "--student",
                "Greta Shoal",
                "--json");
        assertThat(text(pdf)).contains("Greta Shoal", "White to move").doesNotContain("Ra8");
        assertThat(text(folder.resolve("sheet-solutions.pdf"))).contains("1.Ra8# [10]");
        Path epd = folder.resolve("set.epd");
        json("exercise", "sheet", exercises, "--out", epd.toString(), "--json");
        assertThat(epd).hasContent("6k1/5ppp/8/8/8/8/5PPP/R3R1K1 w - - bm Ra8#; id \"Two rooks\";");
        Path html = folder.resolve("sheet.html");
        json("exercise", "sheet", exercises, "--out", html.toString(), "--json");
        assertThat(Files.readString(html)).contains("<svg", "Points:").doesNotContain("Ra8");
    }

    private static String text(Path pdf) throws IOException {
        try (var document = Loader.loadPDF(pdf.toFile())) {
            return new PDFTextStripper().getText(document);
        }
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "exercise draft",
                "exercise draft --fen nonsense",
                "exercise draft --redraft none.pgn --branch e4",
                "exercise draft --fen 8/8/8/8/8/k7/8/K6R --task hold --minutes 1",
                "exercise check none.pgn",
                "exercise find",
                "exercise find --library none.zpl",
                "exercise find none.pgn --side green",
                "exercise find none.pgn --rating high",
                "exercise find none.pgn --phase late",
                "exercise sheet none.pgn --out x.pdf",
                "exercise sheet none.pgn --out x.doc",
                "exercise ratings --library none.zpl",
            })
    void bad_input_is_told_and_nothing_is_written(String command) {
        assertThat(run(command.split(" "))).isIn(1, 2);
        assertThat(err.toString()).isNotBlank();
    }
}
