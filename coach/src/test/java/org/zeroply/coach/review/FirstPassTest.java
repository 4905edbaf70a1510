package org.zeroply.coach.review;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.board.Side;
import org.zeroply.chess.notation.PgnEntry;
import org.zeroply.chess.notation.PgnReader;
import org.zeroply.chess.notation.PgnWriter;
import org.zeroply.chess.tree.MoveTree;
import org.zeroply.chess.tree.Nag;
import org.zeroply.chess.tree.TreeEditor;
import org.zeroply.coach.SharedEngine;
import org.zeroply.coach.WatchedEngine;
import org.zeroply.coach.fact.material.Phase;
import org.zeroply.engine.analysis.Cancellation;
import org.zeroply.engine.analysis.Engine;
import org.zeroply.engine.analysis.ExpectedScore;
import org.zeroply.engine.search.BuiltInEngine;

class FirstPassTest {

    private static final long NODES = 20_000;

    /** A smothered mate by a queen sacrifice, with the material otherwise against White. */
    private static final String SACRIFICE = "5r1k/6pp/7N/8/1q6/8/Q5PP/6K1 w - - 0 1";

    private static MoveTree game(String pgn) {
        return ((PgnEntry.Game) PgnReader.readAll(pgn).get(0)).tree();
    }

    private static MoveTree game(String fen, String moves) {
        String tags = fen.isEmpty() ? "" : "[SetUp \"1\"]\n[FEN \"" + fen + "\"]\n";
        return game(tags + "\n" + moves);
    }

    private static GameReview review(MoveTree game) {
        return new FirstPass(new SharedEngine(1), NODES, KnownGames.NONE)
                .review(game, Optional.empty(), p -> {}, new Cancellation())
                .orElseThrow();
    }

    @Test
    void every_move_has_its_figures_and_the_review_is_always_the_same() {
        MoveTree game = game("", "1. e4 e5 2. Qh5 Nc6 3. Bc4 Nf6 4. Qxf7# 1-0");
        GameReview review = review(game);
        assertThat(review.moves()).hasSize(7);
        for (MoveReview move : review.moves()) {
            assertThat(move.loss().points()).isBetween(0.0, 100.0);
            assertThat(move.rank()).isBetween(1, move.legal());
            assertThat(move.best().width()).isBetween(1, move.legal());
            assertThat(move.isChoice()).isEqualTo(move.rank() == 1);
        }
        MoveReview mate = review.moves().get(6);
        assertThat(mate.after()).isEqualTo(ExpectedScore.WIN);
        assertThat(review.moves().get(5).grade()).contains(Nag.BLUNDER);
        assertThat(review(game).moves().toString()).isEqualTo(review.moves().toString());
    }

    @Test
    void an_early_move_is_blamed_only_after_a_much_longer_look_and_a_named_opening_hardly_ever() {
        Map<Position, Long> longest = new HashMap<>();
        Engine watched =
                new WatchedEngine(
                        new BuiltInEngine(1),
                        (request, end) ->
                                longest.merge(
                                        request.position(), request.limits().nodes(), Math::max));
        GameReview review =
                new FirstPass(watched, 5_000, KnownGames.NONE)
                        .review(
                                game("", "1. g4 e5 2. Bg2 Qh4 3. Kf1 *"),
                                Optional.empty(),
                                p -> {},
                                new Cancellation())
                        .orElseThrow();
        assertThat(review.moves().get(0).grade()).isEmpty();
        for (MoveReview move : review.moves()) {
            if (move.grade().isPresent()) {
                assertThat(longest.get(move.position())).as(move.san()).isEqualTo(50_000);
            }
        }
        assertThat(review.moves()).anyMatch(m -> m.grade().isPresent());
    }

