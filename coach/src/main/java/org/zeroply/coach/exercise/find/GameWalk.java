package org.zeroply.coach.exercise.find;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.CancellationException;
import java.util.function.DoubleConsumer;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.tree.MoveTree;
import org.zeroply.chess.tree.Node;
import org.zeroply.coach.fact.material.Phase;

/** Goes through the main line of a game and looks at every position that is wished for. */
final class GameWalk {

    /** Before this many moves have been played, positions are openings and not exercises. */
    private static final int FIRST_PLY = 14;

    private final Wishes wishes;

    GameWalk(Wishes wishes) {
        this.wishes = wishes;
    }

    /** A look at one position. */
    interface Look {
        /**
         * @param last the move that led to it
         * @param ply number of moves played before it
         * @throws CancellationException when cancelled
         */
        Optional<Prospect> at(Position position, Move last, int ply);
    }

    /** The finds that are wished for, the best first, none near another; nothing when cancelled. */
    Optional<List<Prospect>> through(MoveTree game, Look look, DoubleConsumer progress) {
        List<Prospect> found = new ArrayList<>();
        if (!wishes.allowsGame(game)) {
            return Optional.of(found);
        }
        List<Node> line = game.mainLine();
        try {
            for (int i = FIRST_PLY; i < line.size(); i++) {
                Node node = line.get(i - 1);
                if (isWanted(game, node.position())) {
                    look.at(node.position(), node.move(), i)
                            .filter(wishes::allows)
                            .ifPresent(found::add);
                }
                progress.accept((i + 1.0) / line.size());
            }
        } catch (CancellationException e) {
            return Optional.empty();
        }
        return Optional.of(Prospect.best(found, p -> p));
    }

    private boolean isWanted(MoveTree game, Position position) {
        return wishes.allows(game, position.sideToMove())
                && wishes.phase().filter(p -> p != Phase.of(position)).isEmpty();
    }
}
