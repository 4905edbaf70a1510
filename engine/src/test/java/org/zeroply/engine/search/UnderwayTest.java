package org.zeroply.engine.search;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import net.jqwik.api.constraints.Size;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.zeroply.chess.board.Board;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.Position;
import org.zeroply.engine.analysis.Cancellation;
import org.zeroply.engine.endings.Endings;
import org.zeroply.engine.network.StaticJudge;

class UnderwayTest {

    private final Underway underway = new Underway();

    @Test
    void a_move_is_underway_from_its_beginning_to_its_end() {
        long mark = Underway.mark(77, 1234, 0);
        assertThat(underway.has(mark)).isFalse();
        underway.begin(mark);
        underway.begin(mark);
        assertThat(underway.has(mark)).isTrue();
        assertThat(underway.has(Underway.mark(78, 1234, 0))).isFalse();
        assertThat(underway.has(Underway.mark(77, 1235, 0))).isFalse();
        assertThat(underway.has(Underway.mark(77, 1234, 5))).isFalse();
        underway.end(mark);
        assertThat(underway.has(mark)).isFalse();
    }

    @Property
    void no_move_is_underway_that_was_not_begun_however_many_are(
            @ForAll @Size(max = 60) List<Long> begun, @ForAll @IntRange(min = 1) int move) {
        Underway marks = new Underway();
        begun.forEach(key -> marks.begin(Underway.mark(key, 99, 0)));
        assertThat(marks.has(Underway.mark(5, move, 0)))
                .isEqualTo(begun.contains(5L) && move == 99);
        begun.forEach(key -> marks.end(Underway.mark(key, 99, 0)));
        assertThat(begun).noneMatch(key -> marks.has(Underway.mark(key, 99, 0)));
    }

    @ParameterizedTest
    @CsvSource({
        "6k1/5ppp/8/8/8/8/5PPP/3R2K1 w - - 0 1, d1d8, 31999",
        "6k1/5ppp/8/3q4/8/2N5/5PPP/6K1 w - - 0 1, c3d5, 200"
    })
    void moves_that_others_are_at_come_late_but_are_not_left_out(
            String fen, String best, int atLeast) {
        Board board = Position.fromFen(fen).toBoard();
        int[] roots = Position.of(board).legalMoves().stream().mapToInt(Move::packed).toArray();
        for (int move : roots) {
            underway.begin(Underway.mark(board.key(), move, 0));
        }
        SearchState state = new SearchState(StaticJudge.shipped(), Endings.NONE);
        state.begin(
                board,
                new TranspositionTable(1),
                new SearchLimits(Long.MAX_VALUE, Long.MAX_VALUE, new Cancellation()),
                true);
        Race race = new Race(new Race.Course(roots, 0, 8, 0, Proofs.NONE), underway);
        Race.Finish finish = race.run(new RootSearch(state, m -> {}), state);
        assertThat(new Move(finish.line()[0]).toString()).contains(best);
        assertThat(finish.score()).isGreaterThanOrEqualTo(atLeast);
        assertThat(finish.roots()).containsExactlyInAnyOrder(roots);
        assertThat(state.underway).isNull();
    }
}
