package org.zeroply.library.store;

/**
 * In which order sheets are listed; among equals the newest comes first.
 *
 * @param descending the last or largest first
 */
public record SheetOrder(By by, boolean descending) {

    /** The newest first. */
    public static final SheetOrder NEWEST = new SheetOrder(By.ADDED, true);

    /** What can be sorted by. */
    public enum By {
        ADDED("id"),
        WHITE("white COLLATE NOCASE"),
        BLACK("black COLLATE NOCASE"),
        RESULT("result"),
        MOVES("plies"),
        DATE("date"),
        EVENT("event COLLATE NOCASE"),
        TITLE("title COLLATE NOCASE"),
        RATING("max(white_elo, black_elo)");

        private final String column;

        By(String column) {
            this.column = column;
        }
    }

    String sql() {
        return " ORDER BY " + by.column + (descending ? " DESC" : "") + ", id DESC";
    }
}
