package org.zeroply.desktop.repertoire;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.board.Side;
import org.zeroply.coach.repertoire.Coverage;
import org.zeroply.coach.repertoire.MadeUp;
import org.zeroply.coach.repertoire.Repertoire;
import org.zeroply.coach.repertoire.Replies;
import org.zeroply.coach.repertoire.Shares;
import org.zeroply.coach.training.drill.Memory;
import org.zeroply.coach.training.drill.NotedMemory;
import org.zeroply.coach.training.drill.Questions;

/** The map without a window: heights are likelihoods and fields lie within their parents. */
class MapLayoutTest {

    private static final Memory EMPTY =
            new NotedMemory(
                    Map.of(),
                    (question, recall) -> {
                        throw new IllegalStateException();
                    });

    private static RepertoireView view(long seed) {
        Repertoire repertoire = Repertoire.of(List.of(MadeUp.chapter(Side.WHITE, 60, 3, seed)));
        Shares shares = new Shares(Replies.NONE);
        return new RepertoireView(
                repertoire,
                List.of(1L),
                shares,
                Optional.empty(),
                Coverage.of(repertoire, shares, Optional.empty()),
                Map.of(),
                new RepertoireView.Learning(
                        Questions.of(repertoire, Optional.empty()),
                        EMPTY,
                        List.of(),
                        List.of(),
                        0));
    }

    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3, 4, 5})
    void fields_lie_within_the_move_before_them_and_are_as_high_as_likely(long seed) {
        RepertoireView view = view(seed);
        List<MapLayout.Field> fields = MapLayout.of(view, List.of());
        assertThat(fields).hasSizeGreaterThan(10);
        Map<List<?>, MapLayout.Field> byPath =
                fields.stream().collect(Collectors.toMap(MapLayout.Field::path, f -> f));
        for (MapLayout.Field field : fields) {
            int depth = field.path().size();
            assertThat(field.place().column()).isEqualTo(depth - 1);
            if (depth > 1) {
                MapLayout.Field parent = byPath.get(field.path().subList(0, depth - 1));
                assertThat(field.place().top()).isGreaterThanOrEqualTo(parent.place().top() - 1e-9);
                assertThat(field.place().top() + field.place().height())
                        .isLessThanOrEqualTo(parent.place().top() + parent.place().height() + 1e-9);
            }
            double together =
                    fields.stream()
                            .filter(f -> end(f).equals(end(field)))
                            .mapToDouble(f -> f.place().height())
                            .sum();
            assertThat(together)
                    .as("all ways to a position together")
                    .isCloseTo(
                            MapLayout.likelihood(view, field.path()).orElseThrow(), within(0.02));
        }
    }

    private static Object end(MapLayout.Field field) {
        var position = Position.START;
        for (var move : field.path()) {
            position = position.play(move);
        }
        return position;
    }

    @Test
    void zooming_makes_a_field_the_whole() {
        RepertoireView view = view(1);
        MapLayout.Field first = MapLayout.of(view, List.of()).get(0);
        assertThat(first.place().height()).isEqualTo(1);
        List<MapLayout.Field> zoomed = MapLayout.of(view, first.path());
        assertThat(zoomed)
                .filteredOn(f -> f.place().column() == 0)
                .allSatisfy(f -> assertThat(f.path().subList(0, 1)).isEqualTo(first.path()));
    }
}
