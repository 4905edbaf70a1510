package org.zeroply.desktop.work;

import javafx.animation.Animation;
import javafx.animation.KeyFrame;
import javafx.animation.Timeline;
import javafx.util.Duration;
import org.zeroply.library.Library;

/** Looks every few seconds whether another program has written into the library. */
public final class LibraryWatch implements AutoCloseable {

    private static final Duration EVERY = Duration.seconds(3);

    private final Scheduler scheduler;
    private final Library library;
    private final Runnable others;
    private final Timeline clock = new Timeline();
    private Library.Writes seen;
    private boolean perhaps;
    private boolean looking;

    /**
     * @param others called on the interface thread when another program has written
     */
    public LibraryWatch(Scheduler scheduler, Library library, Runnable others) {
        this.scheduler = scheduler;
        this.library = library;
        this.others = others;
        this.seen = library.writes();
        clock.getKeyFrames().add(new KeyFrame(EVERY, e -> look()));
        clock.setCycleCount(Animation.INDEFINITE);
    }

    /** Begins to look. */
    public void start() {
        clock.play();
    }

    @Override
    public void close() {
        clock.stop();
    }

    /** Looks now. */
    void look() {
        if (!looking) {
            looking = true;
            scheduler
                    .library(library::writes, this::found)
                    .quietly()
                    .whenFailed(reason -> looking = false);
        }
    }

    /** While this program writes itself, it cannot be told; then it is asked when it is done. */
    private void found(Library.Writes now) {
        looking = false;
        boolean changed = now.version() != seen.version();
        boolean quiet = now.own() == seen.own();
        boolean tell = quiet && (changed || perhaps);
        perhaps = !quiet || perhaps && !tell;
        seen = now;
        if (tell) {
            others.run();
        }
    }
}
