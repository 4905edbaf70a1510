package org.zeroply.desktop.solve;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import org.zeroply.chess.notation.Line;
import org.zeroply.chess.tree.MoveTree;
import org.zeroply.chess.tree.Node;
import org.zeroply.chess.tree.PointRule;

/** A solution for a whole room, revealed move after move and line after line. */
public final class ClassroomModel {

    private final List<List<Node>> lines = new ArrayList<>();
    private int line;
    private int revealed;

    public ClassroomModel(MoveTree tree) {
        for (Node node : tree.nodes()) {
            if (!node.isRoot() && node.children().isEmpty()) {
                lines.add(node.path());
            }
        }
    }

    /** How many lines there are. */
    public int lines() {
        return lines.size();
    }

    /** The line now, 1-based; 0 when there is none. */
    public int number() {
        return lines.isEmpty() ? 0 : line + 1;
    }

    /** Reveals one more move; after the last one the next line, from where it branches off. */
    public void reveal() {
        if (lines.isEmpty()) {
            return;
        }
        if (revealed < lines.get(line).size()) {
            revealed++;
        } else if (line + 1 < lines.size()) {
            int shared = shared(lines.get(line), lines.get(line + 1));
            line++;
            revealed = shared + 1;
        }
    }

    private static int shared(List<Node> one, List<Node> two) {
        int same = 0;
        while (same < Math.min(one.size(), two.size()) && one.get(same).equals(two.get(same))) {
            same++;
        }
        return same;
    }

    /** Takes the last move back; before the first one of a line, the line before it. */
    public void back() {
        if (revealed > 0) {
            revealed--;
        }
        boolean shown = line > 0 && revealed <= shared(lines.get(line - 1), lines.get(line));
        if (shown) {
            line--;
            revealed = lines.get(line).size();
        }
    }

    /** Whether everything is revealed. */
    public boolean isOver() {
        return lines.isEmpty() || line == lines.size() - 1 && revealed == lines.get(line).size();
    }

    /** The move revealed last; nothing before the first. */
    public Optional<Node> current() {
        return revealed == 0 ? Optional.empty() : Optional.of(lines.get(line).get(revealed - 1));
    }

    /** What is revealed of the line, with numbers. */
    public String moves() {
        return current().map(Line::to).orElse("");
    }

    /** Points, verdict and words of the move revealed last; empty when there are none. */
    public String words() {
        return current().map(ClassroomModel::words).orElse("");
    }

    private static String words(Node node) {
        List<String> words = new ArrayList<>();
        if (node.annotation().tempting()) {
            words.add("Tempting, but wrong.");
        }
        if (node.annotation().equal()) {
            words.add("As good as the main move.");
        }
        if (!node.annotation().points().isEmpty()) {
            words.add(
                    node.annotation().points().stream()
                                    .map(ClassroomModel::points)
                                    .collect(Collectors.joining(", "))
                            + ".");
        }
        node.annotation().verdict().ifPresent(v -> words.add("Verdict: " + v.words() + "."));
        if (!node.annotation().after().isEmpty()) {
            words.add(node.annotation().after());
        }
        return String.join("  ", words);
    }

    private static String points(PointRule rule) {
        String points = rule.points() == 1 ? "1 point" : rule.points() + " points";
        return rule.needsVerdict() ? points + " for the right verdict" : points;
    }
}
