package org.zeroply.coach.pattern;

import org.zeroply.chess.tree.MoveTree;
import org.zeroply.coach.TestGames;

/** The lines of games in tests. */
final class TestLine {

    private TestLine() {}

    /** The main line of a PGN text. */
    static GameLine of(String pgn) {
        MoveTree game = TestGames.game(pgn);
        int[] moves = game.mainLine().stream().mapToInt(n -> n.move().packed()).toArray();
        return new GameLine(game.start(), moves);
    }
}
