package org.zeroply.coach.exercise;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.notation.Line;
import org.zeroply.chess.notation.San;
import org.zeroply.chess.tree.MoveTree;
import org.zeroply.chess.tree.Node;
import org.zeroply.chess.tree.Verdict;
import org.zeroply.engine.analysis.Cancellation;

/**
 * Marks written answers against a marking scheme.
 *
 * <ul>
 *   <li>A move counts when a row reaches its position by any order of moves, or plays the move in
 *       another order and then joins its line; a move marked as an end must be reached itself.
 *   <li>Points on a verdict need a verdict of the scheme's class, written in a row whose line ends
 *       there. Rows that contradict each other about one line earn nothing for it.
 *   <li>Of a group only the best earned item counts.
 *   <li>Rows that leave the scheme are checked by the engine, if there is one; that tells the
 *       solver something and never changes the points.
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
        keepBestOfGroups(items);
        int earned = items.stream().mapToInt(MarkedSheet.ItemMark::earned).sum();
        int max = exercise.maxPoints();
        List<MarkedSheet.RowMark> rowMarks = new ArrayList<>();
        for (WrittenAnswer.Row row : answer.rows()) {
            rowMarks.add(row(row, cancellation));
        }
        return new MarkedSheet(
                Math.min(earned, max), max, items, rowMarks, mainVerdictIsRight(rows));
    }

    // ---- Items ----------------------------------------------------------------------------------

    private MarkedSheet.ItemMark item(MarkingScheme.Item item, List<MatchedRow> rows) {
        Optional<String> found = found(item, rows);
        if (found.isEmpty()) {
            boolean passed = rows.stream().anyMatch(r -> partly(item, r));
            return missed(item, passed ? "the line is not seen to this move" : "not in the answer");
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
            if (!item.node().annotation().end() && row.containsOnTheWay(item.node())) {
                return Optional.of("in another order in row " + row.row().number());
            }
        }
        return Optional.empty();
    }

    private static String how(MarkingScheme.Item item, MatchedRow row, Node node) {
        String place = "row " + row.row().number();
        if (node != item.node()) {
            Position before = node.parent().orElseThrow().position();
            return "the equal move " + San.write(before, node.move()) + " in " + place;
        }
        return (row.followsOrderOf(node) ? "found in " : "reached by another order in ") + place;
    }

    private static boolean partly(MarkingScheme.Item item, MatchedRow row) {
        Node parent = item.node().parent().orElseThrow();
        return !parent.isRoot() && row.reaches(parent);
    }

    private MarkedSheet.ItemMark verdictItem(
            MarkingScheme.Item item, List<MatchedRow> rows, String found) {
        Optional<Verdict> wanted = item.verdict();
        if (wanted.isEmpty()) {
            return missed(item, found + ", but the scheme gives no verdict for the line");
        }
        Set<Verdict> given =
                rows.stream()
                        .filter(r -> item.choice().stream().anyMatch(r::endsInLineOf))
                        .flatMap(r -> r.row().verdict().stream())
                        .collect(Collectors.toCollection(TreeSet::new));
        if (given.isEmpty()) {
            return missed(item, found + ", but without a verdict for this line");
        }
        String written = given.stream().map(Verdict::symbol).collect(Collectors.joining(" and "));
        if (given.size() > 1) {
            return missed(item, found + ", but the verdicts contradict each other: " + written);
        }
        if (!given.contains(wanted.get())) {
            return missed(
                    item,
                    found
                            + ", but the verdict is "
                            + written
                            + " and should be "
                            + wanted.get().symbol());
        }
        return earned(item, found + ", with the right verdict " + written);
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
                    String why = m.why() + "; of group " + group.getKey() + " only the best counts";
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

    // ---- Rows -----------------------------------------------------------------------------------

    private MarkedSheet.RowMark row(WrittenAnswer.Row row, Cancellation cancellation) {
        if (row.problem().isPresent()) {
            WrittenAnswer.Problem problem = row.problem().get();
            return mark(row, MarkedSheet.Status.UNREADABLE, problem.reason(), "");
        }
        if (row.moves().isEmpty()) {
            return mark(row, MarkedSheet.Status.NO_MOVES, "the row has no moves", "");
        }
        MatchedRow matched = new MatchedRow(scheme, row, exercise.start());
        Optional<Node> temptation = matched.temptation();
        if (temptation.isPresent()) {
            Node bait = temptation.get();
            return mark(
                    row,
                    MarkedSheet.Status.TEMPTING,
                    San.write(bait.parent().orElseThrow().position(), bait.move())
                            + " is tempting but fails",
                    numbered(bait.mainLineEnd()));
        }
        if (matched.staysInScheme()) {
            return mark(row, MarkedSheet.Status.IN_SCHEME, "in the scheme", "");
        }
        return leaving(row, matched.leavesAt(), cancellation);
    }

    private MarkedSheet.RowMark leaving(WrittenAnswer.Row row, int ply, Cancellation cancellation) {
        Position start = exercise.start();
        String from = "from " + moveName(start, row.moves(), ply) + " on";
        if (checker.isEmpty()) {
            return mark(row, MarkedSheet.Status.UNCHECKED, "not in the scheme " + from, "");
        }
        Optional<LineChecker.Failure> failure =
                checker.get().firstFailure(start, row.moves(), ply, cancellation);
        if (failure.isPresent()) {
            return refuted(row, failure.get());
        }
        if (cancellation.isCancelled()) {
            return mark(row, MarkedSheet.Status.UNCHECKED, "the check was cancelled", "");
        }
        return mark(
                row,
                MarkedSheet.Status.SOUND,
                "sound, not in the scheme " + from + " (" + checker.get().stamp() + ")",
                "");
    }

    private MarkedSheet.RowMark refuted(WrittenAnswer.Row row, LineChecker.Failure failure) {
        Position start = exercise.start();
        String name = moveName(start, row.moves(), failure.ply());
        boolean own = failure.before().sideToMove() == start.sideToMove();
        String cost = Math.round(failure.loss() * 100) + " points of a hundred";
        if (own) {
            return mark(
                    row,
                    MarkedSheet.Status.REFUTED,
                    name + " loses " + cost + " of expected score",
                    Line.numbered(failure.before(), failure.punishment()));
        }
        return mark(
                row,
                MarkedSheet.Status.REFUTED,
                name + " is not forced; a better defence was overlooked, worth " + cost,
                Line.numbered(failure.before(), failure.better()));
    }

    private static String moveName(Position start, List<Move> moves, int ply) {
        Position p = start;
        for (Move move : moves.subList(0, ply)) {
            p = p.play(move);
        }
        return Line.number(p, true) + San.write(p, moves.get(ply));
    }

    private String numbered(Node node) {
        return Line.numbered(exercise.start(), node.path().stream().map(Node::move).toList());
    }

    private static MarkedSheet.RowMark mark(
            WrittenAnswer.Row row, MarkedSheet.Status status, String detail, String proof) {
        return new MarkedSheet.RowMark(row.number(), row.text(), status, detail, proof);
    }
}
