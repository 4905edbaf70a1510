package org.zeroply.desktop.work;

import java.util.List;
import java.util.Optional;
import java.util.OptionalLong;
import java.util.function.Consumer;
import javafx.beans.property.IntegerProperty;
import javafx.beans.property.ObjectProperty;
import javafx.beans.property.SimpleIntegerProperty;
import javafx.beans.property.SimpleObjectProperty;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.PieceType;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.board.Side;
import org.zeroply.chess.notation.NotationException;
import org.zeroply.chess.notation.San;
import org.zeroply.chess.tree.EngineCheck;
import org.zeroply.chess.tree.MoveTree;
import org.zeroply.chess.tree.Node;
import org.zeroply.chess.tree.TreeEditor;
import org.zeroply.engine.analysis.Score;

/** An open move tree and the place in it: what the board and the line sheet of a desk show. */
public final class TreeSession {

    private final ObjectProperty<Node> current = new SimpleObjectProperty<>();
    private final IntegerProperty revision = new SimpleIntegerProperty();
    private TreeEditor editor;
    private OptionalLong id = OptionalLong.empty();
    private Consumer<TreeSession> onChange = s -> {};

    public TreeSession() {
        open(new MoveTree(Position.START), OptionalLong.empty());
    }

    /** Calls this after every change of the tree, to save it. */
    public void onChange(Consumer<TreeSession> handler) {
        onChange = handler;
    }

    /** Opens a tree; the id is that of its sheet in the library. */
    public void open(MoveTree tree, OptionalLong sheetId) {
        id = sheetId;
        editor = new TreeEditor(tree);
        editor.onChange(this::changed);
        current.set(tree.root());
        revision.set(revision.get() + 1);
    }

    private void changed() {
        if (!isInTree(current.get())) {
            Node node = current.get();
            while (!isInTree(node)) {
                node = node.parent().orElse(tree().root());
            }
            current.set(node);
        }
        revision.set(revision.get() + 1);
        onChange.accept(this);
    }

    private boolean isInTree(Node node) {
        Node n = node;
        while (n.parent().isPresent()) {
            if (!n.parent().get().children().contains(n)) {
                return false;
            }
            n = n.parent().get();
        }
        return n.equals(tree().root());
    }

    /** The tree. */
    public MoveTree tree() {
        return editor.tree();
    }

    /** Changes to the tree go through here. */
    public TreeEditor editor() {
        return editor;
    }

    /** Id of the sheet in the library, if it is there. */
    public OptionalLong id() {
        return id;
    }

    /** Remembers under which id the tree was added to the library. */
    public void setId(long value) {
        id = OptionalLong.of(value);
    }

    /** The node shown on the board. */
    public ObjectProperty<Node> currentProperty() {
        return current;
    }

    /** Counts up with every change of the tree. */
    public IntegerProperty revisionProperty() {
        return revision;
    }

    /** The node shown on the board. */
    public Node current() {
        return current.get();
    }

    /** Goes to a node of the tree. */
    public void go(Node node) {
        current.set(node);
    }

    /** One move on along the main continuation. */
    public void forward() {
        current().mainChild().ifPresent(this::go);
    }

    /** One move back. */
    public void back() {
        current().parent().ifPresent(this::go);
    }

    /** To the start. */
    public void toStart() {
        go(tree().root());
    }

    /** To the end of the line. */
    public void toEnd() {
        go(current().mainLineEnd());
    }

    /** To the next or previous sibling variation. */
    public void sibling(int by) {
        current()
                .parent()
                .ifPresent(
                        p -> {
                            int index = p.children().indexOf(current()) + by;
                            if (index >= 0 && index < p.children().size()) {
                                go(p.children().get(index));
                            }
                        });
    }

    /** Plays a move made with the mouse; a promotion becomes a queen. Whether it was legal. */
    public boolean play(int from, int to) {
        Position p = current().position();
        Optional<Move> move =
                p.findMove(from, to, Optional.empty())
                        .or(() -> p.findMove(from, to, Optional.of(PieceType.QUEEN)));
        move.ifPresent(m -> go(editor.add(current(), m)));
        return move.isPresent();
    }

    /**
     * Plays a typed move.
     *
     * @throws NotationException naming the candidates
     */
    public void play(String san) throws NotationException {
        go(editor.add(current(), San.read(current().position(), san)));
    }

    /** Adds a line from here, with what the engine found at its end, and stays here. */
    public void adopt(List<Move> line, Score score, int depth, long nodes, String engine) {
        boolean white = current().position().sideToMove() == Side.WHITE;
        EngineCheck check = score.check(white, depth, nodes, engine);
        Node end = editor.addLine(current(), line);
        editor.annotate(end, a -> a.withCheck(Optional.of(check)));
    }
}
