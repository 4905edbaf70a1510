package org.zeroply.coach.fact;

import java.util.Locale;
import org.zeroply.chess.tree.Mark;

/** What a fact is about. What each kind means exactly is written in {@code docs/facts.md}. */
public enum FactKind {
    MATERIAL(FactGroup.MATERIAL, Mark.Meaning.KEY),
    BISHOP_PAIR(FactGroup.MATERIAL, Mark.Meaning.KEY),
    OPPOSITE_BISHOPS(FactGroup.MATERIAL, Mark.Meaning.KEY),
    COMPENSATION(FactGroup.MATERIAL, Mark.Meaning.KEY),
    GIVE_BACK(FactGroup.MATERIAL, Mark.Meaning.IDEA),

    KING_COVER(FactGroup.KINGS, Mark.Meaning.KEY),
    OPEN_LINE_TO_KING(FactGroup.KINGS, Mark.Meaning.WEAK),
    KING_SURROUNDINGS(FactGroup.KINGS, Mark.Meaning.TARGET),
    ESCAPE_SQUARES(FactGroup.KINGS, Mark.Meaning.KEY),
    SAFE_CHECK(FactGroup.KINGS, Mark.Meaning.TARGET),
    CASTLING(FactGroup.KINGS, Mark.Meaning.KEY),
    STORM_RACE(FactGroup.KINGS, Mark.Meaning.KEY),
    STRANDED(FactGroup.KINGS, Mark.Meaning.TARGET),
    WEAK_COLOUR(FactGroup.KINGS, Mark.Meaning.WEAK),

    ISLANDS(FactGroup.PAWNS, Mark.Meaning.KEY),
    ISOLATED(FactGroup.PAWNS, Mark.Meaning.TARGET),
    DOUBLED(FactGroup.PAWNS, Mark.Meaning.TARGET),
    BACKWARD(FactGroup.PAWNS, Mark.Meaning.TARGET),
    HANGING_PAIR(FactGroup.PAWNS, Mark.Meaning.TARGET),
    PASSED(FactGroup.PAWNS, Mark.Meaning.KEY),
    CANDIDATE_PASSED(FactGroup.PAWNS, Mark.Meaning.KEY),
    CHAIN(FactGroup.PAWNS, Mark.Meaning.KEY),
    MAJORITY(FactGroup.PAWNS, Mark.Meaning.KEY),
    OPEN_FILE(FactGroup.PAWNS, Mark.Meaning.KEY),
    HALF_OPEN_FILE(FactGroup.PAWNS, Mark.Meaning.KEY),
    WEAK_SQUARE(FactGroup.PAWNS, Mark.Meaning.WEAK),
    GIVEN_UP(FactGroup.PAWNS, Mark.Meaning.WEAK),
    CONCESSION(FactGroup.PAWNS, Mark.Meaning.KEY),

    GOOD_BISHOP(FactGroup.PIECES, Mark.Meaning.KEY),
    BAD_BISHOP(FactGroup.PIECES, Mark.Meaning.TARGET),
    BLOCKED_BISHOP(FactGroup.PIECES, Mark.Meaning.TARGET),
    LONG_DIAGONAL(FactGroup.PIECES, Mark.Meaning.KEY),
    DIAGONAL_TALLY(FactGroup.PIECES, Mark.Meaning.KEY),
    ACTIVITY(FactGroup.PIECES, Mark.Meaning.KEY),
    CENTRE(FactGroup.PIECES, Mark.Meaning.KEY),
    OUTPOST(FactGroup.PIECES, Mark.Meaning.KEY),
    BATTERY(FactGroup.PIECES, Mark.Meaning.IDEA),
    DUTY(FactGroup.PIECES, Mark.Meaning.KEY),
    TIED(FactGroup.PIECES, Mark.Meaning.TARGET),
    FROZEN(FactGroup.PIECES, Mark.Meaning.TARGET),

    SQUARE_TO_PLAY_FOR(FactGroup.PLANS, Mark.Meaning.TARGET),
    TENSION(FactGroup.PLANS, Mark.Meaning.TARGET),
    LEVER(FactGroup.PLANS, Mark.Meaning.IDEA),
    WORST_PLACED(FactGroup.PLANS, Mark.Meaning.TARGET),
    BISHOP_POST(FactGroup.PLANS, Mark.Meaning.KEY),
    ROOK_LIFT(FactGroup.PLANS, Mark.Meaning.ROUTE),
    PAWN_RACE(FactGroup.PLANS, Mark.Meaning.ROUTE),
    EXCHANGE_WANTED(FactGroup.PLANS, Mark.Meaning.TARGET),

    HANGING(FactGroup.TACTICS, Mark.Meaning.TARGET),
    PIN(FactGroup.TACTICS, Mark.Meaning.THREAT),
    SKEWER(FactGroup.TACTICS, Mark.Meaning.THREAT),
    FORK(FactGroup.TACTICS, Mark.Meaning.THREAT),
    DISCOVERED_ATTACK(FactGroup.TACTICS, Mark.Meaning.THREAT),
    DISCOVERED_CHECK(FactGroup.TACTICS, Mark.Meaning.THREAT),
    X_RAY(FactGroup.TACTICS, Mark.Meaning.IDEA),
    OVERLOADED(FactGroup.TACTICS, Mark.Meaning.TARGET),
    MOTIF_MOVE(FactGroup.TACTICS, Mark.Meaning.IDEA),
    CLEANEST_WIN(FactGroup.TACTICS, Mark.Meaning.IDEA),
    THREAT(FactGroup.TACTICS, Mark.Meaning.THREAT),
    IGNORED_THREAT(FactGroup.TACTICS, Mark.Meaning.IDEA),
    CHECKS(FactGroup.TACTICS, Mark.Meaning.IDEA);

    private final FactGroup group;
    private final Mark.Meaning meaning;

    FactKind(FactGroup group, Mark.Meaning meaning) {
        this.group = group;
        this.meaning = meaning;
    }

    /** Where it is told. */
    public FactGroup group() {
        return group;
    }

    /** How its squares are marked on the board unless the fact says more. */
    public Mark.Meaning meaning() {
        return meaning;
    }

    /** The name in files and for scripts: {@code half-open-file}. */
    public String word() {
        return name().toLowerCase(Locale.ROOT).replace('_', '-');
    }

    /** The name in print: {@code half-open file}. */
    public String words() {
        return switch (this) {
            case X_RAY -> "x-ray";
            case HALF_OPEN_FILE -> "half-open file";
            default -> name().toLowerCase(Locale.ROOT).replace('_', ' ');
        };
    }
}
