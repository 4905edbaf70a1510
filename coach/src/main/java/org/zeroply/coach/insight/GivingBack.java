package org.zeroply.coach.insight;

import java.util.List;
import java.util.Optional;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.board.Side;
import org.zeroply.chess.notation.Line;
import org.zeroply.chess.notation.San;
import org.zeroply.chess.tree.Mark;
import org.zeroply.coach.evaluation.Choice;
import org.zeroply.coach.evaluation.Loss;
import org.zeroply.coach.evaluation.MoveComparison;
import org.zeroply.coach.evaluation.MoveEvaluator;
import org.zeroply.coach.evaluation.ResultClass;
import org.zeroply.coach.evaluation.Weighed;
import org.zeroply.coach.fact.Fact;
import org.zeroply.coach.fact.FactKind;
import org.zeroply.coach.fact.material.MaterialBalance;
import org.zeroply.coach.fact.material.MaterialScale;
import org.zeroply.coach.fact.tactics.LineGain;
import org.zeroply.coach.texts.CoachWords;

/**
 * The moment to give material back: the side to move is ahead in material, its best move returns
 * some of it, and every move that keeps all of it is clearly worse.
 */
final class GivingBack {

    /** Hundredths of a point that the side is ahead, and that it gives back, at least. */
    private static final int PAWN = 100;

    /** Hundredths of a point that a move may lose and yet keep the material. */
    private static final int KEPT = 50;

    /** Plies that are shown: our choice. */
    private static final int SHOWN = 5;

    private GivingBack() {}

    /**
     * @param choice the best moves of the position
     * @param evaluator looks at the moves that the choice did not tell apart
     * @throws java.util.concurrent.CancellationException when cancelled
     */
    static Optional<Fact> of(Choice choice, MoveEvaluator evaluator) {
        Position position = choice.position();
        Weighed best = choice.best();
        Side side = position.sideToMove();
        int lead = MaterialBalance.of(position).lead(side, MaterialScale.SCHOOL);
        if (lead < PAWN || best.result() == ResultClass.LOSS || best.mates() || best.exact()) {
            return Optional.empty();
        }
        int given = -gain(position, best);
        if (given < PAWN) {
            return Optional.empty();
        }
        return keeping(choice, evaluator)
                .map(keep -> evaluator.weigh(position, keep.move()))
                .filter(keep -> Loss.of(keep, best).exceeds(MoveComparison.WEAKER))
                .map(keep -> fact(position, best, keep, given));
    }

    private static int gain(Position position, Weighed move) {
        return LineGain.settledHundredths(position, move.line());
    }

    /** The best move that keeps the material, among all that the position has. */
    private static Optional<Weighed> keeping(Choice choice, MoveEvaluator evaluator) {
        Position position = choice.position();
        Optional<Weighed> near =
                choice.moves().stream().filter(w -> gain(position, w) >= -KEPT).findFirst();
        List<Move> rest =
                position.legalMoves().stream().filter(m -> choice.of(m).isEmpty()).toList();
        return near.or(
                () -> evaluator.among(position, rest).filter(w -> gain(position, w) >= -KEPT));
    }

    private static Fact fact(Position position, Weighed best, Weighed keep, int given) {
        Move move = best.move();
        Side side = position.sideToMove();
        String back = LineGain.given(position, best.line(), side);
        String text =
                CoachWords.of(
                        "insight.the-moment-to-give-material",
                        Line.numbered(position, Line.start(best.line(), SHOWN)),
                        back,
                        San.write(position, keep.move()),
                        Loss.of(keep, best).words());
        return Fact.of(FactKind.GIVE_BACK, side, text, move.from(), move.to())
                .with("given", given)
                .with("cost", (int) Math.round(Loss.of(keep, best).points()))
                .marked(Mark.Meaning.IDEA, move.from(), move.to())
                .proved(best.line());
    }
}
