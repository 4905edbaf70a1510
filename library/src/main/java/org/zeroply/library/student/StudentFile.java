package org.zeroply.library.student;

import java.time.Clock;
import java.util.List;
import org.jdbi.v3.core.mapper.reflect.ConstructorMapper;
import org.zeroply.library.database.Database;

/** Moments of games put into the files of students. */
public final class StudentFile {

    private final Database database;
    private final Clock clock;

    public StudentFile(Database database, Clock clock) {
        this.database = database;
        this.clock = clock;
    }

    /**
     * A moment in a student's file.
     *
     * @param sheetId the game
     * @param ply the move it is about, 1-based
     * @param text what is to be learnt
     */
    public record Filed(long sheetId, String game, int ply, String text) {}

    /** Puts a moment into a student's file; on the same move the text is replaced. */
    public void add(long studentId, long sheetId, int ply, String text) {
        database.write(
                h ->
                        h.execute(
                                "INSERT INTO student_moment (student_id, sheet_id, ply, text,"
                                        + " added) VALUES (?, ?, ?, ?, ?) ON CONFLICT"
                                        + " (student_id, sheet_id, ply) DO UPDATE SET text ="
                                        + " excluded.text",
                                studentId,
                                sheetId,
                                ply,
                                text,
                                clock.instant()));
    }

    /** Takes a moment out of a student's file. */
    public void remove(long studentId, long sheetId, int ply) {
        database.write(
                h ->
                        h.execute(
                                "DELETE FROM student_moment WHERE student_id = ? AND sheet_id = ?"
                                        + " AND ply = ?",
                                studentId,
                                sheetId,
                                ply));
    }

    /** A student's moments, the latest first. */
    public List<Filed> of(long studentId) {
        return database.read(
                h ->
                        h.createQuery(
                                        "SELECT m.sheet_id, s.title AS game, m.ply, m.text FROM"
                                                + " student_moment m JOIN sheet s ON s.id ="
                                                + " m.sheet_id WHERE m.student_id = :id ORDER BY"
                                                + " m.added DESC, m.id DESC")
                                .bind("id", studentId)
                                .map(ConstructorMapper.of(Filed.class))
                                .list());
    }
}
