package org.zeroply.engine.search;

import static org.assertj.core.api.Assertions.assertThat;

import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;
import org.zeroply.chess.board.Board;
import org.zeroply.chess.board.Position;

class CorrectionsTest {

    private static final int KNIGHT_TO_F3 = 2 << 6 | 21;

    private final Corrections corrections = new Corrections();

    private final Board board =
            board("r2q1rk1/pp2bppp/2n1p3/3p4/3P4/2N2N2/PP2QPPP/R4RK1 w - - 0 1");

    private static Board board(String fen) {
        return Position.fromFen(fen).toBoard();
    }

    @Test
    void nothing_is_corrected_before_anything_was_learnt() {
        assertThat(corrections.of(board, KNIGHT_TO_F3)).isZero();
    }

    @Test
    void a_position_found_better_again_and_again_is_judged_better_until_it_agrees() {
        for (int i = 0; i < 400; i++) {
            int still = 20 + corrections.of(board, KNIGHT_TO_F3);
            corrections.learn(board, KNIGHT_TO_F3, 60 - still, 6);
        }
        assertThat(20 + corrections.of(board, KNIGHT_TO_F3)).isBetween(55, 60);
    }

    @Test
    void the_same_pawns_with_other_pieces_share_a_part_of_what_was_learnt() {
        Board others = board("2rq1rk1/pp1b1ppp/4pn2/3p4/3P4/5N2/PP1B1PPP/R2Q1RK1 w - - 0 1");
        Board pawnsToo = board("2rq1rk1/1p1b1ppp/p3pn2/8/3P4/P4N2/1P1B1PPP/R2Q1RK1 w - - 0 1");
        for (int i = 0; i < 50; i++) {
            corrections.learn(board, 0, -80, 8);
        }
        assertThat(corrections.of(others, 0)).isNegative().isGreaterThan(corrections.of(board, 0));
        assertThat(corrections.of(others, KNIGHT_TO_F3)).isNegative();
        assertThat(corrections.of(pawnsToo, KNIGHT_TO_F3)).isZero();
    }

    @Test
    void what_was_learnt_for_one_side_to_move_says_nothing_for_the_other() {
        corrections.learn(board, 0, 200, 12);
        Board passed = board.copy();
        passed.makeNull();
        assertThat(corrections.of(passed, KNIGHT_TO_F3)).isZero();
    }

    @Test
    void a_deeper_search_teaches_more() {
        Corrections shallow = new Corrections();
        shallow.learn(board, 0, 200, 1);
        corrections.learn(board, 0, 200, 12);
        assertThat(corrections.of(board, 0)).isGreaterThan(shallow.of(board, 0)).isPositive();
    }

    @Property(tries = 100)
    void no_correction_is_ever_worth_more_than_two_pawns_or_turns_round(
            @ForAll @IntRange(min = -30_000, max = 30_000) int by,
            @ForAll @IntRange(max = 127) int depth) {
        corrections.clear();
        for (int i = 0; i < 300; i++) {
            corrections.learn(board, KNIGHT_TO_F3, by, depth);
        }
        int learnt = corrections.of(board, KNIGHT_TO_F3);
        assertThat(Math.abs(learnt)).isLessThan(200);
        assertThat(learnt * Integer.signum(by)).isNotNegative();
    }

    @Test
    void what_is_forgotten_corrects_nothing() {
        corrections.learn(board, KNIGHT_TO_F3, 200, 12);
        corrections.clear();
        assertThat(corrections.of(board, KNIGHT_TO_F3)).isZero();
    }
}
