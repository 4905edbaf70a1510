package org.zeroply.chess.tree;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.Position;

/**
 * One move of a {@link MoveTree} with the position it leads to. Changed only by a {@link
 * TreeEditor}.
 */
public final class Node {

    private final Node parent;
    private final Move move;
    private final Position position;
    private List<Node> children = List.of();
    private Annotation annotation = Annotation.NONE;

    Node(Position start) {
        this.parent = null;
        this.move = Move.NULL;
        this.position = start;
    }

    Node(Node parent, Move move) {
        this.parent = parent;
        this.move = move;
        this.position = parent.position.play(move);
    }

    /** A root like another one, without what follows. */
    Node(Node root) {
        this(root.position);
        annotation = root.annotation;
    }

    /** A node like another one under a parent, without what follows. */
    Node(Node parent, Node like) {
        this.parent = parent;
        this.move = like.move;
        this.position = like.position;
        this.annotation = like.annotation;
    }

    /** Whether this is the start of the tree, before any move. */
    public boolean isRoot() {
        return parent == null;
    }

    /** The node before this one; empty for the root. */
    public Optional<Node> parent() {
        return Optional.ofNullable(parent);
    }

    /** The move that led here; the null move at the root or where a side passed. */
    public Move move() {
        return move;
    }

    /** The position after the move. */
    public Position position() {
        return position;
    }

    /** The moves from here; the first one continues the main line. */
    public List<Node> children() {
        return children;
    }

    /** The continuation of the main line, if there is one. */
    public Optional<Node> mainChild() {
        return children.isEmpty() ? Optional.empty() : Optional.of(children.get(0));
    }

    /** The child reached by a move, if it is in the tree. */
    public Optional<Node> child(Move wanted) {
        return children.stream().filter(c -> c.move.equals(wanted)).findFirst();
    }

    /** The last node on the way of some moves from here, as far as they are in the tree. */
    public Node along(List<Move> moves) {
        Node n = this;
        for (Move wanted : moves) {
            Optional<Node> next = n.child(wanted);
            if (next.isEmpty()) {
                return n;
            }
            n = next.get();
        }
        return n;
    }

    /** What is said about the move. */
    public Annotation annotation() {
        return annotation;
    }

    /** The nodes from the first move to this one; empty for the root. */
    public List<Node> path() {
        List<Node> path = new ArrayList<>();
        for (Node n = this; !n.isRoot(); n = n.parent) {
            path.add(0, n);
        }
        return path;
    }

    /** Number of moves from the root. */
    public int depth() {
        int depth = 0;
        for (Node n = this; !n.isRoot(); n = n.parent) {
            depth++;
        }
        return depth;
    }

    /** Whether another node lies on the way to this one, or is this one. */
    public boolean isWithin(Node other) {
        for (Node n = this; n != null; n = n.parent) {
            if (n == other) {
                return true;
            }
        }
        return false;
    }

    /** The last node of the main line from here. */
    public Node mainLineEnd() {
        Node n = this;
        while (!n.children.isEmpty()) {
            n = n.children.get(0);
        }
        return n;
    }

    void setChildren(List<Node> list) {
        children = List.copyOf(list);
    }

    void setAnnotation(Annotation value) {
        annotation = value;
    }
}
