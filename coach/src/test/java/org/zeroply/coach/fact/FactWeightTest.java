package org.zeroply.coach.fact;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Comparator;
import java.util.List;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import org.junit.jupiter.api.Test;
import org.zeroply.chess.board.Side;

class FactWeightTest {

    private static Fact of(FactKind kind, String... traits) {
        Fact fact = Fact.of(kind, Side.WHITE, kind.words(), 0);
        for (String trait : traits) {
            fact = fact.trait(trait, true);
        }
        return fact;
    }

    @Test
    void what_decides_comes_before_what_a_plan_turns_on_and_that_before_what_describes() {
        List<Fact> inOrder =
                List.of(
                        of(FactKind.CHECKS, "mates"),
                        of(FactKind.THREAT, "concrete").with("gain", 20_000),
                        of(FactKind.MOTIF_MOVE, "works"),
                        of(FactKind.HANGING).with("loss", 500),
                        of(FactKind.THREAT, "concrete").with("gain", 100),
                        of(FactKind.HANGING).with("loss", 325),
                        of(FactKind.FORK),
                        of(FactKind.MOTIF_MOVE, "fails"),
                        of(FactKind.BAD_BISHOP),
                        of(FactKind.WORST_PLACED),
                        of(FactKind.OPEN_FILE),
                        of(FactKind.HANGING).with("loss", 0),
                        of(FactKind.CHECKS, "runs_out"),
                        of(FactKind.ISLANDS));
        assertThat(inOrder).isSortedAccordingTo(Comparator.comparing(Fact::weight).reversed());
    }

    @Test
    void a_passed_pawn_is_heavier_the_further_it_is() {
        int far = of(FactKind.PASSED).with("toGo", 5).weight();
        int near = of(FactKind.PASSED).with("toGo", 2).weight();
        int there = of(FactKind.PASSED, "protected").with("toGo", 1).weight();
        assertThat(List.of(far, near, there)).isSorted().doesNotHaveDuplicates();
    }

    @Property
    void every_fact_weighs_between_nothing_and_a_hundred(
            @ForAll FactKind kind, @ForAll int figure, @ForAll boolean concrete) {
        Fact fact =
                of(kind, concrete ? "concrete" : "works").with("gain", figure).with("loss", figure);
        assertThat(fact.with("toGo", figure).weight()).isBetween(0, 100);
    }
}
