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
import org.zeroply.desktop.texts.Texts;
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
                                Widgets.label(Texts.of("lab.how-hard-is-it-to"), "sheet-title"),
                                Widgets.spacer(),
                                Widgets.button("measure", Texts.of("lab.measure"), this::measure)),
                        text);
        session.currentProperty().addListener(o -> clear());
        clear();
    }

    private void clear() {
        text.getChildren().setAll(line(Texts.of("lab.measure-tells-how-many-moves"), "faded"));
    }

    void measure() {
        Position position = session.current().position();
        DifficultyMeter meter = new DifficultyMeter(services.marking(), DifficultyMeter.NODES);
        services.scheduler()
                .longWork(
                        Texts.of("lab.measuring"),
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
                                                ? Texts.of("lab.leads-from-the-first-look")
                                                : Texts.of(
                                                        "lab.becomes-best-at-depth-and",
                                                        d.depthFound())),
                                "plain"),
                        line(temptation(position, d), "plain"));
    }

    private static String widths(Difficulty d) {
        List<String> parts =
                d.widths().stream()
                        .map(
                                w ->
                                        Texts.of(
                                                "lab.of",
                                                Texts.of(
                                                        w.white()
                                                                ? "lab.white-keeping"
                                                                : "lab.black-keeping",
                                                        w.keeping()),
                                                w.legal(),
                                                w.isTightrope() ? Texts.of("lab.only-move") : ""))
                        .toList();
        return Texts.of(
                "lab.moves-that-keep-the-result",
                String.join(", ", parts),
                average(Texts.of("lab.on-average-white"), d.width(true)),
                average(Texts.of("lab.black"), d.width(false)));
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
                                        Texts.of("lab.tempting-but-it-leads-to"),
                                        t.changesResult() ? "wrong" : "weaker",
                                        t.untilDepth(),
                                        100 * t.loss(),
                                        Line.numbered(position, Line.start(t.refutation(), SHOWN))))
                .orElse(Texts.of("lab.no-worse-move-tempts-none"));
    }

    private static Label line(String words, String style) {
        Label label = Widgets.label(words, style);
        label.setWrapText(true);
        return label;
    }
}
