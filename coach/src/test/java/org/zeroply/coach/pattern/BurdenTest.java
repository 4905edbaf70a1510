package org.zeroply.coach.pattern;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Arrays;
import java.util.stream.Collectors;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.zeroply.chess.board.Side;

class BurdenTest {

    @ParameterizedTest(name = "{0}: {1}")
    @CsvSource(
            delimiter = '|',
            textBlock =
                    """
                    white bad bishop | WHITE
                    black good bishop | ''
                    black isolated pawn on d5 | BLACK
                    white isolated pawn on d4 blockaded by a knight | WHITE
                    white isolated queen's pawn | ''
                    white hanging pawns | ''
                    black hanging queen | BLACK
                    white doubled pawn on the c-file | WHITE
                    black doubled rooks on the d-file | ''
                    white weak pawn on d6 | WHITE
                    black weak back rank | BLACK
                    black weak dark squares at the king | BLACK
                    black king in the centre | BLACK
                    white exposed king | WHITE
                    half-open file at the black king | BLACK
                    black knight on c6 pinned by a bishop | BLACK
                    white pin of a knight | ''
                    black trapped queen | BLACK
                    black immobile knight | BLACK
                    black king cut off | BLACK
                    white rook on its seventh rank | ''
                    white sacrificed a piece | ''
                    white passed pawn on the 6th rank | ''
                    white outpost for good on e5 | ''
                    white knight on e5 THEN black in check | BLACK
                    """)
    void what_weighs_on_a_side_is_a_theme_of_the_other(String query, String on) {
        assertThat(
                        Arrays.stream(Side.values())
                                .filter(side -> Burden.isOn(side, QueryReader.read(query)))
                                .map(Side::name)
                                .collect(Collectors.joining(" ")))
                .isEqualTo(on);
    }
}
