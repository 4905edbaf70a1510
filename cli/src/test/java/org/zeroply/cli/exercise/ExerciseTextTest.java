package org.zeroply.cli.exercise;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.zeroply.cli.CommandTest;

/** What the commands about exercises print for people, and which wishes they take. */
class ExerciseTextTest extends CommandTest {

    private static final String EXERCISE =
            """
            [ZpKind "calculation"]
            [ZpTitle "Two rooks"]
            [ZpMaxPoints "10"]
            [SetUp "1"]
            [FEN "6k1/5ppp/8/8/8/8/r4PPP/1Q2R1K1 w - - 0 1"]

            1. Qb8# $18 {[%zp.pts 5] [%zp.pts 3 verdict]} (1. Qxa2 {[%zp.pts 2 group=b]}) *
            """;

    /** Black has just left a rook where a fork wins it. */
    private static final String GAME =
            """
            [White "Marram, Ilse"]
            [Black "Quay, Jonas"]
            [WhiteElo "1900"]
            [BlackElo "1800"]
            [SetUp "1"]
            [FEN "4k3/1q4pp/8/8/5N2/8/5PPP/6K1 b - - 0 1"]

            1... Qb5 2. Nd5 Qb7 3. g3 *
            """;

    @TempDir private Path folder;

    private String exercise;
    private String game;

    @BeforeEach
    void write() throws IOException {
        exercise = Files.writeString(folder.resolve("ex.pgn"), EXERCISE).toString();
        game = Files.writeString(folder.resolve("g.pgn"), GAME).toString();
    }

    private List<String> lines(String... words) {
        out.getBuffer().setLength(0);
        assertThat(run(words)).as(err.toString()).isZero();
        return out.toString().lines().toList();
    }

    private String answer(String text) throws IOException {
        return Files.writeString(folder.resolve("answer.txt"), text).toString();
    }

    @Test
    void a_marked_answer_tells_each_item_and_each_row() throws IOException {
        List<String> lines =
                lines(
                        "exercise",
                        "mark",
                        exercise,
                        "--answer",
                        answer("1. Qb8# +-\n1. Qz9\n"),
                        "--nodes",
                        "0");
        assertThat(lines)
                .startsWith("8 of 10 points")
                .containsSubsequence(
                        "  5/5   1.Qb8#",
                        "        found in row 1",
                        "  3/3   1.Qb8#",
                        "        found in row 1, with the right verdict +-",
                        "  0/2   1.Qxa2",
                        "        not in the answer")
                .anyMatch(l -> l.startsWith("row 2: 1. Qz9"));
    }

    @ParameterizedTest(name = "{0}: {1}")
    @CsvSource(
            delimiter = '|',
            value = {
                "1. Qb8# +- | 8 of 10 points",
                "1. Qb8# | 5 of 10 points",
                "1. Qb8# -+ | 5 of 10 points",
                "1. Qxa2 | 2 of 10 points",
                "1. Qb8 | 5 of 10 points",
                "Qb8 +- | 8 of 10 points",
                "b1b8 | 5 of 10 points",
                "1. h3 | 0 of 10 points",
            })
    void an_answer_may_be_written_in_several_ways(String text, String points) throws IOException {
        assertThat(
                        lines(
                                "exercise",
                                "mark",
                                exercise,
                                "--answer",
                                answer(text + "\n"),
                                "--nodes",
                                "0"))
                .startsWith(points);
    }

    @Test
    void what_is_unsound_is_told_by_weight_with_a_line() {
        List<String> lines = lines("exercise", "check", exercise, "--nodes", "1000");
        assertThat(lines.get(0)).startsWith("Two rooks: not sound (");
        assertThat(lines)
                .containsSubsequence(
                        "  error, Second solution: Re8# is as good as Qb8#: #1 (won) against #1 (won)",
                        "      1.Re8#",
                        "  warning, Obvious: the key move needs no finding: it mates at once",
                        "      1.Qb8#");
    }

    @Test
    void positions_are_found_with_the_reason_the_line_and_the_position() throws IOException {
        String games =
                Files.writeString(
                                folder.resolve("long.pgn"),
                                """
                                [White "Marram, Ilse"]
                                [Black "Quay, Jonas"]

                                1. e4 e5 2. Nf3 Nc6 3. Bc4 Bc5 4. c3 Nf6 5. d3 d6 6. O-O O-O
                                7. Re1 a6 8. Bb3 Ba7 9. h3 h6 10. Nbd2 Re8 11. Nf1 Be6 12. Bc2 d5
                                13. exd5 Qxd5 14. Ng3 Rad8 15. Nh4 Bxh3 *
                                """)
                        .toString();
        List<String> lines = lines("exercise", "find", games, "--nodes", "4000");
        assertThat(lines).last().asString().matches("\\d+ found in 1 game");
        assertThat(err.toString()).contains("1. Marram, Ilse – Quay, Jonas: ");
        for (int i = 0; i + 4 < lines.size(); i += 4) {
            assertThat(lines.get(i))
                    .matches(
                            "\\d+\\. Marram, Ilse – Quay, Jonas, move \\d+, own moves to find: \\d");
            assertThat(lines.get(i + 2)).matches(" {3}\\d+\\..*");
            assertThat(lines.get(i + 3)).matches(" {3}[\\w/]+ [wb] .*");
        }
    }

    @ParameterizedTest(name = "{0}")
    @CsvSource({
        "--player nobody",
        "--rating 2000-2400",
        "--rating 1000-1700",
        "--side black",
        "--opening sicilian",
        "--length 9",
    })
    void games_that_do_not_have_what_is_wished_for_give_nothing(String wish) {
        String[] words = ("exercise find " + game + " --nodes 2000 " + wish).split(" ");
        assertThat(lines(words)).last().asString().startsWith("0 found");
    }

    @ParameterizedTest(name = "{0}")
    @CsvSource({
        "--side left, side",
        "--rating strong, rating",
        "--rating 2000-1000, rating",
        "--phase late, phase",
        "--kind chess, kind",
        "--length 0, positive",
        "--most 0, positive",
        "--nodes 0, positive",
    })
    void a_wish_that_is_none_is_told(String wish, String about) {
        String[] words = ("exercise find " + game + " " + wish).split(" ");
        assertThat(run(words)).as(wish).isEqualTo(1);
        assertThat(err.toString().toLowerCase(Locale.ROOT)).as(wish).contains(about);
        assertThat(out.toString()).isEmpty();
    }
}
