package org.zeroply.coach.fact.tactics;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import org.zeroply.chess.board.Board;
import org.zeroply.chess.board.PieceType;
import org.zeroply.chess.board.Side;
import org.zeroply.chess.board.Square;
import org.zeroply.coach.fact.Scene;
import org.zeroply.coach.fact.Squares;
import org.zeroply.coach.texts.CoachWords;
import org.zeroply.engine.exchange.LegalExchange;

/**
 * The contest of a square: who bears on it, in the order in which they would take, those behind
 * others included; and how exchanges on it end, what is pinned left out.
 *
 * @param square the square, 0-63
 * @param white White's men that bear on it, the one that takes first in front
 * @param black Black's men
 * @param gain centipawns that the side which does not hold the square wins by starting to take
 *     there; 0 when it does not pay or the square is empty
 * @param holds for an empty square: which sides could put their least man there and keep it
 */
public record Contest(
        int square, List<Integer> white, List<Integer> black, int gain, List<Side> holds) {

    public Contest {
        white = List.copyOf(white);
        black = List.copyOf(black);
        holds = List.copyOf(holds);
    }

    /** The contest of a square. */
    public static Contest of(Scene scene, int square) {
        List<Integer> white = inOrder(scene, Side.WHITE, square);
        List<Integer> black = inOrder(scene, Side.BLACK, square);
        List<Side> holds = new ArrayList<>();
        boolean empty = !Squares.has(scene.occupied(), square);
        for (Side side : Side.values()) {
            List<Integer> men = side == Side.WHITE ? white : black;
            if (empty && men.stream().anyMatch(m -> canStand(scene, m, square))) {
                holds.add(side);
            }
        }
        int gain = LegalExchange.threatTo(scene.board(), square);
        return new Contest(square, white, black, gain, holds);
    }

    private static boolean canStand(Scene scene, int man, int square) {
        return scene.typeAt(man) != PieceType.PAWN
                && LegalExchange.threatIfOn(scene.board(), man, square) == 0;
    }

    /** The men of one side. */
    public List<Integer> men(Side side) {
        return side == Side.WHITE ? white : black;
    }

    /** Least valuable first; a man behind another joins when the one in front has gone. */
    private static List<Integer> inOrder(Scene scene, Side side, int square) {
        List<Integer> order = new ArrayList<>();
        long occupied = scene.occupied();
        while (true) {
            long men = scene.board().attackersTo(square, occupied) & occupied & scene.men(side);
            if (men == 0) {
                return order;
            }
            int next = Squares.first(men);
            for (int man : Squares.list(men)) {
                next = scene.valueAt(man) < scene.valueAt(next) ? man : next;
            }
            order.add(next);
            occupied &= ~(1L << next);
        }
    }

    /** In words: {@code d5: White pawn e4, knight c3; Black pawn e6; taking wins a pawn}. */
    public String text(Scene scene) {
        return Square.name(square)
                + ": "
                + words(scene, Side.WHITE)
                + "; "
                + words(scene, Side.BLACK)
                + "; "
                + outcome(scene);
    }

    private String words(Scene scene, Side side) {
        List<Integer> men = men(side);
        Board board = scene.board();
        long near = board.inCheck() ? 0 : board.attackersTo(square, scene.occupied());
        long pinned = near & ~LegalExchange.takers(board, square, side.ordinal());
        List<String> named =
                men.stream()
                        .map(
                                m ->
                                        isHeld(scene, m, pinned)
                                                ? CoachWords.of("fact.pinned", scene.man(m))
                                                : scene.man(m))
                        .toList();
        return men.isEmpty()
                ? CoachWords.of("fact.nobody", side.word())
                : side.word() + " " + String.join(", ", named);
    }

    private static boolean isHeld(Scene scene, int man, long pinned) {
        return scene.typeAt(man) != PieceType.KING && Squares.has(pinned, man);
    }

    private String outcome(Scene scene) {
        if (!Squares.has(scene.occupied(), square)) {
            return switch (holds.size()) {
                case 0 -> CoachWords.of("fact.no-piece-can-stand-there");
                case 1 -> CoachWords.of("fact.can-put-a-piece-there", holds.get(0).word());
                default -> CoachWords.of("fact.either-side-can-put-a");
            };
        }
        Side taker = scene.sideAt(square).other();
        return gain == 0
                ? CoachWords.of("fact.taking-does-not-pay-for", taker.word())
                : CoachWords.of("fact.wins-by-taking", taker.word(), points(gain));
    }

    private static String points(int centipawns) {
        return String.format(Locale.ROOT, "%.2f", centipawns / 100.0);
    }
}
