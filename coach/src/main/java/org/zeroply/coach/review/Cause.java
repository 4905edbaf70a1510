package org.zeroply.coach.review;

import java.util.Optional;
import org.zeroply.coach.fact.Sentence;
import org.zeroply.coach.fact.tactics.theme.Theme;
import org.zeroply.coach.fact.tactics.theme.ThemeFinder;
import org.zeroply.coach.texts.CoachWords;

/**
 * What an error turned on.
 *
 * @param theme the theme of the line that shows it
 * @param missed whether the player could have had it; otherwise the player let it happen
 */
public record Cause(Theme theme, boolean missed) {

    /**
     * The cause of an error, if it can be named. Who stood above even after it missed something,
     * who stood below let something happen; if that line has no theme, the other one may have.
     */
    public static Optional<Cause> of(MoveReview move) {
        Optional<Cause> missed =
                isSameCapture(move)
                        ? Optional.empty()
                        : ThemeFinder.main(move.position(), move.best().line())
                                .map(t -> new Cause(t, true));
        Optional<Cause> allowed =
                ThemeFinder.main(move.node().position(), move.answer())
                        .map(t -> new Cause(t, false));
        return move.before().compareTo(move.after().opponents()) > 0
                ? missed.or(() -> allowed)
                : allowed.or(() -> missed);
    }

    /** Who took the same man, only with another one, did not miss that it could be taken. */
    private static boolean isSameCapture(MoveReview move) {
        return move.choice().isCapture() && move.choice().to() == move.node().move().to();
    }

    /** In words: {@code missed: fork}, {@code allowed: back rank}. */
    public String words() {
        return CoachWords.of(missed ? "review.missed" : "review.allowed", theme.words());
    }

    /** As a sentence: {@code Missed: fork.} */
    String sentence() {
        String words = words();
        return Sentence.begin(words) + ".";
    }
}
