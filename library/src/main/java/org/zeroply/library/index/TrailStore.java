package org.zeroply.library.index;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.jdbi.v3.core.Handle;
import org.jdbi.v3.core.statement.PreparedBatch;
import org.zeroply.coach.fact.FactKind;
import org.zeroply.coach.insight.Insight;
import org.zeroply.coach.pattern.FactTrail;
import org.zeroply.coach.pattern.ToldFact;
import org.zeroply.library.database.Database;

/** Where facts are told in games, kept so that it need not be looked for again. */
final class TrailStore {

    private final Database database;

    TrailStore(Database database) {
        this.database = database;
    }

    /** The trails of a kind through the game of a number, by the quality of the fact. */
    record Followed(FactKind kind, int number, Map<String, FactTrail> trails) {}

    private record Row(int number, FactTrail trail) {}

    /** The trails of a fact by the number of the game: of each game that was looked at. */
    Map<Integer, FactTrail> all(ToldFact fact) {
        return database.read(
                h -> {
                    Map<Integer, FactTrail> all = new HashMap<>();
                    if (!fact.trait().isEmpty()) {
                        looked(h, fact.kind()).forEach(n -> all.put(n, FactTrail.none()));
                    }
                    rows(h, fact).forEach(r -> all.put(r.number(), r.trail()));
                    return all;
                });
    }

    private static List<Integer> looked(Handle h, FactKind kind) {
        return h.createQuery(
                        "SELECT number FROM fact_trail WHERE kind = :kind AND trait = '' AND"
                                + " version = :version")
                .bind("kind", kind.word())
                .bind("version", Insight.VERSION)
                .mapTo(Integer.class)
                .list();
    }

    private static List<Row> rows(Handle h, ToldFact fact) {
        return h.createQuery(
                        "SELECT number, white, black, both FROM fact_trail WHERE kind = :kind AND"
                                + " trait = :trait AND version = :version")
                .bind("kind", fact.kind().word())
                .bind("trait", fact.trait())
                .bind("version", Insight.VERSION)
                .map((rs, c) -> new Row(rs.getInt(1), TrailColumns.read(rs, 2)))
                .list();
    }

    /** Keeps trails; those of games that were changed or removed meanwhile are left out. */
    void keep(List<Followed> followed) {
        database.write(
                h -> {
                    PreparedBatch batch =
                            h.prepareBatch(
                                    "INSERT OR REPLACE INTO fact_trail (kind, trait, number,"
                                            + " version, white, black, both) SELECT ?, ?, number,"
                                            + " ?, ?, ?, ? FROM game_line WHERE number = ?");
                    followed.forEach(
                            f -> f.trails().forEach((trait, trail) -> add(batch, f, trait, trail)));
                    return batch.execute();
                });
    }

    private static void add(PreparedBatch batch, Followed followed, String trait, FactTrail trail) {
        batch.bind(0, followed.kind().word()).bind(1, trait).bind(2, Insight.VERSION);
        TrailColumns.bind(batch, 3, trail).bind(6, followed.number()).add();
    }
}
