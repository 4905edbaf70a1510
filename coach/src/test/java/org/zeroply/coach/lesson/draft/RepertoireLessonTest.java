package org.zeroply.coach.lesson.draft;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.zeroply.chess.notation.PgnEntry;
import org.zeroply.chess.notation.PgnReader;
import org.zeroply.chess.tree.MoveTree;
import org.zeroply.coach.lesson.Lesson;
import org.zeroply.coach.lesson.LessonCheck;
import org.zeroply.coach.lesson.LessonStep;
import org.zeroply.coach.lesson.StepKind;

class RepertoireLessonTest {

    private static final String CHAPTER =
            """
            [Event "Exchange"]
            [ZpSide "white"]

            1. d4 {[%zp.main] [%zp.idea Take the centre.]} 1... d5 2. c4 e6 (2... dxc4 3. e3 b5
            4. a4 {[%zp.must] [%zp.idea Break the pawns at once.]}) 3. cxd5 {[%zp.card IF black
            castled AND white pawn on b4 THEN play b5 UNLESS black pawn on a5]} 3... exd5 4. Nc3
            (4. Nf3 {[%zp.idea The knight first.]}) *
            """;

    private static List<MoveTree> chapters() {
        return PgnReader.readAll(CHAPTER).stream().map(e -> ((PgnEntry.Game) e).tree()).toList();
    }

    @Test
    void the_line_comes_first_then_what_has_to_be_known_and_every_card() {
        Lesson lesson = RepertoireLesson.of("Exchange", chapters()).orElseThrow();
        assertThat(lesson.steps())
                .extracting(s -> s.kind().words() + " " + s.title())
                .containsExactly(
                        "show The line: Exchange",
                        "show If and then: after 3.cxd5",
                        "show The idea of 4.Nf3",
                        "ask After 3...b5");
        assertThat(LessonCheck.of(lesson)).isEmpty();
        assertThat(lesson.steps().get(1).words())
                .isEqualTo(
                        "If black castled and white pawn on b4, then play b5, unless black pawn on"
                                + " a5.");
    }

    @Test
    void a_move_that_has_to_be_known_is_asked_for_and_explained_by_its_idea() {
        LessonStep must =
                RepertoireLesson.of("Exchange", chapters()).orElseThrow().steps().stream()
                        .filter(s -> s.kind() == StepKind.ASK)
                        .findFirst()
                        .orElseThrow();
        assertThat(must.question().reply("a4").words()).isEqualTo("Break the pawns at once.");
        assertThat(must.themes()).containsExactly("Exchange");
    }

    @Test
    void chapters_without_ideas_give_no_lesson_and_are_left_as_they_are() {
        List<MoveTree> bare =
                PgnReader.readAll("[ZpSide \"white\"]\n\n1. d4 d5 *\n").stream()
                        .map(e -> ((PgnEntry.Game) e).tree())
                        .toList();
        assertThat(RepertoireLesson.of("Bare", bare)).isEmpty();
        assertThat(RepertoireLesson.of("None", List.of())).isEmpty();
    }
}
