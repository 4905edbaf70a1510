package org.zeroply.chess.board;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class ConclusionTest {

    @ParameterizedTest(name = "{0}: {1}")
    @CsvSource({
        "7k/5KQ1/8/8/8/8/8/8 b - -, CHECKMATE",
        "7k/5K2/6Q1/8/8/8/8/8 b - -, STALEMATE",
        "7k/8/8/8/8/8/8/K7 w - -, DEAD_POSITION",
        "7k/8/8/8/8/8/8/KN6 w - -, DEAD_POSITION",
        "6bk/8/8/8/8/8/8/KB6 w - -, DEAD_POSITION",
        "5b1k/8/8/8/8/8/8/KB6 w - -, ONGOING",
        "7k/8/8/8/8/8/8/KNN5 w - -, ONGOING",
        "7k/8/8/8/8/8/8/KR6 w - - 100 90, FIFTY_MOVES",
        "7k/8/8/8/8/8/8/KR6 w - - 150 90, SEVENTY_FIVE_MOVES",
        "7k/6Q1/6K1/8/8/8/8/8 b - - 150 90, CHECKMATE",
    })
    void a_position_is_concluded_by_the_laws(String fen, Conclusion expected) {
        assertThat(Conclusion.of(List.of(Position.fromFen(fen)))).isEqualTo(expected);
    }

    @Test
    void repetition_counts_equal_positions_and_not_lost_castling_rights() {
        List<Position> game = new ArrayList<>();
        game.add(Position.fromFen("4k2r/8/8/8/8/8/8/4K2R w Kk - 0 1"));
        String[] shuffle = {"e1e2", "e8e7", "e2e1", "e7e8"};
        List<Conclusion> seen = new ArrayList<>();
        for (int i = 0; i < 20; i++) {
            Position last = game.get(game.size() - 1);
            String wanted = shuffle[i % 4];
            game.add(
                    last.legalMoves().stream()
                            .filter(m -> m.coordinates().equals(wanted))
                            .map(last::play)
                            .findFirst()
                            .orElseThrow());
            seen.add(Conclusion.of(game));
        }
        // The start position never returns: its castling rights are gone.
        assertThat(seen.indexOf(Conclusion.THREEFOLD_REPETITION)).isEqualTo(9);
        assertThat(seen.indexOf(Conclusion.FIVEFOLD_REPETITION)).isEqualTo(17);
    }
}
