package org.zeroply.coach.pattern;

/** What coaches say of what was played; a part of the table of {@link SaidOtherwise}. */
final class SaidOfMoves {

    static final String TABLE =
            """
            # What was played
            ^(white |black |)([KQRBN]x?[a-h][1-8][+]?) sacrifice => $1just played $2 where $1sacrificed material
            ^<side> (?:occupies|occupied) <square> with (?:an? |the |its |his )?(<man>)$ => $1 $3 on $2
            ^<side> (?:controls|covers|attacks) <square> with (?:an? |the |its |his )?(<man>)$ => $1 $3 aimed at $2
            ^<side> (?:blockades|blockaded|blocks|stops) (?:the |an? )?((?:passed |isolated |)pawn(?: on [a-h][1-8]|)) with (?:an? |the |its )?(<man>)$ => $1's enemy $2 blockaded by $3
            (white |black |^)(king|queen|rook|bishop|knight) (?:walks|walked|marches|penetrates|penetrated|invades|invaded|runs|ran|steps|stepped|hops|hopped|lands|landed|sinks|settles) (?:to|on|into|in|at)(?= [a-h][1-8]) => $1just moved a $2 to
            ^(white |black |)(?:just )?(?:pushes|pushed|advances|advanced|pushing) (?:the |an? |its )?([a-h])-pawn => $1just pushed a pawn to the $2-file
            ^(white |black |)(?:just )?(?:pushes|pushed|advances|advanced) (?:(?:the |its |an? )(passed )|an? )pawn => $1just pushed a $2pawn
            (?:just )?(?:recaptures?|recaptured|recapturing|retakes|retook|takes back|took back|taking back) => just recaptured
            ^recapture (?:by|for) <side>(.*) => $1 just recaptured$2
            (?:just )?(?:captures?|captured|takes|took|taking|capturing) with => just captured with
            (?:just )?(?:captures?|captured|takes|took|taking|capturing) on <square> with => just captured on $1 with
            ((?:re|)captured(?: on [a-h][1-8]| on the [a-h]-file|) with) (?:the |an? |its |his )?([a-h])-pawn => $1 a pawn from the $2-file
            just captured( with .+?) on <square> => just captured$1 on $2
            ^<side> (?:just )?(?:loses|lost|drops|dropped) (a pawn|a piece|the exchange|a rook|a queen|material) => $1's enemy just won $2
            ^(a pawn|a piece|the exchange|a rook|a queen|material) (?:is |was )(?:lost|won) => just won $1
            (?:gambits|gambited|gambiting) => sacrificed
            ^(?:the )?(?:poisoned )?(pawn|knight|bishop|rook|queen) on <square> (?:is |was |gets )?(?:taken|captured) => just took a $1 on $2
            ^(white |black |)(?:plays? )?(?:the )?[a-h][1-8]-<square> (?:break|breakthrough|lever) => $1played a break on $2
            ^(white |black |)<square> breakthrough => $1played a break on $2
            ^breakthrough$|^(?:a )?pawn breakthrough$ => broke through
            ^<side> (?:breakthrough|breaks through)$|^breakthrough (?:by|for) <side>$ => $1$2 broke through
            ^<side> (?:plays?|played|pushes|pushed) (?:\\.\\.\\.)?(<san>) against <square>$ => $1 just played $2 with pawn on $3
            ^<side> undermines (?:the )?[a-z]+(?: [a-z]+)? with (?:\\.\\.\\.)?<square>$ => $1 played a break on $2
            ^(queen|rook|bishop|knight|pawn)s? (?:is |are |was |were )?(?:just )?(?:exchanged|traded|swapped)(?: off|) on => $1s just traded on
            underpromotes => underpromoted
            ^(?:the )?games? (?:was |were |is |)(?:decided|over|finished|ended) (?:in|within) (?:under|less than|fewer than) => game of fewer than
            ^<side> (?:leaves|left|hangs|hung) (?:an? |the |its )?(<man>)(?: hanging| en prise| undefended| unguarded|)$ => $1 hanging $2 with $1's enemy to move
            ^(?:the )?attraction => decoy
            clearance sacrifice => clearance
            ^<side> (?:king )?(?:is |was |gets |)(?:check|)mated (?:in|on) ((?:the|a) .+) => mate by $1's enemy where $1 king on $2
            ^(?:the )?king (?:is |was |gets |)(?:check|)mated (?:in|on) ((?:the|a) .+) => mate where enemy king on $1
            ^(white |black |)(?:check|)mate (?:in|on) ((?:the|a) (?:corner|edge|rim|centre|back rank)) with (.+) => $1mate with $3 where enemy king on $2
            ^(white |black |)(?:check|)mate (?:in|on) ((?:the|a) (?:corner|edge|rim|centre|back rank))$ => $1mate where enemy king on $2
            king on the centre$ => king on the 3rd, 4th, 5th or 6th rank
            ^<side> mate(?= where) => mate by $1
            ^<side> mate with (bishop and knight|two bishops) where => $1 mate with $2 where
            ^<side> (?:mates|mated|gives mate|gave mate) with (?:an? )?(?:discovered) check => mate by $1 where discovered check by $1
            ^<side> (?:mates|mated|gives mate|gave mate) with (?:an? )?(?:double) check => mate by $1 where $1 just gave a double check
            ^(white |black |)(queen|rook|bishop|knight|pawn)s? (?:is |was |gets |got )?sacrificed(?= on| for| leading| to|$) => $1sacrificed a $2
            (?:gave|gives|giving) (an? (?:queen|rook|bishop|knight|piece|pawn)|the exchange)(?= |$) => sacrificed $1
            (?<=sacrificed )(?:the |a )(queen|rook|piece|pawn)(?= for) => a $1
            ^(white |black |)(?:just )?(?:won|wins|winning|win of|nets) (a pawn|a piece|the exchange|an exchange|a rook|the queen|a queen|material) => $1just won $2
            just won an? exchange => just won the exchange
            just won the queen => just won a queen
            ^(?:a )?(pawn|piece|exchange|rook|queen) (?:is |was )?won(?: by <side>|)$ => $2 just won a $1
            ^(?:a )?triangulation$ => triangulated
            <side> triangulates|^triangulation (?:by|for) <side> => $1$2 triangulated
            ^(?:the )?hunt of the <side> king$|^<side> king (?:is |was |being )?(?:hunted|driven (?:up|across|over) the board|chased (?:up|across|over) the board) => $1$2 hunted king
            ^(?:a )?king hunt$ => hunted king
            (rook|rooks) (?:swings?|swung|lifts?|lifted) (?:over |across )?to => lifted a rook to
            ^(white |black |)rook lift (?:via|along|on|over|to) the (third|fourth|3rd|4th) rank => $1lifted a rook to its $2 rank
            (knight|bishop|rook|queen|king) (?:going|travelling|manoeuvre|maneuver|tour|heading|manoeuvred|maneuvered) <square>(?=-) => $1 travelled $2
            ^knight('s|) (?:manoeuvre|maneuver|route|tour) <square> => knight travelled $2
            ^<side> (?:plays|played|playing) against (?:the |an? )?(.+?)(?= with |$) => $1's enemy $2
            ^<side> (bishop|rook|queen) pins (?:the |an? |its |)(<man>)$ => $1's enemy $3 pinned by $2
            ^<side> (?:rook |queen |)(?:cuts|cut) off (?:the |)(?:enemy |black |white |)king$ => $1's enemy king cut off
            white's enemy => black
            black's enemy => white
            break against <square>$ => break
            ^(?:a )?promotion to (an? |)(queen|rook|bishop|knight) => just promoted to a $2
            ^<side> en passant (?:check|)mate$ => mate by $1 where $1 just took en passant
            ^(?:en passant (?:check|)mate|mate (?:by|with) (?:taking )?en passant)$ => mate where just took en passant
            ^(white |black |)(?:castling|castled|castles) (?:with|giving|gave|gives) (?:a )?check$ => $1just castled where $1just gave a check
            (white |black |)(?:castling|castles) (long|short|kingside|queenside)$ => $1just castled $2
            ^(white |black |)rook lift to => $1lifted a rook to
            ^rook lift to (.+) by <side>$ => $2 lifted a rook to $1
            ^(white |black |)king (?:march|walk|walked|marched|wanders?|wandered) (?:across the board|up the board|into the enemy camp)$ => $1king march
            ^(white |black |)king(?:'s)? (?:march|walk)$ => $1king march
            ^(white |black |)king (?:marches|marched|walk|wanders|wandered) (?:to|on)(?: to|) => $1king march to
            ^(white |black |)(?:pawn )?break with (?:the )?(?:pawn )?(?:\\.\\.\\.)?(?:[a-h][1-8]-)?<square> => $1played a break on $2
            ^(white |black |)plays? (?:an? |the |)(?:\\.\\.\\.)?<square> break => $1played a break on $2
            ^(?:\\.\\.\\.)<square> break => black played a break on $1
            ^(?:an? |the )?(<given>) (?:is |was )?sacrificed(?! by) => sacrificed a $1
            ^(?:the )?exchange (?:is |was )?sacrificed(?! by) => sacrificed the exchange
            <side> pawn (?:promotes|promoted) => $1 just promoted
            (white |black |^)(king|queen|rook|bishop|knight|pawn) (?:retreats|retreated|goes|went|moves|moved|comes|came|jumps|jumped|returns|returned) to => $1just moved a $2 to
            (knight|bishop|rook|queen|king) (?:travels|goes|went|walks|walked|route) <square> => $1 travelled $2
            (?:played (?:an?|the) |)(?:pawn )?break <square> => played a break on $1
            ^(?-i:([KQRBN][a-h]?[1-8]?x?[a-h][1-8][+#]?|[a-h]x[a-h][1-8](?:=?[QRBN])?[+#]?|O-O(?:-O)?[+#]?))$ => just played $1
            ^(white |black |)sacrifice on => $1sacrificed on
            ^(?:an? )?underpromotion to an? (rook|bishop|knight) => just promoted to a $1
            (?<!\\w )perpetual$ => perpetual check
            (?:played (?:an?|the) |)<square> break => played a break on $1
            <side> (<man>) (?:reaches|reached|enters|entered|invades|invaded) (?:on )?(the|its|[a-h][1-8]) => $1 just moved a $2 to $3
            (<given>) sacrifice by <side> => $2 sacrificed a $1
            exchange sacrifice by <side> => $1 sacrificed the exchange
            (white |black |)(<given>) sacrifice => $1sacrificed a $2
            (white |black |)exchange sacrifice => $1sacrificed the exchange
            (an? (?:<given>)|the exchange) (?:is |was )?sacrificed by <side> => $2 sacrificed $1
            (?:the )?rook lift by <side> => $1 lifted a rook
            (?:gives |gave |giving )?(?:check)?mate with (?:an? |the )?(queen|rook|bishop|knight|pawn)$ => mate by a $1
            <side> (?:gives |gave )?check(?:s|ed|) with (?:an? |the )?(queen|rook|bishop|knight|pawn|king) => $1 $2 gave check
            back rank mate => back-rank mate
            checkmate => mate
            ^(white |black |)(?:gives |gave |)(?:mates?|mated) with (?!bishop and )(?:an? |the |its |)(queen|rook|bishop|knight|pawn|king) (?:and|supported by|helped by|with the help of) (?:an? |the |its |)(queen|rook|bishop|knight|pawn|king)$ => $1mate by a $2 with a $3
            ^(white |black |)(queen|rook) and (queen|rook|bishop|knight|pawn|king) mate$ => $1mate by a $2 with a $3
            ^(white |black |)(bishop and knight|two bishops?) mate$ => $1mate with $2
            ^(white |black |)(?:rook and rook|two rooks?|two-rook|double rook) mate$ => $1mate by two rooks
            <side> (?:gives mate|mates|mated) => mate by $1
            white (?:is |was )(?:check|)mated => mate by black
            black (?:is |was )(?:check|)mated => mate by white
            underpromoted to => just promoted to
            (?:just )?(?:promotes|promoted) => just promoted
            just just => just
            ^(?:a )?promotion$ => just promoted
            ^(?:a )?promotion by <side>$ => $1 just promoted
            ^(?:just |an? |)(?:taken? |captured? |)(?:en passant|in passing)(?: capture| captures|)$ => just took en passant
            ^(white |black |)(?:gives? |gave |an? |)(queen|rook|bishop|knight|pawn) check (?:on|from) <square>$ => $1just gave a check where $1just moved a $2 to $3
            ^(white |black |)(?:gives? |gave |an? |)check (?:on|from) <square>$ => $1just gave a check where $1just moved a man to $2
            en passant (?:is )?possible => can take en passant
            ^(?:a )?(double |)check$ => just gave a $1check
            (?:just )?(?:takes|captures|captured|took)(?: on)?(?= [a-h][1-8]\\b(?! with| or|,)) => just took on
            (?:just )?(?:takes|captures|captured|took)(?= an? \\w+ on [a-h][1-8]\\b) => just took
            <side> (?:just |has just )?(?:plays|played|pushes|pushed|playing|pushing) (?:\\.\\.\\.)?(<san>) => $1 just played $2
            ^(<san>) (?:is |was )?played by <side>$ => $2 just played $1
            ^(?:after )?(<san>) (?:is |was )?played$ => just played $1
            ^after (<san>)$ => just played $1
            (?:a )?(?:threefold|3-fold|triple) repetition => position reached 3 times
            ^(?:the )?position (?:is |was )?(?:repeated|repeats itself)$|^(?:a )?repetition$ => position reached 2 times
            ^(?:a )?stalemate$ => is stalemated
            """;

    private SaidOfMoves() {}
}
