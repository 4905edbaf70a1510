package org.zeroply.library.sheet;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.Size;
import org.junit.jupiter.api.Test;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.tree.MoveTree;
import org.zeroply.chess.tree.Node;
import org.zeroply.chess.tree.TreeEditor;

class PlayedLineTest {

    /** A game of legal moves picked by these numbers. */
    private static MoveTree game(Position start, int[] picks) {
        TreeEditor editor = new TreeEditor(new MoveTree(start));
        Node node = editor.tree().root();
        for (int pick : picks) {
            List<Move> legal = node.position().legalMoves();
            if (legal.isEmpty()) {
                break;
            }
            node = editor.add(node, legal.get(Math.floorMod(pick, legal.size())));
        }
        return editor.tree();
    }

    @Property(tries = 200)
    void a_line_played_anew_from_its_packed_form_is_the_same(@ForAll @Size(max = 120) int[] picks) {
        MoveTree game = game(Position.START, picks);
        PlayedLine played = PlayedLine.of(game.start(), game.mainLine());
        PlayedLine again = PlayedLine.of(played.packed());
        List<Long> keys = new ArrayList<>(List.of(game.start().key()));
        game.mainLine().forEach(n -> keys.add(n.position().key()));
        assertThat(played.keys()).containsExactly(keys.toArray(Long[]::new));
        assertThat(again.keys()).isEqualTo(played.keys());
        assertThat(again.next()).isEqualTo(played.next());
    }

    @Test
    void a_pass_ends_it() {
        TreeEditor editor = new TreeEditor(new MoveTree(Position.START));
        Node first = editor.add(editor.tree().root(), Position.START.legalMoves().get(0));
        Node pass = editor.add(first, Move.NULL);
        editor.add(pass, pass.position().legalMoves().get(0));
        PlayedLine line = PlayedLine.of(Position.START, editor.tree().mainLine());
        assertThat(line.packed().moves()).hasSize(1);
        assertThat(line.keys()).containsExactly(Position.START.key(), first.position().key());
        assertThat(line.next()).containsExactly(first.move().packed(), 0);
    }
}
