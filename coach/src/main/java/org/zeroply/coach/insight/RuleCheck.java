package org.zeroply.coach.insight;

import java.util.List;
import java.util.Optional;
import org.zeroply.chess.board.Attacks;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.board.Side;
import org.zeroply.coach.fact.Fact;
import org.zeroply.coach.fact.Scene;
import org.zeroply.coach.fact.Squares;

/** Holds claims against the rules of the game alone: what moves there are, and what they do. */
final class RuleCheck {

    private RuleCheck() {}

    /**
     * Whether a claim of a kind that the rules can settle holds; empty where it cannot be tried.
     */
    static Optional<Boolean> holds(Scene scene, Fact fact) {
        return switch (fact.kind()) {
            case PIN -> pinHolds(scene, fact);
            case FORK -> forkHolds(scene, fact);
            case SAFE_CHECK -> moves(scene, fact).map(moves -> hasCheck(scene, fact, moves));
            case DISCOVERED_CHECK -> uncovers(scene, fact);
            case ROOK_LIFT, LEVER -> moves(scene, fact).map(moves -> canGo(fact, moves));
            default -> Optional.empty();
        };
    }

    /** The legal moves of the side of a fact; nothing while a king is in check. */
    private static Optional<List<Move>> moves(Scene scene, Fact fact) {
        return from(scene, fact).filter(from -> !from.inCheck()).map(Position::legalMoves);
    }

    /** A move from the first square of a fact to the second one gives check. */
    private static boolean hasCheck(Scene scene, Fact fact, List<Move> moves) {
        Position from = from(scene, fact).orElseThrow();
        return moves.stream()
                .filter(m -> m.from() == fact.squares().get(0) && m.to() == fact.squares().get(1))
                .anyMatch(m -> from.play(m).inCheck());
    }

    /** Every move of the man off the line gives check; a pinned man may have none. */
    private static Optional<Boolean> uncovers(Scene scene, Fact fact) {
        Side side = fact.side().orElseThrow();
        int man = fact.squares().get(0);
        long line = Attacks.line(man, scene.king(side.other()));
        Optional<Position> from = scene.withMove(side).filter(p -> !p.inCheck());
        return from.map(
                p ->
                        p.legalMoves().stream()
                                .filter(m -> m.from() == man && !Squares.has(line, m.to()))
                                .allMatch(m -> p.play(m).inCheck()));
    }

    /** The man can go to one of the squares of the fact. */
    private static boolean canGo(Fact fact, List<Move> moves) {
        return moves.stream()
                .anyMatch(
                        m -> m.from() == fact.squares().get(0) && fact.squares().contains(m.to()));
    }

    /** The position with the side of a fact to move; nothing while the other is in check. */
    static Optional<Position> from(Scene scene, Fact fact) {
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
        int king = scene.king(fact.side().orElseThrow().other());
        int man = fact.squares().get(0);
        return moves(scene, fact)
                .map(
                        legal ->
                                fact.squares().stream()
                                        .skip(1)
                                        .filter(target -> target != king)
                                        .allMatch(t -> canTake(legal, man, t)));
    }

    private static boolean canTake(List<Move> legal, int man, int target) {
        return legal.stream().anyMatch(m -> m.from() == man && m.to() == target);
    }
}
