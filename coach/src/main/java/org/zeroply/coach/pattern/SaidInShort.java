package org.zeroply.coach.pattern;

/**
 * Set phrases of coaches that stand for a whole condition; a part of the table of {@link
 * SaidOtherwise}.
 */
final class SaidInShort {

    static final String TABLE =
            """
            # What was lost, and what it was traded into
            ^<side> (?:just )?(?:blunders|blundered|blundering|gives away|gave away) (?:the |its |an? )?(pawn|piece|exchange|rook|queen)$ => $1's enemy just won a $2
            ^<side> (?:trades?|traded|trading|exchanges?|exchanged|exchanging|simplifies|simplified|simplifying|liquidates|liquidated)(?: off| down|) (?:into|to) (?:an? |the )?(<endings> ending|ending|endgame) => $2 where $1's enemy just recaptured
            ^(?:trades?|traded|trading|exchanges?|exchanged|exchanging|simplifies|simplified|simplifying|simplification|transition|liquidation|liquidates|liquidated)(?: off| down|) (?:into|to) (?:an? |the )?(<endings> ending|ending|endgame) => $1 where just recaptured
            ^(ending|endgame) where => in the ending where
            ^<side> (?:gives up|gave up|giving up|traded|trades|traded off|exchanged|exchanges|parted with|parts with) (?:the |its |his )?(?:fianchettoed|fianchetto) bishop$ => $1 fianchetto without its bishop

            ^<side> (?:just )?(?:trades|exchanges|swaps|traded|exchanged|swapped)(?: off|) (?:the |its |his |)(light|dark)-squared bishops? => $1 just traded bishops on a $2 square
            ^(?:the |an )?exchange (?:for|against) (<number>|an?|one) pawns?$ => a rook against a minor piece and $1 pawns
            ^<side> has (<number>|an?|one) pawns? for the exchange$ => $1 has a minor piece and $2 pawns against a rook
            (?<=and )(an?|one) pawns$ => a pawn
            ^<side> has no (queen|rook|bishop|knight|pawn|minor piece)s? (?:left|any more)$ => $1 has no $2
            ^each (?:side|player)(?: has| have|) => both sides have
            in which => where
            the <square> square => $1

            ^<side> (?:gives up|gave up|parts with|parted with|surrenders|surrendered|gives away|gave away) the bishop pair$ => $1 just traded a bishop for a knight
            ^(?:the )?(?:exchange|trade) of the fianchettoed bishop$ => fianchetto without its bishop
            ^(white |black |)(?:has a |gets a |)second queen$ => $1has exactly 2 queens

            ^(?:any |some |)one of (white|black)'s (queen|rook|bishop|knight|pawn|piece)s on => $1 $2 on
            ^<side> (?:is )?(<number>|an?) (pawns?|pieces?|rook|knight|bishop|queen|minor piece) ahead$ => $1 is $2 $3 up
            ^no pawns (?:have been |were |are |)(?:exchanged|traded|taken|off)(?: yet|)$|^all (?:the |sixteen |)pawns (?:are |)(?:still |)on(?: the board|)$ => both sides have exactly 8 pawns
            ^no pieces (?:have been |were |are |)(?:exchanged|traded|taken|off)(?: yet|)$|^all (?:the )?pieces (?:are |)(?:still |)on(?: the board|)$ => both sides have exactly 7 pieces
            ^after (?:the )?queens (?:are|were|came|have come|went) (?:off|exchanged|traded)$ => no queens

            # Men together
            (knight|bishop|rook|queen) (?:stranded|offside|misplaced|sidelined) on => $1 on
            ^<side> (queen|rook|bishop|knight|piece)s? aimed at <square>(?:,| and) <square>$ => $1 $2 aimed at $3 where $1 $2 aimed at $4
            (rooks on (?:the|its) (?:seventh|7th|second|2nd|sixth|6th|eighth|8th))(?: rank|) together => $1 rank
            ^(?:the )?(?:blind|hungry) pigs$ => two rooks on its 7th rank
            ^<side> ((?:an? |the |two |three |)(?:queen|rook|bishop|knight)[a-z ]*) (?:against|vs|versus) (?:white|black) ((?:an? |the |two |three |)(?:queen|rook|bishop|knight|pawn|piece)[a-z ]*)$ => $1 has $2 against $3
            ^(?:the )?(black|white|) ?knight blockades on <square>$ => $1 blockading knight on $2
            ^all (?:the |four |)(?:minor pieces|minors) (?:are |)(?:still |)on(?: the board|)$ => all four bishops where all four knights

            ^(white |black |)(king|queen|rook|bishop|knight) (?:penetrates|penetrated|infiltrates|infiltrated|invades|invaded|breaks in|broke in) (?:to |into |on |at |)((?:the|its) (?:second|seventh|2nd|7th|sixth|6th|eighth|8th)|[a-h][1-8]) => $1just moved a $2 to $3
            ^<side> (bishop|rook|queen)(?: on|) <square> (?:pins|pinning|that pins|which pins) (?:the |an? |its |)(queen|rook|bishop|knight|pawn)(?: on|) <square>(?: (?:to|against) (?:the |its )?(?:king|queen|rook)|)$ => $1's enemy $4 on $5 pinned by $2 on $3
            (<man>) on <square> pinned to the (king|queen|rook) by (?:an? |the )?(bishop|rook|queen)(?: on|) <square>$ => $1 pinned to the $3 on $2 where $1 on $2 pinned by a $4 on $5
            (behind the (?:queen|bishop|rook)) on the same (?:file|diagonal) => $1
            (queen|rook|bishop) and (?:the )?(queen|rook|bishop) (?:on the same diagonal|on one diagonal)$ => $1 and $2 battery
            (?:lines?|lined|lining) up (?:against|on|at)(?= [a-h][1-8]) => aimed at
            ^(.+ on [a-h][1-8](?: [a-h][1-8])*) against (?:an? |the )?castled king$ => $1 with enemy castled
            more (?:minor pieces|minors)(?: than (?:white|black)|)$ => more knights or bishops
            more (?:major|heavy) pieces(?: than (?:white|black)|)$ => more rooks or queens
            more (pawns?|(?:passed |isolated |doubled |backward )+pawns?|(?:pieces|rooks|knights|bishops|queens)) than (?:white|black)( on the (?:kingside|queenside)|)$ => more $1$2
            ^(white |black |)has an extra (passed pawn$|pawn on the (?:kingside|queenside)$) => $1has at least 1 more $2
            ^(?:the |all |)games of => game of
            ^(?:games )?(?:longer than|with more than|over) (<number> moves)$ => game of more than $1
            ^(?:games )?(?:shorter than|with fewer than|with less than|under) (<number> moves)$ => game of fewer than $1
            ^<side> king (?:has no|without|has few) defenders$ => no $1 piece near the $1 king
            ((?:at least |at most |fewer than |more than |exactly |)<number>) defenders? (?:around|near|beside|at) the (white|black) king => $1 $2 pieces near the $2 king
            ^<side> has ((?:at least |at most |exactly |)<number>) (?:attackers|pieces|attacking pieces) (?:around|near|beside|at|against) the (white|black|enemy) king$ => $2 $1 pieces near the $3 king
            ^(white |black |)knight outpost on <square> (?:protected|supported|guarded|defended|backed) by (?:an? |its )?pawn$ => $1knight outpost on $2 where $1knight on $2 supported by a pawn
            ^(white |black |)eternal knight => $1knight outpost for good
            is dim$ =>
            ^(white |black |)(?:tall|big) pawn$ => $1bad bishop
            fianchettoed king's bishop$ => fianchetto on the kingside
            fianchettoed queen's bishop$ => fianchetto on the queenside
            ^<side> (?:has )?doubled rooks on the open ([a-h])-file$ => $1 doubled rooks on the $2-file where $2-file open
            ^(?:an? |the )?(open|half-open) ([a-h])-file with (?:an? |the )?(white |black |)(rook|queen) on it$ => $3$4 on the $1 $2-file

            # Pawns
            ^passed pawns (?:on|for) both sides$ => white passed pawn where black passed pawn
            distant passed pawn => outside passed pawn
            ^<side> (?:protected passed pawn|passed protected)( on [a-h][1-8]|) (?:is )?(?:blockaded|blocked|stopped)( by .+|)$ => $1 protected passed pawn$2 where $1 passed pawn$2 blockaded$3
            (?<=blockaded |blocked )by (king|queen|rook|bishop|knight) => by a $1
            ^(?:the )?blockade of (?:the |an? )?(isolated|passed|backward|isolated queen's) pawn( on [a-h][1-8]|)$ => $1 pawn$2 blockaded
            isolated queen pawn => isolated queen's pawn
            (backward|weak) (pawn|[a-h]-pawn) on an open file => $1 $2 on a half-open file
            ^(white |black |)crippled (?:pawn |)majority$ => $1majority crippled by doubled pawns
            ^(?:mutual |opposite )?pawn storms? on (?:both wings|opposite (?:wings|sides|flanks)) => castled on opposite wings where white pawn storm where black pawn storm
            ^(white |black |)([a-h])-pawn (?:is |was |)(?:just )?(?:pushed|advanced|advances|thrust|marches|goes|runs) to <square>$ => $1just played $3
            ^(white |black |)([a-h])-pawn (?:thrust|push|advance|lunge|march)$ => $1just pushed a pawn to the $2-file
            ^<side> (?:breaks?|broke|breaking)(?: in the centre| open the centre| out| through| free|) with (?:\\.\\.\\.)?<square> => $1 played a break on $2
            ^<side> (?:frees|freed|freeing) (?:the |its |his |her |)(?:himself|herself|itself|game|position) with (?:\\.\\.\\.)?<square> => $1 played a break on $2
            ^<side> (?:plays?|played|playing|has|uses|used|carries out|carried out|conducts|launches|launched|starts|started) (?:the |an? )?minority attack => $1 minority attack
            ^<side> gambit$ => $1 sacrificed a pawn where in the opening

            ^(.+ on [a-h][1-8]) against (?:an? |the )?(isolated queen's pawn|isolated pawn|backward pawn|hanging pawns|passed pawn|bad bishop)$ => $1 with enemy $2
            ^(?:in )?(?:an? |the )?(open|closed) position$ => centre $1
            ^<side> (?:has |with |)(<number>) pawns against (<number>)(?: pawns|)$ => $1 has exactly $2 pawns where $1's enemy has exactly $3 pawns

            (?:has an? )?passed ([a-h])-pawn supported by (?:an? |the |its )?rook => rook behind its own passed pawn on the $1-file
            ^(white |black |)((?:two )?connected (?:passed pawns|passers)) against (?:an? |the )?(rook|knight|bishop|queen)$ => $1$2 with enemy $3 on the board
            ^(white |black |)pawns on ([a-h][1-8](?:(?:,| and|) [a-h][1-8])+) against (?:white |black |)pawns on ([a-h][1-8](?:(?:,| and|) [a-h][1-8])*)$ => $1pawns on $2 with enemy pawns on $3
            (?:has an? |)pawn (?:duo|centre|phalanx) (?:on|at) <square>(?:,| and|) <square> => pawns on $1 $2
            ^white (?:has )?(?:an? |the )?(?:big|broad|classical|ideal|full|strong) (?:pawn )?centre$ => white pawns on d4 e4
            ^black (?:has )?(?:an? |the )?(?:big|broad|classical|ideal|full|strong) (?:pawn )?centre$ => black pawns on d5 e5
            isolated queen's pawn blockaded on d5|(?:IQP|isolani) blockaded on d5 => white isolated pawn on d4 blockaded
            isolated queen's pawn blockaded on d4|(?:IQP|isolani) blockaded on d4 => black isolated pawn on d5 blockaded
            ^(white |black |)(isolated|passed|backward) pawn( on [a-h][1-8]|) with (?:an? |the )?(?:enemy |)(knight|bishop|queen|king) in front(?: of it|)$ => $1$2 pawn$3 blockaded by a $4
            ^<side> (knight|bishop|queen|king) in front of (?:the |an? )?(isolated|passed|backward) pawn( on [a-h][1-8]|)$ => $1's enemy $3 pawn$4 blockaded by a $2
            ^<side> sacrifice[sd] (?:the |its |his )?([a-h])-pawn$ => $1 sacrificed a pawn where $1 just moved a pawn to the $2-file
            ^(white |black |)<square> (pawn|knight|bishop|exchange|piece|rook|queen) sacrifice => $1$3 sacrifice on $2

            passed rook(?:'s)? pawn|rook(?:'s)? pawn passed => passed pawn on the a- or h-file
            (?:hole|weak square) on <square> (?:is |)occupied by (?:an? |the )?(white |black |enemy |)(knight|bishop|rook|queen|pawn|piece) => weak square on $1 where $2$3 on $1
            ^<side> (knight|bishop|rook|queen) (?:occupies|occupying|sits in|sitting in|settled in|in) (?:the |a )(?:hole|weak square) on <square>$ => $1 $2 on $3 where weak square on $3
            (?:thorn|spike|nail)(?: pawn|) on => pawn on
            ^<side> (queen|rook|bishop|knight|king) (?:takes|took|captures|captured|grabs|grabbed|snatches|snatched) (?:the |a )?(?:poisoned )?<square>[- ]pawn$ => $1 just took a pawn on $3 where $1 just moved a $2
            ^(white |black |)(?:takes|took|captures|captured|grabs|grabbed|snatches|snatched) (?:the |a )?(?:poisoned )?<square>[- ]pawn$ => $1just took a pawn on $2
            ^<side> (?:poisoned pawn on|took the poisoned pawn on|takes the poisoned pawn on) <square>$ => $1 just took a pawn on $2 where $1 just moved a queen
            ^poisoned pawn on <square>$ => queen takes the $1-pawn
            (?:pawn[- ]grab(?:bing|)|grabbing (?:a )?pawns?) with the queen$ => queen grabbed a pawn
            ^<side> queen (?:grabs|grabbed|snatched) (?:a )?pawns? => $1 just took a pawn where $1 just moved a queen

            outpost held for good => outpost for good
            (?:pawn )?break (?:is |was |)played on <square> => played a break on $1
            ^no <side> pawn can (?:ever |still |)(?:attack|challenge|guard|hit|reach) <square>$ => $2 out of reach of $1 pawns
            ^(<number>) <side> (?:pieces|men) (?:attack|attacking|bear on|bearing on|hit|hitting) <square>$ => $3 covered by $2 $1 times
            ^<square> (?:is |)attacked by (<number>) <side> (?:pieces|men)$ => $1 covered by $3 $2 times
            ^<square> (?:is |)attacked by <side> (?:at least )?(<number>) times$ => $1 covered by $2 $3 times
            ^(?:the )?square <square>(?= \\w) => $1

            # Kings
            ^<side> (open|half-open) file (?:at|next to|beside|near|before) (?:the |its |his )?king$ => $2 file at the $1 king
            ^<side> (?:open ([a-h])-file|([a-h])-file open) (?:against|at|next to|beside) (?:the |an? )?(?:castled )?king$ => open $2$3-file at the $1 king
            ^<side> half-open ([a-h])-file against (?:the |an? )?(?:castled )?king$ => half-open $2-file against the $1's enemy king
            ^neither (?:king|player) (?:has |is )?castled$ => neither side castled
            ^<side> (?:has )?(?:lost|loses|forfeited|gave up|has no) (?:the |its |his |all )?(?:right to castle|castling rights?|castling)$ => no $1 may castle
            ^<side> king cut off on (the .+|its .+|a .+) => $1 king cut off where $1 king on $2
            ^(white |black |)(king|queen|rook|bishop|knight) (?:is |was |)(?:just )?(?:moved|moves|out|comes out|came out|developed)$ => $1just moved a $2
            ^early (queen|king|rook) (?:moves?|sortie|sally|excursion|adventure) => just moved a $1 before move 8
            (?<!-file |open )against the castled king => where enemy castled

            king (?:caught|trapped|kept|remains|remaining|still) in the centre => king in the centre
            ^<side> (?:castled by hand|castled artificially|artificial castling|castles by hand) => $1 castled where no $1 castled by now
            ^(?:artificial castling|castled? by hand|castling by hand)$ => castled by hand
            ^<side> castled by hand => $1 castled where no $1 castled by now
            king (?:walks|walked|runs|ran|flees|fled|heads|escapes|escaped|marches|marched)(?: over| back|) to (the (?:queenside|kingside|centre)|[a-h][1-8]) => just moved a king to $1
            exposed (white|black) king => $1 exposed king

            (light|dark) squares (?:around|near|at|beside) the (white|black) king (?:are |is |)weak => $2 weak $1 squares at the king
            back[- ]rank weakness(?:es)? => weak back rank
            ^(white |black |)(?:makes |made |)luft (?:with|by) (?:\\.\\.\\.)?<square>$ => $1just played $2
            ^(white |black |)(?:\\.\\.\\.)?<square> luft$ => $1just played $2
            ^<side> (?:neglects|neglected|is behind in|lags in|lagging in) (?:the |its |his )?development => $1's enemy ahead in development
            ^black (?:queenside (?:is |)undeveloped|undeveloped queenside) => black rook on a8 where black knight on b8 where black bishop on c8
            ^white (?:queenside (?:is |)undeveloped|undeveloped queenside) => white rook on a1 where white knight on b1 where white bishop on c1

            weak (light|dark)[- ]squared? complex (?:around|near|at|beside) the (white|black) king => $2 weak $1 squares at the king
            ^<side> (?:can|may) castle (?:both ways|on both sides|either way|on either side) => $1 may castle kingside where $1 may castle queenside
            ^<side> to move in check$ => $1 in check
            ^(?:the )?last move (?:was |is |)(?:a |)check$ => just gave a check
            ^(?:the )?last move (?:was |is |)(?:a |)pawn (?:move|push|advance)$ => just moved a pawn
            ^(white |black |)(?:a )?capture on <square>$ => $1just took on $2
            ^(?:any|some) (?:check)?mate$ => mate
            (?:review )?moment of (?:the )?kind ([a-z-]+) => moment $1
            ^review moment => moment
            ^(?:the )?(?:game|result) turn(?:ed|s)$ => moment turn

            # Tactics
            ^(white |black |)(?:double attack|fork) (?:by|with|from) (?:the |an? )?(<man>)$ => $1$2 fork
            fork of (?:the )?(?:two|both) (rook|knight|bishop|pawn|queen)s => fork of the $1 and $1
            relative pin (?:on|to|against) => pin to
            (pin|skewer) along (the|an?) => $1 on $2
            x-ray (?:attack|defence|protection|guard) => x-ray
            see-?saw => windmill
            greek gift sacrifice => greek gift
            ^<side> (queen|rook|bishop|knight|pawn|king) (?:mates|checkmates|gives mate|gave mate) on <square>$ => mate by $1 where $1 just moved a $2 to $3
            ^<side> (queen|rook|bishop|knight|pawn|king) (?:mates|checkmates|gives mate|gave mate)$ => mate by $1 where $1 just moved a $2
            ^<side> (?:check)?mates? (?:by|with) castling$ => mate by $1 where $1 just castled
            perpetual check (?:with|by) (?:the |an? )?(queen|rook|knight|bishop) => perpetual check where just moved a $1
            ^(white |black |)(?:just )?(?:overlooked|overlooks|missed|misses|did not see) (?:an? |the |its |black's |white's )?threat$ => $1moment ignored-threat
            ^(queen|rook|bishop|knight) (?:manoeuvre|maneuver|swing|transfer|switch|shift|switches|swings) to the (kingside|queenside|centre) => just moved a $1 to the $2

            (queen|rook|bishop|knight|pawn) takes (?:on )?<square> sacrifice => $1 sacrifice on $2
            (queen|rook|bishop|knight|pawn) takes (?:on )?<square> (?:check)?mate$ => $1 mates on $2
            ^<side> (<san>) (?:check)?mate$ => $1 just played $2 where mate by $1
            ^(<san>) (?:check)?mate$ => just played $1 where mate
            ^<side> (<san>) fork$ => $1 just played $2 where $1 fork

            over(?:worked|burdened) => overloaded
            (skewer) of (?:the |an? |)(king|queen|rook|bishop|knight) and (?:the |an? |)(king|queen|rook|bishop|knight) => $1 of the $2 and $3

            # Endings
            (?:philidor(?:'s)? )?third[- ]rank defence => philidor position
            lucena(?:'s)? bridge|(?:building|builds) (?:a|the) bridge|bridge[- ]building => lucena position
            vancura(?:'s)? (?:defence|draw|method) => vancura position
            ^(?:an? )?(bishop|knight) against (?:an? )?(bishop|knight) (?:ending|endgame) (with|where) => minor-piece ending where a $1 against a $2 $3
            bishop (?:endings?|endgames?) (?:of|with) opposite colou?rs?$ => opposite-coloured bishops ending
            (?:philidor|philidor's) (?:defence|draw|drawing method|technique)(?= in a rook ending| ending|$) => philidor position
            """;

    private SaidInShort() {}
}
