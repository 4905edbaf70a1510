package org.zeroply.coach.ending;

import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import org.zeroply.chess.board.Attacks;
import org.zeroply.chess.board.PieceType;
import org.zeroply.coach.fact.Squares;

/**
 * What lies outside a set of pawns: the sets solved so far, and promotions. Whatever is not known
 * counts as won for one side.
 */
final class Exits {

    /** An unknown result is taken for a win or loss far away. */
    private static final int FAR = 100;

    private final Map<Pawns, KingTable> tables = new HashMap<>();
    private final Judge judge;
    private final int wonFor;
    private boolean assumed;

    /**
     * @param wonFor the side (0 or 1) for which the unknown is won
     */
    Exits(Judge judge, int wonFor) {
        this.judge = judge;
        this.wonFor = wonFor;
        // Bare kings draw wherever they stand.
        tables.put(new Pawns(0, 0), new KingTable(new short[KingTable.SIZE], true));
    }

    /** Forgets whether anything unknown was assumed. */
    void begin() {
        assumed = false;
    }

    /** Whether anything unknown was assumed since {@link #begin}. */
    boolean hasAssumed() {
        return assumed;
    }

    void add(Pawns pawns, KingTable table) {
        tables.put(pawns, table);
    }

    /** The solved table of a set, if it is there. */
    Optional<KingTable> table(Pawns pawns) {
        return Optional.ofNullable(tables.get(pawns));
    }

    /** The result for the side to move. */
    int value(Pawns pawns, int side, int white, int black) {
        return value(table(pawns).orElse(null), side, white, black);
    }

    /** The same when the table was looked up before; null where there is none. */
    int value(KingTable table, int side, int white, int black) {
        if (table != null) {
            assumed |= !table.isCertain();
            return table.value(side, white, black);
        }
        return unknown(side);
    }

    private int unknown(int side) {
        assumed = true;
        return wonFor == side ? FAR : Plies.lossIn(FAR);
    }

    /**
     * The result for the other side once a new piece stands on the board.
     *
     * @param left the pawns without the one that promoted
     * @param side the side that promoted
     */
    int promoted(
            PieceType type, Pawns left, KingTable table, int at, int side, int white, int black) {
        int value = judge.promoted(left, side, type, at, white, black);
        if (value == Judge.UNKNOWN) {
            value = unknown(1 - side);
        }
        int own = side == 0 ? white : black;
        int enemy = side == 0 ? black : white;
        boolean takes = Squares.has(Attacks.king(enemy), at) && !Judge.guards(left, side, own, at);
        if (takes) {
            int taken = value(table, side, side == 0 ? white : at, side == 0 ? at : black);
            value = Plies.better(value, Plies.back(taken));
        }
        return value;
    }
}
