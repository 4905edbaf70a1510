package org.zeroply.coach.fact.tactics;

import static org.assertj.core.api.Assertions.assertThat;
import static org.zeroply.coach.TestGames.line;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.zeroply.chess.board.Position;
import org.zeroply.coach.fact.material.MaterialBalance;

/** What is on the board when the forced part of a line is over, and what was given for it. */
class SettledBalanceTest {

    @ParameterizedTest(name = "{1}: {2}")
    @CsvSource({
        // A bishop for nothing.
        "4r1k1/ppp2ppp/8/8/8/4B3/PPP3PP/4K2R w K - 0 1, h3 Rxe3+ Kf2 Re8, a bishop",
        // Broken off before the queen is taken back: nothing was given.
        "3qk3/8/8/8/8/8/3Q4/3RK3 w - - 0 1, Ke2 Qxd2+, ''",
        "3qk3/8/8/8/8/8/3Q4/3RK3 w - - 0 1, Ke2 Qxd2+ Rxd2 Ke7, ''",
        "r3k3/8/8/8/8/2n5/1P6/R3K3 w - - 0 1, Ra3 Rxa3 bxa3 Ne4, ''",
        // A rook for a knight has a name of its own, with a pawn besides.
        "4k3/3p4/8/4n3/8/4R3/5P2/4K3 w - - 0 1, Rxe5+ Kf7 Rd5 Ke6 Rxd7 Kxd7, the exchange for a pawn",
        "4k3/pp6/2p5/3N4/8/8/8/4K3 w - - 0 1, Nc7+ Kd7 Nb5 cxb5, a knight",
        "4k3/8/2p5/1p1p4/8/2N5/8/4K3 w - - 0 1, Nxd5 cxd5 Kd2 b4, a knight for a pawn",
    })
    void is_told_in_words(String fen, String line, String given) throws Exception {
        Position start = Position.fromFen(fen);
        MaterialBalance end = LineGain.settled(start, line(start, line));
        assertThat(end.given(MaterialBalance.of(start), start.sideToMove())).isEqualTo(given);
    }
}
