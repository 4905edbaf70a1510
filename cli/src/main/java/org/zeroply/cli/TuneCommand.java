package org.zeroply.cli;

import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.IOException;
import java.io.PrintWriter;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.Callable;
import org.zeroply.engine.analysis.ExpectedScoreCurve;
import org.zeroply.engine.eval.Evaluator;
import org.zeroply.engine.eval.Weights;
import org.zeroply.engine.tuning.LogisticScale;
import org.zeroply.engine.tuning.Sample;
import org.zeroply.engine.tuning.Tuner;
import picocli.CommandLine;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;

@Command(
        name = "tune",
        description = {
            "Fits the weights of the evaluation to positions that selfplay wrote,",
            "or with --expected the curve from centipawns to expected score."
        })
final class TuneCommand implements Callable<Integer> {

    @Mixin private Output output;

    @Parameters(paramLabel = "FILE", description = "Positions written by selfplay.", arity = "1..*")
    private List<Path> files;

    @Option(names = "--out", description = "File to write the weights to.", paramLabel = "FILE")
    private Path out;

    @Option(names = "--rounds", description = "Times to go through the set.", paramLabel = "N")
    private int rounds = 50;

    @Option(names = "--weights", description = "Weights to begin with.", paramLabel = "FILE")
    private Path start;

    @Option(
            names = "--result-share",
            description = "Share of the game's result in the goal; the rest is the search's.",
            paramLabel = "0-1")
    private double resultShare = 0.3;

    @Option(
            names = "--pull",
            description = "Pull towards the weights begun with.",
            paramLabel = "X")
    private double pull = 3e-6;

    @Option(names = "--expected", description = "Fit the expected score instead.")
    private boolean expected;

    @CommandLine.Spec private CommandLine.Model.CommandSpec spec;

    @Override
    public Integer call() throws IOException {
        List<Sample> samples = new ArrayList<>();
        for (Path file : files) {
            read(file, samples);
        }
        if (samples.size() < 100) {
            throw new BadInputException(
                    "At least 100 positions are needed, there are " + samples.size() + ".");
        }
        return expected ? fitExpected(samples) : fitWeights(samples);
    }

    private static void read(Path file, List<Sample> samples) throws IOException {
        int row = 0;
        for (String line : TextFile.read(file).split("\\R")) {
            row++;
            if (line.isBlank()) {
                continue;
            }
            try {
                samples.add(Sample.parse(line));
            } catch (IllegalArgumentException e) {
                throw new BadInputException(file + ", row " + row + ": " + e.getMessage());
            }
        }
    }

    private int fitWeights(List<Sample> samples) throws IOException {
        Weights weights = start == null ? Weights.shipped() : Weights.read(TextFile.read(start));
        Evaluator evaluator = Evaluator.with(weights);
        double scale = LogisticScale.fit(samples, s -> evaluator.explain(s.position()).total());
        Tuner tuner = new Tuner(samples, weights, scale, resultShare, pull);
        double before = tuner.loss();
        double beforeHeldBack = tuner.lossHeldBack();
        PrintWriter err = spec.commandLine().getErr();
        tuner.run(
                rounds,
                round -> {
                    if (round % 10 == 0) {
                        err.printf(
                                "round %d: %.5f, held back %.5f%n",
                                round, tuner.loss(), tuner.lossHeldBack());
                    }
                });
        if (out != null) {
            Files.writeString(
                    out, "# middlegame/ending, in centipawns\n" + Weights.write(tuner.packed()));
        }
        ObjectNode document = Output.document().put("positions", samples.size());
        document.put("scale", scale).put("lossBefore", before).put("lossAfter", tuner.loss());
        document.put("heldBackBefore", beforeHeldBack);
        document.put("heldBackAfter", tuner.lossHeldBack());
        output.print(
                document,
                print -> {
                    print.printf("%,d positions, scale %.1f cp%n", samples.size(), scale);
                    print.printf("loss %.5f, then %.5f%n", before, tuner.loss());
                    print.printf(
                            "held back %.5f, then %.5f%n", beforeHeldBack, tuner.lossHeldBack());
                });
        return 0;
    }

    private int fitExpected(List<Sample> samples) {
        ObjectNode document = Output.document().put("positions", samples.size());
        List<String> rows = new ArrayList<>();
        for (int third = 0; third < 3; third++) {
            int part = third;
            List<Sample> some =
                    samples.stream()
                            .filter(
                                    s ->
                                            Math.min(2, ExpectedScoreCurve.phase(s.position()) / 8)
                                                    == part)
                            .toList();
            if (some.size() >= 100) {
                double mean =
                        some.stream()
                                .mapToInt(s -> ExpectedScoreCurve.phase(s.position()))
                                .average()
                                .orElseThrow();
                double scale = LogisticScale.fit(some, Sample::centipawns);
                document.putObject("phase" + third).put("mean", mean).put("scale", scale);
                rows.add(
                        String.format(
                                "phase %.1f of 24 on average: scale %.0f cp (%,d positions)",
                                mean, scale, some.size()));
            }
        }
        output.print(document, print -> rows.forEach(print::println));
        return 0;
    }
}
