package org.zeroply.coach.fact.structure;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.board.Side;
import org.zeroply.chess.notation.San;
import org.zeroply.coach.fact.Fact;
import org.zeroply.coach.fact.FactKind;
import org.zeroply.coach.insight.Insight;

class StructureComparisonTest {

    @Test
    void the_ways_to_recapture_are_told_with_what_each_does_to_the_pawns() {
        Position position = Position.fromFen("4k3/pp3ppp/8/8/8/2b5/PP1P1PPP/4K3 w - - 0 1");
        List<StructureComparison> ways =
                StructureComparison.of(position, StructureComparison.recaptures(position));
        assertThat(ways).hasSize(2);
        StructureComparison withB = way(position, ways, "bxc3");
        assertThat(withB.change().come()).anyMatch(f -> is(f, FactKind.ISOLATED, "a2"));
        StructureComparison withD = way(position, ways, "dxc3");
        assertThat(withD.change().come()).noneMatch(f -> is(f, FactKind.ISOLATED, "a2"));
        assertThat(withD.structure()).anyMatch(f -> f.kind() == FactKind.ISLANDS);
    }

    @Test
    void the_ways_stand_side_by_side_in_a_table_of_what_differs() {
        Position position = Position.fromFen("4k3/pp3ppp/8/8/8/2b5/PP1P1PPP/4K3 w - - 0 1");
        StructureTable table =
                StructureTable.of(
                        position,
                        StructureComparison.of(position, StructureComparison.recaptures(position)));
        assertThat(table.columns()).containsExactlyInAnyOrder("now", "bxc3", "dxc3");
        int b = table.columns().indexOf("bxc3");
        int d = table.columns().indexOf("dxc3");
        assertThat(table.rows())
                .filteredOn(r -> r.label().equals("White: isolated"))
                .singleElement()
                .satisfies(
                        r -> {
                            assertThat(r.cells().get(b)).isEqualTo("a2");
                            assertThat(r.cells().get(d)).isEqualTo("–");
                        });
        assertThat(table.rows()).allMatch(r -> r.cells().stream().distinct().count() > 1);
    }

    @Test
    void positions_with_one_way_to_take_offer_nothing_to_compare() {
        Position position = Position.fromFen("4k3/8/8/3p4/4P3/8/8/4K3 w - - 0 1");
        assertThat(StructureComparison.recaptures(position)).isEmpty();
    }

    @Test
    void a_pawn_move_tells_the_squares_it_gave_up() throws Exception {
        Position position = Position.fromFen("4k3/pppp4/8/8/8/8/PP1PP1PP/4K1N1 w - - 0 1");
        Position after = position.play(San.read(position, "e4"));
        assertThat(Insight.change(position, after).come())
                .filteredOn(f -> f.kind() == FactKind.GIVEN_UP)
                .singleElement()
                .satisfies(
                        f -> {
                            assertThat(f.side()).contains(Side.WHITE);
                            assertThat(f.text()).endsWith("d3 and d4");
                        });
        Position quiet = position.play(San.read(position, "Nf3"));
        assertThat(Insight.change(position, quiet).come())
                .noneMatch(f -> f.kind() == FactKind.GIVEN_UP);
    }

    private static StructureComparison way(
            Position position, List<StructureComparison> ways, String san) {
        return ways.stream()
                .filter(w -> San.write(position, w.move()).equals(san))
                .findFirst()
                .orElseThrow();
    }

    private static boolean is(Fact fact, FactKind kind, String square) {
        return fact.kind() == kind && fact.text().contains(square);
    }
}
