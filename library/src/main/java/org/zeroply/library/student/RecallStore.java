package org.zeroply.library.student;

import java.sql.ResultSet;
import java.sql.SQLException;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import org.jdbi.v3.core.Handle;
import org.zeroply.chess.tree.Approach;
import org.zeroply.coach.training.drill.Memory;
import org.zeroply.coach.training.drill.NotedMemory;
import org.zeroply.coach.training.drill.Recall;
import org.zeroply.library.database.Database;

/** What students remember of repertoires, and the school whose moves each one learns. */
public final class RecallStore {

    private final Database database;

    public RecallStore(Database database) {
        this.database = database;
    }

    /** A student's memory, read at once; every answer is written when it is kept. */
    public Memory of(long studentId) {
        return new NotedMemory(
                all(studentId), (question, recall) -> keep(studentId, question, recall));
    }

    /** All that a student was ever asked, by question. */
    public Map<String, Recall> all(long studentId) {
        return database.read(
                h -> {
                    Map<String, Recall> all = new LinkedHashMap<>();
                    h.createQuery(
                                    "SELECT question, answer, repetitions, easiness, interval,"
                                            + " due_day, asked, right_first FROM recall WHERE"
                                            + " student_id = :student ORDER BY question")
                            .bind("student", studentId)
                            .map((rs, c) -> all.put(rs.getString(1), recall(rs)) == null)
                            .forEach(isNew -> {});
                    return all;
                });
    }

    private static Recall recall(ResultSet rs) throws SQLException {
        return new Recall(
                rs.getString(2),
                rs.getInt(3),
                rs.getDouble(4),
                rs.getInt(5),
                rs.getLong(6),
                rs.getInt(7),
                rs.getInt(8));
    }

    /** Keeps what a student remembers of a question. */
    public void keep(long studentId, String question, Recall recall) {
        database.write(h -> insert(h, studentId, question, recall));
    }

    private static int insert(Handle h, long studentId, String question, Recall recall) {
        return h.execute(
                "INSERT OR REPLACE INTO recall (student_id, question, answer, repetitions,"
                        + " easiness, interval, due_day, asked, right_first)"
                        + " VALUES (?, ?, ?, ?, ?, ?, ?, ?, ?)",
                studentId,
                question,
                recall.answer(),
                recall.repetitions(),
                recall.easiness(),
                recall.interval(),
                recall.dueDay(),
                recall.asked(),
                recall.rightFirst());
    }

    /** The school whose moves a student learns, if one was chosen. */
    public Optional<Approach> approach(long studentId) {
        return database.read(
                        h ->
                                h.createQuery(
                                                "SELECT approach FROM student_approach WHERE"
                                                        + " student_id = :student")
                                        .bind("student", studentId)
                                        .mapTo(String.class)
                                        .findOne())
                .flatMap(Approach::of);
    }

    /** Chooses the school whose moves a student learns, or none. */
    public void choose(long studentId, Optional<Approach> approach) {
        database.write(
                h ->
                        approach.isPresent()
                                ? h.execute(
                                        "INSERT OR REPLACE INTO student_approach (student_id,"
                                                + " approach) VALUES (?, ?)",
                                        studentId,
                                        approach.get().word())
                                : h.execute(
                                        "DELETE FROM student_approach WHERE student_id = ?",
                                        studentId));
    }
}
