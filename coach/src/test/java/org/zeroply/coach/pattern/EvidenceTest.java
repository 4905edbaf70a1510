package org.zeroply.coach.pattern;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.board.Square;
import org.zeroply.chess.notation.NotationException;
import org.zeroply.chess.notation.San;
import org.zeroply.coach.fact.FactKind;

class EvidenceTest {

    private static Evidence of(String query, String fen) {
        return Evidence.of(QueryReader.read(query), Position.fromFen(fen));
    }

    /** Read by hand: the men without which what is asked would not be so. */
    @ParameterizedTest(name = "{0}: {2}")
    @CsvSource(
            delimiter = '|',
            textBlock =
                    """
                    white isolated queen's pawn | r4rk1/pp3ppp/4pn2/8/3P4/2N2N2/PP3PPP/R4RK1 w - - 0 1 | d4
                    white rook on its seventh rank | 6k1/R4pp1/7p/8/8/7P/1r3PP1/6K1 w - - 0 1 | a7
                    black rook on its seventh rank | 6k1/R4pp1/7p/8/8/7P/1r3PP1/6K1 w - - 0 1 | b2
                    white rook on e1, black king on g8, no white pawn on e | 4r1k1/5ppp/8/8/8/8/5PPP/4R1K1 w - - 0 1 | e1
                    opposite-coloured bishops | 2b3k1/5ppp/8/8/8/8/3B1PPP/6K1 w - - 0 1 | d2 c8
                    e-file open | 4r1k1/5ppp/8/8/8/8/5PPP/4R1K1 w - - 0 1 | ''
                    white rook on a8 | 6k1/R4pp1/7p/8/8/7P/1r3PP1/6K1 w - - 0 1 | ''
                    white knight on e5; colours exchanged | 6k1/5ppp/8/8/4n3/8/5PPP/6K1 w - - 0 1 | e4
                    """)
    void as_few_men_as_possible_show_it(String query, String fen, String expected) {
        assertThat(
                        of(query, fen).men().stream()
                                .sorted()
                                .map(Square::name)
                                .collect(Collectors.joining(" ")))
                .isEqualTo(expected);
    }

    @ParameterizedTest(name = "{0}: {2}")
    @CsvSource(
            delimiter = '|',
            textBlock =
                    """
                    white rook on its seventh rank | 6k1/R4pp1/7p/8/8/7P/1r3PP1/6K1 w - - 0 1 | 7
                    white rook on its seventh rank | 6k1/R7/8/8/8/8/8/6K1 w - - 0 1 | 0
                    opposite-coloured bishops | 2b3k1/5ppp/8/8/8/8/3B1PPP/6K1 w - - 0 1 | 6
                    e-file open | 4r1k1/5ppp/8/8/8/8/5PPP/4R1K1 w - - 0 1 | 8
                    white rook on a8 | 6k1/R4pp1/7p/8/8/7P/1r3PP1/6K1 w - - 0 1 | 8
                    """)
    void all_other_men_have_nothing_to_do_with_it(String query, String fen, int idle) {
        assertThat(Evidence.idle(QueryReader.read(query), Position.fromFen(fen))).isEqualTo(idle);
    }

    @Test
    void the_facts_about_these_men_are_told() {
        Evidence evidence =
                of(
                        "white isolated queen's pawn",
                        "r4rk1/pp3ppp/4pn2/8/3P4/2N2N2/PP3PPP/R4RK1 w - - 0 1");
        assertThat(evidence.facts())
                .isNotEmpty()
                .allSatisfy(f -> assertThat(f.kind()).isEqualTo(FactKind.ISOLATED))
                .allSatisfy(f -> assertThat(f.squares().get(0)).isEqualTo(Square.parse("d4")));
        assertThat(of("white rook on a7", "6k1/R4pp1/7p/8/8/7P/1r3PP1/6K1 w - - 0 1").facts())
                .as("what was not asked is not told")
                .isEmpty();
    }

    /** The rook on a7 is meant; it bears on the a-file and on the rank as far as g7. */
    @ParameterizedTest(name = "{0}: {1}")
    @CsvSource({
        "Ra8+, true",
        "Qh4, false",
        "Qxg7#, true",
        "Qd3 Rb7, true",
        "Qd3 Rb3, false",
        "Qd3 Ra2 Rxa2, true",
        "Qd3 Kf8 Kh2 Ra2, false",
        "'', false",
    })
    void a_line_has_to_do_with_it_if_it_moves_a_man_or_goes_where_it_bears_on(
            String moves, boolean expected) throws NotationException {
        Position position = Position.fromFen("6k1/R5p1/7p/8/8/6Q1/1r3PP1/6K1 w - - 0 1");
        Evidence evidence = Evidence.of(QueryReader.read("white rook on a7"), position);
        List<Move> line = new ArrayList<>();
        Position at = position;
        for (String san : moves.isEmpty() ? new String[0] : moves.split(" ")) {
            line.add(San.read(at, san));
            at = at.play(line.get(line.size() - 1));
        }
        assertThat(evidence.isTouched(position, line, 3)).isEqualTo(expected);
        assertThat(Evidence.NONE.isTouched(position, line, 3)).isTrue();
    }
}
