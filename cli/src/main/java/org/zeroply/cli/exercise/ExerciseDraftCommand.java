package org.zeroply.cli.exercise;

import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.IOException;
import java.nio.file.Path;
import java.util.List;
import java.util.concurrent.Callable;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.notation.PgnWriter;
import org.zeroply.chess.tree.MoveTree;
import org.zeroply.chess.tree.Node;
import org.zeroply.chess.tree.TreeEditor;
import org.zeroply.cli.console.BadInputException;
import org.zeroply.cli.console.CacheFolder;
import org.zeroply.cli.console.MoveWords;
import org.zeroply.cli.console.Output;
import org.zeroply.cli.console.TimeLimit;
import org.zeroply.coach.exercise.draft.DefenceDraft;
import org.zeroply.coach.exercise.draft.SchemeDraft;
import org.zeroply.coach.exercise.marking.WrittenAnswer;
import org.zeroply.coach.exercise.scheme.DefenceTask;
import org.zeroply.coach.exercise.scheme.Exercise;
import org.zeroply.coach.exercise.scheme.MarkingScheme;
import org.zeroply.engine.analysis.Cancellation;
import org.zeroply.engine.endings.Endings;
import org.zeroply.engine.search.BuiltInEngine;
import picocli.CommandLine.ArgGroup;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Option;

@Command(
        name = "draft",
        description = "Drafts a marking scheme for a position, or one branch of a scheme anew.")
final class ExerciseDraftCommand implements Callable<Integer> {

    private static final int MEGABYTES = 16;

    @Mixin private Output output;
    @Mixin private CacheFolder cache;
    @Mixin private TimeLimit limit;

    @ArgGroup(multiplicity = "1")
    private Source source;

    /** A position, or a scheme that is there already. */
    private static final class Source {
        @Option(names = "--fen", description = "The position.", paramLabel = "FEN")
        private String fen;

        @Option(
                names = "--redraft",
                description = "A scheme, one branch of which is to be drafted anew.",
                paramLabel = "EX.pgn")
        private Path scheme;
    }

    @Option(
            names = "--branch",
            description = "The line of the scheme after which everything is drafted anew.",
            paramLabel = "LINE")
    private String branch = "";

    @Option(
            names = "--points",
            description = "What the scheme adds up to; ${DEFAULT-VALUE} if left out.",
            paramLabel = "N")
    private int points = SchemeDraft.POINTS;

    @Option(
            names = "--nodes",
            description = "Nodes for each search; ${DEFAULT-VALUE} if left out.",
            paramLabel = "N")
    private long nodes = SchemeDraft.NODES;

    @Option(
            names = "--quick",
            description = "A first version within seconds, on a twelfth of the nodes.")
    private boolean quick;

    @Option(
            names = "--tempting",
            description = "A move to show the refutation of; may be given several times.",
            paramLabel = "MOVE")
    private List<String> tempting = List.of();

    @Option(
            names = "--task",
            description =
                    "An exercise in defending instead: elimination, threat, ways-out, cheapest, hold "
                            + "or hit-back.",
            paramLabel = "TASK")
    private String task = "";

    @Option(names = "--out", description = "A new file for the scheme.", paramLabel = "EX.pgn")
    private Path out;

    @Override
    public Integer call() throws IOException {
        if (points < 1 || points > 999 || nodes < 1) {
            throw new BadInputException("Points are 1 to 999 and nodes must be positive.");
        }
        if (out != null) {
            ExerciseFile.checkNew(out);
        }
        Endings endings = cache.endings();
        SchemeDraft whole =
                new SchemeDraft(new BuiltInEngine(MEGABYTES, endings), endings, nodes, points)
                        .within(limit.millis());
        SchemeDraft drafter = quick ? whole.first() : whole;
        boolean defence = !task.isBlank();
        if (defence && source.fen == null) {
            throw new BadInputException("--task goes with --fen.");
        }
        if (defence && limit.isSet()) {
            throw new BadInputException("--minutes does not go with --task, which takes seconds.");
        }
        MoveTree tree =
                defence
                        ? defence(drafter)
                        : source.fen == null ? redrafted(drafter) : drafted(drafter);
        if (out != null) {
            ExerciseFile.write(List.of(tree), out);
        }
        output.print(
                document(tree, drafter.nodes()),
                text ->
                        text.print(
                                out == null ? PgnWriter.write(tree) : "Written to " + out + "\n"));
        return 0;
    }

    private MoveTree drafted(SchemeDraft drafter) {
        Position position = Position.fromFen(source.fen);
        List<Move> baits = MoveWords.each(position, tempting);
        return drafter.draft(position, baits, part -> {}, new Cancellation())
                .orElseThrow(
                        () ->
                                new BadInputException(
                                        "There is nothing to solve: the side to move has no move."));
    }

    private MoveTree defence(SchemeDraft drafter) {
        DefenceTask wanted =
                DefenceTask.ofWord(task)
                        .orElseThrow(() -> new BadInputException("There is no task " + task + "."));
        DefenceDraft.Result result =
                drafter.defence(new Cancellation())
                        .draft(Position.fromFen(source.fen), wanted, part -> {})
                        .orElseThrow();
        return result.tree().orElseThrow(() -> new BadInputException(result.why()));
    }

    private MoveTree redrafted(SchemeDraft drafter) throws IOException {
        MoveTree tree = ExerciseFile.first(source.scheme);
        WrittenAnswer.Row row = WrittenAnswer.row(tree.start(), 1, branch);
        if (row.problem().isPresent() || row.moves().isEmpty()) {
            throw new BadInputException(
                    "--branch names a line of the scheme"
                            + row.problem().map(p -> ": " + p.reason()).orElse("."));
        }
        Node node = tree.root().along(row.moves());
        if (node.depth() < row.moves().size()) {
            throw new BadInputException("The scheme has no line " + branch + ".");
        }
        TreeEditor editor = new TreeEditor(tree);
        MoveTree anew =
                drafter.branch(tree, node, part -> {}, new Cancellation())
                        .orElseThrow(
                                () -> new BadInputException("Nothing is to be found after it."));
        if (!SchemeDraft.isSettled(anew)) {
            output.err().println(anew.root().annotation().after());
        }
        editor.replaceRest(node, anew.root());
        return tree;
    }

    private static ObjectNode document(MoveTree tree, long used) {
        Exercise exercise = Exercise.of(tree);
        MarkingScheme scheme = MarkingScheme.of(tree);
        ObjectNode document =
                Output.document()
                        .put("pgn", PgnWriter.write(tree))
                        .put("points", scheme.sum())
                        .put("minutes", exercise.minutes())
                        .put("band", exercise.band());
        ArrayNode themes = document.putArray("themes");
        exercise.themes().forEach(themes::add);
        ArrayNode items = document.putArray("items");
        for (MarkingScheme.Item item : scheme.items()) {
            ObjectNode one =
                    items.addObject()
                            .put("line", item.line())
                            .put("points", item.rule().points())
                            .put("verdict", item.rule().needsVerdict());
            item.rule().group().ifPresent(g -> one.put("group", g));
        }
        return document.put("stamp", BuiltInEngine.NAME + ", " + used + " nodes a search");
    }
}
