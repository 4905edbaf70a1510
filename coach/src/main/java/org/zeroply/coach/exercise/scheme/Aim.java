package org.zeroply.coach.exercise.scheme;

import java.util.Arrays;
import java.util.Locale;
import java.util.Optional;
import org.zeroply.chess.tree.MoveTree;
import org.zeroply.coach.texts.CoachWords;

/**
 * What a solution has to reach. Another move is a second solution only where it reaches that about
 * as well; one that wins more slowly is worth a remark. The tag {@value #TAG} names it.
 */
public enum Aim {
    /** Mate by force. */
    MATE("mate"),
    /** Material that stays won when the forced line is over. */
    MATERIAL(CoachWords.of("exercise.a-gain-of-material")),
    /** A position that is won. */
    WIN(CoachWords.of("exercise.a-win")),
    /** A position that is not lost. */
    HOLD(CoachWords.of("exercise.to-hold")),
    /** The best there is. */
    BEST(CoachWords.of("exercise.the-best-move"));

    /** The tag in PGN. */
    public static final String TAG = "ZpAim";

    private final String words;

    Aim(String words) {
        this.words = words;
    }

    /** The aim in words. */
    public String words() {
        return words;
    }

    /** The name in files and for scripts, in lower case. */
    public String word() {
        return name().toLowerCase(Locale.ROOT);
    }

    /** The aim that an exercise names; empty where it names none, or one that is not known. */
    public static Optional<Aim> of(MoveTree exercise) {
        String named = exercise.tag(TAG).strip();
        return Arrays.stream(values()).filter(a -> a.word().equals(named)).findFirst();
    }
}
