package org.zeroply.library.sheet;

import java.util.List;
import java.util.Optional;
import org.jdbi.v3.core.Handle;
import org.jdbi.v3.core.mapper.reflect.ConstructorMapper;
import org.zeroply.library.database.Database;

/** Collections: games the coach has put together under a name; a game may be in several. */
public final class CollectionStore {

    /** A collection and how many sheets are in it, those in the bin left out. */
    public record Collection(long id, String name, int sheets) {}

    private final Database database;

    public CollectionStore(Database database) {
        this.database = database;
    }

    /** All collections by name. */
    public List<Collection> all() {
        return database.read(
                h ->
                        h.createQuery(
                                        "SELECT c.id, c.name, count(s.id) AS sheets FROM collection c LEFT JOIN"
                                                + " collected d ON d.collection_id = c.id LEFT JOIN"
                                                + " sheet s ON s.id = d.sheet_id AND s.deleted IS"
                                                + " NULL GROUP BY c.id ORDER BY c.name")
                                .map(ConstructorMapper.of(Collection.class))
                                .list());
    }

    /** Puts sheets into the collection of this name, which is made if there is none. */
    public void put(String name, List<Long> sheets) {
        String wanted = name.strip();
        database.write(
                h -> {
                    h.execute("INSERT OR IGNORE INTO collection (name) VALUES (?)", wanted);
                    for (long sheet : sheets) {
                        h.execute(
                                "INSERT OR IGNORE INTO collected (collection_id, sheet_id) SELECT"
                                        + " id, ? FROM collection WHERE name = ?",
                                sheet,
                                wanted);
                    }
                    return null;
                });
    }

    /** The sheets in a collection, the oldest first, those in the bin left out. */
    public List<Long> sheets(long collection) {
        return database.read(
                h ->
                        h.createQuery(
                                        "SELECT s.id FROM collected d JOIN sheet s ON s.id ="
                                                + " d.sheet_id AND s.deleted IS NULL WHERE"
                                                + " d.collection_id = :id ORDER BY s.id")
                                .bind("id", collection)
                                .mapTo(Long.class)
                                .list());
    }

    /** The same with those in the bin. */
    public List<Long> withPutAway(long collection) {
        return database.read(h -> sheets(h, collection));
    }

    private static List<Long> sheets(Handle h, long collection) {
        return h.createQuery(
                        "SELECT sheet_id FROM collected WHERE collection_id = :id ORDER BY"
                                + " sheet_id")
                .bind("id", collection)
                .mapTo(Long.class)
                .list();
    }

    /** Takes sheets out of a collection; the sheets themselves stay. */
    public void take(long collection, List<Long> sheets) {
        database.write(
                h -> {
                    for (long sheet : sheets) {
                        h.execute(
                                "DELETE FROM collected WHERE collection_id = ? AND sheet_id = ?",
                                collection,
                                sheet);
                    }
                    return null;
                });
    }

    /** Gives a collection another name; nothing happens if that name is taken. */
    public void rename(long collection, String name) {
        database.write(
                h ->
                        h.execute(
                                "UPDATE OR IGNORE collection SET name = ? WHERE id = ?",
                                name.strip(),
                                collection));
    }

    /**
     * Gives a collection up; the sheets stay where they are.
     *
     * @return the sheets that were in it
     */
    public List<Long> dissolve(long collection) {
        return database.write(
                h -> {
                    List<Long> sheets = sheets(h, collection);
                    h.execute("DELETE FROM collected WHERE collection_id = ?", collection);
                    h.execute("DELETE FROM collection WHERE id = ?", collection);
                    return sheets;
                });
    }

    /** The collection of a name, if there is one. */
    public Optional<Collection> named(String name) {
        return all().stream().filter(c -> c.name().equals(name.strip())).findFirst();
    }
}
