package org.zeroply.coach.repertoire.tournament;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class PlayerNameTest {

    @ParameterizedTest(name = "{0} and {1}: the same {2}, may be {3}")
    @CsvSource(
            delimiter = '|',
            textBlock =
                    """
                    Ann Ek           | Ek, Ann        | true  | true
                    ANN  EK          | ann ek         | true  | true
                    FM Ånn Ek        | Ann Ek         | true  | true
                    Søren Łada       | Lada, Soren    | true  | true
                    Anne Ek          | Ann Ek         | false | false
                    A. Ek            | Ann Ek         | false | true
                    Ek               | Ann Ek         | false | true
                    Ann Maria Ek     | Ann Ek         | false | true
                    B. Ek            | Ann Ek         | false | false
                    A.               | Ann            | false | false
                    Ann-Lou Ek       | Ann Lou Ek     | true  | true
                    D'Arno           | D’arno         | false | false
                    Юрий Ким         | Ким, Юрий      | true  | true
                    ''               | ''             | false | false
                    ?                | ?              | false | false
                    """)
    void names_are_compared_by_their_words(String one, String other, boolean same, boolean may) {
        assertThat(PlayerName.same(one, other)).isEqualTo(same);
        assertThat(PlayerName.same(other, one)).isEqualTo(same);
        assertThat(PlayerName.of(one).mayBe(PlayerName.of(other))).isEqualTo(may);
    }

    @Test
    void a_short_name_is_found_only_where_it_is_one_alone() {
        List<String> names = List.of("Ann Ek", "Arne Ek", "Bo Lind", "LIND, Carl");
        assertThat(PlayerName.among(names, "Lind, Bo")).contains("Bo Lind");
        assertThat(PlayerName.among(names, "C. Lind")).contains("LIND, Carl");
        assertThat(PlayerName.among(names, "A. Ek")).isEmpty();
        assertThat(PlayerName.among(names, "Lind")).isEmpty();
        assertThat(PlayerName.among(names, "Di Oy")).isEmpty();
    }
}
