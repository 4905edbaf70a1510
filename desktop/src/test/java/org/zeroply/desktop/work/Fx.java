package org.zeroply.desktop.work;

import java.util.concurrent.Callable;
import java.util.concurrent.TimeUnit;
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
}
