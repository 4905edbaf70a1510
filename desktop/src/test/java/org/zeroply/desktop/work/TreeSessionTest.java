package org.zeroply.desktop.work;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.Optional;
import java.util.OptionalLong;
import java.util.Random;
import org.junit.jupiter.api.RepeatedTest;
import org.junit.jupiter.api.RepetitionInfo;
import org.junit.jupiter.api.Test;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.board.Square;
import org.zeroply.chess.notation.NotationException;
import org.zeroply.chess.notation.San;
import org.zeroply.chess.tree.MoveTree;
import org.zeroply.chess.tree.Node;
import org.zeroply.chess.tree.Verdict;
import org.zeroply.engine.analysis.Score;

class TreeSessionTest {

    private final TreeSession session = new TreeSession();

    @Test
    void moves_become_variations_and_the_arrows_walk_through_them() throws NotationException {
        session.play("e4");
        session.play("e5");
        session.back();
        assertThat(drag("c7", "c5")).isTrue();
        assertThat(drag("c5", "c3")).isFalse();
        assertThat(names()).containsExactly("e4", "c5");
        session.sibling(-1);
        assertThat(names()).containsExactly("e4", "e5");
        session.sibling(-1);
        assertThat(names()).as("there is no line above").containsExactly("e4", "e5");
        session.toStart();
        session.toEnd();
        assertThat(names()).containsExactly("e4", "e5");
    }

    @Test
    void a_pawn_moved_to_the_last_rank_with_the_mouse_becomes_a_queen() {
        session.open(
                new MoveTree(Position.fromFen("8/P6k/8/8/8/8/7K/8 w - - 0 1")),
                OptionalLong.empty());
        assertThat(drag("a7", "a8")).isTrue();
        assertThat(names()).containsExactly("a8=Q");
    }

    @Test
    void a_move_that_is_not_legal_changes_nothing_and_says_why() {
        int before = session.revisionProperty().get();
        assertThatThrownBy(() -> session.play("Nd4"))
                .isInstanceOf(NotationException.class)
                .hasMessageContaining("Nd4");
        assertThat(session.revisionProperty().get()).isEqualTo(before);
        assertThat(session.tree().nodes()).hasSize(1);
    }

    @Test
    void an_adopted_line_carries_the_engines_finding_and_leaves_the_coachs_verdict_alone()
            throws NotationException {
        session.play("e4");
        Node here = session.current();
        session.editor().verdict(here, Optional.of(Verdict.UNCLEAR));
        session.adopt(
                List.of(San.read(here.position(), "e5")),
                new Score.Centipawns(-40),
                12,
                5000,
                "engine");
        assertThat(session.current()).as("the board stays").isSameAs(here);
        assertThat(here.annotation().verdict()).contains(Verdict.UNCLEAR);
        Node end = here.children().get(0);
        assertThat(end.annotation().verdict()).isEmpty();
        assertThat(end.annotation().check())
                .hasValueSatisfying(
                        check -> {
                            assertThat(check.value()).as("from White's view").isEqualTo(40);
                            assertThat(check.engine()).isEqualTo("engine");
                        });
        session.editor().undo();
        session.editor().undo();
        assertThat(here.children()).isEmpty();
    }

    @RepeatedTest(20)
    void the_board_shows_a_node_of_the_tree_whatever_is_played_deleted_and_undone(
            RepetitionInfo repetition) {
        Random random = new Random(repetition.getCurrentRepetition());
        for (int i = 0; i < 200; i++) {
            List<Node> nodes = session.tree().nodes();
            Node node = nodes.get(random.nextInt(nodes.size()));
            switch (random.nextInt(6)) {
                case 0 -> session.go(node);
                case 1 -> session.editor().undo();
                case 2 -> session.editor().redo();
                case 3 -> {
                    if (random.nextInt(4) == 0 && !node.isRoot()) {
                        session.editor().delete(node);
                    }
                }
                default -> {
                    var moves = session.current().position().legalMoves();
                    if (!moves.isEmpty()) {
                        session.go(
                                session.editor()
                                        .add(
                                                session.current(),
                                                moves.get(random.nextInt(moves.size()))));
                    }
                }
            }
            assertThat(session.tree().nodes()).contains(session.current());
        }
    }

    private boolean drag(String from, String to) {
        return session.play(Square.parse(from), Square.parse(to));
    }

    private List<String> names() {
        return session.current().path().stream()
                .map(n -> San.write(n.parent().orElseThrow().position(), n.move()))
                .toList();
    }
}
