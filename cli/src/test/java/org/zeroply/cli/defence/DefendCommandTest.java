package org.zeroply.cli.defence;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.notation.NotationException;
import org.zeroply.chess.notation.San;
import org.zeroply.cli.CommandTest;

class DefendCommandTest extends CommandTest {

    private static final String BACK_RANK = "6k1/5ppp/8/8/8/8/r4PPP/3R2K1 b - - 0 1";
    private static final String HELD = "6k1/5ppp/8/3n4/8/8/r4PPP/3R2K1 b - - 0 1";

    @TempDir Path folder;

    private JsonNode ask(String fen, String... more) throws IOException {
        List<String> line = new ArrayList<>(List.of("defend", "--fen", fen, "--json"));
        line.addAll(List.of("--cache", folder.toString(), "--nodes", "2000"));
        line.addAll(List.of(more));
        return json(line.toArray(String[]::new));
    }

    @Test
    void every_move_holds_or_is_refuted_by_a_line_that_can_be_played()
            throws IOException, NotationException {
        JsonNode json = ask(BACK_RANK);

        assertThat(json.get("class").asText()).isEqualTo("draw");
        assertThat(json.at("/threat/kind").asText()).isEqualTo("mate");
        assertThat(json.at("/mateThreat/move").asText()).isEqualTo("Rd8#");
        assertThat(json.get("coverCanStay").asBoolean()).isTrue();
        assertThat(json.get("onlyMove").isNull()).isTrue();
        Position position = Position.fromFen(BACK_RANK);
        assertThat(json.get("candidates")).hasSameSizeAs(position.legalMoves());
        for (JsonNode candidate : json.get("candidates")) {
            boolean fails =
                    candidate.get("holds").isBoolean() && !candidate.get("holds").asBoolean();
            assertThat(candidate.get("refutation").isEmpty()).isEqualTo(!fails);
            Position at = position.play(San.read(position, candidate.get("move").asText()));
            for (JsonNode san : candidate.get("refutation")) {
                at = at.play(San.read(at, san.asText()));
            }
        }
    }

    @Test
    void pins_have_ways_out() throws IOException {
        JsonNode pin = ask(HELD).at("/pins/0");
        assertThat(pin.get("pinned").asText()).isEqualTo("d5");
        assertThat(pin.get("behind").asText()).isEqualTo("d8");
        assertThat(pin.get("kind").asText()).isEqualTo("square");
        assertThat(pin.get("waysOut")).isNotEmpty();
    }

    @Test
    void the_single_questions_are_answered() throws IOException {
        String smothered = "5rk1/5Npp/8/8/2Q5/8/5PPP/6K1 w - - 0 1";
        JsonNode checks = ask(smothered, "--checks");
        assertThat(checks.get("outcome").asText()).isEqualTo("mate");
        assertThat(checks.get("kingPath")).hasSize(2);
        String pinned = "r1bq1rk1/pp3ppp/2p2n2/2b1n3/4P3/1BN5/PP2QPPP/R1B2RK1 w - - 0 1";
        JsonNode wish = ask(pinned, "--wish", "f4");
        assertThat(wish.get("worksNow").asBoolean()).isFalse();
        assertThat(wish.get("sets").isArray()).isTrue();
        assertThat(ask(BACK_RANK, "--square", "d8").get("white")).hasSize(1);
        assertThat(ask(BACK_RANK, "--tied").get("tied").isArray()).isTrue();
        assertThat(ask("k7/8/K7/P7/8/8/8/4B3 b - - 0 1", "--fortress").get("outcome").asText())
                .isEqualTo("holds");
        assertThat(ask(BACK_RANK, "--active", "--games", "1").at("/tries/0/given").asInt())
                .isZero();
    }

    @Test
    void a_table_is_filled_and_written() throws IOException {
        Path rows = folder.resolve("rows.epd");
        Files.writeString(
                rows,
                "6k1/5ppp/8/8/8/8/r4PPP/3R2K1 b - - defences Kh8 h6;\n"
                        + "6k1/5pp1/7p/8/8/8/r4PPP/3R2K1 b - -\n");
        Path out = folder.resolve("table.pdf");
        JsonNode json = ask(BACK_RANK, "--what-if", "" + rows, "--out", "" + out);
        assertThat(json.at("/rows/0/cells/0/state").asText()).isEqualTo("fails");
        assertThat(json.at("/rows/0/cells/0/line/1").asText()).isEqualTo("Rd8#");
        assertThat(json.at("/rows/1/cells/1/state").asText()).isEqualTo("impossible");
        assertThat(out).isNotEmptyFile();

        Files.writeString(rows, "6k1/8 b - - defences Kh8;\n");
        assertThat(run("defend", "--what-if", "" + rows)).isEqualTo(1);
        assertThat(err.toString()).contains("row 1");
    }

    @Test
    void bad_questions_are_told() {
        assertThat(run("defend", "--fen", BACK_RANK, "--square", "z9")).isEqualTo(1);
        assertThat(run("defend", "--fen", BACK_RANK, "--wish", "Qh9")).isEqualTo(1);
        assertThat(run("defend", "--fen", BACK_RANK, "--propose", "3")).isEqualTo(2);
        assertThat(run("defend", "--fen", BACK_RANK, "--checks", "--tied")).isEqualTo(2);
        assertThat(run("defend", "--fen", "3R2k1/5ppp/8/8/8/8/8/6K1 b - - 0 1")).isEqualTo(1);
        assertThat(run("exercise", "draft", "--fen", BACK_RANK, "--task", "rest")).isEqualTo(1);
    }
}
