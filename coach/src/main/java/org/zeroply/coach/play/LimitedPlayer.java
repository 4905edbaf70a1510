package org.zeroply.coach.play;

import java.util.List;
import java.util.Random;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.Position;
import org.zeroply.engine.analysis.Analysis;
import org.zeroply.engine.analysis.AnalysisRequest;
import org.zeroply.engine.analysis.Engine;
import org.zeroply.engine.analysis.Limits;
import org.zeroply.engine.analysis.Score;

/** Chooses moves as a player of limited strength. */
public final class LimitedPlayer {

    /** Moves that a weaker player chooses among: our choice. */
    private static final int LINES = 4;

    private final Engine engine;
    private final Random random;

    /**
     * @param random the same numbers give the same moves
     */
    public LimitedPlayer(Engine engine, Random random) {
        this.engine = engine;
        this.random = random;
    }

    /**
     * A look at a position.
     *
     * @param score of the best move, for who moves
     * @param lines the best moves
     */
    public record Look(Score score, List<Analysis.Candidate> lines) {}

    /** Looks at the position after these moves, which has a legal move. */
    public Look look(Position start, List<Move> moves, Strength strength) {
        AnalysisRequest request =
                new AnalysisRequest(
                        start, moves, Limits.nodes(strength.nodes()), LINES, List.of(), 1);
        List<Analysis.Candidate> lines = engine.analyse(request).lines();
        return new Look(lines.get(0).score(), lines);
    }

    /** A move of those seen: the better ones more often, the more so the stronger the player. */
    public Move choose(Look look, Strength strength) {
        List<Analysis.Candidate> lines = look.lines();
        double best = lines.get(0).expected().value();
        double[] weights = new double[lines.size()];
        double sum = 0;
        for (int i = 0; i < weights.length; i++) {
            double loss = Math.max(0, best - lines.get(i).expected().value());
            weights[i] = Math.exp(-loss / strength.carelessness());
            sum += weights[i];
        }
        double pick = random.nextDouble() * sum;
        for (int i = 0; i < weights.length; i++) {
            pick -= weights[i];
            if (pick <= 0) {
                return lines.get(i).move();
            }
        }
        return lines.get(0).move();
    }
}
