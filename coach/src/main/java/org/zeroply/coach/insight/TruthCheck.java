package org.zeroply.coach.insight;

import java.util.List;
import java.util.Optional;
import org.zeroply.chess.board.Attacks;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.board.Side;
import org.zeroply.coach.evaluation.Loss;
import org.zeroply.coach.evaluation.MoveComparison;
import org.zeroply.coach.evaluation.MoveEvaluator;
import org.zeroply.coach.evaluation.Weighed;
import org.zeroply.coach.fact.Fact;
import org.zeroply.coach.fact.Scene;
import org.zeroply.coach.fact.Squares;

/**
 * Holds claims against the rules of the game and against searches longer than those that made them:
 * men that can be won, pins to the king, forks, moves that create a motif, threats, tied pieces.
 */
public final class TruthCheck {

    /** What became of a claim. */
    public enum Verdict {
        CONFIRMED,
        FALSE,
        /** Of a kind, or in a position, that cannot be tried in this way. */
        NOT_TRIED
    }

    /** A claim about a difference is taken as confirmed by half of it, in centipawns. */
    private static final int HALF_A_PAWN = 50;

    private final MoveEvaluator evaluator;

    /**
     * @param evaluator on more nodes than the claims were made with
     */
    public TruthCheck(MoveEvaluator evaluator) {
        this.evaluator = evaluator;
    }

    /**
     * Tries one claim.
     *
     * @throws java.util.concurrent.CancellationException when cancelled
     */
    public Verdict of(Position position, Fact fact) {
        return holds(position, fact)
                .map(confirmed -> confirmed ? Verdict.CONFIRMED : Verdict.FALSE)
                .orElse(Verdict.NOT_TRIED);
    }

    private Optional<Boolean> holds(Position position, Fact fact) {
        Scene scene = new Scene(position);
        return switch (fact.kind()) {
            case HANGING -> HeldInquiry.canBeWon(scene, fact, evaluator);
            case PIN -> pinHolds(scene, fact);
            case FORK -> forkHolds(scene, fact);
            case MOTIF_MOVE -> from(scene, fact).map(from -> motifHolds(from, fact));
            case THREAT -> threatHolds(position, fact);
            case TIED -> from(scene, fact).map(from -> isTied(scene, from, fact));
            default -> Optional.empty();
        };
    }

    /** The position with the side of a fact to move; nothing while the other is in check. */
    private static Optional<Position> from(Scene scene, Fact fact) {
        return scene.withMove(fact.side().orElseThrow());
    }

    /** What is pinned to its king has no legal move off the line. */
    private static Optional<Boolean> pinHolds(Scene scene, Fact fact) {
        Side pinned = fact.side().orElseThrow().other();
        Optional<Position> from = scene.withMove(pinned);
        if (!fact.traits().contains("king") || from.isEmpty()) {
            return Optional.empty();
        }
        int man = fact.squares().get(0);
        long line = Attacks.line(man, fact.squares().get(1));
        return Optional.of(
                from.get().legalMoves().stream()
                        .noneMatch(m -> m.from() == man && !Squares.has(line, m.to())));
    }

    /** The man can take each of its targets, the king set apart. */
    private static Optional<Boolean> forkHolds(Scene scene, Fact fact) {
        Optional<Position> from = from(scene, fact);
        int king = scene.king(fact.side().orElseThrow().other());
        int man = fact.squares().get(0);
        if (from.isEmpty() || from.get().inCheck()) {
            return Optional.empty();
        }
        List<Move> legal = from.get().legalMoves();
        return Optional.of(
                fact.squares().stream()
                        .skip(1)
                        .filter(target -> target != king)
                        .allMatch(
                                t -> legal.stream().anyMatch(m -> m.from() == man && m.to() == t)));
    }

    private boolean motifHolds(Position from, Fact fact) {
        Move move = fact.line().get(fact.line().get(0).equals(Move.NULL) ? 1 : 0);
        Weighed best = evaluator.choice(from).orElseThrow().best();
        Weighed weighed = move.equals(best.move()) ? best : evaluator.weigh(from, move);
        boolean weaker = Loss.of(weighed, best).exceeds(MoveComparison.WEAKER);
        return fact.traits().contains("fails") == weaker;
    }

    private Optional<Boolean> threatHolds(Position position, Fact fact) {
        if (!fact.traits().contains("concrete") || !fact.line().get(0).equals(Move.NULL)) {
            return Optional.empty();
        }
        Position passed = position.play(Move.NULL);
        int otherwise = -evaluator.choice(position).orElseThrow().best().score().ordinal();
        int then = evaluator.weigh(passed, fact.line().get(1)).score().ordinal();
        return Optional.of(then - otherwise >= HALF_A_PAWN);
    }

    /** It loses by its best move, and what it is said to guard it attacks. */
    private boolean isTied(Scene scene, Position from, Fact fact) {
        int piece = fact.squares().get(0);
        List<Move> moves = from.legalMoves().stream().filter(m -> m.from() == piece).toList();
        Weighed best = evaluator.among(from, moves).orElseThrow();
        boolean guards =
                !fact.text().contains("it guards") || scene.guards(piece, fact.squares().get(1));
        return guards && HeldInquiry.againstPass(from, best, evaluator) <= -HALF_A_PAWN;
    }
}
