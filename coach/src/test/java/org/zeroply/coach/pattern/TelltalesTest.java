package org.zeroply.coach.pattern;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class TelltalesTest {

    @ParameterizedTest(name = "{0}")
    @CsvSource(
            delimiter = '~',
            textBlock =
                    """
                    rook lift                          ~ rook lift
                    Rook Lift                          ~ rook lift
                    ^(white|black) (?:has|had) a plan$ ~ ' a plan'
                    (queen|rook)s? ending              ~ ' ending'
                    rooks? on                          ~ rook
                    knights?                           ~ knight
                    b?ishop                            ~ ishop
                    rook+s                             ~ rook
                    a{2}bishop                         ~ bishop
                    (?:trades?|traded) off             ~ trade,traded
                    minors|pieces                      ~ minors,pieces
                    (?:minors|pieces?)(?: left|)       ~ minors,piece
                    (?<=far )ahead(?! of)              ~ ahead
                    [a-h]-file(?= open)                ~ -file
                    d\\d pawn                          ~ ' pawn'
                    half-open                          ~ half-open
                    (?:(?:one|two) )+rooks             ~ rooks
                    (white|black)                      ~ black,white
                    """)
    void a_text_holds_a_word_that_may_not_be_left_out(String expression, String words) {
        assertThat(Telltales.of(expression).words())
                .containsExactly(words.replace("'", "").split(","));
    }

    @ParameterizedTest(name = "{0}")
    @CsvSource(
            delimiter = '~',
            textBlock =
                    """
                    [a-h][1-8]
                    (?:the |)
                    (?:rook)?
                    (?:rook)*
                    x?
                    (rook|[a-h])
                    (?=rook)
                    (?<!rook)\\d
                    """)
    void where_nothing_must_be_there_any_text_may_be_meant(String expression) {
        assertThat(Telltales.of(expression).words()).isEmpty();
        assertThat(Telltales.of(expression).maySpeakOf("anything")).isTrue();
    }

    /** Words of the examples in any order, so that much of the tables is found in some of them. */
    @Provide
    static Arbitrary<String> sayings() {
        List<String> parts =
                new ArrayList<>(List.of("of", "is", "for", "a", "the", "and", "early"));
        Phrases.examples().forEach(e -> parts.addAll(List.of(e.split(" "))));
        Phrases.examples().forEach(parts::add);
        return Arbitraries.of(parts).list().ofMinSize(1).ofMaxSize(8).map(l -> String.join(" ", l));
    }

    @Property(tries = 300)
    void nothing_that_would_be_found_is_passed_over(@ForAll("sayings") String said) {
        String small = said.toLowerCase(Locale.ROOT);
        assertThat(Synonyms.rows())
                .allSatisfy(
                        row ->
                                assertThat(
                                                row.telltales().maySpeakOf(small)
                                                        || !row.said().matcher(said).find())
                                        .isTrue());
    }

    @Test
    void each_phrase_is_told_by_the_words_of_its_own_example() {
        assertThat(Phrases.examples())
                .allSatisfy(example -> assertThat(Phrases.read(example)).isPresent());
    }

    @Test
    void hardly_a_line_of_the_table_has_to_be_tried_on_every_text() {
        assertThat(Synonyms.rows()).filteredOn(r -> r.telltales().words().isEmpty()).hasSize(1);
    }
}
