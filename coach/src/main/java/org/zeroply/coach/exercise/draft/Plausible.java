package org.zeroply.coach.exercise.draft;

import java.util.List;
import java.util.stream.Stream;
import org.zeroply.chess.board.Board;
import org.zeroply.chess.board.Position;
import org.zeroply.coach.evaluation.Choice;
import org.zeroply.coach.evaluation.MoveComparison;
import org.zeroply.coach.evaluation.Weighed;
import org.zeroply.engine.analysis.Score;
import org.zeroply.engine.exchange.LegalExchange;

/** Defences that a strong player would consider. */
final class Plausible {

    /** A defence is as good as the best one within so many centipawns. */
    private static final int AS_GOOD = 60;

    /** In the first plies of the main line more is worth considering. */
    private static final int CONSIDERED = 150;

    /**
     * Up to this ply of the main line every defence that a pupil would consider belongs to the
     * scheme: our choice.
     */
    private static final int EARLY = 6;

    /** Up to here what only looks like a refutation is considered, too. */
    private static final int NATURAL = 4;

    private Plausible() {}

    /**
     * The defences worth considering, the best first.
     *
     * @param ply of the defence, from 1 on
     * @param main whether the line is the main one
     */
    static List<Weighed> defences(Choice choice, int ply, boolean main) {
        Stream<Weighed> good =
                choice.moves().stream().filter(w -> isConsidered(w, choice.best(), ply, main));
        Stream<Weighed> natural = ply <= NATURAL && main ? refutationLike(choice) : Stream.empty();
        return Stream.concat(good, natural).distinct().toList();
    }

    /** Hardly worse than the best defence, or, against mate, lasting as long. */
    private static boolean isConsidered(Weighed w, Weighed best, int ply, boolean main) {
        if (best.score() instanceof Score.Mate longest && w.score() instanceof Score.Mate mate) {
            return longest.moves() > 0 || mate.moves() <= longest.moves() + 1;
        }
        int margin = main && ply <= EARLY ? CONSIDERED : AS_GOOD;
        return best.expected().over(w.expected()) <= MoveComparison.WEAKER
                && best.score().ordinal() - w.score().ordinal() <= margin;
    }

    /** Checks and paying captures among the better moves: they look like refutations. */
    private static Stream<Weighed> refutationLike(Choice choice) {
        Position position = choice.position();
        Board board = position.toBoard();
        return choice.moves().stream()
                .filter(
                        w ->
                                position.play(w.move()).inCheck()
                                        || w.move().isCapture()
                                                && LegalExchange.isAtLeast(
                                                        board, w.move().packed(), 0));
    }
}
