package org.zeroply.workshop.training;

import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.concurrent.Callable;
import org.zeroply.engine.eval.Evaluator;
import org.zeroply.engine.network.NetworkWeights;
import org.zeroply.workshop.command.Answer;
import org.zeroply.workshop.command.Refusal;
import org.zeroply.workshop.selfplay.JudgedPosition;
import org.zeroply.workshop.selfplay.PositionFiles;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;

/** Learns a network; the same files and options give the same one. */
@Command(name = "train", description = "Learns a network from positions that selfplay wrote.")
public final class TrainCommand implements Callable<Integer> {

    private static final int LEAST = 1000;

    @Mixin private Answer answer;

    @Parameters(
            paramLabel = "PATH",
            arity = "1..*",
            description = "Files of positions, or folders of them.")
    private List<Path> paths;

    @Option(names = "--out", required = true, description = "File to write.", paramLabel = "FILE")
    private Path out;

    @Option(
            names = "--from",
            description = "Begin with what an earlier run kept with --keep.",
            paramLabel = "FILE")
    private Path from;

    @Option(
            names = "--from-network",
            description = "Begin with a finished network; with more --hidden values if wanted.",
            paramLabel = "FILE")
    private Path fromNetwork;

    @Option(
            names = "--keep",
            description = "Write what was learnt before it is rounded, for --from.",
            paramLabel = "FILE")
    private Path keep;

    @Option(
            names = "--of-terms",
            description = "Learn what the hand-made terms say around the positions.")
    private boolean learnTerms;

    @Option(names = "--hidden", description = "Hidden values for each side.", paramLabel = "N")
    private int hidden = 128;

    @Option(names = "--rounds", description = "Times to go through the set.", paramLabel = "N")
    private int rounds = 10;

    @Option(names = "--rate", description = "Rate of the first steps.", paramLabel = "X")
    private double rate = 0.001;

    @Option(
            names = "--result-share",
            description = "Share of the game's result in the goal; the rest is the search's.",
            paramLabel = "0-1")
    private double resultShare = 0.3;

    @Option(
            names = "--scale",
            description = "Centipawns of a unit of the logistic curve; fitted if left out.",
            paramLabel = "CP")
    private double scale;

    @Option(
            names = "--unit",
            description =
                    "Centipawns that a unit is told as, to keep scores as large as before; as --scale "
                            + "if left out.",
            paramLabel = "CP")
    private double unit;

    @Option(names = "--seed", description = "Seed of the first weights.", paramLabel = "N")
    private long seed = 1;

    @Option(names = "--threads", description = "Threads to use.", paramLabel = "T")
    private int threads = 1;

    private NetworkParameters first(Goal goal) throws IOException {
        if (from != null) {
            return ParameterFile.read(from);
        }
        if (fromNetwork == null) {
            return NetworkParameters.random(hidden, seed);
        }
        NetworkWeights network = NetworkWeights.read(fromNetwork);
        int wanted = Math.max(hidden, network.base().length);
        return NetworkParameters.of(network, wanted, goal.centipawns(), seed);
    }

    @Override
    public Integer call() throws IOException {
        if (from != null && fromNetwork != null) {
            throw new Refusal("Give --from or --from-network, not both.");
        }
        if (hidden < 1 || rounds < 1 || threads < 1 || resultShare < 0 || resultShare > 1) {
            throw new Refusal("Bad number of hidden values, rounds or threads, or bad share.");
        }
        TrainingSet set = TrainingSet.read(PositionFiles.in(paths));
        if (set.learnt().length < LEAST) {
            throw new Refusal("At least " + LEAST + " positions are needed.");
        }
        double share = learnTerms ? 0 : resultShare;
        Goal goal = new Goal(scale > 0 ? scale : Goal.fitted(set), share);
        NetworkParameters parameters = first(goal);
        double terms = lossOfTerms(set, goal);
        answer.progress(
                String.format(
                        "%,d positions, %,d kept aside; a unit is %.0f centipawns; loss of the"
                                + " terms %.6f",
                        set.learnt().length, set.aside().length, goal.centipawns(), terms));
        double aside = 0;
        try (Trainer trainer = new Trainer(set, parameters, goal, threads)) {
            if (learnTerms) {
                trainer.learnTerms(seed);
            }
            for (int round = 0; round < rounds; round++) {
                double loss = trainer.round(round, rounds, rate);
                aside = trainer.lossAside();
                answer.progress(
                        String.format(
                                "round %d: loss %.6f, kept aside %.6f", round + 1, loss, aside));
            }
        }
        try (OutputStream file = Files.newOutputStream(out)) {
            parameters.quantised(unit > 0 ? unit : goal.centipawns()).write(file);
        }
        if (keep != null) {
            ParameterFile.write(parameters, keep);
        }
        ObjectNode document = Answer.document().put("positions", set.learnt().length);
        document.put("scale", goal.centipawns()).put("lossOfTerms", terms).put("loss", aside);
        answer.print(document, String.format("loss on what was kept aside: %.6f", aside));
        return 0;
    }

    /** What the hand-made terms miss of the goal, for comparison. */
    private static double lossOfTerms(TrainingSet set, Goal goal) {
        Evaluator terms = new Evaluator();
        int[] aside = set.aside();
        int step = Math.max(1, aside.length / 50_000);
        double sum = 0;
        int count = 0;
        for (int i = 0; i < aside.length; i += step) {
            JudgedPosition position = set.get(aside[i]);
            int value = terms.evaluate(position.position().toBoard());
            sum += goal.missed(value / goal.centipawns(), position);
            count++;
        }
        return sum / count;
    }
}
