package org.zeroply.library.report;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import org.zeroply.chess.board.Side;
import org.zeroply.chess.notation.Counted;
import org.zeroply.coach.fact.Sentence;
import org.zeroply.coach.fact.tactics.theme.Theme;
import org.zeroply.coach.review.profile.MeanLoss;
import org.zeroply.coach.review.profile.Profile;
import org.zeroply.library.drawing.Diagram;
import org.zeroply.library.drawing.TrendPlot;
import org.zeroply.library.texts.LibraryWords;

/** The report of a student over many games. */
public final class StudentReport {

    private static final int EXAMPLES = 4;
    private static final int OPENINGS = 8;

    private StudentReport() {}

    /**
     * The report.
     *
     * @param exercises titles of exercises that train a theme
     * @param stamp engine and nodes, for the foot
     */
    public static Report of(Profile profile, Map<Theme, List<String>> exercises, String stamp) {
        List<Report.Block> blocks = new ArrayList<>();
        blocks.add(
                plain(LibraryWords.of("report.mean-loss-a-move-points", profile.overall().text())));
        blocks.add(new Report.Trend(new TrendPlot(profile)));
        blocks.add(
                new Report.Text(
                        LibraryWords.of(
                                "report.points-lost-a-move-game", Sentence.begin(profile.change())),
                        Report.Tone.FADED));
        blocks.add(new Report.Heading(LibraryWords.of("report.what-to-work-on")));
        for (Profile.ThemeFigures theme : profile.worst()) {
            theme(blocks, theme, exercises.getOrDefault(theme.theme(), List.of()));
        }
        if (profile.worst().isEmpty()) {
            blocks.add(plain(LibraryWords.of("report.no-error-has-a-theme")));
        }
        blocks.add(new Report.Heading(LibraryWords.of("report.where-the-points-went")));
        blocks.add(losses(profile));
        blocks.add(kinds(profile));
        blocks.add(new Report.Heading("Openings"));
        blocks.add(openings(profile));
        String games = Counted.of(profile.games().size(), "game");
        return new Report(profile.name(), games, blocks, stamp);
    }

    private static Report.Text plain(String text) {
        return new Report.Text(text, Report.Tone.PLAIN);
    }

    private static void theme(
            List<Report.Block> blocks, Profile.ThemeFigures theme, List<String> exercises) {
        String title =
                String.format(
                        Locale.ROOT,
                        LibraryWords.of("report.missed-allowed-points-in-all"),
                        Sentence.begin(theme.theme().words()),
                        theme.missed(),
                        theme.allowed(),
                        theme.loss());
        List<Profile.Example> examples = theme.examples();
        examples.stream().findFirst().ifPresent(e -> blocks.add(card(title, e)));
        examples.stream()
                .limit(EXAMPLES)
                .skip(1)
                .forEach(e -> blocks.add(new Report.Text(title(e), Report.Tone.FADED)));
        blocks.add(
                new Report.Text(
                        exercises.isEmpty()
                                ? LibraryWords.of("report.no-exercise-of-the-library")
                                : LibraryWords.of("report.to-train", String.join(", ", exercises)),
                        Report.Tone.COACH));
    }

    private static String title(Profile.Example e) {
        return String.format(
                Locale.ROOT,
                LibraryWords.of("report.in-points"),
                e.error().at().move(),
                e.game().title(),
                e.game().date(),
                e.error().loss());
    }

    /** A theme with the diagram of its dearest example. */
    private static Report.Card card(String title, Profile.Example e) {
        List<Report.Text> words = new ArrayList<>();
        words.add(new Report.Text(title(e), Report.Tone.PLAIN));
        e.error()
                .cause()
                .ifPresent(
                        c ->
                                words.add(
                                        new Report.Text(
                                                Sentence.begin(c.words()), Report.Tone.PLAIN)));
        words.addAll(GameReport.line(e.error().position(), e.error().line()));
        Diagram diagram =
                new Diagram(
                        e.error().position(),
                        e.game().side() == Side.BLACK,
                        e.error().line().stream().findFirst());
        return new Report.Card(diagram, title, words);
    }

    private static Report.Table losses(Profile profile) {
        List<List<String>> rows = new ArrayList<>();
        profile.byPhase().forEach((phase, e) -> rows.add(row(Sentence.begin(phase.word()), e)));
        profile.bySide()
                .forEach(
                        (side, e) ->
                                rows.add(row(LibraryWords.of("report.with-2", side.word()), e)));
        if (profile.inCalm().games() > 0) {
            rows.add(row(LibraryWords.of("report.with-time-on-the-clock"), profile.inCalm()));
            rows.add(row(LibraryWords.of("report.in-time-trouble"), profile.inTrouble()));
        }
        return new Report.Table(
                List.of(LibraryWords.of("report.loss-a-move-2"), "points", "moves", "games"), rows);
    }

    private static List<String> row(String name, MeanLoss e) {
        return List.of(name, e.text(), String.valueOf(e.moves()), String.valueOf(e.games()));
    }

    private static Report.Table kinds(Profile profile) {
        List<List<String>> rows = new ArrayList<>();
        profile.byKind()
                .forEach(
                        (kind, n) ->
                                rows.add(List.of(Sentence.begin(kind.title()), String.valueOf(n))));
        return new Report.Table(List.of("Moments", "number"), rows);
    }

    private static Report.Table openings(Profile profile) {
        List<List<String>> rows =
                profile.byOpening().stream()
                        .limit(OPENINGS)
                        .map(
                                o ->
                                        List.of(
                                                o.name() + " (" + o.side().word() + ")",
                                                o.loss().text(),
                                                o.score(),
                                                String.valueOf(o.loss().games())))
                        .toList();
        return new Report.Table(
                List.of("Opening", LibraryWords.of("report.loss-a-move-3"), "score", "games"),
                rows);
    }
}
