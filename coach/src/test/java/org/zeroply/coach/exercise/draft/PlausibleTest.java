package org.zeroply.coach.exercise.draft;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Arrays;
import java.util.stream.Collectors;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.notation.NotationException;
import org.zeroply.chess.notation.San;
import org.zeroply.coach.Choices;

class PlausibleTest {

    /** Black may check on a1, take on e5, and move quietly. */
    private static final Position POSITION =
            Position.fromFen("4r1k1/5ppp/8/4N3/8/7P/r4PP1/6K1 b - - 0 1");

    @ParameterizedTest(name = "{0}, ply {1}, main line {2}: {3}")
    @CsvSource(
            delimiter = ';',
            value = {
                // Within 60 centipawns; in the first plies of the main line within more.
                "h6=-300 g6=-350 f6=-380; 8; true; h6 g6",
                "h6=-300 g6=-350 f6=-380; 2; false; h6 g6",
                "h6=-300 g6=-350 f6=-380; 6; true; h6 g6 f6",
                // But never more than a tenth of the expected score.
                "h6=0 g6=-55 f6=-140; 2; true; h6 g6",
                // Checks and captures that pay look like refutations, early in the main line.
                "h6=-300 Ra1+=-900 Rxe5=-950 g6=-900; 2; true; h6 Ra1+ Rxe5",
                "h6=-300 Ra1+=-900 Rxe5=-950; 6; true; h6",
                "h6=-300 Ra1+=-900 Rxe5=-950; 2; false; h6",
                // Against mate what lasts as long, or one move less.
                "h6=#-5 g6=#-4 f6=#-3; 8; true; h6 g6",
            })
    void defences_worth_considering(String moves, int ply, boolean main, String expected)
            throws NotationException {
        String found =
                Plausible.defences(Choices.of(POSITION, moves), ply, main).stream()
                        .map(w -> San.write(POSITION, w.move()))
                        .collect(Collectors.joining(" "));
        assertThat(Arrays.asList(found.split(" "))).isEqualTo(Arrays.asList(expected.split(" ")));
    }
}
