package org.zeroply.chess.tree;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import org.junit.jupiter.api.Test;
import org.zeroply.chess.RandomTrees;
import org.zeroply.chess.board.Move;
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

    // ---- Single changes, by what is left --------------------------------------------------------

    private static String moves(TreeEditor editor) {
        String text = PgnWriter.write(editor.tree());
        return text.substring(text.indexOf("\n\n")).strip().replace('\n', ' ');
    }

    /** 1. e4 e5 with 1... c5 and 1... e6, in this order. */
    private static TreeEditor three() throws NotationException {
        TreeEditor editor = new TreeEditor(new MoveTree(Position.START));
        line(editor, "e4", "e5");
        line(editor, "e4", "c5");
        line(editor, "e4", "e6");
        return editor;
    }

    private static List<Node> replies(TreeEditor editor) {
        return editor.tree().root().children().get(0).children();
    }

    @Test
    void variations_go_up_and_down_one_place_and_not_beyond_the_ends() throws NotationException {
        TreeEditor editor = three();
        String before = moves(editor);
        editor.promote(replies(editor).get(0));
        editor.demote(replies(editor).get(2));
        assertThat(moves(editor)).isEqualTo(before);
        editor.promote(replies(editor).get(2));
        assertThat(moves(editor)).isEqualTo("1. e4 e5 (1... e6) (1... c5) *");
        editor.promote(replies(editor).get(1));
        assertThat(moves(editor)).isEqualTo("1. e4 e6 (1... e5) (1... c5) *");
        editor.demote(replies(editor).get(0));
        assertThat(moves(editor)).isEqualTo("1. e4 e5 (1... e6) (1... c5) *");
        editor.demote(replies(editor).get(1));
        assertThat(moves(editor)).isEqualTo(before);
        assertThatThrownBy(() -> editor.promote(editor.tree().root()))
                .isInstanceOf(IllegalArgumentException.class);
    }

    @Test
    void a_line_is_added_as_far_as_it_is_new_and_as_one_change() throws NotationException {
        TreeEditor editor = three();
        Node known = line(editor, "e4", "e5");
        Node start = editor.tree().root();
        int changes = undoable(editor);
        List<Move> two = List.of(known.path().get(0).move(), known.move());
        assertThat(editor.addLine(start, two)).isSameAs(known);
        assertThat(undoable(editor)).as("nothing was new").isEqualTo(changes);
        Node knight = new TreeEditor(new MoveTree(known.position())).tree().root();
        List<Move> more = new ArrayList<>(two);
        more.add(San.read(knight.position(), "Nf3"));
        more.add(San.read(knight.position().play(more.get(2)), "Nc6"));
        Node last = editor.addLine(start, more);
        assertThat(moves(editor)).isEqualTo("1. e4 e5 (1... c5) (1... e6) 2. Nf3 Nc6 *");
        assertThat(last.depth()).isEqualTo(4);
        assertThat(undoable(editor)).isEqualTo(changes + 1);
    }

    /** How many changes can be taken back; all are made again. */
    private static int undoable(TreeEditor editor) {
        int count = 0;
        while (editor.canUndo()) {
            editor.undo();
            count++;
        }
        while (editor.canRedo()) {
            editor.redo();
        }
        return count;
    }

    @Test
    void moves_are_taken_out_with_all_that_follows() throws NotationException {
        TreeEditor editor = three();
        line(editor, "e4", "c5", "Nf3");
        editor.delete(replies(editor).get(1));
        assertThat(moves(editor)).isEqualTo("1. e4 e5 (1... e6) *");
        editor.deleteRest(editor.tree().root().children().get(0));
        assertThat(moves(editor)).isEqualTo("1. e4 *");
        editor.undo();
        editor.undo();
        assertThat(moves(editor)).isEqualTo("1. e4 e5 (1... c5 2. Nf3) (1... e6) *");
    }

    @Test
    void what_stands_after_another_node_is_added_or_takes_the_place() throws NotationException {
        TreeEditor other = new TreeEditor(new MoveTree(Position.START));
        other.comment(line(other, "e4", "e5"), "known");
        other.comment(line(other, "e4", "d6"), "new");
        other.comment(line(other, "e4", "d6", "d4"), "deeper");
        TreeEditor editor = three();
        editor.graft(editor.tree().root(), other.tree().root());
        assertThat(moves(editor))
                .isEqualTo("1. e4 e5 (1... c5) (1... e6) (1... d6 {new} 2. d4 {deeper}) *");
        editor.undo();
        assertThat(moves(editor)).isEqualTo("1. e4 e5 (1... c5) (1... e6) *");
        editor.replaceRest(editor.tree().root(), other.tree().root());
        assertThat(moves(editor)).isEqualTo("1. e4 e5 {known} (1... d6 {new} 2. d4 {deeper}) *");
        editor.undo();
        assertThat(moves(editor)).isEqualTo("1. e4 e5 (1... c5) (1... e6) *");
    }

    @Test
    void what_is_said_of_a_move_is_set_and_taken_away() throws NotationException {
        TreeEditor editor = three();
        Node node = replies(editor).get(0);
        Mark mark = new Mark(Mark.Meaning.TARGET, List.of(28));
        editor.comment(node, " the centre ");
        editor.toggleMark(node, mark);
        editor.points(node, List.of(PointRule.of(3)));
        assertThat(node.annotation().after()).isEqualTo("the centre");
        assertThat(node.annotation().marks()).containsExactly(mark);
        assertThat(node.annotation().scheme().points()).containsExactly(PointRule.of(3));
        editor.toggleMark(node, mark);
        assertThat(node.annotation().marks()).isEmpty();
        editor.grade(node, Nag.GOOD);
        editor.grade(node, Nag.GOOD);
        assertThat(node.annotation().nags()).isEmpty();
    }

    @Test
    void an_empty_tag_is_none_and_tags_are_taken_back() {
        TreeEditor editor = new TreeEditor(new MoveTree(Position.START));
        editor.tag("White", "Ada Quill");
        assertThat(editor.tree().tags()).containsEntry("White", "Ada Quill");
        editor.tag("White", "");
        assertThat(editor.tree().tags()).doesNotContainKey("White");
        editor.undo();
        assertThat(editor.tree().tag("White")).isEqualTo("Ada Quill");
    }

    @Test
    void what_changes_nothing_is_no_change_and_a_new_one_ends_what_could_be_made_again()
            throws NotationException {
        TreeEditor editor = three();
        Node node = replies(editor).get(0);
        List<String> told = new ArrayList<>();
        int changes = undoable(editor);
        editor.onChange(() -> told.add("changed"));
        editor.comment(node, "");
        editor.tags(editor.tree().tags());
        editor.deleteRest(node);
        editor.together(() -> editor.comment(node, ""));
        assertThat(told).isEmpty();
        assertThat(undoable(editor)).isEqualTo(changes);
        assertThat(told).as("each undo and redo is told").hasSize(2 * changes);
        editor.undo();
        assertThat(editor.canRedo()).isTrue();
        line(editor, "d4");
        assertThat(editor.canRedo()).isFalse();
    }

    @Test
    void changes_within_changes_made_together_belong_to_them() throws NotationException {
        TreeEditor editor = three();
        String before = moves(editor);
        Node node = replies(editor).get(0);
        editor.together(
                () -> {
                    editor.comment(node, "one");
                    editor.together(() -> editor.grade(node, Nag.GOOD));
                });
        assertThat(moves(editor)).isEqualTo("1. e4 e5 $1 {one} (1... c5) (1... e6) *");
        editor.undo();
        assertThat(moves(editor)).isEqualTo(before);
        editor.redo();
        assertThat(moves(editor)).isEqualTo("1. e4 e5 $1 {one} (1... c5) (1... e6) *");
    }

    private static Node line(TreeEditor editor, String... moves) throws NotationException {
        Node node = editor.tree().root();
        for (String move : moves) {
            node = editor.add(node, San.read(node.position(), move));
        }
        return node;
    }
}
