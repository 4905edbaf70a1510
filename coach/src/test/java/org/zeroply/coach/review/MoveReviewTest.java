package org.zeroply.coach.review;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.notation.NotationException;
import org.zeroply.chess.notation.San;
import org.zeroply.chess.tree.MoveTree;
import org.zeroply.chess.tree.Node;
import org.zeroply.chess.tree.TreeEditor;
import org.zeroply.coach.evaluation.Weighed;
import org.zeroply.engine.analysis.ExpectedScore;
import org.zeroply.engine.analysis.Score;

class MoveReviewTest {

    private static Move read(String san) throws NotationException {
        return San.read(Position.START, san);
    }

    private static Node node() throws NotationException {
        TreeEditor editor = new TreeEditor(new MoveTree(Position.START));
        return editor.add(editor.tree().root(), read("e4"));
    }

    private static Weighed weighed(String san, double expected) throws NotationException {
        Move move = read(san);
        Score score = new Score.Centipawns(0);
        return new Weighed(move, score, new ExpectedScore(expected), 10, List.of(move), false);
    }

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
        Score score = mate == 0 ? new Score.Centipawns(0) : new Score.Mate(mate);
        MoveReview move = Reviewed.move(node(), read("d4"), score, before, after, 1);
        assertThat(move.isMistake()).isEqualTo(mistake);
        assertThat(Math.round(move.mistakeWeight())).isEqualTo(Math.round(weight));
    }

    @ParameterizedTest(name = "{0} (mate in {2}), the next {1}")
    @CsvSource({
        "0.60, 0.45, 0, true",
        "0.60, 0.50, 0, false",
        "1.00, 0.88, 2, true",
        "1.00, 0.95, 2, false",
        "0.99, 0.88, 0, false",
    })
    void the_best_move_stands_alone_when_far_ahead_or_when_only_it_surely_wins(
            double best, double next, int mate, boolean alone) throws Exception {
        Score score = mate == 0 ? new Score.Centipawns(0) : new Score.Mate(mate);
        List<Weighed> ways = List.of(weighed("e4", best), weighed("d4", next));
        MoveReview move = Reviewed.move(node(), read("e4"), score, best, best, 1, ways);
        assertThat(move.standsAlone()).isEqualTo(alone);
    }

    @Test
    void figures_name_the_bounds_of_the_grades_as_they_are() {
        assertThat(GradeFigure.MISTAKES.label())
                .isEqualTo("from " + (int) MoveReview.MISTAKE + "  ?");
    }

    @ParameterizedTest(name = "{0} loses {1}: {2}")
    @CsvSource({
        "g3, 9, 0",
        "g3, 12, 0",
        "g3, 24, 0",
        "g3, 26, 2",
        "g3, 40, 4",
        "e4 e5 Ke2, 9, 0",
        "e4 e5 Ke2, 12, 6",
        "e4 e5 Ke2, 24, 2",
        "e4 e5 Ke2, 40, 4"
    })
    void what_a_named_opening_costs_is_a_matter_of_taste_up_to_a_point(
            String moves, int loss, int nag) throws Exception {
        TreeEditor editor = new TreeEditor(new MoveTree(Position.START));
        Node node = editor.tree().root();
        for (String san : moves.split(" ")) {
            node = editor.add(node, San.read(node.position(), san));
        }
        Move best = node.parent().orElseThrow().position().legalMoves().get(0);
        MoveReview move = Reviewed.move(node, best, 0.60, 0.60 - loss / 100.0, 1);
        assertThat(move.grade().orElse(0)).isEqualTo(nag);
    }
}
