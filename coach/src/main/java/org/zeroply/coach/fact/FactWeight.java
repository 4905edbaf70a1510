package org.zeroply.coach.fact;

/**
 * How much a fact matters for what to play next, from 0 to 100: what wins or loses now before what
 * a plan turns on, and that before what merely describes. All figures are our choice.
 */
final class FactWeight {

    /** Weights go from 0 to this. */
    private static final int MOST = 100;

    /** Centipawns, or hundredths of a point, that make a fact heavier by one. */
    private static final int HUNDREDTHS = 20;

    private FactWeight() {}

    static int of(Fact fact) {
        return Math.max(0, Math.min(MOST, base(fact.kind()) + more(fact)));
    }

    private static int base(FactKind kind) {
        return switch (kind) {
            case THREAT -> 5;
            case CHECKS -> 10;
            case MOTIF_MOVE -> 50;
            case HANGING -> 25;
            case FROZEN -> 65;
            case IGNORED_THREAT -> 70;
            case CLEANEST_WIN, GIVE_BACK, PAWN_RACE -> 82;
            case FORK, SKEWER, DISCOVERED_CHECK, OVERLOADED, TIED -> 60;
            case PIN, DISCOVERED_ATTACK, SQUARE_TO_PLAY_FOR -> 55;
            case CONCESSION, EXCHANGE_WANTED, WEAK_COLOUR -> 50;
            case BAD_BISHOP, OUTPOST, PASSED, OPPOSITE_BISHOPS, STORM_RACE -> 45;
            case STRANDED -> 58;
            case WORST_PLACED, SAFE_CHECK -> 40;
            case MATERIAL, BISHOP_PAIR, BACKWARD, OPEN_FILE, WEAK_SQUARE -> 35;
            case DUTY, GIVEN_UP, HANGING_PAIR, ISOLATED, KING_SURROUNDINGS, TENSION -> 30;
            case BLOCKED_BISHOP, LONG_DIAGONAL, KING_COVER -> 30;
            case ROOK_LIFT, BATTERY, CANDIDATE_PASSED, DOUBLED, GOOD_BISHOP, LEVER -> 25;
            case BISHOP_POST, CASTLING, OPEN_LINE_TO_KING, HALF_OPEN_FILE, MAJORITY, X_RAY -> 20;
            case CHAIN, COMPENSATION, DIAGONAL_TALLY, ESCAPE_SQUARES -> 15;
            case ACTIVITY, CENTRE, ISLANDS -> 5;
        };
    }

    private static int more(Fact fact) {
        return switch (fact.kind()) {
            case THREAT -> has(fact, "concrete") ? 70 + part(fact, "gain", 25) : 0;
            case CHECKS -> has(fact, "mates") ? 90 : has(fact, "goes_on") ? 60 : 0;
            case MOTIF_MOVE -> has(fact, "works") ? 40 : has(fact, "best") ? 25 : 0;
            case IGNORED_THREAT -> has(fact, "mates") ? 20 : 0;
            case HANGING -> part(fact, "loss", 1) * 30 + part(fact, "loss", 30);
            case EXCHANGE_WANTED -> part(fact, "gain", 12);
            case OUTPOST -> has(fact, "for good") ? 15 : 0;
            case ROOK_LIFT -> has(fact, "more than can guard") ? 25 : 0;
            case PASSED -> passed(fact);
            case BAD_BISHOP -> has(fact, "active") || has(fact, "outside its chain") ? -20 : 0;
            case OPEN_LINE_TO_KING -> openLine(fact);
            case COMPENSATION -> compensation(fact);
            case ESCAPE_SQUARES -> fact.figures().getOrDefault("count", 1) == 0 ? 15 : 0;
            default -> 0;
        };
    }

    /** A line that an enemy piece uses counts for more than one that only lies there. */
    private static int openLine(Fact fact) {
        boolean used =
                has(fact, "an enemy major piece is on it") || has(fact, "an enemy piece is on it");
        return used && !has(fact, "an enemy pawn stands on it") ? 30 : 0;
    }

    /** Worth telling when it makes up for a third of the material at least. */
    private static int compensation(Fact fact) {
        int material = -fact.figures().getOrDefault("material", 0);
        int left = -fact.figures().getOrDefault("left", 0);
        return material > 0 && 3 * (material - left) >= material ? 40 : 0;
    }

    /** The nearer to the last rank, the heavier. */
    private static int passed(Fact fact) {
        int left = fact.figures().getOrDefault("toGo", 5);
        int near = Math.max(0, 4 - left) * 10;
        return near + (has(fact, "protected") ? 5 : 0);
    }

    private static int part(Fact fact, String figure, int most) {
        return Math.max(0, Math.min(most, fact.figures().getOrDefault(figure, 0) / HUNDREDTHS));
    }

    private static boolean has(Fact fact, String trait) {
        return fact.traits().contains(trait);
    }
}
