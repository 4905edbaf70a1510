package org.zeroply.coach.pattern;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.zeroply.chess.board.Position;

/**
 * What forks, skewers and discovered attacks are aimed at, by hand; with colours exchanged, too.
 */
class TargetConditionTest {

    private static final String ROWS =
            """
            # The knight attacks king and rook; the pawn is no target
            white fork of king and rook | r3k3/2N5/8/8/8/8/8/4K3 b - - | true
            white fork of the rook and king | r3k3/2N5/8/8/8/8/8/4K3 b - - | true
            white fork of the king | r3k3/2N5/8/8/8/8/8/4K3 b - - | true
            white fork of king and queen | r3k3/2N5/8/8/8/8/8/4K3 b - - | false
            white fork of rook and rook | r3k3/2N5/8/8/8/8/8/4K3 b - - | false
            white fork of rook and rook | r7/2N4k/r7/8/8/8/8/4K3 b - - | true
            black fork of king and rook | r3k3/2N5/8/8/8/8/8/4K3 b - - | false
            white knight fork of king and rook | r3k3/2N5/8/8/8/8/8/4K3 b - - | true
            white fork of king and rook by a bishop | r3k3/2N5/8/8/8/8/8/4K3 b - - | false
            # The forking man can be taken
            white fork of king and rook | r3k3/1bN5/3b4/8/8/8/8/4K3 b - - | false
            white skewer of the king | 7q/8/8/4k3/8/8/8/B5K1 b - - | true
            white skewer of the king and queen | 7q/8/8/4k3/8/8/8/B5K1 b - - | true
            white skewer of the queen and king | 7q/8/8/4k3/8/8/8/B5K1 b - - | false
            white skewer of the king and rook | 7q/8/8/4k3/8/8/8/B5K1 b - - | false
            white discovered attack on the queen | 3q3k/8/8/8/3N4/8/8/3R2K1 w - - | true
            white discovered attack on the rook | 3q3k/8/8/8/3N4/8/8/3R2K1 w - - | false
            """;

    private static final String ENDINGS =
            """
            white Lucena position | 1K1k4/1P6/8/8/8/8/r7/2R5 w - - | true
            # One file is not enough, nor a rook pawn, nor a king beside its pawn
            white Lucena position | 1K6/1P6/2k5/8/8/8/r7/3R4 w - - | false
            white Lucena position | K2k4/P7/8/8/8/8/1r6/2R5 w - - | false
            white Lucena position | 8/KP1k4/8/8/8/8/r7/2R5 w - - | false
            white Lucena position | 1K1k4/1P6/8/8/8/8/r6p/2R5 w - - | false
            black Lucena position | 1K1k4/1P6/8/8/8/8/r7/2R5 w - - | false
            black Philidor position | 4k3/8/r7/4P3/3K4/8/8/7R w - - | true
            # The pawn has come further, the rook stands elsewhere, the king is away
            black Philidor position | 4k3/8/r3P3/8/3K4/8/8/7R w - - | false
            black Philidor position | 4k3/r7/8/4P3/3K4/8/8/7R w - - | false
            black Philidor position | 1k6/8/r7/4P3/3K4/8/8/7R w - - | false
            white Philidor position | 4k3/8/r7/4P3/3K4/8/8/7R w - - | false
            """;

    private static final String PAWNS =
            """
            white isolated doubled pawn | 4k3/8/8/8/2P5/2P5/8/4K3 w - - | true
            white doubled isolated pawn on c4 | 4k3/8/8/8/2P5/2P5/8/4K3 w - - | true
            white doubled isolated pawn | 4k3/8/8/8/2P5/1PP5/8/4K3 w - - | false
            # One pawn is isolated, others are doubled
            white doubled isolated pawn | 4k3/8/8/8/P2P4/3PP3/8/4K3 w - - | false
            at least 2 white isolated passed pawns | 4k3/8/8/8/P2P4/8/8/4K3 w - - | true
            white two connected passed pawns | 4k3/8/PP6/8/8/8/8/4K3 w - - | true
            white two connected passed pawns on the 6th rank | 4k3/8/PP6/8/8/8/8/4K3 w - - | true
            white two connected passed pawns on the 6th rank | 4k3/8/1P6/P7/8/8/8/4K3 w - - | false
            white two connected passed pawns | 4k3/8/P1P5/8/8/8/8/4K3 w - - | false
            white two connected passed pawns | 4k3/2p5/PP6/8/8/8/8/4K3 w - - | false
            white 4 pawns against 3 on the kingside | 4k3/5ppp/8/8/8/8/4PPPP/4K3 w - - | true
            black 3 pawns against 4 on the kingside | 4k3/5ppp/8/8/8/8/4PPPP/4K3 w - - | true
            white 4 pawns against 3 on the kingside | 4k3/4pppp/8/8/8/8/4PPPP/4K3 w - - | false
            white 4 pawns against 3 on the queenside | 4k3/5ppp/8/8/8/8/4PPPP/4K3 w - - | false
            tripled pawns on the c-file | 4k3/8/8/8/2P5/2P5/2P5/4K3 w - - | true
            tripled pawns on the d-file | 4k3/8/8/8/2P5/2P5/2P5/4K3 w - - | false
            black king in the corner | k7/8/8/8/8/8/8/4K3 w - - | true
            black king in the corner | 1k6/8/8/8/8/8/8/4K3 w - - | false
            """;

