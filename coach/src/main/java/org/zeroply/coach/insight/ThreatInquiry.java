package org.zeroply.coach.insight;

import java.util.function.Consumer;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.board.Side;
import org.zeroply.chess.notation.San;
import org.zeroply.chess.tree.Mark;
import org.zeroply.coach.evaluation.MoveEvaluator;
import org.zeroply.coach.evaluation.Weighed;
import org.zeroply.coach.fact.Fact;
import org.zeroply.coach.fact.FactKind;
import org.zeroply.engine.analysis.Cancellation;
import org.zeroply.engine.analysis.Engine;
import org.zeroply.engine.analysis.Score;
import org.zeroply.engine.eval.Evaluator;

/** What the other side would do if the side to move passed. */
final class ThreatInquiry implements Inquiry {

    /** A gain over the standing evaluation below this, in centipawns, is no threat. */
    private static final int HARM = 80;

    private static final int FACTOR = 5;

    private final Engine engine;
    private final long nodes;

    ThreatInquiry(Engine engine, long nodes) {
        this.engine = engine;
        this.nodes = nodes * FACTOR;
    }

    @Override
    public String name() {
        return "the threat";
    }

    @Override
    public void answer(Position position, Consumer<Fact> found, Cancellation cancellation) {
        if (position.inCheck()) {
            return;
        }
        Position passed = position.play(Move.NULL);
        new MoveEvaluator(engine, nodes, cancellation)
                .choice(passed)
                .map(choice -> fact(position, passed, choice.best()))
                .ifPresent(found);
    }

    private static Fact fact(Position position, Position passed, Weighed best) {
        Side side = passed.sideToMove();
        int standing = new Evaluator().evaluate(passed.toBoard());
        int gain = best.score().ordinal() - standing;
        String move = San.write(passed, best.move());
        String text;
        if (best.score() instanceof Score.Mate mate && mate.moves() > 0) {
            text = "threatens mate in " + mate.moves() + " by " + move;
        } else if (gain >= HARM) {
            text = "threatens " + move + ", worth " + gain + " hundredths of a pawn";
        } else {
            text = "threatens nothing concrete; the best move would be " + move;
        }
        boolean concrete = gain >= HARM;
        return Fact.of(FactKind.THREAT, side, text, best.move().from(), best.move().to())
                .with("gain", Math.min(gain, 20_000))
                .trait("concrete", concrete)
                .marked(
                        concrete ? Mark.Meaning.THREAT : Mark.Meaning.IDEA,
                        best.move().from(),
                        best.move().to())
                .proved(Inquiry.afterPass(position, passed, best.line()));
    }
}
