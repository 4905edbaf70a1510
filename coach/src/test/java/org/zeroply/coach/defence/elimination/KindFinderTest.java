package org.zeroply.coach.defence.elimination;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.notation.NotationException;
import org.zeroply.coach.SharedEngine;
import org.zeroply.coach.TestGames;
import org.zeroply.coach.defence.threat.Threat;
import org.zeroply.coach.evaluation.MoveEvaluator;
import org.zeroply.coach.evaluation.Weighed;
import org.zeroply.engine.analysis.Cancellation;
import org.zeroply.engine.analysis.ExpectedScore;
import org.zeroply.engine.analysis.Score;
import org.zeroply.engine.endings.Endings;

/** In which ways moves meet a threat, on positions of our own that were looked at by hand. */
class KindFinderTest {

    private static final MoveEvaluator EVALUATOR =
            new MoveEvaluator(new SharedEngine(16), Endings.NONE, 500, new Cancellation());

    private static Threat mate(Position position, String san) throws NotationException {
        Position passed = position.play(Move.NULL);
        return new Threat(
                passed,
                TestGames.line(passed, san),
                Threat.Kind.MATE,
                Threat.MATE,
                new Score.Mate(1));
    }

    private static Threat winning(Position position, String sans) throws NotationException {
        Position passed = position.play(Move.NULL);
        return new Threat(
                passed,
                TestGames.line(passed, sans),
                Threat.Kind.MATERIAL,
                300,
                new Score.Centipawns(300));
    }

    private static List<String> kinds(Position position, Threat threat, String sans)
            throws NotationException {
        List<Move> line = TestGames.line(position, sans);
        Weighed weighed =
                new Weighed(
                        line.get(0),
                        new Score.Centipawns(0),
                        new ExpectedScore(0.5),
                        10,
                        line,
                        false);
        return new KindFinder(position, Optional.of(threat), EVALUATOR)
                .of(weighed).stream().map(DefenceKind::word).toList();
    }

    @ParameterizedTest(name = "{0}")
    @CsvSource({
        // The rook on d1 threatens mate on d8; the black rook stands on a2.
        "Ra8 Rb1, guard",
        "h6 Rd8+, make-room",
        "Kf8 h3, move-target",
        "Rd2 Rxd2, block-piece;guard;deflect",
        "Ra1 Rxa1, pin;deflect",
        "Rxf2 Rd8#, ''",
    })
    void a_mate_on_the_back_rank(String line, String kinds) throws NotationException {
        Position position = Position.fromFen("6k1/5ppp/8/8/8/8/r4PPP/3R2K1 b - - 0 1");
        assertThat(String.join(";", kinds(position, mate(position, "Rd8#"), line)))
                .isEqualTo(kinds);
    }

    @ParameterizedTest(name = "{1}")
    @CsvSource({
        // Queen and bishop aim at h7; the rook stands on e8 and the knight on d7.
        "r2qr1k1/p2nbppp/1p6/8/8/3B1N2/PPQ2PPP/R4RK1 b - - 0 1, g6 Bb5, block-pawn",
        "r2qr1k1/p2nbppp/1p6/8/8/3B1N2/PPQ2PPP/R4RK1 b - - 0 1, f5 Bb5, block-pawn",
        "r2qr1k1/p2nbppp/1p6/8/8/3B1N2/PPQ2PPP/R4RK1 b - - 0 1, Nf6 Qe2, guard",
        "r2qr1k1/p2nbppp/1p6/8/8/3B1N2/PPQ2PPP/R4RK1 b - - 0 1, Nf8 Qe2, guard",
        "r2qr1k1/p2nbppp/bp6/8/8/3B1N2/PPQ2PPP/R4RK1 b - - 0 1, Bxd3 Qxd3, capture",
    })
    void a_pawn_before_the_king_that_two_men_aim_at(String fen, String line, String kinds)
            throws NotationException {
        Position position = Position.fromFen(fen);
        List<String> found = kinds(position, winning(position, "Bxh7+ Kh8"), line);
        assertThat(found).contains(kinds);
    }

    @ParameterizedTest(name = "{0}")
    @CsvSource({
        // The white pawn c5 takes the knight b6; nothing else is attacked.
        "Nd7 Kf1, move-target",
        "Rb8 cxb6, guard",
        "Re1+ Kg2, check",
        "Rc8 Kg2, ''",
    })
    void a_man_that_is_attacked(String line, String kinds) throws NotationException {
        Position position = Position.fromFen("4r1k1/5ppp/1n6/2P5/8/6P1/5P1P/6K1 b - - 0 1");
        List<String> found = kinds(position, winning(position, "cxb6"), line);
        assertThat(String.join(";", found)).isEqualTo(kinds);
    }
}
