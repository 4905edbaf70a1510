package org.zeroply.coach.training.drill;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.Side;
import org.zeroply.chess.notation.PgnEntry;
import org.zeroply.chess.notation.PgnReader;
import org.zeroply.chess.notation.San;
import org.zeroply.chess.tree.Approach;
import org.zeroply.coach.repertoire.MadeUp;
import org.zeroply.coach.repertoire.Repertoire;
import org.zeroply.coach.repertoire.Replies;
import org.zeroply.coach.repertoire.Shares;

class DrillTest {

    private static final long TODAY = 20_000;

    private static final String BLACK =
            """
            [Event "Against the queen's pawn"]
            [ZpSide "black"]

            1. d4 d5 {[%zp.idea Hold the centre.]} 2. c4 (2. Nf3 Nf6 (2... c5 {[%zp.approach sharp]
            [%zp.idea Open the c-file.]})) 2... e6 {[%zp.main] [%zp.must] [%zp.card IF move dxc4
            possible AND white bishop on d3 THEN play dxc4: it costs a move] [%zp.card IF white castled THEN
            castle too]} 3. Nc3 Nf6 *
            """;

    /** Memory that holds what it is given. */
    static final class Notebook implements Memory {
        final Map<String, Recall> kept = new HashMap<>();

        @Override
        public Optional<Recall> of(String key) {
            return Optional.ofNullable(kept.get(key));
        }

        @Override
        public void keep(String key, Recall recall) {
            kept.put(key, recall);
        }
    }

    private final Notebook memory = new Notebook();

    private static Repertoire repertoire(String pgn) {
        return Repertoire.of(
                PgnReader.readAll(pgn).stream().map(e -> ((PgnEntry.Game) e).tree()).toList());
    }

    private Drill drill(Repertoire repertoire, Optional<Approach> school, long day) {
        return new Drill(
                repertoire,
                Questions.of(repertoire, school),
                new Shares(Replies.NONE),
                memory,
                day,
                new Random(1),
                q -> true);
    }

    private static Drill.Outcome right(Drill drill) {
        Question asked = drill.question().orElseThrow();
        return asked instanceof Question.WhichMove m
                ? drill.answer(m.move())
                : drill.answer(asked.answer());
    }

    /** Answers everything rightly until nothing is left, and gives what was asked. */
    private static Set<String> learnAll(Drill drill) {
        Set<String> asked = new HashSet<>();
        while (drill.begin()) {
            while (drill.question().isPresent()) {
                assertThat(asked.add(drill.question().get().key())).isTrue();
                assertThat(right(drill)).isEqualTo(Drill.Outcome.RIGHT);
            }
        }
        return asked;
    }

    @Property(tries = 20)
    void every_question_is_asked_once_and_then_nothing_is_due(
            @ForAll @IntRange(max = 10_000) int seed, @ForAll Side side) {
        Repertoire made = Repertoire.of(List.of(MadeUp.chapter(side, 120, 3, seed)));
        Notebook book = new Notebook();
        Questions questions = Questions.of(made, Optional.empty());
        Drill drill =
                new Drill(
                        made,
                        questions,
                        new Shares(Replies.NONE),
                        book,
                        TODAY,
                        new Random(seed),
                        q -> true);
        assertThat(learnAll(drill))
                .hasSameSizeAs(questions.all())
                .containsAll(questions.all().stream().map(Question::key).toList());
        assertThat(DrillProgress.of(questions.all(), book, TODAY).due()).isZero();
        assertThat(DrillProgress.of(questions.all(), book, TODAY + 1).due())
                .isEqualTo(questions.all().size());
    }

