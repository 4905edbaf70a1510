package org.zeroply.coach.insight;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.board.Side;
import org.zeroply.coach.fact.Fact;
import org.zeroply.coach.fact.FactKind;
import org.zeroply.coach.fact.Squares;
import org.zeroply.coach.texts.CoachWords;
import org.zeroply.engine.eval.EvaluationBreakdown;
import org.zeroply.engine.eval.Evaluator;

/**
 * When material is unequal: what stands against it, term by term of the evaluation. All in
 * centipawns from the view of the side that is ahead in material.
 *
 * @param ahead the side with more material
 * @param material its lead in material and bishops
 * @param terms what the other terms give (positive) or take (negative), largest taking first
 * @param left what is left of the lead: so much could be given back for a level position; negative
 *     when the compensation is worth more than the material
 */
public record Compensation(Side ahead, int material, List<Item> terms, int left) {

    /** A lead below this, half a pawn, is none. */
    private static final int LEAD = 50;

    /** Terms that weigh less than this, in centipawns, are not told. */
    private static final int TOLD = 5;

    private static final String TEMPO = "The move";
    private static final Set<String> MATERIAL = Set.of("Material", "Bishop pair");

    public Compensation {
        terms = List.copyOf(terms);
    }

    /** What one term of the evaluation gives or takes. */
    public record Item(String name, int value) {}

    /** The sheet of a position, if material is unequal. */
    public static Optional<Compensation> of(Position position) {
        EvaluationBreakdown all = new Evaluator().explain(position);
        int material = 0;
        for (EvaluationBreakdown.Entry entry : all.terms()) {
            material += MATERIAL.contains(entry.name()) ? entry.white() - entry.black() : 0;
        }
        if (Math.abs(material) < LEAD) {
            return Optional.empty();
        }
        int sign = material > 0 ? 1 : -1;
        List<Item> terms = new ArrayList<>();
        for (EvaluationBreakdown.Entry entry : all.terms()) {
            int value = sign * (entry.white() - entry.black());
            if (value != 0 && !MATERIAL.contains(entry.name())) {
                terms.add(new Item(entry.name(), value));
            }
        }
        terms.sort((a, b) -> Integer.compare(a.value(), b.value()));
        Side ahead = material > 0 ? Side.WHITE : Side.BLACK;
        return Optional.of(new Compensation(ahead, sign * material, terms, sign * all.total()));
    }

    /** Whether the side that is behind has something for it that is worth telling. */
    public boolean isSome() {
        return against().findAny().isPresent();
    }

    /** What the side that is behind has, most first. */
    private Stream<Item> against() {
        return terms.stream().filter(t -> t.value() <= -TOLD && !t.name().equals(TEMPO));
    }

    /** The sheet as a fact of the side that is behind. */
    public Fact fact() {
        List<String> against =
                against()
                        .limit(3)
                        .map(t -> words(t.name()) + " (" + told(-t.value()) + ")")
                        .toList();
        String has =
                against.isEmpty()
                        ? CoachWords.of("insight.nothing-to-speak-of")
                        : Squares.join(against);
        String rest =
                left > 0
                        ? CoachWords.of("insight.the-other-side-could-give", told(left))
                        : CoachWords.of("insight.that-is-worth-more-than", told(-left));
        return Fact.ofSet(
                        FactKind.COMPENSATION,
                        ahead.other(),
                        CoachWords.of("insight.has-for-of-material", told(material), has, rest),
                        0L)
                .with("material", -material)
                .with("left", -left);
    }

    /** The sheet in words: every term, what is for the side ahead with a plus. */
    public String text() {
        List<String> all =
                terms.stream()
                        .map(
                                t ->
                                        words(t.name())
                                                + String.format(
                                                        Locale.ROOT, " %+.2f", t.value() / 100.0))
                        .toList();
        return CoachWords.of(
                "insight.is-ahead-in-material-the",
                ahead.word(),
                pawns(material),
                String.join(", ", all),
                left > 0
                        ? CoachWords.of("insight.so-could-be-given-back", pawns(left))
                        : CoachWords.of("insight.the-compensation-outweighs-it-by", pawns(-left)));
    }

    private static String words(String term) {
        return term.toLowerCase(Locale.ROOT);
    }

    private static String told(int centipawns) {
        String pawns = String.format(Locale.ROOT, "%.1f", centipawns / 100.0);
        return CoachWords.of(pawns.equals("1.0") ? "insight.pawn" : "insight.pawns", pawns);
    }

    private static String pawns(int centipawns) {
        return String.format(Locale.ROOT, "%.2f", centipawns / 100.0);
    }
}
