package org.zeroply.coach.pattern;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Whole sentences as coaches say them, and what they are read as; each read is checked by hand. */
class SaidInSentencesTest {

    private static final String ROWS =
            """
            white knight on d5 that cannot be chased by a pawn | white knight on d5 AND d5 out of reach of black pawns
            black king stuck in the centre with queens on | black king in the centre AND (white has at least 1 queen AND black has at least 1 queen)
            white queen and knight near the black king | white queen near the black king AND white knight near the black king
            rook on the seventh with the enemy king on the eighth | ((white rook on the 7th rank AND black king on the 8th rank) OR (black rook on the 2nd rank AND white king on the 1st rank))
            bad bishop for black on c8 | black bad bishop on c8
            light-squared bishop locked behind its pawns | bad bishop on a light square
            opposite bishops with rooks on | opposite-coloured bishops AND (white has at least 1 rook AND black has at least 1 rook)
            white is a pawn down but has the two bishops | black is a pawn up AND white has the bishop pair
            black gave up the exchange for a pawn | black sacrificed the exchange for 1 pawn
            white gave a piece for two pawns | white sacrificed a piece for 2 pawns
            queen for rook and bishop | a queen against a rook and a bishop
            white promotes and wins | white just promoted; result 1-0
            smothered mate with a queen sacrifice before it | (white sacrificed a queen OR black sacrificed a queen) THEN (smothered mate by white OR smothered mate by black)
            king hunt | ((white king march AND white in check) OR (black king march AND black in check))
            black fianchettoed king's bishop gone | black fianchetto without its bishop on the kingside
            no dark-squared bishop for black and white to move | NOT black bishop on a dark square AND white to move
            holes on f6 and h6 | weak square on f6 or h6
            white knight on f5 against g7 | white knight on f5 aimed at g7
            knight going d2-f1-g3 | (white knight travelled d2-f1-g3 OR black knight travelled d2-f1-g3)
            rook lift via the third rank | ((white lifted a rook AND white just moved a rook to the 3rd rank) OR (black lifted a rook AND black just moved a rook to the 6th rank))
            black controls the open c-file | black has the c-file to itself
            queen on the a1-h8 diagonal against the king | ((white queen on the a1-h8 diagonal AND black king on the a1-h8 diagonal) OR (black queen on the a1-h8 diagonal AND white king on the a1-h8 diagonal))
            bishop and queen aimed at h7 | ((white bishop aimed at h7 AND white queen aimed at h7) OR (black bishop aimed at h7 AND black queen aimed at h7))
            pin on the e-file against the king | pin to the king on the e-file
            knight pinned on c6 by bishop on b5 | (white knight on c6 pinned by a bishop on b5 OR black knight on c6 pinned by a bishop on b5)
            pinned f-pawn | (white pawn on the f-file pinned by a man OR black pawn on the f-file pinned by a man)
            isolani for black on d5 | black isolated pawn on d5
            white plays against the isolated pawn with a knight on d4 | black isolated pawn AND knight on d4
            four pawn islands | (white has exactly 4 pawn islands OR black has exactly 4 pawn islands)
            French structure with white pawns d4 and e5 | (white French chain OR black French chain) AND white pawns on d4 e5
            Benoni with white knight on c4 | white knight on c4; opening Benoni
            symmetrical pawn structure | pawns symmetrical
            fixed centre with d4 against d5 | centre fixed AND (pawn on d4 AND pawn on d5)
            games won by black in fewer than 30 moves | game of at most 29 moves; result 0-1
            games that ended in stalemate | (white is stalemated OR black is stalemated)
            games drawn by repetition | position reached 3 times; result 1/2-1/2
            draws with an extra pawn in rook endings | (white is a pawn up OR black is a pawn up) AND rook ending; result 1/2-1/2
            king on e1 uncastled after move 15 | ((NOT white castled AND white king on e1) OR (NOT black castled AND black king on e1)) AND from move 16
            only rooks left with seven pawns each | rook ending AND (white has exactly 7 pawns AND black has exactly 7 pawns)
            same number of pawns | white has exactly 0 more pawns
            pawn on f6 near black king | (white pawn on f6 near the black king OR black pawn on f6 near the black king)
            passed d-pawn for white in a queenless position | white passed pawn on the d-file AND NOT queen on the board
            bishop pair against knight pair | two bishops against two knights
            white queen sacrificed for mate | white sacrificed a queen THEN (mate by white OR mate by black)
            white occupies d5 with a knight | white knight on d5
            white blockades the passed pawn with a knight | black passed pawn blockaded by a knight
            black's queenside pawns are weak | (black isolated pawn on the queenside OR black backward pawn on the queenside)
            kings on opposite wings with queens | ((white king on the kingside AND black king on the queenside) OR (white king on the queenside AND black king on the kingside)) AND queen on the board
            rook and pawn for two minor pieces | a rook and a pawn against two minor pieces
            good bishop against bad bishop | ((white has exactly 0 knights AND white has exactly 1 bishop AND black has exactly 0 knights AND black has exactly 1 bishop AND black bad bishop AND NOT white bad bishop) OR (black has exactly 0 knights AND black has exactly 1 bishop AND white has exactly 0 knights AND white has exactly 1 bishop AND white bad bishop AND NOT black bad bishop))
            active king in the endgame | (white king on the 4th, 5th, 6th, 7th or 8th rank OR black king on the 1st, 2nd, 3rd, 4th or 5th rank) AND in the ending
            mate in the corner with bishop and knight | (((mate by white AND material KBN against K) AND black king on a corner) OR ((mate by black AND material K against KBN) AND white king on a corner))
            black is mated on the back rank | mate by white AND black king on the 8th rank
            king mated in the middle of the board | ((mate by white AND black king on the 3rd, 4th, 5th or 6th rank) OR (mate by black AND white king on the 3rd, 4th, 5th or 6th rank))
            white mates with a discovered check | mate by white AND white just gave a discovered check
            black leaves a piece hanging | black hanging piece AND white to move
            black loses a piece before move 15 | white just won a piece AND before move 15
            white gambits a pawn in the first ten moves | white sacrificed a pawn AND before move 11
            poisoned pawn on b2 taken | (white just took a pawn on b2 OR black just took a pawn on b2)
            white plays d5 sacrificing a pawn | white just played d5 AND white sacrificed a pawn
            tension between c4 and d5 | tension on c4 AND tension on d5
            white undermines the chain with f3 | white played a break on f3
            rook behind own passed pawn | (white rook behind its own passed pawn OR black rook behind its own passed pawn)
            knight stands on the sixth rank supported by a pawn | (white knight on the 6th rank supported by a pawn OR black knight on the 3rd rank supported by a pawn)
            white has a passed pawn and black does not | white passed pawn AND NOT black passed pawn
            backward c-pawn on the half-open c-file | ((white backward pawn on the c-file AND c-file half-open for black) OR (black backward pawn on the c-file AND c-file half-open for white))
            weak light squares in black's camp | black weak colour on a light square
            game decided in under 20 moves | game of at most 19 moves
            white won with the black king in the centre | black king in the centre; result 1-0
            black won a Sicilian with an exchange sacrifice | (white sacrificed the exchange OR black sacrificed the exchange); result 0-1; opening Sicilian
            endings with rook and knight | knight and rook ending
            doubled f-pawns after bishop takes f3 | ((white just took on f3 AND white just moved a bishop to f3) OR (black just took on f3 AND black just moved a bishop to f3)) THEN (white doubled pawn on the f-file OR black doubled pawn on the f-file)
            """;

    @ParameterizedTest(name = "{0}")
    @CsvSource(delimiter = '|', textBlock = ROWS, quoteCharacter = '`')
    void what_is_said_is_read_as(String said, String read) {
        Query query = QueryReader.read(said);

        assertThat(query.text()).isEqualTo(read);
        assertThat(QueryReader.read(query.text())).isEqualTo(query);
    }
}
