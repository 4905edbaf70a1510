package org.zeroply.desktop.lab;

import java.awt.image.BufferedImage;
import java.io.File;
import java.io.IOException;
import java.util.Locale;
import javax.imageio.ImageIO;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.pdmodel.graphics.image.LosslessFactory;
import org.zeroply.library.database.WholeFile;

/** A drawn page as a file. */
final class PageFile {

    private PageFile() {}

    /**
     * Writes a page in the proportions of A4.
     *
     * @param file its name ends in {@code .png} for a picture; otherwise a PDF is written
     * @throws IOException if it cannot be written; an older file is as it was
     */
    static void write(BufferedImage page, File file) throws IOException {
        boolean picture = file.getName().toLowerCase(Locale.ROOT).endsWith(".png");
        WholeFile.write(
                file.toPath(),
                part -> {
                    if (picture) {
                        ImageIO.write(page, "png", part.toFile());
                    } else {
                        writePdf(page, part.toFile());
                    }
                });
    }

    private static void writePdf(BufferedImage page, File file) throws IOException {
        try (PDDocument document = new PDDocument()) {
            PDPage sheet = new PDPage(PDRectangle.A4);
            document.addPage(sheet);
            var image = LosslessFactory.createFromImage(document, page);
            try (var content = new PDPageContentStream(document, sheet)) {
                float width = PDRectangle.A4.getWidth();
                float height = PDRectangle.A4.getHeight();
                content.drawImage(image, 0, 0, width, height);
            }
            document.save(file);
        }
    }
}
