package org.zeroply.coach.review;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.notation.NotationException;
import org.zeroply.chess.notation.San;
import org.zeroply.chess.tree.MoveTree;
import org.zeroply.chess.tree.Node;
import org.zeroply.chess.tree.TreeEditor;
import org.zeroply.coach.ScriptedEngine;
import org.zeroply.coach.evaluation.MoveEvaluator;
import org.zeroply.engine.analysis.AnalysisRequest;
import org.zeroply.engine.analysis.Cancellation;

class CaptureChoiceTest {

    /** Black takes on d4, and White takes back with the knight, the bishop or the pawn. */
    private static final String TAKES_BACK = "3rk3/8/8/2p5/3P4/2P2N2/5B2/4K3 b - - 0 1";

    /** What is left to White after each capture, and after all else 0.5. */
    private static MoveEvaluator evaluator(Map<String, Double> left) {
        return new MoveEvaluator(
                new ScriptedEngine((request, move) -> 1 - worth(left, request)),
                1_000,
                new Cancellation());
    }

    private static double worth(Map<String, Double> left, AnalysisRequest request) {
        return left.getOrDefault(request.position().fen().split(" ")[0], 0.5);
    }

    private final TreeEditor editor;
    private final Node first;

    CaptureChoiceTest() throws NotationException {
        editor = new TreeEditor(new MoveTree(Position.fromFen(TAKES_BACK)));
        first = add(editor, editor.tree().root(), "cxd4");
    }

    private static Node add(TreeEditor editor, Node node, String san) throws NotationException {
        return editor.add(node, San.read(node.position(), san));
    }

    private static MoveReview reviewed(
            Node node, String best, double before, double after, int width)
            throws NotationException {
        Position position = node.parent().orElseThrow().position();
        return Reviewed.move(node, San.read(position, best), before, after, width);
    }

    private Optional<MoveReview> previous() throws NotationException {
        return Optional.of(reviewed(first, "cxd4", 0.5, 0.5, 1));
    }

    private static String board(Position from, String san) throws NotationException {
        return from.play(San.read(from, san)).fen().split(" ")[0];
    }

    private Optional<Moment> right(double before, double knight, double bishop, int width)
            throws NotationException {
        Position taken = first.position();
        Map<String, Double> left =
                Map.of(board(taken, "Nxd4"), knight, board(taken, "Bxd4"), bishop);
        MoveReview move = reviewed(add(editor, first, "cxd4"), "cxd4", before, before, width);
        return new CaptureChoice(evaluator(left)).right(move, previous());
    }

    @ParameterizedTest(name = "{0} before, {1} with the knight, {2} with the bishop: {4}")
    @CsvSource({
        "0.6, 0.40, 0.30, 1, true",
        // One of them is hardly weaker, or nearly as good by the width.
        "0.6, 0.50, 0.30, 1, false",
        "0.6, 0.40, 0.30, 2, false",
        // Decided either way.
        "0.995, 0.40, 0.30, 1, false",
        "0.04, 0.00, 0.00, 1, false",
    })
    void the_right_way_to_take_back_is_told_where_every_other_gives_much_away(
            double before, double knight, double bishop, int width, boolean told)
            throws NotationException {
        assertThat(right(before, knight, bishop, width).isPresent()).isEqualTo(told);
    }

    @Test
    void what_the_others_give_away_is_named_and_the_nearest_is_shown() throws NotationException {
        Moment moment = right(0.6, 0.4, 0.3, 1).orElseThrow();
        assertThat(moment.kind()).isEqualTo(Moment.Kind.RIGHT_CAPTURE);
        assertThat(moment.text())
                .isEqualTo(
                        "3 ways to take back were there, and cxd4 was the right one: Nxd4 gives"
                                + " away 20, Bxd4 gives away 30 points of a hundred.");
        assertThat(San.write(first.position(), moment.tempting().get(0))).isEqualTo("Nxd4");
        assertThat(moment.kind().isError()).isFalse();
    }

    @Test
    void what_loses_at_a_glance_is_no_choice() throws NotationException {
        // After the queen takes on d4 a rook takes her.
        TreeEditor other =
                new TreeEditor(
                        new MoveTree(
                                Position.fromFen("3rk3/3r4/8/2p5/3P4/2P5/5B2/3QK3 b - - 0 1")));
        Node taken = add(other, other.tree().root(), "cxd4");
        MoveReview before = reviewed(taken, "cxd4", 0.5, 0.5, 1);
        MoveReview move = reviewed(add(other, taken, "cxd4"), "cxd4", 0.6, 0.6, 1);
        Optional<Moment> moment =
                new CaptureChoice(evaluator(Map.of(board(taken.position(), "Bxd4"), 0.1)))
                        .right(move, Optional.of(before));
        // The queen's capture loses by static exchange: two ways are left.
        assertThat(moment.orElseThrow().text())
                .startsWith("2 ways to take back")
                .doesNotContain("Qxd4");
    }

    @Test
    void of_two_captures_the_wrong_one_is_an_error_and_of_a_capture_and_a_quiet_move_it_is_not()
            throws NotationException {
        CaptureChoice choice = new CaptureChoice(evaluator(Map.of()));
        Node played = add(editor, first, "Bxd4");
        Moment moment =
                choice.wrong(reviewed(played, "Nxd4", 0.6, 0.3, 1), previous()).orElseThrow();
        assertThat(moment.kind()).isEqualTo(Moment.Kind.WRONG_CAPTURE);
        assertThat(moment.kind().isError()).isTrue();
        assertThat(moment.text())
                .isEqualTo(
                        "3 ways to take back were there, and Nxd4 was the right one; Bxd4 gives"
                                + " much away (30 points of a hundred, 60 before).");
        assertThat(choice.wrong(reviewed(played, "Kf1", 0.6, 0.3, 1), previous())).isEmpty();
        Node quiet = add(editor, first, "Kf1");
        assertThat(choice.wrong(reviewed(quiet, "Nxd4", 0.6, 0.3, 1), previous())).isEmpty();
    }

    @ParameterizedTest
    @CsvSource({
        // Three men can be taken; or two.
        "4k3/8/8/1p3n2/8/3Q3p/8/3K4 b - - 0 1, true",
        "4k3/8/8/1p3n2/8/3Q4/8/3K4 b - - 0 1, false",
    })
    void where_nothing_was_taken_there_are_three_captures_to_choose_from(String fen, boolean told)
            throws NotationException {
        TreeEditor other = new TreeEditor(new MoveTree(Position.fromFen(fen)));
        Node king = add(other, other.tree().root(), "Ke7");
        Position position = king.position();
        MoveReview before = reviewed(king, "Ke7", 0.5, 0.5, 1);
        MoveReview move = reviewed(add(other, king, "Qxb5"), "Qxb5", 0.8, 0.8, 1);
        Map<String, Double> left = Map.of(board(position, "Qxf5"), 0.3);
        assertThat(new CaptureChoice(evaluator(left)).right(move, Optional.of(before)).isPresent())
                .isEqualTo(told);
    }
}
