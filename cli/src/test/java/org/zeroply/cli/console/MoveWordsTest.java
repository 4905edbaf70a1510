package org.zeroply.cli.console;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.Position;

class MoveWordsTest {

    @Test
    void moves_are_of_one_position_or_played_in_turn() {
        List<Move> each = MoveWords.each(Position.START, List.of("e4", " d4 "));
        assertThat(each).extracting(Move::toString).containsExactly("e2e4", "d2d4");
        List<Move> inTurn = MoveWords.inTurn(Position.START, List.of("e4", "e5", "Nf3"));
        assertThat(Position.START.play(inTurn).fen())
                .startsWith("rnbqkbnr/pppp1ppp/8/4p3/4P3/5N2/PPPP1PPP/RNBQKB1R b");
    }

    @ParameterizedTest
    @ValueSource(strings = {"e5", "Qh5", "", "e4 e5", "z9"})
    void what_cannot_be_played_is_bad_input_with_the_reason(String san) {
        assertThatThrownBy(() -> MoveWords.each(Position.START, List.of("e4", san)))
                .isInstanceOf(BadInputException.class)
                .message()
                .isNotBlank();
    }

    @Test
    void squares_count_from_a1() {
        assertThat(MoveWords.square("a1")).isZero();
        assertThat(MoveWords.square(" H8 ")).isEqualTo(63);
        assertThatThrownBy(() -> MoveWords.square("i4")).hasMessageContaining("'i4'");
    }
}
