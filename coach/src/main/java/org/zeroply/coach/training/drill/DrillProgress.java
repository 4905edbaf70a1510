package org.zeroply.coach.training.drill;

import java.util.List;

/**
 * Where a student stands with some questions.
 *
 * @param questions how many there are
 * @param fresh never asked, or changed since
 * @param due asked before and due today
 * @param known sum of the chances that each is still known today
 * @param asked answers given in all
 * @param rightFirst answers that were right at the first try
 */
public record DrillProgress(
        int questions, int fresh, int due, double known, int asked, int rightFirst) {

    /** Where somebody stands on a day, counted from 1 January 1970. */
    public static DrillProgress of(List<Question> questions, Memory memory, long today) {
        int fresh = 0;
        int due = 0;
        int asked = 0;
        int right = 0;
        double known = 0;
        for (Question question : questions) {
            Recall recall = memory.of(question);
            boolean isFresh = recall.repetitions() == 0 && recall.interval() == 0;
            fresh += isFresh ? 1 : 0;
            due += !isFresh && recall.isDue(today) ? 1 : 0;
            asked += recall.asked();
            right += recall.rightFirst();
            known += recall.known(today);
        }
        return new DrillProgress(questions.size(), fresh, due, known, asked, right);
    }

    /** The part still known today, 0 to 1. */
    public double share() {
        return questions == 0 ? 0 : known / questions;
    }
}
