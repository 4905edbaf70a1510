package org.zeroply.engine.network;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Random;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import net.jqwik.api.constraints.Size;
import org.junit.jupiter.api.Test;
import org.zeroply.chess.RandomPositions;
import org.zeroply.chess.board.Board;

class ViewTest {

    private static final int TURN = Features.turn(1, 0);

    @Property(tries = 100)
    void what_was_looked_at_before_does_not_matter(
            @ForAll @Size(min = 2, max = 6) List<@IntRange(max = 120) Integer> plies,
            @ForAll long seed) {
        Random random = new Random(seed);
        View view = new View(Network.shipped(), 1, TURN);
        for (int count : plies) {
            Board board = RandomPositions.after(random, count).toBoard();
            view.look(board);
            View anew = new View(Network.shipped(), 1, TURN);
            anew.look(board);
            assertThat(view.values).isEqualTo(anew.values);
        }
    }

    @Test
    void an_empty_board_is_what_it_comes_back_to() {
        View view = new View(Network.shipped(), 1, TURN);
        view.look(RandomPositions.after(new Random(7), 40).toBoard());
        assertThat(view.values).isNotEqualTo(Network.shipped().base);
        view.look(new Board());
        assertThat(view.values).isEqualTo(Network.shipped().base);
    }
}
