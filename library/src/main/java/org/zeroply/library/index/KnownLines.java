package org.zeroply.library.index;

import java.util.Arrays;
import java.util.HashMap;
import java.util.Map;
import org.jdbi.v3.core.Handle;
import org.zeroply.chess.board.Position;
import org.zeroply.coach.pattern.GameLine;
import org.zeroply.library.sheet.GameLines;
import org.zeroply.library.sheet.PackedLine;

/**
 * The main lines of games in memory, as they are asked for again and again: at first packed as in
 * the file, and from the first time they are played through two bytes a move. A line never changes
 * under its number.
 */
final class KnownLines {

    private byte[][] packed = new byte[0][];
    private char[][] played = new char[0][];

    /** The first positions of games that do not begin as usual. */
    private final Map<Integer, Position> starts = new HashMap<>();

    private int last;

    /** Reads the lines that came since it was last asked. */
    synchronized void refresh(Handle h) {
        h.createQuery("SELECT number, start, moves FROM game_line WHERE number > :last")
                .bind("last", last)
                .map((rs, c) -> GameLines.numbered(rs))
                .forEach(this::add);
    }

    private void add(GameLines.Numbered line) {
        int number = line.number();
        if (number >= packed.length) {
            int room = number + number / 4 + 64;
            packed = Arrays.copyOf(packed, room);
            played = Arrays.copyOf(played, room);
        }
        packed[number] = line.line().moves();
        if (!line.line().start().isEmpty()) {
            starts.put(number, Position.fromFen(line.line().start()));
        }
        last = Math.max(last, number);
    }

    /** The line of a number, if it was there when the lines were read last. */
    GameLine line(int number) {
        byte[] places;
        char[] moves;
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
            }
        }
        int[] line = new int[moves.length];
        for (int i = 0; i < line.length; i++) {
            line[i] = moves[i];
        }
        return new GameLine(start, line);
    }

    private static char[] play(Position start, byte[] places) {
        char[] moves = new char[places.length];
        String from = start.equals(Position.START) ? "" : start.fen();
        new PackedLine(from, places)
                .replay(
                        (ply, key, next) -> {
                            if (ply < moves.length) {
                                moves[ply] = (char) next;
                            }
                            return true;
                        });
        return moves;
    }
}
