package org.zeroply.desktop.work;

import java.util.ArrayDeque;
import java.util.Deque;

/** What was done at a desk, in its order: the last of it is taken back first, wherever it was. */
public final class UndoTrail {

    /** Acts remembered; the histories of the sheets themselves reach further back. */
    static final int KEPT = 500;

    /** Something that was done and can be taken back and made again. */
    public interface Act {

        /**
         * Takes it back.
         *
         * @return false if that cannot be done any more
         */
        boolean undo();

        /**
         * Does it again.
         *
         * @return false if that cannot be done any more
         */
        boolean redo();
    }

    private final Deque<Act> done = new ArrayDeque<>();
    private final Deque<Act> undone = new ArrayDeque<>();

    /** Notes that something was done; what was taken back before cannot be made again now. */
    public void did(Act act) {
        done.push(act);
        undone.clear();
        if (done.size() > KEPT) {
            done.removeLast();
        }
    }

    /** Notes that something was done that can always be taken back and made again. */
    public void did(Runnable undo, Runnable redo) {
        did(
                new Act() {
                    @Override
                    public boolean undo() {
                        undo.run();
                        return true;
                    }

                    @Override
                    public boolean redo() {
                        redo.run();
                        return true;
                    }
                });
    }

    /** Takes the last act back; false when there is none. */
    public boolean undo() {
        while (!done.isEmpty()) {
            Act act = done.pop();
            if (act.undo()) {
                undone.push(act);
                return true;
            }
        }
        return false;
    }

    /** Makes the act again that was taken back last; false when there is none. */
    public boolean redo() {
        while (!undone.isEmpty()) {
            Act act = undone.pop();
            if (act.redo()) {
                done.push(act);
                return true;
            }
        }
        return false;
    }
}
