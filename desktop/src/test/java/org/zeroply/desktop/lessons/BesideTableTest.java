package org.zeroply.desktop.lessons;

import static org.assertj.core.api.Assertions.assertThat;
import static org.zeroply.desktop.work.Fx.run;

import java.util.List;
import java.util.stream.Collectors;
import javafx.scene.control.Label;
import org.junit.jupiter.api.Test;
import org.zeroply.coach.lesson.LessonStep;
import org.zeroply.coach.lesson.Slide;
import org.zeroply.desktop.work.ModelTest;
import org.zeroply.library.sheet.SheetStore;

/** What a class sees of a what-if table while it is told row by row. */
class BesideTableTest extends ModelTest {

    private static final String STEP =
            """
            [ZpLesson "Air"]
            [ZpStep "1 what-if"]
            [ZpBeside1 "6k1/5ppp/8/8/8/8/8/K3R3 w - - 0 1 | Re8 works | As it is: Re8#"]
            [ZpBeside2 "6k1/5pp1/7p/8/8/8/8/K3R3 w - - 0 1 | Re8 fails | With air: Re8+ Kh7"]
            [SetUp "1"]
            [FEN "6k1/5ppp/8/8/8/8/8/K3R3 w - - 0 1"]

            *
            """;

    private static List<String> seen(Slide slide) {
        BesideTable table = new BesideTable("room-table");
        run(() -> table.show(slide));
        return table.getChildren().stream()
                .map(n -> ((Label) n).getText())
                .collect(Collectors.toList());
    }

    @Test
    void a_row_that_is_not_told_yet_has_its_name_alone() {
        LessonStep step = new LessonStep(SheetStore.parseAll(STEP).get(0));
        List<Slide> slides = Slide.of(step);
        assertThat(seen(slides.get(0))).containsExactly("Re8", "As it is", "?", "With air", "?");
        assertThat(seen(slides.get(1)))
                .containsExactly("Re8", "As it is: Re8#", "works", "With air", "?");
        assertThat(seen(slides.get(2)))
                .containsExactly("Re8", "As it is: Re8#", "works", "With air: Re8+ Kh7", "fails");
    }
}
