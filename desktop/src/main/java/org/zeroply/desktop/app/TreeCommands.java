package org.zeroply.desktop.app;

import java.util.ArrayList;
import java.util.List;
import org.zeroply.chess.notation.PgnWriter;
import org.zeroply.desktop.controls.Command;
import org.zeroply.desktop.controls.Desk;
import org.zeroply.desktop.sheet.MoveCommands;
import org.zeroply.desktop.texts.Texts;
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
    List<Command> list() {
        List<Command> all = new ArrayList<>();
        all.add(new Command(Texts.of("app.one-move-on"), "Right", session::forward));
        all.add(new Command(Texts.of("app.one-move-back"), "Left", session::back));
        all.add(new Command(Texts.of("app.next-variation"), "Down", () -> session.sibling(1)));
        all.add(new Command(Texts.of("app.previous-variation"), "Up", () -> session.sibling(-1)));
        all.add(new Command(Texts.of("app.to-the-start"), "Home", session::toStart));
        all.add(new Command(Texts.of("app.to-the-end"), "End", session::toEnd));
        all.add(new Command(Texts.of("app.undo"), "Shortcut+Z", desk::undo));
        all.add(new Command(Texts.of("app.redo"), "Shortcut+Y", desk::redo));
        if (desk.isOpenBook()) {
            all.addAll(new MoveCommands(session, services.messages()).list());
        }
        all.addAll(ofPosition());
        return all;
    }

    /** What can be done with the present position. */
    List<Command> ofPosition() {
        return List.of(
                new Command(
                        Texts.of("app.copy-the-position-as-fen"), "Shortcut+C", this::copyPosition),
                new Command(
                        Texts.of("app.copy-the-sheet-as-pgn"),
                        "Shortcut+Shift+C",
                        this::copySheet));
    }

    private void copyPosition() {
        intake.copy(Texts.of("app.the-position"), session.current().position().fen());
    }

    private void copySheet() {
        intake.copy(Texts.of("app.the-sheet"), PgnWriter.write(session.tree()));
    }
}
