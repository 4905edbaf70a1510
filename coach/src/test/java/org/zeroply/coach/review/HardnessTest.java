package org.zeroply.coach.review;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.notation.NotationException;
import org.zeroply.chess.notation.San;
import org.zeroply.chess.tree.MoveTree;
import org.zeroply.chess.tree.Node;
import org.zeroply.chess.tree.TreeEditor;
import org.zeroply.engine.analysis.ExpectedScore;
import org.zeroply.engine.analysis.Score;

class HardnessTest {

    private static MoveReview found(String fen, String san, int depth, double expected)
            throws NotationException {
        Position position = Position.fromFen(fen);
        Move move = San.read(position, san);
        TreeEditor editor = new TreeEditor(new MoveTree(position));
        Node node = editor.add(editor.tree().root(), move);
        ExpectedScore score = new ExpectedScore(expected);
        return new MoveReview(
                node,
                new BestPlay(
                        List.of(move),
                        new Score.Mate(3),
                        score,
                        List.of(),
                        1,
                        depth,
                        Optional.empty()),
                score,
                List.of(),
                1);
    }

    @ParameterizedTest(name = "{1} from depth {2}")
    @CsvSource({
        // Quiet moves are many; alone that is no reason.
        "4k3/8/8/8/8/2N5/8/4K3 w - - 0 1, Kd2, 1, ''",
        "4k3/8/8/8/8/2N5/8/4K3 w - - 0 1, Kd2, 6, a quiet move;best only from depth 6 on",
        "4k3/8/8/8/8/2N5/8/4K3 w - - 0 1, Kd2, 5, ''",
        // A piece goes back; kings and pawns do not count.
        "4k3/8/8/8/8/2N5/8/4K3 w - - 0 1, Nb1, 1, a quiet move;a move backwards",
        "4k3/8/2n5/8/8/8/8/4K3 b - - 0 1, Nb8, 1, a quiet move;a move backwards",
        "4k3/8/8/8/8/3K4/8/8 w - - 0 1, Ke2, 1, ''",
        // Material is given.
        "4k3/8/4p3/3p4/8/2N5/8/4K3 w - - 0 1, Nxd5, 1, a sacrifice",
        "4k3/8/4p3/3p4/8/2N5/8/4K3 w - - 0 1, Nxd5, 8, a sacrifice;best only from depth 8 on",
        // A capture that pays is neither.
        "4k3/8/8/3p4/8/2N5/8/4K3 w - - 0 1, Nxd5, 1, ''",
    })
    void a_best_move_is_hard_to_see_for_reasons(String fen, String san, int depth, String why)
            throws NotationException {
        List<String> reasons = Hardness.of(found(fen, san, depth, 0.5));
        assertThat(String.join(";", reasons)).isEqualTo(why);
    }
}
