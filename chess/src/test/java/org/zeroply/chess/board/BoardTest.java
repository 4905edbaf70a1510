package org.zeroply.chess.board;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayDeque;
import java.util.Arrays;
import java.util.Deque;
import java.util.HashSet;
import java.util.List;
import java.util.Random;
import java.util.Set;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;

class BoardTest {

    @Property(tries = 200)
    void a_game_taken_back_leaves_the_board_as_it_was(@ForAll long seed) {
        Random random = new Random(seed);
        Board board = Position.START.toBoard();
        Deque<Integer> played = new ArrayDeque<>();
        Deque<Position> seen = new ArrayDeque<>();
        for (int i = 0; i < 150; i++) {
            List<Move> moves = Position.of(board).legalMoves();
            if (moves.isEmpty()) {
                break;
            }
            seen.push(Position.of(board));
            played.push(moves.get(random.nextInt(moves.size())).packed());
            board.make(played.peek());
        }
        while (!played.isEmpty()) {
            board.unmake(played.pop());
            Position back = Position.of(board);
            assertThat(back).isEqualTo(seen.peek());
            assertThat(back.fen()).isEqualTo(seen.pop().fen());
        }
    }

    @Property(tries = 200)
    void the_incremental_key_is_that_of_the_position_read_anew(@ForAll long seed) {
        Random random = new Random(seed);
        Position p = Position.START;
        for (int i = 0; i < 100 && !p.legalMoves().isEmpty(); i++) {
            List<Move> moves = p.legalMoves();
            p = p.play(moves.get(random.nextInt(moves.size())));
            Position anew = Position.fromFen(p.fen());
            assertThat(anew).isEqualTo(p);
            assertThat(anew.key()).isEqualTo(p.key());
            assertThat(anew.fen()).isEqualTo(p.fen());
        }
    }

    @Property(tries = 300)
    void captures_and_the_other_moves_together_are_all_moves(@ForAll long seed) {
        Board board = random(seed);
        int[] all = new int[MoveGenerator.MAX_MOVES];
        int[] parts = new int[MoveGenerator.MAX_MOVES];
        int count = MoveGenerator.all(board, all, 0);
        int end = MoveGenerator.quiets(board, parts, MoveGenerator.captures(board, parts, 0));
        assertThat(Arrays.copyOf(parts, end))
                .doesNotHaveDuplicates()
                .containsExactlyInAnyOrder(Arrays.copyOf(all, count));
    }

    @Property(tries = 100)
    void of_all_packed_numbers_only_the_generated_moves_are_legal(@ForAll long seed) {
        Board board = random(seed);
        int[] all = new int[MoveGenerator.MAX_MOVES];
        Set<Integer> legal = new HashSet<>();
        int count = MoveGenerator.all(board, all, 0);
        for (int i = 0; i < count; i++) {
            legal.add(all[i]);
        }
        for (int move = 1; move < 1 << 16; move++) {
            assertThat(MoveGenerator.isLegal(board, move)).isEqualTo(legal.contains(move));
        }
    }

    @Property(tries = 300)
    void a_repetition_is_announced_exactly_when_a_move_makes_one(@ForAll long seed) {
        Random random = new Random(seed);
        Board board = Position.fromFen("4k3/8/3n4/8/8/2R5/8/4K3 w - - 0 1").toBoard();
        int plies = 3 + random.nextInt(12);
        for (int i = 0; i < plies; i++) {
            List<Move> moves = Position.of(board).legalMoves();
            if (moves.isEmpty() || board.isRepeated(i)) {
                return;
            }
            board.make(moves.get(random.nextInt(moves.size())).packed());
        }
        boolean possible = false;
        for (Move move : Position.of(board).legalMoves()) {
            board.make(move.packed());
            possible |= board.isRepeated(plies + 1);
            board.unmake(move.packed());
        }
        assertThat(board.canRepeat(plies + 2)).isEqualTo(possible);
    }

    private static Board random(long seed) {
        Random random = new Random(seed);
        Board board = Position.START.toBoard();
        int plies = random.nextInt(120);
        for (int i = 0; i < plies; i++) {
            List<Move> moves = Position.of(board).legalMoves();
            if (moves.isEmpty()) {
                break;
            }
            board.make(moves.get(random.nextInt(moves.size())).packed());
        }
        return board;
    }
}
