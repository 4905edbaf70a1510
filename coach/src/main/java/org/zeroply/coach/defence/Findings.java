package org.zeroply.coach.defence;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.Position;
import org.zeroply.coach.judge.Weighed;
import org.zeroply.engine.analysis.Score;

/** What is known of a position while it is looked at, and what that comes to. */
final class Findings {

    private final Position position;
    private final CostFinder costs;
    private final Map<Move, Weighed> known = new LinkedHashMap<>();
    private final Map<Move, Holding> results = new HashMap<>();
    private final Map<Move, Long> nodes = new HashMap<>();
    private final Map<Move, List<DefenceKind>> kinds = new HashMap<>();

    /** By what was weighed, since most of it stays from one telling to the next. */
    private final Map<Weighed, List<Cost>> priced = new HashMap<>();

    private final Map<Weighed, String> motifs = new HashMap<>();

    private Optional<Threat> threat = Optional.empty();
    private Optional<Threat> counterThreat = Optional.empty();

    Findings(Position position) {
        this.position = position;
        costs = new CostFinder(position);
    }

    void put(Weighed weighed, Holding result, long spent) {
        known.put(weighed.move(), weighed);
        results.put(weighed.move(), result);
        nodes.put(weighed.move(), spent);
    }

    /** The same verdict with a line that shows more. */
    void putLine(Weighed weighed, List<Move> line) {
        known.put(
                weighed.move(),
                new Weighed(
                        weighed.move(),
                        weighed.score(),
                        weighed.expected(),
                        weighed.depth(),
                        line,
                        weighed.exact()));
    }

    void threat(Optional<Threat> found) {
        threat = found;
    }

    void counterThreat(Optional<Threat> found) {
        counterThreat = found;
    }

    void kinds(Move move, List<DefenceKind> found) {
        kinds.put(move, found);
    }

    Position position() {
        return position;
    }

    Optional<Threat> threat() {
        return threat;
    }

    Holding result(Move move) {
        return results.get(move);
    }

    long nodes(Move move) {
        return nodes.get(move);
    }

    /** All moves, the best first. */
    List<Weighed> ordered() {
        List<Weighed> all = new ArrayList<>(known.values());
        all.sort(Comparator.comparing(Weighed::score).reversed());
        return all;
    }

    Weighed best() {
        return ordered().get(0);
    }

    /** Whether longer looks cannot change anything. */
    static boolean isSettled(Weighed weighed) {
        return weighed.exact() || weighed.score() instanceof Score.Mate;
    }

    // ---- What it comes to -----------------------------------------------------------------------

    Elimination elimination(double done) {
        Holding kept = kept();
        List<Candidate> candidates = new ArrayList<>();
        for (Weighed weighed : ordered()) {
            candidates.add(candidate(weighed, holds(weighed, kept)));
        }
        candidates.sort(Comparator.comparingInt(Findings::rank));
        List<Candidate> refuted = candidates.stream().filter(Candidate::isRefuted).toList();
        return new Elimination(
                position,
                threat,
                kept,
                candidates,
                CandidateGroup.of(position, refuted),
                counterThreat,
                coverCanStay(kept, candidates),
                done);
    }

    private Candidate candidate(Weighed weighed, Optional<Boolean> holds) {
        Holding searched = results.get(weighed.move());
        boolean better = searched == Holding.UNCLEAR && holds.orElse(false);
        Holding result = better ? Holding.DRAW : searched;
        boolean refuted = holds.isPresent() && !holds.get();
        String motif =
                refuted ? motifs.computeIfAbsent(weighed, w -> Motif.of(position, w, result)) : "";
        return new Candidate(
                weighed,
                result,
                holds,
                motif,
                kinds.getOrDefault(weighed.move(), List.of()),
                priced.computeIfAbsent(weighed, costs::of));
    }

    private static int rank(Candidate candidate) {
        return candidate.isHeld() ? 0 : candidate.isRefuted() ? 2 : 1;
    }

    /** The best result that any move keeps. */
    private Holding kept() {
        if (results.containsValue(Holding.WIN)) {
            return Holding.WIN;
        }
        if (known.values().stream().anyMatch(this::keepsBalance)) {
            return Holding.DRAW;
        }
        return results.containsValue(Holding.UNCLEAR) ? Holding.UNCLEAR : Holding.LOSS;
    }

    /** Level, or unclear only because it is better than level. */
    private boolean keepsBalance(Weighed weighed) {
        return switch (results.get(weighed.move())) {
            case WIN, DRAW -> true;
            case LOSS -> false;
            case UNCLEAR -> weighed.expected() > 0.5;
        };
    }

    private Optional<Boolean> holds(Weighed weighed, Holding kept) {
        Holding result = results.get(weighed.move());
        if (kept == Holding.LOSS || result == Holding.LOSS) {
            return Optional.of(false);
        }
        if (kept == Holding.DRAW && keepsBalance(weighed)) {
            return Optional.of(true);
        }
        boolean proved = kept == Holding.WIN && result != Holding.UNCLEAR;
        return proved ? Optional.of(result == Holding.WIN) : Optional.empty();
    }

    private Optional<Boolean> coverCanStay(Holding kept, List<Candidate> candidates) {
        boolean asked = threat.isPresent() || position.inCheck();
        if (!asked || !costs.hasCover() || kept == Holding.LOSS || kept == Holding.UNCLEAR) {
            return Optional.empty();
        }
        List<Candidate> still =
                candidates.stream().filter(c -> !costs.movesCover(c.move())).toList();
        if (still.stream().anyMatch(Candidate::isHeld)) {
            return Optional.of(true);
        }
        return still.stream().allMatch(Candidate::isRefuted)
                ? Optional.of(false)
                : Optional.empty();
    }
}
