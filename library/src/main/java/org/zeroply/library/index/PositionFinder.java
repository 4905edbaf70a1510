package org.zeroply.library.index;

import java.lang.ref.SoftReference;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.concurrent.CancellationException;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.CompletionException;
import java.util.concurrent.Executor;
import java.util.concurrent.atomic.AtomicInteger;
import org.zeroply.chess.board.Position;
import org.zeroply.coach.fact.Fact;
import org.zeroply.coach.fact.FactKind;
import org.zeroply.coach.insight.SearchedInsight;
import org.zeroply.coach.pattern.Evidence;
import org.zeroply.coach.pattern.FactSearch;
import org.zeroply.coach.pattern.FactTrail;
import org.zeroply.coach.pattern.GameKnowledge;
import org.zeroply.coach.pattern.GameLine;
import org.zeroply.coach.pattern.GameMoment;
import org.zeroply.coach.pattern.NamedOpening;
import org.zeroply.coach.pattern.Query;
import org.zeroply.coach.pattern.QueryMatch;
import org.zeroply.coach.pattern.QueryMatcher;
import org.zeroply.coach.pattern.SearchedTrail;
import org.zeroply.coach.pattern.ToldFact;
import org.zeroply.engine.analysis.Cancellation;
import org.zeroply.engine.search.BuiltInEngine;
import org.zeroply.library.LibraryException;
import org.zeroply.library.database.Database;
import org.zeroply.library.sheet.CollectionStore;

/**
 * Looks through the games of the library for what a query asks. All positions are looked at; what
 * makes that quick is that lines stay in memory.
 */
public final class PositionFinder {

    /** Games that one thread looks through before what it found is told; our choice. */
    private static final int TOGETHER = 200;

    /** Memory of an engine that looks for facts, in MiB; our choice. */
    private static final int HASH = 4;

    /** So many lines are worth keeping as they were played; our choice. */
    private static final int MANY = 1000;

    private final Database database;
    private final PositionIndex index;
    private final AskedGames games;
    private final TrailStore trails;
    private final SearchedTrailStore searchedTrails;
    private SoftReference<KnownLines> known = new SoftReference<>(null);

    public PositionFinder(Database database, PositionIndex index, CollectionStore collections) {
        this.database = database;
        this.index = index;
        this.games = new AskedGames(database, index, collections);
        this.trails = new TrailStore(database);
        this.searchedTrails = new SearchedTrailStore(database);
    }

    /**
     * A position that was asked for.
     *
     * @param game where it is
     * @param match where in the game
     * @param idle men that have nothing to do with what was asked ({@link Evidence#idle}); 0 where
     *     the clearest ones are not wanted first
     */
    public record Hit(GameFacts game, QueryMatch match, GameLine line, int idle) {

        /** The clearest one first; such as are as clear stay as they were. */
        static final Comparator<Hit> CLEAREST = Comparator.comparingInt(Hit::idle);

        /** The position. */
        public Position position() {
            return line.at(match.ply());
        }
    }

    /**
     * What was looked at.
     *
     * @param games games looked through
     * @param games that hold at least one position
     * @param hits positions found
     * @param silent tags that were asked for and that games of the library do not have
     */
    public record Outcome(int games, int answering, int hits, List<SilentTag> silent) {}

    /** Told what is found; one call after the other, from any thread. */
    public interface Listener {

        /**
         * The hits of some games, the newest game first, and how far the search is; {@link
         * FirstHits} puts the clearest first where that is asked.
         */
        void found(List<Hit> hits, int looked, int all);
    }

    /**
     * Looks the games through, the newest first.
     *
     * @param helpers what runs the parts of the work
     * @param threads how many parts there are at a time
     * @throws LibraryException if there is no such collection, or the library fails
     * @throws CancellationException if it was asked to stop
     */
    public Outcome find(
            Query query,
            Executor helpers,
            int threads,
            Cancellation cancellation,
            Listener listener) {
        AskedGames.Answer asked = games.of(query.games());
        Search search = new Search(query, asked, cancellation, listener);
        List<CompletableFuture<Void>> parts = new ArrayList<>();
        for (int t = 1; t < threads; t++) {
            parts.add(CompletableFuture.runAsync(search::work, helpers));
        }
        search.work();
        try {
            parts.forEach(CompletableFuture::join);
        } catch (CompletionException e) {
            throw e.getCause() instanceof RuntimeException ours ? ours : e;
        }
        search.keepLines();
        return search.outcome();
    }

    private KnownLines lines() {
        KnownLines lines;
        synchronized (this) {
            lines = known.get();
            if (lines == null) {
                lines = new KnownLines();
                known = new SoftReference<>(lines);
            }
        }
        KnownLines all = lines;
        return database.read(
                h -> {
                    all.refresh(h);
                    return all;
                });
    }

    /** One search, which several threads do together. */
    private final class Search {

        private final Query query;
        private final QueryMatcher matcher;
        private final int[] games;
        private final List<SilentTag> silent;
        private final Cancellation cancellation;
        private final Listener listener;
        private final KnownLines lines = lines();
        private final Optional<String> opening;
        private final Map<ToldFact, Map<Integer, FactTrail>> known = new HashMap<>();
        private final Map<FactKind, Map<Integer, SearchedTrail>> searched = new HashMap<>();
        private final Map<Integer, List<GameMoment>> moments;

        /** One game after the other where each takes long. */
        private final int together;

        private final AtomicInteger next = new AtomicInteger();

