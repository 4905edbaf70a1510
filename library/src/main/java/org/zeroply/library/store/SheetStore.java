package org.zeroply.library.store;

import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.Clock;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import org.jdbi.v3.core.Handle;
import org.jdbi.v3.core.statement.Query;
import org.zeroply.chess.notation.PgnEntry;
import org.zeroply.chess.notation.PgnReader;
import org.zeroply.chess.notation.PgnWriter;
import org.zeroply.chess.tree.MoveTree;
import org.zeroply.coach.exercise.Exercise;
import org.zeroply.coach.repertoire.Repertoire;
import org.zeroply.library.LibraryException;

/** Games, analyses and exercises: move trees kept as PGN. */
public final class SheetStore {

    /** Tag that tells an analysis from a game in PGN files. */
    public static final String SHEET_TAG = "ZpSheet";

    private static final String COLUMNS =
            "id, kind, title, white, black, event, date, result, white_elo, black_elo, plies";

    private final Database database;
    private final Clock clock;

    public SheetStore(Database database, Clock clock) {
        this.database = database;
        this.clock = clock;
    }

    /** What a tree is, by its tags. */
    public static SheetKind kindOf(MoveTree tree) {
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
        return database.write(h -> insert(h, tree, PgnWriter.write(tree)));
    }

    /**
     * Adds those trees whose content is not in the library yet, in one transaction. A tree that was
     * imported once and changed since counts as known in both forms.
     *
     * @return the ids of those added
     */
    public List<Long> addNew(List<MoveTree> trees) {
        return database.write(
                h -> {
                    List<Long> added = new ArrayList<>();
                    for (MoveTree tree : trees) {
                        String pgn = PgnWriter.write(tree);
                        if (!isKnown(h, ContentKey.of(pgn))) {
                            added.add(insert(h, tree, pgn));
                        }
                    }
                    return added;
                });
    }

    private static boolean isKnown(Handle h, String key) {
        return h.createQuery(
                                "SELECT count(*) FROM sheet WHERE deleted_at IS NULL"
                                        + " AND (content_key = :key OR origin_key = :key)")
                        .bind("key", key)
                        .mapTo(Integer.class)
                        .one()
                > 0;
    }

    private long insert(Handle h, MoveTree tree, String pgn) {
        String key = ContentKey.of(pgn);
        String now = clock.instant().toString();
        long id =
                h.createUpdate(
                                "INSERT INTO sheet (kind, title, white, black, event, date, result,"
                                        + " white_elo, black_elo, plies, pgn, content_key, origin_key,"
                                        + " added_at, changed_at) VALUES (:kind, :title, :white, :black,"
                                        + " :event, :date, :result, :whiteElo, :blackElo, :plies, :pgn,"
                                        + " :key, :key, :now, :now)")
                        .bindMap(Columns.of(tree))
                        .bind("pgn", pgn)
                        .bind("key", key)
                        .bind("now", now)
                        .executeAndReturnGeneratedKeys("id")
                        .mapTo(Long.class)
                        .one();
        if (kindOf(tree) == SheetKind.GAME) {
            GameLines.add(h, id, tree);
        }
        return id;
    }

    /** Replaces a tree by its present state. */
    public void save(long id, MoveTree tree) {
        String pgn = PgnWriter.write(tree);
        database.write(
                h -> {
                    if (kindOf(tree) == SheetKind.GAME) {
                        GameLines.change(h, id, tree);
                    } else {
                        GameLines.remove(h, id);
                    }
                    return update(h, id, tree, pgn);
                });
    }

