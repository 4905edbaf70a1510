package org.zeroply.library.index;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.jdbi.v3.core.Handle;
import org.zeroply.chess.board.Side;
import org.zeroply.coach.pattern.GameMoment;
import org.zeroply.library.database.Database;

/** At which moves reviews stopped, so that positions can be found by it. */
public final class MomentStore {

    private record Row(int number, GameMoment moment) {}

    private MomentStore() {}

    /** Keeps the moments of a game that was reviewed, in place of those of an earlier review. */
    public static void keep(Handle h, long sheetId, List<GameMoment> moments) {
        h.execute(
                "DELETE FROM review_moment WHERE number IN (SELECT number FROM game_line WHERE"
                        + " sheet_id = ?)",
                sheetId);
        for (GameMoment m : moments) {
            h.execute(
                    "INSERT INTO review_moment (number, ply, kind, side) SELECT number, ?, ?, ?"
                            + " FROM game_line WHERE sheet_id = ?",
                    m.ply(),
                    m.kind(),
                    m.side().smallWord(),
                    sheetId);
        }
    }

    /** All moments that the coach has not dismissed, by the number of the game. */
    static Map<Integer, List<GameMoment>> all(Database database) {
        Map<Integer, List<GameMoment>> all = new HashMap<>();
        database.read(
                        h ->
                                h.createQuery(
                                                "SELECT m.number, m.ply, m.kind, m.side FROM"
                                                        + " review_moment m JOIN game_line l ON"
                                                        + " l.number = m.number WHERE NOT EXISTS"
                                                        + " (SELECT 1 FROM moment_note n WHERE"
                                                        + " n.sheet_id = l.sheet_id AND n.ply ="
                                                        + " m.ply AND n.decision = 'dismissed')")
                                        .map(
                                                (rs, c) ->
                                                        new Row(
                                                                rs.getInt(1),
                                                                new GameMoment(
                                                                        rs.getInt(2),
                                                                        rs.getString(3),
                                                                        Side.called(
                                                                                rs.getString(4)))))
                                        .list())
                .forEach(
                        r ->
                                all.computeIfAbsent(r.number(), n -> new ArrayList<>())
                                        .add(r.moment()));
        return all;
    }
}
