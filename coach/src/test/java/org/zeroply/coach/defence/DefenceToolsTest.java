package org.zeroply.coach.defence;

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
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.board.Side;
import org.zeroply.chess.board.Square;
import org.zeroply.chess.board.Symmetry;
import org.zeroply.chess.notation.San;
import org.zeroply.coach.ScriptedEngine;
import org.zeroply.coach.SharedEngine;
import org.zeroply.coach.evaluation.Holding;
import org.zeroply.coach.evaluation.MoveEvaluator;
import org.zeroply.coach.evaluation.MoveEvaluators;
import org.zeroply.coach.evaluation.Weighed;
import org.zeroply.engine.analysis.Cancellation;
import org.zeroply.engine.analysis.Engine;
import org.zeroply.engine.endings.Endings;

/** The single questions of the workshop, on positions of our own. */
class DefenceToolsTest {

    /** White threatens mate on the back rank; h6, Kf8 and the rook at home hold. */
    private static final String BACK_RANK = "6k1/5ppp/8/8/8/8/r4PPP/3R2K1 b - - 0 1";

    private static final long CHECK_NODES = 1_000_000;

    private static MoveEvaluator evaluator() {
        return evaluator(new Cancellation());
    }

    private static MoveEvaluator evaluator(Cancellation cancellation) {
        return new MoveEvaluator(
                new SharedEngine(16), Endings.NONE, Eliminator.NODES, cancellation);
    }

    private static Position fen(String fen) {
        return Position.fromFen(fen);
    }

    private static Elimination eliminate(Position position) {
        return new Eliminator(evaluator()).run(position, e -> {}).orElseThrow();
    }

    // ---- Elimination ----------------------------------------------------------------------------

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
        assertThat(two.coverCanStay()).isEqualTo(one.coverCanStay());
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

    // ---- Checks ---------------------------------------------------------------------------------

    private static ChecksEnough checks(String fen) {
        return ChecksEnough.of(fen(fen), CHECK_NODES, new Cancellation());
    }

    @Test
    void checks_mate_go_on_win_or_run_out() {
        ChecksEnough smothered = checks("5rk1/5Npp/8/8/2Q5/8/5PPP/6K1 w - - 0 1");
        assertThat(smothered.outcome()).isEqualTo(ChecksEnough.Outcome.MATE);
        assertThat(smothered.kingPath()).containsExactly(Square.G8, Square.H8);

        ChecksEnough perpetual = checks("6k1/5ppp/8/8/4q3/8/Q5P1/6K1 b - - 0 1");
        assertThat(perpetual.outcome()).isEqualTo(ChecksEnough.Outcome.PERPETUAL);

        ChecksEnough fork = checks("r5k1/5ppp/8/8/8/8/5PPP/N5K1 w - - 0 1");
        assertThat(fork.outcome()).isEqualTo(ChecksEnough.Outcome.NONE);
        ChecksEnough wins = checks("r3k3/8/8/3N4/8/8/5PPP/6K1 w - - 0 1");
        assertThat(wins.outcome()).isEqualTo(ChecksEnough.Outcome.WINS);
        assertThat(wins.gain()).isGreaterThanOrEqualTo(400);

        ChecksEnough out = checks("2q3k1/5pp1/6r1/4Q3/8/8/5PPP/6K1 w - - 0 1");
        assertThat(out.outcome()).isEqualTo(ChecksEnough.Outcome.RUN_OUT);
        assertThat(out.checks()).isPositive();
    }

    // ---- Wishes ---------------------------------------------------------------------------------

    private static Wish wish(String fen, String from, String to) {
        return new WishFinder(evaluator())
                .find(fen(fen), Square.parse(from), Square.parse(to), p -> {});
    }

    @Test
    void a_pinned_pawn_can_advance_once_the_king_has_stepped_aside() {
        String pinned = "4k3/pp4pp/2p1p3/2b5/4P3/3B4/PP3PPP/6K1 w - - 0 1";
        Wish wish = wish(pinned, "f2", "f4");

        assertThat(wish.now()).isEmpty();
        assertThat(wish.worksNow()).isFalse();
        assertThat(wish.sets()).isNotEmpty();
        Wish.Preparation first = wish.sets().get(0);
        assertThat(first.moves()).hasSize(1);
        Position end = wish.position();
        for (Move move : first.line()) {
            end = end.play(move);
        }
        assertThat(end.pieceAt(Square.parse("f4"))).isPresent();
        assertThat(first.shots()).hasSize(1);
    }

