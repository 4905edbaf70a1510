package org.zeroply.coach.evaluation;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.Map;
import java.util.concurrent.CancellationException;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.notation.NotationException;
import org.zeroply.chess.notation.San;
import org.zeroply.coach.ScriptedEngine;
import org.zeroply.engine.analysis.Cancellation;
import org.zeroply.engine.analysis.Engine;
import org.zeroply.engine.analysis.ExpectedScore;
import org.zeroply.engine.search.BuiltInEngine;

class MoveEvaluatorTest {

    private static final long NODES = 1_000;

    private static ScriptedEngine saying(Map<String, Double> worth) {
        return saying(worth, Map.of());
    }

    /**
     * @param alone what is found when a move is looked at alone
     */
    private static ScriptedEngine saying(Map<String, Double> worth, Map<String, Double> alone) {
        return new ScriptedEngine(
                (request, move) -> {
                    String san = San.write(request.position(), move);
                    double usual = worth.getOrDefault(san, 0.1);
                    boolean one = request.candidates().size() == 1;
                    return one ? alone.getOrDefault(san, usual) : usual;
                });
    }

    private static MoveEvaluator evaluator(Engine engine) {
        return new MoveEvaluator(engine, NODES, new Cancellation());
    }

    @Test
    void what_was_asked_in_one_piece_of_work_is_not_asked_again_on_as_many_nodes_or_fewer()
            throws NotationException {
        ScriptedEngine engine = saying(Map.of("e4", 0.6));
        MoveEvaluator evaluator = evaluator(engine).remembering();
        Move e4 = San.read(Position.START, "e4");
        Choice first = evaluator.all(Position.START).orElseThrow();
        Weighed weighed = evaluator.weigh(Position.START, e4);
        assertThat(engine.asked()).hasSize(2);

        MoveEvaluator fewer = evaluator.brief(2);
        assertThat(evaluator.all(Position.START)).contains(first);
        assertThat(fewer.all(Position.START)).contains(first);
        assertThat(fewer.weigh(Position.START, e4)).isEqualTo(weighed);
        assertThat(engine.asked()).hasSize(2);

        MoveEvaluator more = evaluator.withNodes(2 * NODES);
        more.all(Position.START);
        more.weigh(Position.START, e4);
        assertThat(engine.asked()).hasSize(4);
        // What more nodes said is said on fewer, too.
        evaluator.all(Position.START);
        evaluator.weigh(Position.START, e4);
        assertThat(engine.asked()).hasSize(4);
    }

    @Test
    void nothing_is_remembered_from_one_piece_of_work_to_the_next() {
        ScriptedEngine engine = saying(Map.of());
        MoveEvaluator evaluator = evaluator(engine);
        evaluator.choice(Position.START);
        evaluator.choice(Position.START);
        assertThat(engine.asked()).hasSize(2);
    }

    @ParameterizedTest(name = "e4 {0}, d4 {1}, alone {2}: {3}")
    @CsvSource({
        "0.60, 0.50, 0.62, d4",
        "0.60, 0.50, 0.55, e4",
        // Too far behind to be looked at again.
        "0.60, 0.40, 0.62, e4",
        // The best move draws, and the other one may draw, too.
        "0.52, 0.31, 0.53, d4",
        "0.52, 0.19, 0.53, e4",
        // Both win: the other one may be as good.
        "0.97, 0.82, 0.98, d4",
    })
    void what_may_do_as_well_as_the_best_move_is_looked_at_alone(
            double best, double other, double alone, String comesFirst) {
        ScriptedEngine engine = saying(Map.of("e4", best, "d4", other), Map.of("d4", alone));
        Choice choice = evaluator(engine).thorough(Position.START, 3, NODES).orElseThrow();
        assertThat(San.write(Position.START, choice.best().move())).isEqualTo(comesFirst);
    }

