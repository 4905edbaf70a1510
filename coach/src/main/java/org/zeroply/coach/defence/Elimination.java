package org.zeroply.coach.defence;

import java.util.List;
import java.util.Optional;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.Position;

/**
 * All legal moves of a position, each holding, refuted, or not proved.
 *
 * @param position the position; who is to move defends
 * @param threat what the other side threatens; empty in check and where there is nothing
 * @param result what can be kept
 * @param candidates every legal move: those that hold first, the best in front; then what is
 *     unclear; then those refuted, the most stubborn first
 * @param groups refuted moves that fail to the same reply, two or more together
 * @param counterThreat what the best move that holds threatens in its turn
 * @param coverCanStay whether some move holds that leaves the pawns before the king alone; empty
 *     where nothing is threatened, there are none, or it is not proved
 * @param done how far the work has come, 0 to 1; verdicts of less than 1 may still change
 */
public record Elimination(
        Position position,
        Optional<Threat> threat,
        Holding result,
        List<Candidate> candidates,
        List<CandidateGroup> groups,
        Optional<Threat> counterThreat,
        Optional<Boolean> coverCanStay,
        double done) {

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

    /** The moves of which neither is proved. */
    public List<Candidate> unclear() {
        return candidates.stream().filter(c -> c.holds().isEmpty()).toList();
    }

    /** The one move that holds while all others are refuted. */
    public Optional<Candidate> onlyMove() {
        List<Candidate> held = held();
        return held.size() == 1 && unclear().isEmpty()
                ? Optional.of(held.get(0))
                : Optional.empty();
    }

    /** The candidate of a move. */
    public Optional<Candidate> of(Move move) {
        return candidates.stream().filter(c -> c.move().equals(move)).findFirst();
    }

    /** What came out, in a sentence. */
    public String text() {
        int legal = candidates.size();
        List<Candidate> held = held();
        if (result == Holding.LOSS) {
            return "Nothing holds: all " + legal + " moves lose.";
        }
        if (result == Holding.UNCLEAR) {
            return "Not proved: the best move is neither lost nor level; "
                    + refuted().size()
                    + " of "
                    + legal
                    + " moves are refuted.";
        }
        String kept = result == Holding.WIN ? "keeps the win" : "keeps the balance";
        String open = unclear().isEmpty() ? "." : ", " + unclear().size() + " not proved.";
        return switch (held.size()) {
            case 1 -> "One move of " + legal + " " + kept + open;
            default ->
                    held.size() + " of " + legal + " moves " + kept.replace("keeps", "keep") + open;
        };
    }
}
