package org.zeroply.coach.review.profile;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.board.Side;
import org.zeroply.coach.fact.material.Phase;
import org.zeroply.coach.fact.tactics.theme.Theme;
import org.zeroply.coach.review.Cause;
import org.zeroply.coach.review.Moment;

class ProfileTest {

    private static final int TRIALS = 1000;

    private static GameFigures game(
            int number, Side side, double loss, GameFigures.Error... errors) {
        Map<Phase, MeanLoss.Tally> phases = new EnumMap<>(Phase.class);
        phases.put(Phase.OPENING, new MeanLoss.Tally(10, 0));
        phases.put(Phase.MIDDLEGAME, new MeanLoss.Tally(20, loss));
        phases.put(Phase.ENDING, new MeanLoss.Tally(0, 0));
        return new GameFigures(
                new GameFigures.Played(
                        number,
                        "game " + number,
                        String.format("2026.01.%02d", number),
                        side,
                        side == Side.WHITE ? "1.d4" : "1.e4 c5",
                        Optional.of(0.5)),
                phases,
                List.of(errors),
                Map.of(Moment.Kind.TURN, errors.length),
                false,
                new MeanLoss.Tally(0, 0));
    }

    private static GameFigures.Error error(double loss, Theme theme, boolean missed) {
        return new GameFigures.Error(
                new GameFigures.MoveInGame(20, "10...Qd7", Phase.MIDDLEGAME, Position.START),
                loss,
                Optional.of(new Cause(theme, missed)),
                false,
                List.of());
    }

    @Test
    void losses_are_told_by_phase_side_and_opening() {
        Profile profile =
                Profile.of(
                        "Ilse Marram",
                        List.of(
                                game(3, Side.WHITE, 60),
                                game(1, Side.WHITE, 120),
                                game(2, Side.BLACK, 240)));
        assertThat(profile.games()).extracting(g -> g.played().id()).containsExactly(1L, 2L, 3L);
        assertThat(profile.overall().mean()).isCloseTo(420 / 90.0, within(1e-9));
        assertThat(profile.byPhase().get(Phase.MIDDLEGAME).mean()).isCloseTo(7, within(1e-9));
        assertThat(profile.byPhase().get(Phase.ENDING).games()).isZero();
        assertThat(profile.bySide().get(Side.BLACK).mean()).isCloseTo(8, within(1e-9));
        assertThat(profile.byOpening())
                .extracting(Profile.OpeningFigures::name)
                .containsExactly("1.d4", "1.e4 c5");
        assertThat(profile.byOpening().get(0).score()).isEqualTo("1.0 of 2");
        assertThat(profile.course()).hasSize(3);
        assertThat(profile.change()).contains("too few");
    }

    @Test
    void the_dearest_themes_come_first_with_their_dearest_games() {
        Profile profile =
                Profile.of(
                        "Ilse Marram",
                        List.of(
                                game(1, Side.WHITE, 0, error(20, Theme.FORK, true)),
                                game(2, Side.WHITE, 0, error(40, Theme.FORK, false)),
                                game(3, Side.WHITE, 0, error(50, Theme.PIN, true)),
                                game(4, Side.WHITE, 0, error(16, Theme.SKEWER, true)),
                                game(5, Side.WHITE, 0, error(90, Theme.MATE, true))));
        assertThat(profile.worst())
                .extracting(Profile.ThemeFigures::theme)
                .containsExactly(Theme.MATE, Theme.FORK, Theme.PIN);
        Profile.ThemeFigures fork = profile.byTheme().get(1);
        assertThat(fork.missed()).isEqualTo(1);
        assertThat(fork.allowed()).isEqualTo(1);
        assertThat(fork.loss()).isEqualTo(60);
        assertThat(fork.examples()).extracting(e -> e.game().id()).containsExactly(2L, 1L);
        assertThat(profile.errors()).isEqualTo(5);
        assertThat(profile.byKind()).containsEntry(Moment.Kind.TURN, 5);
    }

    @Test
    void a_change_is_sure_only_when_it_is_larger_than_its_margin() {
        List<GameFigures> better = new ArrayList<>();
        List<GameFigures> same = new ArrayList<>();
        for (int i = 1; i <= 12; i++) {
            better.add(game(i, Side.WHITE, i <= 6 ? 200 + i : 50 + i));
            same.add(game(i, Side.WHITE, i % 2 == 0 ? 200 : 50));
        }
        assertThat(Profile.of("x", better).change()).contains("less").endsWith("a sure change");
        assertThat(Profile.of("x", same).change()).endsWith("no sure change");
        assertThat(Profile.of("x", better).trend().get(0).mean())
                .isGreaterThan(Profile.of("x", better).trend().get(11).mean());
        assertThat(Profile.of("x", better.subList(0, 3)).trend()).isEmpty();
    }

    /** The interval must hold the true mean about as often as it says it does. */
    @Test
    void the_interval_holds_the_truth_in_about_95_of_100_cases() {
        Random random = new Random(7);
        int held = 0;
        for (int trial = 0; trial < TRIALS; trial++) {
            List<MeanLoss.Tally> games = new ArrayList<>();
            for (int g = 0; g < 12; g++) {
                double mean = Math.max(0, 5 + 1.5 * random.nextGaussian());
                games.add(new MeanLoss.Tally(30, 30 * mean));
            }
            MeanLoss e = MeanLoss.of(games);
            held += e.low() <= 5 && e.high() >= 5 ? 1 : 0;
        }
        assertThat(held).isBetween(TRIALS * 92 / 100, TRIALS * 98 / 100);
    }

    @Test
    void one_game_has_a_mean_and_no_margin_and_none_has_neither() {
        MeanLoss one = MeanLoss.of(List.of(new MeanLoss.Tally(20, 100)));
        assertThat(one.mean()).isEqualTo(5);
        assertThat(one.margin()).isEmpty();
        assertThat(one.text()).isEqualTo("5.0");
        assertThat(MeanLoss.of(List.of()).text()).isEqualTo("–");
    }
}
