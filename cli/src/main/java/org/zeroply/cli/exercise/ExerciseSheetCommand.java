package org.zeroply.cli.exercise;

import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.IOException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.concurrent.Callable;
import org.zeroply.chess.tree.MoveTree;
import org.zeroply.cli.console.BadInputException;
import org.zeroply.cli.console.Output;
import org.zeroply.cli.console.ReportFile;
import org.zeroply.cli.repertoire.RepertoireInput;
import org.zeroply.library.database.WholeFile;
import org.zeroply.library.report.ExerciseSheet;
import org.zeroply.library.report.Report;
import org.zeroply.library.report.ReportWriter;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;

@Command(
        name = "sheet",
        description = "Sets exercises for paper, the solutions in a file of their own.")
final class ExerciseSheetCommand implements Callable<Integer> {

    @Mixin private Output output;

    @Parameters(paramLabel = "EX.pgn", description = "The exercises.")
    private Path file;

    @Option(
            names = "--out",
            required = true,
            description = "Where to: .pdf or .html for paper, .epd or .pgn for the set.",
            paramLabel = "OUT")
    private Path out;

    @Option(
            names = "--per-page",
            description = "Diagrams on a page: 1, 2, 4 or 6; ${DEFAULT-VALUE} if left out.",
            paramLabel = "N")
    private int perPage = 4;

    @Option(names = "--title", description = "What stands at the top.", paramLabel = "TEXT")
    private String title = "";

    @Option(names = "--student", description = "Who solves it.", paramLabel = "NAME")
    private String student = "";

    @Override
    public Integer call() throws IOException {
        if (!Report.Problems.PER_PAGE.contains(perPage)) {
            throw new BadInputException("1, 2, 4 or 6 diagrams stand on a page, not " + perPage);
        }
        String name = out.getFileName().toString().toLowerCase(Locale.ROOT);
        boolean set = name.endsWith(".epd") || name.endsWith(".pgn");
        if (!set) {
            ReportFile.check(out);
        }
        List<String> rejected = new ArrayList<>();
        List<MoveTree> trees = RepertoireInput.trees(file, rejected, output.err());
        if (trees.isEmpty()) {
            throw new BadInputException(file + " holds no exercise that can be read.");
        }
        ExerciseSheet sheet = new ExerciseSheet(title, student, trees);
        List<Path> written = new ArrayList<>(List.of(out));
        if (set) {
            WholeFile.writeText(out, name.endsWith(".epd") ? sheet.epd() : sheet.pgn());
        } else {
            Path apart = ReportWriter.beside(out, "solutions");
            ReportFile.write(sheet.questions(perPage), out);
            ReportFile.write(sheet.solutions(), apart);
            written.add(apart);
        }
        ObjectNode document = Output.document().put("exercises", trees.size());
        ArrayNode files = document.putArray("written");
        written.forEach(p -> files.add(p.toString()));
        ArrayNode problems = document.putArray("rejected");
        rejected.forEach(problems::add);
        output.print(document, text -> written.forEach(p -> text.println("Written to " + p)));
        return 0;
    }
}
