package org.zeroply.library.index;

import java.time.Clock;
import java.util.List;
import java.util.Optional;
import org.jdbi.v3.core.Handle;
import org.jdbi.v3.core.mapper.reflect.ConstructorMapper;
import org.zeroply.library.database.Database;

/** Questions to games that the coach has given a name. */
public final class QueryStore {

    private final Database database;
    private final Clock clock;

    public QueryStore(Database database, Clock clock) {
        this.database = database;
        this.clock = clock;
    }

    /**
     * A question under its name.
     *
     * @param query the text form; what an older program kept may not be readable any more
     */
    public record Kept(String name, String query) {}

    /** All of them, by name. */
    public List<Kept> all() {
        return database.read(
                h ->
                        h.createQuery(
                                        "SELECT name, query FROM kept_query ORDER BY name COLLATE"
                                                + " NOCASE")
                                .map(ConstructorMapper.of(Kept.class))
                                .list());
    }

    /** The question under a name. */
    public Optional<String> named(String name) {
        return database.read(h -> named(h, name));
    }

    private static Optional<String> named(Handle h, String name) {
        return h.createQuery("SELECT query FROM kept_query WHERE name = :name")
                .bind("name", name)
                .mapTo(String.class)
                .findOne();
    }

    /**
     * Keeps a question under a name, in place of another of that name.
     *
     * @return the question it took the place of, so that it can be put back
     */
    public Optional<String> keep(String name, String query) {
        return database.write(
                h -> {
                    Optional<String> before = named(h, name);
                    h.execute(
                            "INSERT INTO kept_query (name, query, changed) VALUES (?, ?, ?) ON"
                                    + " CONFLICT (name) DO UPDATE SET query = excluded.query,"
                                    + " changed = excluded.changed",
                            name,
                            query,
                            clock.millis());
                    return before;
                });
    }

    /** Forgets the question under a name. */
    public void forget(String name) {
        database.write(h -> h.execute("DELETE FROM kept_query WHERE name = ?", name));
    }
}
