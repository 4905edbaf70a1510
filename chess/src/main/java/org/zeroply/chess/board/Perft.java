package org.zeroply.chess.board;

/** Counts the leaf nodes of the tree of legal moves: the standard check of the rules. */
public final class Perft {

    private Perft() {}

    /**
     * Number of positions reached by playing exactly this many plies. The last ply is counted
     * without being played.
     *
     * @throws IllegalArgumentException if the depth is negative
     */
    public static long count(Position position, int depth) {
        if (depth < 0) {
            throw new IllegalArgumentException("depth must not be negative: " + depth);
        }
        if (depth == 0) {
            return 1;
        }
        return count(position.toBoard(), depth, new int[depth * MoveGenerator.MAX_MOVES], 0);
    }

    private static long count(Board board, int depth, int[] moves, int start) {
        if (depth == 1) {
            return MoveGenerator.count(board);
        }
        int end = MoveGenerator.all(board, moves, start);
        long nodes = 0;
        for (int i = start; i < end; i++) {
            board.make(moves[i]);
            nodes += count(board, depth - 1, moves, end);
            board.unmake(moves[i]);
        }
        return nodes;
    }
}
