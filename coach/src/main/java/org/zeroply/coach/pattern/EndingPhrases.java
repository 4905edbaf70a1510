package org.zeroply.coach.pattern;

import java.util.List;

/** How it is said what decides endings; each phrase with an example of it. */
final class EndingPhrases {

    static final List<Phrase> ENDINGS =
            List.of(
                    Phrase.of(
                            "<side> king (?:is )?cut off",
                            "black king cut off",
                            w -> new EndingCondition.CutOff(w.side(1))),
                    Phrase.of(
                            "<side> wrong bishop",
                            "white wrong bishop",
                            w -> new EndingCondition.WrongBishop(w.side(1))));

    private EndingPhrases() {}
}
