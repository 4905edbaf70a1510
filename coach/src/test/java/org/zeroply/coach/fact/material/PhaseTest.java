package org.zeroply.coach.fact.material;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.zeroply.chess.board.Position;

class PhaseTest {

    @ParameterizedTest(name = "{0}: {1}")
    @CsvSource({
        "rnbqkbnr/pppppppp/8/8/8/8/PPPPPPPP/RNBQKBNR w KQkq - 0 1, OPENING",
        // Four minor pieces are gone, then a fifth.
        "r1bqk1nr/8/8/8/8/8/8/R1BQK1NR w - - 0 12, OPENING",
        "r1bqk1nr/8/8/8/8/8/8/R1BQK1NR w - - 0 13, MIDDLEGAME",
        "r2qk1nr/8/8/8/8/8/8/R1BQK1NR w - - 0 12, MIDDLEGAME",
        // Two rooks and a minor piece a side, then one more.
        "r3k1nr/8/8/8/8/8/8/R3K1NR w - - 0 30, ENDING",
        "r3k1nr/8/8/8/8/8/8/R1B1K1NR w - - 0 30, MIDDLEGAME",
        "3qk3/8/8/8/8/8/8/3QK3 w - - 0 60, ENDING",
        "3qk3/8/8/8/8/8/8/3QK3 w - - 0 5, ENDING"
    })
    void pieces_and_moves_tell_the_phase(String fen, Phase phase) {
        assertThat(Phase.of(Position.fromFen(fen))).isEqualTo(phase);
    }
}
