package org.zeroply.coach.pattern;

import java.util.ArrayList;
import java.util.List;
import org.zeroply.chess.board.Symmetry;

/**
 * A question to games: one thing after the other that must be so.
 *
 * @param steps what must be so, in this order; one at least
 * @param mirrored also with the wings exchanged
 * @param exchanged also with the colours exchanged
 * @param every every position is wanted, and not the first of each game
 * @param games which games
 */
public record Query(
        List<QueryStep> steps,
        boolean mirrored,
        boolean exchanged,
        boolean every,
        GamesAsked games) {

    public Query {
        steps = List.copyOf(steps);
    }

    /** The text form, which {@link QueryReader} reads. */
    public String text() {
        StringBuilder text = new StringBuilder(steps.get(0).text());
        for (QueryStep step : steps.subList(1, steps.size())) {
            text.append(" THEN ");
            if (step.within() > 0) {
                text.append("WITHIN ").append(step.within()).append(" PLIES ");
            }
            text.append(step.text());
        }
        List<String> clauses = new ArrayList<>();
        if (mirrored) {
            clauses.add("mirrored");
        }
        if (exchanged) {
            clauses.add("colours exchanged");
        }
        if (every) {
            clauses.add("every position");
        }
        clauses.addAll(games.clauses());
        clauses.forEach(c -> text.append("; ").append(c));
        return text.toString();
    }

    /** All ways to see the steps that count. */
    List<List<QueryStep>> variants() {
        List<Symmetry> ways = new ArrayList<>(List.of(Symmetry.SAME));
        if (mirrored) {
            ways.add(Symmetry.MIRRORED);
        }
        if (exchanged) {
            ways.add(Symmetry.FLIPPED);
        }
        if (mirrored && exchanged) {
            ways.add(Symmetry.MIRRORED_AND_FLIPPED);
        }
        return ways.stream()
                .map(way -> steps.stream().map(s -> s.under(way)).toList())
                .distinct()
                .toList();
    }

    /** The same, every position wanted or the first of each game. */
    public Query every(boolean all) {
        return new Query(steps, mirrored, exchanged, all, games);
    }
}
