package org.zeroply.cli;

import java.io.IOException;
import java.io.OutputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Locale;
import org.zeroply.library.print.HtmlReport;
import org.zeroply.library.print.PdfReport;
import org.zeroply.library.print.Report;

/** Writes reports to files, by the ending of their names. */
final class ReportFile {

    private ReportFile() {}

    /**
     * Writes a PDF for {@code .pdf} and a page for {@code .html}.
     *
     * @throws BadInputException for any other ending
     */
    static void write(Report report, Path file) throws IOException {
        String name = file.getFileName().toString().toLowerCase(Locale.ROOT);
        if (name.endsWith(".pdf")) {
            try (OutputStream out = Files.newOutputStream(file)) {
                PdfReport.write(report, out);
            }
        } else if (name.endsWith(".html") || name.endsWith(".htm")) {
            Files.writeString(file, HtmlReport.write(report));
        } else {
            throw new BadInputException(file + ": a report ends in .pdf or .html.");
        }
    }

    /** The file for one of several reports: {@code report-2.pdf}. */
    static Path numbered(Path file, int number, boolean several) {
        String name = file.getFileName().toString();
        int dot = name.lastIndexOf('.');
        return several && dot >= 0
                ? file.resolveSibling(name.substring(0, dot) + "-" + number + name.substring(dot))
                : file;
    }
}
