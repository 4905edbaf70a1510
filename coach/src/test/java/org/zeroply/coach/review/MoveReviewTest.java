package org.zeroply.coach.review;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.notation.San;
import org.zeroply.chess.tree.MoveTree;
import org.zeroply.chess.tree.Node;
import org.zeroply.chess.tree.TreeEditor;
import org.zeroply.engine.analysis.Score;

class MoveReviewTest {

    @ParameterizedTest(name = "from {0} (mate in {2}) to {1}")
    @CsvSource({
        "0.60, 0.45, 0, false, 15",
        "0.60, 0.40, 0, true, 20",
        "0.80, 0.20, 0, true, 60",
        // A mate that is let go is a mistake, and no small one, unless the game stays won.
        "1.00, 0.88, 2, true, 35",
        "1.00, 0.50, 2, true, 50",
        "1.00, 0.92, 2, false, 8",
        // Who is being mated lets nothing go.
        "0.00, 0.00, -3, false, 0",
    })
    void a_mistake_gives_much_away_or_lets_a_mate_go(
            double before, double after, int mate, boolean mistake, double weight)
            throws Exception {
        TreeEditor editor = new TreeEditor(new MoveTree(Position.START));
        Node node = editor.add(editor.tree().root(), San.read(Position.START, "e4"));
        Score score = mate == 0 ? new Score.Centipawns(0) : new Score.Mate(mate);
        MoveReview move =
                Reviewed.move(node, San.read(Position.START, "d4"), score, before, after, 1);
        assertThat(move.isMistake()).isEqualTo(mistake);
        assertThat(Math.round(move.mistakeWeight())).isEqualTo(Math.round(weight));
    }
}
