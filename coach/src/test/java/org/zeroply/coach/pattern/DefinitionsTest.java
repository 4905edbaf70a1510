package org.zeroply.coach.pattern;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.ResourceBundle;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class DefinitionsTest {

    private static final ResourceBundle TEXTS =
            ResourceBundle.getBundle("org.zeroply.coach.pattern.definitions");

    @ParameterizedTest(name = "{0}: {1}")
    @CsvSource(
            delimiter = '|',
            textBlock =
                    """
                    isolated queen's pawn | isolated-queen's-pawn
                    black isolated pawn on d5 | isolated-pawn
                    IQP FOR 10 PLIES; colours exchanged | isolated-queen's-pawn
                    white lifted a rook THEN WITHIN 8 MOVES smothered mate by white | smothered-mate
                    white rook on the seventh | white-rook-on-the-7th-rank
                    black rook on its seventh rank | black-rook-on-the-2nd-rank
                    half-open file at the black king | half-open-file-at
                    white two connected passed pawns on the 6th rank | connected-passed-pawn
                    white outpost for good on e5 | outpost
                    greek gift | sacrificed
                    white discovered check | discovered-check
                    black weak dark squares at the king | weak-dark-squares
                    white pinned knight | pinned
                    """)
    void the_longest_words_that_are_part_of_what_is_asked_are_told(String query, String key) {
        assertThat(Definitions.of(QueryReader.read(query))).contains(TEXTS.getString(key));
    }

    @Test
    void of_what_stands_on_a_square_or_is_not_there_nothing_is_told() {
        assertThat(Definitions.of(QueryReader.read("white knight on e5"))).isEmpty();
        assertThat(Definitions.of(QueryReader.read("no isolated pawns"))).isEmpty();
    }

    /** What nobody could ask for would never be read. */
    @Test
    void each_definition_belongs_to_something_that_can_be_asked() {
        Set<String> told = new HashSet<>();
        Phrases.examples().forEach(e -> told(e).ifPresent(told::add));
        for (String key : TEXTS.keySet()) {
            for (String side : List.of("", "white ", "black ")) {
                for (String more : List.of("", " the black king", " at the king")) {
                    String words =
                            key.replace('-', ' ')
                                    .replace("half open", "half-open")
                                    .replace("x ray", "x-ray");
                    told(side + words + more).ifPresent(told::add);
                }
            }
        }
        assertThat(TEXTS.keySet())
                .filteredOn(key -> !told.contains(TEXTS.getString(key)))
                .isEmpty();
    }

    private static Optional<String> told(String query) {
        return QueryReader.problem(query).isPresent()
                ? Optional.empty()
                : Definitions.of(QueryReader.read(query));
    }
}
