package org.zeroply.workshop.command;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.PrintWriter;
import java.io.StringWriter;
import java.nio.file.NoSuchFileException;
import java.util.List;
import java.util.concurrent.Callable;
import org.junit.jupiter.api.Test;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Option;

class CommandGroupTest {

    private final StringWriter out = new StringWriter();
    private final StringWriter err = new StringWriter();

    /** Does what it is told to. */
    @Command(name = "act")
    private static final class Act implements Callable<Integer> {

        @Mixin private Answer answer;

        @Option(names = "--how")
        private String how = "well";

        @Override
        public Integer call() throws IOException {
            switch (how) {
                case "refused" -> throw new Refusal("It is Sunday.");
                case "gone" -> throw new NoSuchFileException("games.pgn");
                case "broken" -> throw new IllegalStateException("a fault of ours");
                default -> answer.print(Answer.document().put("how", how), "done " + how);
            }
            answer.progress("going on");
            return 0;
        }
    }

    private int run(String... words) {
        return CommandGroup.run(
                List.of(new Act()), new PrintWriter(out), new PrintWriter(err), words);
    }

    @Test
    void an_answer_is_text_or_one_document_and_progress_stands_beside_it() {
        assertThat(run("act")).isZero();
        assertThat(out.toString()).isEqualToIgnoringNewLines("done well");
        assertThat(err.toString()).isEqualToIgnoringNewLines("going on");
        out.getBuffer().setLength(0);
        assertThat(run("act", "--json")).isZero();
        assertThat(out.toString()).isEqualToIgnoringWhitespace("{\"how\" : \"well\"}");
    }

    @Test
    void what_is_refused_ends_with_1_and_the_reason() {
        assertThat(run("act", "--how", "refused")).isEqualTo(1);
        assertThat(err.toString()).isEqualToIgnoringNewLines("zeroply: It is Sunday.");
        assertThat(out.toString()).isEmpty();
    }

    @Test
    void a_missing_file_is_told_in_a_sentence() {
        assertThat(run("act", "--how", "gone")).isEqualTo(1);
        assertThat(err.toString()).contains("The file games.pgn does not exist.");
    }

    @Test
    void wrong_usage_ends_with_2() {
        assertThat(run("act", "--why")).isEqualTo(2);
        assertThat(run()).isEqualTo(2);
        assertThat(run("other")).isEqualTo(2);
        assertThat(out.toString()).isEmpty();
    }

    @Test
    void a_fault_of_ours_is_not_called_a_refusal() {
        assertThat(run("act", "--how", "broken")).isEqualTo(1);
        assertThat(err.toString()).contains("IllegalStateException", "a fault of ours");
    }
}
