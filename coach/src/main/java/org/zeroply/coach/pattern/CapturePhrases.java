package org.zeroply.coach.pattern;

import java.util.List;

/** How it is said by what something was taken; each phrase with an example of it. */
final class CapturePhrases {

    private static final String TAKING = "<side> just (re|)captured";

    private static final String WITH = " with (?:an? |the |its )?<men>(?: from <place>)?";

    static final List<Phrase> CAPTURES =
            List.of(
                    Phrase.of(
                            TAKING + "(?: on <place>)?",
                            "black just recaptured with a pawn from the b-file",
                            w ->
                                    new CaptureCondition.Captured(
                                            w.side(1),
                                            isAgain(w),
                                            Men.ANY,
                                            Place.ANYWHERE,
                                            w.place(3, w.side(1)))),
                    Phrase.of(
                            TAKING + WITH + "(?: on <place>)?",
                            "black just recaptured with a pawn from the b-file",
                            w -> with(w, 3, 4, 5)),
                    Phrase.of(
                            TAKING + " on <place>" + WITH,
                            "black just recaptured with a pawn from the b-file",
                            w -> with(w, 4, 5, 3)),
                    Phrase.of(
                            "<side> just pushed an? (passed |)pawn(?: (?:to|on) <place>)?",
                            "white just pushed a pawn to the h-file",
                            w ->
                                    new CaptureCondition.Pushed(
                                            w.side(1),
                                            !w.text(2).isEmpty(),
                                            w.place(3, w.side(1)))));

    private CapturePhrases() {}

    private static boolean isAgain(Phrase.Words w) {
        return !w.text(2).isEmpty();
    }

    /** The numbers are those of the groups. */
    private static Condition with(Phrase.Words w, int men, int from, int on) {
        return new CaptureCondition.Captured(
                w.side(1),
                isAgain(w),
                w.men(men),
                w.place(from, w.side(1)),
                w.place(on, w.side(1)));
    }
}
