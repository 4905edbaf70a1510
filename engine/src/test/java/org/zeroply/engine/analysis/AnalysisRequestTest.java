package org.zeroply.engine.analysis;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.Position;

class AnalysisRequestTest {

    private static final Position FEW = Position.fromFen("7k/8/8/8/8/8/7P/7K w - - 0 1");

    private static Move move(Position position, String coordinates) {
        return position.legalMoves().stream()
                .filter(m -> m.coordinates().equals(coordinates))
                .findFirst()
                .orElseThrow();
    }

    @Test
    void what_is_left_out_is_not_chosen_from() {
        AnalysisRequest all = AnalysisRequest.of(FEW, Limits.depth(1));
        assertThat(all.candidates()).hasSameElementsAs(FEW.legalMoves());
        Move up = move(FEW, "h2h4");
        assertThat(all.without(List.of(up)).candidates())
                .doesNotContain(up)
                .hasSize(FEW.legalMoves().size() - 1);
        assertThat(all.among(List.of(up)).without(FEW.legalMoves().subList(0, 0)).candidates())
                .containsExactly(up);
        assertThatThrownBy(() -> all.without(FEW.legalMoves()))
                .isInstanceOf(IllegalArgumentException.class)
                .hasMessageContaining("no move is left");
    }

    @Test
    void moves_played_lead_to_the_position_that_is_analysed() {
        Move e4 = move(Position.START, "e2e4");
        AnalysisRequest request =
                new AnalysisRequest(Position.START, List.of(e4), Limits.depth(1), 1, List.of(), 1);
        assertThat(request.position()).isEqualTo(Position.START.play(e4));
        assertThat(request.candidates()).hasSize(20);
        assertThat(request.withLines(3).withThreads(2).lines()).isEqualTo(3);
        assertThat(request.withLines(3).withThreads(2).threads()).isEqualTo(2);
    }

    @Test
    void a_threat_is_what_comes_after_a_pass_and_none_can_be_asked_for_in_check() {
        assertThat(AnalysisRequest.threat(FEW, Limits.depth(1)).position().sideToMove())
                .isNotEqualTo(FEW.sideToMove());
        Position check = Position.fromFen("7k/8/8/8/8/8/8/r6K w - - 0 1");
        assertThatThrownBy(() -> AnalysisRequest.threat(check, Limits.depth(1)))
                .isInstanceOf(IllegalArgumentException.class);
    }

    @ParameterizedTest
    @CsvSource({"0, 1", "1, 0", "-1, 1"})
    void lines_and_threads_are_positive(int lines, int threads) {
        assertThatThrownBy(
                        () ->
                                AnalysisRequest.of(FEW, Limits.depth(1))
                                        .withLines(lines)
                                        .withThreads(threads))
                .isInstanceOf(IllegalArgumentException.class);
    }

    @ParameterizedTest
    @CsvSource({"0, 1, 1", "61, 1, 1", "1, 0, 1", "1, 1, 0", "1, 1, -5"})
    void limits_are_positive_and_not_too_deep(int depth, long nodes, long millis) {
        assertThatThrownBy(() -> new Limits(depth, nodes, millis))
                .isInstanceOf(IllegalArgumentException.class)
                .hasMessageContaining("at most 60");
    }

    @Test
    void only_depth_and_nodes_give_the_same_every_time() {
        assertThat(Limits.depth(9).isDeterministic()).isTrue();
        assertThat(Limits.nodes(9).isDeterministic()).isTrue();
        assertThat(Limits.millis(9).isDeterministic()).isFalse();
        assertThat(new Limits(9, 9, 9).isDeterministic()).isFalse();
        assertThat(Limits.NONE.isDeterministic()).isFalse();
    }

    /** Means of the logistic function at (cp - edge) / width and (cp + edge) / width. */
    @ParameterizedTest(name = "{0} at {1}")
    @CsvSource({
        // Edge 0 and width 113: 1 / (1 + exp(-100 / 113)).
        "rnbqkbnr/pppppppp/8/8/8/8/PPPPPPPP/RNBQKBNR w KQkq - 0 1, 100, 0.7078",
        "rnbqkbnr/pppppppp/8/8/8/8/PPPPPPPP/RNBQKBNR w KQkq - 0 1, -100, 0.2922",
        "rnbqkbnr/pppppppp/8/8/8/8/PPPPPPPP/RNBQKBNR w KQkq - 0 1, 0, 0.5",
        // 247 and 94: half of the games are won at the edge, and hardly one is lost.
        "4k3/pppp4/8/8/8/8/PPPP4/4K3 w - - 0 1, 250, 0.7515",
        "4k3/pppp4/8/8/8/8/PPPP4/4K3 w - - 0 1, 100, 0.5744",
        "4k3/pppp4/8/8/8/8/PPPP4/4K3 w - - 0 1, 500, 0.9681",
        // Two rooks for each count 8: (8 - 4.1) / (10.9 - 4.1) of the way to 118 and 96.
        "r3k2r/pppp4/8/8/8/8/PPPP4/R3K2R w - - 0 1, 175, 0.7400",
    })
    void a_score_is_worth_more_with_all_men_on_the_board(String fen, int cp, double expected) {
        assertThat(
                        ExpectedScoreCurve.at(Position.fromFen(fen))
                                .of(new Score.Centipawns(cp))
                                .value())
                .isCloseTo(expected, within(0.0002));
    }

    @Test
    void a_mate_is_a_point() {
        ExpectedScoreCurve curve = ExpectedScoreCurve.at(Position.START);
        assertThat(curve.of(new Score.Mate(7))).isEqualTo(ExpectedScore.WIN);
        assertThat(curve.of(new Score.Mate(-1))).isEqualTo(ExpectedScore.LOSS);
        assertThat(curve.of(new Score.Mate(0))).isEqualTo(ExpectedScore.LOSS);
        assertThat(ExpectedScoreCurve.phase(Position.START)).isEqualTo(24);
        assertThat(ExpectedScoreCurve.phase(FEW)).isZero();
    }
}
