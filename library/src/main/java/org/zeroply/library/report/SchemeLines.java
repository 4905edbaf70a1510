package org.zeroply.library.report;

import java.util.List;
import java.util.stream.Collectors;
import org.zeroply.chess.tree.MoveTree;
import org.zeroply.chess.tree.Node;
import org.zeroply.chess.tree.PointRule;
import org.zeroply.chess.tree.SchemeNote;

/** The lines of a marking scheme in print, each from where it leaves the one before it. */
final class SchemeLines {

    /** What the brackets mean. */
    static final String LEGEND =
            "Points stand in brackets behind the move that earns them; v marks points for the right"
                    + " verdict.";

    private SchemeLines() {}

    /** All of them, with points, and verdicts at their ends. */
    static List<Report.Text> of(MoveTree scheme) {
        return PrintedLines.of(scheme, SchemeLines::signs);
    }

    /** What stands behind a move. */
    private static String signs(Node node) {
        SchemeNote scheme = node.annotation().scheme();
        String points =
                scheme.points().isEmpty()
                        ? ""
                        : scheme.points().stream()
                                .map(SchemeLines::points)
                                .collect(Collectors.joining(" ", " [", "]"));
        return (scheme.equal() ? " (equal)" : "") + (scheme.tempting() ? "?" : "") + points;
    }

    private static String points(PointRule rule) {
        return rule.points() + (rule.needsVerdict() ? "v" : "");
    }
}
