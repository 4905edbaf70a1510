package org.zeroply.library.report;

import java.io.IOException;
import java.io.OutputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Locale;
import org.zeroply.library.database.WholeFile;

/** Writes reports to files. */
public final class ReportWriter {

    private ReportWriter() {}

    /** A file beside another one: {@code report-solutions.pdf}. */
    public static Path beside(Path file, String addition) {
        String name = file.getFileName().toString();
        int dot = name.lastIndexOf('.') < 0 ? name.length() : name.lastIndexOf('.');
        return file.resolveSibling(name.substring(0, dot) + "-" + addition + name.substring(dot));
    }

    /**
     * Writes all of a report or nothing: a page when the name ends in {@code .html} or {@code
     * .htm}, else a PDF.
     *
     * @throws IOException if the file cannot be written
     */
    public static void write(Report report, Path file) throws IOException {
        String name = file.getFileName().toString().toLowerCase(Locale.ROOT);
        if (name.endsWith(".html") || name.endsWith(".htm")) {
            WholeFile.writeText(file, HtmlReport.write(report));
        } else {
            WholeFile.write(file, part -> writePdf(report, part));
        }
    }

    private static void writePdf(Report report, Path file) throws IOException {
        try (OutputStream out = Files.newOutputStream(file)) {
            PdfReport.write(report, out);
        }
    }
}
