package org.zeroply.coach.review;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.notation.San;
import org.zeroply.chess.tree.MoveTree;
import org.zeroply.chess.tree.Node;
import org.zeroply.chess.tree.TreeEditor;

class LastHoldTest {

    /** Expected scores of who moves, before and after each move from the start. */
    private static List<MoveReview> game(double... scores) throws Exception {
        MoveTree tree = new MoveTree(Position.START);
        TreeEditor editor = new TreeEditor(tree);
        List<MoveReview> moves = new ArrayList<>();
        Node node = tree.root();
        String[] played = {"e4", "e5", "f3", "Nf6", "g4", "d5"};
        String[] better = {"d4", "c5", "Nf3", "Nc6", "Ne2", "Bc5"};
        for (int i = 0; i < scores.length / 2; i++) {
            Move best = San.read(node.position(), better[i]);
            node = editor.add(node, San.read(node.position(), played[i]));
            moves.add(Reviewed.move(node, best, scores[2 * i], scores[2 * i + 1], 3));
        }
        return moves;
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            textBlock =
                    """
                    0.95 | 0.05 | The last move at which White could hold: Ne2 kept the win, g4 loses
                    0.80 | 0.05 | The last move at which White could hold: Ne2 kept the better game, g4 loses
                    0.50 | 0.10 | The last move at which White could hold: Ne2 kept the balance, g4 loses
                    0.25 | 0.05 | The last move at which White could hold: Ne2 kept the balance, g4 loses
                    0.24 | 0.05 | The last move at which White was not lost: Ne2 left it open, g4 loses
                    0.16 | 0.02 | The last move at which White was not lost: Ne2 left it open, g4 loses
                    """)
    void what_the_better_move_kept_is_said_as_far_as_it_is_known(
            double before, double after, String told) throws Exception {
        List<MoveReview> moves = game(0.5, 0.5, 0.5, 0.5, 0.5, 0.4, 0.6, 0.6, before, after);
        MoveReview hold = LastHold.in(moves, "0-1").orElseThrow();
        assertThat(LastHold.moment(hold).text()).startsWith(told);
    }

    @Test
    void only_the_side_that_lost_has_one_and_only_where_it_threw_something_away() throws Exception {
        List<MoveReview> moves = game(0.5, 0.5, 0.5, 0.1, 0.9, 0.5, 0.5, 0.1, 0.5, 0.05, 0.9, 0.9);
        assertThat(LastHold.in(moves, "0-1").map(MoveReview::san)).contains("g4");
        assertThat(LastHold.in(moves, "1-0")).isEmpty();
        assertThat(LastHold.in(moves.subList(0, 5), "1-0").map(MoveReview::san)).contains("Nf6");
        assertThat(LastHold.in(moves, "1/2-1/2")).isEmpty();
        assertThat(LastHold.in(moves, "*")).isEmpty();
        assertThat(LastHold.in(game(0.17, 0.14), "0-1")).isEmpty();
    }
}
