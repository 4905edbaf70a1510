package org.zeroply.coach.pattern;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What coaches say, and what it is read as. */
class SaidOtherwiseTest {

    @ParameterizedTest(name = "{0}")
    @CsvSource(
            delimiter = '|',
            textBlock =
                    """
                    white queen and bishop battery on the long diagonal | white queen and bishop battery on a long diagonal
                    white bishop in front of the queen | white queen behind the bishop
                    black tripled majors on the d-file | black tripled heavy pieces on the d-file
                    black has a backward d6 pawn | black backward pawn on d6
                    black backward pawn on d6 on a half-open file | (black backward pawn on d6 AND d-file half-open for white)
                    black weak c-pawn | (black isolated pawn on the c-file OR black backward pawn on the c-file)
                    pawn chain d4-e5 against e6-d5 | white pawns on d4 e5 AND black pawns on d5 e6
                    pawn chain e6-d5-c4 | black pawns on c4 d5 e6
                    black isolated d-pawn is firmly blockaded by a knight | black isolated pawn on the d-file blockaded by a knight
                    white passed d-pawn blockaded | white passed pawn on the d-file blockaded by a man
                    black has hanging pawns c5 and d5 | black hanging pawns AND black pawns on c5 d5
                    white minority attack b4-b5 | (white minority attack on the queenside AND white just played b5)
                    rook ending with pawns on one side only | rook ending AND all pawns on one wing
                    half-open g-file against the black king | black king on the f-, g- or h-file AND g-file half-open for white
                    half-open c-file | (c-file half-open for white OR c-file half-open for black)
                    weak dark squares around the black king | black weak dark squares at the king
                    black weak dark squares | black weak colour on a dark square
                    black king march to g5 | black king march AND black just moved a king to g5
                    white king walked across the board | white king march
                    uncastled black king on e8 | (NOT black castled AND black king on e8)
                    white uncastled | NOT white castled
                    white castled long, black short | white castled queenside AND black castled kingside
                    white castling long after move 15 | white just castled queenside AND from move 16
                    both sides castled kingside | (white castled kingside AND black castled kingside)
                    white castles with check | white just castled AND white just gave a check
                    white rook lift to h3 | white lifted a rook AND white just moved a rook to h3
                    white break with d5 | white played a break on d5
                    black plays the ...c5 break | black played a break on c5
                    white fianchettoed bishop on g2 | white fianchetto on the kingside AND white bishop on g2
                    white knight outpost on d5 not attackable by pawns | white knight outpost for good on d5
                    promotion to a rook by white | white just promoted to a rook
                    white en passant mate | mate by white AND white just took en passant
                    Boden's mate by white | crossed-bishops mate by white
                    zwischenzug | motif move in-between move
                    white removing the defender | white motif move guard removed
                    draw by the fifty-move rule | halfmove clock at least 100; result 1/2-1/2
                    queen traded before move 15 | NOT queen on the board AND before move 15
                    white king in check | white in check
                    king in check | white in check OR black in check
                    black king in check on move 20 | black in check AND (from move 20 AND before move 21)
                    white king in check with black queen on h4 | (white in check AND black queen on h4)
                    white knight check on g5 | white just gave a check AND white just moved a knight to g5
                    black gives check on h2 | black just gave a check AND black just moved a man to h2
                    white took in passing | white just took en passant
                    black knight on d4 protected by a bishop or pawn | black knight on d4 supported by a pawn or bishop
                    two white bishops pointing at the kingside | at least 2 white bishops aimed at the kingside
                    white bishops trained on the kingside | at least 2 white bishops aimed at the kingside
                    white bishop aimed at the enemy king | white bishop aimed at the black king
                    three black pieces bearing on the king | at least 3 black pieces aimed at the white king
                    white royal fork | white knight fork of the king and queen
                    white tripled on the d-file | white tripled heavy pieces on the d-file
                    white bishop of the wrong colour for the rook pawn | white wrong bishop
                    black isolated pawns on a7 and c7 | black isolated pawn on a7 AND black isolated pawn on c7
                    white passed pawns on a5 and b5 | white passed pawn on a5 AND white passed pawn on b5
                    black doubled pawns on c6 and c7 | black pawns on c6 c7
                    black crippled majority on the queenside | black majority on the queenside AND black doubled pawn on the queenside
                    white king active in the ending | white king on the 4th, 5th, 6th, 7th or 8th rank AND in the ending
                    white king walked into the centre | white just moved a king to the centre
                    white rook before its own passed pawn on a7 | white rook in front of its own passed pawn on a7
                    e5 not attacked by black and e4 empty | NOT e5 attacked by black AND e4 empty
                    """)
    void what_is_said_is_read_as(String said, String read) {
        Query query = QueryReader.read(said);

        assertThat(bare(query.text())).isEqualTo(bare(read));
        assertThat(QueryReader.read(query.text())).isEqualTo(query);
    }

    /** Without the brackets around the whole, which say nothing. */
    private static String bare(String text) {
        return text.startsWith("(") && text.endsWith(")")
                ? text.substring(1, text.length() - 1)
                : text;
    }

    @ParameterizedTest(name = "{0}")
    @CsvSource(
            delimiter = '|',
            textBlock =
                    """
                    e5 empty not e4 empty | 'NOT' stands in front of a condition
                    e5 empty) | ')' closes no bracket
                    black is a piece down but winning | 'winning' is a judgement
                    a piece down with an attack | 'attack' is a judgement
                    zugzwang | 'zugzwang' is a judgement
                    black queen in check | 'black queen in check' is no condition
                    white bishop aimed at the white king | is no condition
                    """)
    void what_cannot_be_read_is_told_by_its_part(String said, String told) {
        assertThatThrownBy(() -> QueryReader.read(said)).hasMessageContaining(told);
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
    void what_is_said_in_other_words_has_a_usual_form(String said, String usual) {
        String text = QueryReader.read(said).text();
        assertThat(text).isEqualTo(usual);
        assertThat(QueryReader.read(text).text()).isEqualTo(usual);
    }
}
