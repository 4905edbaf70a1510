package org.zeroply.coach.lesson;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.Combinators;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.notation.PgnWriter;
import org.zeroply.chess.tree.MoveTree;

class LessonTest {

    private static final String FILE =
            """
            [Event "?"]
            [Result "*"]
            [ZpLesson "The seventh rank"]
            [ZpStep "1 show"]
            [SomeTag "of another program"]

            {[%other.thing 12] A rook on the seventh. [%zp.mark weak h7]} 1. e4 e5 *

            [ZpLesson "The seventh rank"]
            [ZpStep "2 quiz"]

            1. d4 *

            [White "Ann"]
            [Black "Bob"]

            1. c4 *

            [ZpLesson "The seventh rank"]
            [ZpStep "1 ask"]

            1. e4 *

            [ZpLesson "Another"]
            [ZpStep "2 game"]

            1. e4 *
            """;

    @Test
    void a_file_holds_lessons_that_end_where_the_name_changes_or_the_count_begins_anew() {
        List<Lesson> lessons = Lesson.all(Steps.trees(FILE));
        assertThat(lessons)
                .extracting(Lesson::title)
                .containsExactly("The seventh rank", "The seventh rank", "Another");
        assertThat(lessons).extracting(l -> l.steps().size()).containsExactly(2, 1, 1);
    }

    @Test
    void what_another_program_wrote_stays_as_it_is() {
        Lesson lesson = Lesson.all(Steps.trees(FILE)).get(0);
        assertThat(lesson.steps().get(1).kind()).isEqualTo(StepKind.SHOW);
        Lesson moved = lesson.moved(1, 0);
        assertThat(moved.pgn())
                .contains("[ZpStep \"1 quiz\"]")
                .contains("[ZpStep \"2 show\"]")
                .contains("[SomeTag \"of another program\"]")
                .contains("[%other.thing 12] A rook on the seventh.")
                .contains("[%zp.mark weak h7]");
    }

    @Test
    void a_change_leaves_the_lesson_it_was_made_of_alone() {
        Lesson lesson = Lesson.all(Steps.trees(FILE)).get(0);
        String before = lesson.pgn();
        LessonStep ask = lesson.steps().get(0).as(StepKind.ASK).with(LessonStep.SECONDS, "90");
        assertThat(ask.seconds()).isEqualTo(90);
        assertThat(lesson.exchanged(0, ask).with(9, ask).without(1).named(" ").moved(0, 9).title())
                .isEqualTo("Lesson");
        assertThat(lesson.pgn()).isEqualTo(before);
    }

    @Test
    void a_game_stops_where_its_tag_says_and_a_move_goes_on() {
        LessonStep game =
                Steps.of(
                        """
                        ZpStep "1 game"
                        ZpStops "2, 0 3 99 x"
                        White "Ann"
                        Black "Bob"
                        """,
                        "1. e4 e5 2. Nf3 (2. Qh5 {[%zp.tempting] Too early.})");
        assertThat(game.title()).isEqualTo("Ann – Bob");
        assertThat(game.stops())
                .extracting(s -> s.node().depth() + " " + s.question().solution())
                .containsExactly("0 e4", "2 Nf3");
        assertThat(game.stops().get(1).question().reply("Qh5").words()).isEqualTo("Too early.");
    }

    @Test
    void numbered_tags_are_exchanged_as_a_whole() {
        LessonStep step =
                LessonStep.of(StepKind.ASK, Position.START)
                        .with(LessonStep.ASKED, "plan")
                        .numbered(LessonStep.CHOICE, List.of("right: One", "wrong: Two | No."));
        assertThat(step.question().choices())
                .containsExactly(
                        new AnswerChoice("One", AnswerOutcome.RIGHT, ""),
                        new AnswerChoice("Two", AnswerOutcome.WRONG, "No."));
        assertThat(step.numbered(LessonStep.CHOICE, List.of()).tree().tags())
                .doesNotContainKeys("ZpChoice1", "ZpChoice2");
    }

