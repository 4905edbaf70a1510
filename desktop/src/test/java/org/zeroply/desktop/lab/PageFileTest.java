package org.zeroply.desktop.lab;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.awt.image.BufferedImage;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import javax.imageio.ImageIO;
import org.apache.pdfbox.Loader;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class PageFileTest {

    private static final BufferedImage PAGE =
            new BufferedImage(595, 842, BufferedImage.TYPE_INT_RGB);

    @TempDir private Path folder;

    @Test
    void a_page_is_a_picture_or_a_sheet_of_paper_by_its_name() throws IOException {
        Path picture = folder.resolve("note.PNG");
        PageFile.write(PAGE, picture.toFile());
        assertThat(ImageIO.read(picture.toFile()).getWidth()).isEqualTo(595);
        Path paper = folder.resolve("note.pdf");
        PageFile.write(PAGE, paper.toFile());
        try (var document = Loader.loadPDF(paper.toFile())) {
            assertThat(document.getNumberOfPages()).isEqualTo(1);
            assertThat(document.getPage(0).getMediaBox().getHeight()).isBetween(841f, 843f);
        }
        try (var files = Files.list(folder)) {
            assertThat(files).as("no part stays").hasSize(2);
        }
    }

    @Test
    void a_place_that_cannot_be_written_leaves_what_was_there() throws IOException {
        assertThatThrownBy(() -> PageFile.write(PAGE, folder.resolve("no/note.pdf").toFile()))
                .isInstanceOf(IOException.class);
        Path older = Files.writeString(folder.resolve("note.pdf"), "older");
        Files.createDirectories(folder.resolve("note.pdf.part/full"));
        assertThatThrownBy(() -> PageFile.write(PAGE, older.toFile()))
                .isInstanceOf(IOException.class);
        assertThat(older).hasContent("older");
    }
}
