package org.zeroply.coach.exercise.marking;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.notation.San;
import org.zeroply.coach.ScriptedEngine;
import org.zeroply.engine.analysis.Cancellation;
import org.zeroply.engine.endings.Endings;

class LineCheckerTest {

    private static final long NODES = 1_000;

    /**
     * Prefers the first of the moves it is asked about, by so much at a brief and a longer look.
     */
    private static ScriptedEngine opinion(double brief, double longer, Cancellation cancels) {
        return new ScriptedEngine(
                (request, move) -> {
                    cancels.cancel();
                    boolean one = request.candidates().size() == 1;
                    double loss = request.limits().nodes() > NODES ? longer : brief;
                    return one ? 0.6 - loss : 0.6;
                });
    }

    private static Optional<LineChecker.Failure> check(
            double brief, double longer, Cancellation cancellation, Cancellation cancelled)
            throws Exception {
        Position start = Position.START;
        Move last = start.legalMoves().get(start.legalMoves().size() - 1);
        return new LineChecker(opinion(brief, longer, cancelled), Endings.NONE, NODES)
                .firstFailure(start, List.of(last), 0, cancellation);
    }

    @ParameterizedTest
    @CsvSource({
        "0.30, 0.30, true",
        // A longer look finds that it holds.
        "0.30, 0.05, false",
        "0.12, 0.09, false",
        // What seems to hold is not looked at again.
        "0.05, 0.30, false",
    })
    void only_what_fails_at_a_longer_look_too_is_refuted(
            double brief, double longer, boolean refuted) throws Exception {
        Optional<LineChecker.Failure> failure =
                check(brief, longer, new Cancellation(), new Cancellation());
        assertThat(failure.isPresent()).isEqualTo(refuted);
        failure.ifPresent(f -> assertThat(f.loss()).isEqualTo(longer));
    }

    @Test
    void a_cancelled_check_refutes_nothing() throws Exception {
        Cancellation cancellation = new Cancellation();
        assertThat(check(0.3, 0.3, cancellation, cancellation)).isEmpty();
        assertThat(cancellation.isCancelled()).isTrue();
    }

    @Test
    void an_ending_that_can_be_solved_is_judged_by_its_solution() throws Exception {
        // The opinion prefers another move; the solution says that both draw.
        Position start = Position.fromFen("8/8/4k3/8/4K3/4P3/8/8 w - - 0 1");
        LineChecker checker =
                new LineChecker(opinion(0.5, 0.5, new Cancellation()), Endings.NONE, 10_000);
        Move waits = San.read(start, "Kf3");
        assertThat(checker.firstFailure(start, List.of(waits), 0, new Cancellation())).isEmpty();
    }
}
