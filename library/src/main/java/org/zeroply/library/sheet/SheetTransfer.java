package org.zeroply.library.sheet;

import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.Instant;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.zeroply.chess.tree.MoveTree;
import org.zeroply.library.database.ContentKey;
import org.zeroply.library.database.Database;
import org.zeroply.library.database.PackedText;

/** What is told of sheets beside their moves when a library is taken elsewhere. */
public final class SheetTransfer {

    private final Database database;
    private final SheetStore sheets;

    public SheetTransfer(Database database, SheetStore sheets) {
        this.database = database;
        this.sheets = sheets;
    }

    /** A sheet that was put away, and when. */
    public record PutAway(String pgn, Instant at) {}

    /** Fingerprints of sheets that were changed since they came in, with what they came in as. */
    public Map<String, String> origins() {
        return database.read(
                h -> {
                    Map<String, String> origins = new LinkedHashMap<>();
                    h.createQuery(
                                    "SELECT t.pgn, lower(hex(s.origin)) FROM sheet s JOIN"
                                            + " sheet_text t ON t.sheet_id = s.id WHERE s.origin IS"
                                            + " NOT NULL AND s.deleted IS NULL ORDER BY s.id")
                            .map((rs, c) -> origins.put(key(rs), rs.getString(2)) == null)
                            .forEach(isNew -> {});
                    return origins;
                });
    }

    private static String key(ResultSet rs) throws SQLException {
        return ContentKey.of(PackedText.unpack(rs.getBytes(1)));
    }

    /**
     * Tells what a sheet came in as, so that it is known in that form, too.
     *
     * @throws IllegalArgumentException if the origin is no fingerprint
     */
    public void origin(String key, String origin) {
        byte[] from =
                ContentKey.ofDigits(origin)
                        .orElseThrow(
                                () -> new IllegalArgumentException("its origin is no fingerprint"));
        ContentKey.ofDigits(key).ifPresent(k -> origin(k, from));
    }

    private void origin(byte[] key, byte[] from) {
        database.write(
                h ->
                        h.execute(
                                "UPDATE sheet SET origin = ? WHERE content = ? AND origin IS NULL"
                                        + " AND content <> ?",
                                from,
                                key,
                                from));
    }

    /** The sheets in the bin, in the order of their adding. */
    public List<PutAway> putAway() {
        return database.read(
                h ->
                        h.createQuery(
                                        "SELECT t.pgn, s.deleted FROM sheet s JOIN sheet_text t"
                                                + " ON t.sheet_id = s.id WHERE s.deleted IS NOT"
                                                + " NULL ORDER BY s.id")
                                .map(
                                        (rs, c) ->
                                                new PutAway(
                                                        PackedText.unpack(rs.getBytes(1)),
                                                        Instant.ofEpochMilli(rs.getLong(2))))
                                .list());
    }

    /** Adds a sheet to the bin, unless it is in the library already. */
    public void add(PutAway away) {
        List<MoveTree> trees = SheetStore.parseAll(away.pgn());
        if (like(ContentKey.kept(away.pgn())).isEmpty()) {
            long id = sheets.add(PreparedSheet.of(List.of(trees)).get(0));
            database.write(
                    h -> h.execute("UPDATE sheet SET deleted = ? WHERE id = ?", away.at(), id));
        }
    }

    /** The sheet with a fingerprint, also in the bin; the first of {@link #like}. */
    public Optional<Long> anywhere(String key) {
        return like(key).stream().findFirst();
    }

    /**
     * All sheets with a fingerprint, also in the bin: first those that are so now, then those that
     * came in so, and of either those that are not in the bin first.
     */
    public List<Long> like(String key) {
        return ContentKey.ofDigits(key).map(this::like).orElse(List.of());
    }

    private List<Long> like(byte[] key) {
        return database.read(
                h ->
                        h.createQuery(
                                        "SELECT id FROM sheet WHERE content = :key OR origin = :key"
                                                + " ORDER BY content <> :key, deleted IS NOT"
                                                + " NULL, id")
                                .bind("key", key)
                                .mapTo(Long.class)
                                .list());
    }
}
