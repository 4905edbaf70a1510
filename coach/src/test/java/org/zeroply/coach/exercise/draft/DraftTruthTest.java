package org.zeroply.coach.exercise.draft;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.board.Side;
import org.zeroply.chess.tree.EngineCheck;
import org.zeroply.chess.tree.MoveTree;
import org.zeroply.chess.tree.Node;
import org.zeroply.coach.SharedEngine;
import org.zeroply.coach.evaluation.MoveEvaluator;
import org.zeroply.coach.evaluation.Weighed;
import org.zeroply.coach.exercise.scheme.Aim;
import org.zeroply.coach.exercise.scheme.AimCheck;
import org.zeroply.coach.exercise.scheme.MarkingScheme;
import org.zeroply.coach.exercise.sound.KnownExercises;
import org.zeroply.coach.exercise.sound.Soundness;
import org.zeroply.coach.exercise.sound.SoundnessCheck;
import org.zeroply.engine.analysis.Cancellation;
import org.zeroply.engine.analysis.Engine;
import org.zeroply.engine.analysis.ExpectedScore;
import org.zeroply.engine.analysis.ExpectedScoreCurve;
import org.zeroply.engine.analysis.Score;
import org.zeroply.engine.endings.Endings;

/** What a draft says is what its own searches say; positions out of games of the engine. */
@Tag("slow")
class DraftTruthTest {

    private static final long NODES = 30_000;
    private static final int POINTS = 50;

    private final Engine engine = new SharedEngine(16);

    /** Several tests look at the same drafts. */
    private static final Map<String, MoveTree> DRAFTS = new HashMap<>();

    private MoveTree draft(String fen) {
        return DRAFTS.computeIfAbsent(
                fen,
                f ->
                        new SchemeDraft(engine, Endings.NONE, NODES, POINTS)
                                .draft(Position.fromFen(f), List.of(), x -> {}, new Cancellation())
                                .orElseThrow());
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "1r2r1k1/p4pp1/3q4/3p1n1p/P1R4P/4PNP1/1P2QP2/3R2K1 b - - 0 1",
                "1r2r1k1/2p2p1p/1p1pbPp1/pP1Bq3/P1P1P3/8/3Q2PP/R4RK1 w - - 0 1",
                "3r1rk1/5p1p/4p1p1/pBqb1n2/P4P2/8/1RPB2PP/4QR1K b - - 0 1",
                "r3kbnr/p3q1pp/bp6/1N1pP3/1n6/5N2/4QPPP/R1B1KB1R w KQkq - 0 1",
                "5rk1/4b1p1/2p2p1p/4P3/2pNN3/8/1P3PPP/r1BR2K1 b - - 0 1",
                "6R1/kp6/2p4p/p7/Pr3P2/6P1/7P/6K1 w - - 0 1"
            })
    void is_true_and_passes_the_check_or_says_why_not(String fen) {
        MoveTree tree = draft(fen);
        Side solver = tree.start().sideToMove();

        assertThat(MarkingScheme.of(tree).sum()).isEqualTo(POINTS);
        assertThat(MarkingScheme.of(tree).items()).hasSizeLessThanOrEqualTo(20);
        assertThat(Aim.of(tree)).isPresent();
        for (Node node : tree.nodes()) {
            stampsAndVerdictsAgree(node);
            node.parent()
                    .filter(p -> p.position().sideToMove() == solver)
                    .ifPresent(parent -> equalsReachTheAim(tree, parent, node));
        }
        theKeyDoesNotLose(tree, solver);
        Soundness soundness =
                new SoundnessCheck(engine, Endings.NONE, NODES, KnownExercises.NONE)
                        .check(tree, x -> {}, new Cancellation())
                        .orElseThrow();
        boolean said = tree.root().annotation().after().contains("Not settled");
        assertThat(soundness.sound() || said).as("%s", soundness.findings()).isTrue();
    }

    /** The stamp is from White's view, and so is the verdict. */
    private static void stampsAndVerdictsAgree(Node node) {
        Optional<EngineCheck> stamp = node.annotation().check();
        if (stamp.isPresent() && node.annotation().verdict().isPresent()) {
            ExpectedScore expected = ExpectedScoreCurve.at(node.position()).of(score(stamp.get()));
            assertThat(node.annotation().verdict()).contains(expected.verdict(true));
        }
    }

    private static Score score(EngineCheck stamp) {
        return stamp.mate() ? new Score.Mate(stamp.value()) : new Score.Centipawns(stamp.value());
    }

    private void equalsReachTheAim(MoveTree tree, Node parent, Node node) {
        if (!node.annotation().scheme().equal()) {
            return;
        }
        Node main = parent.mainChild().orElseThrow();
        MoveEvaluator evaluator =
                new MoveEvaluator(engine, Endings.NONE, 4 * NODES, new Cancellation());
        Weighed asked = evaluator.weigh(parent.position(), main.move());
        Weighed other = evaluator.weigh(parent.position(), node.move());
        AimCheck check = AimCheck.at(parent.position(), Aim.of(tree), asked);
        assertThat(check.compare(other, asked)).isNotEqualTo(AimCheck.Answer.FAILS);
    }

    private static void theKeyDoesNotLose(MoveTree tree, Side solver) {
        for (Node node : tree.mainLine()) {
            node.annotation()
                    .check()
                    .ifPresent(
                            stamp -> {
                                ExpectedScore white =
                                        ExpectedScoreCurve.at(node.position()).of(score(stamp));
                                ExpectedScore own =
                                        solver == Side.WHITE ? white : white.opponents();
                                assertThat(own.value()).isGreaterThan(0.4);
                            });
        }
    }
}
