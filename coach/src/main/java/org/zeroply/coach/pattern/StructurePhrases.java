package org.zeroply.coach.pattern;

import java.util.List;
import java.util.Optional;

/** How it is said what the pawns are as a whole; each phrase with an example of it. */
final class StructurePhrases {

    static final List<Phrase> STRUCTURES =
            List.of(
                    Phrase.of(
                            "<side> has (?:<bound> )?<few> pawn islands?",
                            "white has at least 3 pawn islands",
                            StructurePhrases::islands),
                    Phrase.of(
                            "<side> has fewer pawn islands",
                            "white has fewer pawn islands",
                            w -> new StructureCondition.FewerIslands(w.side(1))),
                    Phrase.of(
                            "pawns symmetrical",
                            "pawns symmetrical",
                            w -> new StructureCondition.Symmetrical()),
                    Phrase.of(
                            "centre fixed",
                            "centre fixed",
                            w -> new StructureCondition.FixedCentre()),
                    Phrase.of(
                            "<square> out of reach of <side> pawns",
                            "d5 out of reach of black pawns",
                            w -> new StructureCondition.OutOfReach(w.square(1), w.side(2))),
                    Phrase.of(
                            "<side> <men> on <square> out of reach of (?:enemy )?pawns",
                            "d5 out of reach of black pawns",
                            w ->
                                    new Condition.All(
                                            List.of(
                                                    new BoardCondition.MenOn(
                                                            Optional.of(w.side(1)),
                                                            w.men(2),
                                                            Place.square(w.square(3)),
                                                            1),
                                                    new StructureCondition.OutOfReach(
                                                            w.square(3), w.side(1).other())))),
                    Phrase.of(
                            "<side> has (?:(?:<bound> )?<few> |exactly (0) )?more <men>",
                            "white has at least 2 more pawns",
                            StructurePhrases::more));

    private StructurePhrases() {}

    private static Condition islands(Phrase.Words w) {
        return w.maybe(2).isPresent()
                ? new StructureCondition.Islands(w.side(1), w.bound(2), w.bounded(3))
                : new StructureCondition.Islands(
                        w.side(1), MaterialCondition.Bound.EXACTLY, w.number(3));
    }

    private static Condition more(Phrase.Words w) {
        return w.maybe(4).isPresent()
                ? new MaterialCondition.Lead(
                        w.side(1), MaterialCondition.Bound.EXACTLY, 0, w.men(5))
                : new MaterialCondition.Lead(w.side(1), w.bound(2), w.bounded(3), w.men(5));
    }
}
