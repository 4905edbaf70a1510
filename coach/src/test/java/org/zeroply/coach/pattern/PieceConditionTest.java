package org.zeroply.coach.pattern;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.zeroply.chess.board.Position;

class PieceConditionTest {

    private static final String ROWS =
            """
            white rook on an open file | 4k3/8/8/8/8/8/P7/1R2K3 w - - | true
            white rook on an open file | 4k3/1p6/8/8/8/8/P7/1R2K3 w - - | false
            white rook on a half-open file | 4k3/1p6/8/8/8/8/P7/1R2K3 w - - | true
            white rook on a half-open file | 4k3/8/8/8/8/8/P7/1R2K3 w - - | false
            white rook on a half-open file | 4k3/1p6/8/8/8/8/1P6/1R2K3 w - - | false
            black rook on a half-open file | 1r2k3/1p6/8/8/8/8/8/4K3 w - - | false
            black rook on a half-open file | 1r2k3/8/8/8/8/8/1P6/4K3 w - - | true
            rook on an open file | 1r2k3/8/8/8/8/8/8/4K3 w - - | true
            queen on an open file | 1r2k3/8/8/8/8/8/8/4K3 w - - | false
            white doubled rooks | 4k3/8/8/8/3R4/8/8/3RK3 w - - | true
            white doubled rooks on the d-file | 4k3/8/8/8/3R4/8/8/3RK3 w - - | true
            white doubled rooks on the e-file | 4k3/8/8/8/3R4/8/8/3RK3 w - - | false
            white doubled rooks | 4k3/8/8/8/3R4/3P4/8/3RK3 w - - | false
            white doubled rooks | 4k3/8/8/8/3R3R/8/8/4K3 w - - | false
            doubled rooks | 3rk3/3r4/8/8/8/8/8/4K3 w - - | true
            doubled rooks | 3rk3/3R4/8/8/8/8/8/4K3 w - - | false
            white fianchetto on the kingside | 4k3/8/8/8/8/6P1/5PBP/4K3 w - - | true
            white fianchetto on the queenside | 4k3/8/8/8/8/6P1/5PBP/4K3 w - - | false
            white fianchetto | 4k3/8/8/8/1P6/8/PB6/4K3 w - - | true
            white fianchetto | 4k3/8/8/8/8/8/PB6/4K3 w - - | false
            white fianchetto | 4k3/8/6P1/8/8/8/6B1/4K3 w - - | false
            black bishop fianchettoed on g7 | 4k3/5pbp/6p1/8/8/8/8/4K3 w - - | true
            black bishop fianchettoed on b7 | 4k3/5pbp/6p1/8/8/8/8/4K3 w - - | false
            white rook behind a passed pawn | 4k3/8/P7/8/8/8/8/R3K3 w - - | true
            white rook behind a passed pawn | R7/4k3/P7/8/8/8/8/4K3 w - - | false
            white rook behind a passed pawn | 4k3/8/P7/1p6/8/8/8/R3K3 w - - | true
            white rook behind a passed pawn | 4k3/1p6/8/P7/8/8/8/R3K3 w - - | false
            white rook behind a passed pawn | 4k3/8/P7/8/8/N7/8/R3K3 w - - | false
            white rook behind a passed pawn | R7/4k3/8/8/p7/8/8/4K3 w - - | true
            black rook behind a passed pawn | R7/4k3/8/8/p7/8/8/4K3 w - - | false
            white tripled pawns | 4k3/8/8/P7/P7/P7/8/4K3 w - - | true
            tripled pawns | 4k3/8/8/P7/P7/p7/8/4K3 w - - | false
            at least 2 white passed pawns | 4k3/8/8/P6P/8/8/8/4K3 w - - | true
            at least 2 white passed pawns | 4k3/7p/8/P6P/8/8/8/4K3 w - - | false
            white has two passed pawns on the a-file | 4k3/8/8/P6P/8/8/8/4K3 w - - | false
            same-coloured bishops | 4kb2/8/8/8/8/8/8/2B1K3 w - - | true
            same-coloured bishops | 4kb2/8/8/8/8/8/8/4KB2 w - - | false
            opposite-coloured bishops ending | 4kb2/8/8/8/8/8/8/4KBR1 w - - | false
            rook and bishop ending | r3kb2/p7/8/8/8/8/8/2B1K2R w - - | true
            rook and bishop ending | r3kn2/p7/8/8/8/8/8/2B1K2R w - - | false
            rook and bishop ending | r3k3/p7/8/8/8/8/8/2B1K2R w - - | false
            king and pawn against king | 4k3/8/8/8/8/8/P7/4K3 w - - | true
            king and pawn against king | 4k3/p7/8/8/8/8/8/4K3 w - - | true
            white has king and pawn against king | 4k3/p7/8/8/8/8/8/4K3 w - - | false
            king and pawn against king | 4k3/8/8/8/8/8/PP6/4K3 w - - | false
            white has king and two minor pieces against king | 4k3/8/8/8/8/8/8/2B1K1N1 w - - | true
            white has king and two minor pieces against king | 4k3/8/8/8/8/8/8/2R1K1N1 w - - | false
            lone king | 4k3/8/8/8/8/8/8/2R1K1N1 w - - | true
            lone king | 4k3/p7/8/8/8/8/8/2R1K1N1 w - - | false
            black has more than 2 pawns | 4k3/pp6/8/8/8/8/8/4K3 w - - | false
            black has fewer than 3 pawns | 4k3/pp6/8/8/8/8/8/4K3 w - - | true
            white knight outpost on d5 | 4k3/1p4p1/8/3N4/4P3/8/8/4K3 w - - | true
            white bishop outpost on d5 | 4k3/1p4p1/8/3N4/4P3/8/8/4K3 w - - | false
            white knight outpost | 4k3/1p4p1/8/8/4P3/2N5/8/4K3 w - - | false
            white outpost | 4k3/1p4p1/8/8/4P3/2N5/8/4K3 w - - | true
            white knight fork | q3k3/2N5/8/8/8/8/8/4K3 b - - | true
            white queen fork | q3k3/2N5/8/8/8/8/8/4K3 b - - | false
            pinned knight | 3qk3/8/5n2/6B1/8/8/8/4K3 w - - | true
            pinned bishop | 3qk3/8/5n2/6B1/8/8/8/4K3 w - - | false
            white knight is pinned | 3qk3/8/5n2/6B1/8/8/8/4K3 w - - | false
            black hanging rook | 4k3/8/8/3r4/4P3/8/8/4K3 w - - | true
            black hanging queen | 4k3/8/8/3r4/4P3/8/8/4K3 w - - | false
            hanging rook on d5 | 4k3/8/8/3r4/4P3/8/8/4K3 w - - | true
            white bishop on the long diagonal | 4k3/8/8/8/3B4/8/8/4K3 w - - | true
            white bishop on the long diagonal | 4k3/8/8/8/2B5/8/8/4K3 w - - | false
            white queen on the b1-h7 diagonal | 4k3/8/8/8/8/3Q4/8/4K3 w - - | true
            white queen on the b1-h7 diagonal | 4k3/8/8/8/8/3B4/8/4K1Q1 w - - | false
            white knight on the rim | 4k3/8/8/8/7N/8/8/4K3 w - - | true
            white knight on the rim | 4k3/8/8/8/6N1/8/8/4K3 w - - | false
            rooks on the seventh | 4k3/8/8/8/8/8/r6r/4K3 w - - | true
            rooks on the seventh | 4k3/8/8/8/8/8/R6R/4K3 w - - | false
            white knight on e5 supported by a pawn | 4k3/8/8/4N3/3P4/8/8/4K3 w - - | true
            white knight on e5 supported by a pawn | 4k3/8/3P4/4N3/8/8/8/4K3 w - - | false
            black knight on e4 supported by a pawn | 4k3/8/8/3p4/4n3/8/8/4K3 w - - | true
            white rooks on a1 d1 g1 | 4k3/8/8/8/8/8/8/R2R2K1 w - - | false
            white rooks on a1 d1 | 4k3/8/8/8/8/8/8/R2R2K1 w - - | true
            """;

    @ParameterizedTest(name = "{0}: {2} in {1}")
    @CsvSource(delimiter = '|', textBlock = ROWS)
    void how_pieces_stand_is_seen(String text, String fen, boolean holds) {
        Situation situation = Situation.of(Position.fromFen(fen + " 0 1"));
        Condition asked = ConditionReader.together(ConditionReader.all(text));
        assertThat(asked.holds(situation)).isEqualTo(holds);
        assertThat(ConditionReader.together(ConditionReader.all(asked.text()))).isEqualTo(asked);
    }
}
