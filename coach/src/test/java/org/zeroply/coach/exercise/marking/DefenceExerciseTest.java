package org.zeroply.coach.exercise.marking;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.CancellationException;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.board.Side;
import org.zeroply.chess.notation.PgnEntry;
import org.zeroply.chess.notation.PgnReader;
import org.zeroply.chess.notation.PgnWriter;
import org.zeroply.chess.notation.San;
import org.zeroply.chess.tree.MoveTree;
import org.zeroply.coach.SharedEngine;
import org.zeroply.coach.defence.elimination.Eliminator;
import org.zeroply.coach.evaluation.MoveEvaluator;
import org.zeroply.coach.evaluation.MoveEvaluators;
import org.zeroply.coach.exercise.draft.DefenceDraft;
import org.zeroply.coach.exercise.find.DefenceFinder;
import org.zeroply.coach.exercise.find.Prospect;
import org.zeroply.coach.exercise.find.Wishes;
import org.zeroply.coach.exercise.scheme.DefenceTask;
import org.zeroply.coach.exercise.scheme.Exercise;
import org.zeroply.coach.exercise.scheme.MarkingScheme;
import org.zeroply.engine.analysis.Cancellation;
import org.zeroply.engine.analysis.Engine;
import org.zeroply.engine.endings.Endings;

/** Exercises in defending: drafted, marked, held against the engine, found in games. */
@Tag("slow")
class DefenceExerciseTest {

    /** Black threatens the rook twice over; it takes the queen, or wins by a check first. */
    private static final String POSITION = "5rk1/5ppp/8/8/6Q1/1P4P1/1PqR1P1P/6K1 w - - 0 1";

    private static final String BACK_RANK = "6k1/5ppp/8/8/8/8/r4PPP/3R2K1 b - - 0 1";

    private final Engine engine = new SharedEngine(16);
    private final MoveEvaluator evaluator =
            new MoveEvaluator(engine, Endings.NONE, Eliminator.NODES, new Cancellation());

    private DefenceDraft.Result draft(String fen, DefenceTask task) {
        return new DefenceDraft(MoveEvaluators.alone(evaluator))
                .draft(Position.fromFen(fen), task, p -> {})
                .orElseThrow();
    }

    @ParameterizedTest
    @CsvSource({
        POSITION + ", ELIMINATION",
        POSITION + ", THREAT",
        BACK_RANK + ", WAYS_OUT",
        POSITION + ", HOLD",
        BACK_RANK + ", ELIMINATION",
        BACK_RANK + ", THREAT",
        BACK_RANK + ", CHEAPEST"
    })
    void each_task_is_drafted_with_points_and_survives_pgn(String fen, DefenceTask task) {
        MoveTree tree = draft(fen, task).tree().orElseThrow();
        MoveTree again = ((PgnEntry.Game) PgnReader.readAll(PgnWriter.write(tree)).get(0)).tree();

        assertThat(DefenceTask.of(again)).contains(task);
        assertThat(Exercise.of(again).kind()).isEqualTo(DefenceTask.KIND);
        assertThat(MarkingScheme.of(again).sum()).isEqualTo(20);
        Side asked = Position.fromFen(fen).sideToMove();
        Side moves = task == DefenceTask.THREAT ? asked.other() : asked;
        assertThat(again.start().sideToMove()).isEqualTo(moves);
    }

    @Test
    void what_cannot_be_drafted_is_told() {
        String lost = "6k1/5ppp/1n6/8/8/1N6/5PPP/3R2K1 b - - 0 1";
        assertThat(draft(lost, DefenceTask.ELIMINATION).why()).contains("Nothing is proved");
        assertThat(draft(POSITION, DefenceTask.HIT_BACK).why()).contains("Hitting back");
    }

    @Test
    void an_elimination_tells_refuted_from_dismissed_overlooked_and_kept() {
        MoveTree tree = draft(POSITION, DefenceTask.ELIMINATION).tree().orElseThrow();
        Exercise exercise = Exercise.of(tree);
        String answer = "Rxc2 +-\nRd5 Qxb3 +=\nRd8\nRd3 =\n";
        MarkedSheet sheet =
                new Marker(exercise, Optional.of(new LineChecker(engine, Endings.NONE, 20_000)))
                        .mark(WrittenAnswer.parse(tree.start(), answer), new Cancellation());

        assertThat(why(sheet, "1.Rxc2")).contains("found in row 1");
        assertThat(why(sheet, "1.Rd8")).contains("dismissed without a line");
        assertThat(why(sheet, "1.Rd3")).contains("was kept, but it fails");
        assertThat(sheet.items())
                .extracting(MarkedSheet.ItemMark::why)
                .anyMatch(why -> why.contains("was overlooked"));
        assertThat(sheet.verdictRight()).isTrue();
    }