    @Test
    void a_wish_that_costs_nothing_works_at_once() {
        assertThat(wish("4k3/4p3/8/3n4/8/8/2P1P3/4K3 w - - 0 1", "c2", "c4").worksNow()).isTrue();
        assertThatThrownBy(() -> wish(BACK_RANK, "e4", "e5"))
                .isInstanceOf(IllegalArgumentException.class);
    }

    // ---- Fortresses -----------------------------------------------------------------------------

    private static FortressTrial.Report fortress(String fen, Side holding) {
        return new FortressTrial(evaluator().withNodes(3_000)).run(fen(fen), holding, 30, p -> {});
    }

    @Test
    void a_fortress_holds_and_a_bare_king_falls() {
        FortressTrial.Report wrongBishop = fortress("k7/8/K7/P7/8/8/8/4B3 b - - 0 1", Side.BLACK);
        assertThat(wrongBishop.outcome()).isNotEqualTo(FortressTrial.Outcome.FALLS);

        FortressTrial.Report bare = fortress("4k3/8/8/8/8/8/3QR3/4K3 b - - 0 1", Side.BLACK);
        assertThat(bare.outcome()).isEqualTo(FortressTrial.Outcome.FALLS);
        assertThat(bare.move()).isPositive();
    }

    // ---- What if --------------------------------------------------------------------------------

    @Test
    void a_table_shows_what_one_pawn_decides() throws Exception {
        Position base = fen(BACK_RANK);
        Position without = fen("6k1/5pp1/7p/8/8/8/r4PPP/3R2K1 b - - 0 1");
        List<Move> defences = List.of(San.read(base, "Kh8"), San.read(base, "h6"));
        WhatIf table =
                WhatIf.of(
                        List.of(new WhatIf.Row("as it is", base), WhatIf.Row.of(base, without)),
                        defences,
                        Holding.DRAW,
                        evaluator(),
                        p -> {});

        assertThat(table.rows().get(1).name()).isEqualTo("Black's pawn h7 on h6");
        assertThat(states(table, 0)).containsExactly(WhatIf.State.FAILS, WhatIf.State.WORKS);
        assertThat(table.cells().get(1).get(1).state()).isEqualTo(WhatIf.State.IMPOSSIBLE);
        WhatIfRows read = WhatIfRows.parse(WhatIfRows.of(table).text());
        assertThat(read.rows()).isEqualTo(table.rows());
        assertThat(read.defences()).isEqualTo(defences);
        assertThat(table.without(1).rows()).hasSize(1);
    }

    private static List<WhatIf.State> states(WhatIf table, int row) {
        return table.cells().get(row).stream().map(WhatIf.Cell::state).toList();
    }

    @Test
    void variants_are_proposed_that_turn_a_verdict() throws Exception {
        Position base = fen(BACK_RANK);
        List<Move> defences = List.of(San.read(base, "Kh8"), San.read(base, "h6"));
        WhatIf table =
                new VariantProposer(evaluator()).propose(base, defences, Holding.DRAW, 3, p -> {});

        assertThat(table.rows()).hasSizeBetween(2, 4);
        for (int row = 1; row < table.rows().size(); row++) {
            assertThat(table.turned(row)).as(table.rows().get(row).name()).isPositive();
        }
    }

    // ---- Active defence -------------------------------------------------------------------------

    @Test
    void active_defence_stands_beside_the_best_quiet_move() {
        String fen = "2kr3r/ppp2ppp/2n5/2b1q3/4P1b1/2NB1N2/PPPQ1PPP/R4RK1 w - - 0 1";
        Elimination found = eliminate(fen(fen));
        ActiveDefence active = new ActiveDefence(new SharedEngine(16), 2_000);
        List<ActiveDefence.Try> tries = active.tries(found);

        assertThat(tries).hasSizeGreaterThan(1);
        assertThat(tries.get(0).given()).isZero();
        assertThat(tries.subList(1, tries.size())).allMatch(t -> t.given() > 0);
        assertThat(active.measured(fen(fen), tries.get(1), new Cancellation()).width()).isPresent();
    }
}
