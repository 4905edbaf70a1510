package org.zeroply.desktop.solve;

import static org.assertj.core.api.Assertions.assertThat;
import static org.zeroply.desktop.work.Fx.run;
import static org.zeroply.desktop.work.Fx.until;

import java.util.ArrayList;
import java.util.List;
import java.util.OptionalLong;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.zeroply.chess.board.Square;
import org.zeroply.chess.tree.MoveTree;
import org.zeroply.coach.exercise.marking.HoldGame;
import org.zeroply.coach.exercise.scheme.Exercise;
import org.zeroply.desktop.work.ModelTest;
import org.zeroply.desktop.work.TreeSession;
import org.zeroply.library.sheet.SheetStore;

/** Holding a position against the engine, without the desk. */
class HoldModelTest extends ModelTest {

    private static final String HOLD =
            """
            [ZpKind "defence"]
            [ZpTask "hold"]
            [ZpHoldMoves "2"]
            [ZpTitle "Two moves to hold"]
            [SetUp "1"]
            [FEN "4r1k1/5ppp/8/8/8/8/5PPP/R5K1 w - - 0 1"]

            1. h3 {[%zp.pts 10]} *
            """;

    private final TreeSession session = new TreeSession();
    private final List<HoldGame> over = new ArrayList<>();
    private final Exercise exercise = Exercise.of(SheetStore.parse(HOLD));
    private HoldModel model;

    @BeforeEach
    void open() {
        run(
                () -> {
                    session.open(new MoveTree(exercise.start()), OptionalLong.empty());
                    model = new HoldModel(services, session, over::add);
                });
    }

    private void play(String from, String to) {
        run(() -> assertThat(session.play(Square.parse(from), Square.parse(to))).isTrue());
    }

    private String message() {
        return model.messageProperty().get();
    }

    @Test
    void moves_are_no_game_until_it_is_begun() {
        play("h2", "h3");
        assertThat(model.game()).isEmpty();
        assertThat(message()).isEmpty();
        run(() -> model.begin(exercise, 1));
        assertThat(session.current()).as("from the start").isEqualTo(session.tree().root());
        assertThat(message()).startsWith("Hold for 2 moves against the engine at ");
    }

    @Test
    void each_move_is_answered_and_after_the_last_it_is_over() throws Exception {
        run(() -> model.begin(exercise, 1));
        play("h2", "h3");
        until(() -> message().startsWith("Move 1 of 2 made."));
        assertThat(session.current().depth()).isEqualTo(2);
        assertThat(over).isEmpty();
        play("g2", "g3");
        until(() -> !over.isEmpty());
        assertThat(over.get(0).steps()).hasSize(2);
        assertThat(model.game()).isEmpty();
        assertThat(message()).isEmpty();
    }

    @Test
    void the_same_seed_answers_alike() throws Exception {
        List<String> answers = new ArrayList<>();
        for (int i = 0; i < 2; i++) {
            run(() -> model.begin(exercise, 9));
            play("h2", "h3");
            until(() -> message().startsWith("Move 1 of 2 made."));
            answers.add(session.current().move().toString());
            run(model::stop);
        }
        assertThat(answers.get(0)).isEqualTo(answers.get(1));
    }

    @Test
    void an_answer_that_comes_after_the_end_is_not_played() throws Exception {
        run(() -> model.begin(exercise, 1));
        CountDownLatch ended = new CountDownLatch(1);
        run(() -> services.scheduler().longWork("Before it", (c, p) -> await(ended), said -> {}));
        play("h2", "h3");
        run(model::stop);
        ended.countDown();
        List<String> asked = new ArrayList<>();
        run(() -> services.scheduler().longWork("Behind it", (c, p) -> "done", asked::add));
        until(() -> !asked.isEmpty());
        assertThat(session.current().depth()).isEqualTo(1);
        assertThat(over).isEmpty();
    }

    private static String await(CountDownLatch latch) throws InterruptedException {
        assertThat(latch.await(1, TimeUnit.MINUTES)).isTrue();
        return "";
    }
}
