package org.zeroply.library.sample;

import java.util.List;
import java.util.Random;
import org.zeroply.coach.training.planning.WeekPlan;
import org.zeroply.library.Library;
import org.zeroply.library.student.LibraryResults;
import org.zeroply.library.student.Student;
import org.zeroply.library.student.StudentPlan;

/** A running week for each student of the demo club, some of it overdue. */
final class SampleWeek {

    private static final int MINUTES = 75;
    private static final long SEED = 4;

    private SampleWeek() {}

    /**
     * Assigns the weeks.
     *
     * @param today days since 1970-01-01
     */
    static void assign(Library into, long today) {
        LibraryResults results =
                LibraryResults.of(into.sheets(), into.students(), into.attempts(), today);
        Random random = new Random(SEED);
        for (Student student : into.students().all()) {
            List<WeekPlan.Item> week =
                    StudentPlan.of(
                                    student,
                                    results,
                                    into.attempts(),
                                    into.assignments(),
                                    into.lessonAnswers())
                            .propose(MINUTES, today);
            for (int i = 0; i < week.size(); i++) {
                WeekPlan.Item item = week.get(i);
                long day = today - 1 + random.nextInt(2) + 2L * i;
                into.assignments()
                        .add(
                                student.id(),
                                item.exercise(),
                                item.clothes(),
                                day,
                                item.minutes(),
                                item.reason());
            }
        }
    }
}
