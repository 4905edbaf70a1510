package org.zeroply.desktop.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.charset.StandardCharsets;
import java.util.Base64;
import java.util.List;
import java.util.Optional;
import javafx.geometry.Rectangle2D;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.zeroply.desktop.work.WindowMemory;

class LooksTest {

    private final WindowMemory memory = new WindowMemory(Optional.empty());

    @Test
    void larger_text_scales_every_size_of_type_and_nothing_else() {
        String uri = Looks.sheet(150);
        String css =
                new String(
                        Base64.getDecoder().decode(uri.substring(uri.indexOf(',') + 1)),
                        StandardCharsets.UTF_8);
        assertThat(css)
                .contains("-fx-font-size: 21.0px;")
                .contains("-fx-cell-size: 39.0")
                .doesNotContain("-fx-font-size: 14px")
                .contains("-fx-padding: 4 10 4 10;");
    }

    @Test
    void steps_stay_within_the_sizes_and_are_remembered() {
        Looks looks = new Looks(memory);
        for (int i = 0; i < 20; i++) {
            looks.step(1);
        }
        assertThat(looks.percent()).isEqualTo(200);
        assertThat(new Looks(memory).percent()).isEqualTo(200);
        looks.step(0);
        assertThat(looks.percent()).isEqualTo(100);
        for (int i = 0; i < 20; i++) {
            looks.step(-1);
        }
        assertThat(looks.percent()).isEqualTo(90);
    }

    @Test
    void a_light_or_size_that_is_not_known_is_as_usual() {
        memory.put("light", "MOON");
        memory.put("text", "117");
        Looks looks = new Looks(memory);
        assertThat(looks.light()).isEqualTo(Looks.Light.PAPER);
        assertThat(looks.percent()).isEqualTo(100);
    }

    /**
     * A window as it was, and where it goes with a screen of 1920x1040 and one of 1280x1024 at its
     * right.
     */
    @ParameterizedTest
    @CsvSource({
        "100, 50, 1280, 800,      100, 50, 1280, 800, it stays where it was",
        "2000, 100, 1200, 900,    2000, 100, 1200, 900, also on the second screen",
        "5000, 100, 1280, 800,    640, 100, 1280, 800, a screen that is gone",
        "-900, -900, 1280, 800,   0, 0, 1280, 800, above and left of everything",
        "300, 200, 3000, 2000,    0, 0, 1920, 1040, larger than the screen",
        "1000, 700, 1280, 800,    640, 240, 1280, 800, its foot below the screen"
    })
    void a_window_comes_back_where_it_can_be_seen(
            double x,
            double y,
            double width,
            double height,
            double atX,
            double atY,
            double atWidth,
            double atHeight,
            String what) {
        Rectangle2D at =
                WindowState.fitted(
                        new Rectangle2D(x, y, width, height),
                        List.of(
                                new Rectangle2D(0, 0, 1920, 1040),
                                new Rectangle2D(1920, 0, 1280, 1024)));
        assertThat(at).as(what).isEqualTo(new Rectangle2D(atX, atY, atWidth, atHeight));
    }

    @ParameterizedTest
    @CsvSource({
        "Remove the chosen games, games remove, true",
        "Remove the chosen games, REM CHO, true",
        "Remove the chosen games, remove student, false",
        "Students: New student, '', true"
    })
    void a_command_is_found_by_any_of_its_words(String name, String typed, boolean found) {
        assertThat(CommandPane.fits(name, typed)).isEqualTo(found);
    }
}
