package org.zeroply.coach.lesson.draft;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.zeroply.coach.lesson.draft.DraftGames.FORKS;
import static org.zeroply.coach.lesson.draft.DraftGames.NODES;
import static org.zeroply.coach.lesson.draft.DraftGames.SEVENTH;
import static org.zeroply.coach.lesson.draft.DraftGames.example;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.CancellationException;
import org.junit.jupiter.api.Test;
import org.zeroply.chess.board.Side;
import org.zeroply.chess.board.Square;
import org.zeroply.chess.notation.Line;
import org.zeroply.chess.notation.PgnEntry;
import org.zeroply.chess.notation.PgnReader;
import org.zeroply.chess.tree.Mark;
import org.zeroply.chess.tree.MoveTree;
import org.zeroply.chess.tree.Node;
import org.zeroply.chess.tree.Verdict;
import org.zeroply.coach.SharedEngine;
import org.zeroply.coach.evaluation.MoveEvaluator;
import org.zeroply.coach.exercise.draft.SchemeDraft;
import org.zeroply.coach.lesson.AnswerOutcome;
import org.zeroply.coach.lesson.Lesson;
import org.zeroply.coach.lesson.LessonCheck;
import org.zeroply.coach.lesson.LessonStep;
import org.zeroply.coach.lesson.StepKind;
import org.zeroply.coach.pattern.QueryReader;
import org.zeroply.engine.analysis.Cancellation;
import org.zeroply.engine.endings.Endings;

/** Lessons drafted from small games made for this, on few nodes. */
class LessonDraftTest {

    private final Cancellation cancellation = new Cancellation();

    private LessonDraft draft() {
        SharedEngine engine = new SharedEngine(4);
        return new LessonDraft(
                new MoveEvaluator(engine, NODES, cancellation),
                new SchemeDraft(engine, Endings.NONE, NODES, SchemeDraft.POINTS),
                cancellation);
    }

    private static final String LIKE =
            "30. h4 Rb3 31. Ra8+ Kh7 32. Ra7 Rb2 33. g3 Rb1+ 34. Kg2 Rg1+ 35. Kxg1 g6";

    /** Held until a rook is left en prise. */
    private static final Example WON =
            example("Ann-Bob", "1-0", "6k1/R4pp1/7p/8/8/7P/1r3PP1/6K1 w - - 0 30", LIKE);

    private static final Example WON_TOO =
            example("Cid-Dot", "1-0", "6k1/R4pp1/7p/8/4P3/7P/1r3PP1/6K1 w - - 0 30", LIKE);

    /** The rook is there, and two pawns less are too many. */
    private static final Example LOST =
            example(
                    "Eve-Fay",
                    "0-1",
                    "6k1/R4pp1/4p2p/8/8/8/1r3PP1/6K1 w - - 0 30",
                    "30. g3 g5 31. Kf1 Kg7");

    /** The rook on the seventh stands still until the other one is given away. */
    private static final Example IDLE =
            example(
                    "Ian-Jo",
                    "1-0",
                    "6k1/R4pp1/7p/8/8/7P/1r3PP1/6K1 w - - 0 30",
                    "30. h4 Rb3 31. Kh2 Rb2 32. Kg1 Rb3 33. g3 Rb1+ 34. Kg2 Rg1+ 35. Kxg1 g6");

    /** A pawn more and the seventh rank; Black gives up. */
    private static final Example STEADY =
            example(
                    "Pia-Quo",
                    "1-0",
                    "6k1/R4pp1/8/8/8/7P/1r3PP1/6K1 w - - 0 30",
                    "30. h4 Rb3 31. Ra8+ Kh7 32. Ra7 Kg8 33. Kh2 Rb2 34. Kg3 Rb3+ 35. f3 Rb2 36. Ra5 Rc2");

