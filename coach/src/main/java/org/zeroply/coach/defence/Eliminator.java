package org.zeroply.coach.defence;

import java.util.ArrayList;
import java.util.List;
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
    public static final long NODES = 10_000;

    /** The first look takes this part of the nodes, and so do questions on the side. */
    private static final int BRIEF = 8;

    private static final int CONFIRM = 4;
    private static final int VERIFY = 8;

    /** So many moves at most are verified longest. */
    private static final int SURVIVORS = 3;

    /** Expected score within which a move lies near a border between two results. */
    private static final double NEAR = 0.05;

    /** The borders; see {@link Holding}. */
    private static final double[] BORDERS = {0.15, 0.3, 0.7, 0.85};

    /** What is worth less at a longer look is lost beyond doubt. */
    private static final double PLAIN = 0.03;

    /** What is worth less at a brief look is lost beyond doubt. */
    private static final double HOPELESS = 0.006;

    private final Judge judge;
    private final Judge brief;
    private final Weighing weighing;

    /**
     * @param judges with the nodes for each move; more than one, each with an engine of its own,
     *     work side by side
     */
    public Eliminator(List<Judge> judges) {
        judge = judges.get(0);
        brief = judge.brief(BRIEF);
        weighing = new Weighing(judges);
    }

    /** With one engine. */
    public Eliminator(Judge judge) {
        this(List.of(judge));
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
        Findings now = new Findings(position);
        weighing.each(
                position, legal, brief.nodes(), w -> now.put(w, Holding.of(w), brief.nodes()));
        listener.accept(now.elimination(0.15));
        now.threat(new ThreatFinder(judge).find(position, now.best()));
        KindFinder kinds = new KindFinder(position, now.threat(), brief);
        now.ordered().forEach(w -> now.kinds(w.move(), kinds.of(w)));
        listener.accept(now.elimination(0.25));
        look(now, listener);
        again(now, doubtful(now), CONFIRM * judge.nodes());
        listener.accept(now.elimination(0.8));
        verify(now);
        show(now);
        now.counterThreat(counterThreat(now));
        Elimination result = now.elimination(1);
        listener.accept(result);
        return Optional.of(result);
    }

    private void look(Findings now, Consumer<Elimination> listener) {
        List<Move> moves =
                now.ordered().stream()
                        .filter(w -> !Findings.isSettled(w) && w.expected() > HOPELESS)
                        .map(Weighed::move)
                        .toList();
        int[] seen = {0};
        weighing.each(
                now.position(),
                moves,
                judge.nodes(),
                w -> {
                    now.put(w, Holding.of(w), judge.nodes());
                    seen[0]++;
                    listener.accept(now.elimination(0.25 + 0.35 * seen[0] / moves.size()));
                });
    }

    /** Near a border, or lost but not beyond doubt. */
    private List<Move> doubtful(Findings now) {
        return now.ordered().stream()
                .filter(w -> !Findings.isSettled(w) && w.expected() > HOPELESS)
                .filter(w -> isNearBorder(w.expected()) || isDoubtfullyLost(w.expected()))
                .map(Weighed::move)
                .toList();
    }

    private static boolean isNearBorder(double expected) {
        for (double border : BORDERS) {
            if (Math.abs(expected - border) < NEAR) {
                return true;
            }
        }
        return false;
    }

    private static boolean isDoubtfullyLost(double expected) {
        return expected > PLAIN && expected < BORDERS[0];
    }

    /** Looks longer; what changes is looked at once more, and unclear if it changes again. */
    private void again(Findings now, List<Move> moves, long nodes) {
        List<Move> changed = new ArrayList<>();
        weighing.each(
                now.position(),
                moves,
                nodes,
                w -> {
                    Holding is = Holding.of(w);
                    if (is != now.result(w.move()) && !Findings.isSettled(w)) {
                        changed.add(w.move());
                    }
                    now.put(w, is, nodes);
                });
        weighing.each(
                now.position(),
                changed,
                2 * nodes,
                w -> {
                    Holding is = Holding.of(w);
                    boolean sure = is == now.result(w.move()) || Findings.isSettled(w);
                    now.put(w, sure ? is : Holding.UNCLEAR, 2 * nodes);
                });
    }

    /** Verifies the best moves until the best of all is verified; where many hold, none need be. */
    private void verify(Findings now) {
        if (now.elimination(0).held().size() > SURVIVORS) {
            return;
        }
        for (int i = 0; i < SURVIVORS; i++) {
            List<Move> next =
                    now.ordered().stream()
                            .limit(SURVIVORS)
                            .filter(w -> now.result(w.move()) != Holding.LOSS)
                            .filter(w -> !Findings.isSettled(w))
                            .map(Weighed::move)
                            .filter(m -> now.nodes(m) < VERIFY * judge.nodes())
                            .limit(i == 0 ? SURVIVORS : 1)
                            .toList();
            again(now, next, VERIFY * judge.nodes());
        }
    }

    /** Carries refutations on until they show what they bring, and cuts what comes after that. */
    private void show(Findings now) {
        LineCompleter completer = new LineCompleter(brief);
        for (Weighed weighed : now.ordered()) {
            boolean mates = weighed.score() instanceof Score.Mate;
            if (weighed.exact() || now.result(weighed.move()) != Holding.LOSS && !mates) {
                continue;
            }
            Position after = now.position().play(weighed.move());
            List<Move> reply = weighed.line().subList(1, weighed.line().size());
            List<Move> line = new ArrayList<>(List.of(weighed.move()));
            line.addAll(mates ? completer.complete(after, reply) : completer.show(after, reply));
            now.putLine(weighed, line);
        }
    }

    private Optional<Threat> counterThreat(Findings now) {
        Weighed best = now.best();
        Position after = now.position().play(best.move());
        if (now.result(best.move()) == Holding.LOSS || after.legalMoves().isEmpty()) {
            return Optional.empty();
        }
        return judge.among(after, after.legalMoves())
                .flatMap(reply -> new ThreatFinder(judge).find(after, reply))
                .filter(t -> t.kind() != Threat.Kind.IMPROVEMENT);
    }
}
