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
}
