package org.zeroply.cli.console;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.PrintWriter;
import java.io.StringWriter;
import java.util.List;
import org.junit.jupiter.api.Test;

class TextTableTest {

    @Test
    void words_stand_left_and_numbers_right_in_columns_as_wide_as_needed() {
        TextTable table =
                new TextTable("lr")
                        .row("move", "games", "score")
                        .row("e4", 1200, "54%")
                        .row("Nf3", 7, "100%");
        assertThat(table.lines())
                .containsExactly(
                        "move  games  score", //
                        "e4     1200    54%",
                        "Nf3       7   100%");
    }

    @Test
    void rows_may_be_short_and_lines_have_no_blanks_at_their_ends() {
        TextTable table = new TextTable("l").row("", List.of("a", "b")).row("long name").row("x");
        assertThat(table.lines()).containsExactly("           a  b", "long name", "x");
    }

    @Test
    void every_line_is_indented_but_for_empty_ones() {
        StringWriter text = new StringWriter();
        new TextTable("l").row("a").row("").print(new PrintWriter(text, true), "  ");
        assertThat(text.toString().lines()).containsExactly("  a", "");
        assertThat(new TextTable("l").lines()).isEmpty();
    }
}
