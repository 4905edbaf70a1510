package org.zeroply.coach.fact.tactics.theme;

import java.util.function.Consumer;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.PieceType;
import org.zeroply.coach.fact.Fact;
import org.zeroply.coach.fact.FactKind;
import org.zeroply.coach.fact.Squares;
import org.zeroply.coach.fact.tactics.ForkFacts;
import org.zeroply.coach.fact.tactics.LineFacts;

/** An enemy man is lured to a square where it is hit, or an own one makes room for another. */
final class LureThemes implements LineTheme {

    @Override
    public void look(LineStudy line, int i, Consumer<Theme> found) {
        if (!line.has(i + 2)) {
            return;
        }
        if (line.isSacrificeTaken(i) && isHit(line, i + 2, line.move(i).to())) {
            found.accept(Theme.DECOY);
        }
        if (isClearance(line, i)) {
            found.accept(Theme.CLEARANCE);
        }
    }

    /** Whether a move hits a man that was lured to a square, and the line shows it. */
    private static boolean isHit(LineStudy line, int i, int lured) {
        boolean king = line.scene(i).typeAt(lured) == PieceType.KING;
        if (king && line.mates(i)) {
            return true;
        }
        if (!line.has(i + 2)) {
            return false;
        }
        boolean checked = king && line.checks(i) && line.scores(i + 2);
        return checked || isForked(line, i, lured) || isLinedUp(line, i, lured);
    }

    private static boolean isForked(LineStudy line, int i, int lured) {
        long targets = ForkFacts.targets(line.scene(i + 1), line.side(), line.move(i).to());
        Move next = line.move(i + 2);
        return Squares.has(targets, lured)
                && Long.bitCount(targets) >= 2
                && next.from() == line.move(i).to()
                && Squares.has(targets, next.to());
    }

    /** Pinned or skewered, the lured man before or behind, and one of both taken. */
    private static boolean isLinedUp(LineStudy line, int i, int lured) {
        int slider = line.move(i).to();
        Move next = line.move(i + 2);
        return next.isCapture()
                && next.from() == slider
                && LineFacts.of(line.scene(i + 1), line.side()).stream()
                        .filter(f -> f.kind() == FactKind.SKEWER || f.kind() == FactKind.PIN)
                        .map(Fact::squares)
                        .anyMatch(
                                s ->
                                        s.get(1) == slider
                                                && s.contains(lured)
                                                && s.contains(next.to()));
    }

    /**
     * A man leaves its place with a check or as a sacrifice, and another one goes there or through
     * it, which it could not do before, to mate or to fork.
     */
    private static boolean isClearance(LineStudy line, int i) {
        Move move = line.move(i);
        Move next = line.move(i + 2);
        boolean tempo = line.checks(i) || line.isSacrificeTaken(i);
        if (!tempo
                || next.from() == move.to()
                || move.isCastling()
                || line.isEmpty(i, next.from())
                || !line.crosses(i + 2, move.from())) {
            return false;
        }
        // A man that takes along the line opened at once was a discovery.
        boolean discovered = next.to() != move.from() && next.isCapture();
        return !discovered && (line.mates(i + 2) || forks(line, i + 2));
    }

    private static boolean forks(LineStudy line, int i) {
        long targets = ForkFacts.targets(line.scene(i + 1), line.side(), line.move(i).to());
        return Long.bitCount(targets) >= 2
                && line.has(i + 2)
                && line.move(i + 2).from() == line.move(i).to()
                && Squares.has(targets, line.move(i + 2).to());
    }
}
