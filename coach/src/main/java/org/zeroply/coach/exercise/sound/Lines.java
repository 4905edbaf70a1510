package org.zeroply.coach.exercise.sound;

import java.util.ArrayList;
import java.util.List;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.notation.Line;
import org.zeroply.chess.tree.Node;

/** Lines of a scheme in words. */
final class Lines {

    private static final int SHOWN = 6;

    private Lines() {}

    /** The line to a move, with move numbers. */
    static String to(Node node) {
        List<Move> moves = moves(node);
        return moves.isEmpty() ? "" : Line.numbered(start(node), moves);
    }

    /** The line to a node and on with other moves. */
    static String through(Node node, List<Move> rest) {
        List<Move> moves = new ArrayList<>(moves(node));
        moves.addAll(Line.start(rest, SHOWN));
        return Line.numbered(start(node), moves);
    }

    private static List<Move> moves(Node node) {
        return node.path().stream().map(Node::move).toList();
    }

    private static Position start(Node node) {
        return node.isRoot()
                ? node.position()
                : node.path().get(0).parent().orElseThrow().position();
    }
}
