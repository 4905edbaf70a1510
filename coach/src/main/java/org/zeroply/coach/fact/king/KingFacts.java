package org.zeroply.coach.fact.king;

import java.util.ArrayList;
import java.util.List;
import org.zeroply.chess.board.Attacks;
import org.zeroply.chess.board.Board;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.PieceType;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.board.Side;
import org.zeroply.chess.board.Square;
import org.zeroply.chess.tree.Mark;
import org.zeroply.coach.fact.Fact;
import org.zeroply.coach.fact.FactKind;
import org.zeroply.coach.fact.Scene;
import org.zeroply.coach.fact.Squares;
import org.zeroply.coach.texts.CoachWords;
import org.zeroply.engine.exchange.LegalExchange;

/** What a king has around it. */
public final class KingFacts {

    /** Free squares from which on a diagonal towards the king counts as open. */
    private static final int LONG_ENOUGH = 3;

    private final Scene scene;
    private final Side side;
    private final Side enemy;
    private final int king;
    private final long ring;
    private final List<Fact> facts = new ArrayList<>();

    private KingFacts(Scene scene, Side side) {
        this.scene = scene;
        this.side = side;
        enemy = side.other();
        king = scene.king(side);
        ring = Attacks.king(king);
    }

    /** The facts about a side's king; cover and lines only while the enemy has a major piece. */
    public static List<Fact> of(Scene scene, Side side) {
        KingFacts finder = new KingFacts(scene, side);
        if (scene.majors(finder.enemy) != 0) {
            finder.cover();
            finder.openFiles();
        }
        finder.openDiagonals();
        if (scene.pieces(finder.enemy) != 0) {
            finder.surroundings();
            finder.safeChecks();
        }
        finder.escapeSquares();
        return finder.facts;
    }

    private static long filesAround(int square) {
        int file = Math.max(1, Math.min(6, Square.file(square)));
        return Squares.ofFile(file - 1) | Squares.ofFile(file) | Squares.ofFile(file + 1);
    }

    /** Pawns in front of the king on three files, one or two ranks ahead of it. */
    static long coverOf(Scene scene, Side side) {
        int square = scene.king(side);
        int rank = Squares.rank(side, square);
        long zone = 0;
        for (int ahead = 1; ahead <= 2 && rank + ahead < 8; ahead++) {
            zone |= Squares.ofRank(side, rank + ahead);
        }
        return scene.pawns(side) & filesAround(square) & zone;
    }

    private void cover() {
        long cover = coverOf(scene, side);
        int count = Long.bitCount(cover);
        String text =
                count == 0
                        ? CoachWords.of("fact.no-pawn-covers-the-king")
                        : CoachWords.of(
                                "fact.the-king",
                                count == 1
                                        ? CoachWords.of("fact.one-pawn-covers")
                                        : CoachWords.of("fact.pawns-cover", count),
                                Squares.names(cover));
        facts.add(Fact.about(FactKind.KING_COVER, side, text, king, cover).with("pawns", count));
    }

    private void openFiles() {
        int from = Math.max(0, Square.file(king) - 1);
        int to = Math.min(7, Square.file(king) + 1);
        for (int file = from; file <= to; file++) {
            long squares = Squares.ofFile(file);
            long ahead = squares & Squares.front(side, king);
            if ((ahead & scene.pawns(side)) != 0 || ahead == 0) {
                continue;
            }
            boolean closed = (ahead & scene.pawns(enemy)) != 0;
            boolean used = (scene.majors(enemy) & squares) != 0;
            String text = CoachWords.of("fact.file-leads-to-the-king", (char) ('a' + file));
            facts.add(
                    Fact.ofSet(FactKind.OPEN_LINE_TO_KING, side, text, ahead)
                            .trait("half-open for the enemy", !closed && hasOwnBehind(squares))
                            .trait("an enemy pawn stands on it", closed)
                            .trait("an enemy major piece is on it", used)
                            .told());
        }
    }

    private boolean hasOwnBehind(long file) {
        return (file & scene.pawns(side)) != 0;
    }

