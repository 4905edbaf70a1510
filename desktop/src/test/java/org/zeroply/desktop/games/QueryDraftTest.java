package org.zeroply.desktop.games;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.zeroply.chess.board.Piece;
import org.zeroply.chess.board.PieceType;
import org.zeroply.chess.board.Side;
import org.zeroply.chess.board.Square;
import org.zeroply.coach.pattern.Query;

class QueryDraftTest {

    private static final QueryDraft.Tool ROOK =
            QueryDraft.Tool.of(new Piece(Side.WHITE, PieceType.ROOK));

    private static String drawn(String text) {
        QueryDraft.Drawn drawn = QueryDraft.drawn(text);
        return IntStream.range(0, 64)
                .filter(s -> drawn.men()[s] != null || drawn.signs().containsKey(s))
                .mapToObj(
                        s ->
                                Square.name(s)
                                        + (drawn.men()[s] == null ? "" : drawn.men()[s].letter())
                                        + drawn.signs().getOrDefault(s, ""))
                .collect(Collectors.joining(" "));
    }

    @ParameterizedTest(name = "{0} is drawn as {1}")
    @CsvSource(
            delimiter = '|',
            textBlock =
                    """
                    white rook on g5, black king on g8, no white pawn on g | g5R g8k
                    NOT black pawn on d5                                   | d5p/
                    e4 empty, white man on f7, man on h2                   | h2◐ e4× f7○
                    NOT e4 empty                                           | e4□
                    e2 empty THEN white queen on e2; mirrored              | e2Q
                    white rook on g5 OR white rook on h5                   | ''
                    white rook on                                          | ''
                    """)
    void what_a_text_says_of_single_squares_is_drawn(String text, String expected) {
        assertThat(drawn(text)).isEqualTo(expected);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            textBlock =
                    """
                    ''                                       | white rook on g5
                    white rook on g5                         | ''
                    black king on g8                         | black king on g8 AND white rook on g5
                    black king on g5, e4 empty               | e4 empty AND white rook on g5
                    pawn ending; colours exchanged           | pawn ending AND white rook on g5; colours exchanged
                    pawn ending THEN e4 empty                | pawn ending THEN e4 empty AND white rook on g5
                    e4 empty OR e5 empty                     | (e4 empty OR e5 empty) AND white rook on g5
                    """)
    void a_pressed_square_comes_into_the_text_and_goes_out_of_it(String before, String after) {
        assertThat(QueryDraft.pressed(before, ROOK, Square.parse("g5"), false)).contains(after);
    }

    @Test
    void a_text_that_cannot_be_read_is_left_alone() {
        assertThat(QueryDraft.pressed("white rook on", ROOK, 0, false)).isEmpty();
        assertThat(QueryDraft.asked("white rook on", Set.of(Query.Manner.MIRRORED))).isEmpty();
        assertThat(QueryDraft.with("white rook on", "pawn ending")).isEmpty();
    }

    @ParameterizedTest(name = "{0} dragged to {1}")
    @CsvSource(
            delimiter = '|',
            textBlock =
                    """
                    g5 | white rook on g5 AND black king on g8
                    h5 | black king on g8 AND white rook on h5
                    g8 | white rook on g8
                    -  | black king on g8
                    """)
    void what_is_dragged_stands_elsewhere_or_nowhere(String to, String after) {
        String text = "white rook on g5 AND black king on g8";
        String moved = QueryDraft.moved(text, Square.parse("g5"), Square.parse(to)).orElseThrow();
        assertThat(moved.split(" AND ")).containsExactlyInAnyOrder(after.split(" AND "));
    }

    @Test
    void ways_to_see_it_are_said_behind_the_text_once() {
        Set<Query.Manner> all = Set.of(Query.Manner.values());
        String text = QueryDraft.asked("e4 empty; result 1-0", all).orElseThrow();
        assertThat(text)
                .isEqualTo(
                        "e4 empty; mirrored; colours exchanged; every position; clearest first;"
                                + " result 1-0");
        assertThat(QueryDraft.asked(text, Set.of())).contains("e4 empty; result 1-0");
    }

    @Test
    void what_must_not_be_there_is_told_apart_from_what_must() {
        String text = QueryDraft.pressed("", ROOK, Square.parse("g5"), true).orElseThrow();
        assertThat(text).isEqualTo("NOT white rook on g5");
        assertThat(QueryDraft.pressed(text, ROOK, Square.parse("g5"), false))
                .contains("white rook on g5");
        assertThat(QueryDraft.cleared(text, Square.parse("g5"))).contains("");
    }
}
