package org.zeroply.library.sheet;

import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.atomic.AtomicLong;
import java.util.function.Consumer;
import java.util.function.Supplier;
import java.util.stream.LongStream;
import java.util.stream.Stream;
import org.jdbi.v3.core.Handle;
import org.zeroply.chess.board.Side;
import org.zeroply.chess.notation.PgnEntry;
import org.zeroply.chess.notation.PgnReader;
import org.zeroply.chess.notation.PgnWriter;
import org.zeroply.chess.notation.TreeSeries;
import org.zeroply.chess.tree.MoveTree;
import org.zeroply.chess.tree.TreeEditor;
import org.zeroply.coach.exercise.scheme.Exercise;
import org.zeroply.coach.repertoire.Repertoire;
import org.zeroply.library.LibraryException;
import org.zeroply.library.database.ContentKey;
import org.zeroply.library.database.Database;
import org.zeroply.library.database.PackedText;
import org.zeroply.library.database.Setting;

/** Games, analyses and exercises: move trees kept as PGN. */
public final class SheetStore {

    /** The number of the game that was open last; 0 for none. */
    public static final Setting<Long> OPEN_GAME = Setting.number("games.open", 0);

    /** Tag that tells an analysis from a game in PGN files. */
    public static final String SHEET_TAG = "ZpSheet";

    /** The first sheet not put away that is so now, or came in so; each half has its index. */
    static final String WITH_FINGERPRINT =
            "SELECT min(id) FROM (SELECT id FROM sheet WHERE content = :key AND deleted IS NULL"
                    + " UNION ALL SELECT id FROM sheet WHERE origin = :key AND deleted IS NULL)";

    private final Database database;
    private final Clock clock;
    private final SheetSearch search;

    public SheetStore(Database database, Clock clock) {
        this.database = database;
        this.clock = clock;
        this.search = new SheetSearch(database);
    }

    /** What a tree is, by its tags. */
    public static SheetKind kindOf(MoveTree tree) {
        Optional<SeriesForm<?>> series = SeriesForm.of(tree);
        if (series.isPresent()) {
            return series.get().kind();
        }
        if (Exercise.isExercise(tree)) {
            return SheetKind.EXERCISE;
        }
        if (Repertoire.side(tree).isPresent()) {
            return SheetKind.REPERTOIRE;
        }
        boolean analysis = tree.tag(SHEET_TAG).equals(SheetKind.ANALYSIS.word());
        return analysis ? SheetKind.ANALYSIS : SheetKind.GAME;
    }

    /** Adds a tree even if there is an equal one, and gives its id. */
    public long add(MoveTree tree) {
        return database.write(h -> insert(h, tree));
    }

    /**
     * Adds those trees whose content is not in the library yet, in one transaction. A tree that was
     * imported once and changed since counts as known in both forms.
     *
     * @return the ids of those added
     */
    public List<Long> addNew(List<MoveTree> trees) {
        return addPrepared(PreparedSheet.of(trees.stream().map(List::of).toList()));
    }

    /** The same with sheets that are prepared already. */
    public List<Long> addPrepared(List<PreparedSheet> sheets) {
        return database.write(
                h -> {
                    List<Long> added = new ArrayList<>();
                    try (SheetWriter writer = new SheetWriter(h, clock.millis())) {
                        sheets.forEach(sheet -> writer.addNew(sheet).ifPresent(added::add));
                    }
                    return added;
                });
    }

    /** Adds a sheet even if there is an equal one, and gives its id. */
    long add(PreparedSheet sheet) {
        return database.write(
                h -> {
                    try (SheetWriter writer = new SheetWriter(h, clock.millis())) {
                        return writer.add(sheet);
                    }
                });
    }

    private static Optional<Long> sheetOf(Handle h, byte[] fingerprint) {
        return h.createQuery(WITH_FINGERPRINT).bind("key", fingerprint).mapTo(Long.class).findOne();
    }

    private long insert(Handle h, MoveTree tree) {
        try (SheetWriter writer = new SheetWriter(h, clock.millis())) {
            return writer.add(PreparedSheet.of(tree));
        }
    }

