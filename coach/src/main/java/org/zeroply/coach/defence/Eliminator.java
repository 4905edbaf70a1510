package org.zeroply.coach.defence;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.CancellationException;
import java.util.function.Consumer;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.Position;
import org.zeroply.coach.judge.Judge;
import org.zeroply.coach.judge.Weighed;
import org.zeroply.engine.analysis.Score;

/**
 * Eliminates: looks at every legal move, first briefly, then longer, and longest at those that seem
 * to hold and at those near a border between two results. A verdict that changes on the way is
 * searched again, and called unclear if it changes once more.
 */
public final class Eliminator {

    /** Nodes a move unless chosen otherwise. */
    public static final long NODES = 20_000;

    /** Nodes below which nothing can be told. */
    private static final long FEWEST = 500;

    /** The first look takes this part of the nodes, and so do questions on the side. */
    private static final int BRIEF = 8;

    private static final int CONFIRM = 4;
    private static final int VERIFY = 8;

    /** So many moves at most are verified longest. */
    private static final int SURVIVORS = 3;

    /** Expected score within which a move lies near a border between two results. */
    private static final double NEAR = 0.10;

    /** A move worth less than this at two looks is lost beyond doubt. */
    private static final double PLAIN = 0.03;

    private final Judge judge;
    private final Judge brief;

    /**
     * @param judge with the nodes for each move
     */
    public Eliminator(Judge judge) {
        this.judge = judge;
        brief = judge.withNodes(Math.max(FEWEST, judge.nodes() / BRIEF));
    }

    /** What is known while the work goes on. */
    private static final class Progress {
        private final Position position;
        private final Map<Move, Weighed> known = new LinkedHashMap<>();
        private final Map<Move, Holding> results = new HashMap<>();
        private final Map<Move, Long> nodes = new HashMap<>();
        private final Map<Move, List<DefenceKind>> kinds = new HashMap<>();
        private Optional<Threat> threat = Optional.empty();
        private Optional<Threat> counterThreat = Optional.empty();

        Progress(Position position) {
            this.position = position;
        }

        void put(Weighed weighed, Holding result, long spent) {
            known.put(weighed.move(), weighed);
            results.put(weighed.move(), result);
            nodes.put(weighed.move(), spent);
        }

        List<Weighed> ordered() {
            List<Weighed> all = new ArrayList<>(known.values());
            all.sort(Comparator.comparing(Weighed::score).reversed());
            return all;
        }

        Weighed best() {
            return ordered().get(0);
        }
    }

    /**
     * Eliminates.
     *
     * @param listener told what is known so far, again and again
     * @return empty when there is no legal move
     * @throws CancellationException when cancelled
     */
    public Optional<Elimination> run(Position position, Consumer<Elimination> listener) {
        List<Move> legal = position.legalMoves();
        if (legal.isEmpty()) {
            return Optional.empty();
        }
        Progress now = new Progress(position);
        for (Move move : legal) {
            Weighed weighed = brief.weigh(position, move);
            now.put(weighed, Holding.of(weighed), brief.nodes());
        }
        listener.accept(elimination(now, 0.1));
        now.threat = new ThreatFinder(judge).find(position, now.best());
        kinds(now);
        listener.accept(elimination(now, 0.2));
        List<Weighed> order = now.ordered();
        for (int i = 0; i < order.size(); i++) {
            look(now, order.get(i));
            listener.accept(elimination(now, 0.2 + 0.4 * (i + 1) / order.size()));
        }
        for (Weighed weighed : now.ordered()) {
            if (isDoubtful(weighed, now)) {
                again(now, weighed.move(), CONFIRM * judge.nodes());
            }
        }
        listener.accept(elimination(now, 0.8));
        verify(now);
        show(now);
        now.counterThreat = counterThreat(now);
        Elimination result = elimination(now, 1);
        listener.accept(result);
        return Optional.of(result);
    }

    private void kinds(Progress now) {
        KindFinder finder = new KindFinder(now.position, now.threat, brief);
        for (Weighed weighed : now.ordered()) {
            now.kinds.put(weighed.move(), finder.of(weighed));
        }
    }

    private void look(Progress now, Weighed first) {
        if (first.exact() || first.score() instanceof Score.Mate) {
            return;
        }
        Weighed weighed = judge.weigh(now.position, first.move());
        Holding result = Holding.of(weighed);
        now.put(weighed, result, judge.nodes());
        if (result == Holding.LOSS && Holding.of(first) == Holding.DRAW) {
            again(now, first.move(), CONFIRM * judge.nodes());
        }
    }

    /** Near a border, or lost but not beyond doubt, and not yet looked at longer. */
    private boolean isDoubtful(Weighed weighed, Progress now) {
        if (isSettled(weighed) || now.nodes.get(weighed.move()) > judge.nodes()) {
            return false;
        }
        double expected = weighed.expected();
        boolean border = false;
        for (double at : new double[] {0.1, 0.3, 0.7, 0.9}) {
            border |= Math.abs(expected - at) < NEAR / 2;
        }
        boolean lost = expected < 0.1 && expected > PLAIN;
        return border || lost;
    }

    private static boolean isSettled(Weighed weighed) {
        return weighed.exact() || weighed.score() instanceof Score.Mate;
    }

    /** Looks longer; what changes is looked at once more, and unclear if it changes again. */
    private void again(Progress now, Move move, long nodes) {
        Holding was = now.results.get(move);
        Weighed longer = judge.withNodes(nodes).weigh(now.position, move);
        Holding is = Holding.of(longer);
        if (is == was || isSettled(longer)) {
            now.put(longer, is, nodes);
            return;
        }
        Weighed longest = judge.withNodes(2 * nodes).weigh(now.position, move);
        Holding last = Holding.of(longest);
        now.put(longest, last == is || isSettled(longest) ? last : Holding.UNCLEAR, 2 * nodes);
    }

