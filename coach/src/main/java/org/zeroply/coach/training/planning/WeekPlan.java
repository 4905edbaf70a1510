package org.zeroply.coach.training.planning;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.zeroply.chess.board.Symmetry;
import org.zeroply.coach.texts.CoachWords;
import org.zeroply.coach.training.rating.Glicko;
import org.zeroply.coach.training.rating.Rating;

/**
 * Proposes a week of work: what is due again first, for up to half of the time; then new exercises,
 * those of weak themes first, of a hardness at which about {@value #AIM} of the points are to be
 * expected. The coach changes it as he likes.
 */
public final class WeekPlan {

    /** Neither too easy to learn from nor too hard to finish; this program's own choice. */
    public static final double AIM = 0.6;

    /** What is farther from that is not proposed. */
    private static final double TOO_FAR = 0.3;

    /** For each place that a theme is weaker, an exercise may be so much farther from the aim. */
    private static final double WEAKER = 0.08;

    private WeekPlan() {}

    /**
     * An exercise that could be set.
     *
     * @param turns how its board can be turned over
     */
    public record Candidate(
            long exercise, List<String> themes, Rating hardness, int minutes, Set<Symmetry> turns) {
        public Candidate {
            themes = List.copyOf(themes);
            turns = Set.copyOf(turns);
        }
    }

    /**
     * A proposal.
     *
     * @param clothes how the board is turned
     * @param reason why it is proposed, in words
     */
    public record Item(long exercise, Symmetry clothes, int minutes, String reason) {}

    /**
     * The week from today on.
     *
     * @param student strength as a whole
     * @param weak themes, the weakest first
     * @param due what comes back
     * @param tried exercises that the student has tried or has been given
     * @param candidates every exercise there is
     * @param minutes time in the week
     * @param today days since 1970-01-01
     */
    public static List<Item> propose(
            Rating student,
            List<ThemeStrength> weak,
            List<Repetitions.Due> due,
            Set<Long> tried,
            List<Candidate> candidates,
            int minutes,
            long today) {
        List<Item> items = new ArrayList<>();
        Set<Long> taken = new HashSet<>(tried);
        int left = minutes;
        for (Repetitions.Due d : due) {
            Optional<Candidate> c =
                    candidates.stream().filter(x -> x.exercise() == d.exercise()).findFirst();
            boolean fits = c.isPresent() && left - c.get().minutes() >= minutes / 2;
            if (fits && d.day() <= today + 6) {
                Symmetry clothes =
                        c.get().turns().contains(d.clothes()) ? d.clothes() : Symmetry.FLIPPED;
                items.add(
                        new Item(
                                d.exercise(),
                                clothes,
                                c.get().minutes(),
                                CoachWords.of("training.missed-before-comes-back")));
                taken.add(d.exercise());
                left -= c.get().minutes();
            }
        }
        List<String> order = weak.stream().map(ThemeStrength::theme).toList();
        List<Candidate> fresh =
                candidates.stream()
                        .filter(c -> !taken.contains(c.exercise()))
                        .filter(c -> distance(student, c) <= TOO_FAR)
                        .sorted(
                                Comparator.comparingDouble(
                                        c -> distance(student, c) + WEAKER * place(order, c)))
                        .toList();
        for (Candidate c : fresh) {
            if (c.minutes() <= left) {
                items.add(new Item(c.exercise(), Symmetry.SAME, c.minutes(), reason(c, order)));
                left -= c.minutes();
            }
        }
        return items;
    }

    private static double distance(Rating student, Candidate c) {
        return Math.abs(Glicko.expected(student, c.hardness()) - AIM);
    }

    /** The place of its weakest theme; after all known ones if none of them is known. */
    private static int place(List<String> order, Candidate c) {
        return c.themes().stream()
                .mapToInt(order::indexOf)
                .filter(i -> i >= 0)
                .min()
                .orElse(order.size());
    }

    private static String reason(Candidate c, List<String> order) {
        int place = place(order, c);
        return place < order.size()
                ? CoachWords.of(
                        place == 0 ? "training.weakest-theme" : "training.weak-theme",
                        order.get(place))
                : c.themes().isEmpty() ? "new" : CoachWords.of("training.new", c.themes().get(0));
    }
}
