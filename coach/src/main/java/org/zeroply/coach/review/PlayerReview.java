package org.zeroply.coach.review;

import java.util.Collections;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import org.zeroply.chess.board.Side;
import org.zeroply.coach.fact.material.Phase;

/**
 * A player's game in figures.
 *
 * @param moves moves reviewed, forced ones aside
 * @param loss what these moves lost
 * @param firstChoices part of the moves that were the engine's choice, 0 to 1
 * @param errors moves that lost much, by their grade
 * @param secondsAMove mean time spent on a move, where the game has clocks
 */
public record PlayerReview(
        Side side,
        String name,
        int moves,
        Losses loss,
        double firstChoices,
        Errors errors,
        Optional<Double> secondsAMove) {

    /**
     * Moves that lost much, each counted once.
     *
     * @param dubious moves that lost {@link MoveReview#DUBIOUS} points or more but were no mistake
     * @param mistakes moves that lost {@link MoveReview#MISTAKE} or more but were no blunder
     * @param blunders moves that lost {@link MoveReview#BLUNDER} or more
     * @param inTimeTrouble mistakes and blunders made with less than two minutes left
     */
    public record Errors(int dubious, int mistakes, int blunders, int inTimeTrouble) {}

    /**
     * What moves lost, in points of a hundred.
     *
     * @param mean of a move, by phase; phases without moves are left out
     * @param inAll by all of them together
     */
    public record Losses(Map<Phase, Double> mean, double inAll) {
        public Losses {
            mean = Collections.unmodifiableMap(new TreeMap<>(mean));
        }

        private static Losses of(List<MoveReview> moves) {
            Map<Phase, Double> mean = new EnumMap<>(Phase.class);
            for (Phase phase : Phase.values()) {
                moves.stream()
                        .filter(m -> m.phase() == phase)
                        .mapToDouble(m -> m.loss().points())
                        .average()
                        .ifPresent(points -> mean.put(phase, points));
            }
            return new Losses(mean, moves.stream().mapToDouble(m -> m.loss().points()).sum());
        }
    }

    /** The figures of one side. */
    static PlayerReview of(Side side, String name, List<MoveReview> all) {
        List<MoveReview> own = all.stream().filter(m -> m.side() == side).toList();
        List<MoveReview> free = own.stream().filter(m -> !m.isForced()).toList();
        int blunders = count(free, MoveReview.BLUNDER);
        int mistakes = count(free, MoveReview.MISTAKE);
        int dubious = count(free, MoveReview.DUBIOUS);
        long trouble =
                free.stream()
                        .filter(m -> m.loss().points() >= MoveReview.MISTAKE)
                        .filter(MoveReview::isInTimeTrouble)
                        .count();
        return new PlayerReview(
                side,
                name,
                free.size(),
                Losses.of(free),
                free.stream().mapToInt(m -> m.isChoice() ? 1 : 0).average().orElse(0),
                new Errors(dubious - mistakes, mistakes - blunders, blunders, (int) trouble),
                secondsAMove(own));
    }

    /** Mean loss of a move in the whole game, in points of a hundred; 0 without moves. */
    public double meanLossOfAll() {
        return moves == 0 ? 0 : loss.inAll() / moves;
    }

    private static int count(List<MoveReview> moves, double loss) {
        return (int) moves.stream().filter(m -> m.loss().points() >= loss).count();
    }

    private static Optional<Double> secondsAMove(List<MoveReview> own) {
        List<Integer> clocks = own.stream().flatMap(m -> m.clock().stream()).toList();
        if (clocks.size() < 2) {
            return Optional.empty();
        }
        double spent = clocks.get(0) - clocks.get(clocks.size() - 1);
        return Optional.of(Math.max(0, spent / (clocks.size() - 1)));
    }
}
