package org.zeroply.coach.review;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.notation.San;
import org.zeroply.chess.tree.MoveTree;
import org.zeroply.chess.tree.Node;
import org.zeroply.chess.tree.TreeEditor;

class StrategicMomentsTest {

    private static final String TAKEN =
            "r1bq1rk1/pppnbppp/4pB2/3p4/3P4/2N1PN2/PPP2PPP/R2QKB1R b KQ - 0 7";

    private static MoveReview move(String fen, String played, String best, int loss)
            throws Exception {
        Position position = Position.fromFen(fen);
        TreeEditor editor = new TreeEditor(new MoveTree(position));
        Node node = editor.add(editor.tree().root(), San.read(position, played));
        return Reviewed.move(node, San.read(position, best), 0.60, 0.60 - loss / 100.0, 1);
    }

    @ParameterizedTest(name = "{0} instead of {1}, {2} points: {3}")
    @CsvSource({
        "gxf6, Nxf6, 5, NEITHER",
        "gxf6, Nxf6, 12, MOMENT",
        "gxf6, Nxf6, 40, BESIDES",
        "Bxf6, Nxf6, 40, NEITHER"
    })
    void what_a_move_gives_up_for_good_is_a_moment_or_said_besides(
            String played, String best, int loss, String told) throws Exception {
        MoveReview move = move(TAKEN, played, best, loss);
        boolean moment = StrategicMoments.of(move).isPresent();
        boolean besides = move.isMistake() && StrategicMoments.besides(move).isPresent();
        assertThat(moment).isEqualTo(told.equals("MOMENT"));
        assertThat(besides).isEqualTo(told.equals("BESIDES"));
    }

    @Test
    void the_sentence_names_the_damage() throws Exception {
        MoveReview move = move(TAKEN, "gxf6", "Nxf6", 40);
        Moment error = Moment.of(move, Moment.Kind.TURN, List.of(move.choice()), 40, "An error.");
        assertThat(error.besides(StrategicMoments.besides(move)).text())
                .startsWith("An error. Besides, it ")
                .contains("doubled pawns f6 and f7");
    }
}
