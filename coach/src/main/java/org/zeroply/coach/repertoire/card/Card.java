package org.zeroply.coach.repertoire.card;

import java.util.List;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.Position;
import org.zeroply.coach.pattern.Condition;
import org.zeroply.coach.pattern.Situation;

/**
 * A rule with its conditions: {@code IF white knight on e5 AND NOT e5 attacked by black THEN play
 * f6: drive it away UNLESS white queen on h5}.
 *
 * @param conditions what must be so, all of it
 * @param then what to do; where it begins with {@code play MOVE} it can be checked
 * @param exceptions when all of them are so the rule does not hold; empty for none
 */
public record Card(List<Condition> conditions, String then, List<Condition> exceptions) {

    private static final Pattern PLAY = Pattern.compile("play\\s+([^\\s:;,.]+).*");

    public Card {
        conditions = List.copyOf(conditions);
        exceptions = List.copyOf(exceptions);
    }

    /** Whether the rule speaks of a position; what was played before it is not known. */
    public boolean applies(Position position) {
        return applies(Situation.of(position));
    }

    /** Whether the rule speaks of a situation: its conditions hold and no exception does. */
    public boolean applies(Situation situation) {
        boolean excepted =
                !exceptions.isEmpty() && exceptions.stream().allMatch(c -> c.holds(situation));
        return !excepted && conditions.stream().allMatch(c -> c.holds(situation));
    }

    /** Whether it asks for a move, and not for something that cannot be checked. */
    public boolean asksForMove() {
        return PLAY.matcher(then).matches();
    }

    /** The move it asks for in a position, if it asks for one that is legal there. */
    public Optional<Move> move(Position position) {
        Matcher play = PLAY.matcher(then);
        return play.matches() ? Condition.move(position, play.group(1)) : Optional.empty();
    }

    /** When it holds: its conditions in the text form. */
    public String when() {
        return all(conditions);
    }

    /** The text form. */
    public String text() {
        return "IF "
                + all(conditions)
                + " THEN "
                + then
                + (exceptions.isEmpty() ? "" : " UNLESS " + all(exceptions));
    }

    private static String all(List<Condition> list) {
        return list.stream().map(Condition::text).collect(Collectors.joining(" AND "));
    }
}
