package org.zeroply.coach.exercise.sound;

import java.util.List;
import java.util.Optional;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.board.Side;
import org.zeroply.chess.tree.Verdict;
import org.zeroply.coach.evaluation.MoveEvaluator;
import org.zeroply.coach.evaluation.Weighed;
import org.zeroply.coach.exercise.scheme.VerdictScale;
import org.zeroply.coach.texts.CoachWords;

/**
 * A verdict beside what an evaluator finds.
 *
 * @param isWrong whether the two cannot both be right
 * @param detail both in words
 * @param line best play from the position
 */
record VerdictCheck(boolean isWrong, String detail, List<Move> line, boolean exact) {

    /** From so much expected score on, or so little, nothing is unclear or compensated any more. */
    private static final double SETTLED = 0.94;

    /** A verdict that seems wrong is looked at again on so many times the nodes, and once more. */
    private static final int LONGER = 4;

    /** Checks a verdict; empty when nothing can be said. */
    static Optional<VerdictCheck> of(Position position, Verdict verdict, MoveEvaluator evaluator) {
        if (position.legalMoves().isEmpty()) {
            boolean whiteLost = position.sideToMove() == Side.WHITE;
            Verdict end =
                    !position.inCheck()
                            ? Verdict.EQUAL
                            : whiteLost ? Verdict.BLACK_WINS : Verdict.WHITE_WINS;
            String what =
                    CoachWords.of(
                            position.inCheck()
                                    ? "exercise.the-game-ends-in-mate"
                                    : "exercise.the-game-ends-in-a");
            return Optional.of(
                    new VerdictCheck(
                            verdict != end,
                            CoachWords.of("exercise.the-scheme-says", what, verdict.words()),
                            List.of(),
                            true));
        }
        Optional<VerdictCheck> found = look(position, verdict, evaluator);
        // What speaks against the scheme is looked at longer before it is told.
        for (int times = LONGER; times <= LONGER * LONGER; times *= LONGER) {
            if (found.filter(c -> c.isWrong() && !c.exact()).isPresent()) {
                found = look(position, verdict, evaluator.withNodes(times * evaluator.nodes()));
            }
        }
        return found;
    }

    private static Optional<VerdictCheck> look(
            Position position, Verdict verdict, MoveEvaluator evaluator) {
        return evaluator.choice(position, 1).map(c -> of(position, verdict, c.best()));
    }

    private static VerdictCheck of(Position position, Verdict verdict, Weighed best) {
        boolean white = position.sideToMove() == Side.WHITE;
        Verdict found = best.expected().verdict(white);
        double expected = best.expected().value();
        String detail =
                CoachWords.of(
                        "exercise.the-scheme-says-by-search",
                        verdict.words(),
                        found.words(),
                        (white ? best.score() : best.score().negated()).text());
        boolean wrong =
                VerdictScale.steps(verdict, found)
                        .map(steps -> best.exact() ? steps > 0 : steps >= 2)
                        .orElse(expected >= SETTLED || expected <= 1 - SETTLED || best.exact());
        return new VerdictCheck(wrong, detail, best.line(), best.exact());
    }
}
