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
import org.zeroply.library.sheet.SheetStep;

/** An open move tree and the place in it: what the board and the line sheet of a desk show. */
public final class TreeSession {

    private final ObjectProperty<Node> current = new SimpleObjectProperty<>();
    private final IntegerProperty revision = new SimpleIntegerProperty();
    private final UndoTrail trail = new UndoTrail();
    private TreeEditor editor;
    private OpenSheet sheet = new OpenSheet(new MoveTree(Position.START), OptionalLong.empty());
    private Consumer<SheetStep> onChange = s -> {};
    private History history = History.NONE;
    private SheetStep step = SheetStep.CHANGE;

    /** What is known of the changes of sheets beyond what was done since they were opened. */
    interface History {
        History NONE =
                new History() {
                    @Override
                    public void step(SheetStep step) {}

                    @Override
                    public void step(OpenSheet sheet, SheetStep step) {}
                };

        /** Takes the open sheet a step through its history. */
        void step(SheetStep step);

        /** Takes a sheet that is no longer open a step through its history, and opens it. */
        void step(OpenSheet sheet, SheetStep step);
    }

    public TreeSession() {
        clear();
    }

    /** Calls this after every change of the tree, to save it. */
    void onChange(Consumer<SheetStep> handler) {
        onChange = handler;
    }

    /** Asks this where the changes since the opening do not reach. */
    void setHistory(History value) {
        history = value;
    }

    /** Opens a tree; the id is that of its sheet in the library. */
    public void open(MoveTree tree, OptionalLong sheetId) {
        sheet = new OpenSheet(tree.copy(), sheetId);
        put(tree, tree.root());
    }

    /** Opens a tree without moves that is nowhere in the library. */
    public void clear() {
        open(new MoveTree(Position.START), OptionalLong.empty());
    }

    private void put(MoveTree tree, Node place) {
        editor = new TreeEditor(tree);
        editor.onChange(this::changed);
        current.set(place);
        revision.set(revision.get() + 1);
    }

    /** Puts another state of the open sheet in the place of the present one. */
    void replace(MoveTree tree, SheetStep how) {
        show(tree);
        onChange.accept(how);
    }

    /** Shows another state of what is open, which is kept already; the place stays if it can. */
    public void show(MoveTree tree) {
        Node place = tree.root();
        for (Node n : current().path()) {
            Optional<Node> next = place.child(n.move());
            if (next.isEmpty()) {
                break;
            }
            place = next.get();
        }
        put(tree, place);
    }

    /** What was done here, this sheet and others. */
    public UndoTrail trail() {
        return trail;
    }

    /** The sheet that is open. */
    public OpenSheet sheet() {
        return sheet;
    }

    /**
     * Takes back what was done last, here or in a sheet that was open before, or once upon a time.
     */
    public void undo() {
        if (!trail.undo()) {
            step(SheetStep.UNDO);
        }
    }

    /** Makes again what was taken back last. */
    public void redo() {
        if (!trail.redo()) {
            step(SheetStep.REDO);
        }
    }

    private void step(SheetStep how) {
        boolean here = how == SheetStep.UNDO ? editor.canUndo() : editor.canRedo();
        if (!here) {
            history.step(how);
            return;
        }
        step = how;
        try {
            if (how == SheetStep.UNDO) {
                editor.undo();
            } else {
                editor.redo();
            }
        } finally {
            step = SheetStep.CHANGE;
        }
    }

    private final class ChangeOf implements UndoTrail.Act {
        private final OpenSheet changed = sheet;

        @Override
        public boolean undo() {
            return step(SheetStep.UNDO);
        }

        @Override
        public boolean redo() {
            return step(SheetStep.REDO);
        }

        private boolean step(SheetStep how) {
            boolean sameSheet = changed.id().isPresent() && changed.id().equals(sheet.id());
            if (changed == sheet || sameSheet) {
                TreeSession.this.step(how);
                return true;
            }
            // A sheet that never came into the library is gone with its board.
            changed.id().ifPresent(id -> history.step(changed, how));
            return changed.id().isPresent();
        }
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
        if (step == SheetStep.CHANGE) {
            trail.did(new ChangeOf());
        }
        onChange.accept(step);
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
        return sheet.id();
    }

    /** Whether the sheet with this id is open. */
    public boolean isOpen(long sheetId) {
        return id().equals(OptionalLong.of(sheetId));
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
        return play(from, to, Optional.empty());
    }

    /**
     * Plays a move made with the mouse.
     *
     * @param promotion what a pawn becomes; a queen where that is not said
     * @return whether it was legal
     */
    public boolean play(int from, int to, Optional<PieceType> promotion) {
        Position p = current().position();
        Optional<Move> move =
                p.findMove(from, to, promotion)
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
