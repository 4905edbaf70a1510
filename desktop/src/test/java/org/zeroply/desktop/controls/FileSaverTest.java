package org.zeroply.desktop.controls;

import static org.assertj.core.api.Assertions.assertThat;
import static org.zeroply.desktop.work.Fx.run;
import static org.zeroply.desktop.work.Fx.until;

import java.io.File;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import javafx.scene.layout.VBox;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.zeroply.desktop.work.Messages;
import org.zeroply.desktop.work.ModelTest;
import org.zeroply.library.report.Report;

/** What happens to files that are written from the window. */
class FileSaverTest extends ModelTest {

    @TempDir private Path out;

    private FileSaver saver;

    @BeforeEach
    void make() {
        run(() -> saver = new FileSaver(services, new VBox()));
    }

    private File file(String name) {
        return out.resolve(name).toFile();
    }

    @Test
    void a_text_is_written_and_can_be_opened_or_found() throws Exception {
        run(() -> saver.writeText(file("games.pgn"), () -> "1. e4 *\n"));
        until(() -> said().equals("Written to games.pgn."));
        assertThat(out.resolve("games.pgn")).hasContent("1. e4 *\n");
        assertThat(services.messages().latestProperty().get().orElseThrow().actions())
                .extracting(Messages.Action::name)
                .containsExactly("Open", "Show folder");
    }

    @Test
    void a_place_that_cannot_be_written_is_told_with_what_to_do() throws Exception {
        run(() -> saver.writeText(file("no/such/folder.pgn"), () -> "x"));
        until(() -> said().contains("could not be written"));
        assertThat(said()).contains("folder.pgn").endsWith("Choose another place.");
    }

    @Test
    void a_disk_that_fails_leaves_the_older_file_as_it_was() throws Exception {
        Files.writeString(out.resolve("games.pgn"), "older");
        run(
                () ->
                        saver.writeText(
                                file("games.pgn"),
                                () -> {
                                    throw new UncheckedIOException(
                                            new IOException("No space left on device"));
                                }));
        until(() -> said().contains("could not be written"));
        assertThat(out.resolve("games.pgn")).hasContent("older");
        try (var left = Files.list(out)) {
            assertThat(left).as("no part stays").hasSize(1);
        }
    }

    @Test
    void a_report_is_a_page_or_a_pdf_by_its_name() throws Exception {
        Report report =
                new Report(
                        "Week", "", List.of(new Report.Text("Back ranks", Report.Tone.PLAIN)), "");
        run(() -> saver.save(report, file("week.html")));
        until(() -> said().equals("Written to week.html."));
        assertThat(out.resolve("week.html")).content().contains("Back ranks", "</html>");
        run(() -> saver.save(report, file("week.pdf")));
        until(() -> said().equals("Written to week.pdf."));
        assertThat(Files.readAllBytes(out.resolve("week.pdf"))).startsWith('%', 'P', 'D', 'F');
    }
}
