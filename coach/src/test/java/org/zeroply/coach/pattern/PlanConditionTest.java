package org.zeroply.coach.pattern;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.zeroply.chess.board.Position;

/** Plans and dangers, by positions looked at by hand; each also with the colours exchanged. */
class PlanConditionTest {

    private static final String ROWS =
            """
            white trapped queen | 4k3/8/8/8/8/8/PPn5/QN5K w - - | true
            white trapped queen | 4k3/8/8/8/8/8/P1n5/QN5K w - - | false
            black trapped bishop | 4k3/b7/1P6/2P5/8/8/8/R3K3 w - - | false
            black trapped bishop | 4k3/8/8/8/8/1P6/b1P5/K7 w - - | true
            black trapped bishop on a2 | 4k3/8/8/8/8/1P6/b1P5/K7 w - - | true
            black trapped bishop on the h-file | 4k3/8/8/8/8/1P6/b1P5/K7 w - - | false
            black trapped knight | 4k3/8/8/8/8/1P6/b1P5/K7 w - - | false
            black trapped bishop | 4k3/8/8/8/8/1P6/b1P5/K7 b - - | true
            # It can take a pawn that nobody guards
            black trapped bishop | 4k3/8/8/8/8/1P6/b7/K7 w - - | false
            # It cannot move, but what attacks it can be taken
            black trapped queen | r1bqkb1r/pppp1ppp/2N2n2/8/4P3/8/PPP2PPP/RNBQKB1R b KQkq - | false
            # It cannot move, but a pawn can shut the line
            black trapped bishop | 4k3/8/1p6/b7/1P6/8/8/4K3 b - - | false
            # Another man can take the queen in return
            white trapped queen | 4k2q/8/8/8/8/8/PPn4R/QN4K1 w - - | false
            # What is pinned to the king has another name
            black trapped queen | 4k3/8/4q3/8/8/8/4R3/4R1K1 b - - | false
            # It gets away if a pawn is given up
            white trapped queen | 1k6/pp3r1p/8/3qpQ2/2p1n3/6P1/PPP2P1P/R5K1 w - - | false
            # A queen at home is attacked by nobody
            white trapped queen | 4k3/8/8/8/8/8/3PP3/3QKB2 w - - | false
            trapped knight | 4k2N/5ppp/8/8/8/8/8/4K3 w - - | false
            trapped knight | 6kN/5ppp/8/8/8/8/8/4K3 w - - | true
            # In check nothing is said of a man that could not go
            trapped knight | 6kN/5ppp/8/8/8/8/8/r3K3 w - - | false
            black knight pinned to the queen | 3qk3/8/5n2/6B1/8/8/8/4K3 w - - | true
            black knight pinned to the queen on f6 | 3qk3/8/5n2/6B1/8/8/8/4K3 w - - | true
            black knight pinned to the queen on e7 | 3qk3/8/5n2/6B1/8/8/8/4K3 w - - | false
            black bishop pinned to the queen | 3qk3/8/5n2/6B1/8/8/8/4K3 w - - | false
            black knight pinned to the rook | 3qk3/8/5n2/6B1/8/8/8/4K3 w - - | false
            black knight pinned to the rook | 3rk3/8/5n2/6B1/8/8/8/4K3 w - - | true
            black knight pinned to the queen | 3k4/8/5n2/6B1/8/8/8/4K3 w - - | false
            white knight pinned to the queen | 3qk3/8/5n2/6B1/8/8/8/4K3 w - - | false
            white pin to the queen | 3qk3/8/5n2/6B1/8/8/8/4K3 w - - | true
            black weak back rank | 6k1/5ppp/8/8/8/8/8/R3K3 w - - | true
            black weak back rank | 3r2k1/5ppp/8/8/8/8/8/R3K3 w - - | true
            black weak back rank | r2r2k1/5ppp/8/8/8/8/8/R3K3 w - - | false
            black weak back rank | 6k1/5pp1/7p/8/8/8/8/R3K3 w - - | false
            black weak back rank | 6k1/5pp1/7p/8/8/3B4/8/R3K3 w - - | true
            black weak back rank | 6k1/5ppp/8/8/8/8/8/B3K3 w - - | false
            black weak back rank | 8/5ppp/6k1/8/8/8/8/R3K3 w - - | false
            white weak back rank | 6k1/5ppp/8/8/8/8/8/R3K3 w - - | false
            white exposed king | 3qk2r/8/8/8/8/8/8/R2Q1RK1 w - - | true
            white exposed king | 3qk2r/8/8/8/8/6P1/8/R2Q1RK1 w - - | false
            white exposed king | 3qk2r/8/8/8/6P1/8/8/R2Q1RK1 w - - | true
            white exposed king | 4k2r/8/8/8/8/8/8/5RK1 w - - | false
            white pawn storm | 5rk1/5ppp/8/8/6PP/8/8/2KR4 w - - | false
            white pawn storm | r2q1rk1/5ppp/8/8/6PP/8/8/2KRQ2R w - - | true
            white pawn storm on the kingside | r2q1rk1/5ppp/8/8/6PP/8/8/2KRQ2R w - - | true
            white pawn storm on the queenside | r2q1rk1/5ppp/8/8/6PP/8/8/2KRQ2R w - - | false
            white pawn storm | r2q1rk1/5ppp/8/8/6P1/7P/8/2KRQ2R w - - | false
            white pawn storm | r2q1rk1/5ppp/8/8/6PP/8/8/3RQRK1 w - - | false
            white pawn storm | r2q1rk1/5ppp/8/6P1/7P/8/8/3RQRK1 w - - | true
            white pawn storm | r2qk2r/5ppp/8/8/6PP/8/8/2KR1Q1R w - - | false
            black pawn storm | 2krq2r/8/8/6pp/8/8/5PPP/R2Q1RK1 w - - | true
            white has more space | rnbqkbnr/pppp1ppp/4p3/8/3PP3/8/PPP2PPP/RNBQKBNR b KQkq - | true
            white has more space | rnbqkbnr/ppp2ppp/4p3/3p4/3PP3/8/PPP2PPP/RNBQKBNR w KQkq - | false
            black has more space | rnbqkbnr/pppp1ppp/4p3/8/3PP3/8/PPP2PPP/RNBQKBNR b KQkq - | false
            white has more space | 4k3/2pp1p2/8/8/PP4PP/8/8/4K3 w - - | false
            white ahead in development | rnbqkbnr/8/8/8/8/2N2N2/8/R1BQKB1R w KQkq - | true
            white ahead in development by 3 | rnbqkbnr/8/8/8/8/2N2N2/8/R1BQKB1R w KQkq - | false
            white ahead in development | r1bqkbnr/8/2n5/8/8/2N2N2/8/R1BQKB1R w KQkq - | false
            white has the opposition | 8/8/4k3/8/4K3/4P3/8/8 b - - | true
            white has the opposition | 8/8/4k3/8/4K3/4P3/8/8 w - - | false
            black has the opposition | 8/8/4k3/8/4K3/4P3/8/8 w - - | true
            white has the opposition | 8/8/4k3/8/4K3/4P3/8/R7 b - - | false
            white has the opposition | 8/4k3/8/8/4K3/4P3/8/8 b - - | false
            white has the distant opposition | 4k3/8/8/8/4K3/4P3/8/8 b - - | true
            white has the distant opposition | 4k3/8/8/8/8/4P3/4K3/8 b - - | true
            white has the diagonal opposition | 8/8/6k1/8/4K3/4P3/8/8 b - - | true
            white has the direct opposition | 8/8/6k1/8/4K3/4P3/8/8 b - - | false
            white blockading knight | 4k3/8/8/3p4/3N4/8/8/4K3 w - - | true
            white blockading knight on d4 | 4k3/8/8/3p4/3N4/8/8/4K3 w - - | true
            white blockading knight on e4 | 4k3/8/8/3p4/3N4/8/8/4K3 w - - | false
            white blockading bishop | 4k3/8/8/3p4/3N4/8/8/4K3 w - - | false
            # Neither passed nor isolated
            white blockading knight | 4k3/4p3/8/3p4/3N4/8/3P4/4K3 w - - | false
            # Isolated, not passed
            white blockading knight | 4k3/8/8/3p4/3N4/8/3P4/4K3 w - - | true
            white queen on the same file as the black king | 4k3/4p3/8/8/4Q3/8/8/4K3 w - - | true
            white queen on the same file as the black king | 3k4/4p3/8/8/4Q3/8/8/4K3 w - - | false
            white queen on the same rank as the black pawn | 3k4/8/8/8/p3Q3/8/8/4K3 w - - | true
            white queen on the same file as the black pawn | 3k4/8/8/8/p3Q3/8/8/4K3 w - - | false
            white bishop on the same diagonal as the enemy king | 7k/6p1/8/8/8/8/8/B3K3 w - - | true
            white bishop on the same diagonal as the enemy king | 6k1/6p1/8/8/8/8/8/B3K3 w - - | false
            # A man does not share a line with itself
            white rook on the same file as the white rook | 4k3/8/8/8/8/8/8/R3K3 w - - | false
            white connected rooks | 4k3/8/8/8/8/8/8/R4RK1 w - - | true
            white connected rooks | 4k3/8/8/8/8/8/8/R2Q1RK1 w - - | false
            black connected rooks | 4k3/8/8/8/8/8/8/R4RK1 w - - | false
            white good knight against bad bishop | 4k3/2b5/3p4/4p3/4P3/3N4/8/4K3 w - - | true
            white good knight against bad bishop | 4k3/2b5/3p4/4p3/4P3/3NN3/8/4K3 w - - | false
            white good knight against bad bishop | 4k3/3b4/3p4/4p3/4P3/3N4/8/4K3 w - - | false
            white Carlsbad structure | 4k3/pp3ppp/2p5/3p4/3P4/4P3/PP3PPP/4K3 w - - | true
            black Carlsbad structure | 4k3/pp3ppp/2p5/3p4/3P4/4P3/PP3PPP/4K3 w - - | false
            white Carlsbad structure | 4k3/pp3ppp/2p1p3/3p4/3P4/4P3/PP3PPP/4K3 w - - | false
            white mirrored Carlsbad structure | 4k3/ppp3pp/5p2/4p3/4P3/3P4/PPP3PP/4K3 w - - | true
            white Maroczy bind | 4k3/pp1ppppp/8/8/2P1P3/8/PP3PPP/4K3 w - - | true
            white Maroczy bind | 4k3/pppppppp/8/8/2P1P3/8/PP3PPP/4K3 w - - | false
            black hedgehog | 4k3/5ppp/pp1pp3/8/2P1P3/8/PP3PPP/4K3 w - - | true
            black Scheveningen structure | 4k3/pp3ppp/3pp3/8/4P3/8/PPP2PPP/4K3 w - - | true
            black hedgehog | 4k3/pp3ppp/3pp3/8/4P3/8/PPP2PPP/4K3 w - - | false
            black Boleslavsky structure | 4k3/pp3ppp/3p4/4p3/4P3/8/PPP2PPP/4K3 w - - | true
            black Dragon structure | 4k3/pp2pp1p/3p2p1/8/4P3/8/PPP2PPP/4K3 w - - | true
            black stonewall | 4k3/pp4pp/2p1p3/3p1p2/2PP4/6P1/PP2PP1P/4K3 w - - | true
            white stonewall | 4k3/pp3ppp/4p3/2pp4/3P1P2/2P1P3/PP4PP/4K3 w - - | true
            black Benoni structure | 4k3/pp3ppp/3p4/2pP4/4P3/8/PP3PPP/4K3 w - - | true
            white French chain | 4k3/pp3ppp/4p3/2ppP3/3P4/8/PPP2PPP/4K3 w - - | true
            black French chain | 4k3/pp3ppp/4p3/2ppP3/3P4/8/PPP2PPP/4K3 w - - | false
            white King's Indian chain | 4k3/ppp2ppp/3p4/3Pp3/2P1P3/8/PP3PPP/4K3 w - - | true
            white rook on the a- or h-file | 4k3/8/8/8/8/8/8/4K2R w - - | true
            white rook on the a- or h-file | 4k3/8/8/8/8/8/8/4K1R1 w - - | false
            white rooks on the a- and h-file | 4k3/8/8/8/8/8/8/4K2R w - - | false
            white rooks on the a- and h-file | 4k3/8/8/8/R7/8/8/4K2R w - - | true
            white rook on the seventh or eighth rank | R7/4k3/8/8/8/8/8/4K3 w - - | true
            black rook on the seventh or eighth rank | R7/4k3/8/8/8/8/r7/4K3 w - - | true
            black rook on the 7th or 8th rank | R7/4k3/8/8/8/8/r7/4K3 w - - | false
            """;

    @ParameterizedTest(name = "{0}: {2} in {1}")
    @CsvSource(delimiter = '|', textBlock = ROWS)
    void a_plan_or_danger_is_seen_for_either_side(String text, String fen, boolean holds) {
        BothColours.assertHolds(text, Position.fromFen(fen + " 0 20"), holds);
    }
}
