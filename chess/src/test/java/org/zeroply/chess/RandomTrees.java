package org.zeroply.chess;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.tree.EngineCheck;
import org.zeroply.chess.tree.Mark;
import org.zeroply.chess.tree.MoveTree;
import org.zeroply.chess.tree.Node;
import org.zeroply.chess.tree.PointRule;
import org.zeroply.chess.tree.TreeEditor;
import org.zeroply.chess.tree.Verdict;

/** Random games and edits for properties; the same seed gives the same ones. */
public final class RandomTrees {

    private static final String[] WORDS = {
        "the",
        "idea",
        "(better)",
        "24.Rxe6",
        "%odd",
        "[%clk 0:01:20]",
        "\"quoted\"",
        "naïve",
        "$1",
        "c5;c4",
        "a } brace",
        "1-0",
        "*",
        "\u2028",
        "[%zp.pts many]",
        "[%unknown x y]"
    };

    private RandomTrees() {}

    /** A tree with variations and every kind of annotation. */
    public static TreeEditor tree(Random random, int edits) {
        Position start = random.nextBoolean() ? Position.START : RandomPositions.after(random, 30);
        TreeEditor editor = new TreeEditor(new MoveTree(start));
        for (int i = 0; i < edits; i++) {
            edit(editor, random);
        }
        return editor;
    }

    /** One random change. */
    public static void edit(TreeEditor editor, Random random) {
        List<Node> nodes = editor.tree().nodes();
        Node node = nodes.get(random.nextInt(nodes.size()));
        switch (random.nextInt(12)) {
            case 0 -> editor.comment(node, words(random));
            case 1 -> editor.verdict(node, Optional.of(Verdict.values()[random.nextInt(9)]));
            case 2 -> editor.toggleMark(node, new Mark(Mark.Meaning.IDEA, List.of(12, 28)));
            case 3 -> editor.points(node, List.of(new PointRule(3, true, Optional.of("a"))));
            case 4 -> editor.grade(node, 1 + random.nextInt(6));
            case 5 -> editor.annotate(node, a -> a.withBefore(words(random)).withEqual(true));
            case 6 ->
                    editor.annotate(
                            node,
                            a -> a.withCheck(Optional.of(new EngineCheck(false, 3, 9, 99, "zp"))));
            case 7 -> {
                if (!node.isRoot()) {
                    editor.promote(node);
                }
            }
            case 8 -> {
                if (!node.isRoot() && random.nextInt(4) == 0) {
                    editor.delete(node);
                }
            }
            default -> grow(editor, node, random);
        }
    }

    private static void grow(TreeEditor editor, Node node, Random random) {
        List<Move> line = new ArrayList<>();
        Position p = node.position();
        for (int i = 0; i < 6 && !p.legalMoves().isEmpty(); i++) {
            Move move = p.legalMoves().get(random.nextInt(p.legalMoves().size()));
            line.add(move);
            p = p.play(move);
        }
        editor.addLine(node, line);
    }

    private static String words(Random random) {
        StringBuilder text = new StringBuilder();
        for (int i = random.nextInt(25); i >= 0; i--) {
            text.append(WORDS[random.nextInt(WORDS.length)]).append(' ');
        }
        return text.toString().strip();
    }
}
