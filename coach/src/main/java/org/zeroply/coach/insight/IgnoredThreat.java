package org.zeroply.coach.insight;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.notation.Line;
import org.zeroply.chess.notation.San;
import org.zeroply.chess.tree.Mark;
import org.zeroply.coach.evaluation.MoveEvaluator;
import org.zeroply.coach.evaluation.Weighed;
import org.zeroply.coach.fact.Fact;
import org.zeroply.coach.fact.FactKind;
import org.zeroply.coach.texts.CoachWords;
import org.zeroply.engine.exchange.LegalExchange;

/**
 * A threat that need not be met: after the best move, which neither checks nor takes, it can still
 * be carried out as before, and who does so stands worse for it.
 */
final class IgnoredThreat {

    /** Centipawns by which the side is ahead in the end; our choice. */
    private static final int AHEAD = 150;

    /** Centipawns that the threat still wins by exchange when it is no mate. */
    private static final int STILL = 100;

    /** Plies that are shown: our choice. */
    private static final int SHOWN = 7;

    private IgnoredThreat() {}

    /**
     * @param threat what the other side would play after a pass
     * @param own the best move of who is to move
     * @throws java.util.concurrent.CancellationException when cancelled
     */
    static Optional<Fact> of(
            Position position, Weighed threat, Weighed own, MoveEvaluator evaluator) {
        Position after = position.play(own.move());
        boolean quiet = !own.move().isCapture() && !after.inCheck();
        if (!quiet || own.score().ordinal() < AHEAD || !stands(after, threat, evaluator)) {
            return Optional.empty();
        }
        Weighed carriedOut = evaluator.weigh(after, threat.move());
        return carriedOut.score().ordinal() <= -AHEAD && carriedOut.line().size() > 1
                ? Optional.of(fact(position, threat, own.move(), carriedOut))
                : Optional.empty();
    }

    /** It can be played, and what it takes is still not held, or mate still follows it. */
    private static boolean stands(Position after, Weighed threat, MoveEvaluator evaluator) {
        Move move = threat.move();
        if (!after.legalMoves().contains(move)) {
            return false;
        }
        boolean wins =
                move.isCapture() && LegalExchange.isAtLeast(after.toBoard(), move.packed(), STILL);
        return threat.mates() ? stillMates(after.play(move), evaluator) : wins;
    }

    private static boolean stillMates(Position carriedOut, MoveEvaluator evaluator) {
        return !carriedOut.inCheck()
                && evaluator
                        .choice(carriedOut.play(Move.NULL))
                        .filter(choice -> choice.best().mates())
                        .isPresent();
    }

    private static Fact fact(Position position, Weighed threat, Move own, Weighed carriedOut) {
        List<Move> line = new ArrayList<>(List.of(own));
        line.addAll(carriedOut.line());
        String why =
                CoachWords.of(
                        carriedOut.isMated()
                                ? "insight.the-own-attack-is-quicker"
                                : "insight.what-it-allows-is-worth");
        String text =
                CoachWords.of(
                        "insight.need-not-meet-the-threat",
                        San.write(position.play(Move.NULL), threat.move()),
                        why,
                        Line.numbered(position, Line.start(line, SHOWN)));
        return Fact.of(FactKind.IGNORED_THREAT, position.sideToMove(), text, own.from(), own.to())
                .with("gain", Math.min(20_000, -carriedOut.score().ordinal()))
                .trait("mates", carriedOut.isMated())
                .marked(Mark.Meaning.IDEA, own.from(), own.to())
                .marked(Mark.Meaning.THREAT, threat.move().from(), threat.move().to())
                .proved(line);
    }
}
