package org.zeroply.engine.search;

import static org.assertj.core.api.Assertions.assertThat;

import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.zeroply.chess.board.Move;

class LateMovesTest {

    private static final int QUIET = Move.pack(12, 28, Move.QUIET);

    private static SearchNode node(int depth, int number, int alpha, int beta) {
        SearchNode n = new SearchNode();
        n.begin(depth, alpha, beta, false, 0);
        n.number = number;
        n.still = 0;
        n.improving = true;
        return n;
    }

    private static SearchNode ranked(SearchNode n, int rank) {
        n.move = QUIET;
        n.rank = rank;
        return n;
    }

    @Property(tries = 200)
    void a_later_move_and_a_greater_depth_never_mean_a_smaller_reduction(
            @ForAll @IntRange(min = 2, max = 60) int depth,
            @ForAll @IntRange(min = 2, max = 60) int number) {
        assertThat(LateMoves.plies(depth + 1, number))
                .isGreaterThanOrEqualTo(LateMoves.plies(depth, number));
        assertThat(LateMoves.plies(depth, number + 1))
                .isGreaterThanOrEqualTo(LateMoves.plies(depth, number));
    }

    @Property(tries = 200)
    void a_reduction_leaves_at_least_one_ply(
            @ForAll @IntRange(min = 2, max = 60) int depth,
            @ForAll @IntRange(min = 2, max = 80) int number,
            @ForAll @IntRange(min = -50_000, max = 50_000) int rank) {
        SearchNode n = node(depth, number, 0, 1);
        assertThat(LateMoves.reduction(ranked(n, rank), false, depth - 1))
                .isBetween(0, Math.max(0, depth - 2));
    }

    @Test
    void main_lines_checks_and_moves_that_were_good_before_are_reduced_less() {
        SearchNode n = node(12, 10, 0, 1);
        int usual = LateMoves.reduction(ranked(n, 0), false, 11);
        assertThat(LateMoves.reduction(ranked(n, 0), true, 11)).isLessThan(usual);
        assertThat(LateMoves.reduction(ranked(n, 20_000), false, 11)).isLessThan(usual);
        assertThat(LateMoves.reduction(ranked(n, -20_000), false, 11)).isGreaterThan(usual);
        n.main = true;
        assertThat(LateMoves.reduction(ranked(n, 0), false, 11)).isLessThan(usual);
        n.main = false;
        n.cut = true;
        assertThat(LateMoves.reduction(ranked(n, 0), false, 11)).isGreaterThan(usual);
    }

    @Test
    void quiet_moves_are_left_out_once_many_were_tried_but_never_for_their_number_on_a_main_line() {
        assertThat(LateMoves.isHopeless(ranked(node(3, 12, 0, 1), 0))).isFalse();
        assertThat(LateMoves.isHopeless(ranked(node(3, 13, 0, 1), 0))).isTrue();
        assertThat(LateMoves.isHopeless(ranked(node(3, 13, -500, 500), 0))).isFalse();
    }

    @Test
    void quiet_moves_are_left_out_far_below_the_bound_unless_their_like_was_often_good() {
        SearchNode far = node(2, 2, 400, 401);
        assertThat(LateMoves.isHopeless(ranked(far, 0))).isTrue();
        assertThat(LateMoves.isHopeless(ranked(far, 12_000))).isFalse();
        assertThat(LateMoves.isHopeless(ranked(node(2, 2, 100, 101), 0))).isFalse();
        far.low = 50;
        assertThat(LateMoves.isHopeless(ranked(far, 0))).isFalse();
    }

    @ParameterizedTest
    @CsvSource({
        // 110 for what is taken, 200, and 200 for each of two plies.
        "2, 110, 710, true",
        "2, 110, 709, false",
        "2, 330, 710, false",
        // With seven plies left nothing is left out.
        "12, 110, 5000, false"
    })
    void a_capture_that_takes_too_little_is_left_out(int depth, int gain, int low, boolean out) {
        SearchNode n = node(depth, 2, low, low + 1);
        n.move = Move.pack(12, 28, Move.CAPTURE);
        assertThat(LateMoves.isFutile(n, gain)).isEqualTo(out);
        n.number = 1;
        assertThat(LateMoves.isFutile(n, gain)).isFalse();
    }

    @Test
    void where_replies_were_cut_off_again_and_again_later_moves_are_reduced_more() {
        SearchNode n = node(12, 10, 0, 1);
        int usual = LateMoves.reduction(ranked(n, 0), false, 11);
        n.refuted = true;
        assertThat(LateMoves.reduction(ranked(n, 0), false, 11)).isEqualTo(usual + 1);
    }

    @Test
    void with_more_plies_left_a_move_may_lose_more_before_it_is_left_out() {
        assertThat(LateMoves.worst(node(4, 9, 0, 1), true)).isEqualTo(-384);
        assertThat(LateMoves.worst(node(4, 9, 0, 1), false)).isEqualTo(-380);
        assertThat(LateMoves.worst(node(8, 9, 0, 1), false)).isEqualTo(-760);
    }
}
