package org.zeroply.cli.lesson;

import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.IOException;
import java.io.PrintWriter;
import java.nio.file.Path;
import java.util.List;
import java.util.concurrent.Callable;
import org.zeroply.chess.notation.Counted;
import org.zeroply.cli.console.Output;
import org.zeroply.coach.lesson.Lesson;
import org.zeroply.coach.lesson.LessonCheck;
import org.zeroply.coach.lesson.LessonStep;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Parameters;

/** The command {@code lesson check}. */
@Command(name = "check", description = "Lists the steps of lessons, and what they still lack.")
final class LessonCheckCommand implements Callable<Integer> {

    @Mixin private Output output;

    @Parameters(paramLabel = "LESSON.pgn")
    private Path file;

    @Override
    public Integer call() throws IOException {
        List<Lesson> lessons = LessonInput.read(file);
        ObjectNode document = Output.document();
        ArrayNode all = document.putArray("lessons");
        for (Lesson lesson : lessons) {
            ObjectNode node = all.addObject().put("title", lesson.title());
            LessonInput.steps(lesson, node.putArray("steps"));
            ArrayNode remarks = node.putArray("remarks");
            LessonCheck.of(lesson)
                    .forEach(
                            r ->
                                    remarks.addObject()
                                            .put("step", r.place() + 1)
                                            .put("text", r.text()));
        }
        output.print(document, out -> lessons.forEach(l -> print(out, l)));
        return 0;
    }

    private static void print(PrintWriter out, Lesson lesson) {
        out.println(
                lesson.title()
                        + ": "
                        + Counted.of(lesson.steps().size(), "step")
                        + ", "
                        + Counted.of(lesson.questions(), "question"));
        List<LessonCheck.Remark> remarks = LessonCheck.of(lesson);
        for (int i = 0; i < lesson.steps().size(); i++) {
            LessonStep step = lesson.steps().get(i);
            out.println("  " + (i + 1) + "  " + step.kind().words() + "  " + step.title());
            int place = i;
            remarks.stream()
                    .filter(r -> r.place() == place)
                    .forEach(r -> out.println("     ! " + r.text()));
        }
    }
}
