package org.zeroply.coach.review;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.board.Side;
import org.zeroply.chess.notation.NotationException;
import org.zeroply.chess.notation.San;
import org.zeroply.chess.tree.MoveTree;
import org.zeroply.chess.tree.Node;
import org.zeroply.chess.tree.TreeEditor;

class GameCourseTest {

    private static final String[] SHUFFLE = {"Nf3", "Nf6", "Ng1", "Ng8"};

    /**
     * A game in which the knights go out and back, with White's expected score after each move.
     *
     * @param course how often what, in points of a hundred: {@code 10x50 30x90}
     */
    private static GameReview review(String result, String course) throws NotationException {
        TreeEditor editor = new TreeEditor(new MoveTree(Position.START));
        editor.tag("Result", result);
        List<MoveReview> moves = new ArrayList<>();
        Node node = editor.tree().root();
        double before = 0.5;
        for (String part : course.split(" ")) {
            String[] timesAndPoints = part.split("x");
            for (int i = 0; i < Integer.parseInt(timesAndPoints[0]); i++) {
                double after = Integer.parseInt(timesAndPoints[1]) / 100.0;
                String san = SHUFFLE[moves.size() % SHUFFLE.length];
                node = editor.add(node, San.read(node.position(), san));
                moves.add(move(node, before, after));
                before = after;
            }
        }
        return new GameReview(editor.tree(), moves, List.of(), Optional.empty(), List.of());
    }

    /**
     * @param before White's expected score, 0 to 1
     */
    private static MoveReview move(Node node, double before, double after) {
        boolean white = node.parent().orElseThrow().position().sideToMove() == Side.WHITE;
        return Reviewed.move(
                node, node.move(), white ? before : 1 - before, white ? after : 1 - after, 1);
    }

    @ParameterizedTest(name = "{0} {1}")
    @CsvSource(
            delimiter = ';',
            nullValues = "-",
            value = {
                "0-1; 8x50 32x10; given-away; 9; White gave the game away in the opening: 5.Nf3"
                        + " cost 40 points of a hundred, and Black was winning from there to the end.",
                "1-0; 9x50 33x90; given-away; 10; Black gave the game away in the opening: 5...Nf6"
                        + " cost 40 points of a hundred, and White was winning from there to the end.",
                // Not in one move, or later.
                "0-1; 6x50 1x38 1x28 33x14; won-all-along; 9; Black was winning from 5.Nf3 on and"
                        + " never let go, 16 moves long.",
                "1-0; 25x50 30x90; won-all-along; 26; White was winning from 13...Nf6 on and never"
                        + " let go, 15 moves long.",
                // Not for long.
                "1-0; 25x50 29x90; -; 0; -",
                // Resigned in a level game, or lost on time.
                "1-0; 60x50; -; 0; -",
                "1-0; 8x50 10x90 10x10 20x90; changed-hands; 29; The win changed hands twice, with"
                        + " 10.Ng1 and 15.Nf3.",
                // One flicker of a search is no change.
                "1-0; 8x50 10x90 2x10 20x90; -; 0; -",
                "1/2-1/2; 20x50 10x90 10x50; let-go; 31; White was winning from 11.Nf3 on and let it"
                        + " go: 16.Ng1 cost 40 points of a hundred.",
                "1/2-1/2; 20x50 10x10; let-go; 30; Black was winning from 11.Nf3 on, and still when"
                        + " the game was drawn.",
                "1/2-1/2; 40x55; level; 1; Level from beginning to end.",
                "1/2-1/2; 20x55; -; 0; -",
                "1/2-1/2; 20x50 10x75 10x50; -; 0; -",
                "*; 8x50 32x10; -; 0; -",
            })
    void a_game_is_told_in_a_sentence_where_that_says_something(
            String result, String course, String kind, int ply, String text)
            throws NotationException {
        Optional<GameCourse> told = review(result, course).course();
        assertThat(told.map(c -> c.kind().word()).orElse(null)).isEqualTo(kind);
        assertThat(told.map(GameCourse::ply).orElse(0)).isEqualTo(ply);
        assertThat(told.map(GameCourse::text).orElse(null)).isEqualTo(text);
    }

    @Test
    void nothing_is_told_of_a_game_of_which_only_some_moves_were_reviewed()
            throws NotationException {
        GameReview whole = review("0-1", "8x50 32x10");
        List<MoveReview> whites =
                whole.moves().stream().filter(m -> m.side() == Side.WHITE).toList();
        GameReview part =
                new GameReview(whole.game(), whites, List.of(), Optional.empty(), List.of());
        assertThat(part.course()).isEmpty();
        GameReview none =
                new GameReview(whole.game(), List.of(), List.of(), Optional.empty(), List.of());
        assertThat(none.course()).isEmpty();
    }
}
