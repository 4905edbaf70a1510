package org.zeroply.chess.tree;

import java.util.List;

/**
 * What a marking scheme says of a move.
 *
 * @param points what it gives for it
 * @param end the answer must reach this node for its points
 * @param equal as good as its main-line sibling
 * @param tempting wrong on purpose
 */
public record SchemeNote(List<PointRule> points, boolean end, boolean equal, boolean tempting) {

    /** Nothing said. */
    public static final SchemeNote NONE = new SchemeNote(List.of(), false, false, false);

    public SchemeNote {
        points = List.copyOf(points);
    }

    /** The same with other points. */
    SchemeNote withPoints(List<PointRule> list) {
        return new SchemeNote(list, end, equal, tempting);
    }

    /** The same, to be reached or not. */
    SchemeNote withEnd(boolean value) {
        return new SchemeNote(points, value, equal, tempting);
    }

    /** The same, equal to the main move or not. */
    SchemeNote withEqual(boolean value) {
        return new SchemeNote(points, end, value, tempting);
    }

    /** The same, tempting but wrong or not. */
    SchemeNote withTempting(boolean value) {
        return new SchemeNote(points, end, equal, value);
    }
}
