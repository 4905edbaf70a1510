package org.zeroply.chess.board;

import static org.assertj.core.api.Assertions.assertThat;

import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;

class AttacksTest {

    private static final int[][] DIAGONAL = {{1, 1}, {1, -1}, {-1, 1}, {-1, -1}};
    private static final int[][] STRAIGHT = {{1, 0}, {-1, 0}, {0, 1}, {0, -1}};

    @Property(tries = 2000)
    void sliders_go_until_something_stands_in_the_way(
            @ForAll @IntRange(max = 63) int square, @ForAll long first, @ForAll long second) {
        // Half filled boards and thinly filled ones.
        for (long occupied : new long[] {first, first & second, 0}) {
            assertThat(Attacks.bishop(square, occupied))
                    .isEqualTo(walk(square, occupied, DIAGONAL));
            assertThat(Attacks.rook(square, occupied)).isEqualTo(walk(square, occupied, STRAIGHT));
        }
        assertThat(Attacks.diagonals(square)).isEqualTo(walk(square, 0, DIAGONAL));
        assertThat(Attacks.straights(square)).isEqualTo(walk(square, 0, STRAIGHT));
    }

    @Property(tries = 1000)
    void steps_are_mutual(
            @ForAll @IntRange(max = 63) int from, @ForAll @IntRange(max = 63) int to) {
        assertThat(has(Attacks.knight(from), to)).isEqualTo(has(Attacks.knight(to), from));
        assertThat(has(Attacks.king(from), to)).isEqualTo(has(Attacks.king(to), from));
        assertThat(has(Attacks.pawn(0, from), to)).isEqualTo(has(Attacks.pawn(1, to), from));
    }

    @Property(tries = 1000)
    void between_is_what_blocks_a_line_and_part_of_it(
            @ForAll @IntRange(max = 63) int a, @ForAll @IntRange(max = 63) int b) {
        long between = Attacks.between(a, b);
        assertThat(between).isEqualTo(Attacks.between(b, a));
        assertThat(Attacks.line(a, b)).isEqualTo(Attacks.line(b, a));
        assertThat(between & ~Attacks.line(a, b)).isZero();
        boolean inLine = a != b && has(Attacks.queen(a, 0), b);
        assertThat(Attacks.line(a, b) != 0).isEqualTo(inLine);
        for (long s = between; s != 0; s &= s - 1) {
            assertThat(has(Attacks.queen(a, s & -s), b)).isFalse();
        }
    }

    @Test
    void a_knight_on_the_rim_has_few_squares() {
        assertThat(Long.bitCount(Attacks.knight(Square.A1))).isEqualTo(2);
        assertThat(Long.bitCount(Attacks.knight(27))).isEqualTo(8);
    }

    private static boolean has(long set, int square) {
        return (set & 1L << square) != 0;
    }

    private static long walk(int from, long occupied, int[][] steps) {
        long set = 0;
        for (int[] step : steps) {
            int file = (from & 7) + step[0];
            int rank = (from >> 3) + step[1];
            while (file >= 0 && file < 8 && rank >= 0 && rank < 8) {
                long bit = 1L << (rank << 3 | file);
                set |= bit;
                if ((occupied & bit) != 0) {
                    break;
                }
                file += step[0];
                rank += step[1];
            }
        }
        return set;
    }
}
