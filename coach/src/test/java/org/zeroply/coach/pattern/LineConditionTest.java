package org.zeroply.coach.pattern;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.zeroply.chess.board.Position;

/** Men on one line, pawns before and beside men, and what lies around a king. */
class LineConditionTest {

    private static final String ROWS =
            """
            white queen and bishop battery | 6k1/8/8/8/4Q3/3B4/8/4K3 w - - 0 1 | true
            white queen and bishop battery | 6k1/8/8/8/4Q3/3P4/2B5/4K3 w - - 0 1 | false
            white queen and bishop battery | 6k1/8/8/8/4Q3/4B3/8/3K4 w - - 0 1 | false
            white queen and bishop battery on the b1-h7 diagonal | 4k3/8/8/8/8/3B4/2Q5/4K3 w - - 0 1 | true
            white queen and bishop battery on a long diagonal | 4k3/8/8/8/8/3B4/2Q5/4K3 w - - 0 1 | false
            white queen and rook battery | 4k3/8/8/8/8/8/8/RQ2K3 w - - 0 1 | false
            white queen and rook battery | 4k3/8/8/8/8/Q7/8/R3K3 w - - 0 1 | true
            white queen behind the bishop | 4k3/8/8/8/8/3B4/2Q5/4K3 w - - 0 1 | true
            white bishop behind the queen | 4k3/8/8/8/8/3B4/2Q5/4K3 w - - 0 1 | false
            white bishop before the queen | 4k3/8/8/8/8/3B4/2Q5/4K3 w - - 0 1 | true
            white queen behind the bishop | 6k1/8/8/8/4Q3/3B4/8/4K3 w - - 0 1 | false
            white rook behind the queen | 4k3/8/8/8/3Q4/8/8/3RK3 w - - 0 1 | true
            white rook behind the queen | 4k3/8/8/8/3Q4/8/3P4/3RK3 w - - 0 1 | false
            white rook behind the queen on the e-file | 4k3/8/8/8/3Q4/8/8/3RK3 w - - 0 1 | false
            white rook behind the queen | 4k3/8/8/8/8/8/8/RQ2K3 w - - 0 1 | false
            white queen behind the knight | 4k3/8/8/8/3N4/8/8/3QK3 w - - 0 1 | true
            white knight behind the queen | 4k3/8/8/8/3Q4/8/8/3NK3 w - - 0 1 | false
            white tripled heavy pieces | 4k3/8/8/8/8/3Q4/3R4/3RK3 w - - 0 1 | true
            white tripled heavy pieces on the e-file | 4k3/8/8/8/8/3Q4/3R4/3RK3 w - - 0 1 | false
            white tripled heavy pieces | 4k3/8/8/8/3Q4/3P4/3R4/3RK3 w - - 0 1 | false
            white tripled heavy pieces | 4k3/8/8/8/8/8/3R4/3RK3 w - - 0 1 | false
            all pawns on one wing | 4k3/7p/6p1/8/4P3/8/5P2/4K3 w - - 0 1 | true
            all pawns on one wing | 4k3/7p/6p1/8/4P3/8/P4P2/4K3 w - - 0 1 | false
            all pawns on one wing | 4k3/8/8/8/8/8/8/R3K3 w - - 0 1 | false
            white 4 pawns against 3 on one wing | r3k3/5ppp/8/8/4P3/8/5PPP/R3K3 w - - 0 1 | true
            white 4 pawns against 3 on one wing | r3k3/p4ppp/8/8/4P3/8/5PPP/R3K3 w - - 0 1 | false
            white isolated pawn blockaded by a knight | 4k3/8/8/3n4/3P4/8/8/4K3 w - - 0 1 | true
            white isolated pawn blockaded by a bishop | 4k3/8/8/3n4/3P4/8/8/4K3 w - - 0 1 | false
            white isolated pawn blockaded by a knight | 4k3/8/8/3n4/3P4/2P5/8/4K3 w - - 0 1 | false
            white pawn on d4 blockaded by a knight | 4k3/8/8/3n4/3P4/2P5/8/4K3 w - - 0 1 | true
            white pawn on c3 blockaded by a knight | 4k3/8/8/3n4/3P4/2P5/8/4K3 w - - 0 1 | false
            white pawn blockaded | 4k3/8/8/3N4/3P4/8/8/4K3 w - - 0 1 | false
            white passed pawn blockaded | 8/3k4/3P4/8/8/8/8/4K3 w - - 0 1 | true
            white isolated queen's pawn blockaded by a knight | 4k3/8/4p3/3n4/3P4/8/8/4K3 w - - 0 1 | true
            white isolated queen's pawn blockaded by a knight | 4k3/8/4p3/8/3P2n1/8/8/4K3 w - - 0 1 | false
            weak pawn on d6 | 4k3/8/3p4/8/8/8/8/4K3 w - - 0 1 | true
            weak pawn on d6 | 4k3/2p5/3p4/8/8/8/8/4K3 w - - 0 1 | false
            black isolated pawn on d6 on a half-open file | 4k3/8/3p4/8/8/8/8/4K3 w - - 0 1 | true
            black isolated pawn on d6 on a half-open file | 4k3/8/3p4/8/3P4/8/8/4K3 w - - 0 1 | false
            pawn chain d4-e5 against e6-d5 | 4k3/8/4p3/3pP3/3P4/8/8/4K3 w - - 0 1 | true
            pawn chain d4-e5 against e6-d5 | 4k3/8/8/3pP3/3P4/8/8/4K3 w - - 0 1 | false
            open g-file against the black king | 6k1/8/8/8/8/8/8/4K3 w - - 0 1 | true
            open g-file against the black king | 3k4/8/8/8/8/8/8/4K3 w - - 0 1 | false
            open g-file against the black king | 7k/8/8/8/8/8/6P1/4K3 w - - 0 1 | false
            half-open g-file against the black king | 7k/6p1/8/8/8/8/8/4K3 w - - 0 1 | true
            half-open g-file next to the black king | 7k/6p1/8/8/8/8/8/4K3 w - - 0 1 | false
            half-open g-file next to the black king | 7k/8/8/8/8/8/6P1/4K3 w - - 0 1 | true
            black weak dark squares at the king | r2q2k1/5p1p/4p1p1/8/8/8/5PPP/R2Q2K1 w - - 0 1 | true
            black weak light squares at the king | r2q2k1/5p1p/4p1p1/8/8/8/5PPP/R2Q2K1 w - - 0 1 | false
            black weak dark squares at the king | r2q2k1/5pbp/4p1p1/8/8/8/5PPP/R2Q2K1 w - - 0 1 | false
            black weak dark squares at the king | r2q2k1/4pp1p/6p1/8/8/8/5PPP/R2Q2K1 w - - 0 1 | false
            black weak dark squares at the king | 6k1/5p1p/4p1p1/8/8/8/5PPP/6K1 w - - 0 1 | false
            black weak dark squares at the king | r2q4/5p1p/4p1k1/8/8/8/5PPP/R2Q2K1 w - - 0 1 | false
            white king march | qr4k1/8/8/6K1/8/8/8/QR6 w - - 0 1 | true
            white king march | qr4k1/8/8/8/8/6K1/8/QR6 w - - 0 1 | false
            white king march | 6k1/8/8/6K1/8/8/8/QR6 w - - 0 1 | false
            white uncastled king on e1 | 4k3/8/8/8/8/8/8/4K3 w - - 0 1 | true
            white uncastled king on g1 | 4k3/8/8/8/8/8/8/6K1 w - - 0 1 | false
            fifty-move rule | 4k3/8/8/8/8/8/8/R3K3 w - - 100 80 | true
            fifty-move rule | 4k3/8/8/8/8/8/8/R3K3 w - - 99 80 | false
            black Vancura position | R7/6k1/P4r2/8/4K3/8/8/8 w - - 0 1 | true
            white Vancura position | R7/6k1/P4r2/8/4K3/8/8/8 w - - 0 1 | false
            black Vancura position | R7/6k1/P1K2r2/8/8/8/8/8 w - - 0 1 | false
            black Vancura position | R7/6k1/P7/5r2/3K4/8/8/8 w - - 0 1 | false
            black Vancura position | R7/3k4/P4r2/8/4K3/8/8/8 w - - 0 1 | false
            black Vancura position | 8/6k1/P4r2/8/4K3/8/8/R7 w - - 0 1 | false
            black Vancura position | 1R6/6k1/1P3r2/8/4K3/8/8/8 w - - 0 1 | false
            """;

    @ParameterizedTest(name = "{0}: {2} in {1}")
    @CsvSource(delimiter = '|', textBlock = ROWS)
    void what_stands_on_lines_and_around_kings_is_seen(String text, String fen, boolean holds) {
        BothColours.assertHolds(text, Position.fromFen(fen), holds);
    }
}
