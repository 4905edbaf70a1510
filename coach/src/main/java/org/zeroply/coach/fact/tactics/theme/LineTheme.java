package org.zeroply.coach.fact.tactics.theme;

import java.util.function.Consumer;

/** Recognises some themes at one own move of a line. */
interface LineTheme {

    /**
     * @param line the line
     * @param i number of an own move, even
     * @param found told what that move shows
     */
    void look(LineStudy line, int i, Consumer<Theme> found);
}
