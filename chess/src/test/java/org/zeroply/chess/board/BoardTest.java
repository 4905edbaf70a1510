package org.zeroply.chess.board;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayDeque;
import java.util.Deque;
import java.util.List;
import java.util.Random;
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
}
