package org.zeroply.coach.pattern;

/** What coaches say, and how it is usually said, as a table that {@link Synonyms} reads. */
final class SaidOtherwise {

    /**
     * A line each: what is said, a regular expression without upper and lower case, and its usual
     * form, with what the groups held. The lines are taken in this order, whole words only. Words
     * in angle brackets stand for: {@code <side>} white or black, and {@code <square>}, each a
     * group; {@code <some>} a number or article with men, {@code <times>} two times, a group each;
     * {@code <man>} any man, {@code <piece>}, {@code <given>} what can be sacrificed, {@code
     * <endings>} what an ending is called by, {@code <number>} in figures or as a word, {@code
     * <san>} a move.
     */
    private static final String WORDS =
            """
            # Single words, and what is only wrapped around the rest
            center => centre
            endgame => ending
            vs\\.?|versus|v\\. => against
            (?<=\\d )v(?= \\d) => against
            (?<=queen |rook |bishop |knight |pawns? |pieces? )v(?= ) => against
            (?:the )?opponent's => enemy
            (<endings>|opposite-coloured bishops?|opposite bishops?) (?:endings|endgames|endgame) => $1 ending
            bishops pair => bishop pair
            ^<side>'s(?! (?:move|turn|back rank|weak back rank|enemy)) => $1
            ^<side> (?:without|lacking|lacks|is missing|misses) (?: the| an?| his| its| any|)(?= (?:\\w+-squared|queen|rook|bishop|knight|pawn|piece)) => $1 has no
            ^(.+) (?:for|by|of) both(?: sides| players|)$ => both sides $1
            pawns on both sides$ => pawns on both wings
            long diagonals => long diagonal
            ^(?:with |)(?:an? |the |)extra (pawn|piece|exchange|rook|knight|bishop|queen)$ => is a $1 up
            ^is a exchange up => is the exchange up
            ^early (.+) => $1 by move 15
            ^<side> (?:just )?(?:trades|exchanges|swaps) => $1 traded
            ^(?:long |short |)games? (?:over|of more than|longer than) (\\d+) moves => game of more than $1 moves
            ^(?:(?:long |short |)games? (?:under|of fewer than|of less than|in under)|under|in under|of fewer than) (\\d+) moves$ => game of fewer than $1 moves
            ^(queen|rook|knight|bishop) against (?:an? )?((?:passed |rook )pawn|pawn(?= on ))( on .+|)$ => has a $1 against a pawn with enemy $2$3
            (<man>) ahead of(?= (?:the|its|an?) ) => $1 in front of
            ^kings (?:are |)(?:still |both |)in the centre => both sides king in the centre
            ^(?:<side> |)has (?:the |)only open file$ => $1 has the only open file to itself
            king (?:is |)(?:stuck|held|caught|left|still|sitting) on(?= [a-h][1-8]) => king on
            <side> has the two bishops$ => $1 has the bishop pair
            bishop pair against (?:the |a |two )?(?:knight pair|knights) => two bishops against two knights
            <side> has two bishops against => $1 has two bishops against
            (?<=move |moves |first )ten => 10
            (?<=move |moves |first )fifteen => 15
            (?<=move |moves |first )twenty => 20
            (?<=move |moves |first )thirty => 30
            (?:in|within|during) the first (\\d+) moves => by move $1
            queenless (?:position|game) => no queens
            ^(white |black |)active king(?: in (?:the|an) ending|) => $1king on its 4th, 5th, 6th, 7th or 8th rank in the ending
            (?:middle of the board|centre of the board) => centre
            (?:the|a) rook(?:'s)? file$ => the a- or h-file
            with (?:the )?(same|opposite) colou?rs?(?: bishops?|)$ => with $1-coloured bishops
            ^all (?:four |)(rooks|bishops|knights)(?: (?:are |)(?:still |)(?:on|there)(?: the board|)|)$ => both sides have exactly 2 $1
            ^both queens(?: (?:are |)(?:still |)on(?: the board|)|)$ => both sides have at least 1 queen
            ^(<number>) (queens|rooks|bishops|knights|pawns)(?: on the board|) (?:for|on) each side$ => both sides have exactly $1 $2
            ^(knight|bishop) against bad bishop ending => $1 against bad bishop
            ^bishop against bad bishop => good bishop against bad bishop
            ^(?:an? |the |)(queen|(?:two )?rooks?) for (?:an? |the |)(rook|bishop|knight|minor piece|two|three) => $1 against $2
            ^(?:an? |the |)rook and pawn for (two (?:minor )?pieces) => a rook and a pawn against $1
            ^(?:it is |it's )((?:white|black)'s) => $1
            ^the (<man>) => $1
            centre of the board => centre
            ((?:queen|rook|bishop|knight|pawn|piece|man)s?) (?:is |are )?in the centre => $1 on the centre
            both (white |black |)(rooks|knights|bishops) => two $1$2
            both (king|queen)s => both $1
            minor piece end(?:ing|game)s? => minor-piece ending
            ^(<endings> ending) ((?:<number>)(?: pawns?|) against .+) => $1 with $2
            ^(<endings> ending) (an? (?:pawn|piece|exchange) (?:up|down|ahead)) => $1 with $2
            ^(?:double|four)[- ]rook ending => rook ending with all rooks
            ^equal pawns$ => white has exactly 0 more pawns
            ^(?:the )?opposite bishops => opposite-coloured bishops
            ^(?:the )?(queen|rook|minor piece|bishop|knight)s (?:are )?(?:still |left |remain(?:ing)? )?on(?: the board|)$ => both sides have at least 1 $1
            ^(?:the )?(queen|rook|bishop|knight)s and (queen|rook|bishop|knight)s (?:are )?(?:still |left |)on(?: the board|)$ => both sides have at least 1 $1 where both sides have at least 1 $2
            (?:only |just )rooks(?: and pawns|) (?:left|remain(?:ing|)|on the board)$ => rook ending
            ^(?:only |just )rooks(?: and pawns|) (?:left|remain(?:ing|)|on the board) with => rook ending with
            ^(?:with )?((?:exactly |)<number>) (pawns?|rooks?|bishops?|knights?|pieces?) each$ => both sides have $1 $2
            ^all (?:the )?(?:minor pieces|minors) (?:are |were |)(?:off|gone|exchanged|traded)(?: the board| off|)$ => no knights or bishops
            ^(?:the )?(?:same|equal) number of pawns$|^(?:as many|equally many) pawns$|^pawns (?:are )?(?:level|equal|even)$ => white has exactly 0 more pawns
            ^(white|black|) ?has (<number>|a|an|) ?(pawn|piece|rook|knight|bishop|minor piece)s? more$ => $1 has $2 more $3s
            has an? more (\\w+)s$ => has 1 more $1s
            (?:in|into) (?:the|a) corner => on a corner
            ^(?:an? |the )([a-z'-]+(?: [a-z'-]+)? (?:structure|formation)) => $1
            (?:gives|gave) up|sacs|sacked => sacrificed
            sac => sacrifice
            ^without => no
            ^with =>
            king and pawns? ending => pawn ending
            twice => 2 times
            thrice => 3 times
            (?:in |on )?(?:an? |the )?<side>'s (?:move|turn)(?: to move)? => $1 to move
            <side> to play => $1 to move
            ^(?:in |reaching )?an? (<endings> ending) => $1
            ^in the (<endings> ending) => $1
            (?:stands?|standing|is|are|anywhere) on(?! it\\b) => on
            ^(?:either side|one side|somebody) has(?: an?| the|) =>
            result turned|turning point => moment turn
            ^missed (?:a )?chance|^(?:an? )?missed (?:win|draw) => moment missed-chance
            ^(?:an? )?(?:unpunished|missed) (?:blunder|error) => moment unpunished-error
            <side> missed (?:a chance|(?:a|the) (?:win|draw)) => $1 moment missed-chance
            <side> (?:blundered|blunders|blunder) => $1 moment turn
            ^(?:an? )?blunder => moment turn
            ^(?:a )?miniature$ => game of at most 25 moves
            ^(?:an? |the )?game (?:is )?shorter than (<number>|\\d+) moves$ => game of fewer than $1 moves
            ^(?:an? |the )?game (?:is )?longer than (<number>|\\d+) moves$ => game of more than $1 moves
            zwischenzug|intermezzo|intermediate move => in-between move
            ^(?:an? |(white |black |))(deflection|decoy|interference|clearance|windmill|desperado|in-between move) => $1motif move $2
            ^<side> (?:removal|removes|removed|removing) (?:of )?the (?:defender|guard) => $1 motif move guard removed
            ^(?:(?:the )?removal of|removing) the (?:defender|guard) => motif move guard removed
            (?:the )?(?:fifty|50)[- ]moves?(?:[- ]rule)? (?:draw|rule)|draw by the (?:fifty|50)[- ]move rule => halfmove clock at least 100
            (?:all |)pawns (?:are |)(?:only |all )?on (?:only )?one (?:side|wing)(?: of the board|)(?: only|)$ => all pawns on one wing
            ^all pawns (?:are )?on the same (?:side|wing)$ => all pawns on one wing
            against (\\d|<number>)(?: pawns|) on (?:the same|one) (?:side|wing)(?: of the board|) => against $1 on one wing

            # Men of one side, and what stands against them
            (<man>s) on <square>(?:,| and) <square>(?= (?:with|while|where|but|against)) => $1 on $2 $3
            (?<=on [a-h][1-8] )(?:attacking|hitting|eyeing|bearing on|looking at|pointing at|aiming at)(?= [a-h][1-8]) => aimed at
            ^(.+ on [a-h][1-8](?: [a-h][1-8])*) against (?:an? |the )castled king on <square>$ => $1 with enemy castled with enemy king on $2
            ^(.+ on [a-h][1-8](?: [a-h][1-8])*) against (?:an? |the |its |his )((?:bad |good |isolated |backward |doubled |pinned |weak |passed |)(?:king|queen|rook|bishop|knight|pawn)) on <square>$ => $1 with enemy $2 on $3
            pawn on <square> (?:blockaded|blocked|stopped) by (?:an? |the )?((?:white |black |enemy )(?:king|queen|rook|bishop|knight)) on <square> => pawn on $1 with $2 on $3
            pawn on <square> (?:blockaded|blocked|stopped) by (?:an? |the )?(king|queen|rook|bishop|knight) on <square> => pawn on $1 with enemy $2 on $3
            ^<side>(?:'s|) back rank (?:is |was |)weak => $1 weak back rank
            under-promot(ion|ed|es|ing) => underpromot$1
            ^(white |black |)(?:just )?promote[ds] to an? (queen|rook|bishop|knight) on <square> => $1just promoted to a $2 with $1$2 on $3
            ^(white |black |)(?:gives? |gave |)(?:an? |)discovered check (?:with|by) (?:an? |the |its )(<man>) => $1just gave a discovered check where $1just moved a $2
            ^(white |black |)rook (?:swings?|swung|lifts?|lifted|switch(?:es|ed)) from <square> to => $1rook lift to
            in under (\\d+) moves => in fewer than $1 moves
            ^(white |black )king (?:is |was |)in check => $1in check
            royal fork => knight fork of the king and queen
            ^(white |black |)bishop of the wrong colou?r(?: for (?:the|its|a) (?:rook pawn|rook's pawn|pawn)|) => $1wrong bishop
            ^(white |black |)(?:heavy pieces |major pieces |)(?:is |are |has |have |)tripled(?: heavy pieces|)(?= on | in |$) => $1tripled heavy pieces
            ^<side> ((?:isolated|backward|passed|weak|protected passed) pawn)s on <square>(?:,| and) <square>$ => $1 $2 on $3 with $1 $2 on $4
            ^(white |black |)doubled pawns on <square>(?:,| and) <square>$ => $1pawns on $2 $3
            ^<side> crippled (?:pawn |)majority on the (kingside|queenside) => $1 majority on the $2 with $1 doubled pawn on the $2
            ^<side> king (?:is |)active$ => $1 king on its 4th, 5th, 6th, 7th or 8th rank
            <side> king (?:just )?(?:walks|walked|marches|marched|goes|went|comes|came|runs|ran) (?:in|)to the centre => $1 just moved a king to the centre
            (?<=queens? |rooks? |bishops? |knights? |pieces? |men |man |battery )(?:pointed|pointing|trained|directed|bearing|bear) (?:at|on)(?= the (?:kingside|queenside|king|white king|black king|enemy king)) => aimed at
            ^<side> (two|three|both) (queen|rook|bishop|knight|piece)s aimed at => $2 $1 $3s aimed at
            """;

