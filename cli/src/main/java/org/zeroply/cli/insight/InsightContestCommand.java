package org.zeroply.cli.insight;

import java.util.concurrent.Callable;
import org.zeroply.cli.console.FactJson;
import org.zeroply.cli.console.MoveWords;
import org.zeroply.coach.fact.Scene;
import org.zeroply.coach.fact.tactics.Contest;
import picocli.CommandLine.Command;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.ParentCommand;

/** The question {@code insight contest}. */
@Command(name = "contest", description = "Who bears on a square, and how exchanges there end.")
final class InsightContestCommand implements Callable<Integer> {

    @ParentCommand private InsightCommand insight;

    @Parameters(paramLabel = "SQUARE")
    private String square;

    @Override
    public Integer call() {
        Scene scene = new Scene(insight.position());
        Contest contest = Contest.of(scene, MoveWords.square(square));
        insight.output().print(FactJson.contest(contest), out -> out.println(contest.text(scene)));
        return 0;
    }
}
