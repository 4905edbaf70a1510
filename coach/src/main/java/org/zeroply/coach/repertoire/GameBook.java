package org.zeroply.coach.repertoire;

import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.tree.GameResult;
import org.zeroply.chess.tree.MoveTree;
import org.zeroply.chess.tree.Node;

/** The replies of games held in memory: the first {@value #PLIES} plies of each. */
public final class GameBook implements Replies {

    /** Beyond so many plies an opening is over: our choice. */
    private static final int PLIES = 60;

    private final Map<Position, Map<Move, int[]>> moves = new HashMap<>();
    private int games;

    /** The book of these games' main lines. */
    public static GameBook of(Iterable<MoveTree> trees) {
        GameBook book = new GameBook();
        trees.forEach(book::add);
        return book;
    }

    /** Adds the main line of a game. */
    public void add(MoveTree game) {
        games++;
        int halves = GameResult.halves(game.result());
        for (Node node : game.mainLine().stream().limit(PLIES).toList()) {
            int[] cell =
                    moves.computeIfAbsent(
                                    node.parent().orElseThrow().position(),
                                    p -> new LinkedHashMap<>())
                            .computeIfAbsent(node.move(), m -> new int[3]);
            cell[0]++;
            if (halves >= 0) {
                cell[1]++;
                cell[2] += halves;
            }
        }
    }

    /** Games added. */
    public int games() {
        return games;
    }

    @Override
    public List<Reply> at(Position position) {
        return moves.getOrDefault(position, Map.of()).entrySet().stream()
                .map(e -> new Reply(e.getKey(), e.getValue()[0], score(e.getValue())))
                .toList();
    }

    private static Optional<Double> score(int[] cell) {
        return cell[1] == 0 ? Optional.empty() : Optional.of(cell[2] / 2.0 / cell[1]);
    }
}
