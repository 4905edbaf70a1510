package org.zeroply.chess.tree;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.notation.PgnEntry;
import org.zeroply.chess.notation.PgnReader;
import org.zeroply.chess.notation.San;

class MoveTreeTest {

    private final MoveTree tree = tree("1. e4 e5 (1... c5 2. Nf3) 2. Nf3 (2. f4 exf4) 2... Nc6 *");

    private static MoveTree tree(String pgn) {
        return ((PgnEntry.Game) PgnReader.readAll(pgn + "\n").get(0)).tree();
    }

    private static String names(List<Node> nodes) {
        return String.join(
                " ",
                nodes.stream()
                        .filter(n -> !n.isRoot())
                        .map(n -> San.write(n.parent().orElseThrow().position(), n.move()))
                        .toList());
    }

    @Test
    void the_main_line_is_that_of_first_children() {
        assertThat(names(tree.mainLine())).isEqualTo("e4 e5 Nf3 Nc6");
        assertThat(tree.root().mainLineEnd().depth()).isEqualTo(4);
    }

    @Test
    void nodes_come_in_the_order_of_writing_with_each_line_to_its_end() {
        assertThat(names(tree.nodes())).isEqualTo("e4 e5 Nf3 Nc6 f4 exf4 c5 Nf3");
        assertThat(tree.nodes().get(0).isRoot()).isTrue();
    }

    @Test
    void an_address_leads_back_to_its_node_and_a_longer_one_as_far_as_there_is() {
        for (Node node : tree.nodes()) {
            assertThat(tree.follow(MoveTree.address(node))).isSameAs(node);
        }
        assertThat(tree.follow(List.of(0, 1, 0, 7, 3))).isSameAs(tree.follow(List.of(0, 1, 0)));
    }

    @Test
    void moves_are_followed_as_far_as_the_tree_has_them() {
        List<Move> line = tree.mainLine().stream().map(Node::move).toList();
        assertThat(tree.root().along(line)).isSameAs(tree.root().mainLineEnd());
        Move foreign = Position.START.legalMoves().get(0);
        assertThat(tree.root().along(List.of(line.get(0), foreign)).depth()).isEqualTo(1);
    }

    @Test
    void transpositions_of_a_position_are_found() {
        MoveTree both = tree("1. Nf3 (1. e4 e5 2. Nf3) 1... e5 2. e4 *");
        Position position = both.root().mainLineEnd().position();
        assertThat(both.at(position)).hasSize(2);
    }

    @Test
    void a_node_is_within_those_it_comes_from_and_no_other() {
        Node sicilian = tree.follow(List.of(0, 1));
        Node end = sicilian.mainLineEnd();
        assertThat(end.isWithin(sicilian)).isTrue();
        assertThat(end.isWithin(end)).isTrue();
        assertThat(end.isWithin(tree.root().mainLineEnd())).isFalse();
        assertThat(sicilian.isWithin(end)).isFalse();
    }

    @Test
    void a_copy_changes_on_its_own() {
        MoveTree copy = tree.copy();
        new TreeEditor(copy).delete(copy.root().children().get(0));
        assertThat(copy.nodes()).hasSize(1);
        assertThat(tree.nodes()).hasSize(9);
    }

    @Test
    void the_result_is_that_of_the_tag_and_else_of_the_end() {
        assertThat(tree("[Result \"0-1\"]\n\n1. e4 1-0").result()).isEqualTo("0-1");
        assertThat(tree("[Result \"white won\"]\n\n1. e4 1-0").result()).isEqualTo("1-0");
        assertThat(tree("1. e4").result()).isEqualTo(MoveTree.NO_RESULT);
    }

    @Test
    void the_first_verdict_of_the_main_line_is_the_one_below() {
        MoveTree judged = tree("1. e4 e5 (1... c5 $18) 2. Nf3 $14 Nc6 $10 (2... d6) *");
        assertThat(MoveTree.verdictBelow(judged.root())).contains(Verdict.ofNag(14).orElseThrow());
        Node last = judged.root().mainLineEnd();
        assertThat(MoveTree.verdictBelow(last)).contains(Verdict.EQUAL);
        Node side = last.parent().orElseThrow().children().get(1);
        assertThat(MoveTree.verdictBelow(side)).isEmpty();
        Node knight = last.parent().orElseThrow();
        assertThat(MoveTree.verdictBelow(knight)).contains(Verdict.ofNag(14).orElseThrow());
    }

    @Test
    void a_copy_has_all_moves_and_tags_and_nothing_in_common() {
        MoveTree copy = tree.copy();
        assertThat(names(copy.nodes())).isEqualTo(names(tree.nodes()));
        assertThat(copy.tags()).isEqualTo(tree.tags());
        new TreeEditor(copy).delete(copy.root().children().get(0));
        assertThat(copy.mainLine()).isEmpty();
        assertThat(tree.mainLine()).hasSize(4);
    }
}
