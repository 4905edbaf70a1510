package org.zeroply.coach.insight;

import java.util.List;
import java.util.Optional;
import org.zeroply.chess.board.Side;
import org.zeroply.chess.tree.Mark;
import org.zeroply.coach.fact.Fact;
import org.zeroply.coach.fact.FactKind;
import org.zeroply.coach.fact.Scene;
import org.zeroply.coach.fact.Squares;
import org.zeroply.coach.texts.CoachWords;

/** Tied pieces seen together: a whole army, or a wing of it, that cannot move without loss. */
final class Frozen {

    /** So many tied pieces make a picture wherever they stand; our choice. */
    private static final int MANY = 3;

    /** And so many when they are all that stand on a wing. */
    private static final int WING = 2;

    private Frozen() {}

    /**
     * The picture, if it is one.
     *
     * @param tied the facts about the tied pieces of a side
     */
    static Optional<Fact> of(Scene scene, Side side, List<Fact> tied) {
        long men = 0;
        for (Fact fact : tied) {
            men |= 1L << fact.squares().get(0);
        }
        Optional<String> wing = wing(scene.pieces(side), men);
        if (Long.bitCount(men) < MANY && wing.isEmpty()) {
            return Optional.empty();
        }
        String where = wing.map(w -> CoachWords.of("insight.all-there-is-on-the", w)).orElse("");
        String text = CoachWords.of("insight.frozen-none-of-them-can", scene.men(men), where);
        Fact fact = Fact.ofSet(FactKind.FROZEN, side, text, men).with("pieces", Long.bitCount(men));
        for (int man : Squares.list(men)) {
            fact = fact.marked(Mark.Meaning.TARGET, man);
        }
        return Optional.of(fact.proved(tied.get(0).line()));
    }

    /** The wing on which all pieces are tied, and no piece is tied elsewhere. */
    private static Optional<String> wing(long pieces, long tied) {
        for (long files : new long[] {Squares.QUEENSIDE, ~Squares.QUEENSIDE}) {
            boolean whole = (pieces & files) == tied && Long.bitCount(tied) >= WING;
            if (whole) {
                return Optional.of(files == Squares.QUEENSIDE ? "queenside" : "kingside");
            }
        }
        return Optional.empty();
    }
}
