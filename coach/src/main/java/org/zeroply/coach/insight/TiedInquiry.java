package org.zeroply.coach.insight;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.board.Side;
import org.zeroply.chess.notation.Line;
import org.zeroply.chess.tree.Mark;
import org.zeroply.coach.evaluation.MoveEvaluator;
import org.zeroply.coach.evaluation.Weighed;
import org.zeroply.coach.fact.Fact;
import org.zeroply.coach.fact.FactKind;
import org.zeroply.coach.fact.Scene;
import org.zeroply.coach.fact.Squares;
import org.zeroply.coach.fact.material.MaterialBalance;
import org.zeroply.coach.fact.material.MaterialScale;
import org.zeroply.coach.texts.CoachWords;
import org.zeroply.engine.analysis.Cancellation;
import org.zeroply.engine.analysis.Engine;
import org.zeroply.engine.analysis.Score;

/**
 * Pieces that lose something whenever they move: the best move of the piece is searched and worth
 * at least a pawn less than standing still, which is what the position is worth when its side
 * passes.
 */
public final class TiedInquiry implements Inquiry {

    /** Hundredths of a pawn that leaving must cost: a pawn. */
    private static final int LOSS = 100;

    /** Plies that are shown: our choice. */
    private static final int SHOWN = 4;

    private final Engine engine;
    private final long nodes;

    /**
     * @param nodes for each piece
     */
    public TiedInquiry(Engine engine, long nodes) {
        this.engine = engine;
        this.nodes = nodes;
    }

    @Override
    public Set<FactKind> kinds() {
        return Set.of(FactKind.TIED, FactKind.FROZEN);
    }

    @Override
    public String name() {
        return CoachWords.of("insight.tied-pieces");
    }

    @Override
    public void answer(Position position, FactSink found, Cancellation cancellation) {
        Scene scene = new Scene(position);
        MoveEvaluator evaluator = new MoveEvaluator(engine, nodes, cancellation).remembering();
        for (Side side : Side.values()) {
            Optional<Position> own = scene.withMove(side);
            Optional<Position> other = scene.withMove(side.other());
            if (own.isPresent() && other.isPresent()) {
                side(position, scene, own.get(), other.get(), evaluator, found);
            }
        }
    }

    private static void side(
            Position asked,
            Scene scene,
            Position own,
            Position other,
            MoveEvaluator evaluator,
            FactSink found) {
        MoveEvaluator longer = evaluator.withNodes(LONGER * evaluator.nodes());
        List<Fact> tied = new ArrayList<>();
        for (int piece : Squares.list(scene.pieces(own.sideToMove()))) {
            tied(asked, scene, own, other, piece, evaluator)
                    .flatMap(brief -> tied(asked, scene, own, other, piece, longer))
                    .ifPresent(tied::add);
        }
        tied.forEach(found);
        Frozen.of(scene, own.sideToMove(), tied).ifPresent(found);
    }

    /** Whether the best move of a piece is worth so much less than standing still. */
    private static Optional<Fact> tied(
            Position asked,
            Scene scene,
            Position own,
            Position other,
            int piece,
            MoveEvaluator evaluator) {
        List<Move> moves = own.legalMoves().stream().filter(m -> m.from() == piece).toList();
        return evaluator
                .choice(other)
                .map(still -> -still.best().score().ordinal())
                .flatMap(
                        worth ->
                                evaluator
                                        .among(own, moves)
                                        .filter(best -> best.score().ordinal() <= worth - LOSS)
                                        .flatMap(
                                                best ->
                                                        fact(
                                                                asked, scene, own, piece, worth,
                                                                best)));
    }

    /** A fact only when the line shows the loss: mate, or a man that is taken and stays lost. */
    private static Optional<Fact> fact(
            Position asked, Scene scene, Position own, int piece, int worth, Weighed best) {
        List<Move> line = best.line();
        boolean mated = best.score() instanceof Score.Mate mate && mate.moves() < 0;
        if (!mated && materialLost(own, line) < LOSS) {
            return Optional.empty();
        }
        Optional<Move> taking =
                mated ? Optional.empty() : firstTaken(scene, own.sideToMove(), line);
        Move reply = taking.orElse(line.get(1));
        String guards =
                mated
                        ? CoachWords.of("insight.else-there-is-mate")
                        : taking.map(m -> why(scene, piece, m.to())).orElse("");
        List<Move> told = Line.start(line, SHOWN);
        String text =
                CoachWords.of(
                        "insight.is-tied-at-best",
                        scene.man(piece),
                        guards,
                        Line.numbered(own, told));
        return Optional.of(
                Fact.of(FactKind.TIED, own.sideToMove(), text, piece, reply.to())
                        .with("loss", Math.min(20_000, worth - best.score().ordinal()))
                        .marked(Mark.Meaning.TARGET, piece)
                        .marked(Mark.Meaning.THREAT, reply.from(), reply.to())
                        .proved(Inquiry.afterPass(asked, own, line)));
    }

    /**
     * Guards what it attacks, if need be through its own men; else something is lost by its move.
     */
    private static String why(Scene scene, int piece, int lost) {
        return CoachWords.of(
                scene.guards(piece, lost) ? "insight.it-guards" : "insight.else-is-lost",
                scene.man(lost));
    }

    /** Hundredths of a point that the side to move has lost at the end of a line. */
    private static int materialLost(Position from, List<Move> line) {
        Position end = from.play(line);
        Side side = from.sideToMove();
        return MaterialBalance.of(from).lead(side, MaterialScale.SCHOOL)
                - MaterialBalance.of(end).lead(side, MaterialScale.SCHOOL);
    }

    /** The first move of the other side that takes a man which has not moved in the line. */
    private static Optional<Move> firstTaken(Scene scene, Side side, List<Move> line) {
        long moved = 0;
        for (int i = 0; i < line.size(); i++) {
            Move move = line.get(i);
            boolean stands = Squares.has(scene.men(side) & ~moved, move.to());
            if (i % 2 == 1 && stands) {
                return Optional.of(move);
            }
            moved |= 1L << move.from() | 1L << move.to();
        }
        return Optional.empty();
    }
}
