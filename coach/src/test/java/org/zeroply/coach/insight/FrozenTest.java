package org.zeroply.coach.insight;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Arrays;
import java.util.List;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.board.Side;
import org.zeroply.chess.board.Square;
import org.zeroply.coach.fact.Fact;
import org.zeroply.coach.fact.FactKind;
import org.zeroply.coach.fact.Scene;

class FrozenTest {

    private static List<Fact> tied(String squares) {
        return Arrays.stream(squares.split(" "))
                .filter(s -> !s.isBlank())
                .map(s -> Fact.of(FactKind.TIED, Side.BLACK, s, Square.parse(s)))
                .toList();
    }

    @ParameterizedTest(name = "{1} of {0}: {2}")
    @CsvSource({
        "rnb1k2r/8/8/8/8/8/8/4K3 w - -, a8 b8 c8, all there is on the queenside",
        "rn2k2r/8/8/8/8/8/8/4K3 w - -, a8 b8, all there is on the queenside",
        "rn2k1nr/8/8/8/8/8/8/4K3 w - -, g8 h8, all there is on the kingside",
        "rnb1k1nr/8/8/8/8/8/8/4K3 w - -, a8 b8 h8, 'rook a8, knight b8 and rook h8; none'",
        "rnb1k2r/8/8/8/8/8/8/4K3 w - -, a8 b8, NONE",
        "r3k3/8/8/8/8/8/8/4K3 w - -, a8, NONE",
        "rn2k1nr/8/8/8/8/8/8/4K3 w - -, a8 h8, NONE",
        "rn2k1nr/8/8/8/8/8/8/4K3 w - -, '', NONE"
    })
    void a_wing_or_three_pieces_make_one_picture(String fen, String pieces, String told) {
        Scene scene = new Scene(Position.fromFen(fen + " 0 1"));
        var frozen = Frozen.of(scene, Side.BLACK, tied(pieces));
        if (told.equals("NONE")) {
            assertThat(frozen).isEmpty();
        } else {
            assertThat(frozen.orElseThrow().text()).contains(told);
            assertThat(frozen.orElseThrow().squares()).hasSize(pieces.split(" ").length);
        }
    }
}
