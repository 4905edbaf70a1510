package org.zeroply.coach.insight;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
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
        Move move = move(position, from, to);
        return Fact.of(FactKind.MOTIF_MOVE, Side.WHITE, "", at(from), at(to)).proved(List.of(move));
    }

    private static Move move(Position position, String from, String to) {
        return position.legalMoves().stream()
                .filter(m -> m.from() == at(from) && m.to() == at(to))
                .findFirst()
                .orElseThrow();
    }

    /** A claim about a move, or about a line that begins with it; right ones and wrong ones. */
    @ParameterizedTest(name = "{0} {2} {3} in {1}: {4}")
    @CsvSource({
        "CLEANEST_WIN, 6k1/5ppp/8/8/8/8/r4PPP/Q5K1 w - - 0 1, a1a2, wins more, CONFIRMED",
        "CLEANEST_WIN, 6k1/5ppp/8/8/8/8/r4PPP/Q5K1 w - - 0 1, a1a2 g8f8, wins more, CONFIRMED",
        "CLEANEST_WIN, 6k1/5ppp/8/8/8/8/5PPP/6K1 w - - 0 1, g1f1, wins more, FALSE",
        "GIVE_BACK, 6k1/5ppp/8/8/8/8/r4PPP/Q5K1 w - - 0 1, a1a2, , CONFIRMED",
        "GIVE_BACK, 6k1/5ppp/8/8/8/8/r4PPP/Q5K1 w - - 0 1, g1f1, , FALSE",
        "IGNORED_THREAT, 6k1/5pp1/7p/P7/8/2b5/5PPP/R5K1 w - - 0 1, a5a6 c3a1, , CONFIRMED",
        "IGNORED_THREAT, 6k1/5pp1/7p/8/8/2b5/5PPP/R5K1 w - - 0 1, h2h3 c3a1, , FALSE",
        "PAWN_RACE, 8/8/8/1P5p/8/8/6k1/K7 w - - 0 1, b5b6, wins, CONFIRMED",
        "PAWN_RACE, 8/8/8/1P5p/8/8/6k1/K7 w - - 0 1, b5b6, loses, FALSE",
        "PAWN_RACE, 8/8/8/1P5p/8/8/6k1/K7 w - - 0 1, b5b6, both promote, NOT_TRIED",
        "THREAT, 6k1/5ppp/8/8/8/8/r4PPP/Q5K1 b - - 0 1, -- a1a2, concrete, CONFIRMED",
        "THREAT, 5rk1/5ppp/5Q2/8/8/8/8/6KR b - - 0 1, -- g1g2, concrete, FALSE",
        "THREAT, 7k/6pp/8/6N1/8/1Q6/6PP/6K1 b - - 0 1, -- b3g8, concrete, FALSE",
        "THREAT, r6k/6pp/8/6N1/8/8/6PP/1Q4K1 b - - 0 1, -- b1h7, concrete, CONFIRMED",
        "CHECKS, 6k1/5ppp/8/8/8/8/5PPP/R5K1 w - - 0 1, a1a8, mates, CONFIRMED",
        "CHECKS, 5rk1/5ppp/8/8/8/8/5PPP/R5K1 w - - 0 1, a1a8, mates, FALSE",
        "CHECKS, 5rk1/5ppp/8/8/8/8/5PPP/R5K1 w - - 0 1, a1a8, runs_out, NOT_TRIED",
    })
    void what_a_line_claims_is_held_against_longer_searches(
            FactKind kind, String fen, String moves, String trait, TruthCheck.Verdict verdict) {
        Position position = Position.fromFen(fen);
        List<Move> line = new ArrayList<>();
        Position now = position;
        for (String word : moves.split(" ")) {
            Move move =
                    word.equals("--")
                            ? Move.NULL
                            : move(now, word.substring(0, 2), word.substring(2));
            line.add(move);
            now = now.play(move);
        }
        Fact claim =
                Fact.of(kind, Side.WHITE, "", line.get(0).from(), line.get(0).to())
                        .trait(trait, trait != null)
                        .proved(line);
        assertThat(check.of(position, claim)).isEqualTo(verdict);
    }

    /** What the rules alone can settle. */
    @ParameterizedTest(name = "{0} {2} in {1}: {3}")
    @CsvSource({
        "SAFE_CHECK, 4k3/4q3/8/8/8/8/8/R5K1 w - - 0 1, a1 a8, CONFIRMED",
        "SAFE_CHECK, 4k3/4q3/8/8/8/8/8/R5K1 w - - 0 1, a1 a7, FALSE",
        "DISCOVERED_CHECK, 4k3/8/8/8/4N3/8/4R3/K7 w - - 0 1, e4, CONFIRMED",
        "DISCOVERED_CHECK, 3k4/8/8/8/4N3/8/4R3/K7 w - - 0 1, e4, FALSE",
        "ROOK_LIFT, 6k1/5ppp/8/8/4N3/1Q6/PPP2PPP/4R1K1 w - - 0 1, e1 e3 g3, CONFIRMED",
        "ROOK_LIFT, 6k1/5ppp/8/8/4N3/1Q6/PPP2PPP/4R1K1 w - - 0 1, e1 f3, FALSE",
        "LEVER, 4k3/8/3p4/8/4P3/8/8/4K3 w - - 0 1, e4 e5, CONFIRMED",
        "LEVER, 4k3/8/3pn3/4n3/4P3/8/8/4K3 w - - 0 1, e4 e5, FALSE",
        "FORK, r3k3/2N5/8/8/8/8/8/4K3 b - - 0 1, c7 a8 e8, NOT_TRIED",
        "FORK, r5k1/2N1r3/8/8/8/8/8/7K w - - 0 1, c7 a8, CONFIRMED",
        "FORK, r5k1/2N1r3/8/8/8/8/8/7K w - - 0 1, c7 e7, FALSE",
    })
    void what_the_rules_settle_needs_no_search(
            FactKind kind, String fen, String squares, TruthCheck.Verdict verdict) {
        int[] on = Stream.of(squares.split(" ")).mapToInt(TruthCheckTest::at).toArray();
        Fact claim = Fact.of(kind, Side.WHITE, "", on);
        assertThat(check.of(Position.fromFen(fen), claim)).isEqualTo(verdict);
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
