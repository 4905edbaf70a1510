package org.zeroply.coach.review;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.function.DoubleConsumer;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.opening.OpeningNames;
import org.zeroply.chess.tree.Node;
import org.zeroply.coach.evaluation.Choice;
import org.zeroply.coach.evaluation.Loss;
import org.zeroply.coach.evaluation.MoveEvaluator;
import org.zeroply.coach.evaluation.Obvious;
import org.zeroply.coach.evaluation.Weighed;
import org.zeroply.engine.analysis.ExpectedScore;

/**
 * The positions of a game as they were looked at: each once, again on more nodes where a moment may
 * be, and on most where an early move seems to deserve a blame. The first moves of a game are those
 * that many have looked at before; a brief search does not overrule them.
 */
final class PositionLooks {

    /** Positions that may hold a moment are looked at on so many times the nodes. */
    private static final int LONGER = 3;

    /** So many moves of a game at most. */
    private static final int MOST_LONGER = 8;

    /** Early moves that seem dubious are looked at on so many times the nodes. */
    private static final int OPENING = 10;

    /** Early are moves that lead to a named position or to one before it, and the first ten. */
    private static final int EARLY = 20;

    /** A move that is best only from this depth on, in plies, may be worth it. */
    private static final int LATE = 9;

    /** What an offer is worth beside a loss, in points of a hundred: our choice. */
    private static final double OFFER = 12;

    /** What a move found late is worth beside it: our choice. */
    private static final double FOUND_LATE = 4;

    /** An expected score so near to 0 or 1 is decided: only what gives it away is a moment. */
    private static final double DECIDED = 0.005;

    /** The part that looking once has in all looking, for its progress. */
    private static final double QUICK = 0.6;

    private final List<Node> line;
    private final List<Look> looks = new ArrayList<>();

    private PositionLooks(List<Node> line) {
        this.line = line;
    }

    /** What a position is worth and by which move. */
    record Look(Optional<Choice> choice, ExpectedScore expected) {
        Weighed best() {
            return choice.orElseThrow().best();
        }
    }

    /**
     * Looks at the position before each move and at the last one.
     *
     * @param evaluator on the nodes of one look
     * @param progress told the part done, 0 to 1
     */
    static PositionLooks at(
            List<Node> line, MoveEvaluator evaluator, OpeningNames names, DoubleConsumer progress) {
        PositionLooks looks = new PositionLooks(line);
        for (int i = 0; i <= line.size() && !line.isEmpty(); i++) {
            looks.looks.add(look(looks.position(i), evaluator));
            progress.accept((i + 1.0) / (line.size() + 1) * QUICK);
        }
        Map<Integer, Integer> again = looks.again(looks.early(names));
        int done = 0;
        for (Map.Entry<Integer, Integer> more : again.entrySet()) {
            MoveEvaluator longer = evaluator.withNodes(more.getValue() * evaluator.nodes());
            looks.looks.set(more.getKey(), look(looks.position(more.getKey()), longer));
            done++;
            progress.accept(QUICK + (1 - QUICK) * done / again.size());
        }
        return looks;
    }

    /** The position before a move, by its 0-based number, or the last one. */
    Look at(int i) {
        return looks.get(i);
    }

    private Position position(int i) {
        return i == 0 ? line.get(0).parent().orElseThrow().position() : line.get(i - 1).position();
    }

    private static Look look(Position position, MoveEvaluator evaluator) {
        Optional<Choice> choice = evaluator.choice(position);
        return new Look(choice, MoveEvaluator.expected(choice, position));
    }

    /** Moves from the first position on that count as early ones. */
    private int early(OpeningNames names) {
        int named = 0;
        for (int i = 0; i < line.size(); i++) {
            named = names.of(line.get(i).position()).isPresent() ? i + 1 : named;
        }
        boolean start = !line.isEmpty() && position(0).equals(Position.START);
        return Math.max(named, start ? Math.min(EARLY, line.size()) : 0);
    }

    /**
     * The positions to look at again, each with how many times the nodes: around what may be a
     * moment, what gave much away first, then sacrifices, played or possible, and moves that are
     * best only late; and around each early move that seems dubious.
     */
    private Map<Integer, Integer> again(int early) {
        Map<Integer, Double> promises = new HashMap<>();
        Set<Integer> doubtful = new TreeSet<>();
        for (int i = 0; i < line.size(); i++) {
            if (looks.get(i).choice().isPresent()) {
                promises.put(i, promise(i));
                if (i < early && loss(i).points() >= MoveReview.DUBIOUS) {
                    doubtful.add(i);
                }
            }
        }
        Map<Integer, Integer> again = new TreeMap<>();
        promises.entrySet().stream()
                .filter(e -> e.getValue() > 0)
                .sorted(
                        Map.Entry.<Integer, Double>comparingByValue(Comparator.reverseOrder())
                                .thenComparing(Map.Entry.comparingByKey()))
                .limit(MOST_LONGER)
                .forEach(e -> mark(again, e.getKey(), LONGER));
        doubtful.forEach(i -> mark(again, i, OPENING));
        return again;
    }

    private static void mark(Map<Integer, Integer> again, int move, int times) {
        again.merge(move, times, Math::max);
        again.merge(move + 1, times, Math::max);
    }

    /** How much a move may be a moment, in points of a hundred; 0 for no reason to think so. */
    private double promise(int i) {
        Look now = looks.get(i);
        Move played = line.get(i).move();
        double loss = loss(i).points();
        Position position = position(i);
        boolean offers =
                Obvious.isSacrifice(position, now.best().move())
                        || !played.isNull() && Obvious.isSacrifice(position, played);
        boolean late = now.choice().orElseThrow().depthFound() >= LATE;
        double expected = now.expected().value();
        boolean open = expected > DECIDED && expected < 1 - DECIDED;
        double given = loss >= MoveReview.DUBIOUS ? loss : 0;
        return open ? given + (offers ? OFFER : 0) + (late ? FOUND_LATE : 0) : given;
    }

    /** What a move gave away by the looks before and after it. */
    private Loss loss(int i) {
        return Loss.between(looks.get(i).expected(), looks.get(i + 1).expected().opponents());
    }
}
