package org.zeroply.coach.pattern;

import java.util.List;
import org.zeroply.chess.board.Symmetry;

/**
 * One thing that must be so in a game.
 *
 * @param condition what
 * @param plies for how many positions in a row at least, 1 for one
 * @param within at most so many plies after the step before it; 0 for any number
 */
public record QueryStep(Condition condition, int plies, int within) {

    /** The text form, without how it follows the step before. */
    String text() {
        String whole = condition.text();
        boolean bracketed = whole.startsWith("(") && condition instanceof Condition.All;
        String bare = bracketed ? whole.substring(1, whole.length() - 1) : whole;
        return plies == 1 ? bare : bare + " FOR " + plies + " PLIES";
    }

    /** What must be so at once. */
    public List<Condition> parts() {
        return condition instanceof Condition.All all ? all.parts() : List.of(condition);
    }

    /** The same with other things that must be so at once, one at least. */
    public QueryStep withParts(List<Condition> parts) {
        return new QueryStep(ConditionReader.together(parts), plies, within);
    }

    QueryStep under(Symmetry way) {
        return new QueryStep(condition.under(way), plies, within);
    }
}
