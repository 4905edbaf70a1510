package org.zeroply.desktop.games;

import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import javafx.application.Platform;
import javafx.beans.property.ReadOnlyBooleanProperty;
import javafx.beans.property.ReadOnlyBooleanWrapper;
import javafx.beans.property.ReadOnlyDoubleProperty;
import javafx.beans.property.ReadOnlyDoubleWrapper;
import javafx.beans.property.ReadOnlyStringProperty;
import javafx.beans.property.ReadOnlyStringWrapper;
import javafx.beans.property.SimpleStringProperty;
import javafx.beans.property.StringProperty;
import javafx.collections.FXCollections;
import javafx.collections.ObservableList;
import org.zeroply.chess.notation.Counted;
import org.zeroply.chess.tree.Node;
import org.zeroply.coach.pattern.Query;
import org.zeroply.coach.pattern.QueryMatcher;
import org.zeroply.coach.pattern.QueryReader;
import org.zeroply.desktop.texts.Texts;
import org.zeroply.desktop.work.Messages;
import org.zeroply.desktop.work.Scheduler;
import org.zeroply.desktop.work.Services;
import org.zeroply.desktop.work.Task;
import org.zeroply.desktop.work.TreeSession;
import org.zeroply.engine.analysis.Cancellation;
import org.zeroply.library.index.FirstHits;
import org.zeroply.library.index.PositionFinder;
import org.zeroply.library.index.QueryStore;
import org.zeroply.library.index.SilentTag;

/** Positions of the library's games that answer a query, and the queries that have a name. */
final class PositionsModel {

    /** So many positions are listed; more are counted. */
    static final int MOST = 600;

    private static final int THREADS =
            Math.max(1, Math.min(4, Runtime.getRuntime().availableProcessors()));

    private static final String REMEMBERED = "games.query";

    private final Services services;
    private final GamesModel games;
    private final StringProperty text = new SimpleStringProperty("");
    private final ReadOnlyStringWrapper state = new ReadOnlyStringWrapper("");
    private final ReadOnlyStringWrapper silent = new ReadOnlyStringWrapper("");
    private final ReadOnlyStringWrapper problem = new ReadOnlyStringWrapper("");
    private final ReadOnlyBooleanWrapper running = new ReadOnlyBooleanWrapper();
    private final ReadOnlyDoubleWrapper part = new ReadOnlyDoubleWrapper();
    private final ObservableList<PositionFinder.Hit> hits = FXCollections.observableArrayList();
    private final ObservableList<QueryStore.Kept> kept = FXCollections.observableArrayList();
    private Task<?> search = Task.none();

    /** How often games were looked through: what an earlier search tells is not heard. */
    private int asked;

    private int counted;

    /** Those that are listed, or will be. */
    private FirstHits first;

    /** How many were counted when they were listed last. */
    private int listed;

    PositionsModel(Services services, GamesModel games) {
        this.services = services;
        this.games = games;
        text.addListener(o -> check());
        services.memory().get(REMEMBERED).ifPresent(text::set);
        check();
    }

    /** The query as text. */
    StringProperty textProperty() {
        return text;
    }

    /** Why the text is no query; empty while it is one, or nothing. */
    ReadOnlyStringProperty problemProperty() {
        return problem.getReadOnlyProperty();
    }

    /** What goes on, or what was found, in words. */
    ReadOnlyStringProperty stateProperty() {
        return state.getReadOnlyProperty();
    }

    /** What games do not tell of what was asked of them; empty where there is nothing of it. */
    ReadOnlyStringProperty silentProperty() {
        return silent.getReadOnlyProperty();
    }

    /** Whether games are being looked through. */
    ReadOnlyBooleanProperty runningProperty() {
        return running.getReadOnlyProperty();
    }

    /** How far that has come, 0 to 1. */
    ReadOnlyDoubleProperty partProperty() {
        return part.getReadOnlyProperty();
    }

    /** The positions found, the newest game first, as many as are listed. */
    ObservableList<PositionFinder.Hit> hits() {
        return hits;
    }

    /** The queries that have a name. */
    ObservableList<QueryStore.Kept> kept() {
        return kept;
    }

    private void check() {
        String now = text.get();
        problem.set(now.isBlank() ? "" : QueryReader.problem(now).orElse(""));
    }

    /** Puts another text in the place of this one, if there is one; else says what is wrong. */
    void change(Optional<String> next) {
        next.ifPresentOrElse(
                text::set,
                () -> services.messages().say(Texts.of("games.first-mend-what-is-written")));
    }

    /** Reads the queries that have a name. */
    void reload() {
        services.scheduler().library(services.library().queries()::all, kept::setAll);
    }

    // ---- Looking --------------------------------------------------------------------------------

    /** Looks the games through for what is asked; what was looked for before is given up. */
    void search() {
        Optional<Query> query = QueryDraft.read(text.get());
        if (query.isEmpty()) {
            services.messages()
                    .say(
                            text.get().isBlank()
                                    ? Texts.of("games.draw-or-write-what-is")
                                    : problem.get());
            return;
        }
        search.cancel();
        services.memory().put(REMEMBERED, text.get());
        hits.clear();
        first = new FirstHits(query.get(), MOST);
        counted = 0;
        listed = 0;
        part.set(0);
        running.set(true);
        silent.set("");
        state.set(Texts.of("games.looking-through-games"));
        start(query.get());
    }

    /** Asks another query. */
    void ask(String query) {
        text.set(query);
        search();
    }

