package org.zeroply.library.store;

import java.time.Instant;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.zeroply.chess.tree.MoveTree;

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
                                    "SELECT content_key, origin_key FROM sheet WHERE content_key <>"
                                            + " origin_key AND deleted_at IS NULL ORDER BY id")
                            .map((rs, c) -> origins.put(rs.getString(1), rs.getString(2)) == null)
                            .forEach(isNew -> {});
                    return origins;
                });
    }

    /** Tells what a sheet came in as, so that it is known in that form, too. */
    public void origin(String key, String origin) {
        database.write(
                h ->
                        h.execute(
                                "UPDATE sheet SET origin_key = ? WHERE content_key = ? AND"
                                        + " origin_key = content_key",
                                origin,
                                key));
    }

    /** The sheets in the bin, in the order of their adding. */
    public List<PutAway> putAway() {
        return database.read(
                h ->
                        h.createQuery(
                                        "SELECT pgn, deleted_at FROM sheet WHERE deleted_at IS NOT"
                                                + " NULL ORDER BY id")
                                .map(
                                        (rs, c) ->
                                                new PutAway(
                                                        rs.getString(1),
                                                        Instant.parse(rs.getString(2))))
                                .list());
    }

    /** Adds a sheet to the bin, unless it is in the library already. */
    public void add(PutAway away) {
        MoveTree tree = SheetStore.parse(away.pgn());
        if (anywhere(ContentKey.of(away.pgn())).isEmpty()) {
            long id = sheets.add(tree);
            database.write(
                    h ->
                            h.execute(
                                    "UPDATE sheet SET deleted_at = ? WHERE id = ?",
                                    away.at().toString(),
                                    id));
        }
    }

    /** The sheet with a fingerprint, also in the bin; rather one that is not. */
    public Optional<Long> anywhere(String key) {
        return database.read(
                h ->
                        h.createQuery(
                                        "SELECT id FROM sheet WHERE content_key = :key OR"
                                                + " origin_key = :key ORDER BY deleted_at IS NOT"
                                                + " NULL, id LIMIT 1")
                                .bind("key", key)
                                .mapTo(Long.class)
                                .findOne());
    }
}