    private static final String BOARD =
            """
            # Kings and castling
            (castle[sd]?) (?:long|(?:to|on) the queenside) => $1 queenside
            (castle[sd]?) (?:short|(?:to|on) the kingside) => $1 kingside
            (?:just )?castles => just castled
            <side>(?: king has| king) castled => $1 castled
            <side>(?: king|)(?: has| is|)(?: still|) (?:not(?: yet|) castled(?: yet|)|uncastled) (?:by|at|on|after) move => no $1 castled by now from move
            <side>(?: king|)(?: has| is|) not(?: yet|) castled(?: yet|) => no $1 castled
            <side> (?:did not|didn't|never) castled? => no $1 castled
            ^uncastled <side> king on => $1 uncastled king on
            uncastled <side> king|<side> (?:king )?uncastled(?! king on) => no $1$2 castled
            <side> (?:can still|can|could still|could) castle => $1 may castle
            <side> (?:cannot|can not|can't|can no longer|may not) castle => no $1 may castle
            <side> (?:has )?lost the right to castle => no $1 may castle
            ^no castling$ => neither side castled
            bishops of opposite colou?rs? => opposite-coloured bishops
            opposite(?:[- ]sides?|[- ]wings?|) castling => castled on opposite wings
            same[- ](?:side|wing) castling|castled on the same (?:side|wing) => castled on the same wing
            king (?:held |stuck )?in the middle => king in the centre
            (?<!\\bon |weak )(?:on )?(?:the |its )?back rank(?! mate| is weak) => on its 1st rank

            # Pawns and files
            ^<side> rooks (?:are )?doubled on ((?:the )?(?:second|seventh|2nd|7th)|its) => two $1 rooks on $2
            ^<side> (light|dark)-squared bishop (?:is )?bad => $1 bad bishop on a $2 square
            ^<side> bishop (?:is )?bad => $1 bad bishop
            ([a-h])-pawn on(?= \\1[1-8]) => pawn on
            fianchetto (?:on both (?:sides|wings))|double fianchetto => double fianchetto
            rooks behind passed pawns => rook behind a passed pawn
            ^(white |black |)(<man>) (?:has|with) no (?:legal |good |)moves?(?: left|)$ => $1immobile $2
            ^(?:IQP|isolani|isolated queen's pawn) (?:position|structure)s? => isolated queen's pawn
            ^(white |black |)king on <square> (?:still )?uncastled => $1uncastled king on $2
            ^(?:the )?rooks (?:are )?(?:not connected|unconnected|disconnected) => no connected rooks
            ^<side>(?:'s|) (kingside|queenside) pawns (?:are )?weak => $1 weak pawn on the $2
            (?:blocked|obstructed|blunted) by (?:an? |the |its own )?((?:white |black |own |)pawn) on <square> => with $1 on $2
            with own pawn on => with pawn on
            ^<side> (?:doubles|doubled|doubling) (?:the |its |his |her )?rooks => $1 doubled rooks
            pawn lever|^lever => tension
            weak (light|dark)[- ]squares? (?:in|for) <side>(?:'s|)(?: camp| position| half|) => $2 weak colour on a $1 square
            (?:octopus|monster) knight on => knight supported by a pawn on
            (?<=knight )supported by a pawn on <square> => on $1 supported by a pawn
            behind (?:the )?own passed pawn => behind its own passed pawn
            pawn (?:on (?:the |its )?(?:seventh|7th)(?: rank|) )?(?:is )?(?:about|ready|set|poised) to (?:promote|queen) => pawn about to promote
            pawn on <square> (?:is )?(?:ready|set|poised|about) to (?:promote|queen) => pawn on $1 about to promote
            (?:passed pawn|queening|promotion) race|race of (?:the )?passed pawns => pawn race
            ^(?:<side> )?(?:isolani|IQP|isolated queen's pawn) on <square> => $1 isolated pawn on $2
            passed ([a-h])-pawn => passed pawn on the $1-file
            pinned ([a-h])-pawn => pawn on the $1-file pinned
            ([a-h])-pawn (?:is )?pinned => pawn on the $1-file pinned
            (?:number of |)pawn islands (?:is )?(?:fewer|smaller) => has fewer pawn islands
            (?:<side> )?(?:with |has )?(fewer|less) pawn islands => $1 has fewer pawn islands
            (?:<side> )?(?:with )?more pawn islands => $1 has-more-islands
            ^white has-more-islands => black has fewer pawn islands
            ^black has-more-islands => white has fewer pawn islands
            ^((?:at least |at most |exactly |more than |fewer than |less than |)<number>) (?:black |white |)pawn islands(?: or more|)$ => has $1 pawn islands
            symmetrical (?:pawn )?(?:structure|pawns|position|formation) => pawns symmetrical
            ^(?:the )?pawn structure (?:is )?symmetrical => pawns symmetrical
            fixed centre|centre (?:is )?fixed => centre fixed
            centre fixed (?:with )?<square> against <square> => centre fixed with pawns $1 $2
            (?:has |is in |)(?:control|controls|controlling|commands?|in control|holds|owns|dominates) (?:of )?(?:the )?only open file$ => has the only open file to itself
            (?:has |is in |)(?:control|controls|controlling|commands?|in control|holds|owns|dominates) (?:of )?(?:the |an )?open ([a-h])-file$ => has the $1-file to itself
            (?:has |is in |)(?:control|controls|controlling|commands?|in control|holds|owns|dominates) (?:of )?(?:the |an )open file$ => has an open file to itself
            (?:controls|holds|owns|dominates|commands) the ([a-h])-file$ => has the $1-file to itself
            behind (?:its |the |a )passed pawn on the ([a-h])-file => behind a passed pawn on the $1-file
            (?:pawn )?wedge on => pawn on
            (?:blocked|shut|locked|hemmed) (?:in )?(?:behind|by) (?:its|his|her|their|the) (?:own )?pawns => bad bishop
            ^(?:<side> )?(light|dark)-squared bishop bad bishop => $1 bad bishop on a $2 square
            ^(?:<side> )?bishop(?: on <square>)? bad bishop => $1 bad bishop on $2
            bad bishop on\\s*$ => bad bishop
            bad french bishop => black bad bishop on a light square
            pawn storm (?:with )?(?:pawns )?(?:on )?(?:and )?<square>,?(?: and)? <square>(?:(?: and|,|) <square>|)$ => pawn storm with pawns on $1 and $2
            ^<side> pawn storm with pawns => $1 pawn storm with $1 pawns
            (?:the )?fianchettoed (?:king's )?bishop (?:is |was |)(?:gone|(?:exchanged|traded|swapped)(?: off|)|missing|off) => fianchetto without its bishop
            fianchetto(?:ed bishop|) (?:without (?:the|a) bishop|with the bishop (?:gone|exchanged|traded)) => fianchetto without its bishop
            (<man>) on <square> (?:that |which |)(?:cannot be|can not be|can't be|is not|not|never|safe from being) (?:attacked|attackable|chased|challenged|driven|kicked|hit)(?: away| off|)(?: by (?:an? |any )?(?:enemy |black |white |)pawns?|) => $1 on $2 out of reach of pawns
            (?:immune|safe) (?:to|from) (?:attack by )?(?:enemy )?pawns? => out of reach of pawns
            pawn majority => majority
            ^(white |black |)tripled pawns on => at least 3 $1pawns on
            (?:double|pair of) rooks on the => doubled rooks on the
            pigs on => two rooks on
            rooks (?:are )?doubled on ((?:the )?(?:second|seventh|2nd|7th)|its) => two rooks on $1
            (kingside|queenside) majority => majority on the $1
            open files => open file
            half-open files => half-open file
            (?:is |are )?cut off(?: (?:by (?:an? |the )?(?:rook|queen)|along (?:an? |the )?(?:file|rank)|on (?:an? |the )?(?:file|rank)|from (?:the |a )?(?:passed )?pawns?))?$ => cut off
            ^(?:an? )?(white |black |)wrong(?:[- ]coloured| colou?r|) bishop(?: and rook(?:'s)? pawn|)$|^(?:an? )?(?:rook(?:'s)? pawn (?:and|with) (?:the )?wrong(?:[- ]coloured|) bishop)$|^(?:the )?wrong (?:rook(?:'s)? pawn|rook-pawn)$|^(?:a )?bishop of the wrong colou?r$ => $1wrong bishop
            passers? => passed pawn
            pawns(?= [a-h][1-8]) => pawns on
            (<man>) <square>$ => $1 on $2
            (?<!two |2 )(outside|protected|connected|blockaded) passed pawns? => passed $1
            (isolated|doubled|backward|passed|weak) ([a-h])[- ]pawns? => $1 pawn on the $2-file
            (pawn on the ([a-h])-file) on (?:the|its|a) (?:\\2-file half-open|half-open \\2-file) => $1 on a half-open file
            (isolated|doubled|backward|passed|weak) <square>[- ]pawn => $1 pawn on $2
            ^(?:an? )?chain => chain
            chain ((?:[a-h][1-8][- ])+[a-h][1-8]) against (?:a |the )?(?:chain )?(?=[a-h][1-8]) => chain $1 against
            (?:is |)(?:firmly |)(?:blockaded|blocked|stopped)(?: by (an? |the |)(<man>)|)$ => blockaded by $1$2
            blockaded by ?$ => blockaded
            (?:tripled|three) (?:heavy|major) pieces|tripled majors => tripled heavy pieces
            battery (?:of|with|from) (?:an? |the )?(queen|rook|bishop)s? and (?:an? |the )?(queen|rook|bishop) => $1 and $2 battery
            (queen|rook|bishop)[- ](queen|rook|bishop) battery => $1 and $2 battery
            IQP|isolani => isolated queen's pawn
            mate by crossed bishops|crossed[- ]bishops? mate|criss-?cross mate|boden's mate => crossed-bishops mate
            (open|closed) centre|centre (?:is )?(open|closed) => centre $1$2
            (?:the )?([a-h])-file (?:is )?(half-open|open) => $1-file $2
            (?<!on the |half-)(half-open|open) ([a-h])-file => $2-file $1
            (?:the )?([a-h])-file (?:is )?empty => no man on the $1-file
            pawn chains?(?! locked) => chain
            locked chain => locked pawn chain
            candidate passed pawns? => candidate passed
            rook(?:'s)? pawns? => pawn on the a- or h-file
            weak <square> => weak square on $1
            (?:pawn )?tension (?:between (?:the )?pawns )?in the centre => tension on the centre
            pawn tension => tension
            (?<!played (?:a|the) )(?:pawn )?break(?= on| by|$) => played a break
            <side> can (?:break|play the break)(?: with| on)? (<san>) => $1 can play $2
            <side> (?:has )?(?:just )?made a break => $1 played a break
            advanced passed pawns? => passed pawn on its 6th or 7th rank

            # Bishops by their squares
            (light|dark)[- ]squared? bishops? => bishop on a $1 square
            (?<=on )(?:the )?(light|dark) squares => a $1 square

            # Plans and dangers
            white (?:is )?cramped => black has more space
            black (?:is )?cramped => white has more space
            (?:(?:has |)an? |)(?:space advantage|spatial advantage|advantage in space) => has more space
            (?:has )?more space (?:for|by) <side> => $1 has more space
            (?<!has )more space => has more space
            <side> storms(?: on)? the (kingside|queenside) => $1 pawn storm on the $2
            (kingside|queenside) pawn storm => pawn storm on the $1
            <side> (?:has )?(?:a |the )?lead in development => $1 ahead in development
            lead in development for <side> => $1 ahead in development
            (?<!white |black )lead in development => ahead in development
            <side> (?:is )?better developed => $1 ahead in development
            <side> (?:has )?(?:all (?:its |his |her )?pieces developed|completed (?:its |his |her )?development) => no at least 1 $1 pieces undeveloped
            ^(?:the )?((?:direct |distant |diagonal )?opposition) => has the $1
            ^<side> (?:takes|took|keeps) the ((?:direct |distant |diagonal )?opposition) => $1 has the $2
            (<man>) (?:blockades|blockading|on blockade)(?: an?| the|) (?:passed|isolated) pawns? => blockading $1
            (<man>) blockades$ => blockading $1
            ^blockade$ => blockading man
            ^<side> blockade$ => $1 blockading man
            <side> rooks (?:are )?connected => $1 connected rooks
            <side> rooks (?:are )?not connected => no $1 connected rooks
            (?:<side>'s|<side>) back rank is weak => $1$2 weak back rank
            <side>'s weak back rank => $1 weak back rank
            <side> (?:has )?no luft => $1 weak back rank
            ^no luft => weak back rank
            <side> king(?: is|) exposed => $1 exposed king
            <side> king(?: has no| without|) pawn (?:cover|shield) => $1 exposed king
            ^king (?:is )?exposed$ => exposed king
            (?:loose|unguarded|undefended|unprotected) (<man>) => hanging $1
            (<man>) (?:is |are )?en prise => hanging $1
            ^en prise$ => hanging man
            ^pinned to => piece pinned to
            double attack => fork
            opposite (?:the )?(white|black|enemy) (<man>) => on the same file as the $1 $2
            absolute pin => pin to the king
            (white|black|knight|bishop|rook|queen|king|pawn) forks => $1 fork of
            overloaded (?:defender|guard) => overloaded man

            # What came off
            ^after (?:the )?(?:queen (?:trade|exchange)|(?:trade|exchange) of queens)$ => no queens
            (?:the )?(?:trade|exchange) of (?:the )?bishop on a (light|dark) square(?: by <side>|) => $2 just traded bishops on a $1 square
            (?:the )?(?:trade|exchange) of (?:the )?(queens|rooks|bishops|knights|minor pieces|pieces|pawns)(?: by <side>|) => $2 just traded $1
            (white |black |)(?:the )?(queen|rook|bishop|knight|minor piece|pawn) (?:trade|exchange)$ => $1just traded $2s
            (queens|rooks|bishops|knights) (?:just )?(?:came|come|went) off => $1 just traded
            minor pieces? (?=just traded|were|are|traded|exchanged) => knights or bishops
            (traded|exchanged) (?:the |a pair of )?minor pieces => $1 knights or bishops

            ^queen (?:is |was |)(traded|exchanged) => queens $1

            # Material
            ^<side> has ((?:at least |)<number>) ([a-z]+) on => $2 $1 $3 on
            queens (?:are |)(?:off(?: the board)?|exchanged|traded)(?! on) => no queens
            queenless (middlegame|ending) => in the $1 without queens
            queenless => no queens
            ^all (queens|rooks|bishops|knights|pawns) (?:are |were |)(?:off(?: the board)?|exchanged|traded)$ => no $1
            ^(no |)minor pieces?(?: on the board| left|)$ => $1bishop or knight on the board
            ^(?:only (?:heavy|major) pieces(?: left| on the board|)|(?:heavy|major)[- ]piece ending)$ => queen or rook on the board without bishop or knight on the board
            ^(?:an? )?pure ([a-z-]+) ending => $1 ending
            ^(?:an? )?(queen|rook) against (?:an? )?(rook|bishop|knight) ending$ => in the ending with a $1 against a $2
            ^(?:the |an )?exchange down$ => is the exchange up
            ^<side> has an extra (<man>)$ => $1 is a $2 up
            ^an extra (<man>)$ => is a $1 up
            ^(?:an? )?(bishop|knight) against (?:an? )?(bishop|knight) ending$ => minor-piece ending with a $1 against a $2
            ^<side> (?:is )?ahead by (an? \\w+)$ => $1 is $2 up
            ^<side> (?:is )?(an? \\w+) ahead$ => $1 is $2 up
            <side> has (?:only a|just a|a bare|a lone) king => $1 has exactly 1 man
            ^(?:a )?(?:bare|lone) king$ => has exactly 1 man
            only pawns|pawns only => pawn ending
            ^nothing on => no man on
            (?:the )?bishop pair(?= (?:against|vs|versus)) => two bishops
            equal material|material (?:is )?(?:equal|even|balanced|level) => material level
            (?<!(?:traded|exchanged|swapped) (?:an? |the |its |))(pawns?|<piece>s?) for (?:an?|the) (piece|rook|bishop|knight|queen) => $1 against a $2
            ^(<piece>) for ((?:an?|<number>) pawns)$ => $1 against $2
            ^<side> (?:is )?up <some>$ => $1 is $2 up
            ^white (?:is )?(?:down <some>|<some> down)$ => black is $1$2 up
            ^black (?:is )?(?:down <some>|<some> down)$ => white is $1$2 up

            # Who bears on what, and facts
            ^<square> (?:protected|guarded|defended|controlled|attacked|covered) <times>$ => $1 covered $2
            (?<!file )(?:close|next|nearby) to (?:the |an? )?(white|black) (king|queen) => near the $1 $2
            (?<!file )(?:around|beside|nearby) (?:the |an? )?(white|black) king => near the $1 king
            near (white|black) => near the $1
            near (white|black|the white|the black)'s king => near $1 king
            (?:pointed|pointing|trained|bearing|targeting|eyeing|aiming|hitting|looking) (?:down|straight)?(?: at| on| towards?|)(?= [a-h][1-8]) => aimed at
            (?<!pawns? )on <square> against <square>$ => on $1 aimed at $2
            battery against <square> => battery aimed at $1
            (?:pinned )on <square> by (?:an? |the )?(bishop|rook|queen)(?: on <square>|)$ => on $1 pinned by $2 on $3
            pin (on the [a-h]-file|on the [a-h][1-8]-[a-h][1-8] diagonal) (?:against|to|on) the (king|queen) => pin to the $2 $1
            holes on <square>(?:,? and|,) <square> => hole on $1 or $2
            (?<=on the )([a-h][1-8]-[a-h][1-8] diagonal|long diagonal) (?:against|opposite|towards|facing) the (?:enemy )?king => $1 with enemy king on the $1
            frozen (?:man|men|pieces?|army) => frozen
            pin (?:against|on) the (king|queen) => pin to the $1
            weak colou?r(?: complex)? => weak colour
            weak (light|dark)[- ]squares? (?:around|near|at|beside|next to|by) (?:the )?<side>(?:'s)? king => $2 weak $1 squares at the king
            weak (light|dark)[- ]squares? (?:around|near|at|beside|next to|by) (?:the |its )?king => weak $1 squares at the king
            weak (light|dark) squares?(?! at the king) => weak colour on a $1 square
            (hole)(?= on| in) => weak square
            <side> (?:attacks|(?:defends|guards|covers|controls|protects)) <square> <times> => $2 covered by $1 $3
            <side> attacks <square> => $2 attacked by $1
            <side> (?:defends|guards|covers|controls|protects) <square> => $2 covered by $1
            <square> is (attacked|covered|empty|guarded|defended|protected|controlled) => $1 $2
            (?:guarded|defended|protected|controlled) by => covered by
            (?:attacked|covered) <times> by <side> => covered by $2 $1
            attacked by <side> <times> => covered by $1 $2
            pinned (<man>) => $1 pinned
            outpost (<man>) => $1 outpost
            outpost(?: on <square>|) (?:that |which )?(?:cannot be|can not be|can't be|is not|not) (?:attacked|attackable|challenged|driven (?:away|off))(?: by (?:an? )?(?:enemy )?pawns?|) => outpost for good on $1
            outpost for good on$ => outpost for good
            outpost (?:is |was )?held$ => outpost
            (<man>) on an outpost => $1 outpost
            """;

    /** All of it, in the order in which it is taken. */
    static final String TABLE = SaidInShort.TABLE + WORDS + SaidOfMoves.TABLE + BOARD;

    private SaidOtherwise() {}
}
