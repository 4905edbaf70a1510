package org.zeroply.cli.review;

import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.IOException;
import java.io.PrintWriter;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.concurrent.Callable;
import org.zeroply.chess.board.Side;
import org.zeroply.chess.notation.Counted;
import org.zeroply.chess.notation.Line;
import org.zeroply.cli.console.BadInputException;
import org.zeroply.cli.console.Output;
import org.zeroply.cli.console.ReportFile;
import org.zeroply.cli.console.TextTable;
import org.zeroply.coach.fact.tactics.theme.Theme;
import org.zeroply.coach.review.profile.GameFigures;
import org.zeroply.coach.review.profile.MeanLoss;
import org.zeroply.coach.review.profile.Profile;
import org.zeroply.library.report.StudentReport;
import picocli.CommandLine;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;

/** The command {@code profile}. */
@Command(
        name = "profile",
        description = {
            "A player over many games: where points are lost, on which themes, and whether it"
                    + " gets better, each with how sure it is."
        })
public final class ProfileCommand implements Callable<Integer> {

    @Mixin private Output output;
    @Mixin private ReviewRun run;

    @CommandLine.Spec private CommandLine.Model.CommandSpec spec;

    @Override
    public Integer call() throws IOException {
        if (run.player().isEmpty()) {
            throw new BadInputException("Name a player with --player.");
        }
        List<GameFigures> games = new ArrayList<>();
        List<String> names = new ArrayList<>();
        run.run(
                spec.commandLine().getErr(),
                (id, review) -> {
                    Side side = run.side(review.game()).orElseThrow();
                    names.add(review.game().tag(side.word()));
                    long number = id == 0 ? games.size() + 1 : id;
                    games.add(GameFigures.of(number, review, side));
                });
        Profile profile = Profile.of(names.get(0), games);
        Map<Theme, List<String>> exercises = run.exercises(profile.worst());
        if (run.report().isPresent()) {
            ReportFile.write(StudentReport.of(profile, exercises, run.stamp()), run.report().get());
        }
        ObjectNode document = document(profile, exercises);
        document.set("rejected", Output.node(run.rejected()));
        output.print(document, out -> print(out, profile));
        return 0;
    }

    private static ObjectNode document(Profile profile, Map<Theme, List<String>> exercises) {
        ObjectNode node = Output.document().put("player", profile.name());
        node.put("games", profile.games().size()).put("errors", profile.errors());
        node.set("loss", estimate(profile.overall()));
        ObjectNode phases = node.putObject("byPhase");
        profile.byPhase().forEach((phase, e) -> phases.set(phase.word(), estimate(e)));
        ObjectNode sides = node.putObject("bySide");
        profile.bySide().forEach((side, e) -> sides.set(side.smallWord(), estimate(e)));
        ObjectNode kinds = node.putObject("byKind");
        profile.byKind().forEach((kind, n) -> kinds.put(kind.word(), n));
        ArrayNode themes = node.putArray("byTheme");
        for (Profile.ThemeFigures t : profile.byTheme()) {
            ObjectNode theme = themes.addObject().put("theme", t.theme().word());
            theme.put("missed", t.missed()).put("allowed", t.allowed());
            theme.put("loss", Math.round(t.loss()));
            theme.set("exercises", Output.node(exercises.getOrDefault(t.theme(), List.of())));
            ArrayNode examples = theme.putArray("examples");
            for (Profile.Example e : t.examples()) {
                examples.addObject()
                        .put("game", e.game().title())
                        .put("date", e.game().date())
                        .put("ply", e.error().at().ply())
                        .put("move", e.error().at().move())
                        .put("loss", Math.round(e.error().loss()))
                        .put("fen", e.error().position().fen())
                        .set("line", Output.node(Line.san(e.error().position(), e.error().line())));
            }
        }
        ArrayNode openings = node.putArray("byOpening");
        for (Profile.OpeningFigures o : profile.byOpening()) {
            ObjectNode opening = openings.addObject().put("opening", o.name());
            opening.put("side", o.side().smallWord()).put("score", o.score());
            opening.set("loss", estimate(o.loss()));
        }
        node.set("withTime", estimate(profile.inCalm()));
        node.set("inTimeTrouble", estimate(profile.inTrouble()));
        ArrayNode course = node.putArray("course");
        List<MeanLoss> trend = profile.trend();
        for (int i = 0; i < profile.games().size(); i++) {
            GameFigures.Played game = profile.games().get(i).played();
            ObjectNode point = course.addObject().put("game", game.title());
            point.put("date", game.date());
            point.put("loss", profile.course().get(i));
            if (!trend.isEmpty()) {
                point.set("trend", estimate(trend.get(i)));
            }
        }
        return node.put("change", profile.change());
    }

    private static ObjectNode estimate(MeanLoss e) {
        ObjectNode node = Output.document().put("mean", e.mean());
        e.margin().ifPresent(m -> node.put("low", e.low()).put("high", e.high()));
        return node.put("games", e.games()).put("moves", e.moves());
    }

    private static void print(PrintWriter out, Profile profile) {
        out.printf(
                "%s, %s: %s points a move%n",
                profile.name(),
                Counted.of(profile.games().size(), "game"),
                profile.overall().text());
        TextTable table = new TextTable("l");
        profile.byPhase().forEach((phase, e) -> row(table, phase.word(), e));
        profile.bySide().forEach((side, e) -> row(table, "with " + side.word(), e));
        row(table, "with time", profile.inCalm());
        row(table, "in time trouble", profile.inTrouble());
        table.print(out, "  ");
        out.println("  " + profile.change());
        for (Profile.ThemeFigures t : profile.worst()) {
            out.printf(
                    Locale.ROOT,
                    "  %s: missed %d, allowed %d, %.0f points%n",
                    t.theme().words(),
                    t.missed(),
                    t.allowed(),
                    t.loss());
            for (Profile.Example e : t.examples()) {
                out.printf("      %s  %s%n", e.error().at().move(), e.game().title());
            }
        }
    }

    private static void row(TextTable table, String name, MeanLoss estimate) {
        if (estimate.games() > 0) {
            table.row(name, estimate.text());
        }
    }
}