    private static void assertSeen(String text, String fen, boolean holds) {
        BothColours.assertHolds(text, Position.fromFen(fen + " 0 60"), holds);
    }

    @ParameterizedTest(name = "{0}: {2} in {1}")
    @CsvSource(delimiter = '|', textBlock = ROWS)
    void aTacticIsAimedAtTheMenThatAreNamed(String text, String fen, boolean holds) {
        assertSeen(text, fen, holds);
    }

    @ParameterizedTest(name = "{0}: {2} in {1}")
    @CsvSource(delimiter = '|', textBlock = ENDINGS)
    void rookEndingsOfTheBooksAreKnown(String text, String fen, boolean holds) {
        assertSeen(text, fen, holds);
    }

    @ParameterizedTest(name = "{0}: {2} in {1}")
    @CsvSource(delimiter = '|', textBlock = PAWNS)
    void pawnsAreSeveralThingsAtOnceAndCountedOnAWing(String text, String fen, boolean holds) {
        assertSeen(text, fen, holds);
    }

    @Test
    void aSkewerHasNoThirdTarget() {
        assertThatThrownBy(() -> ConditionReader.all("white skewer of the king, queen and rook"))
                .isInstanceOf(IllegalArgumentException.class);
    }

    @Test
    void ofAPositionAloneNobodyKnowsHowLongItsGameIs() {
        Condition brief = ConditionReader.together(ConditionReader.all("miniature"));
        assertThat(brief.holds(Situation.of(Position.START))).isFalse();
    }

    @ParameterizedTest(name = "{0}: {2} after ply {1}")
    @CsvSource({
        "white has not castled by move 1, 0, true",
        "white castled by now, 6, false",
        "white castled by now, 7, true",
        "black castled by now, 7, false",
        // The king has left the place it castled to.
        "white castled by now, 11, true",
        "white castled, 11, false",
        "white has not castled by move 5, 11, false",
        "black has not castled by move 5, 11, true"
    })
    void whoCastledIsKnownHoweverTheKingWalkedSince(String text, int ply, boolean holds) {
        assertAtPly(
                "1. e4 e5 2. Nf3 Nc6 3. Bc4 Bc5 4. O-O h6 5. Re1 a6 6. Kf1 *", text, ply, holds);
    }

    @ParameterizedTest(name = "{0}: {2} on move {1}")
    @CsvSource(
            delimiter = '|',
            textBlock =
                    """
                    game of at most 4 moves | 2 | true
                    game of at most 3 moves | 2 | false
                    game of exactly 4 moves | 0 | true
                    game of more than 4 moves | 0 | false
                    miniature | 7 | true
                    white castled by now | 7 | false
                    mate by white, game shorter than 5 moves | 7 | true
                    """)
    void theLengthOfTheWholeGameIsAskedAtAnyMove(String text, int ply, boolean holds) {
        assertAtPly("1. e4 e5 2. Bc4 Nc6 3. Qh5 Nf6 4. Qxf7# 1-0", text, ply, holds);
    }

    private static void assertAtPly(String pgn, String text, int ply, boolean holds) {
        Situation situation = Situation.startOf(TestLine.of(pgn));
        for (int i = 0; i < ply; i++) {
            situation.advance();
        }
        Condition asked = ConditionReader.together(ConditionReader.all(text));
        assertThat(asked.holds(situation)).isEqualTo(holds);
    }
}
