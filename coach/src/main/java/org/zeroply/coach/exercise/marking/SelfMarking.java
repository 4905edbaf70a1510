package org.zeroply.coach.exercise.marking;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import org.zeroply.coach.exercise.scheme.Exercise;
import org.zeroply.coach.exercise.scheme.MarkingScheme;
import org.zeroply.coach.texts.CoachWords;

/** Marks work done on paper: somebody ticks which items of the scheme it has. */
public final class SelfMarking {

    private SelfMarking() {}

    /**
     * The sheet of the items ticked. Of a group only the best one counts, as in any answer.
     *
     * @param ticked 0-based indexes of items, see {@link MarkingScheme#items}
     * @param verdictRight whether the verdict on the main line was right
     */
    public static MarkedSheet mark(Exercise exercise, Set<Integer> ticked, boolean verdictRight) {
        List<MarkingScheme.Item> items = MarkingScheme.of(exercise.scheme()).items();
        List<MarkedSheet.ItemMark> marks = new ArrayList<>();
        for (int i = 0; i < items.size(); i++) {
            MarkingScheme.Item item = items.get(i);
            int points = item.rule().points();
            boolean has = ticked.contains(i);
            boolean counts = has && !isOutdone(i, items, ticked);
            String why =
                    counts
                            ? "ticked"
                            : CoachWords.of(
                                    has
                                            ? "exercise.ticked-of-its-group-only"
                                            : "exercise.not-ticked");
            marks.add(new MarkedSheet.ItemMark(item.line(), points, counts ? points : 0, why));
        }
        int sum = marks.stream().mapToInt(MarkedSheet.ItemMark::earned).sum();
        int max = exercise.maxPoints();
        return new MarkedSheet(Math.min(sum, max), max, marks, List.of(), List.of(), verdictRight);
    }

    private static boolean isOutdone(
            int index, List<MarkingScheme.Item> items, Set<Integer> ticked) {
        MarkingScheme.Item own = items.get(index);
        return own.rule().group().isPresent()
                && ticked.stream()
                        .filter(i -> i >= 0 && i < items.size() && i != index)
                        .filter(i -> items.get(i).rule().group().equals(own.rule().group()))
                        .anyMatch(
                                i ->
                                        items.get(i).rule().points() > own.rule().points()
                                                || items.get(i).rule().points()
                                                                == own.rule().points()
                                                        && i < index);
    }
}
