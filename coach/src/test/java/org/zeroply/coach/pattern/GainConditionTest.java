package org.zeroply.coach.pattern;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.stream.Collectors;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What moves of a game bring in, and the plies at which that is seen. */
class GainConditionTest {

    private static final String ROWS =
            """
            white just won a pawn | 1 | 4k3/8/8/3p4/8/2N5/8/4K3 w - - 0 1 | 1. Nxd5 Kd7 2. Kd2 Kd8 3. Kd3 Kd7
            white just won a pawn | none | 4k3/8/4p3/3p4/8/2N5/8/4K3 w - - 0 1 | 1. Nxd5 exd5 2. Kd2 Kd7
            white just won a pawn | none | 4k3/8/8/4p3/3P4/5N2/8/4K3 b - - 0 1 | 1... exd4 2. Nxd4 Kd7 3. Kd2
            black just won a pawn | none | 4k3/8/8/4p3/3P4/5N2/8/4K3 b - - 0 1 | 1... exd4 2. Nxd4 Kd7 3. Kd2
            black just won a pawn | 1 | 4k3/8/8/4p3/3P4/2N5/8/4K3 b - - 0 1 | 1... exd4 2. Ne4 Kd7 3. Kd2 Kd8
            black just won a pawn | 1 | 4k3/8/8/8/3pP3/8/8/4K3 b - e3 0 1 | 1... dxe3 2. Kd1 Kd7 3. Ke1 Kd8
            white just won the exchange | 1 | 3rk3/2p5/4N3/8/4K3/8/8/8 w - - 0 1 | 1. Nxd8 Kxd8 2. Kd5 Kd7 3. Ke5 Ke7
            white just won a rook | none | 3rk3/2p5/4N3/8/4K3/8/8/8 w - - 0 1 | 1. Nxd8 Kxd8 2. Kd5 Kd7 3. Ke5 Ke7
            white just won a rook | 1 | 3r4/2p5/4N3/7k/4K3/8/8/8 w - - 0 1 | 1. Nxd8 Kg6 2. Kd5 Kg5 3. Kc6
            white just won a queen | 1 | 3q4/2p5/4N3/7k/4K3/8/8/8 w - - 0 1 | 1. Nxd8 Kg6 2. Kd5 Kg5 3. Kc6
            white just won a piece | none | 3q4/2p5/4N3/7k/4K3/8/8/8 w - - 0 1 | 1. Nxd8 Kg6 2. Kd5 Kg5 3. Kc6
            white sacrificed a piece for 1 pawn | 1 | 6k1/5ppp/8/8/8/3B4/8/6K1 w - - 0 1 | 1. Bxh7+ Kxh7 2. Kf2 Kg8 3. Ke3 Kf8
            white sacrificed a piece for 2 pawns | none | 6k1/5ppp/8/8/8/3B4/8/6K1 w - - 0 1 | 1. Bxh7+ Kxh7 2. Kf2 Kg8 3. Ke3 Kf8
            white sacrificed a piece for 2 pawns | 1 | 6k1/p4ppp/8/8/8/3BR3/8/6K1 w - - 0 1 | 1. Bxh7+ Kxh7 2. Ra3 Kg8 3. Rxa7 Kf8
            white triangulated | 5 | 3k4/8/2P5/3K4/8/8/8/8 w - - 0 1 | 1. Kd4 Ke8 2. Kc4 Kd8 3. Kd5 Kc8 4. Kd6
            white triangulated | none | 3k4/8/2P5/3K4/8/8/8/8 w - - 0 1 | 1. Kd4 Ke8 2. Kd5 Kd8 3. Kd4 Kc8
            white triangulated | none | 3k4/8/2P5/3K4/8/8/8/7R w - - 0 1 | 1. Kd4 Ke8 2. Kc4 Kd8 3. Kd5 Kc8
            white broke through | 1 3 | 8/ppp5/8/PPP5/8/8/7k/5K2 w - - 0 1 | 1. b6 axb6 2. c6 bxc6 3. a6 Kg3 4. a7 Kf3 5. a8=Q
            white broke through | none | 8/ppp5/8/PPP5/8/8/7k/5K2 w - - 0 1 | 1. b6 axb6 2. c6 bxc6 3. a6 Kg3 4. a7 Kf3
            white broke through | none | 8/ppp5/8/PPP5/8/8/7k/R4K2 w - - 0 1 | 1. b6 axb6 2. c6 bxc6 3. a6 Kg3 4. a7 Kf3 5. a8=Q
            """;

    @ParameterizedTest(name = "{0}: {1} in {3}")
    @CsvSource(delimiter = '|', textBlock = ROWS)
    void what_a_move_brings_in_is_seen(String text, String plies, String fen, String moves) {
        assertSeen(text, plies, fen, moves);
    }

    /**
     * Fails unless something is so at these plies of a line and no others, and its text is read
     * back.
     *
     * @param plies with spaces between them, or {@code none}
     */
    static void assertSeen(String text, String plies, String fen, String moves) {
        GameLine line = TestLine.of("[SetUp \"1\"]\n[FEN \"" + fen + "\"]\n\n" + moves + " *");
        Query query = QueryReader.read(text + "; every position");

        assertThat(plies(query, line)).isEqualTo(plies.equals("none") ? "" : plies);
        assertThat(QueryReader.read(query.text())).isEqualTo(query);
    }

    private static String plies(Query query, GameLine line) {
        return new QueryMatcher(query)
                .in(line).stream()
                        .map(match -> String.valueOf(match.ply()))
                        .collect(Collectors.joining(" "));
    }
}
