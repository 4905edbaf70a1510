package org.zeroply.chess.tree;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.UnaryOperator;
import org.zeroply.chess.board.Move;

/**
 * The only way to change a {@link MoveTree}; every change can be undone and redone. A change that
 * leaves everything as it was is not recorded. Not safe for use by several threads at once.
 */
public final class TreeEditor {

    private final MoveTree tree;
    private final Deque<Edit> done = new ArrayDeque<>();
    private final Deque<Edit> undone = new ArrayDeque<>();
    private final List<Runnable> listeners = new ArrayList<>();

    /** The changes being made together; null when each stands for itself. */
    private List<Edit> together;

    public TreeEditor(MoveTree tree) {
        this.tree = tree;
    }

    /** The tree being edited. */
    public MoveTree tree() {
        return tree;
    }

    /** Calls this after every change, undo and redo. */
    public void onChange(Runnable listener) {
        listeners.add(listener);
    }

    /**
     * The child reached by a move; added as the last variation when it is new.
     *
     * @throws IllegalArgumentException if the move is not legal
     */
    public Node add(Node at, Move move) {
        Optional<Node> known = at.child(move);
        if (known.isPresent()) {
            return known.get();
        }
        Node added = new Node(at, move);
        List<Node> children = new ArrayList<>(at.children());
        children.add(added);
        run(new Children(at, at.children(), children));
        return added;
    }

    /** Adds a line of moves as one change, and gives its last node. */
    public Node addLine(Node at, List<Move> moves) {
        Node known = at.along(moves);
        int i = known.depth() - at.depth();
        if (i == moves.size()) {
            return known;
        }
        Node first = new Node(known, moves.get(i++));
        Node last = first;
        for (; i < moves.size(); i++) {
            Node next = new Node(last, moves.get(i));
            last.setChildren(List.of(next));
            last = next;
        }
        List<Node> children = new ArrayList<>(known.children());
        children.add(first);
        run(new Children(known, known.children(), children));
        return last;
    }

    /** Removes a move and everything after it. The root cannot be removed. */
    public void delete(Node node) {
        Node parent = parentOf(node);
        List<Node> children = new ArrayList<>(parent.children());
        children.remove(node);
        run(new Children(parent, parent.children(), children));
    }

    /** Removes all moves after a node. */
    public void deleteRest(Node node) {
        run(new Children(node, node.children(), List.of()));
    }

    /** Moves a variation one place up among its siblings. */
    public void promote(Node node) {
        move(node, -1);
    }

    /** Moves a variation one place down among its siblings. */
    public void demote(Node node) {
        move(node, 1);
    }

    private void move(Node node, int by) {
        Node parent = parentOf(node);
        List<Node> children = new ArrayList<>(parent.children());
        int index = children.indexOf(node);
        int target = index + by;
        if (target >= 0 && target < children.size()) {
            children.remove(index);
            children.add(target, node);
            run(new Children(parent, parent.children(), children));
        }
    }

    /** Sets the comment after a move. */
    public void comment(Node node, String text) {
        annotate(node, a -> a.withAfter(text.strip()));
    }

    /** Sets the coach's verdict, or removes it. */
    public void verdict(Node node, Optional<Verdict> verdict) {
        annotate(node, a -> a.withVerdict(verdict));
    }

    /** Sets the glyph that grades the move, replacing another; the same glyph again removes it. */
    public void grade(Node node, int nag) {
        annotate(
                node,
                a -> {
                    List<Integer> nags = new ArrayList<>(a.nags());
                    boolean same = nags.contains(nag);
                    nags.removeIf(Nag::gradesMove);
                    if (!same) {
                        nags.add(0, nag);
                    }
                    return a.withNags(nags);
                });
    }

    /** Adds a mark; the same mark again removes it. */
    public void toggleMark(Node node, Mark mark) {
        annotate(
                node,
                a -> {
                    List<Mark> marks = new ArrayList<>(a.marks());
                    if (!marks.remove(mark)) {
                        marks.add(mark);
                    }
                    return a.withMarks(marks);
                });
    }

    /** Sets what a marking scheme gives for the move. */
    public void points(Node node, List<PointRule> rules) {
        annotate(node, a -> a.withPoints(rules));
    }

    /** Replaces what is said about the move. */
    public void annotate(Node node, UnaryOperator<Annotation> change) {
        run(new Annotated(node, node.annotation(), change.apply(node.annotation())));
    }

