package org.zeroply.desktop.lessons;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Clock;
import java.time.Instant;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.zeroply.chess.board.Side;
import org.zeroply.chess.tree.MoveTree;
import org.zeroply.coach.lesson.RevealedLines;
import org.zeroply.desktop.work.SteppingClock;
import org.zeroply.library.sheet.SheetStore;

class ClassroomModelTest {

    private static final Instant NOON = Instant.parse("2026-03-01T12:00:00Z");
    private static final String GAME =
            "[White \"Marram, Ilse\"]\n[Black \"Quay, Jonas\"]\n\n"
                    + "1. e4 e5 2. Qh5 Nc6 (2... g6 3. Qxe5+) 3. Bc4 *\n";

    private static ClassroomModel lesson(MoveTree tree, int ply) {
        return new ClassroomModel(
                ply == 0 ? tree.root() : tree.mainLine().get(ply - 1),
                tree,
                Clock.fixed(NOON, ZoneOffset.UTC));
    }

    private static String inked(ClassroomModel lesson) {
        return lesson.rows().isEmpty() ? "" : lesson.rows().get(lesson.rows().size() - 1).last();
    }

    @Test
    void a_game_is_revealed_from_the_position_it_is_shown_at_line_after_line() {
        ClassroomModel lesson = lesson(SheetStore.parse(GAME), 3);
        assertThat(lesson.prompt()).isEqualTo("Marram, Ilse – Quay, Jonas. Black to move.");
        assertThat(lesson.seenFrom()).isEqualTo(Side.BLACK);
        assertThat(lesson.solution()).containsExactly("2...Nc6 3.Bc4", "2...g6 3.Qxe5+");
        assertThat(lesson.next()).isEqualTo("2...Nc6");
        List<String> steps = new ArrayList<>();
        while (!lesson.isOver()) {
            lesson.reveal();
            steps.add(lesson.number() + " " + inked(lesson));
        }
        assertThat(steps).containsExactly("1 2...Nc6", "1 3.Bc4", "2 2...g6", "2 3.Qxe5+");
        assertThat(lesson.rows())
                .extracting(RevealedLines.Row::present)
                .containsExactly(false, true);
        assertThat(lesson.rows().get(1).before()).isEqualTo("2...g6");
        while (lesson.current().isPresent()) {
            lesson.back();
        }
        assertThat(lesson.rows()).isEmpty();
        assertThat(lesson.shown().depth()).isEqualTo(3);
    }

    @Test
    void a_position_without_lines_is_shown_and_nothing_is_revealed() {
        ClassroomModel lesson = lesson(SheetStore.parse(GAME), 5);
        lesson.reveal();
        lesson.back();
        assertThat(lesson.isOver()).isTrue();
        assertThat(lesson.number()).isZero();
        assertThat(lesson.next()).isEmpty();
    }

    @Test
    void an_exercise_gives_its_time_and_any_other_counts_what_was_spent() {
        String exercise =
                "[SetUp \"1\"]\n[FEN \"6k1/5ppp/8/8/8/8/5PPP/R5K1 w - - 0 1\"]\n"
                        + "[ZpKind \"calculation\"]\n[ZpMinutes \"2\"]\n"
                        + "[ZpPrompt \"White moves. What is decided?\"]\n\n1. Ra8# {[%zp.pts 10]} *\n";
        MoveTree tree = SheetStore.parse(exercise);
        SteppingClock clock = new SteppingClock();
        ClassroomModel timed = new ClassroomModel(tree.root(), tree, clock);
        ClassroomModel free =
                new ClassroomModel(SheetStore.parse(GAME).root(), SheetStore.parse(GAME), clock);
        assertThat(timed.prompt()).isEqualTo("White moves. What is decided?");
        assertThat(timed.time()).isEqualTo("2:00");
        clock.step(30);
        assertThat(timed.time()).isEqualTo("1:30");
        assertThat(free.time()).isEqualTo("0:30");
        clock.step(180);
        assertThat(timed.time()).isEqualTo("time is up");
        timed.reveal();
        assertThat(timed.words()).isEqualTo("10 points.");
    }
}
