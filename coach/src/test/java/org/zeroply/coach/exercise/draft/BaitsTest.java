package org.zeroply.coach.exercise.draft;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.board.Side;
import org.zeroply.chess.notation.NotationException;
import org.zeroply.chess.notation.San;
import org.zeroply.chess.tree.MoveTree;
import org.zeroply.chess.tree.Node;
import org.zeroply.chess.tree.TreeEditor;
import org.zeroply.coach.ScriptedEngine;
import org.zeroply.coach.evaluation.Choice;
import org.zeroply.coach.evaluation.MoveEvaluator;
import org.zeroply.engine.analysis.AnalysisRequest;
import org.zeroply.engine.analysis.Cancellation;

/** White has one good move, Re8, and one that looks like it, Ra7. */
class BaitsTest {

    private static final long NODES = 1000;
    private static final double GOOD = 0.9;
    private static final double BAD = 0.2;

    private final TreeEditor editor =
            new TreeEditor(
                    new MoveTree(Position.fromFen("6k1/5pp1/7p/8/8/8/5PPP/R3R1K1 w - - 0 1")));
    private final Node root = editor.tree().root();
    private Move bait;
    private Move key;

    @BeforeEach
    void read() throws NotationException {
        key = San.read(root.position(), "Re8+");
        bait = San.read(root.position(), "Ra7");
    }

    /**
     * @param late what the bait is worth on more nodes than the draft's
     * @param after what is left to White after it
     */
    private int shown(double late, double after) {
        ScriptedEngine engine =
                new ScriptedEngine((asked, move) -> worth(asked, move, late, after));
        MoveEvaluator evaluator = new MoveEvaluator(engine, NODES, new Cancellation());
        Choice choice = evaluator.choice(root.position(), 3).orElseThrow();
        Baits baits = new Baits(evaluator, editor, new Judgement(evaluator, editor, Side.WHITE));
        return baits.add(root, choice, List.of(bait), List.of(), 1);
    }

    private double worth(AnalysisRequest asked, Move move, double late, double after) {
        if (!asked.position().equals(root.position())) {
            return asked.position().sideToMove() == Side.WHITE ? after : 1 - after;
        }
        boolean longer = asked.limits().nodes() > NODES;
        return move.equals(key) ? GOOD : move.equals(bait) && longer ? late : BAD;
    }

    @Test
    void what_fails_is_shown() {
        assertThat(shown(BAD, BAD)).isEqualTo(1);
        assertThat(root.child(bait))
                .hasValueSatisfying(n -> assertThat(n.annotation().scheme().tempting()).isTrue());
    }

    @Test
    void what_a_longer_look_finds_good_tempts_nobody_astray() {
        assertThat(shown(GOOD, BAD)).isZero();
        assertThat(root.children()).isEmpty();
    }

    @Test
    void what_loses_nothing_at_the_end_of_its_refutation_is_taken_out_again() {
        assertThat(shown(BAD, GOOD)).isZero();
        assertThat(root.children()).isEmpty();
    }
}
