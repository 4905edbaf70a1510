package org.zeroply.desktop.solve;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.zeroply.chess.notation.PgnEntry;
import org.zeroply.chess.notation.PgnReader;
import org.zeroply.chess.tree.MoveTree;
import org.zeroply.coach.exercise.marking.LineChecker;
import org.zeroply.desktop.work.SteppingClock;
import org.zeroply.engine.analysis.Cancellation;
import org.zeroply.engine.endings.Endings;
import org.zeroply.engine.search.BuiltInEngine;
import org.zeroply.library.student.Attempt;
import org.zeroply.library.student.Student;

class SolveModelTest {

    private static final String SCHEME =
            """
            [ZpKind "calculation"]
            [SetUp "1"]
            [FEN "4k3/5ppp/8/1q1N4/4P3/8/5PPP/6K1 w - - 0 1"]

            1. Nc7+ {[%zp.pts 5]} Kd7 2. Nxb5 $18 {[%zp.pts 5 verdict]} *
            """;

    private final SteppingClock clock = new SteppingClock();
    private final SolveModel model =
            new SolveModel(scheme(), 7, "A fork", new Student(3, "abc", "Nora", 1500, ""), clock);

    @Test
    void the_clock_runs_from_the_beginning_to_the_commit() {
        clock.step(60);
        assertThat(model.stage()).isEqualTo(SolveModel.Stage.READY);
        assertThat(model.elapsed()).isEqualTo(Duration.ZERO);
        model.begin();
        clock.step(95);
        assertThat(model.elapsed()).isEqualTo(Duration.ofSeconds(95));
        assertThat(model.commit()).isEqualTo(95);
        assertThat(model.stage()).isEqualTo(SolveModel.Stage.COMMITTED);
    }

    @Test
    void a_row_tells_only_whether_it_can_be_read() {
        assertThat(model.problem("1.Nc7+ Kd7 2.Nxb5 +-")).isEmpty();
        assertThat(model.problem("1.Nf6+")).as("another legal move").isEmpty();
        assertThat(model.problem("1.Nd8")).hasValueSatisfying(p -> assertThat(p).contains("Nd8"));
        assertThat(model.problem("")).isEmpty();
    }

    @Test
    void an_answer_is_marked_and_logged_with_time_and_text() {
        model.begin();
        clock.step(40);
        int seconds = model.commit();
        String answer = SolveModel.answer(List.of(" 1.Nc7+ Kd7 2.Nxb5 +- ", "", "  "));
        assertThat(answer).isEqualTo("1.Nc7+ Kd7 2.Nxb5 +-");
        LineChecker checker =
                new LineChecker(new BuiltInEngine(1), Endings.NONE, LineChecker.NODES);
        Attempt attempt = model.mark(answer, seconds, checker, new Cancellation());
        assertThat(attempt.marking().points()).isEqualTo(10);
        assertThat(attempt.marking().max()).isEqualTo(10);
        assertThat(attempt.work().seconds()).isEqualTo(40);
        assertThat(attempt.studentId()).isEqualTo(3);
        assertThat(attempt.work().answer()).isEqualTo(answer);
    }

    @Test
    void drafts_of_different_students_do_not_meet() {
        SolveModel other =
                new SolveModel(
                        scheme(), 7, "A fork", new Student(4, "xyz", "Tom", 1400, ""), clock);
        assertThat(other.draftName()).isNotEqualTo(model.draftName());
    }

    private static MoveTree scheme() {
        return ((PgnEntry.Game) PgnReader.readAll(SCHEME).get(0)).tree();
    }
}
