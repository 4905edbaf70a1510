package org.zeroply.coach.pattern;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What is answered where nothing can be read. */
class UnreadTest {

    @ParameterizedTest(name = "{0}")
    @CsvSource(
            delimiter = '|',
            textBlock =
                    """
                    black king in a mating net | 'mating net' is a judgement | white checks mates
                    white better but drew | 'better' is a judgement | white ahead by at least 2 points
                    white lost from a winning position | 'winning' is a judgement | white just won a piece
                    queen out of play on a2 | 'out of play' is a judgement | black knight on the edge
                    knight dominates bishop | 'dominates' is a judgement | black trapped knight
                    white resigned in a drawn position | 'resigned' is a judgement | result 0-1
                    white to move and queen | alone behind 'and' | where is it
                    """)
    void a_judgement_is_told_with_what_is_near_it(String said, String told, String near) {
        assertThatThrownBy(() -> QueryReader.read(said))
                .hasMessageContaining(told)
                .hasMessageContaining(near);
    }

    @Test
    void what_is_near_a_judgement_can_be_asked() {
        assertThat(Unread.near())
                .allSatisfy(near -> assertThat(QueryReader.problem(near)).isEmpty());
    }

    @ParameterizedTest(name = "{0}")
    @CsvSource(
            delimiter = '|',
            textBlock =
                    """
                    the storm of pawns | white pawn storm on the kingside
                    a battery of artillery | white queen and bishop battery
                    something sacrificed somewhere | white sacrificed a queen
                    """)
    void rare_words_say_more_than_frequent_ones(String said, String like) {
        assertThat(Phrases.like(said)).contains(like);
    }
}
