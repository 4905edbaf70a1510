package org.zeroply.coach.exercise.find;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.Piece;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.board.Symmetry;

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

    /** Positions that share this part of their men are near enough to be the same exercise. */
    private static final double NEAR = 0.8;

    public Prospect {
        line = List.copyOf(line);
        tempting = List.copyOf(tempting);
        appeals = List.copyOf(appeals);
        themes = List.copyOf(themes);
    }

    /** How much it is worth setting; more is better, without a unit. */
    public double rank() {
        return appeals.stream().mapToDouble(a -> a.kind().weight()).sum() + 0.1 * ownMoves;
    }

    /** Why it is worth setting, in a short sentence. */
    public String reason() {
        String all = appeals.stream().map(Appeal::words).collect(Collectors.joining("; "));
        return Character.toUpperCase(all.charAt(0)) + all.substring(1);
    }

    /** Whether another position is nearly this one, as it stands or turned over. */
    public boolean isNear(Prospect other) {
        for (Symmetry symmetry : Symmetry.values()) {
            Optional<Position> turned = symmetry.of(other.position);
            if (turned.filter(p -> likeness(position, p) >= NEAR).isPresent()) {
                return true;
            }
        }
        return false;
    }

    /** The part of the men, 0 to 1, that stand alike; 0 with different sides to move. */
    private static double likeness(Position one, Position two) {
        if (one.sideToMove() != two.sideToMove()) {
            return 0;
        }
        int alike = 0;
        int men = 0;
        for (int s = 0; s < 64; s++) {
            Optional<Piece> a = one.pieceAt(s);
            Optional<Piece> b = two.pieceAt(s);
            men += a.isPresent() || b.isPresent() ? 1 : 0;
            alike += a.isPresent() && a.equals(b) ? 1 : 0;
        }
        return (double) alike / men;
    }

    /** The finds by rank, the best first; of those that are near each other only the best. */
    public static <T> List<T> best(List<T> found, Function<T, Prospect> prospect) {
        List<T> kept = new ArrayList<>();
        Comparator<T> byRank =
                Comparator.comparingDouble((T t) -> prospect.apply(t).rank()).reversed();
        for (T next : found.stream().sorted(byRank).toList()) {
            if (kept.stream().noneMatch(k -> prospect.apply(k).isNear(prospect.apply(next)))) {
                kept.add(next);
            }
        }
        return kept;
    }
}
