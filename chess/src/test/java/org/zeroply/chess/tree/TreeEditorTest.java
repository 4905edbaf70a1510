package org.zeroply.chess.tree;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import org.junit.jupiter.api.Test;
import org.zeroply.chess.RandomTrees;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.notation.NotationException;
import org.zeroply.chess.notation.PgnWriter;
import org.zeroply.chess.notation.San;

class TreeEditorTest {

    @Property(tries = 100)
    void changes_made_together_are_one_change(@ForAll long seed) {
        Random random = new Random(seed);
        TreeEditor editor = RandomTrees.tree(random, 20);
        while (editor.canUndo()) {
            editor.undo();
        }
        String before = PgnWriter.write(editor.tree());
        List<String> told = new ArrayList<>();
        editor.onChange(() -> told.add(PgnWriter.write(editor.tree())));
        editor.together(
                () -> {
                    for (int i = 0; i < 12; i++) {
                        RandomTrees.edit(editor, random);
                    }
                });
        String after = PgnWriter.write(editor.tree());
        if (editor.canUndo()) {
            assertThat(told).containsExactly(after);
            editor.undo();
            assertThat(editor.canUndo()).isFalse();
            assertThat(PgnWriter.write(editor.tree())).isEqualTo(before);
            editor.redo();
            assertThat(PgnWriter.write(editor.tree())).isEqualTo(after);
        } else {
            assertThat(after).isEqualTo(before);
        }
    }

    @Property(tries = 80)
    void every_change_can_be_undone_and_made_again(@ForAll long seed) {
        Random random = new Random(seed);
        TreeEditor editor = RandomTrees.tree(random, 20);
        List<String> states = new ArrayList<>();
        states.add(PgnWriter.write(editor.tree()));
        editor.onChange(() -> states.add(PgnWriter.write(editor.tree())));
        for (int i = 0; i < 30; i++) {
            RandomTrees.edit(editor, random);
        }
        int changes = states.size() - 1;
        List<String> there = List.copyOf(states);
        for (int i = changes - 1; i >= 0; i--) {
            editor.undo();
            assertThat(PgnWriter.write(editor.tree())).isEqualTo(there.get(i));
        }
        for (int i = 1; i <= changes; i++) {
            editor.redo();
            assertThat(PgnWriter.write(editor.tree())).isEqualTo(there.get(i));
        }
        assertThat(editor.canRedo()).isFalse();
    }

    @Test
    void orders_that_reach_one_position_are_found_as_transpositions() throws NotationException {
        TreeEditor editor = new TreeEditor(new MoveTree(Position.START));
        Node first = line(editor, "d4", "Nf6", "c4", "e6", "Nc3");
        Node second = line(editor, "c4", "e6", "Nc3", "Nf6", "d4");
        assertThat(editor.tree().at(first.position())).containsExactly(first, second);
    }

    @Test
    void a_node_is_found_again_by_its_address() throws NotationException {
        TreeEditor editor = new TreeEditor(new MoveTree(Position.START));
        line(editor, "d4", "Nf6");
        Node node = line(editor, "d4", "d5", "c4");
        assertThat(editor.tree().follow(MoveTree.address(node))).isSameAs(node);
    }

    @Test
    void a_new_verdict_replaces_the_old_and_leaves_the_grade_of_the_move()
            throws NotationException {
        TreeEditor editor = new TreeEditor(new MoveTree(Position.START));
        Node node = line(editor, "e4");
        editor.grade(node, Nag.GOOD);
        editor.verdict(node, Verdict.ofSymbol("+/-"));
        editor.verdict(node, Verdict.ofSymbol("="));
        assertThat(node.annotation().nags()).containsExactly(Nag.GOOD, Verdict.EQUAL.nag());
    }

    private static Node line(TreeEditor editor, String... moves) throws NotationException {
        Node node = editor.tree().root();
        for (String move : moves) {
            node = editor.add(node, San.read(node.position(), move));
        }
        return node;
    }
}
