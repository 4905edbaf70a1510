package org.zeroply.cli.repertoire;

import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.IOException;
import java.io.PrintWriter;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.Callable;
import org.zeroply.chess.notation.PgnWriter;
import org.zeroply.chess.tree.MoveTree;
import org.zeroply.chess.tree.TreeEditor;
import org.zeroply.cli.console.BadInputException;
import org.zeroply.cli.console.Output;
import org.zeroply.coach.repertoire.Merge;
import org.zeroply.coach.repertoire.Repertoire;
import org.zeroply.library.database.WholeFile;
import picocli.CommandLine;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;

@Command(
        name = "merge",
        description =
                "Tells what games or lines would bring to a chapter, and what conflicts with it;"
                        + " with --out they are merged into a new file.")
final class RepertoireMergeCommand implements Callable<Integer> {

    @Mixin private Output output;
    @Mixin private RepertoireInput input;

    @Parameters(index = "1", paramLabel = "LINES.pgn", description = "What is to be merged.")
    private Path lines;

    @Option(names = "--chapter", description = "Number of the chapter, from 1.", paramLabel = "N")
    private int chapter = 1;

    @Option(names = "--out", description = "Where the merged repertoire goes.")
    private Path out;

    @CommandLine.Spec private CommandLine.Model.CommandSpec spec;

    @Override
    public Integer call() throws IOException {
        PrintWriter err = spec.commandLine().getErr();
        Repertoire repertoire = input.repertoire(err);
        if (chapter < 1 || chapter > repertoire.chapters().size()) {
            throw new BadInputException(
                    "The repertoire has chapters 1 to " + repertoire.chapters().size() + ".");
        }
        TreeEditor editor = new TreeEditor(repertoire.chapters().get(chapter - 1));
        List<Merge> merges = new ArrayList<>();
        for (MoveTree tree : input.trees(lines, err)) {
            try {
                merges.add(Merge.plan(editor.tree(), tree));
                Merge.apply(editor, tree);
            } catch (IllegalArgumentException e) {
                throw new BadInputException(e.getMessage());
            }
        }
        if (out != null) {
            StringBuilder pgn = new StringBuilder();
            repertoire.chapters().forEach(c -> pgn.append(PgnWriter.write(c)).append('\n'));
            WholeFile.writeText(out, pgn);
        }
        ObjectNode document = document(merges);
        document.set("rejected", Output.node(input.rejected()));
        output.print(document, text -> print(text, merges));
        return 0;
    }

    private static ObjectNode document(List<Merge> merges) {
        ObjectNode document = Output.document();
        ArrayNode added = document.putArray("added");
        ArrayNode conflicts = document.putArray("conflicts");
        ArrayNode remarks = document.putArray("remarks");
        for (Merge merge : merges) {
            merge.added().forEach(added::add);
            merge.remarks().forEach(remarks::add);
            merge.conflicts()
                    .forEach(
                            c ->
                                    conflicts
                                            .addObject()
                                            .put("line", c.line())
                                            .put("ours", c.ours())
                                            .put("theirs", c.theirs()));
        }
        return document;
    }

    private static void print(PrintWriter out, List<Merge> merges) {
        for (Merge merge : merges) {
            merge.added().forEach(l -> out.println("new: " + l));
            merge.conflicts()
                    .forEach(
                            c ->
                                    out.println(
                                            "conflict: "
                                                    + (c.line().isEmpty()
                                                            ? "at the start"
                                                            : c.line())
                                                    + "  "
                                                    + c.ours()
                                                    + " or "
                                                    + c.theirs()));
            merge.remarks().forEach(l -> out.println("said: " + l));
        }
        if (merges.stream().allMatch(Merge::isEmpty)) {
            out.println("Nothing new.");
        }
    }
}
