package org.zeroply.desktop.sheet;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.zeroply.chess.notation.Line;
import org.zeroply.chess.tree.Nag;
import org.zeroply.chess.tree.Node;
import org.zeroply.chess.tree.Verdict;
import org.zeroply.desktop.controls.Command;
import org.zeroply.desktop.controls.Menus;
import org.zeroply.desktop.controls.Widgets;
import org.zeroply.desktop.texts.Texts;
import org.zeroply.desktop.work.Messages;
import org.zeroply.desktop.work.TreeSession;

/** What can be done with the present move of a sheet. */
public final class MoveCommands {

    static final List<Integer> GRADES =
            List.of(
                    Nag.GOOD,
                    Nag.MISTAKE,
                    Nag.BRILLIANT,
                    Nag.BLUNDER,
                    Nag.INTERESTING,
                    Nag.DUBIOUS);

    private final TreeSession session;
    private final Messages messages;

    public MoveCommands(TreeSession session, Messages messages) {
        this.session = session;
        this.messages = messages;
    }

    /** Those that have keys. */
    public List<Command> list() {
        return List.of(
                new Command(Texts.of("sheet.delete-from-here"), "Delete", this::delete),
                new Command(Texts.of("sheet.promote-the-variation"), "Shortcut+Up", this::promote),
                new Command(Texts.of("sheet.demote-the-variation"), "Shortcut+Down", this::demote));
    }

    /** All of them, for the menu of a move. */
    public List<Command> menu() {
        List<Command> all = new ArrayList<>();
        for (int grade : GRADES) {
            all.add(Command.of(Texts.of("sheet.grade", Nag.show(grade)), () -> grade(grade)));
        }
        all.add(Menus.LINE);
        for (Verdict verdict : Verdict.values()) {
            all.add(
                    Command.of(
                            Texts.of("sheet.verdict", verdict.symbol(), verdict.words()),
                            () -> toggle(verdict)));
        }
        all.add(Menus.LINE);
        all.add(new Command(Texts.of("sheet.promote-the-variation"), "Shortcut+Up", this::promote));
        all.add(new Command(Texts.of("sheet.demote-the-variation"), "Shortcut+Down", this::demote));
        all.add(Command.of(Texts.of("sheet.copy-the-line-to-here"), this::copyLine));
        all.add(Menus.LINE);
        all.add(new Command(Texts.of("sheet.delete-from-here"), "Delete", this::delete));
        return all;
    }

    void grade(int nag) {
        if (!session.current().isRoot()) {
            session.editor().grade(session.current(), nag);
        }
    }

    /** The coach's verdict on the present move; the same again takes it away. */
    void toggle(Verdict verdict) {
        boolean same = session.current().annotation().verdict().equals(Optional.of(verdict));
        session.editor().verdict(session.current(), same ? Optional.empty() : Optional.of(verdict));
    }

    private void copyLine() {
        Widgets.toClipboard(Line.to(session.current()));
        messages.say(Texts.of("sheet.the-line-is-on-the"));
    }

    private void delete() {
        Node node = session.current();
        if (node.isRoot()) {
            messages.say(Texts.of("sheet.go-to-the-move-that"));
            return;
        }
        int moves = count(node);
        session.editor().delete(node);
        messages.say(
                moves == 1
                        ? Texts.of("sheet.1-move-deleted")
                        : Texts.of("sheet.moves-deleted", moves),
                new Messages.Action(Texts.of("sheet.undo"), session::undo));
    }

    private static int count(Node node) {
        int moves = 0;
        List<Node> open = new ArrayList<>(List.of(node));
        while (!open.isEmpty()) {
            Node next = open.remove(open.size() - 1);
            moves++;
            open.addAll(next.children());
        }
        return moves;
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
}
