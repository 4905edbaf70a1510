package org.zeroply.desktop.app;

import java.util.List;
import org.zeroply.desktop.controls.Dialogs;
import org.zeroply.desktop.work.Services;

/** Lets a library be closed once all is saved; else asks, as what is not saved would be lost. */
final class CloseGuard {

    private final Services services;
    private final Workbench bench;

    CloseGuard(Services services, Workbench bench) {
        this.services = services;
        this.bench = bench;
    }

    /**
     * Saves what is not saved yet, and goes on.
     *
     * @param then closes; called only when nothing is lost by it, or somebody wants it so
     */
    void close(Runnable then) {
        bench.flush();
        services.afterSaving(() -> saved(then));
        if (!services.saves().isClean()) {
            services.messages().say("Saving …");
        }
    }

    private void saved(Runnable then) {
        if (services.saves().isClean()) {
            then.run();
            return;
        }
        int count = services.saves().count();
        String sheets = count == 1 ? "1 sheet is" : count + " sheets are";
        bench.dialogs()
                .ask(
                        "Not everything is saved",
                        sheets
                                + " not in the library. "
                                + services.saves().problemProperty().get()
                                + " If you close now, what you did there is lost.",
                        List.of(
                                new Dialogs.Answer("close-stay", "Stay", () -> {}),
                                new Dialogs.Answer(
                                        "close-elsewhere",
                                        "Save elsewhere …",
                                        bench::saveElsewhere),
                                new Dialogs.Answer("close-lose", "Close all the same", then)));
    }
}
