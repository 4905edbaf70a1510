package org.zeroply.coach.fact.tactics;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.zeroply.chess.board.Position;

class DangerTest {

    @ParameterizedTest(name = "{1}")
    @CsvSource({
        // Three attack the pawn, but the first that takes it is lost for it.
        "2rqkb1r/1b1n1pp1/p2ppn1p/1p6/3NP3/P1N2P1P/1PPBB1P1/R2QK2R b KQk -,"
                + " 'Attacked more often than guarded: Black''s pawn b5 (attacked 3, guarded 1).'",
        "4k3/8/8/3n4/8/8/8/3RK3 w - -, 'Hanging: Black''s knight d5 (attacked 1, guarded 0).'",
        "4k3/8/4p3/3n4/8/8/8/3RK3 w - -, Nothing hangs.",
        // The king takes back.
        "4rk2/8/8/8/8/8/4R3/4K3 w - -, Nothing hangs.",
        "4k3/8/8/8/8/8/8/4K3 w - -, Nothing hangs.",
    })
    void only_what_captures_win_hangs(String fen, String words) {
        assertThat(Danger.words(Position.fromFen(fen + " 0 1"))).isEqualTo(words);
    }
}
