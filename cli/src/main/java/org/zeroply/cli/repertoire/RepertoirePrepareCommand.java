package org.zeroply.cli.repertoire;

import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.IOException;
import java.io.PrintWriter;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.concurrent.Callable;
import org.zeroply.chess.board.Side;
import org.zeroply.chess.notation.Counted;
import org.zeroply.chess.tree.MoveTree;
import org.zeroply.cli.console.BadInputException;
import org.zeroply.cli.console.Output;
import org.zeroply.coach.evaluation.MoveEvaluator;
import org.zeroply.coach.repertoire.EngineAudit;
import org.zeroply.coach.repertoire.GameComparison;
import org.zeroply.coach.repertoire.Preparation;
import org.zeroply.coach.repertoire.Repertoire;
import org.zeroply.coach.review.FirstPass;
import org.zeroply.coach.review.KnownGames;
import org.zeroply.coach.review.profile.GameFigures;
import org.zeroply.coach.review.profile.Profile;
import org.zeroply.engine.analysis.Cancellation;
import org.zeroply.engine.analysis.Engine;
import picocli.CommandLine;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Option;

@Command(
        name = "prepare",
        description =
                "What an opponent is likely to play against the repertoire, what to repeat tonight,"
                        + " where the opponent's experience ends, sound side steps, and in which"
                        + " openings the opponent loses most.")
final class RepertoirePrepareCommand implements Callable<Integer> {

    private static final int REPEAT = 4;
    private static final int SHOWN = 12;

    @Mixin private Output output;
    @Mixin private RepertoireInput input;

    @Option(
            names = "--opponent",
            required = true,
            description = "The opponent's games.",
            paramLabel = "GAMES.pgn")
    private Path games;

    @Option(names = "--player", required = true, description = "A part of the name will do.")
    private String player;

    @Option(
            names = "--max-loss",
            description = "Points of a hundred that a side step may lose.",
            paramLabel = "X")
    private double most = EngineAudit.USUAL_LOSS;

    @CommandLine.Spec private CommandLine.Model.CommandSpec spec;

    /** A side step with what it loses, in points of a hundred; empty without an engine. */
    private record Judged(Preparation.SideStep step, Optional<Double> loss) {}

    @Override
    public Integer call() throws IOException {
        PrintWriter err = spec.commandLine().getErr();
        Repertoire repertoire = input.repertoire(err);
        List<MoveTree> theirs = new ArrayList<>();
        for (MoveTree game : input.trees(games, err)) {
            Optional<Side> side = GameComparison.side(game, player);
            if (side.equals(Optional.of(repertoire.side().other()))) {
                theirs.add(game);
            }
        }
        if (theirs.isEmpty()) {
            throw new BadInputException(
                    "There is no game of "
                            + player
                            + " with "
                            + repertoire.side().other().word()
                            + ".");
        }
        Preparation preparation = new Preparation(repertoire, theirs, input.school());
        MoveEvaluator evaluator = input.evaluator();
        List<Judged> steps =
                preparation.sideSteps().stream()
                        .map(s -> new Judged(s, loss(s, evaluator)))
                        .filter(j -> j.loss().orElse(0.0) <= most)
                        .toList();
        Profile profile =
                Profile.of(player, figures(theirs, repertoire.side().other(), input.engine(), err));
        ObjectNode document = document(preparation, steps, profile, theirs.size());
        document.set("rejected", Output.node(input.rejected()));
        output.print(document, out -> print(out, preparation, steps, profile));
        return 0;
    }

    private Optional<Double> loss(Preparation.SideStep step, MoveEvaluator evaluator) {
        return input.nodes() == 0
                ? Optional.empty()
                : Optional.of(evaluator.loss(step.spot().position(), step.step()).points());
    }

    /** What the opponent loses in each game; none without an engine. */
    private List<GameFigures> figures(
            List<MoveTree> theirs, Side side, Engine engine, PrintWriter err) {
        List<GameFigures> figures = new ArrayList<>();
        if (input.nodes() == 0) {
            return figures;
        }
        FirstPass pass = new FirstPass(engine, input.nodes(), KnownGames.NONE);
        for (MoveTree game : theirs) {
            err.printf("%d of %d%n", figures.size() + 1, theirs.size());
            err.flush();
            pass.review(game, Optional.of(side), p -> {}, new Cancellation())
                    .map(r -> GameFigures.of(figures.size() + 1L, r, side))
                    .ifPresent(figures::add);
        }
        return figures;
    }

    private static ObjectNode document(
            Preparation preparation, List<Judged> steps, Profile profile, int games) {
        ObjectNode document = Output.document().put("games", games);
        ArrayNode likely = document.putArray("likely");
        preparation.stops().forEach(s -> likely.add(stop(s)));
        ArrayNode repeat = document.putArray("repeat");
        preparation.toRepeat(REPEAT).forEach(s -> repeat.add(stop(s)));
        ArrayNode sideSteps = document.putArray("sideSteps");
        for (Judged j : steps) {
            ObjectNode step = sideSteps.addObject().put("line", j.step().line());
            step.put("move", j.step().move()).put("instead", j.step().instead());
            step.put("games", j.step().games());
            j.loss().ifPresent(l -> step.put("loss", l));
        }
        ArrayNode weak = document.putArray("openings");
        profile.byOpening()
                .forEach(
                        o ->
                                weak.addObject()
                                        .put("opening", o.name())
                                        .put("games", o.loss().games())
                                        .put("loss", o.loss().mean())
                                        .put("score", o.score()));
        return document;
    }

    private static ObjectNode stop(Preparation.Stop stop) {
        return Output.document()
                .put("line", stop.line())
                .put("probability", stop.probability())
                .put("games", stop.games())
                .put("recommended", stop.recommended())
                .put("experienceEnds", stop.experienceEnds());
    }

    private static void print(
            PrintWriter out, Preparation preparation, List<Judged> steps, Profile profile) {
        out.println("Likely:");
        preparation.stops().stream().limit(SHOWN).forEach(s -> out.println("  " + words(s)));
        out.println("Repeat tonight:");
        preparation.toRepeat(REPEAT).forEach(s -> out.println("  " + words(s)));
        out.println(steps.isEmpty() ? "Side steps: none" : "Side steps:");
        for (Judged j : steps) {
            out.printf(
                    Locale.ROOT,
                    "  %s  %s instead of %s (%s)%s%n",
                    j.step().line(),
                    j.step().move(),
                    j.step().instead(),
                    Counted.of(j.step().games(), "game"),
                    j.loss().map(l -> String.format(Locale.ROOT, ", %.0f points", l)).orElse(""));
        }
        out.println(
                "Loses a move, by opening:" + (profile.byOpening().isEmpty() ? " not known" : ""));
        for (Profile.OpeningFigures o : profile.byOpening()) {
            out.printf(
                    "  %s: %s points, %s, scored %s%n",
                    o.name(), o.loss().text(), Counted.of(o.loss().games(), "game"), o.score());
        }
    }

    private static String words(Preparation.Stop s) {
        return String.format(
                Locale.ROOT,
                "%5.1f%%  %s: %s (%s)%s",
                100 * s.probability(),
                s.line().isEmpty() ? "at the start" : s.line(),
                s.recommended().isEmpty() ? "no move for us" : s.recommended(),
                Counted.of(s.games(), "game"),
                s.experienceEnds() ? ", new to the opponent" : "");
    }
}
