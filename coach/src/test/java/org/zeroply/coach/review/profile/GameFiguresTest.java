package org.zeroply.coach.review.profile;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.zeroply.chess.board.Side;
import org.zeroply.chess.notation.Line;
import org.zeroply.coach.SharedEngine;
import org.zeroply.coach.TestGames;
import org.zeroply.coach.fact.material.Phase;
import org.zeroply.coach.review.FirstPass;
import org.zeroply.coach.review.GameReview;
import org.zeroply.coach.review.KnownGames;
import org.zeroply.engine.analysis.Cancellation;

/** What is left of a review when the game is put away. */
class GameFiguresTest {

    private static final String MOVES =
            "1. e4 {[%clk 0:05:00]} e5 {[%clk 0:05:00]} 2. Qh5 {[%clk 0:04:00]} Nc6"
                    + " {[%clk 0:03:00]} 3. Bc4 {[%clk 0:03:30]} Nf6 {[%clk 0:01:00]}"
                    + " 4. Qxf7# {[%clk 0:03:00]} 1-0";

    private static GameReview review;

    private static GameReview review(String tags, String moves) {
        return new FirstPass(new SharedEngine(1), 500, KnownGames.NONE)
                .review(
                        TestGames.game(tags + "\n" + moves),
                        Optional.empty(),
                        p -> {},
                        new Cancellation())
                .orElseThrow();
    }

    @BeforeAll
    static void look() {
        review =
                review(
                        "[White \"Marram\"]\n[Black \"Quay\"]\n[Date \"2026.??.??\"]\n"
                                + "[Result \"1-0\"]\n",
                        MOVES);
    }

    @Test
    void a_game_is_told_by_its_players_its_date_and_its_result() {
        GameFigures white = GameFigures.of(7, review, Side.WHITE);
        assertThat(white.played().id()).isEqualTo(7);
        assertThat(white.played().title()).isEqualTo("Marram – Quay");
        assertThat(white.played().date()).startsWith("2026").doesNotContain("?");
        assertThat(white.played().score()).contains(1.0);
        assertThat(GameFigures.of(7, review, Side.BLACK).played().score()).contains(0.0);
        assertThat(white.clocked()).isTrue();
    }

    @Test
    void the_move_that_allowed_the_mate_is_an_error_in_time_trouble() {
        GameFigures black = GameFigures.of(7, review, Side.BLACK);
        GameFigures.Error error = black.errors().get(black.errors().size() - 1);
        assertThat(error.at().move()).isEqualTo("3...Nf6");
        assertThat(error.at().ply()).isEqualTo(6);
        assertThat(error.phase()).isEqualTo(Phase.OPENING);
        assertThat(error.inTrouble()).isTrue();
        assertThat(error.loss()).isGreaterThan(30);
        assertThat(Line.numbered(error.position(), error.line())).startsWith("3...");
        assertThat(black.inTrouble().moves()).isEqualTo(1);
        assertThat(black.inTrouble().loss()).isCloseTo(error.loss(), within(1e-6));
    }

    @Test
    void calm_and_trouble_are_all_and_so_are_the_phases() {
        for (Side side : Side.values()) {
            GameFigures figures = GameFigures.of(7, review, side);
            assertThat(figures.inCalm().moves() + figures.inTrouble().moves())
                    .isEqualTo(figures.all().moves());
            assertThat(figures.inCalm().loss() + figures.inTrouble().loss())
                    .isCloseTo(figures.all().loss(), within(1e-6));
            assertThat(figures.phases().values().stream().mapToInt(MeanLoss.Tally::moves).sum())
                    .isEqualTo(figures.all().moves());
        }
    }

    @ParameterizedTest(name = "{2}")
    @CsvSource(
            delimiter = '|',
            value = {
                "[Opening \"Our own\"] | 1. e4 e5 * | Our own",
                "[Opening \"?\"] | 1. e4 c5 2. Nf3 d6 * | Sicilian Defence",
                "[FEN \"4k3/8/8/8/8/8/4P3/4K3 w - - 0 1\"] | 1. Kd2 Kd7 * | from a position",
            })
    void an_opening_is_named_by_its_tag_its_moves_or_what_was_played(
            String tag, String moves, String opening) {
        GameFigures figures = GameFigures.of(1, review(tag + "\n", moves), Side.WHITE);
        assertThat(figures.played().opening()).isEqualTo(opening);
        assertThat(figures.played().score()).isEmpty();
        assertThat(figures.clocked()).isFalse();
    }

    @Test
    void games_stand_by_date_and_those_without_one_in_front() {
        GameFigures undated =
                GameFigures.of(2, review("[White \"A\"]\n", "1. e4 e5 *"), Side.WHITE);
        GameFigures dated = GameFigures.of(1, review, Side.WHITE);
        assertThat(List.of(dated, undated).stream().sorted(GameFigures.byDate()))
                .containsExactly(undated, dated);
    }
}
