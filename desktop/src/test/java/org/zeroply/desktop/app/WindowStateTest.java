package org.zeroply.desktop.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Arrays;
import java.util.List;
import javafx.geometry.Rectangle2D;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class WindowStateTest {

    /** Places as x, y, width and height in pixels; the first screen is the main one. */
    @ParameterizedTest(name = "{0}")
    @CsvSource({
        "as it was,               100 50 1280 800,   0 0 1920 1080,                  100 50 1280 800",
        "on the second screen,    2000 50 1280 800,  0 0 1920 1080; 1920 0 1600 900, 2000 50 1280 800",
        "its screen is gone,      2000 50 1280 800,  0 0 1920 1080,                  640 50 1280 800",
        "its screen is smaller,   100 50 1900 1000,  0 0 1366 768,                   0 0 1366 768",
        "left of the main screen, -1500 80 1280 800, 0 0 1920 1080; -1600 0 1600 900, -1500 80 1280 800",
        "over the right edge,     1700 50 1280 800,  0 0 1920 1080,                  640 50 1280 800",
        "its title out of reach,  100 1060 1280 800, 0 0 1920 1080,                  100 280 1280 800"
    })
    void a_window_is_put_where_it_can_be_taken_hold_of(
            String why, String kept, String screens, String expected) {
        List<Rectangle2D> there =
                Arrays.stream(screens.split(";")).map(WindowStateTest::place).toList();
        assertThat(WindowState.fitted(place(kept), there)).isEqualTo(place(expected));
    }

    private static Rectangle2D place(String text) {
        double[] n =
                Arrays.stream(text.strip().split(" ")).mapToDouble(Double::parseDouble).toArray();
        return new Rectangle2D(n[0], n[1], n[2], n[3]);
    }
}
