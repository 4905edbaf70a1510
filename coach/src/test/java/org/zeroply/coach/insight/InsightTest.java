package org.zeroply.coach.insight;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.HashSet;
import java.util.List;
import java.util.Random;
import java.util.Set;
import java.util.TreeSet;
import java.util.function.IntUnaryOperator;
import java.util.stream.Stream;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.zeroply.chess.RandomPositions;
import org.zeroply.chess.board.Position;
import org.zeroply.coach.fact.Fact;
import org.zeroply.coach.fact.FactKind;

class InsightTest {

    /** Kinds told only of two positions together, or only after a search. */
    private static final Set<FactKind> NOT_AT_A_GLANCE =
            Set.of(
                    FactKind.GIVEN_UP,
                    FactKind.CONCESSION,
                    FactKind.TIED,
                    FactKind.CLEANEST_WIN,
                    FactKind.GIVE_BACK,
                    FactKind.IGNORED_THREAT,
                    FactKind.PAWN_RACE,
                    FactKind.FROZEN,
                    FactKind.EXCHANGE_WANTED,
                    FactKind.MOTIF_MOVE,
                    FactKind.THREAT,
                    FactKind.CHECKS);

    static Stream<FactRows.Row> rows() {
        return FactRows.all().stream();
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("rows")
    void positions_checked_by_hand_hold_what_they_should_and_nothing_they_should_not(
            FactRows.Row row) {
        row.check(Insight::of);
    }

    @Test
    void every_kind_has_a_position_that_holds_it_and_one_that_does_not() {
        Set<FactKind> held = new HashSet<>();
        Set<FactKind> refused = new HashSet<>();
        FactRows.all().stream()
                .flatMap(r -> r.expectations().stream())
                .forEach(e -> (e.wanted() ? held : refused).add(e.kind()));
        Set<FactKind> always =
                Set.of(
                        FactKind.MATERIAL,
                        FactKind.ACTIVITY,
                        FactKind.CENTRE,
                        FactKind.ESCAPE_SQUARES);
        for (FactKind kind : FactKind.values()) {
            if (!NOT_AT_A_GLANCE.contains(kind)) {
                assertThat(held).contains(kind);
                assertThat(always.contains(kind) || refused.contains(kind)).as("%s", kind).isTrue();
            }
        }
    }

    @Property(tries = 60)
    void facts_change_sides_with_the_colours(@ForAll long seed) {
        Position position = random(seed);
        Position flipped = Boards.changed(position, s -> s ^ 56, true);
        assertThat(keys(Insight.of(flipped), s -> s, false))
                .containsExactlyInAnyOrderElementsOf(keys(Insight.of(position), s -> s ^ 56, true));
    }

    @Property(tries = 60)
    void facts_are_mirrored_with_the_board(@ForAll long seed) {
        Position position = without(random(seed));
        Position mirrored = Boards.changed(position, s -> s ^ 7, false);
        assertThat(mirrorable(Insight.of(mirrored), s -> s))
                .containsExactlyInAnyOrderElementsOf(mirrorable(Insight.of(position), s -> s ^ 7));
    }

    /** The pawn g4 keeps the queen from mates on f4 and e4. */
    @Test
    void of_two_squares_behind_a_pin_the_nearer_one_is_told_on_either_wing() {
        Position position =
                Position.fromFen("1n5r/8/1pk5/1b1pbppp/3BP1Pq/r1Pp1K2/N2R1PP1/5BNR b - - 0 42");
        assertThat(pins(position)).containsExactly("pawn g4 is pinned to the square f4");
        assertThat(pins(Boards.changed(position, s -> s ^ 7, false)))
                .containsExactly("pawn b4 is pinned to the square c4");
    }

    private static List<String> pins(Position position) {
        return Insight.of(position).stream()
                .filter(f -> f.kind() == FactKind.PIN)
                .map(f -> f.text().replaceAll(" by .*", ""))
                .toList();
    }

    @Property(tries = 30)
    void facts_do_not_depend_on_the_counters(@ForAll long seed) {
        Position position = random(seed);
        String[] fields = position.fen().split(" ");
        String fen = String.join(" ", List.of(fields).subList(0, 4)) + " 37 91";
        assertThat(Insight.of(Position.fromFen(fen))).isEqualTo(Insight.of(position));
    }

    @Property(tries = 30)
    void what_a_fact_draws_lies_on_the_board_and_its_subject_comes_first(@ForAll long seed) {
        for (Fact fact : Insight.of(random(seed))) {
            assertThat(fact.squares()).allMatch(s -> s >= 0 && s < 64).doesNotHaveDuplicates();
            assertThat(fact.text()).isNotBlank();
            assertThat(fact.drawn()).allSatisfy(m -> assertThat(m.squares()).isNotEmpty());
        }
    }

    /** What can be compared when squares and sides are exchanged: everything but the words. */
    private static Set<String> keys(List<Fact> facts, IntUnaryOperator square, boolean otherSide) {
        Set<String> keys = new HashSet<>();
        for (Fact fact : facts) {
            Set<Integer> squares = new TreeSet<>();
            fact.squares().forEach(s -> squares.add(square.applyAsInt(s)));
            boolean signed = fact.kind() == FactKind.MATERIAL && otherSide;
            List<String> figures =
                    fact.figures().entrySet().stream()
                            .map(e -> e.getKey() + (signed ? -e.getValue() : e.getValue()))
                            .toList();
            keys.add(
                    fact.kind()
                            + " "
                            + fact.side().map(s -> otherSide ? s.other() : s)
                            + squares
                            + figures);
        }
        return keys;
    }

    /** A king's home is no mirror image of itself, and the evaluation knows the wings apart. */
    private static Set<String> mirrorable(List<Fact> facts, IntUnaryOperator square) {
        Set<FactKind> apart = Set.of(FactKind.CASTLING, FactKind.COMPENSATION);
        return keys(facts.stream().filter(f -> !apart.contains(f.kind())).toList(), square, false);
    }

    private static Position random(long seed) {
        Random random = new Random(seed);
        return RandomPositions.after(random, random.nextInt(90));
    }

    /** Without castling rights, which a mirror would turn into something else. */
    private static Position without(Position position) {
        String[] fields = position.fen().split(" ");
        fields[2] = "-";
        fields[3] = "-";
        return Position.fromFen(String.join(" ", fields));
    }
}
