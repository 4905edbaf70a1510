package org.zeroply.coach.insight;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.board.Side;
import org.zeroply.chess.board.Square;
import org.zeroply.coach.evaluation.MoveEvaluator;
import org.zeroply.coach.fact.Fact;
import org.zeroply.coach.fact.FactKind;
import org.zeroply.engine.analysis.Cancellation;
import org.zeroply.engine.search.BuiltInEngine;

/** A check that confirms everything is worth nothing: each kind is tried with a false claim too. */
class TruthCheckTest {

    private final TruthCheck check =
            new TruthCheck(new MoveEvaluator(new BuiltInEngine(4), 60_000, new Cancellation()));

    private static Fact hanging(Side side, String square, int loss) {
        return Fact.of(FactKind.HANGING, side, square, Square.parse(square)).with("loss", loss);
    }

    @ParameterizedTest(name = "{0}: {2} of {1} {3}")
    @CsvSource({
        "8/6k1/8/8/8/8/2n5/1B2R1K1 w - - 0 1, WHITE, e1, CONFIRMED",
        "8/7k/8/8/8/8/2n5/1B2R1K1 w - - 0 1, WHITE, e1, FALSE",
        "4k3/8/8/3p4/8/8/8/3RK3 w - - 0 1, BLACK, d5, CONFIRMED",
        "4k3/8/4p3/3p4/8/8/8/3RK3 w - - 0 1, BLACK, d5, FALSE",
        "3rk3/8/8/8/8/8/8/3RK2q w - - 0 1, WHITE, d1, NOT_TRIED",
    })
    void a_man_is_won_by_a_legal_capture_that_pays(
            String fen, Side side, String square, TruthCheck.Verdict verdict) {
        Fact claim = hanging(side, square, 100);
        assertThat(check.of(Position.fromFen(fen), claim)).isEqualTo(verdict);
    }

    @Test
    void a_pin_to_the_king_leaves_no_move_off_its_line() {
        Fact claim =
                Fact.of(FactKind.PIN, Side.WHITE, "", at("d5"), at("a5"), at("h5"))
                        .trait("king", true);
        Position pinned = Position.fromFen("8/8/8/R2n3k/8/8/8/4K3 b - - 0 1");
        Position free = Position.fromFen("8/8/7k/R2n4/8/8/8/4K3 b - - 0 1");
        assertThat(check.of(pinned, claim)).isEqualTo(TruthCheck.Verdict.CONFIRMED);
        assertThat(check.of(free, claim)).isEqualTo(TruthCheck.Verdict.FALSE);
    }

    @Test
    void a_move_that_wins_does_not_fail_and_one_that_loses_does() {
        Position position = Position.fromFen("r3k3/5ppp/8/3N4/8/8/5PPP/4K3 w - - 0 1");
        Fact wins = motif(position, "d5", "c7");
        Fact loses = motif(position, "d5", "b6");
        assertThat(check.of(position, wins.trait("works", true)))
                .isEqualTo(TruthCheck.Verdict.CONFIRMED);
        assertThat(check.of(position, wins.trait("fails", true)))
                .isEqualTo(TruthCheck.Verdict.FALSE);
        assertThat(check.of(position, loses.trait("works", true)))
                .isEqualTo(TruthCheck.Verdict.FALSE);
    }

    private static Fact motif(Position position, String from, String to) {
        Move move =
                position.legalMoves().stream()
                        .filter(m -> m.from() == at(from) && m.to() == at(to))
                        .findFirst()
                        .orElseThrow();
        return Fact.of(FactKind.MOTIF_MOVE, Side.WHITE, "", at(from), at(to)).proved(List.of(move));
    }

    @Test
    void what_cannot_be_tried_is_neither_true_nor_false() {
        Fact islands = Fact.of(FactKind.ISLANDS, Side.WHITE, "", at("a2"));
        assertThat(check.of(Position.START, islands)).isEqualTo(TruthCheck.Verdict.NOT_TRIED);
    }

    private static int at(String square) {
        return Square.parse(square);
    }
}
