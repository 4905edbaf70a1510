package org.zeroply.coach.exercise.marking;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.function.Function;
import org.zeroply.chess.board.Conclusion;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.notation.Line;
import org.zeroply.chess.notation.San;
import org.zeroply.chess.tree.MoveTree;
import org.zeroply.chess.tree.TreeEditor;
import org.zeroply.coach.evaluation.Loss;
import org.zeroply.coach.evaluation.MoveEvaluator;
import org.zeroply.coach.evaluation.Weighed;
import org.zeroply.coach.exercise.scheme.DefenceTask;
import org.zeroply.coach.exercise.scheme.Exercise;
import org.zeroply.coach.play.LimitedPlayer;
import org.zeroply.coach.play.Strength;
import org.zeroply.coach.texts.CoachWords;
import org.zeroply.engine.analysis.Cancellation;
import org.zeroply.engine.analysis.Engine;
import org.zeroply.engine.analysis.ExpectedScore;

/**
 * Holding a position for some moves against the engine at a chosen strength. What counts is the
 * expected score kept: each move gives away what the best one was worth more, and points are the
 * part of the first expected score that is left. Errors of the engine neither help nor harm.
 */
public final class HoldGame {

    /** How many moves to hold, and the rating step of the engine, as tags in PGN. */
    public static final String MOVES = "ZpHoldMoves";

    public static final String STRENGTH = "ZpStrength";

    /** Own moves that have to be held where the exercise does not say: our choice. */
    private static final int USUAL_MOVES = 8;

    /** Rating of the other side where the exercise does not say: our choice. */
    private static final int USUAL_STRENGTH = 2000;

    /** Smaller losses are within what a search can tell. */
    private static final double SMALL = 0.04;

    private final Function<Cancellation, MoveEvaluator> evaluators;
    private final LimitedPlayer player;
    private final Strength strength;
    private final int moves;
    private final Exercise exercise;
    private final List<Position> positions = new ArrayList<>();
    private final List<Move> played = new ArrayList<>();
    private final List<Step> steps = new ArrayList<>();
    private double first = -1;

    /**
     * An own move and what it gave away.
     *
     * @param expected what the best move promised
     * @param loss what was given away of it
     * @param better the best move, where another one was played that gives something away
     */
    public record Step(
            Position before, Move move, ExpectedScore expected, Loss loss, Optional<Move> better) {}

    /**
     * @param exercise an exercise with the task {@link DefenceTask#HOLD}
     * @param evaluators make what tells what moves give away, and stops when cancelled
     * @param engine plays the other side
     * @param seed the same number makes the engine choose alike
     */
    public HoldGame(
            Exercise exercise,
            Function<Cancellation, MoveEvaluator> evaluators,
            Engine engine,
            long seed) {
        this.exercise = exercise;
        this.evaluators = evaluators;
        player = new LimitedPlayer(engine, new Random(seed));
        strength = new Strength(number(exercise.scheme(), STRENGTH, USUAL_STRENGTH, 1000, 2800));
        moves = number(exercise.scheme(), MOVES, USUAL_MOVES, 1, 100);
        positions.add(exercise.start());
    }

    /** Writes how many moves to hold, and against which strength. */
    public static void write(TreeEditor editor, int moves, int strength) {
        editor.tag(MOVES, String.valueOf(moves));
        editor.tag(STRENGTH, String.valueOf(strength));
    }

    private static int number(MoveTree tree, String tag, int usual, int least, int most) {
        String text = tree.tag(tag);
        int number = text.matches("\\d{1,4}") ? Integer.parseInt(text) : usual;
        return Math.max(least, Math.min(most, number));
    }

    /** How many moves have to be held. */
    public int moves() {
        return moves;
    }

    /** The strength the engine plays at. */
    public Strength strength() {
        return strength;
    }

    /** The position now. */
    public Position position() {
        return positions.get(positions.size() - 1);
    }

    /** All moves so far, the engine's among them. */
    public List<Move> played() {
        return List.copyOf(played);
    }