    @ParameterizedTest(name = "d4 {0}, when looked at longer {1}: {2}")
    @CsvSource({
        // Near: looked at again, and best.
        "0.50, 0.70, d4",
        "0.50, 0.40, e4",
        // Too far behind to be looked at again.
        "0.25, 0.90, e4",
    })
    void rivals_are_looked_at_longer_before_one_move_is_asked_for(
            double now, double longer, String comesFirst) {
        ScriptedEngine engine =
                new ScriptedEngine(
                        (asked, move) ->
                                switch (move.coordinates()) {
                                    case "e2e4" -> 0.6;
                                    case "d2d4" -> asked.limits().nodes() > NODES ? longer : now;
                                    default -> 0.1;
                                });
        MoveEvaluator evaluator = evaluator(engine);
        Choice brief = evaluator.choice(Position.START, 3).orElseThrow();
        int before = engine.asked().size();
        Choice choice = evaluator.longer(brief, 2, 4 * NODES);
        assertThat(San.write(Position.START, choice.best().move())).isEqualTo(comesFirst);
        assertThat(choice.moves()).hasSize(3);
        boolean near = now > 0.4;
        assertThat(engine.asked().size() - before).isEqualTo(near ? 2 : 0);
    }

    @Test
    void a_choice_on_a_fixed_number_of_nodes_tells_whether_it_held() {
        Position p = Position.fromFen("6k1/5ppp/8/8/8/8/q4PPP/3R2K1 w - - 0 1");
        MoveEvaluator evaluator = evaluator(new BuiltInEngine(1)).withNodes(20_000);
        assertThat(evaluator.choice(p).orElseThrow().sureness().settled()).isTrue();
    }

    @Test
    void as_many_moves_are_wide_as_are_hardly_weaker_than_the_best() {
        ScriptedEngine engine = saying(Map.of("e4", 0.6, "d4", 0.55, "c4", 0.51, "Nf3", 0.45));
        Choice all = evaluator(engine).all(Position.START).orElseThrow();
        assertThat(all.moves()).hasSize(20);
        assertThat(all.width()).isEqualTo(3);
        // A longer look found more in the best one; or so much that it stands alone.
        assertThat(all.width(new ExpectedScore(0.64))).isEqualTo(2);
        assertThat(all.width(new ExpectedScore(0.99))).isEqualTo(1);
    }

    @ParameterizedTest(name = "{0}: {1}")
    @CsvSource({
        "6Qk/5K2/8/8/8/8/8/8 b - - 0 1, 0.0",
        "7k/5K2/6Q1/8/8/8/8/8 b - - 0 1, 0.5",
    })
    void a_finished_game_is_worth_what_it_brought(String fen, double worth) {
        ScriptedEngine engine = saying(Map.of());
        assertThat(evaluator(engine).expected(Position.fromFen(fen)).value()).isEqualTo(worth);
        assertThat(engine.asked()).isEmpty();
    }

    @Test
    void a_move_loses_what_the_position_after_it_promises_less() throws NotationException {
        ScriptedEngine engine = saying(Map.of("e4", 0.6, "e5", 0.45, "d5", 0.7));
        MoveEvaluator evaluator = evaluator(engine);
        Move e4 = San.read(Position.START, "e4");
        Move d4 = San.read(Position.START, "d4");
        // After both moves Black plays d5, and 0.3 is left of 0.6.
        assertThat(evaluator.loss(Position.START, e4).points()).isCloseTo(30, within(1e-9));
        assertThat(evaluator.loss(Position.START, d4, e4).points()).isZero();
    }

    @Test
    void a_cancelled_question_has_no_answer() {
        Cancellation cancellation = new Cancellation();
        MoveEvaluator evaluator =
                new MoveEvaluator(saying(Map.of()), NODES, cancellation).remembering();
        cancellation.cancel();
        assertThatThrownBy(() -> evaluator.all(Position.START))
                .isInstanceOf(CancellationException.class);
        assertThatThrownBy(() -> evaluator.toDepth(Position.START, 3))
                .isInstanceOf(CancellationException.class);
    }
}