    /** Won by two pawns more, and sooner. */
    private static final Example UNEQUAL =
            example(
                    "Kim-Lea",
                    "1-0",
                    "6k1/R5p1/8/8/8/7P/1r3PP1/6K1 w - - 0 30",
                    "30. h4 Rb3 31. Ra8+ Kh7 32. Ra7 Rb1+ 33. Kh2 Rh1+ 34. Kxh1 Kg6");

    private static final Example QUIZ =
            example(
                    "Gil-Hal",
                    "1/2-1/2",
                    "1rr3k1/R4p1p/6p1/5q1b/6N1/7P/5PP1/3Q2K1 w - - 0 30",
                    "30. Ra1 Bxg4");

    @Test
    void examples_are_shown_with_their_lines_and_a_verdict_at_the_end() {
        Lesson lesson =
                draft().draft(SEVENTH, List.of(WON, WON_TOO, LOST), List.of(), part -> {})
                        .orElseThrow();
        List<LessonStep> shown = kind(lesson, StepKind.SHOW);
        assertThat(shown).isNotEmpty();
        for (LessonStep step : shown) {
            Node end = step.tree().root().mainLineEnd();
            boolean lost = step.title().startsWith("Where it fails");
            assertThat(step.tree().mainLine()).isNotEmpty();
            assertThat(end.annotation().verdict().map(Verdict::tendency).orElse(0))
                    .as(step.title())
                    .matches(t -> lost ? t < 0 : t > 0);
            assertThat(step.seenFrom()).isEqualTo(Side.WHITE);
        }
        assertThat(shown.get(0).words())
                .startsWith("A rook on the seventh. The engine gives White");
        assertThat(shown)
                .extracting(LessonStep::title)
                .anyMatch(t -> t.startsWith("Where it fails: Eve – Fay"))
                .anyMatch(t -> t.startsWith("Once more: "));
    }

    private static Example sought(Example example) {
        return new Example(
                example.game(),
                example.ply(),
                example.side(),
                Optional.of(QueryReader.read("white rook on its seventh rank")));
    }

    @Test
    void what_shows_the_theme_is_marked_on_the_board() {
        Lesson lesson =
                draft().draft(SEVENTH, List.of(sought(WON), sought(WON_TOO)), List.of(), part -> {})
                        .orElseThrow();
        Mark rook = new Mark(Mark.Meaning.TARGET, List.of(Square.parse("a7")));
        assertThat(kind(lesson, StepKind.SHOW))
                .hasSize(2)
                .allSatisfy(
                        s ->
                                assertThat(s.tree().root().annotation().marks())
                                        .containsExactly(rook));
    }

    @Test
    void what_is_won_without_the_theme_is_no_example_of_it() {
        assertThat(draft().draft(SEVENTH, List.of(sought(IDLE)), List.of(), part -> {})).isEmpty();
        assertThat(draft().draft(SEVENTH, List.of(IDLE), List.of(), part -> {}))
                .as("where nothing can be pointed at, all may have to do with it")
                .isPresent();
    }

    @Test
    void what_nothing_else_decides_comes_first_and_an_error_is_told() {
        Lesson lesson =
                draft().draft(
                                SEVENTH,
                                List.of(sought(UNEQUAL), sought(STEADY)),
                                List.of(),
                                part -> {})
                        .orElseThrow();
        List<LessonStep> shown = kind(lesson, StepKind.SHOW);
        assertThat(shown)
                .extracting(LessonStep::title)
                .containsExactly(
                        "A rook on the seventh: Pia – Quo, move 30",
                        "Once more: Kim – Lea, move 30");
        assertThat(shown.get(0).words()).doesNotContain("at once");
        LessonStep gift =
                draft().draft(SEVENTH, List.of(sought(WON)), List.of(), part -> {})
                        .orElseThrow()
                        .steps()
                        .get(0);
        assertThat(gift.words())
                .endsWith(
                        " of these points came at once, by what Black played between moves 34 and 35.");
    }

