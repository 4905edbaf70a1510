package org.zeroply.library.index;

import java.util.BitSet;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.jdbi.v3.core.Handle;
import org.jdbi.v3.core.statement.PreparedBatch;
import org.zeroply.coach.fact.FactKind;
import org.zeroply.coach.insight.Insight;
import org.zeroply.coach.insight.SearchedInsight;
import org.zeroply.coach.pattern.FactTrail;
import org.zeroply.coach.pattern.SearchedTrail;
import org.zeroply.engine.search.BuiltInEngine;
import org.zeroply.library.database.Database;

/** Where facts that take a search were looked for in games, and found. */
final class SearchedTrailStore {

    private static final String VERSION =
            Insight.VERSION + " " + BuiltInEngine.NAME + " " + SearchedInsight.NODES;

    private final Database database;

    SearchedTrailStore(Database database) {
        this.database = database;
    }

    private record Row(int number, String trait, BitSet looked, FactTrail trail) {}

    /** The trails of a kind by the number of the game. */
    Map<Integer, SearchedTrail> all(FactKind kind) {
        Map<Integer, BitSet> looked = new HashMap<>();
        Map<Integer, Map<String, FactTrail>> trails = new HashMap<>();
        for (Row row : database.read(h -> rows(h, kind))) {
            looked.put(row.number(), row.looked());
            trails.computeIfAbsent(row.number(), n -> new HashMap<>())
                    .put(row.trait(), row.trail());
        }
        Map<Integer, SearchedTrail> all = new HashMap<>();
        looked.forEach(
                (number, plies) -> all.put(number, new SearchedTrail(plies, trails.get(number))));
        return all;
    }

    private static List<Row> rows(Handle h, FactKind kind) {
        return h.createQuery(
                        "SELECT number, trait, looked, white, black, both FROM searched_trail"
                                + " WHERE kind = :kind AND version = :version")
                .bind("kind", kind.word())
                .bind("version", VERSION)
                .map(
                        (rs, c) ->
                                new Row(
                                        rs.getInt(1),
                                        rs.getString(2),
                                        TrailColumns.plies(rs, 3),
                                        TrailColumns.read(rs, 4)))
                .list();
    }

    /** Keeps what is known of a game; one that was changed or removed meanwhile is left out. */
    void keep(FactKind kind, int number, SearchedTrail trail) {
        database.write(
                h -> {
                    PreparedBatch batch =
                            h.prepareBatch(
                                    "INSERT OR REPLACE INTO searched_trail (kind, trait, number,"
                                            + " version, looked, white, black, both) SELECT ?, ?,"
                                            + " number, ?, ?, ?, ?, ? FROM game_line WHERE number"
                                            + " = ?");
                    trail.trails()
                            .forEach(
                                    (trait, told) -> {
                                        batch.bind(0, kind.word())
                                                .bind(1, trait)
                                                .bind(2, VERSION)
                                                .bind(3, trail.looked().toByteArray());
                                        TrailColumns.bind(batch, 4, told).bind(7, number).add();
                                    });
                    return batch.execute();
                });
    }
}
