package org.zeroply.desktop.students;

import static org.assertj.core.api.Assertions.assertThat;
import static org.zeroply.desktop.work.Fx.run;
import static org.zeroply.desktop.work.Fx.until;

import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalLong;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.zeroply.coach.exercise.marking.MarkedSheet;
import org.zeroply.coach.exercise.marking.Marker;
import org.zeroply.coach.exercise.marking.Ruling;
import org.zeroply.coach.exercise.marking.WrittenAnswer;
import org.zeroply.coach.exercise.scheme.Exercise;
import org.zeroply.desktop.work.ModelTest;
import org.zeroply.engine.analysis.Cancellation;
import org.zeroply.library.sheet.SheetStore;
import org.zeroply.library.student.Attempt;
import org.zeroply.library.student.Marking;
import org.zeroply.library.student.WrittenWork;

/** What a coach decides about an attempt, without the desk. */
class RulingsModelTest extends ModelTest {

    private static final String EXERCISE =
            """
            [ZpKind "calculation"]
            [ZpTitle "Two ways"]
            [SetUp "1"]
            [FEN "4k3/5ppp/8/1q1N4/4P3/8/5PPP/6K1 w - - 0 1"]

            1. Nc7+ {[%zp.pts 5]} Kd7 2. Nxb5 $18 {[%zp.pts 5 verdict]} *
            """;

    private final List<Attempt> decided = new ArrayList<>();
    private long exercise;
    private Attempt attempt;
    private RulingsModel model;

    @BeforeEach
    void open() {
        exercise = services.library().sheets().add(EXERCISE);
        long student = services.library().students().add("Nora", 1500).id();
        String answer = "1.Nc7+ Kf8 2.Nxb5\n1.Qz9";
        Exercise scheme = Exercise.of(SheetStore.parse(EXERCISE));
        MarkedSheet sheet =
                new Marker(scheme, Optional.empty())
                        .mark(WrittenAnswer.parse(scheme.start(), answer), new Cancellation());
        services.library()
                .attempts()
                .add(
                        new Attempt(
                                0,
                                "one",
                                student,
                                new WrittenWork(
                                        OptionalLong.of(exercise),
                                        "Two ways",
                                        EXERCISE,
                                        Instant.parse("2026-03-01T10:00:00Z"),
                                        60,
                                        answer),
                                Marking.of(sheet)));
        attempt = services.library().attempts().of(student).get(0);
        run(() -> model = new RulingsModel(services, decided::add));
    }

    private Attempt last() throws Exception {
        until(() -> !decided.isEmpty());
        return decided.remove(decided.size() - 1);
    }

    private Attempt kept() {
        return services.library().attempts().of(attempt.studentId()).get(0);
    }

    @Test
    void points_given_count_and_what_was_marked_stays_beside_them() throws Exception {
        run(() -> model.rule(attempt, Ruling.item(1, 3, "seen, but not written")));
        Attempt now = last();
        assertThat(now.marking().points()).isEqualTo(attempt.marking().points() + 3);
        assertThat(now.marking().sheet()).isEqualTo(attempt.marking().sheet());
        assertThat(kept().marking().rulings())
                .extracting(Ruling::note)
                .containsExactly("seen, but not written");
    }

    @Test
    void a_second_ruling_on_an_item_takes_the_place_of_the_first() throws Exception {
        run(() -> model.rule(attempt, Ruling.item(1, 3, "")));
        Attempt once = last();
        run(() -> model.rule(once, Ruling.item(1, 1, "less")));
        assertThat(last().marking().points()).isEqualTo(attempt.marking().points() + 1);
        assertThat(kept().marking().rulings()).hasSize(1);
    }

    @Test
    void a_ruling_taken_back_leaves_what_was_marked() throws Exception {
        Ruling ruling = Ruling.item(1, 3, "");
        run(() -> model.rule(attempt, ruling));
        Attempt ruled = last();
        run(() -> model.withdraw(ruled, ruling));
        assertThat(last().marking().points()).isEqualTo(attempt.marking().points());
        assertThat(kept().marking().rulings()).isEmpty();
    }

    @Test
    void a_row_granted_is_in_the_scheme_for_the_next_student() throws Exception {
        run(() -> model.grant(attempt, 1));
        until(() -> said().startsWith("Granted"));
        assertThat(last().marking().rulings())
                .extracting(Ruling::target)
                .containsExactly(Ruling.Target.ROW);
        assertThat(services.library().sheets().load(exercise).nodes())
                .hasSizeGreaterThan(SheetStore.parse(EXERCISE).nodes().size());
    }

    @Test
    void a_row_that_cannot_be_read_is_not_granted() throws Exception {
        run(() -> model.grant(attempt, 2));
        until(() -> said().equals("This row cannot be granted."));
        assertThat(decided).isEmpty();
        assertThat(kept().marking().rulings()).isEmpty();
    }
}
