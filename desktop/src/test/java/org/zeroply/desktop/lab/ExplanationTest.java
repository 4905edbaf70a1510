package org.zeroply.desktop.lab;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.notation.NotationException;
import org.zeroply.chess.notation.San;
import org.zeroply.engine.eval.Evaluator;
import org.zeroply.engine.network.StaticJudge;

class ExplanationTest {

    private static final Position BEFORE =
            Position.fromFen("r1bqkbnr/pppp1ppp/2n5/4p3/4P3/5N2/PPPP1PPP/RNBQKB1R w KQkq - 2 3");

    @Test
    void the_terms_add_up_and_so_do_their_changes() throws NotationException {
        Position after = BEFORE.play(San.read(BEFORE, "Nxe5"));
        Explanation explanation = Explanation.of(after, Optional.of(BEFORE));
        int score = new Evaluator().evaluate(after.toBoard());
        assertThat(explanation.total()).as("Black is to move").isEqualTo(-score);
        assertThat(explanation.rows().stream().mapToInt(r -> r.white() - r.black()).sum())
                .isEqualTo(explanation.total());
        assertThat(explanation.rows().stream().mapToInt(Explanation.Row::change).sum())
                .isEqualTo(explanation.change());
        assertThat(explanation.rows())
                .filteredOn(r -> r.name().equals("Material"))
                .singleElement()
                .satisfies(r -> assertThat(r.change()).as("a pawn was taken").isPositive());
    }

    @Test
    void the_network_is_told_beside_the_terms_and_where_they_differ() {
        Explanation explanation = Explanation.of(BEFORE, Optional.empty());
        int learnt = StaticJudge.shipped().learnt(BEFORE).orElseThrow();
        assertThat(explanation.learnt()).hasValue(learnt);
        assertThat(new Explanation(List.of(), learnt + 74, 0, explanation.learnt()).isDisputed())
                .isFalse();
        assertThat(new Explanation(List.of(), learnt - 75, 0, explanation.learnt()).isDisputed())
                .isTrue();
        Position few = Position.fromFen("4k3/8/8/8/8/8/4P3/4K3 w - - 0 1");
        assertThat(Explanation.of(few, Optional.empty()).learnt()).isEmpty();
    }

    @Test
    void without_a_move_nothing_has_changed() {
        Explanation explanation = Explanation.of(BEFORE, Optional.empty());
        assertThat(explanation.change()).isZero();
        assertThat(explanation.rows()).allMatch(r -> r.change() == 0);
    }
}