        /** What was found by threads that are ahead of others, by the number of the part. */
        private final Map<Integer, List<Hit>> waiting = new TreeMap<>();

        /** Whether what takes long to see can be kept. */
        private volatile boolean keeping = true;

        private int told;
        private int answering;
        private int hits;

        Search(Query query, AskedGames.Answer asked, Cancellation cancellation, Listener listener) {
            this.query = query;
            this.matcher = new QueryMatcher(query);
            this.games = asked.numbers();
            this.silent = asked.silent();
            this.cancellation = cancellation;
            this.listener = listener;
            this.opening =
                    Optional.of(query.games().opening().name().toLowerCase(Locale.ROOT))
                            .filter(o -> !o.isEmpty());
            this.moments = matcher.asksReviews() ? MomentStore.all(database) : Map.of();
            this.together = query.searches().isEmpty() ? TOGETHER : 1;
            matcher.leading().forEach(fact -> known.put(fact, trails.all(fact)));
            query.searches().forEach(kind -> searched.put(kind, searchedTrails.all(kind)));
        }

        private int parts() {
            return (games.length + together - 1) / together;
        }

        void work() {
            FactSearch search = search();
            for (int part = next.getAndIncrement(); part < parts(); part = next.getAndIncrement()) {
                List<Hit> found = new ArrayList<>();
                List<TrailStore.Followed> followed = new ArrayList<>();
                int end = Math.min(games.length, (part + 1) * together);
                for (int i = part * together; i < end; i++) {
                    if (cancellation.isCancelled()) {
                        throw new CancellationException();
                    }
                    look(games[i], found, followed, search);
                }
                if (!followed.isEmpty()) {
                    keep(() -> trails.keep(followed));
                }
                tell(part, found);
            }
        }

        /** Keeps lines that were played through here, where there are many of them. */
        void keepLines() {
            if (lines.hasFresh(MANY)) {
                keep(
                        () ->
                                database.write(
                                        h -> {
                                            lines.keep(h);
                                            return true;
                                        }));
            }
        }

        /** What cannot be kept, because the disk is full, is looked for again another time. */
        private void keep(Runnable work) {
            if (!keeping) {
                return;
            }
            try {
                work.run();
            } catch (LibraryException e) {
                keeping = false;
                System.getLogger(PositionFinder.class.getName())
                        .log(System.Logger.Level.WARNING, "what was found out is not kept", e);
            }
        }

        /** An engine of its own, so that nobody waits for another one. */
        private FactSearch search() {
            if (query.searches().isEmpty()) {
                return FactSearch.NONE;
            }
            SearchedInsight insight =
                    new SearchedInsight(new BuiltInEngine(HASH), SearchedInsight.NODES);
            return (position, kind) -> {
                List<Fact> facts = insight.of(position, kind, cancellation);
                if (cancellation.isCancelled()) {
                    throw new CancellationException();
                }
                return facts;
            };
        }

        private void look(
                int number,
                List<Hit> found,
                List<TrailStore.Followed> followed,
                FactSearch search) {
            GameLine line = lines.line(number);
            if (opening.isPresent() && !isOf(line, opening.get())) {
                return;
            }
            List<QueryMatch> matches = matcher.in(line, new Known(number, followed, search));
            if (!matches.isEmpty()) {
                index.game(number).ifPresent(g -> matches.forEach(m -> found.add(hit(g, m, line))));
            }
        }

        private Hit hit(GameFacts game, QueryMatch match, GameLine line) {
            if (cancellation.isCancelled()) {
                throw new CancellationException();
            }
            boolean clearest = query.is(Query.Manner.CLEAREST);
            return new Hit(
                    game, match, line, clearest ? Evidence.idle(query, line.at(match.ply())) : 0);
        }

        /** What is known of one game. */
        private final class Known implements GameKnowledge {

            private final int number;
            private final List<TrailStore.Followed> followed;
            private final FactSearch search;

            Known(int number, List<TrailStore.Followed> followed, FactSearch search) {
                this.number = number;
                this.followed = followed;
                this.search = search;
            }

            @Override
            public SearchedTrail searched(FactKind kind) {
                SearchedTrail before = searched.get(kind).get(number);
                return before == null ? SearchedTrail.none() : before;
            }

            @Override
            public void keep(FactKind kind, SearchedTrail trail) {
                Search.this.keep(() -> searchedTrails.keep(kind, number, trail));
            }

            @Override
            public FactSearch search() {
                return search;
            }

            @Override
            public Optional<FactTrail> trail(ToldFact fact) {
                return Optional.ofNullable(known.get(fact).get(number));
            }

            @Override
            public List<GameMoment> moments() {
                return moments.getOrDefault(number, List.of());
            }

            @Override
            public void keep(FactKind kind, Map<String, FactTrail> found) {
                followed.add(new TrailStore.Followed(kind, number, found));
            }
        }

        private synchronized void tell(int part, List<Hit> found) {
            waiting.put(part, found);
            for (List<Hit> now = waiting.remove(told); now != null; now = waiting.remove(told)) {
                told++;
                hits += now.size();
                answering += (int) now.stream().map(h -> h.game().sheetId()).distinct().count();
                listener.found(now, Math.min(games.length, told * together), games.length);
            }
        }

        synchronized Outcome outcome() {
            return new Outcome(games.length, answering, hits, silent);
        }
    }

    private static boolean isOf(GameLine line, String opening) {
        return NamedOpening.of(line)
                .filter(o -> o.name().toLowerCase(Locale.ROOT).contains(opening))
                .isPresent();
    }
}
