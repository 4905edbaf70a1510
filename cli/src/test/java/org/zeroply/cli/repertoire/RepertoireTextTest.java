package org.zeroply.cli.repertoire;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.zeroply.cli.CommandTest;

/** What the questions about a repertoire print for people. */
class RepertoireTextTest extends CommandTest {

    private static final String OURS =
            """
            [ZpSide "white"]

            1. e4 {[%zp.card IF black knight on c6 THEN play Bb5]} e5 2. Nf3 Nc6 3. Bb5 *

            [ZpSide "white"]

            1. Nf3 e5 2. e4 Nc6 3. Bc4 *
            """;

    private static final String GAMES =
            """
            [White "Marram, Ilse"]
            [Black "Quay, Jonas"]
            [Date "2026.01.02"]
            [Result "1-0"]

            1. e4 e5 2. Qh5 Nc6 3. Bc4 Nf6 4. Qxf7# 1-0

            [White "Marram, Ilse"]
            [Black "Shoal, Greta"]
            [Date "2026.01.03"]
            [Result "0-1"]

            1. e4 c5 2. Nf3 0-1
            """;

    @TempDir private Path folder;

    private String ours;
    private String games;

    @BeforeEach
    void write() throws IOException {
        ours = Files.writeString(folder.resolve("ours.pgn"), OURS).toString();
        games = Files.writeString(folder.resolve("games.pgn"), GAMES).toString();
    }

    private List<String> lines(String... words) {
        out.getBuffer().setLength(0);
        assertThat(run(words)).as(err.toString()).isZero();
        return out.toString().lines().toList();
    }

    @Test
    void coverage_falls_and_tells_what_an_answer_would_bring() {
        List<String> lines = lines("repertoire", "coverage", ours, "--games", games);
        assertThat(lines.get(0)).isEqualTo("after move  1  100.0%");
        assertThat(lines.get(1)).matches("after move {2}2 {3}\\d\\d\\.\\d%");
        assertThat(lines)
                .containsSubsequence("An answer here would raise it most:")
                .anyMatch(l -> l.matches(" +\\d+\\.\\d% {2}1\\.e4 c5"));
        String one = folder.resolve("one.pgn").toString();
        assertThat(lines("repertoire", "coverage", ours, "--games", write(one, "1. e4 e5 *\n")))
                .last()
                .isEqualTo("Every reply that was played has an answer.");
    }

    private static String write(String file, String text) {
        try {
            return Files.writeString(Path.of(file), text).toString();
        } catch (IOException e) {
            throw new AssertionError(e);
        }
    }

    @Test
    void games_are_compared_line_by_line() {
        assertThat(lines("repertoire", "compare", ours, games, "--player", "Marram"))
                .anyMatch(l -> l.startsWith("Marram, Ilse – Quay, Jonas"))
                .anyMatch(l -> l.startsWith("  the player left after 1.e4 e5: Qh5 for Nf3"))
                .contains("  not followed: IF black knight on c6 THEN play Bb5 (Bc4)");
    }

    @Test
    void a_card_is_looked_for_and_tried() {
        assertThat(lines("repertoire", "cards", ours, games))
                .containsExactly(
                        "Marram, Ilse – Quay, Jonas, move 3: Bc4  not followed",
                        "    IF black knight on c6 THEN play Bb5");
        String card = "IF white pawn on e4 THEN play Nf3";
        List<String> tried = lines("repertoire", "try", card, games, "--side", "white");
        assertThat(tried.get(0)).isEqualTo(card);
        assertThat(tried.get(1)).isEqualTo("2 games: it applied 2 times, scored 50%");
        assertThat(tried)
                .contains("  followed      once, scored 0%", "  not followed  once, scored 100%");
    }

    @Test
    void what_lines_would_bring_is_told_with_what_conflicts() {
        String other = folder.resolve("other.pgn").toString();
        assertThat(
                        lines(
                                "repertoire",
                                "merge",
                                ours,
                                write(other, "1. e4 e5 2. f4 *\n\n1. d4 *\n")))
                .contains(
                        "new: 1.e4 e5 2.f4",
                        "conflict: 1.e4 e5  Nf3 or f4",
                        "conflict: at the start  e4 or d4");
        assertThat(lines("repertoire", "merge", ours, write(other, "1. e4 e5 2. Nf3 *\n")))
                .containsExactly("Nothing new.");
    }

    @Test
    void an_opponent_is_prepared_for_in_four_parts() {
        List<String> lines =
                lines("repertoire", "prepare", ours, "--opponent", theirs(), "--player", "Quay");
        assertThat(lines)
                .containsSubsequence(
                        "Likely:",
                        "Repeat tonight:",
                        "Side steps: none",
                        "Loses a move, by opening:")
                .anyMatch(l -> l.matches(" +100\\.0% {2}at the start: e4 \\(1 game\\)"))
                .noneMatch(l -> l.contains("1 games"));
    }

    private String theirs() {
        return write(
                folder.resolve("theirs.pgn").toString(),
                "[White \"A\"]\n[Black \"Quay, Jonas\"]\n[Result \"1-0\"]\n\n1. e4 e5 2. Nf3 Nc6 1-0\n");
    }

    @Test
    void orders_tell_what_each_allows_and_avoids() {
        List<String> lines =
                lines(
                        "repertoire",
                        "orders",
                        ours,
                        "--moves",
                        "e4,e5,Nf3",
                        "--games",
                        games,
                        "--share",
                        "0.1");
        assertThat(lines).contains("1.e4 e5 2.Nf3", "1.Nf3 e5 2.e4");
        assertThat(lines).contains("  allows 1.e4  c5", "  avoids 1.e4  c5");
    }

    @Test
    void an_audit_has_a_heading_for_every_kind_also_where_there_is_nothing() {
        assertThat(lines("repertoire", "audit", ours, "--games", games, "--nodes", "500"))
                .anyMatch(l -> l.startsWith("Gaps:"))
                .containsSubsequence("Contradictions:", "  1.e4   but   1.Nf3")
                .anyMatch(l -> l.startsWith("Dead ends:"))
                .anyMatch(l -> l.startsWith("Must know:"));
    }
}
