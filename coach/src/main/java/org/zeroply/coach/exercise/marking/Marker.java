package org.zeroply.coach.exercise.marking;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.Iterator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.notation.Line;
import org.zeroply.chess.notation.San;
import org.zeroply.chess.tree.MoveTree;
import org.zeroply.chess.tree.Node;
import org.zeroply.chess.tree.Verdict;
import org.zeroply.coach.exercise.scheme.DefenceTask;
import org.zeroply.coach.exercise.scheme.Exercise;
import org.zeroply.coach.exercise.scheme.MarkingScheme;
import org.zeroply.coach.exercise.scheme.VerdictScale;
import org.zeroply.coach.texts.CoachWords;
import org.zeroply.engine.analysis.Cancellation;

/**
 * Marks written answers against a marking scheme.
 *
 * <ul>
 *   <li>A move counts when a row reaches its position by any order of moves, or plays the move in
 *       another order and then joins its line; a move marked as an end must be reached itself.
 *   <li>Points on a verdict need a verdict of the scheme's class, written in a row whose line ends
 *       there. Rows that contradict each other about one line earn nothing for it.
 *   <li>Where the scheme says so, a verdict one step beside its own earns half the points.
 *   <li>Of a group only the best earned item counts.
 *   <li>Rows that leave the scheme are checked by the engine, if there is one; that tells the
 *       solver something and never changes the points, but for refutations in an elimination.
 * </ul>
 */
public final class Marker {

    private final Exercise exercise;
    private final MarkingScheme scheme;
    private final Optional<LineChecker> checker;

    public Marker(Exercise exercise, Optional<LineChecker> checker) {
        this.exercise = exercise;
        this.scheme = MarkingScheme.of(exercise.scheme());
        this.checker = checker;
    }

    /** Marks an answer; when cancelled, rows not yet checked are reported as such. */
    public MarkedSheet mark(WrittenAnswer answer, Cancellation cancellation) {
        List<MatchedRow> rows =
                answer.rows().stream()
                        .filter(r -> r.problem().isEmpty())
                        .map(r -> new MatchedRow(scheme, r, exercise.start()))
                        .toList();
        List<MarkedSheet.ItemMark> items = new ArrayList<>();
        for (MarkingScheme.Item item : scheme.items()) {
            items.add(item(item, rows));
        }
        Optional<EliminationMarking> elimination =
                DefenceTask.of(exercise.scheme())
                        .filter(t -> t == DefenceTask.ELIMINATION)
                        .map(t -> new EliminationMarking(scheme, answer, checker, cancellation));
        if (elimination.isPresent()) {
            items = elimination.get().items(items);
        }
        keepBestOfGroups(items);
        int earned = items.stream().mapToInt(MarkedSheet.ItemMark::earned).sum();
        int max = exercise.maxPoints();
        List<MarkedSheet.RowMark> rowMarks = new ArrayList<>();
        RowChecker checked = new RowChecker(exercise.start(), checker, cancellation);
        Iterator<MatchedRow> matched = rows.iterator();
        for (WrittenAnswer.Row row : answer.rows()) {
            MarkedSheet.RowMark mark =
                    row.problem().isPresent()
                            ? RowChecker.unreadable(row, row.problem().get())
                            : checked.check(matched.next());
            rowMarks.add(elimination.map(e -> e.row(mark, row)).orElse(mark));
        }
        return new MarkedSheet(
                Math.min(earned, max),
                max,
                items,
                rowMarks,
                lines(rows, items),
                mainVerdictIsRight(rows));
    }

    // ---- Items ----------------------------------------------------------------------------------

    private MarkedSheet.ItemMark item(MarkingScheme.Item item, List<MatchedRow> rows) {
        Optional<String> found = found(item, rows);
        if (found.isEmpty()) {
            boolean passed = rows.stream().anyMatch(r -> partly(item, r));
            return missed(
                    item,
                    CoachWords.of(
                            passed
                                    ? "exercise.the-line-is-not-seen"
                                    : "exercise.not-in-the-answer"));
        }
        if (!item.rule().needsVerdict()) {
            return earned(item, found.get());
        }
        return verdictItem(item, rows, found.get());
    }

    private static Optional<String> found(MarkingScheme.Item item, List<MatchedRow> rows) {
        for (MatchedRow row : rows) {
            for (Node node : item.choice()) {
                if (row.reaches(node)) {
                    return Optional.of(how(item, row, node));
                }
            }
            if (!item.node().annotation().scheme().end() && row.containsOnTheWay(item.node())) {
                return Optional.of(
                        CoachWords.of("exercise.in-another-order-in-row", row.row().number()));
            }
        }
        return Optional.empty();
    }

    private static String how(MarkingScheme.Item item, MatchedRow row, Node node) {
        String place = CoachWords.of("exercise.row", row.row().number());
        if (node != item.node()) {
            Position before = node.parent().orElseThrow().position();
            return CoachWords.of(
                    "exercise.the-equal-move-in", San.write(before, node.move()), place);
        }
        return CoachWords.of(
                row.followsOrderOf(node)
                        ? "exercise.found-in"
                        : "exercise.reached-by-another-order-in",
                place);
    }

    private static boolean partly(MarkingScheme.Item item, MatchedRow row) {
        Node parent = item.node().parent().orElseThrow();
        return !parent.isRoot() && row.reaches(parent);
    }

