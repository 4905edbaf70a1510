package org.zeroply.coach.review;

import java.util.List;
import java.util.Optional;
import org.zeroply.chess.board.Move;
import org.zeroply.coach.evaluation.Choice;
import org.zeroply.coach.evaluation.Weighed;
import org.zeroply.engine.analysis.ExpectedScore;
import org.zeroply.engine.analysis.Score;

/**
 * What could have been played in a position of a game, from the view of who moves.
 *
 * @param line the engine's line, its choice first
 * @param score what that line is worth
 * @param expected expected score with the best move
 * @param ways the best moves told apart, best first
 * @param width moves that are hardly weaker than the best one; see {@link Choice#width()}
 * @param depthFound depth in plies from which on the best move stays best
 * @param tempting the move that led before that depth, if another one did
 */
public record BestPlay(
        List<Move> line,
        Score score,
        ExpectedScore expected,
        List<Weighed> ways,
        int width,
        int depthFound,
        Optional<Move> tempting) {

    public BestPlay {
        line = List.copyOf(line);
        ways = List.copyOf(ways);
    }

    /** The engine's choice. */
    public Move choice() {
        return line.get(0);
    }

    /** Whether the line mates. */
    boolean mates() {
        return score instanceof Score.Mate mate && mate.moves() > 0;
    }

    /** What the choice is ahead of the next move told apart, in points of a hundred. */
    double lead() {
        return ways.stream()
                .filter(c -> !c.move().equals(choice()))
                .mapToDouble(c -> expected.points() - c.expected().points())
                .filter(lead -> lead >= 0)
                .findFirst()
                .orElse(0);
    }
}
