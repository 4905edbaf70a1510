package org.zeroply.library.student;

import java.util.List;
import org.zeroply.coach.exercise.marking.MarkedSheet;
import org.zeroply.coach.exercise.marking.Ruling;

/**
 * What a work was given.
 *
 * @param points after the coach's rulings
 * @param max the most that could be earned
 * @param verdictRight whether the main verdict was right
 * @param sheet the sheet as the program marked it, as JSON
 * @param rulings what the coach decided otherwise
 * @param byHand whether it was worked on paper and the items ticked by hand
 */
public record Marking(
        int points,
        int max,
        boolean verdictRight,
        String sheet,
        List<Ruling> rulings,
        boolean byHand) {

    public Marking {
        rulings = List.copyOf(rulings);
    }

    /** As the program marked it. */
    public static Marking of(MarkedSheet sheet) {
        return new Marking(
                sheet.points(),
                sheet.max(),
                sheet.verdictRight(),
                MarkedSheets.write(sheet),
                List.of(),
                false);
    }

    /** The same, ticked by hand or not. */
    public Marking byHand(boolean value) {
        return new Marking(points, max, verdictRight, sheet, rulings, value);
    }

    /** The sheet with the coach's rulings on it. */
    public MarkedSheet ruled() {
        return MarkedSheets.read(sheet).with(rulings);
    }

    /** The same with other rulings, and the points that follow from them. */
    Marking with(List<Ruling> other) {
        int now = MarkedSheets.read(sheet).with(other).points();
        return new Marking(now, max, verdictRight, sheet, other, byHand);
    }
}
