package org.zeroply.cli.defence;

import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.Arrays;
import java.util.List;
import java.util.concurrent.Callable;
import java.util.stream.LongStream;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.notation.San;
import org.zeroply.cli.console.BadInputException;
import org.zeroply.cli.console.EvaluatorThreads;
import org.zeroply.cli.console.Output;
import org.zeroply.coach.defence.elimination.Candidate;
import org.zeroply.coach.defence.elimination.DefencePositions;
import org.zeroply.coach.defence.elimination.Elimination;
import org.zeroply.coach.defence.elimination.Eliminator;
import org.zeroply.coach.evaluation.MoveEvaluator;
import org.zeroply.coach.evaluation.MoveEvaluators;
import org.zeroply.engine.analysis.Cancellation;
import org.zeroply.engine.endings.Endings;
import org.zeroply.engine.search.BuiltInEngine;
import picocli.CommandLine.Command;
import picocli.CommandLine.Option;
import picocli.CommandLine.ParentCommand;

/** The question {@code defend measure}. */
@Command(
        name = "measure",
        description =
                "How sure the verdicts of defend are: positions out of games of the engine with "
                        + "itself are looked at twice, the second time on many times the nodes.")
final class DefendMeasureCommand implements Callable<Integer> {

    private static final long MILLION = 1_000_000;

    @ParentCommand private DefendCommand defend;

    @Option(names = "--positions", paramLabel = "N")
    private int positions = 200;

    @Option(names = "--seed", description = "Number of the first game.", paramLabel = "S")
    private long seed = 1;

    @Option(names = "--times", description = "How many times the nodes.", paramLabel = "N")
    private int times = 10;

    private int verdicts;
    private int changed;
    private int turned;
    private int withdrawn;
    private int undecided;
    private ArrayNode list;

    @Override
    public Integer call() {
        if (positions < 1 || times < 2) {
            throw new BadInputException("Positions must be positive, times above 1.");
        }
        long nodes = defend.nodes();
        List<BuiltInEngine> engines = List.of(new BuiltInEngine(64), new BuiltInEngine(64));
        MoveEvaluators evaluators =
                EvaluatorThreads.of(engines.stream().map(e -> evaluator(e, nodes)).toList());
        MoveEvaluators longer =
                EvaluatorThreads.of(
                        engines.stream().map(e -> evaluator(e, nodes * times)).toList());
        ObjectNode document = Output.document().put("positions", positions).put("nodes", nodes);
        list = document.putArray("changes");
        List<Position> found =
                new DefencePositions(engines.get(0), evaluators.first()).find(positions, seed);
        long[] millis = new long[found.size()];
        int[] moves = new int[found.size()];
        for (int i = 0; i < found.size(); i++) {
            long began = System.nanoTime();
            Elimination first = run(found.get(i), evaluators);
            millis[i] = (System.nanoTime() - began) / MILLION;
            moves[i] = first.candidates().size();
            compare(first, run(found.get(i), longer));
            int done = i + 1;
            defend.output()
                    .progress(
                            out ->
                                    out.printf(
                                            "%d of %d: %d verdicts, %d changed, %d withdrawn%n",
                                            done, positions, verdicts, changed, withdrawn));
        }
        document.put("verdicts", verdicts).put("changed", changed).put("withdrawn", withdrawn);
        document.put("turned", turned).put("undecided", undecided);
        document.put("movesMean", Arrays.stream(moves).average().orElse(0));
        long[] sorted = LongStream.of(millis).sorted().toArray();
        document.put("millisMedian", sorted[sorted.length / 2]);
        document.put("millisMost", sorted[sorted.length - 1]);
        defend.output().print(document, out -> document.properties().forEach(out::println));
        return 0;
    }

    private static MoveEvaluator evaluator(BuiltInEngine engine, long nodes) {
        return new MoveEvaluator(engine, Endings.NONE, nodes, new Cancellation());
    }

    private static Elimination run(Position position, MoveEvaluators evaluators) {
        return new Eliminator(evaluators).run(position, e -> {}).orElseThrow();
    }

    private void compare(Elimination first, Elimination second) {
        for (Candidate candidate : first.candidates()) {
            if (candidate.holds().isEmpty()) {
                undecided++;
                continue;
            }
            verdicts++;
            Candidate again = second.of(candidate.move()).orElseThrow();
            if (again.grade() == candidate.grade()) {
                continue;
            }
            boolean open = again.holds().isEmpty();
            withdrawn += open ? 1 : 0;
            changed += open ? 0 : 1;
            turned += turns(candidate, again) ? 1 : 0;
            ObjectNode node = list.addObject().put("fen", first.position().fen());
            node.put("move", San.write(first.position(), candidate.move()));
            node.put("first", candidate.grade().word()).put("then", again.grade().word());
            node.put("kept", first.result().word()).put("keptThen", second.result().word());
            node.put("expected", candidate.weighed().expected().value());
            node.put("expectedThen", again.weighed().expected().value());
        }
    }

    /** Whether what held fails, or the other way round. */
    private static boolean turns(Candidate first, Candidate second) {
        return first.isHeld() && second.isRefuted() || first.isRefuted() && second.isHeld();
    }
}
