package org.zeroply.chess.notation;

import java.util.ArrayList;
import java.util.List;
import java.util.StringJoiner;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.board.Side;
import org.zeroply.chess.tree.Node;

/** Lines of moves in print: {@code 24.Rxe6 fxe6 25.Qg4}. */
public final class Line {

    private Line() {}

    /** The moves in SAN, one string a move, as far as they are legal. */
    public static List<String> san(Position start, List<Move> moves) {
        List<String> san = new ArrayList<>(moves.size());
        Position p = start;
        for (Move move : moves) {
            if (!move.isNull() && !p.isLegal(move)) {
                break;
            }
            san.add(San.write(p, move));
            p = p.play(move);
        }
        return san;
    }

    /** The moves with move numbers, {@code 24...Qf5} when Black begins. */
    public static String numbered(Position start, List<Move> moves) {
        StringJoiner line = new StringJoiner(" ");
        Position p = start;
        boolean first = true;
        for (Move move : moves) {
            line.add(number(p, first) + San.write(p, move));
            p = p.play(move);
            first = false;
        }
        return line.toString();
    }

    /**
     * The move that leads to a node, numbered.
     *
     * @throws java.util.NoSuchElementException at the start of a tree, where none does
     */
    public static String move(Node node) {
        return numbered(node.parent().orElseThrow().position(), List.of(node.move()));
    }

    /** The moves that lead to a node from the start of its tree, numbered; empty at the start. */
    public static String to(Node node) {
        return to(node, List.of());
    }

    /** The moves that lead to a node and on with others, numbered from the start of its tree. */
    public static String to(Node node, List<Move> rest) {
        List<Node> path = node.path();
        Node first = path.isEmpty() ? node : path.get(0).parent().orElseThrow();
        List<Move> moves = new ArrayList<>(path.stream().map(Node::move).toList());
        moves.addAll(rest);
        return numbered(first.position(), moves);
    }

    /** The first moves of a line, at most so many. */
    public static List<Move> start(List<Move> moves, int most) {
        return moves.subList(0, Math.min(most, moves.size()));
    }

    /** The move number as it stands before a move; empty before Black's move inside a line. */
    public static String number(Position before, boolean always) {
        if (before.sideToMove() == Side.WHITE) {
            return before.fullmoveNumber() + ".";
        }
        return always ? before.fullmoveNumber() + "..." : "";
    }
}
