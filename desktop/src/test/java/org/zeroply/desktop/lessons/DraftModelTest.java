package org.zeroply.desktop.lessons;

import static org.assertj.core.api.Assertions.assertThat;
import static org.zeroply.desktop.work.Fx.run;
import static org.zeroply.desktop.work.Fx.until;

import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.OptionalLong;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.zeroply.coach.lesson.AnswerOutcome;
import org.zeroply.coach.lesson.StepKind;
import org.zeroply.desktop.work.ModelTest;
import org.zeroply.library.student.LessonAnswer;
import org.zeroply.library.student.Student;

/** Drafting a lesson, without the card that asks for it. */
class DraftModelTest extends ModelTest {

    private static final String EXERCISE =
            "[ZpKind \"calculation\"]\n[ZpTitle \"In the corridor\"]\n[ZpThemes \"back rank\"]\n"
                    + "[SetUp \"1\"]\n[FEN \"6k1/5ppp/8/8/8/8/8/K3R3 w - - 0 1\"]\n\n"
                    + "1. Re8# {[%zp.pts 5]} *\n";

    private static final String CHAPTER =
            "[Event \"Our way\"]\n[ZpSide \"white\"]\n\n"
                    + "1. d4 d5 2. c4 {[%zp.must] [%zp.idea Ask the centre.]} *\n";

    private LessonsModel lessons;
    private DraftModel drafts;
    private final List<String> offered = new ArrayList<>();

    @BeforeEach
    void open() throws Exception {
        services.library().sheets().add(EXERCISE);
        services.library().sheets().add(CHAPTER);
        services.library().queries().keep("Mine", "white rook on e1");
        Student nora = services.library().students().add("Nora", 1500);
        services.library()
                .lessonAnswers()
                .add(
                        new LessonAnswer(
                                "a",
                                nora.id(),
                                new LessonAnswer.Asked(
                                        OptionalLong.empty(), "Old", 0, "?", List.of("back rank")),
                                new LessonAnswer.Given(
                                        "Re7", AnswerOutcome.WRONG, 9, Instant.EPOCH)));
        run(
                () -> {
                    lessons = new LessonsModel(services);
                    drafts = new DraftModel(services, lessons);
                    drafts.suggestions(offered::addAll);
                });
        until(() -> !offered.isEmpty());
    }

    @Test
    void kept_queries_weak_themes_chapters_and_themes_of_exercises_are_offered() {
        assertThat(offered)
                .startsWith(
                        "white rook on e1",
                        "back rank – weakest theme of Nora",
                        "repertoire: Our way")
                .contains("back rank", "outpost");
        assertThat(offered).allSatisfy(s -> assertThat(DraftModel.problem(s, offered)).isEmpty());
        assertThat(DraftModel.problem("nice moves", offered)).get().asString().contains("nice");
        assertThat(DraftModel.problem("  ", offered)).isPresent();
    }

    private void drafted(String about) throws Exception {
        run(() -> drafts.draft(about));
        until(() -> lessons.lesson().isPresent());
    }

    @Test
    void a_chapter_is_drafted_added_and_opened() throws Exception {
        drafted("repertoire: Our way");
        assertThat(lessons.lesson().orElseThrow().title()).isEqualTo("Our way");
        assertThat(services.library().lessons().all()).hasSize(1);
        run(lessons::undo);
        until(() -> services.library().lessons().all().isEmpty());
    }

    @Test
    void the_weakest_theme_of_a_student_is_drafted_from_exercises() throws Exception {
        drafted("back rank – weakest theme of Nora");
        assertThat(lessons.lesson().orElseThrow().steps().get(0).kind()).isEqualTo(StepKind.ASK);
        assertThat(lessons.lesson().orElseThrow().title()).isEqualTo("Back rank");
    }

    @Test
    void what_cannot_be_found_is_told() throws Exception {
        run(() -> drafts.draft("white king on a8"));
        until(() -> said().startsWith("Nothing was found about white king on a8"));
        assertThat(services.library().lessons().all()).isEmpty();
    }
}
