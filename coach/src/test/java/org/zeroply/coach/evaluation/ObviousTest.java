package org.zeroply.coach.evaluation;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.notation.NotationException;
import org.zeroply.chess.notation.San;
import org.zeroply.engine.analysis.Analysis;
import org.zeroply.engine.analysis.ExpectedScore;
import org.zeroply.engine.analysis.Score;

class ObviousTest {

    private static Choice choice(Position position, String best, Score score, int foundAt)
            throws NotationException {
        Move move = San.read(position, best);
        Move other =
                position.legalMoves().stream()
                        .filter(m -> !m.equals(move))
                        .findFirst()
                        .orElse(move);
        List<Analysis.DepthBest> leaders =
                foundAt <= 1
                        ? List.of(new Analysis.DepthBest(1, move, score))
                        : List.of(
                                new Analysis.DepthBest(foundAt - 1, other, score),
                                new Analysis.DepthBest(foundAt, move, score));
        Weighed weighed =
                new Weighed(move, score, new ExpectedScore(0.7), 10, List.of(move), false);
        return new Choice(
                position,
                List.of(weighed),
                position.legalMoves().size(),
                leaders,
                Sureness.SETTLED);
    }

    private static String why(String fen, String best, int mate, int foundAt, String last)
            throws NotationException {
        Position position = Position.fromFen(fen);
        Score score = mate == 0 ? new Score.Centipawns(100) : new Score.Mate(mate);
        Optional<Move> before =
                last == null
                        ? Optional.empty()
                        : Optional.of(
                                San.read(
                                        Position.fromFen(last.split("\\|")[0]),
                                        last.split("\\|")[1]));
        return Obvious.why(choice(position, best, score, foundAt), before).orElse("");
    }

    @ParameterizedTest(name = "{1}: {5}")
    @CsvSource({
        "7k/8/8/8/8/8/8/r6K w - - 0 1, Kg2, 0, 9,, ",
        // A rook that stands there for nothing, seen at once, and one that is seen late.
        "4k3/8/8/3r4/8/4N3/8/4K3 w - - 0 1, Nxd5, 0, 1,, it takes what hangs",
        "4k3/8/8/3r4/8/4N3/8/4K3 w - - 0 1, Nxd5, 0, 5,, ",
        // A pawn is not worth calling it plain.
        "4k3/8/8/3p4/8/4N3/8/4K3 w - - 0 1, Nxd5, 0, 1,, ",
        "6k1/5ppp/8/8/8/8/5PPP/3R2K1 w - - 0 1, Rd8#, 1, 9,, it mates at once",
        "6k1/5ppp/8/8/8/8/5PPP/3R2K1 w - - 0 1, Rd8#, 2, 9,, ",
    })
    void what_nobody_has_to_look_for(
            String fen, String best, int mate, int foundAt, String last, String why)
            throws NotationException {
        assertThat(why(fen, best, mate, foundAt, last)).isEqualTo(why == null ? "" : why);
    }

    @Test
    void an_only_move_and_a_recapture_need_no_finding() throws NotationException {
        assertThat(why("7k/8/8/8/8/8/5r2/6rK w - - 0 1", "Kxg1", 0, 9, null))
                .isEqualTo("it is the only legal move");
        String before = "4k3/8/2p5/3P4/8/2N5/8/4K3 b - - 0 1|cxd5";
        assertThat(why("4k3/8/8/3p4/8/2N5/8/4K3 w - - 0 2", "Nxd5", 0, 9, before))
                .isEqualTo("it takes back");
        assertThat(why("4k3/8/4p3/3p4/8/2N5/8/4K3 w - - 0 2", "Nxd5", 0, 9, before))
                .as("a knight for a pawn is not simply taking back")
                .isEmpty();
    }

    @ParameterizedTest(name = "{1}")
    @CsvSource({
        "4k3/8/8/3p4/8/2N5/8/4K3 w - - 0 1, Nb5, true, false",
        "4k3/8/8/3p4/8/2N5/8/4K3 w - - 0 1, Nxd5, false, false",
        "4k3/8/4p3/3p4/8/2N5/8/4K3 w - - 0 1, Nxd5, false, true",
        "4k3/8/8/8/8/8/8/R3K3 w - - 0 1, Ra8+, false, false",
        "7k/P7/8/8/8/8/8/4K3 w - - 0 1, a8=N, false, false",
        "4k3/8/p7/8/8/2N5/8/4K3 w - - 0 1, Nb5, true, true",
    })
    void quiet_moves_and_offers_are_told_apart(
            String fen, String san, boolean quiet, boolean sacrifice) throws NotationException {
        Position position = Position.fromFen(fen);
        Move move = San.read(position, san);
        assertThat(Obvious.isQuiet(position, move)).isEqualTo(quiet);
        assertThat(Obvious.isSacrifice(position, move)).isEqualTo(sacrifice);
    }
}
