package org.zeroply.engine.exchange;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.notation.NotationException;
import org.zeroply.chess.notation.San;

class StaticExchangeTest {

    @ParameterizedTest(name = "{1} in {0} wins {2}")
    @CsvSource({
        "4k3/8/8/3p4/8/8/8/3RK3 w - -, Rxd5, 100",
        "4k3/8/4p3/3p4/8/8/8/3RK3 w - -, Rxd5, -400",
        "4k3/8/4p3/3p4/8/2N5/8/3RK3 w - -, Nxd5, -125",
        "3rk3/8/8/3p4/8/8/3R4/3RK3 w - -, Rxd5, 100",
        "3rk3/3r4/8/3p4/8/8/3R4/3RK3 w - -, Rxd5, -400",
        "4k3/8/8/2pP4/8/8/8/4K3 w - c6, dxc6, 100",
        "4k3/P7/8/8/8/8/8/4K3 w - -, a8=Q+, 875",
        "1r2k3/P7/8/8/8/8/8/4K3 w - -, axb8=Q+, 1375",
        "4k3/8/8/8/4q3/8/8/4RK2 w - -, Rxe4+, 975",
        "4k3/5p2/8/8/4q3/8/4Q3/4RK2 w - -, Qxe4+, 975",
        "4k3/8/8/8/8/8/4P3/4K3 w - -, e4, 0",
    })
    void captures_on_one_square_are_counted_out(String fen, String move, int gain)
            throws NotationException {
        Position p = Position.fromFen(fen);
        assertThat(StaticExchange.of(p.toBoard(), San.read(p, move).packed())).isEqualTo(gain);
    }
}
