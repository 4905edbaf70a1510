package org.zeroply.chess.tree;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class RepertoireNoteTest {

    private static final RepertoireNote FULL =
            new RepertoireNote(
                    true,
                    Optional.of(Approach.QUIET),
                    true,
                    true,
                    Optional.of("hold d5"),
                    List.of("IF c5 THEN d5"),
                    Optional.of("it holds"));

    @Test
    void each_part_is_replaced_alone() {
        assertThat(FULL.withMain(false).main()).isFalse();
        assertThat(FULL.withTrap(false).trap()).isFalse();
        assertThat(FULL.withMust(false).must()).isFalse();
        assertThat(FULL.withApproach(Optional.empty()).approach()).isEmpty();
        assertThat(FULL.withIdea(Optional.of("play e4")).idea()).contains("play e4");
        assertThat(FULL.withCards(List.of()).cards()).isEmpty();
        assertThat(FULL.withAccepted(Optional.empty()).accepted()).isEmpty();
        RepertoireNote again =
                RepertoireNote.NONE
                        .withMain(true)
                        .withApproach(Optional.of(Approach.QUIET))
                        .withTrap(true)
                        .withMust(true)
                        .withIdea(FULL.idea())
                        .withCards(FULL.cards())
                        .withAccepted(FULL.accepted());
        assertThat(again).isEqualTo(FULL);
    }

    @Test
    void white_space_is_folded_and_what_is_blank_is_not_there() {
        RepertoireNote note =
                RepertoireNote.NONE
                        .withIdea(Optional.of(" hold\n  d5 "))
                        .withCards(List.of("IF c5\tTHEN d5", "  "))
                        .withAccepted(Optional.of(" \n "));
        assertThat(note.idea()).contains("hold d5");
        assertThat(note.cards()).containsExactly("IF c5 THEN d5");
        assertThat(note.accepted()).isEmpty();
        assertThat(RepertoireNote.NONE.withIdea(Optional.of(" "))).isEqualTo(RepertoireNote.NONE);
    }

    @Test
    void what_either_says_both_say_together() {
        assertThat(FULL.and(RepertoireNote.NONE)).isEqualTo(FULL);
        assertThat(RepertoireNote.NONE.and(FULL)).isEqualTo(FULL);
        assertThat(FULL.and(FULL)).isEqualTo(FULL);
        assertThat(RepertoireNote.NONE.and(RepertoireNote.NONE)).isEqualTo(RepertoireNote.NONE);
        RepertoireNote other =
                new RepertoireNote(
                        false,
                        Optional.of(Approach.SHARP),
                        false,
                        false,
                        Optional.of("play e4"),
                        List.of("IF e5 THEN f4", "IF c5 THEN d5"),
                        Optional.of("holds"));
        RepertoireNote both = FULL.and(other);
        assertThat(both.approach()).contains(Approach.QUIET);
        assertThat(both.idea()).contains("hold d5 / play e4");
        assertThat(both.cards()).containsExactly("IF c5 THEN d5", "IF e5 THEN f4");
        assertThat(both.accepted()).as("is said already").contains("it holds");
    }

    @ParameterizedTest(name = "{0}: {1}")
    @CsvSource({"quiet, QUIET", "' Sharp ', SHARP", "SHARP, SHARP", "solid,", "'',"})
    void schools_are_read_by_their_words(String word, Approach approach) {
        assertThat(Approach.of(word)).isEqualTo(Optional.ofNullable(approach));
        if (approach != null) {
            assertThat(Approach.of(approach.word())).contains(approach);
        }
    }
}
