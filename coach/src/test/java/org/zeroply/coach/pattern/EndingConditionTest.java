package org.zeroply.coach.pattern;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.zeroply.chess.board.Position;

/** Kings that are cut off, bishops of the wrong colour, and rooks on open files. */
class EndingConditionTest {

    private static final String ROWS =
            """
            black king cut off | 8/8/8/7k/3P4/8/8/3K1R2 w - - 0 1 | true
            black king cut off | 8/8/8/7k/3P4/8/8/3K1Q2 w - - 0 1 | false
            black king cut off | 8/8/8/7k/3P4/8/8/3K1B2 w - - 0 1 | false
            black king cut off | 8/8/8/7k/8/3p4/8/3K1R2 w - - 0 1 | true
            black king cut off | 8/3p4/8/7k/3P4/8/8/3K1R2 w - - 0 1 | false
            black king cut off | 8/8/8/7k/3P4/8/8/1R1K4 w - - 0 1 | false
            black king cut off | 8/8/8/7k/3P4/8/8/K2R4 w - - 0 1 | false
            black king cut off | 8/8/8/7k/3P4/5N2/8/3K1R2 w - - 0 1 | false
            black king cut off | 8/8/8/5R1k/3P4/8/8/3K4 b - - 0 1 | false
            black king cut off | 3q4/8/8/7k/3P4/8/8/3K1R2 w - - 0 1 | false
            black king cut off | 2bb4/8/8/7k/3P4/8/8/3K1R2 w - - 0 1 | true
            black king cut off | 1nbb4/8/8/7k/3P4/8/8/3K1R2 w - - 0 1 | false
            black king cut off | 4k3/8/8/1R6/8/4P3/8/6K1 w - - 0 1 | true
            black king cut off | 8/8/4k3/1R6/4P3/8/8/6K1 w - - 0 1 | true
            black king cut off | 8/8/4k3/1R2P3/8/8/8/6K1 w - - 0 1 | false
            black king cut off | 8/8/8/7k/3P4/8/8/3K1r2 w - - 0 1 | false
            white king cut off | 2r5/8/8/7k/3P4/8/8/K7 w - - 0 1 | true
            white wrong bishop | 7k/8/8/7P/8/8/8/K4B2 w - - 0 1 | true
            white wrong bishop | 7k/p7/8/7P/7P/8/8/K4B2 w - - 0 1 | true
            white wrong bishop | k7/8/8/P7/8/8/8/K4B2 w - - 0 1 | false
            white wrong bishop | k7/8/8/P7/8/8/8/K1B5 w - - 0 1 | true
            white wrong bishop | 7k/8/8/6P1/8/8/8/K4B2 w - - 0 1 | false
            white wrong bishop | 7k/8/8/6PP/8/8/8/K4B2 w - - 0 1 | false
            white wrong bishop | 7k/8/8/P6P/8/8/8/K4B2 w - - 0 1 | false
            white wrong bishop | 7k/8/8/7P/8/8/8/K3NB2 w - - 0 1 | false
            white wrong bishop | 7k/8/8/7P/8/8/8/K3BB2 w - - 0 1 | false
            white wrong bishop | 7k/8/8/8/8/8/8/K4B2 w - - 0 1 | false
            black wrong bishop | 7k/8/8/7P/8/8/8/K4B2 w - - 0 1 | false
            at least 2 white rooks on an open file | 6k1/p6p/8/8/8/8/P6P/2R1RK2 w - - 0 1 | true
            at least 2 white rooks on an open file | 6k1/p1p4p/8/8/8/8/P6P/2R1RK2 w - - 0 1 | false
            at least 2 white rooks on a half-open file | 4k3/p1p1p2p/8/8/8/8/P6P/2R1RK2 w - - 0 1 | true
            at least 2 white rooks on a half-open file | 6k1/p1p4p/8/8/8/8/P6P/2R1RK2 w - - 0 1 | false
            """;

    @ParameterizedTest(name = "{0}: {2} in {1}")
    @CsvSource(delimiter = '|', textBlock = ROWS)
    void what_has_a_name_in_endings_is_seen(String text, String fen, boolean holds) {
        BothColours.assertHolds(text, Position.fromFen(fen), holds);
    }
}
