package org.zeroply.coach.defence.elimination;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.Position;
import org.zeroply.coach.defence.threat.Threat;
import org.zeroply.coach.evaluation.Grade;
import org.zeroply.coach.evaluation.Holding;
import org.zeroply.coach.evaluation.Loss;
import org.zeroply.coach.texts.CoachWords;
import org.zeroply.engine.analysis.ExpectedScore;

/**
 * All legal moves of a position, each holding, refuted, or not proved.
 *
 * @param position the position; who is to move defends
 * @param threat what the other side threatens; empty in check and where there is nothing
 * @param result what can be kept
 * @param candidates every legal move: those that hold first, the best in front; then those that
 *     hold at a price; then what is unclear; then those refuted, the most stubborn first
 * @param groups refuted moves that fail to the same reply, two or more together
 * @param chances what those that hold bring besides
 * @param done how far the work has come, 0 to 1; verdicts of less than 1 may still change
 */
public record Elimination(
        Position position,
        Optional<Threat> threat,
        Holding result,
        List<Candidate> candidates,
        List<CandidateGroup> groups,
        Chances chances,
        double done) {

    /**
     * What moves that hold bring besides.
     *
     * @param counterThreat what the best of them threatens in its turn
     * @param coverCanStay whether one of them leaves the pawns before the king alone; empty where
     *     nothing is threatened, there are none, or it is not proved
     */
    public record Chances(Optional<Threat> counterThreat, Optional<Boolean> coverCanStay) {}

    /** A price of so much expected score is as good as a refutation; our own choice. */
    private static final double DEAR = 0.20;

    public Elimination {
        candidates = List.copyOf(candidates);
        groups = List.copyOf(groups);
    }

    /** The moves that are proved to hold. */
    public List<Candidate> held() {
        return candidates.stream().filter(Candidate::isHeld).toList();
    }

    /** The moves that are proved to fail. */
    public List<Candidate> refuted() {
        return candidates.stream().filter(Candidate::isRefuted).toList();
    }

    /** The moves that may keep the result, but cost something. */
    public List<Candidate> priced() {
        return candidates.stream().filter(c -> c.grade() == Grade.PRICE).toList();
    }

    /** The moves of which neither is proved. */
    public List<Candidate> unclear() {
        return candidates.stream().filter(c -> c.holds().isEmpty()).toList();
    }

    /** The one move that holds while all others are refuted, or cost material or much else. */
    public Optional<Candidate> onlyMove() {
        List<Candidate> held = held();
        boolean only =
                held.size() == 1 && unclear().isEmpty() && priced().stream().allMatch(this::isDear);
        return only ? Optional.of(held.get(0)) : Optional.empty();
    }

    private boolean isDear(Candidate candidate) {
        return candidate
                .price()
                .filter(p -> p.hundredths() > 0 || p.loss().exceeds(DEAR))
                .isPresent();
    }

    /** The candidate of a move. */
    public Optional<Candidate> of(Move move) {
        return candidates.stream().filter(c -> c.move().equals(move)).findFirst();
    }

    /** What a candidate gives away against the best one. */
    public Loss loss(Candidate candidate) {
        ExpectedScore own = candidate.weighed().expected();
        return candidates.stream()
                .map(c -> c.weighed().expected())
                .max(Comparator.naturalOrder())
                .map(best -> Loss.between(best, own))
                .orElse(Loss.NONE);
    }

    /** What came out, in a sentence. */
    public String text() {
        int legal = candidates.size();
        List<Candidate> held = held();
        if (result == Holding.LOSS) {
            return CoachWords.of("defence.nothing-holds-all-moves-lose", legal);
        }
        if (result == Holding.UNCLEAR) {
            return CoachWords.of("defence.not-proved-the-best-move", refuted().size(), legal);
        }
        boolean win = result == Holding.WIN;
        int priced = priced().size();
        String price = priced == 0 ? "" : CoachWords.of("defence.at-a-price", priced);
        String open =
                price
                        + (unclear().isEmpty()
                                ? "."
                                : CoachWords.of("defence.not-proved", unclear().size()));
        return switch (held.size()) {
            case 1 ->
                    CoachWords.of(
                            win
                                    ? "defence.one-move-keeps-the-win"
                                    : "defence.one-move-keeps-the-balance",
                            legal,
                            open);
            default ->
                    CoachWords.of(
                            win ? "defence.moves-keep-the-win" : "defence.moves-keep-the-balance",
                            held.size(),
                            legal,
                            open);
        };
    }
}