    @Test
    void of_the_places_in_a_game_one_is_taken_from_which_the_theme_acts() {
        Example early = sought(IDLE);
        Example late =
                new Example(
                        example(
                                        "Max-Ned",
                                        "1-0",
                                        "6k1/R4pp1/7p/8/8/7P/1r3PP1/6K1 w - - 0 30",
                                        "30. h4 Rb3 31. Kh2 Rb2 32. Kg1 Rb3 33. Kh2 Rb2 34. Kg1 Rb3"
                                                + " 35. Kh2 Rb2 36. Kg1 Rb3 37. Kh2 Rb2 38. Ra8+ Kh7"
                                                + " 39. Ra7 Rxf2 40. Rxf7 Rf1 41. Rxf1 g6")
                                .game(),
                        0,
                        Side.WHITE,
                        early.query());
        Example later = new Example(late.game(), 8, Side.WHITE, early.query());
        Lesson lesson =
                draft().draft(SEVENTH, List.of(late, later), List.of(), part -> {}).orElseThrow();
        assertThat(kind(lesson, StepKind.SHOW))
                .extracting(LessonStep::title)
                .containsExactly("A rook on the seventh: Max – Ned, move 34");
    }

    @Test
    void a_question_whose_answer_has_nothing_to_do_with_the_theme_is_said_to_be_one() {
        String note = "enough questions whose answer has to do with it";
        assertThat(noteOf(sought(QUIZ))).contains(note);
        assertThat(noteOf(QUIZ)).doesNotContain(note);
    }

    @Test
    void where_no_game_is_a_clear_example_one_good_move_is_shown_if_enough_are_left_to_ask() {
        Lesson lesson = draft().draft(SEVENTH, FORKS, List.of(), part -> {}).orElseThrow();
        LessonStep shown = lesson.steps().get(0);
        assertThat(shown.kind()).isEqualTo(StepKind.SHOW);
        assertThat(Line.move(shown.tree().mainLine().get(0))).isEqualTo("30.Nh6+");
        assertThat(shown.tree().root().mainLineEnd().annotation().verdict())
                .hasValueSatisfying(v -> assertThat(v.tendency()).isPositive());
        assertThat(shown.words())
                .startsWith("A rook on the seventh. ")
                .contains("One move makes use of it", "after 30.Nh6+ and ");
        assertThat(kind(lesson, StepKind.ASK))
                .hasSize(3)
                .noneMatch(s -> s.title().equals(shown.title()));
        Lesson few =
                draft().draft(SEVENTH, FORKS.subList(0, 3), List.of(), part -> {}).orElseThrow();
        assertThat(kind(few, StepKind.SHOW)).isEmpty();
        assertThat(few.steps().get(0).note()).contains("a clear example");
    }

    private String noteOf(Example example) {
        Lesson lesson =
                draft().draft(SEVENTH, List.of(example), List.of(), part -> {}).orElseThrow();
        assertThat(kind(lesson, StepKind.ASK)).hasSize(1);
        return lesson.steps().get(0).note();
    }

    @Test
    void what_was_not_found_is_left_out_and_said() {
        Lesson lesson =
                draft().draft(SEVENTH, List.of(WON_TOO), List.of(), part -> {}).orElseThrow();
        assertThat(lesson.steps().get(0).note())
                .startsWith("Not found among 1 position: ")
                .contains("an example where it fails")
                .contains("3 more questions");
        assertThat(draft().draft(SEVENTH, List.of(), List.of(), part -> {})).isEmpty();
    }

    @Test
    void questions_have_a_right_answer_and_no_more_than_is_needed_to_see_why() {
        Optional<Lesson> lesson = draft().draft(SEVENTH, List.of(QUIZ), List.of(), part -> {});
        assertThat(lesson).isPresent();
        List<LessonStep> asked = kind(lesson.get(), StepKind.ASK);
        assertThat(asked).hasSize(1);
        assertThat(asked.get(0).question().isComplete()).isTrue();
        // King and queen at once.
        assertThat(asked.get(0).question().reply("Nh6+").outcome()).isEqualTo(AnswerOutcome.RIGHT);
        for (Node node : asked.get(0).tree().nodes()) {
            assertThat(node.annotation().scheme().points()).isEmpty();
            assertThat(node.isRoot() || node.children().size() <= 1).isTrue();
        }
        assertThat(LessonCheck.of(lesson.get())).isEmpty();
    }

