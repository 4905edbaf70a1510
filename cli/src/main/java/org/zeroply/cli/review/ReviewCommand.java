package org.zeroply.cli.review;

import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.IOException;
import java.io.PrintWriter;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.concurrent.Callable;
import org.zeroply.chess.notation.Line;
import org.zeroply.chess.notation.PgnWriter;
import org.zeroply.chess.tree.MoveTree;
import org.zeroply.chess.tree.TreeEditor;
import org.zeroply.cli.console.Output;
import org.zeroply.cli.console.ReportFile;
import org.zeroply.coach.review.Annotator;
import org.zeroply.coach.review.GameReview;
import org.zeroply.coach.review.Moment;
import org.zeroply.coach.review.PlayerReview;
import org.zeroply.coach.review.SpentTempo;
import org.zeroply.engine.search.BuiltInEngine;
import org.zeroply.library.database.WholeFile;
import org.zeroply.library.report.GameReport;
import org.zeroply.library.report.Report;
import picocli.CommandLine;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Option;

/** The command {@code review}. */
@Command(
        name = "review",
        description =
                "The first pass over games: what each move cost, and the few moments of each game"
                        + " that are worth stopping at, each with the line that proves it.")
public final class ReviewCommand implements Callable<Integer> {

    @Mixin private Output output;
    @Mixin private ReviewRun run;

    @Option(
            names = "--annotate",
            description = "Write the games with grades and lines to a file.",
            paramLabel = "OUT.pgn")
    private Path annotated;

    @CommandLine.Spec private CommandLine.Model.CommandSpec spec;

    @Override
    public Integer call() throws IOException {
        ObjectNode document = Output.document();
        ArrayNode games = document.putArray("games");
        StringBuilder pgn = new StringBuilder();
        List<Report> reports = new ArrayList<>();
        run.run(
                spec.commandLine().getErr(),
                (id, review) -> {
                    games.add(ReviewJson.of(review));
                    output.progress(out -> print(out, review));
                    if (run.report().isPresent()) {
                        reports.add(GameReport.of(review, Map.of(), Set.of(), run.stamp()));
                    }
                    if (annotated != null) {
                        TreeEditor editor = new TreeEditor(review.game());
                        new Annotator(BuiltInEngine.NAME, run.nodes()).annotate(editor, review);
                        pgn.append(PgnWriter.write(editor.tree())).append('\n');
                    }
                });
        document.set("rejected", Output.node(run.rejected()));
        if (annotated != null) {
            WholeFile.writeText(annotated, pgn);
        }
        for (int i = 0; i < reports.size(); i++) {
            Path report = run.report().orElseThrow();
            ReportFile.write(
                    reports.get(i), ReportFile.numbered(report, i + 1, reports.size() > 1));
        }
        output.print(document, out -> {});
        return 0;
    }

    // ---- Text -----------------------------------------------------------------------------------

    private static void print(PrintWriter out, GameReview review) {
        MoveTree game = review.game();
        out.printf("%s – %s  %s%n", game.tag("White"), game.tag("Black"), game.result());
        review.course().ifPresent(c -> out.printf("  %s%n", c.text()));
        SpentTempo.sentence(game.mainLine(), SpentTempo.MOVES)
                .ifPresent(t -> out.printf("  %s%n", t));
        for (PlayerReview p : review.players()) {
            out.printf(
                    Locale.ROOT,
                    "  %s: %s, first choice %.0f%%, ?! %d, ? %d, ?? %d%n",
                    p.side().word(),
                    String.join(
                            ", ",
                            p.loss().mean().entrySet().stream()
                                    .sorted(Map.Entry.comparingByKey())
                                    .map(
                                            e ->
                                                    String.format(
                                                            Locale.ROOT,
                                                            "%s loss %.1f",
                                                            e.getKey().word(),
                                                            e.getValue()))
                                    .toList()),
                    100 * p.firstChoices(),
                    p.errors().dubious(),
                    p.errors().mistakes(),
                    p.errors().blunders());
        }
        for (Moment m : review.moments()) {
            out.printf(
                    "  %s%s, %s: %s%n      %s%n",
                    Line.number(m.move().position(), true),
                    m.move().san(),
                    m.title(),
                    m.text(),
                    Line.numbered(m.from(), m.line()));
        }
        out.println();
    }
}
