package org.zeroply.coach.pattern;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.zeroply.chess.board.PieceType;
import org.zeroply.chess.board.Side;
import org.zeroply.coach.fact.FactKind;
import org.zeroply.coach.fact.tactics.theme.Theme;
import org.zeroply.coach.insight.Insight;
import org.zeroply.coach.insight.SearchedInsight;

/** How facts are asked for; each phrase with an example of it. */
final class FactPhrases {

    private static final String KINDS = longestFirst(kinds());

    private static final String TRAITS = "(?: (?:to (?:the|a) )?(" + longestFirst(traits()) + "))?";

    /** Those about men that are pinned; the fact is told of the side that pins. */
    private static final String PINNED = " (?:is |are )?pinned(?: to the (king|piece))?";

    static final List<Phrase> OF_A_MAN =
            List.of(
                    Phrase.of(
                            "<side> <men>" + PINNED + " on <square>",
                            "white pin to the king",
                            w -> {
                                Place place = Place.square(w.square(4));
                                Side side = w.side(1);
                                return new Condition.All(
                                        List.of(
                                                pin(side, w.maybe(3), Men.ANY, place),
                                                new BoardCondition.MenOn(
                                                        Optional.of(side), w.men(2), place, 1)));
                            }),
                    Phrase.of(
                            "<side> (?:man|piece)" + PINNED,
                            "white pin to the king",
                            w -> pin(w.side(1), w.maybe(2), Men.ANY, Place.ANYWHERE)),
                    Phrase.of(
                            "<side> <men>" + PINNED,
                            "white pin of a knight",
                            w -> pin(w.side(1), w.maybe(3), w.men(2), Place.ANYWHERE)),
                    Phrase.of(
                            "(?:<side> )?(hanging|overloaded|tied) <men>(?: on <place>)?",
                            "black hanging queen",
                            w ->
                                    new FactCondition(
                                            kind(w.text(2)),
                                            w.maybeSide(1),
                                            "",
                                            w.men(3),
                                            w.place(4, w.maybeSide(1).orElse(Side.WHITE)))),
                    Phrase.of(
                            "(?:<side> )?<men> (outpost|fork)( for good)?(?: on <place>)?",
                            "white knight outpost on d5",
                            w ->
                                    new FactCondition(
                                            kind(w.text(3)),
                                            w.maybeSide(1),
                                            w.maybe(4).map(String::strip).orElse(""),
                                            w.men(2),
                                            w.place(5, w.maybeSide(1).orElse(Side.WHITE)))));

    /** Men that something is aimed at, a group in all. */
    private static final String TARGETS =
            "((?:(?:the|an?|its) )?<one>(?:(?:, | and |, and )(?:(?:the|an?|its) )?<one>){0,3})"
                    .replace("<one>", "(?:king|queen|rook|bishop|knight)");

    static final List<Phrase> FACTS =
            List.of(
                    Phrase.of(
                            "<side> (?:<men> )?fork (?:of|on) "
                                    + TARGETS
                                    + "(?: by an? <men>)?(?: on <place>)?",
                            "white knight fork of the king and queen",
                            w ->
                                    targets(
                                            w,
                                            FactKind.FORK,
                                            w.maybe(4).isPresent() ? 4 : 2,
                                            3,
                                            w.place(5, w.side(1)))),
                    Phrase.of(
                            "<side> skewer (?:of|on) (?=the )" + TARGETS,
                            "white skewer of the king and rook",
                            w -> targets(w, FactKind.SKEWER, 0, 2, Place.ANYWHERE)),
                    Phrase.of(
                            "<side> discovered attack on " + TARGETS,
                            "white discovered attack on the queen",
                            w -> targets(w, FactKind.DISCOVERED_ATTACK, 0, 2, Place.ANYWHERE)),
                    Phrase.of(
                            "(?:<side> )?("
                                    + longestFirst(
                                            FactCondition.OF_A_MAN.stream().map(FactKind::words))
                                    + ")"
                                    + TRAITS
                                    + " (?:of|by|held by) (?:an? )?<men>(?: on <place>)?",
                            "white pin of a knight",
                            w ->
                                    new FactCondition(
                                            kind(w.text(2)),
                                            w.maybeSide(1),
                                            w.maybe(3).orElse(""),
                                            w.men(4),
                                            w.place(5, w.maybeSide(1).orElse(Side.WHITE)))),
                    Phrase.of(
                            "(?:<side> )?(" + KINDS + ")" + TRAITS + "(?: on <place>)?",
                            "white outpost for good on e5",
                            w ->
                                    new FactCondition(
                                            kind(w.text(2)),
                                            w.maybeSide(1),
                                            w.maybe(3).orElse(""),
                                            w.place(4, w.maybeSide(1).orElse(Side.WHITE)))));

    private FactPhrases() {}

    /** The numbers are those of the groups; 0 for none. */
    private static Condition targets(
            Phrase.Words w, FactKind kind, int by, int aimed, Place place) {
        Men who = by > 0 ? w.anyMen(by) : Men.ANY;
        List<PieceType> men =
                Stream.of(w.text(aimed).split(", and |, | and "))
                        .map(man -> man.substring(man.lastIndexOf(' ') + 1))
                        .map(man -> PieceType.valueOf(man.toUpperCase(Locale.ROOT)))
                        .toList();
        int most = kind == FactKind.FORK ? men.size() : kind == FactKind.SKEWER ? 2 : 1;
        if (men.size() > most) {
            throw new IllegalArgumentException(
                    "A "
                            + kind.words()
                            + " is aimed at "
                            + most
                            + " at most: "
                            + w.text(aimed)
                            + ".");
        }
        return new TargetCondition(kind, w.side(1), who, men, place);
    }

    private static Stream<String> kinds() {
        return Stream.concat(Insight.kinds().stream(), SearchedInsight.kinds().stream())
                .flatMap(k -> Stream.of(k.words(), k.word()));
    }

    /** Qualities of facts, and the motifs that a move may create. */
    private static Stream<String> traits() {
        return Stream.concat(
                FactCondition.TRAITS.stream(),
                Stream.of(Theme.values()).map(t -> t.words().toLowerCase(Locale.ROOT)));
    }

    private static String longestFirst(Stream<String> words) {
        return words.sorted((a, b) -> b.length() - a.length()).collect(Collectors.joining("|"));
    }

    private static Condition pin(Side pinned, Optional<String> trait, Men men, Place place) {
        return new FactCondition(
                FactKind.PIN, Optional.of(pinned.other()), trait.orElse(""), men, place);
    }

    private static FactKind kind(String name) {
        return FactKind.valueOf(name.toUpperCase(Locale.ROOT).replace(' ', '_').replace('-', '_'));
    }
}
