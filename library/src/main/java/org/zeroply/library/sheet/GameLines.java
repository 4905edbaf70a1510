package org.zeroply.library.sheet;

import java.sql.ResultSet;
import java.sql.SQLException;
import java.util.Arrays;
import java.util.Optional;
import org.jdbi.v3.core.Handle;
import org.zeroply.chess.tree.MoveTree;

/** The main lines of games as they are kept for the index; called where sheets are written. */
public final class GameLines {

    private GameLines() {}

    /** A line under its number. */
    public record Numbered(int number, PackedLine line) {}

    /** Keeps the main line of a game that was added. */
    public static void add(Handle h, long sheetId, MoveTree game) {
        insert(h, sheetId, PackedLine.of(game.start(), game.mainLine()));
    }

    /** Keeps the main line of a game that was changed; under a new number if it is another one. */
    public static void change(Handle h, long sheetId, MoveTree game) {
        PackedLine line = PackedLine.of(game.start(), game.mainLine());
        Optional<Numbered> known =
                h.createQuery(
                                "SELECT number, start, moves FROM game_line WHERE sheet_id ="
                                        + " :id")
                        .bind("id", sheetId)
                        .map((rs, c) -> numbered(rs))
                        .findOne();
        boolean same =
                known.map(Numbered::line)
                        .filter(k -> k.start().equals(line.start()))
                        .filter(k -> Arrays.equals(k.moves(), line.moves()))
                        .isPresent();
        if (!same) {
            remove(h, sheetId);
            insert(h, sheetId, line);
        }
    }

    /** Forgets the line of a sheet that is no game any more. */
    public static void remove(Handle h, long sheetId) {
        h.execute("DELETE FROM game_line WHERE sheet_id = ?", sheetId);
    }

    /** Keeps the line of a sheet: its number, the first position, the moves. */
    static final String INSERT = "INSERT INTO game_line (sheet_id, start, moves) VALUES (?, ?, ?)";

    private static void insert(Handle h, long sheetId, PackedLine line) {
        h.execute(INSERT, sheetId, line.start(), line.moves());
    }

    /** The line in a row of number, start and moves. */
    public static Numbered numbered(ResultSet rs) throws SQLException {
        return new Numbered(rs.getInt(1), new PackedLine(rs.getString(2), rs.getBytes(3)));
    }
}
