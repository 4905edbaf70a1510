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

    @ParameterizedTest(name = "{0}")
    @CsvSource(
            delimiter = '|',
            textBlock =
                    """
                    rook on the same file as the enemy king | (white rook on the same file as the black king OR black rook on the same file as the white king)
                    white rook opposite the black queen | white rook on the same file as the black queen
                    black knight not on f6 | NOT black knight on f6
                    white knight on d5, black knights are not on f6 | white knight on d5 AND NOT black knight on f6
                    a rook lift by white | white lifted a rook
                    white played the c4 break | white played a break on c4
                    rooks doubled on the seventh | (at least 2 white rooks on the 7th rank OR at least 2 black rooks on the 2nd rank)
                    all rooks traded | NOT rook on the board
                    no minor pieces | NOT knight or bishop on the board
                    only heavy pieces left | rook or queen on the board AND NOT knight or bishop on the board
                    rook vs bishop ending | in the ending AND a rook against a bishop
                    outpost held for 8 plies | outpost FOR 8 PLIES
                    queen sacrificed | (white sacrificed a queen OR black sacrificed a queen)
                    exchange sacrificed on c3 by black | black sacrificed the exchange AND black just moved a rook to c3
                    white bishop retreats to b1 | white just moved a bishop to b1
                    white knight goes d2-f1-g3 | white knight travelled d2-f1-g3
                    black pawn promoted | black just promoted
                    doubled isolated c-pawns | (white isolated doubled pawn on the c-file OR black isolated doubled pawn on the c-file)
                    white has not castled by move 15 | NOT white castled by now AND from move 15
                    black is still uncastled at move 20 | NOT black castled by now AND from move 20
                    knight fork of king and queen | (white knight fork of the king and queen OR black knight fork of the king and queen)
                    white forks the queen and a rook | white fork of the queen and rook
                    white fork of a queen | white fork of the queen
                    mate with bishop and knight | ((mate by white AND material KBN against K) OR (mate by black AND material K against KBN))
                    white has doubled c-pawns and the bishop pair | white doubled pawn on the c-file AND white has the bishop pair
                    white has a passed pawn and black has two bishops | white passed pawn AND black has exactly 2 bishops
                    white has a rook on e1, knight on f3 | white rook on e1 AND knight on f3
                    outside passed pawn in a king and pawn ending | outside passed pawn AND pawn ending
                    rook ending with an extra pawn | rook ending AND (white is a pawn up OR black is a pawn up)
                    bishop versus knight endgame | minor-piece ending AND a bishop against a knight
                    rook ending with four against three on the kingside by white | rook ending AND white 4 pawns against 3 on the kingside
                    two connected passed pawns on the sixth | (white two connected passed pawns on the 6th rank OR black two connected passed pawns on the 3rd rank)
                    white sacrifice on h7 | (white sacrificed a piece OR white sacrificed the exchange OR white sacrificed a rook OR white sacrificed a queen) AND white just moved a man to h7
                    f5 break by black | black played a break on f5
                    c5 break in the french structure | (white played a break on c5 OR black played a break on c5) AND (white French chain OR black French chain)
                    white rook enters the seventh rank | white just moved a rook to the 7th rank
                    white knight route d2-f1-g3 | white knight travelled d2-f1-g3
                    Nxf7+ | (white just played Nxf7+ OR black just played Nxf7+)
                    white missed a win | white moment missed-chance
                    white blundered | white moment turn
                    black deflection | black motif move deflection
                    removal of the defender | motif move guard removed
                    absolute pin | pin to the king
                    bishops of opposite colours | opposite-coloured bishops
                    white won in under 25 moves | game of at most 24 moves; result 1-0
                    isolated queen's pawn | (white isolated queen's pawn OR black isolated queen's pawn)
                    kingside pawn storm by white | white pawn storm on the kingside
                    black pawns on light squares | at least 2 black pawns on a light square
                    no light-squared bishops | NOT bishop on a light square
                    white dark-squared bishop | white bishop on a dark square
                    trade of dark-squared bishops by white | white just traded bishops on a dark square
                    f7 attacked three times by white | f7 covered by white 3 times
                    white advanced passed pawn | white passed pawn on the 6th or 7th rank
                    black king on e8 after move 20 | black king on e8 AND from move 21
                    white just played h4 before move 12 | white just played h4 AND before move 12
                    turning point | moment turn
                    white missed a chance | white moment missed-chance
                    white checks with the queen | white just gave a check AND white just moved a queen
                    black knight gives a double check | black just gave a double check AND black just moved a knight
                    white gave mate with the queen | mate by white AND white just moved a queen
                    mate on h7 | ((mate by white AND white just moved a man to h7) OR (mate by black AND black just moved a man to h7))
                    black never castled | NOT black castled
                    black did not castle, e5 empty | NOT black castled AND e5 empty
                    white storms the queenside | white pawn storm on the queenside
                    space advantage for black | black has more space
                    white is cramped | black has more space
                    white queen on b2 is trapped | white trapped queen on b2
                    black's back rank is weak | black weak back rank
                    black knight on f6 is pinned to its queen | black knight pinned to the queen on f6
                    white pin of a knight on f6 to the queen | black knight pinned to the queen on f6
                    pin of a knight to the queen on c3 | (black knight pinned to the queen on c3 OR white knight pinned to the queen on c3)
                    pinned to the king | (black pin to the king OR white pin to the king)
                    Carlsbad | (white Carlsbad structure OR black Carlsbad structure)
                    black hedgehog formation | black hedgehog
                    french structure for white | white French chain
                    queens came off | queens just traded
                    exchange of rooks by black | black just traded rooks
                    white traded the bishop for the knight on c6 | white just traded a bishop for a knight on c6
                    queen trade | (white just traded queens OR black just traded queens)
                    after the queen trade | NOT queen on the board
                    exchange sacrifice on c3 by black | black sacrificed the exchange AND black just moved a rook to c3
                    discovered attack by white | white discovered attack
                    black has a lead in development | black ahead in development by at least 2
                    white has all pieces developed | NOT at least 1 white pieces undeveloped
                    opposition | (white has the direct opposition OR black has the direct opposition)
                    white knight blockades a passed pawn | white blockading knight
                    black rooks not connected | NOT black connected rooks
                    white has a passed rook pawn | white passed pawn on the a- or h-file
                    white rook on the c or d file | white rook on the c- or d-file
                    white queen on the d-, e- or f-file, e5 empty | white queen on the d-, e- or f-file AND e5 empty
                    white rook on the d-file or e-file open | (white rook on the d-file OR e-file open)
                    black rook on the second or third rank | black rook on the 6th or 7th rank
                    white rook on the 7th or 8th rank or e5 empty | (white rook on the 7th or 8th rank OR e5 empty)
                    weak d5 | weak square on d5
                    pawn break on d5 by white | white played a break on d5
                    white can break with d5 | white can play d5
                    king exposed | (white exposed king OR black exposed king)
                    white castled, black uncastled | white castled AND NOT black castled
                    candidate passed pawn | candidate passed
                    white piece en prise | white hanging piece
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
                    any black man on the seventh | black man on the 2nd rank
                    weak colour complex | weak colour
                    white pin to the king | white pin to the king
                    result turned | moment turn
                    rook lift by white | white lifted a rook
                    a piece sacrificed | (white sacrificed a piece OR black sacrificed a piece)
                    the exchange was sacrificed by black | black sacrificed the exchange
                    exchange sacrifice by black | black sacrificed the exchange
                    piece sacrifice by white | white sacrificed a piece
                    black king has not castled | NOT black castled
                    uncastled white king | NOT white castled
                    no pawns on the c-file | NOT pawn on the c-file
                    NO WHITE PAWNS ON the c-file | NOT white pawn on the c-file
                    no men on the d-file | NOT man on the d-file
                    no white pawns on the 7th rank | NOT white pawn on the 7th rank
                    black has no pawns on the queenside | NOT black pawn on the queenside
                    white has three pawns on the kingside | at least 3 white pawns on the kingside
                    white has two knights | white has exactly 2 knights
                    white hanging pawns on c4 and d4 | white hanging pawns AND white pawns on c4 d4
                    checkmate by black | mate by black
                    white gives mate | mate by white
                    white underpromoted to a knight | white just promoted to a knight
                    back rank mate | (back-rank mate by white OR back-rank mate by black)
                    black king castled queenside | black castled queenside
                    queens off the board | NOT queen on the board
                    queens are exchanged | NOT queen on the board
                    nothing on the d-file | NOT man on the d-file
                    d-file is empty | NOT man on the d-file
                    white pawn anywhere on the fifth rank | white pawn on the 5th rank
                    white knight stands on e5 | white knight on e5
                    rooks on the 7th | at least 2 rooks on the 7th rank
                    white rook on the 7th | white rook on the 7th rank
                    either side has an isolated queen's pawn | (white isolated queen's pawn OR black isolated queen's pawn)
                    white IQP | white isolated queen's pawn
                    white has a passed pawn on d5 | white passed pawn on d5
                    black has the bishop pair | black has the bishop pair
                    black doubled c-pawns | black doubled pawn on the c-file
                    white is down a piece | black is a minor piece up
                    black is two pawns down | white is two pawns up
                    white is up the exchange | white is the exchange up
                    weak dark squares | weak colour on a dark square
                    black man pinned to the king | white pin to the king
                    black knight pinned on f6 | white pin on f6 AND black knight on f6
                    bishop pair vs two knights | two bishops against two knights
                    white outside passed pawn on h5 | white outside passed pawn on h5
                    connected passed pawns on the sixth | (white connected passed pawn on the 6th rank OR black connected passed pawn on the 3rd rank)
                    black rook on the seventh | black rook on the 2nd rank
                    black rook on the 7th rank | black rook on the 7th rank
                    both rooks on the seventh | (at least 2 white rooks on the 7th rank OR at least 2 black rooks on the 2nd rank)
                    white fork by a knight | white knight fork
                    black knight is pinned to the king | white pin to the king of a knight
                    knight outpost for good on e5 | knight outpost for good on e5
                    hanging piece | hanging piece
                    rook and bishop endgame | bishop and rook ending
                    opposite-coloured bishops endgame | bishop ending AND opposite-coloured bishops
                    queenless middlegame | in the middlegame AND NOT queen on the board
                    rook ending without pawns | rook ending AND NOT pawn on the board
                    rook ending where white is a pawn up | rook ending AND white is a pawn up
                    white has the bishop pair in the endgame | white has the bishop pair AND in the ending
                    white plays g4 with black castled kingside | white just played g4 AND black castled kingside
                    white castled but black has not castled | white castled AND NOT black castled
                    both sides castled kingside | white castled kingside AND black castled kingside
                    neither side has castled | NOT white castled AND NOT black castled
                    both kings in the centre | white king in the centre AND black king in the centre
                    both sides have two bishops | white has exactly 2 bishops AND black has exactly 2 bishops
                    same-side castling | ((white castled kingside AND black castled kingside) OR (white castled queenside AND black castled queenside))
                    white castled long | white castled queenside
                    black castles short | black just castled kingside
                    white can no longer castle | NOT white may castle
                    white attacks f7 twice | f7 covered by white 2 times
                    black defends d5 | d5 covered by black
                    f7 is attacked by white | f7 attacked by white
                    white takes on f7 | white just took on f7
                    black plays ...h6 | black just played h6
                    white gives up the exchange | white sacrificed the exchange
                    white has three pawns for the piece | white has three pawns against a minor piece
                    white has an extra pawn | white is a pawn up
                    equal material | material level
                    between moves 20 and 30 | from move 20 AND before move 31
                    king on its back rank | (white king on the 1st rank OR black king on the 8th rank)
                    open centre | centre open
                    white to play | white to move
                    black's move | black to move
                    hole on d5 | weak square on d5
                    pawns on f7 g7 h7 | pawn on f7 AND pawn on g7 AND pawn on h7
                    white king g1, black knight d5 | white king on g1 AND black knight on d5
                    white has a knight or a bishop | white knight or bishop on the board
                    black knight in the centre of the board | black knight on the centre
                    white rook on the open d-file | white rook on the d-file AND d-file open
                    white has no passed pawns | NOT white passed pawn
                    black is not in check | NOT black in check
                    white is checkmated | mate by black
                    it is White's move | white to move
                    white has a queenside majority | white majority on the queenside
                    bishop on the h1-a8 diagonal | bishop on the h1-a8 diagonal
                    e4 empty lasting 6 plies | e4 empty FOR 6 PLIES
                    e4 empty then e5 empty within 3 moves | e4 empty THEN WITHIN 6 PLIES e5 empty
                    """)
    void what_coaches_say_in_other_words_has_a_usual_form(String said, String usual) {
        assertReadAs(said, usual);
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
                    white won                 | begins with a condition
                    player Ann Lee, e5 empty  | behind a semicolon
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
