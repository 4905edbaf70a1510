package org.zeroply.coach.insight;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.zeroply.chess.board.Arrangement;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.board.Square;
import org.zeroply.coach.fact.Scene;

class TradeReasonsTest {

    private static List<String> reasons(String fen, String own, String other) throws Exception {
        Position position = Position.fromFen(fen + " 0 1");
        int given = Square.parse(own);
        int got = Square.parse(other);
        Position without = Arrangement.of(position).without(given).without(got).position();
        return TradeReasons.of(new Scene(position), without, given, got);
    }

    @ParameterizedTest(name = "{1} for {2}: {3}")
    @CsvSource({
        "2b1k3/5p2/4pn2/3pP3/3P4/3B1N2/8/4K3 w - -, d3, f6, good knight against the bad bishop",
        "r1b1k2r/pp1p1ppp/8/8/2n5/3B4/PP3PPP/R3K2R w KQkq -, d3, c4,"
                + " knight c4 is the only active piece",
        "2b1k3/5p2/4p3/3pP3/3P4/3B4/8/4K3 w - -, c8, d3, gets rid of the bad bishop c8",
        "2b1k3/5p2/4p3/3pP3/3P4/3B4/8/4K3 w - -, c8, d3, takes off the good bishop d3",
        "6k1/5pbp/6pB/8/8/3Q4/5PPP/6K1 w - -, h6, g7, last guard of the dark squares",
        "r5k1/pp3ppp/3b4/8/7q/4B3/PP3PPP/R2Q2K1 w - -, e3, d6, out of the attack on the king",
        "4k2r/5ppp/8/8/8/8/5PPP/R3K2R w - -, h1, h8, who is ahead in material",
        "4k3/3n4/8/4p3/8/5N2/8/4K2N w - -, h1, d7, e5 loses its only guard"
    })
    void a_trade_is_explained_in_a_coachs_words(String fen, String own, String other, String why)
            throws Exception {
        assertThat(reasons(fen, own, other)).anyMatch(r -> r.contains(why));
    }

    @ParameterizedTest(name = "{1} for {2}: not {3}")
    @CsvSource({
        // The bishop that is left is not bad, or a second minor piece stays.
        "2b1k3/5p2/5n2/4p3/4P3/3B1N2/8/4K3 w - -, d3, f6, bad bishop",
        "2b1kn2/5p2/4pn2/3pP3/3P4/3B1N2/8/4K3 w - -, d3, f6, against the bad bishop",
        // Another piece does something as well; or nothing else is there to be passive.
        "4k3/pp1p1ppp/8/8/2n5/3B4/PP3PPP/R3K2R w KQ -, d3, c4, only active",
        // A pawn can still guard them; one piece alone is no attack; another one guards too.
        "6k1/4ppbp/6pB/8/8/3Q4/5PPP/6K1 w - -, h6, g7, dark squares",
        "r5k1/pp3ppp/3b4/8/8/4B3/PP3PPP/R2Q2K1 w - -, e3, d6, attack on the king",
        "4k2r/5ppp/8/8/8/8/5PPP/4K2R w - -, h1, h8, ahead in material",
        "4k3/3n1n2/8/4p3/8/5N2/8/4K2N w - -, h1, d7, only guard"
    })
    void what_is_not_so_is_not_said(String fen, String own, String other, String not)
            throws Exception {
        assertThat(reasons(fen, own, other)).noneMatch(r -> r.contains(not));
    }
}