    @ParameterizedTest(name = "{0}")
    @CsvSource(
            delimiter = ';',
            textBlock =
                    """
                    right: Attack            ; right: Attack
                    wrong:Wait|No.           ; wrong: Wait | No.
                    tempting:  a | b | c     ; tempting: a | b | c
                    right : x                ; right: x
                    nearly: x                ; ''
                    right:                   ; ''
                    right: | words           ; ''
                    good: x                  ; ''
                    x                        ; ''
                    """)
    void a_choice_is_read_as_far_as_it_is_one(String written, String read) {
        assertThat(AnswerChoice.read(written).map(AnswerChoice::written).orElse(""))
                .isEqualTo(read);
    }

    @Test
    void a_choice_of_nothing_but_spaces_is_none_at_once() {
        assertThat(AnswerChoice.read("right:" + " ".repeat(200_000) + "|")).isEmpty();
    }

    @Test
    void a_position_beside_keeps_its_table_and_its_words() {
        Beside beside =
                new Beside(
                        Position.START,
                        List.of(
                                new Beside.Cell("Kh8", "works"),
                                new Beside.Cell("Rf7", "at a price")),
                        "as it is | or nearly");
        assertThat(Beside.read(beside.written())).contains(beside);
        assertThat(Beside.read("no position | Kh8 works")).isEmpty();
        assertThat(Beside.read(Position.START.fen()).orElseThrow().cells()).isEmpty();
    }

    @Provide
    Arbitrary<Lesson> lessons() {
        Arbitrary<String> text =
                Arbitraries.of(
                                "", "a", "\"", "\\", "[", "]", "{", "}", "%", "|", ";", "é", " ",
                                "1")
                        .list()
                        .ofMaxSize(6)
                        .map(l -> String.join("", l));
        Arbitrary<LessonStep> step =
                Combinators.combine(Arbitraries.of(StepKind.class), text, text, text)
                        .as(
                                (kind, title, note, choice) ->
                                        LessonStep.of(kind, Position.START)
                                                .with(LessonStep.TITLE, title)
                                                .with(LessonStep.NOTE, note)
                                                .numbered(
                                                        LessonStep.CHOICE,
                                                        List.of(
                                                                new AnswerChoice(
                                                                                "x" + choice,
                                                                                AnswerOutcome.RIGHT,
                                                                                note)
                                                                        .written())));
        return Combinators.combine(text, step.list().ofMinSize(1).ofMaxSize(5)).as(Lesson::new);
    }

    @Property(tries = 300)
    void every_lesson_comes_back_from_its_file_as_it_was(@ForAll("lessons") Lesson lesson) {
        String pgn = lesson.pgn();
        List<Lesson> read = Lesson.all(Steps.trees(pgn));
        assertThat(read).hasSize(1);
        assertThat(read.get(0).pgn()).isEqualTo(pgn);
        assertThat(read.get(0).title()).isEqualTo(lesson.title());
        for (int i = 0; i < lesson.steps().size(); i++) {
            LessonStep was = lesson.steps().get(i);
            LessonStep is = read.get(0).steps().get(i);
            assertThat(is.kind()).isEqualTo(was.kind());
            assertThat(is.title()).isEqualTo(was.title());
            assertThat(is.note()).isEqualTo(was.note());
            assertThat(is.question().choices()).isEqualTo(was.question().choices());
        }
    }

    @Test
    void two_lessons_of_one_name_in_a_file_stay_two() {
        Lesson lesson = Lesson.all(Steps.trees(FILE)).get(0);
        List<MoveTree> both = new ArrayList<>(lesson.trees());
        both.addAll(lesson.trees());
        List<Lesson> read = Lesson.all(both);
        assertThat(read).hasSize(2);
        assertThat(PgnWriter.write(read.get(1).steps().get(0).tree()))
                .isEqualTo(PgnWriter.write(read.get(0).steps().get(0).tree()));
    }
}
