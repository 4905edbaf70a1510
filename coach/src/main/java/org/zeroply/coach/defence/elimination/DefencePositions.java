package org.zeroply.coach.defence.elimination;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.Position;
import org.zeroply.coach.evaluation.MoveEvaluator;
import org.zeroply.coach.evaluation.Weighed;
import org.zeroply.coach.fact.tactics.LineGain;
import org.zeroply.coach.play.PlayOut;
import org.zeroply.coach.play.Strength;
import org.zeroply.engine.analysis.Cancellation;
import org.zeroply.engine.analysis.Engine;
import org.zeroply.engine.tuning.RandomOpenings;

/** Positions to be defended out of games of the engine with itself, to measure with. */
public final class DefencePositions {

    private static final Strength PLAYERS = new Strength(1600);

    /** Nodes for the question whether something is threatened. */
    private static final long NODES = 2_000;

    /** Hundredths of a point. */
    private static final int THREATENED = 200;

    /** With fewer legal moves there is nothing to measure: our choice. */
    private static final int FEWEST_MOVES = 5;

    /** Expected score at which nothing is left to defend: our choice. */
    private static final double HOPELESS = 0.06;

    /** Plies between two positions of one game. */
    private static final int APART = 12;

    private final Engine engine;
    private final MoveEvaluator evaluator;

    /**
     * @param evaluator an evaluator on the same engine
     */
    public DefencePositions(Engine engine, MoveEvaluator evaluator) {
        this.engine = engine;
        this.evaluator = evaluator.withNodes(NODES);
    }

    /** The first positions of the games with these numbers; the same every time. */
    public List<Position> find(int wanted, long seed) {
        List<Position> found = new ArrayList<>();
        RandomOpenings openings = new RandomOpenings(engine);
        for (long game = seed; found.size() < wanted; game++) {
            Position start = Position.START.play(openings.opening(game));
            List<Move> moves =
                    new PlayOut(engine, PLAYERS, PLAYERS)
                            .play(start, game, new Cancellation())
                            .moves();
            collect(start, moves, found, p -> found.size() < wanted);
        }
        return found;
    }

    private void collect(
            Position start, List<Move> moves, List<Position> found, Predicate<Position> open) {
        Position now = start;
        int last = -APART;
        for (int ply = 0; ply < moves.size(); ply++) {
            if (ply - last >= APART && open.test(now) && isDefence(now)) {
                found.add(now);
                last = ply;
            }
            now = now.play(moves.get(ply));
        }
    }

    /** Mate or a piece is threatened, not all is lost yet, and there are moves to choose from. */
    private boolean isDefence(Position position) {
        List<Move> legal = position.legalMoves();
        if (position.inCheck() || legal.size() < FEWEST_MOVES) {
            return false;
        }
        Position passed = position.play(Move.NULL);
        Optional<Weighed> threat = evaluator.among(passed, passed.legalMoves());
        return threat.filter(t -> strikes(passed, t)).isPresent()
                && evaluator
                        .among(position, legal)
                        .filter(
                                b ->
                                        b.expected().value() > HOPELESS
                                                && b.expected().value() < 1 - HOPELESS)
                        .isPresent();
    }

    private static boolean strikes(Position passed, Weighed threat) {
        return threat.mates() || LineGain.hundredths(passed, threat.line()) >= THREATENED;
    }
}
