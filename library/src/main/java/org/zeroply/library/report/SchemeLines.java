package org.zeroply.library.report;

import java.util.List;
import java.util.stream.Collectors;
import org.zeroply.chess.tree.MoveTree;
import org.zeroply.chess.tree.Node;
import org.zeroply.chess.tree.PointRule;
import org.zeroply.chess.tree.SchemeNote;
import org.zeroply.library.texts.LibraryWords;

/** The lines of a marking scheme in print, each from where it leaves the one before it. */
final class SchemeLines {

    /** What the brackets mean. */
    static final String LEGEND = LibraryWords.of("report.points-stand-in-brackets-behind");

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
        return (scheme.equal() ? LibraryWords.of("report.equal") : "")
                + (scheme.tempting() ? "?" : "")
                + points;
    }

    private static String points(PointRule rule) {
        return rule.points() + (rule.needsVerdict() ? "v" : "");
    }
}
