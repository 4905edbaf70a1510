package org.zeroply.desktop.review;

import java.util.List;
import org.zeroply.library.student.Student;

/** What a card can have done that takes more than the review itself. */
interface MomentActions {

    /** Makes an exercise of a moment, with a first marking scheme. */
    void setAsExercise(MomentCard moment);

    /** Puts a moment into a student's file. */
    void addToFile(MomentCard moment, Student student);

    /** Makes the move on the board a moment of the coach's own. */
    void choose();

    /** The students to choose from. */
    List<Student> students();
}
