package org.zeroply.coach.pattern;

import org.zeroply.chess.board.Move;

/** The ways of single men through a game. */
final class Travels {

    private Travels() {}

    /**
     * After which ply the man came to a square on which it stands after a given ply of its own
     * side; 0 when it stood there from the first position on.
     */
    static int arrival(GameLine line, int ply, int square) {
        for (int p = ply; p > 0; p -= 2) {
            if (Move.to(line.moves()[p - 1]) == square) {
                return p;
            }
        }
        return 0;
    }
}
