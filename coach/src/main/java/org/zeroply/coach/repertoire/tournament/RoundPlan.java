package org.zeroply.coach.repertoire.tournament;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.ToDoubleFunction;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.notation.San;
import org.zeroply.coach.evaluation.Choice;
import org.zeroply.coach.evaluation.Loss;
import org.zeroply.coach.evaluation.MoveEvaluator;
import org.zeroply.coach.evaluation.Weighed;
import org.zeroply.coach.repertoire.EngineAudit;
import org.zeroply.coach.repertoire.Preparation;
import org.zeroply.coach.repertoire.Preparation.SideStep;
import org.zeroply.coach.repertoire.Preparation.Stop;
import org.zeroply.coach.repertoire.Spot;

/**
 * What is prepared for a round.
 *
 * @param likely our positions at the ends of the likeliest ways, the likeliest first
 * @param repeat the few to repeat, by how likely they are and how little they are known
 * @param ends where the opponent's games end: seen by them, and not what follows
 * @param step one way around what they know, where there is a sound one
 */
public record RoundPlan(
        List<Stop> likely, List<Stop> repeat, List<Stop> ends, Optional<Step> step) {

    /** Positions to repeat in an evening. */
    public static final int REPEAT = 4;

    /** Ways into a repertoire that are told: our choice. */
    private static final int LIKELY = 6;

    /** Places where the experience of an opponent ends that are told: our choice. */
    private static final int ENDS = 4;

    /** Side steps looked at, the likeliest first, and places where another move is looked for. */
    private static final int LOOKED_AT = 8;

    /** Places at which a side step is looked for: our choice. */
    private static final int PLACES = 3;

    /** Moves among which it is chosen: our choice. */
    private static final int MOVES = 5;

    public RoundPlan {
        likely = List.copyOf(likely);
        repeat = List.copyOf(repeat);
        ends = List.copyOf(ends);
    }

    /**
     * A move of ours after which the opponent has no game.
     *
     * @param loss what it loses against the best move, in points of a hundred
     * @param proof the move and what may follow, by the engine
     * @param inRepertoire whether the repertoire has it; otherwise the engine proposes it
     */
    public record Step(SideStep step, double loss, Weighed proof, boolean inRepertoire) {}

    /**
     * Prepares a round.
     *
     * @param need how much a position needs to be repeated by who plays, 0 to 1
     * @param evaluator judges side steps; none are told without it
     * @throws java.util.concurrent.CancellationException when the evaluator is cancelled
     */
    public static RoundPlan of(
            Preparation preparation,
            ToDoubleFunction<Spot> need,
            Optional<MoveEvaluator> evaluator) {
        return new RoundPlan(
                preparation.waysEnds(LIKELY),
                preparation.toRepeat(REPEAT, need),
                preparation.stops().stream().filter(Stop::experienceEnds).limit(ENDS).toList(),
                evaluator.flatMap(e -> step(preparation, e)));
    }

    private static Optional<Step> step(Preparation preparation, MoveEvaluator evaluator) {
        for (SideStep step : preparation.sideSteps().stream().limit(LOOKED_AT).toList()) {
            Loss loss = evaluator.loss(step.spot().position(), step.step());
            if (loss.points() <= EngineAudit.USUAL_LOSS) {
                Weighed proof = evaluator.weigh(step.spot().position(), step.step());
                return Optional.of(new Step(step, loss.points(), proof, true));
            }
        }
        return preparation.usual().stream()
                .limit(PLACES)
                .flatMap(stop -> proposed(preparation, stop, evaluator).stream())
                .findFirst();
    }

    /** Another sound move, where the repertoire has none. */
    private static Optional<Step> proposed(
            Preparation preparation, Stop stop, MoveEvaluator evaluator) {
        Position position = stop.spot().position();
        Optional<Choice> choice = evaluator.choice(position, MOVES);
        List<Weighed> moves = new ArrayList<>(choice.map(Choice::moves).orElse(List.of()));
        for (Weighed weighed : moves) {
            Move move = weighed.move();
            boolean ours = stop.spot().moves().containsKey(move);
            double loss = Loss.of(weighed, moves.get(0)).points();
            if (!ours
                    && loss <= EngineAudit.USUAL_LOSS
                    && preparation.games(position.play(move)) == 0) {
                String san = San.write(position, move);
                int usual = preparation.gamesAfter(stop.spot());
                SideStep step = new SideStep(stop.spot(), move, san, stop.recommended(), usual);
                return Optional.of(new Step(step, loss, weighed, false));
            }
        }
        return Optional.empty();
    }
}