    private void start(Query query) {
        int mine = ++asked;
        search =
                services.scheduler()
                        .submit(
                                Scheduler.Lane.POSITIONS,
                                "",
                                (cancellation, progress) -> find(query, mine, cancellation))
                        .whenDone(outcome -> done(mine, query, outcome))
                        .whenCancelled(
                                () ->
                                        ended(
                                                mine,
                                                Texts.of(
                                                        "games.stopped-so-far",
                                                        Counted.of(counted, "position"))))
                        .whenFailed(reason -> ended(mine, reason));
    }

    private PositionFinder.Outcome find(Query query, int mine, Cancellation cancellation) {
        return services.library()
                .finder()
                .find(
                        query,
                        services.scheduler().helpers(),
                        THREADS,
                        cancellation,
                        (found, looked, all) ->
                                Platform.runLater(() -> add(query, mine, found, looked, all)));
    }

    private void add(Query query, int mine, List<PositionFinder.Hit> found, int looked, int all) {
        if (mine != asked || !running.get()) {
            return;
        }
        counted += found.size();
        first.add(found);
        if (!query.is(Query.Manner.CLEAREST)) {
            hits.addAll(first.hits().subList(hits.size(), first.hits().size()));
            listed = counted;
        } else if (counted >= 2 * listed) {
            list();
        }
        part.set((double) looked / Math.max(1, all));
        state.set(
                Texts.of(
                        "games.so-far-to-go",
                        Counted.of(counted, "position"),
                        Counted.of(all - looked, "game")));
    }

    /**
     * Lists the clearest ones anew, which is done whenever twice as many were found: each time all
     * diagrams are drawn again.
     */
    private void list() {
        listed = counted;
        hits.setAll(first.hits());
    }

    private void ended(int mine, String words) {
        if (mine == asked) {
            if (counted > listed) {
                list();
            }
            running.set(false);
            state.set(words);
        }
    }

    private void done(int mine, Query query, PositionFinder.Outcome outcome) {
        if (mine == asked) {
            silent.set(
                    outcome.silent().stream()
                            .map(SilentTag::words)
                            .collect(Collectors.joining(" ")));
        }
        ended(mine, told(query, outcome));
    }

    private static String told(Query query, PositionFinder.Outcome outcome) {
        if (outcome.games() == 0) {
            return Texts.of("games.there-is-no-such-game");
        }
        String listed = outcome.hits() > MOST ? Texts.of("games.the-first-are-shown", MOST) : "";
        if (outcome.hits() == 0 && new QueryMatcher(query).asksReviews()) {
            return Texts.of("games.nothing-only-games-that-were");
        }
        return outcome.hits() == 0
                ? Texts.of("games.nothing-in", Counted.of(outcome.games(), "game"))
                : Texts.of(
                        "games.in-looked-through",
                        Counted.of(outcome.hits(), "position"),
                        Counted.of(outcome.answering(), "game"),
                        Counted.of(outcome.games(), "game"),
                        listed);
    }

    /** Stops looking. */
    void stop() {
        search.cancel();
    }

    // ---- What is done with what was found -------------------------------------------------------

    /** Opens the game of a position, with that position on the board. */
    void open(PositionFinder.Hit hit) {
        games.open(hit.game().sheetId(), () -> go(games.session(), hit.match().ply()));
    }

    private static void go(TreeSession session, int ply) {
        List<Node> line = session.tree().mainLine();
        session.go(
                ply == 0 || line.isEmpty()
                        ? session.tree().root()
                        : line.get(Math.min(ply, line.size()) - 1));
    }

    /** Puts the games of all positions that are listed into a collection. */
    void collect(String name) {
        List<Long> ids = hits.stream().map(h -> h.game().sheetId()).distinct().toList();
        games.collections().putIds(name, ids);
    }

    // ---- Queries with a name --------------------------------------------------------------------

    /** Whether there is a query that can be kept. */
    boolean isKeepable() {
        return QueryDraft.read(text.get()).isPresent();
    }

    /** Keeps the query under a name, in place of another of that name. */
    void keep(String name) {
        QueryDraft.read(text.get())
                .ifPresent(
                        q ->
                                services.scheduler()
                                        .library(
                                                () ->
                                                        services.library()
                                                                .queries()
                                                                .keep(name.strip(), q.text()),
                                                before -> kept(name.strip(), before)));
    }

    private void kept(String name, Optional<String> before) {
        reload();
        services.messages()
                .say(
                        before.isEmpty()
                                ? Texts.of("games.kept-as", name)
                                : Texts.of("games.kept-as-in-place-of", name),
                        new Messages.Action(Texts.of("games.undo"), () -> restore(name, before)));
    }

    /** Forgets a query. */
    void forget(QueryStore.Kept gone) {
        services.scheduler()
                .library(
                        () -> {
                            services.library().queries().forget(gone.name());
                            return true;
                        },
                        done -> {
                            reload();
                            services.messages()
                                    .say(
                                            Texts.of("games.is-forgotten", gone.name()),
                                            new Messages.Action(
                                                    Texts.of("games.undo"),
                                                    () ->
                                                            restore(
                                                                    gone.name(),
                                                                    Optional.of(gone.query()))));
                        });
    }

    private void restore(String name, Optional<String> query) {
        services.scheduler()
                .library(
                        () -> {
                            query.ifPresentOrElse(
                                    q -> services.library().queries().keep(name, q),
                                    () -> services.library().queries().forget(name));
                            return true;
                        },
                        done -> reload());
    }
}