    @Test
    void moves_plans_and_cards_are_asked() {
        Repertoire black = repertoire(BLACK);
        Set<String> asked = learnAll(drill(black, Optional.empty(), TODAY));
        assertThat(asked).filteredOn(k -> k.startsWith("move")).hasSize(4);
        assertThat(asked).filteredOn(k -> k.startsWith("plan")).hasSize(1);
        assertThat(asked).filteredOn(k -> k.startsWith("card")).hasSize(2);
        assertThat(learnAll(drill(black, Optional.of(Approach.SHARP), TODAY)))
                .as("the sharp move and its plan, and nothing that was learnt already")
                .hasSize(2);
    }

    @Test
    void a_wrong_move_is_tried_again_then_shown_and_comes_again_in_the_same_session() {
        Repertoire black = repertoire(BLACK);
        Drill drill = drill(black, Optional.empty(), TODAY);
        drill.begin();
        Question.WhichMove first = (Question.WhichMove) drill.question().orElseThrow();
        assertThat(first.idea()).contains("Hold the centre.");
        Move wrong = san(drill, "a6");
        assertThat(drill.answer(wrong)).isEqualTo(Drill.Outcome.WRONG);
        assertThat(memory.of(first.key())).isEmpty();
        assertThat(drill.answer(wrong)).isEqualTo(Drill.Outcome.SHOWN);
        drill.goOn();
        assertThat(memory.of(first.key()).orElseThrow().dueDay()).isEqualTo(TODAY + 1);
        while (drill.question().isPresent()) {
            right(drill);
        }
        assertThat(drill.begin()).isTrue();
        assertThat(drill.question().orElseThrow().key()).isEqualTo(first.key());
        right(drill);
        assertThat(memory.of(first.key()).orElseThrow())
                .as("what came again does not count twice")
                .satisfies(r -> assertThat(r.asked()).isEqualTo(1))
                .satisfies(r -> assertThat(r.repetitions()).isZero());
    }

    @Test
    void a_move_for_the_other_school_is_not_a_mistake() {
        Repertoire black = repertoire(BLACK);
        Drill drill = drill(black, Optional.empty(), TODAY);
        boolean met = false;
        while (drill.begin()) {
            while (drill.question().isPresent()) {
                if (drill.spot().line().equals("1.d4 d5 2.Nf3")) {
                    assertThat(drill.answer(san(drill, "c5"))).isEqualTo(Drill.Outcome.ANOTHER);
                    met = true;
                }
                right(drill);
            }
        }
        assertThat(met).isTrue();
        assertThat(drill.right()).isEqualTo(drill.answered());
    }

    @Test
    void a_changed_line_falls_due() {
        learnAll(drill(repertoire(BLACK), Optional.empty(), TODAY));
        Repertoire changed = repertoire(BLACK.replace("3. Nc3 Nf6", "3. Nc3 c5"));
        assertThat(learnAll(drill(changed, Optional.empty(), TODAY)))
                .singleElement()
                .satisfies(k -> assertThat(k).startsWith("move"));
    }

    @Test
    void intervals_grow_as_published_and_begin_anew_when_forgotten() {
        Recall recall = Recall.fresh("e2e4");
        long day = TODAY;
        int[] expected = {1, 6, 17, 48};
        for (int interval : expected) {
            recall = recall.after(Recall.Grade.RIGHT, day);
            assertThat(recall.interval()).isEqualTo(interval);
            assertThat(recall.known(day)).isEqualTo(1);
            day = recall.dueDay();
            assertThat(recall.known(day)).isEqualTo(0.9);
        }
        Recall forgotten = recall.after(Recall.Grade.SHOWN, day);
        assertThat(forgotten.interval()).isEqualTo(1);
        assertThat(forgotten.easiness()).isEqualTo(recall.easiness());
        assertThat(recall.after(Recall.Grade.WITH_HELP, day).easiness())
                .isLessThan(recall.easiness());
    }

    private static Move san(Drill drill, String text) {
        try {
            return San.read(drill.spot().position(), text);
        } catch (org.zeroply.chess.notation.NotationException e) {
            throw new AssertionError(e);
        }
    }
}
