package org.zeroply.library.index;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.LongPredicate;
import org.jdbi.v3.core.Handle;
import org.jdbi.v3.core.mapper.reflect.ConstructorMapper;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.notation.San;
import org.zeroply.coach.repertoire.Replies;
import org.zeroply.coach.review.KnownGames;
import org.zeroply.library.database.Database;
import org.zeroply.library.sheet.GameLines;
import org.zeroply.library.sheet.PlayedLine;
import org.zeroply.library.sheet.SheetStore;

/**
 * Which games of the library came to a position. New and changed games are found at once: the last
 * few are played through, the others are in segments (see {@link PageWriter}).
 */
public final class PositionIndex {

    /** So many games may wait to be put into a segment. */
    private static final int LOOSE = 256;

    private static final int SHOWN = 200;

    /** Twice what the games of a segment usually have: our choice. */
    private static final int RECENT_POSITIONS = 3_000_000;

    private final Database database;
    private final GameRoster roster = new GameRoster();
    private final RecentLines recent = new RecentLines(RECENT_POSITIONS);

    private long seenVersion = -1;
    private long seenWrites = -1;
    private List<Segment> segments = List.of();
    private List<GameLines.Numbered> loose = List.of();

    /** Whether every game has its line; from then on each gets it when it is stored. */
    private volatile boolean complete;

    public PositionIndex(Database database) {
        this.database = database;
    }

    private record Segment(long id, int first, int last) {}

    // ---- Keeping up -----------------------------------------------------------------------------

    /** Puts into segments what waits for it; a library without an index gets one. */
    public synchronized void update() {
        seenVersion = -1;
        addMissingLines();
        while (put(database.read(this::nextSegment))) {
            // Goes on while games wait.
        }
        recent.clear();
        while (put(database.read(this::mergeOfLast))) {
            // Goes on while the last two segments are of about the same size.
        }
    }

    /** Takes the positions of a line that was stored just now, so that it is not played again. */
    public void expect(PlayedLine line) {
        recent.add(line);
    }

    /**
     * Puts games into a segment where enough for a whole one wait, as in the middle of an import;
     * questions are answered meanwhile.
     */
    public void keepUp() {
        addMissingLines();
        if (database.read(PositionIndex::waiting) >= SegmentBuilder.MOST_GAMES) {
            put(database.read(this::nextSegment));
        }
    }

    private static int waiting(Handle h) {
        return h.createQuery("SELECT coalesce(max(number), 0) FROM game_line")
                        .mapTo(Integer.class)
                        .one()
                - lastNumber(h);
    }

    /**
     * A segment to be written in the place of others, sorted beforehand: others may write
     * meanwhile.
     *
     * @param replaced the segments it stands for, which have to be there still
     */
    private record Sorted(
            List<Segment> replaced, Segment range, int games, List<PageWriter.Page> pages) {

        static Sorted of(
                List<Segment> replaced,
                Segment range,
                List<GameLines.Numbered> lines,
                RecentLines recent) {
            SegmentBuilder builder = new SegmentBuilder();
            int number = range.first();
            for (GameLines.Numbered line : lines) {
                while (number < line.number()) {
                    builder.skip();
                    number++;
                }
                builder.add(recent.take(line.line()));
                number++;
            }
            return new Sorted(replaced, range, lines.size(), builder.pages());
        }
    }

    /** Writes a segment unless another program was faster; false when there is none to write. */
    private boolean put(Optional<Sorted> sorted) {
        sorted.ifPresent(s -> database.write(h -> write(h, s)));
        return sorted.isPresent();
    }

    private static List<GameLines.Numbered> loose(Handle h) {
        return lines(h, lastNumber(h), Integer.MAX_VALUE, LOOSE + 1);
    }

    private static int lastNumber(Handle h) {
        return h.createQuery("SELECT coalesce(max(last_number), 0) FROM position_segment")
                .mapTo(Integer.class)
                .one();
    }

    private static List<GameLines.Numbered> lines(Handle h, int after, int last, int most) {
        return h.createQuery(
                        "SELECT number, start, moves FROM game_line WHERE number > :after AND"
                                + " number <= :last ORDER BY number LIMIT :most")
                .bind("after", after)
                .bind("last", last)
                .bind("most", most)
                .map((rs, c) -> GameLines.numbered(rs))
                .list();
    }

    /** Games stored before there was an index have no line yet. */
    private void addMissingLines() {
        while (!complete) {
            int added =
                    database.write(
                            h -> {
                                Map<Long, String> missing = missing(h);
                                missing.forEach(
                                        (id, pgn) -> GameLines.add(h, id, SheetStore.parse(pgn)));
                                return missing.size();
                            });
            if (added == 0) {
                complete = true;
                return;
            }
        }
    }

