package org.zeroply.coach.pattern;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class QueryReaderTest {

    @ParameterizedTest(name = "{0}")
    @CsvSource(
            delimiter = '|',
            textBlock =
                    """
                    white to move | white to move
                    WHITE  TO   MOVE, e5 empty | white to move AND e5 empty
                    e5 empty and (e4 empty or d4 empty) | e5 empty AND (e4 empty OR d4 empty)
                    e5 empty for at least 6 plies | e5 empty FOR 6 PLIES
                    e5 empty for 3 moves | e5 empty FOR 6 PLIES
                    e5 empty, then black pawn on e5 | e5 empty THEN black pawn on e5
                    e5 empty then within 2 moves black pawn on e5 | e5 empty THEN WITHIN 4 PLIES black pawn on e5
                    e5 empty; or mirrored; with colours exchanged | e5 empty; mirrored; colours exchanged
                    e5 empty; either colour; all positions | e5 empty; colours exchanged; every position
                    e5 empty; result draw; player Ann Lee | e5 empty; player Ann Lee; result 1/2-1/2
                    e5 empty; since 2020; until 2024.06; rated 2200 | e5 empty; since 2020; until 2024.06; rated 2200
                    e5 empty; collection Fine games; opening Dutch; | e5 empty; collection Fine games; opening Dutch
                    white sacrificed a piece, not taken back within 4 moves | white sacrificed a piece not taken back within 8 plies
                    """)
    void what_is_written_is_read_and_written_the_same_way(String text, String canonical) {
        Query query = QueryReader.read(text);
        assertThat(query.text()).isEqualTo(canonical);
        assertThat(QueryReader.read(query.text())).isEqualTo(query);
    }

    @ParameterizedTest(name = "{0}")
    @CsvSource(
            delimiter = '|',
            textBlock =
                    """
                    isolated queen's pawn | (white isolated queen's pawn OR black isolated queen's pawn)
                    passed pawn on its sixth rank | (white passed pawn on the 6th rank OR black passed pawn on the 3rd rank)
                    no passed pawn | NOT (white passed pawn OR black passed pawn)
                    smothered mate | (smothered mate by white OR smothered mate by black)
                    queen sacrifice | (white sacrificed a queen OR black sacrificed a queen)
                    white exchange sacrifice | white sacrificed the exchange
                    the exchange up | (white is the exchange up OR black is the exchange up)
                    rook against two minor pieces | a rook against two minor pieces
                    queen vs two rooks | a queen against two rooks
                    white bishop pair | white has the bishop pair
                    opposite colored bishops | opposite-coloured bishops
                    castled on opposite sides | castled on opposite wings
                    open file next to black king | open file at the black king
                    black king held in the centre | black king in the centre
                    white knight d2-f1-g3 | white knight travelled d2-f1-g3
                    white has at least two rooks | white has at least 2 rooks
                    any black man on the seventh | black man on the 7th rank
                    weak colour complex | weak colour
                    white pin to the king | white pin to the king
                    result turned | moment turn
                    e4 empty lasting 6 plies | e4 empty FOR 6 PLIES
                    e4 empty then e5 empty within 3 moves | e4 empty THEN WITHIN 6 PLIES e5 empty
                    """)
    void what_coaches_say_in_other_words_has_a_usual_form(String said, String usual) {
        String text = QueryReader.read(said).text();
        assertThat(text).isEqualTo(usual);
        assertThat(QueryReader.read(text).text()).isEqualTo(usual);
    }

    @ParameterizedTest(name = "{0}: {1}")
    @CsvSource(
            delimiter = '|',
            textBlock =
                    """
                    ''                        | begins with a condition
                    ; mirrored                | begins with a condition
                    e5 empty then             | missing beside THEN
                    then e5 empty             | begins with a condition
                    e5 empty; sometimes       | cannot stand behind a semicolon
                    e5 empty; result 2-0      | A result is
                    e5 empty; since last year | A date is
                    e5 empty; rated high      | A rating is
                    e5 empty for 0 plies      | from 1 to 1000
                    e5 empty for 9999999999 plies | from 1 to 1000
                    white rock on g5          | like it are: white knight on e5
                    white rook on j5          | is no condition
                    black frozen              | takes a search to see
                    (e5 empty                 | bracket is not closed
                    e5 empty)                 | closes no bracket
                    """)
    void what_cannot_be_read_is_told_with_what_was_expected(String text, String problem) {
        assertThatThrownBy(() -> QueryReader.read(text))
                .isInstanceOf(IllegalArgumentException.class)
                .hasMessageContaining(problem);
        assertThat(QueryReader.problem(text)).isPresent();
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "g5 or ",
                "white rook or ",
                "white pawns on ",
                "e4-",
                "a queen and ",
                "no ",
                "FOR "
            })
    void a_condition_that_never_ends_is_refused(String part) {
        assertThat(QueryReader.problem("white rook on g5 " + part.repeat(5000) + "x"))
                .hasValueSatisfying(why -> assertThat(why.length()).isLessThan(1000));
    }

    @Test
    void many_conditions_do_no_harm() {
        String many = "e4 empty" + ", e5 empty".repeat(2000);
        assertThat(QueryReader.problem(many)).isEmpty();
        assertThat(QueryReader.problem("white to move" + " THEN e4 empty".repeat(500))).isEmpty();
    }

    @Test
    void everything_the_menu_offers_can_be_read() {
        ConditionReader.menu()
                .forEach(
                        (title, offers) ->
                                assertThat(offers)
                                        .as(title)
                                        .isNotEmpty()
                                        .allSatisfy(
                                                o -> assertThat(QueryReader.problem(o)).isEmpty()));
    }

    @ParameterizedTest(name = "{0}: {1}")
    @CsvSource(
            delimiter = '|',
            textBlock =
                    """
                    white pawn on e4                                              | 1
                    white pawn on e4; every position                              | 1 2 3 4 5
                    white knight on f3 for 3 plies                                | 3
                    white knight on f3 for 4 plies                                | 3
                    white knight on f3 for 5 plies                                | ''
                    white pawn on e4 then white knight on f3                      | 3
                    white pawn on e4 then within 1 ply white knight on f3         | 3
                    white pawn on e4 for 5 plies then white knight on f3          | 6
                    white knight on f3 then white pawn on e4                      | 4
                    white knight on f3 then black knight on c6 then white pawn on d4 | 5
                    white pawn on d4 then black knight on c6                      | 6
                    black pawn on e5 then black knight on f6; colours exchanged   | 3
                    white knight on c3; mirrored                                  | 3
                    """)
    void what_follows_and_what_lasts_is_found_in_a_game(String query, String plies) {
        GameLine game = TestLine.of("1. e4 e5 2. Nf3 Nc6 3. d4 exd4 4. Nxd4 *");
        String found =
                String.join(
                        " ",
                        new QueryMatcher(QueryReader.read(query))
                                .in(game).stream().map(m -> "" + m.ply()).toList());
        if (query.endsWith("every position")) {
            assertThat(found).startsWith(plies);
        } else {
            assertThat(found).isEqualTo(plies);
        }
    }

    @Test
    void a_sequence_tells_where_it_begins() {
        GameLine game = TestLine.of("1. e4 e5 2. Nf3 Nc6 3. d4 exd4 4. Nxd4 *");
        assertThat(
                        new QueryMatcher(
                                        QueryReader.read(
                                                "white pawn on e4 then white knight on d4"))
                                .in(game))
                .isEqualTo(List.of(new QueryMatch(1, 7)));
    }
}
