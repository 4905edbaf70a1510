package org.zeroply.chess.board;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class ArrangementTest {

    private static final String ALL_RIGHTS = "r3k2r/8/8/8/8/8/8/R3K2R w KQkq - 0 1";

    private static Piece man(Side side, PieceType type) {
        return new Piece(side, type);
    }

    @ParameterizedTest(name = "{0} taken away leaves {1}")
    @CsvSource({
        "a1, Kkq",
        "h1, Qkq",
        "a8, KQk",
        "h8, KQq",
        "c3, KQkq",
    })
    void castling_stays_possible_where_king_and_rook_stand_at_home(String square, String rights) {
        Position changed =
                Arrangement.of(Position.fromFen(ALL_RIGHTS))
                        .without(Square.parse(square))
                        .position();
        assertThat(changed.fen().split(" ")[2]).isEqualTo(rights);
    }

    @Test
    void a_king_that_was_moved_and_a_rook_of_the_other_side_give_no_right() {
        Position moved =
                Arrangement.of(Position.fromFen(ALL_RIGHTS))
                        .without(Square.E1)
                        .with(man(Side.WHITE, PieceType.KING), Square.D1)
                        .position();
        assertThat(moved.fen()).isEqualTo("r3k2r/8/8/8/8/8/8/R2K3R w kq - 0 1");
        Position changed =
                Arrangement.of(Position.fromFen("4k3/8/8/8/8/8/8/4K2R w K - 0 1"))
                        .with(man(Side.BLACK, PieceType.ROOK), Square.H8)
                        .with(man(Side.WHITE, PieceType.BISHOP), Square.H1)
                        .position();
        assertThat(changed.fen().split(" ")[2]).isEqualTo("-");
    }

    @Test
    void a_right_that_was_not_there_does_not_come_with_the_men() {
        Position built =
                Arrangement.empty()
                        .with(man(Side.WHITE, PieceType.KING), Square.E1)
                        .with(man(Side.WHITE, PieceType.ROOK), Square.H1)
                        .with(man(Side.BLACK, PieceType.KING), Square.E8)
                        .toMove(Side.BLACK)
                        .position();
        assertThat(built.fen()).isEqualTo("4k3/8/8/8/8/8/8/4K2R b - - 0 1");
    }

    @Test
    void taking_in_passing_is_not_possible_after_a_change() {
        Position before = Position.fromFen("4k3/8/8/3Pp3/8/8/8/4K3 w - e6 0 2");
        assertThat(before.legalMoves()).anyMatch(m -> m.coordinates().equals("d5e6"));
        Position same = Arrangement.of(before).position();
        assertThat(same.legalMoves()).noneMatch(m -> m.coordinates().equals("d5e6"));
    }

    @Test
    void what_is_impossible_can_be_drawn_and_is_refused_with_the_reason() {
        Arrangement noKing = Arrangement.of(Position.START).without(Square.E8);
        assertThat(noKing.placement()).startsWith("rnbq1bnr/");
        assertThatThrownBy(noKing::position)
                .isInstanceOf(InvalidPositionException.class)
                .hasMessageContaining("king");
        Arrangement inCheck =
                Arrangement.of(Position.fromFen("4k3/8/8/8/8/8/8/4R1K1 b - - 0 1"))
                        .toMove(Side.WHITE);
        assertThatThrownBy(inCheck::position).isInstanceOf(InvalidPositionException.class);
        Arrangement pawn =
                Arrangement.of(Position.fromFen("4k3/8/8/8/8/8/8/6K1 b - - 0 1"))
                        .with(man(Side.WHITE, PieceType.PAWN), Square.A8);
        assertThatThrownBy(pawn::position).isInstanceOf(InvalidPositionException.class);
    }
}
