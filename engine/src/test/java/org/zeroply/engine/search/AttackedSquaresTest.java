package org.zeroply.engine.search;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Random;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.zeroply.chess.RandomPositions;
import org.zeroply.chess.board.Board;

class AttackedSquaresTest {

    @Property(tries = 300)
    void they_are_those_of_which_the_board_says_so(
            @ForAll long seed, @ForAll @IntRange(max = 120) int plies) {
        Board board = RandomPositions.after(new Random(seed), plies).toBoard();
        for (int side = 0; side < 2; side++) {
            long attacked = 0;
            for (int square = 0; square < 64; square++) {
                attacked |= board.isAttacked(square, side, board.occupied()) ? 1L << square : 0;
            }
            assertThat(AttackedSquares.by(board, side)).isEqualTo(attacked);
        }
    }
}
