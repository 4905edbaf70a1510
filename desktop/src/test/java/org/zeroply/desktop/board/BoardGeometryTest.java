package org.zeroply.desktop.board;

import static org.assertj.core.api.Assertions.assertThat;

import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.zeroply.chess.board.Square;

class BoardGeometryTest {

    @Property(tries = 400)
    void every_point_of_a_square_is_that_squares(
            @ForAll @DoubleRange(min = 120, max = 2000) double width,
            @ForAll @DoubleRange(min = 120, max = 2000) double height,
            @ForAll boolean flipped,
            @ForAll @IntRange(max = 63) int square,
            @ForAll @DoubleRange(max = 0.99) double across,
            @ForAll @DoubleRange(max = 0.99) double down) {
        BoardGeometry board = new BoardGeometry(width, height, flipped);
        double x = board.x(square) + across * board.size();
        double y = board.y(square) + down * board.size();
        assertThat(board.squareAt(x, y)).isEqualTo(square);
        assertThat(board.x(square) + board.size()).isLessThanOrEqualTo(width);
        assertThat(board.y(square) + board.size()).isLessThanOrEqualTo(height);
        assertThat(board.x(square)).isGreaterThanOrEqualTo(board.margin());
    }

    @ParameterizedTest
    @CsvSource({
        "false, a8, 20, 0",
        "false, a1, 20, 560",
        "false, h8, 580, 0",
        "true, h1, 20, 0",
        "true, a8, 580, 560",
    })
    void a_board_stands_with_either_side_below(boolean flipped, String square, int x, int y) {
        BoardGeometry board = new BoardGeometry(660, 672, flipped);
        assertThat(board.size()).isEqualTo(79);
        assertThat(board.margin()).isEqualTo(27);
        BoardGeometry small = new BoardGeometry(660, 400, flipped);
        assertThat(small.margin()).as("never less than the letters need").isEqualTo(20);
        BoardGeometry eighty = new BoardGeometry(661, 660.5, flipped);
        int at = Square.parse(square);
        assertThat(eighty.x(at) - eighty.margin()).isEqualTo((x - 20) / 80.0 * eighty.size());
        assertThat(eighty.y(at)).isEqualTo(y / 80.0 * eighty.size());
    }

    @ParameterizedTest
    @CsvSource({"5, 100", "300, -1", "300, 641", "659, 300"})
    void beside_the_board_there_is_no_square(double x, double y) {
        assertThat(new BoardGeometry(660, 672, false).squareAt(x, y)).isEqualTo(-1);
    }
}
