package org.zeroply.desktop.work;

import java.util.OptionalLong;
import javafx.animation.PauseTransition;
import javafx.util.Duration;
import org.zeroply.chess.tree.MoveTree;

/** Saves the tree of a session a moment after it was changed, and at once when asked. */
public final class AutoSave {

    private final Services services;
    private final TreeSession session;
    private final Runnable saved;
    private final PauseTransition delay = new PauseTransition(Duration.millis(300));
    private boolean dirty;
    private boolean adding;

    /**
     * @param saved called on the interface thread after each save
     */
    public AutoSave(Services services, TreeSession session, Runnable saved) {
        this.services = services;
        this.session = session;
        this.saved = saved;
        delay.setOnFinished(e -> flush());
        session.onChange(
                s -> {
                    dirty = true;
                    delay.playFromStart();
                });
    }

    /** Saves now what was not saved yet. */
    public void flush() {
        delay.stop();
        if (!dirty || adding) {
            return;
        }
        dirty = false;
        MoveTree tree = session.tree();
        MoveTree copy = tree.copy();
        OptionalLong id = session.id();
        if (id.isPresent()) {
            services.background()
                    .library(
                            () -> {
                                services.library().sheets().save(id.getAsLong(), copy);
                                return id;
                            },
                            done -> saved.run());
            return;
        }
        adding = true;
        services.background()
                .library(
                        () -> services.library().sheets().add(copy),
                        added -> {
                            adding = false;
                            if (session.tree() == tree) {
                                session.setId(added);
                                flush();
                            }
                            saved.run();
                        });
    }
}
