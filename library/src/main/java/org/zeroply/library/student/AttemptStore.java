package org.zeroply.library.student;

import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.Instant;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalLong;
import org.jdbi.v3.core.Handle;
import org.jdbi.v3.core.statement.Query;
import org.zeroply.coach.exercise.marking.Ruling;
import org.zeroply.library.database.Database;

/** The log of attempts. What was committed is not changed any more; rulings stand beside it. */
public final class AttemptStore {

    private final Database database;

    public AttemptStore(Database database) {
        this.database = database;
    }

    /** Adds an attempt and gives its id; one with the same uuid is not added twice. */
    public long add(Attempt attempt) {
        return database.write(
                h -> {
                    h.createUpdate(
                                    "INSERT INTO attempt (uuid, student_id, exercise_id, title,"
                                            + " began, seconds, answer, points, max,"
                                            + " verdict_right, scheme, marked, rulings,"
                                            + " self_marked) VALUES (:uuid,"
                                            + " :student, :exercise, :title, :began, :seconds,"
                                            + " :answer, :points, :max, :right, :scheme, :marked,"
                                            + " :rulings, :self)"
                                            + " ON CONFLICT (uuid) DO NOTHING")
                            .bind("uuid", attempt.uuid())
                            .bind("student", attempt.studentId())
                            .bind(
                                    "exercise",
                                    attempt.work().exerciseId().isPresent()
                                            ? attempt.work().exerciseId().getAsLong()
                                            : null)
                            .bind("title", attempt.work().title())
                            .bind("began", attempt.work().beganAt())
                            .bind("seconds", attempt.work().seconds())
                            .bind("answer", attempt.work().answer())
                            .bind("points", attempt.marking().points())
                            .bind("max", attempt.marking().max())
                            .bind("right", attempt.marking().verdictRight())
                            .bind("scheme", attempt.work().scheme())
                            .bind("marked", attempt.marking().sheet())
                            .bind("rulings", MarkedSheets.writeRulings(attempt.marking().rulings()))
                            .bind("self", attempt.marking().byHand())
                            .execute();
                    return h.createQuery("SELECT id FROM attempt WHERE uuid = :uuid")
                            .bind("uuid", attempt.uuid())
                            .mapTo(Long.class)
                            .one();
                });
    }

    /**
     * Keeps what the coach decided about an attempt; what was written and marked stays.
     *
     * @return the attempt with the rulings and the points that follow
     */
    public Attempt decide(Attempt attempt, List<Ruling> rulings) {
        Attempt decided = attempt.with(rulings);
        database.write(
                h ->
                        h.execute(
                                "UPDATE attempt SET rulings = ?, points = ? WHERE id = ?",
                                MarkedSheets.writeRulings(rulings),
                                decided.marking().points(),
                                attempt.id()));
        return decided;
    }

    /** A student's attempts, the latest first, without those that were put away. */
    public List<Attempt> of(long studentId) {
        return database.read(
                h ->
                        query(h, "AND student_id = :student ORDER BY began DESC, id DESC")
                                .bind("student", studentId)
                                .map((rs, c) -> attempt(rs))
                                .list());
    }

    /** All attempts in the order of their adding, without those that were put away. */
    public List<Attempt> all() {
        return database.read(h -> query(h, "ORDER BY id").map((rs, c) -> attempt(rs)).list());
    }

    private static Query query(Handle h, String clause) {
        return h.createQuery(
                "SELECT * FROM attempt WHERE deleted IS NULL AND student_id IN (SELECT id FROM"
                        + " student WHERE deleted IS NULL) "
                        + clause);
    }

    /**
     * All attempts of a student who may be in the bin, the latest first; those that are in the bin
     * by themselves with when they were put there.
     */
    public Map<Attempt, Optional<Instant>> withPutAway(long studentId) {
        return database.read(
                h -> {
                    Map<Attempt, Optional<Instant>> all = new LinkedHashMap<>();
                    h.createQuery(
                                    "SELECT * FROM attempt WHERE student_id = :student ORDER BY"
                                            + " began DESC, id DESC")
                            .bind("student", studentId)
                            .map((rs, c) -> Map.entry(attempt(rs), deletedAt(rs)))
                            .forEach(e -> all.put(e.getKey(), e.getValue()));
                    return all;
                });
    }

    /** Whether there is an attempt with this uuid, in the bin or not. */
    public boolean isKnown(String uuid) {
        return database.read(
                h ->
                        h.createQuery("SELECT EXISTS (SELECT 1 FROM attempt WHERE uuid = :uuid)")
                                .bind("uuid", uuid)
                                .mapTo(Boolean.class)
                                .one());
    }

    private static Optional<Instant> deletedAt(ResultSet rs) throws SQLException {
        long deleted = rs.getLong("deleted");
        return rs.wasNull() ? Optional.empty() : Optional.of(Instant.ofEpochMilli(deleted));
    }

    private static Attempt attempt(ResultSet rs) throws SQLException {
        long exercise = rs.getLong("exercise_id");
        OptionalLong exerciseId = rs.wasNull() ? OptionalLong.empty() : OptionalLong.of(exercise);
        return new Attempt(
                rs.getLong("id"),
                rs.getString("uuid"),
                rs.getLong("student_id"),
                new WrittenWork(
                        exerciseId,
                        rs.getString("title"),
                        rs.getString("scheme"),
                        Instant.ofEpochMilli(rs.getLong("began")),
                        rs.getInt("seconds"),
                        rs.getString("answer")),
                new Marking(
                        rs.getInt("points"),
                        rs.getInt("max"),
                        rs.getBoolean("verdict_right"),
                        rs.getString("marked"),
                        MarkedSheets.readRulings(rs.getString("rulings")),
                        rs.getBoolean("self_marked")));
    }
}
