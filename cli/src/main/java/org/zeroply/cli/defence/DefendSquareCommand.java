package org.zeroply.cli.defence;

import java.util.concurrent.Callable;
import org.zeroply.chess.board.Position;
import org.zeroply.cli.console.FactJson;
import org.zeroply.cli.console.MoveWords;
import org.zeroply.coach.fact.Scene;
import org.zeroply.coach.fact.tactics.Contest;
import picocli.CommandLine.Command;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.ParentCommand;

/** The question {@code defend square}. */
@Command(name = "square", description = "Who contests a square, and how exchanges on it end.")
final class DefendSquareCommand implements Callable<Integer> {

    @ParentCommand private DefendCommand defend;

    @Parameters(paramLabel = "SQUARE")
    private String square;

    @Override
    public Integer call() {
        Position start = defend.position();
        Scene scene = new Scene(start);
        Contest contest = Contest.of(scene, MoveWords.square(square));
        defend.output()
                .print(
                        defend.document(start).setAll(FactJson.contest(contest)),
                        out -> out.println(contest.text(scene)));
        return 0;
    }
}
