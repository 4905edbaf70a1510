package org.zeroply.library.report;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.board.Side;
import org.zeroply.chess.notation.Line;
import org.zeroply.chess.tree.Annotation;
import org.zeroply.chess.tree.MoveTree;
import org.zeroply.chess.tree.Nag;
import org.zeroply.coach.fact.material.MaterialBalance;
import org.zeroply.coach.fact.material.MaterialScale;
import org.zeroply.coach.fact.material.Phase;
import org.zeroply.coach.review.GameReview;
import org.zeroply.coach.review.GradeFigure;
import org.zeroply.coach.review.Moment;
import org.zeroply.coach.review.MoveReview;
import org.zeroply.coach.review.PlayerReview;
import org.zeroply.library.drawing.CoursePlot;
import org.zeroply.library.drawing.Diagram;
import org.zeroply.library.texts.LibraryWords;

/** The report of a reviewed game. */
public final class GameReport {

    /** Plies of a line that are printed. */
    private static final int LONGEST = 14;

    private final GameReview review;
    private final Map<Integer, String> words;
    private final String stamp;
    private final List<Report.Block> blocks = new ArrayList<>();

    private GameReport(GameReview review, Map<Integer, String> words, String stamp) {
        this.review = review;
        this.words = words;
        this.stamp = stamp;
    }

    /**
     * The report of a game.
     *
     * @param words the coach's own words for moments, by ply; they stand in place of the program's
     * @param dismissed plies of moments that are left out
     * @param stamp engine and nodes, for the foot
     */
    public static Report of(
            GameReview review, Map<Integer, String> words, Set<Integer> dismissed, String stamp) {
        return new GameReport(review, words, stamp).build(dismissed);
    }

    private Report build(Set<Integer> dismissed) {
        MoveTree game = review.game();
        List<Moment> moments =
                review.moments().stream()
                        .filter(m -> !dismissed.contains(m.move().ply()))
                        .sorted(Comparator.comparingInt((Moment m) -> m.move().ply()))
                        .toList();
        blocks.add(new Report.Course(new CoursePlot(review, moments)));
        blocks.add(
                new Report.Text(
                        LibraryWords.of("report.white-s-expected-score-after"), Report.Tone.FADED));
        review.course().ifPresent(c -> blocks.add(new Report.Text(c.text(), Report.Tone.PLAIN)));
        if (!moments.isEmpty()) {
            blocks.add(new Report.Heading("Moments"));
        }
        for (int i = 0; i < moments.size(); i++) {
            blocks.add(card(i + 1, moments.get(i)));
        }
        blocks.add(new Report.Heading("Players"));
        blocks.add(players());
        review.departure().ifPresent(d -> blocks.add(new Report.Text(d.text(), Report.Tone.PLAIN)));
        return new Report(
                game.tag("White") + " – " + game.tag("Black") + "  " + game.result(),
                subtitle(game),
                blocks,
                stamp);
    }

    private static String subtitle(MoveTree game) {
        return String.join(
                ", ",
                List.of("Event", "Round", "Date").stream()
                        .map(
                                t ->
                                        t.equals("Round")
                                                ? LibraryWords.of("report.round", game.tag(t))
                                                : String.valueOf(game.tag(t)))
                        .filter(v -> !v.isBlank() && !v.contains("?") && !v.equals("round "))
                        .toList());
    }

    private Report.Card card(int number, Moment moment) {
        MoveReview move = moment.move();
        String title =
                number
                        + "   "
                        + Line.number(move.position(), true)
                        + move.san()
                        + move.grade().map(Nag::show).orElse("")
                        + "   "
                        + moment.title();
        List<Report.Text> texts = new ArrayList<>();
        String own = words.getOrDefault(move.ply(), "");
        texts.add(
                own.isEmpty()
                        ? new Report.Text(moment.text(), Report.Tone.PLAIN)
                        : new Report.Text(own, Report.Tone.COACH));
        line(moment.from(), moment.line()).forEach(texts::add);
        if (!moment.tempting().isEmpty()) {
            texts.add(
                    new Report.Text(
                            LibraryWords.of(
                                    "report.tempting",
                                    Line.numbered(
                                            moment.from(), Line.start(moment.tempting(), LONGEST))),
                            Report.Tone.FADED));
        }
        coach(move).ifPresent(texts::add);
        Optional<Move> arrow = moment.line().stream().findFirst();
        Diagram diagram = new Diagram(moment.from(), move.side() == Side.BLACK, arrow);
        return new Report.Card(diagram, title, texts);
    }

    /** A line with the material balance after each move. */
    static List<Report.Text> line(Position from, List<Move> line) {
        List<Move> shown = Line.start(line, LONGEST);
        if (shown.isEmpty()) {
            return List.of();
        }
        List<String> steps = new ArrayList<>();
        Position p = from;
        for (Move move : shown) {
            p = p.play(move);
            int lead = MaterialBalance.of(p).hundredths(MaterialScale.SCHOOL);
            steps.add(MaterialBalance.print(lead));
        }
        return List.of(
                new Report.Text(Line.numbered(from, shown), Report.Tone.MOVES),
                new Report.Text(
                        LibraryWords.of("report.balance", String.join("  ", steps)),
                        Report.Tone.FADED));
    }

    /** The coach's comment and verdict on the move in the game. */
    private static Optional<Report.Text> coach(MoveReview move) {
        Annotation annotation = move.node().annotation();
        String verdict = annotation.verdict().map(v -> v.symbol() + " ").orElse("");
        String said = (verdict + annotation.after()).strip();
        return said.isEmpty()
                ? Optional.empty()
                : Optional.of(new Report.Text(said, Report.Tone.COACH));
    }

    private Report.Table players() {
        List<String> head = new ArrayList<>(List.of(""));
        List<List<String>> rows = new ArrayList<>();
        for (PlayerReview player : review.players()) {
            head.add(player.side().word());
        }
        for (Phase phase : Phase.values()) {
            row(rows, LibraryWords.of("report.loss-a-move", phase.word()), p -> loss(p, phase));
        }
        row(rows, LibraryWords.of("report.engine-s-first-choice"), p -> percent(p.firstChoices()));
        for (GradeFigure g : GradeFigure.values()) {
            row(rows, g.label(), p -> String.valueOf(g.of(p)));
        }
        if (review.players().stream().anyMatch(p -> p.secondsAMove().isPresent())) {
            row(
                    rows,
                    LibraryWords.of("report.seconds-a-move"),
                    p -> p.secondsAMove().map(GameReport::whole).orElse("–"));
            row(
                    rows,
                    LibraryWords.of("report.errors-in-time-trouble"),
                    p -> String.valueOf(p.errors().inTimeTrouble()));
        }
        return new Report.Table(head, rows);
    }

    private interface Figure {
        String of(PlayerReview player);
    }

    private void row(List<List<String>> rows, String name, Figure figure) {
        List<String> row = new ArrayList<>(List.of(name));
        review.players().forEach(p -> row.add(figure.of(p)));
        rows.add(row);
    }

    private static String loss(PlayerReview player, Phase phase) {
        return Optional.ofNullable(player.loss().mean().get(phase))
                .map(l -> String.format(Locale.ROOT, "%.1f", l))
                .orElse("–");
    }

    private static String percent(double part) {
        return Math.round(100 * part) + "%";
    }

    private static String whole(double value) {
        return String.valueOf(Math.round(value));
    }
}
