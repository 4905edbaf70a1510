package org.zeroply.engine.search;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.stream.IntStream;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.zeroply.chess.RandomPositions;
import org.zeroply.chess.board.Board;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.MoveGenerator;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.board.Square;
import org.zeroply.engine.exchange.StaticExchange;

class MovePickerTest {

    private final History history = new History();

    @Property(tries = 400)
    void every_legal_move_is_handed_out_once_whatever_is_remembered(
            @ForAll long seed, @ForAll @IntRange(max = 120) int plies) {
        Random random = new Random(seed);
        Position position = RandomPositions.after(random, plies);
        Board board = position.toBoard();
        teach(board, random);
        MovePicker picker = new MovePicker(board, history);
        int remembered = random.nextInt(1 << 16);
        picker.start(remembered, 3, board.inCheck());
        assertThat(drain(picker))
                .containsExactlyInAnyOrderElementsOf(
                        position.legalMoves().stream().map(Move::packed).toList());
    }

    @Property(tries = 200)
    void the_remembered_move_comes_first_and_losing_captures_last(
            @ForAll long seed, @ForAll @IntRange(max = 120) int plies) {
        Random random = new Random(seed);
        Position position = RandomPositions.after(random, plies);
        List<Move> legal = position.legalMoves();
        Board board = position.toBoard();
        if (legal.isEmpty() || board.inCheck()) {
            return;
        }
        int remembered = legal.get(random.nextInt(legal.size())).packed();
        MovePicker picker = new MovePicker(board, history);
        picker.start(remembered, 3, false);
        List<Integer> order = drain(picker);
        assertThat(order.get(0)).isEqualTo(remembered);
        List<Boolean> losing =
                order.stream()
                        .skip(1)
                        .map(m -> Move.isCapture(m) && !StaticExchange.isAtLeast(board, m, 0))
                        .toList();
        assertThat(losing).isSorted();
    }

    @Property(tries = 200)
    void skipping_quiet_moves_leaves_the_captures(
            @ForAll long seed, @ForAll @IntRange(max = 120) int plies) {
        Board board = RandomPositions.after(new Random(seed), plies).toBoard();
        if (board.inCheck()) {
            return;
        }
        MovePicker picker = new MovePicker(board, history);
        picker.start(0, 3, false);
        List<Integer> noisy = new ArrayList<>();
        for (int m = picker.next(true); m != 0; m = picker.next(true)) {
            noisy.add(m);
        }
        int[] captures = new int[MoveGenerator.MAX_MOVES];
        int count = MoveGenerator.captures(board, captures, 0);
        assertThat(noisy)
                .containsExactlyInAnyOrderElementsOf(
                        IntStream.range(0, count).mapToObj(i -> captures[i]).toList());
    }

    @Property(tries = 200)
    void a_quiescence_search_sees_every_evasion_and_else_no_losing_capture(
            @ForAll long seed, @ForAll @IntRange(max = 120) int plies) {
        Position position = RandomPositions.after(new Random(seed), plies);
        Board board = position.toBoard();
        MovePicker picker = new MovePicker(board, history);
        picker.startQuiescence(0, 3, board.inCheck());
        List<Integer> moves = drain(picker);
        if (board.inCheck()) {
            assertThat(moves).hasSize(position.legalMoves().size());
        } else {
            assertThat(moves).allMatch(m -> StaticExchange.isAtLeast(board, m, 0));
        }
    }

    @Property(tries = 100)
    void quiet_moves_come_by_rank_however_much_is_learnt_about_them(
            @ForAll long seed, @ForAll @IntRange(min = 1, max = 3000) int lessons) {
        Random random = new Random(seed);
        Board board = RandomPositions.after(random, 12).toBoard();
        for (int i = 0; i < lessons; i++) {
            teach(board, random);
        }
        MovePicker picker = new MovePicker(board, history);
        picker.start(0, 3, board.inCheck());
        int before = Integer.MAX_VALUE;
        for (int m = picker.next(false); m != 0; m = picker.next(false)) {
            if (Move.isQuiet(m)) {
                int beyondHistory = picker.rankOfQuiet(m) - history.quiet(board, m, 3);
                boolean raised = beyondHistory > 0;
                assertThat(raised && !givesCheck(board, m)).isFalse();
                assertThat((raised ? MovePicker.CHECK : 0) - beyondHistory).isBetween(0, 3);
            }
            if (Move.isQuiet(m) && picker.isLate()) {
                assertThat(picker.rankOfQuiet(m)).isLessThanOrEqualTo(before);
                before = picker.rankOfQuiet(m);
            }
        }
    }

    @ParameterizedTest(name = "{0}: {1}")
    @CsvSource({
        "6k1/5pp1/7p/8/8/8/5PPP/3R2K1 w - - 0 1, true",
        // The check costs the rook.
        "6k1/4bpp1/7p/8/8/8/5PPP/3R2K1 w - - 0 1, false"
    })
    void a_quiet_check_that_loses_nothing_comes_before_other_quiet_moves(
            String fen, boolean first) {
        Board board = Position.fromFen(fen).toBoard();
        MovePicker picker = new MovePicker(board, history);
        picker.start(0, 3, false);
        int move = picker.next(false);
        assertThat(Move.to(move) == Square.parse("d8")).isEqualTo(first);
    }

    /** Teaches as the search does: captures and promotions never become killers. */
    private void teach(Board board, Random random) {
        int[] quiet =
                Position.of(board).legalMoves().stream()
                        .mapToInt(Move::packed)
                        .filter(Move::isQuiet)
                        .toArray();
        for (int i = 0; i < 3 && quiet.length > 0; i++) {
            int move = quiet[random.nextInt(quiet.length)];
            history.learnQuiet(board, move, quiet, 0, 4, 3);
        }
    }

    private static boolean givesCheck(Board board, int move) {
        board.make(move);
        boolean check = board.inCheck();
        board.unmake(move);
        return check;
    }

    private static List<Integer> drain(MovePicker picker) {
        List<Integer> moves = new ArrayList<>();
        for (int m = picker.next(false); m != 0; m = picker.next(false)) {
            moves.add(m);
        }
        return moves;
    }
}