    private static Map<Long, String> missing(Handle h) {
        Map<Long, String> missing = new HashMap<>();
        h.createQuery(
                        "SELECT id FROM sheet WHERE kind = 'game' AND id NOT IN"
                                + " (SELECT sheet_id FROM game_line) LIMIT 500")
                .mapTo(Long.class)
                .forEach(id -> SheetStore.pgn(h, id).ifPresent(pgn -> missing.put(id, pgn)));
        return missing;
    }

    private Optional<Sorted> nextSegment(Handle h) {
        int after = lastNumber(h);
        List<GameLines.Numbered> lines =
                lines(h, after, after + SegmentBuilder.MOST_GAMES, SegmentBuilder.MOST_GAMES);
        if (!lines.isEmpty()) {
            int last = lines.get(lines.size() - 1).number();
            return Optional.of(
                    Sorted.of(List.of(), new Segment(0, after + 1, last), lines, recent));
        }
        // All games of this stretch were changed since; the next one begins further on.
        return lines(h, after, Integer.MAX_VALUE, 1).stream()
                .findFirst()
                .map(next -> new Segment(0, after + 1, next.number() - 1))
                .map(range -> Sorted.of(List.of(), range, List.of(), recent));
    }

    private static boolean write(Handle h, Sorted sorted) {
        Segment range = sorted.range();
        List<Segment> now = segments(h);
        int last = now.isEmpty() ? 0 : now.get(now.size() - 1).last();
        boolean follows = sorted.replaced().isEmpty() && last == range.first() - 1;
        if (!follows && (sorted.replaced().isEmpty() || !now.containsAll(sorted.replaced()))) {
            return false;
        }
        for (Segment s : sorted.replaced()) {
            h.execute("DELETE FROM position_segment WHERE id = ?", s.id());
            h.execute(
                    "DELETE FROM position_page WHERE id >= ? AND id < ?",
                    s.id() << 32,
                    s.id() + 1 << 32);
        }
        long id =
                h.createUpdate(
                                "INSERT INTO position_segment (first_number, last_number, games)"
                                        + " VALUES (:first, :last, :games)")
                        .bind("first", range.first())
                        .bind("last", range.last())
                        .bind("games", sorted.games())
                        .executeAndReturnGeneratedKeys("id")
                        .mapTo(Long.class)
                        .one();
        var batch = h.prepareBatch("INSERT INTO position_page (id, groups) VALUES (?, ?)");
        for (PageWriter.Page page : sorted.pages()) {
            batch.bind(0, id << 32 | page.firstKey()).bind(1, page.bytes()).add();
        }
        if (batch.size() > 0) {
            batch.execute();
        }
        return true;
    }

    /**
     * Joins the last two segments when the older one is not more than twice as large, so that there
     * are few and each game is sorted in only a few times.
     */
    private Optional<Sorted> mergeOfLast(Handle h) {
        List<Segment> segments = segments(h);
        if (segments.size() < 2) {
            return Optional.empty();
        }
        Segment older = segments.get(segments.size() - 2);
        Segment newer = segments.get(segments.size() - 1);
        int size = newer.last() - newer.first() + 1;
        int together = newer.last() - older.first() + 1;
        if (together > SegmentBuilder.MOST_GAMES || together > 3 * size) {
            return Optional.empty();
        }
        Segment both = new Segment(0, older.first(), newer.last());
        return Optional.of(
                Sorted.of(
                        List.of(older, newer),
                        both,
                        lines(h, both.first() - 1, both.last(), SegmentBuilder.MOST_GAMES),
                        recent));
    }

    private static List<Segment> segments(Handle h) {
        return h.createQuery(
                        "SELECT id, first_number AS first, last_number AS last FROM position_segment ORDER BY"
                                + " first_number")
                .map(ConstructorMapper.of(Segment.class))
                .list();
    }

    /** Whether every game has its line, and what is told of the games is as in the file. */
    private synchronized void upToDate() {
        if (!complete) {
            update();
        }
        look();
    }

    // ---- Asking ---------------------------------------------------------------------------------

    /** What the games that pass did in a position. */
    public PositionStatistics at(Position position, GameFilter filter) {
        Tally tally = new Tally(roster, position.sideToMove());
        boolean all = filter.equals(GameFilter.ALL);
        visits(
                position,
                (game, next) -> {
                    if (all || filter.passes(roster.of(game))) {
                        tally.add(game, next);
                    }
                });
        return tally.sum();
    }

