package org.zeroply.coach.exercise.scheme;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.notation.Line;
import org.zeroply.chess.tree.MoveTree;
import org.zeroply.chess.tree.Node;
import org.zeroply.chess.tree.PointRule;
import org.zeroply.chess.tree.Verdict;

/**
 * The points of an exercise as a list of items, in the order of the tree.
 *
 * <p>A move and the siblings marked as equal to it are one choice: reaching any of them earns the
 * items of the main one (or, if that has none, of the first that has). Points on a tempting move do
 * not count.
 */
public final class MarkingScheme {

    private final MoveTree tree;
    private final List<Item> items;
    private final Map<Position, List<Node>> byPosition = new HashMap<>();

    /**
     * One way to earn points.
     *
     * @param node the move that earns them
     * @param rule how many and on what condition
     * @param choice the node and those that are as good as it
     */
    public record Item(Node node, PointRule rule, List<Node> choice) {
        public Item {
            choice = List.copyOf(choice);
        }

        /** The line up to the move, with move numbers. */
        public String line() {
            return Line.to(node);
        }

        /** The scheme's verdict for the line: on the move, after it, or on the way to it. */
        public Optional<Verdict> verdict() {
            Optional<Verdict> below = MoveTree.verdictBelow(node);
            Node n = node;
            while (below.isEmpty() && n.parent().isPresent()) {
                n = n.parent().get();
                below = n.annotation().verdict();
            }
            return below;
        }
    }

    private MarkingScheme(MoveTree tree, List<Item> items) {
        this.tree = tree;
        this.items = List.copyOf(items);
        tree.visit(n -> byPosition.computeIfAbsent(n.position(), p -> new ArrayList<>()).add(n));
    }

    /** The scheme written on a tree. */
    public static MarkingScheme of(MoveTree tree) {
        List<Item> items = new ArrayList<>();
        tree.visit(
                node -> {
                    if (node.isRoot() || node.annotation().scheme().tempting()) {
                        return;
                    }
                    List<Node> choice = choice(node);
                    if (bearer(choice) == node) {
                        node.annotation()
                                .scheme()
                                .points()
                                .forEach(rule -> items.add(new Item(node, rule, choice)));
                    }
                });
        return new MarkingScheme(tree, items);
    }

    private static List<Node> choice(Node node) {
        List<Node> siblings = node.parent().orElseThrow().children();
        Node main = siblings.get(0);
        List<Node> equal =
                siblings.stream()
                        .filter(n -> n == main || n.annotation().scheme().equal())
                        .filter(n -> !n.annotation().scheme().tempting())
                        .toList();
        return equal.contains(node) ? equal : List.of(node);
    }

    private static Node bearer(List<Node> choice) {
        return choice.stream()
                .filter(n -> !n.annotation().scheme().points().isEmpty())
                .findFirst()
                .orElse(choice.get(0));
    }

    /** The tree that the scheme is written on. */
    public MoveTree tree() {
        return tree;
    }

    /** All items. */
    public List<Item> items() {
        return items;
    }

    /** The last move of the main line that earns points; what follows only shows. */
    public Optional<Node> end() {
        return tree.mainLine().stream()
                .filter(n -> !n.annotation().scheme().points().isEmpty())
                .reduce((earlier, later) -> later);
    }

    /** The solver's moves up to the {@link #end}. */
    public int ownMoves() {
        return end().map(n -> (n.depth() + 1) / 2).orElse(0);
    }

    /** The nodes of the scheme that have this position, by whatever order of moves. */
    public List<Node> at(Position position) {
        return byPosition.getOrDefault(position, List.of());
    }

    /** What the items add up to: of each group the best one, and all that are in no group. */
    public int sum() {
        return sum(items);
    }

    /** What the items after a move add up to, those on the move itself left out. */
    public int sumBelow(Node node) {
        return sum(
                items.stream().filter(i -> i.node() != node && i.node().isWithin(node)).toList());
    }

    private static int sum(List<Item> items) {
        Map<String, Integer> groups = new HashMap<>();
        int sum = 0;
        for (Item item : items) {
            if (item.rule().group().isPresent()) {
                groups.merge(item.rule().group().get(), item.rule().points(), Math::max);
            } else {
                sum += item.rule().points();
            }
        }
        return sum + groups.values().stream().mapToInt(p -> p).sum();
    }
}
