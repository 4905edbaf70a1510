package org.zeroply.coach.review;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.zeroply.chess.board.Side;
import org.zeroply.chess.notation.PgnEntry;
import org.zeroply.chess.notation.PgnReader;
import org.zeroply.chess.tree.Node;

class SpentTempoTest {

    private static List<Node> line(String moves) {
        return ((PgnEntry.Game) PgnReader.readAll(moves + " *").get(0)).tree().mainLine();
    }

    @ParameterizedTest(name = "{1} in {0}: {2}")
    @CsvSource({
        "1. e4 e5 2. Nf3 Nc6 3. h3 h6, WHITE, 3.h3 idle-pawn",
        "1. e4 e5 2. Nf3 Nc6 3. h3 h6, BLACK, 3...h6 idle-pawn",
        // It opens a line for the bishop, bears on the middle, hits a piece, or guards one.
        "1. g3 d5 2. b3 e5, WHITE, ''",
        "1. c4 c5 2. f4 f5, WHITE, ''",
        "1. e4 e5 2. Nf3 Nc6 3. Bb5 a6, BLACK, ''",
        // Again without need; but not when it takes, is driven, or gives check.
        "1. e4 e5 2. Nf3 Nc6 3. Ng5 Nd4, WHITE, 3.Ng5 moved-again",
        "1. e4 e5 2. Nf3 Nc6 3. Ng5 Nd4, BLACK, 3...Nd4 moved-again",
        "1. e4 e5 2. Nf3 Nc6 3. Nxe5 Nxe5, WHITE, ''",
        "1. e4 Nf6 2. e5 Nd5 3. c4 Nb6, BLACK, ''",
        "1. e4 e5 2. Bd3 Bd6, WHITE, 2.Bd3 locks-pawn-in",
        "1. e4 e5 2. Bd3 Bd6, BLACK, 2...Bd6 locks-pawn-in",
        "1. d4 d5 2. e3 e6 3. Bd3 Bd6, WHITE, ''"
    })
    void a_move_is_spent_by_the_rules_of_thumb(String moves, Side side, String told) {
        assertThat(
                        SpentTempo.of(line(moves), side, 10).stream()
                                .map(s -> s.numbered() + " " + s.kind().word())
                                .collect(Collectors.joining(", ")))
                .isEqualTo(told);
    }

    @Test
    void both_sides_are_counted_in_one_sentence() {
        List<Node> line = line("1. e4 e5 2. Nf3 Nc6 3. h3 Nf6 4. a3 d5");
        assertThat(SpentTempo.sentence(line, 10))
                .hasValue(
                        "Tempi spent by move 10: White 2 (3.h3 and 4.a3: no development, no hold on"
                                + " the centre); Black none.");
        assertThat(SpentTempo.sentence(line, 2)).isEmpty();
    }
}
