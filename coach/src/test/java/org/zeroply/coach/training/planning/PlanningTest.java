package org.zeroply.coach.training.planning;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.HashSet;
import java.util.List;
import java.util.Random;
import java.util.Set;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import org.junit.jupiter.api.Test;
import org.zeroply.chess.board.Symmetry;
import org.zeroply.chess.notation.PgnEntry;
import org.zeroply.chess.notation.PgnReader;
import org.zeroply.chess.notation.PgnWriter;
import org.zeroply.chess.tree.MoveTree;
import org.zeroply.coach.exercise.scheme.MarkingScheme;
import org.zeroply.coach.training.rating.Rating;

class PlanningTest {

    private static final String EXERCISE =
            """
            [ZpKind "calculation"]
            [ZpTitle "Turned"]
            [ZpPrompt "White to move and win."]
            [SetUp "1"]
            [FEN "6k1/5ppp/8/8/8/1n6/5PPP/R3R1K1 w - - 0 1"]

            1. Ra8# {[%zp.pts 10] [%zp.mark idea a1a8] Along the eighth.} (1. Ra3 Nc5 $16
            {[%zp.pts 2 verdict] [%zp.check cp=120 depth=9 nodes=9 by=x]}) *

            """;

    private static MoveTree exercise() {
        return ((PgnEntry.Game) PgnReader.readAll(EXERCISE).get(0)).tree();
    }

    @Test
    void a_turned_exercise_is_the_same_one_and_turning_twice_gives_it_back() {
        MoveTree tree = exercise();
        for (Symmetry symmetry : Symmetry.values()) {
            MoveTree turned = TurnedExercise.of(tree, symmetry).orElseThrow();
            assertThat(MarkingScheme.of(turned).sum()).isEqualTo(12);
            assertThat(turned.nodes()).hasSameSizeAs(tree.nodes());
            MoveTree back = TurnedExercise.of(turned, symmetry).orElseThrow();
            assertThat(back.start()).isEqualTo(tree.start());
            assertThat(back.mainLine().get(0).move()).isEqualTo(tree.mainLine().get(0).move());
            assertThat(PgnWriter.write(back))
                    .isEqualTo(PgnWriter.write(symmetry == Symmetry.SAME ? tree : wordless()));
        }
        MoveTree flipped = TurnedExercise.of(tree, Symmetry.FLIPPED).orElseThrow();
        assertThat(PgnWriter.write(flipped))
                .contains("Black to move and win", "1... Ra1#", "idea a8a1", "$17", "cp=-120")
                .doesNotContain("Along the eighth");
    }

    private static MoveTree wordless() {
        String text = EXERCISE.replace(" Along the eighth.", "");
        return ((PgnEntry.Game) PgnReader.readAll(text).get(0)).tree();
    }

    @Test
    void who_may_castle_cannot_be_mirrored() {
        String castling = EXERCISE.replace("R3R1K1 w - -", "R3K2R w KQ - ");
        MoveTree tree =
                ((PgnEntry.Game) PgnReader.readAll(castling.replace("1. Ra8#", "1. Ra8+")).get(0))
                        .tree();
        assertThat(TurnedExercise.of(tree, Symmetry.MIRRORED)).isEmpty();
        assertThat(TurnedExercise.of(tree, Symmetry.FLIPPED)).isPresent();
    }

    @Test
    void what_was_missed_comes_back_soon_and_in_other_clothes_what_was_known_does_not() {
        List<Repetitions.Due> due =
                Repetitions.of(
                        List.of(
                                new Repetitions.Try(1, 100, 0.9),
                                new Repetitions.Try(2, 100, 0.1),
                                new Repetitions.Try(3, 100, 0.2),
                                new Repetitions.Try(3, 101, 0.9),
                                new Repetitions.Try(3, 102, 0.95)));
        assertThat(due)
                .containsExactly(
                        new Repetitions.Due(2, 101, Symmetry.MIRRORED),
                        new Repetitions.Due(3, 108, Symmetry.MIRRORED_AND_FLIPPED));
    }

    @Test
    void the_theme_that_earns_less_is_the_weaker_one() {
        Rating hardness = Rating.about(1600, 80);
        List<ThemeStrength> themes =
                ThemeStrength.of(
                        Rating.about(1600, 90),
                        List.of(
                                new ThemeStrength.Result(List.of("fork", "pin"), hardness, 0.5),
                                new ThemeStrength.Result(List.of("fork"), hardness, 0.9),
                                new ThemeStrength.Result(List.of("pin"), hardness, 0.1)));
        assertThat(themes).extracting(ThemeStrength::theme).containsExactly("pin", "fork");
        assertThat(themes.get(0).rating().deviation()).isLessThan(150);
        assertThat(themes.get(0).course()).hasSize(2);
    }

    @Property(tries = 200)
    void a_week_never_takes_more_time_than_there_is_nor_an_exercise_twice(@ForAll long seed) {
        Random random = new Random(seed);
        List<WeekPlan.Candidate> candidates = new ArrayList<>();
        List<Repetitions.Due> due = new ArrayList<>();
        Set<Long> tried = new HashSet<>();
        for (long i = 0; i < 12; i++) {
            candidates.add(
                    new WeekPlan.Candidate(
                            i,
                            List.of(random.nextBoolean() ? "fork" : "pin"),
                            Rating.about(1200 + random.nextInt(900), 100),
                            5 + random.nextInt(20),
                            EnumSet.of(Symmetry.SAME, Symmetry.FLIPPED)));
            if (random.nextInt(3) == 0) {
                due.add(new Repetitions.Due(i, 90 + random.nextInt(30), Symmetry.MIRRORED));
                tried.add(i);
            }
        }
        int minutes = random.nextInt(120);
        List<WeekPlan.Item> week =
                WeekPlan.propose(
                        Rating.about(1600, 100), List.of(), due, tried, candidates, minutes, 100);
        assertThat(week.stream().mapToInt(WeekPlan.Item::minutes).sum())
                .isLessThanOrEqualTo(minutes);
        assertThat(week).extracting(WeekPlan.Item::exercise).doesNotHaveDuplicates();
        assertThat(week)
                .filteredOn(i -> tried.contains(i.exercise()))
                .allMatch(i -> i.clothes() == Symmetry.FLIPPED);
    }
}
