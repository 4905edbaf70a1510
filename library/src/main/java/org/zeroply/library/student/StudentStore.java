package org.zeroply.library.student;

import java.time.Clock;
import java.time.Instant;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.jdbi.v3.core.mapper.RowMapper;
import org.jdbi.v3.core.mapper.reflect.ConstructorMapper;
import org.zeroply.library.database.Database;

/** The students of the coach. */
public final class StudentStore {

    private static final String COLUMNS = "SELECT id, uuid, name, rating, note";

    private static final RowMapper<Student> STUDENT = ConstructorMapper.of(Student.class);

    private final Database database;
    private final Clock clock;

    public StudentStore(Database database, Clock clock) {
        this.database = database;
        this.clock = clock;
    }

    /** Adds a student; the rating is 0 when unknown. */
    public Student add(String name, int rating) {
        return add(UUID.randomUUID().toString(), name, rating, "");
    }

    /** Adds a student known elsewhere by this uuid, or gives the one who is here already. */
    public Student add(String uuid, String name, int rating, String note) {
        // Whoever was put away and comes in again, from an archive, is brought back.
        database.write(h -> h.execute("UPDATE student SET deleted = NULL WHERE uuid = ?", uuid));
        Optional<Student> known =
                database.read(
                        h ->
                                h.createQuery(COLUMNS + " FROM student WHERE uuid = :uuid")
                                        .bind("uuid", uuid)
                                        .map(STUDENT)
                                        .findOne());
        if (known.isPresent()) {
            return known.get();
        }
        long id =
                database.write(
                        h ->
                                h.createUpdate(
                                                "INSERT INTO student (uuid, name, rating, note,"
                                                        + " added) VALUES (:uuid, :name, :rating,"
                                                        + " :note, :now)")
                                        .bind("uuid", uuid)
                                        .bind("name", name.strip())
                                        .bind("rating", rating)
                                        .bind("note", note)
                                        .bind("now", clock.instant())
                                        .executeAndReturnGeneratedKeys("id")
                                        .mapTo(Long.class)
                                        .one());
        return new Student(id, uuid, name.strip(), rating, note);
    }

    /** Saves name, rating and note of a student. */
    public void save(Student student) {
        database.write(
                h ->
                        h.execute(
                                "UPDATE student SET name = ?, rating = ?, note = ? WHERE id = ?",
                                student.name().strip(),
                                student.rating(),
                                student.note(),
                                student.id()));
    }

    /** All students by name. */
    public List<Student> all() {
        return database.read(
                h ->
                        h.createQuery(
                                        COLUMNS
                                                + " FROM student WHERE deleted IS NULL ORDER BY"
                                                + " name, id")
                                .map(STUDENT)
                                .list());
    }

    /** The students in the bin, in the order of their adding, and when they were put there. */
    public Map<Student, Instant> putAway() {
        return database.read(
                h -> {
                    Map<Student, Instant> away = new LinkedHashMap<>();
                    h.createQuery(
                                    COLUMNS
                                            + ", deleted FROM student WHERE deleted IS NOT"
                                            + " NULL ORDER BY id")
                            .map(
                                    (rs, c) ->
                                            Map.entry(
                                                    STUDENT.map(rs, c),
                                                    Instant.ofEpochMilli(rs.getLong("deleted"))))
                            .forEach(e -> away.put(e.getKey(), e.getValue()));
                    return away;
                });
    }

    /** The number of the student with this uuid, in the bin or not. */
    public Optional<Long> numberOf(String uuid) {
        return database.read(
                h ->
                        h.createQuery("SELECT id FROM student WHERE uuid = :uuid")
                                .bind("uuid", uuid)
                                .mapTo(Long.class)
                                .findOne());
    }

    /** Whether there is a student with this uuid, in the bin or not. */
    public boolean isKnown(String uuid) {
        return database.read(
                h ->
                        h.createQuery("SELECT EXISTS (SELECT 1 FROM student WHERE uuid = :uuid)")
                                .bind("uuid", uuid)
                                .mapTo(Boolean.class)
                                .one());
    }

    /** When the student with this uuid was put into the bin; empty for those who are not in it. */
    public Optional<Instant> putAwayAt(String uuid) {
        return database.read(
                h ->
                        h.createQuery("SELECT deleted FROM student WHERE uuid = :uuid")
                                .bind("uuid", uuid)
                                .mapTo(Instant.class)
                                .findOne());
    }
}
