package org.zeroply.library.report;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Path;
import java.util.Arrays;
import java.util.List;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.zeroply.chess.board.Position;
import org.zeroply.coach.lesson.Lesson;
import org.zeroply.coach.lesson.LessonStep;
import org.zeroply.coach.lesson.StepKind;

/** The page of a lesson in a real browser: its lines are played, and its board is read. */
@Tag("slow")
class LessonWebPageTest {

    @TempDir Path folder;

    @BeforeEach
    void browser() throws Exception {
        Browser.assumeThere(folder);
    }

    /** Does something in the page, and gives what the script says there, a row each. */
    private List<String> after(Lesson lesson, String script) throws Exception {
        String page =
                LessonWebPage.write(lesson)
                        .replace(
                                "</body>",
                                """
                                <script>
                                const rows = [];
                                const key = name => document.dispatchEvent(
                                    new KeyboardEvent('keydown', {key: name, bubbles: true}));
                                const press = id => document.getElementById(id).click();
                                const text = id => document.getElementById(id).textContent;
                                const men = () => document.querySelector('.board').dataset.men;
                                %s
                                const out = document.createElement('pre');
                                out.id = 'out';
                                out.textContent = 'BEGIN\\n' + rows.join('\\n') + '\\nEND';
                                document.body.appendChild(out);
                                </script></body>"""
                                        .formatted(script));
        String dom = Browser.opened(page, folder);
        int from = dom.lastIndexOf(">BEGIN\n") + 7;
        return Arrays.asList(dom.substring(from, dom.indexOf("\nEND", from)).split("\n"));
    }

    @Test
    void lines_are_played_by_keys_and_the_board_follows() throws Exception {
        assertThat(
                        after(
                                LessonHandoutTest.lesson(),
                                """
                                rows.push(men(), text('words'), text('step'));
                                key('ArrowRight');
                                rows.push(men(), text('lines'));
                                key('ArrowLeft');
                                rows.push(men());
                                key('End');
                                rows.push(men().slice(0, 8));
                                key('PageDown');
                                rows.push(text('step'), text('prompt'));
                                """))
                .containsExactly(
                        "......k......ppp" + ".".repeat(40) + "K...R...",
                        "Look at the eighth rank.",
                        "Step 1 of 6",
                        "....R.k......ppp" + ".".repeat(40) + "K.......",
                        "1.Re8#",
                        "......k......ppp" + ".".repeat(40) + "K...R...",
                        "....R.k.",
                        "Step 2 of 6",
                        "White to move. What would you play?");
    }

    @Test
    void an_answer_is_told_what_it_is_before_anything_is_shown() throws Exception {
        assertThat(
                        after(
                                LessonHandoutTest.lesson(),
                                """
                                document.querySelectorAll('#steps button')[1].click();
                                const say = move => {
                                  document.getElementById('answer').value = move;
                                  document.querySelector('.answer button').click();
                                  rows.push(text('told'));
                                };
                                say('Rd8'); say('f3'); say('h4');
                                rows.push(text('next'), text('lines'));
                                press('next');
                                rows.push(text('lines'), text('words'));
                                document.querySelectorAll('#steps button')[2].click();
                                document.querySelectorAll('.choice')[0].click();
                                rows.push(text('told'));
                                """))
                .containsExactly(
                        "right: Rxd8#. Mate at once.",
                        "tempting, but wrong: f3. It waits.",
                        "That is not it.",
                        "Show the answer",
                        "",
                        "1.Rxd8#",
                        "Mate at once.",
                        "right: Make air. A pawn one step is enough.");
    }

    @Test
    void positions_stand_side_by_side_and_the_notes_of_the_coach_stay_at_home() throws Exception {
        assertThat(LessonWebPage.write(LessonHandoutTest.lesson())).doesNotContain("secret");
        assertThat(
                        after(
                                LessonHandoutTest.lesson(),
                                """
                                document.querySelectorAll('#steps button')[3].click();
                                rows.push(document.querySelectorAll('.board').length);
                                press('next');
                                rows.push(text('changed'));
                                document.querySelectorAll('#steps button')[5].click();
                                rows.push(text('prompt'), document.getElementById('next').disabled);
                                """))
                .containsExactly("2", "With air", "Homework: Find the mate.", "true");
    }

    @Test
    void what_is_typed_stays_text() throws Exception {
        String hostile =
                "</script><script>document.title='taken'</script><img src=x onerror=alert(1)>";
        LessonStep step =
                LessonStep.of(StepKind.ASK, Position.START)
                        .with(LessonStep.TITLE, hostile)
                        .with("ZpPrompt", hostile)
                        .with(LessonStep.ASKED, "plan")
                        .numbered(LessonStep.CHOICE, List.of("right: " + hostile));
        List<String> rows =
                after(
                        new Lesson(hostile, List.of(step)),
                        "rows.push(document.title === 'taken', document.querySelectorAll('img').length,"
                                + " document.querySelectorAll('.choice').length);");
        assertThat(rows).containsExactly("false", "0", "1");
    }
}
