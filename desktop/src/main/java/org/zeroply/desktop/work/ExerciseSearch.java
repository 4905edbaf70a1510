package org.zeroply.desktop.work;

import java.util.List;
import java.util.Optional;
import javafx.application.Platform;
import javafx.beans.property.BooleanProperty;
import javafx.beans.property.DoubleProperty;
import javafx.beans.property.ReadOnlyStringProperty;
import javafx.beans.property.ReadOnlyStringWrapper;
import javafx.beans.property.SimpleBooleanProperty;
import javafx.beans.property.SimpleDoubleProperty;
import javafx.collections.FXCollections;
import javafx.collections.ObservableList;
import org.zeroply.chess.notation.Counted;
import org.zeroply.chess.tree.MoveTree;
import org.zeroply.coach.exercise.find.DefenceFinder;
import org.zeroply.coach.exercise.find.ExerciseFinder;
import org.zeroply.coach.exercise.find.GameSearch;
import org.zeroply.coach.exercise.find.Prospect;
import org.zeroply.coach.exercise.find.Wishes;
import org.zeroply.coach.review.RememberingEngine;
import org.zeroply.desktop.texts.Texts;
import org.zeroply.engine.analysis.Cancellation;
import org.zeroply.engine.analysis.Engine;
import org.zeroply.engine.endings.Endings;
import org.zeroply.library.Library;
import org.zeroply.library.LibraryException;
import org.zeroply.library.database.Setting;
import org.zeroply.library.sheet.FindStore;

/**
 * Looks through the games of the library for positions worth setting, beside everything else. What
 * was found stays in the library; a search that was paused or killed goes on where it was.
 */
public final class ExerciseSearch implements AutoCloseable {

    /** The setting that holds how many nodes a longer look takes. */
    public static final Setting<Long> NODES = Setting.number("find.nodes", ExerciseFinder.NODES);

    private final Library library;
    private final Engine engine;

    /** For the many short searches of a defence, which are quicker made than remembered. */
    private final Engine plain;

    private final Endings endings;
    private final Scheduler scheduler;
    private final ObservableList<FindStore.GameFind> found = FXCollections.observableArrayList();
    private final BooleanProperty running = new SimpleBooleanProperty();
    private final DoubleProperty part = new SimpleDoubleProperty();
    private final ReadOnlyStringWrapper state = new ReadOnlyStringWrapper("");
    private volatile Cancellation cancellation = new Cancellation();

    /**
     * @param engine one of its own, so that nothing else waits for it
     */
    public ExerciseSearch(Library library, Engine engine, Endings endings, Scheduler scheduler) {
        this.library = library;
        this.scheduler = scheduler;
        this.plain = engine;
        this.engine = new RememberingEngine(engine, library.analyses());
        this.endings = endings;
    }

    /** The finds that wait for the coach, the best first, none near another. */
    public ObservableList<FindStore.GameFind> found() {
        return found;
    }

    /** Whether it is going on. */
    public BooleanProperty runningProperty() {
        return running;
    }

    /** How far the game looked through just now has come, 0 to 1. */
    public DoubleProperty partProperty() {
        return part;
    }

    /** What is going on, or how far it has come, in words. */
    public ReadOnlyStringProperty stateProperty() {
        return state.getReadOnlyProperty();
    }

    /** Reads what was found so far. */
    public void refresh() {
        behind(() -> refresh(stamp()));
    }

    private long nodes() {
        return library.settings().get(NODES);
    }

    private String stamp() {
        return Texts.of("work.with-defence", engine.name(), nodes());
    }

    private void refresh(String stamp) {
        List<FindStore.GameFind> now =
                Prospect.best(
                        library.finds().all(FindStore.State.OPEN), FindStore.GameFind::prospect);
        int waiting = library.finds().waiting(stamp).size();
        int searched = library.finds().searched();
        Platform.runLater(
                () -> {
                    found.setAll(now);
                    if (!running.get()) {
                        state.set(
                                searched == 0
                                        ? ""
                                        : waiting == 0
                                                ? Texts.of("work.all-games-have-been-looked")
                                                : Texts.of(
                                                        "work.to-go", Counted.of(waiting, "game")));
                    }
                });
    }

    /** Looks through the games that allow what is wished for and were not looked through yet. */
    public void start(Wishes wishes) {
        cancellation.cancel();
        Cancellation token = new Cancellation();
        cancellation = token;
        running.set(true);
        behind(() -> work(wishes, token));
    }

    /** Stops; nothing that was searched is lost. */
    public void pause() {
        cancellation.cancel();
        running.set(false);
        refresh();
    }

    private void work(Wishes wishes, Cancellation token) {
        String stamp = stamp();
        GameSearch finder =
                GameSearch.both(
                        new ExerciseFinder(engine, endings, nodes(), Wishes.ANY),
                        new DefenceFinder(
                                plain, endings, DefenceFinder.nodesFor(nodes()), Wishes.ANY));
        long began = System.nanoTime();
        int done = 0;
        List<Long> waiting = library.finds().waiting(stamp);
        for (int i = 0; i < waiting.size() && !token.isCancelled(); i++) {
            tell(waiting.size() - i, done, began);
            try {
                MoveTree game = library.sheets().load(waiting.get(i));
                if (wishes.allowsGame(game) && look(waiting.get(i), game, stamp, finder, token)) {
                    done++;
                }
            } catch (LibraryException e) {
                Platform.runLater(() -> state.set(e.getMessage()));
            } catch (RuntimeException e) {
                // One game that cannot be looked through must not end the search of the others.
                System.getLogger(ExerciseSearch.class.getName())
                        .log(System.Logger.Level.ERROR, "a game was left out", e);
            }
        }
        if (!token.isCancelled()) {
            Platform.runLater(() -> running.set(false));
            refresh(stamp);
        }
    }

    private boolean look(
            long id, MoveTree game, String stamp, GameSearch finder, Cancellation token) {
        Optional<List<Prospect>> here =
                finder.in(game, p -> Platform.runLater(() -> part.set(p)), token);
        here.ifPresent(list -> library.finds().keep(id, stamp, list));
        here.filter(list -> !list.isEmpty()).ifPresent(list -> refresh(stamp));
        return here.isPresent();
    }

    private void tell(int waiting, int done, long began) {
        String left = TimeLeft.words(done, began, waiting);
        String words = Texts.of("work.looking-through-games-to-go", waiting, left);
        Platform.runLater(
                () -> {
                    part.set(0);
                    state.set(words);
                });
    }

    /** Notes what the coach made of a find, and takes it off the list. */
    public void set(FindStore.GameFind find) {
        behind(
                () -> {
                    library.finds().set(find.id());
                    refresh(stamp());
                });
    }

    /** Does something in the lane of the search; a failure leaves it paused, not stuck. */
    private void behind(Runnable work) {
        scheduler
                .submit(
                        Scheduler.Lane.SEARCH,
                        "",
                        (cancel, progress) -> {
                            work.run();
                            return true;
                        })
                .whenFailed(
                        reason -> {
                            cancellation.cancel();
                            running.set(false);
                            state.set(Texts.of("work.stopped", reason));
                        });
    }

    @Override
    public void close() {
        cancellation.cancel();
    }
}
