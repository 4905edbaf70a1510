package org.zeroply.chess.tree;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Collections;
import java.util.Deque;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Consumer;
import org.zeroply.chess.board.Position;

/**
 * A game, an analysis, a marking scheme, a written answer or a repertoire chapter: tags, a start
 * position, and moves with variations. Changed only by a {@link TreeEditor}.
 */
public final class MoveTree {

    /** The result of a game that has none. */
    public static final String NO_RESULT = GameResult.NONE;

    private Map<String, String> tags = Map.of();
    private final Node root;
    private final String terminator;

    public MoveTree(Position start) {
        this(new Node(start), Map.of(), NO_RESULT);
    }

    private MoveTree(Node root, Map<String, String> tags, String terminator) {
        this.root = root;
        this.tags = tags;
        this.terminator = terminator;
    }

    /** A tree of its own with the same content, for work beside whoever edits this one. */
    public MoveTree copy() {
        Node copied = new Node(root);
        Deque<Node> from = new ArrayDeque<>(List.of(root));
        Deque<Node> to = new ArrayDeque<>(List.of(copied));
        while (!from.isEmpty()) {
            Node parent = to.pop();
            List<Node> children = new ArrayList<>();
            for (Node child : from.pop().children()) {
                Node twin = new Node(parent, child);
                children.add(twin);
                from.push(child);
                to.push(twin);
            }
            parent.setChildren(children);
        }
        return new MoveTree(copied, tags, terminator);
    }

    /**
     * The same moves, with another result where the tag does not tell it; the tags are left out.
     */
    public MoveTree withTerminator(String result) {
        return new MoveTree(root, Map.of(), result);
    }

    /** The node before the first move. */
    public Node root() {
        return root;
    }

    /** The position before the first move. */
    public Position start() {
        return root.position();
    }

    /** All tags in their order. */
    public Map<String, String> tags() {
        return tags;
    }

    /** The value of a tag, or an empty text. */
    public String tag(String name) {
        return tags.getOrDefault(name, "");
    }

    /**
     * The result as PGN has it: {@code 1-0}, {@code 0-1}, {@code 1/2-1/2} or {@code *}; where the
     * tag cannot be understood, what stands at the end of the moves.
     */
    public String result() {
        return GameResult.of(tag("Result")).orElse(terminator);
    }

    /** The nodes of the main line, without the root. */
    public List<Node> mainLine() {
        return root.mainLineEnd().path();
    }

    /** Visits every node in the order of writing, the root first. */
    public void visit(Consumer<Node> visitor) {
        Deque<Node> open = new ArrayDeque<>();
        open.push(root);
        while (!open.isEmpty()) {
            Node n = open.pop();
            visitor.accept(n);
            for (int i = n.children().size() - 1; i >= 0; i--) {
                open.push(n.children().get(i));
            }
        }
    }

    /** All nodes, the root first. */
    public List<Node> nodes() {
        List<Node> nodes = new ArrayList<>();
        visit(nodes::add);
        return nodes;
    }

    /** The nodes whose position is equal to this one: transpositions of each other. */
    public List<Node> at(Position position) {
        return nodes().stream().filter(n -> n.position().equals(position)).toList();
    }

    /** The node that the child indexes lead to from the root, as far as they exist. */
    public Node follow(List<Integer> indexes) {
        Node n = root;
        for (int index : indexes) {
            if (index >= n.children().size()) {
                return n;
            }
            n = n.children().get(index);
        }
        return n;
    }

    /** The child indexes that lead to a node of this tree. */
    public static List<Integer> address(Node node) {
        List<Integer> indexes = new ArrayList<>();
        for (Node n : node.path()) {
            indexes.add(n.parent().map(p -> p.children().indexOf(n)).orElse(0));
        }
        return indexes;
    }

    /** The first verdict on the main line from a node on, the node itself included. */
    public static Optional<Verdict> verdictBelow(Node node) {
        for (Node n = node; ; n = n.children().get(0)) {
            if (n.annotation().verdict().isPresent() || n.children().isEmpty()) {
                return n.annotation().verdict();
            }
        }
    }

    void setTags(Map<String, String> values) {
        tags = Collections.unmodifiableMap(new LinkedHashMap<>(values));
    }
}
