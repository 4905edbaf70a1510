package org.zeroply.coach.repertoire;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Collections;
import java.util.Deque;
import java.util.List;
import java.util.Random;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.board.Side;
import org.zeroply.chess.tree.MoveTree;
import org.zeroply.chess.tree.Node;
import org.zeroply.chess.tree.TreeEditor;

/** Repertoires of random moves, to measure and to test with. */
public final class MadeUp {

    private MadeUp() {}

    /**
     * A chapter: one move of ours in each position, some replies of theirs, level by level.
     *
     * @param nodes moves in it
     * @param replies replies to each move of ours, at most
     * @param seed the same seed makes the same chapter
     */
    public static MoveTree chapter(Side side, int nodes, int replies, long seed) {
        Random random = new Random(seed);
        TreeEditor editor = new TreeEditor(new MoveTree(Position.START));
        editor.tag(Repertoire.SIDE, side.smallWord());
        Deque<Node> open = new ArrayDeque<>(List.of(editor.tree().root()));
        int made = 0;
        while (made < nodes && !open.isEmpty()) {
            Node node = open.remove();
            boolean ours = node.position().sideToMove() == side;
            List<Move> moves = new ArrayList<>(node.position().legalMoves());
            Collections.shuffle(moves, random);
            for (Move move : moves.subList(0, Math.min(moves.size(), ours ? 1 : replies))) {
                if (made < nodes) {
                    open.add(editor.add(node, move));
                    made++;
                }
            }
        }
        return editor.tree();
    }
}
