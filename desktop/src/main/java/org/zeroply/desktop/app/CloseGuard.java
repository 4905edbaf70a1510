package org.zeroply.desktop.app;

import java.util.List;
import org.zeroply.desktop.controls.Dialogs;
import org.zeroply.desktop.texts.Texts;
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
            services.messages().say(Texts.of("app.saving"));
        }
    }

    private void saved(Runnable then) {
        if (services.saves().isClean()) {
            then.run();
            return;
        }
        int count = services.saves().count();
        String sheets = count == 1 ? Texts.of("app.1-sheet-is") : Texts.of("app.sheets-are", count);
        bench.dialogs()
                .ask(
                        Texts.of("app.not-everything-is-saved"),
                        Texts.of(
                                "app.not-in-the-library-if",
                                sheets,
                                services.saves().problemProperty().get()),
                        List.of(
                                new Dialogs.Answer("close-stay", Texts.of("app.stay"), () -> {}),
                                new Dialogs.Answer(
                                        "close-elsewhere",
                                        Texts.of("app.save-elsewhere"),
                                        bench::saveElsewhere),
                                new Dialogs.Answer(
                                        "close-lose", Texts.of("app.close-all-the-same"), then)));
    }
}
