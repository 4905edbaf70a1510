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
import org.zeroply.library.texts.LibraryWords;
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
                        ? LibraryWords.of("report.shares-by-the-opponent-s")
                        : "";
        return new Report(title(), subtitle(), blocks, foot);
    }

    private String title() {
        String who = brief.player().name();
        return brief.pairing().isBye()
                ? LibraryWords.of("report.no-opponent-in-round", who, brief.pairing().round())
                : LibraryWords.of(
                        "report.round-2",
                        brief.pairing().round(),
                        who,
                        brief.opponent().entrant().name());
    }

    private String subtitle() {
        String date = brief.pairing().date();
        return LibraryWords.of(
                "report.with",
                brief.tournament().title(),
                date.isEmpty() ? "" : ", " + date,
                brief.side().word());
    }

    private String opponent() {
        RoundBrief.Opponent met = brief.opponent();
        String games =
                met.games().isEmpty()
                        ? LibraryWords.of(
                                "report.the-library-has-no-game", brief.side().other().word())
                        : LibraryWords.of(
                                "report.with-in-the-library",
                                Counted.of(met.games().size(), "game"),
                                brief.side().other().word(),
                                met.newest().isEmpty()
                                        ? "."
                                        : LibraryWords.of("report.the-newest-of", met.newest()));
        String standing =
                met.standing().games() == 0
                        ? ""
                        : LibraryWords.of("report.so-far", met.standing().words());
        return met.entrant().words() + "." + standing + " " + games;
    }

    private void plan(List<Report.Block> blocks, RoundPlan plan, int rows) {
        if (!plan.repeat().isEmpty()) {
            blocks.add(new Report.Heading(LibraryWords.of("report.to-repeat-tonight")));
            blocks.add(new Report.Strip(plan.repeat().stream().map(this::problem).toList()));
        }
        list(blocks, LibraryWords.of("report.what-is-likely"), plan.likely(), rows);
        list(blocks, LibraryWords.of("report.where-their-games-end"), plan.ends(), rows);
        plan.step().ifPresent(s -> step(blocks, s));
    }

    private Report.Problem problem(Stop stop) {
        Position position = stop.spot().position();
        Diagram diagram = new Diagram(position, brief.side() == Side.BLACK, Optional.empty());
        String idea = stop.spot().idea().map(i -> "  " + i).orElse("");
        return new Report.Problem(
                diagram,
                LibraryWords.of("report.move", share(stop), position.fullmoveNumber()),
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
            String answer =
                    stop.recommended().isEmpty()
                            ? LibraryWords.of("report.no-move-yet")
                            : stop.recommended();
            blocks.add(
                    new Report.Text(
                            share(stop)
                                    + "  "
                                    + stop.line()
                                    + " → "
                                    + answer
                                    + (stop.games() == 0
                                            ? LibraryWords.of("report.by-others-games")
                                            : "  (" + Counted.of(stop.games(), "game") + ")"),
                            Report.Tone.MOVES));
        }
    }

    private static void step(List<Report.Block> blocks, RoundPlan.Step step) {
        blocks.add(new Report.Heading(LibraryWords.of("report.a-side-step")));
        Position position = step.step().spot().position();
        blocks.add(
                new Report.Text(
                        LibraryWords.of(
                                "report.it-may-go-on",
                                words(step),
                                Line.numbered(position, Line.start(step.proof().line(), PROOF))),
                        Report.Tone.MOVES));
    }

    /** What a side step is and what it costs, in sentences. */
    public static String words(RoundPlan.Step step) {
        Node place = step.step().spot().places().get(0);
        return LibraryWords.of(
                step.inRepertoire()
                        ? "report.instead-of-after-which-they"
                        : "report.instead-of-after-which-they-have",
                Line.to(place, List.of(step.step().step())),
                step.step().instead(),
                Counted.of(step.step().games(), "game"),
                String.format(Locale.ROOT, "%.0f", step.loss()));
    }

    private void openings(List<Report.Block> blocks, int rows) {
        if (!brief.openings().isEmpty()) {
            blocks.add(new Report.Heading(LibraryWords.of("report.what-they-play")));
        }
        for (RoundBrief.Played played : brief.openings().stream().limit(rows).toList()) {
            String scored =
                    played.scored() == 0
                            ? ""
                            : String.format(
                                    Locale.ROOT,
                                    LibraryWords.of("report.of"),
                                    played.points(),
                                    played.scored());
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
