package org.zeroply.library.sheet;

/**
 * In which order sheets are listed; among equals the newest comes first.
 *
 * @param descending the last or largest first
 */
public record SheetOrder(By by, boolean descending) {

    /** The newest first. */
    public static final SheetOrder NEWEST = new SheetOrder(By.ADDED, true);

    /** The oldest first, as they were added. */
    public static final SheetOrder OLDEST = new SheetOrder(By.ADDED, false);

    /** What can be sorted by. */
    public enum By {
        ADDED("id", true),
        WHITE("white COLLATE NOCASE", true),
        BLACK("black COLLATE NOCASE", true),
        RESULT("result", false),
        MOVES("plies", false),
        DATE("date", true),
        EVENT("event COLLATE NOCASE", false),
        TITLE("title COLLATE NOCASE", false),
        RATING("max(white_elo, black_elo)", false);

        private final String column;
        private final boolean indexed;

        By(String column, boolean indexed) {
            this.column = column;
            this.indexed = indexed;
        }
    }

    /** Whether an index of the library has this order. */
    boolean isIndexed() {
        return by.indexed;
    }

    String sql() {
        return " ORDER BY " + by.column + (descending ? " DESC" : "") + ", id DESC";
    }
}
