package org.zeroply.cli.ending;

import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.concurrent.Callable;
import org.zeroply.chess.board.Arrangement;
import org.zeroply.chess.board.InvalidPositionException;
import org.zeroply.chess.board.Piece;
import org.zeroply.chess.board.PieceType;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.board.Side;
import org.zeroply.cli.console.BadInputException;
import org.zeroply.cli.console.Output;
import org.zeroply.coach.ending.EndingReport;
import org.zeroply.coach.ending.EndingSolver;
import org.zeroply.engine.analysis.Cancellation;
import org.zeroply.engine.endings.EndingTables;
import org.zeroply.engine.endings.Endings;
import org.zeroply.engine.search.BuiltInEngine;
import picocli.CommandLine.Command;
import picocli.CommandLine.Option;
import picocli.CommandLine.ParentCommand;

/** The question {@code ending check}. */
@Command(
        name = "check",
        description =
                "Solves random pawn endings of four men and compares the results with the exact tables "
                        + "of the same endings, which the solver does not look at.")
final class EndingCheckCommand implements Callable<Integer> {

    @ParentCommand private EndingCommand ending;

    @Option(names = "--positions", description = "How many.", paramLabel = "N")
    private int count = 100;

    @Option(names = "--seed", description = "Chooses the positions.", paramLabel = "N")
    private long seed = 1;

    @Override
    public Integer call() {
        EndingTables tables = ending.cache().endings();
        if (tables.count() < EndingTables.total()) {
            throw new BadInputException("The tables are not made yet; run: zeroply endings");
        }
        EndingSolver solver = new EndingSolver(new BuiltInEngine(16), tables, 1);
        Random random = new Random(seed);
        int agreed = 0;
        List<String> differing = new ArrayList<>();
        for (int i = 0; i < count; i++) {
            Position position = random(random);
            int known = tables.probe(position.toBoard());
            EndingReport report = solver.solve(position, p -> {}, new Cancellation()).orElseThrow();
            boolean same =
                    known == Endings.UNKNOWN
                            || report.result() == result(known)
                                    && report.proof() == EndingReport.Proof.EXACT;
            agreed += same ? 1 : 0;
            if (!same) {
                differing.add(position.fen());
            }
        }
        ObjectNode document = Output.document().put("positions", count).put("agreed", agreed);
        document.set("differing", Output.node(differing));
        int agreeing = agreed;
        ending.output()
                .print(
                        document,
                        out -> {
                            out.printf("%d of %d agree%n", agreeing, count);
                            differing.forEach(out::println);
                        });
        return differing.isEmpty() ? 0 : 1;
    }

    private static EndingReport.Result result(int value) {
        return value > 0
                ? EndingReport.Result.WIN
                : value < 0 ? EndingReport.Result.LOSS : EndingReport.Result.DRAW;
    }

    /** Two kings and two pawns of one side or of both. */
    private static Position random(Random random) {
        while (true) {
            Side second = random.nextBoolean() ? Side.WHITE : Side.BLACK;
            Arrangement men =
                    Arrangement.empty()
                            .with(new Piece(Side.WHITE, PieceType.KING), random.nextInt(64))
                            .with(new Piece(Side.WHITE, PieceType.PAWN), 8 + random.nextInt(48))
                            .with(new Piece(second, PieceType.PAWN), 8 + random.nextInt(48))
                            .with(new Piece(Side.BLACK, PieceType.KING), random.nextInt(64))
                            .toMove(random.nextBoolean() ? Side.WHITE : Side.BLACK);
            Optional<Position> position = possible(men);
            if (position.isPresent()) {
                return position.get();
            }
        }
    }

    private static Optional<Position> possible(Arrangement men) {
        try {
            Position position = men.position();
            return Optional.of(position).filter(p -> Long.bitCount(p.toBoard().occupied()) == 4);
        } catch (InvalidPositionException e) {
            // A random placement that cannot be: another one is drawn.
            return Optional.empty();
        }
    }
}
