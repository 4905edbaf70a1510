package org.zeroply.cli.insight;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Arrays;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.zeroply.cli.CommandTest;

/** What the questions about a position print for people. */
class InsightTextTest extends CommandTest {

    private static final String OUTPOST = "r4rk1/1p3ppp/p2p4/4p3/4P3/2N3P1/PP3P1P/R4RK1 w - - 0 20";
    private static final String RECAPTURES = "4k3/8/8/8/8/2b5/PP1P4/4K3 w - - 0 1";

    private List<String> lines(String command, String fen) {
        String[] words = (command + " --fen").split(" ");
        String[] all = Arrays.copyOf(words, words.length + 1);
        all[words.length] = fen;
        assertThat(run(all)).as(err.toString()).isZero();
        return out.toString().lines().toList();
    }

    @Test
    void facts_are_told_by_group_three_of_a_side_and_the_rest_is_counted() {
        List<String> few = lines("insight --nodes 0", OUTPOST);
        assertThat(few)
                .containsSubsequence(
                        "Material",
                        "Kings",
                        "Pawns and squares",
                        "           1 more with --all",
                        "Pieces",
                        "Plans",
                        "Forcing moves of White",
                        "  Rad1 (+0.00, threatens +1.00), Rfd1 (+0.00, threatens +1.00)")
                .anyMatch(l -> l.matches("  Black    backward pawn d6: .*"))
                .doesNotContain("Forcing moves of Black");
        assertThat(err.toString()).isEmpty();
        out.getBuffer().setLength(0);
        List<String> all = lines("insight --nodes 0 --all", OUTPOST);
        assertThat(all).hasSizeGreaterThan(few.size()).noneMatch(l -> l.endsWith("with --all"));
        assertThat(all.stream().filter(l -> l.startsWith("  ")).toList())
                .containsAll(
                        few.stream()
                                .filter(l -> l.startsWith("  ") && !l.contains(" more with "))
                                .toList());
    }

    @Test
    void structures_stand_side_by_side_with_what_each_move_changes() {
        List<String> lines = lines("insight --nodes 0", RECAPTURES);
        int head = lines.indexOf("Structures               now         bxc3        dxc3");
        assertThat(head).isPositive();
        assertThat(lines.subList(head + 1, head + 3))
                .containsExactly(
                        "  White: islands         2           2           1",
                        "  White: isolated        d2          a2          –");
        assertThat(lines)
                .containsSubsequence("After bxc3", "After dxc3")
                .anyMatch(l -> l.startsWith("+  White    isolated pawn a2"))
                .anyMatch(l -> l.startsWith("-  White    isolated pawn d2"));
    }

    @Test
    void a_move_that_changes_no_structure_says_so() {
        assertThat(lines("insight moves Kg2 --nodes 0", OUTPOST))
                .containsSubsequence("After Kg2", "  the structure stays");
    }

    @Test
    void searched_facts_tell_on_the_other_stream_what_is_looked_for() {
        lines("insight --nodes 500", OUTPOST);
        assertThat(err.toString()).contains("looking for ");
        assertThat(out.toString()).doesNotContain("looking for ");
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "route c3-d5 | 1 moves:;  c3-d5",
                "contest d5 | d5: White pawn e4, knight c3; Black nobody; White can put a piece there",
            })
    void a_single_question_has_a_short_answer(String question, String answer) {
        assertThat(lines("insight " + question, OUTPOST)).containsExactly(answer.split(";(?=  )"));
    }

    @Test
    void a_square_that_cannot_be_reached_is_told() {
        String shut = "4k3/8/8/8/8/8/1p6/b3K3 b - - 0 1";
        assertThat(lines("insight route a1-h8", shut))
                .containsExactly("No safe route of up to 6 moves.");
    }

    @Test
    void what_moves_take_away_and_bring_is_marked() {
        List<String> lines = lines("insight after bxc3", RECAPTURES);
        assertThat(lines).isNotEmpty().allMatch(l -> l.startsWith("+ ") || l.startsWith("- "));
        assertThat(lines).anyMatch(l -> l.startsWith("+  White    isolated pawn a2"));
    }

    @Test
    void trades_are_told_with_what_they_gain() {
        assertThat(lines("insight exchanges --nodes 500", OUTPOST))
                .isNotEmpty()
                .allMatch(l -> l.matches("(White|Black) wants to trade .* pawns better[:;] .*"));
    }

    @Test
    void the_terms_stand_in_columns_and_add_up() {
        List<String> lines = lines("explain", OUTPOST);
        int width = lines.get(0).length();
        assertThat(lines.get(0)).endsWith("White  Black  balance");
        assertThat(lines)
                .filteredOn(l -> l.matches(".*[+-]\\d+"))
                .allMatch(l -> l.length() == width);
        int sum = 0;
        for (String line : lines.subList(1, lines.size() - 2)) {
            sum += Integer.parseInt(line.substring(line.lastIndexOf(' ') + 1));
        }
        String total = lines.get(lines.size() - 2);
        assertThat(total).startsWith("Total").endsWith(" " + String.format("%+d", sum));
    }
}
