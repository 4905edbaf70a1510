package org.zeroply.coach.review;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import org.zeroply.chess.board.PieceType;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.board.Side;
import org.zeroply.coach.fact.Fact;
import org.zeroply.coach.fact.FactChange;
import org.zeroply.coach.fact.FactKind;
import org.zeroply.coach.fact.Squares;
import org.zeroply.coach.insight.Insight;

/**
 * What a move gave up for good, read off the facts before and after it: a good bishop, a square for
 * an enemy knight, the pawn structure, the king's cover, castling. Told only when the move also
 * lost something by calculation.
 */
final class StrategicMoments {

    /** Points of a hundred that such a move must have lost; below it the engine disagrees. */
    private static final double LOSS = 4;

    /** Weight of a strategic moment, to which the loss is added. */
    private static final double WEIGHT = 6;

    private StrategicMoments() {}

    static Optional<Moment> of(MoveReview move) {
        if (move.loss() < LOSS || move.loss() >= MoveReview.MISTAKE) {
            return Optional.empty();
        }
        Position before = move.position();
        Position after = move.node().position();
        FactChange change = Insight.change(before, after);
        List<String> reasons = new ArrayList<>();
        Side side = move.side();
        goodBishop(change, side, before, after).ifPresent(reasons::add);
        outpost(change, side).ifPresent(reasons::add);
        damage(change, side).ifPresent(reasons::add);
        cover(change, side).ifPresent(reasons::add);
        castling(change, side).ifPresent(reasons::add);
        if (reasons.isEmpty()) {
            return Optional.empty();
        }
        String text =
                String.format(
                        Locale.ROOT,
                        "%s %s; %s was better (%.0f points of a hundred).",
                        move.san(),
                        Squares.join(reasons),
                        move.better(),
                        move.loss());
        double weight = move.loss() + WEIGHT * reasons.size();
        return Optional.of(
                new Moment(move, Moment.Kind.STRATEGIC, side, move.best(), weight, text));
    }

    /** The good bishop takes something and leaves the enemy's bad one or a knight behind. */
    private static Optional<String> goodBishop(
            FactChange change, Side side, Position before, Position after) {
        int had =
                before.count(side.other(), PieceType.BISHOP)
                        + before.count(side.other(), PieceType.KNIGHT);
        int has =
                after.count(side.other(), PieceType.BISHOP)
                        + after.count(side.other(), PieceType.KNIGHT);
        return change.gone().stream()
                .filter(f -> f.kind() == FactKind.GOOD_BISHOP && isOf(f, side))
                .filter(f -> has < had)
                .findFirst()
                .map(f -> "trades the good bishop");
    }

    private static Optional<String> outpost(FactChange change, Side side) {
        List<Fact> posts =
                change.come().stream()
                        .filter(f -> f.kind() == FactKind.OUTPOST && isOf(f, side.other()))
                        .filter(f -> f.text().contains("knight"))
                        .toList();
        return posts.isEmpty()
                ? Optional.empty()
                : Optional.of("gives an enemy knight an " + posts.get(0).text());
    }

    private static Optional<String> damage(FactChange change, Side side) {
        List<String> damage =
                change.come().stream()
                        .filter(f -> isOf(f, side))
                        .filter(
                                f ->
                                        f.kind() == FactKind.DOUBLED
                                                || f.kind() == FactKind.ISOLATED
                                                || f.kind() == FactKind.BACKWARD)
                        .filter(f -> change.gone().stream().noneMatch(g -> isReplaced(g, f)))
                        .map(Fact::text)
                        .toList();
        return damage.isEmpty()
                ? Optional.empty()
                : Optional.of("damages the pawns: " + Squares.join(damage));
    }

    /** The same weakness on the same squares, only told otherwise. */
    private static boolean isReplaced(Fact gone, Fact come) {
        return gone.kind() == come.kind() && gone.squares().equals(come.squares());
    }

    private static Optional<String> cover(FactChange change, Side side) {
        int before = pawns(change.gone(), side);
        int after = pawns(change.come(), side);
        return before >= 0 && after >= 0 && after < before - 1
                ? Optional.of("strips the king of its cover")
                : Optional.empty();
    }

    private static int pawns(List<Fact> facts, Side side) {
        return facts.stream()
                .filter(f -> f.kind() == FactKind.KING_COVER && isOf(f, side))
                .map(f -> f.figures().get("pawns"))
                .findFirst()
                .orElse(-1);
    }

    private static Optional<String> castling(FactChange change, Side side) {
        boolean lost =
                change.come().stream()
                        .anyMatch(
                                f ->
                                        f.kind() == FactKind.CASTLING
                                                && isOf(f, side)
                                                && f.traits().contains("never"));
        return lost ? Optional.of("gives up castling") : Optional.empty();
    }

    private static boolean isOf(Fact fact, Side side) {
        return fact.side().equals(Optional.of(side));
    }
}
