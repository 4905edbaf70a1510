package org.zeroply.coach.exercise;

import java.util.List;

/**
 * A marked answer.
 *
 * @param points points earned, at most {@code max}
 * @param max the most that could be earned
 * @param items one entry per item of the scheme, in its order
 * @param rows one entry per row of the answer
 * @param verdictRight whether the verdict on the main line is of the scheme's class
 */
public record MarkedSheet(
        int points, int max, List<ItemMark> items, List<RowMark> rows, boolean verdictRight) {

    public MarkedSheet {
        items = List.copyOf(items);
        rows = List.copyOf(rows);
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
     */
    public record RowMark(int row, String text, Status status, String detail, String proof) {}

    /** What became of a row. */
    public enum Status {
        IN_SCHEME("in the scheme"),
        TEMPTING("tempting, but wrong"),
        SOUND("sound, not in the scheme"),
        REFUTED("refuted"),
        UNCHECKED("not in the scheme, not checked"),
        UNREADABLE("cannot be read"),
        NO_MOVES("no moves");

        private final String words;

        Status(String words) {
            this.words = words;
        }

        /** The status in words. */
        public String words() {
            return words;
        }
    }
}
