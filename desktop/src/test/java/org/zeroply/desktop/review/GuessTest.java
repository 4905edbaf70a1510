package org.zeroply.desktop.review;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.Optional;
import java.util.concurrent.CancellationException;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.notation.NotationException;
import org.zeroply.chess.notation.PgnWriter;
import org.zeroply.chess.notation.San;
import org.zeroply.chess.tree.MoveTree;
import org.zeroply.chess.tree.TreeEditor;
import org.zeroply.coach.evaluation.Weighed;
import org.zeroply.coach.review.BestPlay;
import org.zeroply.coach.review.Moment;
import org.zeroply.coach.review.MoveReview;
import org.zeroply.engine.analysis.Cancellation;
import org.zeroply.engine.analysis.ExpectedScore;
import org.zeroply.engine.analysis.Score;
import org.zeroply.engine.search.BuiltInEngine;

/** What is said to a move that is tried in place of the one played, and the lines shown then. */
class GuessTest {

    /** A rook hangs on d5; Rxd5 is the move, Rd2 and Kh1 are known, all else is not. */
    private static final Position POSITION =
            Position.fromFen("6k1/5ppp/8/3r4/8/8/5PPP/3R2K1 w - - 0 1");

    private static Move move(String san) throws NotationException {
        return San.read(POSITION, san);
    }

    private static Weighed weighed(String san, double expected) throws NotationException {
        Move move = move(san);
        return new Weighed(
                move,
                new Score.Centipawns(0),
                new ExpectedScore(expected),
                10,
                List.of(move),
                false);
    }

    private static MoveReview truth() throws NotationException {
        TreeEditor editor = new TreeEditor(new MoveTree(POSITION));
        var played = editor.add(editor.tree().root(), move("Kf1"));
        BestPlay best =
                new BestPlay(
                        List.of(move("Rxd5")),
                        new Score.Centipawns(500),
                        new ExpectedScore(0.95),
                        List.of(
                                weighed("Rxd5", 0.95),
                                weighed("Rd2", 0.945),
                                weighed("Rd4", 0.86),
                                weighed("Kh1", 0.1)),
                        1,
                        1,
                        Optional.empty());
        return new MoveReview(played, best, new ExpectedScore(0.1), List.of(), 9);
    }

    @ParameterizedTest
    @CsvSource({
        "Rxd5, Rxd5 is the move.",
        "Rd2, Rd2 is as good as the engine's move Rxd5.",
        "Rd4, Rd4 is nearly as good: 9 points of a hundred less than Rxd5.",
        "Kh1, Kh1 gives away 85 points of a hundred; better is Rxd5.",
    })
    void a_move_that_is_known_is_answered_at_once(String san, String answer)
            throws NotationException {
        Guess guess = new Guess(truth(), move(san));
        assertThat(guess.isKnown()).isTrue();
        assertThat(guess.answer()).isEqualTo(answer);
    }

    @Test
    void a_move_that_is_not_known_is_looked_at() throws NotationException {
        Guess guess = new Guess(truth(), move("h3"));
        assertThat(guess.isKnown()).isFalse();
        assertThat(guess.answer(new BuiltInEngine(1), 500, new Cancellation()))
                .startsWith("h3 gives away ")
                .endsWith("better is Rxd5.");
        Cancellation cancelled = new Cancellation();
        cancelled.cancel();
        assertThatThrownBy(() -> guess.answer(new BuiltInEngine(1), 500, cancelled))
                .isInstanceOf(CancellationException.class);
    }

    @Test
    void the_lines_of_a_moment_are_the_better_one_the_one_played_and_what_tempted()
            throws NotationException {
        Moment moment = Moment.chosen(truth());
        assertThat(MomentLines.bare(moment).mainLine()).isEmpty();
        MoveTree lines = MomentLines.of(moment, 500, "zeroply");
        assertThat(PgnWriter.write(lines).replaceAll("\\s+", " "))
                .contains("1. Rxd5 {", "by=zeroply", "(1. Kf1 $4)");
    }
}
