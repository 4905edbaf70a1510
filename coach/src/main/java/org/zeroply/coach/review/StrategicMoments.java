package org.zeroply.coach.review;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.Piece;
import org.zeroply.chess.board.PieceType;
import org.zeroply.chess.board.Side;
import org.zeroply.chess.board.Square;
import org.zeroply.coach.fact.Fact;
import org.zeroply.coach.fact.FactChange;
import org.zeroply.coach.fact.FactKind;
import org.zeroply.coach.fact.Squares;
import org.zeroply.coach.fact.material.MaterialScale;
import org.zeroply.coach.fact.material.Phase;
import org.zeroply.coach.fact.tactics.LineGain;
import org.zeroply.coach.insight.Insight;
import org.zeroply.coach.texts.CoachWords;

/**
 * What a move gave up for good, read off the facts before and after it: a good bishop, a square for
 * an enemy knight, the pawn structure, the king's cover, castling. Told only when the move also
 * lost something by calculation, but neither material nor the result.
 */
final class StrategicMoments {

    /** Points of a hundred that such a move must have lost; below it the engine disagrees. */
    private static final double LOSS = 6;

    /** Hundredths of a point; pawns come and go in long lines. */
    private static final int MATERIAL = 200;

    /** Weight of a strategic moment, to which the loss is added. */
    private static final double WEIGHT = 6;

    private StrategicMoments() {}

    static Optional<Moment> of(MoveReview move) {
        double most = move.isTurn() ? MoveReview.MISTAKE : MoveReview.BLUNDER;
        if (move.loss().points() < LOSS || move.loss().points() >= most || costsMaterial(move)) {
            return Optional.empty();
        }
        List<String> reasons = reasons(move);
        if (reasons.isEmpty()) {
            return Optional.empty();
        }
        String text =
                String.format(
                        Locale.ROOT,
                        CoachWords.of("review.was-better-points-of-a"),
                        move.san(),
                        Squares.join(reasons),
                        move.better(),
                        move.loss().points());
        double weight = move.loss().points() + WEIGHT * reasons.size();
        return Optional.of(
                Moment.of(move, Moment.Kind.STRATEGIC, move.best().line(), weight, text));
    }

    /** The same of a move that is an error already, as a sentence beside its other words. */
    static Optional<String> besides(MoveReview move) {
        List<String> reasons = costsMaterial(move) ? List.of() : reasons(move);
        return reasons.isEmpty()
                ? Optional.empty()
                : Optional.of(CoachWords.of("review.besides-it", Squares.join(reasons)));
    }

    private static List<String> reasons(MoveReview move) {
        FactChange change = Insight.change(move.position(), move.node().position());
        List<String> reasons = new ArrayList<>();
        Side side = move.side();
        goodBishop(move).ifPresent(reasons::add);
        outpost(move, change).ifPresent(reasons::add);
        damage(change, side).ifPresent(reasons::add);
        cover(change, move).ifPresent(reasons::add);
        castling(move).ifPresent(reasons::add);
        return reasons;
    }

    /**
     * What costs the exchange or more by calculation is explained by that, not by what it looks
     * like.
     */
    private static boolean costsMaterial(MoveReview move) {
        List<Move> played = new ArrayList<>(List.of(move.node().move()));
        played.addAll(move.answer());
        Side side = move.side();
        int best =
                LineGain.settled(move.position(), move.best().line())
                        .lead(side, MaterialScale.SCHOOL);
        int kept = LineGain.settled(move.position(), played).lead(side, MaterialScale.SCHOOL);
        return best - kept >= MATERIAL;
    }

    /** The good bishop takes a piece and is taken back. */
    private static Optional<String> goodBishop(MoveReview move) {
        Move taking = move.node().move();
        Optional<PieceType> taken =
                move.position()
                        .pieceAt(taking.to())
                        .map(Piece::type)
                        .filter(StrategicMoments::minor);
        boolean back =
                !move.answer().isEmpty()
                        && move.answer().get(0).isCapture()
                        && move.answer().get(0).to() == taking.to();
        List<Fact> facts = Insight.of(move.position());
        boolean good = isBishop(facts, FactKind.GOOD_BISHOP, taking.from());
        if (taken.isEmpty() || !back || !good) {
            return Optional.empty();
        }
        String quality =
                isBishop(facts, FactKind.BAD_BISHOP, taking.to())
                        ? CoachWords.of("review.bad")
                        : "";
        return Optional.of(
                CoachWords.of(
                        "review.trades-the-good-bishop-on",
                        Square.name(taking.from()),
                        quality,
                        taken.get().word(),
                        Square.name(taking.to())));
    }

    private static boolean minor(PieceType type) {
        return type == PieceType.BISHOP || type == PieceType.KNIGHT;
    }

    private static boolean isBishop(List<Fact> facts, FactKind kind, int square) {
        return facts.stream().anyMatch(f -> f.kind() == kind && f.squares().get(0) == square);
    }

    /** A pawn move or an exchange of pawns leaves a square that an enemy knight can settle on. */
    private static Optional<String> outpost(MoveReview move, FactChange change) {
        return change.come().stream()
                .filter(f -> isPawn(move) && f.kind() == FactKind.OUTPOST)
                .filter(
                        f ->
                                isOf(f, move.side().other())
                                        && f.text().contains(PieceType.KNIGHT.word()))
                .findFirst()
                .map(f -> CoachWords.of("review.gives-up-a-square-for", f.text()));
    }

    private static boolean isPawn(MoveReview move) {
        return move.position()
                .pieceAt(move.node().move().from())
                .filter(p -> p.type() == PieceType.PAWN)
                .isPresent();
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
                : Optional.of(CoachWords.of("review.damages-the-pawns", Squares.join(damage)));
    }

    /** The same weakness on the same squares, only told otherwise. */
    private static boolean isReplaced(Fact gone, Fact come) {
        return gone.kind() == come.kind() && gone.squares().equals(come.squares());
    }

    /** A pawn leaves the cover of a king that stands on a wing; in endings kings come out. */
    private static Optional<String> cover(FactChange change, MoveReview move) {
        Side side = move.side();
        int square = move.node().position().toBoard().kingSquare(side.ordinal());
        boolean onWing = Square.file(square) <= 2 || Square.file(square) >= 6;
        int before = pawns(change.gone(), side);
        int after = pawns(change.come(), side);
        return isPawn(move)
                        && onWing
                        && move.phase() != Phase.ENDING
                        && after >= 0
                        && after < before
                ? Optional.of(
                        CoachWords.of(
                                "review.takes-the-pawn-on-from",
                                Square.name(move.node().move().from()),
                                Square.name(square)))
                : Optional.empty();
    }

    private static int pawns(List<Fact> facts, Side side) {
        return facts.stream()
                .filter(f -> f.kind() == FactKind.KING_COVER && isOf(f, side))
                .map(f -> f.figures().get("pawns"))
                .findFirst()
                .orElse(-1);
    }

    /** The right to castle was there and is gone, and the move did not castle. */
    private static Optional<String> castling(MoveReview move) {
        Side side = move.side();
        boolean lost =
                move.position().hasCastlingRight(side)
                        && !move.node().position().hasCastlingRight(side)
                        && !move.node().move().isCastling();
        String king = Square.name(move.node().position().toBoard().kingSquare(side.ordinal()));
        return lost
                ? Optional.of(CoachWords.of("review.gives-up-castling-with-the", king))
                : Optional.empty();
    }

    private static boolean isOf(Fact fact, Side side) {
        return fact.side().equals(Optional.of(side));
    }
}