    /** Replaces a tree by its present state; the change can be taken back. */
    public void save(long id, MoveTree tree) {
        save(id, List.of(new State(tree, SheetStep.CHANGE)));
    }

    /** A state that a sheet came to, and how. */
    public record State(MoveTree tree, SheetStep step) {}

    /** Takes a sheet through these states, of which the last one stays; all of it or nothing. */
    public void save(long id, List<State> states) {
        database.write(
                h -> {
                    states.forEach(s -> save(h, id, s));
                    return null;
                });
    }

    /** Adds a sheet that was changed since it was made, so that these changes can be taken back. */
    public long add(MoveTree made, List<State> since) {
        return database.write(h -> add(h, made, since));
    }

    private long add(Handle h, MoveTree made, List<State> since) {
        long id = insert(h, made);
        since.forEach(s -> save(h, id, s));
        return id;
    }

    /**
     * Takes a sheet through these states if it still is as its editor knows it. If another program
     * has changed it, or removed it for good, its state stays and these are kept beside it.
     *
     * @param known the state that they began with
     * @return the sheet that has them: this one, or one of their own
     */
    public long save(long id, MoveTree known, List<State> states) {
        return database.write(
                h -> {
                    if (!is(pgn(h, id), known)) {
                        return add(h, known, states);
                    }
                    states.forEach(s -> save(h, id, s));
                    return id;
                });
    }

    /** What a sheet is now, if that is not how its editor knows it. */
    public Optional<MoveTree> newer(long id, MoveTree known) {
        Optional<String> pgn = database.read(h -> pgn(h, id));
        return is(pgn, known) ? Optional.empty() : pgn.map(SheetStore::parse);
    }

    /** Whether a text says what a tree does; one written by an older program may look otherwise. */
    private static boolean is(Optional<String> pgn, MoveTree known) {
        String expected = PgnWriter.write(known);
        return pgn.filter(p -> p.equals(expected) || PgnWriter.write(parse(p)).equals(expected))
                .isPresent();
    }

    /** A sheet as it was before its last change; empty when there is none to take back. */
    public Optional<MoveTree> earlier(long id) {
        return earlierText(id).map(SheetStore::parse);
    }

    /** A sheet as it was before its last change was taken back; empty when none was. */
    public Optional<MoveTree> later(long id) {
        return laterText(id).map(SheetStore::parse);
    }

    Optional<String> earlierText(long id) {
        return database.read(h -> pgn(h, id).flatMap(now -> SheetHistory.earlier(h, id, now)));
    }

    Optional<String> laterText(long id) {
        return database.read(h -> pgn(h, id).flatMap(now -> SheetHistory.later(h, id, now)));
    }

    /** The text of a sheet. */
    public static Optional<String> pgn(Handle h, long id) {
        return h.createQuery("SELECT pgn FROM sheet_text WHERE sheet_id = :id")
                .bind("id", id)
                .mapTo(byte[].class)
                .findOne()
                .map(PackedText::unpack);
    }

    private void save(Handle h, long id, State state) {
        MoveTree tree = state.tree();
        String pgn = PgnWriter.write(tree);
        pgn(h, id)
                .ifPresent(
                        old -> SheetHistory.note(h, id, old, pgn, state.step(), clock.instant()));
        if (kindOf(tree) == SheetKind.GAME) {
            GameLines.change(h, id, tree);
        } else {
            GameLines.remove(h, id);
        }
        update(h, id, Columns.of(tree), pgn);
    }

    /** Replaces a series by its present state; the change can be taken back. */
    void save(long id, TreeSeries series, SheetKind kind, SheetStep step) {
        database.write(
                h -> {
                    String text = series.pgn();
                    pgn(h, id)
                            .ifPresent(
                                    old ->
                                            SheetHistory.note(
                                                    h, id, old, text, step, clock.instant()));
                    update(h, id, Columns.of(series, kind), text);
                    return null;
                });
    }

