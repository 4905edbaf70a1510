package org.zeroply.library.sheet;

/**
 * What stands above a game: who played whom, where, when, and how it ended. Texts are empty where
 * nothing is known.
 *
 * @param whiteElo White's rating; 0 where unknown
 * @param blackElo Black's rating; 0 where unknown
 * @param date as in PGN
 * @param result as in PGN
 */
public record GameHeading(
        String white,
        String black,
        String event,
        String date,
        String result,
        int whiteElo,
        int blackElo) {

    /** Nothing known. */
    public static final GameHeading NONE = new GameHeading("", "", "", "", "", 0, 0);
}
