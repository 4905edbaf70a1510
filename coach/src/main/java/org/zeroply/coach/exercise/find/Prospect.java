package org.zeroply.coach.exercise.find;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.board.Symmetry;
import org.zeroply.coach.fact.Sentence;

/**
 * A position of a game that is worth setting.
 *
 * @param ply number of moves played before it
 * @param line the solution as far as it is known
 * @param tempting moves that look good and fail
 * @param appeals why it is worth setting, the strongest reason first; at least one
 * @param themes what the solution turns on, in words
 * @param ownMoves own moves of the solution that have to be found
 */
public record Prospect(
        Position position,
        int ply,
        List<Move> line,
        List<Move> tempting,
        List<Appeal> appeals,
        List<String> themes,
        int ownMoves) {

    /** What each further own move counts when positions are ranked, against the appeals. */
    private static final double A_MOVE = 1;

    /** Positions that share this part of their men are near enough to be the same exercise. */
    private static final double NEAR = 0.8;

    private static final char EMPTY = '.';

    public Prospect {
        line = List.copyOf(line);
        tempting = List.copyOf(tempting);
        appeals = List.copyOf(appeals);
        themes = List.copyOf(themes);
    }

    /** How much it is worth setting; more is better, without a unit. */
    public double rank() {
        return appeals.stream().mapToDouble(a -> a.kind().weight()).sum() + A_MOVE * (ownMoves - 1);
    }

    /** The same with the reasons and themes of another find of this position. */
    Prospect with(Prospect other) {
        List<Appeal> both = new ArrayList<>(appeals);
        other.appeals.stream()
                .filter(a -> both.stream().noneMatch(b -> b.kind() == a.kind()))
                .forEach(both::add);
        Set<String> all = new LinkedHashSet<>(themes);
        all.addAll(other.themes);
        return new Prospect(
                position,
                ply,
                line,
                tempting,
                both,
                List.copyOf(all),
                Math.max(ownMoves, other.ownMoves));
    }

    /** Whether it is a position to be defended by elimination. */
    public boolean isDefence() {
        return appeals.stream().anyMatch(a -> a.kind() == Appeal.Kind.DEFENCE);
    }

    /** Why it is worth setting, in a short sentence. */
    public String reason() {
        String all = appeals.stream().map(Appeal::words).collect(Collectors.joining("; "));
        return Sentence.begin(all);
    }

    /**
     * The finds by rank, the best first; of those of a kind that are near each other only the best.
     * What is to be defended and what is to be calculated are different exercises.
     */
    public static <T> List<T> best(List<T> found, Function<T, Prospect> prospect) {
        List<T> kept = new ArrayList<>();
        Map<Boolean, List<String>> placements =
                Map.of(true, new ArrayList<>(), false, new ArrayList<>());
        Comparator<T> byRank =
                Comparator.comparingDouble((T t) -> prospect.apply(t).rank()).reversed();
        for (T next : found.stream().sorted(byRank).toList()) {
            Prospect here = prospect.apply(next);
            List<String> turned = turned(here.position);
            List<String> told = placements.get(here.isDefence());
            if (told.stream().noneMatch(p -> turned.stream().anyMatch(t -> areNear(p, t)))) {
                kept.add(next);
                told.add(Symmetry.SAME.placement(here.position));
            }
        }
        return kept;
    }

    /** A position as it stands and in all ways in which it can be turned over. */
    private static List<String> turned(Position position) {
        return Arrays.stream(Symmetry.values())
                .filter(s -> s.keeps(position))
                .map(s -> s.placement(position))
                .toList();
    }

    /** Whether the same side is to move and most of the men stand alike. */
    private static boolean areNear(String one, String two) {
        int alike = 0;
        int men = 0;
        for (int i = 1; i < one.length(); i++) {
            char man = one.charAt(i);
            men += man != EMPTY || two.charAt(i) != EMPTY ? 1 : 0;
            alike += man != EMPTY && man == two.charAt(i) ? 1 : 0;
        }
        return one.charAt(0) == two.charAt(0) && (double) alike / men >= NEAR;
    }
}
