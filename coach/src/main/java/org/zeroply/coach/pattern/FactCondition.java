package org.zeroply.coach.pattern;

import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Predicate;
import org.zeroply.chess.board.Side;
import org.zeroply.chess.board.Symmetry;
import org.zeroply.coach.fact.Fact;
import org.zeroply.coach.fact.FactKind;
import org.zeroply.coach.fact.Squares;
import org.zeroply.coach.insight.Insight;
import org.zeroply.coach.insight.SearchedInsight;

/**
 * A fact of those seen without calculating is told of the position.
 *
 * @param side whose; empty for anybody's
 * @param trait a quality it must have; empty for any
 * @param men what stands on the first square it names; {@link Men#ANY} for whatever, and nothing
 * @param place where it is; for facts about one man or square that is the first they name
 */
record FactCondition(FactKind kind, Optional<Side> side, String trait, Men men, Place place)
        implements Condition {

    FactCondition(FactKind kind, Optional<Side> side, String trait, Place place) {
        this(kind, side, trait, Men.ANY, place);
    }

    /** Facts of which it can be asked about what man they are. */
    static final Set<FactKind> OF_A_MAN =
            EnumSet.of(
                    FactKind.OUTPOST,
                    FactKind.FORK,
                    FactKind.PIN,
                    FactKind.SKEWER,
                    FactKind.HANGING,
                    FactKind.OVERLOADED,
                    FactKind.TIED,
                    FactKind.DUTY);

    /** Qualities that facts at a glance have; the sides' names aside. */
    static final List<String> TRAITS =
            List.of(
                    "active",
                    "an enemy major piece is on it",
                    "an enemy pawn guards it",
                    "an enemy pawn stands on it",
                    "an enemy piece is on it",
                    "best",
                    "blockaded",
                    "both promote",
                    "can be taken in passing",
                    "concrete",
                    "connected",
                    "contested",
                    "costs the pawn",
                    "crippled by doubled pawns",
                    "double threat",
                    "ending",
                    "for good",
                    "goes_on",
                    "half-open for the enemy",
                    "held by black",
                    "held by white",
                    "in a row",
                    "in use",
                    "inside its chain",
                    "isolated",
                    "keeps it hanging",
                    "king",
                    "locked",
                    "loses",
                    "mates",
                    "middlegame",
                    "more enemy men bear on it",
                    "more than can guard",
                    "never",
                    "no rival",
                    "not developed",
                    "now",
                    "occupied",
                    "on a half-open file",
                    "outside",
                    "outside its chain",
                    "passive",
                    "piece",
                    "protected",
                    "runs_out",
                    "shot",
                    "square",
                    "supported",
                    "unclear",
                    "unopposed",
                    "until that piece is driven off",
                    "until that piece is driven off or shut out",
                    "weak pawn",
                    "wins",
                    "wrong bishop");

    /** Facts about several squares alike. */
    private static final Set<FactKind> OF_MANY =
            EnumSet.of(
                    FactKind.FROZEN,
                    FactKind.OPEN_LINE_TO_KING,
                    FactKind.WEAK_COLOUR,
                    FactKind.DOUBLED,
                    FactKind.HANGING_PAIR,
                    FactKind.CHAIN,
                    FactKind.OPEN_FILE,
                    FactKind.HALF_OPEN_FILE,
                    FactKind.BATTERY,
                    FactKind.STRANDED,
                    FactKind.TENSION);

    /** What it takes to run one finder of facts, in nanoseconds or so. */
    private static final int FINDER = 10_000;

    /** What it takes to search, in nanoseconds or so. */
    private static final int SEARCH = 50_000_000;

    private boolean isSearched() {
        return SearchedInsight.kinds().contains(kind);
    }

    @Override
    public boolean holds(Situation situation) {
        Optional<Boolean> told = told(situation);
        return told.isPresent()
                ? told.get() && (isAnything() || isSeen(situation, fact -> true))
                : isSeen(situation, fact -> true);
    }

    /** Whether such a fact is told of which something else is true besides. */
    boolean holds(Situation situation, Predicate<Fact> besides) {
        return told(situation).orElse(true) && isSeen(situation, besides);
    }

    /** Whether such a fact is told here, of whatever man and wherever, if that is known. */
    private Optional<Boolean> told(Situation situation) {
        return isSearched()
                ? situation
                        .searchedTrail(kind)
                        .map(trail -> trail.isTold(trait, side, situation.ply()))
                : situation
                        .trail(new ToldFact(kind, trait))
                        .map(trail -> trail.isTold(side, situation.ply()));
    }

    /** Whether it does not matter where and about what man it is. */
    private boolean isAnything() {
        return place.isAnywhere() && men.equals(Men.ANY);
    }

    private boolean isSeen(Situation situation, Predicate<Fact> besides) {
        List<Fact> facts =
                isSearched() ? situation.searched(kind) : Insight.of(situation.scene(), kind);
        for (Fact fact : facts) {
            if ((side.isEmpty() || fact.side().equals(side))
                    && isThere(fact)
                    && isSuch(fact)
                    && isAbout(fact, situation)
                    && besides.test(fact)) {
                return true;
            }
        }
        return false;
    }

    private boolean isThere(Fact fact) {
        if (place.isAnywhere()) {
            return true;
        }
        List<Integer> squares = fact.squares();
        List<Integer> about =
                OF_MANY.contains(kind) ? squares : squares.subList(0, Math.min(1, squares.size()));
        return about.stream().anyMatch(s -> (place.squares() & 1L << s) != 0);
    }

    private boolean isSuch(Fact fact) {
        return trait.isEmpty() || fact.traits().stream().anyMatch(trait::equalsIgnoreCase);
    }

    private boolean isAbout(Fact fact, Situation situation) {
        return men.equals(Men.ANY)
                || !fact.squares().isEmpty()
                        && Squares.has(men.on(situation.board()), fact.squares().get(0));
    }

    @Override
    public String text() {
        return side.map(s -> s.smallWord() + " ").orElse("") + what() + place.behind();
    }

    private String what() {
        String told = kind.words() + quality();
        if (men.equals(Men.ANY)) {
            boolean passed = kind == FactKind.PASSED && !trait.isEmpty();
            return passed ? trait + " passed pawn" : told;
        }
        return switch (kind) {
            case OUTPOST, FORK -> men.word() + " " + told;
            case HANGING, OVERLOADED, TIED -> told + " " + men.word();
            default -> told + " of a " + men.word();
        };
    }

    /** What a pin or skewer is to, or any other quality. */
    private String quality() {
        return switch (trait) {
            case "" -> "";
            case "king" -> " to the king";
            case "piece", "square" -> " to a " + trait;
            default -> " " + trait;
        };
    }

    @Override
    public Condition under(Symmetry way) {
        String held =
                !way.swapsSides() || !trait.startsWith("held by ")
                        ? trait
                        : trait.endsWith("white") ? "held by black" : "held by white";
        return new FactCondition(kind, side.map(way::side), held, men, place.under(way));
    }

    @Override
    public Set<ToldFact> leading() {
        return isSearched() ? Set.of() : Set.of(new ToldFact(kind, trait));
    }

    @Override
    public Set<FactKind> searches() {
        return isSearched() ? Set.of(kind) : Set.of();
    }

    @Override
    public int cost() {
        return isSearched() ? SEARCH : FINDER;
    }
}
