package org.zeroply.coach;

import java.util.ArrayList;
import java.util.List;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.notation.NotationException;
import org.zeroply.chess.notation.San;
import org.zeroply.coach.evaluation.Choice;
import org.zeroply.coach.evaluation.Sureness;
import org.zeroply.coach.evaluation.Weighed;
import org.zeroply.engine.analysis.ExpectedScoreCurve;
import org.zeroply.engine.analysis.Score;

/** Choices as a test wants them. */
public final class Choices {

    private static final int DEPTH = 8;

    private Choices() {}

    /**
     * The moves of a position, the best first.
     *
     * @param moves such as {@code h6=-300 g6=#-4}: centipawns, or moves to mate
     */
    public static Choice of(Position position, String moves) throws NotationException {
        List<Weighed> weighed = new ArrayList<>();
        for (String part : moves.split(" ")) {
            int sign = part.lastIndexOf('=');
            Move move = San.read(position, part.substring(0, sign));
            String value = part.substring(sign + 1);
            Score score =
                    value.startsWith("#")
                            ? new Score.Mate(Integer.parseInt(value.substring(1)))
                            : new Score.Centipawns(Integer.parseInt(value));
            weighed.add(
                    new Weighed(
                            move,
                            score,
                            ExpectedScoreCurve.at(position).of(score),
                            DEPTH,
                            List.of(move),
                            false));
        }
        int legal = position.legalMoves().size();
        return new Choice(position, weighed, legal, List.of(), Sureness.SETTLED);
    }
}