    /** Sets a tag; an empty value removes it. */
    public void tag(String name, String value) {
        Map<String, String> tags = new LinkedHashMap<>(tree.tags());
        if (value.isEmpty()) {
            tags.remove(name);
        } else {
            tags.put(name, value);
        }
        tags(tags);
    }

    /** Replaces all tags. */
    public void tags(Map<String, String> tags) {
        run(new Tagged(tree, tree.tags(), new LinkedHashMap<>(tags)));
    }

    /** Makes several changes one: they are undone together, and listeners hear of them once. */
    public void together(Runnable changes) {
        if (together != null) {
            changes.run();
            return;
        }
        together = new ArrayList<>();
        List<Edit> made = together;
        try {
            changes.run();
        } finally {
            together = null;
            if (!made.isEmpty()) {
                record(new Several(List.copyOf(made)));
            }
        }
    }

    /** Puts the moves after a node in the place of those that it has, with all that is said. */
    public void replaceRest(Node node, Node other) {
        together(
                () -> {
                    deleteRest(node);
                    graft(node, other);
                });
    }

    /** Adds the moves after another node, with what is said about those that are new. */
    public void graft(Node node, Node other) {
        together(
                () -> {
                    Deque<Node> to = new ArrayDeque<>(List.of(node));
                    Deque<Node> from = new ArrayDeque<>(List.of(other));
                    while (!from.isEmpty()) {
                        Node under = to.pop();
                        for (Node child : from.pop().children()) {
                            boolean known = under.child(child.move()).isPresent();
                            Node twin = add(under, child.move());
                            if (!known) {
                                annotate(twin, a -> child.annotation());
                            }
                            to.push(twin);
                            from.push(child);
                        }
                    }
                });
    }

    /** Whether there is something to undo. */
    public boolean canUndo() {
        return !done.isEmpty();
    }

    /** Whether there is something to redo. */
    public boolean canRedo() {
        return !undone.isEmpty();
    }

    /** Takes the last change back, if there is one. */
    public void undo() {
        if (canUndo()) {
            Edit edit = done.pop();
            edit.revert();
            undone.push(edit);
            changed();
        }
    }

    /** Makes the change that was last taken back again, if there is one. */
    public void redo() {
        if (canRedo()) {
            Edit edit = undone.pop();
            edit.apply();
            done.push(edit);
            changed();
        }
    }

    private void run(Edit edit) {
        if (edit.changesNothing()) {
            return;
        }
        edit.apply();
        if (together != null) {
            together.add(edit);
        } else {
            record(edit);
        }
    }

    private void record(Edit edit) {
        done.push(edit);
        undone.clear();
        changed();
    }

    private void changed() {
        List.copyOf(listeners).forEach(Runnable::run);
    }

    private static Node parentOf(Node node) {
        return node.parent()
                .orElseThrow(() -> new IllegalArgumentException("the start cannot be moved"));
    }

    private sealed interface Edit {
        void apply();

        void revert();

        boolean changesNothing();
    }

    private record Children(Node node, List<Node> before, List<Node> after) implements Edit {
        @Override
        public void apply() {
            node.setChildren(after);
        }

        @Override
        public void revert() {
            node.setChildren(before);
        }

        @Override
        public boolean changesNothing() {
            return before.equals(after);
        }
    }

    private record Several(List<Edit> edits) implements Edit {
        @Override
        public void apply() {
            edits.forEach(Edit::apply);
        }

        @Override
        public void revert() {
            for (int i = edits.size() - 1; i >= 0; i--) {
                edits.get(i).revert();
            }
        }

        @Override
        public boolean changesNothing() {
            return edits.stream().allMatch(Edit::changesNothing);
        }
    }

    private record Annotated(Node node, Annotation before, Annotation after) implements Edit {
        @Override
        public void apply() {
            node.setAnnotation(after);
        }

        @Override
        public void revert() {
            node.setAnnotation(before);
        }

        @Override
        public boolean changesNothing() {
            return before.equals(after);
        }
    }

    private record Tagged(MoveTree tree, Map<String, String> before, Map<String, String> after)
            implements Edit {
        @Override
        public void apply() {
            tree.setTags(after);
        }

        @Override
        public void revert() {
            tree.setTags(before);
        }

        @Override
        public boolean changesNothing() {
            return before.equals(after);
        }
    }
}
