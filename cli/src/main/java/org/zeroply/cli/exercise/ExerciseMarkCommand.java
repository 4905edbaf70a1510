package org.zeroply.cli.exercise;

import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.IOException;
import java.io.PrintWriter;
import java.nio.file.Path;
import java.util.Locale;
import java.util.Optional;
import java.util.concurrent.Callable;
import org.zeroply.cli.console.CacheFolder;
import org.zeroply.cli.console.Output;
import org.zeroply.coach.exercise.marking.LineChecker;
import org.zeroply.coach.exercise.marking.MarkedSheet;
import org.zeroply.coach.exercise.marking.Marker;
import org.zeroply.coach.exercise.marking.WrittenAnswer;
import org.zeroply.coach.exercise.scheme.Exercise;
import org.zeroply.engine.analysis.Cancellation;
import org.zeroply.engine.endings.Endings;
import org.zeroply.engine.search.BuiltInEngine;
import org.zeroply.library.database.TextFile;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;

@Command(name = "mark", description = "Marks a written answer against a marking scheme.")
final class ExerciseMarkCommand implements Callable<Integer> {

    private static final int MEGABYTES = 32;

    @Mixin private Output output;

    @Mixin private CacheFolder cache;

    @Parameters(paramLabel = "EX.pgn", description = "The exercise.")
    private Path file;

    @Option(names = "--answer", required = true, paramLabel = "A.txt")
    private Path answer;

    @Option(
            names = "--nodes",
            description = "Nodes per position for lines not in the scheme; 0 checks none.",
            paramLabel = "N")
    private long nodes = LineChecker.NODES;

    @Override
    public Integer call() throws IOException {
        Exercise exercise = Exercise.of(ExerciseFile.first(file));
        WrittenAnswer written = WrittenAnswer.parse(exercise.start(), TextFile.read(answer));
        Optional<LineChecker> checker = nodes <= 0 ? Optional.empty() : Optional.of(checker());
        MarkedSheet sheet = new Marker(exercise, checker).mark(written, new Cancellation());
        output.print(document(sheet), out -> print(sheet, out));
        return 0;
    }

    private LineChecker checker() {
        Endings endings = cache.endings();
        BuiltInEngine engine = new BuiltInEngine(MEGABYTES, endings);
        return new LineChecker(engine, endings, nodes);
    }

    private static ObjectNode document(MarkedSheet sheet) {
        ObjectNode document =
                Output.document().put("points", sheet.points()).put("max", sheet.max());
        ArrayNode items = document.putArray("items");
        for (MarkedSheet.ItemMark item : sheet.items()) {
            items.addObject()
                    .put("line", item.line())
                    .put("points", item.points())
                    .put("earned", item.earned())
                    .put("why", item.why());
        }
        ArrayNode lines = document.putArray("lines");
        for (MarkedSheet.LineMark line : sheet.lines()) {
            lines.addObject()
                    .put("line", line.line())
                    .put("plies", line.plies())
                    .put("seen", line.seen())
                    .put("points", line.points())
                    .put("earned", line.earned());
        }
        ArrayNode rows = document.putArray("rows");
        for (MarkedSheet.RowMark row : sheet.rows()) {
            rows.addObject()
                    .put("row", row.row())
                    .put("status", status(row))
                    .put("detail", row.detail())
                    .put("line", row.proof())
                    .put("wrong", row.wrong())
                    .put("overlooked", row.overlooked());
        }
        return document.put("verdictRight", sheet.verdictRight());
    }

    private static String status(MarkedSheet.RowMark row) {
        return row.status().name().toLowerCase(Locale.ROOT).replace('_', '-');
    }

    private static void print(MarkedSheet sheet, PrintWriter out) {
        out.printf("%d of %d points%n%n", sheet.points(), sheet.max());
        for (MarkedSheet.ItemMark item : sheet.items()) {
            out.printf(
                    "%3d/%-3d %s%n        %s%n",
                    item.earned(), item.points(), item.line(), item.why());
        }
        out.println();
        for (MarkedSheet.LineMark line : sheet.lines()) {
            out.printf("seen %d of %d plies: %s%n", line.seen(), line.plies(), line.line());
        }
        out.println();
        for (MarkedSheet.RowMark row : sheet.rows()) {
            out.printf("row %d: %s%n", row.row(), row.text());
            boolean plain = row.detail().equals(row.status().words());
            String what = row.status().words() + (plain ? "" : ": " + row.detail());
            out.println("        " + what);
            if (!row.proof().isEmpty()) {
                out.println("        " + row.proof());
            }
        }
        out.println("main verdict " + (sheet.verdictRight() ? "right" : "wrong or missing"));
    }
}
