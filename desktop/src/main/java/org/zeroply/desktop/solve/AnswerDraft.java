package org.zeroply.desktop.solve;

import java.util.function.Consumer;
import org.zeroply.desktop.work.Services;

/** An answer that is not committed yet: it is kept with every change and comes back. */
final class AnswerDraft {

    private final Services services;

    AnswerDraft(Services services) {
        this.services = services;
    }

    /** Keeps an answer while it is being written. */
    void save(SolveModel model, String text) {
        if (model.stage() != SolveModel.Stage.SOLVING) {
            return;
        }
        services.scheduler()
                .library(
                        () -> {
                            services.library().settings().put(model.draftName(), text);
                            return text;
                        },
                        done -> {});
    }

    /** Brings an unfinished answer back, if there is one. */
    void restore(SolveModel model, Consumer<String> found) {
        services.scheduler()
                .library(
                        () -> services.library().settings().get(model.draftName()),
                        draft -> draft.filter(d -> !d.isBlank()).ifPresent(found));
    }
}
