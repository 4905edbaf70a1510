package org.zeroply.coach.defence.practice;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.board.Side;
import org.zeroply.coach.defence.elimination.Candidate;
import org.zeroply.coach.defence.elimination.Elimination;
import org.zeroply.coach.fact.FactKind;
import org.zeroply.coach.insight.Compensation;
import org.zeroply.coach.insight.Difficulty;
import org.zeroply.coach.insight.DifficultyMeter;
import org.zeroply.coach.insight.Insight;
import org.zeroply.coach.play.PracticalProbe;
import org.zeroply.coach.play.Strength;
import org.zeroply.coach.texts.CoachWords;
import org.zeroply.engine.analysis.Cancellation;
import org.zeroply.engine.analysis.Engine;
import org.zeroply.engine.exchange.LegalExchange;

/**
 * Material given for counterplay where the passive defence loses. The engine's verdict stands
 * beside how many moves the attacker has to keep his advantage, and beside what practice brings:
 * the three need not agree.
 */
public final class ActiveDefence {

    /** Centipawns given up at least. */
    private static final int GIVEN = 80;

    /** Sacrifices that are looked at longer, the likeliest first: our choice. */
    private static final int TRIES = 4;

    /** A try worth less, 0 to 1, is none. */
    private static final double HOPELESS = 0.02;

    private final Engine engine;
    private final long nodes;

    /**
     * @param nodes for each step of the width, see {@link DifficultyMeter}
     */
    public ActiveDefence(Engine engine, long nodes) {
        this.engine = engine;
        this.nodes = nodes;
    }

    /**
     * A try.
     *
     * @param candidate the move with the engine's verdict
     * @param given centipawns that the move puts at risk
     * @param counterplay what it is given for, in words; may be empty
     * @param width the moves, on average, that keep what the attacker has, along the best line
     * @param probe what games between players of limited strength bring; empty until played
     */
    public record Try(
            Candidate candidate,
            int given,
            List<String> counterplay,
            OptionalDouble width,
            Optional<PracticalProbe.Tally> probe) {
        public Try {
            counterplay = List.copyOf(counterplay);
        }

        /** The score in practice for the side that defends, 0 to 1. */
        public OptionalDouble practice(Side side) {
            return probe.map(t -> OptionalDouble.of(side == Side.WHITE ? t.score() : 1 - t.score()))
                    .orElse(OptionalDouble.empty());
        }

        Try with(OptionalDouble measured) {
            return new Try(candidate, given, counterplay, measured, probe);
        }

        Try with(PracticalProbe.Tally tally) {
            return new Try(candidate, given, counterplay, width, Optional.of(tally));
        }
    }

    /**
     * The tries of a position, the best by the engine first, and before them the best passive move
     * to compare with.
     */
    public List<Try> tries(Elimination elimination) {
        Position position = elimination.position();
        List<Try> given = new ArrayList<>();
        List<Try> passive = new ArrayList<>();
        for (Candidate candidate : elimination.candidates()) {
            int loss = -LegalExchange.of(position.toBoard(), candidate.move().packed());
            List<String> counterplay = counterplay(position, candidate);
            Try one =
                    new Try(
                            candidate,
                            Math.max(0, loss),
                            counterplay,
                            OptionalDouble.empty(),
                            Optional.empty());
            boolean hopeful = candidate.weighed().expected().value() >= HOPELESS;
            if (loss >= GIVEN && hopeful && !counterplay.isEmpty()) {
                given.add(one);
            } else if (loss < GIVEN) {
                passive.add(one);
            }
        }
        Comparator<Try> best =
                Comparator.comparing((Try t) -> t.candidate().weighed().score()).reversed();
        given.sort(best);
        passive.sort(best);
        List<Try> tries = new ArrayList<>(passive.subList(0, Math.min(1, passive.size())));
        tries.addAll(given.subList(0, Math.min(TRIES, given.size())));
        return tries;
    }

    /** What the line has to show for the material: checks, lines, what the terms give. */
    private static List<String> counterplay(Position position, Candidate candidate) {
        List<String> words = new ArrayList<>();
        Side side = position.sideToMove();
        Position end = position;
        int checks = 0;
        for (Move move : candidate.weighed().line()) {
            end = end.play(move);
            checks += end.sideToMove() != side && end.inCheck() ? 1 : 0;
        }
        if (checks > 1) {
            words.add(CoachWords.of("defence.the-king-is-hunted-checks", checks));
        }
        long before = count(position, side, FactKind.HALF_OPEN_FILE, FactKind.OPEN_FILE);
        long after = count(end, side, FactKind.HALF_OPEN_FILE, FactKind.OPEN_FILE);
        if (after > before) {
            words.add(CoachWords.of("defence.lines-opened", after - before));
        }
        if (count(end, side, FactKind.PASSED) > count(position, side, FactKind.PASSED)) {
            words.add(CoachWords.of("defence.a-passed-pawn"));
        }
        Compensation.of(end)
                .filter(c -> c.ahead() != side && c.isSome())
                .map(c -> c.fact().text())
                .ifPresent(words::add);
        return words;
    }

    private static long count(Position position, Side side, FactKind... kinds) {
        return Insight.of(position).stream()
                .filter(f -> List.of(kinds).contains(f.kind()))
                .filter(f -> f.side().isEmpty() || f.side().get() == side)
                .count();
    }

    /** The same with the attacker's width. */
    public Try measured(Position position, Try one, Cancellation cancellation) {
        Position after = position.play(one.candidate().move());
        boolean white = after.sideToMove() == Side.WHITE;
        Optional<Difficulty> difficulty =
                new DifficultyMeter(engine, nodes).measure(after, p -> {}, cancellation);
        return one.with(difficulty.map(d -> d.width(white)).orElse(OptionalDouble.empty()));
    }

    /** The same with what practice brings; unchanged when cancelled. */
    public Try probed(
            Position position,
            Try one,
            Strength strength,
            int games,
            long seed,
            Cancellation cancellation) {
        Position after = position.play(one.candidate().move());
        return new PracticalProbe(engine, strength, strength)
                .run(after, games, seed, t -> {}, cancellation)
                .map(one::with)
                .orElse(one);
    }
}
