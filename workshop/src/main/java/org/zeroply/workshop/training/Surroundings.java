package org.zeroply.workshop.training;

import java.util.SplittableRandom;
import java.util.function.Consumer;
import org.zeroply.chess.board.Board;
import org.zeroply.chess.board.MoveGenerator;
import org.zeroply.engine.eval.Evaluator;
import org.zeroply.workshop.selfplay.JudgedPosition;

/**
 * Positions such as a search comes upon: a few moves by chance, captures before others, away from
 * positions of games, each judged by the hand-made terms. There is no end of them, and so a network
 * first learns from them what is known already. For one thread.
 */
final class Surroundings {

    private static final int WALKS = 3;
    private static final int LONGEST = 4;

    /** What cannot be told from a won game teaches nothing, in centipawns. */
    private static final int MOST = 2500;

    private final Evaluator terms = new Evaluator();
    private final SplittableRandom random;
    private final int[] moves = new int[MoveGenerator.MAX_MOVES];

    Surroundings(long seed) {
        random = new SplittableRandom(seed);
    }

    /** Tells what the terms say of a position and of some around it. */
    void tell(JudgedPosition position, Consumer<JudgedPosition> listener) {
        Board board = position.position().toBoard();
        judge(board, listener);
        for (int walk = 0; walk < WALKS; walk++) {
            walk(board, 1 + random.nextInt(LONGEST), listener);
        }
    }

    private void walk(Board board, int plies, Consumer<JudgedPosition> listener) {
        int move = plies == 0 ? 0 : any(board);
        if (move == 0) {
            return;
        }
        board.make(move);
        judge(board, listener);
        walk(board, plies - 1, listener);
        board.unmake(move);
    }

    private int any(Board board) {
        int count = random.nextBoolean() ? MoveGenerator.captures(board, moves, 0) : 0;
        count = count == 0 ? MoveGenerator.all(board, moves, 0) : count;
        return count == 0 ? 0 : moves[random.nextInt(count)];
    }

    private void judge(Board board, Consumer<JudgedPosition> listener) {
        if (!board.inCheck()) {
            int value = terms.evaluate(board);
            if (Math.abs(value) <= MOST) {
                listener.accept(JudgedPosition.of(board, value, 1));
            }
        }
    }
}
