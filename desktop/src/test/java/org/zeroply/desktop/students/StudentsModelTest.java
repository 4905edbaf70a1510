package org.zeroply.desktop.students;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.tuple;
import static org.zeroply.desktop.work.Fx.run;
import static org.zeroply.desktop.work.Fx.until;

import java.time.Clock;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalLong;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.zeroply.chess.board.Symmetry;
import org.zeroply.desktop.work.ModelTest;
import org.zeroply.library.sheet.BinStore;
import org.zeroply.library.student.Attempt;
import org.zeroply.library.student.Marking;
import org.zeroply.library.student.Student;
import org.zeroply.library.student.WrittenWork;

/** The roster and the attempts of one student, without the desk. */
class StudentsModelTest extends ModelTest {

    private static final String EXERCISE =
            """
            [ZpKind "calculation"]
            [ZpTitle "Back rank"]
            [SetUp "1"]
            [FEN "6k1/5ppp/8/8/8/8/5PPP/R5K1 w - - 0 1"]

            1. Ra8# {[%zp.pts 10]} *
            """;

    private Student ada;
    private Student ben;
    private StudentsModel model;

    @BeforeEach
    void open() throws Exception {
        ben = services.library().students().add("Ben", 1400);
        ada = services.library().students().add("Ada", 1700);
        run(() -> model = new StudentsModel(services, Clock.systemUTC()));
        read();
    }

    private void read() throws Exception {
        run(model::read);
        until(() -> !model.lines().isEmpty());
    }

    private List<String> names() {
        return model.lines().stream().map(l -> l.student().name()).toList();
    }

    private void choose(Student student) {
        run(
                () ->
                        model.choose(
                                model.lines().stream()
                                        .filter(l -> l.student().id() == student.id())
                                        .findFirst()));
    }

    private void tried(Student student, int points) {
        services.library()
                .attempts()
                .add(
                        new Attempt(
                                0,
                                student.name() + points,
                                student.id(),
                                new WrittenWork(
                                        OptionalLong.empty(),
                                        "Back rank",
                                        EXERCISE,
                                        Instant.parse("2026-03-01T10:00:00Z"),
                                        60,
                                        "1.Ra8#"),
                                new Marking(points, 10, true, "{}", List.of(), false)));
    }

    @Test
    void the_roster_is_by_name_and_its_first_is_looked_at() {
        assertThat(names()).containsExactly("Ada", "Ben");
        assertThat(model.student()).contains(ada);
    }

    @Test
    void what_is_due_is_counted_and_the_next_day_told() throws Exception {
        long exercise = services.library().sheets().add(EXERCISE);
        for (long day : new long[] {model.today() - 1, model.today(), model.today() + 3}) {
            services.library()
                    .assignments()
                    .add(ben.id(), exercise, Symmetry.SAME, day, 5, "for a test");
        }
        run(model::read);
        until(() -> model.lines().stream().anyMatch(l -> l.due() > 0));
        assertThat(model.lines())
                .extracting(StudentsModel.Line::due, StudentsModel.Line::next)
                .containsExactly(tuple(0, -1L), tuple(2, model.today() - 1));
    }

    @Test
    void somebody_new_is_looked_at_at_once_and_a_namesake_is_told() throws Exception {
        run(() -> model.add("Cleo", 1200));
        until(() -> model.student().filter(s -> s.name().equals("Cleo")).isPresent());
        assertThat(said()).isEqualTo("Cleo is in the roster.");
        assertThat(model.hasNamesake(" cleo ")).isTrue();
        assertThat(model.hasNamesake("Dora")).isFalse();
    }

    @Test
    void a_change_can_be_taken_back_and_made_again() throws Exception {
        run(() -> model.change("Ada Lang", 1750));
        until(() -> names().contains("Ada Lang"));
        run(() -> model.trail().undo());
        until(() -> names().contains("Ada"));
        assertThat(model.student().map(Student::rating)).contains(1700);
        run(() -> model.trail().redo());
        until(() -> names().contains("Ada Lang"));
    }

    @Test
    void a_change_to_what_is_there_already_is_none() {
        run(() -> model.change("Ada", 1700));
        assertThat(model.trail().undo()).as("something to take back").isFalse();
    }

    @Test
    void a_student_put_away_comes_back_with_the_attempts_and_is_looked_at() throws Exception {
        tried(ben, 7);
        choose(ben);
        until(() -> model.attempts().size() == 1);
        List<BinStore.Belongings> told = new ArrayList<>();
        run(() -> model.belongings(ben, told::add));
        until(() -> !told.isEmpty());
        assertThat(told.get(0).attempts()).isEqualTo(1);
        run(() -> model.remove(ben));
        until(() -> names().equals(List.of("Ada")));
        undo();
        until(() -> model.student().equals(Optional.of(ben)) && model.attempts().size() == 1);
    }

    @Test
    void attempts_are_put_away_one_or_several_and_come_back() throws Exception {
        tried(ada, 3);
        tried(ada, 9);
        choose(ada);
        until(() -> model.attempts().size() == 2);
        List<Attempt> both = List.copyOf(model.attempts());
        run(() -> model.remove(both));
        until(() -> model.attempts().isEmpty());
        assertThat(said()).contains("2 attempts");
        undo();
        until(() -> model.attempts().size() == 2);
    }

    @Test
    void a_student_the_library_refuses_is_not_in_the_roster() throws Exception {
        refuse("student");
        run(() -> model.add("Cleo", 1200));
        until(() -> said().contains("could not be used"));
        assertThat(names()).containsExactly("Ada", "Ben");
        accept();
        run(() -> model.add("Cleo", 1200));
        until(() -> names().contains("Cleo"));
    }
}
