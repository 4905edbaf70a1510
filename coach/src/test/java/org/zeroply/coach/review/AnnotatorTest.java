package org.zeroply.coach.review;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.notation.NotationException;
import org.zeroply.chess.notation.PgnWriter;
import org.zeroply.chess.tree.MoveTree;
import org.zeroply.chess.tree.Nag;
import org.zeroply.chess.tree.Node;
import org.zeroply.chess.tree.TreeEditor;
import org.zeroply.coach.TestGames;

/** What a review writes into a game, and what of the coach's it leaves alone. */
class AnnotatorTest {

    /** Nobody may castle: no named opening, in which a move is graded otherwise, is met. */
    private static final String UNNAMED =
            "[FEN \"rnbqkbnr/pppppppp/8/8/8/8/PPPPPPPP/RNBQKBNR w - - 0 1\"]\n\n";

    private static MoveTree game(String moves) {
        return TestGames.game(UNNAMED + moves);
    }

    /** A review of 1.e4 e5 2.Qh5 in which 2.Qh5 loses so many points against 2.Nf3. */
    private static GameReview review(MoveTree game, Moment.Kind kind, double lost)
            throws NotationException {
        Node queen = game.mainLine().get(2);
        Position before = queen.parent().orElseThrow().position();
        List<Move> better = TestGames.line(before, "Nf3 Nc6");
        MoveReview move = Reviewed.move(queen, better.get(0), 0.6, 0.6 - lost / 100, 1);
        Moment moment = Moment.of(move, kind, better, 10, "Nf3 was better.");
        return new GameReview(game, List.of(move), List.of(moment), Optional.empty(), List.of());
    }

    private static String annotated(String pgn, Moment.Kind kind, double lost)
            throws NotationException {
        MoveTree game = game(pgn);
        new Annotator("zeroply", 100).annotate(new TreeEditor(game), review(game, kind, lost));
        return PgnWriter.write(game).replaceAll("\\s+", " ");
    }

    @Test
    void the_move_has_its_grade_and_the_reason_and_the_line_stands_beside_it()
            throws NotationException {
        String pgn = annotated("1. e4 e5 2. Qh5 Nc6 *", Moment.Kind.MISSED_CHANCE, 20);
        assertThat(pgn).contains("2. Qh5 $2 {Nf3 was better.} (2. Nf3 Nc6");
        assertThat(pgn).contains("by=zeroply");
    }

    @Test
    void the_coachs_words_stay_and_the_reason_goes_to_the_line() throws NotationException {
        String pgn = annotated("1. e4 e5 2. Qh5 {I like it.} Nc6 *", Moment.Kind.MISSED_CHANCE, 20);
        assertThat(pgn).contains("{I like it.}", "(2. Nf3 {Nf3 was better.} 2... Nc6");
    }

    @Test
    void the_coachs_grade_and_verdict_stay() throws NotationException {
        String pgn = annotated("1. e4 e5 2. Qh5 $1 $14 Nc6 *", Moment.Kind.MISSED_CHANCE, 40);
        assertThat(pgn).contains("2. Qh5 $1 $14").doesNotContain("$4");
    }

    @Test
    void words_that_stand_in_the_line_already_are_not_doubled() throws NotationException {
        String pgn =
                annotated(
                        "1. e4 e5 2. Qh5 {Mine.} (2. Nf3 {The natural move.}) 2... Nc6 *",
                        Moment.Kind.MISSED_CHANCE,
                        20);
        assertThat(pgn)
                .contains("(2. Nf3 {The natural move.} 2... Nc6")
                .doesNotContain("was better");
    }

    @ParameterizedTest
    @CsvSource({"9, ''", "10, $6", "18, $2", "35, $4"})
    void a_grade_goes_by_the_loss(double lost, String nag) throws NotationException {
        String pgn = annotated("1. e4 e5 2. Qh5 Nc6 *", Moment.Kind.COACH, lost);
        assertThat(pgn).contains(nag.isEmpty() ? "2. Qh5 {" : "2. Qh5 " + nag + " {");
    }

    @Test
    void a_hard_move_found_is_praised() throws NotationException {
        assertThat(annotated("1. e4 e5 2. Qh5 Nc6 *", Moment.Kind.HARD_MOVE_FOUND, 0))
                .contains("2. Qh5 $" + Nag.GOOD);
    }

    @Test
    void a_moment_that_is_left_out_is_not_written() throws NotationException {
        MoveTree game = game("1. e4 e5 2. Qh5 Nc6 *");
        new Annotator("zeroply", 100)
                .annotate(
                        new TreeEditor(game),
                        review(game, Moment.Kind.MISSED_CHANCE, 5),
                        moment -> Optional.empty());
        assertThat(PgnWriter.write(game)).isEqualTo(PgnWriter.write(game("1. e4 e5 2. Qh5 Nc6 *")));
    }

    @Test
    void a_copy_that_goes_another_way_is_left_alone() throws NotationException {
        GameReview review = review(game("1. e4 e5 2. Qh5 Nc6 *"), Moment.Kind.MISSED_CHANCE, 20);
        for (String other : List.of("1. e4 e5 2. Bc4 Nc6 *", "1. e4 e5 *")) {
            MoveTree copy = game(other);
            new Annotator("zeroply", 100).annotate(new TreeEditor(copy), review);
            assertThat(PgnWriter.write(copy)).isEqualTo(PgnWriter.write(game(other)));
        }
    }

    @Test
    void everything_can_be_taken_back() throws NotationException {
        MoveTree game = game("1. e4 e5 2. Qh5 Nc6 *");
        String before = PgnWriter.write(game);
        TreeEditor editor = new TreeEditor(game);
        new Annotator("zeroply", 100).annotate(editor, review(game, Moment.Kind.MISSED_CHANCE, 20));
        while (editor.canUndo()) {
            editor.undo();
        }
        assertThat(PgnWriter.write(game)).isEqualTo(before);
    }
}
