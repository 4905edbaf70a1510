package org.zeroply.desktop.sheet;

import java.util.ArrayList;
import java.util.List;
import org.zeroply.chess.tree.MoveTree;
import org.zeroply.chess.tree.Node;

/**
 * Lays a tree out on a sheet: every line is a row whose moves stand in columns by ply; the part it
 * shares with an earlier row is not repeated. Rows are cut into bands of a fixed number of plies,
 * as a score is cut into systems. Plies are counted from 0 at the root's first move.
 */
final class SheetLayout {

    private SheetLayout() {}

    /**
     * A line and where its own part begins.
     *
     * @param moves all moves of the line from the root
     * @param firstOwn index of the first move not shared with an earlier row
     */
    record Row(List<Node> moves, int firstOwn) {
        Row {
            moves = List.copyOf(moves);
        }

        Node end() {
            return moves.get(moves.size() - 1);
        }
    }

    /**
     * The rows that have moves of their own in a range of plies.
     *
     * @param firstPly first ply of the band
     * @param rows the rows with own moves here, in the order of the tree
     */
    record Band(int firstPly, List<Row> rows) {
        Band {
            rows = List.copyOf(rows);
        }
    }

    static List<Row> rows(MoveTree tree) {
        List<Row> rows = new ArrayList<>();
        collect(tree.root(), 0, rows);
        return rows;
    }

    private static void collect(Node from, int firstOwn, List<Row> rows) {
        if (from.children().isEmpty()) {
            return;
        }
        Node end = from.mainLineEnd();
        List<Node> moves = end.path();
        rows.add(new Row(moves, firstOwn));
        // Side lines of this row, the earliest branch first.
        Node n = from;
        int ply = firstOwn;
        while (!n.children().isEmpty()) {
            for (Node side : n.children().subList(1, n.children().size())) {
                branch(side, ply, rows);
            }
            n = n.children().get(0);
            ply++;
        }
    }

    private static void branch(Node first, int ply, List<Row> rows) {
        if (first.children().isEmpty()) {
            rows.add(new Row(first.path(), ply));
            return;
        }
        int at = rows.size();
        collect(first, ply + 1, rows);
        Row row = rows.get(at);
        rows.set(at, new Row(row.moves(), ply));
    }

    static List<Band> bands(List<Row> rows, int plies) {
        int longest = rows.stream().mapToInt(r -> r.moves().size()).max().orElse(0);
        List<Band> bands = new ArrayList<>();
        for (int first = 0; first < longest; first += plies) {
            int begin = first;
            List<Row> here =
                    rows.stream()
                            .filter(r -> r.moves().size() > begin && r.firstOwn() < begin + plies)
                            .toList();
            bands.add(new Band(first, here));
        }
        return bands;
    }
}
