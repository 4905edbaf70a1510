package org.zeroply.cli.tournament;

import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.IOException;
import java.io.PrintWriter;
import java.nio.file.Path;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.concurrent.Callable;
import org.zeroply.chess.notation.Counted;
import org.zeroply.chess.notation.Line;
import org.zeroply.cli.console.Libraries;
import org.zeroply.cli.console.Output;
import org.zeroply.cli.console.ReportFile;
import org.zeroply.coach.repertoire.Preparation.Stop;
import org.zeroply.coach.repertoire.tournament.RoundPlan;
import org.zeroply.engine.analysis.Cancellation;
import org.zeroply.library.Library;
import org.zeroply.library.report.RoundSheet;
import org.zeroply.library.review.ReviewedFigures;
import org.zeroply.library.tournament.RoundBrief;
import org.zeroply.library.tournament.RoundBriefs;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Option;

/** The command {@code tournament round}. */
@Command(
        name = "round",
        description =
                "Prepares a round for a player, the next one if none is named: the opponent's"
                        + " games, what is likely against the repertoire, where their experience"
                        + " ends, four positions to repeat, and one side step.")
final class TournamentRoundCommand implements Callable<Integer> {

    /** Games of the opponent that are named, the newest. */
    private static final int RECENT = 12;

    @Mixin private Output output;
    @Mixin private TournamentInput input;

    @Option(
            names = "--out",
            description = "A file for the sheet of one page.",
            paramLabel = "SHEET.pdf|SHEET.html")
    private Path out;

    @Override
    public Integer call() throws IOException {
        if (out != null) {
            ReportFile.check(out);
        }
        Libraries.check(input.library());
        try (Library open = Library.open(input.library())) {
            TournamentInput.Found found = input.find(open, TournamentInput::next);
            ReviewedFigures reviewed = new ReviewedFigures(open, input.engine());
            RoundBrief brief =
                    new RoundBriefs(
                                    open,
                                    TournamentInput.student(open, found.player()),
                                    LocalDate.now(ZoneId.systemDefault()).toEpochDay(),
                                    (name, side) ->
                                            input.evaluator().isEmpty()
                                                    ? List.of()
                                                    : reviewed.of(name, side, new Cancellation()))
                            .of(
                                    found.tournament(),
                                    found.pairing(),
                                    found.side(),
                                    input.evaluator());
            if (out != null) {
                new RoundSheet(brief).write(out);
            }
            output.print(document(brief), text -> print(text, brief));
        }
        return 0;
    }

    private static ObjectNode document(RoundBrief brief) {
        ObjectNode document = Output.document().put("tournament", brief.tournament().title());
        TournamentInput.fill(document.putObject("pairing"), brief.pairing());
        document.put("player", brief.player().name()).put("side", brief.side().word());
        RoundBrief.Opponent met = brief.opponent();
        ObjectNode opponent = document.putObject("opponent").put("name", met.entrant().name());
        opponent.set("names", Output.node(met.names()));
        opponent.put("rating", met.entrant().rating()).put("games", met.games().size());
        opponent.put("newest", met.newest()).put("points", met.standing().points());
        opponent.put("rounds", met.standing().games());
        ArrayNode games = opponent.putArray("recent");
        for (RoundBrief.GameOf game : met.games().stream().limit(RECENT).toList()) {
            games.addObject()
                    .put("game", game.id())
                    .put("players", game.players())
                    .put("date", game.date())
                    .put("result", game.result())
                    .put("opening", game.opening());
        }
        ArrayNode openings = document.putArray("openings");
        for (RoundBrief.Played played : brief.openings()) {
            openings.addObject()
                    .put("opening", played.name())
                    .put("games", played.games())
                    .put("points", played.points())
                    .put("scored", played.scored());
        }
        ArrayNode losses = document.putArray("losses");
        brief.losses()
                .forEach(
                        o ->
                                losses.addObject()
                                        .put("opening", o.name())
                                        .put("games", o.loss().games())
                                        .put("loss", o.loss().mean()));
        RoundPlan plan =
                brief.plan()
                        .orElse(new RoundPlan(List.of(), List.of(), List.of(), Optional.empty()));
        stops(document.putArray("likely"), plan.likely());
        stops(document.putArray("repeat"), plan.repeat());
        stops(document.putArray("ends"), plan.ends());
        plan.step().ifPresent(s -> step(document.putObject("sideStep"), s));
        return document;
    }

    private static void stops(ArrayNode into, List<Stop> stops) {
        for (Stop stop : stops) {
            into.addObject()
                    .put("line", stop.line())
                    .put("fen", stop.spot().position().fen())
                    .put("probability", stop.probability())
                    .put("games", stop.games())
                    .put("recommended", stop.recommended());
        }
    }

    private static void step(ObjectNode node, RoundPlan.Step step) {
        node.put("line", step.step().line()).put("move", step.step().move());
        node.put("instead", step.step().instead()).put("games", step.step().games());
        node.put("loss", step.loss()).put("inRepertoire", step.inRepertoire());
        node.set(
                "proof", Output.node(Line.san(step.step().spot().position(), step.proof().line())));
    }

    private static void print(PrintWriter text, RoundBrief brief) {
        RoundBrief.Opponent met = brief.opponent();
        text.printf(
                "%s, round %d: %s with %s%n",
                brief.tournament().title(),
                brief.pairing().round(),
                brief.player().name(),
                brief.side().word());
        if (brief.pairing().isBye()) {
            text.println("No opponent in this round.");
            return;
        }
        text.printf(
                "Against %s, %s so far, %s with %s%n",
                met.entrant().words(),
                met.standing().words(),
                Counted.of(met.games().size(), "game"),
                brief.side().other().word());
        for (RoundBrief.Played played : brief.openings()) {
            text.printf(
                    Locale.ROOT,
                    "  %s: %s, %.1f of %d%n",
                    played.name(),
                    Counted.of(played.games(), "game"),
                    played.points(),
                    played.scored());
        }
        if (brief.plan().isEmpty()) {
            text.println("The library has no repertoire for " + brief.side().word() + ".");
            return;
        }
        RoundPlan plan = brief.plan().get();
        print(text, "Likely", plan.likely());
        print(text, "To repeat tonight", plan.repeat());
        print(text, "Where their games end", plan.ends());
        text.println(
                plan.step().map(s -> "Side step: " + RoundSheet.words(s)).orElse("No side step."));
    }

    private static void print(PrintWriter text, String what, List<Stop> stops) {
        text.println(what + (stops.isEmpty() ? ": none" : ":"));
        for (Stop stop : stops) {
            text.printf(
                    Locale.ROOT,
                    "  %3.0f%%  %s: %s (%s)%n",
                    100 * stop.probability(),
                    stop.line().isEmpty() ? "at the start" : stop.line(),
                    stop.recommended().isEmpty() ? "no move for us" : stop.recommended(),
                    Counted.of(stop.games(), "game"));
        }
    }
}