    @Test
    void one_player_can_be_reviewed_alone_with_the_clock() {
        MoveTree game =
                game(
                        "[White \"Marram\"]\n[Black \"Quay\"]\n\n"
                                + "1. e4 {[%clk 99999999999:00:00]} e5 {[%clk 0:05:00]} 2. Qh5 {[%clk 0:04:00]}"
                                + " Nc6 {[%clk 0:01:30]} 3. Bc4 {[%clk 0:03:00]} Nf6 {[%clk 0:01:00]}"
                                + " 4. Qxf7# {[%clk 0:02:30]} 1-0");
        GameReview review =
                new FirstPass(new SharedEngine(1), NODES, KnownGames.NONE)
                        .review(game, Optional.of(Side.BLACK), p -> {}, new Cancellation())
                        .orElseThrow();
        assertThat(review.moves()).hasSize(3).allMatch(m -> m.side() == Side.BLACK);
        PlayerReview quay = review.players().get(0);
        assertThat(review.players()).hasSize(1);
        assertThat(quay.name()).isEqualTo("Quay");
        assertThat(quay.errors().blunders()).isEqualTo(1);
        assertThat(quay.errors().inTimeTrouble()).isEqualTo(1);
        assertThat(quay.secondsAMove()).contains(120.0);
        assertThat(quay.loss().mean()).containsOnlyKeys(Phase.OPENING);
    }

    @Test
    void an_annotated_game_keeps_every_word_and_grade_that_was_there() {
        MoveTree game =
                game("", "1. e4 e5 2. Qh5 Nc6 3. Bc4 Nf6 $6 {My old favourite} 4. Qxf7# 1-0");
        TreeEditor editor = new TreeEditor(game);
        new Annotator("test-1", NODES).annotate(editor, review(game));
        String pgn = PgnWriter.write(editor.tree()).replace('\n', ' ');
        assertThat(pgn).contains("Nf6 $6 {My old favourite}").contains("The last move at which");
        assertThat(pgn).contains("[%zp.check");
        while (editor.canUndo()) {
            editor.undo();
        }
        assertThat(PgnWriter.write(editor.tree())).doesNotContain("The last move");
    }

    @Test
    void the_opening_is_told_in_tempi() {
        MoveTree game = game("", "1. e4 e5 2. Nf3 Nc6 3. Bb5 a6 4. Ba4 Nf6 5. O-O b5 6. Bb3 *");
        OpeningTempi white = OpeningTempi.of(game.mainLine(), Side.WHITE, 6);
        assertThat(white).isEqualTo(new OpeningTempi(2, true, 1, 2));
        OpeningTempi black = OpeningTempi.of(game.mainLine(), Side.BLACK, 6);
        assertThat(black).isEqualTo(new OpeningTempi(2, false, 3, 0));
        assertThat(white.tempi() - black.tempi()).isEqualTo(1);
    }

    @Test
    void a_pawn_ending_is_reviewed_by_its_solution() {
        String fen = "8/8/8/4k3/8/4K3/4P3/8 w - - 0 1";
        List<MoveReview> moves =
                new FirstPass(new SharedEngine(1), 5_000, KnownGames.NONE)
                        .review(
                                game(fen, "1. Kd3 Kd6 2. Kd4 *"),
                                Optional.empty(),
                                p -> {},
                                new Cancellation())
                        .orElseThrow()
                        .moves();
        assertThat(moves).extracting(m -> m.loss().points()).containsExactly(0.0, 50.0, 0.0);
        assertThat(moves.get(1).better()).isEqualTo("Kd5");
        assertThat(moves.get(1).before()).isEqualTo(ExpectedScore.DRAW);
        assertThat(moves.get(2).after()).isEqualTo(ExpectedScore.WIN);
    }

    @Test
    void a_cancelled_review_is_none_and_a_game_without_moves_is_empty() {
        Cancellation cancelled = new Cancellation();
        cancelled.cancel();
        FirstPass pass = new FirstPass(new SharedEngine(1), NODES, KnownGames.NONE);
        MoveTree game = game(SACRIFICE, "1. h3 *");
        assertThat(pass.review(game, Optional.empty(), p -> {}, cancelled)).isEmpty();
        GameReview empty = review(new MoveTree(Position.START));
        assertThat(empty.moves()).isEmpty();
        assertThat(empty.moments()).isEqualTo(List.of());
    }
}
