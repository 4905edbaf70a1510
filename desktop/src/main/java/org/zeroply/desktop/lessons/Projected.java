package org.zeroply.desktop.lessons;

import javafx.beans.property.ReadOnlyIntegerProperty;
import org.zeroply.chess.board.Side;
import org.zeroply.coach.lesson.Slide;

/** What a room is shown, step by step. */
public interface Projected {

    /** Counts up with every step, forwards or back. */
    ReadOnlyIntegerProperty stepsProperty();

    /** The side the board is seen from. */
    Side seenFrom();

    /** What is shown now. */
    Slide slide();

    /** One step on. */
    void reveal();

    /** One step back. */
    void back();

    /** How far it has come, in words; empty where there is nothing to be told. */
    String place();

    /** The time spent, or what is left of it. */
    String time();
}
