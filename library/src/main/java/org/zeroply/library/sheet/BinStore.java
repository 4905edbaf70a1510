package org.zeroply.library.sheet;

import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import org.jdbi.v3.core.Handle;
import org.zeroply.library.database.Database;

/** What was put away: it stays in the library for a while and comes back as it was. */
public final class BinStore {

    /** How long what was put away is kept. */
    public static final Duration KEPT = Duration.ofDays(30);

    /** What can be put away. */
    public enum Kind {
        GAME("sheet", "Game"),
        ANALYSIS("sheet", "Analysis"),
        EXERCISE("sheet", "Exercise"),
        REPERTOIRE("sheet", "Chapter"),
        LESSON("sheet", "Lesson"),
        TOURNAMENT("sheet", "Tournament"),
        STUDENT("student", "Student"),
        ATTEMPT("attempt", "Attempt"),
        FIND("find", "Find");

        private final String table;
        private final String word;

        Kind(String table, String word) {
            this.table = table;
            this.word = word;
        }

        /** What a coach calls it. */
        public String word() {
            return word;
        }

        /** What a sheet of this kind is in the bin. */
        public static Kind of(SheetKind kind) {
            return valueOf(kind.name());
        }
    }

    /** Something that can be put away, by the number of its row. */
    public record Item(Kind kind, long id) {}

    /** Something in the bin. */
    public record Entry(Item item, String title, Instant deletedAt) {
        /** When it will be gone for good. */
        public Instant goneAt() {
            return deletedAt.plus(KEPT);
        }
    }

    /** How much belongs to a student and goes along. */
    public record Belongings(int attempts, int assignments, int moments, int remembered) {}

    private static final String ALL =
            "SELECT upper(kind) AS kind, id, title, deleted FROM sheet WHERE deleted IS NOT"
                    + " NULL UNION ALL SELECT 'STUDENT', id, name, deleted FROM student WHERE"
                    + " deleted IS NOT NULL UNION ALL SELECT 'ATTEMPT', a.id, t.name || ': ' ||"
                    + " a.title, a.deleted FROM attempt a JOIN student t ON t.id = a.student_id"
                    + " WHERE a.deleted IS NOT NULL UNION ALL SELECT 'FIND', f.id, s.title ||"
                    + " ', move ' || (f.ply / 2 + 1), f.deleted FROM find f JOIN sheet s ON s.id"
                    + " = f.sheet_id WHERE f.state = 'put-away' AND f.deleted IS NOT NULL";

    private final Database database;
    private final Clock clock;

    public BinStore(Database database, Clock clock) {
        this.database = database;
        this.clock = clock;
    }

    /** Puts things away; all of them or none. */
    public void put(List<Item> items) {
        put(items, clock.instant());
    }

    /** Puts things away that were put away elsewhere at that time; all of them or none. */
    public void put(List<Item> items, Instant at) {
        database.write(
                h -> {
                    items.forEach(i -> mark(h, i, at));
                    return null;
                });
    }

    /** Brings things back; all of them or none. */
    public void restore(List<Item> items) {
        database.write(
                h -> {
                    items.forEach(i -> mark(h, i, null));
                    return null;
                });
    }

    private void mark(Handle h, Item item, Instant at) {
        String table = item.kind().table;
        h.execute("UPDATE " + table + " SET deleted = ? WHERE id = ?", at, item.id());
        if (table.equals("sheet")) {
            h.execute("UPDATE sheet SET changed = ? WHERE id = ?", clock.millis(), item.id());
        }
        if (item.kind() == Kind.FIND) {
            String state = at == null ? "open" : "put-away";
            h.execute("UPDATE find SET state = ? WHERE id = ?", state, item.id());
        }
    }

    /** What is in the bin, the latest first. */
    public List<Entry> all() {
        return database.read(
                h ->
                        h.createQuery("SELECT * FROM (" + ALL + ") ORDER BY deleted DESC, id DESC")
                                .map((rs, c) -> entry(rs))
                                .list());
    }

    private static Entry entry(ResultSet rs) throws SQLException {
        return new Entry(
                new Item(Kind.valueOf(rs.getString(1)), rs.getLong(2)),
                rs.getString(3),
                Instant.ofEpochMilli(rs.getLong(4)));
    }

    /** What belongs to a student. */
    public Belongings of(long student) {
        return database.read(
                h ->
                        new Belongings(
                                count(h, "attempt", student),
                                count(h, "assignment", student),
                                count(h, "student_moment", student),
                                count(h, "recall", student)));
    }

    private static int count(Handle h, String table, long student) {
        return h.createQuery("SELECT count(*) FROM " + table + " WHERE student_id = :student")
                .bind("student", student)
                .mapTo(Integer.class)
                .one();
    }

    /**
     * Removes for good what has been in the bin for longer than {@link #KEPT}.
     *
     * @return how many things are gone
     */
    public int empty() {
        Instant before = clock.instant().minus(KEPT);
        List<Item> old =
                all().stream()
                        .filter(e -> e.deletedAt().isBefore(before))
                        .map(Entry::item)
                        .toList();
        if (!old.isEmpty()) {
            remove(old);
        }
        return old.size();
    }

    /** Removes things for good, with all that belongs to them; an attempt outlives its exercise. */
    public void remove(List<Item> items) {
        database.write(
                h -> {
                    items.forEach(i -> remove(h, i));
                    return null;
                });
    }

    private static final Map<String, List<String>> BELONGING =
            Map.of(
                    "sheet",
                    List.of(
                            "UPDATE attempt SET exercise_id = NULL WHERE exercise_id = ?",
                            "UPDATE lesson_answer SET lesson_id = NULL WHERE lesson_id = ?",
                            "DELETE FROM assignment WHERE exercise_id = ?",
                            "DELETE FROM find WHERE sheet_id = ?",
                            "DELETE FROM game_search WHERE sheet_id = ?",
                            "DELETE FROM student_moment WHERE sheet_id = ?",
                            "DELETE FROM moment_note WHERE sheet_id = ?",
                            "DELETE FROM review WHERE sheet_id = ?",
                            "DELETE FROM collected WHERE sheet_id = ?",
                            "DELETE FROM sheet_change WHERE sheet_id = ?",
                            "DELETE FROM game_line WHERE sheet_id = ?"),
                    "student",
                    List.of(
                            "DELETE FROM attempt WHERE student_id = ?",
                            "DELETE FROM lesson_answer WHERE student_id = ?",
                            "DELETE FROM assignment WHERE student_id = ?",
                            "DELETE FROM student_moment WHERE student_id = ?",
                            "DELETE FROM recall WHERE student_id = ?",
                            "DELETE FROM student_approach WHERE student_id = ?"),
                    "attempt",
                    List.of(),
                    // A find that the coach has refused is remembered, so that it is not offered
                    // again.
                    "find",
                    List.of());

    private static void remove(Handle h, Item item) {
        String table = item.kind().table;
        BELONGING.get(table).forEach(sql -> h.execute(sql, item.id()));
        if (item.kind() == Kind.FIND) {
            h.execute("UPDATE find SET deleted = NULL WHERE id = ?", item.id());
        } else {
            h.execute("DELETE FROM " + table + " WHERE id = ?", item.id());
        }
    }
}
