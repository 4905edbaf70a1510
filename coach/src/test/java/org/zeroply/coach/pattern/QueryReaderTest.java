package org.zeroply.coach.pattern;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.zeroply.chess.board.Square;

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
                    e5 empty leading to mate by white | e5 empty THEN mate by white
                    e5 empty, and then e5 followed by Nf6 | e5 empty THEN (white just played e5 OR black just played e5) THEN (white just played Nf6 OR black just played Nf6)
                    Sicilian, e5 empty | e5 empty; opening Sicilian
                    e5 empty in the Sicilian Defense | e5 empty; opening Sicilian Defence
                    e5 empty in the french and e4 empty | e5 empty AND e4 empty; opening french
                    Queen's Gambit Declined, e5 empty then e4 empty | e5 empty THEN e4 empty; opening Queen's Gambit Declined
                    white king in the centre in the middlegame | white king in the centre AND in the middlegame
                    e5 empty; collection Fine games; opening Dutch; | e5 empty; collection Fine games; opening Dutch
                    white sacrificed a piece, not taken back within 4 moves | white sacrificed a piece not taken back within 8 plies
                    """)
    void what_is_written_is_read_and_written_the_same_way(String text, String canonical) {
        Query query = QueryReader.read(text);
        assertThat(query.text()).isEqualTo(canonical);
        assertThat(QueryReader.read(query.text())).isEqualTo(query);
    }

    /** Also that what it is read as is read the same again. */
    private static void assertReadAs(String said, String meant) {
        String text = QueryReader.read(said).text();
        assertThat(text).isEqualTo(meant);
        assertThat(QueryReader.read(text).text()).isEqualTo(meant);
    }

    /** An "and" in small letters belongs to a phrase where squares or men alone stand beside it. */
    @ParameterizedTest(name = "{0}")
    @CsvSource(
            delimiter = '|',
            textBlock =
                    """
                    rook vs knight and bishop | a rook against a bishop and a knight
                    white has a rook against a knight and a bishop, white to move | white has a rook against a bishop and a knight AND white to move
                    white is a knight and two pawns up | white is a knight and two pawns up
                    a rook, a knight and a pawn against a queen | a rook, a knight and a pawn against a queen
                    a rook against a knight and white knight on e5 | a rook against a knight AND white knight on e5
                    a rook against a knight and bishop on e5 | a rook against a knight AND bishop on e5
                    white pawns on e5 and d4, black pawns on e6 and d5 | white pawns on d4 e5 AND black pawns on d5 e6
                    white pawns on c4, d5 and e4 | white pawns on c4 d5 e4
                    white pawns on c4 and d5 and e4 | white pawns on c4 d5 e4
                    white pawns on c4, d5, and e4 | white pawns on c4 d5 e4
                    white knights on d5, c3 and e4 | white knight on d5 AND white knight on c3 AND white knight on e4
                    white knight on d5, c3 and e4 empty | white knight on c3 or d5 AND e4 empty
                    white knights on d5 and e4 | white knight on d5 AND white knight on e4
                    white queen and rook on the d-file | white queen on the d-file AND white rook on the d-file
                    white queen and rook on the board | white queen on the board AND rook on the board
                    white rook on a1 and h1 or e5 empty | ((white rook on a1 AND white rook on h1) OR e5 empty)
                    rook and bishop ending | bishop and rook ending
                    e5 empty and rook and bishop ending | e5 empty AND bishop and rook ending
                    white knight, rook ending | white knight on the board AND rook ending
                    white knight and rook ending | white knight on the board AND rook ending
                    tied knight, rook ending OR minor-piece ending | ((tied knight AND rook ending) OR minor-piece ending)
                    white knight on e5 and e4 empty | white knight on e5 AND e4 empty
                    white knight on e5 and white to move | white knight on e5 AND white to move
                    no white pawns on e5 and d4 | NOT white pawn on d4 or e5
                    no white pawns on c4 and d5 and e4 | NOT white pawn on c4 or e4 or d5
                    no white pawns on c4, d5, and e4 | NOT white pawn on c4 or e4 or d5
                    no white knight on e5 and d4 | NOT white knight on d4 or e5
                    """)
    void what_and_joins_is_read_as_it_is_meant(String said, String meant) {
        assertReadAs(said, meant);
    }

    @ParameterizedTest(name = "{0}")
    @CsvSource(
            delimiter = '|',
            textBlock =
                    """
                    e5 empty, black won | e5 empty; result 0-1
                    white lost the game, e5 empty | e5 empty; result 0-1
                    e5 empty and black lost | e5 empty; result 1-0
                    game drawn, e5 empty | e5 empty; result 1/2-1/2
                    result 1-0, e5 empty, since 2020, e4 empty | e5 empty AND e4 empty; since 2020; result 1-0
                    e5 empty, white won then e4 empty | e5 empty THEN e4 empty; result 1-0
                    knight or bishop on e5, white won | knight or bishop on e5; result 1-0
                    e5 empty; white won | e5 empty; result 1-0
                    """)
    void what_is_said_of_the_game_is_taken_out_of_the_conditions(String said, String meant) {
        Query query = QueryReader.read(said);
        assertThat(QueryReader.read(query.text())).isEqualTo(query);
        assertThat(query).isEqualTo(QueryReader.read(meant));
    }

    @Test
    void what_has_its_usual_form_keeps_it() {
        Stream<String> offered = ConditionReader.menu().values().stream().flatMap(List::stream);
        assertThat(Stream.concat(offered, ConditionReader.examples().stream()))
                .allSatisfy(e -> assertThat(Synonyms.usual(e)).isEqualTo(e));
    }

    @ParameterizedTest(name = "{0}: {1}")
    @CsvSource(
            delimiter = '|',
            textBlock =
                    """
                    e5 empty or white won     | behind a semicolon
                    (e5 empty or e4 empty), black won | behind a semicolon
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
                    black concession          | told of moves and changes only
                    (e5 empty                 | bracket is not closed
                    e5 empty)                 | closes no bracket
                    white queen and knight on e5 and f3 | is no condition
                    bishop on the a1-h7 diagonal | No diagonal leads from a1-h7
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

    /** Each could be taken apart in more ways than could ever be tried. */
    @ParameterizedTest
    @ValueSource(
            strings = {
                "both sides castled in ",
                "e4 empty in ",
                "white has no ",
                "a in ",
                "neither side with ",
                "both "
            })
    void words_that_join_again_and_again_are_refused(String part) {
        String text = part.repeat(480 / part.length()) + "x";
        assertThat(QueryReader.problem(text))
                .hasValueSatisfying(why -> assertThat(why).contains(part.strip()));
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "player a, ",
                "e5 empty, player a, ",
                "e5 empty and player a in the e4 empty ",
                "games of a with games of b, ",
                "games that a won, "
            })
    void names_that_follow_each_other_again_and_again_are_read_or_refused(String part) {
        for (int times : new int[] {4, 20, 200}) {
            String text = part.repeat(times) + "e5 empty";
            QueryReader.problem(text).ifPresent(p -> assertThat(p).isNotBlank());
        }
    }

    @Test
    void many_conditions_do_no_harm() {
        String many = "e4 empty" + ", e5 empty".repeat(2000);
        assertThat(QueryReader.problem(many)).isEmpty();
        assertThat(QueryReader.problem("white to move" + " THEN e4 empty".repeat(500))).isEmpty();
        String different =
                IntStream.range(0, 64)
                        .mapToObj(Square::name)
                        .map(s -> "knight on " + s + " supported by a pawn, a rook on an open file")
                        .collect(Collectors.joining(", "));
        assertThat(QueryReader.problem(different)).isEmpty();
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

    @Test
    void each_part_of_the_menu_has_room_on_a_small_screen_and_offers_nothing_twice() {
        assertThat(ConditionReader.menu().values())
                .allSatisfy(o -> assertThat(o).hasSizeLessThan(25));
        assertThat(ConditionReader.menu().values().stream().flatMap(List::stream))
                .doesNotHaveDuplicates();
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
