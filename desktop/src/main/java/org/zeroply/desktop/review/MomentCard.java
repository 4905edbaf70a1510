package org.zeroply.desktop.review;

import org.zeroply.chess.notation.Line;
import org.zeroply.chess.tree.Nag;
import org.zeroply.coach.review.Moment;
import org.zeroply.library.review.ReviewStore;

/**
 * A moment with what the coach decided about it.
 *
 * @param number its place in the game, from 1
 * @param words the coach's own words; empty for none
 */
public record MomentCard(int number, Moment moment, ReviewStore.Decision decision, String words) {

    /** The move the moment is about, 1-based. */
    public int ply() {
        return moment.move().ply();
    }

    /** What is said: the coach's words, else the program's. */
    public String said() {
        return words.isEmpty() ? moment.text() : words;
    }

    /** The move in print: {@code 23.Qc2?}. */
    public String played() {
        return Line.number(moment.move().position(), true)
                + moment.move().san()
                + moment.move().grade().map(Nag::show).orElse("");
    }

    /** Whether the coach threw it out. */
    public boolean isDismissed() {
        return decision == ReviewStore.Decision.DISMISSED;
    }

    MomentCard decided(ReviewStore.Decision value) {
        return new MomentCard(number, moment, value, words);
    }

    MomentCard reworded(String value) {
        return new MomentCard(number, moment, decision, value);
    }

    MomentCard numbered(int value) {
        return new MomentCard(value, moment, decision, words);
    }

    ReviewStore.Note note() {
        return new ReviewStore.Note(ply(), decision, words);
    }
}
