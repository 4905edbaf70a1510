package org.zeroply.coach.exercise.find;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.DoubleConsumer;
import org.zeroply.chess.tree.MoveTree;
import org.zeroply.engine.analysis.Cancellation;

/** Looks through games for positions worth setting. */
public interface GameSearch {

    /**
     * The finds in the main line of a game, the best first, none near another.
     *
     * @param progress told the part done, 0 to 1
     * @return nothing when cancelled
     */
    Optional<List<Prospect>> in(MoveTree game, DoubleConsumer progress, Cancellation cancellation);

    /**
     * One search after the other. A position that both find is told once, with the reasons and
     * themes of both.
     *
     * @param second what it finds comes first in such a position
     */
    static GameSearch both(GameSearch first, GameSearch second) {
        return (game, progress, cancellation) -> {
            Optional<List<Prospect>> one =
                    first.in(game, p -> progress.accept(p / 2), cancellation);
            Optional<List<Prospect>> two =
                    one.isEmpty()
                            ? Optional.empty()
                            : second.in(game, p -> progress.accept(0.5 + p / 2), cancellation);
            return two.map(more -> joined(one.get(), more));
        };
    }

    private static List<Prospect> joined(List<Prospect> first, List<Prospect> second) {
        List<Prospect> all = new ArrayList<>();
        for (Prospect p : second) {
            all.add(
                    first.stream()
                            .filter(f -> f.position().equals(p.position()))
                            .findFirst()
                            .map(p::with)
                            .orElse(p));
        }
        first.stream()
                .filter(f -> second.stream().noneMatch(p -> p.position().equals(f.position())))
                .forEach(all::add);
        return Prospect.best(all, p -> p);
    }
}