    /** The own moves so far, and what each gave away. */
    public List<Step> steps() {
        return List.copyOf(steps);
    }

    /** Whether all moves have been made, or the game is over. */
    public boolean isOver() {
        return steps.size() >= moves || Conclusion.of(positions) != Conclusion.ONGOING;
    }

    /**
     * Plays a move of one's own and lets the engine answer.
     *
     * @return the answer; empty when there is none because it is over
     * @throws IllegalArgumentException if the move is not legal, or it is over
     * @throws java.util.concurrent.CancellationException when cancelled; then nothing was played,
     *     as when the engine fails
     */
    public Optional<Move> play(Move move, Cancellation cancellation) {
        Position before = position();
        if (isOver() || !before.isLegal(move)) {
            throw new IllegalArgumentException("this move cannot be played now");
        }
        MoveEvaluator evaluator = evaluators.apply(cancellation);
        Weighed best = evaluator.among(before, before.legalMoves()).orElseThrow();
        boolean isBest = best.move().equals(move);
        Loss given = isBest ? Loss.NONE : Loss.of(evaluator.weigh(before, move), best);
        boolean gives = given.points() >= 100 * SMALL;
        first = first < 0 ? best.expected().value() : first;
        steps.add(
                new Step(
                        before,
                        move,
                        best.expected(),
                        gives ? given : Loss.NONE,
                        gives ? Optional.of(best.move()) : Optional.empty()));
        put(move);
        if (isOver()) {
            return Optional.empty();
        }
        try {
            LimitedPlayer.Look look = player.look(exercise.start(), played, strength);
            Move answer = player.choose(look, strength);
            put(answer);
            return Optional.of(answer);
        } catch (RuntimeException e) {
            takeBack();
            throw e;
        }
    }

    private void takeBack() {
        positions.remove(positions.size() - 1);
        played.remove(played.size() - 1);
        steps.remove(steps.size() - 1);
        first = steps.isEmpty() ? -1 : first;
    }

    private void put(Move move) {
        positions.add(position().play(move));
        played.add(move);
    }

    /** The part of the first expected score that is left, 0 to 1. */
    public double kept() {
        if (first <= 0) {
            return steps.isEmpty() ? 1 : 0;
        }
        double lost = steps.stream().mapToDouble(s -> s.loss().points() / 100).sum();
        return Math.max(0, 1 - lost / first);
    }

    /** The sheet: one item, whose points are the part kept, and a row for each move that gave. */
    public MarkedSheet sheet() {
        int max = exercise.maxPoints();
        int points = (int) Math.round(kept() * max);
        String why =
                CoachWords.of(
                        steps.size() == 1
                                ? "exercise.of-100-of-the-expected"
                                : "exercise.of-100-of-the-expected-score",
                        Math.round(100 * kept()),
                        steps.size());
        String line = Line.numbered(exercise.start(), played);
        List<MarkedSheet.ItemMark> items =
                List.of(new MarkedSheet.ItemMark(line, max, points, why));
        List<MarkedSheet.RowMark> rows = new ArrayList<>();
        for (int i = 0; i < steps.size(); i++) {
            rows.add(row(i));
        }
        boolean held = kept() >= 0.5;
        return new MarkedSheet(points, max, items, rows, List.of(), held);
    }

    private MarkedSheet.RowMark row(int index) {
        Step step = steps.get(index);
        String text = Line.number(step.before(), true) + San.write(step.before(), step.move());
        if (step.better().isEmpty()) {
            return new MarkedSheet.RowMark(
                    index + 1, text, MarkedSheet.Status.SOUND, "holds", "", "", "");
        }
        String better = Line.numbered(step.before(), List.of(step.better().get()));
        return new MarkedSheet.RowMark(
                index + 1,
                text,
                MarkedSheet.Status.REFUTED,
                CoachWords.of(
                        "exercise.gives-away-of-a-hundred",
                        Math.round(step.loss().points()),
                        better),
                better,
                text,
                better);
    }
}
