package org.zeroply.library.student;

import java.util.List;
import org.zeroply.coach.exercise.marking.Ruling;

/**
 * One student's try at one exercise, as it was marked.
 *
 * @param id 0 before it is stored
 * @param work what was written
 * @param marking what it was given
 */
public record Attempt(long id, String uuid, long studentId, WrittenWork work, Marking marking) {

    /** The same with other rulings, and the points that follow from them. */
    public Attempt with(List<Ruling> other) {
        return new Attempt(id, uuid, studentId, work, marking.with(other));
    }
}
