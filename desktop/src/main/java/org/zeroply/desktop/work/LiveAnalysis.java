package org.zeroply.desktop.work;

import java.util.List;
import java.util.Optional;
import java.util.concurrent.atomic.AtomicReference;
import javafx.application.Platform;
import javafx.beans.property.BooleanProperty;
import javafx.beans.property.IntegerProperty;
import javafx.beans.property.ObjectProperty;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.SimpleBooleanProperty;
import javafx.beans.property.SimpleIntegerProperty;
import javafx.beans.property.SimpleObjectProperty;
import javafx.beans.property.SimpleStringProperty;
import javafx.beans.property.StringProperty;
import javafx.collections.FXCollections;
import javafx.collections.ObservableList;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.Position;
import org.zeroply.desktop.texts.Texts;
import org.zeroply.engine.analysis.Analysis;
import org.zeroply.engine.analysis.AnalysisRequest;
import org.zeroply.engine.analysis.Cancellation;
import org.zeroply.engine.analysis.Engine;
import org.zeroply.engine.analysis.EngineFailure;
import org.zeroply.engine.endings.Endings;
import org.zeroply.engine.protocol.UciEngine;

/**
 * The engine that runs beside the board: it follows the position, or keeps to one, with several
 * lines and without the moves left out; ours or a second one. When the second one fails, that is
 * said, and ours goes on.
 */
public final class LiveAnalysis implements AutoCloseable {

    /**
     * What the engine has found so far for a position.
     *
     * @param exact the result of an ending that is known exactly, as {@link Endings#probe}
     */
    public record Finding(Position position, Analysis analysis, String engine, int exact) {

        /** Whether the result is known and not only searched. */
        public boolean isExact() {
            return exact != Endings.UNKNOWN;
        }
    }

    /** The most lines that are shown. */
    public static final int MOST_LINES = 5;

    private final Engines engines;
    private final Endings endings;
    private final Scheduler scheduler;
    private final BooleanProperty running = new SimpleBooleanProperty(true);
    private final BooleanProperty locked = new SimpleBooleanProperty();
    private final BooleanProperty second = new SimpleBooleanProperty();
    private final IntegerProperty lines = new SimpleIntegerProperty(3);
    private final StringProperty problem = new SimpleStringProperty("");
    private final ObservableList<Move> excluded = FXCollections.observableArrayList();
    private final ObjectProperty<Optional<Finding>> finding =
            new SimpleObjectProperty<>(Optional.empty());
    private final ObjectProperty<EngineSettings> settings =
            new SimpleObjectProperty<>(EngineSettings.USUAL);
    private final AtomicReference<Finding> latest = new AtomicReference<>();
    private Cancellation cancellation = new Cancellation();
    private Optional<Position> shown = Optional.empty();
    private Optional<Position> wanted = Optional.empty();

    // Belong to the analysing thread.
    private Engine own;
    private Optional<UciEngine> other = Optional.empty();

    /**
     * @param engines where ours comes from, and where it stops
     */
    public LiveAnalysis(
            EngineSettings settings, Engines engines, Endings endings, Scheduler scheduler) {
        this.engines = engines;
        this.endings = endings;
        this.scheduler = scheduler;
        apply(settings);
        running.addListener(o -> restart());
        second.addListener(o -> restart());
        lines.addListener(o -> restart());
        locked.addListener(o -> follow(shown));
    }

    /** Whether the engine runs. */
    public BooleanProperty runningProperty() {
        return running;
    }

    /** Whether it keeps to its position while the board goes on. */
    public BooleanProperty lockedProperty() {
        return locked;
    }

    /** Whether the second engine analyses instead of ours. */
    public BooleanProperty secondProperty() {
        return second;
    }

    /** How many lines, 1 to {@link #MOST_LINES}. */
    public IntegerProperty linesProperty() {
        return lines;
    }

    /** What went wrong with the second engine; empty when nothing did. */
    public StringProperty problemProperty() {
        return problem;
    }

