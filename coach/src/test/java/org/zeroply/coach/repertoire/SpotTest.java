package org.zeroply.coach.repertoire;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.notation.San;
import org.zeroply.chess.tree.Approach;

/** What a repertoire says of one position. */
class SpotTest {

    private static Spot start(String moves) {
        return Repertoire.of(RepertoireTest.trees("[ZpSide \"white\"]\n\n" + moves + " *\n"))
                .at(Position.START)
                .orElseThrow();
    }

    private static String name(Spot spot, Optional<Approach> school) {
        return spot.recommended(school).map(m -> San.write(spot.position(), m)).orElse("none");
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "1. e4 (1. d4) (1. c4)                                             | e4 | e4 | e4",
                "1. e4 (1. d4 {[%zp.main]})                                        | d4 | d4 | d4",
                "1. e4 {[%zp.approach sharp]} (1. d4)                              | d4 | e4 | d4",
                "1. e4 {[%zp.approach sharp]} (1. d4 {[%zp.approach quiet]})       | e4 | e4 | d4",
                "1. e4 (1. d4 {[%zp.main]}) (1. c4 {[%zp.approach quiet]})         | d4 | d4 | c4"
            })
    void what_is_recommended_to_nobody_the_sharp_and_the_quiet(
            String moves, String nobody, String sharp, String quiet) {
        Spot spot = start(moves);
        assertThat(name(spot, Optional.empty())).isEqualTo(nobody);
        assertThat(name(spot, Optional.of(Approach.SHARP))).isEqualTo(sharp);
        assertThat(name(spot, Optional.of(Approach.QUIET))).isEqualTo(quiet);
    }

    @Test
    void where_it_ends_nothing_is_recommended() {
        Spot end =
                Repertoire.of(RepertoireTest.trees("[ZpSide \"white\"]\n\n1. e4 *\n"))
                        .at(Position.START.play(start("1. e4").recommended(Optional.empty()).get()))
                        .orElseThrow();
        assertThat(name(end, Optional.empty())).isEqualTo("none");
        assertThat(end.recommendations()).isEmpty();
        assertThat(end.line()).isEqualTo("1.e4");
    }

    @Test
    void marked_moves_are_recommended_together_and_else_the_first_for_all() {
        assertThat(start("1. e4 {[%zp.main]} (1. d4 {[%zp.main]}) (1. c4)").recommendations())
                .hasSize(2);
        assertThat(start("1. e4 {[%zp.approach sharp]} (1. d4) (1. c4)").recommendations().keySet())
                .extracting(m -> San.write(Position.START, m))
                .containsExactly("d4");
        assertThat(start("1. e4 {[%zp.approach sharp]}").recommendations()).isEmpty();
    }

    @Test
    void notes_of_all_orders_are_one_and_cards_that_cannot_be_read_are_left_out() throws Exception {
        String two =
                "[ZpSide \"white\"]\n\n1. d4 d5 2. c4 {[%zp.idea press] [%zp.card IF x THEN]} e6 3. Nc3 {[%zp.must]} *\n\n"
                        + "[ZpSide \"white\"]\n\n1. c4 d5 2. d4 {[%zp.card IF black knight on c6 THEN play Nf3]} e6 3. Nc3 {[%zp.trap]} *\n";
        Repertoire repertoire = Repertoire.of(RepertoireTest.trees(two));
        Position before =
                RepertoireTest.trees("1. d4 d5 2. c4 e6 *").get(0).mainLine().get(3).position();
        Spot spot = repertoire.at(before).orElseThrow();
        var note = spot.note(San.read(before, "Nc3"));
        assertThat(note.must()).isTrue();
        assertThat(note.trap()).isTrue();
        Spot earlier =
                repertoire
                        .at(
                                RepertoireTest.trees("1. d4 d5 2. c4 *")
                                        .get(0)
                                        .mainLine()
                                        .get(2)
                                        .position())
                        .orElseThrow();
        assertThat(earlier.idea()).contains("press");
        assertThat(earlier.cards()).hasSize(1);
        assertThat(earlier.cardTexts()).hasSize(2);
    }
}
