package org.zeroply.coach.pattern;

import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.zeroply.coach.fact.FactGroup;
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
                            StructurePhrases.STRUCTURES,
                            BoardPhrases.MATERIAL,
                            PiecePhrases.PIECES,
                            AimPhrases.AIMS,
                            BoardPhrases.BOARD,
                            PlanPhrases.PLANS,
                            PlanPhrases.DANGERS,
                            RulePhrases.RULES,
                            EndingPhrases.ENDINGS,
                            MovePhrases.MOVES,
                            CapturePhrases.CAPTURES,
                            MovePhrases.EVENTS,
                            GainPhrases.GAINS,
                            REVIEWS,
                            FactPhrases.OF_A_MAN,
                            FactPhrases.FACTS)
                    .flatMap(List::stream)
                    .toList();

    /** Words that say nothing of what a text is about. */
    private static final Set<String> SMALL =
            Set.of("white", "black", "with", "from", "and", "the", "for", "its", "has", "against");

    /** So many examples are told beside what could not be read. */
    private static final int LIKE = 5;

    private Phrases() {}

    /** An example of each phrase. */
    static List<String> examples() {
        return Stream.of(
                        BoardPhrases.BOARD,
                        BoardPhrases.MATERIAL,
                        PawnPhrases.PAWNS,
                        StructurePhrases.STRUCTURES,
                        PiecePhrases.PIECES,
                        AimPhrases.AIMS,
                        PlanPhrases.PLANS,
                        PlanPhrases.DANGERS,
                        RulePhrases.RULES,
                        EndingPhrases.ENDINGS,
                        MovePhrases.MOVES,
                        CapturePhrases.CAPTURES,
                        MovePhrases.EVENTS,
                        GainPhrases.GAINS,
                        REVIEWS,
                        FactPhrases.OF_A_MAN,
                        FactPhrases.FACTS)
                .flatMap(Phrases::examples)
                .distinct()
                .toList();
    }

    private static Stream<String> examples(List<Phrase> phrases) {
        return phrases.stream().map(Phrase::example).distinct();
    }

    private static List<String> examples(List<Phrase> some, List<Phrase> more) {
        return Stream.concat(examples(some), examples(more)).toList();
    }

    /** The examples by what they are about, few enough for a screen; one of each kind of fact. */
    static Map<String, List<String>> menu() {
        Map<String, List<String>> menu = new LinkedHashMap<>();
        menu.put("Board", examples(BoardPhrases.BOARD).toList());
        menu.put("Material", examples(BoardPhrases.MATERIAL).toList());
        menu.put("Pawns", examples(PawnPhrases.PAWNS, StructurePhrases.STRUCTURES));
        menu.put("Pieces", examples(PiecePhrases.PIECES, AimPhrases.AIMS));
        menu.put("Plans", examples(PlanPhrases.PLANS).toList());
        menu.put("Dangers", examples(PlanPhrases.DANGERS).toList());
        menu.put("Rules and endings", examples(RulePhrases.RULES, EndingPhrases.ENDINGS));
        menu.put("Last move", examples(MovePhrases.MOVES, CapturePhrases.CAPTURES));
        menu.put("What happens", examples(MovePhrases.EVENTS, GainPhrases.GAINS));
        menu.put("Review", GameMoment.KINDS.stream().map(k -> "white moment " + k).toList());
        for (FactGroup group : FactGroup.values()) {
            menu.put(
                    "Facts: " + group.title().toLowerCase(Locale.ROOT),
                    Insight.kinds().stream()
                            .filter(k -> k.group() == group)
                            .map(k -> "white " + k.words())
                            .toList());
        }
        menu.put(
                "Facts that take a search",
                SearchedInsight.kinds().stream().map(k -> "white " + k.words()).toList());
        Set<String> offered = new HashSet<>();
        menu.replaceAll((title, all) -> all.stream().filter(offered::add).toList());
        return menu;
    }

    /** What a text says, if it is one of the phrases. */
    static Optional<Condition> read(String text) {
        String small = text.toLowerCase(Locale.ROOT);
        return ALL.stream()
                .filter(phrase -> phrase.telltales().maySpeakOf(small))
                .map(phrase -> phrase.read(text))
                .flatMap(Optional::stream)
                .findFirst();
    }

    /** The examples that share most words with a text, rare words counting more. */
    static List<String> like(String text) {
        Set<String> words = words(text);
        return Likely.WORDS.keySet().stream()
                .sorted(Comparator.comparingDouble(e -> -likeness(Likely.WORDS.get(e), words)))
                .limit(LIKE)
                .toList();
    }

    /** Of which words the examples are, made when the first text could not be read. */
    private static final class Likely {

        static final Map<String, Set<String>> WORDS = new LinkedHashMap<>();
        static final Map<String, Integer> OFTEN = new HashMap<>();

        static {
            for (String example : examples()) {
                WORDS.put(example, words(example));
                WORDS.get(example).forEach(word -> OFTEN.merge(word, 1, Integer::sum));
            }
        }
    }

    private static double likeness(Set<String> example, Set<String> words) {
        return example.stream()
                .filter(words::contains)
                .mapToDouble(w -> 1.0 / Likely.OFTEN.get(w))
                .sum();
    }

    /** The words of a text that are worth comparing. */
    private static Set<String> words(String text) {
        return Stream.of(text.toLowerCase(Locale.ROOT).split("\\W+"))
                .filter(word -> word.length() > 2 && !SMALL.contains(word))
                .collect(Collectors.toSet());
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
