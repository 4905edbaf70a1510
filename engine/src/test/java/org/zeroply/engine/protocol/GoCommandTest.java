package org.zeroply.engine.protocol;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Arrays;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.LongRange;
import org.junit.jupiter.api.Test;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.Position;
import org.zeroply.engine.analysis.Limits;

class GoCommandTest {

    @Test
    void limits_are_taken_as_given() {
        GoCommand go = parse("go depth 7 nodes 5000 movetime 250");
        assertThat(go.limits()).isEqualTo(new Limits(7, 5000, 250));
        assertThat(go.untilStop()).isFalse();
        assertThat(go.moves()).isEmpty();
    }

    @Test
    void moves_to_choose_from_are_read_wherever_they_stand() {
        GoCommand go = parse("go searchmoves e2e4 g1f3 e2e5 depth 3");
        assertThat(go.moves()).extracting(Move::coordinates).containsExactly("e2e4", "g1f3");
        assertThat(go.limits().depth()).isEqualTo(3);
    }

    @Test
    void without_limits_it_searches_as_deep_as_it_can_and_waits_only_when_told_to() {
        assertThat(parse("go").limits()).isEqualTo(Limits.NONE);
        assertThat(parse("go").untilStop()).isFalse();
        assertThat(parse("go infinite").untilStop()).isTrue();
    }

    @Test
    void while_pondering_the_clock_does_not_count_until_the_move_is_played() {
        GoCommand go = parse("go ponder wtime 60000 btime 60000");
        assertThat(go.untilStop()).isTrue();
        assertThat(go.limits()).isEqualTo(Limits.NONE);
        assertThat(go.clockMillis()).hasValueSatisfying(ms -> assertThat(ms).isPositive());
    }

    @Test
    void a_number_that_is_none_falls_back_to_the_least() {
        assertThat(parse("go depth many").limits().depth()).isEqualTo(1);
        assertThat(parse("go nodes").limits().nodes()).isEqualTo(1);
    }

    @Property(tries = 300)
    void a_move_never_takes_more_than_its_own_clock_has(
            @ForAll @LongRange(min = 0, max = 10_000_000) long own,
            @ForAll @LongRange(min = 0, max = 100_000) long increment) {
        GoCommand go = parse("go wtime " + own + " btime 1 winc " + increment + " movestogo 1");
        assertThat(go.limits().millis()).isBetween(1L, Math.max(1, own));
    }

    private static GoCommand parse(String line) {
        return GoCommand.parse(Arrays.asList(line.split(" ")), Position.START);
    }
}
