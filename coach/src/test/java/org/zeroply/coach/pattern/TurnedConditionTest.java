package org.zeroply.coach.pattern;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.board.Symmetry;

/** What is seen in the mirror, or with the colours exchanged, is the same pattern. */
class TurnedConditionTest {

    private static final List<Symmetry> ALL = List.of(Symmetry.values());

    @ParameterizedTest(name = "{0} in the mirror: {1}; exchanged: {2}")
    @CsvSource(
            delimiter = '|',
            textBlock =
                    """
                    white rook on g5 | white rook on b5 | black rook on g4
                    white man on the kingside | white man on the queenside | black man on the kingside
                    white knight on a light square | white knight on a dark square | black knight on a dark square
                    at least 2 white rooks on the 7th rank | at least 2 white rooks on the 7th rank | at least 2 black rooks on the 2nd rank
                    e5 d5 empty | d5 e5 empty | e4 d4 empty
                    white castled kingside | white castled queenside | black castled kingside
                    white isolated queen's pawn | white isolated king's pawn | black isolated queen's pawn
                    white minority attack on the queenside | white minority attack on the kingside | black minority attack on the queenside
                    material KRP against KR | material KRP against KR | material KR against KRP
                    white just played Nbd7 | white just played Nge7 | black just played Nbd2
                    white just played O-O-O | white just played O-O | black just played O-O-O
                    white knight travelled d2-f1-g3 | white knight travelled e2-c1-b3 | black knight travelled d7-f8-g6
                    open file held by white on the d-file | open file held by white on the e-file | open file held by black on the d-file
                    white Carlsbad structure | white mirrored Carlsbad structure | black Carlsbad structure
                    white rook on the a- or c-file | white rook on the f- or h-file | black rook on the a- or c-file
                    white rook on the 6th or 7th rank | white rook on the 6th or 7th rank | black rook on the 2nd or 3rd rank
                    black knight pinned to the queen on f6 | black knight pinned to the queen on c6 | white knight pinned to the queen on f3
                    white just traded queens on d8 | white just traded queens on e8 | black just traded queens on d1
                    white pawn storm on the kingside | white pawn storm on the queenside | black pawn storm on the kingside
                    white moment turn | white moment turn | black moment turn
                    """)
    void a_pattern_is_seen_in_other_ways(String text, String mirrored, String exchanged) {
        Condition condition = ConditionReader.all(text).get(0);
        assertThat(condition.under(Symmetry.MIRRORED).text()).isEqualTo(mirrored);
        assertThat(condition.under(Symmetry.FLIPPED).text()).isEqualTo(exchanged);
    }

    @Property(tries = 400)
    void seen_twice_in_the_same_way_it_is_as_before_and_can_be_written(
            @ForAll("examples") String example, @ForAll("ways") Symmetry way) {
        Condition condition = ConditionReader.all(example).get(0);
        assertThat(condition.under(way).under(way)).isEqualTo(condition);
        assertThat(ConditionReader.all(condition.under(way).text()))
                .containsExactly(condition.under(way));
    }

    @Test
    void with_colours_exchanged_a_pattern_holds_where_the_exchanged_position_has_it() {
        GameLine game =
                TestLine.of(
                        "1. e4 c5 2. Nf3 d6 3. d4 cxd4 4. Nxd4 Nf6 5. Nc3 g6 6. Be3 Bg7"
                                + " 7. f3 O-O 8. Qd2 Nc6 9. O-O-O d5 10. exd5 Nxd5 11. Nxc6"
                                + " bxc6 12. Nxd5 cxd5 13. Qxd5 Qc7 *");
        for (String example : ConditionReader.examples()) {
            Condition condition = ConditionReader.all(example).get(0);
            Condition other = condition.under(Symmetry.FLIPPED);
            for (int ply = 0; ply <= game.plies(); ply++) {
                Position position = game.at(ply);
                assertThat(other.holds(Situation.of(Symmetry.FLIPPED.of(position).orElseThrow())))
                        .as(example + " at " + position.fen())
                        .isEqualTo(condition.holds(Situation.of(position)));
            }
        }
    }

    @Test
    void squares_and_sets_go_the_same_way() {
        for (Symmetry way : ALL) {
            for (int square = 0; square < 64; square++) {
                assertThat(way.set(1L << square)).isEqualTo(1L << way.square(square));
            }
        }
    }

    @Provide
    Arbitrary<String> examples() {
        return Arbitraries.of(ConditionReader.examples());
    }

    @Provide
    Arbitrary<Symmetry> ways() {
        return Arbitraries.of(ALL);
    }
}
