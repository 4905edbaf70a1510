package org.zeroply.library.sheet;

import java.util.Arrays;
import java.util.List;
import org.zeroply.chess.board.Board;
import org.zeroply.chess.board.MoveGenerator;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.tree.Node;

/**
 * A packed line with the positions it goes through, so that it need not be played again to sort
 * them.
 *
 * @param keys the key of each position, the first one too
 * @param next the packed move played in each of them; 0 in the last one
 */
public record PlayedLine(PackedLine packed, long[] keys, int[] next) {

    /** Plays a main line; a pass cannot be told apart from a move, and ends it. */
    static PlayedLine of(Position start, List<Node> line) {
        int length = 0;
        while (length < line.size() && !line.get(length).move().isNull()) {
            length++;
        }
        byte[] places = new byte[length];
        long[] keys = new long[length + 1];
        int[] next = new int[length + 1];
        Board board = start.toBoard();
        int[] legal = new int[MoveGenerator.MAX_MOVES];
        for (int i = 0; i < length; i++) {
            int move = line.get(i).move().packed();
            keys[i] = board.key();
            next[i] = move;
            places[i] = (byte) place(legal, MoveGenerator.all(board, legal, 0), move);
            board.make(move);
        }
        keys[length] = board.key();
        String from = start.equals(Position.START) ? "" : start.fen();
        return new PlayedLine(new PackedLine(from, places), keys, next);
    }

    private static int place(int[] legal, int count, int move) {
        int place = 0;
        for (int m = 0; m < count; m++) {
            place += legal[m] < move ? 1 : 0;
        }
        return place;
    }

    /** Plays a packed line. */
    public static PlayedLine of(PackedLine packed) {
        int length = packed.moves().length;
        long[] keys = new long[length + 1];
        int[] next = new int[length + 1];
        packed.replay(
                (ply, key, move) -> {
                    keys[ply] = key;
                    next[ply] = move;
                    return true;
                });
        return new PlayedLine(packed, keys, next);
    }

    /** The first positions only. */
    public PlayedLine upTo(int positions) {
        return keys.length <= positions
                ? this
                : new PlayedLine(
                        packed, Arrays.copyOf(keys, positions), Arrays.copyOf(next, positions));
    }
}