    private int update(Handle h, long id, MoveTree tree, String pgn) {
        return h.createUpdate(
                        "UPDATE sheet SET kind = :kind, title = :title, white = :white, black ="
                                + " :black, event = :event, date = :date, result = :result,"
                                + " white_elo = :whiteElo, black_elo = :blackElo, plies = :plies,"
                                + " pgn = :pgn, content_key = :key, changed_at = :now WHERE id ="
                                + " :id")
                .bindMap(Columns.of(tree))
                .bind("pgn", pgn)
                .bind("key", ContentKey.of(pgn))
                .bind("now", clock.instant().toString())
                .bind("id", id)
                .execute();
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
     * The tree of a sheet.
     *
     * @throws LibraryException if there is none with this id
     */
    public MoveTree load(long id) {
        Optional<String> pgn =
                database.read(
                        h ->
                                h.createQuery("SELECT pgn FROM sheet WHERE id = :id")
                                        .bind("id", id)
                                        .mapTo(String.class)
                                        .findOne());
        return parse(pgn.orElseThrow(() -> new LibraryException("There is no sheet " + id + ".")));
    }

    /** Reads a tree that the library itself has written. */
    public static MoveTree parse(String pgn) {
        PgnEntry entry = PgnReader.readAll(pgn).get(0);
        if (entry instanceof PgnEntry.Game game) {
            return game.tree();
        }
        throw new LibraryException(((PgnEntry.Problem) entry).message());
    }

    /** Puts a sheet away; {@link #restore} brings it back. */
    public void delete(long id) {
        setDeleted(id, Optional.of(clock.instant().toString()));
    }

    /** Brings back a sheet that was put away. */
    public void restore(long id) {
        setDeleted(id, Optional.empty());
    }

    private void setDeleted(long id, Optional<String> at) {
        String now = clock.instant().toString();
        database.write(
                h ->
                        h.execute(
                                "UPDATE sheet SET deleted_at = ?, changed_at = ? WHERE id = ?",
                                at.orElse(null),
                                now,
                                id));
    }

    /** The sheets that fit, newest first. */
    public List<SheetRow> find(SheetQuery query) {
        return database.read(h -> select(h, query).map((rs, c) -> row(rs)).list());
    }

    private static Query select(Handle h, SheetQuery query) {
        StringBuilder sql =
                new StringBuilder("SELECT " + COLUMNS + " FROM sheet WHERE deleted_at IS NULL")
                        .append(" AND kind = :kind AND plies >= :plies");
        if (!query.result().isEmpty()) {
            sql.append(" AND result = :result");
        }
        String[] words = query.text().strip().split("\\s+");
        for (int i = 0; i < words.length; i++) {
            sql.append(
                            " AND (white || ' ' || black || ' ' || event || ' ' || date || ' ' || title)")
                    .append(" LIKE :word" + i + " ESCAPE '!'");
        }
        Query select =
                h.createQuery(sql.append(" ORDER BY id DESC").toString())
                        .bind("kind", query.kind().word())
                        .bind("plies", query.fewestPlies())
                        .bind("result", query.result());
        for (int i = 0; i < words.length; i++) {
            select.bind("word" + i, "%" + words[i].replaceAll("([!%_])", "!$1") + "%");
        }
        return select;
    }

    private static SheetRow row(ResultSet rs) throws SQLException {
        return new SheetRow(
                rs.getLong(1),
                SheetKind.of(rs.getString(2)),
                rs.getString(3),
                rs.getString(4),
                rs.getString(5),
                rs.getString(6),
                rs.getString(7),
                rs.getString(8),
                rs.getInt(9),
                rs.getInt(10),
                rs.getInt(11));
    }

    /** Gives the PGN of every sheet of a kind, in the order of their adding. */
    public void forEachPgn(SheetKind kind, Consumer<String> consumer) {
        database.read(
                h -> {
                    h.createQuery(
                                    "SELECT pgn FROM sheet WHERE kind = :kind"
                                            + " AND deleted_at IS NULL ORDER BY id")
                            .bind("kind", kind.word())
                            .mapTo(String.class)
                            .forEach(consumer);
                    return null;
                });
    }

    /** Bytes of the PGN of all sheets of a kind. */
    public long pgnBytes(SheetKind kind) {
        return database.read(
                h ->
                        h.createQuery(
                                        "SELECT coalesce(sum(length(CAST(pgn AS BLOB))), 0) FROM"
                                                + " sheet WHERE kind = :kind AND deleted_at IS NULL")
                                .bind("kind", kind.word())
                                .mapTo(Long.class)
                                .one());
    }

    /** The id of the sheet with this content, if there is one. */
    public Optional<Long> findByPgn(String pgn) {
        return findByKey(ContentKey.of(pgn));
    }

    /** A fingerprint of a sheet's content, by which it is found again in another library. */
    public String keyOf(long id) {
        return database.read(
                h ->
                        h.createQuery("SELECT content_key FROM sheet WHERE id = :id")
                                .bind("id", id)
                                .mapTo(String.class)
                                .one());
    }

    /** The id of the sheet with this fingerprint, if there is one. */
    public Optional<Long> findByKey(String key) {
        return database.read(
                h ->
                        h.createQuery(
                                        "SELECT min(id) FROM sheet WHERE deleted_at IS NULL AND"
                                                + " (content_key = :key OR origin_key = :key)")
                                .bind("key", key)
                                .mapTo(Long.class)
                                .findOne());
    }
}
