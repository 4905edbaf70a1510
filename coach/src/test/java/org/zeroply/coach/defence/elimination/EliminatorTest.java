package org.zeroply.coach.defence.elimination;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.CancellationException;
import java.util.concurrent.Executor;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.function.Function;
import org.junit.jupiter.api.Test;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.board.Symmetry;
import org.zeroply.coach.ScriptedEngine;
import org.zeroply.coach.defence.DefenceBoards;
import org.zeroply.coach.evaluation.MoveEvaluator;
import org.zeroply.coach.evaluation.MoveEvaluators;
import org.zeroply.coach.evaluation.Weighed;
import org.zeroply.engine.analysis.Cancellation;
import org.zeroply.engine.analysis.Engine;

/** All moves of a position, on positions of our own. */
class EliminatorTest extends DefenceBoards {

    @Test
    void tells_more_and_more_and_the_same_with_several_engines() {
        Position position = fen(BACK_RANK);
        List<Double> done = new ArrayList<>();
        Elimination one =
                new Eliminator(evaluator()).run(position, e -> done.add(e.done())).orElseThrow();
        Elimination two =
                sideBySide(threads -> new Eliminator(two(threads)).run(position, e -> {}))
                        .orElseThrow();
        Elimination inTurn =
                new Eliminator(two(Runnable::run)).run(position, e -> {}).orElseThrow();

        assertThat(done).isSorted().endsWith(1.0).hasSizeGreaterThan(4);
        assertThat(two).isEqualTo(one);
        assertThat(inTurn).isEqualTo(one);
    }

    private static MoveEvaluators two(Executor threads) {
        return new MoveEvaluators(List.of(evaluator(), evaluator()), threads);
    }

    private static <T> T sideBySide(Function<Executor, T> work) {
        ExecutorService threads = Executors.newFixedThreadPool(2);
        try {
            return work.apply(threads);
        } finally {
            threads.shutdownNow();
        }
    }

    @Test
    void an_engine_that_fails_beside_another_ends_the_work_with_its_reason() {
        Engine broken =
                new ScriptedEngine(
                        (request, move) -> {
                            throw new IllegalStateException("out of order");
                        });
        MoveEvaluator fails = new MoveEvaluator(broken, 2_000, new Cancellation());
        Position position = fen(BACK_RANK);
        assertThatThrownBy(
                        () ->
                                sideBySide(
                                        threads ->
                                                weighed(
                                                        new MoveEvaluators(
                                                                List.of(fails, fails), threads),
                                                        position)))
                .hasMessageContaining("out of order");
    }

    private static List<Weighed> weighed(MoveEvaluators evaluators, Position position) {
        List<Weighed> found = new ArrayList<>();
        new Weighing(evaluators).each(position, position.legalMoves(), 2_000, found::add);
        return found;
    }

    @Test
    void moves_weighed_side_by_side_come_in_their_order() {
        Position position = fen(BACK_RANK);
        List<Weighed> found = sideBySide(threads -> weighed(two(threads), position));
        assertThat(found).extracting(Weighed::move).isEqualTo(position.legalMoves());
    }

    @Test
    void nobody_works_without_an_evaluator() {
        assertThatThrownBy(() -> new MoveEvaluators(List.of(), Runnable::run))
                .isInstanceOf(IllegalArgumentException.class);
    }

    @Test
    void comes_to_the_same_with_the_colours_exchanged() {
        Position position = fen(BACK_RANK);
        Position turned = Symmetry.FLIPPED.of(position).orElseThrow();
        Elimination one = eliminate(position);
        Elimination two = eliminate(turned);

        assertThat(two.result()).isEqualTo(one.result());
        assertThat(two.held()).hasSameSizeAs(one.held());
        assertThat(two.chances().coverCanStay()).isEqualTo(one.chances().coverCanStay());
    }

    @Test
    void groups_moves_that_fail_alike() {
        assertThat(eliminate(fen("6k1/5ppp/1n6/8/8/1N6/5PPP/3R2K1 b - - 0 1")).groups())
                .extracting(CandidateGroup::text)
                .anyMatch(t -> t.contains("the same Rd8 (back rank)"));
    }

    @Test
    void is_cancelled_at_once_and_finds_nothing_in_a_finished_game() {
        Cancellation cancelled = new Cancellation();
        cancelled.cancel();
        assertThatThrownBy(() -> new Eliminator(evaluator(cancelled)).run(fen(BACK_RANK), e -> {}))
                .isInstanceOf(CancellationException.class);
        Position mated = fen("3R2k1/5ppp/8/8/8/8/5PPP/6K1 b - - 0 1");
        assertThat(new Eliminator(evaluator()).run(mated, e -> {})).isEmpty();
    }
}
