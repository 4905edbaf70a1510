package org.zeroply.coach.pattern;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.zeroply.chess.board.Position;

/** What the pawns are as a whole, and how many more men a side has. */
class StructureConditionTest {

    private static final String ROWS =
            """
            white has exactly 3 pawn islands | 4k3/8/8/8/8/8/P1PP3P/4K3 w - - 0 1 | true
            white has at least 4 pawn islands | 4k3/8/8/8/8/8/P1PP3P/4K3 w - - 0 1 | false
            white has 2 pawn islands | 4k3/8/8/8/8/P7/P1PP4/4K3 w - - 0 1 | true
            white has fewer pawn islands | 4k3/p2p2p1/8/8/8/8/P1PP4/4K3 w - - 0 1 | true
            white has fewer pawn islands | 4k3/p2p4/8/8/8/8/P1PP4/4K3 w - - 0 1 | false
            pawns symmetrical | 4k3/p2p2p1/8/8/3P2P1/P7/8/4K3 w - - 0 1 | true
            pawns symmetrical | 4k3/p2pp3/8/8/3P2P1/P7/8/4K3 w - - 0 1 | false
            pawns symmetrical | 4k3/8/8/8/8/8/8/4K3 w - - 0 1 | false
            centre fixed | 4k3/2p5/8/3p4/3P4/4P3/8/4K3 w - - 0 1 | true
            centre fixed | 4k3/8/8/2pp4/3P4/4P3/8/4K3 w - - 0 1 | false
            centre fixed | 4k3/8/8/3pp3/3PP3/8/8/4K3 w - - 0 1 | false
            centre fixed | 4k3/8/3p4/3Pp3/4P3/8/8/4K3 w - - 0 1 | false
            d5 out of reach of black pawns | 4k3/3p4/8/8/8/8/8/4K3 w - - 0 1 | true
            d5 out of reach of black pawns | 4k3/4p3/8/8/8/8/8/4K3 w - - 0 1 | false
            d5 out of reach of black pawns | 4k3/8/4p3/8/8/8/8/4K3 w - - 0 1 | false
            d5 out of reach of black pawns | 4k3/8/8/4p3/8/8/8/4K3 w - - 0 1 | true
            white knight on d5 out of reach of pawns | 4k3/8/8/3Np3/8/8/8/4K3 w - - 0 1 | true
            white knight on d5 out of reach of pawns | 4k3/8/2p5/3N4/8/8/8/4K3 w - - 0 1 | false
            white pawn about to promote | 4k3/P7/8/8/8/8/8/4K3 w - - 0 1 | true
            white pawn about to promote | n3k3/P7/8/8/8/8/8/4K3 w - - 0 1 | false
            white pawn on b7 about to promote | 4k3/P7/8/8/8/8/8/4K3 w - - 0 1 | false
            white has at least 2 more pawns | 4k3/p7/8/8/8/8/PPP5/4K3 w - - 0 1 | true
            white has at least 3 more pawns | 4k3/p7/8/8/8/8/PPP5/4K3 w - - 0 1 | false
            white has exactly 0 more pawns | 4k3/p7/8/8/8/8/P7/Q3K3 w - - 0 1 | true
            white has exactly 0 more pawns | 4k3/p7/8/8/8/8/PP6/Q3K3 w - - 0 1 | false
            white has more passed pawns | 4k3/p7/8/8/8/8/3P4/4K3 w - - 0 1 | false
            white has more passed pawns | 4k3/p7/8/8/8/8/P2P4/4K3 w - - 0 1 | true
            white has one more passed pawn than black | 4k3/p7/8/8/8/8/P2P2P1/4K3 w - - 0 1 | true
            white has exactly 1 more passed pawns | 4k3/p7/8/8/8/8/P2P2P1/4K3 w - - 0 1 | false
            white has at least 3 more passed pawns | 4k3/p7/8/8/8/8/P2P2P1/4K3 w - - 0 1 | false
            white has more isolated pawns | 4k3/pp5p/8/8/8/8/P2P2P1/4K3 w - - 0 1 | true
            white has fewer than 2 more isolated pawns | 4k3/pp5p/8/8/8/8/P2P2P1/4K3 w - - 0 1 | false
            white has two more pawns on the queenside | 4k3/p4ppp/8/8/8/8/PPP5/4K3 w - - 0 1 | true
            white has two more pawns on the queenside | 4k3/pp4pp/8/8/8/8/PPP5/4K3 w - - 0 1 | false
            white has an extra pawn on the kingside | 4k3/6pp/8/8/8/8/5PPP/4K3 w - - 0 1 | true
            white has an extra pawn on the kingside | 4k3/4p1pp/8/8/8/8/P4PPP/4K3 w - - 0 1 | false
            white has two more minor pieces | 4k3/8/8/8/8/8/8/2B1KN2 w - - 0 1 | true
            white has two more minor pieces | n3k3/8/8/8/8/8/8/2B1KN2 w - - 0 1 | false
            white has more heavy pieces | r3k3/8/8/8/8/8/8/R2QK3 w - - 0 1 | true
            """;

    @ParameterizedTest(name = "{0}: {2} in {1}")
    @CsvSource(delimiter = '|', textBlock = ROWS)
    void what_the_pawns_are_is_seen(String text, String fen, boolean holds) {
        BothColours.assertHolds(text, Position.fromFen(fen), holds);
    }
}
