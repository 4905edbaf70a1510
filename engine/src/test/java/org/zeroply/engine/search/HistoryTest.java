package org.zeroply.engine.search;

import static org.assertj.core.api.Assertions.assertThat;

import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.zeroply.chess.board.Board;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.Position;

class HistoryTest {

    private static final int[] NONE = {};

    private final History history = new History();
    private final Board board = Position.START.toBoard();

    private static int move(Board board, String coordinates) {
        return Position.of(board).legalMoves().stream()
                .filter(m -> m.coordinates().equals(coordinates))
                .findFirst()
                .orElseThrow()
                .packed();
    }

    private void play(int ply, String coordinates) {
        int move = move(board, coordinates);
        history.play(board, move, ply);
        board.make(move);
    }

    @Test
    void a_refutation_ranks_above_what_was_tried_before_it_and_is_remembered_for_its_ply() {
        play(0, "e2e4");
        int good = move(board, "e7e5");
        int bad = move(board, "a7a6");
        history.learnQuiet(board, good, new int[] {bad}, 1, 6, 1);
        assertThat(history.quiet(board, good, 1)).isPositive();
        assertThat(history.quiet(board, bad, 1)).isNegative();
        assertThat(history.killer(1, 0)).isEqualTo(good);
        assertThat(history.counter(1)).isEqualTo(good);
    }

    @Test
    void what_continues_a_move_ranks_higher_after_that_move_than_after_another() {
        play(0, "e2e4");
        int reply = move(board, "e7e5");
        history.learnQuiet(board, reply, NONE, 0, 6, 1);
        int after = history.quiet(board, reply, 1);
        Board other = Position.START.toBoard();
        int queensPawn = move(other, "d2d4");
        history.play(other, queensPawn, 0);
        other.make(queensPawn);
        assertThat(history.quiet(other, reply, 1)).isPositive().isLessThan(after);
    }

    @Test
    void what_is_good_with_the_pawns_so_ranks_lower_where_they_stand_otherwise() {
        Board here = Position.fromFen("4k3/5ppp/8/8/8/8/5PPP/4K1N1 w - - 0 1").toBoard();
        int move = move(here, "g1f3");
        history.learnQuiet(here, move, NONE, 0, 6, 0);
        int known = history.quiet(here, move, 0);
        Board otherPieces = Position.fromFen("r3k3/5ppp/8/8/8/8/5PPP/4K1NR w - - 0 1").toBoard();
        Board otherPawns = Position.fromFen("4k3/5ppp/8/8/8/7P/5PP1/4K1N1 w - - 0 1").toBoard();
        assertThat(history.quiet(otherPieces, move, 0)).isEqualTo(known);
        assertThat(history.quiet(otherPawns, move, 0)).isPositive().isLessThan(known);
    }

    @ParameterizedTest(name = "{0}")
    @CsvSource({
        "where it stands, 4k3/b5pp/8/8/8/8/6PP/4K1N1 w - - 0 1",
        "where it goes, 4k3/1b4pp/8/8/8/8/6PP/4K1N1 w - - 0 1"
    })
    void what_is_good_for_a_man_in_peace_ranks_lower_where_it_is_attacked(
            String where, String fen) {
        Board peace = Position.fromFen("4k3/6pp/8/8/8/8/6PP/4K1N1 w - - 0 1").toBoard();
        int move = move(peace, "g1f3");
        history.look(peace, 0);
        history.learnQuiet(peace, move, NONE, 0, 6, 0);
        int known = history.quiet(peace, move, 0);
        Board attacked = Position.fromFen(fen).toBoard();
        history.look(attacked, 0);
        assertThat(history.quiet(attacked, move, 0)).isPositive().isLessThan(known);
    }

    @Test
    void a_plan_is_known_again_four_plies_later_whatever_comes_between() {
        play(0, "g1f3");
        play(1, "g8f6");
        play(2, "g2g3");
        play(3, "g7g6");
        int move = move(board, "f1g2");
        history.learnQuiet(board, move, NONE, 0, 6, 4);
        Board other = Position.START.toBoard();
        String[] moves = {"g1f3", "d7d5", "d2d3", "e7e6"};
        for (int ply = 0; ply < moves.length; ply++) {
            int made = move(other, moves[ply]);
            history.play(other, made, ply);
            other.make(made);
        }
        int known = history.quiet(other, move, 4);
        history.pass(0);
        assertThat(history.quiet(other, move, 4)).isPositive().isLessThan(known);
    }

    @Test
    void a_move_that_nothing_was_found_against_is_ranked_higher_where_it_was_made() {
        int move = move(board, "e2e4");
        int before = history.quiet(board, move, 0);
        play(0, "e2e4");
        history.learnUnrefuted(board, 5, 1);
        board.unmake(move);
        assertThat(history.quiet(board, move, 0)).isGreaterThan(before);
    }

    @ParameterizedTest
    @CsvSource({"80, 1", "-80, -1", "0, 0"})
    void a_move_is_ranked_by_what_it_gained_for_the_side_that_made_it(int gained, int sign) {
        int move = move(board, "e2e4");
        int other = move(board, "d2d4");
        play(0, "e2e4");
        history.learnGain(board, gained, 1);
        board.unmake(move);
        assertThat(Integer.signum(history.quiet(board, move, 0))).isEqualTo(sign);
        assertThat(history.quiet(board, other, 0)).isZero();
    }

    @Test
    void no_single_gain_counts_for_more_than_a_cut_off() {
        int move = move(board, "e2e4");
        play(0, "e2e4");
        history.learnGain(board, 1500, 1);
        board.unmake(move);
        assertThat(history.quiet(board, move, 0)).isEqualTo(1200);
    }

    @Test
    void after_a_pass_there_is_no_last_move() {
        play(0, "e2e4");
        assertThat(history.lastMove(1)).isNotZero();
        history.pass(1);
        assertThat(history.lastMove(2)).isZero();
        assertThat(history.lastSlot(2)).isZero();
    }

    @Property(tries = 50)
    void ranks_stay_within_their_bounds_however_much_is_learnt(
            @ForAll @IntRange(min = 1, max = 127) int depth, @ForAll boolean good) {
        Board start = Position.START.toBoard();
        int tried = move(start, "a2a3");
        int best = move(start, "e2e4");
        for (int i = 0; i < 2000; i++) {
            history.learnQuiet(start, best, new int[] {tried}, 1, depth, 0);
        }
        int rank = history.quiet(start, good ? best : tried, 0);
        assertThat(Math.abs(rank)).isLessThanOrEqualTo(4 * Ranks.MOST);
        assertThat(rank > 0).isEqualTo(good);
    }

    @Test
    void captures_that_did_not_help_rank_below_the_one_that_did() {
        Board taking = Position.fromFen("4k3/8/8/3p1p2/4P3/8/8/4K3 w - - 0 1").toBoard();
        int good = move(taking, "e4d5");
        int bad = move(taking, "e4f5");
        history.learnCaptures(taking, good, new int[] {bad}, 1, 5);
        assertThat(Move.isCapture(good)).isTrue();
        assertThat(history.capture(taking, good)).isGreaterThan(history.capture(taking, bad));
    }
}
