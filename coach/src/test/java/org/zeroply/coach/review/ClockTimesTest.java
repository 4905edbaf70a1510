package org.zeroply.coach.review;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.zeroply.chess.tree.Node;
import org.zeroply.coach.TestGames;

class ClockTimesTest {

    private static List<Node> line(String pgn) {
        return TestGames.game(pgn).mainLine();
    }

    private static Node last(String pgn) {
        List<Node> line = line(pgn);
        return line.get(line.size() - 1);
    }

    @ParameterizedTest
    @CsvSource({
        "[%clk 0:00:07], 7",
        "[%clk 1:02:03], 3723",
        "well [%clk 0:10:00] indeed, 600",
        "[%clk 100:00:00], 360000",
        // Nothing that could be a time of a game.
        "[%clk 99999999999:00:00],",
        "[%clk 0:1:00],",
        "[%clk],",
        "0:10:00,",
    })
    void the_clock_is_read_from_the_comment_behind_the_move(String comment, Integer seconds) {
        assertThat(ClockTimes.left(last("1. e4 {" + comment + "} *")))
                .isEqualTo(Optional.ofNullable(seconds));
    }

    @Test
    void what_was_spent_is_less_on_the_same_sides_clock() {
        List<Node> line =
                line(
                        "1. e4 {[%clk 0:10:00]} e5 {[%clk 0:09:00]} 2. Nf3 {[%clk 0:08:30]}"
                                + " Nc6 {[%clk 0:09:10]} 3. Bb5 a6 {[%clk 0:07:00]} *");
        assertThat(line)
                .extracting(ClockTimes::spent)
                .containsExactly(
                        Optional.empty(), // nothing to compare with
                        Optional.empty(),
                        Optional.of(90),
                        Optional.of(0), // an increment outweighed what was used
                        Optional.empty(), // no clock
                        Optional.of(130));
    }
}
