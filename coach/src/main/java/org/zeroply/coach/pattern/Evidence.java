package org.zeroply.coach.pattern;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import org.zeroply.chess.board.Arrangement;
import org.zeroply.chess.board.Board;
import org.zeroply.chess.board.InvalidPositionException;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.PieceType;
import org.zeroply.chess.board.Position;
import org.zeroply.coach.fact.Fact;
import org.zeroply.coach.insight.Insight;

/**
 * What of a position shows that a query holds in it: men that all of it rests on, and what the
 * facts say of them.
 *
 * @param men squares 0-63 of as few men as possible with which alone, and the kings, it still
 *     holds; none where it rests on what is not there, or on how the position came about
 * @param facts about these men that the query names, the weightiest first
 */
public record Evidence(List<Integer> men, List<Fact> facts) {

    /** Nothing that could be pointed at. */
    public static final Evidence NONE = new Evidence(List.of(), List.of());

    /** Facts that are told of a position found: our choice. */
    private static final int FACTS = 2;

    public Evidence {
        men = List.copyOf(men);
        facts = List.copyOf(facts);
    }

    /** What shows it in a position in which the last step of the query holds. */
    public static Evidence of(Query query, Position position) {
        return shows(query, position).map(c -> of(c, position)).orElse(NONE);
    }

    /** Whether the last step of a query holds in a position, seen alone. */
    public static boolean isShown(Query query, Position position) {
        return shows(query, position).isPresent();
    }

    /**
     * How many men besides kings have nothing to do with what a query asks in a position: the fewer
     * there are, the clearer it shows. All of them where it rests on nothing that could be pointed
     * at.
     */
    public static int idle(Query query, Position position) {
        return squares(position).size()
                - shows(query, position).map(c -> men(c, position).size()).orElse(0);
    }

    private static Optional<Condition> shows(Query query, Position position) {
        return query.lastConditions().stream()
                .filter(c -> c.holds(Situation.of(position)))
                .findFirst();
    }

    private static Evidence of(Condition condition, Position position) {
        List<Integer> men = men(condition, position);
        List<Fact> facts =
                Insight.of(position).stream()
                        .filter(f -> !f.squares().isEmpty() && men.contains(f.squares().get(0)))
                        .filter(f -> condition.text().contains(f.kind().word()))
                        .sorted(Comparator.comparingInt(Fact::weight).reversed())
                        .limit(FACTS)
                        .toList();
        return new Evidence(men, facts);
    }

    /** As few men as possible with which alone, and the kings, it still holds. */
    private static List<Integer> men(Condition condition, Position position) {
        List<Integer> men = new ArrayList<>();
        List<Integer> gone = new ArrayList<>();
        for (int square : squares(position)) {
            List<Integer> without = new ArrayList<>(gone);
            without.add(square);
            Optional<Position> left = without(position, without);
            if (left.filter(p -> condition.holds(Situation.of(p))).isPresent()) {
                gone.add(square);
            } else if (left.isPresent()) {
                men.add(square);
            }
        }
        return men;
    }

    /** Where men other than kings stand, pawns first: pieces tell more. */
    private static List<Integer> squares(Position position) {
        List<Integer> squares = new ArrayList<>();
        for (int square = 0; square < 64; square++) {
            if (position.pieceAt(square).filter(p -> p.type() != PieceType.KING).isPresent()) {
                squares.add(square);
            }
        }
        squares.sort(
                Comparator.comparing(
                        s ->
                                position.pieceAt(s)
                                        .filter(p -> p.type() == PieceType.PAWN)
                                        .isEmpty()));
        return squares;
    }

    /** Empty where that would be no position, such as one with a king to be taken. */
    private static Optional<Position> without(Position position, List<Integer> squares) {
        Arrangement arrangement = Arrangement.of(position);
        squares.forEach(arrangement::without);
        try {
            return Optional.of(arrangement.position());
        } catch (InvalidPositionException e) {
            return Optional.empty();
        }
    }

    /**
     * Whether a line has to do with it: one of its first moves moves one of these men, takes it, or
     * goes where it bears on; always where nothing can be pointed at.
     *
     * @param plies how many moves of either side are looked at
     */
    public boolean isTouched(Position position, List<Move> line, int plies) {
        long shown = men.stream().mapToLong(s -> 1L << s).reduce(0, (a, b) -> a | b);
        Board board = position.toBoard();
        for (Move move : line.subList(0, Math.min(plies, line.size()))) {
            long bearing = board.attackersTo(move.to(), board.occupied());
            if (((bearing | 1L << move.from() | 1L << move.to()) & shown) != 0) {
                return true;
            }
            board.make(move.packed());
        }
        return men.isEmpty();
    }
}
