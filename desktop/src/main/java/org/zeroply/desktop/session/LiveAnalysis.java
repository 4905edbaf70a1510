package org.zeroply.desktop.session;

import java.util.Optional;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.atomic.AtomicReference;
import javafx.application.Platform;
import javafx.beans.property.BooleanProperty;
import javafx.beans.property.ObjectProperty;
import javafx.beans.property.SimpleBooleanProperty;
import javafx.beans.property.SimpleObjectProperty;
import org.zeroply.chess.board.Position;
import org.zeroply.engine.analysis.Analysis;
import org.zeroply.engine.analysis.AnalysisRequest;
import org.zeroply.engine.analysis.Cancellation;
import org.zeroply.engine.analysis.Engine;
import org.zeroply.engine.analysis.Limits;

/** The engine that runs beside the board: it follows the position and can be switched off. */
public final class LiveAnalysis implements AutoCloseable {

    /** What the engine has found so far for a position. */
    public record Finding(Position position, Analysis analysis) {}

    private static final int LINES = 3;

    private final Engine engine;
    private final Limits limits;
    private final ExecutorService thread =
            Executors.newSingleThreadExecutor(
                    r -> {
                        Thread t = new Thread(r, "live-analysis");
                        t.setDaemon(true);
                        t.setPriority(Thread.MIN_PRIORITY);
                        return t;
                    });
    private final BooleanProperty running = new SimpleBooleanProperty(true);
    private final ObjectProperty<Optional<Finding>> finding =
            new SimpleObjectProperty<>(Optional.empty());
    private final AtomicReference<Finding> latest = new AtomicReference<>();
    private Cancellation cancellation = new Cancellation();
    private Optional<Position> wanted = Optional.empty();

    /**
     * @param limits where to stop on each position
     */
    public LiveAnalysis(Engine engine, Limits limits) {
        this.engine = engine;
        this.limits = limits;
        running.addListener(o -> restart());
    }

    /** Whether the engine runs. */
    public BooleanProperty runningProperty() {
        return running;
    }

    /** What it has found for the present position. */
    public ObjectProperty<Optional<Finding>> findingProperty() {
        return finding;
    }

    /** Name of the engine, for stamps. */
    public String engineName() {
        return engine.name();
    }

    /** Analyses this position from now on; empty to rest. */
    public void follow(Optional<Position> position) {
        if (!position.equals(wanted)) {
            wanted = position;
            restart();
        }
    }

    private void restart() {
        cancellation.cancel();
        finding.set(Optional.empty());
        if (!running.get() || wanted.isEmpty()) {
            return;
        }
        Cancellation own = new Cancellation();
        cancellation = own;
        Position position = wanted.get();
        thread.execute(
                () -> {
                    if (!own.isCancelled()) {
                        AnalysisRequest request =
                                AnalysisRequest.of(position, limits).withLines(LINES);
                        engine.analyse(request, a -> publish(position, a, own), own);
                    }
                });
    }

    /** Hands the newest finding over; those that the window was too slow for are skipped. */
    private void publish(Position position, Analysis analysis, Cancellation own) {
        if (latest.getAndSet(new Finding(position, analysis)) == null) {
            Platform.runLater(
                    () -> {
                        Finding newest = latest.getAndSet(null);
                        if (!own.isCancelled()) {
                            finding.set(Optional.of(newest));
                        }
                    });
        }
    }

    @Override
    public void close() {
        cancellation.cancel();
        thread.shutdownNow();
    }
}
