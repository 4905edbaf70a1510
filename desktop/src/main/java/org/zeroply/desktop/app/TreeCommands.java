package org.zeroply.desktop.app;

import java.util.ArrayList;
import java.util.List;
import org.zeroply.chess.notation.PgnWriter;
import org.zeroply.chess.tree.Node;
import org.zeroply.desktop.controls.Desk;
import org.zeroply.desktop.work.Services;
import org.zeroply.desktop.work.TreeSession;

/** What can be done on every desk with the tree on its board: going through it, changing it. */
final class TreeCommands {

    private final Desk desk;
    private final TreeSession session;
    private final Services services;
    private final Intake intake;

    /**
     * @param desk the desk in front
     * @param intake puts texts on the clipboard
     */
    TreeCommands(Desk desk, Services services, Intake intake) {
        this.desk = desk;
        this.services = services;
        this.intake = intake;
        session = desk.session();
    }

    /** The commands; those that change the tree only where the book is open. */
    List<Desk.Command> list() {
        List<Desk.Command> all = new ArrayList<>();
        all.add(new Desk.Command("One move on", "Right", session::forward));
        all.add(new Desk.Command("One move back", "Left", session::back));
        all.add(new Desk.Command("Next variation", "Down", () -> session.sibling(1)));
        all.add(new Desk.Command("Previous variation", "Up", () -> session.sibling(-1)));
        all.add(new Desk.Command("To the start", "Home", session::toStart));
        all.add(new Desk.Command("To the end", "End", session::toEnd));
        if (desk.isOpenBook()) {
            all.add(new Desk.Command("Undo", "Shortcut+Z", () -> session.editor().undo()));
            all.add(new Desk.Command("Redo", "Shortcut+Y", () -> session.editor().redo()));
            all.add(new Desk.Command("Delete from here", "Delete", this::deleteHere));
            all.add(new Desk.Command("Promote the variation", "Shortcut+Up", this::promote));
            all.add(new Desk.Command("Demote the variation", "Shortcut+Down", this::demote));
        }
        all.add(new Desk.Command("Copy the position as FEN", "Shortcut+C", this::copyPosition));
        all.add(new Desk.Command("Copy the sheet as PGN", "Shortcut+Shift+C", this::copySheet));
        return all;
    }

    private void deleteHere() {
        if (!session.current().isRoot()) {
            session.editor().delete(session.current());
            services.background().say("Deleted. Ctrl+Z brings it back.");
        }
    }

    private void promote() {
        Node node = session.current();
        if (!node.isRoot()) {
            session.editor().promote(node);
        }
    }

    private void demote() {
        Node node = session.current();
        if (!node.isRoot()) {
            session.editor().demote(node);
        }
    }

    private void copyPosition() {
        intake.copy("The position", session.current().position().fen());
    }

    private void copySheet() {
        intake.copy("The sheet", PgnWriter.write(session.tree()));
    }
}
