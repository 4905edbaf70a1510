package org.zeroply.coach.pattern;

import java.util.Comparator;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import org.zeroply.coach.fact.FactKind;
import org.zeroply.coach.insight.Insight;
import org.zeroply.coach.insight.SearchedInsight;

/** How single conditions are said; each phrase with an example of it. */
final class Phrases {

    private static final List<Phrase> REVIEWS =
            List.of(
                    Phrase.of(
                            "(?:<side> )?moment(?: (" + String.join("|", GameMoment.KINDS) + "))?",
                            "white moment missed-chance",
                            w -> new MomentCondition(w.maybe(2).orElse(""), w.maybeSide(1))));

    private static final List<Phrase> ALL =
            Stream.of(
                            PawnPhrases.PAWNS,
                            BoardPhrases.MATERIAL,
                            PiecePhrases.PIECES,
                            BoardPhrases.BOARD,
                            PlanPhrases.PLANS,
                            PlanPhrases.DANGERS,
                            RulePhrases.RULES,
                            MovePhrases.MOVES,
                            MovePhrases.EVENTS,
                            REVIEWS,
                            FactPhrases.OF_A_MAN,
                            FactPhrases.FACTS)
                    .flatMap(List::stream)
                    .toList();

    /** So many examples are told beside what could not be read. */
    private static final int LIKE = 5;

    private Phrases() {}

    /** An example of each phrase. */
    static List<String> examples() {
        return Stream.of(
                        BoardPhrases.BOARD,
                        BoardPhrases.MATERIAL,
                        PawnPhrases.PAWNS,
                        PiecePhrases.PIECES,
                        PlanPhrases.PLANS,
                        PlanPhrases.DANGERS,
                        RulePhrases.RULES,
                        MovePhrases.MOVES,
                        MovePhrases.EVENTS,
                        REVIEWS,
                        FactPhrases.OF_A_MAN,
                        FactPhrases.FACTS)
                .flatMap(Phrases::examples)
                .toList();
    }

    private static Stream<String> examples(List<Phrase> phrases) {
        return phrases.stream().map(Phrase::example).distinct();
    }

    /** The examples by what they are about; one of each kind of fact. */
    static Map<String, List<String>> menu() {
        Map<String, List<String>> menu = new LinkedHashMap<>();
        menu.put("Board", examples(BoardPhrases.BOARD).toList());
        menu.put("Material", examples(BoardPhrases.MATERIAL).toList());
        menu.put("Pawns", examples(PawnPhrases.PAWNS).toList());
        menu.put("Pieces", examples(PiecePhrases.PIECES).toList());
        menu.put("Plans", examples(PlanPhrases.PLANS).toList());
        menu.put("Dangers", examples(PlanPhrases.DANGERS).toList());
        menu.put("Rules", examples(RulePhrases.RULES).toList());
        menu.put("Last move", examples(MovePhrases.MOVES).toList());
        menu.put("What happens", examples(MovePhrases.EVENTS).toList());
        menu.put("Review", GameMoment.KINDS.stream().map(k -> "white moment " + k).toList());
        menu.put("Facts", Insight.kinds().stream().map(k -> "white " + k.words()).toList());
        menu.put(
                "Facts that take a search",
                SearchedInsight.kinds().stream().map(k -> "white " + k.words()).toList());
        return menu;
    }

    /** What a text says, if it is one of the phrases. */
    static Optional<Condition> read(String text) {
        return ALL.stream().map(p -> p.read(text)).flatMap(Optional::stream).findFirst();
    }

    /** The examples that share most words with a text, or a few of different kinds. */
    static List<String> like(String text) {
        Set<String> words = new HashSet<>(List.of(text.toLowerCase(Locale.ROOT).split("\\W+")));
        return examples().stream()
                .sorted(
                        Comparator.comparingLong(
                                e ->
                                        -Stream.of(e.toLowerCase(Locale.ROOT).split("\\W+"))
                                                .filter(words::contains)
                                                .count()))
                .limit(LIKE)
                .toList();
    }

    /** The kind of fact that a text names, if it is one that is told of moves and changes only. */
    static Optional<FactKind> onlyOfChanges(String text) {
        String bare = text.toLowerCase(Locale.ROOT).replaceFirst("^(white|black) ", "");
        return Stream.of(FactKind.values())
                .filter(k -> !Insight.kinds().contains(k) && !SearchedInsight.kinds().contains(k))
                .filter(k -> bare.startsWith(k.words()) || bare.startsWith(k.word()))
                .findFirst();
    }
}
