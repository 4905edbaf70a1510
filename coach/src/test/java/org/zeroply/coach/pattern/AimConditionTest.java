package org.zeroply.coach.pattern;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.zeroply.chess.board.Position;

/** What men are near, aimed at, hold, guard and pin. */
class AimConditionTest {

    private static final String ROWS =
            """
            white knight near the black king | 6k1/8/8/5N2/8/8/8/4K3 w - - 0 1 | false
            white knight near the black king | 6k1/8/5N2/8/8/8/8/4K3 b - - 0 1 | true
            white knight on f5 near the black king | 6k1/8/5N2/8/8/8/8/4K3 b - - 0 1 | false
            at least 2 white pieces near the black king | 6k1/8/5NQ1/8/8/8/8/4K3 b - - 0 1 | true
            at least 2 white pieces near the black king | 6k1/8/5N1P/8/8/8/8/4K3 b - - 0 1 | false
            at least 2 white men near the black king | 6k1/8/5N1P/8/8/8/8/4K3 b - - 0 1 | true
            fewer than two white pieces near the black king | 6k1/8/5NQ1/8/8/8/8/4K3 b - - 0 1 | false
            fewer than two white pieces near the black king | 6k1/8/5N1P/8/8/8/8/4K3 b - - 0 1 | true
            at most one defender near the black king | 5rk1/6b1/8/8/8/8/8/4K3 b - - 0 1 | false
            at most one defender near the black king | 5rk1/6p1/8/8/8/8/8/4K3 b - - 0 1 | true
            exactly two white pieces near the black king | 6k1/8/5NQ1/8/8/8/8/4K3 b - - 0 1 | true
            exactly two white pieces near the black king | 6k1/8/5NQR/8/8/8/8/4K3 b - - 0 1 | false
            at most 1 white piece on the kingside | 6k1/8/5NQ1/8/8/8/8/4K3 b - - 0 1 | false
            fewer than 2 white pieces on the kingside | 6k1/8/N5Q1/8/8/8/8/4K3 b - - 0 1 | true
            white king near the white pawn | 4k3/8/8/8/8/4P3/8/4K3 w - - 0 1 | true
            white pawn near the white pawn | 4k3/8/8/8/8/4P3/8/4K3 w - - 0 1 | false
            white bishop aimed at h7 | 4k3/8/8/8/8/3B4/8/4K3 w - - 0 1 | true
            white bishop aimed at h7 | 4k3/8/8/8/4P3/3B4/8/4K3 w - - 0 1 | false
            white bishop aimed at h7 | 3k4/8/8/8/4Q3/3B4/8/4K3 w - - 0 1 | true
            white bishop on c2 aimed at h7 | 3k4/8/8/8/4Q3/3B4/8/4K3 w - - 0 1 | false
            white bishop aimed at h7 | 3k4/8/8/8/4R3/3B4/8/4K3 w - - 0 1 | false
            white bishop aimed at h7 | 4k3/8/6p1/8/8/3B4/8/4K3 w - - 0 1 | false
            white rook aimed at e8 | 2k5/8/8/8/4Q3/8/8/4RK2 w - - 0 1 | true
            white queen aimed at e8 | 2k5/8/8/4B3/4Q3/8/8/5K2 w - - 0 1 | false
            white pawn aimed at f6 | 4k3/8/8/4P3/8/8/8/4K3 w - - 0 1 | true
            white pawn aimed at e6 | 4k3/8/8/4P3/8/8/8/4K3 w - - 0 1 | false
            white queen and bishop battery aimed at h7 | 3k4/8/8/8/4Q3/3B4/8/4K3 w - - 0 1 | true
            white queen and bishop battery aimed at h7 | 3k4/7Q/8/8/8/3B4/8/4K3 w - - 0 1 | false
            at least 2 white bishops aimed at the kingside | 6k1/8/8/8/8/3B4/1B6/6K1 w - - 0 1 | true
            at least 2 white bishops aimed at the kingside | 6k1/8/8/8/8/3B4/8/B5K1 w - - 0 1 | true
            at least 2 white bishops aimed at the kingside | 6k1/8/8/4P3/8/3B4/1B6/6K1 w - - 0 1 | false
            at least 2 white bishops aimed at the kingside | 6k1/8/8/8/8/3B4/8/2B3K1 w - - 0 1 | true
            at least 2 white bishops aimed at the queenside | 6k1/8/8/8/8/3B4/1B6/6K1 w - - 0 1 | false
            white rook aimed at the kingside | 2k5/8/8/8/8/7R/8/6K1 w - - 0 1 | true
            white rook aimed at the kingside | 2k5/8/8/7p/8/7R/8/6K1 w - - 0 1 | false
            white bishop aimed at the black king | 6k1/5p2/8/8/8/3B4/8/6K1 w - - 0 1 | true
            white bishop aimed at the black king | 6k1/5p2/6p1/8/8/3B4/8/6K1 w - - 0 1 | false
            white bishop aimed at the black king | 2k5/8/8/8/8/3B4/8/6K1 w - - 0 1 | false
            at least 3 white pieces aimed at the black king | 6k1/5p2/8/8/5Q2/3B4/8/6KR w - - 0 1 | true
            at least 3 white pieces aimed at the black king | 6k1/5p2/8/8/5Q2/3B4/7P/6KR w - - 0 1 | false
            white has the d-file to itself | 3rk3/8/8/8/8/8/4P3/3RK3 w - - 0 1 | false
            white has the d-file to itself | 4k3/8/8/8/8/8/4P3/3RK3 w - - 0 1 | true
            white has the c-file to itself | 4k3/8/8/8/8/8/4P3/3RK3 w - - 0 1 | false
            white has an open file to itself | 4k3/3p4/8/8/8/8/4P3/3RK3 w - - 0 1 | false
            white has the only open file to itself | 4k3/ppp1pppp/8/8/8/8/PPP1PPPP/3RK3 w - - 0 1 | true
            white has the only open file to itself | 4k3/pp2pppp/8/8/8/8/PP2PPPP/3RK3 w - - 0 1 | false
            white rook behind a passed pawn on the a-file | 4k3/P7/8/8/8/8/8/R3K3 w - - 0 1 | true
            white rook behind a passed pawn on the b-file | 4k3/P7/8/8/8/8/8/R3K3 w - - 0 1 | false
            white rook behind its own passed pawn | R3k3/8/p7/8/8/8/8/4K3 b - - 0 1 | false
            white rook behind a passed pawn | R3k3/8/p7/8/8/8/8/4K3 b - - 0 1 | true
            white rook in front of its own passed pawn | R7/P5k1/8/8/8/8/8/4K3 w - - 0 1 | true
            white rook in front of its own passed pawn on the a-file | R7/P5k1/8/8/8/8/8/4K3 w - - 0 1 | true
            white rook in front of its own passed pawn on the b-file | R7/P5k1/8/8/8/8/8/4K3 w - - 0 1 | false
            white rook in front of its own passed pawn | R7/6k1/b7/P7/8/8/8/4K3 w - - 0 1 | false
            white rook in front of its own passed pawn | 4k3/P7/8/8/8/8/8/R3K3 w - - 0 1 | false
            white rook in front of its own passed pawn | 4k3/8/8/p7/8/R7/8/4K3 w - - 0 1 | false
            white rook in front of a passed pawn | 4k3/8/8/p7/8/R7/8/4K3 w - - 0 1 | true
            white knight on e5 supported by a knight | 4k3/8/8/4N3/8/5N2/8/4K3 w - - 0 1 | true
            white knight on e5 supported by a knight | 4k3/8/8/4N3/8/6N1/8/4K3 w - - 0 1 | false
            white knight on e5 supported by a knight | 4k3/8/8/4N3/8/5n2/8/4K3 w - - 0 1 | false
            white rook supported by a king | 4k3/8/8/8/8/8/3R4/4K3 w - - 0 1 | true
            white rook on d2 supported by a queen or bishop | 4k3/8/8/8/8/4B3/3R4/5K2 w - - 0 1 | true
            white knight on d6 supported by a pawn | 5k2/8/3N4/4P3/8/8/8/4K3 w - - 0 1 | true
            white knight on d6 supported by a pawn | 5k2/8/3N4/3P4/8/8/8/4K3 w - - 0 1 | false
            white knight on its 6th rank supported by a pawn | 5k2/8/3N4/4P3/8/8/8/4K3 w - - 0 1 | true
            black knight pinned by a bishop | 4k3/8/2n5/1B6/8/8/8/4K3 w - - 0 1 | true
            black knight on c6 pinned by a bishop on b5 | 4k3/8/2n5/1B6/8/8/8/4K3 w - - 0 1 | true
            black knight on c6 pinned by a bishop on a4 | 4k3/8/2n5/1B6/8/8/8/4K3 w - - 0 1 | false
            black knight pinned by a rook | 4k3/8/2n5/1B6/8/8/8/4K3 w - - 0 1 | false
            black pawn on the f-file pinned | 6k1/5p2/8/8/2B5/8/8/4K3 w - - 0 1 | true
            black fianchetto without its bishop on the kingside | r5k1/5p1p/6p1/8/8/8/8/4K3 w - - 0 1 | true
            black fianchetto without its bishop on the kingside | r5k1/5p1p/6p1/8/5b2/8/8/4K3 w - - 0 1 | false
            black fianchetto without its bishop on the kingside | r5k1/5p1p/6p1/8/4b3/8/8/4K3 w - - 0 1 | true
            black fianchetto without its bishop on the kingside | r5k1/5p2/6p1/7p/8/8/8/4K3 w - - 0 1 | false
            kings on opposite wings | 6k1/8/8/8/8/8/8/2K5 w - - 0 1 | true
            kings on opposite wings | 6k1/8/8/8/8/8/8/4K3 w - - 0 1 | false
            white good bishop against bad bishop | 4k3/4b3/3p1p2/2p1p1p1/2P1P1P1/3P1P2/3B4/4K3 w - - 0 1 | true
            black good bishop against bad bishop | 4k3/4b3/3p1p2/2p1p1p1/2P1P1P1/3P1P2/3B4/4K3 w - - 0 1 | false
            """;

    @ParameterizedTest(name = "{0}: {2} in {1}")
    @CsvSource(delimiter = '|', textBlock = ROWS)
    void what_men_are_after_is_seen(String text, String fen, boolean holds) {
        BothColours.assertHolds(text, Position.fromFen(fen), holds);
    }
}
