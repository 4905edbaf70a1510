package org.zeroply.library.report;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.notation.Line;
import org.zeroply.chess.notation.San;
import org.zeroply.chess.tree.Annotation;
import org.zeroply.chess.tree.MoveTree;
import org.zeroply.chess.tree.Node;
import org.zeroply.chess.tree.PointRule;

/** The lines of a marking scheme in print, each from where it leaves the one before it. */
final class SchemeLines {

    /** What the brackets mean. */
    static final String LEGEND =
            "Points stand in brackets behind the move that earns them; v marks points for the right"
                    + " verdict.";

    private SchemeLines() {}

    /** All of them, with points, and verdicts at their ends. */
    static List<Report.Text> of(MoveTree scheme) {
        List<Report.Text> words = new ArrayList<>();
        lines(scheme.root(), List.of(), words);
        return words;
    }

    private static void lines(Node from, List<Node> own, List<Report.Text> words) {
        List<Node> line = new ArrayList<>(own);
        List<Node> branches = new ArrayList<>();
        Node node = from;
        while (!node.children().isEmpty()) {
            branches.addAll(0, node.children().subList(1, node.children().size()));
            node = node.children().get(0);
            line.add(node);
        }
        if (!line.isEmpty()) {
            words.add(new Report.Text(text(line), Report.Tone.MOVES));
        }
        branches.forEach(b -> lines(b, List.of(b), words));
    }

    private static String text(List<Node> line) {
        StringBuilder text = new StringBuilder();
        for (int i = 0; i < line.size(); i++) {
            Node node = line.get(i);
            Position before = node.parent().orElseThrow().position();
            Annotation said = node.annotation();
            text.append(i == 0 ? "" : " ")
                    .append(Line.number(before, i == 0))
                    .append(San.write(before, node.move()))
                    .append(said.scheme().equal() ? " (equal)" : "")
                    .append(said.scheme().tempting() ? "?" : "");
            if (!said.scheme().points().isEmpty()) {
                text.append(
                        said.scheme().points().stream()
                                .map(SchemeLines::points)
                                .collect(Collectors.joining(" ", " [", "]")));
            }
        }
        Annotation last = line.get(line.size() - 1).annotation();
        last.verdict().ifPresent(v -> text.append("  ").append(v.symbol()));
        return text.toString();
    }

    private static String points(PointRule rule) {
        return rule.points() + (rule.needsVerdict() ? "v" : "");
    }
}
