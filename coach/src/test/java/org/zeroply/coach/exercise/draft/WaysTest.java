package org.zeroply.coach.exercise.draft;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Locale;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.notation.NotationException;
import org.zeroply.coach.Choices;
import org.zeroply.coach.exercise.scheme.Aim;

class WaysTest {

    private static final Position POSITION =
            Position.fromFen("4r1k1/5ppp/8/4N3/8/7P/r4PP1/6K1 b - - 0 1");

    @ParameterizedTest(name = "{1}: {0}, several do: {2}")
    @CsvSource({
        // One move, the next far behind.
        "h6=150 g6=0 f6=-50, best, false",
        // Nobody can be asked to tell moves apart that a longer look may find equal.
        "h6=330 g6=290 f6=-50, best, true",
        "h6=150 g6=140 f6=130, best, true",
        // Two moves do and all others give much away: either may be asked for.
        "h6=150 g6=140 f6=-250, best, false",
        // A third one, hardly behind the two, may turn out to do as well.
        "h6=190 g6=180 f6=120, best, true",
        "h6=0 g6=0 f6=-95, hold, true",
        // What wins by itself wins anyway.
        "h6=900 g6=700 f6=0, best, true",
        // But a mate is asked for as such.
        "h6=#2 g6=900 f6=800, mate, false",
        "h6=#2 g6=#3 f6=800, mate, false",
        "h6=#2 g6=#3 f6=#4, mate, true",
    })
    void several_moves_do(String moves, String aim, boolean several) throws NotationException {
        Ways ways = new Ways(Aim.valueOf(aim.toUpperCase(Locale.ROOT)));
        assertThat(ways.areSeveral(Choices.of(POSITION, moves))).isEqualTo(several);
    }

    @ParameterizedTest(name = "{0}: {1}")
    @CsvSource({
        "h6=150 g6=0 f6=-50, true",
        "h6=150 g6=140 f6=130, false",
        // A third one that may do, and a second one that wins by far, too.
        "h6=190 g6=180 f6=120, true",
        "h6=480 g6=380 f6=0, true",
        "h6=900 g6=700 f6=0, false",
    })
    void one_move_has_to_be_found(String moves, boolean one) throws NotationException {
        assertThat(new Ways(Aim.BEST).hasOne(Choices.of(POSITION, moves))).isEqualTo(one);
    }
}
