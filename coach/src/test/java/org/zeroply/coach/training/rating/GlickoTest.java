package org.zeroply.coach.training.rating;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.Collections;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import org.junit.jupiter.api.Test;

class GlickoTest {

    /** The worked example at the end of Glickman's paper. */
    @Test
    void the_published_example_comes_out() {
        Rating after =
                Glicko.after(
                        Rating.about(1500, 200),
                        List.of(
                                new Glicko.Result(Rating.about(1400, 30), 1),
                                new Glicko.Result(Rating.about(1550, 100), 0),
                                new Glicko.Result(Rating.about(1700, 300), 0)));
        assertThat(after.value()).isEqualTo(1464.06, within(0.01));
        assertThat(after.deviation()).isEqualTo(151.52, within(0.01));
        assertThat(after.volatility()).isEqualTo(0.05999, within(0.00001));
    }

    @Property(tries = 200)
    void who_earns_more_than_expected_rises_and_everybody_gets_surer(
            @ForAll @DoubleRange(min = 800, max = 2600) double own,
            @ForAll @DoubleRange(min = 800, max = 2600) double other,
            @ForAll @DoubleRange(min = 0, max = 1) double score) {
        Rating before = Rating.about(own, 200);
        Rating opponent = Rating.about(other, 80);
        Rating after = Glicko.after(before, List.of(new Glicko.Result(opponent, score)));
        double surprise = score - Glicko.expected(Rating.about(own, 1e-9), opponent);
        // A result just as expected leaves the rating where it is but for rounding.
        assertThat((after.value() - own) * Math.signum(surprise)).isGreaterThan(-1e-9);
        if (Math.abs(surprise) > 1e-9) {
            assertThat(Math.signum(after.value() - own)).isEqualTo(Math.signum(surprise));
        }
        assertThat(after.deviation()).isLessThanOrEqualTo(Math.hypot(200, 173.7178 * 0.07));
        assertThat(Glicko.expected(before, opponent) + Glicko.expected(opponent, before))
                .isEqualTo(1, within(1e-12));
    }

    @Test
    void an_exercise_moves_with_its_results_and_rests_while_nobody_solves_it() {
        List<ResultBook.Entry> entries = new ArrayList<>();
        for (int i = 0; i < 8; i++) {
            entries.add(new ResultBook.Entry("s" + i, "hard", 20_000 + i, 0.1));
        }
        Map<String, Integer> students = Map.of("s0", 1700, "s1", 1700, "idle", 1700);
        Map<String, String> bands = Map.of("hard", "1400-1700", "unused", "1400-1700");
        ResultBook book = new ResultBook(students, bands, entries, 20_010);
        assertThat(book.exercise("hard").value()).isGreaterThan(book.beginning("hard").value());
        assertThat(book.exercise("hard").deviation()).isLessThan(150);
        assertThat(book.exercise("unused")).isEqualTo(book.beginning("unused"));
        assertThat(book.student("idle").deviation()).isGreaterThan(150);
        assertThat(book.expectedPoints("idle", "hard", 50))
                .isLessThan(book.expectedPoints("idle", "unused", 50));
        Collections.shuffle(entries, new Random(1));
        ResultBook again = new ResultBook(students, bands, entries, 20_010);
        assertThat(again.exercise("hard").value())
                .isEqualTo(book.exercise("hard").value(), within(1e-9));
    }

    @Test
    void simulated_students_come_out_near_their_strength() {
        Random random = new Random(7);
        List<ResultBook.Entry> entries = new ArrayList<>();
        int[] real = {1400, 1700, 2000};
        for (int i = 0; i < 240; i++) {
            int s = i % 3;
            int x = random.nextInt(12);
            double e = 1 / (1 + Math.pow(10, (1450 + 50 * x - real[s]) / 400.0));
            double earned = Math.max(0, Math.min(1, e + 0.15 * random.nextGaussian()));
            entries.add(new ResultBook.Entry("s" + s, "x" + x, 20_000 + i / 6, earned));
        }
        Map<String, String> bands = new HashMap<>();
        for (int x = 0; x < 12; x++) {
            bands.put("x" + x, (1350 + 50 * x) + "-" + (1550 + 50 * x));
        }
        ResultBook book = new ResultBook(Map.of("s1", 1500), bands, entries, 20_045);
        for (int s = 0; s < 3; s++) {
            assertThat(book.student("s" + s).value()).isEqualTo(real[s], within(120.0));
        }
    }
}