    private void update(Handle h, long id, Map<String, Object> columns, String pgn) {
        // What a sheet came in as is told by its first form, which it has until it is changed.
        h.createUpdate(
                        "UPDATE sheet SET kind = :kind, own_title = :own_title, white = :white, black ="
                                + " :black, event = :event, date = :date, result = :result,"
                                + " white_elo = :white_elo, black_elo = :black_elo, plies = :plies,"
                                + " origin = coalesce(origin, CASE WHEN content <> :key THEN content"
                                + " END), content = :key, changed = :now WHERE id = :id")
                .bindMap(columns)
                .bind("key", ContentKey.kept(pgn))
                .bind("now", clock.millis())
                .bind("id", id)
                .execute();
        h.execute("UPDATE sheet_text SET pgn = ? WHERE sheet_id = ?", PackedText.pack(pgn), id);
    }

    /** Replaces a tree by the one written in this PGN. */
    public void save(long id, String pgn) {
        save(id, parse(pgn));
    }

    /** Adds the tree written in this PGN, and gives its id. */
    public long add(String pgn) {
        return add(parse(pgn));
    }

    /**
     * The tree of a sheet; of a lesson the first step.
     *
     * @throws LibraryException if there is none with this id
     */
    public MoveTree load(long id) {
        Optional<String> pgn = database.read(h -> pgn(h, id));
        return parse(pgn.orElseThrow(() -> new LibraryException("There is no sheet " + id + ".")));
    }

    <T> T together(Supplier<T> work) {
        return database.together(work);
    }

    Optional<String> text(long id) {
        return database.read(h -> pgn(h, id));
    }

    /** Reads a tree that the library itself has written. */
    public static MoveTree parse(String pgn) {
        PgnEntry entry = PgnReader.readAll(pgn).get(0);
        if (entry instanceof PgnEntry.Game game) {
            return game.tree();
        }
        throw new LibraryException(((PgnEntry.Problem) entry).message());
    }

    /**
     * Reads all that the library itself has written into a sheet: one tree, or the steps of a
     * lesson.
     *
     * @throws LibraryException if something in it cannot be read
     */
    public static List<MoveTree> parseAll(String pgn) {
        List<MoveTree> trees = new ArrayList<>();
        for (PgnEntry entry : PgnReader.readAll(pgn)) {
            if (entry instanceof PgnEntry.Problem problem) {
                throw new LibraryException(problem.message());
            }
            trees.add(((PgnEntry.Game) entry).tree());
        }
        return trees;
    }

    /** Whether a sheet is there and not put away. */
    public boolean has(long id) {
        return database.read(
                h ->
                        h.createQuery(
                                                "SELECT count(*) FROM sheet WHERE id = :id AND deleted IS"
                                                        + " NULL")
                                        .bind("id", id)
                                        .mapTo(Integer.class)
                                        .one()
                                > 0);
    }

    /** The sheet of a kind that was added last; empty if there is none that is not put away. */
    public Optional<Long> newest(SheetKind kind) {
        return database.read(
                h ->
                        h.createQuery(
                                        "SELECT id FROM sheet WHERE kind = :kind AND deleted IS"
                                                + " NULL ORDER BY id DESC LIMIT 1")
                                .bind("kind", kind.word())
                                .mapTo(Long.class)
                                .findOne());
    }

    /** The sheets that fit, in the order asked for. */
    public List<SheetRow> find(SheetQuery query) {
        return rows(ids(query));
    }

    /** A sheet and its tree; of a lesson the first step. */
    public record Stored(long id, MoveTree tree) {}

    /**
     * The sheets that fit, in the order asked for, each read when it is come to: of many no more
     * than one need be in memory. What is removed or put away for good meanwhile is left out.
     */
    public Stream<Stored> stream(SheetQuery query) {
        return LongStream.of(ids(query))
                .mapToObj(id -> text(id).map(pgn -> new Stored(id, parse(pgn))))
                .flatMap(Optional::stream);
    }

