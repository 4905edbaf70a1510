package org.zeroply.coach.pattern;

import java.util.List;
import java.util.stream.Stream;

/** How it is said what men are after; each phrase with an example of it. */
final class AimPhrases {

    private static final String NEAR = " near (?:the |an? )?<side> <men>";

    private static final String AT = " aimed at <square>";

    static final List<Phrase> AIMS =
            List.of(
                    Phrase.of(
                            "(?:(?:at least )?<few> )?<side> <men>(?: on <place>)?" + NEAR,
                            "white knight near the black king",
                            w ->
                                    new AimCondition.Near(
                                            w.side(2),
                                            w.men(3),
                                            w.place(4, w.side(2)),
                                            w.number(1),
                                            w.side(5),
                                            w.men(6))),
                    Phrase.of(
                            "(at most|exactly|fewer than|less than) <few> <side> <men>" + NEAR,
                            "white knight near the black king",
                            AimPhrases::soManyNear),
                    Phrase.of(
                            "<side> (?:an? )?<men> and (?:an? )?<men>" + NEAR,
                            "white knight near the black king",
                            AimPhrases::bothNear),
                    Phrase.of(
                            "<side> <men>(?: on <place>)?" + AT,
                            "white bishop aimed at h7",
                            w ->
                                    new AimCondition.Aimed(
                                            w.side(1),
                                            w.men(2),
                                            w.place(3, w.side(1)),
                                            w.square(4))),
                    Phrase.of(
                            "(?:(?:at least )?<few> )?<side> <men> aimed at (?:the )?"
                                    + "(?:<wing>|(?!\\2)(?:white |black |enemy |)king)",
                            "at least 2 white bishops aimed at the kingside",
                            w ->
                                    new AimCondition.AimedAtCamp(
                                            w.side(2), w.men(3), w.some(1, 3), w.wing(4))),
                    Phrase.of(
                            "<side> (?:an? )?<men> and (?:an? )?<men>( battery)?" + AT,
                            "white bishop aimed at h7",
                            AimPhrases::bothAimed),
                    Phrase.of(
                            "<side> has (?:the <file>-file|an open file) to itself",
                            "white has the c-file to itself",
                            w -> new AimCondition.HoldsFile(w.side(1), w.onFile(2), false)),
                    Phrase.of(
                            "<side> has the only open file to itself",
                            "white has the only open file to itself",
                            w -> new AimCondition.HoldsFile(w.side(1), Place.ANYWHERE, true)));

    private AimPhrases() {}

    /** So many and no more, or fewer. */
    private static Condition soManyNear(Phrase.Words w) {
        return w.bound(1)
                .of(
                        w.bounded(2),
                        least ->
                                new AimCondition.Near(
                                        w.side(3),
                                        w.men(4),
                                        Place.ANYWHERE,
                                        least,
                                        w.side(5),
                                        w.men(6)));
    }

    private static Condition bothNear(Phrase.Words w) {
        return new Condition.All(
                Stream.of(w.men(2), w.men(3))
                        .<Condition>map(
                                men ->
                                        new AimCondition.Near(
                                                w.side(1),
                                                men,
                                                Place.ANYWHERE,
                                                1,
                                                w.side(4),
                                                w.men(5)))
                        .toList());
    }

    /** Both are aimed at it, and in a battery if that is said. */
    private static Condition bothAimed(Phrase.Words w) {
        Stream<Condition> aimed =
                Stream.of(w.men(2), w.men(3))
                        .map(
                                men ->
                                        new AimCondition.Aimed(
                                                w.side(1), men, Place.ANYWHERE, w.square(5)));
        Stream<Condition> battery =
                w.maybe(4).stream()
                        .map(
                                said ->
                                        new LineCondition.Battery(
                                                w.side(1), w.men(2), w.men(3), Place.ANYWHERE));
        return new Condition.All(Stream.concat(battery, aimed).toList());
    }
}
