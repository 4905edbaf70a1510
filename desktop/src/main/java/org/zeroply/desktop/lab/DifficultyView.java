package org.zeroply.desktop.lab;

import java.util.List;
import java.util.Locale;
import java.util.OptionalDouble;
import javafx.scene.control.Label;
import javafx.scene.layout.VBox;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.notation.Line;
import org.zeroply.chess.notation.San;
import org.zeroply.coach.insight.Difficulty;
import org.zeroply.coach.insight.DifficultyMeter;
import org.zeroply.desktop.controls.Widgets;
import org.zeroply.desktop.work.Services;
import org.zeroply.desktop.work.TreeSession;

/** How hard the position is to play; measured when asked for. */
final class DifficultyView extends VBox {

    private static final int SHOWN = 6;

    private final Services services;
    private final TreeSession session;
    private final VBox text = new VBox(3);

    DifficultyView(Services services, TreeSession session) {
        super(6);
        this.services = services;
        this.session = session;
        setId("difficulty");
        getStyleClass().add("difficulty");
        getChildren()
                .addAll(
                        Widgets.row(
                                Widgets.label("How hard is it to play?", "sheet-title"),
                                Widgets.spacer(),
                                Widgets.button("measure", "Measure", this::measure)),
                        text);
        session.currentProperty().addListener(o -> clear());
        clear();
    }

    private void clear() {
        text.getChildren()
                .setAll(
                        line(
                                "Measure tells how many moves keep the result, how deep one must"
                                        + " look, and which wrong move tempts.",
                                "faded"));
    }

    void measure() {
        Position position = session.current().position();
        DifficultyMeter meter = new DifficultyMeter(services.marking(), DifficultyMeter.NODES);
        services.scheduler()
                .longWork(
                        "Measuring",
                        (cancellation, progress) ->
                                meter.measure(position, progress::accept, cancellation),
                        found -> {
                            services.messages().say("");
                            if (session.current().position().equals(position)) {
                                found.ifPresentOrElse(d -> show(position, d), this::clear);
                            }
                        });
    }

    private void show(Position position, Difficulty d) {
        text.getChildren()
                .setAll(
                        line(widths(d), "plain"),
                        line(
                                San.write(position, d.best().move())
                                        + (d.depthFound() <= 1
                                                ? " leads from the first look on."
                                                : " becomes best at depth "
                                                        + d.depthFound()
                                                        + " and stays so."),
                                "plain"),
                        line(temptation(position, d), "plain"));
    }

    private static String widths(Difficulty d) {
        List<String> parts =
                d.widths().stream()
                        .map(
                                w ->
                                        (w.white() ? "White " : "Black ")
                                                + w.keeping()
                                                + " of "
                                                + w.legal()
                                                + (w.isTightrope() ? " (only move)" : ""))
                        .toList();
        return "Moves that keep the result, ply by ply: "
                + String.join(", ", parts)
                + average(". On average White ", d.width(true))
                + average(", Black ", d.width(false))
                + ".";
    }

    private static String average(String who, OptionalDouble width) {
        return width.isEmpty()
                ? ""
                : String.format(Locale.ROOT, "%s%.1f", who, width.getAsDouble());
    }

    private static String temptation(Position position, Difficulty d) {
        return d.temptation()
                .map(
                        t ->
                                String.format(
                                        Locale.ROOT,
                                        "Tempting but %s: it leads to depth %d and costs %.0f"
                                                + " points of a hundred: %s",
                                        t.changesResult() ? "wrong" : "weaker",
                                        t.untilDepth(),
                                        100 * t.loss(),
                                        Line.numbered(position, Line.start(t.refutation(), SHOWN))))
                .orElse("No worse move tempts: none led on the way.");
    }

    private static Label line(String words, String style) {
        Label label = Widgets.label(words, style);
        label.setWrapText(true);
        return label;
    }
}
