package org.zeroply.coach.exercise.draft;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.board.Side;
import org.zeroply.chess.notation.NotationException;
import org.zeroply.chess.notation.San;
import org.zeroply.chess.tree.MoveTree;
import org.zeroply.chess.tree.Node;
import org.zeroply.chess.tree.TreeEditor;
import org.zeroply.chess.tree.Verdict;
import org.zeroply.coach.evaluation.MoveEvaluator;
import org.zeroply.coach.exercise.scheme.Aim;
import org.zeroply.coach.exercise.sound.Finding;
import org.zeroply.coach.exercise.sound.Located;
import org.zeroply.engine.analysis.Cancellation;
import org.zeroply.engine.endings.Endings;
import org.zeroply.engine.search.BuiltInEngine;

/** Faults put into a scheme, and what becomes of it. Either rook mates; everything else wins. */
class RepairsTest {

    private final MoveEvaluator evaluator =
            new MoveEvaluator(new BuiltInEngine(4), Endings.NONE, 20_000, new Cancellation())
                    .remembering();
    private final TreeEditor editor =
            new TreeEditor(
                    new MoveTree(Position.fromFen("6k1/5ppp/8/8/8/8/5PPP/R3R1K1 w - - 0 1")));
    private final Node root = editor.tree().root();
    private final Growth growth =
            new Growth(
                    evaluator,
                    editor,
                    Side.WHITE,
                    new Ways(Aim.MATE),
                    done -> {},
                    new Cancellation());
    private final Repairs repairs = new Repairs(editor, growth);

    @BeforeEach
    void write() throws NotationException {
        editor.tag(Aim.TAG, Aim.MATE.word());
        growth.judged(add("Ra8#"));
    }

    private Node add(String san) throws NotationException {
        return editor.add(root, San.read(root.position(), san));
    }

    private List<Located> errors() {
        return Located.errors(editor.tree(), evaluator, done -> {});
    }

    @Test
    void a_second_solution_is_taken_in_as_equal() throws NotationException {
        assertThat(errors())
                .extracting(e -> e.finding().kind())
                .containsExactly(Finding.Kind.SECOND_SOLUTION);
        assertThat(repairs.mend(errors())).isTrue();
        assertThat(add("Re8#").annotation().scheme().equal()).isTrue();
        assertThat(errors()).isEmpty();
    }

    @Test
    void what_tempts_and_is_as_good_goes() throws NotationException {
        Node bait = add("Re8#");
        editor.annotate(bait, a -> a.withTempting(true));
        repairs.mend(errors());
        assertThat(editor.tree().nodes()).doesNotContain(bait);
        repairs.mend(errors());
        assertThat(errors()).isEmpty();
    }

    @Test
    void what_tempts_and_does_not_end_as_it_says_goes() throws NotationException {
        repairs.mend(errors());
        Node bait = add("Rec1");
        editor.annotate(bait, a -> a.withTempting(true));
        Node reply = editor.add(bait, San.read(bait.position(), "h6"));
        editor.verdict(reply, Optional.of(Verdict.BLACK_WINS));
        assertThat(errors())
                .extracting(e -> e.finding().kind())
                .contains(Finding.Kind.WRONG_VERDICT);
        repairs.mend(errors());
        assertThat(editor.tree().nodes()).doesNotContain(bait, reply);
        assertThat(errors()).isEmpty();
    }

    @Test
    void a_verdict_that_is_wrong_is_written_anew() {
        repairs.mend(errors());
        Node key = root.children().get(0);
        editor.verdict(key, Optional.of(Verdict.BLACK_WINS));
        assertThat(errors())
                .extracting(e -> e.finding().kind())
                .contains(Finding.Kind.WRONG_VERDICT);
        repairs.mend(errors());
        assertThat(key.annotation().verdict()).contains(Verdict.WHITE_WINS);
        assertThat(errors()).isEmpty();
    }
}
