package org.zeroply.library.store;

import java.sql.ResultSet;
import java.sql.SQLException;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import java.util.stream.LongStream;
import org.jdbi.v3.core.Handle;
import org.jdbi.v3.core.statement.Query;
import org.zeroply.chess.board.Side;

/**
 * Lists sheets in two steps, so that a list of very many costs little: the numbers of all, and what
 * is told of those that are looked at.
 */
final class SheetSearch {

    private static final String COLUMNS =
            "id, kind, title, white, black, event, date, result, white_elo, black_elo, plies";

    private static final String TEXT =
            "white || ' ' || black || ' ' || event || ' ' || date || ' ' || own_title";

    /** Rows asked for at once. */
    private static final int BATCH = 500;

    private SheetSearch() {}

    /**
     * Words are looked for at the beginnings of words. Where nothing begins so, they are looked for
     * inside words, too; that reads every row.
     */
    static long[] ids(Handle h, SheetQuery query) {
        List<SheetWord> words = query.words().stream().map(SheetWord::new).toList();
        String beginnings = words.stream().flatMap(w -> w.beginnings().stream()).collect(joined());
        if (!beginnings.isEmpty()) {
            long[] found =
                    ids(h, query, words.stream().filter(w -> !w.isPlain()).toList(), beginnings);
            if (found.length > 0) {
                return found;
            }
        }
        return ids(h, query, words, "");
    }

    private static java.util.stream.Collector<CharSequence, ?, String> joined() {
        return Collectors.joining(" AND ");
    }

    /**
     * @param inside words that must stand somewhere in the text
     * @param beginnings a query of the word index; empty for none
     */
    private static long[] ids(
            Handle h, SheetQuery query, List<SheetWord> inside, String beginnings) {
        StringBuilder sql =
                new StringBuilder("SELECT id FROM sheet WHERE deleted_at IS NULL AND kind = :kind");
        if (query.fewestPlies() > 0) {
            sql.append(" AND plies >= :plies");
        }
        if (!query.result().isEmpty()) {
            sql.append(" AND result = :result");
        }
        if (query.collection() > 0) {
            sql.append(" AND id IN (SELECT sheet_id FROM collected WHERE collection_id = :in)");
        }
        if (!beginnings.isEmpty()) {
            sql.append(" AND id IN (SELECT rowid FROM sheet_words WHERE sheet_words MATCH :words)");
        }
        for (int i = 0; i < inside.size(); i++) {
            sql.append(" AND ").append(inside.get(i).condition(TEXT, ":word" + i));
        }
        Query select =
                h.createQuery(sql.append(query.order().sql()).toString())
                        .bind("kind", query.kind().word());
        Map<String, Object> values = new HashMap<>();
        values.put("plies", query.fewestPlies());
        values.put("in", query.collection());
        values.put("result", query.result());
        values.put("words", beginnings);
        for (int i = 0; i < inside.size(); i++) {
            values.put("word" + i, inside.get(i).pattern());
        }
        return select.bindMap(values).scanResultSet((rs, c) -> numbers(rs.get()));
    }

    private static long[] numbers(ResultSet rs) throws SQLException {
        long[] ids = new long[64];
        int n = 0;
        while (rs.next()) {
            ids = n < ids.length ? ids : Arrays.copyOf(ids, 2 * n);
            ids[n++] = rs.getLong(1);
        }
        return Arrays.copyOf(ids, n);
    }

    static List<SheetRow> rows(Handle h, long[] ids) {
        Map<Long, SheetRow> found = new HashMap<>();
        for (int i = 0; i < ids.length; i += BATCH) {
            String some =
                    Arrays.stream(ids, i, Math.min(ids.length, i + BATCH))
                            .mapToObj(String::valueOf)
                            .collect(Collectors.joining(","));
            h.createQuery("SELECT " + COLUMNS + " FROM sheet WHERE id IN (" + some + ")")
                    .map((rs, c) -> row(rs))
                    .forEach(row -> found.put(row.id(), row));
        }
        List<SheetRow> rows = new ArrayList<>(found.size());
        LongStream.of(ids).mapToObj(found::get).filter(r -> r != null).forEach(rows::add);
        return rows;
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

    static long[] playedBy(Handle h, String name, Side side) {
        String column = side == Side.WHITE ? "white" : "black";
        // The first condition is what the index knows.
        return h.createQuery(
                        "SELECT id FROM sheet WHERE kind = 'game' AND deleted_at IS NULL AND %s ="
                                        .formatted(column)
                                + " :name COLLATE NOCASE AND "
                                + column
                                + " = :name ORDER BY id")
                .bind("name", name)
                .scanResultSet((rs, c) -> numbers(rs.get()));
    }
}
