package org.zeroply.library.index;

/**
 * What is told of a game beside its moves.
 *
 * @param sheetId its sheet
 * @param whiteRating 0 if not known
 * @param date as in PGN; empty if not known
 * @param result as in PGN
 */
public record GameFacts(
        long sheetId,
        String white,
        String black,
        int whiteRating,
        int blackRating,
        String date,
        String result) {

    /** Who played whom. */
    public String title() {
        return (white.isEmpty() ? "?" : white) + " – " + (black.isEmpty() ? "?" : black);
    }

    /** The year of a date as in PGN; 0 if not known. */
    static int year(String date) {
        int year = 0;
        for (int i = 0; i < 4 && i < date.length(); i++) {
            int digit = date.charAt(i) - '0';
            if (digit < 0 || digit > 9) {
                return 0;
            }
            year = 10 * year + digit;
        }
        return year;
    }
}