    /**
     * The numbers of the games that pass, the newest first.
     *
     * @param sheets which sheets count
     */
    int[] numbers(GameFilter filter, LongPredicate sheets) {
        upToDate();
        return roster.numbers(filter, sheets);
    }

    /** What is told of a game, if it is still there. */
    Optional<GameFacts> game(int number) {
        return roster.find(number);
    }

    /** All games but one, as far as a few of many will do. */
    public KnownGames without(long sheetId) {
        return position -> {
            List<KnownGames.Visit> known = new ArrayList<>();
            visits(
                    position,
                    (game, next) -> {
                        if (known.size() < SHOWN && roster.of(game).sheetId() != sheetId) {
                            known.add(known(position, roster.of(game), next));
                        }
                    });
            return known;
        };
    }

    private static KnownGames.Visit known(Position position, GameFacts game, int next) {
        String san = next == 0 ? "" : San.write(position, new Move(next));
        return new KnownGames.Visit(game.sheetId(), game.title(), san);
    }

    /** The replies of the games that pass, for the questions of a repertoire. */
    public Replies replies(GameFilter filter) {
        return position ->
                at(position, filter).moves().stream()
                        .map(p -> new Replies.Reply(p.move(), p.games(), p.score()))
                        .toList();
    }

    /**
     * What the index takes, in bytes: the pages, the packed lines with their numbers, and what of
     * the database's own pages stays empty or goes into finding them.
     */
    public long bytes() {
        return database.read(
                h ->
                        h.createQuery(
                                        "SELECT coalesce(sum(pgsize), 0) FROM dbstat WHERE name IN"
                                                + " ('position_page', 'position_segment',"
                                                + " 'game_line', 'sqlite_autoindex_game_line_1')")
                                .mapTo(Long.class)
                                .one());
    }

    /**
     * Told of the number of each game that came to a position and the packed move it went on with,
     * 0 for none.
     */
    private interface Visitor {
        void visit(int game, int next);
    }

    private synchronized void visits(Position position, Visitor visitor) {
        upToDate();
        if (loose.size() > LOOSE) {
            update();
            look();
        }
        if (!segments.isEmpty()) {
            database.read(
                    h -> {
                        segments.forEach(s -> search(h, s, position.key(), visitor));
                        return true;
                    });
        }
        loose.forEach(n -> through(n, position.key(), visitor));
    }

    /** Looks again what there is, if anything was written since, here or by another program. */
    private void look() {
        long version = database.version();
        if (version == seenVersion) {
            return;
        }
        boolean others = database.writes() == seenWrites;
        seenWrites = database.writes();
        database.read(
                h -> {
                    segments = segments(h);
                    loose = loose(h);
                    roster.refresh(h, others);
                    return true;
                });
        seenVersion = version;
    }

    private void search(Handle h, Segment segment, long key, Visitor visitor) {
        Optional<PageWriter.Page> page =
                h.createQuery(
                                "SELECT id, groups FROM position_page WHERE id >= :lowest AND id <="
                                        + " :wanted ORDER BY id DESC LIMIT 1")
                        .bind("lowest", segment.id() << 32)
                        .bind("wanted", segment.id() << 32 | key >>> PageWriter.SHORT)
                        .map(
                                (rs, c) ->
                                        new PageWriter.Page(
                                                rs.getLong(1) & 0xffffffffL, rs.getBytes(2)))
                        .findOne();
        if (page.isEmpty()) {
            return;
        }
        List<Integer> perhaps = new ArrayList<>();
        new PageReader(page.get().firstKey(), page.get().bytes())
                .find(
                        key,
                        new PageReader.Found() {
                            @Override
                            public void surely(int game, int move) {
                                int number = segment.first() + game;
                                if (roster.has(number)) {
                                    visitor.visit(number, move);
                                }
                            }

                            @Override
                            public void perhaps(int game) {
                                perhaps.add(segment.first() + game);
                            }
                        });
        for (int number : perhaps) {
            lines(h, number - 1, number, 1).forEach(n -> through(n, key, visitor));
        }
    }

    /** Plays a game through and tells if it came to the position. */
    private void through(GameLines.Numbered numbered, long key, Visitor visitor) {
        if (roster.has(numbered.number())) {
            numbered.line()
                    .replay(
                            (ply, here, next) -> {
                                if (here == key) {
                                    visitor.visit(numbered.number(), next);
                                }
                                return here != key;
                            });
        }
    }
}
