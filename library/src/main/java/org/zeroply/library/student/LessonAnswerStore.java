package org.zeroply.library.student;

import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.Instant;
import java.util.Arrays;
import java.util.List;
import java.util.OptionalLong;
import org.zeroply.coach.lesson.AnswerOutcome;
import org.zeroply.library.database.Database;

/** What students answered in lessons. */
public final class LessonAnswerStore {

    private static final String ALL =
            "SELECT uuid, student_id, lesson_id, lesson, step, prompt, themes, answer, outcome,"
                    + " seconds, said FROM lesson_answer ";

    private final Database database;

    public LessonAnswerStore(Database database) {
        this.database = database;
    }

    /** Adds an answer; one with the same uuid is not added twice. */
    public void add(LessonAnswer answer) {
        LessonAnswer.Asked asked = answer.asked();
        LessonAnswer.Given given = answer.given();
        database.write(
                h ->
                        h.execute(
                                "INSERT INTO lesson_answer VALUES (?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?)"
                                        + " ON CONFLICT (uuid) DO NOTHING",
                                answer.uuid(),
                                answer.studentId(),
                                asked.lessonId().isPresent() ? asked.lessonId().getAsLong() : null,
                                asked.lesson(),
                                asked.step(),
                                asked.prompt(),
                                String.join(",", asked.themes()),
                                given.answer(),
                                given.outcome().word(),
                                given.seconds(),
                                given.at()));
    }

    /** Takes an answer out again. */
    public void remove(String uuid) {
        database.write(h -> h.execute("DELETE FROM lesson_answer WHERE uuid = ?", uuid));
    }

    /** A student's answers, the latest first. */
    public List<LessonAnswer> of(long studentId) {
        return list("WHERE student_id = :id ORDER BY said DESC, rowid DESC", studentId);
    }

    /** The answers of all students in a lesson, the earliest first. */
    public List<LessonAnswer> inLesson(long lessonId) {
        return list("WHERE lesson_id = :id ORDER BY said, rowid", lessonId);
    }

    /** All answers, in the order of their adding, also of students in the bin. */
    public List<LessonAnswer> all() {
        return database.read(
                h -> h.createQuery(ALL + "ORDER BY rowid").map((rs, c) -> answer(rs)).list());
    }

    private List<LessonAnswer> list(String clause, long id) {
        return database.read(
                h -> h.createQuery(ALL + clause).bind("id", id).map((rs, c) -> answer(rs)).list());
    }

    private static LessonAnswer answer(ResultSet rs) throws SQLException {
        long lesson = rs.getLong("lesson_id");
        OptionalLong lessonId = rs.wasNull() ? OptionalLong.empty() : OptionalLong.of(lesson);
        return new LessonAnswer(
                rs.getString("uuid"),
                rs.getLong("student_id"),
                new LessonAnswer.Asked(
                        lessonId,
                        rs.getString("lesson"),
                        rs.getInt("step"),
                        rs.getString("prompt"),
                        themes(rs.getString("themes"))),
                new LessonAnswer.Given(
                        rs.getString("answer"),
                        AnswerOutcome.of(rs.getString("outcome")).orElseThrow(),
                        rs.getInt("seconds"),
                        Instant.ofEpochMilli(rs.getLong("said"))));
    }

    private static List<String> themes(String text) {
        return Arrays.stream(text.split(",")).filter(t -> !t.isEmpty()).toList();
    }
}
