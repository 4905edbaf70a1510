package org.zeroply.coach.insight;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import org.zeroply.chess.board.Square;
import org.zeroply.chess.tree.Mark;
import org.zeroply.coach.fact.Fact;
import org.zeroply.coach.fact.FactKind;
import org.zeroply.coach.fact.Scene;
import org.zeroply.coach.fact.Squares;
import org.zeroply.coach.fact.pieces.Routes;
import org.zeroply.coach.texts.CoachWords;

/**
 * Two men that could be traded for each other, and what the trade would be worth to the owner of
 * the first.
 *
 * @param own square of the one side's man
 * @param other square of the other side's man
 * @param before centipawns from the owner's view as things stand
 * @param after the same, to the same depth, with both men off the board
 * @param reasons what it does in a coach's words, what matters most first
 * @param plan the shortest way of the own man to where it attacks the other: its square alone when
 *     it does so now, nothing when no way was found
 */
public record Exchange(
        int own, int other, int before, int after, List<String> reasons, List<Integer> plan) {

    /** An exchange that takes more moves to bring about is not told: our choice. */
    private static final int FAR = 3;

    public Exchange {
        reasons = List.copyOf(reasons);
        plan = List.copyOf(plan);
    }

    /** What the trade gains the owner of the first man, in centipawns. */
    public int gain() {
        return after - before;
    }

    /** The shortest way of a man to where it attacks another, over safe squares. */
    static List<Integer> plan(Scene scene, int own, int other) {
        if (Squares.has(scene.attacks(own), other)) {
            return List.of(own);
        }
        Routes routes = new Routes(scene, own, FAR);
        long occupied = scene.occupied() & ~(1L << own);
        for (int moves = 1; moves <= FAR; moves++) {
            for (int post : Squares.list(routes.in(moves) & ~scene.occupied())) {
                long reach = Scene.attacksOf(scene.typeAt(own), scene.sideAt(own), post, occupied);
                if (Squares.has(reach, other)) {
                    return routes.to(post).get(0);
                }
            }
        }
        return List.of();
    }

    /** Reasons told of one trade. */
    private static final int REASONS = 2;

    /** The exchange as a fact of the side that wants it. */
    public Fact fact(Scene scene) {
        String text =
                CoachWords.of(
                        "insight.wants-to-trade",
                        pair(scene),
                        pawns(gain()),
                        reasons.isEmpty() ? "" : ": " + because(),
                        way());
        Fact fact =
                Fact.of(FactKind.EXCHANGE_WANTED, scene.sideAt(own), text, own, other)
                        .with("gain", gain())
                        .with("moves", Math.max(0, plan.size() - 1))
                        .marked(Mark.Meaning.TARGET, other);
        return plan.size() > 1
                ? fact.marked(Mark.Meaning.ROUTE, plan)
                        .marked(Mark.Meaning.IDEA, plan.get(plan.size() - 1), other)
                : plan.size() == 1 ? fact.marked(Mark.Meaning.IDEA, own, other) : fact;
    }

    /**
     * This exchange and another after it as one fact.
     *
     * @param gain centipawns that both together gain
     */
    Fact fact(Scene scene, Exchange second, int gain) {
        List<String> all = new ArrayList<>(reasons);
        second.reasons.stream().filter(r -> !all.contains(r)).forEach(all::add);
        String text =
                CoachWords.of(
                        "insight.wants-to-trade-both-and",
                        pair(scene),
                        second.pair(scene),
                        pawns(gain),
                        all.isEmpty() ? "" : ": " + String.join("; ", some(all)),
                        way());
        return Fact.of(
                        FactKind.EXCHANGE_WANTED,
                        scene.sideAt(own),
                        text,
                        own,
                        other,
                        second.own,
                        second.other)
                .with("gain", gain)
                .with("moves", Math.max(0, plan.size() - 1))
                .trait("in a row", true)
                .marked(Mark.Meaning.TARGET, other)
                .marked(Mark.Meaning.TARGET, second.other);
    }

    private String pair(Scene scene) {
        return CoachWords.of("insight.for", scene.man(own), scene.man(other));
    }

    private static String pawns(int gain) {
        return String.format(Locale.ROOT, CoachWords.of("insight.pawns-better"), gain / 100.0);
    }

    private String because() {
        return String.join("; ", some(reasons));
    }

    private static List<String> some(List<String> reasons) {
        return reasons.subList(0, Math.min(REASONS, reasons.size()));
    }

    private String way() {
        return switch (plan.size()) {
            case 0 -> CoachWords.of("insight.no-short-way-to-it");
            case 1 -> CoachWords.of("insight.it-can-be-offered-at");
            default ->
                    CoachWords.of(
                            "insight.by",
                            String.join("-", plan.stream().map(Square::name).toList()));
        };
    }
}
