package org.zeroply.cli.defence;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.zeroply.cli.CommandTest;

/** What the questions about holding print for people. */
class DefendTextTest extends CommandTest {

    private static final String BACK_RANK = "6k1/5ppp/8/8/8/8/r4PPP/3R2K1 b - - 0 1";

    @TempDir private Path folder;

    private List<String> ask(String fen, String... question) {
        List<String> words = new ArrayList<>(List.of("defend"));
        words.addAll(List.of(question));
        words.addAll(List.of("--fen", fen, "--cache", folder.toString(), "--nodes", "2000"));
        out.getBuffer().setLength(0);
        assertThat(run(words.toArray(String[]::new))).as(err.toString()).isZero();
        return out.toString().lines().toList();
    }

    @Test
    void the_threat_stands_first_then_what_holds_then_what_fails_and_why() {
        List<String> lines = ask(BACK_RANK);
        assertThat(lines.get(0)).isEqualTo("White threatens mate in 1: 2.Rd8#");
        List<String> grades =
                lines.stream()
                        .filter(l -> l.startsWith("  "))
                        .map(l -> l.strip().split(" ")[0])
                        .distinct()
                        .toList();
        assertThat(grades).containsExactly("holds", "fails");
        assertThat(lines)
                .anyMatch(l -> l.matches("  holds +1\\.\\.\\.h6 .*makes room for the king.*"))
                .contains("  fails       1...Kh8 2.Rd8# (back-rank); moves the target")
                .last()
                .asString()
                .startsWith("together: ")
                .endsWith("the same Rd8 (back rank)");
    }

    @Test
    void checks_are_shown_with_the_way_of_the_king() {
        String smothered = "5rk1/5Npp/8/8/2Q5/8/5PPP/6K1 w - - 0 1";
        List<String> lines = ask(smothered, "checks");
        assertThat(lines.get(0)).isEqualTo("White: the checks lead to mate");
        assertThat(lines.get(1)).startsWith("  1.N").endsWith("#");
        assertThat(lines.get(2)).isEqualTo("  the king goes g8 - h8");
        assertThat(ask("6k1/5ppp/8/8/8/8/r4PPP/1Q2R1K1 w - - 0 1", "checks"))
                .as("a king that is mated at once goes nowhere")
                .containsExactly("White: the checks lead to mate", "  1.Qb8#");
    }

    @Test
    void squares_tied_men_wishes_and_fortresses_are_answered_in_a_sentence() {
        assertThat(ask(BACK_RANK, "square", "d8"))
                .containsExactly("d8: White rook d1; Black nobody; White can put a piece there");
        assertThat(ask(BACK_RANK, "tied")).containsExactly("No man is tied.");
        assertThat(ask("6k1/5pp1/5n1p/8/8/8/5PPP/3R2K1 w - - 0 1", "wish", "Rd6").get(0))
                .isEqualTo("Rd6 works at once.");
        assertThat(ask("k7/8/K7/P7/8/8/8/4B3 b - - 0 1", "fortress").get(0))
                .startsWith("Black: holds: ");
    }

    @Test
    void a_try_tells_what_engine_and_practice_say() {
        List<String> lines = ask(BACK_RANK, "active", "--games", "1");
        assertThat(lines.get(0)).isEqualTo("8 of 20 moves keep the balance.");
        assertThat(lines.get(1))
                .matches(
                        "  1\\.\\.\\..*: engine \\d+ of 100, practice \\d+ of 100,"
                                + " the attacker has [\\d.]+ moves; passive");
    }

    @Test
    void a_table_has_a_row_for_each_variant_and_a_column_for_each_defence() throws IOException {
        Path rows = folder.resolve("rows.epd");
        Files.writeString(
                rows,
                "6k1/5ppp/8/8/8/8/r4PPP/3R2K1 b - - defences Kh8 h6;\n"
                        + "6k1/5pp1/7p/8/8/8/r4PPP/3R2K1 b - - id \"air\";\n");
        assertThat(ask(BACK_RANK, "what-if", "" + rows))
                .containsExactly(
                        "          Kh8    h6",
                        "as it is  fails  works",
                        "air       works  not possible");
    }

    @Test
    void bad_numbers_are_told() {
        for (String wrong :
                new String[] {
                    "defend --nodes 0",
                    "defend active --games 0",
                    "defend active --strength 9",
                    "defend measure --positions 0",
                    "defend measure --times 1",
                    "defend what-if " + folder.resolve("none.epd") + " --propose -1",
                }) {
            err.getBuffer().setLength(0);
            assertThat(run(wrong.split(" "))).as(wrong).isEqualTo(1);
            assertThat(err.toString()).as(wrong).startsWith("zeroply: ").endsWith(".\n");
        }
    }
}
