package org.zeroply.coach.pattern;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Set phrases of coaches, and what they are read as; each read is checked by hand. */
class SaidInShortTest {

    private static final String ROWS =
            """
            white blundered a piece | black just won a piece
            black blunders the queen | white just won a queen
            white traded into a pawn ending | pawn ending AND black just recaptured
            trading down into a rook ending | rook ending AND (white just recaptured OR black just recaptured)
            black gave up the fianchettoed bishop | black fianchetto without its bishop on the kingside
            white fianchettoed bishop traded off | white fianchetto without its bishop on the kingside
            knight stranded on the rim | knight on the edge
            white bishops aimed at g7 and h7 | white bishop aimed at g7 AND white bishop aimed at h7
            isolated pawns on d5 and b5 | ((white isolated pawn on d5 AND white isolated pawn on b5) OR (black isolated pawn on d5 AND black isolated pawn on b5))
            white queen and rook against black rook and two bishops | white has a queen and a rook against a rook and two bishops
            white sacrifices a knight on g7 and mates within 6 moves | white sacrificed a piece AND white just moved a knight to g7 THEN WITHIN 12 PLIES mate by white
            white gambit | white sacrificed a pawn AND in the opening
            rooks on the seventh rank together | (at least 2 white rooks on the 7th rank OR at least 2 black rooks on the 2nd rank)
            blind pigs | (at least 2 white rooks on the 7th rank OR at least 2 black rooks on the 2nd rank)
            passed pawns on both sides | white passed pawn AND black passed pawn
            distant passed pawn | outside passed pawn
            black knight blockades on d6 | black blockading knight on d6
            rook sacrifice for stalemate | (white sacrificed a rook OR black sacrificed a rook) THEN (white is stalemated OR black is stalemated)
            x-ray attack | x-ray
            double attack by the queen | queen fork
            queen fork of two rooks | (white queen fork of the rook and rook OR black queen fork of the rook and rook)
            relative pin on the queen | (black man pinned to the queen OR white man pinned to the queen)
            pin along the e-file | pin on the e-file
            see-saw | motif move windmill
            queen mates on h7 | ((mate by white AND white just moved a queen to h7) OR (mate by black AND black just moved a queen to h7))
            mate by castling | ((mate by white AND white just castled) OR (mate by black AND black just castled))
            neither king castled | NOT white castled AND NOT black castled
            white lost the right to castle | NOT white may castle
            white king moved before move 10 | white just moved a king AND before move 10
            early queen move | (white just moved a queen OR black just moved a queen) AND before move 8
            queen out before move 6 | (white just moved a queen OR black just moved a queen) AND before move 6
            h-pawn pushed to h5 | (white just played h5 OR black just played h5)
            white pushed the h-pawn against the castled king | white just pushed a pawn to the h-file AND black castled
            g-pawn thrust | (white just pushed a pawn to the g-file OR black just pushed a pawn to the g-file)
            white played f4 and f5 | white just played f4 THEN white just played f5
            pawn storm on opposite wings | castled on opposite wings AND (white pawn storm AND black pawn storm)
            white broke in the centre with e5 | white played a break on e5
            black broke with c5 | black played a break on c5
            black freed himself with d5 | black played a break on d5
            black plays the minority attack | black minority attack on the queenside
            white isolated d-pawn with all minor pieces on | white isolated pawn on the d-file AND ((white has exactly 2 bishops AND black has exactly 2 bishops) AND (white has exactly 2 knights AND black has exactly 2 knights))
            blockade of the isolated pawn | (white isolated pawn blockaded by a man OR black isolated pawn blockaded by a man)
            knight on e5 against isolated queen pawn | ((white knight on e5 AND black isolated queen's pawn) OR (black knight on e5 AND white isolated queen's pawn))
            bishop pair in an open position | bishop pair AND centre open
            knight ending with four pawns against three | knight ending AND ((white has exactly 4 pawns AND black has exactly 3 pawns) OR (black has exactly 4 pawns AND white has exactly 3 pawns))
            king cut off on the back rank | ((white king cut off AND white king on the 1st rank) OR (black king cut off AND black king on the 8th rank))
            philidor defence in a rook ending | (white Philidor position OR black Philidor position) AND rook ending
            double bishop sacrifice | ((white sacrificed a piece AND white just moved a bishop) OR (black sacrificed a piece AND black just moved a bishop)) THEN WITHIN 12 PLIES ((white sacrificed a piece AND white just moved a bishop) OR (black sacrificed a piece AND black just moved a bishop))
            greek gift sacrifice | ((white sacrificed a piece AND white just moved a bishop to h7) OR (black sacrificed a piece AND black just moved a bishop to h2))
            queen manoeuvre to the kingside | (white just moved a queen to the kingside OR black just moved a queen to the kingside)
            perpetual check with the queen | ((white just gave a check AND position reached 3 times) OR (black just gave a check AND position reached 3 times)) AND (white just moved a queen OR black just moved a queen)
            short draw | game of at most 25 moves; result 1/2-1/2
            overlooked threat | moment ignored-threat
            bishops aimed at g7 and h7 | ((white bishop aimed at g7 AND white bishop aimed at h7) OR (black bishop aimed at g7 AND black bishop aimed at h7))
            black queen aimed at g2 and h2 | black queen aimed at g2 AND black queen aimed at h2
            rook mates | ((mate by white AND white just moved a rook) OR (mate by black AND black just moved a rook))
            isolated queen pawn | (white isolated queen's pawn OR black isolated queen's pawn)
            open position | centre open
            closed position | centre closed
            four pawns against three | ((white has exactly 4 pawns AND black has exactly 3 pawns) OR (black has exactly 4 pawns AND white has exactly 3 pawns))
            knight ending, white 4 pawns against 3 | knight ending AND (white has exactly 4 pawns AND black has exactly 3 pawns)
            white sacrifices a queen and mates | white sacrificed a queen THEN mate by white
            drawn game of at most 25 moves | game of at most 25 moves; result 1/2-1/2
            white trades queens when a pawn up | white just traded queens AND white is a pawn up
            white exchanges the dark-squared bishops | white just traded bishops on a dark square
            white bishop on g5 pinning the knight on f6 | black knight on f6 pinned by a bishop on g5
            knight on f6 pinned to the queen by bishop g5 | (white knight pinned to the queen on f6 OR black knight pinned to the queen on f6) AND (white knight on f6 pinned by a bishop on g5 OR black knight on f6 pinned by a bishop on g5)
            bishop on b5 pins knight c6 to the king | (black knight on c6 pinned by a bishop on b5 OR white knight on c6 pinned by a bishop on b5)
            white has doubled rooks on the open d-file | white doubled rooks on the d-file AND d-file open
            rook penetrates to the seventh rank | (white just moved a rook to the 7th rank OR black just moved a rook to the 2nd rank)
            white rook infiltrates on c7 | white just moved a rook to c7
            white has a passed a-pawn supported by a rook | white rook behind its own passed pawn on the a-file
            pawns on e4 and d4 against pawns on d5 and e5 | ((white pawns on d4 e4 AND black pawns on d5 e5) OR (black pawns on d4 e4 AND white pawns on d5 e5))
            white pawn centre on d4 and e4 | white pawns on d4 e4
            white has a pawn duo on d4 and e4 | white pawns on d4 e4
            big centre | (white pawns on d4 e4 OR black pawns on d5 e5)
            white attacks the f7 square | f7 attacked by white
            rook behind the queen on the same file | (white rook behind the queen OR black rook behind the queen)
            white bishop and queen on the same diagonal | white bishop and queen battery
            queen and bishop line up against h7 | ((white queen aimed at h7 AND white bishop aimed at h7) OR (black queen aimed at h7 AND black bishop aimed at h7))
            white queen on h5 and knight on g5 against castled king | white queen on h5 AND ((white knight on g5 AND black castled) OR (black knight on g5 AND white castled))
            black king without defenders | NOT black piece near the black king
            white has three attackers near the black king | at least 3 white pieces near the black king
            white has no knights left | white has exactly 0 knights
            black has only rooks and pawns | black has exactly 0 queens AND black has exactly 0 bishops AND black has exactly 0 knights
            each side has a queen and a rook | (white has at least 1 queen AND black has at least 1 queen) AND (white has at least 1 rook AND black has at least 1 rook)
            pawn ending in which white has the opposition | pawn ending AND white has the direct opposition
            minor piece endings | minor-piece ending
            knight against bishop ending with pawns on one wing | minor-piece ending AND (a knight against a bishop AND all pawns on one wing)
            bishop endings of opposite colour | bishop ending AND opposite-coloured bishops
            drawn rook ending a pawn up | rook ending AND (white is a pawn up OR black is a pawn up); result 1/2-1/2
            exchange for two pawns | a rook against a minor piece and two pawns
            exchange for a pawn with bishop pair | a rook against a minor piece and a pawn AND bishop pair
            black has two pawns for the exchange | black has a minor piece and two pawns against a rook
            knight outpost on e4 protected by a pawn | knight outpost on e4 AND (white knight on e4 supported by a pawn OR black knight on e4 supported by a pawn)
            eternal knight | knight outpost for good
            knight on the rim is dim | knight on the edge
            tall pawn | bad bishop
            fianchettoed king's bishop | (white fianchetto on the kingside OR black fianchetto on the kingside)
            IQP blockaded on d4 | black isolated pawn on d5 blockaded by a man
            isolated pawn with knight in front | (white isolated pawn blockaded by a knight OR black isolated pawn blockaded by a knight)
            black knight in front of the isolated pawn | white isolated pawn blockaded by a knight
            white sacrifices the h-pawn | white sacrificed a pawn AND white just moved a pawn to the h-file
            d5 pawn sacrifice | ((white sacrificed a pawn AND white just moved a pawn to d5) OR (black sacrificed a pawn AND black just moved a pawn to d5))
            king caught in the centre | (white king in the centre OR black king in the centre)
            artificial castling | ((white castled AND NOT white castled by now) OR (black castled AND NOT black castled by now))
            king walks to the queenside | (white just moved a king to the queenside OR black just moved a king to the queenside)
            king flees to h7 | (white just moved a king to h7 OR black just moved a king to h7)
            exposed black king in the middlegame | black exposed king AND in the middlegame
            half-open g-file with a rook on it | ((white rook on the g-file AND g-file half-open for white) OR (black rook on the g-file AND g-file half-open for black))
            rook on the half-open g-file | ((white rook on the g-file AND g-file half-open for white) OR (black rook on the g-file AND g-file half-open for black))
            knight takes e6 sacrifice | ((white sacrificed a piece AND white just moved a knight to e6) OR (black sacrificed a piece AND black just moved a knight to e6))
            queen takes h7 mate | ((mate by white AND white just moved a queen to h7) OR (mate by black AND black just moved a queen to h7))
            Qxh7 mate | (white just played Qxh7 OR black just played Qxh7) AND (mate by white OR mate by black)
            Nf6+ fork | ((white just played Nf6+ AND white fork) OR (black just played Nf6+ AND black fork))
            smothered mate with queen sacrifice | (white sacrificed a queen OR black sacrificed a queen) THEN (smothered mate by white OR smothered mate by black)
            white gives up the bishop pair | white just traded a bishop for a knight
            exchange of the fianchettoed bishop | (white fianchetto without its bishop on the kingside OR black fianchetto without its bishop on the kingside)
            dark squares around the black king are weak | black weak dark squares at the king
            hole on d6 occupied by a knight | weak square on d6 AND knight on d6
            white knight occupies the hole on d5 | white knight on d5 AND weak square on d5
            thorn pawn on h6 | pawn on h6
            rook pawn passed | (white passed pawn on the a- or h-file OR black passed pawn on the a- or h-file)
            second queen | (white has exactly 2 queens OR black has exactly 2 queens)
            philidor third rank defence | (white Philidor position OR black Philidor position)
            lucena bridge | (white Lucena position OR black Lucena position)
            vancura defence | (white Vancura position OR black Vancura position)
            poisoned pawn on b2 | ((white just took a pawn on b2 AND white just moved a queen) OR (black just took a pawn on b2 AND black just moved a queen))
            queen takes the b2 pawn | ((white just took a pawn on b2 AND white just moved a queen) OR (black just took a pawn on b2 AND black just moved a queen))
            white grabs the b7 pawn | white just took a pawn on b7
            black neglects development | white ahead in development by at least 2
            undeveloped queenside | ((white rook on a1 AND (white knight on b1 AND white bishop on c1)) OR (black rook on a8 AND (black knight on b8 AND black bishop on c8)))
            black queenside undeveloped | black rook on a8 AND (black knight on b8 AND black bishop on c8)
            back rank weakness | (white weak back rank OR black weak back rank)
            luft with h3 | (white just played h3 OR black just played h3)
            h6 luft | (white just played h6 OR black just played h6)
            skewer of king and queen | (white skewer of the king and queen OR black skewer of the king and queen)
            overworked defender | overloaded
            black drew a pawn down | white is a pawn up; result 1/2-1/2
            white won after sacrificing the exchange | white sacrificed the exchange; result 1-0
            french advance with black playing f6 | black just played f6; opening French Defence: Advance
            caro-kann exchange with minority attack | (white minority attack on the queenside OR black minority attack on the queenside); opening Caro-Kann Defence: Exchange
            queen's gambit declined exchange variation with minority attack | (white minority attack on the queenside OR black minority attack on the queenside); opening Queen's Gambit Declined: Exchange
            dutch stonewall with bad bishop | bad bishop; opening Dutch Defence: Stonewall
            white queen, rook or bishop on h5 | white bishop or rook or queen on h5
            one of white's rooks on the seventh | white rook on the 7th rank
            white two pawns ahead | white is two pawns up
            outpost held for good | outpost for good
            weak dark-square complex around the black king | black weak dark squares at the king
            piece sacrificed and not taken back within 8 plies | (white sacrificed a piece not taken back within 8 plies OR black sacrificed a piece not taken back within 8 plies)
            break played on f5 | (white played a break on f5 OR black played a break on f5)
            any mate | (mate by white OR mate by black)
            moment of kind turn | moment turn
            review moment missed-chance for white | white moment missed-chance
            the game turned | moment turn
            white rook and black king on the same file | white rook on the same file as the black king
            black king and queen on the same diagonal | black king on the same diagonal as the black queen
            two white pieces attack h7 | h7 covered by white 2 times
            h7 attacked by two white pieces | h7 covered by white 2 times
            f7 attacked by white at least 2 times | f7 covered by white 2 times
            square d5 controlled by white | d5 covered by white
            no black pawn can attack d5 | d5 out of reach of black pawns
            black to move in check | black in check
            after the queens are off | NOT queen on the board
            no pawns exchanged | white has exactly 8 pawns AND black has exactly 8 pawns
            all pawns on the board | white has exactly 8 pawns AND black has exactly 8 pawns
            no pieces traded | white has exactly 7 pieces AND black has exactly 7 pieces
            white can castle both ways | white may castle kingside AND white may castle queenside
            last move was a pawn move | (white just moved a pawn OR black just moved a pawn)
            last move check | (white just gave a check OR black just gave a check)
            capture on f7 | (white just took on f7 OR black just took on f7)
            opening sicilian; white knight on d5 | white knight on d5; opening sicilian
            since 2020; opening najdorf; white knight on d5 | white knight on d5; since 2020; opening najdorf
            white knight on d5, played since 2023 | white knight on d5; since 2023
            open file next to the king | (open file at the white king OR open file at the black king)
            half-open file at the king | (half-open file at the white king OR half-open file at the black king)
            open h-file against the castled king | ((white king on the g- or h-file AND h-file open) OR (black king on the g- or h-file AND h-file open))
            half-open g-file against the king | ((white king on the f-, g- or h-file AND g-file half-open for black) OR (black king on the f-, g- or h-file AND g-file half-open for white))
            """;

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = ROWS, quoteCharacter = '"')
    void isReadAndReadAgainTheSame(String said, String read) {
        assertThat(QueryReader.read(said).text()).isEqualTo(read);
        assertThat(QueryReader.read(read).text()).isEqualTo(read);
    }

    @Test
    void aNumberAloneIsNoOpening() {
        assertThat(QueryReader.problem("rook and four pawns against rook and three")).isPresent();
    }
}