    @Test
    void another_refutation_earns_its_points_when_it_is_sound() throws Exception {
        MoveTree tree = draft(BACK_RANK, DefenceTask.ELIMINATION).tree().orElseThrow();
        MarkingScheme.Item refutation =
                MarkingScheme.of(tree).items().stream()
                        .filter(i -> i.node().depth() == 2)
                        .filter(i -> i.node().position().legalMoves().size() > 0)
                        .findFirst()
                        .orElseThrow();
        Position before = refutation.node().parent().orElseThrow().position();
        Move candidate = refutation.node().parent().orElseThrow().move();
        String own = San.write(tree.start(), candidate);
        String bad =
                before.legalMoves().stream()
                        .filter(m -> !m.equals(refutation.node().move()))
                        .min(Comparator.comparing(m -> evaluator.weigh(before, m).expected()))
                        .map(m -> San.write(before, m))
                        .orElseThrow();
        MarkedSheet sheet =
                new Marker(
                                Exercise.of(tree),
                                Optional.of(new LineChecker(engine, Endings.NONE, 20_000)))
                        .mark(
                                WrittenAnswer.parse(tree.start(), own + " " + bad),
                                new Cancellation());

        assertThat(why(sheet, refutation.line())).contains("does not refute");
    }

    private static String why(MarkedSheet sheet, String line) {
        return sheet.items().stream()
                .filter(i -> i.line().startsWith(line))
                .map(MarkedSheet.ItemMark::why)
                .findFirst()
                .orElseThrow();
    }

    // ---- Holding --------------------------------------------------------------------------------

    private HoldGame hold() {
        MoveTree tree = draft(BACK_RANK, DefenceTask.HOLD).tree().orElseThrow();
        return new HoldGame(
                Exercise.of(tree),
                c -> new MoveEvaluator(engine, Endings.NONE, Eliminator.NODES, c),
                engine,
                1);
    }

    @Test
    void good_moves_keep_everything_and_a_blunder_nothing() throws Exception {
        HoldGame good = hold();
        while (!good.isOver()) {
            Position now = good.position();
            good.play(
                    evaluator.among(now, now.legalMoves()).orElseThrow().move(),
                    new Cancellation());
        }
        assertThat(good.steps()).hasSizeLessThanOrEqualTo(good.moves());
        assertThat(good.kept()).isEqualTo(1);
        assertThat(good.sheet().points()).isEqualTo(good.sheet().max());

        HoldGame bad = hold();
        bad.play(San.read(bad.position(), "Kh8"), new Cancellation());
        assertThat(bad.kept()).isZero();
        assertThat(bad.sheet().points()).isZero();
        assertThat(bad.sheet().rows().get(0).status()).isEqualTo(MarkedSheet.Status.REFUTED);
        assertThat(bad.isOver()).isTrue();
        assertThatThrownBy(() -> bad.play(Move.NULL, new Cancellation()))
                .isInstanceOf(IllegalArgumentException.class);
    }

    @Test
    void a_move_that_was_cancelled_was_not_played() throws Exception {
        HoldGame game = hold();
        Move move = San.read(game.position(), "Kh8");
        Cancellation cancelled = new Cancellation();
        cancelled.cancel();
        assertThatThrownBy(() -> game.play(move, cancelled))
                .isInstanceOf(CancellationException.class);
        assertThat(game.played()).isEmpty();
        assertThat(game.steps()).isEmpty();
        game.play(move, new Cancellation());
        assertThat(game.played()).isNotEmpty();
    }

    // ---- Finding --------------------------------------------------------------------------------

    @Test
    void a_game_with_one_defence_among_many_moves_is_found() {
        String pgn =
                """
                [Event "Harbour cup"]
                [White "Tern, Ada"]
                [Black "Skua, Ben"]
                [SetUp "1"]
                [FEN "r3r1k1/5pbp/3Q2p1/3pp3/1B3nq1/1NP5/PPB2PPP/R4RK1 w - - 0 20"]

                20. Kh1 Kh8 21. Kg1 Kg8 22. Kh1 Kh8 23. Kg1 Kg8
                24. Kh1 Kh8 25. Kg1 Kg8 26. Kh1 Kh8 27. Kg1 Kg8 28. g3 *
                """;
        MoveTree game = ((PgnEntry.Game) PgnReader.readAll(pgn).get(0)).tree();
        DefenceFinder finder =
                new DefenceFinder(engine, Endings.NONE, Eliminator.NODES, Wishes.ANY);
        List<Prospect> found = finder.in(game, p -> {}, new Cancellation()).orElseThrow();

        assertThat(found).isNotEmpty();
        assertThat(found).allMatch(Prospect::isDefence).allMatch(p -> p.tempting().size() >= 2);
        DefenceFinder hasty = new DefenceFinder(engine, Endings.NONE, 60, Wishes.ANY);
        assertThat(hasty.in(game, p -> {}, new Cancellation())).isPresent();
        Cancellation cancelled = new Cancellation();
        cancelled.cancel();
        assertThat(finder.in(game, p -> {}, cancelled)).isEmpty();
    }
}
