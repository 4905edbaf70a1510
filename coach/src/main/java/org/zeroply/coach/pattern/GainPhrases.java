package org.zeroply.coach.pattern;

import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** How it is said what a move has just brought in; each phrase with an example of it. */
final class GainPhrases {

    private static final String MATERIAL =
            "("
                    + Stream.of(Sacrifice.values())
                            .map(Sacrifice::words)
                            .collect(Collectors.joining("|"))
                    + ")";

    static final List<Phrase> GAINS =
            List.of(
                    Phrase.of(
                            "<side> (?:just )?(?:won|wins) " + MATERIAL,
                            "white just won a pawn",
                            w -> new GainCondition.Won(w.side(1), Sacrifice.of(w.text(2)))),
                    Phrase.of(
                            "<side> (?:sacrificed|sacrifices) "
                                    + MATERIAL
                                    + " for (?:(?:just |only )?(?:<few>|an?)) pawns?",
                            "white sacrificed a piece for 2 pawns",
                            w ->
                                    new GainCondition.GivenForPawns(
                                            w.side(1), Sacrifice.of(w.text(2)), w.number(3))),
                    Phrase.of(
                            "<side> broke through",
                            "white broke through",
                            w -> new GainCondition.Breakthrough(w.side(1))),
                    Phrase.of(
                            "<side> triangulated",
                            "white triangulated",
                            w -> new GainCondition.Triangulated(w.side(1))));

    private GainPhrases() {}
}
