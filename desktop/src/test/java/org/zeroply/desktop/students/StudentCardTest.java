package org.zeroply.desktop.students;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class StudentCardTest {

    @ParameterizedTest
    @CsvSource({
        "Nora, 1700, true, 1700",
        "Nora, '', true, 0",
        "Nora, ' 900 ', true, 900",
        "'', 1700, false, 0",
        "'  ', '', false, 0",
        "Nora, strong, false, 0",
        "Nora, -5, false, 0",
        "Nora, 17000, false, 0",
    })
    void a_student_needs_a_name_and_a_rating_is_a_number_or_nothing(
            String name, String rating, boolean good, int value) {
        assertThat(StudentCard.problem(name, rating).isEmpty()).isEqualTo(good);
        if (good) {
            assertThat(StudentCard.number(rating)).isEqualTo(value);
        }
    }
}
