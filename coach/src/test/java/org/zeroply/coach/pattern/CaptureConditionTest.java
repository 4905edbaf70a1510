package org.zeroply.coach.pattern;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** By what something was taken or mated, and the plies at which that is seen. */
class CaptureConditionTest {

    private static final String ROWS =
            """
            white just captured with a pawn from the h-file | 1 | 4k3/8/8/8/8/6p1/7P/4K3 w - - 0 1 | 1. hxg3 Kd7 2. Kd2
            white just captured with a pawn from the g-file | none | 4k3/8/8/8/8/6p1/7P/4K3 w - - 0 1 | 1. hxg3 Kd7 2. Kd2
            white just captured with a pawn from the e-file | 1 | 4k3/8/8/3pP3/8/8/8/4K3 w - d6 0 1 | 1. exd6 Kd7
            white just captured with a rook | none | 4k3/8/8/8/8/6p1/7P/4K3 w - - 0 1 | 1. hxg3 Kd7 2. Kd2
            white just captured with a pawn from the b-file | 1 | r3k3/1P6/8/8/8/8/8/4K3 w - - 0 1 | 1. bxa8=Q+ Kd7
            black just captured on the 2nd rank | 2 | 5k1r/8/n7/1B6/8/8/7P/4K3 w - - 0 1 | 1. Bxa6 Rxh2
            black just captured on g2 or h2 | 2 | 5k1r/8/n7/1B6/8/8/7P/4K3 w - - 0 1 | 1. Bxa6 Rxh2
            black just recaptured | none | 5k1r/8/n7/1B6/8/8/7P/4K3 w - - 0 1 | 1. Bxa6 Rxh2
            black just recaptured | 2 | 4k3/1p6/2n5/1B6/8/8/8/4K3 w - - 0 1 | 1. Bxc6+ bxc6 2. Kd2
            black just recaptured on c6 | 2 | 4k3/1p6/2n5/1B6/8/8/8/4K3 w - - 0 1 | 1. Bxc6+ bxc6 2. Kd2
            black just recaptured with a pawn from the b-file on c6 | 2 | 4k3/1p6/2n5/1B6/8/8/8/4K3 w - - 0 1 | 1. Bxc6+ bxc6
            black just recaptured with a pawn from the d-file | none | 4k3/1p6/2n5/1B6/8/8/8/4K3 w - - 0 1 | 1. Bxc6+ bxc6
            white just recaptured | none | 4k3/1p6/2n5/1B6/8/8/8/4K3 w - - 0 1 | 1. Bxc6+ bxc6 2. Kd2
            white just recaptured with a king | 3 | 5k2/1p1r4/2n5/1B6/8/8/3R4/4K3 w - - 0 1 | 1. Bxc6 Rxd2 2. Kxd2
            black just recaptured with a rook | none | 5k2/1p1r4/2n5/1B6/8/8/3R4/4K3 w - - 0 1 | 1. Bxc6 Rxd2 2. Kxd2
            black just recaptured | none | 4k3/1p6/2B5/8/8/8/8/4K3 b - - 0 1 | 1... bxc6 2. Kd2
            white just pushed a pawn to the h-file | 1 | 4k3/8/8/8/8/8/7P/4K3 w - - 0 1 | 1. h4 Kd7
            white just pushed a pawn to the h-file | none | 4k3/8/8/8/8/7p/6P1/4K3 w - - 0 1 | 1. gxh3 Kd7
            white just pushed a pawn to the h-file | none | 4k3/8/8/8/8/8/8/4K2R w - - 0 1 | 1. Rh4 Kd7
            white just pushed a pawn | 1 3 | 8/7P/8/8/8/8/P7/k3K3 w - - 0 1 | 1. h8=Q+ Kb1 2. a4 Kc2
            white just pushed a passed pawn | 3 | 4k3/p7/8/8/8/8/P6P/4K3 w - - 0 1 | 1. a4 Kd7 2. h4 Kd6
            white just pushed a passed pawn | 1 | 8/7P/8/8/8/8/P7/k3K3 w - - 0 1 | 1. h8=Q+ Kb1 2. Kd2
            black just pushed a pawn | none | 8/7P/8/8/8/8/P7/k3K3 w - - 0 1 | 1. h8=Q+ Kb1 2. a4 Kc2
            white mate by a queen with a knight | 1 | 5rk1/5pp1/8/6NQ/8/8/8/4K3 w - - 0 1 | 1. Qh7#
            white mate by a knight with a queen | 1 | 5rk1/5pp1/8/6NQ/8/8/8/4K3 w - - 0 1 | 1. Qh7#
            white mate by a queen with a pawn | none | 5rk1/5pp1/8/6NQ/8/8/8/4K3 w - - 0 1 | 1. Qh7#
            white mate by a rook with a knight | none | 5rk1/5pp1/8/6NQ/8/8/8/R3K3 w - - 0 1 | 1. Qh7#
            black mate by a queen with a knight | none | 5rk1/5pp1/8/6NQ/8/8/8/4K3 w - - 0 1 | 1. Qh7#
            white mate by a queen with a pawn | 1 | 6k1/5p2/5PpQ/8/8/8/8/4K3 w - - 0 1 | 1. Qg7#
            white mate by a rook with a king | 1 | 7k/8/6K1/8/8/8/8/R7 w - - 0 1 | 1. Ra8#
            white mate by a rook with a rook | 1 | 7k/R7/8/8/8/8/8/1R2K3 w - - 0 1 | 1. Rb8#
            white mate by a rook with a rook | none | 6k1/5ppp/8/8/8/8/8/RR2K3 w - - 0 1 | 1. Rb8#
            """;

    @ParameterizedTest(name = "{0}: {1} in {3}")
    @CsvSource(delimiter = '|', textBlock = ROWS)
    void how_something_was_taken_is_seen(String text, String plies, String fen, String moves) {
        GainConditionTest.assertSeen(text, plies, fen, moves);
    }
}
