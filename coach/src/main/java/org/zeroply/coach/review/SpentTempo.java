package org.zeroply.coach.review;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.PieceType;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.board.Side;
import org.zeroply.chess.board.Square;
import org.zeroply.chess.notation.Line;
import org.zeroply.chess.notation.San;
import org.zeroply.chess.tree.Node;
import org.zeroply.coach.fact.Scene;
import org.zeroply.coach.fact.Squares;
import org.zeroply.coach.texts.CoachWords;
import org.zeroply.engine.exchange.LegalExchange;

/**
 * A move of the opening that cost a tempo by the rules of thumb: they say what a move was spent on,
 * not that it was wrong. All of them are our choice among those in use.
 *
 * @param node the move
 * @param kind what it was spent on
 */
public record SpentTempo(Node node, Kind kind) {

    /** Moves of a side that are usually looked at; our choice. */
    public static final int MOVES = 10;

    /** What a move can be spent on. */
    public enum Kind {
        /**
         * It opens no line for a piece at home, bears on no middle square, takes and hits nothing.
         */
        IDLE_PAWN(CoachWords.of("review.no-development-no-hold-on")),
        /** A piece that had moved before; it takes nothing, gives no check and was not attacked. */
        MOVED_AGAIN(CoachWords.of("review.a-piece-moved-again")),
        /** A bishop in front of the own pawn of file d or e, which has not moved. */
        LOCKS_PAWN_IN(CoachWords.of("review.a-bishop-in-front-of"));

        private final String words;

        Kind(String words) {
            this.words = words;
        }

        /** In words, after the move. */
        public String words() {
            return words;
        }

        /** The name for scripts: {@code idle-pawn}. */
        public String word() {
            return name().toLowerCase(Locale.ROOT).replace('_', '-');
        }
    }

    /**
     * The moves of a side that cost a tempo, among its first ones on the main line; none in a game
     * that does not begin at the beginning.
     */
    public static List<SpentTempo> of(List<Node> mainLine, Side side, int moves) {
        List<SpentTempo> spent = new ArrayList<>();
        if (mainLine.isEmpty() || !beforeOf(mainLine.get(0)).equals(Position.START)) {
            return spent;
        }
        long movedTo = 0;
        int made = 0;
        for (Node node : mainLine) {
            Position before = beforeOf(node);
            Move move = node.move();
            if (before.sideToMove() != side || move.isNull()) {
                movedTo &= ~(1L << move.to());
                continue;
            }
            if (made++ == moves) {
                break;
            }
            boolean again = Squares.has(movedTo, move.from());
            kind(before, move, again).map(k -> new SpentTempo(node, k)).ifPresent(spent::add);
            movedTo = movedTo & ~(1L << move.from()) | 1L << move.to();
        }
        return spent;
    }

    /**
     * What both sides spent, in a sentence; empty where neither spent anything.
     *
     * @param moves how many moves of each
     */
    public static Optional<String> sentence(List<Node> mainLine, int moves) {
        List<SpentTempo> white = of(mainLine, Side.WHITE, moves);
        List<SpentTempo> black = of(mainLine, Side.BLACK, moves);
        return white.isEmpty() && black.isEmpty()
                ? Optional.empty()
                : Optional.of(
                        CoachWords.of(
                                "review.tempi-spent-by-move-white",
                                moves,
                                words(white),
                                words(black)));
    }

    /** The moves by what they were spent on. */
    private static String words(List<SpentTempo> spent) {
        if (spent.isEmpty()) {
            return "none";
        }
        List<String> kinds = new ArrayList<>();
        for (Kind kind : Kind.values()) {
            List<String> moves =
                    spent.stream().filter(s -> s.kind() == kind).map(SpentTempo::numbered).toList();
            if (!moves.isEmpty()) {
                kinds.add(Squares.join(moves) + ": " + kind.words());
            }
        }
        return spent.size() + " (" + String.join("; ", kinds) + ")";
    }

    /** The move with its number: {@code 5.h3} or {@code 5...h6}. */
    public String numbered() {
        Position before = beforeOf(node);
        return Line.number(before, true) + San.write(before, node.move());
    }

    private static Position beforeOf(Node node) {
        return node.parent().orElseThrow().position();
    }

    private static Optional<Kind> kind(Position before, Move move, boolean again) {
        Scene scene = new Scene(before);
        PieceType type = scene.typeAt(move.from());
        Scene after = new Scene(before.play(move));
        if (move.isCapture() || after.position().inCheck() || before.inCheck()) {
            return Optional.empty();
        }
        if (type == PieceType.PAWN) {
            return isIdle(scene, after, move) ? Optional.of(Kind.IDLE_PAWN) : Optional.empty();
        }
        if (type == PieceType.BISHOP && locks(after, move)) {
            return Optional.of(Kind.LOCKS_PAWN_IN);
        }
        boolean attacked = LegalExchange.threatTo(scene.board(), move.from()) > 0;
        return again && type != PieceType.KING && !attacked
                ? Optional.of(Kind.MOVED_AGAIN)
                : Optional.empty();
    }

    /** Opens no line for a piece at home, bears on no middle square, hits no piece. */
    private static boolean isIdle(Scene before, Scene after, Move move) {
        Side side = before.position().sideToMove();
        long hit = after.attacks(move.to());
        boolean centre = Squares.has(Squares.CENTRE, move.to()) || (hit & Squares.CENTRE) != 0;
        boolean hits = (hit & after.men(side.other())) != 0;
        boolean defends =
                LegalExchange.threatTo(before.board(), move.from()) > 0
                        || (hit & before.men(side) & before.attackedBy(side.other())) != 0;
        return !centre && !hits && !defends && !opens(before, after, side);
    }

    private static boolean opens(Scene before, Scene after, Side side) {
        long home = Squares.ofRank(side, 0);
        long pieces =
                (before.men(side, PieceType.BISHOP) | before.men(side, PieceType.QUEEN)) & home;
        for (int piece : Squares.list(pieces)) {
            boolean shut = (before.attacks(piece) & ~before.men(side)) == 0;
            if (shut && (after.attacks(piece) & ~after.men(side)) != 0) {
                return true;
            }
        }
        return false;
    }

    private static boolean locks(Scene after, Move move) {
        Side side = after.sideAt(move.to());
        int file = Square.file(move.to());
        long pawn = Squares.file(move.to()) & Squares.ofRank(side, 1) & after.pawns(side);
        return (file == 3 || file == 4) && Squares.rank(side, move.to()) == 2 && pawn != 0;
    }
}