    /** Verifies the best moves until the best of all is verified. */
    private void verify(Progress now) {
        for (int i = 0; i < SURVIVORS; i++) {
            Optional<Weighed> next =
                    now.ordered().stream()
                            .limit(SURVIVORS)
                            .filter(w -> now.results.get(w.move()) != Holding.LOSS)
                            .filter(w -> !isSettled(w))
                            .filter(w -> now.nodes.get(w.move()) < VERIFY * judge.nodes())
                            .findFirst();
            if (next.isEmpty()) {
                return;
            }
            again(now, next.get().move(), VERIFY * judge.nodes());
        }
    }

    /** Carries the lines on until they show what they bring. */
    private void show(Progress now) {
        LineCompleter completer = new LineCompleter(brief);
        for (Weighed weighed : List.copyOf(now.known.values())) {
            Move move = weighed.move();
            boolean mates = weighed.score() instanceof Score.Mate;
            if (weighed.exact() || now.results.get(move) != Holding.LOSS && !mates) {
                continue;
            }
            Position after = now.position.play(move);
            List<Move> reply = weighed.line().subList(1, weighed.line().size());
            List<Move> shown =
                    mates ? completer.complete(after, reply) : completer.show(after, reply);
            List<Move> line = new ArrayList<>(List.of(move));
            line.addAll(shown);
            now.known.put(
                    move,
                    new Weighed(
                            move,
                            weighed.score(),
                            weighed.expected(),
                            weighed.depth(),
                            line,
                            false));
        }
    }

    private Optional<Threat> counterThreat(Progress now) {
        Weighed best = now.best();
        if (now.results.get(best.move()) == Holding.LOSS) {
            return Optional.empty();
        }
        Position after = now.position.play(best.move());
        if (after.legalMoves().isEmpty()) {
            return Optional.empty();
        }
        return judge.among(after, after.legalMoves())
                .flatMap(reply -> new ThreatFinder(judge).find(after, reply))
                .filter(t -> t.kind() != Threat.Kind.IMPROVEMENT);
    }

    // ---- What it comes to -----------------------------------------------------------------------

    private static Elimination elimination(Progress now, double done) {
        Holding kept = kept(now);
        CostFinder costs = new CostFinder(now.position);
        List<Candidate> candidates = new ArrayList<>();
        for (Weighed weighed : now.ordered()) {
            Holding result = now.results.get(weighed.move());
            Optional<Boolean> holds = holds(weighed, now, kept);
            boolean refuted = holds.isPresent() && !holds.get();
            candidates.add(
                    new Candidate(
                            weighed,
                            result,
                            holds,
                            refuted ? Motif.of(now.position, weighed, result) : "",
                            now.kinds.getOrDefault(weighed.move(), List.of()),
                            costs.of(weighed)));
        }
        candidates.sort(Comparator.comparingInt(Eliminator::rank));
        List<Candidate> refuted = candidates.stream().filter(Candidate::isRefuted).toList();
        return new Elimination(
                now.position,
                now.threat,
                kept,
                candidates,
                CandidateGroup.of(now.position, refuted),
                now.counterThreat,
                coverCanStay(now, kept, candidates, costs),
                done);
    }

    private static int rank(Candidate candidate) {
        return candidate.isHeld() ? 0 : candidate.isRefuted() ? 2 : 1;
    }

    /** The best result that any move keeps. */
    private static Holding kept(Progress now) {
        if (now.results.containsValue(Holding.WIN)) {
            return Holding.WIN;
        }
        if (now.known.values().stream().anyMatch(w -> keepsBalance(w, now))) {
            return Holding.DRAW;
        }
        return now.results.containsValue(Holding.UNCLEAR) ? Holding.UNCLEAR : Holding.LOSS;
    }

    /** Level, or unclear only because it is better than level. */
    private static boolean keepsBalance(Weighed weighed, Progress now) {
        return switch (now.results.get(weighed.move())) {
            case WIN, DRAW -> true;
            case LOSS -> false;
            case UNCLEAR -> weighed.expected() > 0.5;
        };
    }

    private static Optional<Boolean> holds(Weighed weighed, Progress now, Holding kept) {
        Holding result = now.results.get(weighed.move());
        if (kept == Holding.LOSS || result == Holding.LOSS) {
            return Optional.of(false);
        }
        if (kept == Holding.DRAW && keepsBalance(weighed, now)) {
            return Optional.of(true);
        }
        boolean proved = kept == Holding.WIN && result != Holding.UNCLEAR;
        return proved ? Optional.of(result == Holding.WIN) : Optional.empty();
    }

    private static Optional<Boolean> coverCanStay(
            Progress now, Holding kept, List<Candidate> candidates, CostFinder costs) {
        boolean asked = now.threat.isPresent() || now.position.inCheck();
        boolean cover = CostFinder.cover(now.position, now.position.sideToMove()) != 0;
        if (!asked || !cover || kept == Holding.LOSS || kept == Holding.UNCLEAR) {
            return Optional.empty();
        }
        if (candidates.stream().anyMatch(c -> c.isHeld() && !costs.movesCover(c.move()))) {
            return Optional.of(true);
        }
        boolean open =
                candidates.stream()
                        .anyMatch(c -> c.holds().isEmpty() && !costs.movesCover(c.move()));
        return open ? Optional.empty() : Optional.of(false);
    }
}
