package org.zeroply.desktop.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Arrays;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.zeroply.chess.board.Piece;
import org.zeroply.chess.board.PieceType;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.board.Side;
import org.zeroply.chess.board.Square;

class SetUpModelTest {

    private final SetUpModel model = new SetUpModel();

    @ParameterizedTest
    @CsvSource({
        "rnbqkbnr/pppppppp/8/8/8/8/PPPPPPPP/RNBQKBNR w KQkq - 0 1",
        "r3k2r/8/8/8/8/8/8/R3K2R b Kq - 12 34",
        "4k3/8/8/3pP3/8/8/8/4K3 w - d6 0 7"
    })
    void a_position_is_read_and_written_as_it_was(String fen) {
        model.read(fen);
        assertThat(model.fen()).isEqualTo(fen);
        assertThat(model.position().map(Position::fen)).contains(fen);
    }

    @Test
    void castling_is_offered_only_where_king_and_rook_stand_for_it() {
        model.read("4k2r/8/8/8/8/8/8/R2K4 w KQkq - 0 1");
        assertThat(SetUpModel.RIGHTS).filteredOn(model::canCastle).containsExactly("k");
        assertThat(model.fen()).contains(" k ");
        model.move(Square.parse("h8"), Square.parse("h7"));
        assertThat(model.fen()).contains(" - - ");
        model.move(Square.parse("h7"), Square.parse("h8"));
        assertThat(model.castles("k")).as("the wish comes back with the rook").isTrue();
    }

    @Test
    void a_capture_in_passing_is_offered_only_where_a_pawn_may_have_passed_and_one_can_capture() {
        model.read("4k3/8/8/1p1pP2p/8/8/8/4K3 w - - 0 1");
        assertThat(model.enPassantSquares()).containsExactly("d6");
        model.setEnPassant("d6");
        assertThat(model.fen()).contains(" d6 ");
        model.setToMove(Side.BLACK);
        assertThat(model.enPassantSquares()).isEmpty();
        assertThat(model.fen()).contains(" b - - ");
    }

    @Test
    void men_are_put_moved_and_dragged_off_and_the_reason_is_told_why_it_cannot_be() {
        model.put(Square.parse("e1"), Optional.of(new Piece(Side.WHITE, PieceType.KING)));
        assertThat(SetUpModel.problem(model.fen())).contains("Black has 0 kings");
        model.put(Square.parse("e8"), Optional.of(new Piece(Side.BLACK, PieceType.KING)));
        assertThat(SetUpModel.problem(model.fen())).isEmpty();
        model.move(Square.parse("e8"), Square.parse("e2"));
        assertThat(model.position()).as("kings side by side").isEmpty();
        model.move(Square.parse("e2"), -1);
        assertThat(model.men()[Square.parse("e2")]).isNull();
        Optional<Piece> king = Optional.of(new Piece(Side.WHITE, PieceType.KING));
        model.put(Square.parse("e1"), king);
        assertThat(model.men()[Square.parse("e1")]).as("the same man again").isNull();
        model.clear();
        assertThat(Arrays.asList(model.men())).containsOnlyNulls();
    }
}
