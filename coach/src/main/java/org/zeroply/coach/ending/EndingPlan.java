package org.zeroply.coach.ending;

import java.util.ArrayList;
import java.util.List;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.Piece;
import org.zeroply.chess.board.PieceType;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.board.Side;
import org.zeroply.chess.board.Square;
import org.zeroply.chess.notation.San;
import org.zeroply.coach.texts.CoachWords;

/** The winning side's way in stages, read off the line of best play. */
final class EndingPlan {

    private EndingPlan() {}

    /** One sentence a stage: where the king goes, what it takes, which pawn runs. */
    static List<String> of(Position start, List<Move> line, Side winner) {
        List<String> stages = new ArrayList<>();
        Position now = start;
        int steps = 0;
        int end = -1;
        int runner = -1;
        for (Move move : line) {
            if (now.sideToMove() == winner) {
                PieceType type = now.pieceAt(move.from()).map(Piece::type).orElseThrow();
                boolean walks = type == PieceType.KING && !move.isCapture();
                if (walks) {
                    steps++;
                    end = move.to();
                    runner = -1;
                } else {
                    walk(stages, steps, end);
                    steps = 0;
                    runner = event(stages, now, move, type, runner);
                }
            }
            now = now.play(move);
        }
        walk(stages, steps, end);
        if (now.isCheckmate()) {
            stages.add(CoachWords.of("ending.and-mates"));
        }
        return stages;
    }

    private static void walk(List<String> stages, int steps, int end) {
        if (steps > 0) {
            String moves =
                    steps == 1
                            ? CoachWords.of("ending.one-move")
                            : CoachWords.of("ending.moves", steps);
            stages.add(CoachWords.of("ending.the-king-goes-to", Square.name(end), moves));
        }
    }

    /** Notes a capture, a promotion, or a pawn that runs; several steps of one pawn are one. */
    private static int event(
            List<String> stages, Position now, Move move, PieceType type, int runner) {
        String name = Square.name(move.to());
        if (move.promotion().isPresent()) {
            stages.add(CoachWords.of("ending.the-pawn-promotes", San.write(now, move)));
        } else if (move.isCapture()) {
            stages.add(CoachWords.of("ending.the-takes-on", type.word(), name));
        } else if (type == PieceType.PAWN && runner == move.from()) {
            String told = stages.get(stages.size() - 1);
            stages.set(stages.size() - 1, told.replaceAll("to [a-h][1-8]$", "to " + name));
        } else if (type == PieceType.PAWN) {
            stages.add(CoachWords.of("ending.the-pawn-goes-to", Square.name(move.from()), name));
        } else {
            stages.add(San.write(now, move));
        }
        return type == PieceType.PAWN ? move.to() : -1;
    }
}
