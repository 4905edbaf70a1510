package org.zeroply.desktop.lab;

import static org.assertj.core.api.Assertions.assertThat;
import static org.zeroply.desktop.work.Fx.run;

import java.util.OptionalLong;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.board.Square;
import org.zeroply.chess.tree.MoveTree;
import org.zeroply.coach.ending.EndingSolver;
import org.zeroply.coach.ending.PawnEnding;
import org.zeroply.desktop.work.ModelTest;
import org.zeroply.desktop.work.TreeSession;
import org.zeroply.engine.analysis.Cancellation;
import org.zeroply.engine.endings.Endings;
import org.zeroply.engine.search.BuiltInEngine;

/** King and pawn against king, played out on the board; Kc6 alone keeps the win. */
class EndingPlayModelTest extends ModelTest {

    private final TreeSession session = new TreeSession();
    private Position start;
    private EndingPlayModel model;

    @BeforeEach
    void open() throws Exception {
        start = Position.fromFen("8/4k3/8/3K4/3P4/8/8/8 w - - 0 1");
        PawnEnding ending =
                new EndingSolver(new BuiltInEngine(1), Endings.NONE, 1)
                        .solve(start, p -> {}, new Cancellation())
                        .flatMap(report -> report.graph())
                        .orElseThrow();
        run(
                () -> {
                    session.open(new MoveTree(start), OptionalLong.empty());
                    model = new EndingPlayModel(session);
                    model.prepare(ending, start);
                });
    }

    private String message() {
        return model.messageProperty().get();
    }

    private void play(int from, int to) {
        run(() -> assertThat(session.play(from, to)).isTrue());
    }

    @Test
    void it_is_told_what_is_to_be_done_and_nothing_is_answered_before() {
        play(Square.parse("d5"), Square.parse("c6"));
        assertThat(session.current().depth()).as("nobody plays yet").isEqualTo(1);
        run(
                () -> {
                    session.go(session.tree().root());
                    model.begin();
                });
        assertThat(model.playingProperty().get()).isTrue();
        assertThat(message()).startsWith("You are White").endsWith("bring it home.");
    }

    @Test
    void a_good_move_is_answered_without_a_word() {
        run(model::begin);
        play(Square.parse("d5"), Square.parse("c6"));
        assertThat(session.current().depth()).isEqualTo(2);
        assertThat(message()).isEmpty();
        run(model::stop);
        assertThat(message()).isEqualTo("Nothing was given away in 1 move.");
        assertThat(model.isPlaying()).isFalse();
    }

    @Test
    void a_move_that_spoils_is_told_at_once_with_the_one_that_kept_it() {
        run(model::begin);
        play(Square.parse("d5"), Square.parse("e4"));
        assertThat(message()).isEqualTo("1.Ke4 gives the result away; Kc6 kept it.");
        assertThat(session.current().depth()).as("it is answered all the same").isEqualTo(2);
    }

    @Test
    void it_can_be_told_at_the_end_instead() {
        run(
                () -> {
                    model.tellAtOnceProperty().set(false);
                    model.begin();
                });
        play(Square.parse("d5"), Square.parse("e4"));
        assertThat(message()).isEmpty();
        run(model::stop);
        assertThat(message()).isEqualTo("1.Ke4 gives the result away; Kc6 kept it.");
    }

    @Test
    void another_ending_ends_the_game() {
        run(
                () -> {
                    model.begin();
                    model.prepare(
                            new EndingSolver(new BuiltInEngine(1), Endings.NONE, 1)
                                    .solve(start, p -> {}, new Cancellation())
                                    .flatMap(report -> report.graph())
                                    .orElseThrow(),
                            start);
                });
        assertThat(model.isPlaying()).isFalse();
        assertThat(message()).isEmpty();
    }
}
