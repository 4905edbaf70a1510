package org.zeroply.library.student;

import java.sql.ResultSet;
import java.sql.SQLException;
import java.util.List;
import java.util.UUID;
import org.zeroply.chess.board.Symmetry;
import org.zeroply.library.database.Database;

/** What students are to solve. */
public final class AssignmentStore {

    private final Database database;

    public AssignmentStore(Database database) {
        this.database = database;
    }

    /**
     * Assigns an exercise.
     *
     * @param dueDay days since 1970-01-01
     */
    public void add(
            long student,
            long exercise,
            Symmetry clothes,
            long dueDay,
            int minutes,
            String reason) {
        add(
                new Assignment(
                        0,
                        UUID.randomUUID().toString(),
                        student,
                        new Homework(exercise, "", clothes, minutes, reason),
                        dueDay,
                        Assignment.State.ASSIGNED,
                        ""));
    }

    /** Adds an assignment; one with the same uuid is not added twice. */
    public void add(Assignment a) {
        database.write(
                h ->
                        h.execute(
                                "INSERT INTO assignment (uuid, student_id, exercise_id, clothes,"
                                        + " due_day, minutes, reason, state, attempt) VALUES (?,"
                                        + " ?, ?, ?, ?, ?, ?, ?, ?) ON CONFLICT (uuid) DO NOTHING",
                                a.uuid(),
                                a.studentId(),
                                a.homework().exerciseId(),
                                a.homework().clothes().name(),
                                a.dueDay(),
                                a.homework().minutes(),
                                a.homework().reason(),
                                a.state().word(),
                                a.attempt()));
    }

    /** A student's assignments, the next due first; those of exercises in the bin are left out. */
    public List<Assignment> of(long student) {
        return list(student, "AND s.deleted IS NULL");
    }

    /** The same with those of exercises in the bin. */
    public List<Assignment> withPutAway(long student) {
        return list(student, "");
    }

    private List<Assignment> list(long student, String clause) {
        return database.read(
                h ->
                        h.createQuery(
                                        "SELECT a.*, s.title FROM assignment a JOIN sheet s ON s.id"
                                                + " = a.exercise_id WHERE a.student_id = :student "
                                                + clause
                                                + " ORDER BY a.due_day, a.id")
                                .bind("student", student)
                                .map((rs, c) -> assignment(rs))
                                .list());
    }

    /** Notes that the student has begun; what is done stays so. */
    public void opened(long id) {
        database.write(
                h ->
                        h.execute(
                                "UPDATE assignment SET state = 'opened' WHERE id = ? AND state ="
                                        + " 'assigned'",
                                id));
    }

    /** Notes what came of it. */
    public void done(long id, String attempt) {
        database.write(
                h ->
                        h.execute(
                                "UPDATE assignment SET state = 'done', attempt = ? WHERE id = ?",
                                attempt,
                                id));
    }

    /** Notes that the coach has gone through it. */
    public void marked(long id) {
        database.write(
                h ->
                        h.execute(
                                "UPDATE assignment SET state = 'marked' WHERE id = ? AND state ="
                                        + " 'done'",
                                id));
    }

    /** Puts it off, or brings it forward. */
    public void due(long id, long day) {
        database.write(h -> h.execute("UPDATE assignment SET due_day = ? WHERE id = ?", day, id));
    }

    /** Takes it back; an attempt that came of it stays in the log. */
    public void remove(long id) {
        database.write(h -> h.execute("DELETE FROM assignment WHERE id = ?", id));
    }

    private static Assignment assignment(ResultSet rs) throws SQLException {
        return new Assignment(
                rs.getLong("id"),
                rs.getString("uuid"),
                rs.getLong("student_id"),
                new Homework(
                        rs.getLong("exercise_id"),
                        rs.getString("title"),
                        Symmetry.valueOf(rs.getString("clothes")),
                        rs.getInt("minutes"),
                        rs.getString("reason")),
                rs.getLong("due_day"),
                Assignment.State.of(rs.getString("state")),
                rs.getString("attempt"));
    }
}
