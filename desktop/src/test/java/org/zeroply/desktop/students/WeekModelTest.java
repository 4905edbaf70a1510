package org.zeroply.desktop.students;

import static org.assertj.core.api.Assertions.assertThat;
import static org.zeroply.desktop.work.Fx.run;
import static org.zeroply.desktop.work.Fx.until;

import java.time.Clock;
import java.util.List;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.zeroply.chess.board.Symmetry;
import org.zeroply.desktop.work.ModelTest;
import org.zeroply.library.student.Assignment;
import org.zeroply.library.student.Student;
import org.zeroply.library.student.StudentPlan;

/** The week of a student, without the desk. */
class WeekModelTest extends ModelTest {

    private static final String EXERCISE =
            """
            [ZpKind "calculation"]
            [ZpTitle "%s"]
            [ZpMinutes "5"]
            [SetUp "1"]
            [FEN "6k1/5ppp/8/8/8/8/%s/6K1 w - - 0 1"]

            1. Ra8# {[%%zp.pts 10]} *
            """;

    private Student nora;
    private StudentsModel students;
    private WeekModel week;
    private long first;

    @BeforeEach
    void open() throws Exception {
        nora = services.library().students().add("Nora", 1500);
        first = services.library().sheets().add(EXERCISE.formatted("Back rank", "R4PPP"));
        services.library().sheets().add(EXERCISE.formatted("Again", "R3QPPP"));
        run(
                () -> {
                    students = new StudentsModel(services, Clock.systemUTC());
                    week = new WeekModel(services, students, students.trail()::undo);
                    week.show(nora);
                });
        until(() -> week.planProperty().get().isPresent());
    }

    private void assigned(long day) throws Exception {
        int before = week.assignments().size();
        services.library()
                .assignments()
                .add(nora.id(), first, Symmetry.MIRRORED, day, 5, "for a test");
        run(() -> week.show(nora));
        until(() -> week.assignments().size() == before + 1);
    }

    private Assignment only() {
        assertThat(week.assignments()).hasSize(1);
        return week.assignments().get(0);
    }

    @Test
    void an_exercise_is_assigned_for_a_day_with_its_minutes() throws Exception {
        StudentPlan plan = week.planProperty().get().get();
        run(() -> week.assign(plan.results().exercises().get(0), week.today() + 2));
        until(() -> week.assignments().size() == 1);
        assertThat(only().homework().minutes()).isEqualTo(5);
        assertThat(week.on(week.today() + 2, week.today())).containsExactly(only());
        assertThat(week.words()).startsWith("Nora: 1 exercise to solve; 0 that were missed");
    }

    @Test
    void what_is_overdue_stands_on_today_and_on_no_later_day() throws Exception {
        assigned(week.today() - 3);
        assertThat(week.on(week.today(), week.today())).hasSize(1);
        assertThat(week.on(week.today() + 1, week.today() + 1)).isEmpty();
        assertThat(week.on(week.today() - 3, week.today() - 7)).hasSize(1);
    }

    @Test
    void a_card_moved_goes_back_and_forth_with_undo() throws Exception {
        long day = week.today() + 1;
        assigned(day);
        run(() -> week.move(only(), day + 3));
        until(() -> only().dueDay() == day + 3);
        run(() -> students.trail().undo());
        until(() -> only().dueDay() == day);
        run(() -> students.trail().redo());
        until(() -> only().dueDay() == day + 3);
    }

    @Test
    void a_card_dropped_where_it_lay_is_nothing_to_take_back() throws Exception {
        assigned(week.today());
        run(() -> week.move(only(), week.today()));
        assertThat(students.trail().undo()).as("something to take back").isFalse();
    }

    @Test
    void a_card_taken_out_comes_back_the_same() throws Exception {
        assigned(week.today() + 1);
        Assignment card = only();
        run(() -> week.remove(card));
        until(() -> week.assignments().isEmpty());
        assertThat(said()).isEqualTo("Taken out: Back rank (mirrored).");
        run(() -> students.trail().undo());
        until(() -> week.assignments().size() == 1);
        assertThat(only()).usingRecursiveComparison().ignoringFields("id").isEqualTo(card);
        run(() -> students.trail().redo());
        until(() -> week.assignments().isEmpty());
    }

    @Test
    void only_what_was_done_can_be_gone_through() throws Exception {
        assigned(week.today());
        run(() -> week.goneThrough(only()));
        assertThat(said()).isEqualTo("This is assigned, not done.");
        services.library().assignments().done(only().id(), "an attempt");
        run(() -> week.show(nora));
        until(() -> only().state() == Assignment.State.DONE);
        run(() -> week.goneThrough(only()));
        until(() -> only().state() == Assignment.State.MARKED);
        assertThat(only().isOpen()).isFalse();
    }

    @Test
    void a_proposed_week_lies_in_the_seven_days_to_come() throws Exception {
        run(() -> week.propose(60));
        until(() -> !week.assignments().isEmpty());
        List<Long> days = week.assignments().stream().map(Assignment::dueDay).toList();
        assertThat(days)
                .allMatch(d -> d > week.today() && d <= week.today() + WeekModel.DAYS)
                .isSorted();
        assertThat(said()).startsWith("Proposed");
    }

    @Test
    void a_week_without_a_minute_has_no_cards_and_says_so() throws Exception {
        run(() -> week.propose(0));
        until(() -> said().startsWith("Nothing fits"));
        assertThat(week.assignments()).isEmpty();
    }
}