    private MarkedSheet.ItemMark verdictItem(
            MarkingScheme.Item item, List<MatchedRow> rows, String found) {
        Optional<Verdict> wanted = item.verdict();
        if (wanted.isEmpty()) {
            return missed(item, CoachWords.of("exercise.but-the-scheme-gives-no", found));
        }
        Set<Verdict> given =
                rows.stream()
                        .filter(r -> item.choice().stream().anyMatch(r::endsInLineOf))
                        .flatMap(r -> r.row().verdict().stream())
                        .collect(Collectors.toCollection(TreeSet::new));
        if (given.isEmpty()) {
            return missed(item, CoachWords.of("exercise.but-without-a-verdict-for", found));
        }
        String written =
                given.stream()
                        .map(Verdict::symbol)
                        .collect(Collectors.joining(CoachWords.of("exercise.and")));
        if (given.size() > 1) {
            return missed(
                    item,
                    CoachWords.of("exercise.but-the-verdicts-contradict-each", found, written));
        }
        if (isNear(wanted.get(), given)) {
            int half = item.rule().points() / 2;
            String why = CoachWords.of("exercise.with-the-verdict-one-step", found, written);
            return new MarkedSheet.ItemMark(
                    item.line(),
                    item.rule().points(),
                    half,
                    CoachWords.of("exercise.half-the-points", why, wanted.get().symbol()));
        }
        if (!given.contains(wanted.get())) {
            return missed(
                    item,
                    CoachWords.of(
                            "exercise.but-the-verdict-is-and",
                            found,
                            written,
                            wanted.get().symbol()));
        }
        return earned(item, CoachWords.of("exercise.with-the-right-verdict", found, written));
    }

    /** One step beside the scheme's verdict, where the scheme gives half the points for that. */
    private boolean isNear(Verdict wanted, Set<Verdict> given) {
        return exercise.toleratesOneStep()
                && given.stream()
                        .allMatch(v -> VerdictScale.steps(v, wanted).equals(Optional.of(1)));
    }

    private static MarkedSheet.ItemMark earned(MarkingScheme.Item item, String why) {
        int points = item.rule().points();
        return new MarkedSheet.ItemMark(item.line(), points, points, why);
    }

    private static MarkedSheet.ItemMark missed(MarkingScheme.Item item, String why) {
        return new MarkedSheet.ItemMark(item.line(), item.rule().points(), 0, why);
    }

    private void keepBestOfGroups(List<MarkedSheet.ItemMark> marks) {
        Map<String, List<Integer>> groups = new HashMap<>();
        for (int i = 0; i < marks.size(); i++) {
            int index = i;
            scheme.items()
                    .get(i)
                    .rule()
                    .group()
                    .filter(g -> marks.get(index).earned() > 0)
                    .ifPresent(g -> groups.computeIfAbsent(g, k -> new ArrayList<>()).add(index));
        }
        for (var group : groups.entrySet()) {
            int best =
                    group.getValue().stream()
                            .max(
                                    Comparator.comparing((Integer i) -> marks.get(i).earned())
                                            .thenComparing(Comparator.reverseOrder()))
                            .orElseThrow();
            for (int i : group.getValue()) {
                if (i != best) {
                    MarkedSheet.ItemMark m = marks.get(i);
                    String why =
                            CoachWords.of(
                                    "exercise.of-group-only-the-best", m.why(), group.getKey());
                    marks.set(i, new MarkedSheet.ItemMark(m.line(), m.points(), 0, why));
                }
            }
        }
    }

    /**
     * Of the rows that begin with the solution, those that follow the main line furthest decide.
     */
    private boolean mainVerdictIsRight(List<MatchedRow> rows) {
        List<Node> main = exercise.scheme().mainLine();
        Optional<Verdict> wanted =
                main.isEmpty() ? Optional.empty() : MoveTree.verdictBelow(main.get(0));
        if (wanted.isEmpty()) {
            return false;
        }
        for (int i = main.size() - 1; i >= 0; i--) {
            Node node = main.get(i);
            Set<Verdict> given =
                    rows.stream()
                            .filter(r -> r.reaches(node) && r.endsInLineOf(node))
                            .flatMap(r -> r.row().verdict().stream())
                            .collect(Collectors.toSet());
            if (!given.isEmpty()) {
                return given.equals(Set.of(wanted.get()));
            }
        }
        return false;
    }

    // ---- Lines ----------------------------------------------------------------------------------

    /** How much of each line of the scheme was seen, those that only tempt left out. */
    private List<MarkedSheet.LineMark> lines(
            List<MatchedRow> rows, List<MarkedSheet.ItemMark> items) {
        List<MarkedSheet.LineMark> lines = new ArrayList<>();
        Set<Node> counted = new HashSet<>();
        for (Node end : exercise.scheme().nodes()) {
            List<Node> path = end.path();
            boolean bait = path.stream().anyMatch(n -> n.annotation().scheme().tempting());
            if (path.isEmpty() || bait || !end.children().isEmpty()) {
                continue;
            }
            int seen = 0;
            for (Node node : path) {
                seen = rows.stream().anyMatch(r -> r.reaches(node)) ? node.depth() : seen;
            }
            int points = 0;
            int earned = 0;
            for (int i = 0; i < items.size(); i++) {
                Node at = scheme.items().get(i).node();
                if (path.contains(at) && !counted.contains(at)) {
                    points += items.get(i).points();
                    earned += items.get(i).earned();
                }
            }
            counted.addAll(path);
            lines.add(new MarkedSheet.LineMark(Line.to(end), path.size(), seen, points, earned));
        }
        return lines;
    }
}
