package org.zeroply.cli.lesson;

import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.IOException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.Callable;
import org.zeroply.cli.console.Output;
import org.zeroply.cli.console.ReportFile;
import org.zeroply.coach.lesson.Lesson;
import org.zeroply.library.report.LessonHandout;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;

/** The command {@code lesson handout}. */
@Command(
        name = "handout",
        description =
                "Writes lessons to be taken home: a PDF with questions and one with solutions, or a"
                        + " page that plays the lines in any browser.")
final class LessonHandoutCommand implements Callable<Integer> {

    @Mixin private Output output;

    @Parameters(paramLabel = "LESSON.pgn")
    private Path file;

    @Option(names = "--out", required = true, paramLabel = "FILE.pdf|FILE.html")
    private Path out;

    @Override
    public Integer call() throws IOException {
        ReportFile.check(out);
        List<Lesson> lessons = LessonInput.read(file);
        List<Path> files = new ArrayList<>();
        for (int i = 0; i < lessons.size(); i++) {
            Path at = ReportFile.numbered(out, i + 1, lessons.size() > 1);
            files.addAll(new LessonHandout(lessons.get(i)).write(at));
        }
        ObjectNode document = Output.document();
        ArrayNode written = document.putArray("files");
        files.forEach(f -> written.add(f.toString()));
        output.print(document, text -> files.forEach(f -> text.println("Written to " + f)));
        return 0;
    }
}