    private static MoveTree exercise(String title, String fen, String moves) {
        String pgn =
                "[ZpKind \"calculation\"]\n[ZpTitle \"%s\"]\n[ZpThemes \"back rank\"]\n[SetUp \"1\"]\n[FEN \"%s\"]\n\n%s *\n"
                        .formatted(title, fen, moves);
        return ((PgnEntry.Game) PgnReader.readAll(pgn).get(0)).tree();
    }

    @Test
    void a_lesson_of_exercises_shows_one_asks_three_and_sets_the_others() {
        List<MoveTree> exercises = new ArrayList<>();
        for (String file : List.of("a", "b", "c", "d", "e")) {
            String rank = (file.charAt(0) - 'a') + "R" + (7 - (file.charAt(0) - 'a'));
            exercises.add(
                    exercise(
                            "On " + file,
                            "6k1/5ppp/8/8/8/8/8/K7 w - - 0 1"
                                    .replace("/8/K7", "/" + rank.replace("0", "") + "/K7"),
                            "1. R" + file + "8# {[%zp.pts 5] Mate.}"));
        }
        LessonDraft.Theme theme =
                new LessonDraft.Theme("The back rank", "No air for the king", List.of("back rank"));
        Lesson lesson = draft().ofExercises(theme, exercises, part -> {}).orElseThrow();
        assertThat(lesson.steps())
                .extracting(LessonStep::kind)
                .containsSubsequence(
                        StepKind.SHOW, StepKind.ASK, StepKind.ASK, StepKind.ASK, StepKind.HOMEWORK);
        assertThat(lesson.steps().get(0).words()).isEqualTo("No air for the king.");
        assertThat(kind(lesson, StepKind.HOMEWORK).get(0).free().tag("ZpTitle")).isEqualTo("On e");
        LessonStep changed = kind(lesson, StepKind.WHAT_IF).get(0);
        assertThat(changed.beside().get(0).cells().get(0).becomes()).isEqualTo("works");
        assertThat(changed.beside().subList(1, changed.beside().size()))
                .isNotEmpty()
                .allMatch(b -> !b.cells().get(0).becomes().equals("works"));
        assertThat(draft().ofExercises(theme, List.of(), part -> {})).isEmpty();
    }

    @Test
    void what_is_open_is_no_homework() {
        List<MoveTree> drafts = new ArrayList<>();
        for (String said : List.of("", "", "", "Not settled: it changes.", "Read it twice.")) {
            drafts.add(
                    exercise(
                            "On a",
                            "6k1/5ppp/8/8/8/8/8/R6K w - - 0 1",
                            "{%s} 1. Ra8#".formatted(said)));
        }
        assertThat(LessonDraft.homework(List.of(), drafts))
                .extracting(LessonStep::words)
                .containsExactly("Read it twice.");
        MoveTree own = drafts.get(3);
        assertThat(LessonDraft.homework(List.of(own), List.of()))
                .as("what the coach has set stays")
                .hasSize(1);
    }

    @Test
    void a_draft_that_is_cancelled_gives_up() {
        cancellation.cancel();
        assertThatThrownBy(() -> draft().draft(SEVENTH, List.of(WON), List.of(), part -> {}))
                .isInstanceOf(CancellationException.class);
    }

    @Test
    void an_example_beyond_the_end_of_its_game_is_none() {
        assertThatThrownBy(() -> new Example(WON_TOO.game(), 99, Side.WHITE))
                .isInstanceOf(IllegalArgumentException.class);
    }

    private static List<LessonStep> kind(Lesson lesson, StepKind kind) {
        return lesson.steps().stream().filter(s -> s.kind() == kind).toList();
    }
}
