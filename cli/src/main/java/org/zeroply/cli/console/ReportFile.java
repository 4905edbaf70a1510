package org.zeroply.cli.console;

import java.io.IOException;
import java.nio.file.Path;
import java.util.Locale;
import java.util.Set;
import org.zeroply.library.report.Report;
import org.zeroply.library.report.ReportWriter;

/** Writes reports to files, by the ending of their names. */
public final class ReportFile {

    private ReportFile() {}

    /**
     * Writes a PDF for {@code .pdf} and a page for {@code .html}.
     *
     * @throws BadInputException for any other ending
     */
    public static void write(Report report, Path file) throws IOException {
        check(file);
        ReportWriter.write(report, file);
    }

    /**
     * Looks at the name before the work begins.
     *
     * @throws BadInputException for any other ending
     */
    public static void check(Path file) {
        if (!Set.of("pdf", "html", "htm").contains(ending(file))) {
            throw new BadInputException(file + ": a report ends in .pdf or .html.");
        }
    }

    private static String ending(Path file) {
        String name = file.getFileName().toString().toLowerCase(Locale.ROOT);
        return name.substring(name.lastIndexOf('.') + 1);
    }

    /** The file for one of several reports: {@code report-2.pdf}. */
    public static Path numbered(Path file, int number, boolean several) {
        return several ? ReportWriter.beside(file, String.valueOf(number)) : file;
    }
}
