package org.zeroply.coach.defence.elimination;

import java.util.Locale;
import org.zeroply.coach.texts.CoachWords;

/**
 * What a defence costs.
 *
 * @param kind what is given
 * @param text in words, with squares
 */
public record Cost(Kind kind, String text) {

    /** What can be given; the order is the order of telling. */
    public enum Kind {
        MATERIAL("material"),
        WEAK_COLOUR(CoachWords.of("defence.a-colour-weakened")),
        PAWN_COVER(CoachWords.of("defence.pawn-cover")),
        TIED_PIECE(CoachWords.of("defence.a-piece-tied-down")),
        BACK_RANK(CoachWords.of("defence.the-back-rank-closed"));

        private final String words;

        Kind(String words) {
            this.words = words;
        }

        /** In a word or three. */
        public String words() {
            return words;
        }

        /** The name in files and for scripts: {@code pawn-cover}. */
        public String word() {
            return name().toLowerCase(Locale.ROOT).replace('_', '-');
        }
    }
}
