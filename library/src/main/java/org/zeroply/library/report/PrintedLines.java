package org.zeroply.library.report;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Function;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.notation.Line;
import org.zeroply.chess.notation.San;
import org.zeroply.chess.tree.MoveTree;
import org.zeroply.chess.tree.Node;

/** The lines of a tree in print, each from where it leaves the one before it. */
final class PrintedLines {

    private PrintedLines() {}

    /**
     * All of them, with verdicts at their ends.
     *
     * @param signs what stands behind a move
     */
    static List<Report.Text> of(MoveTree tree, Function<Node, String> signs) {
        List<Report.Text> words = new ArrayList<>();
        lines(tree.root(), List.of(), signs, words);
        return words;
    }

    private static void lines(
            Node from, List<Node> own, Function<Node, String> signs, List<Report.Text> words) {
        List<Node> line = new ArrayList<>(own);
        List<Node> branches = new ArrayList<>();
        Node node = from;
        while (!node.children().isEmpty()) {
            branches.addAll(0, node.children().subList(1, node.children().size()));
            node = node.children().get(0);
            line.add(node);
        }
        if (!line.isEmpty()) {
            words.add(new Report.Text(text(line, signs), Report.Tone.MOVES));
        }
        branches.forEach(b -> lines(b, List.of(b), signs, words));
    }

    private static String text(List<Node> line, Function<Node, String> signs) {
        StringBuilder text = new StringBuilder();
        for (Node node : line) {
            boolean first = text.isEmpty();
            Position before = node.parent().orElseThrow().position();
            text.append(first ? "" : " ")
                    .append(Line.number(before, first))
                    .append(San.write(before, node.move()))
                    .append(signs.apply(node));
        }
        Node end = line.get(line.size() - 1);
        end.annotation().verdict().ifPresent(v -> text.append("  ").append(v.symbol()));
        return text.toString();
    }
}
