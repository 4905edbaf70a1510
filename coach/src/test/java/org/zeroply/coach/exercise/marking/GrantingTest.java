package org.zeroply.coach.exercise.marking;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.zeroply.chess.notation.NotationException;
import org.zeroply.chess.notation.PgnWriter;
import org.zeroply.chess.tree.MoveTree;
import org.zeroply.chess.tree.TreeEditor;
import org.zeroply.coach.TestGames;
import org.zeroply.coach.exercise.scheme.Exercise;
import org.zeroply.coach.exercise.scheme.MarkingScheme;

class GrantingTest {

    private static final String EXERCISE =
            """
            [ZpKind "calculation"]
            [ZpMaxPoints "10"]
            [FEN "6k1/5ppp/8/8/8/8/r4PPP/1Q2R1K1 w - - 0 1"]

            1. Qxa2 {[%zp.pts 4] [%zp.pts 1 verdict]} h6 {[%zp.pts 3]} (1... g6 {[%zp.pts 2]}) *
            """;

    private final MoveTree tree = TestGames.game(EXERCISE);
    private final Granting granting = new Granting(Exercise.of(tree));

    @ParameterizedTest(name = "{0}: {1}")
    @CsvSource({
        // A move of the solver earns what the main move beside it earns, without its verdict.
        "1.Qb8#, 4",
        "1.Re8#, 4",
        // A defence earns what the cheapest of the scheme earns.
        "1.Qxa2 Kf8, 2",
        "1.Qxa2 h5, 2",
        // What the scheme goes on with is nothing new.
        "1.Qxa2, ",
        "1.Qxa2 h6, ",
        // Nothing stands beside it: at least a point.
        "1.Qxa2 h6 2.Re8+, 1",
    })
    void a_line_that_leaves_the_scheme_would_earn_so_much(String row, Integer points) {
        assertThat(granting.points(WrittenAnswer.row(tree.start(), 1, row)))
                .isEqualTo(Optional.ofNullable(points));
    }

    @Test
    void a_defence_where_the_scheme_has_none_earns_two() {
        MoveTree none =
                TestGames.game(EXERCISE.replace("{[%zp.pts 3]}", "").replace("{[%zp.pts 2]}", ""));
        assertThat(
                        new Granting(Exercise.of(none))
                                .points(WrittenAnswer.row(none.start(), 1, "1.Qxa2 Kf8")))
                .contains(2);
    }

    private String written(String line, int points, String note) throws NotationException {
        TreeEditor editor = new TreeEditor(tree);
        granting.write(editor, TestGames.line(tree.start(), line), points, note);
        return PgnWriter.write(tree).replaceAll("\\s+", " ");
    }

    @Test
    void a_move_of_the_solver_becomes_equal_to_the_main_one() throws NotationException {
        String pgn = written("Re8#", 4, "");
        assertThat(pgn).contains("(1. Re8# {[%zp.equal] From an answer.})");
        assertThat(MarkingScheme.of(tree).sum()).isEqualTo(10);
        assertThat(tree.tag(Exercise.MAX_POINTS)).isEqualTo("10");
    }

    @Test
    void a_defence_has_points_of_its_own_by_which_the_most_grows() throws NotationException {
        String pgn = written("Qxa2 Kf8", 2, "Nora saw it.");
        assertThat(pgn).contains("1... Kf8 {[%zp.pts 2] Nora saw it.}");
        assertThat(MarkingScheme.of(tree).sum()).isEqualTo(12);
        assertThat(tree.tag(Exercise.MAX_POINTS)).isEqualTo("12");
    }

    @Test
    void a_declared_sum_that_was_another_one_stays_the_coachs() throws NotationException {
        new TreeEditor(tree).tag(Exercise.MAX_POINTS, "15");
        written("Qxa2 Kf8", 2, "");
        assertThat(tree.tag(Exercise.MAX_POINTS)).isEqualTo("15");
    }

    @Test
    void a_line_that_is_there_already_changes_nothing_and_all_is_one_change()
            throws NotationException {
        String before = PgnWriter.write(tree);
        written("Qxa2 h6", 2, "");
        assertThat(PgnWriter.write(tree)).isEqualTo(before);
        TreeEditor editor = new TreeEditor(tree);
        granting.write(editor, TestGames.line(tree.start(), "Qxa2 Kf8 Qa8#"), 2, "");
        editor.undo();
        assertThat(PgnWriter.write(tree)).isEqualTo(before);
    }
}
