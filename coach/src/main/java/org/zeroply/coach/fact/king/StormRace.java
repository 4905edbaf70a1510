package org.zeroply.coach.fact.king;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.zeroply.chess.board.Attacks;
import org.zeroply.chess.board.Side;
import org.zeroply.chess.board.Square;
import org.zeroply.chess.tree.Mark;
import org.zeroply.coach.fact.Fact;
import org.zeroply.coach.fact.FactKind;
import org.zeroply.coach.fact.Scene;
import org.zeroply.coach.fact.Squares;
import org.zeroply.coach.texts.CoachWords;

/**
 * The race of pawn storms when the kings live on opposite wings: for each side the fewest own moves
 * until a pawn attacks a pawn before the enemy king, as the pawns stand now, and one more to open a
 * file by taking it.
 */
public final class StormRace {

    /** More moves than any pawn needs: it never comes into contact. */
    private static final int NONE = 99;

    private StormRace() {}

    /** A fact for each side whose pawns can make contact; none when the kings are not opposite. */
    public static List<Fact> of(Scene scene) {
        int white = Square.file(scene.king(Side.WHITE));
        int black = Square.file(scene.king(Side.BLACK));
        boolean opposite = Math.min(white, black) <= 2 && Math.max(white, black) >= 5;
        boolean home =
                Squares.rank(Side.WHITE, scene.king(Side.WHITE)) <= 1
                        && Squares.rank(Side.BLACK, scene.king(Side.BLACK)) <= 1;
        List<Fact> facts = new ArrayList<>();
        if (opposite && home) {
            for (Side side : Side.values()) {
                storm(scene, side, facts);
            }
        }
        return facts;
    }

    private static void storm(Scene scene, Side side, List<Fact> facts) {
        int king = scene.king(side.other());
        int file = Math.max(1, Math.min(6, Square.file(king)));
        long wing = Squares.ofFile(file - 1) | Squares.ofFile(file) | Squares.ofFile(file + 1);
        long cover = scene.pawns(side.other()) & wing;
        int fewest = NONE;
        Map<Integer, Integer> stormers = new LinkedHashMap<>();
        long near = wing | Squares.ofFile(file - 2) | Squares.ofFile(file + 2);
        for (int pawn : Squares.list(scene.pawns(side) & near)) {
            int contact = contact(scene, side, pawn, cover);
            int moves = contact < 0 ? NONE : moves(side, pawn, contact);
            if (moves < fewest) {
                fewest = moves;
                stormers.clear();
            }
            if (moves == fewest && moves != NONE) {
                stormers.put(pawn, contact);
            }
        }
        if (fewest == NONE) {
            return;
        }
        long squares = 0;
        for (Map.Entry<Integer, Integer> stormer : stormers.entrySet()) {
            squares |= 1L << stormer.getKey() | 1L << stormer.getValue();
        }
        String text =
                fewest == 0
                        ? CoachWords.of("fact.pawn-storm-in-contact-at", Squares.names(squares))
                        : CoachWords.of(
                                fewest == 1
                                        ? "fact.pawn-storm-move-to-contact"
                                        : "fact.pawn-storm-moves-to-contact",
                                fewest,
                                fewest + 1);
        Fact fact =
                Fact.ofSet(FactKind.STORM_RACE, side, text, squares)
                        .with("contact", fewest)
                        .with("open", fewest + 1);
        for (Map.Entry<Integer, Integer> stormer : stormers.entrySet()) {
            fact =
                    fewest == 0
                            ? fact
                            : fact.marked(Mark.Meaning.ROUTE, stormer.getKey(), stormer.getValue());
        }
        facts.add(fact);
    }

    /** The first square on a pawn's way from which it attacks one of these pawns, or -1. */
    private static int contact(Scene scene, Side side, int pawn, long cover) {
        int square = pawn;
        while (square >= 0) {
            if ((Attacks.pawn(side.ordinal(), square) & cover) != 0) {
                return square;
            }
            square = Squares.stop(side, square);
            if (Squares.has(scene.pawns(), square)) {
                return -1;
            }
        }
        return -1;
    }

    private static int moves(Side side, int pawn, int goal) {
        int ranks = Math.abs(Square.rank(goal) - Square.rank(pawn));
        boolean doubleStep = Squares.rank(side, pawn) == 1 && ranks >= 2;
        return doubleStep ? ranks - 1 : ranks;
    }
}
