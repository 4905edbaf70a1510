package org.zeroply.chess.board;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class FenTest {

    @ParameterizedTest(name = "{1}")
    @CsvSource(
            delimiter = ';',
            value = {
                "8/8/8/8/8/8/8/K7 w - -; Black has 0 kings",
                "kk6/8/8/8/8/8/8/K7 w - -; Black has 2 kings",
                "k7/8/8/8/8/8/8/KP6 w - -; pawn on b1",
                "kP6/8/8/8/8/8/8/K7 w - -; pawn on b8",
                "k7/8/8/8/8/8/r7/K7 b - -; other king is in check",
                "k7/8/8/8/8/8/8/K6R w K -; castling right K",
                "r3k3/8/8/8/8/8/8/K7 w k -; rook on h8",
                "k7/8/8/8/8/8/8/K7 w - e6; en-passant square e6",
                "k7/8/8/3pP3/8/8/8/K7 w - d3; en-passant square d3",
                "k7/8/3n4/3pP3/8/8/8/K7 w - d6; en-passant square d6",
                "k7/8/8/8/8/8/K7 w - -; 7 ranks",
                "k7/9/8/8/8/8/8/K7 w - -; not a piece letter",
                "k8/8/8/8/8/8/8/K7 w - -; rank 8 has 9 squares",
                "k7/8/8/8/8/8/8/K7 x - -; not a side to move",
                "k7/8/8/8/8/8/8/K7 w X -; not a castling right",
                "k7/8/8/8/8/8/8/K7 w - - x 1; halfmove clock",
                "''; empty",
            })
    void an_impossible_position_is_refused_with_the_reason(String fen, String reason) {
        assertThatThrownBy(() -> Position.fromFen(fen))
                .isInstanceOf(InvalidPositionException.class)
                .hasMessageContaining(reason);
    }

    @Test
    void missing_fields_are_filled_in() {
        assertThat(Position.fromFen("k7/8/8/8/8/8/8/K6R b").fen())
                .isEqualTo("k7/8/8/8/8/8/8/K6R b - - 0 1");
    }

    @Test
    void the_en_passant_square_is_kept_only_when_the_capture_is_legal() {
        String exposes = "8/8/8/K2pP2r/8/8/8/7k w - d6 0 2";
        assertThat(Position.fromFen(exposes).enPassantSquare()).isEqualTo(-1);
        String fine = "8/8/8/3pP2r/8/K7/8/7k w - d6 0 2";
        assertThat(Position.fromFen(fine).enPassantSquare()).isEqualTo(Square.parse("d6"));
    }
}
