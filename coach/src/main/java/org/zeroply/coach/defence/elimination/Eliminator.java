package org.zeroply.coach.defence.elimination;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.CancellationException;
import java.util.function.Consumer;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.Position;
import org.zeroply.coach.defence.threat.LineCompleter;
import org.zeroply.coach.defence.threat.Threat;
import org.zeroply.coach.defence.threat.ThreatFinder;
import org.zeroply.coach.evaluation.Grade;
import org.zeroply.coach.evaluation.Holding;
import org.zeroply.coach.evaluation.MoveComparison;
import org.zeroply.coach.evaluation.MoveEvaluator;
import org.zeroply.coach.evaluation.MoveEvaluators;
import org.zeroply.coach.evaluation.Weighed;

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

    /**
     * What was doubtful is looked at so many times as long: our choice, see {@code zeroply defend
     * measure}.
     */
    private static final int CONFIRM = 4;

    /**
     * What decides is looked at so many times as long: our choice, see {@code zeroply defend
     * measure}.
     */
    private static final int VERIFY = 8;

    /** So many moves at most are verified longest. */
    private static final int SURVIVORS = 3;

    /** The look at the whole position takes so many times the nodes at least, and at most. */
    private static final int WHOLE = 8;

    /**
     * The whole position is looked at so many times as long at most, until its best moves are
     * settled: our choice.
     */
    private static final int WHOLE_AT_MOST = 40;

    /** So many moves are told apart at that look. */
    private static final int LINES = 3;

    /** What is worth less at a brief look is lost beyond doubt. */
    private static final double HOPELESS = 0.002;

    private final MoveEvaluator evaluator;
    private final MoveEvaluator brief;
    private final Weighing weighing;

    /**
     * @param evaluators with the nodes for each move
     */
    public Eliminator(MoveEvaluators evaluators) {
        evaluator = evaluators.first();
        brief = evaluator.brief(BRIEF);
        weighing = new Weighing(evaluators);
    }

    /** With one engine. */
    public Eliminator(MoveEvaluator evaluator) {
        this(MoveEvaluators.alone(evaluator));
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
        weighing.each(position, legal, brief.nodes(), w -> now.put(w, brief.nodes()));
        listener.accept(now.elimination(0.1));
        whole(now);
        listener.accept(now.elimination(0.2));
        now.threat(new ThreatFinder(evaluator).find(position, now.best()));
        KindFinder kinds = new KindFinder(position, now.threat(), brief);
        now.ordered().forEach(w -> now.kinds(w.move(), kinds.of(w)));
        listener.accept(now.elimination(0.25));
        look(now, listener);
        again(now, doubtful(now), CONFIRM * evaluator.nodes());
        listener.accept(now.elimination(0.8));
        verify(now);
        show(now);
        now.counterThreat(counterThreat(now));
        Elimination result = now.elimination(1);
        listener.accept(result);
        return Optional.of(result);
    }

    /** The best moves as a long search finds them, which a brief look at each may overlook. */
    private void whole(Findings now) {
        long nodes = WHOLE * evaluator.nodes();
        evaluator
                .withNodes(nodes)
                .settled(now.position(), LINES, WHOLE_AT_MOST * evaluator.nodes())
                .ifPresent(choice -> choice.moves().forEach(w -> now.put(w, nodes)));
    }

    private void look(Findings now, Consumer<Elimination> listener) {
        boolean known = now.best().exact();
        List<Move> moves =
                now.ordered().stream()
                        .filter(w -> !w.isCertain())
                        .filter(w -> known || w.expected().value() > HOPELESS)
                        .map(Weighed::move)
                        .filter(m -> now.nodes(m) < evaluator.nodes())
                        .toList();
        int[] seen = {0};
        weighing.each(
                now.position(),
                moves,
                evaluator.nodes(),
                w -> {
                    now.put(w, evaluator.nodes());
                    seen[0]++;
                    listener.accept(now.elimination(0.25 + 0.35 * seen[0] / moves.size()));
                });
    }

    /** Near a bound, or lost but not beyond doubt. */
    private List<Move> doubtful(Findings now) {
        MoveComparison comparison = now.comparison();
        return now.ordered().stream()
                .filter(comparison::isDoubtful)
                .map(Weighed::move)
                .filter(m -> now.nodes(m) < CONFIRM * evaluator.nodes())
                .toList();
    }

    /** Looks longer; what changes is looked at once more, and doubted if it changes again. */
    private void again(Findings now, List<Move> moves, long nodes) {
        Map<Move, Grade> first = now.grades(moves);
        List<Move> changed = longer(now, moves, nodes);
        Map<Move, Weighed> before = new HashMap<>();
        changed.forEach(m -> before.put(m, now.of(m)));
        Map<Move, Grade> second = now.grades(changed);
        List<Move> again = longer(now, changed, 2 * nodes);
        Map<Move, Grade> third = now.grades(again);
        for (Move move : again) {
            Set<Grade> said = EnumSet.of(first.get(move), second.get(move), third.get(move));
            if (!said.contains(Grade.HOLDS)) {
                now.doubt(move, Grade.PRICE);
            } else if (said.contains(Grade.FAILS) || moved(before.get(move), now.of(move))) {
                now.doubt(move, Grade.UNCLEAR);
            }
        }
    }

    /** Whether it is another verdict, and not the same one beside a bound. */
    private static boolean moved(Weighed was, Weighed is) {
        return Math.abs(was.expected().over(is.expected())) > Weighed.EQUAL;
    }

    /** The moves whose grade is another one at a longer look. */
    private List<Move> longer(Findings now, List<Move> moves, long nodes) {
        Map<Move, Grade> before = now.grades(moves);
        weighing.each(now.position(), moves, nodes, w -> now.put(w, nodes));
        Map<Move, Grade> after = now.grades(moves);
        return moves.stream()
                .filter(m -> before.get(m) != after.get(m) && !now.of(m).isCertain())
                .toList();
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
                            .filter(w -> Holding.of(w) != Holding.LOSS && !w.isCertain())
                            .map(Weighed::move)
                            .filter(m -> now.nodes(m) < VERIFY * evaluator.nodes())
                            .limit(i == 0 ? SURVIVORS : 1)
                            .toList();
            again(now, next, VERIFY * evaluator.nodes());
        }
    }

    /** Carries refutations on until they show what they bring, and cuts what comes after that. */
    private void show(Findings now) {
        LineCompleter completer = new LineCompleter(brief);
        List<Weighed> all = now.ordered();
        Map<Move, Grade> grades = now.grades(all.stream().map(Weighed::move).toList());
        for (Weighed weighed : all) {
            boolean mates = weighed.isMated();
            if (weighed.exact() || grades.get(weighed.move()) != Grade.FAILS && !mates) {
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
        if (Holding.of(best) == Holding.LOSS || after.legalMoves().isEmpty()) {
            return Optional.empty();
        }
        return evaluator
                .among(after, after.legalMoves())
                .flatMap(reply -> new ThreatFinder(evaluator).find(after, reply))
                .filter(t -> t.kind() != Threat.Kind.IMPROVEMENT);
    }
}
