package org.zeroply.coach.review;

import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.stream.Collectors;
import org.zeroply.chess.notation.Line;
import org.zeroply.chess.tree.MoveTree;
import org.zeroply.chess.tree.Node;
import org.zeroply.coach.repertoire.GameComparison;
import org.zeroply.coach.texts.CoachWords;

/**
 * Where a game left all others at hand.
 *
 * @param ply the first move after which no other game is left, 1-based
 * @param node that move
 * @param visits the games that were left
 */
public record Departure(int ply, Node node, List<KnownGames.Visit> visits) {

    /** A game that is alone from its first moves on leaves nothing. */
    private static final int FEWEST_PLIES = 4;

    /**
     * What it weighs, beside points of a hundred that an error loses, to have left known games;
     * twice that where the repertoire was left: our choice.
     */
    private static final double WEIGHT = 8;

    /** Games that are named: our choice. */
    private static final int SHOWN = 3;

    public Departure {
        visits = List.copyOf(visits);
    }

    /** Where a game leaves the others; nothing when it never does, or was alone from the start. */
    static Optional<Departure> of(MoveTree game, KnownGames known) {
        List<KnownGames.Visit> before = known.at(game.start());
        int ply = 0;
        for (Node node : game.mainLine()) {
            ply++;
            List<KnownGames.Visit> after = known.at(node.position());
            if (after.isEmpty()) {
                return ply > FEWEST_PLIES && !before.isEmpty()
                        ? Optional.of(new Departure(ply, node, before))
                        : Optional.empty();
            }
            before = after;
        }
        return Optional.empty();
    }

    /** How the others went on: {@code Re1 (2), h3 (1)}. */
    public String others() {
        Map<String, Long> moves =
                visits.stream()
                        .filter(v -> !v.next().isEmpty())
                        .collect(
                                Collectors.groupingBy(
                                        KnownGames.Visit::next,
                                        TreeMap::new,
                                        Collectors.counting()));
        return moves.entrySet().stream()
                .sorted(Map.Entry.<String, Long>comparingByValue(Comparator.reverseOrder()))
                .limit(SHOWN)
                .map(e -> e.getKey() + " (" + e.getValue() + ")")
                .collect(Collectors.joining(", "));
    }

    /** In a sentence, with a game that was left. */
    public String text() {
        String others = others();
        return CoachWords.of(
                "review.leaves",
                Line.move(node),
                visits.size() == 1
                        ? CoachWords.of("review.one-known-game")
                        : CoachWords.of("review.known-games", visits.size()),
                visits.get(0).title(),
                others.isEmpty() ? "" : CoachWords.of("review.which-went-on", others));
    }

    /** The moment of leaving, if that move was reviewed. */
    Optional<Moment> moment(List<MoveReview> moves) {
        return moves.stream()
                .filter(m -> m.ply() == ply)
                .findFirst()
                .map(
                        m ->
                                Moment.of(
                                        m,
                                        Moment.Kind.DEPARTURE,
                                        m.best().line(),
                                        WEIGHT + m.loss().points(),
                                        text() + judged(m)));
    }

    /** The moment at which a player left the repertoire, if that move was reviewed. */
    static Optional<Moment> fromRepertoire(GameComparison left, List<MoveReview> moves) {
        return moves.stream()
                .filter(m -> m.ply() == left.ply())
                .findFirst()
                .map(
                        m ->
                                Moment.of(
                                        m,
                                        Moment.Kind.DEPARTURE,
                                        m.best().line(),
                                        2 * WEIGHT + m.loss().points(),
                                        CoachWords.of(
                                                "review.leaves-the-repertoire-which-has",
                                                Line.number(m.position(), true),
                                                m.san(),
                                                left.recommended(),
                                                judged(m))));
    }

    private static String judged(MoveReview move) {
        return move.isChoice()
                ? CoachWords.of("review.it-is-the-engine-s")
                : String.format(
                        Locale.ROOT,
                        CoachWords.of("review.the-engine-prefers-points-of"),
                        move.better(),
                        move.loss().points());
    }
}
