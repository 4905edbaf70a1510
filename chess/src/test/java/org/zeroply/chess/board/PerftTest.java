package org.zeroply.chess.board;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Published leaf counts; the third has discovered en-passant checks, the others promotions. */
class PerftTest {

    @ParameterizedTest(name = "{0} at depth {1}")
    @CsvSource({
        "rnbqkbnr/pppppppp/8/8/8/8/PPPPPPPP/RNBQKBNR w KQkq - 0 1, 6, 119060324",
        "r3k2r/p1ppqpb1/bn2pnp1/3PN3/1p2P3/2N2Q1p/PPPBBPPP/R3K2R w KQkq -, 5, 193690690",
        "8/2p5/3p4/KP5r/1R3p1k/8/4P1P1/8 w - -, 6, 11030083",
        "r3k2r/Pppp1ppp/1b3nbN/nP6/BBP1P3/q4N2/Pp1P2PP/R2Q1RK1 w kq - 0 1, 5, 15833292",
        "rnbq1k1r/pp1Pbppp/2p5/8/2B5/8/PPP1NnPP/RNBQK2R w KQ - 1 8, 5, 89941194",
        "r4rk1/1pp1qppp/p1np1n2/2b1p1B1/2B1P1b1/P1NP1N2/1PP1QPPP/R4RK1 w - - 0 10, 4, 3894594",
    })
    void leaf_counts_agree_with_the_published_ones(String fen, int depth, long leaves) {
        assertThat(Perft.count(Position.fromFen(fen), depth)).isEqualTo(leaves);
    }
}
