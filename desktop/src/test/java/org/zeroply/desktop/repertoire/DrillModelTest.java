package org.zeroply.desktop.repertoire;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.zeroply.desktop.work.Fx.run;
import static org.zeroply.desktop.work.Fx.until;

import java.util.Optional;
import java.util.OptionalInt;
import java.util.Random;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.notation.NotationException;
import org.zeroply.chess.notation.San;
import org.zeroply.desktop.repertoire.DrillModel.Stage;
import org.zeroply.desktop.work.ModelTest;
import org.zeroply.desktop.work.SteppingClock;
import org.zeroply.library.student.Student;

/** A drill on the board, without the desk. */
class DrillModelTest extends ModelTest {

    private static final String CHAPTER =
            """
            [Event "Open games"]
            [ZpSide "white"]

            1. e4 {Take the centre.} e5 2. Nf3 Nc6 3. Bb5 *
            """;

    private final SteppingClock clock = new SteppingClock();
    private Student nora;
    private RepertoireModel repertoire;
    private DrillModel drill;

    @BeforeEach
    void open() throws Exception {
        nora = services.library().students().add("Nora", 1500);
        services.library().sheets().add(CHAPTER);
        run(
                () -> {
                    repertoire = new RepertoireModel(services, clock);
                    drill = new DrillModel(repertoire, clock, new Random(5));
                    repertoire.readAll();
                });
        until(() -> repertoire.viewProperty().get().isPresent());
    }

    /** Chosen and begun in one breath: what Nora knows is still to be read. */
    private void begin() throws Exception {
        run(
                () -> {
                    repertoire.studentProperty().set(Optional.of(nora));
                    drill.begin(10);
                });
        until(() -> stage() != Stage.IDLE);
    }

    private Stage stage() {
        return drill.shownProperty().get().stage();
    }

    private String answered() {
        return drill.shownProperty().get().said();
    }

    private void play(String san) {
        run(
                () -> {
                    try {
                        drill.type(san);
                    } catch (NotationException e) {
                        throw new AssertionError(san + " is a move", e);
                    }
                });
    }

    /** The right move of each position of the chapter. */
    private String right() {
        return switch (drill.session().current().depth()) {
            case 0 -> "e4";
            case 2 -> "Nf3";
            default -> "Bb5";
        };
    }

    @Test
    void nobody_is_asked_until_there_is_a_student() {
        run(() -> drill.begin(10));
        assertThat(drill.isRunning()).isFalse();
        assertThat(stage()).isEqualTo(Stage.IDLE);
        assertThat(drill.secondsLeft()).isZero();
    }

    @Test
    void a_drill_begun_too_early_says_what_it_waits_for() {
        run(
                () -> {
                    repertoire.studentProperty().set(Optional.of(nora));
                    drill.begin(10);
                });
        assertThat(answered()).isEqualTo("Reading what Nora knows …");
    }

    @Test
    void the_right_move_is_answered_on_the_board_and_the_next_is_asked() throws Exception {
        begin();
        assertThat(drill.awaitsMove()).isTrue();
        assertThat(drill.shownProperty().get().asked()).contains("What do you play?");
        int before = drill.session().current().depth();
        play(right());
        assertThat(answered()).startsWith("Right: ");
        assertThat(drill.session().current().depth()).isGreaterThan(before);
        assertThat(drill.score()).isEqualTo("1 answered, 1 right at once");
    }

    @Test
    void a_wrong_move_goes_back_and_gives_the_idea_without_the_answer() throws Exception {
        begin();
        Position asked = drill.session().current().position();
        String answer = right();
        play("a4");
        assertThat(drill.session().current().position()).isEqualTo(asked);
        assertThat(answered())
                .startsWith("a4 is not it.")
                .contains("Another try")
                .doesNotContain(answer + ".");
        assertThat(drill.awaitsMove()).isTrue();
        play(answer);
        assertThat(drill.score()).isEqualTo("1 answered, 0 right at once");
    }

    @Test
    void the_answer_given_up_on_is_shown_until_one_goes_on() throws Exception {
        begin();
        String answer = right();
        run(drill::giveUp);
        assertThat(stage()).isEqualTo(Stage.ANSWERED);
        assertThat(answered()).startsWith("It is " + answer);
        play("h4");
        assertThat(stage()).as("nothing is asked now").isEqualTo(Stage.ANSWERED);
        run(drill::goOn);
        assertThat(stage()).isIn(Stage.ASKING, Stage.LINE_OVER, Stage.OVER);
    }

    @Test
    void help_tells_the_idea_and_goes_on_asking() throws Exception {
        begin();
        run(drill::help);
        assertThat(answered()).isNotBlank().doesNotContain(right());
        assertThat(stage()).isEqualTo(Stage.ASKING);
    }

    @Test
    void when_the_time_is_over_the_line_is_finished_first() throws Exception {
        begin();
        assertThat(drill.secondsLeft()).isEqualTo(600);
        clock.step(700);
        assertThat(drill.secondsLeft()).isZero();
        for (int i = 0; i < 10 && stage() == Stage.ASKING; i++) {
            play(right());
        }
        assertThat(stage()).isEqualTo(Stage.LINE_OVER);
        assertThat(drill.line()).startsWith("1.e4 e5");
        run(drill::goOn);
        assertThat(stage()).isEqualTo(Stage.OVER);
        assertThat(answered()).startsWith("The time is over.");
        assertThat(drill.isRunning()).isFalse();
    }

    @Test
    void what_was_answered_is_remembered_for_the_student_when_it_is_stopped() throws Exception {
        begin();
        play(right());
        run(drill::stop);
        assertThat(answered()).startsWith("Stopped. 1 answered");
        until(() -> !services.library().recall().all(nora.id()).isEmpty());
    }

    @Test
    void a_chapter_that_asks_nothing_is_over_at_once() throws Exception {
        run(() -> drill.chapterProperty().set(OptionalInt.of(7)));
        begin();
        assertThat(stage()).isEqualTo(Stage.OVER);
        assertThat(answered()).startsWith("Nothing more is due today.");
    }

    @Test
    void what_is_no_move_is_refused_and_nothing_is_lost() throws Exception {
        begin();
        Position asked = drill.session().current().position();
        run(
                () ->
                        assertThatThrownBy(() -> drill.type("Qz9"))
                                .isInstanceOf(NotationException.class));
        assertThat(drill.session().current().position()).isEqualTo(asked);
        assertThat(San.write(asked, San.read(asked, right()))).isEqualTo(right());
    }
}
