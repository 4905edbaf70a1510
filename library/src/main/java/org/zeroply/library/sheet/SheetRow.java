package org.zeroply.library.sheet;

/**
 * What lists show of a sheet. Ratings are 0 where unknown; the date is as in PGN; plies count the
 * main line.
 */
public record SheetRow(
        long id,
        SheetKind kind,
        String title,
        String white,
        String black,
        String event,
        String date,
        String result,
        int whiteElo,
        int blackElo,
        int plies) {}
