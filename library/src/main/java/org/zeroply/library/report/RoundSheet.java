package org.zeroply.library.report;

import java.io.IOException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.board.Side;
import org.zeroply.chess.notation.Counted;
import org.zeroply.chess.notation.Line;
import org.zeroply.chess.tree.Node;
import org.zeroply.coach.repertoire.Preparation.Stop;
import org.zeroply.coach.repertoire.tournament.RoundPlan;
import org.zeroply.library.drawing.Diagram;
import org.zeroply.library.tournament.RoundBrief;

/** What is prepared for a round, on one page: as much of it as fits. */
public final class RoundSheet {

    /** Moves of a line that proves a side step. */
    private static final int PROOF = 8;

    /** Rows of lists from which is cut until all stands on a page. */
    private static final int MOST_ROWS = 6;

    private final RoundBrief brief;

    public RoundSheet(RoundBrief brief) {
        this.brief = brief;
    }

    /**
     * Writes the sheet: a page for the browser by its ending, else a PDF.
     *
     * @throws IOException if it cannot be written
     */
    public void write(Path file) throws IOException {
        ReportWriter.write(report(), file);
    }

    /** The sheet, with lists so long that it is one page of A4. */
    public Report report() throws IOException {
        for (int rows = MOST_ROWS; rows > 1; rows--) {
            Report report = report(rows);
            if (PdfReport.pages(report) == 1) {
                return report;
            }
        }
        return report(1);
    }

    private Report report(int rows) {
        List<Report.Block> blocks = new ArrayList<>();
        if (!brief.pairing().note().isEmpty()) {
            blocks.add(new Report.Text(brief.pairing().note(), Report.Tone.COACH));
        }
        blocks.add(new Report.Text(opponent(), Report.Tone.PLAIN));
        brief.plan().ifPresent(p -> plan(blocks, p, rows));
        openings(blocks, Math.min(rows, MOST_ROWS / 2));
        String foot =
                brief.plan().flatMap(RoundPlan::step).isPresent()
                        ? "Shares by the opponent's games, recent ones first; where there are none,"
                                + " by all games of the library."
                        : "";
        return new Report(title(), subtitle(), blocks, foot);
    }

    private String title() {
        String who = brief.player().name();
        return brief.pairing().isBye()
                ? who + ": no opponent in round " + brief.pairing().round()
                : "Round "
                        + brief.pairing().round()
                        + ": "
                        + who
                        + " – "
                        + brief.opponent().entrant().name();
    }

    private String subtitle() {
        String date = brief.pairing().date();
        return brief.tournament().title()
                + (date.isEmpty() ? "" : ", " + date)
                + ", with "
                + brief.side().word();
    }

    private String opponent() {
        RoundBrief.Opponent met = brief.opponent();
        String games =
                met.games().isEmpty()
                        ? "The library has no game of theirs with "
                                + brief.side().other().word()
                                + "."
                        : Counted.of(met.games().size(), "game")
                                + " with "
                                + brief.side().other().word()
                                + " in the library"
                                + (met.newest().isEmpty()
                                        ? "."
                                        : ", the newest of " + met.newest() + ".");
        String standing =
                met.standing().games() == 0 ? "" : " " + met.standing().words() + " so far.";
        return met.entrant().words() + "." + standing + " " + games;
    }

    private void plan(List<Report.Block> blocks, RoundPlan plan, int rows) {
        if (!plan.repeat().isEmpty()) {
            blocks.add(new Report.Heading("To repeat tonight"));
            blocks.add(new Report.Strip(plan.repeat().stream().map(this::problem).toList()));
        }
        list(blocks, "What is likely", plan.likely(), rows);
        list(blocks, "Where their games end", plan.ends(), rows);
        plan.step().ifPresent(s -> step(blocks, s));
    }

    private Report.Problem problem(Stop stop) {
        Position position = stop.spot().position();
        Diagram diagram = new Diagram(position, brief.side() == Side.BLACK, Optional.empty());
        String idea = stop.spot().idea().map(i -> "  " + i).orElse("");
        return new Report.Problem(
                diagram,
                share(stop) + ", move " + position.fullmoveNumber(),
                Line.number(position, true) + stop.recommended() + idea);
    }

    private static String share(Stop stop) {
        return String.format(Locale.ROOT, "%.0f%%", 100 * stop.probability());
    }

    private static void list(
            List<Report.Block> blocks, String heading, List<Stop> stops, int rows) {
        if (!stops.isEmpty()) {
            blocks.add(new Report.Heading(heading));
        }
        for (Stop stop : stops.stream().limit(rows).toList()) {
            String answer = stop.recommended().isEmpty() ? "no move yet" : stop.recommended();
            blocks.add(
                    new Report.Text(
                            share(stop)
                                    + "  "
                                    + stop.line()
                                    + " → "
                                    + answer
                                    + (stop.games() == 0
                                            ? "  (by others' games)"
                                            : "  (" + Counted.of(stop.games(), "game") + ")"),
                            Report.Tone.MOVES));
        }
    }

    private static void step(List<Report.Block> blocks, RoundPlan.Step step) {
        blocks.add(new Report.Heading("A side step"));
        Position position = step.step().spot().position();
        blocks.add(
                new Report.Text(
                        words(step)
                                + " It may go on "
                                + Line.numbered(position, Line.start(step.proof().line(), PROOF))
                                + ".",
                        Report.Tone.MOVES));
    }

    /** What a side step is and what it costs, in sentences. */
    public static String words(RoundPlan.Step step) {
        Node place = step.step().spot().places().get(0);
        return Line.to(place, List.of(step.step().step()))
                + " instead of "
                + step.step().instead()
                + ", after which they have "
                + Counted.of(step.step().games(), "game")
                + "; it loses "
                + String.format(Locale.ROOT, "%.0f", step.loss())
                + " points of a hundred"
                + (step.inRepertoire() ? "." : " and is not in the repertoire yet.");
    }

    private void openings(List<Report.Block> blocks, int rows) {
        if (!brief.openings().isEmpty()) {
            blocks.add(new Report.Heading("What they play"));
        }
        for (RoundBrief.Played played : brief.openings().stream().limit(rows).toList()) {
            String scored =
                    played.scored() == 0
                            ? ""
                            : String.format(
                                    Locale.ROOT, ", %.1f of %d", played.points(), played.scored());
            blocks.add(
                    new Report.Text(
                            played.name()
                                    + ": "
                                    + Counted.of(played.games(), "game")
                                    + scored
                                    + brief.lossIn(played),
                            Report.Tone.PLAIN));
        }
    }
}