    /** What it has found for its position. */
    public ObjectProperty<Optional<Finding>> findingProperty() {
        return finding;
    }

    /** The moves left out at present; they belong to the position. */
    public ObservableList<Move> excluded() {
        return excluded;
    }

    /** The settings in force. */
    public ReadOnlyObjectProperty<EngineSettings> settingsProperty() {
        return settings;
    }

    /** The position it analyses, if any. */
    public Optional<Position> position() {
        return wanted;
    }

    /** Works with these settings from now on. */
    public void apply(EngineSettings chosen) {
        settings.set(chosen);
        if (chosen.program().isBlank()) {
            second.set(false);
        }
        cancellation.cancel();
        behind(
                () -> {
                    other.ifPresent(UciEngine::close);
                    other = chosen.second();
                    own = engines.maker().engine(chosen.megabytes(), endings);
                });
        restart();
    }

    /** Analyses this position from now on, unless it is to keep to another; empty to rest. */
    public void follow(Optional<Position> position) {
        shown = position;
        if (position.isPresent() && locked.get() && wanted.isPresent()) {
            return;
        }
        if (!position.equals(wanted)) {
            wanted = position;
            excluded.clear();
            restart();
        }
    }

    /** Leaves a move out of the analysis of this position. */
    public void exclude(Move move) {
        if (!excluded.contains(move)) {
            excluded.add(move);
            restart();
        }
    }

    /** Takes all moves in again. */
    public void includeAll() {
        excluded.clear();
        restart();
    }

    private void restart() {
        cancellation.cancel();
        finding.set(Optional.empty());
        if (!running.get() || wanted.isEmpty()) {
            return;
        }
        Cancellation current = new Cancellation();
        cancellation = current;
        Position position = wanted.get();
        List<Move> rest =
                position.legalMoves().stream().filter(m -> !excluded.contains(m)).toList();
        if (rest.isEmpty()) {
            return;
        }
        AnalysisRequest request =
                AnalysisRequest.of(position, engines.limits())
                        .withLines(lines.get())
                        .withThreads(settings.get().threads())
                        .among(excluded.isEmpty() ? List.of() : rest);
        boolean useSecond = second.get();
        problem.set("");
        behind(() -> analyse(request, useSecond, current));
    }

    private void analyse(AnalysisRequest request, boolean useSecond, Cancellation current) {
        if (current.isCancelled()) {
            return;
        }
        int exact = endings.probe(request.position().toBoard());
        if (useSecond && other.isPresent()) {
            try {
                run(other.get(), request, exact, current);
                return;
            } catch (EngineFailure e) {
                Platform.runLater(
                        () -> problem.set(Texts.of("work.our-own-engine-goes-on", e.getMessage())));
            }
        }
        run(own, request, exact, current);
    }

    private void run(Engine engine, AnalysisRequest request, int exact, Cancellation current) {
        Position position = request.position();
        engine.analyse(
                request,
                a -> publish(new Finding(position, a, engine.name(), exact), current),
                current);
    }

    /** Hands the newest finding over; those that the window was too slow for are skipped. */
    private void publish(Finding found, Cancellation current) {
        if (latest.getAndSet(found) == null) {
            Platform.runLater(
                    () -> {
                        Finding newest = latest.getAndSet(null);
                        if (!current.isCancelled()) {
                            finding.set(Optional.of(newest));
                        }
                    });
        }
    }

    private void behind(Runnable work) {
        scheduler
                .submit(
                        Scheduler.Lane.LIVE,
                        "",
                        (cancel, progress) -> {
                            work.run();
                            return true;
                        })
                .whenFailed(problem::set);
    }

    /** Stops the analysis. */
    public void rest() {
        cancellation.cancel();
    }

    /** Ends the second engine; to be called once the scheduler has ended. */
    @Override
    public void close() {
        other.ifPresent(UciEngine::close);
    }
}
