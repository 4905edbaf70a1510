package org.zeroply.library.index;

import java.nio.ByteBuffer;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.util.Arrays;
import java.util.HashMap;
import java.util.Map;
import org.jdbi.v3.core.Handle;
import org.jdbi.v3.core.statement.PreparedBatch;
import org.zeroply.chess.board.Position;
import org.zeroply.coach.pattern.GameLine;
import org.zeroply.library.sheet.PackedLine;

/**
 * The main lines of games in memory, as they are asked for again and again: two bytes a move once
 * they were played through, which is kept in the file as well. A line never changes under its
 * number.
 */
final class KnownLines {

    /** Each line as it is kept: a byte a move in packed ones, two in played ones. */
    private byte[][] packed = new byte[0][];

    private byte[][] played = new byte[0][];

    /** The first positions of games that do not begin as usual. */
    private final Map<Integer, Position> starts = new HashMap<>();

    /** Lines that were played since they were kept last. */
    private final Map<Integer, byte[]> fresh = new HashMap<>();

    private int last;

    /** Reads the lines that came since it was last asked. */
    synchronized void refresh(Handle h) {
        h.createQuery(
                        "SELECT l.number, l.start, p.moves, CASE WHEN p.moves IS NULL THEN l.moves"
                                + " END FROM game_line l LEFT JOIN played_line p ON p.number ="
                                + " l.number WHERE l.number > :last ORDER BY l.number")
                .bind("last", last)
                .scanResultSet(
                        (rows, context) -> {
                            ResultSet rs = rows.get();
                            while (rs.next()) {
                                add(rs);
                            }
                            return true;
                        });
    }

    private void add(ResultSet rs) throws SQLException {
        int number = rs.getInt(1);
        if (number >= packed.length) {
            int room = number + number / 4 + 64;
            packed = Arrays.copyOf(packed, room);
            played = Arrays.copyOf(played, room);
        }
        String start = rs.getString(2);
        played[number] = rs.getBytes(3);
        packed[number] = rs.getBytes(4);
        if (!start.isEmpty()) {
            starts.put(number, Position.fromFen(start));
        }
        last = number;
    }

    /** The line of a number, if it was there when the lines were read last. */
    GameLine line(int number) {
        byte[] places;
        byte[] moves;
        Position start;
        synchronized (this) {
            if (number >= packed.length || packed[number] == null && played[number] == null) {
                return new GameLine(Position.START, new int[0]);
            }
            places = packed[number];
            moves = played[number];
            start = starts.getOrDefault(number, Position.START);
        }
        if (moves == null) {
            moves = play(start, places);
            synchronized (this) {
                played[number] = moves;
                packed[number] = null;
                fresh.put(number, moves);
            }
        }
        int[] line = new int[moves.length / 2];
        for (int i = 0; i < line.length; i++) {
            line[i] = moves[2 * i] << 8 & 0xff00 | moves[2 * i + 1] & 0xff;
        }
        return new GameLine(start, line);
    }

    private static byte[] play(Position start, byte[] places) {
        ByteBuffer moves = ByteBuffer.allocate(2 * places.length);
        String from = start.equals(Position.START) ? "" : start.fen();
        new PackedLine(from, places)
                .replay(
                        (ply, key, next) -> {
                            if (ply < places.length) {
                                moves.putShort((short) next);
                            }
                            return true;
                        });
        return moves.array();
    }

    /** Whether so many lines or more were played that are not kept yet. */
    synchronized boolean hasFresh(int least) {
        return fresh.size() >= least;
    }

    /** Keeps what was played. */
    void keep(Handle h) {
        Map<Integer, byte[]> now;
        synchronized (this) {
            now = new HashMap<>(fresh);
            fresh.clear();
        }
        if (now.isEmpty()) {
            return;
        }
        PreparedBatch batch =
                h.prepareBatch(
                        "INSERT OR REPLACE INTO played_line (number, moves) SELECT number, ? FROM"
                                + " game_line WHERE number = ?");
        now.forEach((number, moves) -> batch.bind(0, moves).bind(1, number).add());
        batch.execute();
    }
}
