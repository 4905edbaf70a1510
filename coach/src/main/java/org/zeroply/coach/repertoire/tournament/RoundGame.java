package org.zeroply.coach.repertoire.tournament;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.notation.Line;
import org.zeroply.chess.tree.Approach;
import org.zeroply.chess.tree.MoveTree;
import org.zeroply.chess.tree.Node;
import org.zeroply.coach.evaluation.Choice;
import org.zeroply.coach.evaluation.Loss;
import org.zeroply.coach.evaluation.MoveEvaluator;
import org.zeroply.coach.evaluation.Weighed;
import org.zeroply.coach.repertoire.EngineAudit;
import org.zeroply.coach.repertoire.GameComparison;
import org.zeroply.coach.repertoire.GameComparison.LeftBy;
import org.zeroply.coach.repertoire.Repertoire;
import org.zeroply.coach.repertoire.Spot;

/**
 * What the game of a round asks of the repertoire: where it was left, and what might be changed.
 *
 * @param loss what it cost to leave, in points of a hundred; empty where nothing was recommended
 * @param changes what the coach may have done about it
 */
public record RoundGame(GameComparison comparison, OptionalDouble loss, List<Change> changes) {

    public RoundGame {
        changes = List.copyOf(changes);
    }

    /** Something that may be changed. */
    public sealed interface Change {
        /** The position of the repertoire it is about. */
        Spot spot();
    }

    /** The student did not play what is recommended: it is to be asked again. */
    public record Repeat(Spot spot, Move recommended) implements Change {}

    /**
     * New moves for the repertoire.
     *
     * @param moves from the position on: a reply of theirs and what to answer, or a move of ours
     * @param answer our move with what it is worth and how it may go on
     * @param loss what it loses against the engine's best, in points of a hundred
     * @param played whether it was played in the game; otherwise the engine proposes it
     */
    public record Add(Spot spot, List<Move> moves, Weighed answer, double loss, boolean played)
            implements Change {
        public Add {
            moves = List.copyOf(moves);
        }

        /** The moves in SAN, without numbers. */
        public String words() {
            return String.join(" ", Line.san(spot.position(), moves));
        }
    }

    /**
     * Looks at a game against the repertoire of the student's colour; empty where the game never
     * was in it.
     *
     * @throws java.util.concurrent.CancellationException when the evaluator is cancelled
     */
    public static Optional<RoundGame> of(
            Repertoire repertoire,
            MoveTree game,
            Optional<Approach> school,
            MoveEvaluator evaluator) {
        return GameComparison.of(repertoire, game, school)
                .map(
                        c ->
                                new RoundGame(
                                        c,
                                        c.loss(evaluator, school),
                                        changes(c, school, evaluator)));
    }

    private static List<Change> changes(
            GameComparison left, Optional<Approach> school, MoveEvaluator evaluator) {
        if (left.leftBy() == LeftBy.NOBODY) {
            return List.of();
        }
        List<Move> line = left.game().mainLine().stream().map(Node::move).toList();
        List<Change> changes = new ArrayList<>();
        Spot spot = left.spot();
        Move played = line.get(left.ply() - 1);
        if (left.leftBy() == LeftBy.THEM) {
            Optional<Move> ours =
                    left.ply() < line.size() ? Optional.of(line.get(left.ply())) : Optional.empty();
            answer(spot, List.of(played), ours, evaluator).ifPresent(changes::add);
            return changes;
        }
        if (left.leftBy() == LeftBy.US) {
            Move recommended = spot.recommended(school).orElseThrow();
            changes.add(new Repeat(spot, recommended));
            addIfSound(spot, played, evaluator).ifPresent(changes::add);
            return changes;
        }
        answer(spot, List.of(), Optional.of(played), evaluator).ifPresent(changes::add);
        return changes;
    }

    /** A move that was played in the place of another one, if it may stand beside it. */
    private static Optional<Change> addIfSound(Spot spot, Move played, MoveEvaluator evaluator) {
        double loss = evaluator.loss(spot.position(), played).points();
        return loss <= EngineAudit.USUAL_LOSS
                ? Optional.of(
                        new Add(
                                spot,
                                List.of(played),
                                evaluator.weigh(spot.position(), played),
                                loss,
                                true))
                : Optional.empty();
    }

    /** What to answer: what was played, if it is sound, else what the engine holds for best. */
    private static Optional<Change> answer(
            Spot spot, List<Move> before, Optional<Move> played, MoveEvaluator evaluator) {
        Position position = spot.position();
        for (Move move : before) {
            position = position.play(move);
        }
        Optional<Choice> choice = evaluator.choice(position);
        if (choice.isEmpty()) {
            return Optional.empty();
        }
        Weighed best = choice.get().best();
        Weighed answer = best;
        double loss = 0;
        boolean wasPlayed = played.equals(Optional.of(best.move()));
        if (played.isPresent() && !wasPlayed) {
            Weighed other = evaluator.weigh(position, played.get());
            double costs = Loss.of(other, best).points();
            if (costs <= EngineAudit.USUAL_LOSS) {
                answer = other;
                loss = costs;
                wasPlayed = true;
            }
        }
        List<Move> moves = new ArrayList<>(before);
        moves.add(answer.move());
        return Optional.of(new Add(spot, moves, answer, loss, wasPlayed));
    }
}
