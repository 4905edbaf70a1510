package org.zeroply.library.index;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

/** Positions whose keys agree in the part that a page keeps of them. */
class PageReaderTest {

    private static final long SHORT_KEY = 77L << PageWriter.SHORT;
    private static final long MANY = SHORT_KEY | 5;
    private static final long FEW = SHORT_KEY | 9;
    private static final long OTHER_FEW = SHORT_KEY | 12;
    private static final int MOVE = 3;

    /** What is told: games that came there for sure, and negative those that may have. */
    private static List<Integer> found(PageWriter writer, long key) {
        List<Integer> told = new ArrayList<>();
        PageWriter.Page page = writer.finish().get(0);
        new PageReader(page.firstKey(), page.bytes())
                .find(
                        key,
                        new PageReader.Found() {
                            @Override
                            public void surely(int game, int move) {
                                told.add(game);
                            }

                            @Override
                            public void perhaps(int game) {
                                told.add(-game);
                            }
                        });
        return told;
    }

    private static void write(PageWriter writer, long key, int... games) {
        writer.group(key, games, IntStream.of(games).map(g -> MOVE).toArray());
    }

    private static PageWriter page() {
        PageWriter writer = new PageWriter();
        write(writer, SHORT_KEY - (1L << PageWriter.SHORT), 1, 2);
        write(writer, MANY, IntStream.rangeClosed(1, PageWriter.MANY).toArray());
        write(writer, FEW, 4, 6);
        write(writer, OTHER_FEW, 2, 4);
        write(writer, SHORT_KEY + (1L << PageWriter.SHORT), 1, 2);
        return writer;
    }

    @Test
    void games_of_another_position_with_the_same_short_key_are_not_counted_again() {
        assertThat(found(page(), MANY))
                .containsExactlyElementsOf(
                        IntStream.rangeClosed(1, PageWriter.MANY).boxed().toList());
    }

    @Test
    void a_game_that_came_to_two_such_positions_is_asked_once() {
        assertThat(found(page(), FEW)).containsExactly(-2, -4, -6);
    }
}
