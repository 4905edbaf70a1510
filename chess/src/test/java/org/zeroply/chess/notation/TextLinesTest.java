package org.zeroply.chess.notation;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;

class TextLinesTest {

    private static List<String> lines(InputStream in) throws IOException {
        List<String> lines = new ArrayList<>();
        try (TextLines text = new TextLines(in)) {
            for (String line = text.next(); line != null; line = text.next()) {
                lines.add(line);
            }
        }
        return lines;
    }

    private static List<String> lines(byte[] bytes) throws IOException {
        return lines(new ByteArrayInputStream(bytes));
    }

    /** Gives a few bytes at a time, as slow streams do. */
    private static InputStream slow(byte[] bytes, int most) {
        return new ByteArrayInputStream(bytes) {
            @Override
            public synchronized int read(byte[] into, int offset, int length) {
                return super.read(into, offset, Math.min(length, most));
            }
        };
    }

    @Provide
    Arbitrary<String> texts() {
        return Arbitraries.of("a", "b", "é", "♘", "\n", "\r", "\r\n", " ")
                .list()
                .ofMaxSize(40)
                .map(l -> String.join("", l));
    }

    /** The platform's reader knows the same three line ends. */
    @Property(tries = 500)
    void lines_are_cut_at_any_line_end_however_the_stream_comes(
            @ForAll("texts") String text, @ForAll @IntRange(min = 1, max = 5) int most)
            throws IOException {
        byte[] bytes = text.getBytes(StandardCharsets.UTF_8);
        assertThat(lines(slow(bytes, most))).isEqualTo(text.lines().toList());
    }

    @Test
    void a_line_that_is_no_utf_8_is_windows_1252_and_the_next_one_is_read_for_itself()
            throws IOException {
        byte[] first = {'M', (byte) 0xFC, 'l', 'l', 'e', 'r', (byte) 0x96, '\n'};
        byte[] second = "Müller\n".getBytes(StandardCharsets.UTF_8);
        byte[] both = Arrays.copyOf(first, first.length + second.length);
        System.arraycopy(second, 0, both, first.length, second.length);
        assertThat(lines(both)).containsExactly("Müller–", "Müller");
    }

    @Test
    void a_line_longer_than_every_buffer_is_whole() throws IOException {
        String line = "é".repeat(100_000);
        assertThat(lines((line + "\nend").getBytes(StandardCharsets.UTF_8)))
                .containsExactly(line, "end");
    }

    @Test
    void byte_order_marks_are_dropped() throws IOException {
        assertThat(lines("\uFEFFa\nb\uFEFF".getBytes(StandardCharsets.UTF_8)))
                .containsExactly("a", "b");
    }
}