    /** The trees of all sheets of a kind, the newest first; of lessons their first steps. */
    public List<MoveTree> trees(SheetKind kind) {
        return stream(SheetQuery.all(kind)).map(Stored::tree).toList();
    }

    /** The numbers of the sheets that fit, in the order asked for. */
    public long[] ids(SheetQuery query) {
        return database.read(h -> search.ids(h, query));
    }

    /** What is told of sheets, in this order; those that are no more are left out. */
    public List<SheetRow> rows(long... ids) {
        return database.read(h -> SheetSearch.rows(h, ids));
    }

    /** The games in which this exact name has a colour, in the order of their adding. */
    public long[] playedBy(String name, Side side) {
        return database.read(h -> SheetSearch.playedBy(h, name, side));
    }

    /**
     * Writes a player's name in one way wherever it stood in another; each game keeps its history.
     *
     * @return the games that were changed
     */
    public List<Long> rename(String from, String to) {
        List<Long> games =
                database.read(
                        h ->
                                h.createQuery(
                                                "SELECT id FROM sheet WHERE deleted IS NULL AND"
                                                        + " (white = :from OR black = :from)")
                                        .bind("from", from)
                                        .mapTo(Long.class)
                                        .list());
        return renameIn(games, from, to);
    }

    /** Writes a player's name in another way in these games, in one transaction. */
    public List<Long> renameIn(List<Long> games, String from, String to) {
        database.write(
                h -> {
                    for (long id : games) {
                        MoveTree tree = parse(pgn(h, id).orElseThrow());
                        TreeEditor editor = new TreeEditor(tree);
                        for (String tag : List.of("White", "Black")) {
                            if (tree.tag(tag).equals(from)) {
                                editor.tag(tag, to.strip());
                            }
                        }
                        save(h, id, new State(tree, SheetStep.CHANGE));
                    }
                    return null;
                });
        return games;
    }

    /** Every spelling of a player's name in the games, by name, with the number of games. */
    public Map<String, Integer> players() {
        return database.read(
                h -> {
                    Map<String, Integer> names = new LinkedHashMap<>();
                    h.createQuery(
                                    "SELECT name, count(*) FROM (SELECT white AS name FROM sheet"
                                            + " WHERE kind = 'game' AND deleted IS NULL UNION ALL"
                                            + " SELECT black FROM sheet WHERE kind = 'game' AND"
                                            + " deleted IS NULL) WHERE name <> '' GROUP BY name"
                                            + " ORDER BY name COLLATE NOCASE")
                            .map((rs, c) -> Map.entry(rs.getString(1), rs.getInt(2)))
                            .forEach(e -> names.put(e.getKey(), e.getValue()));
                    return names;
                });
    }

    /** Gives the PGN of every sheet of a kind, in the order of their adding. */
    public void forEachPgn(SheetKind kind, Consumer<String> consumer) {
        database.read(
                h -> {
                    h.createQuery(
                                    "SELECT t.pgn FROM sheet s JOIN sheet_text t ON t.sheet_id ="
                                            + " s.id WHERE s.kind = :kind AND s.deleted IS NULL"
                                            + " ORDER BY s.id")
                            .bind("kind", kind.word())
                            .mapTo(byte[].class)
                            .forEach(packed -> consumer.accept(PackedText.unpack(packed)));
                    return null;
                });
    }

    /** Bytes of the PGN of all sheets of a kind. */
    public long pgnBytes(SheetKind kind) {
        AtomicLong bytes = new AtomicLong();
        forEachPgn(kind, pgn -> bytes.addAndGet(pgn.getBytes(StandardCharsets.UTF_8).length));
        return bytes.get();
    }

    /** The id of the sheet with this content, if there is one. */
    public Optional<Long> findByPgn(String pgn) {
        return database.read(h -> sheetOf(h, ContentKey.kept(pgn)));
    }

    /** A fingerprint of a sheet's content, by which it is found again in another library. */
    public String keyOf(long id) {
        return ContentKey.of(database.read(h -> pgn(h, id)).orElseThrow());
    }
}
