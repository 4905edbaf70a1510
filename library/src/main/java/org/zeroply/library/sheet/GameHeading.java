package org.zeroply.library.sheet;

import java.sql.ResultSet;
import java.sql.SQLException;

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

    /** The columns of a sheet that tell it, in the order of {@link #read}. */
    public static final String COLUMNS = "white, black, event, date, result, white_elo, black_elo";

    /**
     * Reads a heading out of a row.
     *
     * @param first place of the first of its {@link #COLUMNS}, from 1
     */
    public static GameHeading read(ResultSet row, int first) throws SQLException {
        return new GameHeading(
                row.getString(first),
                row.getString(first + 1),
                row.getString(first + 2),
                row.getString(first + 3),
                row.getString(first + 4),
                row.getInt(first + 5),
                row.getInt(first + 6));
    }
}
