package org.zeroply.library.sheet;

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
import org.zeroply.chess.board.Side;
import org.zeroply.library.database.Database;

/**
 * Lists sheets in two steps, so that a list of very many costs little: the numbers of all, and what
 * is told of those that are looked at.
 */
final class SheetSearch {

    private static final String COLUMNS = "id, kind, title, plies, " + GameHeading.COLUMNS;

    /** A word that so many sheets have is common. */
    static final int COMMON = 50_000;

    /** Rows asked for at once. */
    private static final int BATCH = 500;

    private final Vocabulary vocabulary;

    SheetSearch(Database database) {
        vocabulary = new Vocabulary(database);
    }

    /**
     * Words are looked for at the beginnings of words. Where nothing begins so, they are looked for
     * inside words, too.
     */
    long[] ids(Handle h, SheetQuery query) {
        List<SheetWord> words = query.words().stream().map(SheetWord::new).toList();
        List<SheetWord.Part> parts = words.stream().flatMap(w -> w.parts().stream()).toList();
        if (!parts.isEmpty()) {
            // To go through all that have a common word takes longer than to look at the others.
            List<SheetWord.Part> rare = parts.stream().filter(p -> !isCommon(h, p)).toList();
            List<SheetWord.Part> asked = rare.isEmpty() ? parts : rare;
            List<SheetWord.Part> seen = parts.stream().filter(p -> !asked.contains(p)).toList();
            List<SheetWord> inside = words.stream().filter(w -> !w.isPlain()).toList();
            String beginnings =
                    asked.stream().map(SheetWord.Part::query).collect(Collectors.joining(" AND "));
            long[] found = ids(h, query, inside, beginnings, seen);
            if (found.length > 0) {
                return found;
            }
        }
        return ids(h, query, words, vocabulary.inside(h, parts), List.of());
    }

    private static boolean isCommon(Handle h, SheetWord.Part part) {
        return h.createQuery(
                                "SELECT count(*) FROM (SELECT 1 FROM sheet_words WHERE sheet_words"
                                        + " MATCH :word LIMIT :most)")
                        .bind("word", part.wholeQuery())
                        .bind("most", COMMON)
                        .mapTo(Integer.class)
                        .one()
                == COMMON;
    }

    /**
     * @param inside words that must stand somewhere in the text
     * @param beginnings a query of the word index; empty for none
     * @param seen beginnings of words that are looked for in the text of each sheet that fits
     *     otherwise
     */
    private static long[] ids(
            Handle h,
            SheetQuery query,
            List<SheetWord> inside,
            String beginnings,
            List<SheetWord.Part> seen) {
        StringBuilder sql =
                new StringBuilder("SELECT id")
                        .append(seen.isEmpty() ? "" : ", " + WordIndex.TEXT)
                        .append(" FROM sheet")
                        .append(isByIndex(query, inside, beginnings) ? "" : " NOT INDEXED")
                        .append(" WHERE deleted IS NULL AND kind = :kind");
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
            sql.append(" AND ").append(inside.get(i).condition(WordIndex.TEXT, ":word" + i));
        }
        Map<String, Object> values = new HashMap<>();
        values.put("kind", query.kind().word());
        values.put("plies", query.fewestPlies());
        values.put("in", query.collection());
        values.put("result", query.result());
        values.put("words", beginnings);
        for (int i = 0; i < inside.size(); i++) {
            values.put("word" + i, inside.get(i).pattern());
        }
        return h.createQuery(sql.append(query.order().sql()).toString())
                .bindMap(values)
                .scanResultSet((rs, c) -> numbers(rs.get(), seen));
    }

    /**
     * Whether an index leads to the sheets. Where all rows have to be looked at, that is several
     * times as fast from the first to the last as in the order of an index.
     */
    private static boolean isByIndex(SheetQuery query, List<SheetWord> inside, String beginnings) {
        boolean few = !beginnings.isEmpty() || query.collection() > 0;
        boolean all = inside.isEmpty() && query.result().isEmpty() && query.fewestPlies() == 0;
        return few || all && query.order().isIndexed();
    }

    private static long[] numbers(ResultSet rs, List<SheetWord.Part> seen) throws SQLException {
        long[] ids = new long[64];
        int n = 0;
        while (rs.next()) {
            if (!seen.isEmpty()) {
                String text = SheetWord.plain(rs.getString(2));
                if (!seen.stream().allMatch(w -> w.begins(text))) {
                    continue;
                }
            }
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
                GameHeading.read(rs, 5),
                rs.getInt(4));
    }

    static long[] playedBy(Handle h, String name, Side side) {
        String column = side == Side.WHITE ? "white" : "black";
        // The first condition is what the index knows.
        return h.createQuery(
                        "SELECT id FROM sheet WHERE kind = 'game' AND deleted IS NULL AND %s ="
                                        .formatted(column)
                                + " :name COLLATE NOCASE AND "
                                + column
                                + " = :name ORDER BY id")
                .bind("name", name)
                .scanResultSet((rs, c) -> numbers(rs.get(), List.of()));
    }
}
