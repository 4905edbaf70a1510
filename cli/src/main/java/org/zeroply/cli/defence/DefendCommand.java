package org.zeroply.cli.defence;

import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.List;
import java.util.concurrent.Callable;
import org.zeroply.chess.board.Position;
import org.zeroply.cli.console.BadInputException;
import org.zeroply.cli.console.CacheFolder;
import org.zeroply.cli.console.EvaluatorThreads;
import org.zeroply.cli.console.Output;
import org.zeroply.cli.console.PositionOption;
import org.zeroply.coach.defence.elimination.Elimination;
import org.zeroply.coach.defence.elimination.Eliminator;
import org.zeroply.coach.defence.pin.Pin;
import org.zeroply.coach.defence.pin.PinFinder;
import org.zeroply.coach.evaluation.MoveEvaluator;
import org.zeroply.coach.evaluation.MoveEvaluators;
import org.zeroply.engine.analysis.Cancellation;
import org.zeroply.engine.search.BuiltInEngine;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Option;
import picocli.CommandLine.ScopeType;

/** The command {@code defend}: what holds and what loses, or one question about it. */
@Command(
        name = "defend",
        description =
                "What holds and what loses: the threat, every legal move with its refutation, what each "
                        + "defence does and costs, pins and the ways out. Or one of the questions below.",
        subcommands = {
            DefendChecksCommand.class,
            DefendWishCommand.class,
            DefendWhatIfCommand.class,
            DefendActiveCommand.class,
            DefendFortressCommand.class,
            DefendTiedCommand.class,
            DefendSquareCommand.class,
            DefendMeasureCommand.class
        })
public final class DefendCommand implements Callable<Integer> {

    private static final int MEGABYTES = 32;

    @Mixin private PositionOption position;
    @Mixin private Output output;
    @Mixin private CacheFolder cache;

    @Option(
            names = "--nodes",
            description = "Nodes a move (default: ${DEFAULT-VALUE}).",
            paramLabel = "N",
            scope = ScopeType.INHERIT)
    private long nodes = Eliminator.NODES;

    @Override
    public Integer call() {
        MoveEvaluators evaluators = evaluators();
        Elimination found = eliminate(position(), evaluators);
        List<Pin> pins = PinFinder.of(evaluators.first(), found);
        output.print(
                new DefenceJson(found, pins).document(),
                text -> new DefenceText(found, pins).print(text));
        return 0;
    }

    /** The position that is asked about, in which there is something to play. */
    Position position() {
        Position start = position.position();
        if (start.legalMoves().isEmpty()) {
            throw new BadInputException(
                    start.isCheckmate() ? "It is checkmate." : "There is no legal move.");
        }
        return start;
    }

    Output output() {
        return output;
    }

    /** Nodes a move. */
    long nodes() {
        if (nodes < 1) {
            throw new BadInputException("The nodes must be positive.");
        }
        return nodes;
    }

    /** The document of an answer, begun with the position. */
    ObjectNode document(Position start) {
        return Output.document().put("fen", start.fen());
    }

    BuiltInEngine engine() {
        return cache.engine(MEGABYTES);
    }

    /** One judge of moves. */
    MoveEvaluator evaluator() {
        return new MoveEvaluator(engine(), cache.endings(), nodes(), new Cancellation());
    }

    /** Two of them, for as many cores. */
    MoveEvaluators evaluators() {
        return EvaluatorThreads.of(List.of(evaluator(), evaluator()));
    }

    Elimination eliminate(Position start, MoveEvaluators evaluators) {
        return new Eliminator(evaluators).run(start, e -> {}).orElseThrow();
    }
}
