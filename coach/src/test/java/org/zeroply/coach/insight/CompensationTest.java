package org.zeroply.coach.insight;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.zeroply.chess.board.Position;
import org.zeroply.coach.texts.CoachWords;

/** Whether who is behind has something for it, on positions of our own. */
class CompensationTest {

    @ParameterizedTest
    @CsvSource({
        // A bare king against a queen has nothing.
        "4k3/8/8/8/3Q4/8/8/4K3 w - - 0 1, false",
        // A bishop behind and nothing out: little, but something.
        "rn1qkbnr/pppppppp/8/8/3PP3/2N2N2/PPP2PPP/R1BQKB1R w KQkq - 0 1, true",
    })
    void nothingToSpeakOfIsNoCompensation(String fen, boolean some) {
        Compensation sheet = Compensation.of(Position.fromFen(fen)).orElseThrow();

        assertThat(sheet.isSome()).isEqualTo(some);
        assertThat(sheet.fact().text().contains(CoachWords.of("insight.nothing-to-speak-of")))
                .isNotEqualTo(some);
    }
}
