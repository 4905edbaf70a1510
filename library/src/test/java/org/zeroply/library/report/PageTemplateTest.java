package org.zeroply.library.report;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import com.samskivert.mustache.MustacheException;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;

class PageTemplateTest {

    private static Map<String, Object> page(Object... blocks) {
        return Map.of(
                "title", "a < b & c",
                "subtitle", "",
                "faces", "",
                "style", "p > i{}",
                "blocks", List.of(blocks),
                "foot", "\"f\"");
    }

    @Test
    void a_text_is_written_out_and_a_style_is_not() {
        assertThat(PageTemplate.of("report.html").filled(page()))
                .contains("<title>a &lt; b &amp; c</title>", "<h1>a &lt; b &amp; c</h1>")
                .contains("<style>p > i{}</style>")
                .contains("<footer>&quot;f&quot;</footer>");
    }

    @Test
    void a_block_is_set_by_the_part_of_its_name_alone() {
        Map<String, ?> heading = Map.of("heading", Map.of("text", "Openings"));
        Map<String, ?> words = Map.of("paragraph", Map.of("tone", "coach", "text", "Look"));
        assertThat(PageTemplate.of("report.html").filled(page(heading, words)))
                .contains("<h2>Openings</h2>\n<p class=\"coach\">Look</p>")
                .doesNotContain("<section", "<table", "<div");
    }

    @Test
    void a_gap_without_a_value_is_no_page() {
        assertThatThrownBy(() -> PageTemplate.of("report.html").filled(Map.of("title", "t")))
                .isInstanceOf(MustacheException.class)
                .hasMessageContaining("faces");
    }
}
