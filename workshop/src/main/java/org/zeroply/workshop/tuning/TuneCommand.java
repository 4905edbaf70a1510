package org.zeroply.workshop.tuning;

import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.Callable;
import org.zeroply.engine.analysis.ExpectedScoreCurve;
import org.zeroply.engine.eval.Evaluator;
import org.zeroply.engine.eval.Weights;
import org.zeroply.workshop.command.Answer;
import org.zeroply.workshop.command.JudgeOption;
import org.zeroply.workshop.command.Refusal;
import org.zeroply.workshop.selfplay.JudgedPosition;
import org.zeroply.workshop.selfplay.PositionFiles;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;

/** Fits the hand-made terms, or the curve of expected scores. */
@Command(
        name = "tune",
        description =
                "Fits the weights of the evaluation to positions that selfplay wrote, "
                        + "or with --expected the curve from centipawns to expected score.")
public final class TuneCommand implements Callable<Integer> {

    private static final int LEAST = 100;
    private static final int THIRDS = 3;
    private static final int PHASES_OF_A_THIRD = 8;

    @Mixin private Answer answer;

    @Parameters(
            paramLabel = "PATH",
            description = "Files of positions that selfplay wrote, or folders of them.",
            arity = "1..*")
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

    @Override
    public Integer call() throws IOException {
        List<JudgedPosition> samples = new ArrayList<>();
        for (Path file : PositionFiles.in(files)) {
            samples.addAll(PositionFiles.read(file));
        }
        if (samples.size() < LEAST) {
            throw new Refusal(
                    "At least "
                            + LEAST
                            + " positions are needed, there are "
                            + samples.size()
                            + ".");
        }
        return expected ? fitExpected(samples) : fitWeights(samples);
    }

    private int fitWeights(List<JudgedPosition> samples) throws IOException {
        Weights weights = JudgeOption.terms(start);
        Evaluator evaluator = Evaluator.with(weights);
        double scale = LogisticScale.fit(samples, s -> evaluator.evaluate(s.position().toBoard()));
        Tuner tuner = new Tuner(samples, weights, scale, resultShare, pull);
        double before = tuner.loss();
        double beforeHeldBack = tuner.lossHeldBack();
        tuner.run(
                rounds,
                round -> {
                    if (round % 10 == 0) {
                        answer.progress(
                                String.format(
                                        "round %d: %.5f, held back %.5f",
                                        round, tuner.loss(), tuner.lossHeldBack()));
                    }
                });
        if (out != null) {
            Files.writeString(
                    out, "# middlegame/ending, in centipawns\n" + Weights.write(tuner.packed()));
        }
        ObjectNode document = Answer.document().put("positions", samples.size());
        document.put("scale", scale).put("lossBefore", before).put("lossAfter", tuner.loss());
        document.put("heldBackBefore", beforeHeldBack);
        document.put("heldBackAfter", tuner.lossHeldBack());
        answer.print(
                document,
                String.format(
                        "%,d positions, scale %.1f cp%nloss %.5f, then %.5f%n"
                                + "held back %.5f, then %.5f",
                        samples.size(),
                        scale,
                        before,
                        tuner.loss(),
                        beforeHeldBack,
                        tuner.lossHeldBack()));
        return 0;
    }

    private int fitExpected(List<JudgedPosition> samples) {
        ObjectNode document = Answer.document().put("positions", samples.size());
        List<List<JudgedPosition>> thirds = new ArrayList<>();
        int[] phases = new int[THIRDS];
        for (int third = 0; third < THIRDS; third++) {
            thirds.add(new ArrayList<>());
        }
        for (JudgedPosition sample : samples) {
            int phase = ExpectedScoreCurve.phase(sample.position());
            int third = Math.min(THIRDS - 1, phase / PHASES_OF_A_THIRD);
            thirds.get(third).add(sample);
            phases[third] += phase;
        }
        List<String> rows = new ArrayList<>();
        for (int third = 0; third < THIRDS; third++) {
            List<JudgedPosition> some = thirds.get(third);
            if (some.size() >= LEAST) {
                double mean = (double) phases[third] / some.size();
                ResultCurve curve = ResultCurve.fit(some);
                document.putObject("phase" + third)
                        .put("mean", mean)
                        .put("edge", curve.edge())
                        .put("width", curve.width())
                        .put("positions", curve.positions());
                rows.add(
                        String.format(
                                "phase %.1f of 24 on average: edge %.0f cp, width %.0f cp"
                                        + " (%,d positions)",
                                mean, curve.edge(), curve.width(), curve.positions()));
            }
        }
        answer.print(document, String.join(System.lineSeparator(), rows));
        return 0;
    }
}
