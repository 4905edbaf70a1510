package org.zeroply.coach.exercise.marking;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.zeroply.coach.texts.CoachWords;

/**
 * A marked answer.
 *
 * @param points points earned, at most {@code max}
 * @param max the most that could be earned
 * @param items one entry per item of the scheme, in its order
 * @param rows one entry per row of the answer
 * @param lines one entry per line of the scheme, in its order; sheets of older programs have none
 * @param verdictRight whether the verdict on the main line is of the scheme's class
 */
public record MarkedSheet(
        int points,
        int max,
        List<ItemMark> items,
        List<RowMark> rows,
        List<LineMark> lines,
        boolean verdictRight) {

    public MarkedSheet {
        items = List.copyOf(items);
        rows = List.copyOf(rows);
        lines = lines == null ? List.of() : List.copyOf(lines);
    }

    /**
     * @param line the line of the scheme, ending in the move that earns the points
     * @param points what it could earn
     * @param earned what it did earn
     * @param why the reason in words
     */
    public record ItemMark(String line, int points, int earned, String why) {}

    /**
     * @param row 1-based row of the answer
     * @param text the row as written
     * @param status what became of it
     * @param detail the reason in words
     * @param proof the line that proves it, with move numbers; may be empty
     * @param wrong the first move where it went wrong, with its number; may be empty
     * @param overlooked the reply that was overlooked, with its number; may be empty
     */
    public record RowMark(
            int row,
            String text,
            Status status,
            String detail,
            String proof,
            String wrong,
            String overlooked) {
        public RowMark {
            wrong = wrong == null ? "" : wrong;
            overlooked = overlooked == null ? "" : overlooked;
        }
    }

    /**
     * How much of a line of the scheme was seen.
     *
     * @param line the line to its end, with move numbers
     * @param plies its length in plies
     * @param seen plies of it that the answer reaches
     * @param points what its items could earn; an item that several lines share is counted with the
     *     first of them
     * @param earned what they did earn
     */
    public record LineMark(String line, int plies, int seen, int points, int earned) {}

    /** What became of a row. */
    public enum Status {
        IN_SCHEME(CoachWords.of("exercise.in-the-scheme")),
        TEMPTING(CoachWords.of("exercise.tempting-but-wrong-2")),
        SOUND(CoachWords.of("exercise.sound-not-in-the-scheme")),
        GRANTED(CoachWords.of("exercise.granted-by-the-coach")),
        REFUTED("refuted"),
        UNCHECKED(CoachWords.of("exercise.not-in-the-scheme-not")),
        UNREADABLE(CoachWords.of("exercise.cannot-be-read")),
        NO_MOVES(CoachWords.of("exercise.no-moves"));

        private final String words;

        Status(String words) {
            this.words = words;
        }

        /** The status in words. */
        public String words() {
            return words;
        }
    }

    /**
     * The sheet as the coach decided: each ruling tells what was marked before. Rulings on items or
     * rows that the sheet does not have are left out.
     */
    public MarkedSheet with(List<Ruling> rulings) {
        List<ItemMark> ruledItems = new ArrayList<>();
        for (int i = 0; i < items.size(); i++) {
            ItemMark item = items.get(i);
            ruledItems.add(
                    on(Ruling.Target.ITEM, i, rulings).map(r -> ruled(item, r)).orElse(item));
        }
        List<RowMark> ruledRows = new ArrayList<>();
        int granted = 0;
        for (RowMark row : rows) {
            Optional<Ruling> ruling = on(Ruling.Target.ROW, row.row(), rulings);
            granted += ruling.map(Ruling::points).orElse(0);
            ruledRows.add(ruling.map(r -> ruled(row, r)).orElse(row));
        }
        if (ruledItems.equals(items) && ruledRows.equals(rows)) {
            return this;
        }
        int sum = granted + ruledItems.stream().mapToInt(ItemMark::earned).sum();
        return new MarkedSheet(Math.min(sum, max), max, ruledItems, ruledRows, lines, verdictRight);
    }

    private static Optional<Ruling> on(Ruling.Target target, int number, List<Ruling> rulings) {
        return rulings.stream()
                .filter(r -> r.target() == target && r.number() == number)
                .reduce((earlier, later) -> later);
    }

    private static ItemMark ruled(ItemMark item, Ruling ruling) {
        String why =
                CoachWords.of(
                        "exercise.the-coach-gives-instead-of",
                        item.why(),
                        ruling.points(),
                        item.earned(),
                        note(ruling));
        return new ItemMark(item.line(), item.points(), ruling.points(), why);
    }

    private static RowMark ruled(RowMark row, Ruling ruling) {
        String detail =
                CoachWords.of(
                        "exercise.the-coach-grants-points",
                        row.detail(),
                        ruling.points(),
                        note(ruling));
        return new RowMark(
                row.row(),
                row.text(),
                Status.GRANTED,
                detail,
                row.proof(),
                row.wrong(),
                row.overlooked());
    }

    private static String note(Ruling ruling) {
        return ruling.note().isEmpty() ? "" : ": " + ruling.note();
    }
}