    /** Diagonals to the king with no man in the way, for an enemy bishop of the colour or queen. */
    private void openDiagonals() {
        long users =
                scene.men(enemy, PieceType.QUEEN)
                        | scene.men(enemy, PieceType.BISHOP) & Squares.colourOf(king);
        if (users == 0) {
            return;
        }
        long seen = Attacks.bishop(king, scene.occupied() & ~users);
        for (int corner : new int[] {9, 7, -7, -9}) {
            long ray = 0;
            int square = king;
            while (Math.abs(Square.file(square + corner) - Square.file(square)) == 1
                    && square + corner >= 0
                    && square + corner < 64
                    && Squares.has(seen, square + corner)) {
                square += corner;
                ray |= 1L << square;
            }
            long free = ray & ~scene.occupied();
            if (Long.bitCount(free) >= LONG_ENOUGH) {
                String text =
                        CoachWords.of(
                                "fact.open-diagonal-to-the-king",
                                Square.name(king),
                                Square.name(square));
                boolean used = (ray & users) != 0;
                facts.add(
                        Fact.ofSet(FactKind.OPEN_LINE_TO_KING, side, text, ray)
                                .trait("an enemy piece is on it", used)
                                .told());
            }
        }
    }

    /** Enemy pieces that can come to a square beside the king in one or two moves, and own ones. */
    private void surroundings() {
        int attackOne = Long.bitCount(reaching(enemy, 1));
        long attackers = reaching(enemy, 2);
        int defendOne = Long.bitCount(reaching(side, 1));
        int defendTwo = Long.bitCount(reaching(side, 2));
        String text =
                CoachWords.of(
                        "fact.near-the-king-within-two",
                        pieces(Long.bitCount(attackers), "enemy", attackOne),
                        pieces(defendTwo, "own", defendOne));
        facts.add(
                Fact.ofSet(FactKind.KING_SURROUNDINGS, side, text, attackers)
                        .with("attackersInOne", attackOne)
                        .with("attackersInTwo", Long.bitCount(attackers))
                        .with("defendersInOne", defendOne)
                        .with("defendersInTwo", defendTwo));
    }

    private static String pieces(int inTwo, String whose, int inOne) {
        String first =
                inTwo == 0
                        ? CoachWords.of("fact.no-piece", whose)
                        : CoachWords.of(inTwo == 1 ? "fact.piece" : "fact.pieces", inTwo, whose);
        return inTwo == 0
                ? first
                : CoachWords.of("fact.in-one", first, inOne == 0 ? "none" : inOne);
    }

    private long reaching(Side who, int moves) {
        long found = 0;
        for (long set = scene.pieces(who); set != 0; set &= set - 1) {
            int square = Squares.first(set);
            long occupied = scene.occupied() & ~(1L << square);
            long open = ~(scene.men(who) & occupied);
            long reach = scene.attacks(square);
            if (moves == 2) {
                for (long first = reach & open; first != 0; first &= first - 1) {
                    reach |=
                            Scene.attacksOf(
                                    scene.typeAt(square), who, Squares.first(first), occupied);
                }
            }
            found |= (reach & ring) != 0 ? 1L << square : 0;
        }
        return found;
    }

    /** Squares beside the king that it can step to without being taken. */
    private void escapeSquares() {
        long free = scene.flights(side);
        int count = Long.bitCount(free);
        String text =
                count == 0
                        ? CoachWords.of("fact.the-king-has-no-square", Square.name(king))
                        : CoachWords.of("fact.escape-squares-of-the-king", Squares.names(free));
        facts.add(Fact.ofSet(FactKind.ESCAPE_SQUARES, side, text, free).with("count", count));
    }

    /** Checks the enemy could give now at no loss of material on the square. */
    private void safeChecks() {
        Position position = scene.withMove(enemy).orElse(null);
        if (position == null) {
            return;
        }
        Board board = position.toBoard();
        for (Move move : position.legalMoves()) {
            if (move.promotion().isEmpty()
                    && LegalExchange.isAtLeast(board, move.packed(), 0)
                    && checks(board, move)) {
                String text =
                        CoachWords.of(
                                "fact.safe-check-by-to",
                                scene.man(move.from()),
                                Square.name(move.to()));
                Fact fact = Fact.of(FactKind.SAFE_CHECK, enemy, text, move.from(), move.to());
                facts.add(fact.marked(Mark.Meaning.THREAT, move.from(), move.to()));
            }
        }
    }

    private static boolean checks(Board board, Move move) {
        board.make(move.packed());
        boolean check = board.inCheck();
        board.unmake(move.packed());
        return check;
    }
}
