package org.zeroply.cli.defence;

import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.IOException;
import java.io.PrintWriter;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import java.util.concurrent.Callable;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.notation.Line;
import org.zeroply.chess.notation.NotationException;
import org.zeroply.chess.notation.San;
import org.zeroply.cli.console.BadInputException;
import org.zeroply.cli.console.Output;
import org.zeroply.cli.console.ReportFile;
import org.zeroply.cli.console.TextTable;
import org.zeroply.coach.defence.elimination.Elimination;
import org.zeroply.coach.defence.elimination.Eliminator;
import org.zeroply.coach.defence.whatif.VariantProposer;
import org.zeroply.coach.defence.whatif.WhatIf;
import org.zeroply.coach.defence.whatif.WhatIfRows;
import org.zeroply.coach.evaluation.Holding;
import org.zeroply.coach.evaluation.MoveEvaluator;
import org.zeroply.coach.evaluation.MoveEvaluators;
import org.zeroply.library.database.TextFile;
import org.zeroply.library.database.WholeFile;
import org.zeroply.library.report.WhatIfSheet;
import picocli.CommandLine.Command;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.ParentCommand;

/** The question {@code defend what-if}. */
@Command(name = "what-if", description = "A table of positions against defences.")
final class DefendWhatIfCommand implements Callable<Integer> {

    @ParentCommand private DefendCommand defend;

    private static final int COLUMNS = 5;

    @Parameters(paramLabel = "FILE", description = "EPD: the position, and variants of it.")
    private Path file;

    @Option(
            names = "--out",
            description = "Writes the table as .pdf, .html or .epd.",
            paramLabel = "FILE")
    private Path out;

    @Option(
            names = "--propose",
            description = "Adds so many variants that turn a verdict.",
            paramLabel = "N")
    private int propose;

    @Override
    public Integer call() throws IOException, NotationException {
        if (propose < 0) {
            throw new BadInputException("The number of variants must not be negative.");
        }
        WhatIfRows rows = rows(file);
        Position base = rows.rows().get(0).position();
        boolean epd = out != null && out.toString().toLowerCase(Locale.ROOT).endsWith(".epd");
        if (out != null && !epd) {
            ReportFile.check(out);
        }
        MoveEvaluators evaluators = defend.evaluators();
        Elimination found =
                new Eliminator(evaluators)
                        .run(base, e -> {})
                        .orElseThrow(() -> new BadInputException("There is no legal move."));
        Holding wanted = WhatIf.wanted(found.result());
        List<Move> defences =
                rows.defences().isEmpty()
                        ? VariantProposer.defences(found, COLUMNS)
                        : rows.defences();
        if (defences.isEmpty()) {
            throw new BadInputException("Nothing holds, and no defence is named in the file.");
        }
        MoveEvaluator evaluator = evaluators.first();
        WhatIf table = WhatIf.of(rows.rows(), defences, wanted, evaluator, p -> {});
        if (propose > 0) {
            WhatIf more =
                    new VariantProposer(evaluator)
                            .propose(base, defences, wanted, propose, p -> {});
            for (WhatIf.Row row : more.rows().subList(1, more.rows().size())) {
                boolean there =
                        table.rows().stream().anyMatch(r -> r.position().equals(row.position()));
                table = there ? table : table.with(row, evaluator);
            }
        }
        if (epd) {
            WholeFile.writeText(out, WhatIfRows.of(table).text());
        } else if (out != null) {
            ReportFile.write(WhatIfSheet.report(table, "What if", evaluator.engine()), out);
        }
        WhatIf filled = table;
        defend.output().print(document(filled), text -> print(filled, text));
        return 0;
    }

    private static WhatIfRows rows(Path file) throws IOException {
        try {
            return WhatIfRows.parse(TextFile.read(file));
        } catch (NotationException e) {
            throw new BadInputException(file + ": " + e.getMessage());
        }
    }

    private static ObjectNode document(WhatIf table) {
        Position base = table.rows().get(0).position();
        ObjectNode document = Output.document().put("fen", base.fen());
        document.put("wanted", table.wanted().word());
        document.set(
                "defences",
                Output.node(table.defences().stream().map(m -> San.write(base, m)).toList()));
        ArrayNode rows = document.putArray("rows");
        for (int i = 0; i < table.rows().size(); i++) {
            WhatIf.Row row = table.rows().get(i);
            ObjectNode node = rows.addObject().put("name", row.name());
            node.put("fen", row.position().fen()).put("turned", table.turned(i));
            ArrayNode cells = node.putArray("cells");
            for (int j = 0; j < table.defences().size(); j++) {
                WhatIf.Cell cell = table.cells().get(i).get(j);
                ObjectNode one = cells.addObject();
                one.put("move", San.write(base, table.defences().get(j)));
                one.put("state", cell.state().word());
                one.set("line", Output.node(line(row.position(), cell)));
            }
        }
        return document;
    }

    private static List<String> line(Position position, WhatIf.Cell cell) {
        return cell.weighed().map(w -> Line.san(position, w.line())).orElse(List.of());
    }

    private static void print(WhatIf table, PrintWriter out) {
        Position base = table.rows().get(0).position();
        TextTable text =
                new TextTable("l")
                        .row("", table.defences().stream().map(d -> San.write(base, d)).toList());
        for (int i = 0; i < table.rows().size(); i++) {
            List<String> states =
                    table.cells().get(i).stream().map(c -> c.state().words()).toList();
            text.row(table.rows().get(i).name(), states);
        }
        text.print(out);
    }
}
