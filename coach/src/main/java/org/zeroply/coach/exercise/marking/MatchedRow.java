package org.zeroply.coach.exercise.marking;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.tree.Node;
import org.zeroply.coach.exercise.scheme.MarkingScheme;

/** A row of an answer laid over a marking scheme: which nodes its positions are. */
final class MatchedRow {

    private final WrittenAnswer.Row row;
    private final List<Position> positions = new ArrayList<>();
    private final List<List<Node>> nodes = new ArrayList<>();
    private int lastPly = -1;

    MatchedRow(MarkingScheme scheme, WrittenAnswer.Row row, Position start) {
        this.row = row;
        Position p = start;
        for (Move move : row.moves()) {
            p = p.play(move);
            positions.add(p);
            List<Node> here = scheme.at(p).stream().filter(n -> !n.isRoot()).toList();
            nodes.add(here);
            if (!here.isEmpty()) {
                lastPly = nodes.size() - 1;
            }
        }
    }

    WrittenAnswer.Row row() {
        return row;
    }

    /** 0-based ply of the first move after which no position is in the scheme any more. */
    int leavesAt() {
        return lastPly + 1;
    }

    boolean staysInScheme() {
        return leavesAt() == row.moves().size();
    }

    boolean reaches(Node node) {
        return nodes.stream().anyMatch(n -> n.contains(node));
    }

    /** Whether the node was reached by its own order of moves. */
    boolean followsOrderOf(Node node) {
        List<Move> path = node.path().stream().map(Node::move).toList();
        return row.moves().size() >= path.size()
                && row.moves().subList(0, path.size()).equals(path);
    }

    /**
     * Whether the row plays the node's move in another order and then comes to a later position of
     * the node's line.
     */
    boolean containsOnTheWay(Node node) {
        for (int ply = 0; ply < nodes.size(); ply++) {
            boolean joins = nodes.get(ply).stream().anyMatch(n -> n.isWithin(node));
            if (joins && playedBefore(node, ply)) {
                return true;
            }
        }
        return false;
    }

    private boolean playedBefore(Node node, int lastPlyAllowed) {
        int parity = (node.depth() - 1) % 2;
        for (int ply = parity; ply <= lastPlyAllowed; ply += 2) {
            if (row.moves().get(ply).equals(node.move())) {
                return true;
            }
        }
        return false;
    }

    /** Whether the verdict of the row speaks of the line that the node stands in. */
    boolean endsInLineOf(Node node) {
        if (lastPly < 0) {
            return false;
        }
        return nodes.get(lastPly).stream()
                .anyMatch(last -> last == node || isMainContinuation(node, last));
    }

    private static boolean isMainContinuation(Node from, Node later) {
        for (Node n = from; !n.children().isEmpty(); ) {
            n = n.children().get(0);
            if (n == later) {
                return true;
            }
        }
        return false;
    }

    /** The first tempting move that the row falls for, if any. */
    Optional<Node> temptation() {
        return nodes.stream()
                .flatMap(List::stream)
                .filter(n -> n.annotation().scheme().tempting())
                .findFirst();
    }
}
