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
            white knight on d5 against a bad bishop on e7 | white knight on d5 AND black bad bishop on e7
            black rook on d2 against the king on g1 | black rook on d2 AND white king on g1
            white pawns on e5 and f5 against a castled king on g8 | white pawns on e5 f5 AND (black castled AND black king on g8)
            white pawns on e5 and d4 with rooks on | white pawns on d4 e5 AND (white has at least 1 rook AND black has at least 1 rook)
            white knight on g5 attacking f7 | white knight on g5 aimed at f7
            black pawn on e5 blockaded by a white knight on e4 | black pawn on e5 AND white knight on e4
            white pawn on d4 blockaded by a knight on d5 | white pawn on d4 AND black knight on d5
            black back rank weak with queens and rooks on | black weak back rank AND ((white has at least 1 queen AND black has at least 1 queen) AND (white has at least 1 rook AND black has at least 1 rook))
            white discovered check with the knight | white just gave a discovered check AND white just moved a knight
            black rook swings from a8 to h6 | black lifted a rook AND black just moved a rook to h6
            white promoted to a queen on h8 | white just promoted to a queen AND white queen on h8
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
            two rooks on the seventh rank | (at least 2 white rooks on the 7th rank OR at least 2 black rooks on the 2nd rank)
            black plays ...c5 break against d4 | black played a break on c5
            exchange sacrifice on c3 in the Sicilian | ((white sacrificed the exchange AND white just moved a rook to c3) OR (black sacrificed the exchange AND black just moved a rook to c3)); opening Sicilian
            knight sacrifice on f7 | ((white sacrificed a piece AND white just moved a knight to f7) OR (black sacrificed a piece AND black just moved a knight to f7))
            white wins a pawn | white just won a pawn
            both kings castled kingside and pawns on h4 and h5 | (white castled kingside AND black castled kingside) AND (pawn on h4 AND pawn on h5)
            white pawn on e5 and black king castled short | white pawn on e5 AND black castled kingside
            white rook behind the passed a-pawn | white rook behind a passed pawn on the a-file
            outside passed pawn in a rook ending | outside passed pawn AND rook ending
            queen ending with passed pawn | queen ending AND (white passed pawn OR black passed pawn)
            queen against rook | a queen against a rook
            two bishops against bishop and knight | two bishops against a bishop and a knight
            three pawns for the piece | three pawns against a minor piece
            queen against two rooks | a queen against two rooks
            pawn on the seventh about to promote | (white pawn about to promote OR black pawn about to promote)
            promotion to a knight | (white just promoted to a knight OR black just promoted to a knight)
            back-rank mate | (back-rank mate by white OR back-rank mate by black)
            mate by a pawn | ((mate by white AND white just moved a pawn) OR (mate by black AND black just moved a pawn))
            Arabian mate | (arabian mate by white OR arabian mate by black)
            white king on the sixth rank in a pawn ending | white king on the 6th rank AND pawn ending
            opposition in a pawn ending | (white has the direct opposition OR black has the direct opposition) AND pawn ending
            breakthrough in a pawn ending | (white broke through OR black broke through) AND pawn ending
            passed pawn race | pawn race
            white pushes h4-h5 | white just played h4-h5
            knight on the rim | knight on the edge
            black knights on a5 and h5 | black knight on a5 AND black knight on h5
            rook swings to h3 | ((white lifted a rook AND white just moved a rook to h3) OR (black lifted a rook AND black just moved a rook to h3))
            control of the only open file | (white has the only open file to itself OR black has the only open file to itself)
            double attack by a queen | queen fork
            fork of king and rook | (white fork of the king and rook OR black fork of the king and rook)
            removing the guard | motif move guard removed
            deflection | motif move deflection
            decoy | motif move decoy
            overloaded defender | overloaded
            zwischenzug | motif move in-between move
            hanging pawns on c5 and d5 | ((white hanging pawns AND white pawns on c5 d5) OR (black hanging pawns AND black pawns on c5 d5))
            minority attack b4-b5 | ((white minority attack on the queenside AND white just played b5) OR (black minority attack on the queenside AND black just played b5))
            backward pawn on d6 and white knight on d5 | (white backward pawn on d6 OR black backward pawn on d6) AND white knight on d5
            doubled isolated pawns for black | black isolated doubled pawn
            tripled pawns | (white tripled pawns OR black tripled pawns)
            pawn majority on the queenside for black | black majority on the queenside
            connected passers | connected passed pawn
            King's Indian structure with f5 played | (white King's Indian chain OR black King's Indian chain) AND (white just played f5 OR black just played f5)
            Maroczy | (white Maroczy bind OR black Maroczy bind)
            stonewall for black | black stonewall
            hedgehog | (white hedgehog OR black hedgehog)
            Carlsbad with white minority attack | (white Carlsbad structure OR black Carlsbad structure) AND white minority attack on the queenside
            closed centre | centre closed
            open centre | centre open
            no pawns in the centre | NOT pawn on the centre
            black to move and in check | black to move AND (white in check OR black in check)
            white king exposed with queens on the board | white exposed king AND (white has at least 1 queen AND black has at least 1 queen)
            castling long by move 10 | (white just castled queenside OR black just castled queenside) AND before move 11
            queen traded before move 12 | NOT queen on the board AND before move 12
            all minor pieces exchanged | NOT knight or bishop on the board
            white has 3 pawns more | white has at least 3 more pawns
            knight on e5 not attackable by a pawn | ((white knight on e5 AND e5 out of reach of black pawns) OR (black knight on e5 AND e5 out of reach of white pawns))
            white pawn wedge on e6 | white pawn on e6
            black rook trapped on h8 | black trapped rook on h8
            rook sacrifice on g7 | ((white sacrificed a rook AND white just moved a rook to g7) OR (black sacrificed a rook AND black just moved a rook to g7))
            bishop sacrifice on e6 | ((white sacrificed a piece AND white just moved a bishop to e6) OR (black sacrificed a piece AND black just moved a bishop to e6))
            black has a weak pawn on e6 | (black isolated pawn on e6 OR black backward pawn on e6)
            white king walks to h6 | white just moved a king to h6
            both queens and all rooks still on the board | (white has at least 1 queen AND black has at least 1 queen) AND (white has exactly 2 rooks AND black has exactly 2 rooks)
            bishop on h6 with black pawn on g6 | bishop on h6 AND black pawn on g6
            three white pieces near the black king | at least 3 white pieces near the black king
            white sacs the exchange on e6 | white sacrificed the exchange AND white just moved a rook to e6
            two pieces for a rook | two minor pieces against a rook
            queen against three minor pieces | a queen against three minor pieces
            rook against bishop and two pawns | a rook against a bishop and two pawns
            material is equal after move 30 | material level AND from move 31
            bishop ending with the same colour | bishop ending AND same-coloured bishops
            bishop on the long diagonal aimed at g7 | (white bishop on a long diagonal aimed at g7 OR black bishop on a long diagonal aimed at g7)
            black bishop on b7 blocked by a pawn on d5 | black bishop on b7 AND pawn on d5
            rooks not connected | NOT (white connected rooks OR black connected rooks)
            rook trapped in the corner | (white trapped rook on a corner OR black trapped rook on a corner)
            black king penetrates to c3 | black just moved a king to c3
            king in front of its pawn | (white pawn behind the king OR black pawn behind the king)
            white king on e6 in a pawn ending | white king on e6 AND pawn ending
            distant opposition | (white has the distant opposition OR black has the distant opposition)
            Philidor | (white Philidor position OR black Philidor position)
            Lucena | (white Lucena position OR black Lucena position)
            perpetual check by black | black just gave a check AND position reached 3 times
            ladder mate | (ladder mate by white OR ladder mate by black)
            double check and mate | (white just gave a double check OR black just gave a double check) AND (mate by white OR mate by black)
            windmill | motif move windmill
            black f-pawn pinned by bishop on c4 | black pawn on the f-file pinned by a bishop on c4
            interference | motif move interference
            clearance sacrifice | motif move clearance
            attraction | (white motif move decoy OR black motif move decoy)
            desperado | motif move desperado
            trapped piece | (white trapped piece OR black trapped piece)
            both players blunder | white moment turn AND black moment turn
            a pawn is lost in the opening | (white just won a pawn OR black just won a pawn) AND in the opening
            queen takes b2 | ((white just took on b2 AND white just moved a queen to b2) OR (black just took on b2 AND black just moved a queen to b2))
            black pushes the h-pawn | black just pushed a pawn to the h-file
            white advances a passed pawn | white just pushed a passed pawn
            black pushes its passed pawn | black just pushed a passed pawn
            white recaptures with the g-pawn | white just recaptured with a pawn from the g-file
            black recaptures on f6 with the g-pawn | black just recaptured with a pawn from the g-file on f6
            white captures on g3 with the h-pawn | white just captured with a pawn from the h-file on g3
            white knight on e5 supported by a pawn, a rook on an open file | white knight on e5 supported by a pawn AND rook on an open file
            white takes back with the king | white just recaptured with a king
            recaptures on d5 with the knight | (white just recaptured with a knight on d5 OR black just recaptured with a knight on d5)
            white has two rooks on open files | at least 2 white rooks on an open file
            both white rooks on half-open files | at least 2 white rooks on a half-open file
            black king is cut off from the pawn | black king cut off
            white rook cuts off the king | black king cut off
            white has the wrong bishop | white wrong bishop
            bishop of the wrong colour | (white wrong bishop OR black wrong bishop)
            queen and knight mate | (white mate by a queen with a knight OR black mate by a queen with a knight)
            white mates with the queen supported by a pawn | white mate by a queen with a pawn
            mate with two rooks | (white mate by a rook with a rook OR black mate by a rook with a rook)
            bishop and knight mate | ((mate by white AND material KBN against K) OR (mate by black AND material K against KBN))
            white plays f4-f5 | white just played f4-f5
            e4-e5 break | (white played a break on e5 OR black played a break on e5)
            c4 break by white | white played a break on c4
            d5 breakthrough | (white played a break on d5 OR black played a break on d5)
            black plays b5 against c4 | black just played b5 AND pawn on c4
            pawn exchanged on d4 | pawns just traded on d4
            pawn lever | tension
            open d-file with all rooks traded | d-file open AND NOT rook on the board
            both sides have a rook on the d-file | white rook on the d-file AND black rook on the d-file
            white doubles rooks on the d-file | white doubled rooks on the d-file
            rook on the sixth rank | (white rook on the 6th rank OR black rook on the 3rd rank)
            octopus knight on d6 | (white knight on d6 supported by a pawn OR black knight on d6 supported by a pawn)
            knight against three pawns | a knight against three pawns
            white has two queens | white has exactly 2 queens
            two queens on the board for each side | white has exactly 2 queens AND black has exactly 2 queens
            promotion with check | (white just promoted OR black just promoted) AND (white just gave a check OR black just gave a check)
            white underpromotes to a rook | white just promoted to a rook
            passed pawn on the rook file | (white passed pawn on the a- or h-file OR black passed pawn on the a- or h-file)
            outside passed a-pawn | outside passed pawn on the a-file
            white pawns on d4 and e4 and no black pawn on the fourth or fifth rank | white pawns on d4 e4 AND NOT black pawn on the 4th or 5th rank
            isolated a-pawn | (white isolated pawn on the a-file OR black isolated pawn on the a-file)
            black has an isolated pawn and white has none | black isolated pawn AND NOT white isolated pawn
            hole on d5 | weak square on d5
            queens traded in the opening and black castled | (NOT queen on the board AND in the opening) AND black castled
            white has the only open file | white has the only open file to itself
            white rooks on d1 and e1 | white rook on d1 AND white rook on e1
            white rooks doubled on the seventh | at least 2 white rooks on the 7th rank
            black's light-squared bishop is bad | black bad bishop on a light square
            white plays Nd5 | white just played Nd5
            white plays exf6 | white just played exf6
            Nxf7 sacrifice | (white just played Nxf7 OR black just played Nxf7) AND (white sacrificed material OR black sacrificed material)
            Bxh7+ | (white just played Bxh7+ OR black just played Bxh7+)
            queen sacrifice leading to mate | (white sacrificed a queen OR black sacrificed a queen) THEN (mate by white OR mate by black)
            knight fork of king and queen on c7 | (white knight fork of the king and queen on c7 OR black knight fork of the king and queen on c7)
            white wins the queen | white just won a queen
            white loses the exchange | black just won the exchange
            white king stuck on e1 with the e-file open | white king on e1 AND e-file open
            black king on e8 with white rook on e1 | black king on e8 AND white rook on e1
            both bishops on the long diagonals | at least 2 bishops on a long diagonal
            fianchetto on both sides | ((white fianchetto on the kingside AND white fianchetto on the queenside) OR (black fianchetto on the kingside AND black fianchetto on the queenside))
            double fianchetto | ((white fianchetto on the kingside AND white fianchetto on the queenside) OR (black fianchetto on the kingside AND black fianchetto on the queenside))
            white pawns on g5 and h5 | white pawns on g5 h5
            white h-pawn on h6 | white pawn on h6
            pawn on the sixth | (white pawn on the 6th rank OR black pawn on the 3rd rank)
            protected passed pawn on the sixth rank | (white protected passed pawn on the 6th rank OR black protected passed pawn on the 3rd rank)
            two connected passed pawns for black | black two connected passed pawns
            outside passed pawn in a pawn ending | outside passed pawn AND pawn ending
            rook against passed pawn | ((white has a rook against a pawn AND black passed pawn) OR (black has a rook against a pawn AND white passed pawn))
            rook versus three pawns | a rook against three pawns
            queen against pawn on the seventh | ((white has a queen against a pawn AND black pawn on the 2nd rank) OR (black has a queen against a pawn AND white pawn on the 7th rank))
            knight against rook pawn | ((white has a knight against a pawn AND black pawn on the a- or h-file) OR (black has a knight against a pawn AND white pawn on the a- or h-file))
            bishop and pawn against bishop | a bishop and a pawn against a bishop
            rook and bishop against rook | a rook and a bishop against a rook
            rook and knight versus rook | a rook and a knight against a rook
            two knights against pawn | two knights against a pawn
            four rooks on the board | at least 4 rooks on the board
            four knights | at least 4 knights on the board
            all four bishops on the board | white has exactly 2 bishops AND black has exactly 2 bishops
            no queens but all rooks | NOT queen on the board AND (white has exactly 2 rooks AND black has exactly 2 rooks)
            minor piece ending with pawns on both wings | minor-piece ending AND (pawn on the kingside AND pawn on the queenside)
            extra pawn in a queen ending | (white is a pawn up OR black is a pawn up) AND queen ending
            pawn ending with the opposition | pawn ending AND (white has the direct opposition OR black has the direct opposition)
            pawn ending with a protected passed pawn | pawn ending AND protected passed pawn
            black to move in a pawn ending | black to move AND pawn ending
            king and two pawns against king and pawn | (material KPP against KP OR material KP against KPP)
            white king ahead of the pawn | white pawn behind the king
            rook in front of the pawn | (white pawn behind the rook OR black pawn behind the rook)
            rooks behind passed pawns for both | white rook behind a passed pawn AND black rook behind a passed pawn
            e6 break | (white played a break on e6 OR black played a break on e6)
            pawn sacrifice on e6 | ((white sacrificed a pawn AND white just moved a pawn to e6) OR (black sacrificed a pawn AND black just moved a pawn to e6))
            white plays e6 as a sacrifice | white just played e6 AND white sacrificed material
            white has pawns on f5 and g5 and black castled kingside | white pawns on f5 g5 AND black castled kingside
            weak f7 | weak square on f7
            f2 attacked by black twice | f2 covered by black 2 times
            black attacks f2 with queen and bishop | black queen aimed at f2 AND black bishop aimed at f2
            e5 protected three times | (e5 covered by white 3 times OR e5 covered by black 3 times)
            black knight has no moves | black immobile knight
            queen has no moves | (white immobile queen OR black immobile queen)
            black bishop has no moves | black immobile bishop
            black has castled and white has not | black castled AND NOT white castled
            neither side castled by move 15 | (NOT white castled AND NOT black castled) AND before move 16
            castled queenside for both | white castled queenside AND black castled queenside
            queen traded and kings in the centre | NOT queen on the board AND (white king in the centre AND black king in the centre)
            early queen trade | (white just traded queens OR black just traded queens) AND before move 16
            trade of dark-squared bishops | (white just traded bishops on a dark square OR black just traded bishops on a dark square)
            white trades bishop for knight on f6 | white just traded a bishop for a knight on f6
            three isolated pawns | (at least 3 white isolated pawns OR at least 3 black isolated pawns)
            French with pawn on f5 | pawn on f5; opening French
            Caro-Kann structure | (white Caro-Kann structure OR black Caro-Kann structure)
            white won with an extra pawn | (white is a pawn up OR black is a pawn up); result 1-0
            long game over 80 moves | game of at least 81 moves
            short draws under 20 moves | game of at most 19 moves; result 1/2-1/2
            both missed a win | white moment missed-chance AND black moment missed-chance
            white bishop on g5 pins the knight on f6 | black knight on f6 pinned by a bishop on g5
            pawn endgame with equal pawns | pawn ending AND white has exactly 0 more pawns
            rook endgame a pawn up for white | rook ending AND white is a pawn up
            double rook ending | rook ending AND (white has exactly 2 rooks AND black has exactly 2 rooks)
            rook on the open d-file | ((white rook on the d-file AND d-file open) OR (black rook on the d-file AND d-file open))
            black has two minor pieces for a rook | black has two minor pieces against a rook
            pinned queen | (white queen pinned by a man OR black queen pinned by a man)
            """;

    @ParameterizedTest(name = "{0}")
    @CsvSource(delimiter = '|', textBlock = ROWS, quoteCharacter = '`')
    void what_is_said_is_read_as(String said, String read) {
        Query query = QueryReader.read(said);

        assertThat(query.text()).isEqualTo(read);
        assertThat(QueryReader.read(query.text())).isEqualTo(query);
    }
}
