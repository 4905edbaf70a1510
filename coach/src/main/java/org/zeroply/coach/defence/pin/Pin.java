package org.zeroply.coach.defence.pin;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import org.zeroply.chess.board.Move;
import org.zeroply.coach.texts.CoachWords;

/**
 * A man that cannot leave without giving something up, and what can be done about it.
 *
 * @param pinned square of the man that is held, 0-63
 * @param pinner square of the line piece that holds it
 * @param behind what would be given up: square of the king or piece behind, or the square itself
 * @param kind what it is bound to
 * @param punishment for a pin to a square: what happens when the man is gone; else empty
 * @param waysOut all moves that do something about it
 */
public record Pin(
        int pinned,
        int pinner,
        int behind,
        Kind kind,
        List<Move> punishment,
        List<WayOut> waysOut) {

    public Pin {
        punishment = List.copyOf(punishment);
        waysOut = List.copyOf(waysOut);
    }

    /** What a man is bound to. */
    public enum Kind {
        KING,
        PIECE,
        SQUARE;

        /** The name in files and for scripts. */
        public String word() {
            return name().toLowerCase(Locale.ROOT);
        }
    }

    /** In what way a move answers a pin. */
    public enum Way {
        CAPTURE_PINNER(CoachWords.of("defence.captures-the-pinner")),
        LEAVE_CHECK(CoachWords.of("defence.leaves-with-check")),
        LEAVE_THREAT(CoachWords.of("defence.leaves-with-a-threat")),
        INTERPOSE("interposes"),
        COUNTER_PIN(CoachWords.of("defence.pins-in-return")),
        MOVE_BEHIND(CoachWords.of("defence.moves-what-stands-behind")),
        PROTECT("protects"),
        ATTACK_PINNER(CoachWords.of("defence.attacks-the-pinner")),
        TACTIC(CoachWords.of("defence.leaves-all-the-same"));

        private final String words;

        Way(String words) {
            this.words = words;
        }

        /** What the move does, after its name. */
        public String words() {
            return words;
        }

        /** The name in files and for scripts: {@code capture-pinner}. */
        public String word() {
            return name().toLowerCase(Locale.ROOT).replace('_', '-');
        }
    }

    /**
     * A way out.
     *
     * @param move the move
     * @param way what it does
     * @param works whether it keeps what can be kept; empty where that is not proved
     * @param refutation what follows a move that fails; empty for others
     */
    public record WayOut(Move move, Way way, Optional<Boolean> works, List<Move> refutation) {
        public WayOut {
            refutation = List.copyOf(refutation);
        }
    }
}
