package org.zeroply.coach.defence.practice;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.DoubleConsumer;
import org.zeroply.chess.board.Conclusion;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.board.Side;
import org.zeroply.coach.evaluation.MoveEvaluator;
import org.zeroply.coach.evaluation.Weighed;
import org.zeroply.coach.fact.material.MaterialBalance;
import org.zeroply.coach.fact.material.MaterialScale;
import org.zeroply.coach.texts.CoachWords;
import org.zeroply.engine.analysis.Score;

/**
 * Tests a fortress: the engine plays on against the side that holds, which has the engine too. It
 * holds when nothing was achieved in fifty moves or the game is drawn; it falls when the verdict is
 * mate or so high that it can only be won. A test is no proof unless the ending tables speak.
 */
public final class FortressTrial {

    /** Moves of each side that are played at most. */
    public static final int MOVES = 60;

    /** Moves without a man taken or a pawn moved after which it holds. */
    private static final int QUIET = 50;

    /** Expected score from which on the attacker has broken through, four times running. */
    private static final double BROKEN = 0.985;

    /** Moves running that may look like a break before the fortress is said to fall: our choice. */
    private static final int RUNNING = 4;

    /** Hundredths of a point that the attacker must have won to have broken through. */
    private static final int WON = 100;

    private final MoveEvaluator evaluator;

    /**
     * @param evaluator with the nodes for each move
     */
    public FortressTrial(MoveEvaluator evaluator) {
        this.evaluator = evaluator;
    }

    /** What came of it. */
    public enum Outcome {
        HOLDS("holds"),
        FALLS("falls"),
        UNDECIDED(CoachWords.of("defence.not-decided"));

        private final String words;

        Outcome(String words) {
            this.words = words;
        }

        /** In words. */
        public String words() {
            return words;
        }
    }

    /**
     * A test that was made.
     *
     * @param line the moves played
     * @param move the move number, counted from 1 at the first position, at which it fell or the
     *     test ended
     * @param how in words, why
     * @param exact whether the ending tables decided
     */
    public record Report(Outcome outcome, List<Move> line, int move, String how, boolean exact) {
        public Report {
            line = List.copyOf(line);
        }

        /** In words: {@code falls at move 14: mate}. */
        public String text() {
            String at = outcome == Outcome.FALLS ? CoachWords.of("defence.at-move", move) : "";
            return outcome.words() + at + ": " + how;
        }
    }

    /**
     * Plays on.
     *
     * @param holding the side that holds
     * @param progress told the part done, 0 to 1
     * @throws java.util.concurrent.CancellationException when cancelled
     */
    public Report run(Position start, Side holding, int moves, DoubleConsumer progress) {
        List<Move> line = new ArrayList<>();
        List<Position> played = new ArrayList<>(List.of(start));
        int broken = 0;
        int first = lead(start, holding);
        while (line.size() < 2 * moves) {
            Position now = played.get(played.size() - 1);
            int move = line.size() / 2 + 1;
            Conclusion conclusion = Conclusion.of(played);
            if (conclusion == Conclusion.CHECKMATE) {
                boolean fell = now.sideToMove() == holding;
                return new Report(fell ? Outcome.FALLS : Outcome.HOLDS, line, move, "mate", false);
            }
            if (conclusion != Conclusion.ONGOING) {
                return new Report(Outcome.HOLDS, line, move, conclusion.words(), false);
            }
            if (now.halfmoveClock() >= 2 * QUIET) {
                String how = CoachWords.of("defence.moves-without-a-man-taken", QUIET);
                return new Report(Outcome.HOLDS, line, move, how, false);
            }
            boolean attacks = now.sideToMove() != holding;
            Weighed best = evaluator.among(now, moves(now, attacks, played)).orElseThrow();
            double own = best.expected().value();
            double attacker = attacks ? own : 1 - own;
            Optional<Report> decided = exact(best, attacker, line, move);
            if (decided.isPresent()) {
                return decided.get();
            }
            boolean won = first - lead(now, holding) >= WON;
            boolean mate = best.score() instanceof Score.Mate && attacker == 1;
            broken = attacker >= BROKEN && (won || mate) ? broken + 1 : 0;
            if (broken > RUNNING) {
                String how =
                        CoachWords.of(
                                mate
                                        ? "defence.mate-cannot-be-stopped"
                                        : "defence.the-attack-has-won-material");
                List<Move> whole = new ArrayList<>(line);
                whole.addAll(best.line());
                return new Report(Outcome.FALLS, whole, move, how, false);
            }
            line.add(best.move());
            played.add(now.play(best.move()));
            progress.accept(line.size() / (2.0 * moves));
        }
        return new Report(
                Outcome.UNDECIDED,
                line,
                moves,
                CoachWords.of("defence.moves-were-played-without-end", moves),
                false);
    }

    /** The attacker tries something new while there is anything; else it may come back. */
    private static List<Move> moves(Position now, boolean attacks, List<Position> played) {
        List<Move> fresh =
                now.legalMoves().stream()
                        .filter(m -> !attacks || !played.contains(now.play(m)))
                        .toList();
        return fresh.isEmpty() ? now.legalMoves() : fresh;
    }

    private static Optional<Report> exact(
            Weighed best, double attacker, List<Move> line, int move) {
        if (!best.exact()) {
            return Optional.empty();
        }
        List<Move> whole = new ArrayList<>(line);
        whole.addAll(best.line());
        Outcome outcome = attacker > 0.5 ? Outcome.FALLS : Outcome.HOLDS;
        return Optional.of(
                new Report(
                        outcome, whole, move, CoachWords.of("defence.by-the-ending-tables"), true));
    }

    private static int lead(Position position, Side holding) {
        return MaterialBalance.of(position).lead(holding, MaterialScale.SCHOOL);
    }
}
