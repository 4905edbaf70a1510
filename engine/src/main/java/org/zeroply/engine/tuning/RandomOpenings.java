package org.zeroply.engine.tuning;

import java.util.ArrayList;
import java.util.List;
import java.util.SplittableRandom;
import org.zeroply.chess.board.Board;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.MoveGenerator;
import org.zeroply.chess.board.Position;
import org.zeroply.engine.analysis.AnalysisRequest;
import org.zeroply.engine.analysis.Engine;
import org.zeroply.engine.analysis.Limits;
import org.zeroply.engine.analysis.Score;

/** Openings of random moves that leave both sides about equal, from a seed. */
public final class RandomOpenings {

    private static final int PLIES = 8;
    private static final int MOST_CENTIPAWNS = 60;
    private static final long NODES = 40_000;

    private final Engine judge;

    /**
     * @param judge throws out openings that are decided already
     */
    public RandomOpenings(Engine judge) {
        this.judge = judge;
    }

    /** The opening of a number; the same every time. */
    public List<Move> opening(long number) {
        SplittableRandom random = new SplittableRandom(number * 0x9E3779B97F4A7C15L + 1);
        while (true) {
            List<Move> moves = moves(random, PLIES + random.nextInt(2));
            if (!moves.isEmpty() && isBalanced(moves)) {
                return moves;
            }
        }
    }

    /** So many moves by chance from the start; none if the game is over by them. */
    public static List<Move> moves(SplittableRandom random, int plies) {
        Board board = Position.START.toBoard();
        List<Move> moves = new ArrayList<>();
        int[] legal = new int[MoveGenerator.MAX_MOVES];
        for (int i = 0; i < plies; i++) {
            int count = MoveGenerator.all(board, legal, 0);
            if (count == 0) {
                return List.of();
            }
            int move = legal[random.nextInt(count)];
            moves.add(new Move(move));
            board.make(move);
        }
        return MoveGenerator.any(board) ? moves : List.of();
    }

    private boolean isBalanced(List<Move> moves) {
        AnalysisRequest request =
                new AnalysisRequest(Position.START, moves, Limits.nodes(NODES), 1, List.of(), 1);
        return judge.analyse(request).best().orElseThrow().score() instanceof Score.Centipawns c
                && Math.abs(c.value()) <= MOST_CENTIPAWNS;
    }
}
