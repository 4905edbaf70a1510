package org.zeroply.engine.protocol;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.StringReader;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;

class BoundedLinesTest {

    private static List<String> lines(String text, int longest) throws IOException {
        List<String> lines = new ArrayList<>();
        try (BoundedLines in = new BoundedLines(new StringReader(text), longest)) {
            for (String line = in.next(); line != null; line = in.next()) {
                lines.add(line);
            }
        }
        return lines;
    }

    @Test
    void lines_end_as_on_any_system_and_the_last_one_with_the_text() throws IOException {
        assertThat(lines("a\nb\r\n\nlast", 10)).containsExactly("a", "b", "", "last");
        assertThat(lines("", 10)).isEmpty();
    }

    @Test
    void what_is_too_long_is_cut_and_the_next_line_is_whole() throws IOException {
        assertThat(lines("123456789\nabc\n12345", 5)).containsExactly("12345", "abc", "12345");
    }
}
