package org.zeroply.coach.training.drill;

import java.util.Optional;

/** What one student remembers, as whoever stores it keeps it. */
public interface Memory {

    /** The state of a question that was asked before. */
    Optional<Recall> of(String key);

    /** Keeps the state after an answer. */
    void keep(String key, Recall recall);

    /**
     * The state of a question today: new if it was never asked, or if its answer has changed since.
     */
    default Recall of(Question question) {
        return of(question.key())
                .map(r -> r.answer().equals(question.answer()) ? r : changed(r, question))
                .orElseGet(() -> Recall.fresh(question.answer()));
    }

    private static Recall changed(Recall before, Question question) {
        Recall fresh = Recall.fresh(question.answer());
        return new Recall(
                question.answer(),
                0,
                fresh.easiness(),
                0,
                fresh.dueDay(),
                before.asked(),
                before.rightFirst());
    }
}
