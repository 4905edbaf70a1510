package org.zeroply.desktop.work;

import java.util.concurrent.Callable;
import java.util.concurrent.TimeUnit;
import javafx.geometry.Point2D;
import javafx.scene.Node;
import javafx.scene.input.ContextMenuEvent;
import org.testfx.util.WaitForAsyncUtils;

/** Doing things on the interface thread in tests of models, which have no window. */
public final class Fx {

    private Fx() {}

    /** Does something there and waits for it. */
    public static void run(Runnable work) {
        WaitForAsyncUtils.waitForAsyncFx(20_000, work);
    }

    /** Waits until something is so there. */
    public static void until(Callable<Boolean> condition) throws Exception {
        WaitForAsyncUtils.waitFor(
                60,
                TimeUnit.SECONDS,
                () -> WaitForAsyncUtils.asyncFx(condition).get(20, TimeUnit.SECONDS));
    }

    /** The event that a right button makes; the headless platform makes none of its own. */
    public static void askForMenu(Node node) {
        Point2D at = node.localToScreen(5, 5);
        run(
                () ->
                        node.fireEvent(
                                new ContextMenuEvent(
                                        ContextMenuEvent.CONTEXT_MENU_REQUESTED,
                                        5,
                                        5,
                                        at.getX(),
                                        at.getY(),
                                        false,
                                        null)));
    }
}
