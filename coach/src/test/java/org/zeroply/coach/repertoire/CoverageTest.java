package org.zeroply.coach.repertoire;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import org.assertj.core.data.Offset;
import org.junit.jupiter.api.Test;

/** Counted by hand. Of four games that a prior adds, half go to the replies thought of. */
class CoverageTest {

    private static final Offset<Double> CLOSE = within(1e-9);

    private static final String OURS =
            "[ZpSide \"white\"]\n\n1. e4 e5 (1... c5 2. Nf3) 2. Nf3 Nc6 3. Bb5 *\n";

    private static Coverage coverage(String ours, String... games) {
        return Coverage.of(
                Repertoire.of(RepertoireTest.trees(ours)),
                new Shares(
                        GameBook.of(
                                List.of(games).stream()
                                        .flatMap(g -> RepertoireTest.trees(g).stream())
                                        .toList())),
                Optional.empty());
    }

    @Test
    void the_part_that_is_left_is_what_came_on() {
        Coverage coverage = coverage(OURS, "1. e4 e5 *", "1. e4 e5 *", "1. e4 c5 *", "1. e4 d5 *");
        // Four games and four of the prior: e5 2 + 1 + 0.1, c5 1 + 1 + 0.1 of 8.
        double e5 = 3.1 / 8;
        double c5 = 2.1 / 8;
        assertThat(coverage.byMove().get(0)).isEqualTo(1);
        assertThat(coverage.byMove().get(1)).isCloseTo(e5 + c5, CLOSE);
        // After 1.e4 e5 2.Nf3 there is no game: Nc6 has half the prior, and a 29th of the rest.
        assertThat(coverage.byMove().get(2)).isCloseTo(e5 * (0.5 + 0.5 / 29), CLOSE);
        assertThat(coverage.byMove()).hasSize(3);
    }

    @Test
    void a_reply_without_an_answer_is_a_leak_with_its_games() {
        Coverage coverage = coverage(OURS, "1. e4 d5 *", "1. e4 d5 *", "1. e4 d6 *");
        Coverage.Leak first = coverage.leaks().get(0);
        assertThat(first.san()).isEqualTo("d5");
        assertThat(first.move()).isEqualTo(2);
        assertThat(first.games()).isEqualTo(2);
        assertThat(first.probability()).isCloseTo((2 + 0.1) / 7, CLOSE);
        assertThat(coverage.best(2)).extracting(Coverage.Leak::san).containsExactly("d5", "d6");
        assertThat(coverage.unseen().get(1))
                .as("the sixteen replies that nobody played and nobody thought of")
                .isCloseTo(16 * 0.1 / 7, CLOSE);
    }

    @Test
    void a_position_of_ours_without_a_move_is_a_leak_without_a_reply() {
        Coverage coverage = coverage("[ZpSide \"white\"]\n\n1. e4 e5 *\n", "1. e4 e5 *");
        Coverage.Leak open = coverage.leaks().get(0);
        assertThat(open.reply()).isEmpty();
        assertThat(open.san()).isEmpty();
        assertThat(open.move()).isEqualTo(2);
        assertThat(open.spot().line()).isEqualTo("1.e4 e5");
        assertThat(open.probability()).isCloseTo((1 + 2 + 0.1) / 5, CLOSE);
    }

    @Test
    void two_orders_of_one_position_flow_together() {
        String orders =
                "[ZpSide \"white\"]\n\n1. d4 Nf6 (1... e6 2. c4 Nf6 3. Nc3) 2. c4 e6 3. Nc3 *\n";
        Coverage coverage = coverage(orders);
        double first = 0.25 + 0.5 / 20;
        double viaKnight = first * (0.5 + 0.5 / legalAfter("1. d4 Nf6 2. c4 *"));
        double viaPawn = first * (0.5 + 0.5 / legalAfter("1. d4 e6 2. c4 *"));
        assertThat(coverage.byMove().get(2)).isCloseTo(viaKnight + viaPawn, CLOSE);
        assertThat(coverage.reached().keySet())
                .extracting(Spot::line)
                .filteredOn(line -> line.endsWith("3.Nc3"))
                .hasSize(1);
    }

    private static int legalAfter(String pgn) {
        var line = RepertoireTest.trees(pgn).get(0).mainLine();
        return line.get(line.size() - 1).position().legalMoves().size();
    }

    @Test
    void what_left_and_what_came_on_are_everything() {
        Coverage coverage =
                coverage(OURS, "1. e4 e5 2. Nf3 Nf6 *", "1. e4 c5 *", "1. e4 g6 *", "1. e4 e5 *");
        double second = coverage.byMove().get(1);
        double left =
                coverage.leaks().stream()
                        .filter(l -> l.move() == 2)
                        .mapToDouble(Coverage.Leak::probability)
                        .sum();
        assertThat(second + left + coverage.unseen().get(1)).isCloseTo(1, CLOSE);
    }
}
