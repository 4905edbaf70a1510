package org.zeroply.desktop.sheet;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Random;
import java.util.Set;
import org.junit.jupiter.api.RepeatedTest;
import org.junit.jupiter.api.RepetitionInfo;
import org.junit.jupiter.api.Test;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.tree.MoveTree;
import org.zeroply.chess.tree.Node;
import org.zeroply.chess.tree.TreeEditor;

class SheetLayoutTest {

    @Test
    void an_empty_tree_has_no_rows() {
        assertThat(SheetLayout.rows(new MoveTree(Position.START))).isEmpty();
    }

    @RepeatedTest(30)
    void every_move_is_drawn_once_under_the_moves_it_follows(RepetitionInfo repetition) {
        MoveTree tree = randomTree(new Random(repetition.getCurrentRepetition()));
        Set<Node> drawn = new HashSet<>();
        for (SheetLayout.Row row : SheetLayout.rows(tree)) {
            assertThat(row.moves()).isEqualTo(row.end().path());
            assertThat(drawn)
                    .as("the shared part stands in an earlier row")
                    .containsAll(row.moves().subList(0, row.firstOwn()));
            List<Node> own = row.moves().subList(row.firstOwn(), row.moves().size());
            assertThat(drawn).doesNotContainAnyElementsOf(own);
            drawn.addAll(own);
        }
        Set<Node> all = new HashSet<>(tree.nodes());
        all.remove(tree.root());
        assertThat(drawn).isEqualTo(all);
    }

    @RepeatedTest(30)
    void bands_cut_rows_without_losing_a_move(RepetitionInfo repetition) {
        MoveTree tree = randomTree(new Random(1000 + repetition.getCurrentRepetition()));
        List<SheetLayout.Row> rows = SheetLayout.rows(tree);
        int plies = 1 + repetition.getCurrentRepetition() % 7;
        int inRows = rows.stream().mapToInt(r -> r.moves().size() - r.firstOwn()).sum();
        int inBands = 0;
        for (SheetLayout.Band band : SheetLayout.bands(rows, plies)) {
            for (SheetLayout.Row row : band.rows()) {
                int from = Math.max(band.firstPly(), row.firstOwn());
                int to = Math.min(band.firstPly() + plies, row.moves().size());
                assertThat(to).isGreaterThan(from);
                inBands += to - from;
            }
        }
        assertThat(inBands).isEqualTo(inRows);
    }

    private static MoveTree randomTree(Random random) {
        TreeEditor editor = new TreeEditor(new MoveTree(Position.START));
        List<Node> nodes = new ArrayList<>(List.of(editor.tree().root()));
        for (int i = 0; i < 60; i++) {
            // Mostly on from the last move, so that lines grow long.
            Node from = nodes.get(random.nextInt(3) > 0 ? nodes.size() - 1 : random.nextInt(i + 1));
            var moves = from.position().legalMoves();
            if (moves.isEmpty()) {
                break;
            }
            nodes.add(editor.add(from, moves.get(random.nextInt(moves.size()))));
        }
        return editor.tree();
    }
}
