package org.zeroply.coach.defence.elimination;

import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.Position;
import org.zeroply.coach.defence.threat.Threat;
import org.zeroply.coach.evaluation.Grade;
import org.zeroply.coach.evaluation.Holding;
import org.zeroply.coach.evaluation.MoveComparison;
import org.zeroply.coach.evaluation.Weighed;
import org.zeroply.engine.analysis.ExpectedScore;

/** What is known of a position while it is looked at, and what that comes to. */
final class Findings {

    private static final List<Grade> ORDER =
            List.of(Grade.HOLDS, Grade.PRICE, Grade.UNCLEAR, Grade.FAILS);

    private final Position position;
    private final CostFinder costs;
    private final Map<Move, Weighed> known = new LinkedHashMap<>();
    private final Map<Move, Grade> doubted = new HashMap<>();
    private final Map<Move, Long> nodes = new HashMap<>();
    private final Map<Move, List<DefenceKind>> kinds = new HashMap<>();

    /** By what was weighed, since most of it stays from one telling to the next. */
    private final Map<Weighed, List<Cost>> priced = new HashMap<>();

    private final Map<Weighed, String> motifs = new HashMap<>();

    /** The last one, whose balances serve the next. */
    private Optional<MoveComparison> comparison = Optional.empty();

    private Optional<Threat> threat = Optional.empty();
    private Optional<Threat> counterThreat = Optional.empty();

    Findings(Position position) {
        this.position = position;
        costs = new CostFinder(position);
    }

    /** What a move is worth; a briefer look than an earlier one changes nothing. */
    void put(Weighed weighed, long spent) {
        if (spent >= nodes.getOrDefault(weighed.move(), 0L)) {
            known.put(weighed.move(), weighed);
            nodes.put(weighed.move(), spent);
        }
    }

    /** Longer looks said one thing, then another: so much only can be said of it. */
    void doubt(Move move, Grade grade) {
        doubted.put(move, grade);
    }

    /** The same verdict with a line that shows more. */
    void putLine(Weighed weighed, List<Move> line) {
        known.put(weighed.move(), weighed.with(line));
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

    Weighed of(Move move) {
        return known.get(move);
    }

    /** The grades of some moves, as all is known now. */
    Map<Move, Grade> grades(List<Move> moves) {
        MoveComparison now = comparison();
        Map<Move, Grade> grades = new HashMap<>();
        moves.forEach(m -> grades.put(m, grade(known.get(m), now)));
        return grades;
    }

    private Grade grade(Weighed weighed, MoveComparison comparison) {
        Grade doubt = doubted.get(weighed.move());
        return doubt == null || weighed.isCertain() ? comparison.grade(weighed) : doubt;
    }

    /** Every move beside the best one as it is known now. */
    MoveComparison comparison() {
        Weighed best = best();
        MoveComparison now =
                comparison.map(c -> c.with(best)).orElse(new MoveComparison(position, best));
        comparison = Optional.of(now);
        return now;
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
        return Collections.max(known.values(), Comparator.comparing(Weighed::score));
    }

    // ---- What it comes to -----------------------------------------------------------------------

    Elimination elimination(double done) {
        MoveComparison comparison = comparison();
        Holding kept = kept(comparison.best());
        List<Candidate> candidates = new ArrayList<>();
        for (Weighed weighed : ordered()) {
            candidates.add(candidate(weighed, comparison));
        }
        candidates.sort(Comparator.comparingInt(c -> ORDER.indexOf(c.grade())));
        List<Candidate> refuted = candidates.stream().filter(Candidate::isRefuted).toList();
        return new Elimination(
                position,
                threat,
                kept,
                candidates,
                CandidateGroup.of(position, refuted),
                new Elimination.Chances(counterThreat, coverCanStay(kept, candidates)),
                done);
    }

    private Candidate candidate(Weighed weighed, MoveComparison comparison) {
        Grade grade = grade(weighed, comparison);
        Holding result = kept(weighed);
        String motif =
                grade.isWeaker()
                        ? motifs.computeIfAbsent(weighed, w -> Motif.of(position, w, result))
                        : "";
        return new Candidate(
                weighed,
                result,
                grade,
                grade == Grade.PRICE ? Optional.of(comparison.price(weighed)) : Optional.empty(),
                motif,
                kinds.getOrDefault(weighed.move(), List.of()),
                priced.computeIfAbsent(weighed, costs::of));
    }

    /** The result that a move keeps: level too when it is better than that. */
    private static Holding kept(Weighed move) {
        Holding result = Holding.of(move);
        return result == Holding.UNCLEAR && move.expected().compareTo(ExpectedScore.DRAW) > 0
                ? Holding.DRAW
                : result;
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
        return still.stream().allMatch(Candidate::isWeaker) ? Optional.of(false) : Optional.empty();
    }
}
