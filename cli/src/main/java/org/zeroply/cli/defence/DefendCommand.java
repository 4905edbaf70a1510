package org.zeroply.cli.defence;

import java.io.IOException;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import java.util.concurrent.Callable;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.board.Side;
import org.zeroply.chess.board.Square;
import org.zeroply.chess.notation.NotationException;
import org.zeroply.cli.console.BadInputException;
import org.zeroply.cli.console.CacheFolder;
import org.zeroply.cli.console.EvaluatorThreads;
import org.zeroply.cli.console.Output;
import org.zeroply.cli.console.PositionOption;
import org.zeroply.coach.defence.Elimination;
import org.zeroply.coach.defence.Eliminator;
import org.zeroply.coach.defence.Pin;
import org.zeroply.coach.defence.PinFinder;
import org.zeroply.coach.evaluation.MoveEvaluator;
import org.zeroply.coach.evaluation.MoveEvaluators;
import org.zeroply.engine.analysis.Cancellation;
import org.zeroply.engine.endings.EndingTables;
import org.zeroply.engine.search.BuiltInEngine;
import picocli.CommandLine.ArgGroup;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Option;

/** The command {@code defend}. */
@Command(
        name = "defend",
        description = {
            "What holds and what loses: the threat, every legal move with its refutation, what each",
            "defence does and costs, pins and the ways out. Or one of the questions below."
        })
public final class DefendCommand implements Callable<Integer> {

    private static final int MEGABYTES = 32;

    @Mixin private PositionOption position;
    @Mixin private Output output;
    @Mixin private CacheFolder cache;

    @Option(
            names = "--nodes",
            description = "Nodes a move (default: ${DEFAULT-VALUE}).",
            paramLabel = "N")
    private long nodes = Eliminator.NODES;

    @ArgGroup private Question question = new Question();

    @Option(
            names = "--side",
            description = "Who checks: white or black; the side to move if left out.",
            paramLabel = "SIDE")
    private Side side;

    @Option(
            names = "--out",
            description = "With --what-if: writes the table as .pdf, .html or .epd.",
            paramLabel = "FILE")
    private Path out;

    @Option(
            names = "--propose",
            description = "With --what-if: adds so many variants that turn a verdict.",
            paramLabel = "N")
    private int propose;

    @Option(
            names = "--games",
            description = "With --active: games of the practical probe for each try.",
            paramLabel = "N")
    private int games = 20;

    @Option(
            names = "--strength",
            description = "With --active: the rating step of both players.",
            paramLabel = "R")
    private int strength = 1800;

    /** At most one of them. */
    private static final class Question {
        @Option(names = "--checks", description = "Are there enough checks?")
        private boolean checks;

        @Option(
                names = "--wish",
                description = "A move one would like to play: what makes it possible?",
                paramLabel = "MOVE")
        private String wish;

        @Option(
                names = "--what-if",
                description = "EPD: the position, and variants of it; a table of what works.",
                paramLabel = "FILE")
        private Path whatIf;

        @Option(names = "--active", description = "Material given for counterplay.")
        private boolean active;

        @Option(
                names = "--fortress",
                description = "Does it hold? The engine plays on against the side to move.")
        private boolean fortress;

        @Option(names = "--tied", description = "Men that lose something whenever they move.")
        private boolean tied;

        @Option(
                names = "--square",
                description = "Who contests a square, and how exchanges on it end.",
                paramLabel = "SQUARE")
        private String square;
    }

    @Override
    public Integer call() throws IOException, NotationException {
        if (nodes < 1 || games < 1 || propose < 0) {
            throw new BadInputException("Nodes and games must be positive.");
        }
        if ((out != null || propose > 0) && question.whatIf == null) {
            throw new BadInputException("--out and --propose go with --what-if.");
        }
        EndingTables tables = cache.endings();
        BuiltInEngine engine = new BuiltInEngine(MEGABYTES, tables);
        MoveEvaluator evaluator = new MoveEvaluator(engine, tables, nodes, new Cancellation());
        if (question.whatIf != null) {
            new DefendWhatIf(evaluators(evaluator, tables), output)
                    .run(question.whatIf, propose, out);
            return 0;
        }
        Position start = position.position();
        if (start.legalMoves().isEmpty()) {
            throw new BadInputException(
                    start.isCheckmate() ? "It is checkmate." : "There is no legal move.");
        }
        DefendQuestions questions = new DefendQuestions(start, output);
        if (question.checks) {
            questions.checks(side == null ? start.sideToMove() : side);
        } else if (question.wish != null) {
            questions.wish(evaluator, question.wish);
        } else if (question.fortress) {
            questions.fortress(evaluator);
        } else if (question.tied) {
            questions.tied(engine, nodes);
        } else if (question.square != null) {
            questions.contest(square(question.square));
        } else if (question.active) {
            questions.active(engine, eliminate(start, evaluator, tables), strength, games, nodes);
        } else {
            eliminate(start, evaluator, tables, output);
        }
        return 0;
    }

    private static int square(String name) {
        int square = Square.parse(name.toLowerCase(Locale.ROOT));
        if (square < 0) {
            throw new BadInputException(name + " is no square.");
        }
        return square;
    }

    /** Two engines, for as many cores. */
    private MoveEvaluators evaluators(MoveEvaluator evaluator, EndingTables tables) {
        BuiltInEngine second = new BuiltInEngine(MEGABYTES, tables);
        return EvaluatorThreads.of(
                List.of(evaluator, new MoveEvaluator(second, tables, nodes, new Cancellation())));
    }

    private Elimination eliminate(Position start, MoveEvaluator evaluator, EndingTables tables) {
        return new Eliminator(evaluators(evaluator, tables)).run(start, e -> {}).orElseThrow();
    }

    private void eliminate(
            Position start, MoveEvaluator evaluator, EndingTables tables, Output to) {
        Elimination found = eliminate(start, evaluator, tables);
        List<Pin> pins = PinFinder.of(evaluator, found);
        to.print(
                new DefenceJson(found, pins).document(),
                text -> new DefenceText(found, pins).print(text));
    }
}
