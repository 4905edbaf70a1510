package org.zeroply.desktop.lessons;

import static org.assertj.core.api.Assertions.assertThat;
import static org.zeroply.desktop.work.Fx.run;
import static org.zeroply.desktop.work.Fx.until;

import java.util.List;
import java.util.OptionalLong;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.zeroply.chess.board.Square;
import org.zeroply.coach.lesson.Lesson;
import org.zeroply.coach.lesson.LessonStep;
import org.zeroply.coach.lesson.StepKind;
import org.zeroply.desktop.work.ModelTest;
import org.zeroply.library.sheet.SheetRow;
import org.zeroply.library.sheet.SheetStep;
import org.zeroply.library.sheet.SheetStore;

/** Planning a lesson, without the desk. */
class LessonsModelTest extends ModelTest {

    private LessonsModel model;
    private long id;

    @BeforeEach
    void open() throws Exception {
        id = services.library().lessons().add(GivenLessonTest.lesson());
        run(
                () -> {
                    model = new LessonsModel(services);
                    model.reload();
                });
        until(() -> model.id().isPresent());
    }

    private Lesson kept() {
        return services.library().lessons().load(id);
    }

    private static List<String> titles(Lesson lesson) {
        return lesson.steps().stream().map(s -> s.kind().word() + " " + s.title()).toList();
    }

    private void saved() throws Exception {
        run(model::flush);
        until(() -> kept().pgn().equals(model.lesson().orElseThrow().pgn()));
    }

    @Test
    void steps_are_added_moved_renamed_and_taken_out_and_everything_is_kept() throws Exception {
        run(
                () -> {
                    model.rename("Middle");
                    model.addStep(StepKind.ASK);
                    model.changeStep(s -> s.with(LessonStep.TITLE, "New"));
                    model.move(1, 3);
                });
        saved();
        assertThat(kept().title()).isEqualTo("Middle");
        assertThat(titles(kept())).containsExactly("show Both", "ask ", "show The end", "ask New");
        assertThat(model.place()).isEqualTo(3);
        run(model::removeStep);
        saved();
        assertThat(kept().steps()).hasSize(3);
        assertThat(model.place()).isEqualTo(2);
    }

    @Test
    void a_move_on_the_board_belongs_to_the_chosen_step_alone() throws Exception {
        String second = model.lesson().orElseThrow().steps().get(1).tree().mainLine().toString();
        run(() -> model.choose(2));
        run(() -> model.session().play(Square.parse("g1"), Square.parse("f3")));
        saved();
        assertThat(kept().steps().get(2).tree().mainLine()).hasSize(1);
        assertThat(kept().steps().get(1).tree().mainLine()).hasSize(1);
        assertThat(second).isNotEmpty();
        run(() -> model.choose(0));
        assertThat(model.session().tree().mainLine()).hasSize(2);
        run(() -> model.choose(2));
        assertThat(model.session().tree().mainLine()).hasSize(1);
    }

    @Test
    void every_change_is_taken_back_and_made_again_in_its_order() throws Exception {
        String first = model.lesson().orElseThrow().pgn();
        run(() -> model.rename("One"));
        run(() -> model.move(0, 2));
        run(() -> model.session().play(Square.parse("g1"), Square.parse("f3")));
        String last = model.lesson().orElseThrow().pgn();
        for (int i = 0; i < 3; i++) {
            run(model::undo);
        }
        until(() -> model.lesson().orElseThrow().pgn().equals(first));
        assertThat(kept().pgn()).isEqualTo(first);
        for (int i = 0; i < 3; i++) {
            run(model::redo);
        }
        until(() -> model.lesson().orElseThrow().pgn().equals(last));
    }

    @Test
    void what_was_done_yesterday_is_taken_back_too() throws Exception {
        services.library().lessons().save(id, kept().named("Later"), SheetStep.CHANGE);
        run(() -> model.open(id));
        until(() -> model.lesson().orElseThrow().title().equals("Later"));
        run(model::undo);
        until(() -> model.lesson().orElseThrow().title().equals("Centre"));
        run(model::undo);
        until(() -> said().startsWith("Nothing more"));
    }

    @Test
    void a_removed_lesson_goes_into_the_bin_and_comes_back() throws Exception {
        run(() -> model.remove(List.copyOf(model.lessons())));
        until(() -> model.lessons().isEmpty() && model.lesson().isEmpty());
        assertThat(services.library().bin().all()).hasSize(1);
        run(model::undo);
        until(() -> model.id().equals(OptionalLong.of(id)));
        assertThat(model.lessons()).extracting(SheetRow::title).containsExactly("Centre");
    }

    @Test
    void a_new_lesson_that_is_taken_back_is_in_the_bin() throws Exception {
        run(() -> model.create("Fresh"));
        until(() -> model.lesson().filter(l -> l.title().equals("Fresh")).isPresent());
        run(model::undo);
        until(() -> model.lesson().filter(l -> l.title().equals("Centre")).isPresent());
        assertThat(services.library().bin().all()).hasSize(1);
    }

    @Test
    void the_lesson_that_was_open_last_is_opened_again() throws Exception {
        services.library().lessons().add(GivenLessonTest.lesson().named("Newer"));
        LessonsModel[] again = new LessonsModel[1];
        run(
                () -> {
                    again[0] = new LessonsModel(services);
                    again[0].reload();
                });
        until(() -> again[0].id().equals(OptionalLong.of(id)));
    }

    @Test
    void the_last_step_stays() throws Exception {
        run(
                () -> {
                    model.removeStep();
                    model.removeStep();
                    model.removeStep();
                });
        assertThat(model.lesson().orElseThrow().steps()).hasSize(1);
        assertThat(said()).contains("at least one step");
    }

    @Test
    void what_cannot_be_saved_is_told_and_kept_until_it_can() throws Exception {
        refuse("sheet_change");
        run(() -> model.rename("Unsaved"));
        run(model::flush);
        until(() -> !services.saves().problemProperty().get().isEmpty());
        assertThat(services.saves().isClean()).isFalse();
        assertThat(services.saves().pgn()).contains("[ZpLesson \"Unsaved\"]");
        accept();
        saved();
        until(() -> services.saves().isClean());
    }

    @Test
    void a_step_that_is_brought_stands_last_and_begins_a_lesson_where_there_is_none()
            throws Exception {
        LessonStep game =
                LessonStep.of(
                        StepKind.GAME,
                        SheetStore.parse("[White \"Ann\"]\n[Black \"Bob\"]\n\n1. e4 *\n"));
        run(() -> model.bring(game));
        saved();
        assertThat(titles(kept())).endsWith("game Ann – Bob");
        assertThat(model.place()).isEqualTo(3);
        run(() -> model.remove(List.copyOf(model.lessons())));
        until(() -> model.lesson().isEmpty());
        run(() -> model.bring(game));
        until(() -> model.lesson().filter(l -> l.title().equals("Ann – Bob")).isPresent());
    }

    @Test
    void another_program_s_version_stays_and_ours_is_kept_beside_it() throws Exception {
        services.library().lessons().save(id, kept().named("Theirs"), SheetStep.CHANGE);
        run(() -> model.rename("Ours"));
        run(model::flush);
        until(() -> model.lessons().size() == 2);
        assertThat(services.library().lessons().all())
                .extracting(SheetRow::title)
                .containsExactly("Ours", "Theirs");
        until(() -> !model.id().equals(OptionalLong.of(id)));
        run(model::undo);
        until(() -> said().startsWith("Nothing more"));
        assertThat(kept().title()).as("undo leaves their version alone").isEqualTo("Theirs");
    }
}
